"""Controls: the on-screen things that animators drag, proposed from the family, limbs and carriers, or made one by one."""

from collections.abc import Iterable, Sequence
from typing import NamedTuple

from msgspec.structs import replace

from umbrite.rig.body_words import kind_of
from umbrite.rig.change import change, get_control, get_joint, get_part, new_id, put, take_out
from umbrite.rig.errors import RigError
from umbrite.rig.family import ancestors, branch, children, is_carrier, parts_on, targets, toes, users_of
from umbrite.rig.links import add_link
from umbrite.rig.model import Choice, Control, ControlKind, ControlShape, Joint, Limb, Point, Puppet, point
from umbrite.rig.names import names_like, side_of, unique
from umbrite.rig.parts import board_from_drawing
from umbrite.rig.placing import around_parts

MOVING: frozenset[ControlKind] = frozenset({"grip", "master", "aim"})
VALUED: frozenset[ControlKind] = frozenset({"slider", "pad", "chooser"})
SHAPE_OF: dict[ControlKind, ControlShape] = {
    "grip": "leaf", "knob": "ring", "master": "crescent", "slider": "slot", "pad": "tile", "chooser": "strip", "aim": "eye",
}  # fmt: skip
KNOBS: dict[str, tuple[ControlShape, float]] = {
    "head": ("drop", 70.0),
    "neck": ("ring", 46.0),
    "trunk": ("shield", 76.0),
}
# How far eyes go, as a share of their drawing's height, and how far the aim point is pulled until they get there.
EYES_GO, AIM_GOES = 0.13, 180.0


class Proposed(NamedTuple):
    """A control that the puppet calls for. An aim point stands beside the joint `moves` until it is made, for the joints `eyes`."""

    control: Control
    eyes: tuple[str, ...] = ()


def propose_controls(puppet: Puppet) -> list[Proposed]:
    """The set that this puppet calls for, without what it has already; nothing is changed.

    Grips for what limbs reach with and for each carrier that moves limbs, knobs for head, neck and trunk, an aim point for the
    eyes of each head, and the master control.
    """
    moved = {control.moves for control in puppet.controls.values() if control.kind in MOVING}
    found = [Proposed(_limb_grip(puppet, limb)) for limb in puppet.limbs.values() if limb.target not in moved]
    for key, joint in puppet.joints.items():
        if key in moved or not is_carrier(puppet, key):
            continue
        if joint.role == "master":
            master = Control(name=joint.name, kind="master", moves=key, shape="crescent", size=260.0)
            found.append(Proposed(master))
        elif _carries_limb(puppet, key):
            found.append(Proposed(_body_grip(key, joint)))
    return [*found, *_knobs(puppet), *_aims(puppet)]


def _limb_grip(puppet: Puppet, limb: Limb) -> Control:
    name = puppet.joints[limb.end].name if limb.end else limb.name
    return Control(name=name, kind="grip", moves=limb.target, shape="leaf", side=limb.side, size=60.0)


def _body_grip(key: str, joint: Joint) -> Control:
    return Control(name=joint.name, kind="grip", moves=key, shape="shield", side=joint.side, size=84.0)


def _carries_limb(puppet: Puppet, key: str) -> bool:
    carried = set(branch(puppet, key))
    return any(limb.joints[0] in carried for limb in puppet.limbs.values())


def _knobs(puppet: Puppet) -> list[Proposed]:
    """Head, neck and trunk turn by knobs, unless a carrier moves them about the same pivot or a limb bends them."""
    taken = {control.moves for control in puppet.controls.values() if control.kind == "knob"}
    taken |= {key for limb in puppet.limbs.values() for key in (*limb.joints, limb.end) if key is not None}
    found = []
    for key, joint in puppet.joints.items():
        kind = kind_of(joint.name)
        if kind not in KNOBS or key in taken or not parts_on(puppet, key) or joint.parent is None:
            continue
        if any(abs(puppet.joints[up].pivot.z - joint.pivot.z) < 1 for up in ancestors(puppet, key)):
            continue
        shape, size = KNOBS[kind]
        at = middle_of(puppet, key)
        if kind == "neck":
            at = joint.pivot.z
        else:  # on the chest, out of the way of the hips; on the brow, where it does not hide the face
            at = joint.pivot.z + (1.35 if kind == "trunk" else 1.9) * (at - joint.pivot.z)
        offset = point(at - joint.pivot.z)
        found.append(Proposed(Control(joint.name, "knob", key, shape, offset, size, joint.side)))
    return found


def _aims(puppet: Puppet) -> list[Proposed]:
    """One aim point for the eyes that hang from the same joint; pupils count before the eyes that they lie on."""
    driven = {link.drives.partition(".")[0] for link in puppet.links.values()}
    heads: dict[str, list[str]] = {}
    for key, joint in puppet.joints.items():
        if kind_of(joint.name) in {"eye", "pupil"} and joint.parent is not None and parts_on(puppet, key):
            heads.setdefault(joint.parent, []).append(key)
    found = []
    for head, eyes in heads.items():
        pupils = [key for key in eyes if kind_of(puppet.joints[key].name) == "pupil"]
        chosen = [key for key in pupils or eyes if key not in driven]
        if not chosen or kind_of(puppet.joints[head].name) == "pupil":
            continue
        middle = sum(middle_of(puppet, key) for key in chosen) / len(chosen)
        ahead = 1 if middle.real >= middle_of(puppet, head).real else -1
        wide = max((puppet.parts[part].drawing.width for part in parts_on(puppet, head)), default=200)
        at = complex(middle.real + ahead * 0.75 * wide, middle.imag)
        name = f"{puppet.joints[head].name} look" if len(heads) > 1 else "Look"
        aim = Control(name, "aim", head, "eye", point(at - puppet.joints[head].pivot.z), 54.0)
        found.append(Proposed(aim, tuple(chosen)))
    return found


def middle_of(puppet: Puppet, key: str) -> complex:
    """The middle of a joint's drawings on the board at rest, or its pivot where it has none."""
    parts = [puppet.parts[part] for part in parts_on(puppet, key)]
    if not parts:
        return puppet.joints[key].pivot.z
    middles = [
        complex(board_from_drawing(part.placement)(complex(part.drawing.width, part.drawing.height) / 2))
        for part in parts
    ]
    return sum(middles) / len(middles)


def make_proposed(puppet: Puppet, proposed: Iterable[Proposed]) -> tuple[Puppet, list[str]]:
    """Put proposed controls on the puppet; aim points get a joint of their own and links to the eyes."""
    made = []
    for control, eyes in proposed:
        if control.kind == "aim":
            puppet, control = _with_aim(puppet, control, eyes)  # noqa: PLW2901  the control as it will be
        puppet, keys = add_controls(puppet, [control])
        made += keys
    return puppet, made


def _with_aim(puppet: Puppet, control: Control, eyes: Sequence[str]) -> tuple[Puppet, Control]:
    head = get_joint(puppet, control.moves)
    puppet, key = new_id(puppet, "j")
    name = unique(f"{control.name} point", names_like(puppet, "j"))
    at = point(head.pivot.z + control.offset.z)
    puppet = put(puppet, key, Joint(name=name, pivot=at, parent=control.moves, pivot_set=True))
    for eye in eyes:
        heights = [puppet.parts[part].drawing.height for part in parts_on(puppet, eye)]
        far = max(3.0, EYES_GO * max(heights, default=40))
        # Beyond the point where the eyes have gone all the way they stay there.
        curve = [(-2 * AIM_GOES, -far), (-AIM_GOES, -far), (AIM_GOES, far), (2 * AIM_GOES, far)]
        for axis in "xy":
            puppet, link = add_link(puppet, f"{key}.{axis}", f"{eye}.{axis}", curve)
            name = f"{puppet.joints[eye].name} {'across' if axis == 'x' else 'upright'}"
            puppet = change(puppet, link, name=unique(name, names_like(puppet, "k")))
    return puppet, replace(control, moves=key, offset=Point(0.0, 0.0))


def add_controls(puppet: Puppet, controls: Iterable[Control]) -> tuple[Puppet, list[str]]:
    """Put controls on the puppet, names made unique. Refuses two that move the same thing, or two that turn it."""
    made = []
    for control in controls:
        get_joint(puppet, control.moves)
        if other := next((c for c in puppet.controls.values() if _same_work(c, control)), None):
            raise RigError(
                f"{other.name} moves that already; remove it before another control takes its place."
            )
        puppet, key = new_id(puppet, "c")
        name = unique(control.name, names_like(puppet, "c"))
        puppet = put(puppet, key, replace(control, name=name))
        made.append(key)
    return puppet, made


def _same_work(one: Control, other: Control) -> bool:
    both = {one.kind, other.kind}
    return one.moves == other.moves and (both <= MOVING or both == {"knob"})


def make_control(
    puppet: Puppet, kind: ControlKind, joint: str, at: complex | None = None
) -> tuple[Puppet, str]:
    """One control for a joint: moving or turning it, or standing beside it with a value of its own.

    `at` is its board point at rest; without it, it stands on the pivot, or beside the art where it has a value. A slider is
    linked to the joint's turn at once, over its limit where it has one, a pad to its place.
    """
    item = get_joint(puppet, joint)
    if kind in {"knob", "slider", "pad"} and joint in {*targets(puppet), *toes(puppet)} and kind == "knob":
        raise RigError(
            f"{item.name} is what a limb reaches for; a grip moves it. Make a grip instead of a knob."
        )
    place = at
    if place is None:
        place = item.pivot.z if kind in MOVING or kind == "knob" else _beside_art(puppet)
    name = item.name if kind in MOVING or kind == "knob" else f"{item.name} {kind}"
    side = item.side if item.side != "middle" else side_of(item.name)
    size = {"slider": 120.0, "pad": 90.0, "chooser": 120.0}.get(kind, 60.0)
    # What has a value of its own stands on what carries the joint, so that it does not turn with what it turns.
    stands = joint if kind in MOVING or kind == "knob" or item.parent is None else item.parent
    offset = point(place - puppet.joints[stands].pivot.z)
    control = Control(name, kind, stands, SHAPE_OF[kind], offset, size, side)
    puppet, (key,) = add_controls(puppet, [control])
    if kind == "slider":
        small, large = (item.limit.smallest, item.limit.largest) if item.limit else (-0.7, 0.7)
        curve = [(-1.0, small), (0.0, 0.0), (1.0, large)]
        puppet, _ = add_link(puppet, f"{key}.value", f"{joint}.turn", curve)
    elif kind == "pad":
        for channel, axis in (("value", "x"), ("value_y", "y")):
            puppet, _ = add_link(puppet, f"{key}.{channel}", f"{joint}.{axis}", [(-1.0, -40.0), (1.0, 40.0)])
    return puppet, key


def _beside_art(puppet: Puppet) -> complex:
    """A free place to the right of the art, one below the other."""
    box = around_parts(puppet, puppet.order)
    count = sum(control.kind in VALUED for control in puppet.controls.values())
    return complex(box.right + 90, box.top + 80 + 110 * count)


def make_chooser(puppet: Puppet, parts: Sequence[str]) -> tuple[Puppet, str]:
    """A chooser that shows one of several parts; at rest the first of them. It stands beside what carries the first part."""
    if len(parts) < 2:
        raise RigError("A chooser needs two or more parts to choose from. Select them with Shift first.")
    for key in parts:
        get_part(puppet, key)
    taken = {part for c in puppet.controls.values() for choice in c.choices for part in choice.parts}
    if again := next((key for key in parts if key in taken), None):
        raise RigError(
            f"{puppet.parts[again].name} belongs to a chooser already. Leave it out, or remove that first."
        )
    joint = puppet.parts[parts[0]].joint
    puppet, key = make_control(puppet, "chooser", joint)
    names = [puppet.parts[part].name for part in parts]
    choices = tuple(Choice(name, (part,)) for name, part in zip(names, parts, strict=True))
    name = unique(
        f"{names[0]} chooser", [n for n in names_like(puppet, "c") if n != puppet.controls[key].name]
    )
    return change(puppet, key, choices=choices, name=name), key


def span_of(control: Control) -> tuple[Point, Point]:
    """The smallest and largest values of a slider, a pad or a chooser."""
    if control.kind == "chooser":
        return Point(0.0, 0.0), Point(max(len(control.choices) - 1, 0), 0.0)
    return control.least or Point(-1.0, -1.0), control.most or Point(1.0, 1.0)


def set_range(puppet: Puppet, key: str, **ends: float | None) -> Puppet:
    """Change ends of a control's range: `least_x`, `most_x`, `least_y`, `most_y`; swapped ends are put right."""
    control = get_control(puppet, key)
    far = 1.0 if control.kind in VALUED else 1e4
    least, most = control.least or Point(-far, -far), control.most or Point(far, far)
    x = sorted((_end(ends, "least_x", least.x), _end(ends, "most_x", most.x)))
    y = sorted((_end(ends, "least_y", least.y), _end(ends, "most_y", most.y)))
    return change(puppet, key, least=Point(x[0], y[0]), most=Point(x[1], y[1]))


def _end(ends: dict[str, float | None], name: str, before: float) -> float:
    given = ends.get(name)
    return before if given is None else float(given)


def remove_control(puppet: Puppet, key: str) -> Puppet:
    """Take a control away; what it moved stays where it is. An aim point's own joint and links go with it."""
    control = get_control(puppet, key)
    puppet = take_out(puppet, key)
    bare = control.kind == "aim" and not (
        parts_on(puppet, control.moves) or children(puppet, control.moves) or users_of(puppet, control.moves)
    )
    return take_out(puppet, control.moves) if bare else puppet


def control_at_rest(puppet: Puppet, control: Control) -> complex:
    """Where a control stands at rest: its offset from the pivot of what it moves."""
    return puppet.joints[control.moves].pivot.z + control.offset.z

"""Controls: the on-screen things that animators drag, proposed from the family, limbs and carriers, or made one by one."""

from collections.abc import Iterable

from msgspec.structs import replace

from umbrite.rig.change import change, get_control, get_joint, names_like, new_id, put, take_out
from umbrite.rig.control_kinds import CONTROL_KINDS, MOVING, control_at_rest, traits
from umbrite.rig.edits.links import add_link
from umbrite.rig.edits.variants.sets import get_set
from umbrite.rig.errors import RigError
from umbrite.rig.family import branch, children, parts_on, targets, toes, users_of
from umbrite.rig.model import Control, ControlKind, Point, Puppet, Variant, VariantSet, point
from umbrite.rig.placement import around_parts
from umbrite.rig.words.names import side_of, unique


def add_controls(puppet: Puppet, controls: Iterable[Control]) -> tuple[Puppet, list[str]]:
    """Put controls on the puppet, names made unique. Refuses two that move the same thing, or two that turn it."""
    made = []
    for control in controls:
        get_joint(puppet, control.moves)
        if other := next((c for c in puppet.controls.values() if _same_work(c, control)), None):
            raise RigError(f"{other.name} moves that already; remove it before another control takes its place.")
        puppet, key = new_id(puppet, "control")
        name = unique(control.name, names_like(puppet, "control"))
        puppet = put(puppet, key, replace(control, name=name))
        made.append(key)
    return puppet, made


def _same_work(one: Control, other: Control) -> bool:
    both = {one.kind, other.kind}
    return one.moves == other.moves and (both <= MOVING or both == {"knob"})


def make_control(
    puppet: Puppet, kind: ControlKind, joint: str, at: complex | None = None, *, linked: bool = True
) -> tuple[Puppet, str]:
    """One control for a joint: moving or turning it, or standing beside it with a value of its own.

    `at` is its board point at rest; without it, it stands on the pivot, or beside the art where it has a value. A slider is
    linked to the joint's turn at once, over its limit where it has one, a pad to its place.
    Refuses knobs and the like for targets.
    """
    item = get_joint(puppet, joint)
    if kind == "knob" and joint in {*targets(puppet), *toes(puppet)}:
        raise RigError(f"{item.name} is what a limb reaches for; a grip moves it. Make a grip instead of a knob.")
    of = CONTROL_KINDS[kind]
    if of.bows and not any(joint in limb.joints[1:] for limb in puppet.limbs.values()):
        raise RigError(
            f"{item.name} is no inner joint of a limb, so there is nothing to bow out. Choose one in the middle of a limb."
        )
    place = at
    if place is None:
        place = _beside_art(puppet) if of.beside else item.pivot.z
    name = f"{item.name} {kind}" if of.beside else item.name
    side = item.side if item.side != "middle" else side_of(item.name)
    # What has a value of its own stands on what carries the joint, so that it does not turn with what it turns.
    stands = item.parent if of.beside and item.parent is not None else joint
    offset = point(place - puppet.joints[stands].pivot.z)
    control = Control(name, kind, stands, of.shape, offset, of.size, side)
    puppet, (key,) = add_controls(puppet, [control])
    if not linked:
        return puppet, key
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
    count = sum(bool(traits(control).beside) for control in puppet.controls.values())
    return complex(box.right + 90, box.top + 80 + 110 * count)


def make_chooser(puppet: Puppet, key: str) -> tuple[Puppet, str]:
    """A chooser that names a set and stands beside what it chooses. Refuses a set that has one already, and one with nothing in it."""
    one = get_set(puppet, key)
    if any(control.chooses == key for control in puppet.controls.values()):
        raise RigError(f"{one.name} has a chooser already. Select that one.")
    spots = [control_at_rest(puppet, control) for control in puppet.controls.values()]
    control = chooser_of(puppet, key, spots)
    if control is None:
        raise RigError(f"No variant of {one.name} has anything to stand beside. Add drawings to it first.")
    puppet, (made,) = add_controls(puppet, [control])
    return puppet, made


def chooser_of(puppet: Puppet, key: str, spots: Iterable[complex]) -> Control | None:
    """A chooser for a set as it would be made, out of the way of `spots`, board points; None for a set with nothing in it.

    It travels with what carries the set's first drawing, and stands outside of that, at the height of what it chooses.
    """
    one = get_set(puppet, key)
    first = next((variant for variant in one.variants if variant.parts or variant.joints), None)
    if first is None:
        return None
    stands = _carrying(puppet, one, first)
    parts = [
        *first.parts,
        *(part for joint in first.joints for each in branch(puppet, joint) for part in parts_on(puppet, each)),
    ]
    beside = around_parts(puppet, [*parts_on(puppet, stands), *parts] or puppet.order)
    own = around_parts(puppet, parts) if parts else beside
    of, room = CONTROL_KINDS["chooser"], 30.0
    size = max(of.size, 50.0 * len(one.variants))  # a strip of cells, one for each variant
    across = size / 2 + room
    left = own.left + own.right < beside.left + beside.right - 1
    at = complex(beside.left - across if left else beside.right + across, (own.top + own.bottom) / 2)
    taken = list(spots)
    while any(abs(at.real - z.real) < size and abs(at.imag - z.imag) < 2 * room for z in taken):
        at += 2j * room
    offset = point(at - puppet.joints[stands].pivot.z)
    side = side_of(one.name)
    return Control(one.name, "chooser", stands, of.shape, offset, size, side, chooses=key)


def _carrying(puppet: Puppet, one: VariantSet, first: Variant) -> str:
    """What carries a set: the joint of its drawings, or what that hangs from where it has nothing else, or what the branches hang from."""
    joint = puppet.parts[first.parts[0]].joint if first.parts else first.joints[0]
    own = {part for variant in one.variants for part in variant.parts}
    if first.parts and not own >= set(parts_on(puppet, joint)):
        return joint
    return puppet.joints[joint].parent or joint


def set_range(puppet: Puppet, key: str, **ends: float | None) -> Puppet:
    """Change ends of a control's range: `least_x`, `most_x`, `least_y`, `most_y`; swapped ends are put right."""
    control = get_control(puppet, key)
    far = 1.0 if traits(control).beside else 1e4
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

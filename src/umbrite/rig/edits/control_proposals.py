"""The controls that a puppet calls for, found from its family, limbs and carriers, and made."""

from collections.abc import Iterable, Sequence
from typing import NamedTuple

from msgspec.structs import replace

from umbrite.rig.change import change, get_joint, names_like, new_id, put
from umbrite.rig.control_kinds import control_at_rest, traits
from umbrite.rig.driving.rules import driven_channels
from umbrite.rig.edits.controls import add_controls, chooser_of
from umbrite.rig.edits.links import add_link
from umbrite.rig.edits.parenting import carry_together
from umbrite.rig.family import ancestors, body_carrier, body_joint, branch, is_carrier, loose_bodies, parts_on
from umbrite.rig.ids import owner_of
from umbrite.rig.model import Control, Joint, Limb, Point, Puppet, point
from umbrite.rig.placement import middle_of
from umbrite.rig.remembered import remembered
from umbrite.rig.words.body_words import kind_of
from umbrite.rig.words.names import first_free, unique

# What turns looks like what turns: a ring with its flag. Widths on the screen, in pixels.
KNOBS: dict[str, float] = {"head": 34.0, "neck": 26.0, "trunk": 34.0}
GRIP_SIZE, BODY_SIZE, MASTER_SIZE, AIM_SIZE, BOW_SIZE = 28.0, 38.0, 110.0, 28.0, 22.0


# How far eyes go, as a share of their drawing's height, and how far the aim point is pulled until they get there.
EYES_GO, AIM_GOES = 0.13, 180.0


class Proposed(NamedTuple):
    """A control that the puppet calls for. An aim point stands beside the joint `moves` until it is made, for the joints `eyes`.

    A grip for the body may need a carrier that is not there yet: it is put over the joints `over`, and nothing moves.
    """

    control: Control
    eyes: tuple[str, ...] = ()
    over: tuple[str, ...] = ()


@remembered
def propose_controls(puppet: Puppet) -> tuple[Proposed, ...]:
    """The set that this puppet calls for, without what it has already; nothing is changed.

    Grips for what limbs reach with, for the body over its planted feet and for each carrier that moves limbs, knobs for head, neck and
    trunk, an aim point for the eyes of each head, a chooser beside each set of variants, and the master control.
    """
    moved = {control.moves for control in puppet.controls.values() if traits(control).moves}
    found = [Proposed(_limb_grip(puppet, limb)) for limb in puppet.limbs.values() if limb.target not in moved]
    for key, joint in puppet.joints.items():
        if key in moved or not is_carrier(puppet, key):
            continue
        if joint.role == "master":
            master = Control(joint.name, "master", key, "crescent", size=MASTER_SIZE, on_screen=True)
            found.append(Proposed(master))
        elif _carries_limb(puppet, key):
            found.append(Proposed(_body_grip(key, joint)))
    found += _bows(puppet)
    found += [*_body(puppet, moved), *_knobs(puppet), *_aims(puppet)]
    return (*found, *_choosers(puppet, [each.control for each in found]))


def _bows(puppet: Puppet) -> list[Proposed]:
    """A bow grip in the middle of each long limb that a part bends over, and that may stretch."""
    bent = {key for part in puppet.parts.values() if part.mesh is not None for key in part.mesh.joints}
    known = {control.moves for control in puppet.controls.values() if traits(control).bows}
    found = []
    for limb in puppet.limbs.values():
        middle = limb.joints[len(limb.joints) // 2]
        if len(limb.joints) > 3 and limb.stretch > 0 and middle in bent and known.isdisjoint(limb.joints):
            name = f"{limb.name} bow"
            found.append(Proposed(Control(name, "bow", middle, "drop", size=BOW_SIZE, side=limb.side, on_screen=True)))
    return found


def _choosers(puppet: Puppet, proposed: Sequence[Control]) -> list[Proposed]:
    """A chooser beside what each set of variants shows, where there is none yet."""
    spots = [control_at_rest(puppet, control) for control in (*puppet.controls.values(), *proposed)]
    named = {control.chooses for control in puppet.controls.values()}
    found = []
    for key in puppet.sets:
        if key not in named and (control := chooser_of(puppet, key, spots)) is not None:
            spots.append(control_at_rest(puppet, control))
            found.append(Proposed(control))
    return found


def _body(puppet: Puppet, moved: set[str]) -> list[Proposed]:
    """A grip that moves the body, with a carrier for it where there is none; nothing where one moves all of it already."""
    if body_carrier(puppet) is not None:
        return []  # it has been proposed with the other carriers, or has its grip
    body = body_joint(puppet)
    over = (body,) if body is not None else tuple(loose_bodies(puppet))
    if not over or any(_moved_alone(puppet, key, moved) for key in over):
        return []
    pivots = [puppet.joints[key].pivot.z for key in over]
    first, offset = puppet.joints[over[0]].pivot.z, sum(pivots) / len(pivots)
    name = first_free(("Body", "Whole body"), names_like(puppet, "joint"))
    grip = Control(name, "grip", over[0], "shield", point(offset - first), size=BODY_SIZE, on_screen=True)
    return [Proposed(grip, over=over)]


def _moved_alone(puppet: Puppet, key: str, moved: set[str]) -> bool:
    """Whether something below the master moves a joint already."""
    up = [k for k in (key, *ancestors(puppet, key)) if puppet.joints[k].role != "master"]
    return any(k in moved for k in up)


def _limb_grip(puppet: Puppet, limb: Limb) -> Control:
    name = puppet.joints[limb.end].name if limb.end else limb.name
    return Control(
        name=name, kind="grip", moves=limb.target, shape="leaf", side=limb.side, size=GRIP_SIZE, on_screen=True
    )


def _body_grip(key: str, joint: Joint) -> Control:
    return Control(
        name=joint.name, kind="grip", moves=key, shape="shield", side=joint.side, size=BODY_SIZE, on_screen=True
    )


def _carries_limb(puppet: Puppet, key: str) -> bool:
    carried = set(branch(puppet, key))
    return any(limb.joints[0] in carried for limb in puppet.limbs.values())


def _knobs(puppet: Puppet) -> list[Proposed]:
    """Head, neck and trunk turn by knobs, unless a carrier moves them about the same pivot or a limb bends them."""
    taken = {control.moves for control in puppet.controls.values() if traits(control).turns}
    taken |= {key for limb in puppet.limbs.values() for key in (*limb.joints, limb.end) if key is not None}
    found = []
    for key, joint in puppet.joints.items():
        kind = kind_of(joint.name)
        if kind not in KNOBS or key in taken or not parts_on(puppet, key) or joint.parent is None:
            continue
        if any(abs(puppet.joints[up].pivot.z - joint.pivot.z) < 1 for up in ancestors(puppet, key)):
            continue
        at = middle_of(puppet, key)
        if kind == "neck":
            at = joint.pivot.z
        else:  # on the chest, out of the way of the hips; on the brow, where it does not hide the face
            at = joint.pivot.z + (1.35 if kind == "trunk" else 1.9) * (at - joint.pivot.z)
        offset = point(at - joint.pivot.z)
        found.append(
            Proposed(Control(joint.name, "knob", key, "ring", offset, KNOBS[kind], joint.side, on_screen=True))
        )
    return found


def _aims(puppet: Puppet) -> list[Proposed]:
    """One aim point for the eyes that hang from the same joint; pupils count before the eyes that they lie on."""
    driven = {owner_of(name) for name in driven_channels(puppet)}
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
        aim = Control(name, "aim", head, "eye", point(at - puppet.joints[head].pivot.z), AIM_SIZE, on_screen=True)
        found.append(Proposed(aim, tuple(chosen)))
    return found


def grip_limbs(puppet: Puppet, limbs: Iterable[str]) -> tuple[Puppet, list[str]]:
    """A grip for what each of these limbs reaches for, of the kind that is proposed. The controls' ids."""
    return add_controls(puppet, [_limb_grip(puppet, puppet.limbs[key]) for key in limbs])


def make_proposed(puppet: Puppet, proposed: Iterable[Proposed]) -> tuple[Puppet, list[str]]:
    """Put proposed controls on the puppet; aim points get a joint of their own and links to the eyes."""
    made = []
    for control, eyes, over in proposed:
        if control.kind == "aim":
            puppet, control = _with_aim(puppet, control, eyes)  # noqa: PLW2901  the control as it will be
        elif over:
            at = puppet.joints[control.moves].pivot.z + control.offset.z
            puppet, carrier = carry_together(puppet, over, control.name, at)
            control = replace(control, moves=carrier, offset=Point(0.0, 0.0))  # noqa: PLW2901
        puppet, keys = add_controls(puppet, [control])
        made += keys
    return puppet, made


def _with_aim(puppet: Puppet, control: Control, eyes: Sequence[str]) -> tuple[Puppet, Control]:
    head = get_joint(puppet, control.moves)
    puppet, key = new_id(puppet, "joint")
    name = unique(f"{control.name} point", names_like(puppet, "joint"))
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
            puppet = change(puppet, link, name=unique(name, names_like(puppet, "link")))
    return puppet, replace(control, moves=key, offset=Point(0.0, 0.0))

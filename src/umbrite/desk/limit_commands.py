"""What actions do to limbs and limits: a joint more, presets, the other arc, the other side, copies to many."""

import math
from collections.abc import Callable

from umbrite.desk.commands import chosen_limbs, label_of
from umbrite.desk.gestures.building import trial_of
from umbrite.desk.session import Session
from umbrite.rig.angles import angle_text
from umbrite.rig.edits.limbs import extend_limb, make_limb
from umbrite.rig.edits.limits import copied_to, hinge, other_arc, set_limit, to_other_side
from umbrite.rig.edits.parenting import set_parent
from umbrite.rig.model import Limit, Puppet

HINGE = math.radians(120)


def _for_all(session: Session, step: str, edit: Callable[[Puppet, str], Puppet]) -> None:
    puppet, keys = session.puppet, session.selected("j")
    for key in keys:
        puppet = edit(puppet, key)
    session.edit(f"{step} of {label_of(session, keys)}", puppet=puppet)


def either_way(degrees: float) -> Callable[[Session], None]:
    angle = math.radians(degrees)
    return lambda session: _for_all(
        session, f"Limit {degrees:.0f}° either way", lambda p, k: set_limit(p, k, -angle, angle)
    )


def hinge_one_way(session: Session) -> None:
    _for_all(session, "Hinge", lambda p, k: hinge(p, k, HINGE))


def inside_out(session: Session) -> None:
    _for_all(session, "Other arc", other_arc)


def mirrored_to_other_side(session: Session) -> None:
    _for_all(session, "Limit mirrored to the other side", lambda p, k: to_other_side(p, k, mirrored=True))


def same_on_other_side(session: Session) -> None:
    _for_all(session, "Limit on the other side", lambda p, k: to_other_side(p, k, mirrored=False))


def copy_to_all(session: Session) -> None:
    """The limit of the joint that was selected first, for all that are selected."""
    first, *others = session.selected("j")
    puppet = copied_to(session.puppet, first, others)
    session.edit(f"Limit of {session.puppet.joints[first].name} for {len(others)} more", puppet=puppet)


def needs_several_joints(session: Session) -> str:
    return (
        ""
        if len(session.selected("j")) > 1
        else "Select the joint that has the limit first, then others with Shift."
    )


def extend(session: Session) -> None:
    """Take the end of the selected limb into it."""
    key = chosen_limbs(session)[0]
    limb = session.puppet.limbs[key]
    puppet = extend_limb(session.puppet, key)
    session.edit(f"Extend {limb.name}", puppet=puppet)
    session.select([key])
    session.say(
        f"{limb.name} bends in {len(puppet.limbs[key].joints)} joints now; its target stands at the new tip."
    )


def wheel(session: Session, key: str, end: str, degrees: float) -> None:
    """The wheel over an end of a fan: so many degrees outwards (positive) or inwards."""
    joint = session.puppet.joints[key]
    limit = joint.limit or Limit(-math.pi / 4, math.pi / 4)
    ends = {"smallest": limit.smallest, "largest": limit.largest}
    step = math.radians(degrees)
    if end == "smallest":
        ends[end] = min(0.0, max(-math.pi, ends[end] - step))
    else:
        ends[end] = max(0.0, min(math.pi, ends[end] + step))
    session.edit(
        f"Limit {joint.name}", puppet=set_limit(session.puppet, key, ends["smallest"], ends["largest"])
    )
    session.preview(trial=trial_of(session, key, ends[end]))
    session.say(f"{joint.name}: {angle_text(ends[end])}")


def needs_two_joints(session: Session) -> str:
    return (
        ""
        if len(session.selected("j")) == 2
        else "Select both ends of the limb first, such as shoulder and wrist."
    )


def limb_between(session: Session) -> None:
    """A limb between the two selected joints, in any order."""
    one, other = session.selected("j")
    puppet, key = make_limb(session.puppet, one, other)
    session.edit(f"Make limb {puppet.limbs[key].name}", puppet=puppet)
    session.go_to("Limbs")
    session.select([key])


def hang_from_last(session: Session) -> None:
    """Hang all selected joints from the one that was selected last."""
    *keys, parent = session.selected("j")
    name = session.puppet.joints[parent].name
    session.edit(
        f"Hang {label_of(session, keys)} from {name}", puppet=set_parent(session.puppet, keys, parent)
    )

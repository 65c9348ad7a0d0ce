"""Limits: presets, the other arc, the other side, copies to many, the wheel."""

import math
from collections.abc import Callable

from umbrite.desk.commands.labels import label_of
from umbrite.desk.session.session import Session
from umbrite.desk.theme.language import tr
from umbrite.motion.posing import trial_of
from umbrite.rig.edits.limits import copied_to, free_limit, hinge, other_arc, set_limit, to_other_side
from umbrite.rig.model import Limit, Puppet
from umbrite.rig.quantities.angles import MOST_TURN, angle_text


def free_limits(session: Session) -> None:
    puppet = session.puppet
    keys = [key for key in session.selection.of("joint") if puppet.joints[key].limit]
    for key in keys:
        puppet = free_limit(puppet, key)
    session.edit(tr("Remove limit of {keys}", keys=label_of(session, keys)), puppet=puppet)


HINGE = math.radians(120)


def _for_all(session: Session, step: str, edit: Callable[[Puppet, str], Puppet]) -> None:
    puppet, keys = session.puppet, session.selection.of("joint")
    for key in keys:
        puppet = edit(puppet, key)
    session.edit(tr("{step} of {keys}", step=step, keys=label_of(session, keys)), puppet=puppet)


def either_way(degrees: float) -> Callable[[Session], None]:
    angle = math.radians(degrees)
    return lambda session: _for_all(
        session,
        tr("Limit {degrees}° either way", degrees=f"{degrees:.0f}"),
        lambda p, k: set_limit(p, k, -angle, angle),
    )


def hinge_one_way(session: Session) -> None:
    _for_all(session, tr("Hinge"), lambda p, k: hinge(p, k, HINGE))


def inside_out(session: Session) -> None:
    _for_all(session, tr("Invert limit"), other_arc)


def mirrored_to_other_side(session: Session) -> None:
    _for_all(session, "Limit mirrored to the other side", lambda p, k: to_other_side(p, k, mirrored=True))


def same_on_other_side(session: Session) -> None:
    _for_all(session, tr("Limit on the other side"), lambda p, k: to_other_side(p, k, mirrored=False))


def copy_to_all(session: Session) -> None:
    """The limit of the joint that was selected first, for all that are selected."""
    first, *others = session.selection.of("joint")
    puppet = copied_to(session.puppet, first, others)
    session.edit(
        tr("Limit of {name} for {count} more", name=session.puppet.joints[first].name, count=len(others)), puppet=puppet
    )


def needs_several_joints(session: Session) -> str:
    return (
        ""
        if len(session.selection.of("joint")) > 1
        else tr("Select the joint that has the limit first, then others with Shift.")
    )


def wheel(session: Session, key: str, end: str, degrees: float) -> None:
    """The wheel over an end of a fan: so many degrees outwards (positive) or inwards."""
    joint = session.puppet.joints[key]
    limit = joint.limit or Limit(-math.pi / 4, math.pi / 4)
    ends = {"smallest": limit.smallest, "largest": limit.largest}
    step = math.radians(degrees)
    if end == "smallest":
        ends[end] = min(0.0, max(-MOST_TURN, ends[end] - step))
    else:
        ends[end] = max(0.0, min(MOST_TURN, ends[end] + step))
    session.edit(
        tr("Limit {name}", name=joint.name), puppet=set_limit(session.puppet, key, ends["smallest"], ends["largest"])
    )
    session.preview(trial=trial_of(session.puppet, key, ends[end]))
    session.say(f"{joint.name}: {angle_text(ends[end])}")

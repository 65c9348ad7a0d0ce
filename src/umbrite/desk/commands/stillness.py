"""Edits that should move nothing: the pose is carried over, and what has moved all the same is told."""

import numpy as np
from msgspec.structs import replace

from umbrite.desk.commands.labels import some_names
from umbrite.desk.session.session import Session
from umbrite.desk.theme.language import tr
from umbrite.motion.animating.stepping import channels_over
from umbrite.motion.evaluate import Placed, evaluate
from umbrite.motion.plan import Plan, compile_plan
from umbrite.motion.rest_changes.carrying import carried, how_far
from umbrite.rig.document import Document
from umbrite.rig.merging.guests import refuse_inside
from umbrite.rig.model import Puppet
from umbrite.rig.takes.take import Take

TOLD = 0.5  # board pixels; less is not seen
FRAMES = 12  # of a take are looked at


def rewire(session: Session, step: str, puppet: Puppet) -> str:
    """One step of undo that puts the rig together otherwise, in which the pose of Rehearse goes on to show what it shows.

    Returns a sentence about what has moved all the same: a pose that no target gives, or takes, whose keys stay as they are.
    """
    before = session.history.now
    refuse_inside(before.puppet, puppet)
    pose = before.pose
    if pose and puppet is not before.puppet:
        pose = carried(evaluate(compile_plan(before.puppet), pose), pose, puppet)
    session.edit(step, whole=replace(before, puppet=puppet, pose=pose))
    return moved_text(before, session.history.now)


def tell(session: Session, before: Document, *, still: bool = False) -> None:
    """Say what an edit has moved that is not seen where one works; all that has moved where it should be `still`."""
    if text := moved_text(before, session.history.now, shown=session.workspace.station.posed and not still):
        session.say(text)


def moved_text(before: Document, now: Document, *, shown: bool = False) -> str:
    """What an edit moved in the pose of Rehearse (unless that is `shown`) and in takes, in a sentence; empty where nothing did."""
    same = now.puppet is before.puppet and now.pose is before.pose
    if same or not (before.pose or before.takes):
        return ""
    plans = compile_plan(before.puppet), compile_plan(now.puppet)
    in_pose = 0.0 if shown else how_far(evaluate(plans[0], before.pose), evaluate(plans[1], now.pose))
    told = [tr("in the pose up to {far} px", far=f"{in_pose:.0f}")] if in_pose > TOLD else []
    takes = [
        one.name
        for one, other in zip(before.takes, now.takes, strict=False)
        if how_far(_played(plans[0], one), _played(plans[1], other)) > TOLD
    ]
    told += [tr("in {takes}, which may need a look", takes=some_names(takes))] if takes else []
    return tr("Nothing has moved at rest, but {what}.", what=tr(" and ").join(told)) if told else ""


def _played(plan: Plan, take: Take) -> Placed:
    """A few frames of a take, as its keys have them."""
    frames = np.linspace(take.first, take.last, FRAMES)
    return evaluate(plan, {"": np.zeros(FRAMES), **channels_over(take, plan.puppet, frames)})

"""From a take to where everything is: its keys, and what hangs loose swinging after them. One way for window, export and command line."""

import numpy as np
from numpy.typing import ArrayLike, NDArray

from umbrite.motion.animating.stepping import channels_over, pose_of_take
from umbrite.motion.animating.swinging import Swings, swings_of
from umbrite.motion.evaluate import evaluate
from umbrite.motion.placed import Placed
from umbrite.motion.plan import Plan, compile_plan
from umbrite.rig.channels import with_values
from umbrite.rig.model import Pose, Puppet
from umbrite.rig.takes.take import Take

Floats = NDArray[np.float64]


def placed_over(take: Take, puppet: Puppet, frames: ArrayLike) -> Placed:
    """Everything placed at frames of a take, as many as there are, also of a take without keys."""
    at = np.atleast_1d(np.asarray(frames, dtype=np.float64))
    channels = channels_over(take, puppet, at) or {
        "": np.zeros(len(at))
    }  # what has no name moves nothing, and there are as many frames
    return evaluate(plan_at(take, puppet, at), channels)


def plan_at(take: Take, puppet: Puppet, frames: ArrayLike) -> Plan:
    """The puppet's plan with what hangs loose swung as it is at frames of a take."""
    plan = compile_plan(puppet)
    swings = swings_of(take, puppet)
    return plan._replace(swing=swing_at(swings, take, frames)) if swings.offsets else plan


def swing_at(swings: Swings, take: Take, frames: ArrayLike) -> dict[str, Floats]:
    """How far loose joints have swung at frames, by the names of their turns, radians, shape (n,)."""
    at = np.atleast_1d(np.asarray(frames, dtype=np.float64))
    first, last = float(take.first), float(take.last)
    at = first + np.mod(at - first, last - first) if take.loop else np.clip(at, first, last)
    return {f"{key}.turn": np.interp(at, swings.frames, found) for key, found in swings.offsets.items()}


def played_pose(take: Take, puppet: Puppet, frame: float) -> Pose:
    """The pose that shows what a take shows at one frame: its keys, and what hangs loose turned as it has swung."""
    pose = pose_of_take(take, puppet, frame)
    swung = swing_at(swings_of(take, puppet), take, [frame])
    return with_values(pose, {name: pose.get(name, 0.0) + float(by[0]) for name, by in swung.items()})

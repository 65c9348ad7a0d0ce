"""The channels of a take over its frames: its keys, and where it walks after its master, the steps for the way that has gone."""

import numpy as np
from msgspec.structs import replace
from numpy.typing import ArrayLike, NDArray

from umbrite.motion.animating.planting import cycles_at, gone, planted, sunk
from umbrite.motion.animating.walking import master_of, walk
from umbrite.motion.layering import with_layers
from umbrite.motion.sampling import sample
from umbrite.rig.channels import with_values
from umbrite.rig.errors import RigError
from umbrite.rig.family import body_carrier
from umbrite.rig.model import EMPTY_POSE, Pose, Puppet
from umbrite.rig.remembered import remembered
from umbrite.rig.takes.take import Key, Take

Floats = NDArray[np.float64]


@remembered
def cycle_of(take: Take, puppet: Puppet) -> Take | None:
    """The two steps that a take repeats as its master goes on; None where it does not, or where the puppet can't walk any more."""
    if take.walking is None or master_of(puppet) is None:
        return None
    try:
        return walk(puppet, replace(take.walking, way="spot"))
    except RigError:
        return None


def channels_over(take: Take, puppet: Puppet, frames: ArrayLike) -> dict[str, Floats]:
    """All channels of a take at frames. Of those that walk the feet stand on the board, the others are as far in their cycle as the master has
    gone.
    """
    channels = without_layers(take, puppet, frames)
    if not take.layers:
        return channels
    return with_layers(take, puppet, np.atleast_1d(np.asarray(frames, dtype=np.float64)), channels)


def without_layers(take: Take, puppet: Puppet, frames: ArrayLike) -> dict[str, Floats]:
    """The same of the take itself, before anything is laid over it."""
    channels = sample(take, puppet, frames)
    cycle = cycle_of(take, puppet)
    if cycle is None:
        return channels
    at = np.atleast_1d(np.asarray(frames, dtype=np.float64))
    if take.loop:
        at = take.first + np.mod(at - take.first, take.last - take.first)
    stepping = sample(cycle, puppet, cycles_at(gone(take, puppet), at) * cycle.last)
    body = body_carrier(puppet)
    if body is not None:
        stepping[f"{body}.y"] = stepping[f"{body}.y"] + sunk(take, puppet)
    return {**channels, **stepping, **planted(take, puppet, at)}


def pose_of_take(take: Take, puppet: Puppet, frame: float) -> Pose:
    """The pose that a take gives at one frame, without what hangs loose."""
    channels = channels_over(take, puppet, [frame])
    return with_values(EMPTY_POSE, {name: float(values[0]) for name, values in channels.items()})


def baked_steps(take: Take, puppet: Puppet) -> Take:
    """The take with its steps as keys at every frame, which can be corrected. Raises RigError where it does not walk after its master."""
    cycle = cycle_of(take, puppet)
    if cycle is None:
        raise RigError("Nothing walks after its master in this take. Start a walk that follows the master first.")
    frames = np.arange(take.first, take.last + 1, dtype=np.float64)
    channels = without_layers(take, puppet, frames)
    steps = {
        name: tuple(Key(float(f), float(v), "straight") for f, v in zip(frames, channels[name], strict=True))
        for name in cycle.tracks
    }
    return replace(take, tracks={**take.tracks, **steps}, walking=None)

"""Where everything is in many frames of a take, as arrays with names: for scripts, tables and plots."""

from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from umbrite.motion.animating.playing import placed_over
from umbrite.motion.scene import map_rows
from umbrite.rig.model import Puppet
from umbrite.rig.takes.take import Take

Floats = NDArray[np.float64]


class Transforms(NamedTuple):
    """Board pixels, y down; degrees, counterclockwise positive; maps as in SVG, a b c d e f. The second axis goes by the names."""

    frames: Floats  # (frames,)
    joints: list[str]
    pivots: Floats  # (frames, joints, 2)
    angles: Floats  # (frames, joints), of the joint's map on the board
    turns: Floats  # (frames, joints), from rest
    parts: list[str]  # back to front
    maps: Floats  # (frames, parts, 6), from the drawing's pixels
    controls: list[str]
    places: Floats  # (frames, controls, 2)


def transforms_of(take: Take, puppet: Puppet, frames: Floats) -> Transforms:
    """All of it at these frames, computed in one go."""
    placed = placed_over(take, puppet, frames)
    plan = placed.plan
    a, b, t = (field[:, :-1] for field in placed.maps)
    pivots = a * plan.pivot + b * np.conj(plan.pivot) + t
    moves = [plan.place[control.moves] for control in puppet.controls.values()]
    at = np.array([puppet.joints[c.moves].pivot.z + c.offset.z for c in puppet.controls.values()], dtype=np.complex128)
    places = a[:, moves] * at + b[:, moves] * np.conj(at) + t[:, moves]
    return Transforms(
        frames, [puppet.joints[key].name for key in plan.joints], _xy(pivots), _degrees(np.angle(a)),
        _degrees(placed.turns), [puppet.parts[key].name for key in plan.parts],
        map_rows(placed),
        [control.name for control in puppet.controls.values()], _xy(places),
    )  # fmt: skip


def _xy(z: NDArray[np.complex128]) -> Floats:
    return np.stack([z.real, z.imag], axis=-1)


def _degrees(radians: Floats) -> Floats:
    return np.asarray(-np.degrees(radians) + 0.0)

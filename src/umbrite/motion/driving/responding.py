"""Responses followed: what they read from the tables of channels, and what they add to them."""

import numpy as np
from numpy.typing import NDArray

from umbrite.motion.driving.responses import given
from umbrite.motion.driving.steps import LARGEST, ResponseStep
from umbrite.motion.soft_ends import Ends, taken

Floats = NDArray[np.float64]
Tables = dict[str, Floats]
Linked = dict[tuple[str, int], Floats]


def respond(ends: Ends, step: ResponseStep, values: Tables, linked: Linked, turns: Floats | None = None) -> None:
    """Add what a response gives at the values that it reads; `turns` are those of all joints, (frames, joints), once they are known."""
    if step.turned >= 0:
        at = step.turned
        turn = turns[:, at] if step.late and turns is not None else taken(values["turn"][:, at], ends.at(at))
        read = [turn]
    else:
        read = [values[what][:, place] for what, place in step.reads]
    if step.resting:
        number = np.round(read[0])
        read = [np.where(number == step.resting, 0.0, number)]
    if not any(each.any() for each in read):
        return
    for column, (what, place) in zip(given(step.found, read).T, step.drives, strict=True):
        driven = values[what][:, place]
        before = driven.copy()
        driven[:] = np.clip(driven + column, -LARGEST, LARGEST)
        linked[what, place] = linked.get((what, place), 0.0) + (driven - before)

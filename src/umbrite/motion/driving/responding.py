"""Responses followed: what they read from the tables of channels, and what they add to them."""

from collections.abc import Mapping, Sequence

import numpy as np
from numpy.typing import NDArray

from umbrite.motion.driving.responses import given, given_once
from umbrite.motion.driving.steps import LARGEST, Known, ResponseStep, Together
from umbrite.motion.soft_ends import Ends, taken

Floats = NDArray[np.float64]
Tables = dict[str, Floats]
Linked = dict[tuple[str, int], Floats]
LARGE = 1e6  # what is added beyond this is looked at, so that nothing overflows


def respond(ends: Ends, batch: Together, values: Tables, linked: Linked, turns: Floats | None = None) -> None:
    """Add what responses give in all frames; `turns` are those of all joints, (frames, joints), once they are known."""
    sums: Linked = {}
    read = [_read(ends, step, values, turns) for step in batch.steps]
    if not any(each.any() for some in read for each in some):
        return
    for step, some in zip(batch.steps, read, strict=True):
        rows = given(step.found, some)
        for where, column in zip(step.drives, np.ascontiguousarray(rows.T), strict=True):
            sums[where] = sums[where] + column if where in sums else column
    for (what, place), column in sums.items():
        driven = values[what][:, place]
        driven += column
        if np.abs(column).max(initial=0.0) > LARGE:
            np.clip(driven, -LARGEST, LARGEST, out=driven)
    _tell(linked, sums)


def _read(ends: Ends, step: ResponseStep, values: Tables, turns: Floats | None) -> list[Floats]:
    if step.turned >= 0:
        at = step.turned
        known = step.late and turns is not None
        return [turns[:, at] if known and turns is not None else taken(values["turn"][:, at], ends.at(at))]
    read = [values[what][:, place] for what, place in step.reads]
    if step.resting:
        number = np.round(read[0])
        read = [np.where(number == step.resting, 0.0, number)]
    return read


def respond_once(
    ends: Ends, batch: Together, values: Tables, linked: Linked, turns: Sequence[float] | None = None
) -> None:
    """The same in one frame: what drivers gave the last time is kept, for most of them stand still."""
    read = [_read_once(ends, step, values, turns) for step in batch.steps]
    if not any(map(any, read)):
        return
    last = batch.known[0] if batch.known else None
    if last is None or last.read != read:
        rows = [
            last.rows[i] if last is not None and last.read[i] == read[i] else given_once(step.found, read[i])
            for i, step in enumerate(batch.steps)
        ]
        every = np.concatenate(rows)
        sums = np.asarray(np.bincount(batch.into, weights=every, minlength=len(batch.addresses))[None], np.float64)
        sums.setflags(write=False)
        large = bool(np.abs(sums).max(initial=0.0) > LARGE)
        last = Known(read, rows, sums, dict(zip(batch.addresses, sums.reshape(-1, 1), strict=True)), large)
        batch.known[:] = [last]
    for what, columns, places in batch.kinds:
        table = values[what]
        added = table[:, columns] + last.sums[:, places]
        table[:, columns] = np.clip(added, -LARGEST, LARGEST) if last.large else added
    _tell(linked, last.columns)


def _read_once(ends: Ends, step: ResponseStep, values: Tables, turns: Sequence[float] | None) -> tuple[float, ...]:
    if step.turned >= 0:
        at = step.turned
        if step.late and turns is not None:
            return (float(turns[at]),)
        return (float(taken(values["turn"][:, at], ends.at(at))[0]),)
    read = tuple(values[what].item(0, place) for what, place in step.reads)
    if step.resting:
        number = round(read[0])
        return (0.0 if number == step.resting else float(number),)
    return read


def _tell(linked: Linked, more: Mapping[tuple[str, int], Floats]) -> None:
    """Let what was added stand among what links add."""
    for where in linked.keys() & more.keys() if linked else ():
        linked[where] = linked[where] + more[where]
    for where, column in more.items():
        linked.setdefault(where, column)

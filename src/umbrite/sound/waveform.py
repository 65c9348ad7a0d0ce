"""A sound as a wave to look at, at every zoom: the least and the greatest value of stretches of samples, of twice the length at each level."""

from collections.abc import Iterator
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from umbrite.sound.samples import Samples

Floats = NDArray[np.float32]
FINEST = 64  # samples of the shortest stretch
FEWEST = 16  # stretches of the coarsest level


class Wave(NamedTuple):
    """The levels, finest first, each of (stretches, 2): least and greatest value, from -1 to 1; and samples a second."""

    levels: tuple[Floats, ...]
    rate: int


def wave_of(samples: Samples) -> Wave:
    """The wave of a sound, all its channels together."""
    return Wave(tuple(_levels(samples.mono())), samples.rate)


def _levels(values: Floats) -> Iterator[Floats]:
    whole = np.concatenate([values, np.zeros(-len(values) % FINEST, np.float32)]).reshape(-1, FINEST)
    level: Floats = np.stack([whole.min(axis=1), whole.max(axis=1)], axis=1)
    yield level
    while len(level) > FEWEST:
        pairs = np.concatenate([level, level[-1:]] if len(level) % 2 else [level]).reshape(-1, 2, 2)
        level = np.stack([pairs[:, :, 0].min(axis=1), pairs[:, :, 1].max(axis=1)], axis=1)
        yield level


def peaks(wave: Wave, start: float, end: float, columns: int) -> Floats:
    """The least and greatest value of so many columns from a second to another, (columns, 2); 0 beside the sound."""
    step = (end - start) / max(columns, 1) * wave.rate  # samples a column
    number = int(np.clip(np.floor(np.log2(max(step / FINEST, 1.0))), 0, len(wave.levels) - 1))
    level, length = wave.levels[number], FINEST << number
    edges = (start * wave.rate + step * np.arange(columns + 1)) / length
    first = np.floor(edges[:-1]).astype(np.intp)
    last = np.maximum(np.ceil(edges[1:]).astype(np.intp), first + 1)
    made = np.zeros((columns, 2), np.float32)
    inside = np.flatnonzero((last > 0) & (first < len(level)))
    for i in inside:  # a column is one to three stretches of a level
        piece = level[max(first[i], 0) : last[i]]
        made[i] = piece[:, 0].min(), piece[:, 1].max()
    return made

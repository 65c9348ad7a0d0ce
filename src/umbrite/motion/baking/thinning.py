"""The fewest keys between which straight lines keep within a tolerance of every frame.

A way through the frames with the fewest stops, found by dynamic programming over all pairs of frames whose straight line is near
enough (Imai and Iri, "Polygonal Approximations of a Curve", 1988). Which pairs are is told by narrowing bundles of slopes
(O'Rourke, "An on-line algorithm for fitting straight lines between data ranges", 1981), for all first frames at once.
"""

import numpy as np
from numpy.typing import NDArray

Floats = NDArray[np.float64]
Ints = NDArray[np.intp]
FARTHEST = 240  # frames from one key to the next


def fewest_keys(values: Floats, tolerance: Floats | float, farthest_step: float = np.inf) -> Ints:
    """The frames of the fewest keys for values of (frames, n), each number of them within its tolerance of the straight line.

    Keys are frames' own values. One key, the first, is enough for what stays; else the first and the last frame have one. Between
    keys that are not neighbours no value goes farther than `farthest_step` (turns by less than half a turn, say).
    """
    count = len(values)
    room = np.broadcast_to(np.asarray(tolerance, dtype=np.float64), values.shape[1:])
    if count == 1 or np.all(np.abs(values - values[0]) <= room):
        return np.zeros(1, dtype=np.intp)
    reach = min(FARTHEST, count - 1)
    joined = np.zeros((reach + 1, count), dtype=bool)  # [gap, last frame]
    low = np.full(values.shape, -np.inf)
    high = np.full(values.shape, np.inf)
    for gap in range(1, reach + 1):
        step = values[gap:] - values[:-gap]
        slope = step / gap
        fits = np.all((slope >= low[:-gap]) & (slope <= high[:-gap]), axis=1)
        if gap > 1:
            fits &= np.all(np.abs(step) <= farthest_step, axis=1)
        joined[gap, gap:] = fits
        low[:-gap] = np.maximum(low[:-gap], (step - room) / gap)
        high[:-gap] = np.minimum(high[:-gap], (step + room) / gap)
        if not np.any(np.all(low[:-gap] <= high[:-gap], axis=1)):
            break
    return _shortest(joined, count)


def _shortest(joined: NDArray[np.bool_], count: int) -> Ints:
    keys = np.zeros(count, dtype=np.intp)
    back = np.zeros(count, dtype=np.intp)
    gaps = np.arange(len(joined))
    for frame in range(1, count):
        some = gaps[joined[:, frame]]
        best = int(some[np.argmin(keys[frame - some])])
        keys[frame], back[frame] = keys[frame - best] + 1, frame - best
    found = [count - 1]
    while found[-1]:
        found.append(int(back[found[-1]]))
    return np.array(found[::-1], dtype=np.intp)


def between(values: Floats, keys: Ints) -> Floats:
    """The values of all frames again, straight from key to key; (frames, n)."""
    frames = np.arange(len(values))
    return np.stack([np.interp(frames, keys, column[keys]) for column in values.T], axis=-1)

"""The fewest places at which a way is told, so that smooth cubics between them keep as near to it as is asked.

Cubic Hermite splines with one slope at each knot, fitted by least squares to all frames (de Boor, A Practical Guide to Splines, chapter XIV); knots
are put where the way is farthest off until it is near enough, and those that turn out not to be needed are taken out again.
"""

from itertools import pairwise
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

Floats = NDArray[np.float64]
CHUNK = 96  # frames for which knots are looked for together
HELD = 1e4  # how much more the ends weigh than other frames
NEARLY = 0.9  # of what is asked, while knots are looked for; joining chunks takes a little


class Knots(NamedTuple):
    """Numbers of frames, (knots,), and the values and slopes per frame there, (knots, n)."""

    at: NDArray[np.intp]
    values: Floats
    slopes: Floats


def few_knots(values: Floats, near: Floats) -> Knots:
    """Knots for values of (frames, n) at neighbouring frames, each column as near as `near`, (n,), tells. Both ends are met."""
    scaled = values / near
    count = len(values)
    if count == 1:
        return Knots(np.zeros(1, dtype=np.intp), values.copy(), np.zeros_like(values))
    found: list[int] = [0]
    for start in range(0, count - 1, CHUNK):
        end = min(start + CHUNK, count - 1)
        found += [start + each for each in _knots_of(scaled[start : end + 1], NEARLY)[1:]]
    at = _until_near(scaled, found, 1.0)
    ordinates, slopes = _fitted(scaled, at)
    return Knots(np.array(at, dtype=np.intp), ordinates * near, slopes * near)


def _knots_of(values: Floats, near: float) -> list[int]:
    at = _until_near(values, [0, len(values) - 1], near)
    for one in at[1:-1]:
        fewer = [each for each in at if each != one]
        if _off(values, fewer).max() <= near:
            at = fewer
    return at


def _until_near(values: Floats, at: list[int], near: float) -> list[int]:
    """More knots, one in each gap that is too far off, until none is."""
    while True:
        off = _off(values, at)
        more = []
        for one, other in pairwise(at):
            here = off[one : other + 1]
            if other > one + 1 and here.max() > near:
                worst, middle = one + int(np.argmax(here)), (one + other) // 2
                more.append(worst if min(worst - one, other - worst) * 4 > other - one else middle)
        if not more:
            return at
        at = sorted({*at, *more})


def _off(values: Floats, at: list[int]) -> Floats:
    """How far the best cubics between knots are off at each frame, (frames,)."""
    ordinates, slopes = _fitted(values, at)
    return np.asarray(np.abs(_told(np.array(at), ordinates, slopes, len(values)) - values).max(axis=1))


def _fitted(values: Floats, at: list[int]) -> tuple[Floats, Floats]:
    """Values and slopes at knots with which the cubics between are nearest to all values, both ends met."""
    count, knots = len(values), len(at)
    basis = np.zeros((count, 2 * knots))
    place, shares = _shares(np.array(at), count)
    rows = np.arange(count)
    for column, share in zip((place, place + 1, knots + place, knots + place + 1), shares, strict=True):
        basis[rows, column] += share
    weights = np.ones(count)
    weights[[0, -1]] = HELD
    made = np.asarray(
        np.linalg.lstsq(basis * weights[:, None], values * weights[:, None], rcond=1e-12)[0], dtype=np.float64
    )
    return made[:knots], made[knots:]


def _told(at: NDArray[np.intp], ordinates: Floats, slopes: Floats, count: int) -> Floats:
    place, shares = _shares(at, count)
    parts = (ordinates[place], ordinates[place + 1], slopes[place], slopes[place + 1])
    return np.asarray(sum(share[:, None] * part for share, part in zip(shares, parts, strict=True)))


def _shares(at: NDArray[np.intp], count: int) -> tuple[NDArray[np.intp], tuple[Floats, Floats, Floats, Floats]]:
    """The knot before each frame, and the shares of the two values and the two slopes beside it."""
    frames = np.arange(count)
    place = np.minimum(np.searchsorted(at, frames, side="right") - 1, len(at) - 2)
    length = (at[place + 1] - at[place]).astype(np.float64)
    u = (frames - at[place]) / length
    rest = 1 - u
    return place, ((1 + 2 * u) * rest**2, u**2 * (3 - 2 * u), length * u * rest**2, -length * u**2 * rest)

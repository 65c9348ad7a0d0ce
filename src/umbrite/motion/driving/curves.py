"""The curves of links, for one value or many.

Straight pieces interpolate; smooth ones are monotone cubics (Fritsch and Carlson 1980, with the harmonic mean of the
slopes), which never swing beyond their points. Beyond its ends a curve goes on straight, at the slope of its end.
"""

from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from umbrite.rig.model import Link

Floats = NDArray[np.float64]


class Curve(NamedTuple):
    """A link's curve made ready: its points, the slopes of the pieces, and for a smooth one those at the points."""

    xs: Floats
    ys: Floats
    steps: Floats
    slopes: Floats | None


def curve_of(link: Link) -> Curve:
    """The curve of a link, made ready to be asked at many places."""
    xs, ys = np.array([p.x for p in link.points]), np.array([p.y for p in link.points])
    steps = np.diff(ys) / np.diff(xs)
    return Curve(xs, ys, steps, slopes_of(xs, steps) if link.smooth else None)


def curve_at(curve: Curve, x: Floats) -> Floats:
    """What a curve adds at positions x, any shape."""
    xs, ys, steps, slopes = curve
    place = np.clip(np.searchsorted(xs, x, side="right") - 1, 0, len(xs) - 2)
    width = xs[place + 1] - xs[place]
    share = np.clip((x - xs[place]) / width, 0.0, 1.0)
    if slopes is None:
        inside = ys[place] + share * width * steps[place]
        ends = steps[[0, -1]]
    else:
        a, b = slopes[place] * width, slopes[place + 1] * width
        rise = ys[place + 1] - ys[place]
        inside = ys[place] + share * (a + share * (3 * rise - 2 * a - b + share * (a + b - 2 * rise)))
        ends = slopes[[0, -1]]
    beyond = np.minimum(x - xs[0], 0.0) * ends[0] + np.maximum(x - xs[-1], 0.0) * ends[1]
    return np.asarray(inside + beyond)


def slopes_of(xs: Floats, steps: Floats) -> Floats:
    """Slopes at n points from those of the pieces between, (n - 1,) or (n - 1, curves): 0 where a curve turns, else the weighted
    harmonic mean of both sides.
    """
    slopes = np.concatenate([steps[:1], steps[:-1], steps[-1:]])
    if len(steps) > 1:
        width = np.diff(xs).reshape(-1, *[1] * (steps.ndim - 1))
        one, two = 2 * width[1:] + width[:-1], width[1:] + 2 * width[:-1]
        same = steps[:-1] * steps[1:] > 1e-200  # flatter than this is level
        safe = np.where(same, one / np.where(same, steps[:-1], 1) + two / np.where(same, steps[1:], 1), 1.0)
        slopes[1:-1] = np.where(same, (one + two) / safe, 0.0)
    return slopes

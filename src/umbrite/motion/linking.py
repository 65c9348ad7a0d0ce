"""Following links: from a pose to the pose in which all linked values are added, for one frame or many.

Straight pieces interpolate; smooth ones are monotone cubics (Fritsch and Carlson 1980, with the harmonic mean of the
slopes), which never swing beyond their points. Beyond its ends a curve goes on straight, at the slope of its end.
"""

from collections.abc import Callable, Mapping
from typing import Any

import numpy as np
from numpy.typing import NDArray

from umbrite.rig.dependencies import link_order
from umbrite.rig.model import Link, Puppet

Floats = NDArray[np.float64]


def curve_at(link: Link, x: Floats) -> Floats:
    """The link's curve at positions x, any shape."""
    xs, ys = np.array([p.x for p in link.points]), np.array([p.y for p in link.points])
    steps = np.diff(ys) / np.diff(xs)
    place = np.clip(np.searchsorted(xs, x, side="right") - 1, 0, len(xs) - 2)
    slopes = _slopes(xs, steps) if link.smooth else None
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
    found: Floats = inside + beyond
    return found


def _slopes(xs: Floats, steps: Floats) -> Floats:
    """Slopes at the points: 0 where the curve turns, else the weighted harmonic mean of both sides."""
    slopes = np.concatenate([steps[:1], steps[:-1], steps[-1:]])
    if len(steps) > 1:
        width = np.diff(xs)
        one, two = 2 * width[1:] + width[:-1], width[1:] + 2 * width[:-1]
        same = steps[:-1] * steps[1:] > 1e-200  # flatter than this is level
        safe = np.where(same, one / np.where(same, steps[:-1], 1) + two / np.where(same, steps[1:], 1), 1.0)
        slopes[1:-1] = np.where(same, (one + two) / safe, 0.0)
    return slopes


def with_links(
    puppet: Puppet, pose: Mapping[str, Any], travel: Callable[[str, Mapping[str, Any]], Floats]
) -> Mapping[str, Any]:
    """The pose with all linked values added. `travel` gives a joint's way along x in a pose, shape (frames,)."""
    for key in link_order(puppet):
        link = puppet.links[key]
        source = (
            travel(link.source, pose)
            if link.travel
            else np.asarray(pose.get(link.source, 0.0), dtype=np.float64)
        )
        added = curve_at(link, source) + pose.get(link.drives, 0.0)
        pose = {**pose, link.drives: added if added.ndim else float(added)}
    return pose

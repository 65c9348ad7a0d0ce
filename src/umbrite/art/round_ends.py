"""Round ends of limbs: the circle inside a shape that touches its outline along the longest arc.

The middle of a limb's round end is where it turns without a gap. Every point inside the shape has an inscribed circle, as
large as its distance to the outline; along a limb such a circle touches two sides, at a square end three, but at a round
end it touches along half its length and more. So circles are tried all over the place in question, the one that touches
along the longest arc is taken, and fitted to the outline that it touches by least squares (Gauss and Newton on the
distances), which averages over jagged and antialiased edges.
"""

from typing import NamedTuple

import cv2
import numpy as np
from numpy.typing import NDArray

from umbrite.art.masks import Mask

Floats = NDArray[np.float64]
BINS = 48  # of the circle, for counting along how much of it the outline is touched
CENTRES = 200  # so many centres are tried at most
TRIED = 4  # of the centres are fitted
TOUCH = 0.07  # of the radius: nearer than this touches


class Circle(NamedTuple):
    """In samples; `arc` is the share of the circle along which the outline is touched, 0 to 1."""

    centre: complex
    radius: float
    arc: float


def outline(shape: Mask) -> Floats:
    """The points on a shape's outline, (points, 2) in samples; the edge of the field itself is no outline."""
    rows, columns = shape.shape
    found, _ = cv2.findContours(shape, cv2.RETR_LIST, cv2.CHAIN_APPROX_NONE)
    if not found:
        return np.zeros((0, 2))
    points = np.concatenate([contour[:, 0] for contour in found]).astype(np.float64)
    inner = (points > 0).all(axis=1) & (points[:, 0] < columns - 1) & (points[:, 1] < rows - 1)
    kept: Floats = points[inner]
    return kept


def round_end(shape: Mask, where: Mask) -> Circle | None:
    """The round end of `shape` within the field `where`; None where the shape has no outline there.

    `shape` and `where` are 0 or 255, of one size. How round the end is tells `Circle.arc`.
    """
    edge = outline(shape)
    near = cv2.dilate(where, np.ones((5, 5), np.uint8))
    hidden = edge[near[edge[:, 1].astype(int), edge[:, 0].astype(int)] > 0]
    rows, columns = np.nonzero(where & shape)
    if len(hidden) < 6 or len(rows) < 6:
        return None
    depth = np.asarray(cv2.distanceTransform(shape, cv2.DIST_L2, cv2.DIST_MASK_PRECISE), dtype=np.float32)
    centres, radii = _candidates(rows, columns, depth)
    arcs = _arcs(centres, radii, hidden[:: max(1, len(hidden) // 180)])
    # Of circles that touch equally long the deeper counts: it lies in the body of the limb.
    best = np.argsort(-(arcs + 0.02 * radii / radii.max()), kind="stable")[:TRIED]
    fitted = [_fitted(complex(centres[i]), float(radii[i]), edge) for i in best]
    return max(fitted, key=lambda circle: circle.arc)


def _candidates(
    rows: NDArray[np.intp], columns: NDArray[np.intp], depth: NDArray[np.float32]
) -> tuple[NDArray[np.complex128], Floats]:
    """Points to try, the deepest ones of the field spread evenly, and their distances to the outline."""
    radii = depth[rows, columns].astype(np.float64)
    deep = radii > 0.3 * radii.max()
    rows, columns, radii = rows[deep], columns[deep], radii[deep]
    step = max(1, int(np.ceil(np.sqrt(len(rows) / CENTRES))))
    kept = (rows % step == 0) & (columns % step == 0)
    if not kept.any():
        kept[:] = True
    return columns[kept] + 1j * rows[kept], radii[kept]


def _arcs(centres: NDArray[np.complex128], radii: Floats, edge: Floats) -> Floats:
    """Along which share of each circle the outline lies on it in one run."""
    away = (edge[:, 0] + 1j * edge[:, 1])[None] - centres[:, None]
    touch = np.abs(np.abs(away) - radii[:, None]) < np.maximum(1.2, TOUCH * radii)[:, None]
    bins = ((np.angle(away) / (2 * np.pi) % 1.0) * BINS).astype(np.intp) % BINS
    hit = np.zeros((len(centres), BINS), dtype=bool)
    which, point = np.nonzero(touch)
    hit[which, bins[which, point]] = True
    # Close gaps of two bins, as rough edges leave them; the three sides of a square end stay apart.
    closed = hit.copy()
    for gap in (1, 2):
        bridged = hit & np.roll(hit, -gap - 1, axis=1)
        for step in range(1, gap + 1):
            closed |= np.roll(bridged, step, axis=1)
    return _longest_run(closed) / BINS


def _longest_run(hit: NDArray[np.bool_]) -> Floats:
    """The longest run of hits on each circle, in bins."""
    twice = np.concatenate([hit, hit], axis=1)  # a run may go over the end
    place = np.arange(2 * BINS)
    last_miss = np.maximum.accumulate(np.where(twice, -1, place), axis=1)
    found: Floats = np.minimum((place - last_miss).max(axis=1), BINS).astype(np.float64)
    return found


def _fitted(centre: complex, radius: float, edge: Floats) -> Circle:
    """The circle moved and sized by least squares on the outline that it touches."""
    points = edge[:, 0] + 1j * edge[:, 1]
    for _ in range(6):
        away = points - centre
        distance = np.abs(away)
        touch = np.abs(distance - radius) < max(1.5, TOUCH * radius)
        if touch.sum() < 6:
            break
        unit = away[touch] / np.maximum(distance[touch], 1e-9)
        system = np.column_stack([unit.real, unit.imag, np.ones(len(unit))])
        change, *_ = np.linalg.lstsq(system, distance[touch] - radius, rcond=1e-6)
        largest = 0.2 * radius
        if np.hypot(change[0], change[1]) > largest:
            break
        centre, radius = centre + complex(change[0], change[1]), radius + float(change[2])
    arc = float(_arcs(np.array([centre]), np.array([radius]), edge)[0])
    return Circle(centre, radius, arc)


def inscribed(shape: Mask) -> Circle:
    """The largest circle inside a shape; where several are as large, as along a band, the middle of them.

    An empty shape gives a circle without radius in the middle of the field.
    """
    depth = cv2.distanceTransform(shape, cv2.DIST_L2, cv2.DIST_MASK_PRECISE)
    most = float(depth.max(initial=0.0))
    if most <= 0:
        return Circle(complex(shape.shape[1], shape.shape[0]) / 2, 0.0, 0.0)
    rows, columns = np.nonzero(depth >= most - max(0.5, 0.12 * most))
    return Circle(complex(columns.mean(), rows.mean()), most, 0.0)

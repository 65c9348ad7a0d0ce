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
TOLD = 1e-6  # of what they would span if they stood square on each other
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
    return np.asarray(points[inner])


def depth_of(shape: Mask) -> NDArray[np.float32]:
    """How far every sample of a shape (0 or 255) lies from its outline, in samples."""
    found = cv2.distanceTransform(shape, cv2.DIST_L2, cv2.DIST_MASK_PRECISE)
    return np.asarray(found, dtype=np.float32)


def round_end(shape: Mask, where: Mask, depth: NDArray[np.float32]) -> Circle | None:
    """The round end of `shape`, of that `depth`, within the field `where`; None where the shape has no outline there.

    `shape` and `where` are 0 or 255, of one size. How round the end is tells `Circle.arc`.
    """
    edge = outline(shape)
    near = cv2.dilate(where, np.ones((5, 5), np.uint8))
    hidden = edge[near[edge[:, 1].astype(int), edge[:, 0].astype(int)] > 0]
    rows, columns = np.nonzero(where & shape)
    if len(hidden) < 6 or len(rows) < 6:
        return None
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
    x, y = edge[:, 0][None] - centres.real[:, None], edge[:, 1][None] - centres.imag[:, None]
    touch = np.abs(np.sqrt(x * x + y * y) - radii[:, None]) < np.maximum(1.2, TOUCH * radii)[:, None]
    which, point = np.nonzero(touch)
    turn = np.arctan2(y[which, point], x[which, point]) / (2 * np.pi)
    hit = np.zeros((len(centres), BINS), dtype=bool)
    hit[which, ((turn % 1.0) * BINS).astype(np.intp) % BINS] = True
    # Close gaps of two bins, as rough edges leave them; the three sides of a square end stay apart.
    return _longest_run(_closed(hit)) / BINS


def _closed(hit: NDArray[np.bool_]) -> NDArray[np.bool_]:
    """With one or two bins between hits counted as hits too; the circle goes on over its end."""
    round_ = np.concatenate([hit[:, -2:], hit, hit[:, :2]], axis=1)
    two_before, before, after, two_after = (round_[:, i : i + BINS] for i in (0, 1, 3, 4))
    return np.asarray(hit | (before & (after | two_after)) | (two_before & after))


def _longest_run(hit: NDArray[np.bool_]) -> Floats:
    """The longest run of hits on each circle, in bins."""
    twice = np.concatenate([hit, hit], axis=1)  # a run may go over the end
    place = np.arange(2 * BINS)
    last_miss = np.maximum.accumulate(np.where(twice, -1, place), axis=1)
    return np.asarray(np.minimum((place - last_miss).max(axis=1), BINS).astype(np.float64))


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
        change = _least_squares(np.array([unit.real, unit.imag, np.ones(len(unit))]), distance[touch] - radius)
        largest = 0.2 * radius
        if np.hypot(change[0], change[1]) > largest:
            break
        centre, radius = centre + complex(change[0], change[1]), radius + float(change[2])
    arc = float(_arcs(np.array([centre]), np.array([radius]), edge)[0])
    return Circle(centre, radius, arc)


def _least_squares(rows: Floats, wanted: Floats) -> Floats:
    """What three columns (given as rows) must be multiplied by to give `wanted`; along what they don't tell, nothing."""
    square = rows @ rows.T
    (a, b, c), (_, d, e), (_, _, f) = square.tolist()
    across, beside, corner = d * f - e * e, c * e - b * f, b * e - c * d
    volume = a * across + b * beside + c * corner
    if volume > TOLD * a * d * f:  # by Cramer's rule, as fits mostly are far from telling too little
        p, q, r = (rows @ wanted).tolist()
        x = p * across + q * beside + r * corner
        y = p * beside + q * (a * f - c * c) + r * (b * c - a * e)
        z = p * corner + q * (b * c - a * e) + r * (a * d - b * b)
        return np.asarray(np.array([x, y, z]) / volume)
    values, vectors = np.linalg.eigh(square)
    told = values > 1e-12 * values[-1]
    along = vectors[:, told]
    return np.asarray(along @ ((along.T @ (rows @ wanted)) / values[told]))


def inscribed(depth: NDArray[np.float32]) -> Circle:
    """The largest circle inside a shape of that depth; where several are as large, as along a band, the middle of them.

    An empty shape gives a circle without radius in the middle of the field.
    """
    most = float(depth.max(initial=0.0))
    if most <= 0:
        return Circle(complex(depth.shape[1], depth.shape[0]) / 2, 0.0, 0.0)
    rows, columns = np.nonzero(depth >= most - max(0.5, 0.12 * most))
    return Circle(complex(columns.mean(), rows.mean()), most, 0.0)

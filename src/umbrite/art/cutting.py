"""A drawing cut in two along a line or around a loop, so that both pieces overlap at the joint with round ends; and pieces made one again.

The picture at rest is the drawing itself: the piece in front keeps its own pixels, and of the one behind nothing is seen beyond the cut
until it bends. The round ends lie about the middle of the cut. The one behind goes on by so much more that its outline, in the colour
that the drawing has at both ends of the cut, stands around the elbow. Where a loop is cut out of a body, what lay under it is
filled from the colours around (Telea, "An Image Inpainting Technique Based on the Fast Marching Method", 2004).
A line that runs close to a drawn edge follows it: the cheapest way through a narrow band (dynamic programming).
"""

import itertools
from collections.abc import Sequence
from typing import NamedTuple

import cv2
import numpy as np
from numpy.typing import NDArray

from umbrite.art.pictures import SOLID, Picture
from umbrite.rig.errors import RigError
from umbrite.rig.mesh_arrays import Complexes

Mask = NDArray[np.bool_]
Floats = NDArray[np.float64]
Segment = tuple[complex, complex]
FULL = 255
CLOSED = 0.2  # of a path's length between its ends, from which on it is a loop
LEAST = 12  # pixels that a piece must have
BAND = 0.12  # of the cut's length to either side, in which it follows an edge
CLEAR = 3.0  # times as strong as along the line drawn must an edge be
OTHER_COLOUR = 48.0  # by which an outline differs from what it surrounds
WIDEST_LINE = 0.3  # of the round end's radius
FILL_REACH = 5
FILLED, LITTLE = 500, 0.2  # pixels of the small copy on which is filled; less of a pixel that is known is nothing
THICKER = 1.2
MEET = 2  # pixels by which what stays goes on under the piece, wherever they meet
SLANT = 1e-3  # what a step to the side costs, so that the way is straight where all ways are alike


class Cut(NamedTuple):
    """Two pictures of the drawing's size: what stays and the piece that was cut off, which lies in front. Where they turn on each other,
    and how large their round ends are, in the drawing's pixels.
    """

    kept: Picture
    piece: Picture
    pivot: complex
    radius: float


def is_loop(path: Sequence[complex]) -> bool:
    """Whether a path that was drawn comes back to where it began."""
    length = sum(abs(b - a) for a, b in itertools.pairwise(path))
    return len(path) > 3 and abs(path[-1] - path[0]) < CLOSED * length


def cut_drawing(picture: Picture, path: Sequence[complex], root: complex | None = None, *, follow: bool = True) -> Cut:
    """Cut an RGBA drawing along a path in its pixels: right across it, or (closed) around the piece. Raises RigError with a sentence where
    that makes no two pieces.

    Of a cut across, the side on which `root` lies stays, else the larger one.
    """
    solid = picture[..., 3] >= SOLID
    loop = is_loop(path)
    line = list(path) if loop else _through(solid, _followed(picture, path) if follow else list(path))
    piece = _inside(solid, line) if loop else _beyond(solid, line, root)
    kept = solid & ~piece
    if min(np.count_nonzero(piece), np.count_nonzero(kept)) < LEAST:
        raise RigError(
            "This doesn't cut the part in two. Draw right across it, or a loop around what should be a piece."
        )
    hidden = piece & hull(kept) if loop else None
    return in_two(picture, piece, _ends(solid, piece, line, closed=loop), hidden)


def in_two(
    picture: Picture, piece: Mask, ends: tuple[complex, complex], hidden: Mask | None, known: Mask | None = None
) -> Cut:
    """The drawing as a piece and what stays, overlapping about the middle between two ends; what stays is filled where it is `hidden` by the
    piece, in colours from around that are `known`, or goes on in a round end alone.
    """
    one, other = ends
    kept = (picture[..., 3] >= SOLID) & ~piece
    pivot, radius = (one + other) / 2, max(abs(other - one) / 2, 1.0)
    stroke = _line_width(picture, one, other, radius)
    # Under what is seen through both pieces would be seen: there they end where they were cut.
    full = picture[..., 3] == FULL
    away = _away(piece.shape, pivot)
    behind, front = _disc(away, radius) * full, _disc(away, max(radius - stroke, 1.0)) * full
    alpha = picture[..., 3].astype(np.float64)
    kept_alpha = np.where(piece, behind * FULL, alpha)
    piece_alpha = np.where(piece, alpha, front * FULL)
    # Pieces that only touched would let a hairline through where they are seen at another scale.
    near = (
        cv2.dilate(kept.astype(np.uint8), cv2.getStructuringElement(cv2.MORPH_ELLIPSE, (2 * MEET + 1, 2 * MEET + 1)))
        > 0
    )
    kept_alpha = np.where(piece & full & near, FULL, kept_alpha)
    first, second = picture.copy(), picture.copy()
    if hidden is not None:
        # Close to the piece the colours are already mixed with its own.
        near = cv2.dilate(piece.astype(np.uint8), np.ones((2 * MEET + 1,) * 2)) > 0
        wanted = piece & (hidden | (behind > 0))
        first = _filled(picture, kept & ~near if known is None else kept & known & ~near, wanted)
        kept_alpha = np.where(piece, np.maximum(np.where(hidden & full, FULL, 0), kept_alpha), kept_alpha)
    elif stroke >= 1:
        ring = piece & (away > radius - stroke) & (away < radius + 1)
        first[ring, :3] = _colour_at(picture, one, other, stroke)
    first[..., 3], second[..., 3] = (np.round(kept_alpha).astype(np.uint8), np.round(piece_alpha).astype(np.uint8))
    return Cut(first, second, pivot, radius)


def _through(solid: Mask, path: Sequence[complex]) -> list[complex]:
    """A path whose ends go on straight until they have left the drawing."""
    reach = float(np.hypot(*solid.shape))
    if len(path) < 2 or abs(path[-1] - path[0]) < 1e-6:
        raise RigError("This is only a point. Draw right across the part, from one side to the other.")
    back, on = path[0] - path[1], path[-1] - path[-2]
    if abs(back) < 1e-6 or abs(on) < 1e-6:
        back, on = path[0] - path[-1], path[-1] - path[0]
    return [
        path[0] + back / abs(back) * _way_out(solid, path[0], back, reach),
        *path,
        path[-1] + on / abs(on) * _way_out(solid, path[-1], on, reach),
    ]


def _way_out(solid: Mask, at: complex, way: complex, reach: float) -> float:
    """How far a point is from leaving the solid area in a direction; a little more than nothing where it has left."""
    unit = way / abs(way)
    steps = np.arange(0.0, reach, 0.5)
    z = at + unit * steps
    x, y = np.floor(z.real).astype(int), np.floor(z.imag).astype(int)
    inside = (x >= 0) & (y >= 0) & (x < solid.shape[1]) & (y < solid.shape[0])
    there = np.zeros(len(steps), bool)
    there[inside] = solid[y[inside], x[inside]]
    out = np.flatnonzero(~there)
    return float(steps[out[0]]) + 2.0 if out.size else reach


def _inside(solid: Mask, loop: Sequence[complex]) -> Mask:
    area = np.zeros(solid.shape, np.uint8)
    cv2.fillPoly(area, [_points(loop)], 1, cv2.LINE_8, 4)
    return solid & (area > 0)


def _points(path: Sequence[complex]) -> NDArray[np.int32]:
    """A path for OpenCV, which counts from pixels' middles; sixteenths."""
    z = (np.array(path) - 0.5 - 0.5j) * 16
    return np.round(np.stack([z.real, z.imag], axis=-1)).astype(np.int32)


def _beyond(solid: Mask, line: Sequence[complex], root: complex | None) -> Mask:
    """Of the two sides of a line across the drawing the one without the root, or the smaller one: what hangs together with it on that side."""
    barrier = np.zeros(solid.shape, np.uint8)
    cv2.polylines(barrier, [_points(line)], False, 1, 1, cv2.LINE_8, 4)
    sides = _sides(solid.shape, line)
    count, labels, stats, _ = cv2.connectedComponentsWithStats(
        (solid & (barrier == 0)).astype(np.uint8), connectivity=4
    )
    # Pieces that touch the line, by side.
    near, on_side = grown(barrier > 0), {-1: list[int](), 1: list[int]()}
    for label in range(1, count):
        touching = near & (labels == label)
        if touching.any():
            on_side[1 if float(sides[touching].sum()) > 0 else -1].append(label)
    if not on_side[-1] or not on_side[1]:
        raise RigError(
            "This doesn't cut the part in two. Draw right across it, or a loop around what should be a piece."
        )
    if root is not None and 0 <= root.imag < solid.shape[0] and 0 <= root.real < solid.shape[1]:
        side = -1 if sides[int(root.imag), int(root.real)] > 0 else 1
    else:
        side = min(on_side, key=lambda each: sum(int(stats[label, cv2.CC_STAT_AREA]) for label in on_side[each]))
    piece = np.isin(labels, on_side[side])
    # The line's own pixels belong to the side on which they lie.
    on_line = solid & (barrier > 0) & (sides * side > 0) & grown(piece)
    return np.asarray(piece | on_line)


def grown(mask: Mask) -> Mask:
    """A mask and all pixels that touch it."""
    return np.asarray(cv2.dilate(mask.astype(np.uint8), np.ones((3, 3), np.uint8)) > 0)


def _sides(shape: tuple[int, ...], line: Sequence[complex]) -> Floats:
    """On which side of the nearest stretch of a line each pixel lies: above or below 0."""
    rows, columns = np.indices(shape[:2])
    z = columns + 0.5 + 1j * (rows + 0.5)
    nearest, found = np.full(z.shape, np.inf), np.zeros(z.shape)
    for one, other in itertools.pairwise(line):
        way = other - one
        if abs(way) < 1e-9:
            continue
        along = np.clip(((z - one) * np.conj(way)).real / abs(way) ** 2, 0, 1)
        away = np.abs(z - one - way * along)
        side = (np.conj(way) * (z - one)).imag / abs(way)
        closer = away < nearest - 1e-9
        found[closer], nearest[closer] = side[closer], away[closer]
    return found


def _ends(solid: Mask, piece: Mask, line: Sequence[complex], *, closed: bool) -> tuple[complex, complex]:
    """Where the cut begins and ends in the drawing: of the stretches of the line that lie in it the longest."""
    whole = [*line, line[0]] if closed else list(line)
    z = np.concatenate([
        one + (other - one) * np.arange(0, 1, 0.5 / max(abs(other - one), 0.5)) for one, other in itertools.pairwise(whole)
    ])  # fmt: skip
    kept = solid & ~piece
    close = cv2.dilate(kept.astype(np.uint8), np.ones((3, 3), np.uint8)) > 0
    x = np.clip(np.floor(z.real).astype(int), 0, solid.shape[1] - 1)
    y = np.clip(np.floor(z.imag).astype(int), 0, solid.shape[0] - 1)
    inside = (z.real >= 0) & (z.imag >= 0) & (z.real < solid.shape[1]) & (z.imag < solid.shape[0])
    there = inside & solid[y, x] & close[y, x]
    if closed and there.any() and not there.all():
        start = int(np.flatnonzero(~there)[0])
        z, there = np.roll(z, -start), np.roll(there, -start)
    runs = np.flatnonzero(np.diff(np.concatenate([[0], there.astype(int), [0]])))
    if not runs.size:
        raise RigError(
            "This doesn't cut the part in two. Draw right across it, or a loop around what should be a piece."
        )
    first, last = max(zip(runs[::2], runs[1::2], strict=True), key=lambda run: run[1] - run[0])
    return complex(z[first]), complex(z[min(last, len(z)) - 1])


def _away(shape: tuple[int, ...], at: complex) -> Floats:
    rows, columns = np.indices(shape[:2])
    return np.asarray(np.abs(columns + 0.5 + 1j * (rows + 0.5) - at))


def _disc(away: Floats, radius: float) -> Floats:
    """How much of each pixel lies in a disc, 0 to 1."""
    return np.asarray(np.clip(radius - away + 0.5, 0, 1))


def _line_width(picture: Picture, one: complex, other: complex, radius: float) -> float:
    """How wide the outline is at the ends of a cut: how long the colours there are other than in the middle; 0 where there is none."""
    count = max(8, round(abs(other - one)))
    z = one + (other - one) * (np.arange(count) + 0.5) / count
    x = np.clip(z.real.astype(int), 0, picture.shape[1] - 1)
    y = np.clip(z.imag.astype(int), 0, picture.shape[0] - 1)
    colours = picture[y, x, :3].astype(np.float64)
    middle = np.median(colours[count // 4 : -count // 4 or None], axis=0)
    other_colour = np.abs(colours - middle).max(axis=1) > OTHER_COLOUR
    found = [int(np.argmin(run)) if not run.all() else count for run in (other_colour, other_colour[::-1])]
    width = min(found) * abs(other - one) / count
    return width if 1 <= width <= WIDEST_LINE * radius else 0.0


def _colour_at(picture: Picture, one: complex, other: complex, stroke: float) -> NDArray[np.uint8]:
    """The colour of the outline at both ends of a cut."""
    way = (other - one) / max(abs(other - one), 1e-9)
    spots = [one + way * stroke * 0.5, other - way * stroke * 0.5]
    found = [
        picture[
            min(max(int(z.imag), 0), picture.shape[0] - 1), min(max(int(z.real), 0), picture.shape[1] - 1), :3
        ].astype(float)
        for z in spots
    ]
    return np.round(sum(found) / len(found)).astype(np.uint8)


def hull(mask: Mask) -> Mask:
    """The hull of an area."""
    outlines, _ = cv2.findContours(mask.astype(np.uint8), cv2.RETR_EXTERNAL, cv2.CHAIN_APPROX_SIMPLE)
    found = np.zeros(mask.shape, np.uint8)
    if outlines:
        cv2.fillConvexPoly(found, cv2.convexHull(np.concatenate(outlines)), 1)
    return np.asarray(found > 0)


def _inpainted(colours: Picture, unknown: NDArray[np.uint8]) -> Picture:
    """Colours for what is unknown; of large pictures on a small copy, for such colours change slowly."""
    share = min(1.0, FILLED / max(unknown.shape))
    if share == 1.0:
        return np.asarray(cv2.inpaint(colours, unknown, FILL_REACH, cv2.INPAINT_TELEA), np.uint8)
    size = max(1, round(unknown.shape[1] * share)), max(1, round(unknown.shape[0] * share))
    known = cv2.resize(1.0 - unknown, size, interpolation=cv2.INTER_AREA)
    # Only what is known counts where a small pixel holds both.
    sums = cv2.resize(colours * (1.0 - unknown)[..., None], size, interpolation=cv2.INTER_AREA)
    small = np.round(sums / np.maximum(known, 1e-6)[..., None]).astype(np.uint8)
    found = cv2.inpaint(small, (known < LITTLE).astype(np.uint8), FILL_REACH, cv2.INPAINT_TELEA)
    return np.asarray(cv2.resize(found, unknown.shape[::-1], interpolation=cv2.INTER_CUBIC), np.uint8)


def _filled(picture: Picture, known: Mask, wanted: Mask) -> Picture:
    """The picture with colours for what is wanted, going on from what is known around it."""
    unknown = (~(known & (picture[..., 3] == FULL))).astype(np.uint8)
    rows, columns = np.flatnonzero(wanted.any(axis=1)), np.flatnonzero(wanted.any(axis=0))
    top, low = max(int(rows[0]) - 24, 0), min(int(rows[-1]) + 25, wanted.shape[0])
    left, right = max(int(columns[0]) - 24, 0), min(int(columns[-1]) + 25, wanted.shape[1])
    box = slice(top, low), slice(left, right)
    if unknown[box].all():
        return picture.copy()
    inner = _inpainted(np.ascontiguousarray(picture[box][..., :3]), unknown[box])
    found = picture.copy()
    found[box][..., :3] = np.where(wanted[box][..., None], inner, picture[box][..., :3])
    return found


class _Band(NamedTuple):
    """Places beside a path: steps along it are columns, places to its sides rows, the path itself in the middle row."""

    spots: Complexes  # in the drawing's pixels
    offs: NDArray[np.intp]  # of the rows

    def sampled(self, field: NDArray[np.float32]) -> NDArray[np.float32]:
        x, y = self.spots.real.astype(np.float32), self.spots.imag.astype(np.float32)
        return np.asarray(cv2.remap(field, x, y, cv2.INTER_LINEAR))


def _followed(picture: Picture, path: Sequence[complex]) -> list[complex]:
    """The path along a drawn edge close to it, where one is much stronger than what the path crosses; else the path itself."""
    length = sum(abs(b - a) for a, b in itertools.pairwise(path))
    count, reach = round(length / 2), max(2, round(BAND * length))
    if count < 8:
        return list(path)
    band = _band(np.array(path), length, count, reach)
    solid = (picture[..., 3] >= SOLID).astype(np.float32)
    inside = band.sampled(np.asarray(cv2.erode(solid, np.ones((5, 5), np.uint8)))) > 0.5
    strength = band.sampled(_steepness(picture)) * inside
    there = inside[reach]
    if not there.any():
        return list(path)
    straying = 0.02 * float(strength.max()) * np.abs(band.offs)[:, None] / max(reach, 1)
    rows = _cheapest(np.where(there, straying - strength, 0.0))
    followed, drawn = strength[rows, np.arange(count)][there].mean(), strength[reach][there].mean()
    if followed < CLEAR * max(float(drawn), 20.0):
        return list(path)
    return [complex(band.spots[row, k]) for k, row in enumerate(rows)]


def _band(path: Complexes, length: float, count: int, reach: int) -> _Band:
    walked = np.concatenate([[0.0], np.cumsum(np.abs(np.diff(path)))])
    along = np.linspace(0, length, count)
    z = np.interp(along, walked, path.real) + 1j * np.interp(along, walked, path.imag)
    ahead = np.gradient(z)
    across = 1j * ahead / np.maximum(np.abs(ahead), 1e-9)
    offs = np.arange(-reach, reach + 1)
    return _Band(z[None, :] + offs[:, None] * across[None, :], offs)


def _steepness(picture: Picture) -> NDArray[np.float32]:
    """How much the drawing's grey changes at each pixel."""
    grey = cv2.cvtColor(np.ascontiguousarray(picture[..., :3]), cv2.COLOR_RGB2GRAY).astype(np.float32)
    soft = cv2.GaussianBlur(grey, (0, 0), 1.2)
    return np.asarray(np.hypot(cv2.Sobel(soft, cv2.CV_32F, 1, 0), cv2.Sobel(soft, cv2.CV_32F, 0, 1)))


def _cheapest(cost: NDArray[np.float64]) -> list[int]:
    """The row in each column of the cheapest way from end to end, one row up or down a step at the most (dynamic programming)."""
    rows, count = np.arange(cost.shape[0]), cost.shape[1]
    best, came = cost[:, 0].copy(), np.zeros(cost.shape, np.intp)
    for k in range(1, count):
        padded = np.pad(best, 1, constant_values=np.inf)
        choices = np.stack([padded[:-2] + SLANT, padded[1:-1], padded[2:] + SLANT])
        came[:, k] = np.clip(rows + choices.argmin(axis=0) - 1, 0, len(rows) - 1)
        best = choices.min(axis=0) + cost[:, k]
    found = [int(best.argmin())]
    for k in range(count - 1, 0, -1):
        found.append(int(came[found[-1], k]))
    return found[::-1]


def one_picture(pictures: Sequence[tuple[Picture, NDArray[np.float64]]], size: tuple[int, int]) -> Picture:
    """Pictures laid over each other, back to front, each with the 2 x 3 map from its pixels to those of the result (width, height)."""
    whole = np.zeros((size[1], size[0], 4), np.float64)
    for picture, matrix in pictures:
        straight = picture.astype(np.float32)
        straight[..., :3] *= straight[..., 3:] / FULL
        a, b = matrix[:, :2], matrix[:, 2]
        half = np.array([0.5, 0.5])
        shifted = np.column_stack([a, a @ half + b - half])  # OpenCV counts from the middles of pixels
        exact = np.allclose(a, np.eye(2), atol=1e-9) and np.allclose(shifted[:, 2], np.round(shifted[:, 2]), atol=1e-6)
        way = cv2.INTER_NEAREST if exact else cv2.INTER_LINEAR
        laid = cv2.warpAffine(straight, shifted, size, flags=way, borderMode=cv2.BORDER_CONSTANT).astype(np.float64)
        whole = laid + whole * (1 - laid[..., 3:] / FULL)
    alpha = whole[..., 3:]
    whole[..., :3] = np.divide(whole[..., :3] * FULL, alpha, out=np.zeros_like(whole[..., :3]), where=alpha > 1e-6)
    return np.clip(np.round(whole), 0, FULL).astype(np.uint8)

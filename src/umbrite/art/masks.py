"""Where paper is: the opaque area of drawings as they lie on the board, sampled on a grid of a chosen fineness."""

from collections.abc import Sequence
from typing import NamedTuple

import cv2
import numpy as np
from numpy.typing import NDArray

from umbrite.art.pictures import Picture
from umbrite.rig.affine import Affine, after, inverse, svg_matrix
from umbrite.rig.model import Part, Placement
from umbrite.rig.placement import Box, board_from_drawing, box_of

Mask = NDArray[np.uint8]
# Alpha from here on is inside an outline; half of full, so that antialiased edges lie where they were drawn.
INSIDE = 128

RotatedRect = tuple[Sequence[float], Sequence[float], float]


class Sheet(NamedTuple):
    """One drawing where it lies: its alpha, and its map from pixels to the board."""

    alpha: Mask
    board: Affine[complex]
    box: Box


def bar_of(alpha: Mask) -> RotatedRect | None:
    """The smallest rectangle around all that is opaque, however it lies: middle, sides and turn as OpenCV counts them; None where nothing is."""
    found, _ = cv2.findContours((alpha >= INSIDE).astype(np.uint8), cv2.RETR_EXTERNAL, cv2.CHAIN_APPROX_SIMPLE)
    return cv2.minAreaRect(np.concatenate(found)) if found else None


def sheet_of(picture: Picture, placement: Placement) -> Sheet:
    """A drawing's alpha with its place on the board at rest."""
    board = board_from_drawing(placement)
    return Sheet(np.ascontiguousarray(picture[..., 3]), board, box_of(picture.shape[1], picture.shape[0], board))


def sheet_of_part(part: Part, picture: Picture) -> Sheet:
    """A part's alpha as it is seen, without what its trims cut away, with its place on the board at rest."""
    sheet = sheet_of(picture, part.placement)
    if not part.trims:
        return sheet
    left = np.full_like(sheet.alpha, 255)
    for trim in part.trims:
        loop = np.array([[p.x - 0.5, p.y - 0.5] for p in trim.points]) * 16  # OpenCV counts from pixels' middles
        cv2.fillPoly(left, [loop.round().astype(np.int32)], 0 if trim.cut else 255, cv2.LINE_AA, 4)
    return sheet._replace(alpha=np.minimum(sheet.alpha, left))


def sampled(sheet: Sheet, box: Box, scale: float) -> Mask:
    """A sheet's alpha within a box of the board, `scale` samples a pixel; shape (rows, columns), 0..255.

    Sample (row, column) stands for the board point box corner + (column + 0.5, row + 0.5) / scale.
    """
    columns, rows = max(1, round(box.width * scale)), max(1, round(box.height * scale))
    board_from_sample = Affine(1 / scale + 0j, 0j, complex(box.left, box.top))
    pixel = after(inverse(sheet.board), board_from_sample)
    alpha = sheet.alpha
    step = float(abs(pixel.a) + abs(pixel.b))
    if step > 1.5:
        # Shrink first by whole steps, so that thin drawings do not fall between the samples.
        by = 2 ** int(np.ceil(np.log2(step / 1.5)))
        small = (max(1, -(-alpha.shape[1] // by)), max(1, -(-alpha.shape[0] // by)))
        alpha = np.asarray(cv2.resize(alpha, small, interpolation=cv2.INTER_AREA), dtype=np.uint8)
        shrink = (small[0] / sheet.alpha.shape[1], small[1] / sheet.alpha.shape[0])
        half: Affine[complex] = Affine((shrink[0] + shrink[1]) / 2 + 0j, (shrink[0] - shrink[1]) / 2 + 0j, 0j)
        pixel = after(half, pixel)
    a, b, c, d, e, f = svg_matrix(pixel)
    # OpenCV counts from the middles of pixels: shift by half a sample before and half a pixel after.
    matrix = np.array([[a, c, e + (a + c) / 2 - 0.5], [b, d, f + (b + d) / 2 - 0.5]])
    flags = cv2.INTER_LINEAR | cv2.WARP_INVERSE_MAP
    found = cv2.warpAffine(alpha, matrix, (columns, rows), flags=flags, borderMode=cv2.BORDER_CONSTANT)
    return np.asarray(found, dtype=np.uint8)


def shared_area(one: Sheet, other: Sheet, fineness: float = 48.0) -> tuple[Box, float] | None:
    """The box around what two drawings both cover, and its area in square board pixels; None where they share nothing.

    Found on rough samples: `fineness` of them across the box that their frames share, at most one a pixel.
    """
    shared = one.box.meet(other.box)
    if shared.empty:
        return None
    scale = min(1.0, fineness / max(shared.width, shared.height))
    both = (sampled(one, shared, scale) >= INSIDE) & (sampled(other, shared, scale) >= INSIDE)
    if not both.any():
        return None
    rows, columns = np.flatnonzero(both.any(axis=1)), np.flatnonzero(both.any(axis=0))
    box = Box(
        shared.left + columns[0] / scale,
        shared.top + rows[0] / scale,
        shared.left + (columns[-1] + 1) / scale,
        shared.top + (rows[-1] + 1) / scale,
    )
    return box, float(both.sum()) / scale**2

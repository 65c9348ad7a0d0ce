"""Where a joint looks wrong when it is turned: ends that were hidden and stick out.

At rest two joined parts share a seam, the area that both cover. When the child turns about the pivot, what of its hidden end
leaves the parent sticks out, and so does what of the parent's hidden end is left by the child. Round ends turned about their
middle show neither. The areas are found on samples of both parts around the seam.
"""

from typing import NamedTuple

import cv2
import numpy as np
from numpy.typing import NDArray

from umbrite.art.masks import Box, Mask, Sheet, sampled, shared_area
from umbrite.rig.affine import after, around

FINENESS = 110.0  # samples across the seam
LEAST = 0.004  # of the seam's area; less is a jagged edge


class Sticking(NamedTuple):
    """One area that sticks out: its middle and size on the board (pixels, square pixels), and whose end it is."""

    at: complex
    area: float
    of_child: bool


def sticking_out(child: Sheet, parent: Sheet, pivot: complex, turn: float) -> list[Sticking]:
    """What sticks out with the child turned by `turn` radians about `pivot`; the largest first, none without a seam."""
    found_area = shared_area(child, parent)
    if found_area is None:
        return []
    shared, _ = found_area
    reach = max(
        abs(complex(x, y) - pivot) for x in (shared.left, shared.right) for y in (shared.top, shared.bottom)
    )
    around_seam = Box(pivot.real - reach, pivot.imag - reach, pivot.real + reach, pivot.imag + reach).grown(2)
    scale = min(2.0, FINENESS / max(shared.width, shared.height), 500 / around_seam.width)
    spun = around(pivot, complex(np.exp(1j * turn)), 0j)
    turned = child._replace(board=after(spun, child.board))
    still, here, moved = (sampled(sheet, around_seam, scale) >= 128 for sheet in (parent, child, turned))
    seam = still & here
    if not seam.any():
        return []
    hidden = _turned(seam, pivot, around_seam, scale, turn)
    found = []
    for field, of_child in ((hidden & moved & ~still & ~here, True), (seam & ~moved, False)):
        found += _areas(field, around_seam, scale, seam.sum() * LEAST, of_child=of_child)
    return sorted(found, key=lambda item: -item.area)


def _turned(
    field: NDArray[np.bool_], pivot: complex, box: Box, scale: float, turn: float
) -> NDArray[np.bool_]:
    """A field of samples turned about a board point."""
    at = (pivot - complex(box.left, box.top)) * scale - (0.5 + 0.5j)
    spin = np.exp(1j * turn)
    shift = at - spin * at
    matrix = np.array([[spin.real, -spin.imag, shift.real], [spin.imag, spin.real, shift.imag]])
    size = (field.shape[1], field.shape[0])
    found: NDArray[np.bool_] = np.asarray(cv2.warpAffine(field.astype(np.uint8) * 255, matrix, size)) >= 128
    return found


def _areas(
    field: NDArray[np.bool_], box: Box, scale: float, least: float, *, of_child: bool
) -> list[Sticking]:
    # Slivers along the edge are how edges meet samples: what is thinner than two samples goes.
    shape: Mask = np.asarray(
        cv2.morphologyEx(field.astype(np.uint8), cv2.MORPH_OPEN, np.ones((3, 3), np.uint8))
    )
    count, _, stats, middles = cv2.connectedComponentsWithStats(shape)
    found = []
    for i in range(1, count):
        area = float(stats[i, cv2.CC_STAT_AREA])
        if area >= least:
            at = complex(box.left, box.top) + (complex(*middles[i]) + (0.5 + 0.5j)) / scale
            found.append(Sticking(at, area / scale**2, of_child))
    return found

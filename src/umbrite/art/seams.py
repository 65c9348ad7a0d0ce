"""Where a joint looks wrong when it is turned: ends that were hidden and stick out, and gaps that open.

At rest two joined parts share a seam, the area that both cover. When the child turns about the pivot, what of its hidden end
leaves the parent sticks out, and so does what of the parent's hidden end is left by the child. A gap is what neither covers
any more of the disc about the pivot that both together covered at rest, as far as that reaches to their common edge. Round
ends turned about their middle show nothing of all this. The areas are found on samples of both parts around the seam.
"""

from typing import Literal, NamedTuple

import cv2
import numpy as np
from numpy.typing import NDArray

from umbrite.art.masks import INSIDE, Mask, Sheet, sampled, shared_area
from umbrite.rig.affine import after, around
from umbrite.rig.placement import Box

FINENESS = 110.0  # samples across the seam
LEAST = 0.004  # of the seam's area; less is a jagged edge


Kind = Literal["child", "parent", "gap"]
SAFE = 0.93  # of the disc about the pivot: its rim is where edges meet samples


class Fault(NamedTuple):
    """One area that looks wrong: its middle and size on the board (pixels, square pixels), and what is wrong with it.

    `child` or `parent` is whose hidden end sticks out; `gap` is an opening between them.
    """

    at: complex
    area: float
    kind: Kind


class Seam:
    """Two joined parts and a pivot, made ready for looking at many turns."""

    def __init__(self, child: Sheet, parent: Sheet, pivot: complex, fineness: float = FINENESS) -> None:
        found = shared_area(child, parent)
        self.empty = found is None
        if found is None:
            return
        shared, _ = found
        corners = [complex(x, y) for x in (shared.left, shared.right) for y in (shared.top, shared.bottom)]
        reach = max(abs(corner - pivot) for corner in corners)
        self.child, self.pivot = child, pivot
        self.box = Box(pivot.real - reach, pivot.imag - reach, pivot.real + reach, pivot.imag + reach).grown(2)
        self.scale = min(2.0, fineness / max(shared.width, shared.height), 5 * fineness / self.box.width)
        self.still = sampled(parent, self.box, self.scale) >= INSIDE
        self.here = sampled(child, self.box, self.scale) >= INSIDE
        self.seam = self.still & self.here
        self.empty = not self.seam.any()
        self.disc = self._disc()

    def _disc(self) -> NDArray[np.bool_]:
        """The disc about the pivot that both cover together at rest, up to their common edge."""
        union = np.where(self.still | self.here, 255, 0).astype(np.uint8)
        depth = np.asarray(cv2.distanceTransform(union, cv2.DIST_L2, cv2.DIST_MASK_PRECISE))
        at = (self.pivot - complex(self.box.left, self.box.top)) * self.scale - (0.5 + 0.5j)
        rows, columns = np.indices(union.shape)
        row, column = (min(max(round(x), 0), n - 1) for x, n in ((at.imag, union.shape[0]), (at.real, union.shape[1])))
        radius = float(depth[row, column]) * SAFE - 1
        return np.asarray(np.hypot(columns - at.real, rows - at.imag) <= radius)

    def faults(self, turn: float) -> list[Fault]:
        """What looks wrong with the child turned by `turn` radians, the largest first."""
        if self.empty:
            return []
        spun = around(self.pivot, complex(np.exp(1j * turn)), 0j)
        moved = sampled(self.child._replace(board=after(spun, self.child.board)), self.box, self.scale) >= INSIDE
        hidden = _turned(self.seam, self.pivot, self.box, self.scale, turn)
        fields: tuple[tuple[Kind, NDArray[np.bool_]], ...] = (
            ("child", hidden & moved & ~self.still & ~self.here),
            ("parent", self.seam & ~moved),
            ("gap", self.disc & ~self.still & ~moved),
        )
        least = self.seam.sum() * LEAST
        found = [fault for kind, field in fields for fault in _areas(field, self.box, self.scale, least, kind)]
        return sorted(found, key=lambda fault: -fault.area)


def _turned(field: NDArray[np.bool_], pivot: complex, box: Box, scale: float, turn: float) -> NDArray[np.bool_]:
    """A field of samples turned about a board point."""
    at = (pivot - complex(box.left, box.top)) * scale - (0.5 + 0.5j)
    spin = np.exp(1j * turn)
    shift = at - spin * at
    matrix = np.array([[spin.real, -spin.imag, shift.real], [spin.imag, spin.real, shift.imag]])
    size = (field.shape[1], field.shape[0])
    return np.asarray(cv2.warpAffine(field.astype(np.uint8) * 255, matrix, size)) >= 128


def _areas(field: NDArray[np.bool_], box: Box, scale: float, least: float, kind: Kind) -> list[Fault]:
    # Slivers along the edge are how edges meet samples: what is thinner than two samples goes.
    shape: Mask = np.asarray(cv2.morphologyEx(field.astype(np.uint8), cv2.MORPH_OPEN, np.ones((3, 3), np.uint8)))
    count, _, stats, middles = cv2.connectedComponentsWithStats(shape)
    found = []
    for i in range(1, count):
        area = float(stats[i, cv2.CC_STAT_AREA])
        if area >= least:
            at = complex(box.left, box.top) + (complex(*middles[i]) + (0.5 + 0.5j)) / scale
            found.append(Fault(at, area / scale**2, kind))
    return found

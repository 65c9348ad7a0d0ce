"""Find limits: how far a joint turns before its seam looks wrong, measured on the outlines of the two parts.

Each part ends in a cap: the outline that the other part hides at rest and that lies beyond the pivot, as seen along the way
from the middle of the seam to the middle of the part. When the child turns, caps come out. A gap opens where the bare cap of one meets the bare cap of the other: there the
paper of neither reaches any more. Where the bare cap of the part behind stands out by more than a little, its edge shows.
Ends that are round about the pivot show neither. Outlines are traced on samples and kept as points; how far a point lies
inside or outside the other part is read from that part's signed distance field, so onsets are finer than the samples.
"""

import math
from collections.abc import Sequence
from typing import Literal, NamedTuple

import cv2
import numpy as np
from numpy.typing import NDArray

from umbrite.art.masks import INSIDE, Mask, Sheet, sampled, shared_area
from umbrite.rig.placement import Box

Reason = Literal["gap", "edge", "side", "fold", "free"]
Floats = NDArray[np.float64]
Complexes = NDArray[np.complex128]
Field = NDArray[np.float32]
Flags = NDArray[np.bool_]

SAMPLES = 900.0  # across the field around the pivot
STEP = math.radians(1.0)
EXACT = math.radians(0.05)
MOST = math.pi
LOOK_ON = np.radians(np.arange(1.0, 9.0))  # beyond an onset, to see how a gap grows
STAYS = tuple(math.radians(more) for more in (4.0, 8.0, 12.0, 16.0))
LATEST = math.radians(5.0)
FARTHEST_BACK = math.radians(15.0)
FINEST = 16.0  # samples to a pixel of a drawing, so that small art is seen as finely as large art
LEAST_BARE = 0.55  # pixels of the drawings; less is how edges meet pixels
LEAST_NOTCH = 1.5  # pixels of the drawings
# Shares of the seam's width.
BARE = 0.008  # a point of an outline this far outside counts as bare
MEETING = 5.0  # times that: two bare caps this near to each other meet: the notch is sharper than some 25 degrees
NOTCH = 0.25  # within which the flanks of a notch are measured
FLANK_ENDS = 0.9  # of that: how a longer flank grows is not seen
NOTICED = 0.03  # how long a notch's flanks are before it is noticed
EDGE = 0.06  # how far a bare cap of the part behind stands out before it is noticed


class Onset(NamedTuple):
    """The turn (radians from rest) at which something starts to look wrong, and what; half a turn where nothing does."""

    turn: float
    reason: Reason


class Outline(NamedTuple):
    """A part's outline around the pivot, relative to it: points, which of them are its cap, and its field."""

    points: Complexes
    cap: Flags
    field: Field


class SeamTurning:
    """Two joined parts and a pivot, made ready to be asked at any turn."""

    def __init__(self, child: Sequence[Sheet], parent: Sequence[Sheet], pivot: complex, *, child_behind: bool) -> None:
        self.pivot, self.child_behind = pivot, child_behind
        shared = [found for one in child for other in parent if (found := shared_area(one, other))]
        self.empty = not shared
        if self.empty:
            return
        box = shared[0][0]
        for more, _ in shared[1:]:
            box = box.join(more)
        corners = [complex(x, y) for x in (box.left, box.right) for y in (box.top, box.bottom)]
        reach = 1.25 * max(abs(corner - pivot) for corner in corners) + 4
        self.box = Box(pivot.real - reach, pivot.imag - reach, pivot.real + reach, pivot.imag + reach)
        self.pixel = max(_pixel(sheet) for sheet in (*child, *parent))
        self.scale = min(FINEST / self.pixel, SAMPLES / self.box.width)
        masks = [_union(sheets, self.box, self.scale) for sheets in (child, parent)]
        seam = masks[0] & masks[1]
        self.empty = not seam.any()
        if self.empty:
            return
        self.width = _width(seam) / self.scale
        self.bare = max(BARE * self.width, LEAST_BARE * self.pixel)
        rows, columns = np.nonzero(seam)
        middle = complex(self.box.left, self.box.top) + complex(columns.mean(), rows.mean()) / self.scale
        fields = [_signed(mask) / self.scale for mask in masks]
        read = [field.astype(np.float32) for field in fields]  # as they are read, hundreds of times
        self.child, self.parent = (
            self._outline(masks[i], fields[i], (read[i], read[1 - i]), _middle(sheets) - middle)
            for i, sheets in enumerate((child, parent))
        )
        self.empty = not (self.child.cap.any() or self.parent.cap.any())

    def _outline(self, mask: Mask, field: Floats, read: tuple[Field, Field], body: complex) -> Outline:
        """The outline of one of the two; `read` are the fields of it and of the other part, to be kept and read."""
        found, _ = cv2.findContours(mask, cv2.RETR_LIST, cv2.CHAIN_APPROX_NONE)
        cells = np.concatenate([np.asarray(loop).reshape(-1, 2) for loop in found])
        inside = (cells > 0).all(axis=1) & (cells[:, 0] < mask.shape[1] - 1) & (cells[:, 1] < mask.shape[0] - 1)
        cells = cells[inside]  # the border of the samples is no outline
        x, y = cells[:, 0], cells[:, 1]
        down = (field[y, x + 1] - field[y, x - 1]) / 2 + 1j * (field[y + 1, x] - field[y - 1, x]) / 2
        length = np.maximum(np.abs(down), 1e-9)
        # The traced cells lie inside; the outline lies where the field is nothing.
        at = x + 1j * y + 0.5 + 0.5j
        off = field[y, x] * self.scale
        at = (at - down / length * off) / self.scale
        points = at + complex(self.box.left, self.box.top) - self.pivot
        hidden = self._read(read[1], points) > self.bare
        cap = hidden & ((points * np.conj(body)).real < 0)
        return Outline(points, cap, read[0])

    def _read(self, field: Field, points: Complexes) -> Floats:
        """A field at points relative to the pivot; far outside beyond its border."""
        at = (points + self.pivot - complex(self.box.left, self.box.top)) * self.scale - (0.5 + 0.5j)
        if not points.size:
            return np.zeros(0)
        xs, ys = at.real.astype(np.float32), at.imag.astype(np.float32)
        read = cv2.remap(
            field, xs[None], ys[None], cv2.INTER_LINEAR,
            borderMode=cv2.BORDER_CONSTANT, borderValue=-1e3,
        )  # fmt: skip
        return np.asarray(read, dtype=np.float64).ravel()

    def _bare(self, turn: float) -> tuple[Complexes, Complexes, float]:
        """The bare points of the child's and the parent's caps, and how far the cap of the part behind stands out."""
        spin = complex(np.exp(1j * turn))
        child, parent = self.child.points[self.child.cap] * spin, self.parent.points[self.parent.cap]
        out_child = -self._read(self.parent.field, child)
        out_parent = -self._read(self.child.field, parent / spin)
        behind = out_child if self.child_behind else out_parent
        return child[out_child > self.bare], parent[out_parent > self.bare], float(behind.max(initial=0.0))

    def fault(self, turn: float) -> Reason:
        """What looks wrong with the child turned by `turn` radians; "free" where nothing does."""
        child, parent, out = self._bare(turn)
        if self._flank(child, parent) > max(NOTICED * self.width, LEAST_NOTCH * self.pixel):
            return "gap"
        return "edge" if out > max(EDGE * self.width, 1.0) else "free"

    def _flank(self, child: Complexes, parent: Complexes) -> float:
        """How long the shorter bare flank is where two bare caps meet, in pixels; 0 where they do not."""
        if not child.size or not parent.size:
            return 0.0
        near, at = _nearest(child, parent)
        if near >= MEETING * self.bare:
            return 0.0
        reach = NOTCH * self.width
        flanks = [np.abs(cap - at)[np.abs(cap - at) < reach].max(initial=0.0) for cap in (child, parent)]
        return float(min(flanks))

    def _gap_began(self, turn: float) -> float:
        """Where a gap seen at `turn` began: a notch grows evenly from nothing, but its first bit is below what is seen."""
        sense, first = math.copysign(1.0, turn), turn
        while abs(turn) > EXACT and abs(first - turn) < FARTHEST_BACK and self._flank(*self._bare(turn)[:2]) > 0:
            turn -= sense * STEP / 4
        seen = np.array([self._flank(*self._bare(turn + sense * more)[:2]) for more in LOOK_ON])
        growing = (seen > 0) & (seen < FLANK_ENDS * NOTCH * self.width)
        if growing.sum() < 3:
            return turn
        # Each flank is told by few pixels: a line through several.
        grows, at_turn = np.polyfit(LOOK_ON[growing], seen[growing], 1)
        if grows <= 0:
            return turn
        unseen = self.bare * (0.4 + 1 / max(abs(math.sin(turn)), 0.1))
        late = float((at_turn + unseen) / grows)
        return turn - sense * min(max(late, 0.0), LATEST, abs(turn))

    def _stays_open(self, turn: float) -> bool:
        """Whether a gap seen at a turn is one: a gap grows, while corners that pass each other meet and part again."""
        further = (turn + math.copysign(more, turn) for more in STAYS if abs(turn) + more <= MOST)
        return all(self._flank(*self._bare(later)[:2]) > 0 for later in further)

    def onset(self, sense: int, reason: Reason | None = None) -> Onset:
        """The first turn in one sense (+1 or -1) that shows a fault, or a fault of one kind: steps of a degree, then halved."""

        def wrong(turn: float) -> bool:
            found = self.fault(sense * turn)
            if found == "gap" and not self._stays_open(sense * turn):
                found = "free"
            return found != "free" if reason is None else found == reason

        if self.empty:
            return Onset(sense * MOST, "free")
        good = 0.0
        while good < MOST:
            bad = min(good + STEP, MOST)
            if wrong(bad):
                while bad - good > EXACT:
                    middle = (good + bad) / 2
                    good, bad = (good, middle) if wrong(middle) else (middle, bad)
                why = self.fault(sense * bad)
                return Onset(self._gap_began(sense * bad) if why == "gap" else sense * good, why)
            good = bad
        return Onset(sense * MOST, "free")


def _pixel(sheet: Sheet) -> float:
    """How large a pixel of a drawing is on the board."""
    return math.sqrt(abs(abs(sheet.board.a) ** 2 - abs(sheet.board.b) ** 2))


def _nearest(some: Complexes, others: Complexes) -> tuple[float, complex]:
    """How near two sets of points come, and where."""
    away = np.abs(some[:, None] - others[None, :])
    i, j = np.unravel_index(int(away.argmin()), away.shape)
    return float(away[i, j]), complex(some[i] + others[j]) / 2


def _union(sheets: Sequence[Sheet], box: Box, scale: float) -> Mask:
    whole = sampled(sheets[0], box, scale)
    for sheet in sheets[1:]:
        whole = np.maximum(whole, sampled(sheet, box, scale))
    return (whole >= INSIDE).astype(np.uint8)


def _signed(mask: Mask) -> Floats:
    """How far each sample lies inside (positive) or outside of the outline, in samples."""
    inside = cv2.distanceTransform(mask, cv2.DIST_L2, cv2.DIST_MASK_PRECISE)
    outside = cv2.distanceTransform(1 - mask, cv2.DIST_L2, cv2.DIST_MASK_PRECISE)
    return np.where(mask > 0, inside - 0.5, 0.5 - outside).astype(np.float64)


def _width(seam: Mask) -> float:
    """The width of a seam: of its smallest rectangle the longer side, as parts overlap less than they are wide."""
    if not seam.any():
        return 1.0
    outlines, _ = cv2.findContours(seam, cv2.RETR_EXTERNAL, cv2.CHAIN_APPROX_SIMPLE)
    _, (one, other), _ = cv2.minAreaRect(np.concatenate(outlines))
    return float(max(one, other, 1.0))


def _middle(sheets: Sequence[Sheet]) -> complex:
    """The middle of a part's paper, on the board."""
    found, whole = 0j, 0.0
    for sheet in sheets:
        rows, columns = np.nonzero(sheet.alpha >= INSIDE)
        if rows.size:
            middle = complex(columns.mean() + 0.5, rows.mean() + 0.5)
            found += complex(sheet.board(middle)) * rows.size
            whole += rows.size
    return found / whole if whole else 0j

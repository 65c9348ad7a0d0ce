"""Pieces of a figure as they lie, and how any two of them overlap: about which point either would turn on the other, and how good that is.

Where one of them ends round within the other, the middle of the round end is the pivot (see `round_ends`); where both do about one middle,
that of both counts, the more that of what hangs there the farther they are apart; of cut ends where the middle lines cross, or how the
seam lies along the middle line of what hangs there. Two round ends about one middle say most, and explain away what else lies about
that place: a forearm that lies on the body does not hang from it.
"""

import math
from collections.abc import Iterable, Mapping
from typing import NamedTuple

import cv2
import numpy as np

from umbrite.art.masks import INSIDE, Mask, Sheet, bar_of, sampled, shared_area, sheet_of_part
from umbrite.art.pictures import Picture
from umbrite.art.round_ends import Circle, depth_of, inscribed, round_end
from umbrite.rig.errors import RigError, Watch, unwatched
from umbrite.rig.family import branch
from umbrite.rig.model import Puppet
from umbrite.rig.placement import Box

FINENESS = 120.0  # samples across the overlap, at most
LEAST_OVERLAP = 0.002  # of the smaller part's area; less is touching by accident
ROUND = 0.46  # of a circle; a half round end has more, a square end's three sides less
# Of the smaller radius: as near are two round ends about one middle, and so far apart may rough edges put them.
ONE_MIDDLE, ROUGH, OF_ONE_SIZE = 0.3, 0.25, 1.1
CORNER = 0.7  # of the largest circle in the overlap; a round end is larger
NARROW = 0.3  # of half the width of a piece; a round end is wider
LYING_ON = 0.75  # so much of a part on another is a piece that lies on it, such as an eye on a head
LINED, THIN = 2.2, 0.25  # a piece so much longer than wide has a middle line
AT_END = 0.08  # of its length from its end a seam begins that is at that end
CROSSING = math.radians(20)  # middle lines that meet at less hardly cross
LONG = 2.2  # times as long as wide: such a piece has ends to turn about, even where it lies on another
# Two round ends about one middle; another contact within so much of a part's width of these is weaker by so much.
FIRM, SAME_PLACE, ELSEWHERE = 0.8, 0.5, 0.4
# How much contacts say: two round ends about one middle 1; one that lies on the other part; one of the part below; none; a piece on another.
ONE_END, OTHER_END, NO_END, FULL_END, LIES_ON = 0.72, 0.55, 0.2, 0.3, 0.6


class Contact(NamedTuple):
    """How two parts overlap: the pivot for either of them as the child, and how good that is, 0 to 1."""

    pivots: tuple[complex, complex]
    goods: tuple[float, float]


class Pieces(NamedTuple):
    """Parts as they lie, back to front: their sheets, opaque areas (square board pixels), widths, and where any two of them overlap."""

    keys: list[str]
    sheets: dict[str, Sheet]
    areas: dict[str, float]
    widths: dict[str, float]
    contacts: dict[tuple[str, str], Contact]  # of a child and what it would hang from


def pieces_of(
    puppet: Puppet, pictures: Mapping[str, Picture], keys: Iterable[str] | None = None, watch: Watch = unwatched
) -> Pieces:
    """The parts that count, and how they lie on each other. Raises RigError where there are not two."""
    wanted = set(puppet.order if keys is None else keys)
    chosen = [key for key in puppet.order if key in wanted and _is_paper(puppet, key, asked=keys is not None)]
    if len(chosen) < 2:
        raise RigError("Joints lie between parts: select two or more parts that overlap, or nothing for all of them.")
    sheets = {key: sheet_of_part(puppet.parts[key], pictures[puppet.parts[key].drawing.sha256]) for key in chosen}
    turns = _turns(puppet)
    areas = {key: _area(sheet) for key, sheet in sheets.items()}
    contacts: dict[tuple[str, str], Contact] = {}
    for i, one in enumerate(chosen):
        watch(i, len(chosen), puppet.parts[one].name)
        for other in chosen[i + 1 :]:
            if any(one in own and other in own and own[one] != own[other] for own in turns):
                continue  # they take turns, so they never meet
            found = contact(sheets[one], sheets[other], areas[one], areas[other])
            if found is not None:
                contacts[one, other] = found
                contacts[other, one] = Contact(found.pivots[::-1], found.goods[::-1])
    widths = {key: _width(sheet) for key, sheet in sheets.items()}
    return Pieces(chosen, sheets, areas, widths, _explained(contacts, widths))


def _turns(puppet: Puppet) -> list[dict[str, int]]:
    """For each set the parts of its variants, their branches' too, and the number of the variant with which they show."""
    found = []
    for one in puppet.sets.values():
        own: dict[str, int] = {}
        for variant in one.variants:
            below = {key for joint in variant.joints for key in branch(puppet, joint)}
            parts = [key for key, part in puppet.parts.items() if part.joint in below]
            own.update(dict.fromkeys((*variant.parts, *parts), variant.number))
        found.append(own)
    return found


def _is_paper(puppet: Puppet, key: str, *, asked: bool) -> bool:
    """Whether a part counts: references never do, hidden parts only if they are asked for."""
    part = puppet.parts[key]
    return not part.reference and (part.visible or asked)


def _area(sheet: Sheet) -> float:
    """Opaque pixels on the board."""
    size = float(abs(abs(sheet.board.a) ** 2 - abs(sheet.board.b) ** 2))
    return float(np.count_nonzero(sheet.alpha >= INSIDE)) * size


def _width(sheet: Sheet) -> float:
    """How wide a drawing is across its length, on the board, as if it were a bar."""
    if (bar := bar_of(sheet.alpha)) is None:
        return 0.0
    _, (width, height), _ = bar
    size = math.sqrt(abs(abs(sheet.board.a) ** 2 - abs(sheet.board.b) ** 2))
    return float(min(width, height)) * size


def _explained(
    contacts: Mapping[tuple[str, str], Contact], widths: Mapping[str, float]
) -> dict[tuple[str, str], Contact]:
    """Contacts, those weaker that lie about the same place of a part as its joint of two round ends.

    A forearm that lies on the body does not hang from it: where it could turn there, the upper arm ends.
    """
    firm: dict[str, list[tuple[str, complex]]] = {}
    for (one, other), found in contacts.items():
        if min(found.goods) >= FIRM:
            firm.setdefault(one, []).append((other, found.pivots[0]))
    weaker = {}
    for (one, other), found in contacts.items():
        goods = [
            good * (ELSEWHERE if any(
                joined != beside and abs(at - pivot) < SAME_PLACE * widths[key]
                for joined, at in firm.get(key, [])
            ) and good < FIRM else 1.0)
            for key, beside, good, pivot in zip((one, other), (other, one), found.goods, found.pivots, strict=True)
        ]  # fmt: skip
        weaker[one, other] = Contact(found.pivots, (goods[0], goods[1]))
    return weaker


def contact(one: Sheet, other: Sheet, area1: float, area2: float) -> Contact | None:
    """How two drawings overlap; None where they do not, or hardly."""
    if min(area1, area2) <= 0 or (found := shared_area(one, other)) is None:
        return None
    box, overlap = found
    if overlap < LEAST_OVERLAP * min(area1, area2):
        return None
    return _closely(one, other, box, (overlap / area1, overlap / area2))


def _closely(one: Sheet, other: Sheet, box: Box, shares: tuple[float, float]) -> Contact | None:
    """The same with fine samples, in the overlap's surroundings."""
    around = box.grown(0.35 * max(box.width, box.height) + 2)
    scale = min(2.0, FINENESS / max(box.width, box.height))
    shapes = [np.where(sampled(sheet, around, scale) >= INSIDE, 255, 0).astype(np.uint8) for sheet in (one, other)]
    overlap: Mask = shapes[0] & shapes[1]
    if not overlap.any():
        return None

    def onto_board(z: complex) -> complex:
        return complex(around.left, around.top) + (z + 0.5 + 0.5j) / scale

    depths = [depth_of(shape) for shape in shapes]
    wide = [float(depth.max()) for depth in depths]
    middle = inscribed(depth_of(overlap))
    ends = [round_end(shape, overlap, depth) for shape, depth in zip(shapes, depths, strict=True)]
    # What is much smaller than what fits into both, or than the piece is wide there, is the rounding of a corner.
    ends = [
        end if end is not None and end.radius > max(CORNER * middle.radius, NARROW * most) else None
        for end, most in zip(ends, wide, strict=True)
    ]
    pivots, goods = [], []
    for child in (0, 1):
        if shares[child] > LYING_ON and not _is_long(shapes[child]):
            rows, columns = np.nonzero(shapes[child])
            at, good = complex(columns.mean(), rows.mean()), LIES_ON
        else:
            lines = [
                None if line is None else _Line(*((z - onto_board(0j)) * scale for z in line))
                for line in (_line(one), _line(other))
            ]
            seam = _Seam(overlap, middle.centre, middle.radius, (lines[child], lines[1 - child]))
            at, good = _joined(ends[child], ends[1 - child], seam, (shapes[child], shapes[1 - child]), wide[child])
        pivots.append(onto_board(at))
        goods.append(good * (1 - 0.5 * min(shares[child], shares[1 - child])))
    return Contact((pivots[0], pivots[1]), (goods[0], goods[1]))


def _is_long(shape: Mask) -> bool:
    """Whether the smallest rectangle around a shape, however it lies, is much longer than wide."""
    _, (width, height), _ = cv2.minAreaRect(cv2.findNonZero(shape))
    return max(width, height) > LONG * min(width, height)


class _Line(NamedTuple):
    """The middle line of a long piece from end to end, in board pixels or samples."""

    start: complex
    end: complex


class _Seam(NamedTuple):
    """Where two pieces overlap, in samples: the area, the middle and radius of the largest circle in it, and the middle lines of what hangs and of what
    carries it, for long pieces.
    """

    overlap: Mask
    middle: complex
    largest: float
    lines: tuple[_Line | None, _Line | None]


def _line(sheet: Sheet) -> _Line | None:
    """The middle line of a piece on the board; None for one that is about as wide as long."""
    if (bar := bar_of(sheet.alpha)) is None:
        return None
    corners = cv2.boxPoints(bar)
    z = corners[:, 0] + 1j * corners[:, 1] + 0.5 + 0.5j
    sides = abs(z[1] - z[0]), abs(z[2] - z[1])
    if max(sides) < LINED * min(sides):
        return None
    one, other = (
        ((z[0] + z[1]) / 2, (z[2] + z[3]) / 2) if sides[0] < sides[1] else ((z[1] + z[2]) / 2, (z[3] + z[0]) / 2)
    )
    return _Line(complex(sheet.board(complex(one))), complex(sheet.board(complex(other))))


def _cut_pivot(seam: _Seam, wide: float) -> complex:
    """Where a piece turns whose end is cut straight: where the middle lines of both cross within the seam; else on its own middle line, where
    the middle of the seam lies along it, and half its width from its end at most (`wide`); of what has no middle line the middle of the largest circle
    in the seam, or of a thin seam its own.
    """
    rows, columns = np.nonzero(seam.overlap)
    inside = columns + 1j * rows
    centre = complex(inside.mean())
    own, other = seam.lines
    if own is None:
        return centre if seam.largest < THIN * wide else seam.middle
    way = (own.end - own.start) / abs(own.end - own.start)
    if other is not None:
        across = other.end - other.start
        turn = (way.conjugate() * across).imag / abs(across)
        if abs(turn) > math.sin(CROSSING):
            crossing = (
                own.start
                + way * ((other.start - own.start).conjugate() * across).imag / (way.conjugate() * across).imag
            )
            if float(np.abs(inside - crossing).min()) < 0.1 * wide:
                return crossing
    end, inwards = (own.start, way) if abs(centre - own.start) < abs(centre - own.end) else (own.end, -way)
    along = ((centre - end) * inwards.conjugate()).real
    nearest = float(((inside - end) * inwards.conjugate()).real.min())
    if nearest > AT_END * abs(own.end - own.start):  # a pole in a hand
        return seam.middle
    return end + inwards * min(max(along, 0.0), wide)


def _joined(
    child: Circle | None, parent: Circle | None, seam: _Seam, shapes: tuple[Mask, Mask], wide: float
) -> tuple[complex, float]:
    """The pivot between two ends, in samples, and how good it is: two round ends about one middle say most.

    One round end says the more, the more of it lies on the other part, and more if it is the end of what hangs there, which is
    `wide` from its middle to its outline.
    """
    # Cut ends: the more of the end of what hangs there lies on the other, the better.
    lying = float(np.count_nonzero(shapes[0] & shapes[1])) / max(1.0, 1.5 * math.pi * wide * wide)
    cut = NO_END + FULL_END * min(1.0, lying)
    ends = [end for end in (child, parent) if end is not None and end.arc >= ROUND]
    if len(ends) == 2:
        one, other = ends
        apart = abs(one.centre - other.centre) / min(one.radius, other.radius)
        if apart < ONE_MIDDLE:
            # Farther apart than rough edges put them, what hangs there turns about its own end.
            weights = [one.arc**4, other.arc**4 * max(0.0, 1 - (apart / ROUGH) ** 2)]
            return sum(end.centre * w for end, w in zip(ends, weights, strict=True)) / sum(weights), 1.0
        # Of two about different middles the smaller one counts; of two of one size that of what hangs there.
        ends = [one if one.radius < OF_ONE_SIZE * other.radius else other]
    if ends:
        one = ends[0]
        said, under = (ONE_END, shapes[1]) if one is child else (OTHER_END, shapes[0])
        good = said * min(1.0, 0.5 + one.arc) * _covered(one, under)
        if one is child or good > cut:
            return one.centre, good
    return _cut_pivot(seam, wide), cut


def _covered(end: Circle, under: Mask) -> float:
    """The share of a round end that lies on the other part."""
    disc = np.zeros_like(under)
    cv2.circle(disc, (round(end.centre.real), round(end.centre.imag)), max(1, round(end.radius)), 255, -1)
    return float(np.count_nonzero(disc & under)) / max(1.0, float(np.count_nonzero(disc)))

"""Find joints: from how parts overlap to pivots, parents and how sure that is.

Two parts that overlap may be joined. Where one of them ends round within the other, the middle of the round end is the
pivot (see `round_ends`); where both do, the middle of both counts; else the middle of the largest circle that fits into the
overlap. Which of two carries the other, and which pairs are joints at all, is decided for the whole puppet: the piece
that is the best root by name and size comes first, then always the pair of one that hangs already and one that does not
which is the most likely (a spanning tree by Prim's method), by the roundness of the end, the overlap and the names.
"""

from collections.abc import Iterable, Mapping
from typing import NamedTuple

import cv2
import numpy as np

from umbrite.art.masks import Mask, Sheet, sampled, shared_area, sheet_of
from umbrite.art.pictures import Picture
from umbrite.art.round_ends import Circle, inscribed, round_end
from umbrite.rig.body_words import fits_below, kind_of, root_rank
from umbrite.rig.errors import RigError
from umbrite.rig.model import Puppet
from umbrite.rig.names import side_of
from umbrite.rig.placement import Box

FINENESS = 120.0  # samples across the overlap, at most
LEAST_OVERLAP = 0.002  # of the smaller part's area; less is touching by accident
ROUND = 0.46  # of a circle; a half round end has more, a square end's three sides less
INSIDE = 0.75  # so much of a part on another is a piece that lies on it, such as an eye on a head
LONG = 2.2  # times as long as wide: such a piece has ends to turn about, even where it lies on another
LEAST_LIKELY = 0.12


class Proposal(NamedTuple):
    """A part (its joint) shall hang from a parent part's joint and turn about a pivot; confidence 0 to 1."""

    part: str
    parent: str
    pivot: complex
    confidence: float


class Contact(NamedTuple):
    """How two parts overlap: the pivot for either of them as the child, and how good that is, 0 to 1."""

    pivots: tuple[complex, complex]
    goods: tuple[float, float]


def find_joints(
    puppet: Puppet, pictures: Mapping[str, Picture], keys: Iterable[str] | None = None
) -> list[Proposal]:
    """Proposals for parts (all of a puppet, or two and more of `keys`), each part at most once as a child, parents first.

    `pictures` gives RGBA pixels by drawing fingerprint. Raises RigError where there are not two parts.
    """
    wanted = set(puppet.order if keys is None else keys)
    chosen = [key for key in puppet.order if key in wanted and not puppet.parts[key].reference]
    if len(chosen) < 2:
        raise RigError(
            "Joints lie between parts: select two or more parts that overlap, or nothing for all of them."
        )
    sheets = {
        key: sheet_of(pictures[puppet.parts[key].drawing.sha256], puppet.parts[key].placement)
        for key in chosen
    }
    areas = {key: _area(sheet) for key, sheet in sheets.items()}
    contacts: dict[tuple[str, str], Contact] = {}
    for i, one in enumerate(chosen):
        for other in chosen[i + 1 :]:
            found = contact(sheets[one], sheets[other], areas[one], areas[other])
            if found is not None:
                contacts[one, other] = found
                contacts[other, one] = Contact(found.pivots[::-1], found.goods[::-1])
    return _family(puppet, chosen, areas, contacts)


def _area(sheet: Sheet) -> float:
    """Opaque pixels on the board."""
    size = float(abs(abs(sheet.board.a) ** 2 - abs(sheet.board.b) ** 2))
    return float(np.count_nonzero(sheet.alpha >= 128)) * size


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
    shapes = [
        np.where(sampled(sheet, around, scale) >= 128, 255, 0).astype(np.uint8) for sheet in (one, other)
    ]
    overlap: Mask = shapes[0] & shapes[1]
    if not overlap.any():
        return None

    def onto_board(z: complex) -> complex:
        return complex(around.left, around.top) + (z + 0.5 + 0.5j) / scale

    ends = [round_end(shape, overlap) for shape in shapes]
    middle = inscribed(overlap)
    pivots, goods = [], []
    for child in (0, 1):
        if shares[child] > INSIDE and not _is_long(shapes[child]):
            rows, columns = np.nonzero(shapes[child])
            at, good = complex(columns.mean(), rows.mean()), 0.6
        else:
            at, good = _joined(ends[child], ends[1 - child], middle)
        pivots.append(onto_board(at))
        goods.append(good * (1 - 0.5 * min(shares[child], shares[1 - child])))
    return Contact((pivots[0], pivots[1]), (goods[0], goods[1]))


def _is_long(shape: Mask) -> bool:
    """Whether the smallest rectangle around a shape, however it lies, is much longer than wide."""
    _, (width, height), _ = cv2.minAreaRect(cv2.findNonZero(shape))
    return max(width, height) > LONG * min(width, height)


def _joined(child: Circle | None, parent: Circle | None, middle: Circle) -> tuple[complex, float]:
    """The pivot between two ends, in samples, and how good it is."""
    ends = [end for end in (child, parent) if end is not None and end.arc >= ROUND]
    if len(ends) == 2:
        one, other = ends
        near = abs(one.centre - other.centre) < 0.3 * min(one.radius, other.radius)
        if near:
            weights = [end.arc**4 for end in ends]
            return sum(end.centre * w for end, w in zip(ends, weights, strict=True)) / sum(weights), 1.0
        ends = [min(ends, key=lambda end: end.radius)]
    if ends:
        return ends[0].centre, min(1.0, 0.5 + ends[0].arc)
    return middle.centre, 0.4


def _family(
    puppet: Puppet, keys: list[str], areas: Mapping[str, float], contacts: Mapping[tuple[str, str], Contact]
) -> list[Proposal]:
    """Prim's method from the best root of each group of parts that hang together."""
    names = {key: puppet.parts[key].name for key in keys}
    likely = {pair: _likely(names[pair[0]], names[pair[1]], areas[pair[0]], areas[pair[1]], found)
              for pair, found in contacts.items()}  # fmt: skip
    left = sorted(keys, key=lambda key: (root_rank(names[key]), areas[key]), reverse=True)
    found: list[Proposal] = []
    while left:
        hanging = [left.pop(0)]
        while True:
            best = max(
                ((child, parent) for child in left for parent in hanging if (child, parent) in likely),
                key=lambda pair: likely[pair],
                default=None,
            )
            if best is None or likely[best] < LEAST_LIKELY:
                break
            child, parent = best
            confidence = min(1.0, max(0.02, likely[best] / 2.2))
            found.append(Proposal(child, parent, contacts[best].pivots[0], round(confidence, 3)))
            hanging.append(child)
            left.remove(child)
    return found


def _likely(child: str, parent: str, area: float, carrying: float, found: Contact) -> float:
    """How likely one part hangs from another: the overlap, names, sides, and that larger pieces carry smaller ones."""
    score = found.goods[0]
    score += 1.3 * fits_below(child, parent)
    sides = {side_of(child), side_of(parent)} - {"middle"}
    if len(sides) == 2:
        score -= 0.9
    elif side_of(child) == side_of(parent):
        score += 0.1
    if not kind_of(child) or not kind_of(parent):
        score += 0.15 * np.tanh(np.log(max(carrying, 1.0) / max(area, 1.0)))
    return float(score)

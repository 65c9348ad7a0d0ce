"""Find joints: from how parts overlap to pivots, parents and how sure that is.

Two parts that overlap may be joined. Where one of them ends round within the other, the middle of the round end is the
pivot (see `round_ends`); where both do about one middle, that of both counts, the more that of what hangs there the farther they are
apart; of cut ends where the middle lines cross, or how the seam lies along the middle line of what hangs there. Two round ends about one middle say most, and explain away what else lies about that
place: a forearm that lies on the body does not hang from it. Which pairs are joints is decided for the whole figure: the spanning
tree of the most likely pairs (Prim's method), from the piece that is the best root by name, or by size, by what it carries and how low;
then pieces are hung from what they hang from more likely, and two pieces of one outline from the same. Parts are taken as they are seen:
trims cut away, hidden parts and references left out.
"""

import math
from collections.abc import Callable, Collection, Iterable, Mapping, Sequence
from typing import NamedTuple

import cv2
import numpy as np

from umbrite.art.masks import Mask, Sheet, sampled, shared_area, sheet_of_part
from umbrite.art.pictures import Picture
from umbrite.art.round_ends import Circle, depth_of, inscribed, round_end
from umbrite.rig.errors import RigError
from umbrite.rig.family import branch
from umbrite.rig.model import Puppet
from umbrite.rig.placement import Box
from umbrite.rig.words.body_words import fits_below, kind_of, root_rank
from umbrite.rig.words.names import side_of

FINENESS = 120.0  # samples across the overlap, at most
LEAST_OVERLAP = 0.002  # of the smaller part's area; less is touching by accident
ROUND = 0.46  # of a circle; a half round end has more, a square end's three sides less
# Of the smaller radius: as near are two round ends about one middle, and so far apart may rough edges put them.
ONE_MIDDLE, ROUGH, OF_ONE_SIZE = 0.3, 0.25, 1.1
CORNER = 0.7  # of the largest circle in the overlap; a round end is larger
INSIDE = 0.75  # so much of a part on another is a piece that lies on it, such as an eye on a head
SOLID, LINED, THIN = 128, 2.2, 0.25  # an opaque pixel; a piece so much longer than wide has a middle line
AT_END = 0.08  # of its length from its end a seam begins that is at that end
CROSSING = math.radians(20)  # middle lines that meet at less hardly cross
LONG = 2.2  # times as long as wide: such a piece has ends to turn about, even where it lies on another
LEAST_LIKELY = 0.12
UNLIKELY = 0.0  # a joint that is likely the other way round only
# Two round ends about one middle; another contact within so much of a part's width of these is weaker by so much.
FIRM, SAME_PLACE, ELSEWHERE = 0.8, 0.5, 0.4
BESIDE, FEW_BETWEEN = 0.1, 8.0  # what it says that two pieces are neighbours in the draw order
ALIKE, PAIR = (
    0.03,
    0.5,
)  # sizes of a pair differ by less; its joints may be so much less likely, together, for its sake
CARRIES = 0.1  # what it says at most that one piece is larger than the other
# So many large pieces a garment covers, what counts as large (of its area), how much of them lies on it, how large one of them is; how round
# a disc is.
COVERED, SMALL, MOSTLY, AS_LARGE, DISC = 3, 0.06, 0.6, 0.3, 0.85
UNNAMED = 1.0  # the rank of a root whose name says nothing
LEGGED = 0.12  # of the largest piece: from there on what carries a pair of limbs may be the root
LARGE = 0.3  # of the largest piece: as large may be the root as well
# How much contacts say: two round ends about one middle 1; one that lies on the other part; one of the part below; none; a piece on another.
ONE_END, OTHER_END, NO_END, FULL_END, LIES_ON = 0.72, 0.55, 0.2, 0.3, 0.6


class Proposal(NamedTuple):
    """A part (its joint) should hang from a parent part's joint and turn about a pivot; confidence 0 to 1."""

    part: str
    parent: str
    pivot: complex
    confidence: float


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


# Is told how many of how many pieces are looked at and which comes next; raises to stop.
Told = Callable[[int, int, str], object]


def nobody(_done: int, _all: int, _name: str) -> None:
    """Nobody looks on."""


def find_joints(
    puppet: Puppet, pictures: Mapping[str, Picture], keys: Iterable[str] | None = None, told: Told = nobody
) -> list[Proposal]:
    """Proposals for parts (all of a puppet, or two and more of `keys`), each part at most once as a child, parents first.

    `pictures` gives RGBA pixels by drawing fingerprint. Raises RigError where there are not two parts.
    """
    return joints_among(puppet, pieces_of(puppet, pictures, keys, told))


def pieces_of(
    puppet: Puppet, pictures: Mapping[str, Picture], keys: Iterable[str] | None = None, told: Told = nobody
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
        told(i, len(chosen), puppet.parts[one].name)
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
    return float(np.count_nonzero(sheet.alpha >= 128)) * size


def _width(sheet: Sheet) -> float:
    """How wide a drawing is across its length, on the board, as if it were a bar."""
    edges, _ = cv2.findContours((sheet.alpha >= 128).astype(np.uint8), cv2.RETR_EXTERNAL, cv2.CHAIN_APPROX_SIMPLE)
    if not edges:
        return 0.0
    _, (width, height), _ = cv2.minAreaRect(np.concatenate(edges))
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
    shapes = [np.where(sampled(sheet, around, scale) >= 128, 255, 0).astype(np.uint8) for sheet in (one, other)]
    overlap: Mask = shapes[0] & shapes[1]
    if not overlap.any():
        return None

    def onto_board(z: complex) -> complex:
        return complex(around.left, around.top) + (z + 0.5 + 0.5j) / scale

    depths = [depth_of(shape) for shape in shapes]
    wide = [float(depth.max()) for depth in depths]
    middle = inscribed(depth_of(overlap))
    ends = [round_end(shape, overlap, depth) for shape, depth in zip(shapes, depths, strict=True)]
    # What is much smaller than what fits into both is the rounding of a corner.
    ends = [end if end is not None and end.radius > CORNER * middle.radius else None for end in ends]
    pivots, goods = [], []
    for child in (0, 1):
        if shares[child] > INSIDE and not _is_long(shapes[child]):
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
    found, _ = cv2.findContours((sheet.alpha >= SOLID).astype(np.uint8), cv2.RETR_EXTERNAL, cv2.CHAIN_APPROX_SIMPLE)
    if not found:
        return None
    corners = cv2.boxPoints(cv2.minAreaRect(np.concatenate(found)))
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


def likely_joints(puppet: Puppet, pieces: Pieces) -> dict[tuple[str, str], float]:
    """How likely each part hangs from each other part that it lies on: by overlap, names, size and draw order."""
    keys, _, areas, _, contacts = pieces
    names = {key: puppet.parts[key].name for key in keys}
    depth = {key: i for i, key in enumerate(keys)}
    return {
        pair: _likely(names[pair[0]], names[pair[1]], areas[pair[0]], areas[pair[1]], found)
        # Pieces of one limb mostly lie one upon the other, not far apart in the draw order.
        + BESIDE * float(np.exp((1 - abs(depth[pair[0]] - depth[pair[1]])) / FEW_BETWEEN))
        for pair, found in contacts.items()
    }


def joints_among(puppet: Puppet, pieces: Pieces) -> list[Proposal]:
    """The tree of each group of parts that hang together, from its root outwards."""
    keys, _, areas, widths, contacts = pieces
    names = {key: puppet.parts[key].name for key in keys}
    every = {pair: score for pair, score in likely_joints(puppet, pieces).items() if score >= LEAST_LIKELY}
    aside = _beside_the_body(names, pieces, every)
    likely = {pair: score for pair, score in every.items() if aside.isdisjoint(pair)}
    keys = [key for key in keys if key not in aside]
    found: list[Proposal] = []
    for group in _groups(keys, likely):
        joined = _joined_pieces(group, _tree(group, likely))
        root = _root(group, joined, names, pieces)
        parents = _like_pairs(_hung_from(root, group, likely), likely, areas, widths)
        # What carries what has changed by now, and so may what carries all.
        joined = _joined_pieces(group, parents)
        again = _root(group, joined, names, pieces)
        if again != root:
            root = again
            parents = _like_pairs(_hung_from(root, group, likely), likely, areas, widths)
        order = _parents_first(parents, root)
        found += [
            Proposal(child, parents[child], contacts[child, parents[child]].pivots[0], _sure(child, parents, likely))
            for child in order
        ]
    return found + _hung_beside(aside, {one.part: one.parent for one in found}, pieces, every)


def _beside_the_body(
    names: Mapping[str, str], pieces: Pieces, likely: Mapping[tuple[str, str], float]
) -> frozenset[str]:
    """What hangs from the body and carries nothing of it, where no name says otherwise: garments that lie before or behind all that they
    cover, and discs on the seams of others.
    """
    found = set()
    for key in pieces.keys:
        if kind_of(names[key]):
            continue
        touching = [other for other in pieces.keys if (key, other) in likely or (other, key) in likely]
        if _is_garment(key, touching, pieces) or _is_disc(key, touching, pieces):
            found.add(key)
    return frozenset(found) if len(found) < len(pieces.keys) - 1 else frozenset()


def _is_garment(key: str, touching: Sequence[str], pieces: Pieces) -> bool:
    """Whether a piece covers several large pieces for the most part, one of them about as large as itself, that hang firmly together without
    it and not on it.
    """
    large = [other for other in touching if pieces.areas[other] > SMALL * pieces.areas[key]]
    covered = [other for other in large if _share_on(other, key, pieces) > MOSTLY]
    if len(covered) < COVERED or max(pieces.areas[other] for other in covered) < AS_LARGE * pieces.areas[key]:
        return False

    def firm(one: str, other: str) -> bool:
        return (one, other) in pieces.contacts and max(pieces.contacts[one, other].goods) >= FIRM

    together = sum(firm(one, other) for i, one in enumerate(covered) for other in covered[i + 1 :])
    return together >= COVERED - 1 and sum(firm(key, other) for other in covered) <= 1


def _is_disc(key: str, touching: Sequence[str], pieces: Pieces) -> bool:
    """Whether a small round piece lies on two larger ones that lie on each other, about where they do."""
    sheet, area = pieces.sheets[key], pieces.areas[key]
    wide, tall = sheet.box.width, sheet.box.height
    larger = [other for other in touching if pieces.areas[other] > 2.5 * area]
    if len(larger) < 2 or min(wide, tall) < DISC * max(wide, tall) or area < DISC**2 * 0.7 * wide * tall:
        return False
    middle = complex(sheet.box.left + wide / 2, sheet.box.top + tall / 2)
    seams = [
        pieces.contacts[one, other].pivots[0]
        for i, one in enumerate(larger)
        for other in larger[i + 1 :]
        if (one, other) in pieces.contacts
    ]
    return any(abs(pivot - middle) < 0.35 * max(wide, tall) for pivot in seams)


def _share_on(one: str, other: str, pieces: Pieces) -> float:
    """The share of a piece that lies on another."""
    found = shared_area(pieces.sheets[one], pieces.sheets[other])
    return 0.0 if found is None else found[1] / max(pieces.areas[one], 1.0)


def _hung_beside(
    aside: Collection[str], parents: Mapping[str, str], pieces: Pieces, likely: Mapping[tuple[str, str], float]
) -> list[Proposal]:
    """A disc hangs from the lower of the two pieces on whose seam it lies, a garment from the largest piece that it lies on."""
    found = []
    for key in sorted(aside, key=pieces.keys.index):
        touching = [other for other in pieces.keys if (key, other) in pieces.contacts and other not in aside]
        if not touching:
            continue
        box = pieces.sheets[key].box
        middle = complex(box.left + box.width / 2, box.top + box.height / 2)
        seams = [
            (abs(pieces.contacts[child, parent].pivots[0] - middle), child)
            for child, parent in parents.items() if child in touching and parent in touching
        ]  # fmt: skip
        near = min(seams, default=(math.inf, ""))
        on_seam = near[0] < 0.35 * max(box.width, box.height) and pieces.areas[key] < pieces.areas[near[1]]
        parent = near[1] if on_seam else max(touching, key=lambda other: pieces.areas[other])
        pivot = middle if on_seam else pieces.contacts[key, parent].pivots[0]
        found.append(Proposal(key, parent, pivot, min(0.8, max(likely.get((key, parent), 0.3), 0.3))))
    return found


def _like_pairs(
    parents: dict[str, str],
    likely: Mapping[tuple[str, str], float],
    areas: Mapping[str, float],
    widths: Mapping[str, float],
) -> dict[str, str]:
    """The same, with two pieces of one outline that hang from different pieces hung from the same, where both may."""
    parents = dict(parents)
    ordered = sorted(parents)
    for i, one in enumerate(ordered):
        for other in ordered[i + 1 :]:
            above = parents[one], parents[other]
            if above[0] == above[1] or not _alike(one, other, areas, widths) or _alike(*above, areas, widths):
                continue
            both = [
                p
                for p in above
                if all((child, p) in likely and child not in _upwards(p, parents) for child in (one, other))
            ]
            if both:
                best = max(both, key=lambda p: likely[one, p] + likely[other, p])
                if (
                    likely[one, best] + likely[other, best]
                    > sum(likely.get((c, parents[c]), 0.0) for c in (one, other)) - PAIR
                ):
                    parents[one] = parents[other] = best
    return parents


def _alike(one: str, other: str, areas: Mapping[str, float], widths: Mapping[str, float]) -> bool:
    """Whether two pieces have outlines of the same size, mirrored or not."""
    return all(min(size[one], size[other]) > (1 - ALIKE) * max(size[one], size[other]) for size in (areas, widths))


def _groups(keys: Sequence[str], likely: Mapping[tuple[str, str], float]) -> list[list[str]]:
    """Parts that hang together, in the order of their first."""
    import networkx as nx

    graph = nx.Graph()
    graph.add_nodes_from(keys)
    graph.add_edges_from(likely)
    return [[key for key in keys if key in group] for group in nx.connected_components(graph)]


def _root(group: list[str], joined: Mapping[str, list[str]], names: Mapping[str, str], pieces: Pieces) -> str:
    """What carries all others: by name; else the lowest of those at which two limbs of one size begin; else the largest piece, the lowest of large ones that carry several; of a chain its wide end."""
    areas, widths, contacts = pieces.areas, pieces.widths, pieces.contacts
    rank = max(root_rank(names[key]) for key in group)
    best = [key for key in group if root_rank(names[key]) == rank]
    if rank != UNNAMED:
        return max(best, key=lambda key: areas[key])
    best = group
    ends = [key for key in best if len(joined[key]) <= 1]
    largest = max(best, key=lambda key: areas[key])
    if len(group) > 2 and all(len(some) <= 2 for some in joined.values()) and ends:
        return max(ends, key=lambda key: areas[key])
    large = [
        key for key in best
        if areas[key] >= LARGE * areas[largest] and len(joined[key]) >= 3 and (key == largest or largest in joined[key] or any(largest in joined[next_] for next_ in joined[key]))
    ]  # fmt: skip

    def carried(key: str) -> float:
        """How low on the board the joints of a piece lie."""
        return float(np.mean([contacts[other, key].pivots[0].imag for other in joined[key]]))

    single = [key for key in best if not any(_alike(key, other, areas, widths) for other in group if other != key)]
    legged = [
        key for key in single if areas[key] >= LEGGED * areas[largest] and _carries_pair(key, joined, areas, widths)
    ]
    return max(legged or large, key=carried, default=largest)


def _carries_pair(
    key: str, joined: Mapping[str, Sequence[str]], areas: Mapping[str, float], widths: Mapping[str, float]
) -> bool:
    """Whether two limbs of one size begin at a piece: pieces that are alike, each with another one beyond it."""
    limbs = [other for other in joined[key] if len(joined[other]) >= 2]
    return any(_alike(one, other, areas, widths) for i, one in enumerate(limbs) for other in limbs[i + 1 :])


def _joined_pieces(group: list[str], tree: Mapping[str, str]) -> dict[str, list[str]]:
    """For each piece those that it is joined to in the tree, whichever carries the other."""
    joined: dict[str, list[str]] = {key: [] for key in group}
    for one, other in tree.items():
        joined[one].append(other)
        joined[other].append(one)
    return joined


def _tree(group: Sequence[str], likely: Mapping[tuple[str, str], float]) -> dict[str, str]:
    """The tree of the strongest joints, whichever way they hang, from the first of a group on."""
    import networkx as nx

    graph = nx.Graph()
    graph.add_nodes_from(group)
    for (child, parent), score in likely.items():
        if child in graph and parent in graph:
            graph.add_edge(child, parent, weight=max(score, likely.get((parent, child), 0.0)))
    tree = nx.maximum_spanning_tree(graph)
    return {child: parent for parent, child in nx.bfs_edges(tree, group[0])}


def _hung_from(root: str, group: Sequence[str], likely: Mapping[tuple[str, str], float]) -> dict[str, str]:
    """What carries each piece where a root carries all: of all such trees that with the most likely joints (Edmonds' arborescence)."""
    import networkx as nx

    graph = nx.DiGraph()
    graph.add_nodes_from(group)
    for one, other in likely:
        if one in graph and other in graph:
            for child, parent in ((one, other), (other, one)):
                if child != root:  # the other way round a joint is no likely one, but it hangs the piece from something
                    graph.add_edge(parent, child, weight=likely.get((child, parent), UNLIKELY))
    tree = nx.maximum_spanning_arborescence(graph, preserve_attrs=False)
    return {child: parent for parent, child in tree.edges}


def _upwards(key: str, parents: Mapping[str, str]) -> list[str]:
    found = [key]
    while found[-1] in parents:
        found.append(parents[found[-1]])
    return found


def _parents_first(parents: Mapping[str, str], root: str) -> list[str]:
    order = [root]
    for key in order:
        order += [child for child, parent in parents.items() if parent == key]
    return order[1:]


def _sure(child: str, parents: Mapping[str, str], likely: Mapping[tuple[str, str], float]) -> float:
    """How sure a joint is: how good it is, and by how much better than the next."""
    own = likely.get((child, parents[child]), LEAST_LIKELY)
    others = [
        score for (one, other), score in likely.items()
        if one == child and other != parents[child] and child not in _upwards(other, parents)
    ]  # fmt: skip
    lead = own - max(others, default=0.0)
    return round(float(np.clip(0.2 + 0.3 * own + 0.35 * min(lead, 1.0), 0.02, 1.0)), 3)


def _likely(child: str, parent: str, area: float, carrying: float, found: Contact) -> float:
    """How likely one part hangs from another: the overlap, names, sides, and that larger pieces carry smaller ones."""
    score = found.goods[0]
    score += 1.3 * fits_below(child, parent)
    sides = {side_of(child), side_of(parent)} - {"middle"}
    if len(sides) == 2:
        score -= 1.5
    elif side_of(child) == side_of(parent):
        score += 0.1
    if not kind_of(child) or not kind_of(parent):
        score += CARRIES * np.tanh(np.log(max(carrying, 1.0) / max(area, 1.0)))
    return float(score)

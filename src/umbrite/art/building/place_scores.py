"""What speaks for and against pieces on the places of a body plan: names, shapes, where they lie and what they lie on.

How well a piece fits a place is a number, and so is how well it hangs from the piece on the place above; what is left over, a place that
the plan needs and a row that grows towards its end cost something.
"""

import itertools
import math
from collections.abc import Mapping, Sequence
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from umbrite.art.building.body_plan import BodyPlan, Place, places_of
from umbrite.art.contacts import Pieces
from umbrite.art.masks import Sheet, bar_of
from umbrite.rig.model import Puppet
from umbrite.rig.words.body_words import kind_of
from umbrite.rig.words.names import side_of, swapped
from umbrite.rig.words.word_table import meaning, says_nothing

Floats = NDArray[np.float64]
PLACED = 2.0  # what a piece on a place is worth before anything speaks for or against it
SHY = 1.0  # less for eyes and faces that no name tells of: any small piece on a head looks like one
KIND, OTHER_KIND, NO_KIND, WORDS = 3.0, -3.0, -1.0, 0.8
SIDE, OTHER_SIDE = 1.0, -2.5
NUMBER, OTHER_NUMBER = 1.0, -0.6
# How far a piece lies from its place (diagonals), and how much larger it is (logarithm), until it costs a half; and the most it costs.
OFF, SIZE = 0.075, 0.4
MOST_OFF, MOST_SIZE = 4.0, 3.2
NAMED = 0.35  # so much less shape and place count where a name tells what it is
# What it is worth that a near piece lies before the middle of the draw order, or a far one behind; seen from the front, left or right.
BEFORE = 1.0
# Of a joint that is certain, of pieces that do not touch, and of one whose carriers are all missing.
HANGS, APART, LOOSE = 1.6, -1.6, -0.4
MISSING = -2.0  # of a place that the plan needs
LEFT_OVER, LYING_ON = -1.5, 0.2  # of a piece without a place; the share of it for a small one that lies on another
ALIKE = 0.6  # of pairs of one size
# By so much (a logarithm) a piece of a row is larger than the one before; what that costs, and what it costs if they do not touch.
THICKER, GROWS, TORN = 0.25, 4.0, 3.0


class Trait(NamedTuple):
    """A piece in the figure's frame: its middle, length and width in diagonals, and its place in the draw order, 0 (behind) to 1."""

    at: complex
    long: float
    wide: float
    depth: float


class Scores(NamedTuple):
    """Numbers for places (p), pieces (n): `own` (p, n), `hangs` (n, n + 1) of a piece on another or on nothing, `missing` (p,)."""

    own: Floats
    hangs: Floats
    missing: Floats
    up: list[int]  # the place above each; -1 at the root
    twins: list[tuple[int, int]]
    sizes: Floats  # logarithms of areas
    rows: list[list[int]]  # places of one row, in order


class Art(NamedTuple):
    """What is looked at: the pieces, how likely one hangs from another, and where each lies in the figure."""

    puppet: Puppet
    pieces: Pieces
    likely: Mapping[tuple[str, str], float]
    traits: Mapping[str, Trait]


def traits_of(pieces: Pieces) -> dict[str, Trait]:
    """Where each piece lies in the figure and how large it is."""
    boxes = [sheet.box for sheet in pieces.sheets.values()]
    around = boxes[0]
    for box in boxes[1:]:
        around = around.join(box)
    diagonal = math.hypot(around.width, around.height) or 1.0
    middle = complex(around.left + around.width / 2, around.top + around.height / 2)
    last = max(len(pieces.keys) - 1, 1)
    return {key: _trait(pieces.sheets[key], middle, diagonal, i / last) for i, key in enumerate(pieces.keys)}


def _trait(sheet: Sheet, middle: complex, diagonal: float, depth: float) -> Trait:
    if (bar := bar_of(sheet.alpha)) is None:
        return Trait(0j, 1e-3, 1e-3, depth)
    (x, y), (one, other), _ = bar
    size = math.sqrt(abs(abs(sheet.board.a) ** 2 - abs(sheet.board.b) ** 2)) / diagonal
    at = (complex(sheet.board(complex(x + 0.5, y + 0.5))) - middle) / diagonal
    return Trait(at, (max(one, other) + 1) * size, (min(one, other) + 1) * size, depth)


def scores_of(art: Art, plan: BodyPlan, facing: int, places: tuple[Place, ...] = ()) -> Scores:
    """What speaks for each filling; `places` are those of the plan where a figure has them."""
    pieces, likely = art.pieces, art.likely
    places, keys = places or places_of(plan), pieces.keys
    names = [art.puppet.parts[key].name for key in keys]
    own = np.array(
        [
            [
                _fits(place, name, art.traits[key], facing, profile=plan.profile)
                for key, name in zip(keys, names, strict=True)
            ]
            for place in places
        ]
    )
    hangs = np.full((len(keys), len(keys) + 1), APART)
    hangs[:, -1] = LOOSE
    for i, child in enumerate(keys):
        hangs[i, i] = -1e4
        for j, parent in enumerate(keys):
            if (child, parent) in likely:
                hangs[i, j] = min(HANGS * likely[child, parent], 2 * HANGS)
    place = {one.name: p for p, one in enumerate(places)}
    up = [place[one.on] if one.on else -1 for one in places]
    missing = np.array([MISSING if one.row.needed and one.number == 1 else 0.0 for one in places])
    twins = [
        (p, place[twin]) for p, one in enumerate(places) if one.side == "near" and (twin := swapped(one.name)) in place
    ]  # fmt: skip
    sizes = np.log([max(pieces.areas[key], 1.0) for key in keys])
    rows: dict[tuple[str, str], list[int]] = {}
    for p, one in enumerate(places):
        rows.setdefault((one.row.name, one.side), []).append(p)
    return Scores(own, hangs, missing, up, twins, sizes, list(rows.values()))


def with_held(scores: Scores, plan: BodyPlan, pieces: Pieces, held: Mapping[str, str]) -> Scores:
    """The same where a person has decided: these pieces on these places ("" leaves a place empty) and nowhere else."""
    if not held:
        return scores
    own, missing = scores.own.copy(), scores.missing.copy()
    names = [place.name for place in places_of(plan)]
    for name, key in held.items():
        if name not in names:
            continue
        p = names.index(name)
        own[p] = -1e3
        missing[p] = 0.0
        if key in pieces.keys:
            i = pieces.keys.index(key)
            own[:, i] = -1e3
            own[p, i] = scores.own[p, i] + 1e3  # what it says for a facing still counts
    return scores._replace(own=own, missing=missing)


def _fits(place: Place, name: str, trait: Trait, facing: int, *, profile: bool) -> float:
    """How well a piece fits a place by itself; from the front it is not the draw order that tells near from far, but the side."""
    told, named = _by_name(place, name)
    at = complex(trait.at.real * facing, trait.at.imag)
    spread = OFF * (1.0 if place.row.many == 1 else 1.8)
    off = min(0.5 * (abs(at - place.at) / spread) ** 2, MOST_OFF)
    size = sum(
        0.5 * (math.log(one / other) / SIZE) ** 2
        for one, other in ((trait.long, place.row.long), (trait.wide, place.wide))
    )
    shape = off + min(size, MOST_SIZE)
    before = BEFORE * (2 * trait.depth - 1) * {"near": 1.0, "far": -1.0, "middle": 0.0}[place.side]
    if place.row.apart and not profile:
        before = BEFORE * min(max(at.real / place.at.real, -1.0), 1.0) if place.at.real else 0.0
    shy = SHY if not named and place.row.kind in {"eye", "face"} else 0.0
    return PLACED - shy + told - shape * (NAMED if named else 1.0) + before * (NAMED if named else 1.0)


def _by_name(place: Place, name: str) -> tuple[float, bool]:
    """What a name says for or against a place, and whether it tells what the piece is."""
    if says_nothing(name):
        return 0.0, False
    words = {word for word in meaning(name) if not word.isdecimal()}
    numbers = {int(word) for word in meaning(name) if word.isdecimal()}
    own = {word.lower() for word in (*place.row.name.split(), *place.row.words)}
    kind, shared = kind_of(name), words & own
    said, named = 0.0, True
    if kind == place.row.kind or (shared - set(place.row.words)):
        said += KIND
    elif kind:
        said += OTHER_KIND
    else:
        said, named = NO_KIND, False
    for word in place.row.words:
        if word in words:
            said += WORDS
        elif word.isdecimal() and numbers:
            said += NUMBER if int(word) in numbers else OTHER_NUMBER
    if {"hind", "front"} & words and {"hind", "front"} & own and not ({"hind", "front"} & words & own):
        said += OTHER_KIND
    if place.row.many > 1 and numbers:
        said += NUMBER if place.number in numbers else OTHER_NUMBER
    side = side_of(name)
    if side != "middle" or (named and place.side != "middle"):
        said += SIDE if side == place.side else OTHER_SIDE if "middle" not in {side, place.side} else -SIDE
    return said, named


def _carrier(scores: Scores, filling: Sequence[int], p: int) -> int:
    """The piece that carries a place: that of the nearest place above that has one; the number of pieces where none has."""
    above = scores.up[p]
    while above >= 0:
        if filling[above] >= 0:
            return filling[above]
        above = scores.up[above]
    return int(scores.own.shape[1])


def total_of(scores: Scores, filling: Sequence[int]) -> float:
    """What a filling is worth by itself: pieces on their places, what they hang from, pairs of one size."""
    total = 0.0
    for p, i in enumerate(filling):
        if i < 0:
            total += float(scores.missing[p])
            continue
        total += float(scores.own[p, i])
        if scores.up[p] >= 0:
            total += float(scores.hangs[i, _carrier(scores, filling, p)])
    for one, other in scores.twins:
        a, b = filling[one], filling[other]
        if a >= 0 and b >= 0:
            total += ALIKE - min(4 * ALIKE * abs(float(scores.sizes[a] - scores.sizes[b])), 2 * ALIKE)
    return total


def unlike_a_row(scores: Scores, filling: Sequence[int]) -> float:
    """What speaks against rows: a tail gets thinner, and does not begin anew in its middle as two legs would that were taken for one."""
    cost = 0.0
    for row in scores.rows:
        there = [filling[p] for p in row if filling[p] >= 0]
        for before, after in itertools.pairwise(there):
            cost += GROWS if scores.sizes[after] - scores.sizes[before] > THICKER else 0.0
            cost += TORN if scores.hangs[after, before] <= APART else 0.0
    return cost


def left_over(pieces: Pieces, filling: Sequence[int]) -> float:
    """What pieces without a place cost a plan; those that lie on others, such as faces and buckles, nothing much."""
    used = set(filling)
    cost = 0.0
    for i, key in enumerate(pieces.keys):
        if i in used:
            continue
        on = any(one == key for one, _ in pieces.contacts)
        small = pieces.areas[key] < 0.02 * sum(pieces.areas.values())
        cost += LEFT_OVER * (LYING_ON if small and on else 1.0)
    return cost

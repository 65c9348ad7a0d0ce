"""Which piece is which: loose parts set onto the places of a body plan, by names, shapes, where they lie and what they lie on.

How well a piece fits a place is a number, and so is how well it hangs from the piece on the place above. A plan is a tree, so its best
filling is found by dynamic programming from the ends to the root; a piece that is asked for twice gets dearer until it is not
(Lagrangian relaxation, Fisher, "The Lagrangian Relaxation Method for Solving Integer Programming Problems", 1981), and what is left over
is tried on the free places and exchanged as long as anything gains. Both facings are tried, and all plans where none is given.
"""

import itertools
import math
from collections.abc import Iterable, Iterator, Mapping, Sequence
from typing import NamedTuple

import cv2
import numpy as np
from msgspec.structs import replace
from numpy.typing import NDArray

from umbrite.art.building.body_plan import BodyPlan, Place, places_of
from umbrite.art.building.named_variants import named_sets
from umbrite.art.joint_finding import Pieces, Told, likely_joints, nobody, pieces_of
from umbrite.art.masks import INSIDE, Sheet
from umbrite.art.pictures import Picture
from umbrite.rig.edits.variants.branches import parts_of
from umbrite.rig.family import in_guests
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
# What it is worth that a near piece lies before the middle of the draw order, or a far one behind.
BEFORE = 1.0
# Of a joint that is certain, of pieces that do not touch, and of one whose carriers are all missing.
HANGS, APART, LOOSE = 1.6, -1.6, -0.4
MISSING = -2.0  # of a place that the plan needs
LEFT_OVER, LYING_ON = -1.5, 0.2  # of a piece without a place; the share of it for a small one that lies on another
ALIKE = 0.6  # of pairs of one size
# By so much (a logarithm) a piece of a row is larger than the one before; what that costs, and what it costs if they do not touch.
THICKER, GROWS, TORN = 0.25, 4.0, 3.0
DEARER, ROUNDS, QUICK, CLOSELY = 0.6, 60, 30, 7
# A head or a face so far beside what carries it tells where a figure looks; what it costs if it lies on the other side.
ASIDE, TURNED = 0.05, 12.0
FITTED, LARGER = 2, 1.5  # so often a plan is fitted to a figure, and by how much its pieces may be larger or smaller
CERTAIN = 12.0  # a lead beyond which nothing is surer


class Trait(NamedTuple):
    """A piece in the figure's frame: its middle, length and width in diagonals, and its place in the draw order, 0 (behind) to 1."""

    at: complex
    long: float
    wide: float
    depth: float


class Filled(NamedTuple):
    """A plan with the pieces on its places, how sure each is (0 to 1), what is left over, and to which side (+1 right) the figure looks."""

    plan: BodyPlan
    pieces: dict[str, str]
    sure: dict[str, float]
    left: tuple[str, ...]
    facing: int
    score: float


class _Scores(NamedTuple):
    """Numbers for places (p), pieces (n): `own` (p, n), `hangs` (n, n + 1) of a piece on another or on nothing, `missing` (p,)."""

    own: Floats
    hangs: Floats
    missing: Floats
    up: list[int]  # the place above each; -1 at the root
    twins: list[tuple[int, int]]
    sizes: Floats  # logarithms of areas
    rows: list[list[int]]  # places of one row, in order


class _Art(NamedTuple):
    """What is looked at: the pieces, how likely one hangs from another, and where each lies in the figure."""

    puppet: Puppet
    pieces: Pieces
    likely: Mapping[tuple[str, str], float]
    traits: Mapping[str, Trait]


class _Worth(NamedTuple):
    total: float
    filling: list[int]


class _Try(NamedTuple):
    """A plan with a facing, filled."""

    plan: BodyPlan
    side: int
    scores: _Scores
    total: float
    filling: list[int]


def _worth(scores: _Scores, pieces: Pieces, filling: list[int], *, rows: bool = True) -> _Worth:
    """What a filling is worth with all that is left over; a first quick one is not asked yet whether its `rows` are rows."""
    unlike = _unlike_a_row(scores, filling) if rows else 0.0
    return _Worth(_total(scores, filling) + _left_over(pieces, filling) - unlike, filling)


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
    found, _ = cv2.findContours((sheet.alpha >= INSIDE).astype(np.uint8), cv2.RETR_EXTERNAL, cv2.CHAIN_APPROX_SIMPLE)
    if not found:
        return Trait(0j, 1e-3, 1e-3, depth)
    (x, y), (one, other), _ = cv2.minAreaRect(np.concatenate(found))
    size = math.sqrt(abs(abs(sheet.board.a) ** 2 - abs(sheet.board.b) ** 2)) / diagonal
    at = (complex(sheet.board(complex(x + 0.5, y + 0.5))) - middle) / diagonal
    return Trait(at, (max(one, other) + 1) * size, (min(one, other) + 1) * size, depth)


def ends_of(sheet: Sheet) -> tuple[complex, complex] | None:
    """The middles of the two round ends that a long piece would have, on the board; None for one that shows nothing."""
    found, _ = cv2.findContours((sheet.alpha >= INSIDE).astype(np.uint8), cv2.RETR_EXTERNAL, cv2.CHAIN_APPROX_SIMPLE)
    if not found:
        return None
    corners = cv2.boxPoints(cv2.minAreaRect(np.concatenate(found)))
    z = corners[:, 0] + 1j * corners[:, 1] + 0.5 + 0.5j
    one, other = (z[1] - z[0]), (z[2] - z[1])
    long, wide = (one, other) if abs(one) >= abs(other) else (other, one)
    way = long / max(abs(long), 1e-9) * max(abs(long) - abs(wide), 0.0) / 2
    middle = z.mean()
    return complex(sheet.board(complex(middle - way))), complex(sheet.board(complex(middle + way)))


def pieces_to_place(puppet: Puppet, pictures: Mapping[str, Picture], told: Told = nobody) -> Pieces:
    """The parts that a plan looks at: what shows at rest, in sets and by names too, but for references, shades and lights. Raises RigError
    where there are not two.
    """
    late = {
        key for one in puppet.sets.values() for variant in one.variants if variant.number != one.rest
        for key in parts_of(puppet, variant)
    } | {key for one in named_sets(puppet) for key in one.late} | in_guests(puppet)  # fmt: skip
    keys = [
        key for key, part in puppet.parts.items()
        if key not in late and part.visible and not part.reference and part.clip is None and part.blend == "normal"
    ]  # fmt: skip
    return pieces_of(puppet, pictures, keys, told)


def fill(
    puppet: Puppet,
    pieces: Pieces,
    plans: Iterable[BodyPlan],
    held: Mapping[str, str] | None = None,
    facing: int = 0,
    *,
    told: Told = nobody,
) -> list[Filled]:
    """Each plan filled with the pieces as well as it can be, the best first.

    `held` are pieces that a person has set onto places ("" for a place that should stay empty), `facing` is +1 for a figure that looks to
    the right, -1 to the left, 0 for whichever fits.
    """
    traits = traits_of(pieces)
    art = _Art(puppet, pieces, likely_joints(puppet, pieces), traits)
    tried = []
    every = list(plans)
    for number, plan in enumerate(every):
        told(number, len(every) + CLOSELY, plan.name)
        for side in (facing,) if facing else (1, -1) if plan.profile else (1,):
            scores = _with_held(_scores(art, plan, side), plan, pieces, held or {})
            tried.append(_Try(plan, side, scores, *_worth(scores, pieces, _best(scores, QUICK), rows=False)))
    tried.sort(key=lambda one: -one.total)
    # The best few are looked into closely, the best plan in both facings.
    close = [one for i, one in enumerate(tried) if i < CLOSELY or one.plan is tried[0].plan]
    found = [
        one._replace(**_worth(one.scores, pieces, _improved(one.scores, _best(one.scores, ROUNDS)))._asdict())
        for one in close
    ]
    # Which plan it is tells the plan as it stands, for one that has been fitted fits many a figure; which way it looks the fitted one.
    first = {one.plan.name: one.total for one in sorted([*tried, *found], key=lambda one: one.total)}
    for i, one in enumerate(found):
        told(len(every) + min(i, CLOSELY - 1), len(every) + CLOSELY, one.plan.name)
        found[i] = _closer(art, one, held or {})
    found = sorted(
        [*found, *(one for i, one in enumerate(tried) if i >= CLOSELY and one.plan is not tried[0].plan)],
        key=lambda one: -one.total,
    )
    best: dict[str, Filled] = {}
    for plan, side, scores, total, filling in found:
        if plan.name not in best:
            places = places_of(plan)
            sure_of = {i: _sure(scores, filling, p) for p, i in enumerate(filling) if i >= 0}
            closed = _front_first(
                plan, _closed_up(scores, filling), [traits[key].at.real * side for key in pieces.keys]
            )
            filled = [(places[p].name, i) for p, i in enumerate(closed) if i >= 0]
            set_ = {name: pieces.keys[i] for name, i in filled}
            sure = {name: sure_of[i] for name, i in filled}
            left = tuple(key for key in pieces.keys if key not in set_.values())
            best[plan.name] = Filled(plan, set_, sure, left, side, total)
    return sorted(best.values(), key=lambda one: -first[one.plan.name])


def _closer(art: _Art, tried: _Try, held: Mapping[str, str]) -> _Try:
    """A plan filled once more after its places have moved to where this figure has them."""
    pieces, traits = art.pieces, art.traits
    for _ in range(FITTED):
        places = _adapted(tried, [traits[key] for key in pieces.keys])
        scores = _with_held(_scores(art, tried.plan, tried.side, places), tried.plan, pieces, held)
        filling = _improved(scores, max((_best(scores, ROUNDS), tried.filling), key=lambda one: _total(scores, one)))
        worth = _worth(scores, pieces, filling)
        turned = _looks_back(tried, [traits[key] for key in pieces.keys], filling)
        again = tried._replace(scores=scores, total=worth.total - TURNED * turned, filling=worth.filling)
        if again.filling == tried.filling:
            return again
        tried = again
    return tried


def _looks_back(tried: _Try, traits: Sequence[Trait], filling: Sequence[int]) -> int:
    """How many heads and parts of faces lie on the other side of what carries them than a figure that looks this way has them."""
    places, count = places_of(tried.plan), 0
    for p, i in enumerate(filling):
        above = tried.scores.up[p]
        if (
            i < 0
            or above < 0
            or filling[above] < 0
            or not tried.plan.profile
            or places[p].row.kind not in {"head", "face"}
        ):
            continue
        planned = (places[p].at - places[above].at).real
        seen = (traits[i].at - traits[filling[above]].at).real * tried.side
        count += abs(planned) > ASIDE and planned * seen < 0
    return count


def _adapted(tried: _Try, traits: Sequence[Trait]) -> tuple[Place, ...]:
    """The places of a plan where a filled figure has them: counted from what carries them, turned with it, and as large as this figure is."""
    places, up = places_of(tried.plan), tried.scores.up
    there = [complex(traits[i].at.real * tried.side, traits[i].at.imag) if i >= 0 else None for i in tried.filling]
    pairs = [(traits[i].long, places[p].row.long) for p, i in enumerate(tried.filling) if i >= 0]
    size = math.exp(float(np.median([math.log(one / other) for one, other in pairs]))) if pairs else 1.0
    size = min(max(size, 1 / LARGER), LARGER)
    at: list[complex] = []
    for p, place in enumerate(places):
        above = up[p]
        if above < 0:
            at.append(place.at)
            continue
        way, turn = (place.at - places[above].at) * size, 1 + 0j
        before = up[above]
        if before >= 0 and places[above].side == place.side != "middle":
            planned, seen = (
                places[above].at - places[before].at,
                (there[above] or at[above]) - (there[before] or at[before]),
            )
            if abs(planned) > 1e-6 and abs(seen) > 1e-6:
                turn = seen / planned
        at.append((there[above] or at[above]) + way * turn / abs(turn))
    return tuple(replace(place, at=z) for place, z in zip(places, at, strict=True))


def _with_held(scores: _Scores, plan: BodyPlan, pieces: Pieces, held: Mapping[str, str]) -> _Scores:
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


def _scores(art: "_Art", plan: BodyPlan, facing: int, places: tuple[Place, ...] = ()) -> _Scores:
    """What speaks for each filling; `places` are those of the plan where a figure has them."""
    pieces, likely = art.pieces, art.likely
    places, keys = places or places_of(plan), pieces.keys
    names = [art.puppet.parts[key].name for key in keys]
    own = np.array(
        [
            [_fits(place, name, art.traits[key], facing) for key, name in zip(keys, names, strict=True)]
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
    return _Scores(own, hangs, missing, up, twins, sizes, list(rows.values()))


def _fits(place: Place, name: str, trait: Trait, facing: int) -> float:
    """How well a piece fits a place by itself."""
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


def _best(scores: _Scores, rounds: int) -> list[int]:
    """The piece on each place, or -1: the best filling with every piece once."""
    count = scores.own.shape[1]
    prices = np.zeros(count)
    best, most = [-1] * len(scores.up), -np.inf
    for round_ in range(rounds):
        asked = _filling(scores, prices)
        used = np.bincount([i for i in asked if i >= 0], minlength=count)
        feasible = _each_once(scores, asked)
        total = _total(scores, feasible)
        if total > most:
            best, most = feasible, total
        if used.max(initial=0) <= 1:
            break
        prices = np.maximum(prices + DEARER / (1 + 0.1 * round_) * (used - 1), 0.0)
    return best


def _filling(scores: _Scores, prices: Floats) -> list[int]:
    """The best filling of the tree where a piece may stand on several places, at these prices."""
    places, count = scores.own.shape
    below: list[list[int]] = [[] for _ in range(places)]
    for p, above in enumerate(scores.up):
        if above >= 0:
            below[above].append(p)
    worth = np.zeros((places, count + 1))  # of the branch of each place, for each piece above it, or none
    chosen = np.zeros((places, count + 1), dtype=np.intp)
    for p in range(places - 1, -1, -1):
        carried = sum((worth[g] for g in below[p]), np.zeros(count + 1))
        own = scores.own[p] - prices + carried[:count]
        hangs = scores.hangs if scores.up[p] >= 0 else np.zeros_like(scores.hangs)
        with_piece = own[:, None] + hangs
        chosen[p] = with_piece.argmax(axis=0)
        present = with_piece.max(axis=0)
        absent = scores.missing[p] + carried
        chosen[p][absent > present] = -1
        worth[p] = np.maximum(present, absent)
    found = [-1] * places
    nearest = [count] * places  # the piece that carries what hangs from a place
    for p in range(places):
        above = nearest[scores.up[p]] if scores.up[p] >= 0 else count
        found[p] = int(chosen[p][above])
        nearest[p] = found[p] if found[p] >= 0 else above
    return found


def _each_once(scores: _Scores, asked: Sequence[int]) -> list[int]:
    """The same with every piece where it fits best of the places that asked for it."""
    found, taken = list(asked), dict[int, int]()
    for p, i in enumerate(asked):
        if i < 0:
            continue
        if i in taken and scores.own[taken[i], i] >= scores.own[p, i]:
            found[p] = -1
            continue
        if i in taken:
            found[taken[i]] = -1
        taken[i] = p
    return found


def _carrier(scores: _Scores, filling: Sequence[int], p: int) -> int:
    """The piece that carries a place: that of the nearest place above that has one; the number of pieces where none has."""
    above = scores.up[p]
    while above >= 0:
        if filling[above] >= 0:
            return filling[above]
        above = scores.up[above]
    return int(scores.own.shape[1])


def _total(scores: _Scores, filling: Sequence[int]) -> float:
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


def _unlike_a_row(scores: _Scores, filling: Sequence[int]) -> float:
    """What speaks against rows: a tail gets thinner, and does not begin anew in its middle as two legs would that were taken for one."""
    cost = 0.0
    for row in scores.rows:
        there = [filling[p] for p in row if filling[p] >= 0]
        for before, after in itertools.pairwise(there):
            cost += GROWS if scores.sizes[after] - scores.sizes[before] > THICKER else 0.0
            cost += TORN if scores.hangs[after, before] <= APART else 0.0
    return cost


def _improved(scores: _Scores, filling: list[int]) -> list[int]:
    """The filling with pieces exchanged, put onto free places or taken away, as long as anything gains by it."""
    total = _total(scores, filling)
    for _ in range(12):
        before = total
        for p in range(len(filling)):
            for other in _exchanges(scores, filling, p):
                if (better := _total(scores, other)) > total + 1e-9:
                    filling, total = other, better
                    break
        if total == before:
            break
    return filling


def _exchanges(scores: _Scores, filling: Sequence[int], p: int) -> Iterator[list[int]]:
    """Fillings that are different at a place: a free piece there, none, or that of another place, which gets this one's."""

    def may(place: int, piece: int) -> bool:
        return piece < 0 or bool(scores.own[place, piece] > -2)

    def exchanged(moves: Mapping[int, int]) -> list[int]:
        return [moves.get(place, piece) for place, piece in enumerate(filling)]

    yield from (exchanged({p: i}) for i in range(scores.own.shape[1]) if i not in filling and may(p, i))
    here = filling[p]
    if here >= 0:
        yield exchanged({p: -1})
        for q, there in enumerate(filling):
            if q != p and may(q, here) and (there < 0 or (q > p and may(p, there))):
                yield exchanged({p: there, q: here})


def _left_over(pieces: Pieces, filling: Sequence[int]) -> float:
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


def _closed_up(scores: _Scores, filling: Sequence[int]) -> list[int]:
    """The filling with the pieces of each row on its first places."""
    found = list(filling)
    for row in scores.rows:
        there = [filling[p] for p in row if filling[p] >= 0]
        for k, p in enumerate(row):
            found[p] = there[k] if k < len(there) else -1
    return found


def _front_first(plan: BodyPlan, filling: Sequence[int], ahead: Sequence[float]) -> list[int]:
    """The filling with legs that are counted (First thigh, Second thigh, ...) on the first places, the foremost first, on each side.

    Which leg is the first is told by where it lies; `ahead` is how far each piece lies in the direction in which the figure looks.
    """
    places, found = places_of(plan), list(filling)
    for side in ("near", "far"):
        legs: dict[str, list[int]] = {}  # by number, the places of a leg
        for p, place in enumerate(places):
            word = place.row.name.split()[0].lower()
            if place.side == side and word in ORDINALS:
                legs.setdefault(word, []).append(p)
        told = [[filling[p] for p in legs[word]] for word in ORDINALS if word in legs]
        there = sorted((leg for leg in told if any(i >= 0 for i in leg)), key=lambda leg: -_mean_of(leg, ahead))
        for places_of_leg, leg in zip(legs.values(), [*there, *([[-1] * 99] * len(legs))], strict=False):
            for p, i in zip(places_of_leg, leg, strict=False):
                found[p] = i
    return found


def _mean_of(leg: Sequence[int], ahead: Sequence[float]) -> float:
    """How far ahead a leg begins: its first piece."""
    return next(ahead[i] for i in leg if i >= 0)


ORDINALS = ("first", "second", "third", "fourth", "fifth", "sixth")


def _sure(scores: _Scores, filling: Sequence[int], p: int) -> float:
    """How sure a place is: by how much the best other filling of it, or of the place where its piece would rather be, is worse."""
    piece, total = filling[p], _total(scores, filling)
    places, count = scores.own.shape
    others: list[list[int]] = []
    for i in range(-1, count):
        if i == piece:
            continue
        other = list(filling)
        if i >= 0 and i in filling:
            other[filling.index(i)] = piece
        other[p] = i
        others.append(other)
    for q in range(places):
        if filling[q] < 0:
            other = list(filling)
            other[q], other[p] = piece, -1
            others.append(other)
    # Where in its row a piece stands is no difference, as long as the order is the same.
    same = _closed_up(scores, filling)
    rivals = [_total(scores, other) for other in others if _closed_up(scores, other) != same]
    lead = total - max(rivals, default=total - CERTAIN)
    return round(1 / (1 + math.exp(-min(max(lead, -CERTAIN), CERTAIN))), 3)

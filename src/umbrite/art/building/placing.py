"""Which piece is which: loose parts set onto the places of a body plan so that most speaks for it (see `place_scores`).

A plan is a tree, so its best filling is found by dynamic programming from the ends to the root; a piece that is asked for twice gets
dearer until it is not (Lagrangian relaxation, Fisher, "The Lagrangian Relaxation Method for Solving Integer Programming Problems", 1981),
and what is left over is tried on the free places and exchanged as long as anything gains. Both facings are tried, and all plans where
none is given.
"""

import math
from collections.abc import Iterable, Iterator, Mapping, Sequence
from typing import NamedTuple

import numpy as np
from msgspec.structs import replace

from umbrite.art.building.body_plan import BodyPlan, Place, places_of
from umbrite.art.building.named_variants import named_sets
from umbrite.art.building.place_scores import (
    Art,
    Floats,
    Scores,
    Trait,
    left_over,
    scores_of,
    total_of,
    traits_of,
    unlike_a_row,
    with_held,
)
from umbrite.art.contacts import Pieces, pieces_of
from umbrite.art.joint_finding import likely_joints
from umbrite.art.pictures import Picture
from umbrite.rig.edits.variants.branches import parts_of
from umbrite.rig.errors import Watch, unwatched
from umbrite.rig.family import in_guests
from umbrite.rig.model import Puppet
from umbrite.rig.words.names import side_of

DEARER, ROUNDS, QUICK, CLOSELY = 0.6, 60, 30, 7
# A head or a face so far beside what carries it tells where a figure looks; what it costs if it lies on the other side.
ASIDE, TURNED = 0.05, 12.0
FITTED, LARGER = 2, 1.5  # so often a plan is fitted to a figure, and by how much its pieces may be larger or smaller
CERTAIN = 12.0  # a lead beyond which nothing is surer
ORDINALS = ("first", "second", "third", "fourth", "fifth", "sixth")


class Filled(NamedTuple):
    """A plan with the pieces on its places, how sure each is (0 to 1), what is left over, and to which side (+1 right) the figure looks."""

    plan: BodyPlan
    pieces: dict[str, str]
    sure: dict[str, float]
    left: tuple[str, ...]
    facing: int
    score: float


def carrying(filled: Filled, place: Place) -> str | None:
    """The piece on the nearest place above that has one."""
    above = {one.name: one.on for one in places_of(filled.plan)}
    name = place.on
    while name:
        if name in filled.pieces:
            return filled.pieces[name]
        name = above[name]
    return None


class _Worth(NamedTuple):
    total: float
    filling: list[int]


class _Try(NamedTuple):
    """A plan with a facing, filled."""

    plan: BodyPlan
    side: int
    scores: Scores
    total: float
    filling: list[int]


def _worth(scores: Scores, pieces: Pieces, filling: list[int], *, rows: bool = True) -> _Worth:
    """What a filling is worth with all that is left over; a first quick one is not asked yet whether its `rows` are rows."""
    unlike = unlike_a_row(scores, filling) if rows else 0.0
    return _Worth(total_of(scores, filling) + left_over(pieces, filling) - unlike, filling)


def pieces_to_place(puppet: Puppet, pictures: Mapping[str, Picture], watch: Watch = unwatched) -> Pieces:
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
    return pieces_of(puppet, pictures, keys, watch)


def fill(
    puppet: Puppet,
    pieces: Pieces,
    plans: Iterable[BodyPlan],
    held: Mapping[str, str] | None = None,
    facing: int = 0,
    *,
    watch: Watch = unwatched,
) -> list[Filled]:
    """Each plan filled with the pieces as well as it can be, the best first.

    `held` are pieces that a person has set onto places ("" for a place that should stay empty), `facing` is +1 for a figure that looks to
    the right, -1 to the left, 0 for whichever fits.
    """
    traits = traits_of(pieces)
    art = Art(puppet, pieces, likely_joints(puppet, pieces), traits)
    tried = []
    every = list(plans)
    for number, plan in enumerate(every):
        watch(number, len(every) + CLOSELY, plan.name)
        for side in (facing,) if facing else (1, -1) if plan.profile else (1,):
            scores = with_held(scores_of(art, plan, side), plan, pieces, held or {})
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
        watch(len(every) + min(i, CLOSELY - 1), len(every) + CLOSELY, one.plan.name)
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
            if not plan.profile:
                closed = _left_is_left(art, plan, scores, closed, held or {})
            filled = [(places[p].name, i) for p, i in enumerate(closed) if i >= 0]
            set_ = {name: pieces.keys[i] for name, i in filled}
            sure = {name: sure_of[i] for name, i in filled}
            left = tuple(key for key in pieces.keys if key not in set_.values())
            best[plan.name] = Filled(plan, set_, sure, left, side, total)
    return sorted(best.values(), key=lambda one: -first[one.plan.name])


def _closer(art: Art, tried: _Try, held: Mapping[str, str]) -> _Try:
    """A plan filled once more after its places have moved to where this figure has them."""
    pieces, traits = art.pieces, art.traits
    for _ in range(FITTED):
        places = _adapted(tried, [traits[key] for key in pieces.keys])
        scores = with_held(scores_of(art, tried.plan, tried.side, places), tried.plan, pieces, held)
        filling = _improved(scores, max((_best(scores, ROUNDS), tried.filling), key=lambda one: total_of(scores, one)))
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


def _best(scores: Scores, rounds: int) -> list[int]:
    """The piece on each place, or -1: the best filling with every piece once."""
    count = scores.own.shape[1]
    prices = np.zeros(count)
    best, most = [-1] * len(scores.up), -np.inf
    for round_ in range(rounds):
        asked = _filling(scores, prices)
        used = np.bincount([i for i in asked if i >= 0], minlength=count)
        feasible = _each_once(scores, asked)
        total = total_of(scores, feasible)
        if total > most:
            best, most = feasible, total
        if used.max(initial=0) <= 1:
            break
        prices = np.maximum(prices + DEARER / (1 + 0.1 * round_) * (used - 1), 0.0)
    return best


def _filling(scores: Scores, prices: Floats) -> list[int]:
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


def _each_once(scores: Scores, asked: Sequence[int]) -> list[int]:
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


def _improved(scores: Scores, filling: list[int]) -> list[int]:
    """The filling with pieces exchanged, put onto free places or taken away, as long as anything gains by it."""
    total = total_of(scores, filling)
    for _ in range(12):
        before = total
        for p in range(len(filling)):
            for other in _exchanges(scores, filling, p):
                if (better := total_of(scores, other)) > total + 1e-9:
                    filling, total = other, better
                    break
        if total == before:
            break
    return filling


def _exchanges(scores: Scores, filling: Sequence[int], p: int) -> Iterator[list[int]]:
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


def _closed_up(scores: Scores, filling: Sequence[int]) -> list[int]:
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


def _left_is_left(
    art: Art, plan: BodyPlan, scores: Scores, filling: Sequence[int], held: Mapping[str, str]
) -> list[int]:
    """The filling of a figure that has no other side with no pair the wrong way round: a limb begins on the side on which the plan has it,
    unless names or a person tell otherwise.
    """
    places, found, twin = places_of(plan), list(filling), dict(scores.twins)
    for p, q in scores.twins:
        one, other = filling[p], filling[q]
        if scores.up[p] != scores.up[q] or one < 0 or other < 0:
            continue
        below = [b for b in twin if b == p or p in _all_above(scores, b)]
        both = [*below, *(twin[b] for b in below)]
        keys = [art.pieces.keys[filling[b]] for b in both if filling[b] >= 0]
        told = any(side_of(art.puppet.parts[key].name) != "middle" for key in keys)
        planned = (places[p].at - places[q].at).real
        seen = (art.traits[art.pieces.keys[one]].at - art.traits[art.pieces.keys[other]].at).real
        if planned * seen < 0 and not told and not any(places[b].name in held for b in both):
            for b in below:
                found[b], found[twin[b]] = filling[twin[b]], filling[b]
    return found


def _all_above(scores: Scores, p: int) -> set[int]:
    found = set()
    while (p := scores.up[p]) >= 0:
        found.add(p)
    return found


def _mean_of(leg: Sequence[int], ahead: Sequence[float]) -> float:
    """How far ahead a leg begins: its first piece."""
    return next(ahead[i] for i in leg if i >= 0)


def _sure(scores: Scores, filling: Sequence[int], p: int) -> float:
    """How sure a place is: by how much the best other filling of it, or of the place where its piece would rather be, is worse."""
    piece, total = filling[p], total_of(scores, filling)
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
    rivals = [total_of(scores, other) for other in others if _closed_up(scores, other) != same]
    lead = total - max(rivals, default=total - CERTAIN)
    return round(1 / (1 + math.exp(-min(max(lead, -CERTAIN), CERTAIN))), 3)

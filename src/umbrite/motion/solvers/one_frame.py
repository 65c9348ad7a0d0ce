"""The solvers of `two_joint` and `long_limb` for one limb in one frame, in plain numbers.

While a person drags there is one frame, and NumPy's cost per call is some fifty times that of the arithmetic. These are the
same formulas in the same order; the tests hold both to each other within 1e-9. Points are complex, turns radians.
"""

import cmath
import math
from typing import NamedTuple

from umbrite.rig.quantities.angles import TAU

# Angles this close to a limit count as on it.
SLACK = 1e-12
# A target this near to the tip at rest, as a share of the limb's length, stands on it.
STILL = 1e-10
# The share that a joint at its soft end still takes, so that it can come back.
LEAST_WILLING = 1e-3
# What differs by less than this share of a limb's length, or in radians, counts as equal.
TIE = 1e-9
Span = tuple[float, float]


def _wrapped(angle: float) -> float:
    return math.remainder(angle, TAU)


def into_range(angle: float, span: Span, side: float = 1.0) -> tuple[float, float]:
    """The turn within `span` that is nearest on the circle, and how far from it that is; a tie goes to the side."""
    turn = _wrapped(angle)
    low, high = span
    if turn < low - SLACK:
        turn += TAU * math.ceil((low - turn - SLACK) / TAU)
    if turn > high + SLACK:
        turn -= TAU * math.ceil((turn - high - SLACK) / TAU)
    if low - SLACK <= turn <= high + SLACK:
        return min(max(turn, low), high), 0.0
    to_low, to_high = abs(_wrapped(turn - low)), abs(_wrapped(turn - high))
    return (low, to_low) if to_low < to_high - (-TIE if side < 0 else TIE) else (high, to_high)


def reach_two(to: complex, v1: complex, v2: complex, bend: float, span1: Span, span2: Span) -> tuple[float, float]:
    """See `two_joint.reach`."""
    length1, length2, distance = abs(v1), abs(v2), abs(to)
    drawn = _drawn(v1, v2)
    cross = (v1.conjugate() * v2).imag * bend
    still = abs(to - v1 - v2) <= STILL * (length1 + length2)
    if still and cross >= -STILL * length1 * length2 and abs(bend) == 1:
        return 0.0, 0.0
    inner = _inner(distance, length1, length2)
    in_second, off_second = into_range(_wrapped(bend * inner - drawn), span2, bend)
    aimed = _wrapped(bend * inner - drawn) if abs(bend) == 1 else in_second
    in_first, off_first = into_range(_first_for(to, v1, v2, aimed), span1, bend)
    if abs(bend) < 1 or (off_first <= 0 and off_second <= 0):
        return in_first, in_second
    found = _borders(to, v1, v2, bend, span1, span2)
    away = [abs(cmath.rect(1.0, one) * (v1 + cmath.rect(1.0, two) * v2) - to) for one, two in found]
    least = min(away) + TIE * (length1 + length2)
    return next(turns for turns, distance in zip(found, away, strict=True) if distance <= least)


def _drawn(v1: complex, v2: complex) -> float:
    return cmath.phase(v2 * v1.conjugate()) if v1 and v2 else 0.0


def _inner(distance: float, length1: float, length2: float) -> float:
    product = 2 * length1 * length2
    if product <= 0:
        return 0.0
    cosine = (distance**2 - length1**2 - length2**2) / product
    return math.acos(min(max(cosine, -1.0), 1.0))


def _first_for(to: complex, v1: complex, v2: complex, second: float) -> float:
    arm = v1 + cmath.rect(1.0, second) * v2
    if abs(arm) <= 1e-12 * (abs(v1) + abs(v2)) or not to:
        return 0.0
    return _wrapped(cmath.phase(to) - cmath.phase(arm))


def _borders(to: complex, v1: complex, v2: complex, bend: float, span1: Span, span2: Span) -> list[tuple[float, float]]:
    """The poses among which the nearest is found, in the order in which equals count: see `two_joint._on_borders`."""
    inner, drawn = _inner(abs(to), abs(v1), abs(v2)), _drawn(v1, v2)

    def off_side(second: float) -> float:
        against = -bend * _wrapped(drawn + second)
        return min(against, math.pi - against) if against > 0 else 0.0

    straight, folded = _wrapped(-drawn), _wrapped(bend * math.pi - drawn)
    ends1, ends2 = (span1[::-1], span2[::-1]) if bend > 0 else (span1, span2)
    allowed = [
        *(off_side(end) <= 1e-9 for end in ends2),
        *(into_range(end, span2)[1] <= 0 for end in (straight, folded)),
    ]
    if not any(allowed):
        allowed[0 if off_side(ends2[0]) <= off_side(ends2[1]) + TIE else 1] = True
    found = []
    for end, ok in zip((*ends2, straight, folded), allowed, strict=True):
        if ok:
            second = into_range(end, span2, bend)[0] if end not in span2 else end
            found.append((into_range(_first_for(to, v1, v2, second), span1, bend)[0], second))
            found.extend((first, second) for first in ends1)
    for first in ends1:
        rest = cmath.rect(1.0, -first) * to - v1
        second = _wrapped(cmath.phase(rest) - cmath.phase(v2)) if rest and v2 else 0.0
        if off_side(second) <= 1e-9 and into_range(second, span2)[1] <= 0:
            found.append((first, into_range(second, span2, bend)[0]))
    second, off = into_range(bend * inner - drawn, span2, bend)
    if off <= 0:
        found.append((into_range(_first_for(to, v1, v2, second), span1, bend)[0], second))
    return found


class Chain(NamedTuple):
    """One chain: the goal, the lengths as drawn, and each joint's limits, give and soft zones (None where all are hard)."""

    to: complex
    v: list[complex]
    low: list[float]
    high: list[float]
    give: list[float]
    soft: list[list[float]] | None


def descend(chain: Chain, turns: list[float], goal: float, steps: int, largest: float) -> tuple[list[float], float]:
    """See `long_limb._descend`: damped steps until `goal` is near; the best pose met on the way, and its distance."""
    to, v, low, high, *_ = chain
    joints = range(len(v))
    length2 = sum(abs(x) for x in v) ** 2
    best, nearest = turns, math.inf
    moved = math.inf
    for number in range(steps + 1):
        heading, tip, places = 0.0, 0j, []
        for turn, x in zip(turns, v, strict=True):
            places.append(tip)
            heading += turn
            tip += cmath.rect(1.0, heading) * x
        error = to - tip
        away = abs(error)
        if away < nearest:
            best, nearest = turns, away
        if away <= goal or moved <= 1e-9 or number == steps:
            break
        damping = 0.1 * away * away + 1e-12 * length2 + 1e-300
        arms = [tip - place for place in places]
        weight = _willing(chain, turns)
        step = _damped(arms, weight, damping, error)
        for _ in range(2):
            held = [j for j in joints if (turns[j] <= low[j] and step[j] < 0) or (turns[j] >= high[j] and step[j] > 0)]
            if not any(weight[j] for j in held):
                break
            for j in held:
                weight[j] = 0.0
            step = _damped(arms, weight, damping, error)
        moved = max(map(abs, step))
        share = min(1.0, largest / max(moved, 1e-300))
        moved *= share
        turns = [min(max(turns[j] + step[j] * share, low[j]), high[j]) for j in joints]
    return best, nearest


def _willing(chain: Chain, turns: list[float]) -> list[float]:
    _, _, low, high, give, soft = chain
    if soft is None:
        return list(give)
    found = []
    for g, (small, large), least, most, turn in zip(give, soft, low, high, turns, strict=True):
        share = 0.0
        if large > 0:
            share += min(max(turn - (most - large), 0.0), large) / large
        if small > 0:
            share += min(max(least + small - turn, 0.0), small) / small
        found.append(g * max(1 - share, LEAST_WILLING))
    return found


def _damped(arms: list[complex], weight: list[float], damping: float, error: complex) -> list[float]:
    xx = yy = damping
    xy = 0.0
    for arm, w in zip(arms, weight, strict=True):
        x, y = -arm.imag, arm.real
        xx += w * x * x
        yy += w * y * y
        xy += w * x * y
    determinant = xx * yy - xy * xy
    if determinant <= 0:
        return [0.0] * len(arms)
    along_x = (yy * error.real - xy * error.imag) / determinant
    along_y = (xx * error.imag - xy * error.real) / determinant
    return [w * (arm.real * along_y - arm.imag * along_x) for arm, w in zip(arms, weight, strict=True)]

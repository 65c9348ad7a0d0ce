"""The pose to reach from for one long limb in one frame, in plain numbers: the formulas of `curling` while its root is within its limits.

While a person drags there is one frame, and most of the time no limit is in the way; NumPy's cost per call is some fifty times
that of the arithmetic then. A test holds both to each other.
"""

import cmath
import math
from collections.abc import Sequence
from typing import NamedTuple

from umbrite.rig.quantities.angles import TAU

# The fullest curl, as a share of that with which a chain of equal lengths closes.
FULL = 0.9
# From the straightest pose over the own one to the fullest curl: places at which the distance is tabled.
STAGES = tuple(-1.0 + i / 8 for i in range(17))
OWN = len(STAGES) // 2
# A table that stands still is taken to fall by this much of the limb's length, so that it can be read backwards.
SLOPE = 1e-3
TIE = 1e-9


class One(NamedTuple):
    """One chain: lengths as drawn, own turns, limits, give, and the side (+1, -1) to which it is to bend."""

    v: Sequence[complex]
    own: Sequence[float]
    low: Sequence[float]
    high: Sequence[float]
    give: Sequence[float]
    side: float


def _wrapped(angle: float) -> float:
    return math.remainder(angle, TAU)


def curl_one(to: complex, one: One) -> list[float] | None:
    """The pose to reach from; None where the root would go beyond its limits (see `curling.curled`)."""
    v, own, low, high, give, side = one
    joints = range(len(v))
    drawn = [0.0] + [cmath.phase(v[j] * v[j - 1].conjugate()) for j in joints[1:]]
    most = max(give[1:])
    willing = [0.0] + [g / most if most > 0 else 0.0 for g in give[1:]]
    pose = [min(max(own[j], low[j]), high[j]) for j in joints]
    bent = [0.0] + [_wrapped(drawn[j] + pose[j]) for j in joints[1:]]
    whole = sum(bent) * side
    if whole < -TIE:
        back, shares = -2 * whole * side, max(sum(willing), 1e-300)
        pose = [min(max(pose[j] + back * (willing[j] / shares), low[j]), high[j]) for j in joints]
        bent = [0.0] + [_wrapped(drawn[j] + pose[j]) for j in joints[1:]]
    straight = [min(max(pose[j] - bent[j] * willing[j], low[j]), high[j]) for j in joints]
    full = FULL * TAU / len(v)
    fullest = [
        min(max(pose[j] + (side * max(full, side * bent[j]) - bent[j]) * willing[j], low[j]), high[j]) for j in joints
    ]
    length = sum(map(abs, v))
    turns = _for_distance(abs(to), v, (pose, straight, fullest), length)
    round_ = high[0] - low[0] >= TAU - TIE
    middle = pose[0] if round_ else (low[0] + high[0]) / 2
    zero = _arm(v, pose)
    direction = pose[0]
    if abs(to) > TIE * length:
        tie = TIE * side
        direction = middle + _wrapped(cmath.phase(to * zero.conjugate()) - middle + tie) - tie
    whole_give = max(give)
    share = give[0] / whole_give if whole_give > 0 else 0.0
    asked = pose[0] + share * (direction - cmath.phase(_arm(v, turns) * zero.conjugate()) - pose[0])
    turns[0] = min(max(asked, low[0]), high[0])
    return None if abs(asked - turns[0]) > 1e-12 else turns


def _for_distance(
    distance: float, v: Sequence[complex], ways: tuple[list[float], list[float], list[float]], length: float
) -> list[float]:
    """The table of `curling`, only as far as it is needed: from the own pose on in the way that leads to the distance."""
    middle, straight, fullest = ways
    tilt = SLOPE * length

    def at(stage: float) -> list[float]:
        if stage < 0:
            return [m + (m - s) * stage for m, s in zip(middle, straight, strict=True)]
        return [m + (f - m) * stage for m, f in zip(middle, fullest, strict=True)]

    start = abs(_arm(v, middle))
    less = distance <= start  # at the own stage nothing is tilted
    here = level = start
    stages = STAGES[OWN + 1 :] if less else STAGES[OWN - 1 :: -1]
    before = 0.0
    for stage in stages:
        reach = abs(_arm(v, at(stage)))
        level = min(level, reach) if less else max(level, reach)
        there = level - stage * tilt
        if (there < distance) if less else (there >= distance):
            share = (here - distance) / (here - there) if here != there else 0.0
            return at(before + min(max(share, 0.0), 1.0) * (stage - before))
        here, before = there, stage
    return at(before)


def _arm(v: Sequence[complex], turns: Sequence[float]) -> complex:
    """From the root to the tip, while the root itself is not turned."""
    arm = v[-1]
    for length, turn in zip(v[-2::-1], turns[:0:-1], strict=True):
        arm = length + cmath.rect(1.0, turn) * arm
    return arm

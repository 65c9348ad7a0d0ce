"""The Newton steps of `long_limb` for one limb in one frame, in plain numbers; tests hold both to each other.

Only the eigenvalues are NumPy's: of a small matrix they are quicker than anything written here.
"""

import cmath
import math

import numpy as np

from umbrite.motion.solvers.one_frame import Chain

# Parts of a Newton step that are tried, the largest first.
SHARES = (1.0, 0.5, 0.2, 0.05, 0.01)
# Of the largest second derivative: a way that changes nothing.
FLAT = 1e-9
# Of the limb's length squared: a second derivative that rounding may have made.
ROUNDING = 1e-12
# Of the limb's length: what counts as nearer.
NEARER_AT_ALL = 1e-13


def polish(chain: Chain, turns: list[float], goal: float, steps: int, largest: float) -> tuple[list[float], float]:
    """See `long_limb._polish`: the pose to which no part of a step comes nearer, and its distance."""
    low, high, give = chain.low, chain.high, chain.give
    share = [math.sqrt(g) for g in give]
    length = sum(map(abs, chain.v))
    least = NEARER_AT_ALL * length
    places, error = _placed(chain, turns)
    away = abs(error)
    for _ in range(steps):
        step = _newton(chain, turns, share, places, error, ROUNDING * length**2)
        most = max(map(abs, step))
        if most > largest:
            step = [x * (largest / most) for x in step]
        for part in SHARES:
            tried = [
                min(max(turn + x * part, small), large)
                for turn, x, small, large in zip(turns, step, low, high, strict=True)
            ]
            at, off = _placed(chain, tried)
            if abs(off) < away + (least if part == 1 else -least):
                break
        else:
            break
        before, (turns, places, error, away) = away, (tried, at, off, abs(off))
        if away >= before - least or away <= goal:
            break
    return turns, away


def _placed(chain: Chain, turns: list[float]) -> tuple[list[complex], complex]:
    """The joints' places and the tip's, and what is missing to the target."""
    heading, tip, places = 0.0, 0j, []
    for turn, x in zip(turns, chain.v, strict=True):
        places.append(tip)
        heading += turn
        tip += cmath.rect(1.0, heading) * x
    places.append(tip)
    return places, chain.to - tip


def _newton(
    chain: Chain, turns: list[float], share: list[float], places: list[complex], error: complex, rounding: float
) -> list[float]:
    joints = range(len(turns))
    tip, back = places[-1], error.conjugate()
    arms = [(tip - places[j]) * share[j] for j in joints]
    slope = [-(arms[j].conjugate() * error).imag for j in joints]
    bend = [(back * (tip - places[j])).real for j in joints]
    at_low = [turns[j] <= chain.low[j] for j in joints]
    at_high = [turns[j] >= chain.high[j] for j in joints]
    free = [
        j
        for j in joints
        if chain.give[j] > 0 and not (at_low[j] and slope[j] > 0) and not (at_high[j] and slope[j] < 0)
    ]
    found = [0.0] * len(turns)
    for _ in range(2):  # joints that the step would take out of their limits are held as well
        found = [0.0] * len(turns)
        if not free:
            break
        for j, x in zip(free, _free_step(free, arms, slope, bend, share, rounding), strict=True):
            found[j] = x * share[j]
        leaving = [j for j in free if (at_low[j] and found[j] < 0) or (at_high[j] and found[j] > 0)]
        if not leaving:
            break
        free = [j for j in free if j not in leaving]
        for j in leaving:
            found[j] = 0.0
    return found


def _free_step(
    free: list[int], arms: list[complex], slope: list[float], bend: list[float], share: list[float], rounding: float
) -> list[float]:
    second = [
        [
            arms[j].real * arms[k].real + arms[j].imag * arms[k].imag + bend[max(j, k)] * share[j] * share[k]
            for k in free
        ]
        for j in free
    ]
    values, vectors = np.linalg.eigh(np.array(second))
    sizes = [abs(x) for x in values.tolist()]
    floor = max(FLAT * max(sizes), rounding, 1e-100)
    along = (np.array([slope[j] for j in free]) @ vectors).tolist()
    ways = [x / size if size > floor else 0.0 for x, size in zip(along, sizes, strict=True)]
    step: list[float] = (vectors @ np.array(ways)).tolist()
    return [-x for x in step]

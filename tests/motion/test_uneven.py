"""Two joints of which the upper is scaled unevenly or skewed: nothing is missed that a dense search finds, many at once or one by one."""

import numpy as np
import pytest

from umbrite.motion.solvers import uneven
from umbrite.motion.solvers.uneven import _best_of_all, _Reach
from umbrite.motion.solvers.waves import Wave
from umbrite.rig.affine import UNMOVED, Affine, linear

CASES = 400


def drawn(seed):
    """Random limbs, targets within and out of reach, with and without limits of the first joint."""
    random = np.random.default_rng(seed)

    def anywhere(least, most):
        return random.uniform(least, most, CASES) * np.exp(1j * random.uniform(-np.pi, np.pi, CASES))

    first, second, to = anywhere(20, 300), anywhere(20, 300), anywhere(1, 700)
    even = np.zeros(CASES)
    a, b = linear(even, random.uniform(0.3, 2, CASES), random.uniform(0.3, 2, CASES), random.uniform(-1, 1, CASES))
    free = random.random(CASES) < 0.4
    span = [np.where(free, sign * np.pi, sign * random.uniform(0, 3, CASES)) for sign in (-1, 1)]
    low = -random.uniform(0, 3, CASES)
    high = low + random.uniform(0.1, np.pi, CASES)
    flips = random.choice([-1.0, 1.0], (CASES, 2))
    found = np.stack([np.clip(even, *span), low + random.random(CASES) * (high - low)], axis=1)
    reach = _Reach(to, first, second, Affine(a, b, UNMOVED), flips, *span)
    return reach, found, low, high, np.abs(first) + np.abs(second)


def test_one_by_one_is_as_all_at_once():
    reach, found, low, high, size = drawn(4)
    together = _best_of_all(reach, found, low, high, size, np.full(CASES, np.inf))
    assert uneven.FEW < CASES
    for i in range(40):
        only = slice(i, i + 1)
        one = _Reach(
            reach.to[only], reach.first[only], reach.second[only],
            Affine(reach.upper.a[only], reach.upper.b[only], UNMOVED), reach.flips[only], reach.low[only], reach.high[only],
        )  # fmt: skip
        alone = _best_of_all(one, found[only], low[only], high[only], size[only], np.array([np.inf]))
        near, same = (float(one.away(x[None, 1:])[0][0, 0]) for x in (alone[0], together[i]))
        assert near == pytest.approx(same, abs=1e-6)
        if near < 1e-6:
            assert alone[0] == pytest.approx(together[i], abs=1e-6)


def test_a_wave_is_simple_where_it_rises_once_and_falls_once_and_all_its_places_are_found():
    random = np.random.default_rng(6)
    parts = random.normal(size=(2, CASES)) + 1j * random.normal(size=(2, CASES))
    wave = Wave(random.normal(size=CASES) * 2, parts[0], parts[1] * random.choice([0.1, 0.3, 1.0], CASES))
    dense = np.linspace(0, 2 * np.pi, 3601)[:-1]
    values = wave.value(np.exp(1j * dense)[None])
    rises = values < np.roll(values, -1, axis=1)
    turns = (rises != np.roll(rises, -1, axis=1)).sum(axis=1)
    simple = wave.simple()
    assert set(turns[simple]) == {2}
    assert np.mean(simple[turns == 2]) > 0.9
    above = values > 0
    for some in (np.flatnonzero(simple), np.flatnonzero(~simple)):
        places = wave.at_cases(some).places()
        for row, case in enumerate(some):
            for cell in np.flatnonzero(above[case] != np.roll(above[case], -1)):
                near = np.abs(np.angle(np.exp(1j * (places[row] - dense[cell]))))
                assert near.min() < 2 * (dense[1] - dense[0])

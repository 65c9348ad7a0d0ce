"""Two-joint limbs: exact where they can reach, nearest where they can't, never beyond a limit, never NaN."""

import math
from typing import NamedTuple

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from umbrite.motion.solvers.two_joint import Range, into_range, reach
from umbrite.rig.quantities.angles import wrapped

MANY = 100_000


class Cases(NamedTuple):
    v1: np.ndarray
    v2: np.ndarray
    bend: np.ndarray


def random_cases(count, seed):
    random = np.random.default_rng(seed)

    def vectors():
        return random.uniform(5, 300, count) * np.exp(1j * random.uniform(-4, 4, count))

    return Cases(vectors(), vectors(), np.where(random.random(count) < 0.5, 1.0, -1.0))


def free(count):
    return Range(np.full(count, -np.pi), np.full(count, np.pi))


def tip_of(cases, first, second):
    return np.exp(1j * first) * (cases.v1 + np.exp(1j * second) * cases.v2)


def side_of(cases, second):
    return np.sin(np.angle(cases.v2 / cases.v1) + second)


def test_a_hundred_thousand_reachable_targets_are_reached_on_the_chosen_side():
    cases = random_cases(MANY, 1)
    random = np.random.default_rng(2)
    l1, l2 = np.abs(cases.v1), np.abs(cases.v2)
    goal = random.uniform(np.abs(l1 - l2), l1 + l2) * np.exp(1j * random.uniform(-4, 4, MANY))
    first, second = reach(goal, *cases, free(MANY), free(MANY))
    assert np.abs(tip_of(cases, first, second) - goal).max() < 1e-6
    assert (side_of(cases, second) * cases.bend > -1e-6).all()


def test_what_is_out_of_reach_is_approached_as_near_as_lengths_allow():
    cases = random_cases(10_000, 3)
    l1, l2 = np.abs(cases.v1), np.abs(cases.v2)
    random = np.random.default_rng(4)
    direction = np.exp(1j * random.uniform(-4, 4, 10_000))
    for distance, missing in (((l1 + l2) * 1.7, (l1 + l2) * 0.7), (np.abs(l1 - l2) * 0.4, np.abs(l1 - l2) * 0.6)):
        first, second = reach(distance * direction, *cases, free(10_000), free(10_000))
        away = np.abs(tip_of(cases, first, second) - distance * direction)
        assert np.abs(away - missing).max() < 1e-6


def nearest_by_grid(cases, goal, low, high, i):
    """The smallest distance over a grid of both turns within the limits and on the side; infinite for none."""
    t1 = np.linspace(low[0, i], high[0, i], 220)[:, None]
    t2 = np.linspace(low[1, i], high[1, i], 220)[None]
    on_side = wrapped(np.angle(cases.v2[i] / cases.v1[i]) + t2) * cases.bend[i] >= -1e-9
    away = np.abs(np.exp(1j * t1) * (cases.v1[i] + np.exp(1j * t2) * cases.v2[i]) - goal[i])
    return float(np.where(on_side, away, np.inf).min())


def test_under_limits_no_search_finds_a_nearer_pose():
    count = 2_000
    cases = random_cases(count, 5)
    random = np.random.default_rng(6)
    low, high = random.uniform(-3.1, 0, (2, count)), random.uniform(0, 3.1, (2, count))
    goal = random.uniform(0, 500, count) * np.exp(1j * random.uniform(-4, 4, count))
    turns = reach(goal, *cases, Range(low[0], high[0]), Range(low[1], high[1]))
    for turn, small, large in zip(turns, low, high, strict=True):
        assert (turn >= small - 1e-9).all()
        assert (turn <= large + 1e-9).all()
    away = np.abs(tip_of(cases, *turns) - goal)
    searched = np.array([nearest_by_grid(cases, goal, low, high, i) for i in range(count)])
    possible = np.isfinite(searched)
    assert possible.sum() > count / 2
    assert (away[possible] <= searched[possible] + 1e-6).all()
    assert (side_of(cases, turns.second)[possible] * cases.bend[possible] > -1e-6).all()


def test_where_limits_leave_the_side_no_room_the_limits_win():
    one = np.array([1.0])
    narrow = Range(np.array([0.2]), np.array([0.2]))
    _, second = reach(np.array([120 + 0j]), np.array([100 + 0j]), np.array([100 + 0j]), -one, free(1), narrow)
    assert second == pytest.approx(0.2)


lengths = st.sampled_from([0.0, 1e-12, 1.0, 100.0, 1e6])
goals = st.sampled_from([0j, 1e-300 + 0j, 1e-9j, 100 + 0j, -100j, 1e9 + 1e9j])
spans = st.tuples(st.floats(-math.pi, 0), st.floats(0, math.pi)) | st.just((0.0, 0.0))


@given(lengths, lengths, goals, st.sampled_from([1.0, -1.0]), spans, spans)
def test_degenerate_limbs_have_a_defined_pose_within_their_limits(l1, l2, goal, bend, span1, span2):
    spans = [Range(np.array([s[0]]), np.array([s[1]])) for s in (span1, span2)]
    turns = reach(np.array([goal]), np.array([l1 + 0j]), np.array([l2 * 1j]), np.array([bend]), *spans)
    for turn, span in zip(turns, spans, strict=True):
        assert np.isfinite(turn).all()
        assert span.smallest[0] - 1e-9 <= turn[0] <= span.largest[0] + 1e-9


@given(st.floats(-10, 10), spans)
def test_into_range_gives_the_nearest_turn_on_the_circle(angle, span):
    turn, off = into_range(np.array([angle]), Range(np.array([span[0]]), np.array([span[1]])))
    assert span[0] - 1e-12 <= turn[0] <= span[1] + 1e-12
    grid = np.linspace(*span, 2000)
    assert off[0] <= np.abs(wrapped(grid - angle)).min() + 1e-9
    assert abs(wrapped(turn[0] - angle)) == pytest.approx(off[0], abs=1e-9)

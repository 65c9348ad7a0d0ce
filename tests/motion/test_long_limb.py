"""Limbs of three and more joints against a search, and what they keep: limits, give, rest, the order of starts."""

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from umbrite.motion.soft_ends import hard
from umbrite.motion.solvers.long_limb import Chains, reach_long
from umbrite.motion.solvers.two_joint import Range


def tips(v, turns):
    """Written apart from the solver: joint by joint."""
    tip, heading = np.zeros(v.shape[0], complex), np.zeros(v.shape[0])
    for j in range(v.shape[1]):
        heading = heading + turns[:, j]
        tip = tip + np.exp(1j * heading) * v[:, j]
    return tip


def cases(count, joints, seed):
    random = np.random.default_rng(seed)
    bends = np.cumsum(random.uniform(-0.8, 0.8, (count, joints)), axis=1)
    v = random.uniform(20, 200, (count, joints)) * np.exp(1j * bends)
    length = np.abs(v).sum(axis=1)
    to = length * random.uniform(0, 1.2, count) * np.exp(1j * random.uniform(-4, 4, count))
    span = Range(random.uniform(-2.8, 0, (count, joints)), random.uniform(0, 2.8, (count, joints)))
    return v, to, span


def solve(v, to, span, own=None, side=None):
    own = np.zeros(v.shape) if own is None else own
    side = np.ones(v.shape[0]) if side is None else side
    return reach_long(to, v, own, hard(*span), np.ones(v.shape), side)


def search(v, to, span):
    """The nearest distance by a grid over all turns, polished from the eight best cells of each case."""
    shares = np.linspace(0, 1, 15)
    grid = np.stack(np.meshgrid(*[shares] * v.shape[1], indexing="ij"), -1).reshape(-1, v.shape[1])
    starts = []
    for i in range(len(to)):
        turns = span.smallest[i] + grid * (span.largest[i] - span.smallest[i])
        away = np.abs(tips(np.broadcast_to(v[i], turns.shape), turns) - to[i])
        starts.append(turns[np.argpartition(away, 8)[:8]])
    every = (np.repeat(x, 8, axis=0) for x in (v, to, span.smallest, span.largest))
    return polished(np.concatenate(starts), *every).reshape(-1, 8).min(axis=1)


def polished(turns, v, to, low, high):
    """Pattern search for many cases: steps along each joint and along all, halved where none helps."""
    joints = v.shape[1]
    moves = np.concatenate([np.eye(joints), -np.eye(joints), np.ones((1, joints)), -np.ones((1, joints))])
    step = np.full(len(to), 0.1)
    now = np.abs(tips(v, turns) - to)
    while (left := np.flatnonzero(step > 1e-5)).size:
        tries = turns[left, None] + moves * step[left, None, None]
        tries = np.clip(tries, low[left, None], high[left, None])
        wide = np.broadcast_to(v[left, None], tries.shape).reshape(-1, joints)
        away = np.abs(tips(wide, tries.reshape(-1, joints)).reshape(tries.shape[:2]) - to[left, None])
        pick = away.argmin(axis=1)
        nearest = away[np.arange(len(left)), pick]
        better = nearest < now[left] - 1e-12
        turns[left[better]], now[left[better]] = tries[np.arange(len(left)), pick][better], nearest[better]
        step[left[~better]] /= 2
    return now


@pytest.mark.parametrize("count", [600, pytest.param(2_000, marks=pytest.mark.long)])
def test_three_joints_under_limits_come_as_near_as_a_search_finds(count):
    v, to, span = cases(count, 3, 1)
    turns = solve(v, to, span)
    assert (turns >= span.smallest - 1e-9).all()
    assert (turns <= span.largest + 1e-9).all()
    away, length = np.abs(tips(v, turns) - to), np.abs(v).sum(axis=1)
    worse = (away - search(v, to, span)) / length
    assert worse.max() <= 0.0005


@pytest.mark.parametrize("joints", [3, 5, 8])
def test_no_pose_comes_nearer_than_the_bound_with_which_the_search_ends(joints):
    v, to, span = cases(200, joints, 6)
    chains = Chains(to, v, *span, np.ones(v.shape), hard(*span))
    best = solve(v, to, span)
    bound, away = chains.least(best), chains.away(best)
    assert (bound <= away + 1e-9).all()
    random = np.random.default_rng(8)
    for _ in range(2_000):
        turns = random.uniform(*span)
        assert (np.abs(tips(v, turns) - to) >= bound - 1e-9).all()
    # It is no empty word, even for limbs as crooked as these.
    out = np.abs(to) > np.abs(v).sum(axis=1)
    assert np.mean(bound[out] > away[out] - 1e-6) > 0.4


@given(
    st.lists(st.sampled_from([0j, 1e-12 + 0j, 3j, 100 + 0j, -1e6 + 0j]), min_size=3, max_size=6),
    st.sampled_from([0j, 1e-9j, 50 + 0j, 1e9 + 1e9j]),
    st.sampled_from([0.0, 1.0]),
    st.sampled_from([(0.0, 0.0), (-np.pi, np.pi), (-0.1, 0.0)]),
)
def test_degenerate_chains_have_a_defined_pose(lengths, to, give, ends):
    v = np.array([lengths])
    span = Range(np.full(v.shape, ends[0]), np.full(v.shape, ends[1]))
    turns = reach_long(np.array([to]), v, np.zeros(v.shape), hard(*span), np.full(v.shape, give), np.ones(1))
    assert np.isfinite(turns).all()
    assert (turns >= ends[0]).all()
    assert (turns <= ends[1]).all()

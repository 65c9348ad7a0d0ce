"""Limbs of three and more joints: iterative, from the pose of their own turns, within limits and give.

The chain is `tip = sum of R(t1 + ... + tj) vj`. Each step is a damped least-squares step (Levenberg and Marquardt; for
chains: Wampler 1986, Nakamura and Hanafusa 1986): with J the 2 x n matrix of the tip's speeds and W = diag(give),
`dt = W J' (J W J' + d I)^-1 e`, the smallest turns, weighed by give, that bring the tip nearer. Joints that would leave
their limits are held and the step is computed again without them, so limits and give are inside the iteration, not a
clamp after it. The damping d shrinks with the error squared, which keeps steps calm far from the target and quick
near it (Sugihara 2011).

The first start is the own turns. Where it does not reach, a fixed set of others is tried, all at once: the same
curled to the limb's side, curled to the other, and poses with joints at the ends or in the middle of their limits. The first of them that reaches counts;
if none does, the nearest, brought to the very minimum by Newton steps with the whole second derivative (its
eigenvalues taken positive, so that saddles are left: Dauphin et al. 2014). So equal input gives equal output, whatever
was dragged before. Arrays have shape (cases, joints); a joint of give 0, or of a limit of no width, does not turn.
"""

import itertools
from collections.abc import Iterator
from functools import cache
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from umbrite.motion.one_frame import LEAST_WILLING, STILL, Chain, descend
from umbrite.motion.soft_ends import Ends, willingness
from umbrite.rig.angles import wrapped

Floats = NDArray[np.float64]
Complexes = NDArray[np.complex128]

STEPS = 40
FEWER_STEPS = 15  # for the many starts, which Newton steps finish
POLISH = 25
LOOSE = 1e3  # the "limit" of a joint that may turn all the way round
SHARES = np.array([1.0, 0.5, 0.2, 0.05])  # of a Newton step that are tried
LARGEST_STEP = 0.7  # radians a joint turns in one step
NEAR = 1e-7  # of the limb's length: near enough
FEW = 8  # so many cases are solved one by one, in plain numbers
# Curl per joint, radians, with which a start leaves the straight line.
CURL = 0.35


class Chains(NamedTuple):
    """What does not change while chains are solved: shapes (cases,) for `to`, (cases, joints) for the rest."""

    to: Complexes
    v: Complexes
    low: Floats
    high: Floats
    give: Floats
    ends: Ends

    def pick(self, index: NDArray[np.intp]) -> "Chains":
        """The same for some of the cases only."""
        low, high, give = self.low[index], self.high[index], self.give[index]
        return Chains(self.to[index], self.v[index], low, high, give, self.ends.at(index))

    def repeated(self, count: int) -> "Chains":
        """All cases `count` times over, one set after the other."""
        index = np.tile(np.arange(len(self.to)), count)
        return self.pick(index)

    def away(self, turns: Floats) -> Floats:
        """The distance of each tip from its target."""
        found: Floats = np.abs(self.to - _tip(self.v, turns)[0])
        return found

    @property
    def length(self) -> Floats:
        """Each limb's whole length, unturned, in board pixels, shape (cases,)."""
        found: Floats = np.abs(self.v).sum(axis=-1)
        return found

    @property
    def goal(self) -> Floats:
        """The distance with which a pose counts as the best there is: what no straight chain can bridge."""
        length = self.length
        found: Floats = np.maximum(np.abs(self.to) - length, 0.0) + NEAR * length
        return found


def reach_long(to: Complexes, v: Complexes, own: Floats, ends: Ends, give: Floats, bend: Floats) -> Floats:
    """Turns that bring the tip to `to` (from the root) or as near as limits and give allow; shape (cases, joints).

    `v` are the lengths as drawn, `own` the turns to start from, `bend` (cases,) the side to which a straight chain curls.
    A target that stands on the tip at rest leaves the chain exactly as drawn.
    """
    low, high = np.where(give > 0, ends.smallest, 0.0), np.where(give > 0, ends.largest, 0.0)
    # A joint that may turn all the way round has no ends to stop at.
    free = (ends.smallest <= -np.pi) & (ends.largest >= np.pi) & (give > 0)
    low, high = np.where(free, -LOOSE, low), np.where(free, LOOSE, high)
    chains = Chains(to, v, low, high, give, ends)
    length = chains.length
    far = np.abs(to) >= 0.9999 * length
    best = np.clip(np.where(far[:, None], _stretched(to, v), own), low, high)
    rest = (np.abs(v.sum(axis=-1) - to) <= STILL * length) & (own == 0).all(axis=-1)
    best = np.where(rest[:, None], 0.0, best)
    left = np.flatnonzero(~rest)
    best[left], error = _descend(chains.pick(left), best[left])
    left = left[error > chains.goal[left]]
    if left.size:
        best[left] = _from_many(chains.pick(left), best[left], own[left], bend[left])
    found: Floats = np.where(free, wrapped(best), best)
    return found


def _stretched(to: Complexes, v: Complexes) -> Floats:
    """The turns of the chain stretched straight towards the target."""
    headings = np.angle(v)
    found: Floats = wrapped(
        np.concatenate([np.angle(to)[:, None] - headings[:, :1], -np.diff(headings, axis=-1)], axis=-1)
    )
    return found


def _from_many(chains: Chains, first: Floats, own: Floats, bend: Floats) -> Floats:
    """The best of the pose that was found first and of all other starts, for cases that the first did not solve."""
    low, high = chains.low, chains.high
    starts = np.stack([first, *(np.clip(start, low, high) for start in _starts(own, low, high, bend))])
    count, cases, joints = starts.shape
    wide = chains.repeated(count)
    turns, error = _descend(wide, starts.reshape(-1, joints), FEWER_STEPS)
    goal = np.broadcast_to(chains.goal, (count, cases))
    missed = np.flatnonzero(np.broadcast_to((error.reshape(goal.shape) > goal).all(axis=0), goal.shape))
    turns[missed], error[missed] = _polish(wide.pick(missed), turns[missed])
    turns, error = turns.reshape(starts.shape), error.reshape(goal.shape)
    # The first that is as near as can be, or else the nearest; ties go to the earlier start.
    rank = np.where(error <= goal, -1.0 + np.arange(count)[:, None] / count, error)
    found: Floats = turns[np.argmin(rank, axis=0), np.arange(cases)]
    return found


def _starts(own: Floats, low: Floats, high: Floats, bend: Floats) -> Iterator[Floats]:
    """The poses to start from besides the own turns, in their fixed order."""
    curl = CURL * bend[:, None] * np.ones(own.shape[1])
    yield own + curl
    yield own - curl
    yield own + curl * np.where(np.arange(own.shape[1]) == 0, -3.0, 2.0)
    yield own - curl * np.where(np.arange(own.shape[1]) == 0, -3.0, 2.0)
    low, high = np.maximum(low, -np.pi), np.minimum(high, np.pi)
    for shares in _spread(own.shape[1]):
        yield low + (high - low) * shares


@cache
def _spread(joints: int) -> Floats:
    """Shares of the way through the limits: all at the ends or in the middle where these are few, or else some of them.

    The nearest pose under limits mostly has joints at their ends. The same at every call.
    """
    shares = np.array([0.0, 0.5, 1.0])
    if joints <= 3:
        return np.array(list(itertools.product(shares, repeat=joints)))
    return np.concatenate([[[0.5] * joints], np.random.default_rng(5).choice(shares, (40, joints))])


def _descend(chains: Chains, turns: Floats, steps: int = STEPS) -> tuple[Floats, Floats]:
    """Damped steps until near, and the best pose met on the way with its distance."""
    if len(turns) <= FEW:
        return _descend_one_by_one(chains, turns, steps)
    best, error = turns.copy(), chains.away(turns)
    goal = chains.goal
    alive = np.flatnonzero(error > goal)
    turns = turns[alive]
    for _ in range(steps):
        if alive.size == 0:
            break
        here = chains.pick(alive)
        step = _step(here, turns)
        turns = np.clip(turns + step, here.low, here.high)
        away = here.away(turns)
        better = away < error[alive]
        best[alive[better]], error[alive[better]] = turns[better], away[better]
        going = (away > goal[alive]) & (np.abs(step).max(axis=-1) > 1e-9)
        alive, turns = alive[going], turns[going]
    return best, error


def _descend_one_by_one(chains: Chains, turns: Floats, steps: int) -> tuple[Floats, Floats]:
    best, error = turns.copy(), np.zeros(len(turns))
    soft = np.stack([chains.ends.soft_smallest, chains.ends.soft_largest], axis=-1).tolist()
    columns = (chains.to, chains.v, chains.low, chains.high, chains.give)
    goals = chains.goal.tolist()
    for i, (to, v, low, high, give) in enumerate(zip(*(x.tolist() for x in columns), strict=True)):
        zones = soft[i] if chains.ends.any_soft else None
        chain = Chain(to, v, low, high, give, zones)
        best[i], error[i] = descend(chain, turns[i].tolist(), goals[i], steps, LARGEST_STEP)
    return best, error


def _polish(chains: Chains, turns: Floats) -> tuple[Floats, Floats]:
    """Newton steps on half the squared distance, joints at their limits held; the poses and their distances."""
    error = chains.away(turns)
    several = chains.repeated(len(SHARES))
    every = np.arange(len(turns))
    for _ in range(POLISH):
        tries = np.clip(turns + _newton(chains, turns) * SHARES[:, None, None], chains.low, chains.high)
        away = several.away(tries.reshape(-1, turns.shape[1])).reshape(tries.shape[:2])
        pick = np.argmin(away, axis=0)
        nearest = away[pick, every]
        better = nearest < error
        if not better.any():
            break
        turns = np.where(better[:, None], tries[pick, every], turns)
        error = np.minimum(nearest, error)
    return turns, error


def _newton(chains: Chains, turns: Floats) -> Floats:
    """The Newton step: the second derivative is Jj . Jk + e . (tip - place of the later of j and k)."""
    tip, places = _tip(chains.v, turns)
    error = chains.to - tip
    arm = tip[:, None] - places
    slope = -(np.conj(1j * arm) * error[:, None]).real  # of half the squared distance
    joints = turns.shape[1]
    later = np.maximum(np.arange(joints)[:, None], np.arange(joints)[None])
    second = (np.conj(arm)[:, :, None] * arm[:, None, :]).real + (np.conj(error)[:, None] * arm).real[
        :, later
    ]
    held = (chains.give <= 0) | ((turns <= chains.low) & (slope > 0)) | ((turns >= chains.high) & (slope < 0))
    free = ~held
    second = np.where(free[:, :, None] & free[:, None, :], second, 0.0)
    values, vectors = np.linalg.eigh(second)
    size = np.abs(values)
    floor = np.maximum(1e-9 * size.max(axis=-1, keepdims=True), 1e-100)
    along = np.einsum("cji,cj->ci", vectors, np.where(free, slope, 0.0)) / np.maximum(size, floor)
    step = -np.einsum("cji,ci->cj", vectors, along)
    largest = np.abs(step).max(axis=-1, keepdims=True)
    limited: Floats = np.where(free, step * np.minimum(1.0, LARGEST_STEP / np.maximum(largest, 1e-300)), 0.0)
    return limited


def _tip(v: Complexes, turns: Floats) -> tuple[Complexes, Complexes]:
    """The tip, and the joints' places, from the root; shapes (cases,) and (cases, joints)."""
    lengths = np.exp(1j * np.cumsum(turns, axis=-1)) * v
    ends = np.cumsum(lengths, axis=-1)
    return ends[:, -1], ends - lengths


def _step(chains: Chains, turns: Floats) -> Floats:
    tip, places = _tip(chains.v, turns)
    error = chains.to - tip
    speed = 1j * (tip[:, None] - places)  # of the tip, when a joint turns
    damping = 1e-3 * np.abs(error) ** 2 + 1e-12 * chains.length**2 + 1e-300
    weight = chains.give
    if chains.ends.any_soft:
        # As if joints were asked to turn: they take their share, and the less the nearer they are to a soft end.
        weight = weight * np.maximum(willingness(turns, chains.ends) ** 2, LEAST_WILLING)
    step = damped(speed, weight, damping, error)
    for _ in range(2):  # joints that would leave their limits are held
        held = ((turns <= chains.low) & (step < 0)) | ((turns >= chains.high) & (step > 0))
        weight = np.where(held, 0.0, weight)
        step = damped(speed, weight, damping, error)
    largest = np.abs(step).max(axis=-1, keepdims=True)
    limited: Floats = step * np.minimum(1.0, LARGEST_STEP / np.maximum(largest, 1e-300))
    return limited


def damped(speed: Complexes, weight: Floats, damping: Floats, error: Complexes) -> Floats:
    """W J' (J W J' + d I)^-1 e, the 2 x 2 inverse written out."""
    xx = (weight * speed.real**2).sum(axis=-1) + damping
    yy = (weight * speed.imag**2).sum(axis=-1) + damping
    xy = (weight * speed.real * speed.imag).sum(axis=-1)
    determinant = xx * yy - xy * xy
    determinant = np.where(determinant > 0, determinant, np.inf)
    x = (yy * error.real - xy * error.imag) / determinant
    y = (xx * error.imag - xy * error.real) / determinant
    step: Floats = weight * (speed.real * x[:, None] + speed.imag * y[:, None])
    return step

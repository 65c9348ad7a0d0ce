"""Limbs of three and more joints: from a pose that changes evenly with the target to the target itself.

The chain is `tip = sum of R(t1 + ... + tj) vj`. It starts from the pose that `curling` finds, mostly on the target already. Each
step from there is a damped least-squares step (Levenberg and Marquardt; for chains: Wampler 1986, Nakamura and Hanafusa 1986): with
J the 2 x n matrix of the tip's speeds and W = diag(give), `dt = W J' (J W J' + d I)^-1 e`, the smallest turns, weighed by give, that
bring the tip nearer. Joints that would leave their limits are held and the step is computed again without them, so limits and give
are inside the iteration, not a clamp after it. The damping d shrinks with the error squared, which keeps steps calm far from the
target and quick near it (Sugihara 2011). What has not come there is brought to the very minimum by Newton steps with the whole
second derivative (its eigenvalues taken positive, so that saddles are left: Dauphin et al. 2014).

Where the limits leave this way no room, a fixed few other starts are tried: first the curl to the other side, then poses at the
ends of the limits; the nearest counts, among equals the earliest. None are tried where no pose at all can come nearer (`least`), as
mostly out of reach. So a limb bends to its side wherever it can reach that way, equal input gives equal output, whatever was dragged
before, and a mirrored limb in a mirrored pose comes to the mirrored place. Poses far apart meet behind the root, opposite to the
middle of its limits, and along the edges of what can be reached with the bend to the given side: against that side, and close to
the root. Arrays have shape (cases, joints); a joint of give 0, or of a limit of no width, does not turn.
"""

import itertools
from collections.abc import Iterator
from functools import cache
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from umbrite.motion.soft_ends import Ends, willingness
from umbrite.motion.solvers.curling import Limber, curled
from umbrite.motion.solvers.one_frame import LEAST_WILLING, STILL, Chain, descend
from umbrite.motion.solvers.one_polish import FLAT, NEARER_AT_ALL, ROUNDING, SHARES, polish
from umbrite.rig.quantities.angles import wrapped

Floats = NDArray[np.float64]
Complexes = NDArray[np.complex128]

STEPS = 12
POLISH = 60
FEW_STEPS, KEPT = 4, 4  # for other starts: after so many steps the best so many go on
LOOSE = 1e3  # the "limit" of a joint that may turn all the way round
LARGEST_STEP = 0.2  # radians a joint turns in one step
LARGEST_NEWTON, LARGEST_OF_OTHERS = 0.2, 0.5
NEAR = 1e-10  # of the limb's length: near enough
NEARER = 1e-6  # of the limb's length: so much nearer another start must come to count
FEW = 8  # so many cases are solved one by one, in plain numbers


class Chains(NamedTuple):
    """What does not change while chains are solved: shapes (cases,) for `to`, (cases, joints) for the rest."""

    to: Complexes
    v: Complexes
    low: Floats
    high: Floats
    give: Floats
    ends: Ends

    def select(self, index: NDArray[np.intp]) -> "Chains":
        """The same for some of the cases only."""
        low, high, give = self.low[index], self.high[index], self.give[index]
        return Chains(self.to[index], self.v[index], low, high, give, self.ends.at(index))

    def repeated(self, count: int) -> "Chains":
        """All cases `count` times over, one set after the other."""
        index = np.tile(np.arange(len(self.to)), count)
        return self.select(index)

    def one_by_one(self) -> Iterator[tuple[Chain, float]]:
        """Every case in plain numbers, with its goal."""
        zones = np.stack([self.ends.soft_smallest, self.ends.soft_largest], axis=-1).tolist()
        soft = zones if self.ends.any_soft else [None] * len(zones)
        columns = [x.tolist() for x in (self.to, self.v, self.low, self.high, self.give, self.goal)]
        for to, v, low, high, give, goal, zone in zip(*columns, soft, strict=True):
            yield Chain(to, v, low, high, give, zone), goal

    def away(self, turns: Floats) -> Floats:
        """The distance of each tip from its target."""
        return np.abs(self.to - _tip(self.v, turns)[0])

    def least(self, turns: Floats) -> Floats:
        """A distance from which no tip comes nearer to its target, shape (cases,), the better the nearer `turns` bring it.

        No tip lies farther in the direction of the target than if each length came as near to that direction as all limits before it
        together allow.
        """
        tip, _ = _tip(self.v, turns)
        way = np.angle(self.to - tip)
        low, high = np.cumsum(self.low, axis=1), np.cumsum(self.high, axis=1)
        off = np.abs(wrapped(way[:, None] - np.angle(self.v) - (low + high) / 2)) - (high - low) / 2
        farthest = (np.abs(self.v) * np.cos(np.maximum(off, 0.0))).sum(axis=1)
        return np.asarray((self.to * np.exp(-1j * way)).real - farthest)

    @property
    def length(self) -> Floats:
        """Each limb's whole length, unturned, in board pixels, shape (cases,)."""
        return np.asarray(np.abs(self.v).sum(axis=-1))

    @property
    def goal(self) -> Floats:
        """The distance with which a pose counts as the best there is: what no straight chain can bridge."""
        length = self.length
        return np.maximum(np.abs(self.to) - length, 0.0) + NEAR * length


def reach_long(to: Complexes, v: Complexes, own: Floats, ends: Ends, give: Floats, side: Floats) -> Floats:
    """Turns that bring the tip to `to` (from the root) or as near as limits and give allow; shape (cases, joints).

    `v` are the lengths as drawn, `own` the turns that count as unbent, `side` (cases,) +1 or -1, to which the limb bends.
    A target that stands on the tip at rest leaves the chain exactly as drawn, if that is bent to its side or to none.
    """
    low, high = np.where(give > 0, ends.smallest, 0.0), np.where(give > 0, ends.largest, 0.0)
    # A joint that may turn all the way round has no ends to stop at.
    free = (high - low >= 2 * np.pi - 1e-9) & (give > 0)
    low, high = np.where(free, -LOOSE, low), np.where(free, LOOSE, high)
    chains = Chains(to, v, low, high, give, ends)
    at_rest = (np.abs(v.sum(axis=-1) - to) <= STILL * chains.length) & (own == 0).all(axis=-1)
    bent = np.angle(v[:, 1:] * np.conj(v[:, :-1]))
    # What is folded back on itself bends to both sides.
    at_rest &= (bent.sum(axis=-1) * side >= -NEAR) | (np.abs(bent) > np.pi - NEAR).any(axis=-1)
    best = np.zeros(v.shape)
    left = np.flatnonzero(~at_rest)
    if left.size:
        willing = give
        if ends.any_soft:  # inner joints that are near a soft end curl less
            willing = give * np.maximum(willingness(np.clip(own, low, high), ends) ** 2, LEAST_WILLING)
            willing[:, 0] = give[:, 0]
        best[left] = _reached(chains.select(left), Limber(v, own, low, high, willing, side).at(left))
    # Seen from the own turn, the short way round.
    return np.where(free, own + wrapped(best - own), best)


def _reached(chains: Chains, limber: Limber) -> Floats:
    best, error = _descend(chains, curled(chains.to, limber))
    missed = np.flatnonzero(error > chains.goal)
    if missed.size:
        some = chains.select(missed)
        best[missed], error[missed] = _polish(some, best[missed], LARGEST_NEWTON)
    missed = np.flatnonzero(error > chains.goal + NEARER * chains.length)
    if missed.size:
        some = chains.select(missed)
        missed = missed[error[missed] > some.least(best[missed]) + NEARER * some.length]
    if missed.size:
        some = chains.select(missed)
        turns, near = _best_of_others(some, limber.at(missed))
        nearer = near < error[missed] - NEARER * some.length
        best[missed[nearer]] = turns[nearer]
    return best


def _best_of_others(chains: Chains, limber: Limber) -> tuple[Floats, Floats]:
    """The nearest pose of all other starts, and its distance. A few steps show which of them are worth going on with."""
    starts = np.stack([*_others(chains, limber)])
    count, cases, joints = starts.shape
    turns, error = _polish(chains.repeated(count), starts.reshape(-1, joints), LARGEST_OF_OTHERS, FEW_STEPS)
    turns, error = turns.reshape(starts.shape), error.reshape(count, cases)
    # To the grid of what counts as nearer: among equals the earliest, whatever is rounded how.
    kept = np.argsort(np.round(error / (NEARER * chains.length)), axis=0, kind="stable")[:KEPT]
    kept = np.sort(kept, axis=0)
    every = np.arange(cases)
    turns, error = _polish(chains.repeated(len(kept)), turns[kept, every].reshape(-1, joints), LARGEST_OF_OTHERS)
    turns, error = turns.reshape(len(kept), cases, joints), error.reshape(len(kept), cases)
    best = np.argmax(error <= error.min(axis=0) + NEARER * chains.length, axis=0)
    return turns[best, every], error[best, every]


def _others(chains: Chains, limber: Limber) -> Iterator[Floats]:
    """Other poses to start from, in their fixed order: the other curl, and poses with joints at the ends or in the middle of their limits.

    The nearest pose under limits mostly has joints at their ends. Few joints are tried in all ways, many with one bend after another.
    """
    yield curled(chains.to, limber._replace(side=-limber.side))
    low, high = np.maximum(limber.low, -np.pi), np.minimum(limber.high, np.pi)
    to_side = limber.side[:, None] > 0
    near, far = np.where(to_side, high, low), np.where(to_side, low, high)
    for shares in _spread(near.shape[1]):
        yield near + (far - near) * shares


@cache
def _spread(joints: int) -> Floats:
    """Shares of the way through the limits from the end on the limb's side."""
    if joints <= 3:
        return np.array(list(itertools.product([0.0, 0.5, 1.0], repeat=joints)))
    before = np.tri(joints, k=-1)
    return np.concatenate([1 - before, before, np.full((1, joints), 0.5)])


def _descend(chains: Chains, turns: Floats) -> tuple[Floats, Floats]:
    """Damped steps until near, and the best pose met on the way with its distance."""
    if len(turns) <= FEW:
        return _descend_one_by_one(chains, turns)
    best, error = turns.copy(), chains.away(turns)
    goal = chains.goal
    alive = np.flatnonzero(error > goal)
    turns = turns[alive]
    for _ in range(STEPS):
        if alive.size == 0:
            break
        here = chains.select(alive)
        step = _step(here, turns)
        turns = np.clip(turns + step, here.low, here.high)
        away = here.away(turns)
        better = away < error[alive]
        best[alive[better]], error[alive[better]] = turns[better], away[better]
        going = (away > goal[alive]) & (np.abs(step).max(axis=-1) > 1e-9)
        alive, turns = alive[going], turns[going]
    return best, error


def _descend_one_by_one(chains: Chains, turns: Floats) -> tuple[Floats, Floats]:
    best, error = turns.copy(), np.zeros(len(turns))
    for i, (chain, goal) in enumerate(chains.one_by_one()):
        best[i], error[i] = descend(chain, turns[i].tolist(), goal, STEPS, LARGEST_STEP)
    return best, error


def _polish(chains: Chains, turns: Floats, largest: float, steps: int = POLISH) -> tuple[Floats, Floats]:
    """Newton steps on half the squared distance, joints at their limits held; the poses and their distances.

    Every case goes on until no part of a step brings it nearer, whatever the others do; a last step that brings it no farther is taken
    still, so that cases that came from different sides come to one pose.
    """
    if len(turns) <= FEW:
        return _polish_few(chains, turns, largest, steps)
    turns, error = turns.copy(), chains.away(turns)
    alive, here = np.arange(len(turns)), chains  # the cases that go on, and what they are
    for _ in range(steps):
        before, tell = error[alive], NEARER_AT_ALL * here.length  # less is within rounding
        now = turns[alive]
        turns[alive], error[alive] = _nearer(here, now, before, tell, _newton(here, now, largest))
        going = (error[alive] < before - tell) & (error[alive] > here.goal)
        if not going.any():
            break
        if not going.all():
            alive, here = alive[going], here.select(np.flatnonzero(going))
    return turns, error


def _polish_few(chains: Chains, turns: Floats, largest: float, steps: int) -> tuple[Floats, Floats]:
    """The same in plain numbers, one by one. By now, several starts of a limb often stand at the same limits."""
    turns, error = turns.copy(), np.zeros(len(turns))
    known: dict[tuple[complex, ...], tuple[list[float], float]] = {}
    for i, (chain, goal) in enumerate(chains.one_by_one()):
        start = turns[i].tolist()
        asked = (chain.to, *chain.v, *chain.low, *chain.high, *chain.give, *start)
        if asked not in known:
            known[asked] = polish(chain, start, goal, steps, largest)
        turns[i], error[i] = known[asked]
    return turns, error


def _nearer(chains: Chains, turns: Floats, error: Floats, tell: Floats, step: Floats) -> tuple[Floats, Floats]:
    """The poses after a step: all of it if that gets nearer, else the largest part that does, else none."""
    turns, tries = turns.copy(), np.clip(turns + step, chains.low, chains.high)
    away = chains.away(tries)
    take = away < error + tell
    after = np.where(take, away, error)
    left = np.flatnonzero(~take)
    if left.size:
        some, shares = chains.select(left), np.array(SHARES[1:])[:, None, None]
        parts = np.clip(turns[left] + step[left] * shares, some.low, some.high)
        off = some.repeated(len(shares)).away(parts.reshape(-1, turns.shape[1])).reshape(len(shares), -1)
        helps = off < error[left] - tell[left]
        first, every, found = np.argmax(helps, axis=0), np.arange(left.size), helps.any(axis=0)
        turns[left[found]], after[left[found]] = parts[first, every][found], off[first, every][found]
    turns[take] = tries[take]
    return turns, after


def _newton(chains: Chains, turns: Floats, largest: float) -> Floats:
    """The Newton step, by give, at most so large; joints stay that it would take out of their limits."""
    share = np.sqrt(chains.give)
    second, slope = _derivatives(chains, turns, share)
    at_low, at_high = turns <= chains.low, turns >= chains.high
    held = (chains.give <= 0) | (at_low & (slope > 0)) | (at_high & (slope < 0))
    rounding = (ROUNDING * chains.length**2)[:, None]
    step = _free_step(second, slope, ~held, rounding) * share
    leaving = ((at_low & (step < 0)) | (at_high & (step > 0))) & ~held
    some = np.flatnonzero(leaving.any(axis=1))
    if some.size:  # once more without those
        held[some] |= leaving[some]
        step[some] = _free_step(second[some], slope[some], ~held[some], rounding[some]) * share[some]
        held |= (at_low & (step < 0)) | (at_high & (step > 0))
    step = np.where(held, 0.0, step)
    most = np.abs(step).max(axis=-1, keepdims=True)
    return np.asarray(step * np.minimum(1.0, largest / np.maximum(most, 1e-300)))


def _derivatives(chains: Chains, turns: Floats, share: Floats) -> tuple[Floats, Floats]:
    """The second and the first derivative of half the squared distance: Jj . Jk + e . (tip - place of the later of j and k), and -J . e."""
    tip, places = _tip(chains.v, turns)
    arm = tip[:, None] - places
    along = np.conj(arm) * (chains.to - tip)[:, None]
    x, y = arm.real, arm.imag
    second = x[:, :, None] * x[:, None] + y[:, :, None] * y[:, None] + along.real[:, _later(turns.shape[1])]
    return second * share[:, :, None] * share[:, None], -along.imag * share


def _free_step(second: Floats, slope: Floats, free: NDArray[np.bool_], rounding: Floats) -> Floats:
    second = np.where(free[:, :, None] & free[:, None, :], second, 0.0)
    values, vectors = np.linalg.eigh(second)
    size = np.abs(values)
    floor = np.maximum(np.maximum(FLAT * size.max(axis=-1, keepdims=True), rounding), 1e-100)
    along = np.matmul(np.where(free, slope, 0.0)[:, None], vectors)[:, 0] / np.maximum(size, floor)
    along = np.where(size > floor, along, 0.0)  # ways that change nothing
    return np.asarray(-np.matmul(vectors, along[:, :, None])[:, :, 0])


@cache
def _later(joints: int) -> NDArray[np.intp]:
    """Of every two joints the later."""
    return np.maximum(np.arange(joints)[:, None], np.arange(joints)[None])


def _tip(v: Complexes, turns: Floats) -> tuple[Complexes, Complexes]:
    """The tip, and the joints' places, from the root; shapes (cases,) and (cases, joints)."""
    lengths = np.exp(1j * np.cumsum(turns, axis=-1)) * v
    ends = np.cumsum(lengths, axis=-1)
    return ends[:, -1], ends - lengths


def _step(chains: Chains, turns: Floats) -> Floats:
    tip, places = _tip(chains.v, turns)
    error = chains.to - tip
    speed = 1j * (tip[:, None] - places)  # of the tip, when a joint turns
    damping = 0.1 * np.abs(error) ** 2 + 1e-12 * chains.length**2 + 1e-300
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
    return np.asarray(step * np.minimum(1.0, LARGEST_STEP / np.maximum(largest, 1e-300)))


def damped(speed: Complexes, weight: Floats, damping: Floats, error: Complexes) -> Floats:
    """W J' (J W J' + d I)^-1 e, the 2 x 2 inverse written out."""
    xx = (weight * speed.real**2).sum(axis=-1) + damping
    yy = (weight * speed.imag**2).sum(axis=-1) + damping
    xy = (weight * speed.real * speed.imag).sum(axis=-1)
    determinant = xx * yy - xy * xy
    determinant = np.where(determinant > 0, determinant, np.inf)
    x = (yy * error.real - xy * error.imag) / determinant
    y = (xx * error.imag - xy * error.real) / determinant
    return np.asarray(weight * (speed.real * x[:, None] + speed.imag * y[:, None]))

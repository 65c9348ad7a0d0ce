"""Limbs with joints that are scaled unevenly or skewed: from what was found for an even chain to the best for the true one.

Turning about such a joint does not keep lengths. Two joints: with U the linear map of the upper one, the tip is
`R(t1) U (v1 + R(t2) v2)`, so its distance from the root hangs on t2 alone and t1 aims. The best t2 is looked for over the whole of what
limits and side allow, first on a coarse grid, then ever finer around its two best places; so nothing within reach is missed. More
joints: damped steps over all turns (see `long_limb`), the best kept. Shapes are (frames, limbs) and (frames, limbs, joints).
"""

from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from umbrite.motion.plan import LimbBatch, Plan
from umbrite.motion.solvers.long_limb import damped
from umbrite.rig.affine import UNMOVED, Affine, after
from umbrite.rig.numbers.angles import TAU, wrapped

Floats = NDArray[np.float64]
Complexes = NDArray[np.complex128]
Flags = NDArray[np.bool_]

CORRECTIONS = 30
NEAR = 1e-9  # of the limb's length: near enough
COARSE, FINE, ROUNDS = 97, 17, 9
EQUAL = 1e-7  # of the limb's length: two places so alike count as equally near


class Asked(NamedTuple):
    """What is asked of limbs: goals from their roots, limits and sense of their turns, give, lengthening, side and size."""

    to: Complexes
    low: Floats
    high: Floats
    flips: Floats
    give: Floats
    longer: Floats
    side: Floats
    size: Floats


def corrected(
    plan: Plan, batch: LimbBatch, own: Affine[Complexes], asked: Asked, found: Floats, uneven: Flags
) -> Floats:
    """The turns for the true chains, from those for even ones; what is near enough or even stays as it is."""
    if found.shape[-1] == 2:
        return _two(plan, batch, own, asked, found, uneven)
    return _more(plan, batch, own, asked, found, uneven)


def _two(
    plan: Plan, batch: LimbBatch, own: Affine[Complexes], asked: Asked, found: Floats, uneven: Flags
) -> Floats:
    away = np.abs(asked.to - _true_tip(plan, batch, own, found * asked.flips, asked.longer)[0])
    left = np.nonzero(uneven & (away > NEAR * asked.size))
    if not left[0].size:
        return found
    low, high = (x[left] for x in _room(plan, batch, own, asked))
    upper, lower = (
        Affine(own.a[:, batch.joints[:, j]][left], own.b[:, batch.joints[:, j]][left], UNMOVED)
        for j in (0, 1)
    )
    ahead_, longer, flips = (
        [np.broadcast_to(ahead(plan, batch, own, j), uneven.shape)[left] for j in (0, 1)],
        asked.longer[left],
        asked.flips[left],
    )
    reach = _Reach(
        to=asked.to[left],
        first=ahead_[0] * longer[:, 0],
        second=lower.direction(ahead_[1] * longer[:, 1]),
        upper=upper,
        flips=flips,
        low=low[:, 0],
        high=high[:, 0],
    )
    best = found.copy()
    best[left] = _searched(reach, found[left], low[:, 1], high[:, 1], asked.size[left], away[left])
    return best


class _Reach(NamedTuple):
    """Two true joints, by case: where the tip goes for a second turn, and the first turn that brings it nearest."""

    to: Complexes
    first: Complexes
    second: Complexes
    upper: Affine[Complexes]
    flips: Floats
    low: Floats
    high: Floats

    def away(self, second: Floats) -> tuple[Floats, Floats]:
        """The distance for second turns (cases, several), and the first turns."""
        spin = np.exp(1j * second * self.flips[:, 1:])
        arm = self.first[:, None] + spin * self.second[:, None]
        arm = self.upper.a[:, None] * arm + self.upper.b[:, None] * np.conj(arm)
        to = self.to[:, None]
        aimed = np.angle(to * np.conj(arm)) * self.flips[:, :1]
        low, high = self.low[:, None], self.high[:, None]
        middle = (low + high) / 2
        first = np.clip(middle + wrapped(aimed - middle), low, high)
        return np.abs(to - np.exp(1j * first * self.flips[:, :1]) * arm), first


def _searched(reach: _Reach, found: Floats, low: Floats, high: Floats, size: Floats, away: Floats) -> Floats:
    """The best turns over all second turns from `low` to `high`, (cases, 2); among equals those nearest to `found`."""
    grid = low[:, None] + (high - low)[:, None] * np.linspace(0, 1, COARSE)
    coarse = reach.away(grid)[0]
    beside = np.pad(coarse, ((0, 0), (1, 1)), constant_values=np.inf)
    valley = (coarse <= beside[:, :-2]) & (coarse <= beside[:, 2:])
    order = np.argsort(np.where(valley, coarse, np.inf), axis=1, kind="stable")[:, :2]
    centre = np.take_along_axis(grid, order, axis=1)
    width = np.repeat((high - low)[:, None] / (COARSE - 1), 2, axis=1)
    for _ in range(ROUNDS):
        around = centre[:, :, None] + width[:, :, None] * np.linspace(-1, 1, FINE)
        around = np.clip(around, low[:, None, None], high[:, None, None]).reshape(len(low), -1)
        near = reach.away(around)[0].reshape(len(low), 2, FINE)
        pick = near.argmin(axis=2)[..., None]
        centre = np.take_along_axis(around.reshape(near.shape), pick, axis=2)[..., 0]
        width = width * (2 / (FINE - 1))
    near, first = reach.away(centre)
    turned = np.abs(centre - found[:, 1:])
    level = near <= near.min(axis=1, keepdims=True) + EQUAL * size[:, None]
    best = np.argmin(np.where(level, turned, np.inf), axis=1)
    every = np.arange(len(best))
    turns = np.stack([first[every, best], centre[every, best]], axis=1)
    return np.where((near[every, best] < away)[:, None], turns, found)


def _more(
    plan: Plan, batch: LimbBatch, own: Affine[Complexes], asked: Asked, found: Floats, uneven: Flags
) -> Floats:
    count = found.shape[-1]
    low, high, size, to = asked.low, asked.high, asked.size, asked.to

    def tip(turns: Floats) -> tuple[Complexes, Complexes]:
        at, speed = _true_tip(plan, batch, own, turns * asked.flips, asked.longer)
        return at, speed * asked.flips

    # Straight chains have no way to turn nearer; a slight bend leads out.
    inner = np.minimum(0.1, (high - low) / 4)
    turns = np.where(uneven[..., None], np.clip(found, low + inner, high - inner), found)
    best, nearest = found, np.abs(to - tip(found)[0])
    open_ = uneven & (nearest > NEAR * size)
    for _ in range(CORRECTIONS):
        if not open_.any():
            break
        at_tip, speed = tip(turns)
        error = to - at_tip
        # What is near enough stays as it is, so that no case depends on the others beside it.
        better = open_ & (np.abs(error) < nearest)
        best, nearest = np.where(better[..., None], turns, best), np.where(better, np.abs(error), nearest)
        open_ &= nearest > NEAR * size
        damping = (1e-3 * np.abs(error) ** 2 + 1e-12 * size**2 + 1e-300).ravel()
        move = np.zeros(found.shape).reshape(-1, count)
        weight = asked.give.reshape(-1, count)
        for _ in range(2):
            move = damped(speed.reshape(-1, count), weight, damping, error.ravel())
            at, least, most = (x.reshape(-1, count) for x in (turns, low, high))
            weight = np.where(((at <= least) & (move < 0)) | ((at >= most) & (move > 0)), 0.0, weight)
        move *= np.minimum(1.0, 0.5 / np.maximum(np.abs(move).max(axis=-1, keepdims=True), 1e-300))
        turns = np.clip(turns + move.reshape(found.shape), low, high)
    return np.where(uneven[..., None], best, found)


def _room(plan: Plan, batch: LimbBatch, own: Affine[Complexes], asked: Asked) -> tuple[Floats, Floats]:
    """Between which turns two true joints may be: their limits, and the bend side as far as these leave one."""
    low, high = asked.low.copy(), asked.high.copy()
    below = batch.joints[:, 1]
    first = ahead(plan, batch, own, 0)
    second = Affine(own.a[:, below], own.b[:, below], UNMOVED).direction(ahead(plan, batch, own, 1))
    drawn = np.angle(second * np.conj(first)) * asked.flips[..., 1]
    side = np.where(asked.side < 0, -1.0, 1.0)
    straight = wrapped(-drawn)
    least, most = low[..., 1], high[..., 1]
    free = most - least >= TAU - NEAR
    least, most = np.where(free, -np.inf, least), np.where(free, np.inf, most)
    start = np.where(side > 0, straight, straight - np.pi)
    # The side is half a turn wide; a whole turn on, it is the same side, where limits may leave it more room.
    small, large = np.maximum(least, start), np.minimum(most, start + np.pi)
    on = start - side * TAU
    small_on, large_on = np.maximum(least, on), np.minimum(most, on + np.pi)
    other = large_on - small_on > large - small + NEAR
    small, large = np.where(other, small_on, small), np.where(other, large_on, large)
    usable = (small <= large) & (np.abs(asked.side) == 1)
    low[..., 1], high[..., 1] = np.where(usable, small, low[..., 1]), np.where(usable, large, high[..., 1])
    return low, high


def _true_tip(
    plan: Plan, batch: LimbBatch, own: Affine[Complexes], turns: Floats, longer: Floats
) -> tuple[Complexes, Complexes]:
    """The tip from the root, in the frame of what carries the root, with every joint's own map as it is; and its speeds.

    The speed is that of the tip when one joint turns, (frames, limbs, joints): from joint to tip, turned by a right angle,
    through the maps of all joints above.
    """
    count = batch.joints.shape[1]
    locals_ = []
    for j in range(count):
        joint, spin = batch.joints[:, j], np.exp(1j * turns[..., j])
        locals_.append(Affine(spin * own.a[:, joint], spin * own.b[:, joint], UNMOVED))
    reach: Complexes = np.zeros(turns.shape[:2], dtype=np.complex128)
    arms: list[Complexes] = []  # from each joint to the tip, in the frame above that joint
    for j in reversed(range(count)):
        reach = locals_[j].direction(ahead(plan, batch, own, j) * longer[..., j] + reach)
        arms.insert(0, reach)
    above = Affine(np.ones((1, 1), dtype=np.complex128), np.zeros((1, 1), dtype=np.complex128), UNMOVED)
    speeds = []
    for local, arm in zip(locals_, arms, strict=True):
        speeds.append(np.broadcast_to(above.direction(1j * arm), arm.shape))
        above = after(above, local)
    return arms[0], np.stack(speeds, axis=-1)


def ahead(plan: Plan, batch: LimbBatch, own: Affine[Complexes], j: int) -> Complexes:
    """From joint j to the next one, or to the tip, in joint j's own frame."""
    joint = batch.joints[:, j]
    if j + 1 < batch.joints.shape[1]:
        below = batch.joints[:, j + 1]
        found = plan.pivot[below] + own.t[:, below] - plan.pivot[joint]
    else:
        found = np.broadcast_to(batch.tip - plan.pivot[joint], own.a[:, joint].shape)
    ahead: Complexes = found
    return ahead

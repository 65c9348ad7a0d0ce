"""Limbs with joints that are scaled unevenly or skewed: from what was found for an even chain to the best for the true one.

Turning about such a joint does not keep lengths. Two joints: with U the linear map of the upper one, the tip is
`R(t1) U (v1 + R(t2) v2)`, so its distance from the root hangs on t2 alone and t1 aims. With z = exp(i t2) all that counts is a sum of
z, z squared and their conjugates: where that distance is the target's, where it is largest and smallest, and, with t1 at a limit, where
the tip is nearest to the target. Each has four places at most, which a few samples tell apart and Newton's method finds; the best of all of them and
of the ends of what limits and side allow is the answer, so nothing within reach is missed. Mostly the sum rises and falls once; then two places are all,
and the one on the limb's side is taken at once. More joints: damped steps over all
turns (see `long_limb`), the best kept. Shapes are (frames, limbs) and (frames, limbs, joints).
"""

from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from umbrite.motion.plan import LimbBatch, Plan
from umbrite.motion.solvers.long_limb import damped
from umbrite.motion.solvers.one_uneven import COARSE_STEP, Arm
from umbrite.motion.solvers.two_joint import FEW
from umbrite.motion.solvers.waves import Wave
from umbrite.rig.affine import UNMOVED, Affine, after
from umbrite.rig.quantities.angles import TAU, wrapped

Floats = NDArray[np.float64]
Complexes = NDArray[np.complex128]
Flags = NDArray[np.bool_]

CORRECTIONS = 30
NEAR = 1e-9  # of the limb's length: near enough
# Steps by Newton's method from between two samples; what is not there yet then is looked for in full.
FROM_NEAR = 3
EQUAL = 1e-9  # of the limb's length: two places so alike count as equally near


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


def _two(plan: Plan, batch: LimbBatch, own: Affine[Complexes], asked: Asked, found: Floats, uneven: Flags) -> Floats:
    away = np.abs(asked.to - _arms(plan, batch, own, found * asked.flips, asked.longer)[0][0])
    left = np.nonzero(uneven & (away > NEAR * asked.size))
    if not left[0].size:
        return found
    low, high = (x[left] for x in _room(plan, batch, own, asked))
    upper, lower = (
        Affine(own.a[:, batch.joints[:, j]][left], own.b[:, batch.joints[:, j]][left], UNMOVED) for j in (0, 1)
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
    best[left] = _best_of_all(reach, found[left], low[:, 1], high[:, 1], asked.size[left], away[left])
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

    def at(self, index: NDArray[np.intp]) -> "_Reach":
        """Some of the cases only."""
        upper = Affine(self.upper.a[index], self.upper.b[index], UNMOVED)
        to, first, second, _, flips, low, high = self
        return _Reach(to[index], first[index], second[index], upper, flips[index], low[index], high[index])

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


def _best_of_all(reach: _Reach, found: Floats, low: Floats, high: Floats, size: Floats, away: Floats) -> Floats:
    """The best turns over all second turns from `low` to `high`, (cases, 2); among equals those nearest to `found`."""
    if len(found) <= FEW:
        return _one_by_one(reach, _Room(found, low, high, size), away)
    room, wave = _Room(found, low, high, size), _of_length(reach)
    turns, nearest = room.one_place(reach, wave)
    missed, simple = nearest > EQUAL * size, wave.simple()
    for left in (np.flatnonzero(missed & simple), np.flatnonzero(missed & ~simple)):
        if left.size:
            turns[left], nearest[left] = _of_all_places(reach.at(left), room.at(left), wave.at_cases(left))
    return np.where((nearest < away)[:, None], turns, found)


def _of_all_places(reach: _Reach, room: "_Room", wave: Wave) -> tuple[Floats, Floats]:
    """The best of all places that there are, and how near the tip comes; those with the first turn at an end where none is in reach."""
    places = wave.places()
    turns, nearest = room.nearest(reach, places)
    left = np.flatnonzero(nearest > EQUAL * room.size)
    if left.size:
        some = reach.at(left)
        places = np.concatenate([places[left], _at_ends(some)], axis=1)
        turns[left], nearest[left] = room.at(left).nearest(some, places)
    return turns, nearest


def _one_by_one(reach: _Reach, room: "_Room", away: Floats) -> Floats:
    """The same for a few cases, in plain numbers."""
    best = room.found.copy()
    for i in range(len(best)):
        arm = Arm(
            complex(reach.to[i]), complex(reach.first[i]), complex(reach.second[i]), complex(reach.upper.a[i]), complex(reach.upper.b[i]),
            tuple(reach.flips[i].tolist()), (float(reach.low[i]), float(reach.high[i])), (float(room.low[i]), float(room.high[i])),
        )  # fmt: skip
        turns, near = arm.nearest(float(best[i, 1]), EQUAL * float(room.size[i]))
        if near < away[i]:
            best[i] = turns
    return best


class _Room(NamedTuple):
    """What even chains gave, between which second turns the best is looked for, and lengths; by case."""

    found: Floats
    low: Floats
    high: Floats
    size: Floats

    def at(self, index: NDArray[np.intp]) -> "_Room":
        """Some of the cases only."""
        return _Room(*(x[index] for x in self))

    def turned(self, reach: _Reach, places: Floats) -> Floats:
        """The second turns for angles of z, (cases, several), within the room where they can be, else near `found`."""
        here = self.found[:, 1:]
        turned = here + wrapped(places * reach.flips[:, 1:] - here)
        over, under = turned > self.high[:, None], turned < self.low[:, None]
        return turned + TAU * (under * 1.0 - over)

    def one_place(self, reach: _Reach, wave: Wave) -> tuple[Floats, Floats]:
        """The turns where it is plain that they are the only ones, and how near the tip comes; infinitely far where it is not plain.

        A simple wave is 0 at two places. A few samples tell near which, and so which of them is in the room.
        """
        starts, crosses = wave.simple_crossing()
        turned = self.turned(reach, starts)
        low, high = self.low[:, None], self.high[:, None]
        inside = (turned > low - COARSE_STEP) & (turned < high + COARSE_STEP)
        plain = wave.simple() & crosses & (inside[:, 0] != inside[:, 1])
        place = np.where(inside[:, 0], starts[:, 0], starts[:, 1])[:, None]
        second = self.turned(reach, wave.crossing_from(place, FROM_NEAR))
        plain &= ((second >= low) & (second <= high))[:, 0]
        near, first = reach.away(second)
        return np.concatenate([first, second], axis=1), np.where(plain, near[:, 0], np.inf)

    def nearest(self, reach: _Reach, places: Floats) -> tuple[Floats, Floats]:
        """The turns, (cases, 2), that bring the tip nearest, of those at `places` (cases, several) and at the ends; and how near that is."""
        low, high, here = self.low[:, None], self.high[:, None], self.found[:, 1:]
        turned = self.turned(reach, places)
        second = np.concatenate([np.clip(turned, low, high), low, high], axis=1)
        near, first = reach.away(second)
        level = near <= near.min(axis=1, keepdims=True) + EQUAL * self.size[:, None]
        best = np.argmin(np.where(level, np.abs(second - here), np.inf), axis=1)
        every = np.arange(len(best))
        return np.stack([first[every, best], second[every, best]], axis=1), near[every, best]


def _arm(reach: _Reach) -> tuple[Complexes, Complexes, Complexes]:
    """c, p and q of the arm `c + p z + q / z` from the root to the tip."""
    upper = reach.upper
    centre = upper.a * reach.first + upper.b * np.conj(reach.first)
    return centre, upper.a * reach.second, upper.b * np.conj(reach.second)


def _of_length(reach: _Reach) -> Wave:
    """How much longer the arm is than the target is far, squared, over the angles of z."""
    c, p, q = _arm(reach)
    whole = np.abs(c) ** 2 + np.abs(p) ** 2 + np.abs(q) ** 2
    return Wave(whole - np.abs(reach.to) ** 2, c * np.conj(q) + p * np.conj(c), p * np.conj(q))


def _at_ends(reach: _Reach) -> Floats:
    """The angles of z where the tip is nearest to the target with the first turn at an end; (cases, 8)."""
    c, p, q = _arm(reach)
    found = []
    for end in (reach.low, reach.high):
        away = c - np.exp(-1j * end * reach.flips[:, 0]) * reach.to
        wave = Wave(np.zeros(len(c)), away * np.conj(q) + p * np.conj(away), p * np.conj(q))
        found.append(wave.turning())
    return np.concatenate(found, axis=1)


def _more(plan: Plan, batch: LimbBatch, own: Affine[Complexes], asked: Asked, found: Floats, uneven: Flags) -> Floats:
    """Damped Newton steps for uneven limbs that still miss; returns the nearest poses on the way, and the others unchanged."""
    low, high, size = asked.low, asked.high, asked.size

    def tip(turns: Floats) -> tuple[Complexes, Complexes]:
        at, speed = _true_tip(plan, batch, own, turns * asked.flips, asked.longer)
        return at, speed * asked.flips

    # Straight chains have no way to turn nearer; a slight bend leads out.
    inner = np.minimum(0.1, (high - low) / 4)
    turns = np.where(uneven[..., None], np.clip(found, low + inner, high - inner), found)
    best, nearest = found, np.abs(asked.to - tip(found)[0])
    missing = uneven & (nearest > NEAR * size)
    for _ in range(CORRECTIONS):
        if not missing.any():
            break
        at_tip, speed = tip(turns)
        error = asked.to - at_tip
        # What is near enough stays as it is, so that no case depends on the others beside it.
        better = missing & (np.abs(error) < nearest)
        best, nearest = np.where(better[..., None], turns, best), np.where(better, np.abs(error), nearest)
        missing &= nearest > NEAR * size
        turns = np.clip(turns + _damped_step(turns, speed, error, asked), low, high)
    return np.where(uneven[..., None], best, found)


def _damped_step(turns: Floats, speed: Complexes, error: Complexes, asked: Asked) -> Floats:
    """A step towards the target by give, at most half a radian; joints that it would take out of their limits stay (checked twice)."""
    count = turns.shape[-1]
    at, low, high, weight = (x.reshape(-1, count) for x in (turns, asked.low, asked.high, asked.give))
    damping = (1e-3 * np.abs(error) ** 2 + 1e-12 * asked.size**2 + 1e-300).ravel()
    move = np.zeros(at.shape)
    for _ in range(2):
        move = damped(speed.reshape(-1, count), weight, damping, error.ravel())
        weight = np.where(((at <= low) & (move < 0)) | ((at >= high) & (move > 0)), 0.0, weight)
    move *= np.minimum(1.0, 0.5 / np.maximum(np.abs(move).max(axis=-1, keepdims=True), 1e-300))
    return move.reshape(turns.shape)


def _room(plan: Plan, batch: LimbBatch, own: Affine[Complexes], asked: Asked) -> tuple[Floats, Floats]:
    """Between which turns two true joints may be: their limits, and the bend side as far as these leave one."""
    low, high = asked.low.copy(), asked.high.copy()
    side = np.where(asked.side < 0, -1.0, 1.0)
    straight = _straight_at(plan, batch, own) * asked.flips[..., 1]
    start = np.where(side > 0, straight, straight - np.pi)  # the side is half a turn wide, from here on
    free = high[..., 1] - low[..., 1] >= TAU - NEAR
    limits = _Span(np.where(free, -np.inf, low[..., 1]), np.where(free, np.inf, high[..., 1]))
    here = limits.within(start)
    # A whole turn on, it is the same side, where limits may leave it more room.
    there = limits.within(start - side * TAU)
    other = there.width > here.width + NEAR
    room = _Span(np.where(other, there.low, here.low), np.where(other, there.high, here.high))
    usable = (room.width >= 0) & (np.abs(asked.side) == 1)
    low[..., 1] = np.where(usable, room.low, low[..., 1])
    high[..., 1] = np.where(usable, room.high, high[..., 1])
    return low, high


class _Span(NamedTuple):
    """From one turn to another, case by case; negative where they are in the wrong order."""

    low: Floats
    high: Floats

    @property
    def width(self) -> Floats:
        return np.asarray(self.high - self.low)

    def within(self, start: Floats) -> "_Span":
        """The part of it within half a turn from a start."""
        return _Span(np.maximum(self.low, start), np.minimum(self.high, start + np.pi))


def _straight_at(plan: Plan, batch: LimbBatch, own: Affine[Complexes]) -> Floats:
    """The turn of the second joint that makes the limb straight."""
    below = batch.joints[:, 1]
    first = ahead(plan, batch, own, 0)
    second = Affine(own.a[:, below], own.b[:, below], UNMOVED).direction(ahead(plan, batch, own, 1))
    return wrapped(-np.angle(second * np.conj(first)))


def _true_tip(
    plan: Plan, batch: LimbBatch, own: Affine[Complexes], turns: Floats, longer: Floats
) -> tuple[Complexes, Complexes]:
    """The tip from the root, in the frame of what carries the root, with every joint's own map as it is; and its speeds.

    The speed is that of the tip when one joint turns, (frames, limbs, joints): from joint to tip, turned by a right angle,
    through the maps of all joints above.
    """
    arms, locals_ = _arms(plan, batch, own, turns, longer)
    above = Affine(np.ones((1, 1), dtype=np.complex128), np.zeros((1, 1), dtype=np.complex128), UNMOVED)
    speeds = []
    for local, arm in zip(locals_, arms, strict=True):
        speeds.append(np.broadcast_to(above.direction(1j * arm), arm.shape))
        above = after(above, local)
    return arms[0], np.stack(speeds, axis=-1)


def _arms(
    plan: Plan, batch: LimbBatch, own: Affine[Complexes], turns: Floats, longer: Floats
) -> tuple[list[Complexes], list[Affine[Complexes]]]:
    """From each joint to the tip, in the frame above that joint, (frames, limbs); and the joints' turned maps."""
    locals_ = []
    for j in range(batch.joints.shape[1]):
        joint, spin = batch.joints[:, j], np.exp(1j * turns[..., j])
        locals_.append(Affine(spin * own.a[:, joint], spin * own.b[:, joint], UNMOVED))
    reach: Complexes = np.zeros(turns.shape[:2], dtype=np.complex128)
    arms: list[Complexes] = []
    for j in reversed(range(len(locals_))):
        reach = locals_[j].direction(ahead(plan, batch, own, j) * longer[..., j] + reach)
        arms.insert(0, reach)
    return arms, locals_


def ahead(plan: Plan, batch: LimbBatch, own: Affine[Complexes], j: int) -> Complexes:
    """From joint j to the next one, or to the tip, in joint j's own frame."""
    joint = batch.joints[:, j]
    if j + 1 < batch.joints.shape[1]:
        below = batch.joints[:, j + 1]
        found = plan.pivot[below] + own.t[:, below] - plan.pivot[joint]
    else:
        found = np.broadcast_to(batch.tip - plan.pivot[joint], own.a[:, joint].shape)
    return found

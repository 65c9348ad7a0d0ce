"""The pose from which a long limb reaches: one that changes evenly with its target, so that nothing pops.

A chain of many joints reaches a point in endlessly many ways. Here it gets one, made of two things as for an arm: how much it
curls, all inner joints together by give and to its bend side, which sets the distance; and the turn of its root, which aims. Where the
root has come to its limit on the side away from the curl, the curl goes over to the other side, the joints at the root first,
while the root stays (an S in between, which keeps the distance); where it has come to its limit on the side of the curl, the next
joint turns on in its place, then the one after. All of these meet without a step, so the pose is a continuous function of the
target, the own turns and the limits, but for the seam: straight behind the middle of the root's limits.

Shapes: (cases,) for targets `to` and signs, (cases, joints) for the rest; turns from rest in radians, board pixels.
"""

from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from umbrite.motion.solvers import one_curl
from umbrite.motion.solvers.one_curl import FULL, OWN, SLOPE, TIE, One, curl_one
from umbrite.rig.quantities.angles import TAU, wrapped

Floats = NDArray[np.float64]
Complexes = NDArray[np.complex128]
Flags = NDArray[np.bool_]

STAGES = np.array(one_curl.STAGES)
# From a curl to one side to a curl to the other.
TURNOVER = np.linspace(0.0, 1.0, 13)
# A turn on of more than this is a little turn back.
TURN_BACK = 5.0
# So many cases are taken one by one, in plain numbers.
FEW = 8


class Limber(NamedTuple):
    """Chains as they are given: lengths as drawn, own turns, limits, give, and the side (+1, -1) to which each is to bend."""

    v: Complexes
    own: Floats
    low: Floats
    high: Floats
    give: Floats
    side: Floats

    def at(self, index: NDArray[np.intp]) -> "Limber":
        """Some of the cases only, or all of them several times."""
        v, own, low, high, give, side = self
        return Limber(v[index], own[index], low[index], high[index], give[index], side[index])


class _Curl(NamedTuple):
    """A way to curl: from the straightest pose over the middle one to the fullest; how far the limb is from every joint on, (cases, stages, joints)."""

    middle: Floats
    straight: Floats
    fullest: Floats
    reach: Floats

    def for_distance(self, distance: Floats, joint: int, length: Floats) -> Floats:
        """The turns with which the chain from `joint` on is so long; the nearest there is."""
        table = self.reach[:, :, joint]
        less = np.minimum.accumulate(table[:, OWN:], axis=1)
        more = np.maximum.accumulate(table[:, OWN::-1], axis=1)[:, ::-1]
        table = np.concatenate([more[:, :-1], less], axis=1) - STAGES * (SLOPE * length[:, None])
        below = np.clip((table >= distance[:, None]).sum(axis=1) - 1, 0, len(STAGES) - 2)
        every = np.arange(len(distance))
        here, there = table[every, below], table[every, below + 1]
        fall = here - there
        share = np.clip((here - distance) / np.where(fall > 0, fall, np.inf), 0.0, 1.0)
        stage = (STAGES[below] + share * (STAGES[1] - STAGES[0]))[:, None]
        return _along(self.middle, self.straight, self.fullest, stage)


def _along(middle: Floats, straight: Floats, fullest: Floats, stage: Floats) -> Floats:
    return middle + np.where(stage < 0, (middle - straight) * stage, (fullest - middle) * stage)


class _Shape(NamedTuple):
    """What is the same for all ways to curl: how the chain is drawn and posed."""

    drawn: Floats  # the angle from each length to the next, as drawn; 0 for the first
    pose: Floats  # the own turns, on the side that the limb is to bend to
    straight: Floats
    willing: Floats  # give, the largest of a limb's inner joints being 1; 0 for the root
    bent: Floats  # the angle from each length to the next in that pose


def _shape_of(limber: Limber) -> _Shape:
    v, own, low, high, give, side = limber
    drawn = np.zeros(v.shape)
    drawn[:, 1:] = np.angle(v[:, 1:] * np.conj(v[:, :-1]))
    pose = np.clip(own, low, high)
    willing = give.copy()
    willing[:, 0] = 0.0
    most = willing.max(axis=1, keepdims=True)
    willing = willing / np.where(most > 0, most, 1.0)
    # A pose on the other side is bent back as far as it is bent, shared by give; an S that is bent to no side stays.
    bent = wrapped(drawn + pose)
    bent[:, 0] = 0.0
    whole = bent.sum(axis=1) * side
    back = np.where(whole < -TIE, -2 * whole, 0.0) * side
    shared = willing / np.maximum(willing.sum(axis=1, keepdims=True), 1e-300)
    inner = np.clip(pose + back[:, None] * shared, low, high)
    pose = np.where(back[:, None] != 0, inner, pose)
    bent = wrapped(drawn + pose)
    bent[:, 0] = 0.0
    straight = np.clip(pose - bent * willing, low, high)
    return _Shape(drawn, pose, straight, willing, bent)


def _curl(limber: Limber, shape: _Shape, middle: Floats, to_side: Floats) -> _Curl:
    """The curl whose joints go to `to_side` (cases, joints): 1 is to the limb's side, -1 to the other, 0 straight."""
    v, _, low, high, _, side = limber
    bent = side[:, None] * shape.bent
    most = np.maximum(FULL * TAU / v.shape[1], bent * np.sign(to_side))
    wanted = side[:, None] * (to_side * most)
    fullest = np.clip(shape.pose + (wanted - shape.bent) * shape.willing, low, high)
    stages = _along(middle[:, None], shape.straight[:, None], fullest[:, None], STAGES[:, None])
    stages[:, :, 0] = 0.0  # how far it is from a joint on does not hang on how the root turns
    lengths = np.exp(1j * np.cumsum(stages, axis=-1)) * v[:, None]
    ends = np.cumsum(lengths, axis=-1)
    return _Curl(middle, shape.straight, fullest, np.abs(ends[:, :, -1:] - ends + lengths))


def _arm(v: Complexes, turns: Floats, joint: int) -> Complexes:
    """From a joint to the tip, while that joint itself is not turned."""
    headings = np.cumsum(turns[:, joint + 1 :], axis=1)
    return np.asarray(v[:, joint] + (v[:, joint + 1 :] * np.exp(1j * headings)).sum(axis=1))


class _Aim(NamedTuple):
    """Where the root aims: the direction of the target, measured from that of the own pose, within half a turn of the middle."""

    direction: Floats
    zero: Complexes
    low: Floats
    high: Floats
    own: Floats
    share: Floats  # how much of the aiming is the root's, by give

    def at(self, index: NDArray[np.intp]) -> "_Aim":
        direction, zero, low, high, own, share = self
        return _Aim(direction[index], zero[index], low[index], high[index], own[index], share[index])

    def turned(self, arm: Complexes) -> Floats:
        """How far a curl has turned the way from root to tip."""
        return np.angle(arm * np.conj(self.zero))

    def root(self, turned: Floats) -> tuple[Floats, Floats]:
        """The root's turn for this, within its limits, and on which side it would go beyond them (-1, 0, 1)."""
        asked = self.own + self.share * (self.direction - turned - self.own)
        turn = np.clip(asked, self.low, self.high)
        return turn, np.where(np.abs(asked - turn) > 1e-12, np.sign(asked - turn), 0.0)


def _aim(limber: Limber, shape: _Shape, to: Complexes) -> _Aim:
    low, high, own = limber.low[:, 0], limber.high[:, 0], shape.pose[:, 0]
    round_ = high - low >= TAU - TIE
    middle = np.where(round_, own, (low + high) / 2)
    zero = _arm(limber.v, shape.pose, 0)
    length = np.abs(limber.v).sum(axis=1)
    tie = TIE * limber.side
    direction = middle + wrapped(np.angle(to * np.conj(zero)) - middle + tie) - tie
    direction = np.where(np.abs(to) > TIE * length, direction, own)
    most = limber.give.max(axis=1)
    share = np.where(most > 0, limber.give[:, 0] / np.where(most > 0, most, 1.0), 0.0)
    return _Aim(direction, zero, low, high, own, share)


def curled(to: Complexes, limber: Limber) -> Floats:
    """The pose to reach from, within limits, (cases, joints): on the target, or near it where limits stand in the way."""
    if len(to) > FEW:
        return _curled(to, limber)
    columns = (field.tolist() for field in (to, *limber))
    found = [curl_one(goal, One(*one)) for goal, *one in zip(*columns, strict=True)]
    left = np.array([i for i, turns in enumerate(found) if turns is None], dtype=np.intp)
    turns = np.array([[0.0] * limber.v.shape[1] if one is None else one for one in found])
    if left.size:
        turns[left] = _curled(to[left], limber.at(left))
    return turns


def _curled(to: Complexes, limber: Limber) -> Floats:
    length, distance = np.abs(limber.v).sum(axis=1), np.abs(to)
    shape = _shape_of(limber)
    aim = _aim(limber, shape, to)
    curl = _curl(limber, shape, shape.pose, np.ones(limber.v.shape))
    turns = curl.for_distance(distance, 0, length)
    turns[:, 0], beyond = aim.root(aim.turned(_arm(limber.v, turns, 0)))
    over = np.flatnonzero(beyond * limber.side < 0)
    if over.size:
        some = _Over(to[over], limber.at(over), _Shape(*(x[over] for x in shape)), aim.at(over), beyond[over])
        turns[over] = some.turns(turns[over])
    on = np.flatnonzero(beyond * limber.side > 0)
    if on.size:
        here = _Curl(*(x[on] for x in curl))
        turns[on] = _turned_on(to[on], limber.at(on), here, shape.willing[on], turns[on], beyond[on])
    return turns


class _Over(NamedTuple):
    """Chains whose root stands at its limit away from the curl: the curl goes over to the other side, and then turns on."""

    to: Complexes
    limber: Limber
    shape: _Shape
    aim: _Aim
    beyond: Floats

    def turns(self, turns: Floats) -> Floats:
        """The turns, from those with which the root came to its limit."""
        turned, shapes = self._versions()
        way = self.beyond[:, None]
        run = np.maximum.accumulate(np.unwrap(turned, axis=1) * way, axis=1) + TURNOVER * SLOPE
        wanted = (self.aim.direction - turns[:, 0])[:, None] * way
        below = np.clip((run <= wanted).sum(axis=1) - 1, 0, len(TURNOVER) - 2)
        every = np.arange(len(below))
        here, there = run[every, below], run[every, below + 1]
        share = np.clip((wanted[:, 0] - here) / (there - here), 0.0, 1.0)[:, None]
        found: Floats = shapes[every, below] + share * (shapes[every, below + 1] - shapes[every, below])
        found[:, 0] = turns[:, 0]
        past = np.flatnonzero(wanted[:, 0] > run[:, -1])
        if past.size:
            limber, shape = self.limber.at(past), _Shape(*(x[past] for x in self.shape))
            other = _curl(limber, shape, shape.straight, -np.ones(limber.v.shape))
            found[past] = _turned_on(self.to[past], limber, other, shape.willing, found[past], self.beyond[past])
        return found

    def _versions(self) -> tuple[Floats, Floats]:
        """How far the curl has turned the way to the tip at every stage of going over, (cases, stages), and the turns there."""
        cases, joints = self.limber.v.shape
        stages = len(TURNOVER)
        around = np.pi * TURNOVER[:, None]
        to_side = np.cos(around) + np.sin(around) * self._s_shape()[:, None]
        to_side = to_side.reshape(-1, joints)
        each = np.repeat(np.arange(cases), stages)
        limber, shape = self.limber.at(each), _Shape(*(x[each] for x in self.shape))
        share = np.minimum(1.0, 3 * np.tile(TURNOVER, cases))[:, None]
        middle = shape.pose + (shape.straight - shape.pose) * share
        curl = _curl(limber, shape, middle, to_side)
        turns = curl.for_distance(np.abs(self.to)[each], 0, np.abs(limber.v).sum(axis=1))
        turned = self.aim.at(each).turned(_arm(limber.v, turns, 0))
        shapes: Floats = turns.reshape(cases, stages, joints)
        return turned.reshape(cases, stages), shapes

    def _s_shape(self) -> Floats:
        """Bends that grow evenly along the chain, and turn the way to the tip of a nearly straight one nowhere, (cases, joints).

        Between a curl and its opposite as on a circle, this S lets the way to the tip turn all the time: nothing is skipped.
        """
        willing = self.shape.willing
        lengths = np.abs(self.limber.v)
        beyond = np.cumsum(lengths[:, ::-1], axis=1)[:, ::-1] * willing  # what a joint's bend moves
        along = np.arange(willing.shape[1], dtype=np.float64)
        middle = (beyond * along).sum(axis=1) / np.maximum(beyond.sum(axis=1), 1e-300)
        bends = along - middle[:, None]
        size = np.sqrt((willing * bends**2).sum(axis=1) / np.maximum(willing.sum(axis=1), 1e-300))
        return np.asarray(bends / np.maximum(size, TIE)[:, None])


def _turned_on(to: Complexes, limber: Limber, curl: _Curl, willing: Floats, turns: Floats, way: Floats) -> Floats:
    """One joint after the other turns on where those before it have come to their limits."""
    v, length = limber.v, np.abs(limber.v).sum(axis=1)
    turns = turns.copy()
    going = np.ones(len(to), dtype=bool)
    place, heading = np.zeros(len(to), dtype=np.complex128), np.zeros(len(to))
    for joint in range(1, v.shape[1]):
        heading = heading + turns[:, joint - 1]
        place = place + np.exp(1j * heading) * v[:, joint - 1]
        there = (to - place) * np.exp(-1j * heading)
        shape = curl.for_distance(np.abs(there), joint, length)
        on = np.angle(there * np.conj(_arm(v, shape, joint))) - shape[:, joint]
        on = np.where(way > 0, on - TAU * np.floor(on / TAU), on - TAU * np.ceil(on / TAU))
        on = np.where(np.abs(on) > TURN_BACK, on - np.sign(on) * TAU, on)
        asked = shape[:, joint] + on * willing[:, joint]
        turn = np.clip(asked, limber.low[:, joint], limber.high[:, joint])
        turns[going, joint + 1 :] = shape[going, joint + 1 :]
        turns[going, joint] = turn[going]
        going &= np.abs(asked - turn) > 1e-12
        if not going.any():
            break
    return turns

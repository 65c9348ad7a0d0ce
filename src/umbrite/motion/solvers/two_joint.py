"""Limbs of one and two joints in closed form, over any number of frames at once.

Both work in the frame of the root's parent at rest, where the chain is
`tip = root + R(t1) (v1 + R(t2) v2)` with turns t1, t2 from rest, and lengths v1, v2 as drawn.

Two joints: by the law of cosines |v1 + R(t2) v2| fixes the bend up to its side. Where the free solution breaks
a limit, the nearest point of the reachable set lies on one of its borders: a turn at a limit, the other free, or
both at limits. All of these are computed and the nearest taken, so limits are part of the solving, not a clamp
after it. Shapes: every argument broadcasts to (frames, limbs); results have that shape. Degenerate input (a
target on the root, a length of 0) gives a defined pose, never NaN.
"""

import math
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from umbrite.motion.solvers.one_frame import SLACK, STILL, TIE, reach_two
from umbrite.rig.quantities.angles import TAU, wrapped

Floats = NDArray[np.float64]
Complexes = NDArray[np.complex128]
# So few limbs are solved one by one, in plain numbers.
FEW = 12


class Turns(NamedTuple):
    """Turns from rest of the first and second joint, radians, within their limits."""

    first: Floats
    second: Floats


class Range(NamedTuple):
    """Smallest and largest turn from rest; -pi and pi for a joint that is free. A range may lie or reach beyond half a turn."""

    smallest: Floats
    largest: Floats


def _angle(z: Complexes) -> Floats:
    return np.arctan2(z.imag, z.real)


def into_range(angle: Floats, span: Range, side: Floats | float = 1.0) -> tuple[Floats, Floats]:
    """The turn within `span` that is nearest to `angle` on the circle, and how far from it that is (>= 0).

    Where both ends are as near, the larger counts for a side of +1, the smaller for -1, so that a mirrored limb is a mirror image.
    """
    turn = wrapped(angle)
    turn = turn + TAU * np.ceil(np.maximum((span.smallest - turn - SLACK) / TAU, 0.0))
    turn = turn - TAU * np.ceil(np.maximum((turn - span.largest - SLACK) / TAU, 0.0))
    inside = (turn >= span.smallest - SLACK) & (turn <= span.largest + SLACK)
    to_small, to_large = np.abs(wrapped(turn - span.smallest)), np.abs(wrapped(turn - span.largest))
    end = np.where(to_small < to_large - TIE * np.where(np.asarray(side) < 0, -1.0, 1.0), span.smallest, span.largest)
    off = np.where(inside, 0.0, np.minimum(to_small, to_large))
    return np.where(inside, np.clip(turn, span.smallest, span.largest), end), off


def aim(root: Complexes, v1: Complexes, target: Complexes, span: Range) -> Floats:
    """The turn that points v1 from the root to the target, as near as the limits allow."""
    to = target - root
    usable = (np.abs(to) > 0) & (np.abs(v1) > 0)
    angle = np.where(usable, _angle(to) - _angle(np.where(usable, v1, 1)), 0.0)
    still = np.abs(to - v1) <= STILL * np.abs(v1)
    return into_range(np.where(still, 0.0, angle), span)[0]


def reach(to_target: Complexes, v1: Complexes, v2: Complexes, bend: Floats, span1: Range, span2: Range) -> Turns:
    """Turns that bring the tip to `to_target` (from the root), or as near as lengths, limits and side allow.

    `bend` is +1 or -1, the sign of the angle from v1 to v2 once turned; between them the limb is on its way from one side
    to the other, through straight, and its tip may stand beyond the target meanwhile. Where a limit leaves the side no room,
    the limit wins and the bend is as near to the side as it gets.
    """
    every = _Cases(to_target, v1, v2, bend, *span1, *span2)
    shape = np.broadcast_shapes(*(np.shape(x) for x in every))
    if math.prod(shape) <= FEW:
        return _one_by_one(every, shape)
    return _all_at_once(every, shape)


class _Cases(NamedTuple):
    to: Complexes
    v1: Complexes
    v2: Complexes
    bend: Floats
    low1: Floats
    high1: Floats
    low2: Floats
    high2: Floats


def _one_by_one(every: "_Cases", shape: tuple[int, ...]) -> Turns:
    count = math.prod(shape)
    plain = [[x.item()] * count if x.size == 1 else np.broadcast_to(x, shape).ravel().tolist() for x in every]
    found = [
        reach_two(to, one, two, bend, (low1, high1), (low2, high2))
        for to, one, two, bend, low1, high1, low2, high2 in zip(*plain, strict=True)
    ]
    turns = np.array(found, dtype=np.float64).reshape(-1, 2)
    return Turns(turns[:, 0].reshape(shape), turns[:, 1].reshape(shape))


def _all_at_once(every: "_Cases", shape: tuple[int, ...]) -> Turns:
    to_target, v1, v2, bend, low1, high1, low2, high2 = every
    span1, span2 = Range(low1, high1), Range(low2, high2)
    drawn = np.where((np.abs(v1) > 0) & (np.abs(v2) > 0), _angle(v2 * np.conj(v1)), 0.0)
    inner = _inner_bend(np.abs(to_target), np.abs(v1), np.abs(v2))
    second = wrapped(bend * inner - drawn)
    first = first_for(to_target, v1, v2, second)
    first, second = np.broadcast_to(first, shape).copy(), np.broadcast_to(second, shape).copy()
    in_second, off_second = into_range(second, span2, bend)
    first = np.where(np.abs(bend) < 1, first_for(to_target, v1, v2, in_second), first)
    in_first, off_first = into_range(first, span1, bend)
    # A target that stands on the tip leaves the limb exactly as drawn: rounding would blur the rest picture.
    on_side = (np.conj(v1) * v2).imag * bend >= -STILL * np.abs(v1) * np.abs(v2)
    at_rest = (np.abs(to_target - v1 - v2) <= STILL * (np.abs(v1) + np.abs(v2))) & on_side
    partly = np.abs(bend) < 1
    at_rest &= ~partly
    broken = ((off_first > 0) | (off_second > 0)) & ~at_rest & ~partly
    first, second = np.where(at_rest, 0.0, in_first), np.where(at_rest, 0.0, in_second)
    if broken.any():
        where = np.nonzero(broken)
        to, one, two, side, rest, *ends = (
            np.broadcast_to(x, shape)[where] for x in (to_target, v1, v2, bend, drawn, *span1, *span2)
        )
        found = _on_borders(to, one, two, side, rest, (Range(*ends[:2]), Range(*ends[2:])))
        first[where], second[where] = found.first, found.second
    return Turns(first, second)


def _inner_bend(distance: Floats, length1: Floats, length2: Floats) -> Floats:
    """The unsigned angle between the two lengths at which the tip is `distance` from the root, 0..pi."""
    product = 2 * length1 * length2
    usable = product > 0
    cosine = (distance**2 - length1**2 - length2**2) / np.where(usable, product, 1.0)
    return np.where(usable, np.arccos(np.clip(cosine, -1.0, 1.0)), 0.0)


def first_for(to_target: Complexes, v1: Complexes, v2: Complexes, second: Floats) -> Floats:
    """The first turn that points the tip at the target when the second turn is given; 0 where none can be told."""
    arm = v1 + np.exp(1j * second) * v2
    scale = np.abs(v1) + np.abs(v2)
    usable = (np.abs(arm) > 1e-12 * scale) & (np.abs(to_target) > 0)
    return np.where(usable, wrapped(_angle(to_target) - _angle(np.where(usable, arm, 1))), 0.0)


def _on_borders(
    to: Complexes, v1: Complexes, v2: Complexes, bend: Floats, drawn: Floats, spans: tuple[Range, Range]
) -> Turns:
    """The best of all poses on the borders of what limits and side allow; arrays of shape (cases,)."""
    span1, span2 = spans
    ends, allowed = _second_ends(bend, drawn, span2)
    # Seen from the side, so that equals count in the mirrored order for a mirrored limb.
    firsts = _from_side(span1, bend)
    candidates: list[tuple[Floats, Floats, NDArray[np.bool_]]] = []
    # The second turn at one of its ends, the first free or at a limit.
    for second, ok in zip(ends, allowed, strict=True):
        free = first_for(to, v1, v2, second)
        candidates.append((into_range(free, span1, bend)[0], second, ok))
        candidates.extend((limit, second, ok) for limit in firsts)
    # The first turn at a limit, the second free where that is allowed.
    for first in firsts:
        rest = np.exp(-1j * first) * to - v1
        usable = (np.abs(rest) > 0) & (np.abs(v2) > 0)
        second = np.where(usable, wrapped(_angle(rest) - _angle(np.where(usable, v2, 1))), 0.0)
        inside = _in_side(second, bend, drawn) & (into_range(second, span2)[1] <= 0)
        candidates.append((first, into_range(second, span2, bend)[0], inside))
    # The second turn that fits the distance, the first at its nearest limit.
    inner = _inner_bend(np.abs(to), np.abs(v1), np.abs(v2))
    second, off = into_range(bend * inner - drawn, span2, bend)
    candidates.append((into_range(first_for(to, v1, v2, second), span1, bend)[0], second, off <= 0))
    return _nearest(to, v1, v2, candidates)


def _second_ends(bend: Floats, drawn: Floats, span2: Range) -> tuple[list[Floats], list[NDArray[np.bool_]]]:
    """Where the second turn can end: its limits, and straight and folded where these lie within the limits.

    If the limits leave the side no room at all, every end is allowed, so that the limits win.
    """
    straight, folded = wrapped(-drawn), wrapped(bend * np.pi - drawn)
    near, far = _from_side(span2, bend)
    ends = [near, far, into_range(straight, span2, bend)[0], into_range(folded, span2, bend)[0]]
    allowed = [
        _in_side(near, bend, drawn),
        _in_side(far, bend, drawn),
        into_range(straight, span2)[1] <= 0,
        into_range(folded, span2)[1] <= 0,
    ]
    none = ~np.logical_or.reduce(allowed)
    nearer = _off_side(near, bend, drawn) <= _off_side(far, bend, drawn) + TIE
    allowed[0] = allowed[0] | (none & nearer)
    allowed[1] = allowed[1] | (none & ~nearer)
    return ends, allowed


def _from_side(span: Range, bend: Floats) -> tuple[Floats, Floats]:
    """Both ends, first the one on the side to which the limb bends."""
    onward = bend > 0
    return np.where(onward, span.largest, span.smallest), np.where(onward, span.smallest, span.largest)


def _in_side(second: Floats, bend: Floats, drawn: Floats) -> NDArray[np.bool_]:
    return _off_side(second, bend, drawn) <= 1e-9


def _off_side(second: Floats, bend: Floats, drawn: Floats) -> Floats:
    """How far a second turn bends against the side, 0 for none; straight and folded belong to both sides."""
    against = -bend * wrapped(drawn + second)
    return np.where(against > 0, np.minimum(against, np.pi - against), 0.0)


def _nearest(
    to: Complexes, v1: Complexes, v2: Complexes, candidates: list[tuple[Floats, Floats, NDArray[np.bool_]]]
) -> Turns:
    """Of several poses the allowed one whose tip is nearest; among equals, whatever is rounded how, the earliest."""
    firsts = np.array([np.broadcast_to(c[0], to.shape) for c in candidates])
    seconds = np.array([np.broadcast_to(c[1], to.shape) for c in candidates])
    allowed = np.array([np.broadcast_to(c[2], to.shape) for c in candidates])
    tips = np.exp(1j * firsts) * (v1 + np.exp(1j * seconds) * v2)
    away = np.where(allowed, np.abs(tips - to), np.inf)
    least = away.min(axis=0) + TIE * (np.abs(v1) + np.abs(v2))
    best = np.argmax(away <= least, axis=0)[None]
    return Turns(np.take_along_axis(firsts, best, 0)[0], np.take_along_axis(seconds, best, 0)[0])

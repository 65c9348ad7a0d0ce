"""Maps taken apart into what every engine knows: a shift, a turn and two scales for a node, and a second node where there is skew.

A linear map is `turn(t) K(k) scale(x, y)` with the shear `K = [[1, k], [0, 1]]`. Engines have no shear, but a shear is
`turn(c) scale(u, v) turn(-p)` (its singular values), so that two nodes, one carried by the other, move exactly like one that is
skewed. The angles are those that go smoothly through k = 0, where singular vectors can be any. y points down, as on the board.
"""

from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from umbrite.rig.affine import Affine, after, inverse

Floats = NDArray[np.float64]
Complexes = NDArray[np.complex128]
UNSEEN = 1e-7  # of skew: on a part as large as the board a ten thousandth of a pixel
GONE = 1e-12  # lengths that have no direction
# A turn by so much from one frame to the next while a scale is so small is the scale running through 0, which turns nothing.
HALF_TURN, SMALL = np.pi - 0.6, 0.5


class Moves(NamedTuple):
    """How a node moves in its carrier's frame; arrays of (frames,), the scales (frames, 2). The scales come first, then the turn, then the shift."""

    shift: Complexes  # pixels
    turn: Floats  # radians, without jumps by whole turns
    scale: Floats

    def at(self, frames: slice) -> "Moves":
        """Only these frames."""
        return Moves(self.shift[frames], self.turn[frames], self.scale[frames])

    def map(self) -> Affine[Complexes]:
        """From the node's own frame to its carrier's."""
        spin = np.exp(1j * self.turn)
        half, other = self.scale.sum(axis=1) / 2, (self.scale[:, 0] - self.scale[:, 1]) / 2
        return Affine(spin * half, spin * other, self.shift)


def still(frames: int, shift: complex = 0j) -> Moves:
    """A node that stays where it is."""
    return Moves(np.full(frames, shift), np.zeros(frames), np.ones((frames, 2)))


def taken_apart(local: Affine[Complexes]) -> list[Moves]:
    """One node's moves from its maps, or those of two, the second carried by the first, where there is skew in any frame.

    Fields of `local` are (frames,). What is squeezed to a line or a point keeps a direction; every frame is told exactly.
    """
    along, across = local.a + local.b, 1j * (local.a - local.b)
    turn, scale_x = _directions(along, across)
    spin = np.exp(-1j * turn)
    upright = across * spin
    scale_y = upright.imag
    flat = np.abs(scale_y) <= GONE * np.maximum(np.abs(upright), 1e-300)
    skew = np.where(flat, 0.0, upright.real / np.where(flat, 1.0, scale_y))
    scale = np.stack([scale_x, scale_y], axis=-1)
    if not np.any(np.abs(skew) > UNSEEN):
        return [Moves(local.t + 0j, turn, scale)]
    root = np.sqrt(skew**2 + 4)
    wider, narrower = (root + skew) / 2, (root - skew) / 2
    before = np.arctan2(2.0, -skew) / 2
    behind = np.arctan2(np.sin(before), np.cos(before) + skew * np.sin(before))
    outer = Moves(local.t + 0j, turn + behind, np.stack([wider, narrower], axis=-1))
    return [outer, Moves(np.zeros(len(turn), np.complex128), -before, scale)]


def _directions(along: Complexes, across: Complexes) -> tuple[Floats, Floats]:
    """The turn of the first axis and its length with a sign: the sign that makes the turn go on from the frame before."""
    size = np.abs(along)
    gone = size <= GONE * np.maximum(np.abs(across), 1.0)
    raw = np.where(gone, np.angle(across) - np.pi / 2, np.angle(along))
    nothing = gone & (np.abs(across) <= GONE)
    turn, length = np.empty(len(raw)), np.empty(len(raw))
    last, sense = 0.0, 1.0
    for i in range(len(raw)):
        way = last if nothing[i] else float(raw[i]) + (np.pi if sense < 0 else 0.0)
        way += 2 * np.pi * round((last - way) / (2 * np.pi))
        if i and abs(way - last) > HALF_TURN and min(size[i], size[i - 1]) < SMALL:
            sense = -sense
            way += np.pi if way < last else -np.pi
        turn[i], length[i] = way, sense * size[i]
        last = way
    return turn, length


def relative(own: Affine[Complexes], carrier: Affine[Complexes]) -> Affine[Complexes]:
    """What takes the frame of a carrier to that of what it carries: `carrier after relative = own`. Fields (frames,).

    Where the carrier is squeezed to a line or a point the last frame's stands, which then lies as flat as the carrier does.
    """
    undone = inverse(carrier)
    flat = (undone.a == 0) & (undone.b == 0)  # a plain mirror has no a
    found = after(undone, own)
    if not flat.any():
        return found
    if flat.all():
        one = np.ones(len(flat), np.complex128)
        return Affine(one, 0 * one, 0 * one)
    last = np.maximum.accumulate(np.where(flat, -1, np.arange(len(flat))))
    last = np.where(last < 0, np.flatnonzero(~flat)[0], last)
    return Affine(found.a[last], found.b[last], found.t[last])


def about(maps: Affine[Complexes], own: complex, carrier: complex) -> Affine[Complexes]:
    """A map of the board as one between frames with their origins at two pivots: from that of `own` to that of `carrier`."""
    return Affine(maps.a, maps.b, maps(np.full(len(maps.t), own)) - carrier)

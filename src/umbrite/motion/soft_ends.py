"""Limits with soft ends: from the turn that is asked for to the turn that a joint takes, and back.

In a zone of width w before an end, a turn of x into the zone becomes x - x^2 / (4 w): as fast as asked where the zone
begins, ever slower, and still at the end, which is reached when 2 w are asked for. So the turn has no jump in speed (it
is C1) at either border. With w = 0 the end is a hard stop. A zone never reaches over rest, nor, where the end lies within half a
turn, what is asked for over half a turn, so rest stays rest. A joint without a limit turns as often as it likes: its ends are
endlessly far. All arguments broadcast; radians.
"""

from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from umbrite.rig.model import Joint
from umbrite.rig.quantities.angles import TAU

Floats = NDArray[np.float64]
WHOLE = 1e-12  # of a turn: so near to an end counts as on it


class Ends(NamedTuple):
    """What joints may turn from rest, and the widths of the soft zones before both ends."""

    smallest: Floats
    largest: Floats
    soft_smallest: Floats
    soft_largest: Floats

    def at(self, places: NDArray[np.intp] | slice | int) -> "Ends":
        """The ends of some joints only."""
        return Ends(*(field[places] for field in self))

    def flipped(self, sense: Floats) -> "Ends":
        """The same, seen from the other side of the drawing where `sense` is -1."""
        back = sense < 0
        return Ends(
            np.where(back, -self.largest, self.smallest),
            np.where(back, -self.smallest, self.largest),
            np.where(back, self.soft_largest, self.soft_smallest),
            np.where(back, self.soft_smallest, self.soft_largest),
        )

    @property
    def asked(self) -> tuple[Floats, Floats]:
        """The range of turns that it makes sense to ask for."""
        return self.smallest - self.soft_smallest, self.largest + self.soft_largest

    @property
    def any_soft(self) -> bool:
        """Whether any of them is soft, so that the plain clip is not enough."""
        return bool(self.soft_smallest.any() or self.soft_largest.any())


def ends_of(joint: Joint) -> tuple[float, float, float, float]:
    """A joint's `Ends`: none to turn in for a locked joint, endlessly far for a free one."""
    if joint.give <= 0:
        return (0.0, 0.0, 0.0, 0.0)
    if joint.limit is None:
        return (-np.inf, np.inf, 0.0, 0.0)
    small, large, soft = joint.limit.smallest, joint.limit.largest, joint.limit.soft
    return (small, large, _zone(soft, -small), _zone(soft, large))


def _zone(soft: float, end: float) -> float:
    """How wide a soft zone may be before an end that lies so far from rest."""
    return min(soft, end, np.pi - end) if end < np.pi else min(soft, end)


def fitting(turn: Floats, ends: Ends) -> Floats:
    """The same direction, by whole turns within the ends where these leave it a place, as near to rest as they do."""
    up = np.ceil(np.maximum((ends.smallest - turn) / TAU - WHOLE, 0.0))
    down = np.ceil(np.maximum((turn - ends.largest) / TAU - WHOLE, 0.0))
    other = turn + TAU * (up - down)
    inside = (other >= ends.smallest - TAU * WHOLE) & (other <= ends.largest + TAU * WHOLE)
    return np.where(inside, other, turn)


def taken(asked: Floats, ends: Ends) -> Floats:
    """The turns that joints take, within their limits, when `asked` is asked for."""
    least, most = ends.asked
    turn = np.clip(asked, least, most)
    if not ends.any_soft:
        return turn
    over = np.maximum(turn - (ends.largest - ends.soft_largest), 0.0)
    under = np.maximum(ends.smallest + ends.soft_smallest - turn, 0.0)
    turn = turn - over**2 / (4 * _no_zero(ends.soft_largest))
    turn = turn + under**2 / (4 * _no_zero(ends.soft_smallest))
    return np.clip(turn, ends.smallest, ends.largest)


def asked_for(turn: Floats, ends: Ends) -> Floats:
    """What to ask for so that joints take `turn`, which lies within their limits: the inverse of `taken`."""
    if not ends.any_soft:
        return turn
    over = np.clip(turn - (ends.largest - ends.soft_largest), 0.0, ends.soft_largest)
    under = np.clip(ends.smallest + ends.soft_smallest - turn, 0.0, ends.soft_smallest)
    turn = turn - over + _way_in(over, ends.soft_largest)
    return turn + under - _way_in(under, ends.soft_smallest)


def _way_in(depth: Floats, width: Floats) -> Floats:
    """X with x - x^2 / (4 w) = depth."""
    safe = _no_zero(width)
    return np.where(width > 0, 2 * safe * (1 - np.sqrt(np.maximum(1 - depth / safe, 0.0))), 0.0)


def willingness(turn: Floats, ends: Ends) -> Floats:
    """How much of an asked change a joint takes at this turn: 1 outside the zones, 0 at a soft end."""
    over = np.clip(turn - (ends.largest - ends.soft_largest), 0.0, ends.soft_largest)
    under = np.clip(ends.smallest + ends.soft_smallest - turn, 0.0, ends.soft_smallest)
    share = over / _no_zero(ends.soft_largest) + under / _no_zero(ends.soft_smallest)
    return np.sqrt(np.clip(1 - share, 0.0, 1.0))


def _no_zero(width: Floats) -> Floats:
    return np.where(width > 0, width, 1.0)


def hard(smallest: Floats, largest: Floats) -> Ends:
    """Limits whose ends are hard stops."""
    none = np.zeros(np.shape(smallest))
    return Ends(smallest, largest, none, none)

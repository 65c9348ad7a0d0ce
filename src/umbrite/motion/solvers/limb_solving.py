"""Limbs within the evaluator: from joints' own maps and targets to turns, by the method for the number of joints.

A limb is solved in the frame of what carries its root, where the chain is `tip = sum of R(t1 + ... + tj) vj` as long as
joints are scaled evenly. Where one is scaled unevenly or skewed, turning about it no longer keeps lengths; then the chain
above is only near, and `uneven` goes on from there with the true one.
Shapes are (frames, limbs) and (frames, limbs, joints).
"""

from collections.abc import Mapping
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from umbrite.motion.plan import LimbBatch, Plan
from umbrite.motion.soft_ends import Ends, taken
from umbrite.motion.solvers.long_limb import reach_long
from umbrite.motion.solvers.two_joint import Range, aim, first_for, into_range, reach
from umbrite.motion.solvers.uneven import Asked, ahead, corrected
from umbrite.rig.affine import UNMOVED, Affine, after, inverse
from umbrite.rig.quantities.angles import TAU, wrapped

Floats = NDArray[np.float64]
Complexes = NDArray[np.complex128]
# A joint whose map is this uneven, as a share of its size, needs the true chain.
UNEVEN = 1e-9
MOST_SOFTEN = 0.99  # of a limb's length
LEAST = 1e-150  # pixels: a way so short that dividing by it would leave all numbers


class Chains(NamedTuple):
    """The joints' own maps, unturned, and the limbs' roots in the frame of what carries them."""

    own: Affine[Complexes]
    roots: Complexes


def solve_limbs(
    plan: Plan, batch: LimbBatch, chains: Chains, board: Affine[Complexes], turns: Floats, values: Mapping[str, Floats]
) -> Floats:
    """Find the turns of all limbs of a batch and write them into `turns`.

    Returns how many times longer each bone is, (frames, limbs, joints). What stretch adds is shared by give; the turns are
    those of the lengthened chain, which reaches as far as soften lets it.
    """
    own, roots = chains
    lengths, flips = _chain(plan, batch, own)
    to = _target_in_frame(plan, batch, board) - roots
    to = np.broadcast_to(to, lengths.shape[:2])
    count = batch.joints.shape[1]
    wanted = np.abs(to)
    if count > 1:
        to = softened(to, lengths, np.clip(batch.soften + values["soften"][:, batch.numbers], 0.0, MOST_SOFTEN))
    longer = np.ones(lengths.shape)
    stretch = np.maximum(batch.stretch + values["stretch"][:, batch.numbers], 0.0)
    if stretch.any():
        reached = np.minimum(np.abs(to), np.abs(lengths).sum(axis=-1))
        factor = np.clip(wanted / np.where(reached > 0, reached, np.inf), 1.0, 1 + stretch)
        bowed = np.clip(factor + np.maximum(values["bow"][:, batch.numbers], 0.0), 1.0, 1 + stretch)
        longer = 1 + (bowed - 1)[..., None] * batch.stretches
        lengths, to = lengths * longer, to * factor
    solver = _Solver(plan, batch, lengths, flips, turns, values["bend"][:, batch.numbers])
    found = solver.solve(to)
    size, skewed = np.abs(own.a[:, batch.joints[:, :-1]]), np.abs(own.b[:, batch.joints[:, :-1]])
    uneven = (skewed > UNEVEN * size) & (size > UNEVEN * skewed)  # even, mirrored joints have b alone
    if uneven.any():
        found = corrected(plan, batch, own, solver.asked(to, longer), found, np.asarray(uneven.any(axis=-1)))
    share = np.clip(values["blend"][:, batch.numbers], 0.0, 1.0)
    for j in range(count):
        joint = batch.joints[:, j]
        turns[:, joint] = _mixed(found[..., j] * flips[..., j], turns[:, joint], share, plan.ends.at(joint))
    return 1 + (longer - 1) * (1 - share)[..., None]


def _mixed(solved: Floats, own: Floats, share: Floats, ends: Ends) -> Floats:
    """Between the solved and the own turns, the short way round where limits leave it open; whole turns are those of the own.

    Both lie within the limits, so does what lies between them.
    """
    if not share.any():
        return solved
    short = own + (1 - share) * wrapped(solved - own)
    whole = TAU * np.round(own / TAU)
    short = np.where(share < 1, whole + wrapped(short - whole), own)
    mixed = np.where(np.isinf(ends.smallest) & np.isinf(ends.largest), short, solved + share * (own - solved))
    return np.where(share > 0, mixed, solved)


class _Solver:
    """One batch of limbs with everything but the goal given."""

    def __init__(
        self, plan: Plan, batch: LimbBatch, lengths: Complexes, flips: Floats, turns: Floats, bend: Floats
    ) -> None:
        self.plan, self.batch, self.lengths, self.flips = plan, batch, lengths, flips
        self.own = turns[:, batch.joints] * flips
        # A joint without a limit is asked for half a turn at most: the limb needs a direction, no more.
        ends = [plan.ends.at(batch.joints[:, j]).flipped(flips[..., j]) for j in range(flips.shape[-1])]
        self.ends = [
            one._replace(
                smallest=np.where(np.isinf(one.smallest), -np.pi, one.smallest),
                largest=np.where(np.isinf(one.largest), np.pi, one.largest),
            )
            for one in ends
        ]
        self.give = plan.give[batch.joints]
        self.side = batch.bend * (1 - 2 * np.clip(bend, 0.0, 1.0))

    def asked(self, to: Complexes, longer: Floats) -> Asked:
        """What is asked of the true chains."""
        shape = self.flips.shape
        low, high = (np.stack([np.broadcast_to(end[i], shape[:2]) for end in self.ends], axis=-1) for i in (0, 1))
        size = np.abs(self.lengths).sum(axis=-1)
        return Asked(to, low, high, self.flips, np.broadcast_to(self.give, shape), longer, self.side, size)

    def solve(self, to: Complexes) -> Floats:
        """Turns (frames, limbs, joints) for goals `to` (frames, limbs), both as seen in an unmirrored chain."""
        count = self.lengths.shape[-1]
        if count == 1:
            turn = aim(np.zeros_like(to), self.lengths[..., 0], to, Range(*self.ends[0].asked))
            return taken(turn, self.ends[0])[..., None]
        return self._two(to) if count == 2 else self._long(to)

    def _two(self, to: Complexes) -> Floats:
        v1, v2 = self.lengths[..., 0], self.lengths[..., 1]
        asked = [Range(*ends.asked) for ends in self.ends]
        first, second = reach(to, v1, v2, self.side * self.flips[..., 1], *asked)
        if any(ends.any_soft for ends in self.ends):
            # The second eases into its limit, the first aims anew, as near as its own soft end lets it.
            eased = taken(second, self.ends[1])
            again = into_range(first_for(to, v1, v2, eased), asked[0])[0]
            first = taken(np.where(eased == second, first, again), self.ends[0])
            second = eased
        return np.stack([first, second], axis=-1)

    def _long(self, to: Complexes) -> Floats:
        """Long limbs as cases of one list: frames times limbs."""
        shape = self.own.shape
        ends = Ends(
            *(
                np.stack([np.broadcast_to(end[i], shape[:2]) for end in self.ends], axis=-1).reshape(-1, shape[2])
                for i in range(4)
            )
        )
        solved = reach_long(
            to.reshape(-1),
            self.lengths.reshape(-1, shape[2]),
            self.own.reshape(-1, shape[2]),
            ends,
            np.broadcast_to(self.give, shape).reshape(-1, shape[2]),
            np.where(self.side * self.flips[..., 1] < 0, -1.0, 1.0).reshape(-1),
        )
        return solved.reshape(shape)


def _target_in_frame(plan: Plan, batch: LimbBatch, board: Affine[Complexes]) -> Complexes:
    """The target's point in the frame of what carries the limb's root, shape (frames, limbs)."""
    at = gathered(board, batch.target)(plan.pivot[batch.target])
    return inverse(gathered(board, batch.parent))(at)


def gathered(board: Affine[Complexes], places: NDArray[np.intp]) -> Affine[Complexes]:
    """The maps of some joints: fields of shape (frames, joints) narrowed to the columns in `places`."""
    return Affine(*(field.T[places].T for field in board))  # columns lie side by side in memory


def _chain(plan: Plan, batch: LimbBatch, own: Affine[Complexes]) -> tuple[Complexes, Floats]:
    """Each limb's lengths, unturned, in the frame of what carries its root, and the sense in which each joint turns.

    Shapes (frames, limbs, joints). Joints' own scales are taken along; a mirrored joint (sense -1 from there on) turns
    what hangs from it the other way round.
    """
    lengths, flips = [], []
    whole = Affine(np.ones((1, 1), dtype=np.complex128), np.zeros((1, 1), dtype=np.complex128), UNMOVED)
    for j in range(batch.joints.shape[1]):
        joint = batch.joints[:, j]
        flips.append(np.where(np.abs(whole.b) > np.abs(whole.a), -1.0, 1.0))
        whole = after(whole, Affine(own.a[:, joint], own.b[:, joint], UNMOVED))
        lengths.append(whole.direction(ahead(plan, batch, own, j)))
    shape = np.broadcast_shapes(*(x.shape for x in lengths))
    return (
        np.stack([np.broadcast_to(x, shape) for x in lengths], axis=-1),
        np.stack([np.broadcast_to(x, shape) for x in flips], axis=-1),
    )


def softened(to: Complexes, lengths: Complexes, soften: Floats) -> Complexes:
    """The target drawn in near full reach, so that a limb straightens gradually instead of popping.

    Up to a distance a nothing changes; beyond it d becomes a + (L - a)(1 - exp(-(d - a) / (L - a))), which has the same
    slope at a and comes to the full length L only far away. a is the share `soften` short of L, or the distance at rest
    where that is farther, so that rest stays exact. `to` (frames, limbs), `lengths` (frames, limbs, joints).
    """
    full = np.abs(lengths).sum(axis=-1)
    begins = np.clip(np.maximum(full * (1 - soften), np.abs(lengths.sum(axis=-1))), 0.0, full)
    zone, distance = full - begins, np.abs(to)
    soft = (distance > begins) & (zone > 1e-9 * full)
    safe = np.where(soft, zone, 1.0)
    drawn = begins + zone * (1 - np.exp(-np.where(soft, distance - begins, 0.0) / safe))
    return np.where(soft, to * (drawn / np.where(distance > LEAST, distance, 1.0)), to)

"""The one evaluator: from a plan and a pose to the place of every joint, part and limb, for any number of frames.

A joint's map takes the board at rest to the board as posed:
`M(joint) = M(parent) after (move, turn, skew and scale about the joint's pivot)`.
At rest all maps are the identity, so what lies at rest is drawn exactly as it was made. The result depends on
the puppet and the pose alone. Any finite input gives a finite result.
"""

from collections.abc import Mapping
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from umbrite.motion.linking import with_links
from umbrite.motion.long_limb import reach_long
from umbrite.motion.plan import EndBatch, LimbBatch, Plan
from umbrite.motion.two_joint import Range, aim, reach
from umbrite.rig.affine import Affine, after, around, inverse, linear
from umbrite.rig.angles import wrapped
from umbrite.rig.model import Control
from umbrite.rig.poses import JOINT_CHANNELS, LIMB_CHANNELS

Floats = NDArray[np.float64]
Complexes = NDArray[np.complex128]
Channels = Mapping[str, float] | Mapping[str, NDArray[np.float64]]
# Channel values beyond this are cut, so that no product overflows.
LARGEST = 1e9


class Fared(NamedTuple):
    """How limbs fared: arrays of shape (frames, limbs) in the plan's order."""

    distance: Floats  # from tip to target, board pixels
    bend: Floats  # the sign of the bend as posed, +1 or -1


class Placed(NamedTuple):
    """Where everything is: joint maps of shape (frames, joints + 1), the last one being the ground."""

    plan: Plan
    maps: Affine
    turns: Floats  # each joint's turn from rest, (frames, joints)
    limbs: Fared
    lengthened: Floats  # how many times longer each joint is along its axis, (frames, joints + 1)

    @property
    def frames(self) -> int:
        return int(self.turns.shape[0])

    def joint_map(self, key: str, frame: int = 0) -> Affine:
        """Board at rest to board as posed, for what rides on this joint."""
        i = self.plan.place[key]
        return Affine(*(complex(field[frame, i]) for field in self.maps))

    def carrier_map(self, key: str, frame: int = 0) -> Affine:
        """The map of what carries this joint; the identity for a free joint."""
        i = self.plan.parent[self.plan.place[key]]
        return Affine(*(complex(field[frame, i]) for field in self.maps))

    def pivot(self, key: str, frame: int = 0) -> complex:
        """Where a joint's pivot is on the board as posed."""
        return complex(self.joint_map(key, frame)(self.plan.puppet.joints[key].pivot.z))

    def turn(self, key: str, frame: int = 0) -> float:
        return float(self.turns[frame, self.plan.place[key]])

    def control_at(self, control: Control, frame: int = 0) -> complex:
        """Where a control stands on the board as posed."""
        pivot = self.plan.puppet.joints[control.moves].pivot.z
        return complex(self.joint_map(control.moves, frame)(pivot + control.offset.z))

    def part_maps(self) -> Affine:
        """From each drawing's pixels to the board as posed; fields of shape (frames, parts) in draw order."""
        on = self.plan.part_joint
        part_map = self.plan.part_map
        if self.plan.axis.any():
            longer = self.lengthened[:, on] - 1
            stretch = Affine(1 + longer / 2, longer / 2 * self.plan.axis[on] ** 2, 0)
            part_map = after(around(self.plan.pivot[on], stretch.a, stretch.b), part_map)
        return after(Affine(*(field[:, on] for field in self.maps)), part_map)


def frames_of(pose: Channels) -> int:
    """How many frames a pose has: the common length of its arrays, 1 for plain numbers. Raises ValueError."""
    lengths = {np.shape(value)[0] for value in pose.values() if np.ndim(value)}
    if len(lengths) > 1:
        raise ValueError(f"the channels of a pose have different lengths: {sorted(lengths)}")
    return lengths.pop() if lengths else 1


def evaluate(plan: Plan, pose: Channels) -> Placed:
    """Place everything. `pose` maps channel names to numbers or to arrays of shape (frames,).

    Channels of things that the puppet lacks are passed over; values that are not finite raise ValueError.
    """
    if plan.puppet.links:
        pose = with_links(plan.puppet, pose, lambda joint, so_far: _travel(plan, joint, so_far))
    return _evaluated(plan, pose)


def _travel(plan: Plan, joint: str, pose: Channels) -> Floats:
    """How far a joint has come along the board's x axis from rest, (frames,)."""
    placed = _evaluated(plan, pose)
    pivot = plan.puppet.joints[joint].pivot.z
    place = plan.place[joint]
    found: Floats = (Affine(*(field[:, place] for field in placed.maps))(pivot) - pivot).real
    return found


def _evaluated(plan: Plan, pose: Channels) -> Placed:
    frames, count = frames_of(pose), len(plan.joints)
    values = _channels(plan, pose, frames, count)
    a, b = linear(np.zeros((frames, count)), 1 + values["scale_x"], 1 + values["scale_y"], values["skew"])
    shift = values["x"] + 1j * values["y"]
    turns = np.clip(values["turn"], plan.smallest, plan.largest)
    board = Affine(*(np.zeros((frames, count + 1), dtype=np.complex128) for _ in range(3)))
    board.a[:, count] = 1  # the ground
    lengthened = np.ones((frames, count + 1))
    for step in plan.steps:
        some = slice(step.first, step.last)
        if step.ends is not None:
            _keep_angles(plan, step.ends, board, turns, values["turn"])
        if plan.axis.any():
            shift[:, some] += _carried_along(plan, some, lengthened)
        _place(plan, some, Affine(a, b, shift), turns, board)
        for batch in step.limbs:
            longer = _solve(plan, batch, Affine(a, b, shift), board, turns, values)
            lengthened[:, batch.joints] = longer[..., None]
    return Placed(plan, board, turns, _how_limbs_fared(plan, board, lengthened), lengthened)


def _channels(plan: Plan, pose: Channels, frames: int, count: int) -> dict[str, Floats]:
    values = {name: np.zeros((frames, count)) for name in JOINT_CHANNELS}
    values |= {name: np.zeros((frames, len(plan.limbs))) for name in LIMB_CHANNELS}
    limbs = {key: i for i, key in enumerate(plan.limbs)}
    for channel, value in pose.items():
        if not np.isfinite(value).all():
            raise ValueError(f"the channel {channel} of the pose is not finite")
        key, _, what = channel.partition(".")
        place = limbs.get(key) if what in LIMB_CHANNELS else plan.place.get(key)
        if place is not None and what in values:
            values[what][:, place] = np.clip(value, -LARGEST, LARGEST)
    return values


def _place(plan: Plan, some: slice, own: Affine, turns: Floats, board: Affine) -> None:
    """Place joints whose carriers are placed: M = M(parent) after (about the pivot: unturned part, then turn)."""
    spin = np.exp(1j * turns[:, some])
    a, b, pivot = spin * own.a[:, some], spin * own.b[:, some], plan.pivot[some]
    local = Affine(a, b, pivot + own.t[:, some] - a * pivot - b * np.conj(pivot))
    up = plan.parent[some]
    placed = after(Affine(board.a[:, up], board.b[:, up], board.t[:, up]), local)
    board.a[:, some], board.b[:, some], board.t[:, some] = placed


def _carried_along(plan: Plan, some: slice, lengthened: Floats) -> Complexes:
    """How far joints are shifted because what carries them is longer: along its axis, by their share of it."""
    up = plan.parent[some]
    axis = plan.axis[up]
    above = np.append(plan.pivot, 0j)[up]
    along = ((plan.pivot[some] - above) * np.conj(axis)).real
    found: Complexes = (lengthened[:, up] - 1) * along * axis
    return found


def _gathered(board: Affine, places: NDArray[np.intp]) -> Affine:
    return Affine(board.a[:, places], board.b[:, places], board.t[:, places])


def _target_in_frame(plan: Plan, batch: LimbBatch, board: Affine) -> Complexes:
    """The target's point in the frame of what carries the limb's root, shape (frames, limbs)."""
    at = _gathered(board, batch.target)(plan.pivot[batch.target])
    found: Complexes = inverse(_gathered(board, batch.parent))(at)
    return found


def _span(plan: Plan, places: NDArray[np.intp]) -> Range:
    return Range(plan.smallest[places], plan.largest[places])


def _solve(
    plan: Plan, batch: LimbBatch, own: Affine, board: Affine, turns: Floats, values: dict[str, Floats]
) -> Floats:
    """Find the turns of all limbs of a batch, by the method for their number of joints.

    Returns how many times longer each limb is, (frames, limbs). Stretch lengthens all of a limb alike, so its turns are
    those of the unstretched limb that reaches as far as soften lets it.
    """
    root = batch.joints[:, 0]
    lengths, flips = _chain(plan, batch, own)
    to = _target_in_frame(plan, batch, board) - (plan.pivot[root] + own.t[:, root])
    to = np.broadcast_to(to, lengths.shape[:2])
    count = batch.joints.shape[1]
    spans = [_flipped(_span(plan, batch.joints[:, j]), flips[..., j]) for j in range(count)]
    wanted = np.abs(to)
    if count > 1:
        to = softened(to, lengths, batch.soften)
    reached = np.minimum(np.abs(to), np.abs(lengths).sum(axis=-1))
    longer = np.clip(wanted / np.where(reached > 0, reached, np.inf), 1.0, 1 + batch.stretch)
    if count == 1:
        found = [aim(np.zeros_like(to), lengths[..., 0], to, spans[0])]
    elif count == 2:
        side = batch.bend * (1 - 2 * np.clip(values["bend"][:, batch.numbers], 0.0, 1.0))
        found = list(reach(to, lengths[..., 0], lengths[..., 1], side * flips[..., 1], *spans))
    else:
        found = _solve_long(plan, batch, to, lengths, flips, turns, spans)
    share = values["blend"][:, batch.numbers]
    for j, turn in enumerate(found):
        joint = batch.joints[:, j]
        turns[:, joint] = _blended(turn * flips[..., j], turns[:, joint], share)
    found_longer: Floats = 1 + (longer - 1) * (1 - np.clip(share, 0.0, 1.0))
    return found_longer


def _solve_long(
    plan: Plan,
    batch: LimbBatch,
    to: Complexes,
    lengths: Complexes,
    flips: Floats,
    turns: Floats,
    spans: list[Range],
) -> list[Floats]:
    """Long limbs as cases of one list: frames times limbs."""
    count = batch.joints.shape[1]
    own = turns[:, batch.joints] * flips
    small = np.stack([np.broadcast_to(span.smallest, to.shape) for span in spans], axis=-1)
    large = np.stack([np.broadcast_to(span.largest, to.shape) for span in spans], axis=-1)
    give = np.broadcast_to(plan.give[batch.joints], own.shape)
    bend = np.broadcast_to(batch.bend, to.shape)

    def flat(x: Floats) -> Floats:
        return x.reshape(-1, count)

    span = Range(flat(small), flat(large))
    v, to = lengths.reshape(-1, count), to.reshape(-1)
    solved = reach_long(to, v, flat(own), span, flat(give), bend.reshape(-1))
    return list(np.moveaxis(solved.reshape(own.shape), -1, 0))


def _chain(plan: Plan, batch: LimbBatch, own: Affine) -> tuple[Complexes, Floats]:
    """Each limb's lengths, unturned, in the frame of what carries its root, and the sense in which each joint turns.

    Shapes (frames, limbs, joints). Joints' own scales are taken along; a mirrored joint (sense -1 from there on) turns
    what hangs from it the other way round.
    """
    lengths, flips = [], []
    whole = Affine(np.ones((1, 1), dtype=np.complex128), np.zeros((1, 1), dtype=np.complex128), 0)
    count = batch.joints.shape[1]
    for j in range(count):
        joint = batch.joints[:, j]
        flips.append(np.where(np.abs(whole.b) > np.abs(whole.a), -1.0, 1.0))
        whole = after(whole, Affine(own.a[:, joint], own.b[:, joint], 0))
        if j + 1 < count:
            below = batch.joints[:, j + 1]
            ahead = plan.pivot[below] + own.t[:, below]
        else:
            ahead = batch.tip
        lengths.append(whole.direction(ahead - plan.pivot[joint]))
    shape = np.broadcast_shapes(*(x.shape for x in lengths))
    return (
        np.stack([np.broadcast_to(x, shape) for x in lengths], axis=-1),
        np.stack([np.broadcast_to(x, shape) for x in flips], axis=-1),
    )


def _flipped(span: Range, flip: Floats) -> Range:
    return Range(
        np.where(flip > 0, span.smallest, -span.largest), np.where(flip > 0, span.largest, -span.smallest)
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
    found: Complexes = np.where(soft, to * drawn / np.where(distance > 0, distance, 1.0), to)
    return found


def _blended(solved: Floats, own: Floats, share: Floats) -> Floats:
    """From the solved turn (share 0) to the joint's own (share 1); both lie within the limits, so does the mix."""
    return solved + np.clip(share, 0.0, 1.0) * (own - solved)


def _keep_angles(plan: Plan, ends: EndBatch, board: Affine, turns: Floats, own: Floats) -> None:
    """Ends take their target's angle, plus what the hand gave, as far as their limits go."""
    frame = inverse(_gathered(board, ends.frame))
    target = after(frame, _gathered(board, ends.target))
    carrier = after(frame, _gathered(board, plan.parent[ends.joint]))
    turn = wrapped(np.angle(target.a) - np.angle(carrier.a) + own[:, ends.joint])
    turn = np.where(np.abs(turn) < 1e-12, 0.0, turn)  # rounding would blur the rest picture
    turns[:, ends.joint] = np.clip(turn, plan.smallest[ends.joint], plan.largest[ends.joint])


def _how_limbs_fared(plan: Plan, board: Affine, lengthened: Floats) -> Fared:
    frames, count = board.a.shape[0], len(plan.limbs)
    distance, bend = np.zeros((frames, count)), np.ones((frames, count))
    for batch in (batch for step in plan.steps for batch in step.limbs):
        places = [_gathered(board, joint)(plan.pivot[joint]) for joint in (batch.joints[:, 0], batch.last)]
        longer = lengthened[:, batch.last]
        tip = _gathered(board, batch.last)(batch.tip + (longer - 1) * (batch.tip - plan.pivot[batch.last]))
        distance[:, batch.numbers] = np.abs(tip - _gathered(board, batch.target)(plan.pivot[batch.target]))
        first, second = places[1] - places[0], tip - places[1]
        cross = (first.conj() * second).imag
        # A limb that is straight as posed bends to the side that it is set to.
        straight = np.abs(cross) <= 1e-9 * np.abs(first) * np.abs(second)
        bend[:, batch.numbers] = np.where(straight, batch.bend, np.sign(cross))
    return Fared(distance, bend)

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

from umbrite.motion.plan import EndBatch, LimbBatch, Plan
from umbrite.motion.two_joint import Range, aim, reach
from umbrite.rig.affine import Affine, after, inverse, linear
from umbrite.rig.angles import wrapped
from umbrite.rig.model import Control

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
        return after(Affine(*(field[:, on] for field in self.maps)), self.plan.part_map)


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
    frames, count = frames_of(pose), len(plan.joints)
    values = _channels(plan, pose, frames, count)
    a, b = linear(np.zeros((frames, count)), 1 + values["scale_x"], 1 + values["scale_y"], values["skew"])
    shift = values["x"] + 1j * values["y"]
    turns = np.clip(values["turn"], plan.smallest, plan.largest)
    board = Affine(*(np.zeros((frames, count + 1), dtype=np.complex128) for _ in range(3)))
    board.a[:, count] = 1  # the ground
    for step in plan.steps:
        some = slice(step.first, step.last)
        if step.ends is not None:
            _keep_angles(plan, step.ends, board, turns, values["turn"])
        _place(plan, some, Affine(a, b, shift), turns, board)
        for batch, solve in ((step.two_joint, _solve_two), (step.aims, _solve_aims)):
            if batch is not None:
                solve(plan, batch, Affine(a, b, shift), board, turns, values["blend"])
    return Placed(plan, board, turns, _how_limbs_fared(plan, board))


def _channels(plan: Plan, pose: Channels, frames: int, count: int) -> dict[str, Floats]:
    values = {name: np.zeros((frames, count)) for name in ("x", "y", "turn", "scale_x", "scale_y", "skew")}
    values["blend"] = np.zeros((frames, len(plan.limbs)))
    limbs = {key: i for i, key in enumerate(plan.limbs)}
    for channel, value in pose.items():
        if not np.isfinite(value).all():
            raise ValueError(f"the channel {channel} of the pose is not finite")
        key, _, what = channel.partition(".")
        place = limbs.get(key) if what == "blend" else plan.place.get(key)
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


def _gathered(board: Affine, places: NDArray[np.intp]) -> Affine:
    return Affine(board.a[:, places], board.b[:, places], board.t[:, places])


def _target_in_frame(plan: Plan, batch: LimbBatch, board: Affine) -> Complexes:
    """The target's point in the frame of what carries the limb's root, shape (frames, limbs)."""
    at = _gathered(board, batch.target)(plan.pivot[batch.target])
    found: Complexes = inverse(_gathered(board, batch.parent))(at)
    return found


def _span(plan: Plan, places: NDArray[np.intp]) -> Range:
    return Range(plan.smallest[places], plan.largest[places])


def _solve_two(
    plan: Plan, batch: LimbBatch, own: Affine, board: Affine, turns: Floats, blend: Floats
) -> None:
    root, middle = batch.root, batch.middle
    start = plan.pivot[root] + own.t[:, root]
    unturned = Affine(own.a[:, root], own.b[:, root], 0)
    v1 = unturned.direction(plan.pivot[middle] + own.t[:, middle] - plan.pivot[root])
    lower = Affine(own.a[:, middle], own.b[:, middle], 0).direction(batch.tip - plan.pivot[middle])
    v2 = unturned.direction(lower)
    # A mirrored root turns what hangs from it the other way round.
    flip = np.where(np.abs(unturned.b) > np.abs(unturned.a), -1.0, 1.0)
    small, large = _span(plan, middle)
    span2 = Range(np.where(flip > 0, small, -large), np.where(flip > 0, large, -small))
    found = reach(
        _target_in_frame(plan, batch, board) - start, v1, v2, batch.bend * flip, _span(plan, root), span2
    )
    share = blend[:, batch.numbers]
    turns[:, root] = _blended(found.first, turns[:, root], share)
    turns[:, middle] = _blended(found.second * flip, turns[:, middle], share)


def _solve_aims(
    plan: Plan, batch: LimbBatch, own: Affine, board: Affine, turns: Floats, blend: Floats
) -> None:
    root = batch.root
    v1 = Affine(own.a[:, root], own.b[:, root], 0).direction(batch.tip - plan.pivot[root])
    start = plan.pivot[root] + own.t[:, root]
    found = aim(start, v1, _target_in_frame(plan, batch, board), _span(plan, root))
    turns[:, root] = _blended(found, turns[:, root], blend[:, batch.numbers])


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


def _how_limbs_fared(plan: Plan, board: Affine) -> Fared:
    frames, count = board.a.shape[0], len(plan.limbs)
    distance, bend = np.zeros((frames, count)), np.ones((frames, count))
    for step in plan.steps:
        for batch in (step.two_joint, step.aims):
            if batch is None:
                continue
            tip = _gathered(board, batch.middle)(batch.tip)
            distance[:, batch.numbers] = np.abs(
                tip - _gathered(board, batch.target)(plan.pivot[batch.target])
            )
            knee = _gathered(board, batch.middle)(plan.pivot[batch.middle])
            hip = _gathered(board, batch.root)(plan.pivot[batch.root])
            cross = ((knee - hip).conj() * (tip - knee)).imag
            # A limb that is straight as posed bends to the side that it is set to.
            straight = np.abs(cross) <= 1e-9 * np.abs(knee - hip) * np.abs(tip - knee)
            bend[:, batch.numbers] = np.where(straight, batch.bend, np.sign(cross))
    return Fared(distance, bend)

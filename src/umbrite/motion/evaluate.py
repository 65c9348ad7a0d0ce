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

from umbrite.motion.limb_solving import gathered, solve_limbs
from umbrite.motion.linking import with_links
from umbrite.motion.plan import EndBatch, Plan
from umbrite.motion.soft_ends import taken
from umbrite.rig.affine import Affine, after, around, inverse, linear
from umbrite.rig.angles import wrapped
from umbrite.rig.channels import JOINT_CHANNELS, LIMB_CHANNELS
from umbrite.rig.ids import owner_of
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
    lengthened: Floats  # how many times longer each joint is along its axis, (frames, joints + 1)
    values: Mapping[str, Floats] = {}  # channels of controls, (frames,) each

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

    def control_value(self, key: str, channel: str = "value", frame: int = 0) -> float:
        """The value of a slider, pad or chooser, links included."""
        found = self.values.get(f"{key}.{channel}")
        return 0.0 if found is None else float(found[frame])

    def chosen(self, key: str, frame: int = 0) -> int:
        """The number of what a chooser shows."""
        count = len(self.plan.puppet.controls[key].choices)
        return min(max(round(self.control_value(key, frame=frame)), 0), max(count - 1, 0))

    def hidden(self, frame: int = 0) -> frozenset[str]:
        """Parts that don't show because a chooser shows others."""
        controls = self.plan.puppet.controls
        choosers = [key for key, control in controls.items() if control.choices]
        return frozenset(
            part
            for key in choosers
            for i, choice in enumerate(controls[key].choices)
            if i != self.chosen(key, frame)
            for part in choice.parts
        )

    def shifted(self, shifts: Mapping[str, complex]) -> "Placed":
        """The same with some joints, and what rides on them, shown elsewhere; nothing else is different."""
        t = self.maps.t.copy()
        for key, by in shifts.items():
            if key in self.plan.place:
                t[:, self.plan.place[key]] += by
        return self._replace(maps=self.maps._replace(t=t))

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
    placed = _evaluated(plan, pose)
    return (
        placed._replace(values=_control_values(plan, pose, placed.frames)) if plan.puppet.controls else placed
    )


def _control_values(plan: Plan, pose: Channels, frames: int) -> dict[str, Floats]:
    controls = plan.puppet.controls
    return {
        channel: np.broadcast_to(np.asarray(value, dtype=np.float64), (frames,))
        for channel, value in pose.items()
        if owner_of(channel) in controls
    }


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
    turns = taken(values["turn"], plan.ends)
    board = Affine(*(np.zeros((frames, count + 1), dtype=np.complex128) for _ in range(3)))
    board.a[:, count] = 1  # the ground
    lengthened = np.ones((frames, count + 1))
    for step in plan.steps:
        some = slice(step.first, step.last)
        if step.ends is not None:
            _keep_angles(plan, step.ends, Affine(a, b, shift), board, turns, values["turn"])
        if plan.axis.any():
            shift[:, some] += _carried_along(plan, some, lengthened)
        _place(plan, some, Affine(a, b, shift), turns, board)
        for batch in step.limbs:
            root = batch.joints[:, 0]
            roots = plan.pivot[root] + shift[:, root]
            if plan.axis.any():
                roots = roots + _carried_along(plan, root, lengthened)
            own = Affine(a, b, shift)
            lengthened[:, batch.joints] = solve_limbs(plan, batch, own, roots, board, turns, values)
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


def _carried_along(plan: Plan, some: slice | NDArray[np.intp], lengthened: Floats) -> Complexes:
    """How far joints are shifted because what carries them is longer: along its axis, by their share of it."""
    up = plan.parent[some]
    axis = plan.axis[up]
    above = np.append(plan.pivot, 0j)[up]
    along = ((plan.pivot[some] - above) * np.conj(axis)).real
    found: Complexes = (lengthened[:, up] - 1) * along * axis
    return found


def _keep_angles(
    plan: Plan, ends: EndBatch, own: Affine, board: Affine, turns: Floats, given: Floats
) -> None:
    """Ends take their target's angle or point at their toe target, plus what the hand gave, as far as limits go."""
    joint = ends.joint
    frame = inverse(gathered(board, ends.frame))
    target = after(frame, gathered(board, ends.target))
    carrier = after(frame, gathered(board, plan.parent[joint]))
    turn = np.angle(target.a) - np.angle(carrier.a)
    if ends.pointing.any():
        turn = np.where(ends.pointing, _turn_to_toe(plan, ends, own, board), turn)
    turn = wrapped(turn + given[:, joint])
    turn = np.where(np.abs(turn) < 1e-12, 0.0, turn)  # rounding would blur the rest picture
    turns[:, joint] = taken(turn, plan.ends.at(joint))


def _turn_to_toe(plan: Plan, ends: EndBatch, own: Affine, board: Affine) -> Floats:
    """The turn in its carrier's frame with which an end points at its toe target as it does at rest."""
    joint, pivot, toe = ends.joint, plan.pivot[ends.joint], plan.pivot[ends.target]
    at = inverse(gathered(board, plan.parent[joint]))(gathered(board, ends.target)(toe))
    wanted = at - (pivot + own.t[:, joint])
    drawn = gathered(own, joint).direction(toe - pivot)
    usable = (np.abs(wanted) > 1e-9) & (np.abs(drawn) > 1e-9)
    found: Floats = np.where(usable, np.angle(wanted * np.conj(drawn)), 0.0)
    return found


def _how_limbs_fared(plan: Plan, board: Affine, lengthened: Floats) -> Fared:
    frames, count = board.a.shape[0], len(plan.limbs)
    distance, bend = np.zeros((frames, count)), np.ones((frames, count))
    for batch in (batch for step in plan.steps for batch in step.limbs):
        places = [gathered(board, joint)(plan.pivot[joint]) for joint in (batch.joints[:, 0], batch.last)]
        longer = lengthened[:, batch.last]
        tip = gathered(board, batch.last)(batch.tip + (longer - 1) * (batch.tip - plan.pivot[batch.last]))
        distance[:, batch.numbers] = np.abs(tip - gathered(board, batch.target)(plan.pivot[batch.target]))
        first, second = places[1] - places[0], tip - places[1]
        cross = (first.conj() * second).imag
        # A limb that is straight as posed bends to the side that it is set to.
        straight = np.abs(cross) <= 1e-9 * np.abs(first) * np.abs(second)
        bend[:, batch.numbers] = np.where(straight, batch.bend, np.sign(cross))
    return Fared(distance, bend)

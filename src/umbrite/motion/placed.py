"""Where everything is once a pose was evaluated: what the evaluator gives, and what is asked of it."""

from collections.abc import Mapping
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from umbrite.motion.plan import Plan
from umbrite.motion.solvers.limb_solving import gathered
from umbrite.rig.affine import Affine, after, around
from umbrite.rig.channels import end_hold_of
from umbrite.rig.model import Control, EndHold, Variant

Floats = NDArray[np.float64]
Complexes = NDArray[np.complex128]
Flags = NDArray[np.bool_]
Indices = NDArray[np.intp]


class Fared(NamedTuple):
    """How limbs fared: arrays of shape (frames, limbs) in the plan's order."""

    distance: Floats  # from tip to target, board pixels
    bend: Floats  # the sign of the bend as posed, +1 or -1


class Placed(NamedTuple):
    """Where everything is: joint maps of shape (frames, joints + 1), the last one being the ground."""

    plan: Plan
    maps: Affine[Complexes]
    turns: Floats  # each joint's turn from rest, (frames, joints)
    limbs: Fared
    lengthened: Floats  # how many times longer each joint is along its axis, (frames, joints + 1)
    channels: Mapping[str, Floats]  # by kind of value, links included, (frames, owners of the kind)
    shown: Flags  # which parts show, (frames, parts) in draw order
    there: Flags  # which joints are there, (frames, joints): those of branches that do not show are not
    choices: Indices  # the place of the variant that shows in each set, (frames, sets)
    linked: Mapping[tuple[str, int], Floats]  # what links add, by kind of value and owner's place, (frames,)

    @property
    def frames(self) -> int:
        """How many poses were evaluated at once."""
        return int(self.turns.shape[0])

    def joint_map(self, key: str, frame: int = 0) -> Affine[complex]:
        """Board at rest to board as posed, for what rides on this joint."""
        i = self.plan.place[key]
        a, b, t = self.maps
        return Affine(a.item(frame, i), b.item(frame, i), t.item(frame, i))

    def carrier_map(self, key: str, frame: int = 0) -> Affine[complex]:
        """The map of what carries this joint as posed; the identity for a free joint."""
        i = self.carriers(key)[frame]
        a, b, t = self.maps
        return Affine(a.item(frame, i), b.item(frame, i), t.item(frame, i))

    def joint_maps(self, key: str) -> Affine[Complexes]:
        """The same of all frames, fields of shape (frames,)."""
        place = self.plan.place[key]
        return Affine(*(field[:, place] for field in self.maps))

    def carrier_maps(self, key: str) -> Affine[Complexes]:
        """The maps of what carries this joint, in all frames; fields of shape (frames,)."""
        places = self.carriers(key)
        return Affine(*(field[np.arange(len(places)), places] for field in self.maps))

    def carriers(self, key: str) -> NDArray[np.intp]:
        """The places of what carries a joint, frame by frame: its parent, or what it follows instead."""
        place = self.plan.place[key]
        return followed(self.plan, self.channels["follows"], place)

    def pivot(self, key: str, frame: int = 0) -> complex:
        """Where a joint's pivot is on the board as posed."""
        return complex(self.joint_map(key, frame)(self.plan.puppet.joints[key].pivot.z))

    def pivots(self, frame: int = 0) -> dict[str, complex]:
        """Where all joints' pivots are on the board as posed."""
        maps = Affine(*(field[frame, :-1] for field in self.maps))
        return dict(zip(self.plan.joints, maps(self.plan.pivot).tolist(), strict=True))

    def bone_point(self, key: str, at: complex, frame: int = 0) -> complex:
        """Where a point of a joint's bone (its tip, say), given at rest, is as posed, the stretch of its limb included."""
        place = self.plan.place[key]
        pivot, axis = self.plan.puppet.joints[key].pivot.z, complex(self.plan.axis[place])
        longer = float(self.lengthened[frame, place]) - 1
        along = ((at - pivot) * axis.conjugate()).real
        return complex(self.joint_map(key, frame)(at + longer * along * axis))

    def turn(self, key: str, frame: int = 0) -> float:
        """The turn of a joint in radians (clockwise on the screen), links, limbs and limits included."""
        return self.turns.item(frame, self.plan.place[key])

    def control_at(self, control: Control, frame: int = 0) -> complex:
        """Where a control stands on the board as posed."""
        pivot = self.plan.puppet.joints[control.moves].pivot.z
        return complex(self.joint_map(control.moves, frame)(pivot + control.offset.z))

    def value(self, key: str, what: str, frame: int = 0) -> float:
        """A channel of a joint, limb or control as it counts here: what the pose gives and what links add."""
        return self.channels[what].item(frame, self.plan.owners[key])

    def control_value(self, key: str, what: str = "value", frame: int = 0) -> float:
        """The value of a slider or pad, links included."""
        return self.value(key, what, frame)

    def chosen(self, key: str, frame: int = 0) -> Variant:
        """The variant of a set that shows."""
        variants: tuple[Variant, ...] = self.plan.puppet.sets[key].variants
        return variants[int(self.choices[frame, self.plan.owners[key]])]

    def at_frame(self, frame: int) -> "Placed":
        """One frame of these, as if it had been evaluated alone."""
        if self.frames == 1:
            return self
        only = slice(frame, frame + 1)
        return Placed(
            self.plan,
            Affine(*(field[only] for field in self.maps)),
            self.turns[only],
            Fared(*(field[only] for field in self.limbs)),
            self.lengthened[only],
            {what: values[only] for what, values in self.channels.items()},
            self.shown[only],
            self.there[only],
            self.choices[only],
            {key: values[only] for key, values in self.linked.items()},
        )

    def shifted(self, shifts: Mapping[str, complex]) -> "Placed":
        """The same with some joints, and what rides on them, shown elsewhere; nothing else is different."""
        t = self.maps.t.copy()
        for key, by in shifts.items():
            if key in self.plan.place:
                t[:, self.plan.place[key]] += by
        return self._replace(maps=self.maps._replace(t=t))

    def end_hold(self, key: str, frame: int = 0) -> EndHold:
        """What keeps the angle of a limb's end here."""
        return end_hold_of(self.plan.puppet.limbs[key], self.value(key, "hold", frame))

    def opacities(self) -> Floats:
        """How opaque each part is, 0 to 1, (frames, parts) in the plan's order."""
        return np.clip(self.plan.opacity + self.channels["opacity"], 0.0, 1.0)

    def order(self, frame: int = 0) -> Indices:
        """The places of the parts in the plan, back to front as they are drawn in a frame: what is keyed so goes before or behind others."""
        depth = self.channels["depth"][frame]
        places = np.arange(len(depth))
        return np.lexsort((depth, places + depth)) if depth.any() else places

    def part_maps(self) -> Affine[Complexes]:
        """From each drawing's pixels to the board as posed; fields of shape (frames, parts) in draw order."""
        on = self.plan.part_joint
        part_map = self.plan.part_map
        if (self.lengthened != 1).any():
            longer = self.lengthened[:, on] - 1
            wider = np.asarray(1 + longer / 2, dtype=np.complex128)
            across = np.asarray(longer / 2 * self.plan.axis[on] ** 2, dtype=np.complex128)
            part_map = after(around(self.plan.pivot[on], wider, across), part_map)
        return after(gathered(self.maps, on), part_map)


def followed(plan: Plan, follows: Floats, place: int) -> NDArray[np.intp]:
    """The place of what carries a joint in each frame."""
    if place not in plan.carriers:
        return np.full(len(follows), plan.parent[place])
    known = plan.carriers[place]
    return known[np.clip(np.round(follows[:, place]), 0, max(len(known) - 1, 0)).astype(np.intp)]

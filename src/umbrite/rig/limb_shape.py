"""What a limb is as drawn: the points it runs through, its tip, and how it bends at rest. Board pixels, radians."""

import cmath
import itertools
import math
from collections.abc import Iterable, Sequence

from umbrite.rig.change import get_joint
from umbrite.rig.errors import RigError
from umbrite.rig.family import parts_on
from umbrite.rig.model import Limb, Puppet
from umbrite.rig.placement import board_from_drawing, middle_of_part

# Below this bend a limb counts as drawn straight.
STRAIGHT = math.radians(1.0)
UNBENT = 1e-9  # radians: nothing but rounding


def limb_tip(puppet: Puppet, limb: Limb) -> complex:
    """The board point at rest with which a limb reaches: its end's pivot, or its own tip.

    Raises RigError for a limb with neither.
    """
    if limb.end is not None:
        return puppet.joints[limb.end].pivot.z
    if limb.tip is None:
        raise RigError(f"The limb {limb.name} has neither an end joint nor a tip. Add one of them.")
    return limb.tip.z


def limb_points(puppet: Puppet, limb: Limb) -> list[complex]:
    """The board points at rest through which a limb runs: its joints' pivots, and its tip."""
    return [*(puppet.joints[key].pivot.z for key in limb.joints), limb_tip(puppet, limb)]


def limb_length(puppet: Puppet, limb: Limb) -> float:
    """The length of a limb at rest, joint by joint, in board pixels."""
    return sum(abs(b - a) for a, b in itertools.pairwise(limb_points(puppet, limb)))


def drawn_bend(puppet: Puppet, limb: Limb) -> float:
    """How far a limb bends from its first length to its last as drawn, radians, all its bends together; 0 for a straight limb or an aim."""
    points = limb_points(puppet, limb)
    lengths = [there - here for here, there in itertools.pairwise(points)]
    return sum(bends(lengths))


def bends_to(puppet: Puppet, limb: Limb) -> int:
    """The side to which a limb bends, +1 or -1: as it is drawn, and where it is drawn straight, as it is set.

    A side against the drawing would move the rest picture; it counts when the drawing or a pivot is changed.
    """
    drawn = drawn_bend(puppet, limb)
    return limb.bend if abs(drawn) < UNBENT else 1 if drawn > 0 else -1


def bends(lengths: Sequence[complex]) -> list[float]:
    """The angles from each length to the next, -pi..pi; 0 beside a length of nothing."""
    found = []
    for before, after in itertools.pairwise(lengths):
        nothing = abs(before) < 1e-9 or abs(after) < 1e-9
        found.append(0.0 if nothing else cmath.phase(after * before.conjugate()))
    return found


def far_end(puppet: Puppet, key: str) -> complex:
    """Where a joint's bone ends, or the middle of that edge of its drawings' frames that is farthest from the pivot."""
    joint = get_joint(puppet, key)
    if joint.tip is not None:
        return joint.tip.z
    ends = []
    for part in (puppet.parts[part_key] for part_key in parts_on(puppet, key)):
        w, h = part.drawing.width, part.drawing.height
        onto = board_from_drawing(part.placement)
        ends += [complex(onto(z)) for z in (w / 2 + 0j, w / 2 + 1j * h, 0.5j * h, w + 0.5j * h)]
    farthest = max(ends, key=lambda z: abs(z - joint.pivot.z), default=joint.pivot.z)
    return farthest if abs(farthest - joint.pivot.z) > 1 else joint.pivot.z + 40


def rest_direction(puppet: Puppet, key: str) -> complex:
    """The direction at rest, from its pivot, in which a joint's fan shows zero: along its bone or its art. A unit vector."""
    way = _ahead(puppet, key) - puppet.joints[key].pivot.z
    return way / abs(way) if abs(way) > 1e-6 else 1j


def _ahead(puppet: Puppet, key: str) -> complex:
    """A board point to which a joint leads: its tip, the next joint of its limb, a child's pivot, or a drawing's middle."""
    joint = puppet.joints[key]
    if joint.tip is not None:
        return joint.tip.z
    for limb in puppet.limbs.values():
        chain = [*limb.joints, *([limb.end] if limb.end else [])]
        if key in chain[:-1]:
            return puppet.joints[chain[chain.index(key) + 1]].pivot.z
    middles = [middle_of_part(puppet.parts[part]) for part in parts_on(puppet, key)]
    children = [j.pivot.z for j in puppet.joints.values() if j.parent == key]
    found = [z for z in [*children, *middles] if abs(z - joint.pivot.z) > 8]
    return found[0] if found else joint.pivot.z + 1j


def nearest_bone(puppet: Puppet, keys: Iterable[str], z: complex) -> str:
    """Of some joints the one whose bone lies nearest to a board point at rest; of two that meet there the one that ends there."""

    def away(key: str) -> float:
        joint = puppet.joints[key]
        way = (joint.pivot.z if joint.tip is None else joint.tip.z) - joint.pivot.z
        share = ((z - joint.pivot.z) * way.conjugate()).real / max(abs(way) ** 2, 1e-12)
        share = min(max(share, 0.0), 1.0)
        return abs(z - joint.pivot.z - way * share) - 1e-3 * share

    return min(keys, key=away)

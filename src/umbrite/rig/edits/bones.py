"""Bones: joints with a tip. Drawn, made from pivots or along a line, dragged, detached. No edit here moves art.

A bone is attached where its head (its pivot) lies on the tip of what carries it; attached bones go along with that tip.
"""

import cmath
import itertools
import math
from collections.abc import Iterable, Sequence

from umbrite.rig.change import change, get_joint, names_like, new_id, put, require_finite
from umbrite.rig.edits.parenting import set_parent
from umbrite.rig.edits.pivots import is_attached, keep_limbs, move_pivot, set_tip
from umbrite.rig.errors import RigError
from umbrite.rig.family import branch, children, targets, toes
from umbrite.rig.limb_shape import far_end
from umbrite.rig.model import Joint, Puppet, point
from umbrite.rig.words.names import side_of, swapped, unique

SHORTEST = 2.0  # board pixels


def add_bone(
    puppet: Puppet, head: complex, tip: complex, parent: str | None = None, name: str = "Bone"
) -> tuple[Puppet, str]:
    """A bone between two board points at rest, hanging from a joint or free. Returns the puppet and the bone's id.

    Refuses a bone without a length.
    """
    require_finite(head, tip, what="A bone")
    if abs(tip - head) < SHORTEST:
        raise RigError("A bone needs a length: drag before you release.")
    if parent is not None:
        get_joint(puppet, parent)
    puppet, key = new_id(puppet, "joint")
    name = unique(name, names_like(puppet, "joint"))
    side = side_of(name)
    if side == "middle" and parent is not None:
        side = puppet.joints[parent].side
    bone = Joint(name=name, pivot=point(head), parent=parent, tip=point(tip), side=side, pivot_set=True)
    return put(puppet, key, bone), key


def bones_from_pivots(puppet: Puppet, keys: Iterable[str]) -> tuple[Puppet, list[str]]:
    """Give joints tips: the pivot of their child that carries most, or the far end of their art where they have none.

    Joints that are bones already, carriers without a child, and what limbs reach for stay as they are.
    Refuses where no joint is left without a tip.
    """
    hooks = {*targets(puppet), *toes(puppet)}
    made = []
    for key in keys:
        joint = get_joint(puppet, key)
        if joint.tip is not None or key in hooks:
            continue
        below = [k for k in children(puppet, key) if k not in hooks]
        far = [k for k in below if abs(puppet.joints[k].pivot.z - joint.pivot.z) >= SHORTEST]
        carries = max(far, key=lambda k: len(branch(puppet, k)), default=None)
        to = puppet.joints[carries].pivot.z if carries is not None else far_end(puppet, key)
        puppet = set_tip(puppet, key, to)
        made.append(key)
    if not made:
        raise RigError("There is nothing to make bones from here: select joints that have no tip yet.")
    return puppet, made


def bones_along(
    puppet: Puppet,
    line: Sequence[complex],
    count: int,
    parent: str | None = None,
    name: str = "Bone",
    *,
    by_curvature: bool = False,
) -> tuple[Puppet, list[str]]:
    """A chain of bones along a line of board points, of even length, or shorter where the line bends.

    Refuses other numbers than 1 to 60, and a line too short for them.
    """
    if not 1 <= count <= 60:
        raise RigError("A chain has between 1 and 60 bones. Choose another number.")
    stops = spread_along(line, count, by_curvature=by_curvature)
    keys: list[str] = []
    for i, (head, tip) in enumerate(itertools.pairwise(stops)):
        title = f"{name} {i + 1}" if count > 1 else name
        puppet, key = add_bone(puppet, head, tip, keys[-1] if keys else parent, title)
        keys.append(key)
    return puppet, keys


def spread_along(line: Sequence[complex], count: int, *, by_curvature: bool = False) -> list[complex]:
    """`count` + 1 points along a line, at even steps of its length, or of its length and bending together.

    Refuses a line too short for so many.
    """
    points = [z for i, z in enumerate(line) if i == 0 or abs(z - line[i - 1]) > 1e-9]
    require_finite(*points, what="A line")
    steps = [abs(b - a) for a, b in itertools.pairwise(points)]
    whole = sum(steps)
    if whole < SHORTEST * count:
        raise RigError("The line is too short for so many bones. Draw a longer one, or choose fewer.")
    if by_curvature:
        turns = [0.0]
        for a, b, c in zip(points, points[1:], points[2:], strict=False):
            turns.append(abs(cmath.phase((c - b) / (b - a))))
        bent = sum(turns)
        steps = [s + (t * whole / bent * 0.7 if bent > 0.2 else 0.0) for s, t in zip(steps, turns, strict=True)]
        whole = sum(steps)
    found, walked, i = [points[0]], 0.0, 0
    for k in range(1, count):
        goal = whole * k / count
        while walked + steps[i] < goal:
            walked += steps[i]
            i += 1
        found.append(points[i] + (points[i + 1] - points[i]) * (goal - walked) / steps[i])
    return [*found, points[-1]]


def move_head(puppet: Puppet, key: str, to: complex, *, along: bool = True) -> Puppet:
    """Put a bone's head elsewhere; its tip stays. An attached bone takes the tip it hangs on along, unless `along` is off."""
    joint = get_joint(puppet, key)
    if along and joint.parent is not None and is_attached(puppet, key):
        return move_tip(puppet, joint.parent, to, branches=False)
    return move_pivot(puppet, key, to, along=False)


def move_tip(puppet: Puppet, key: str, to: complex, *, along: bool = True, branches: bool = True) -> Puppet:
    """Put a bone's tip elsewhere. Attached bones go along: with all they carry, or (`branches` off) with their heads only.

    Refuses a joint without a tip.
    """
    require_finite(to, what="A tip")
    tip = get_joint(puppet, key).tip
    if tip is None:
        raise RigError(f"{puppet.joints[key].name} has no tip yet. Make it a bone first.")
    attached = [k for k in children(puppet, key) if is_attached(puppet, k)] if along else []
    puppet = set_tip(puppet, key, to)
    for child in attached:
        if branches:
            puppet = _shifted(puppet, child, to - tip.z)
        else:
            puppet = change(puppet, child, pivot=point(to), pivot_set=True)
    return keep_limbs(puppet)


def move_bone(puppet: Puppet, key: str, by: complex, *, along: bool = True) -> Puppet:
    """Move a whole bone; what it carries goes along, or stays where it is. The art stays in any case."""
    require_finite(by, what="A move")
    if along:
        return keep_limbs(_shifted(puppet, key, by))
    joint = get_joint(puppet, key)
    tip = None if joint.tip is None else point(joint.tip.z + by)
    return keep_limbs(change(puppet, key, pivot=point(joint.pivot.z + by), tip=tip, pivot_set=True))


def _shifted(puppet: Puppet, key: str, by: complex) -> Puppet:
    """Take heads and tips of a branch along; targets follow their limbs' tips, not the family."""
    hooks = targets(puppet)
    for each in branch(puppet, key):
        if each in hooks:
            continue
        joint = puppet.joints[each]
        tip = None if joint.tip is None else point(joint.tip.z + by)
        puppet = change(puppet, each, pivot=point(joint.pivot.z + by), tip=tip)
        for limb_key, limb in puppet.limbs.items():
            if limb.joints[-1] == each and limb.end is None and limb.tip is not None:
                puppet = change(puppet, limb_key, tip=point(limb.tip.z + by))
    return puppet


def set_length(puppet: Puppet, key: str, length: float) -> Puppet:
    """Make a bone longer or shorter along its direction; attached bones go along, the art stays.

    Refuses a joint without a tip, and lengths (board pixels) below the shortest.
    """
    require_finite(length, what="A length")
    joint = get_joint(puppet, key)
    if joint.tip is None or length < SHORTEST:
        raise RigError(f"{joint.name} needs a tip and a length of {SHORTEST:.0f} px or more.")
    vector = joint.tip.z - joint.pivot.z
    return move_tip(puppet, key, joint.pivot.z + vector / abs(vector) * length)


def set_angle(puppet: Puppet, key: str, angle: float) -> Puppet:
    """Point a bone in a direction on the board (radians, clockwise as y runs down); attached bones go along, the art stays.

    Refuses a joint without a tip.
    """
    require_finite(angle, what="An angle")
    joint = get_joint(puppet, key)
    if joint.tip is None:
        raise RigError(f"{joint.name} has no tip yet. Make it a bone first.")
    return move_tip(puppet, key, joint.pivot.z + cmath.rect(abs(joint.tip.z - joint.pivot.z), angle))


def equal_length(puppet: Puppet, key: str) -> Puppet:
    """Give the bone of the other side, found by name, the same length. Refuses where the other side has none."""
    joint = get_joint(puppet, key)
    name = swapped(joint.name)
    other = next((k for k, j in puppet.joints.items() if j.name == name and name != joint.name), None)
    if other is None or joint.tip is None:
        raise RigError(f"There is no bone of the other side of {joint.name}: none is named {name}. Rename one of them.")
    if puppet.joints[other].tip is None:
        puppet, _ = bones_from_pivots(puppet, [other])
    return set_length(puppet, other, abs(joint.tip.z - joint.pivot.z))


def detach(puppet: Puppet, key: str) -> Puppet:
    """Take a bone off the tip it hangs on: it stays where it is and becomes free. Refuses a bone that is free."""
    if get_joint(puppet, key).parent is None:
        raise RigError(f"{puppet.joints[key].name} is free already; there is nothing to detach it from.")
    return set_parent(puppet, [key], None)


def attach(puppet: Puppet, key: str, parent: str) -> Puppet:
    """Hang a bone from another one and put its head onto that one's tip; its own tip and the art stay.

    Refuses what would leave it without a length, and circles.
    """
    tip = get_joint(puppet, parent).tip
    puppet = set_parent(puppet, [key], parent)
    if tip is None:
        return puppet
    own = puppet.joints[key].tip
    if own is not None and abs(own.z - tip.z) < SHORTEST:
        raise RigError(f"{puppet.joints[key].name} would have no length there, because its own tip is at that place.")
    return move_pivot(puppet, key, tip.z, along=False)


def away_from_bone(puppet: Puppet, key: str, z: complex) -> float:
    """How far a board point lies from a bone at rest, or from the pivot of a joint without a tip."""
    joint = get_joint(puppet, key)
    if joint.tip is None:
        return abs(z - joint.pivot.z)
    vector = joint.tip.z - joint.pivot.z
    share = ((z - joint.pivot.z) * vector.conjugate()).real / (abs(vector) ** 2 or math.inf)
    return abs(z - joint.pivot.z - vector * min(max(share, 0.0), 1.0))


def named(puppet: Puppet, key: str, name: str) -> Puppet:
    """Name a new bone after what it carries, with the side that the name tells."""
    others = [n for k, n in zip(puppet.joints, names_like(puppet, "joint"), strict=True) if k != key]
    side = side_of(name)
    return change(puppet, key, name=unique(name, others), **({"side": side} if side != "middle" else {}))

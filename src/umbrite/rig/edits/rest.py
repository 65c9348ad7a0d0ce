"""Changing the rest: a bone's length and angle, and branches with all their art. What else changed is told in words.

These edits move art on purpose. Limits stay as they are (they count from rest, wherever rest is), targets go back onto
their limbs' tips, bend sides follow the drawing where they agreed with it, and controls come along with what they move.
"""

import cmath
import math

from umbrite.rig.affine import after, around, decompose
from umbrite.rig.change import change, get_joint, require_finite
from umbrite.rig.edits.pivots import keep_limbs
from umbrite.rig.errors import RigError
from umbrite.rig.family import branch, children, parts_on, targets
from umbrite.rig.limb_shape import far_end, limb_tip
from umbrite.rig.model import Placement, Puppet, point
from umbrite.rig.placement import board_from_drawing
from umbrite.rig.quantities.angles import angle_text, wrapped


def bone_end(puppet: Puppet, key: str) -> complex:
    """The board point at rest to which a bone leads: its own tip, or the next pivot or the tip of its limb.

    Raises RigError for a joint that has neither, and so no length.
    """
    joint = get_joint(puppet, key)
    if joint.tip is not None:
        return joint.tip.z
    for limb in puppet.limbs.values():
        if key in limb.joints[:-1]:
            return puppet.joints[limb.joints[limb.joints.index(key) + 1]].pivot.z
        if key == limb.joints[-1]:
            return limb_tip(puppet, limb)
    carried = [child for child in children(puppet, key) if child not in targets(puppet)]
    if len(carried) == 1:
        return puppet.joints[carried[0]].pivot.z
    if parts_on(puppet, key):
        return far_end(puppet, key)
    raise RigError(
        f"{joint.name} has no length: it has no tip, is in no limb, and has no drawing. Give it a tip first."
    )


def bone_length(puppet: Puppet, key: str) -> float:
    """From a joint's pivot to its tip at rest, in board pixels. Its end is its tip, the pivot of what its limb or it
    alone carries, or else the far end of its drawing; refused where there is none of these.
    """
    return abs(bone_end(puppet, key) - puppet.joints[key].pivot.z)


def bone_angle(puppet: Puppet, key: str) -> float:
    """The direction of a bone on the board at rest, radians."""
    return cmath.phase(bone_end(puppet, key) - puppet.joints[key].pivot.z)


def set_bone_length(puppet: Puppet, key: str, length: float) -> tuple[Puppet, list[str]]:
    """Make a bone longer or shorter: what hangs beyond its end moves along its direction, art included.

    Returns the puppet and what else changed, in sentences.
    Refuses lengths (board pixels) of 0 or less, and a bone without a direction.
    """
    require_finite(length, what="A length")
    pivot, end = get_joint(puppet, key).pivot.z, bone_end(puppet, key)
    if length < 1e-3 or abs(end - pivot) < 1e-9:
        raise RigError(f"{puppet.joints[key].name} needs a length above 0, and a direction to lengthen in.")
    by = (end - pivot) * (length / abs(end - pivot) - 1)
    moved = puppet
    if (tip := puppet.joints[key].tip) is not None:
        moved = change(moved, key, tip=point(tip.z + by))
    for child, joint in puppet.joints.items():
        if joint.parent == key and child not in targets(puppet) and abs(joint.pivot.z - end) < 1e-6:
            moved = _moved_branch(moved, child, 1 + 0j, by)
    moved = _moved_free_tips(puppet, moved, key, by)
    return _finished(puppet, moved)


def set_bone_angle(puppet: Puppet, key: str, angle: float) -> tuple[Puppet, list[str]]:
    """Turn a bone at rest to a direction on the board (radians), with all that it carries, art included."""
    require_finite(angle, what="An angle")
    return turn_branch(puppet, key, angle - bone_angle(puppet, key))


def turn_branch(puppet: Puppet, key: str, by: float) -> tuple[Puppet, list[str]]:
    """Turn a joint at rest about its pivot by an angle, with all that it carries."""
    require_finite(by, what="An angle")
    pivot = get_joint(puppet, key).pivot.z
    spin = cmath.exp(1j * by)
    return _finished(puppet, _moved_branch(puppet, key, spin, pivot - spin * pivot))


def shift_branch(puppet: Puppet, key: str, by: complex) -> tuple[Puppet, list[str]]:
    """Move a joint at rest, with all that it carries."""
    require_finite(by, what="A move")
    get_joint(puppet, key)
    return _finished(puppet, _moved_branch(puppet, key, 1 + 0j, by))


def _moved_branch(puppet: Puppet, key: str, spin: complex, shift: complex) -> Puppet:
    """Take pivots, tips and drawings of a branch by z -> spin * z + shift; targets in it come along with their limbs."""
    held = targets(puppet)
    reached = branch(puppet, key)
    # A toe target lies on its foot, wherever it hangs in the family.
    along = [limb.toe for limb in puppet.limbs.values() if limb.toe and limb.end in reached]
    for joint_key in dict.fromkeys([*reached, *along]):
        joint = puppet.joints[joint_key]
        if joint_key in held:
            continue
        tip = None if joint.tip is None else point(spin * joint.tip.z + shift)
        puppet = change(puppet, joint_key, pivot=point(spin * joint.pivot.z + shift), tip=tip)
        for part in parts_on(puppet, joint_key):
            puppet = change(puppet, part, placement=_moved(puppet.parts[part].placement, spin, shift))
        for limb_key, limb in puppet.limbs.items():
            if limb.joints[-1] == joint_key and limb.end is None and limb.tip is not None:
                puppet = change(puppet, limb_key, tip=point(spin * limb.tip.z + shift))
    return puppet


def _moved(placement: Placement, spin: complex, shift: complex) -> Placement:
    if spin == 1:
        return Placement(
            placement.x + shift.real, placement.y + shift.imag,
            placement.turn, placement.scale_x, placement.scale_y, placement.skew,
        )  # fmt: skip
    m = after(around(0j, spin, 0j, shift), board_from_drawing(placement))
    return Placement(m.t.real, m.t.imag, *decompose(m))


def _moved_free_tips(before: Puppet, puppet: Puppet, key: str, by: complex) -> Puppet:
    """A limb that ends on this bone without a joint beyond takes its tip along."""
    for limb_key, limb in before.limbs.items():
        if limb.joints[-1] == key and limb.end is None and limb.tip is not None:
            puppet = change(puppet, limb_key, tip=point(limb.tip.z + by))
    return puppet


def _finished(before: Puppet, puppet: Puppet) -> tuple[Puppet, list[str]]:
    puppet = keep_limbs(puppet)
    return puppet, changes_in_words(before, puppet)


def changes_in_words(before: Puppet, after_edit: Puppet) -> list[str]:
    """What a change of the rest took along: moved joints, targets put back on tips, bend sides, turned drawings."""
    found = []
    held = targets(after_edit)
    moved = [key for key, joint in after_edit.joints.items() if key in before.joints
             and key not in held and abs(joint.pivot.z - before.joints[key].pivot.z) > 1e-6]  # fmt: skip
    if moved:
        names = ", ".join(after_edit.joints[key].name for key in moved[:3])
        more = f" and {len(moved) - 3} more" if len(moved) > 3 else ""
        found.append(f"Moved at rest: {names}{more}.")
    for key, limb in after_edit.limbs.items():
        old = before.limbs.get(key)
        if old is None:
            continue
        if abs(after_edit.joints[limb.target].pivot.z - before.joints[old.target].pivot.z) > 1e-6:
            found.append(f"The target of {limb.name} stands on its tip again.")
        if old.bend != limb.bend:
            found.append(f"{limb.name} bends to the other side now, as it is drawn.")
    turned = {
        round(part.placement.turn - before.parts[key].placement.turn, 9)
        for key, part in after_edit.parts.items()
        if key in before.parts and not math.isclose(part.placement.turn, before.parts[key].placement.turn, abs_tol=1e-9)
    }
    if len(turned) == 1:
        found.append(f"The drawings turned by {angle_text(wrapped(turned.pop()))}.")
    return found

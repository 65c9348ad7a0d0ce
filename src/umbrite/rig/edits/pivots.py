"""Pivots and tips: where joints turn. Setting one moves no art; limbs that end there keep their targets on it."""

from umbrite.rig.change import change, get_joint, get_part, require_finite
from umbrite.rig.edits.parenting import set_parent
from umbrite.rig.errors import RigError
from umbrite.rig.family import children, targets, toes
from umbrite.rig.limb_shape import bends_to, limb_tip, nearest_bone
from umbrite.rig.model import Puppet, point

# Nearer than this, board pixels, a head counts as lying on a tip.
ON = 1e-6


def is_attached(puppet: Puppet, key: str) -> bool:
    """Whether a joint's pivot lies on the tip of the bone that carries it."""
    joint = get_joint(puppet, key)
    tip = puppet.joints[joint.parent].tip if joint.parent is not None else None
    return tip is not None and abs(tip.z - joint.pivot.z) < ON


def move_pivot(puppet: Puppet, key: str, to: complex, *, along: bool = True) -> Puppet:
    """Put a joint's pivot on a board point at rest. The art stays; a target takes its limb's tip along.

    The tip of the bone above follows too if it stood on this pivot and no other one; not with `along` off.
    """
    require_finite(to, what="A pivot")
    if (limb_key := targets(puppet).get(key)) is not None:
        return move_limb_tip(puppet, limb_key, to)
    parent = get_joint(puppet, key).parent
    before = puppet
    puppet = change(puppet, key, pivot=point(to), pivot_set=True)
    if along and parent is not None and is_attached(before, key) and abs(to - before.joints[parent].pivot.z) > ON:
        hooks = {*targets(puppet), *toes(puppet)}
        if not any(is_attached(puppet, other) for other in children(puppet, parent) if other not in hooks):
            puppet = set_tip(puppet, parent, to)
    return keep_limbs(puppet)


def join_parts(puppet: Puppet, part: str, parent: str, pivot: complex) -> Puppet:
    """Let a part turn about a board point and hang from another part, of one that bends from the bone there; nothing moves.

    Refuses what `set_parent` refuses.
    """
    key, above = get_part(puppet, part).joint, get_part(puppet, parent).joint
    mesh = puppet.parts[parent].mesh
    if mesh is not None and key not in mesh.joints:
        above = nearest_bone(puppet, mesh.joints, pivot)
    if key == above:
        return move_pivot(puppet, key, pivot)
    return set_parent(move_pivot(puppet, key, pivot, along=puppet.joints[key].parent == above), [key], above)


def move_limb_tip(puppet: Puppet, limb_key: str, to: complex) -> Puppet:
    """Put a limb's tip, and with it its target, on a board point at rest."""
    limb = puppet.limbs[limb_key]
    if limb.end is not None:
        return move_pivot(puppet, limb.end, to)
    return keep_limbs(change(puppet, limb_key, tip=point(to)))


def set_tip(puppet: Puppet, key: str, to: complex | None) -> Puppet:
    """Give a joint a tip, which makes it a bone with a length and a direction, or take the tip away (None).

    Refuses a tip on the pivot.
    """
    joint = get_joint(puppet, key)
    if to is None:
        return change(puppet, key, tip=None)
    require_finite(to, what="A tip")
    if abs(to - joint.pivot.z) < 1e-6:
        raise RigError(f"The tip of {joint.name} would lie on its pivot, and a bone needs a length. Put it elsewhere.")
    return change(puppet, key, tip=point(to))


def keep_limbs(puppet: Puppet) -> Puppet:
    """After pivots have moved: targets back on their tips, and sides that nobody chose are as they are drawn now."""
    for key, limb in puppet.limbs.items():
        tip = limb_tip(puppet, limb)
        if puppet.joints[limb.target].pivot.z != tip:
            puppet = change(puppet, limb.target, pivot=point(tip))
        bend = bends_to(puppet, limb)
        if bend != limb.bend and not limb.side_chosen:
            puppet = change(puppet, key, bend=bend)
    return puppet

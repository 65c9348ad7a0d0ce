"""Pivots and tips: where joints turn. Setting one moves no art; limbs that end there keep their targets on it."""

import math

from umbrite.rig.angles import wrapped
from umbrite.rig.change import change, get_joint, get_part, require_finite
from umbrite.rig.errors import RigError
from umbrite.rig.family import set_parent, targets
from umbrite.rig.model import Limb, Puppet, point

# Below this bend a limb counts as drawn straight.
STRAIGHT = math.radians(1.0)


def move_pivot(puppet: Puppet, key: str, to: complex) -> Puppet:
    """Put a joint's pivot on a board point at rest. The art stays; a target takes its limb's tip along."""
    require_finite(to, what="A pivot")
    if (limb_key := targets(puppet).get(key)) is not None:
        return move_limb_tip(puppet, limb_key, to)
    get_joint(puppet, key)
    before = puppet
    puppet = change(puppet, key, pivot=point(to), pivot_set=True)
    return keep_limbs(before, puppet)


def join_parts(puppet: Puppet, part: str, parent: str, pivot: complex) -> Puppet:
    """Let a part turn about a board point and hang from another part; nothing moves. Refuses what `set_parent` refuses."""
    key, above = get_part(puppet, part).joint, get_part(puppet, parent).joint
    if key == above:
        return move_pivot(puppet, key, pivot)
    return set_parent(move_pivot(puppet, key, pivot), [key], above)


def move_limb_tip(puppet: Puppet, limb_key: str, to: complex) -> Puppet:
    """Put a limb's tip, and with it its target, on a board point at rest."""
    limb = puppet.limbs[limb_key]
    if limb.end is not None:
        return move_pivot(puppet, limb.end, to)
    return keep_limbs(puppet, change(puppet, limb_key, tip=point(to)))


def set_tip(puppet: Puppet, key: str, to: complex | None) -> Puppet:
    """Give a joint a tip, which makes it a bone with a length and a direction, or take the tip away (None)."""
    joint = get_joint(puppet, key)
    if to is None:
        return change(puppet, key, tip=None)
    require_finite(to, what="A tip")
    if abs(to - joint.pivot.z) < 1e-6:
        raise RigError(
            f"The tip of {joint.name} would lie on its pivot, and a bone needs a length. Put it elsewhere."
        )
    return change(puppet, key, tip=point(to))


def keep_limbs(before: Puppet, puppet: Puppet) -> Puppet:
    """After pivots have moved: targets back on their tips, and sides that agreed with the drawing still do."""
    for key, limb in puppet.limbs.items():
        tip = limb_tip(puppet, limb)
        if puppet.joints[limb.target].pivot.z != tip:
            puppet = change(puppet, limb.target, pivot=point(tip))
        was, now = drawn_bend(before, before.limbs[key]), drawn_bend(puppet, limb)
        agreed = abs(was) < STRAIGHT or (was > 0) == (limb.bend > 0)
        bend = 1 if now > 0 else -1
        # Even a slight bend must keep its drawn side, or the rest picture would move.
        if agreed and now != 0 and bend != limb.bend:
            puppet = change(puppet, key, bend=bend)
    return puppet


def limb_tip(puppet: Puppet, limb: Limb) -> complex:
    """The board point at rest with which a limb reaches: its end's pivot, or its own tip."""
    if limb.end is not None:
        return puppet.joints[limb.end].pivot.z
    if limb.tip is None:
        raise RigError(f"The limb {limb.name} has neither an end joint nor a tip. Give it one of them.")
    return limb.tip.z


def drawn_bend(puppet: Puppet, limb: Limb) -> float:
    """The angle from the first length to the last as drawn, -pi..pi; 0 for a straight limb or an aim."""
    points = [puppet.joints[key].pivot.z for key in limb.joints] + [limb_tip(puppet, limb)]
    first, last = points[1] - points[0], points[-1] - points[-2]
    if len(limb.joints) < 2 or abs(first) < 1e-9 or abs(last) < 1e-9:
        return 0.0
    ratio = last / first
    return float(wrapped(math.atan2(ratio.imag, ratio.real)))

"""Limits: how far a joint turns from rest, zero being the rest pose, always; and whether it hangs loose."""

import math
from collections.abc import Iterable

from msgspec.structs import astuple, replace

from umbrite.rig.change import change, get_joint, require_finite
from umbrite.rig.errors import RigError
from umbrite.rig.limb_shape import bends_to
from umbrite.rig.model import Limit, Loose, Puppet, Sizes
from umbrite.rig.quantities.angles import MOST_TURN, angle_text
from umbrite.rig.words.names import swapped

LEAST_SIZE = 0.01  # of rest


def set_limit(puppet: Puppet, joint: str, smallest: float, largest: float, soft: float | None = None) -> Puppet:
    """Let a joint turn from `smallest` to `largest` radians from rest only; `soft` None keeps the softness it has.

    Swapped ends are put right, a range that leaves out rest is widened to it, and nothing goes beyond a hundred turns
    either way: `mended` says in words what was done. Moves nothing, because rest is always inside.
    """
    require_finite(smallest, largest, what="A limit")
    before = get_joint(puppet, joint).limit
    if soft is None:
        soft = before.soft if before is not None else 0.0
    require_finite(soft, what="A soft end")
    limit, _ = mended(smallest, largest)
    return change(puppet, joint, limit=replace(limit, soft=min(max(soft, 0.0), math.pi)))


def set_soft(puppet: Puppet, joint: str, soft: float) -> Puppet:
    """Make the ends of a joint's limit soft over a zone of `soft` radians; 0 makes them hard stops.

    Refuses a joint without a limit.
    """
    limit = get_joint(puppet, joint).limit
    if limit is None:
        name = puppet.joints[joint].name
        raise RigError(f"{name} has no limit whose ends could be soft. Set a limit first.")
    return set_limit(puppet, joint, limit.smallest, limit.largest, soft)


def set_fixed(puppet: Puppet, joint: str, *, on: bool) -> Puppet:
    """Let animators move a joint, or not; what it does by itself is not held."""
    get_joint(puppet, joint)
    return change(puppet, joint, fixed=on)


def set_sizes(puppet: Puppet, joint: str, smallest: float | None, largest: float | None) -> Puppet:
    """Let animators scale a joint from `smallest` to `largest` (shares of rest) only; None for both leaves it free. Rest is always inside."""
    if smallest is None and largest is None:
        return change(puppet, joint, sizes=None)
    usual = get_joint(puppet, joint).sizes or Sizes()
    ends = usual.smallest if smallest is None else smallest, usual.largest if largest is None else largest
    require_finite(*ends, what="A size")
    return change(puppet, joint, sizes=Sizes(min(max(min(ends), LEAST_SIZE), 1.0), max(*ends, 1.0)))


def mended(smallest: float, largest: float) -> tuple[Limit, str]:
    """The limit that these two ends can mean, and a sentence where that is not just what was asked for."""
    notes = []
    if smallest > largest:
        smallest, largest = largest, smallest
        notes.append("the ends were swapped and have been put right")
    if smallest > 0 or largest < 0:
        notes.append(f"the range left out the rest pose and now reaches to {angle_text(0.0, 0)}")
    small, large = max(-MOST_TURN, min(smallest, 0.0)), min(MOST_TURN, max(largest, 0.0))
    return Limit(small, large), ("Limit mended: " + "; ".join(notes) + ".") if notes else ""


def free_limit(puppet: Puppet, joint: str) -> Puppet:
    """Let a joint turn all the way round again."""
    get_joint(puppet, joint)
    return change(puppet, joint, limit=None)


def other_arc(puppet: Puppet, joint: str) -> Puppet:
    """Turn a fan inside out: what is left of half a turn opens on the other side. Doing it twice restores the limit.

    Rest is always inside, so a limit that is open on both sides stays so: each side gets what the other one left.
    Refuses a joint without a limit, one that may not turn at all, and limits that reach half a turn.
    """
    name, limit = get_joint(puppet, joint).name, puppet.joints[joint].limit
    if limit is None:
        raise RigError(f"{name} has no limit to invert. Set one first.")
    small, large = (round(end, 9) for end in (limit.smallest, limit.largest))  # less is no opening
    if max(-small, large) >= math.pi or small == large:
        raise RigError(
            f"{name} has no other arc: its limit is {angle_text(large, 0)} to {angle_text(small, 0)}. "
            f"Give it one that reaches less than half a turn either way."
        )
    return set_limit(puppet, joint, large - math.pi if large else 0.0, small + math.pi if small else 0.0)


def hinge(puppet: Puppet, joint: str, most: float) -> Puppet:
    """Let a joint turn one way only, up to `most` radians: to its limb's side, or clockwise where it is in none."""
    side = next((bends_to(puppet, limb) for limb in puppet.limbs.values() if joint in limb.joints[1:]), 1)
    return set_limit(puppet, joint, 0.0, most) if side > 0 else set_limit(puppet, joint, -most, 0.0)


def to_other_side(puppet: Puppet, joint: str, *, mirrored: bool) -> Puppet:
    """Give the joint of the other side, found by name, the same limit, mirrored or as it is.

    Refuses where no joint has the name of the other side.
    """
    here = get_joint(puppet, joint)
    name = swapped(here.name)
    other = next((key for key, item in puppet.joints.items() if item.name == name and name != here.name), None)
    if other is None:
        raise RigError(f"There is no other side of {here.name}: no joint is named {name}. Rename one of them.")
    if here.limit is None:
        return free_limit(puppet, other)
    small, large = here.limit.smallest, here.limit.largest
    return set_limit(puppet, other, *((-large, -small) if mirrored else (small, large)), here.limit.soft)


def copied_to(puppet: Puppet, joint: str, others: Iterable[str]) -> Puppet:
    """Give other joints the limit of one."""
    limit = get_joint(puppet, joint).limit
    for key in others:
        get_joint(puppet, key)
        puppet = change(puppet, key, limit=limit)
    return puppet


def set_loose(puppet: Puppet, joint: str, loose: Loose | None) -> Puppet:
    """Let a joint swing after what carries it, or make it stiff again. Moves nothing where the rig is built.

    Refuses numbers that make no sense, and joints that a limb turns or that something else drags.
    """
    name = get_joint(puppet, joint).name
    if loose is None:
        return change(puppet, joint, loose=None)
    require_finite(*astuple(loose), what="A swing")
    if not (0.05 <= loose.frequency <= 20 and 0 <= loose.damping <= 10 and 0 <= loose.weight <= 10):
        raise RigError(
            "A swing has 0.05 to 20 swings a second, and a damping and a weight from 0 to 10. Choose numbers between them."
        )
    if not 0 < loose.reach <= math.pi:
        raise RigError("A loose joint swings by more than 0 and at most 180 degrees either way.")
    for limb in puppet.limbs.values():
        if joint in limb.joints or (joint == limb.end and limb.end_hold != "limb"):
            raise RigError(
                f"{name} is turned by the limb {limb.name}, so it can't swing. Remove it from the limb first."
            )
        if joint == limb.target:
            raise RigError(f"{name} is what the limb {limb.name} reaches for, so it can't swing.")
    return change(puppet, joint, loose=loose)

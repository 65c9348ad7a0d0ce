"""Limits: how far a joint turns from rest. Zero is the rest pose, always."""

import math

from msgspec.structs import replace

from umbrite.rig.angles import angle_text
from umbrite.rig.change import change, get_joint, require_finite
from umbrite.rig.errors import RigError
from umbrite.rig.model import Limit, Puppet


def set_limit(
    puppet: Puppet, joint: str, smallest: float, largest: float, soft: float | None = None
) -> Puppet:
    """Let a joint turn from `smallest` to `largest` radians from rest only; `soft` None keeps the softness it has.

    Swapped ends are put right, a range that leaves out rest is widened to it, and nothing goes beyond half a turn
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
    """Make the ends of a joint's limit soft over a zone of `soft` radians; 0 makes them hard stops."""
    limit = get_joint(puppet, joint).limit
    if limit is None:
        name = puppet.joints[joint].name
        raise RigError(f"{name} has no limit whose ends could be soft. Give it a limit first.")
    return set_limit(puppet, joint, limit.smallest, limit.largest, soft)


def mended(smallest: float, largest: float) -> tuple[Limit, str]:
    """The limit that these two ends can mean, and a sentence where that is not just what was asked for."""
    notes = []
    if smallest > largest:
        smallest, largest = largest, smallest
        notes.append("the ends were swapped and have been put right")
    if smallest > 0 or largest < 0:
        notes.append(f"the range left out the rest pose and now reaches to {angle_text(0.0, 0)}")
    small, large = max(-math.pi, min(smallest, 0.0)), min(math.pi, max(largest, 0.0))
    return Limit(small, large), ("Limit mended: " + "; ".join(notes) + ".") if notes else ""


def free_limit(puppet: Puppet, joint: str) -> Puppet:
    """Let a joint turn all the way round again."""
    get_joint(puppet, joint)
    return change(puppet, joint, limit=None)

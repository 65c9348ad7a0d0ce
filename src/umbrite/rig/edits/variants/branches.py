"""Whole branches as variants: the next one made from the one that is there, with its bones, limbs and limits."""

from umbrite.rig.change import change, thing
from umbrite.rig.edits.copying import copy_branches
from umbrite.rig.edits.variants.sets import add_variant, get_set, make_set, set_of
from umbrite.rig.errors import RigError
from umbrite.rig.family import branch
from umbrite.rig.merging.rewiring import Transform
from umbrite.rig.model import Limb, Puppet, Variant


def copy_as_variant(puppet: Puppet, joint: str, name: str = "") -> tuple[Puppet, str, int]:
    """A copy of a branch as one more variant beside it, rewired to itself; a set is made where there is none. Set and number of the copy.

    The copies lie where their originals lie. Refuses a branch that is inside one of the set's own variants.
    """
    found = set_of(puppet, joint)
    before = puppet
    puppet, new = copy_branches(puppet, [joint], Transform(), sides=False)
    title = name or f"{thing(before, joint).name} 2"
    if found is not None:
        key = found[0]
        if any(copy in variant.joints for variant in puppet.sets[key].variants for copy in new.values()):
            raise RigError("This branch carries a variant of its own set. Copy the whole branch of the set instead.")
        puppet, number = add_variant(puppet, key, [new[joint]], title)
        return hands_carried(before, puppet), key, number
    puppet, key = make_set(puppet, [joint, new[joint]], str(thing(before, joint).name))
    puppet = hands_carried(before, puppet)
    return puppet, key, get_set(puppet, key).variants[-1].number


def first_part(puppet: Puppet, variant: Variant) -> str | None:
    """The part that stands for a variant in pictures: its first, or the foremost of its first branch; None for what shows nothing."""
    if variant.parts:
        return variant.parts[0]
    below = {key for joint in variant.joints for key in branch(puppet, joint)}
    return next((part for part in reversed(puppet.order) if puppet.parts[part].joint in below), None)


def parts_of(puppet: Puppet, variant: Variant) -> list[str]:
    """All parts that are seen while a variant shows and the rest is at rest, back to front: its own, and those of its branches."""
    if not variant.joints:
        return sorted(variant.parts, key=puppet.order.index) if len(variant.parts) > 1 else list(variant.parts)
    below = {key for joint in variant.joints for key in branch(puppet, joint)}
    rests = [
        other for one in puppet.sets.values() for other in one.variants if other.number != one.rest and other != variant
    ]
    away = {key for other in rests for joint in other.joints for key in branch(puppet, joint)} & below
    hidden = {part for other in rests for part in other.parts}
    return [
        key
        for key in puppet.order
        if key in variant.parts
        or (puppet.parts[key].joint in below - away and key not in hidden and puppet.parts[key].visible)
    ]


def hands_carried(before: Puppet, puppet: Puppet) -> Puppet:
    """Sets of which by now two branches have a limb take the hand's place over from one to the other; what a person chose stays."""
    for key, one in puppet.sets.items():
        had = (
            sum(limb_of(before, variant) is not None for variant in before.sets[key].variants)
            if key in before.sets
            else 0
        )
        if had < 2 <= sum(limb_of(puppet, variant) is not None for variant in one.variants):
            puppet = change(puppet, key, carries=True)
    return puppet


def limb_of(puppet: Puppet, variant: Variant) -> Limb | None:
    """The limb by whose hand a branch is posed: the longest that lies in it and whose target does too, or stands alone."""
    below = {key for joint in variant.joints for key in branch(puppet, joint)}
    limbs = [limb for limb in puppet.limbs.values() if below.issuperset(limb.joints)]
    return max(limbs, key=lambda limb: len(limb.joints), default=None)

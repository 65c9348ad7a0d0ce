"""Another variant shown: by a pose, and where a set asks for it, with the place of the hand taken over."""

from umbrite.motion.evaluate import evaluate
from umbrite.motion.placed import Placed
from umbrite.motion.posing import move_joint_to
from umbrite.motion.totals import added
from umbrite.rig.channels import with_values
from umbrite.rig.edits.variants.branches import limb_of
from umbrite.rig.edits.variants.sets import get_variant
from umbrite.rig.model import Pose

OUT_OF_REACH = 1.0  # board pixels


def shows(placed: Placed, key: str, number: int) -> dict[str, float]:
    """The channel of a set that shows one of its variants. Raises RigError where there is none of that number."""
    get_variant(placed.plan.puppet, key, number)
    rest = placed.plan.puppet.sets[key].rest
    return {f"{key}.shows": 0.0 if number == rest and not added(placed, f"{key}.shows") else float(number)}


def switched(placed: Placed, pose: Pose, key: str, number: int) -> tuple[Pose, float]:
    """The pose in which another variant of a set shows; and by how many board pixels its hand can't reach the place it took over.

    Where the set carries the hand's place and both branches end in a target, the new one's stands where the old one's stood.
    """
    puppet = placed.plan.puppet
    before, after = placed.chosen(key), get_variant(puppet, key, number)
    changed = with_values(pose, shows(placed, key, number))
    one, other = limb_of(puppet, before), limb_of(puppet, after)
    if not puppet.sets[key].carries or one is None or other is None or one is other:
        return changed, 0.0
    now = evaluate(placed.plan, changed)
    changed = move_joint_to(now, changed, other.target, placed.pivot(one.target))
    there = evaluate(placed.plan, changed)
    away = abs(there.pivot(other.target) - placed.pivot(one.target))
    limb = next(i for i, each in enumerate(puppet.limbs.values()) if each is other)
    return changed, max(away, float(there.limbs.distance[0, limb]))


def next_variant(placed: Placed, key: str, by: int) -> int:
    """The number of the variant so many places further in a set's order, around its ends."""
    variants = placed.plan.puppet.sets[key].variants
    return variants[(int(placed.choices[0, placed.plan.owners[key]]) + by) % len(variants)].number

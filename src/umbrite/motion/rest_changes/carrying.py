"""A pose carried over to a rig that is put together otherwise: what it shows stays, as far as joints can.

Joints are gone through from the root on. One whose map has become another gets the move, turn, scale and skew that give the map it
had, counted from what carries it now; a limb that reaches is matched to that by its target. What can't be (a locked joint, a limit, a
joint whose drawing was moved at rest) is left, and `how_far` tells by how much.
"""

import numpy as np

from umbrite.motion.evaluate import Placed, evaluate
from umbrite.motion.limb_solving import gathered
from umbrite.motion.matching import target_from_own_turns, with_end_turn
from umbrite.motion.plan import Plan, compile_plan
from umbrite.motion.posing import move_joint_to
from umbrite.motion.soft_ends import asked_for
from umbrite.motion.totals import held, total
from umbrite.rig.affine import after, decompose, inverse
from umbrite.rig.change import change
from umbrite.rig.channels import known_only, value, with_values
from umbrite.rig.errors import RigError
from umbrite.rig.limb_shape import limb_tip
from umbrite.rig.model import Pose, Puppet
from umbrite.rig.quantities.angles import TAU

SAME = 1e-7  # turned or scaled by less than this is not seen on any board
NEAR = 1e-4  # board pixels
FLAT = 1e-9  # a map this near to nothing can't be undone
LONG = 2  # limbs of more joints than this reach from their own turns


def carried(before: Placed, pose: Pose, puppet: Puppet) -> Pose:
    """The pose in which `puppet` shows what `before`, one frame evaluated from `pose`, shows; joints at rest count as they lie in both."""
    plan = compile_plan(puppet)
    kept = _ends_as_they_were(before, plan, known_only(pose, puppet))
    now = evaluate(plan, kept)
    away = {key for key in plan.joints if _differs(before, now, key)}
    if not away:
        return kept
    touched = [
        key
        for key, limb in puppet.limbs.items()
        if limb.enabled and total(now, f"{key}.blend") == 0 and not away.isdisjoint({*limb.joints, limb.target})
    ]
    by_turns = puppet
    for key in touched:
        by_turns = change(by_turns, key, enabled=False, end_hold="limb")
    found = _by_own_channels(before, kept, compile_plan(by_turns))
    for key in touched:
        found = _reached(before, plan, kept, found, key)
    tries = [evaluate(plan, tried) for tried in (found, kept)]
    return found if how_far(before, tries[0]) <= how_far(before, tries[1]) else kept


def _ends_as_they_were(before: Placed, plan: Plan, pose: Pose) -> Pose:
    """Hands and feet whose angle something else keeps now, on limbs that stand as they stood."""
    for key, limb in plan.puppet.limbs.items():
        end = limb.end
        if limb.enabled and end is not None and end in before.plan.place and limb.end_hold != "limb":
            now = evaluate(plan, pose)
            if _differs(before, now, end) and not any(_differs(before, now, joint) for joint in limb.joints):
                pose = with_end_turn(now, pose, key, before.turn(end))
    return pose


def _by_own_channels(before: Placed, pose: Pose, plan: Plan) -> Pose:
    for key in plan.joints:  # what carries comes before what is carried
        now = evaluate(plan, pose)
        if _differs(before, now, key):
            pose = _as_it_was(before, now, plan, pose, key)
    return pose


def _reached(before: Placed, plan: Plan, kept: Pose, found: Pose, key: str) -> Pose:
    """The pose in which a limb's target gives what the turns of its joints give in `found`."""
    limb = plan.puppet.limbs[key]
    # A limb of one or two joints does not ask for their own turns, and a held end turns with its target: these stay as they were.
    idle = [f"{joint}.turn" for joint in limb.joints if len(limb.joints) <= LONG]
    held_end = [f"{limb.end}.turn"] if limb.end_hold == "target" else []
    was = {name: kept.get(name, 0.0) for name in (*idle, *held_end)}
    turned = with_values(found, {f"{key}.blend": 1.0} | {name: was[name] for name in held_end})
    shown = before.turn(limb.end) if limb.end is not None and limb.end in before.plan.place else None
    try:
        matched = target_from_own_turns(evaluate(plan, turned), turned, key, end_turn=shown)
    except RigError:  # as near as its target can bring it
        placed = evaluate(plan, turned)
        tip = complex(placed.joint_map(limb.joints[-1])(limb_tip(plan.puppet, limb)))
        matched = with_values(
            move_joint_to(placed, found, limb.target, tip), {f"{key}.blend": value(kept, key, "blend")}
        )
    return with_values(matched, was)


def how_far(before: Placed, after_edit: Placed) -> float:
    """By how many board pixels drawings that are in both moved at most, at their corners, over all frames; those that lie elsewhere at rest do not count."""
    old, new = before.plan.puppet.parts, after_edit.plan.puppet.parts
    places = {key: i for i, key in enumerate(after_edit.plan.parts)}
    both = [
        (i, places[key], old[key].drawing)
        for i, key in enumerate(before.plan.parts)
        if key in places and old[key].placement == new[key].placement
    ]
    if not both:
        return 0.0
    there = np.array([there for _, there, _ in both])
    here = np.array([here for here, _, _ in both])
    wide, tall = (np.array([getattr(drawing, side) for _, _, drawing in both]) for side in ("width", "height"))
    was, now = gathered(before.part_maps(), here), gathered(after_edit.part_maps(), there)
    corners = (0j * wide, wide + 0j, 1j * tall, wide + 1j * tall)
    return max(float(np.abs(was(corner) - now(corner)).max()) for corner in corners)


def _differs(before: Placed, now: Placed, key: str) -> bool:
    old, new = before.plan.puppet, now.plan.puppet
    if key not in old.joints or old.joints[key].pivot != new.joints[key].pivot:
        return False
    here, there = before.joint_map(key), now.joint_map(key)
    size = max(abs(here.a), abs(here.b), 1.0)
    turned = max(abs(here.a - there.a), abs(here.b - there.b)) > SAME * size
    return turned or abs(before.pivot(key) - now.pivot(key)) > NEAR


def _as_it_was(before: Placed, now: Placed, plan: Plan, pose: Pose, key: str) -> Pose:
    """The pose in which a joint has the map that it had, by its own channels."""
    carrier, pivot = now.carrier_map(key), plan.puppet.joints[key].pivot.z
    if abs(abs(carrier.a) - abs(carrier.b)) < FLAT:
        return pose
    own = after(inverse(carrier), before.joint_map(key))
    shift = complex(own(pivot)) - pivot
    turn, scale_x, scale_y, skew = decompose(own)
    turn += TAU * round((before.turn(key) - turn) / TAU)
    ends = plan.ends.at(np.array([plan.place[key]]))
    wanted = {
        "x": shift.real, "y": shift.imag, "turn": float(asked_for(np.array([turn]), ends)[0]),
        "scale_x": scale_x - 1, "scale_y": scale_y - 1, "skew": skew,
    }  # fmt: skip
    names = {f"{key}.{what}": number for what, number in wanted.items()}
    unlike = {name: number for name, number in names.items() if abs(number - total(now, name)) > 1e-9}
    return held(now, pose, unlike, plan) if unlike else pose

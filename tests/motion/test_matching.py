"""Changing over without a jump, and limbs of many joints and soft ends within the whole evaluator."""

import numpy as np
from hypothesis import given, settings
from hypothesis import strategies as st

from demo_puppet import joint, wick
from umbrite.motion.evaluate import evaluate
from umbrite.motion.matching import own_turns_from_target, target_from_own_turns
from umbrite.motion.plan import compile_plan
from umbrite.motion.rest_changes.picture_kept import Rest
from umbrite.motion.rest_changes.takes_kept import kept_pose
from umbrite.rig.change import change
from umbrite.rig.edits.limbs import make_limb
from umbrite.rig.edits.parenting import set_parent
from umbrite.rig.edits.parts import add_part
from umbrite.rig.edits.pivots import move_pivot
from umbrite.rig.model import Drawing, Placement, Puppet

PUPPET = wick()
LIMBS = {limb.name: key for key, limb in PUPPET.limbs.items()}
moves = st.floats(-120, 120)


def limb_pose(name, x, y):
    target = PUPPET.limbs[LIMBS[name]].target
    return {f"{target}.x": x, f"{target}.y": y, f"{target}.turn": x / 300, f"{joint(PUPPET, 'Trunk')}.turn": y / 900}


def same_picture(one, other, within=1e-6):
    for a, b in zip(one.part_maps(), other.part_maps(), strict=True):
        assert np.abs(a - b).max() < within


@given(st.sampled_from(sorted(LIMBS)), moves, moves)
def test_own_turns_take_over_exactly_what_the_target_gave(name, x, y):
    plan, pose = compile_plan(PUPPET), limb_pose(name, x, y)
    placed = evaluate(plan, pose)
    same_picture(evaluate(plan, own_turns_from_target(placed, pose, LIMBS[name])), placed)


@given(st.sampled_from(sorted(LIMBS)), moves, moves)
def test_there_and_back_is_the_same_picture(name, x, y):
    plan, pose = compile_plan(PUPPET), limb_pose(name, x, y)
    placed = evaluate(plan, pose)
    own = own_turns_from_target(placed, pose, LIMBS[name])
    back = target_from_own_turns(evaluate(plan, own), own, LIMBS[name])
    assert f"{LIMBS[name]}.blend" not in back
    same_picture(evaluate(plan, back), placed, 1e-5)


@settings(max_examples=40)
@given(st.sampled_from(sorted(LIMBS)), moves, moves, st.sampled_from(["Head", "Master", "Body", "Scarf end", None]))
def test_switching_what_is_followed_moves_nothing(name, x, y, follows):
    pose = limb_pose(name, x, y)
    pose[f"{joint(PUPPET, 'Master')}.turn"] = 0.3
    pose[f"{joint(PUPPET, 'Head')}.turn"] = -0.2
    parent = None if follows is None else joint(PUPPET, follows)
    changed = set_parent(PUPPET, [PUPPET.limbs[LIMBS[name]].target], parent)
    after, _ = kept_pose(Rest(compile_plan(PUPPET), compile_plan(changed)), pose)
    now, was = evaluate(compile_plan(changed), after), evaluate(compile_plan(PUPPET), pose)
    target = PUPPET.limbs[LIMBS[name]].target
    assert abs(now.pivot(target) - was.pivot(target)) < 1e-6
    # At the very end of its reach a limb's middle answers to the last digit of its target's place.
    same_picture(now, was, 2e-5)
    same_picture(evaluate(compile_plan(changed), {}), evaluate(compile_plan(PUPPET), {}), 1e-12)


def tail(joints, bow=0.15):
    """A bowed chain of parts with a limb over all of them; the joints and the limb's id."""
    puppet, keys = Puppet(), []
    at, heading = 100 + 800j, 0.0
    for i in range(joints + 1):
        puppet, _ = add_part(puppet, f"Tail {i + 1}", Drawing("0" * 64, 60, 30), Placement(at.real, at.imag - 15))
        keys.append(list(puppet.joints)[-1])
        puppet = move_pivot(puppet, keys[-1], at)
        if i:
            puppet = set_parent(puppet, [keys[-1]], keys[-2])
        at += complex(70 * np.exp(1j * heading))
        heading += bow
    puppet, limb = make_limb(puppet, keys[-1], keys[0])
    return puppet, keys, limb


def test_near_full_reach_the_middle_joint_has_no_jump_in_speed():
    key = LIMBS["Far arm"]
    limb = PUPPET.limbs[key]
    free = PUPPET
    for joint_key in limb.joints:
        free = change(free, joint_key, limit=None)
    root, wrist = PUPPET.joints[limb.joints[0]].pivot.z, PUPPET.joints[limb.target].pivot.z
    way = (wrist - root) / abs(wrist - root)
    outwards = np.linspace(-40, 60, 2001)
    pose = {f"{limb.target}.x": (way * outwards).real, f"{limb.target}.y": (way * outwards).imag}

    def speeds(soften):
        placed = evaluate(compile_plan(change(free, key, soften=soften)), pose)
        return np.diff(placed.turns[:, placed.plan.place[limb.joints[1]]]) / (outwards[1] - outwards[0])

    hard, soft = speeds(0.0), speeds(0.04)
    assert np.abs(np.diff(hard)).max() > 0.1  # radians per pixel, from one step to the next
    assert np.abs(np.diff(soft)).max() < 0.004

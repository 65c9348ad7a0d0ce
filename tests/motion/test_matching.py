"""Changing over without a jump, and limbs of many joints and soft ends within the whole evaluator."""

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from demo_puppet import joint, wick
from umbrite.motion.evaluate import evaluate
from umbrite.motion.matching import own_turns_from_target, set_target_parent_in_place, target_from_own_turns
from umbrite.motion.plan import compile_plan
from umbrite.rig.change import change
from umbrite.rig.edits.limbs import make_limb
from umbrite.rig.edits.parenting import set_parent
from umbrite.rig.edits.parts import add_part
from umbrite.rig.edits.pivots import move_pivot
from umbrite.rig.invariants import invariants
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


def test_a_pose_against_the_bend_side_is_matched_by_the_other_side():
    key = LIMBS["Far arm"]
    lower = PUPPET.limbs[key].joints[1]
    free = change(PUPPET, lower, limit=None)
    plan, pose = compile_plan(free), {f"{key}.blend": 1.0, f"{lower}.turn": 1.2}
    placed = evaluate(plan, pose)
    matched = target_from_own_turns(placed, pose, key)
    assert matched[f"{key}.bend"] == 1.0
    same_picture(evaluate(plan, matched), placed, 1e-5)


def test_while_the_side_changes_the_limb_passes_through_straight():
    key = LIMBS["Near arm"]
    free = PUPPET
    for joint_key in PUPPET.limbs[key].joints:
        free = change(free, joint_key, limit=None)
    share = np.linspace(0, 1, 101)
    placed = evaluate(compile_plan(free), {f"{key}.bend": share, f"{PUPPET.limbs[key].target}.y": np.full(101, -60.0)})
    upper, lower, hand = (joint(PUPPET, name) for name in ("Near upper arm", "Near forearm", "Near hand"))
    cross = []
    for frame in range(101):
        a, b, c = (placed.pivot(k, frame) for k in (upper, lower, hand))
        cross.append(((b - a).conjugate() * (c - b)).imag)
    assert np.sign(cross[0]) == PUPPET.limbs[key].bend == -np.sign(cross[-1])
    assert abs(cross[50]) < 1e-6 * abs(cross[0])
    assert (np.diff(placed.turns[:, placed.plan.place[lower]]) * np.sign(cross[0]) < 0).all()
    assert placed.limbs.distance[[0, -1], 0].max() < 1e-6
    assert np.abs(np.diff(placed.turns, axis=0)).max() < 0.06


@settings(max_examples=40)
@given(st.sampled_from(sorted(LIMBS)), moves, moves, st.sampled_from(["Head", "Master", "Body", "Scarf end", None]))
def test_switching_what_is_followed_moves_nothing(name, x, y, follows):
    pose = limb_pose(name, x, y)
    pose[f"{joint(PUPPET, 'Master')}.turn"] = 0.3
    pose[f"{joint(PUPPET, 'Head')}.turn"] = -0.2
    parent = None if follows is None else joint(PUPPET, follows)
    changed, after = set_target_parent_in_place(PUPPET, pose, LIMBS[name], parent)
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


@pytest.mark.parametrize("joints", [3, 5, 12])
def test_a_tail_of_any_length_reaches_and_keeps_its_rest(joints):
    puppet, keys, limb = tail(joints)
    assert invariants(puppet) == []
    assert puppet.limbs[limb].joints == tuple(keys[:-1])
    plan, target = compile_plan(puppet), puppet.limbs[limb].target
    rest = evaluate(plan, {})
    assert (rest.maps.t == 0).all()
    moved = evaluate(plan, {f"{target}.x": np.linspace(0, -60, 9), f"{target}.y": np.linspace(0, 90, 9)})
    assert moved.limbs.distance.max() < 0.01
    assert (np.abs(np.diff(moved.turns, axis=0)) < 0.5).all()


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


def stretching(share):
    key = LIMBS["Far arm"]
    puppet = change(PUPPET, key, stretch=share)
    for joint_key in puppet.limbs[key].joints:
        puppet = change(puppet, joint_key, limit=None)
    return puppet, key


def test_a_stretching_limb_reaches_farther_up_to_its_largest_stretch():
    puppet, key = stretching(0.5)
    target = puppet.limbs[key].target
    root = puppet.joints[puppet.limbs[key].joints[0]].pivot.z
    wrist = puppet.joints[target].pivot.z
    length = sum(
        abs(puppet.joints[b].pivot.z - puppet.joints[a].pivot.z)
        for a, b in zip(("Far upper arm", "Far forearm"), ("Far forearm", "Far hand"), strict=True)
        for a, b in [(joint(puppet, a), joint(puppet, b))]
    )
    way = (wrist - root) / abs(wrist - root)
    away = np.linspace(0.9, 2.0, 45) * length
    goal = root + way * away - wrist
    placed = evaluate(compile_plan(puppet), {f"{target}.x": goal.real, f"{target}.y": goal.imag})
    place = list(puppet.limbs).index(key)
    assert placed.limbs.distance[away < 1.4 * length, place].max() < 1e-6
    assert placed.limbs.distance[-1, place] == pytest.approx(0.5 * length, rel=0.01)
    hand = joint(puppet, "Far hand")
    for frame in (0, 10, 20):
        assert placed.pivot(hand, frame) == pytest.approx(root + way * away[frame], abs=1e-6)

"""What limbs keep: toe targets, shared stretch, uneven joints, mirrored puppets, one frame and many alike."""

import cmath

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st
from msgspec.structs import replace

from demo_puppet import joint, wick
from strategies import UNLINKED, poses, puppets
from umbrite.motion.evaluate import evaluate
from umbrite.motion.matching import own_turns_from_target, target_from_own_turns
from umbrite.motion.plan import compile_plan
from umbrite.motion.solvers.one_frame import reach_two
from umbrite.motion.solvers.two_joint import Range, reach
from umbrite.rig.affine import Affine, after
from umbrite.rig.change import change
from umbrite.rig.edits.limbs import set_end_hold
from umbrite.rig.model import Limit, Point

PUPPET = wick()
LIMBS = {limb.name: key for key, limb in PUPPET.limbs.items()}
LEG, FOOT = LIMBS["Near leg"], joint(PUPPET, "Near foot")
moves = st.floats(-120, 120)


def toed():
    puppet = set_end_hold(PUPPET, LEG, "toe")
    toe = puppet.limbs[LEG].toe
    assert toe is not None
    return puppet, toe


@given(moves, moves, st.floats(-60, 60), st.floats(-60, 60))
def test_the_foot_points_at_its_toe_target_wherever_target_and_hips_go(x, y, tx, ty):
    puppet, toe = toed()
    pose = {f"{puppet.limbs[LEG].target}.x": x, f"{puppet.limbs[LEG].target}.y": y / 2,
            f"{toe}.x": tx, f"{toe}.y": ty, f"{joint(puppet, 'Body')}.y": abs(y) / 3}  # fmt: skip
    puppet = change(puppet, FOOT, limit=None)
    placed = evaluate(compile_plan(puppet), pose)
    ankle, goal = placed.pivot(FOOT), placed.pivot(toe)
    shown = complex(placed.joint_map(FOOT)(puppet.joints[toe].pivot.z)) - ankle
    assert cmath.phase(shown / (goal - ankle)) == pytest.approx(0, abs=1e-6)


@given(moves, moves)
def test_a_pointing_foot_is_matched_there_and_back(x, y):
    puppet, toe = toed()
    plan = compile_plan(puppet)
    pose = {f"{puppet.limbs[LEG].target}.x": x, f"{toe}.y": y / 3, f"{FOOT}.turn": 0.1}
    shown = evaluate(plan, pose)
    own = own_turns_from_target(shown, pose, LEG)
    back = target_from_own_turns(evaluate(plan, own), own, LEG)
    assert evaluate(plan, back).turn(FOOT) == pytest.approx(shown.turn(FOOT), abs=1e-5)


@given(st.floats(0.4, 1.8), st.floats(0.4, 1.8), st.floats(-0.5, 0.5), moves, moves)
def test_a_limb_whose_root_is_scaled_unevenly_still_reaches(sx, sy, skew, x, y):
    key = LIMBS["Far arm"]
    limb = PUPPET.limbs[key]
    puppet = change(PUPPET, key, soften=0.0)
    for name in limb.joints:
        puppet = change(puppet, name, limit=None)
    plan = compile_plan(puppet)
    root = limb.joints[0]
    uneven = {f"{root}.scale_x": sx - 1, f"{root}.scale_y": sy - 1, f"{root}.skew": skew}
    # A goal that this limb can reach: where the tip stands for some turns of its own.
    own = {**uneven, f"{root}.turn": x / 100, f"{limb.joints[1]}.turn": -abs(y) / 100 - 0.1, f"{key}.blend": 1.0}
    shown = evaluate(plan, own)
    goal = complex(shown.joint_map(limb.joints[1])(puppet.joints[limb.target].pivot.z))
    at = goal - puppet.joints[limb.target].pivot.z
    reaching = evaluate(plan, {**uneven, f"{limb.target}.x": at.real, f"{limb.target}.y": at.imag})
    assert reaching.limbs.distance[0, plan.limbs.index(key)] < 0.01


def mirrored(puppet, centre=300.0):
    """The puppet as a looking glass shows it, without its drawings' insides: written apart from any edit."""

    def glass(p):
        return None if p is None else Point(2 * centre - p.x, p.y)

    joints = {
        key: replace(j, pivot=glass(j.pivot), tip=glass(j.tip),
                     limit=j.limit and Limit(-j.limit.largest, -j.limit.smallest, j.limit.soft))
        for key, j in puppet.joints.items()
    }  # fmt: skip
    limbs = {key: replace(limb, bend=-limb.bend, tip=glass(limb.tip)) for key, limb in puppet.limbs.items()}
    return replace(puppet, joints=joints, limbs=limbs)


def mirrored_pose(pose):
    turned = ("x", "turn", "skew")
    return {name: -value if name.partition(".")[2] in turned else value for name, value in pose.items()}


@given(puppets(UNLINKED), st.data())  # a curve of x has no mirror image but one of its own
def test_a_mirrored_puppet_in_a_mirrored_pose_is_the_mirrored_picture(puppet, data):
    gentle = {name: value for name, value in data.draw(poses(puppet, st.floats(-0.7, 0.7))).items()
              if name.partition(".")[2] in {"x", "y", "turn", "scale_x", "scale_y", "blend", "bend"}}  # fmt: skip
    # A straight limb has no drawn side, and a target on the root no direction: either may go both ways.
    plain, glass = (
        evaluate(compile_plan(puppet), gentle),
        evaluate(compile_plan(mirrored(puppet)), mirrored_pose(gentle)),
    )
    flip = Affine(0j, -1 + 0j, 600 + 0j)
    for key in puppet.joints:
        wanted = after(flip, after(plain.joint_map(key), flip))
        for a, b in zip(wanted, glass.joint_map(key), strict=True):
            assert a == pytest.approx(b, abs=1e-5 * max(1.0, abs(a)))


def test_one_limb_in_plain_numbers_is_what_the_arrays_give():
    random = np.random.default_rng(9)
    count = 3000
    to = random.uniform(0, 500, count) * np.exp(1j * random.uniform(-4, 4, count))
    v1, v2 = (random.uniform(5, 300, count) * np.exp(1j * random.uniform(-4, 4, count)) for _ in range(2))
    bend = random.choice([1.0, -1.0, 0.3, -0.6], count)
    spans = [Range(random.uniform(-3.1, 0, count), random.uniform(0, 3.1, count)) for _ in range(2)]
    many = reach(to, v1, v2, bend, *spans)
    one = [
        reach_two(complex(to[i]), complex(v1[i]), complex(v2[i]), float(bend[i]),
                  (float(spans[0].smallest[i]), float(spans[0].largest[i])),
                  (float(spans[1].smallest[i]), float(spans[1].largest[i])))
        for i in range(count)
    ]  # fmt: skip
    assert np.abs(np.array(one) - np.array(many).T).max() < 1e-9


def test_a_limb_on_uneven_joints_is_solved_alike_alone_and_among_others():
    key = LIMBS["Far arm"]
    root, target = PUPPET.limbs[key].joints[0], PUPPET.limbs[key].target
    plan = compile_plan(PUPPET)
    scales = np.array([0.0, 0.5, 1.0, -0.4])
    together = evaluate(plan, {f"{root}.scale_x": scales, f"{target}.x": np.array([0.0, 20.0, -60.0, 40.0])})
    for frame, (scale, x) in enumerate(zip(scales, (0.0, 20.0, -60.0, 40.0), strict=True)):
        alone = evaluate(plan, {f"{root}.scale_x": float(scale), f"{target}.x": x})
        assert np.abs(alone.maps.t[0] - together.maps.t[frame]).max() < 1e-9

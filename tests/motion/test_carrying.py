"""A rig put together otherwise goes on to show what its pose showed, or comes nearer to it than the pose as it was."""

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from demo_puppet import joint, wick
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.motion.rest_changes.picture_kept import Rest, how_far
from umbrite.motion.rest_changes.takes_kept import kept_pose
from umbrite.rig.change import change
from umbrite.rig.edits.limbs import extend_limb, remove_limb, set_end_hold
from umbrite.rig.edits.parenting import set_parent

PUPPET = wick()
PLAN = compile_plan(PUPPET)
REWIRED = {
    "head": lambda _: set_parent(PUPPET, [joint(PUPPET, "Head")], joint(PUPPET, "Hips")),
    "root": lambda key: set_parent(PUPPET, [PUPPET.limbs[key].joints[0]], None),
    "target": lambda key: set_parent(PUPPET, [PUPPET.limbs[key].target], joint(PUPPET, "Head")),
    "off": lambda key: change(PUPPET, key, enabled=False),
    "removed": lambda key: remove_limb(PUPPET, key),
    "end of limb": lambda key: set_end_hold(PUPPET, key, "limb"),
    "end of target": lambda key: set_end_hold(PUPPET, key, "target"),
    "end at toe": lambda key: set_end_hold(PUPPET, key, "toe"),
}  # fmt: skip
moves = st.floats(-70, 70)


def a_pose(x, y, turn):
    """All limbs moved and turned, bent but for what a knee may not do, and the body leaning."""
    pose = {f"{joint(PUPPET, name)}.turn": turn / 2 for name in ("Trunk", "Head")}
    for limb in PUPPET.limbs.values():
        pose |= {f"{limb.target}.x": x, f"{limb.target}.y": -abs(y) - 10, f"{limb.target}.turn": turn}
    return pose


@given(st.sampled_from(sorted(REWIRED)), st.sampled_from(sorted(PUPPET.limbs)), moves, moves, st.floats(-0.4, 0.4))
def test_what_a_pose_shows_stays(way, key, x, y, turn):
    pose = a_pose(x, y, turn)
    before, puppet = evaluate(PLAN, pose), REWIRED[way](key)
    plan = compile_plan(puppet)
    far = how_far(before, evaluate(plan, kept_pose(Rest(PLAN, plan), pose)[0]))[0]
    limb = PUPPET.limbs[key]
    straight = before.limbs.distance[0].max() > 1e-6  # out of reach: other targets give such a limb no more
    assert far < 1e-3 or (straight and far <= how_far(before, evaluate(plan, pose))[0]), limb.name


@pytest.mark.parametrize("key", sorted(PUPPET.limbs))
def test_a_limb_that_is_extended_comes_nearer(key):
    pose = a_pose(30, 40, 0.2)
    before, puppet = evaluate(PLAN, pose), extend_limb(PUPPET, key)
    plan = compile_plan(puppet)
    moved, plain = (how_far(before, evaluate(plan, one))[0] for one in (kept_pose(Rest(PLAN, plan), pose)[0], pose))
    assert moved < 0.01 < plain


def test_what_is_far_is_measured_at_the_corners_of_drawings():
    key = joint(PUPPET, "Head")
    rest = evaluate(PLAN, {})
    assert how_far(rest, evaluate(PLAN, {f"{key}.x": 3.0, f"{key}.y": 4.0}))[0] == pytest.approx(5.0)
    several = {f"{key}.x": np.array([0.0, 7.0])}
    assert how_far(evaluate(PLAN, {"": np.zeros(2)}), evaluate(PLAN, several)).max() == pytest.approx(7.0)

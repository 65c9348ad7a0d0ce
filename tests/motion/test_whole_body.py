"""The whole body gives way: holds stay, limits hold, nothing drifts, and the limbs take up their targets again."""

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from demo_puppet import joint, wick
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.motion.whole_body import HoldPoint, begin, drag, let_go

PUPPET = wick()
PLAN = compile_plan(PUPPET)
FEET = tuple(
    HoldPoint(joint(PUPPET, name), PUPPET.joints[joint(PUPPET, name)].pivot.z + toe)
    for name in ("Near foot", "Far foot")
    for toe in (0j, 110 + 40j)
)
WRIST = HoldPoint(joint(PUPPET, "Near hand"), PUPPET.joints[joint(PUPPET, "Near hand")].pivot.z)


def ready(pose, holds=FEET):
    return begin(evaluate(PLAN, pose), pose, WRIST, holds, joint(PUPPET, "Body"))


def away(body, pose, goals):
    placed = evaluate(body.plan, pose)
    return np.abs([complex(placed.joint_map(p.joint)(p.at)) - goal for p, goal in zip(body.points, goals, strict=True)])


@given(st.floats(-250, 250), st.floats(-250, 150))
def test_holds_stay_and_limits_hold_wherever_the_hand_is_dragged(x, y):
    body = ready({})
    goal = WRIST.at + complex(x, y)
    pose = drag(body, goal)
    distance = away(body, pose, [goal, *body.places[1:]])
    assert distance[1:].max() < 0.1
    for key, item in PUPPET.joints.items():
        if item.limit is not None:
            assert item.limit.smallest - 1e-9 <= pose.get(f"{key}.turn", 0.0) <= item.limit.largest + 1e-9


@pytest.mark.parametrize("by", [-150 + 120j, 60 - 100j, -40 - 60j])
def test_let_go_the_limbs_hold_their_targets_and_the_picture_stays(by):
    body = ready({})
    dragged = drag(body, WRIST.at + by)
    after = let_go(body, dragged)
    shown, held = evaluate(body.plan, dragged), evaluate(PLAN, after)
    assert not any(name.endswith(".blend") for name in after)
    for one, other in zip(shown.part_maps(), held.part_maps(), strict=True):
        assert np.abs(one - other).max() < 0.01


def test_two_holds_that_can_not_both_be_kept_get_the_best_compromise():
    far = HoldPoint(joint(PUPPET, "Far hand"), PUPPET.joints[joint(PUPPET, "Far hand")].pivot.z)
    body = ready({}, (*FEET, far))
    goal = WRIST.at - 900
    pose = drag(body, goal)
    distance = away(body, pose, [goal, *body.places[1:]])
    assert np.isfinite(distance).all()
    assert distance[1:].max() < 1.0
    assert distance[0] < 900

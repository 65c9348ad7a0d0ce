"""From a drag to channel values."""

import pytest

from demo_puppet import joint, wick
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.motion.posing import (
    body_of,
    limb_of,
    move_control_to,
    turn_joint_by,
)  # fmt: skip

PUPPET = wick()
PLAN = compile_plan(PUPPET)


def test_a_grip_stands_where_it_is_put_however_its_carriers_are_posed():
    master = joint(PUPPET, "Master")
    pose = {f"{master}.turn": 0.7, f"{master}.scale_x": 0.4, f"{master}.scale_y": -0.2, f"{master}.skew": 0.3}
    control = next(c for c in PUPPET.controls.values() if c.name == "Near hand")
    after = move_control_to(evaluate(PLAN, pose), pose, control, 400 + 300j)
    assert evaluate(PLAN, after).control_at(control) == pytest.approx(400 + 300j)
    assert {k: after[k] for k in pose} == pose


def test_a_joint_turns_as_seen_and_stops_at_its_limit():
    head = joint(PUPPET, "Head")
    rest = evaluate(PLAN, {})
    assert turn_joint_by(rest, {}, head, 0.2)[f"{head}.turn"] == pytest.approx(0.2)
    limit = PUPPET.joints[head].limit
    assert limit is not None
    assert turn_joint_by(rest, {}, head, 2.0)[f"{head}.turn"] == pytest.approx(limit.largest)
    mirrored = evaluate(PLAN, {f"{joint(PUPPET, 'Master')}.scale_x": -2.0})
    assert turn_joint_by(mirrored, {}, head, 0.2)[f"{head}.turn"] == pytest.approx(-0.2)


@pytest.mark.parametrize(
    ("part", "limb", "body"),
    [
        ("Near hand", "Near arm", None), ("Lamp pole", "Near arm", None), ("Far shin", "Far leg", None),
        ("Trunk", None, "Body"), ("Hips", None, "Body"), ("Head", None, None), ("Scarf end", None, None),
    ],
)  # fmt: skip
def test_art_drags_its_limb_or_its_body_or_turns(part, limb, body):
    key = joint(PUPPET, part)
    found, carrier = limb_of(PUPPET, key), body_of(PUPPET, key)
    assert (found[1].name if found else None) == limb
    if limb is None:
        assert (PUPPET.joints[carrier].name if carrier else None) == body

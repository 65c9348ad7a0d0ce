"""The present pose made the rest: the same picture, limits that reach as far, limbs that still work."""

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from demo_puppet import joint, wick
from strategies import EDITS, poses, puppets
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.motion.resting import make_rest
from umbrite.rig.change import change
from umbrite.rig.edits.links import add_link
from umbrite.rig.errors import RigError
from umbrite.rig.invariants import invariants

PUPPET = wick()
ARM = next(limb for limb in PUPPET.limbs.values() if limb.name == "Near arm")
LOWER = ARM.joints[1]


@given(puppets(EDITS), st.data())
def test_what_was_posed_is_seen_at_rest(puppet, data):
    pose = data.draw(poses(puppet, st.floats(-0.8, 3)))
    placed = evaluate(compile_plan(puppet), pose)
    try:
        rested, _ = make_rest(placed)
    except RigError:
        return  # posed beyond all bounds
    assert invariants(rested) == []
    now = evaluate(compile_plan(rested), {})
    for was, one in zip(placed.part_maps(), now.part_maps(), strict=True):
        assert np.abs(was - one).max(initial=0) <= 1e-6 * max(1.0, float(np.abs(was).max(initial=0)))


def test_limits_targets_and_sides_stay_with_the_limb_and_are_told():
    pose = {f"{ARM.target}.x": 60.0, f"{ARM.target}.y": -90.0, f"{joint(PUPPET, 'Head')}.turn": 0.2}
    arm = next(key for key, limb in PUPPET.limbs.items() if limb is ARM)
    placed = evaluate(compile_plan(change(PUPPET, arm, soften=0.0)), pose)
    rested, words = make_rest(placed)
    before, after = PUPPET.joints[LOWER].limit, rested.joints[LOWER].limit
    assert before is not None
    assert after is not None
    assert after.largest - after.smallest == pytest.approx(before.largest - before.smallest)
    assert after.largest == pytest.approx(before.largest - placed.turn(LOWER))
    assert rested.joints[ARM.target].pivot.z == pytest.approx(placed.pivot(ARM.target), abs=1e-6)
    assert any("Limits count from the new rest" in text for text in words)
    assert any(text.startswith("Moved at rest") for text in words)
    back = evaluate(compile_plan(rested), {f"{ARM.target}.x": -60.0, f"{ARM.target}.y": 90.0})
    assert back.pivot(joint(PUPPET, "Near hand")) == pytest.approx(
        PUPPET.joints[joint(PUPPET, "Near hand")].pivot.z, abs=1e-5
    )


def test_links_go_on_from_the_new_rest():
    head, cap = joint(PUPPET, "Head"), joint(PUPPET, "Cap")
    puppet, _ = add_link(PUPPET, f"{head}.turn", f"{cap}.turn", [(-1, -0.5), (0, 0), (1, 1)])
    pose = {f"{head}.turn": 0.2}
    placed = evaluate(compile_plan(puppet), pose)
    rested, _ = make_rest(placed)
    further = evaluate(compile_plan(puppet), {f"{head}.turn": 0.3})
    again = evaluate(compile_plan(rested), {f"{head}.turn": 0.1})
    assert placed.turn(cap) == pytest.approx(0.2)
    assert again.turn(cap) == pytest.approx(further.turn(cap) - placed.turn(cap))

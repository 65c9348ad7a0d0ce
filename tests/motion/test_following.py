"""What a joint follows: another carrier is as if it hung from that one; changing over keeps its place; one frame is what all are."""

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from demo_puppet import joint, wick
from umbrite.motion.evaluate import evaluate
from umbrite.motion.matching import follow_in_place
from umbrite.motion.plan import compile_plan
from umbrite.rig.change import take_out
from umbrite.rig.channels import with_values
from umbrite.rig.edits.limbs import make_limb
from umbrite.rig.edits.parenting import set_also, set_parent
from umbrite.rig.errors import RigError
from umbrite.rig.model import EMPTY_POSE

PUPPET = wick()
HAND, HEAD, MASTER = (joint(PUPPET, name) for name in ("Far arm target", "Head", "Master"))
FREE = set_also(PUPPET, HAND, [HEAD, "", MASTER])
numbers = st.floats(-0.8, 0.8)


@st.composite
def poses(draw):
    """Body, head, master and hand posed."""
    names = {
        f"{joint(PUPPET, name)}.{what}": draw(numbers) * (1 if what == "turn" else 120)
        for name in ("Body", "Trunk", "Head", "Master", "Far arm target")
        for what in ("x", "y", "turn")
    }
    return with_values(EMPTY_POSE, names)


@given(poses(), st.integers(0, 3))
def test_to_follow_is_to_hang_from(pose, number):
    reparented = set_parent(PUPPET, [HAND], [PUPPET.joints[HAND].parent, HEAD, None, MASTER][number])
    there = evaluate(compile_plan(reparented), pose)
    here = evaluate(compile_plan(FREE), with_values(pose, {f"{HAND}.follows": number}))
    for key in PUPPET.joints:
        near = 1e-9 if key == HAND else 1e-4  # at full reach a limb's joints take the root of rounding
        assert abs(there.pivot(key) - here.pivot(key)) < near


@given(st.lists(st.tuples(poses(), st.integers(0, 3)), min_size=2, max_size=5))
def test_one_frame_is_what_all_frames_are(frames):
    plan = compile_plan(FREE)
    posed = [with_values(pose, {f"{HAND}.follows": number}) for pose, number in frames]
    names = {name for pose in posed for name in pose} | {f"{HAND}.x"}
    together = evaluate(plan, {name: np.array([pose.get(name, 0.0) for pose in posed]) for name in names})
    for i, pose in enumerate(posed):
        alone = evaluate(plan, pose)
        assert abs(alone.pivot(HAND) - together.pivot(HAND, i)) < 1e-9
        assert alone.carrier_map(HAND) == pytest.approx(together.carrier_map(HAND, i))


@given(poses(), st.integers(0, 3), st.integers(0, 3))
def test_changing_over_keeps_the_place(pose, before, after):
    plan = compile_plan(FREE)
    pose = with_values(pose, {f"{HAND}.follows": before})
    there = evaluate(plan, pose)
    changed = follow_in_place(there, pose, HAND, after)
    here = evaluate(plan, changed)
    assert changed.get(f"{HAND}.follows", 0.0) == after
    for key in PUPPET.joints:
        assert abs(there.pivot(key) - here.pivot(key)) < (1e-8 if key == HAND else 1e-3)
    assert abs(there.joint_map(HAND).a - here.joint_map(HAND).a) < 1e-9


def test_what_can_not_be_followed_is_refused_and_what_goes_leaves_the_board():
    shin = joint(PUPPET, "Near shin")
    hand = joint(PUPPET, "Far hand")
    for key, also in ((shin, [HEAD]), (HAND, [HAND]), (HAND, [HEAD, HEAD]), (HEAD, [hand, joint(PUPPET, "Cap")])):
        with pytest.raises(RigError):
            set_also(PUPPET, key, also)
    with pytest.raises(RigError, match="number"):
        follow_in_place(evaluate(compile_plan(FREE), {}), EMPTY_POSE, HAND, 4)
    assert take_out(FREE, HEAD).joints[HAND].also == ("", "", MASTER)
    loose_ends = set_also(PUPPET, joint(PUPPET, "Scarf end"), [HEAD])
    limbed, _ = make_limb(loose_ends, joint(PUPPET, "Scarf tail"), joint(PUPPET, "Scarf end"))
    assert limbed.joints[joint(PUPPET, "Scarf end")].also == ()
    assert limbed.joints[joint(PUPPET, "Scarf tail")].loose is None

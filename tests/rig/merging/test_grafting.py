"""Branches taken alone and brought into other puppets, of other sizes too."""

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from demo_puppet import ASSETS
from strategies import poses, puppets
from umbrite.files.native.soundness import fault_of
from umbrite.files.package import load
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.rig.document import Document, settled
from umbrite.rig.errors import RigError
from umbrite.rig.invariants import invariants
from umbrite.rig.merging.branch_alone import branch_alone
from umbrite.rig.merging.branch_merging import merge
from umbrite.rig.merging.resizing import resize_branch
from umbrite.rig.merging.rewiring import Transform, copied_settings

DEMOS = ("wick", "bramble", "tansy", "inkpot")


def maps(puppet, pose, keys):
    """Where these drawings lie in a pose: three complex numbers each."""
    placed = evaluate(compile_plan(puppet), pose)
    found = placed.part_maps()
    at = [compile_plan(puppet).parts.index(key) for key in keys]
    return np.array([np.broadcast_to(field, (1, len(puppet.order)))[0][at] for field in found])


@settings(deadline=None, max_examples=40)
@given(st.data())
def test_what_is_brought_in_does_there_what_it_does_alone_in_its_own_proportions(data):
    host, guest = data.draw(puppets()), data.draw(puppets())
    scale, shift = data.draw(st.sampled_from([1.0, 0.5, 1.7])), complex(data.draw(st.integers(-300, 300)), 40)
    made = merge(Document(host), Document(guest), Transform(shift, scale=scale))
    assert invariants(made.document.puppet) == []
    pose = data.draw(poses(guest, st.floats(-0.6, 0.6)))
    there = copied_settings(pose, made.ids, scale)
    keys = list(guest.parts)
    alone, brought = maps(guest, pose, keys), maps(made.document.puppet, there, [made.ids[k] for k in keys])
    moved = alone * scale
    moved[2] += shift
    assert np.abs(brought - moved).max(initial=0) < 1e-5 * max(1, np.abs(moved).max(initial=0))
    assert maps(made.document.puppet, {}, list(host.parts)) == pytest.approx(maps(host, {}, list(host.parts)))


@pytest.mark.parametrize("name", DEMOS)
def test_a_whole_demo_brought_into_another_keeps_all_its_poses_and_takes(name):
    guest = load(ASSETS / f"{name}.umbrite").document
    host = load(ASSETS / "wick.umbrite").document
    made = merge(host, guest, Transform(80 + 10j, scale=1.3))
    assert fault_of(made.document) is None
    assert settled(made.document, Document()) == made.document
    assert len(made.document.takes) == len(host.takes) + len(guest.takes)
    keys = list(guest.puppet.parts)
    for saved in guest.puppet.poses:
        there = copied_settings(saved.channels, made.ids, 1.3)
        brought = maps(made.document.puppet, there, [made.ids[k] for k in keys])
        wanted = maps(guest.puppet, saved.channels, keys) * 1.3
        wanted[2] += 80 + 10j
        assert np.abs(brought - wanted).max() < 1e-5


@pytest.mark.parametrize("name", DEMOS)
def test_each_branch_taken_alone_is_a_sound_puppet_that_moves_as_it_did(name):
    document = load(ASSETS / f"{name}.umbrite").document
    puppet = document.puppet
    for key in puppet.joints:
        alone = branch_alone(document, [key])
        assert fault_of(alone) is None
        assert settled(alone, Document()) == alone
        placed, whole = evaluate(compile_plan(alone.puppet), {}), evaluate(compile_plan(puppet), {})
        for joint in alone.puppet.joints:
            assert placed.pivot(joint) == pytest.approx(whole.pivot(joint), abs=1e-6)


def test_what_can_not_be_brought_in_is_refused_with_a_sentence():
    wick = load(ASSETS / "wick.umbrite").document
    with pytest.raises(RigError, match="should be inserted is empty"):
        merge(wick, Document())
    with pytest.raises(RigError, match="times as large"):
        merge(wick, wick, Transform(scale=0.0))
    with pytest.raises(RigError, match="no joint with the id"):
        merge(wick, wick, onto="j99999")
    with pytest.raises(RigError, match="no branch to take"):
        branch_alone(wick, [])


def test_an_arm_made_smaller_leaves_the_rest_and_keeps_its_limb_whole():
    wick = load(ASSETS / "wick.umbrite").document
    arm = next(k for k, joint in wick.puppet.joints.items() if joint.name == "Near upper arm")
    smaller = resize_branch(wick, [arm], 0.5, wick.puppet.joints[arm].pivot.z)
    assert invariants(smaller.puppet) == []
    assert smaller.puppet.joints[arm].pivot == wick.puppet.joints[arm].pivot
    legs = [key for key, joint in wick.puppet.joints.items() if "leg" in joint.name or "thigh" in joint.name]
    assert legs
    assert all(smaller.puppet.joints[key] is wick.puppet.joints[key] for key in legs)
    shin = next(k for k, joint in wick.puppet.joints.items() if joint.name == "Near shin")
    shorter = resize_branch(wick, [shin], 0.5, wick.puppet.joints[shin].pivot.z)
    assert invariants(shorter.puppet) == []
    with pytest.raises(RigError, match="thousand"):
        resize_branch(wick, [arm], 0.0, 0j)

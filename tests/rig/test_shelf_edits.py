"""The pose shelf: kept, blended, mirrored, and carried over by names."""

import pytest
from hypothesis import given
from hypothesis import strategies as st
from msgspec.structs import replace

from demo_puppet import joint, wick
from umbrite.rig.edits.shelf import (
    CLEAN,
    blended,
    by_names,
    delete_pose,
    from_names,
    get_pose,
    mirrored,
    rename_pose,
    save_pose,
)
from umbrite.rig.errors import RigError
from umbrite.rig.ids import owner_of
from umbrite.rig.invariants import invariants

WICK = replace(wick(), poses=())
CHANNELS = [f"{key}.{what}" for key in list(WICK.joints)[:8] for what in ("turn", "x", "y")]
poses = st.dictionaries(st.sampled_from(CHANNELS), st.floats(-50, 50).filter(lambda x: abs(x) > 1e-6), max_size=8)


def target(limb):
    return next(item.target for item in WICK.limbs.values() if item.name == limb)


def test_poses_are_kept_under_names_of_their_own_and_the_clean_one_cannot_be_lost():
    pose = {f"{joint(WICK, 'Head')}.turn": 0.2}
    puppet = save_pose(save_pose(WICK, "Wave", pose), "Wave", {})
    assert [saved.name for saved in puppet.poses] == ["Wave", "Wave 2"]
    assert get_pose(puppet, "Wave").channels == pose
    assert get_pose(puppet, CLEAN).channels == {}
    renamed = rename_pose(puppet, "Wave 2", "Hello")
    assert invariants(renamed) == []
    assert [saved.name for saved in delete_pose(renamed, "Wave").poses] == ["Hello"]
    for refused, words in (
        (lambda: delete_pose(puppet, CLEAN), "always there"),
        (lambda: rename_pose(puppet, CLEAN, "Mine"), "keeps its name"),
        (lambda: rename_pose(puppet, "Wave", "Wave 2"), "name of another pose"),
        (lambda: rename_pose(puppet, "Wave", "  "), "needs a name"),
        (lambda: get_pose(puppet, "Sit"), "no pose named 'Sit'"),
    ):
        with pytest.raises(RigError, match=words):
            refused()
    assert save_pose(puppet, "Gone", {"j9999.turn": 1.0}).poses[-1].channels == {}


@given(poses, poses, st.floats(0, 1))
def test_a_blend_lies_between_and_its_ends_are_the_poses(one, other, share):
    assert blended(one, other, 0.0) == one
    assert blended(one, other, 1.0) == other
    between = blended(one, other, share)
    for name in {*one, *other}:
        low, high = sorted((one.get(name, 0.0), other.get(name, 0.0)))
        assert low - 1e-9 <= between.get(name, 0.0) <= high + 1e-9
    only = {next(iter(one)).partition(".")[0]} if one else set()
    partly = blended(one, other, 1.0, only)
    assert all(partly.get(n, 0.0) == one.get(n, 0.0) for n in {*one, *other} if owner_of(n) not in only)


@given(poses)
def test_mirrored_twice_is_the_pose(pose):
    assert mirrored(WICK, mirrored(WICK, pose)) == pose


@given(poses)
def test_poses_go_by_names_and_come_back(pose):
    found, missing = from_names(WICK, by_names(WICK, pose))
    assert (found, missing) == (pose, [])

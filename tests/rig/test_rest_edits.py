"""Changing the rest keeps limbs, limits, sides and controls together, and says what it did."""

import cmath
import math

import pytest
from hypothesis import given
from hypothesis import strategies as st

from demo_puppet import joint, part, wick
from umbrite.rig.change import change
from umbrite.rig.edits.rest import bone_length, set_bone_angle, set_bone_length, turn_branch
from umbrite.rig.errors import RigError
from umbrite.rig.invariants import invariants

PUPPET = wick()
SHIN, FOOT, UPPER = (joint(PUPPET, name) for name in ("Near shin", "Near foot", "Near upper arm"))


@given(st.floats(-3, 3))
def test_turning_a_branch_turns_its_art_about_the_pivot_and_keeps_lengths(by):
    turned, words = turn_branch(PUPPET, UPPER, by)
    assert invariants(turned) == []
    pivot = PUPPET.joints[UPPER].pivot.z
    for name in ("Near forearm", "Near hand", "Lamp pole"):
        key = joint(PUPPET, name)
        wanted = pivot + (PUPPET.joints[key].pivot.z - pivot) * cmath.exp(1j * by)
        assert turned.joints[key].pivot.z == pytest.approx(wanted)
    lamp = part(PUPPET, "Lamp pole")
    assert math.remainder(turned.parts[lamp].placement.turn - by, 2 * math.pi) == pytest.approx(0, abs=1e-9)
    assert bone_length(turned, UPPER) == pytest.approx(bone_length(PUPPET, UPPER))
    assert not words or "Near forearm" in words[0]
    back, _ = turn_branch(turned, UPPER, -by)
    assert back.joints[joint(PUPPET, "Near hand")].pivot.z == pytest.approx(
        PUPPET.joints[joint(PUPPET, "Near hand")].pivot.z
    )


def test_what_has_no_length_is_refused_in_words():
    with pytest.raises(RigError, match="has no length"):
        set_bone_length(PUPPET, joint(PUPPET, "Look point"), 10)
    with pytest.raises(RigError, match="above 0"):
        set_bone_length(PUPPET, SHIN, 0)
    with pytest.raises(RigError, match="plain numbers"):
        set_bone_angle(change(PUPPET, SHIN, give=1.0), SHIN, math.nan)

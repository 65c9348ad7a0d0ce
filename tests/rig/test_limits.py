"""Limits by preset, inside out, for the other side and for many; rest is always inside."""

import math

import pytest
from hypothesis import given
from hypothesis import strategies as st

from demo_puppet import joint, wick
from umbrite.rig.edits.limits import free_limit, other_arc, set_limit, to_other_side
from umbrite.rig.errors import RigError
from umbrite.rig.invariants import invariants
from umbrite.rig.model import Limit

WICK = wick()
NEAR, FAR, CAP = (joint(WICK, name) for name in ("Near shin", "Far shin", "Cap"))


@given(st.floats(-3, 0), st.floats(0, 3))
def test_the_other_arc_keeps_rest_inside_and_twice_gives_the_limit_as_it_was(small, large):
    before = set_limit(WICK, CAP, small, large, 0.1)
    if max(-small, large) < 1e-6:
        return
    turned = other_arc(before, CAP)
    assert invariants(turned) == []
    limit, back = turned.joints[CAP].limit, other_arc(turned, CAP).joints[CAP].limit
    assert (limit.smallest < 0, limit.largest > 0) == (round(large, 9) > 0, round(small, 9) < 0)
    assert (back.smallest, back.largest, back.soft) == pytest.approx((small, large, 0.1), abs=2e-9)


@pytest.mark.parametrize("ends", [(-math.pi, 0.0), (0.0, 4.0), (0.0, 0.0)])
def test_a_limit_without_another_arc_says_so(ends):
    with pytest.raises(RigError, match="no other arc"):
        other_arc(set_limit(WICK, CAP, *ends), CAP)


def test_the_other_side_gets_the_limit_mirrored_or_the_same():
    given_limit = set_limit(WICK, NEAR, -0.25, 2.0, 0.1)
    assert to_other_side(given_limit, NEAR, mirrored=True).joints[FAR].limit == Limit(-2.0, 0.25, 0.1)
    assert to_other_side(given_limit, NEAR, mirrored=False).joints[FAR].limit == Limit(-0.25, 2.0, 0.1)
    assert to_other_side(free_limit(WICK, NEAR), NEAR, mirrored=True).joints[FAR].limit is None
    with pytest.raises(RigError, match="no other side of Cap"):
        to_other_side(WICK, CAP, mirrored=True)
    with pytest.raises(RigError, match="no limit to invert"):
        other_arc(WICK, CAP)

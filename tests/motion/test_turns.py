"""Turns are what they are: beyond half a turn, within limits of several turns, and between two of them the short way."""

import math

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from chains import chain
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.motion.soft_ends import fitting, hard
from umbrite.rig.change import change
from umbrite.rig.model import Joint, Limb, Puppet, point
from umbrite.rig.quantities.angles import TAU

SOFTEN = Limb("", (), "").soften  # what limbs are given when they are made
CART = Puppet(
    joints={"j1": Joint("Cart", point(0j), pivot_set=True), "j2": Joint("Wheel", point(0 + 60j), "j1", pivot_set=True)},
    next_id=3,
)


@given(st.floats(-60, 60))
def test_a_joint_without_a_limit_turns_as_often_as_it_likes(turn):
    placed = evaluate(compile_plan(CART), {"j2.turn": turn})
    assert placed.turn("j2") == turn
    assert placed.joint_map("j2").a == pytest.approx(complex(math.cos(turn), math.sin(turn)))


@given(st.floats(-50, 50), st.floats(0, 30), st.floats(0, 30))
def test_a_direction_is_fitted_into_limits_by_whole_turns(turn, less, more):
    ends = hard(np.array([-less]), np.array([more]))
    found = float(fitting(np.array([turn]), ends)[0])
    assert abs(math.remainder(found - turn, TAU)) < 1e-9
    if less + more >= TAU:
        assert -less - 1e-9 <= found <= more + 1e-9


@pytest.mark.parametrize("distance", [0.97, 0.99, 0.995])
def test_a_planted_foot_does_not_slide_before_the_leg_is_all_but_straight(distance):
    puppet = change(chain([0j, 30 + 150j, 0 + 300j]), "l98", soften=SOFTEN)
    length = 2 * abs(30 + 150j)
    placed = evaluate(compile_plan(puppet), {"j99.y": distance * length - 300})
    assert placed.limbs.distance[0, 0] < 0.25

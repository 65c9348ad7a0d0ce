"""Turns are what they are: beyond half a turn, within limits of several turns, and between two of them the short way."""

import math

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from chains import chain
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.motion.soft_ends import asked_for, ends_of, fitting, hard, taken
from umbrite.rig.change import change
from umbrite.rig.edits.limits import set_limit
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


def test_soft_ends_of_several_turns_ease_and_come_back():
    winch = set_limit(CART, "j2", 0.0, math.radians(1080), 0.5)
    ends = hard(*(np.array([x]) for x in ends_of(winch.joints["j2"])[:2]))._replace(
        soft_smallest=np.array([0.0]), soft_largest=np.array([ends_of(winch.joints["j2"])[3]])
    )
    assert ends.soft_largest[0] == 0.5
    shown = np.array([math.radians(1070)])
    assert taken(asked_for(shown, ends), ends) == pytest.approx(shown)


@given(st.floats(-50, 50), st.floats(0, 30), st.floats(0, 30))
def test_a_direction_is_fitted_into_limits_by_whole_turns(turn, less, more):
    ends = hard(np.array([-less]), np.array([more]))
    found = float(fitting(np.array([turn]), ends)[0])
    assert abs(math.remainder(found - turn, TAU)) < 1e-9
    if less + more >= TAU:
        assert -less - 1e-9 <= found <= more + 1e-9


@pytest.mark.parametrize(("solved", "own"), [(-167.0, 170.0), (170.0, -167.0), (100.0, 530.0)])
def test_between_target_and_own_turns_the_short_way_is_taken(solved, own):
    puppet = chain([0j, 100 + 0j])
    plan, at = compile_plan(puppet), 100 * np.exp(1j * math.radians(solved))
    pose = {"j99.x": at.real - 100, "j99.y": at.imag, "j1.turn": math.radians(own)}
    turns = [math.degrees(evaluate(plan, {**pose, "l98.blend": share}).turn("j1")) for share in (0, 0.5, 1)]
    middle = own + math.remainder(solved - own, 360) / 2
    assert math.remainder(turns[0] - solved, 360) == pytest.approx(0, abs=1e-6)
    assert math.remainder(turns[1] - middle, 360) == pytest.approx(0, abs=1e-6)
    assert turns[2] == pytest.approx(own)


@pytest.mark.parametrize("distance", [0.97, 0.99, 0.995])
def test_a_planted_foot_does_not_slide_before_the_leg_is_all_but_straight(distance):
    puppet = change(chain([0j, 30 + 150j, 0 + 300j]), "l98", soften=SOFTEN)
    length = 2 * abs(30 + 150j)
    placed = evaluate(compile_plan(puppet), {"j99.y": distance * length - 300})
    assert placed.limbs.distance[0, 0] < 0.25

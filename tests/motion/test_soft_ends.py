"""Soft ends: no jump in speed, never beyond the limit, invertible, in own turns and in solving alike."""

import math

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from demo_puppet import wick
from umbrite.motion.evaluate import evaluate
from umbrite.motion.matching import own_turns_from_target, target_from_own_turns
from umbrite.motion.plan import compile_plan
from umbrite.motion.soft_ends import Ends, asked_for, ends_of, taken, willingness
from umbrite.rig.edits.limits import set_limit
from umbrite.rig.errors import RigError
from umbrite.rig.model import Joint, Limit, Point

softness = st.floats(0, 2)
halves = st.floats(0, math.pi)


def ends(small, large, soft):
    limited = Joint("Elbow", Point(0, 0), limit=Limit(-small, large, soft))
    return Ends(*(np.array(x) for x in ends_of(limited)))


@given(halves, halves, softness, st.floats(-10, 10))
def test_no_turn_leaves_the_limits_and_rest_stays_rest(small, large, soft, asked):
    limit = ends(small, large, soft)
    assert -small <= taken(np.array(asked), limit) <= large
    assert taken(np.array(0.0), limit) == 0


@given(halves, halves, softness)
def test_turning_gets_harder_without_a_jump_in_speed(small, large, soft):
    limit = ends(small, large, soft)
    asked = np.linspace(*limit.asked, 4001)
    turn = taken(asked, limit)
    speed = np.diff(turn) / max(float(np.diff(asked)[0]), 1e-12)
    assert (speed >= -1e-6).all()
    assert (speed <= 1 + 1e-6).all()
    width = min(float(w) for w in limit[2:])
    if width > 0.05:
        # Half as fast where as much is asked for as the zone is wide, and no step from one sample to the next.
        assert np.abs(np.diff(speed)).max() <= 1.01 * np.diff(asked)[0] / (2 * width) + 1e-6
        assert willingness(taken(np.array(large), limit), limit) == pytest.approx(0.5, abs=1e-6)


@given(halves, halves, softness, st.floats(0, 1))
def test_what_to_ask_for_is_the_inverse(small, large, soft, share):
    limit = ends(small, large, soft)
    turn = np.array(-small + share * (small + large))
    turn = np.clip(turn, limit.smallest, limit.largest)
    assert taken(asked_for(turn, limit), limit) == pytest.approx(float(turn), abs=1e-7)


@given(st.floats(-0.95, 0.95), st.floats(-0.95, 0.95))
def test_matching_there_and_back_keeps_the_picture_within_soft_ends(first, second):
    puppet = wick()
    key = next(key for key, limb in puppet.limbs.items() if limb.name == "Far arm")
    upper, lower = puppet.limbs[key].joints
    for name in (upper, lower):
        puppet = set_limit(puppet, name, -1.0, 1.0, 0.5)
    plan = compile_plan(puppet)
    own = {f"{upper}.turn": first, f"{lower}.turn": second, f"{key}.blend": 1.0}
    shown = evaluate(plan, own)
    try:
        reaching = target_from_own_turns(shown, own, key)
    except RigError:
        return  # straighter than its soften zone allows
    again = evaluate(plan, own_turns_from_target(evaluate(plan, reaching), reaching, key))
    for name in (upper, lower):
        assert again.turn(name) == pytest.approx(shown.turn(name), abs=1e-5)

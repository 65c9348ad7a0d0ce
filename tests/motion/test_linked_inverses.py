"""With links in play, of all kinds, chained and travelling: posing, matching, following, the whole body, make-rest."""

import numpy as np
import pytest

from demo_puppet import joint, wick
from umbrite.motion.evaluate import evaluate
from umbrite.motion.matching import own_turns_from_target, target_from_own_turns
from umbrite.motion.plan import compile_plan
from umbrite.motion.rest_changes.picture_kept import Rest
from umbrite.motion.rest_changes.resting import make_rest
from umbrite.motion.rest_changes.takes_kept import kept_pose
from umbrite.rig.channels import with_values
from umbrite.rig.edits.links import add_link
from umbrite.rig.edits.parenting import set_parent
from umbrite.rig.edits.responses.stops import add_response, put_stop
from umbrite.rig.model import Point

WICK = wick()
BODY, HEAD, CAP, MASTER = (joint(WICK, name) for name in ("Body", "Head", "Cap", "Master"))
UPPER, FOREARM, HAND = (joint(WICK, name) for name in ("Near upper arm", "Near forearm", "Near hand"))
ARM, LEG = (next(k for k, limb in WICK.limbs.items() if limb.name == name) for name in ("Near arm", "Near leg"))
REACH, STAND = WICK.limbs[ARM].target, WICK.limbs[LEG].target
KINDS = {
    "a turn follows a turn": [(f"{HEAD}.turn", f"{CAP}.turn", False)],
    "an arm drives itself": [(f"{UPPER}.turn", f"{FOREARM}.turn", False)],
    "an arm drives the head": [(f"{UPPER}.turn", f"{HEAD}.turn", False)],
    "a target drives its target": [(f"{REACH}.x", f"{REACH}.y", False)],
    "a target drives what carries it": [(f"{REACH}.y", f"{BODY}.x", False)],
    "chained": [(f"{UPPER}.turn", f"{HEAD}.turn", False), (f"{HEAD}.turn", f"{CAP}.scale_x", False)],
    "travel": [(BODY, f"{CAP}.turn", True), (f"{CAP}.turn", f"{HEAD}.y", False)],
    "travel of a target": [(STAND, f"{HEAD}.turn", True)],
    "blend": [(f"{HEAD}.turn", f"{ARM}.blend", False)],
    "bend side": [(f"{CAP}.turn", f"{ARM}.bend", False)],
    "scale": [(f"{HEAD}.turn", f"{BODY}.scale_y", False)],
}
# What a pose calls forth: the driver, and the channels of its stop at 1 (of pixels at 200).
CALLED = {
    "a pose by a turn": (f"{HEAD}.turn", {f"{CAP}.turn": 0.3, f"{HEAD}.y": -20.0, f"{BODY}.x": 15.0}),
    "a pose by a bent elbow": (f"{FOREARM}.turn", {f"{CAP}.turn": 0.4, f"{CAP}.scale_x": 0.3, f"{CAP}.x": 9.0}),
    "a pose by a target": (f"{REACH}.x", {f"{REACH}.y": 25.0, f"{REACH}.turn": 0.5, f"{HEAD}.turn": 0.2}),
    "a pose by an arm's own turn": (f"{CAP}.turn", {f"{UPPER}.turn": 0.3, f"{ARM}.blend": 0.5, f"{ARM}.bend": 0.7}),
}
KINDS |= {kind: [] for kind in CALLED}
each = pytest.mark.parametrize("kind", KINDS)


def linked(kind):
    puppet = WICK
    for source, drives, travel in KINDS[kind]:
        big = travel or source.endswith((".x", ".y"))
        wide = 200.0 if big else 1.0
        high = 30.0 if drives.endswith((".x", ".y")) else 0.25
        points = [(-wide, -high), (0.0, 0.0), (wide, 2 * high)]
        puppet, _ = add_link(puppet, source, drives, points, travel=travel, smooth=len(KINDS[kind]) > 1)
    if kind in CALLED:
        driver, channels = CALLED[kind]
        wide = 200.0 if driver.endswith(".x") else 1.0
        puppet, key = add_response(puppet, driver)
        puppet = put_stop(puppet, key, Point(wide, 0), channels)
        puppet = put_stop(puppet, key, Point(-2 * wide, 0), {name: -value for name, value in channels.items()})
    return puppet


def posed(x, y):
    return {f"{REACH}.x": x, f"{REACH}.y": y, f"{BODY}.x": x / 4, f"{BODY}.y": abs(y) / 5, f"{HEAD}.turn": 0.12,
            f"{UPPER}.turn": 0.2, f"{CAP}.turn": -0.1, f"{STAND}.x": 20.0}  # fmt: skip


def same(one, other, near=1e-6):
    """The same picture; a target beyond its limb's reach may stand elsewhere."""
    for key in set(one.plan.joints) - {limb.target for limb in one.plan.puppet.limbs.values()}:
        assert abs(one.pivot(key) - other.pivot(key)) < near, one.plan.puppet.joints[key].name
    for a, b in zip(one.part_maps(), other.part_maps(), strict=True):
        assert np.abs(a - b).max() < near


WAYS = ((35.0, -20.0), (-60.0, 44.0), (12.0, 66.0))


@each
@pytest.mark.parametrize("key", [ARM, LEG])
@pytest.mark.parametrize(("x", "y"), WAYS)
def test_changing_over_between_target_and_own_turns_keeps_the_picture(key, kind, x, y):
    puppet, pose = linked(kind), posed(x, y)
    placed = evaluate(compile_plan(puppet), pose)
    own = own_turns_from_target(placed, pose, key)
    forward = evaluate(placed.plan, own)
    same(placed, forward)
    assert forward.value(key, "blend") == pytest.approx(1.0)
    same(placed, evaluate(placed.plan, target_from_own_turns(forward, own, key)))


@each
def test_following_something_else_keeps_the_picture(kind):
    puppet, pose = linked(kind), posed(25, -40)
    placed = evaluate(compile_plan(puppet), pose)
    for parent in (None, HEAD, MASTER):
        changed = set_parent(puppet, [puppet.limbs[ARM].target], parent)
        after, _ = kept_pose(Rest(placed.plan, compile_plan(changed)), pose)
        same(placed, evaluate(compile_plan(changed), after))


@each
def test_the_pose_that_becomes_the_rest_stays_what_is_seen(kind):
    puppet, pose = linked(kind), posed(25, -40)
    placed = evaluate(compile_plan(puppet), pose)
    rested, _ = make_rest(placed)
    after = evaluate(compile_plan(rested), {})
    same(placed, after, 1e-5)
    # And links go on from there as they would have.
    onward = with_values(pose, {f"{HEAD}.turn": pose[f"{HEAD}.turn"] + 0.1})
    for kinds in (after, evaluate(compile_plan(rested), {f"{HEAD}.turn": 0.1})):
        assert np.isfinite(kinds.turns).all()
    if kind == "a turn follows a turn":
        same(evaluate(placed.plan, onward), evaluate(compile_plan(rested), {f"{HEAD}.turn": 0.1}), 1e-5)

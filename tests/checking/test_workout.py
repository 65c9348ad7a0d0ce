"""The workout finds planted faults in copies of the demos and is silent about the finished demos; sheets mark the worst."""

import math

import pytest
from msgspec.structs import replace

from demo_puppet import ASSETS, control, joint, part
from umbrite.checking.workout import workout
from umbrite.files.package import load
from umbrite.rig.change import change
from umbrite.rig.edits.controls import make_control
from umbrite.rig.edits.limits import set_limit
from umbrite.rig.edits.links import add_link, set_curve
from umbrite.rig.edits.parenting import set_parent
from umbrite.rig.edits.parts import step_order
from umbrite.rig.ids import owner_of
from umbrite.rig.model import Point

DEMOS = {name: load(ASSETS / f"{name}.umbrite") for name in ("wick", "bramble", "inkpot")}
PICTURES = {name: demo.pixels() for name, demo in DEMOS.items()}
WICK = DEMOS["wick"].puppet


def long(value):
    """A case for the long run only: more of the same."""
    return pytest.param(value, marks=pytest.mark.long)


def run(puppet, name="wick", steps=48):
    return workout(puppet, PICTURES[name], steps=steps)


def codes(report):
    return {(item.finding.code, item.finding.where) for item in report.noticed}


@pytest.mark.parametrize("each", [3, pytest.param(1, marks=pytest.mark.long)])
@pytest.mark.parametrize("name", ["wick", *(long(name) for name in ("bramble", "inkpot"))])
def test_the_finished_demos_are_silent(name, each):
    """With every third control, and in the long run with all."""
    puppet = DEMOS[name].puppet
    kept = dict(list(puppet.controls.items())[::each])
    called = {key: one for key, one in puppet.responses.items() if owner_of(one.driver) in kept}
    puppet = replace(puppet, controls=kept, responses=called)
    report = run(puppet, name, steps=72)
    assert [item.finding.text for item in report.noticed] == []
    assert {m.sweep.key for m in report.measured} >= set(puppet.controls)
    assert all(math.isfinite(m.largest_turn) and m.frames == 72 for m in report.measured)


def flipped_knee():
    leg = next(k for k, limb in WICK.limbs.items() if limb.name == "Near leg")
    return change(WICK, leg, bend=-WICK.limbs[leg].bend), "bend-against", leg


def unbound_part():
    return set_parent(WICK, [joint(WICK, "Cap")], None), "part-stays", part(WICK, "Cap")


def wide_neck():
    neck = joint(WICK, "Neck")
    return set_limit(WICK, neck, -math.radians(70), math.radians(70)), "gap", neck


def idle_control():
    puppet, key = make_control(WICK, "slider", joint(WICK, "Head"))
    link = next(k for k, item in puppet.links.items() if item.source == f"{key}.value")
    return set_curve(puppet, link, [Point(-1.0, 0.0), Point(1.0, 0.0)]), "control-idle", key


def swapped_order():
    arm = part(WICK, "Near upper arm")
    trunk = part(WICK, "Trunk")
    away = WICK.order.index(arm) - WICK.order.index(trunk)
    puppet = WICK
    for _ in range(away):
        puppet = step_order(puppet, [arm], -1)
    return puppet, "order-wrong", joint(WICK, "Near upper arm")


@pytest.mark.parametrize("plant", [flipped_knee, long(unbound_part), wide_neck, long(idle_control), swapped_order])
def test_planted_faults_are_found_where_they_are(plant):
    puppet, code, where = plant()
    report = run(puppet)
    assert (code, where) in codes(report)
    noticed = next(item for item in report.noticed if (item.finding.code, item.finding.where) == (code, where))
    assert noticed.finding.text.endswith(".")
    if noticed.sweep is not None:
        assert 0 <= noticed.frame < len(next(iter(noticed.sweep.channels.values())))
        assert noticed.at is not None


def test_a_knee_that_flips_on_the_way_is_found():
    puppet = DEMOS["bramble"].puppet
    leg = next(k for k, limb in puppet.limbs.items() if limb.name == "Near hind leg")
    body = puppet.controls[control(puppet, "Trunk")].moves
    puppet, _ = add_link(puppet, f"{body}.y", f"{leg}.bend", [(-900.0, 0.0), (20.0, 0.0), (22.0, 1.0), (900.0, 1.0)])
    report = run(puppet, "bramble")
    flips = next(item for item in report.noticed if item.finding.code == "bend-flips")
    assert flips.finding.where == leg
    assert flips.frame > 0

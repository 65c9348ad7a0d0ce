"""Controls of all kinds: proposed, made one by one, their ranges and choices, and what goes with them."""

import pytest

from demo_puppet import joint, wick
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.rig.edits.controls import make_control, remove_control
from umbrite.rig.edits.links import relink, set_curve
from umbrite.rig.errors import RigError
from umbrite.rig.model import Point

PUPPET = wick()


def bare():
    puppet = PUPPET
    for key in PUPPET.controls:
        puppet = remove_control(puppet, key)
    return puppet


def test_links_are_led_elsewhere_and_curves_exchanged_but_never_into_a_circle():
    head, cap = joint(PUPPET, "Head"), joint(PUPPET, "Cap")
    puppet, key = make_control(PUPPET, "slider", head)
    link = next(k for k, item in puppet.links.items() if item.source == f"{key}.value")
    led = relink(puppet, link, drives=f"{cap}.turn")
    assert led.links[link].name == "Cap by Head slider"
    placed = evaluate(compile_plan(led), {f"{key}.value": 1.0})
    assert placed.turn(head) == 0
    assert placed.turn(cap) > 0.1
    with pytest.raises(RigError, match="can't follow itself"):
        relink(led, link, source=f"{cap}.turn")
    with pytest.raises(RigError, match="at least two points"):
        set_curve(led, link, [Point(0.0, 0.0)])
    with pytest.raises(RigError, match="no value named"):
        relink(led, link, source="j999.turn")
    steeper = set_curve(led, link, [Point(1.0, 0.2), Point(-1.0, -0.2)])
    assert steeper.links[link].points[0].x == -1.0

"""Controls of all kinds: proposed, made one by one, their ranges and choices, and what goes with them."""

import pytest

from demo_puppet import control, joint, part, wick
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.motion.posing import pose_control
from umbrite.rig.change import change
from umbrite.rig.control_kinds import span_of
from umbrite.rig.edits.control_proposals import propose_controls
from umbrite.rig.edits.controls import make_chooser, make_control, remove_control, set_range
from umbrite.rig.edits.copying import copy_branches
from umbrite.rig.edits.links import relink, set_curve
from umbrite.rig.edits.variants.sets import make_set
from umbrite.rig.errors import RigError
from umbrite.rig.merging.rewiring import Transform
from umbrite.rig.model import Point

PUPPET = wick()


def bare():
    puppet = PUPPET
    for key in PUPPET.controls:
        puppet = remove_control(puppet, key)
    return puppet


def test_the_proposed_set_has_hands_feet_hips_trunk_head_neck_eyes_and_master():
    kinds = {p.control.name: p.control.kind for p in propose_controls(bare())}
    assert kinds == {
        "Near hand": "grip", "Far hand": "grip", "Near foot": "grip", "Far foot": "grip", "Body": "grip", "Master": "master",
        "Trunk": "knob", "Neck": "knob", "Head": "knob", "Look": "aim",
    }  # fmt: skip


def test_eyes_go_where_the_aim_point_is_dragged_and_no_farther():
    look = control(PUPPET, "Look")
    eyes = joint(PUPPET, "Eyes")
    plan = compile_plan(PUPPET)
    rest = evaluate(plan, {})
    at = rest.control_at(PUPPET.controls[look])
    came = [evaluate(plan, pose_control(rest, {}, look, at + by)).pivot(eyes) - rest.pivot(eyes) for by in (90, 2000)]
    assert 2 < came[0].real < came[1].real < 12
    assert came[0].imag == pytest.approx(0, abs=1e-9)
    down = evaluate(plan, pose_control(rest, {}, look, at + 500j)).pivot(eyes) - rest.pivot(eyes)
    assert down == pytest.approx(1j * came[1].real)


def test_axes_and_ranges_hold_a_grip():
    key = control(PUPPET, "Near hand")
    puppet = set_range(change(PUPPET, key, axes="x"), key, least_x=-50.0, most_x=20.0)
    rest = evaluate(compile_plan(puppet), {})
    start = rest.control_at(puppet.controls[key])
    for by, expected in ((10 - 300j, 10), (900, 20), (-900 + 40j, -50)):
        pose = pose_control(rest, {}, key, start + by)
        assert evaluate(compile_plan(puppet), pose).control_at(puppet.controls[key]) == pytest.approx(start + expected)
    swapped = set_range(puppet, key, least_x=80.0)
    assert (swapped.controls[key].least, swapped.controls[key].most) == (Point(20.0, -1e4), Point(80.0, 1e4))


def test_a_slider_turns_its_joint_over_its_limit_and_goes_with_its_link():
    head = joint(PUPPET, "Head")
    puppet, key = make_control(PUPPET, "slider", head)
    limit = puppet.joints[head].limit
    assert limit is not None
    assert evaluate(compile_plan(puppet), {f"{key}.value": 1.0}).turn(head) == pytest.approx(limit.largest)
    assert evaluate(compile_plan(puppet), {f"{key}.value": -0.5}).turn(head) == pytest.approx(limit.smallest / 2)
    assert span_of(puppet.controls[key]) == (Point(-1, -1), Point(1, 1))
    assert remove_control(puppet, key).links == PUPPET.links


def test_a_mirrored_copy_mirrors_ranges_and_takes_choices_along():
    key = control(PUPPET, "Near hand")
    puppet = set_range(PUPPET, key, least_x=-50.0, most_x=20.0)
    copied, new = copy_branches(puppet, [joint(puppet, "Near upper arm")], Transform(0j, 600.0))
    mirrored = copied.controls[new[key]]
    assert mirrored.least is not None
    assert mirrored.most is not None
    assert (mirrored.least.x, mirrored.most.x) == (-20.0, 50.0)
    chosen, one = make_set(puppet, [part(puppet, "Near hand"), part(puppet, "Lamp pole")])
    chosen, chooser = make_chooser(chosen, one)
    chosen = change(chosen, chooser, moves=joint(chosen, "Near upper arm"))
    copied, new = copy_branches(chosen, [joint(chosen, "Near upper arm")], Transform(40 + 0j, None))
    assert copied.controls[new[chooser]].chooses == new[one]
    assert [v.parts for v in copied.sets[new[one]].variants] == [
        (new[p],) for v in chosen.sets[one].variants for p in v.parts
    ]


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


def test_a_foot_rolls_by_a_slider_while_its_ankle_stays_and_an_eyelid_follows_one():
    foot = joint(PUPPET, "Near foot")
    puppet, key = make_control(PUPPET, "slider", foot)
    plan = compile_plan(puppet)
    rest, rolled = evaluate(plan, {}), evaluate(plan, {f"{key}.value": 0.6})
    limit = puppet.joints[foot].limit
    assert limit is not None
    assert rolled.turn(foot) == pytest.approx(0.6 * limit.largest)
    assert rolled.pivot(foot) == pytest.approx(rest.pivot(foot))
    mouth = joint(PUPPET, "Mouth")
    puppet, key = make_control(PUPPET, "slider", mouth)
    link = next(k for k, item in puppet.links.items() if item.source == f"{key}.value")
    lid = set_curve(
        relink(puppet, link, drives=f"{mouth}.scale_y"), link, [Point(-1.0, -0.9), Point(0.0, 0.0), Point(1.0, 0.2)]
    )
    closed = evaluate(compile_plan(lid), {f"{key}.value": -1.0}).joint_map(mouth)
    assert abs(closed.a - closed.b) == pytest.approx(0.1)

"""Limbs, limits and controls in a real window: a planted foot, knees in and out, hands that follow, fans, the master."""

import math

import cv2
import numpy as np
import pytest

from demo_puppet import ASSETS, control, joint, plain_package
from journeys.test_first_light import puppet, tool
from umbrite.desk.board.handles import HOOK, fan_directions, fan_radius, master_points
from umbrite.files.package import Package
from umbrite.rig.document import Document
from umbrite.rig.edits.controls import remove_control
from umbrite.rig.edits.limbs import remove_limb
from umbrite.rig.edits.limits import free_limit
from umbrite.rig.ids import id_kind, owner_of
from umbrite.rig.invariants import invariants

pytestmark = pytest.mark.journey


@pytest.fixture
def family(person, window):
    """Wick with his family and pivots, without limbs, limits and controls."""
    whole = plain_package("wick")
    bare = whole.puppet
    for key in whole.puppet.controls:
        bare = remove_control(bare, key)
    for key in whole.puppet.limbs:
        bare = remove_limb(bare, key)
    for key in bare.joints:
        bare = free_limit(bare, key)
    window.session.open(Package(Document(bare), whole.art), None)
    person.settle(200)
    person.gestures = 0
    return window


def at(window, name):
    return window.session.placed.pivot(joint(puppet(window), name))


def grip(window, name):
    found = puppet(window).controls[control(puppet(window), name)]
    return window.session.placed.control_at(found)


def draw_limb(person, one, other):
    """Press on one joint and let go on the other; the limb's id."""
    window = person.window
    person.drag(person.board(at(window, one)), person.board(at(window, other)))
    key = window.session.selection.keys[0]
    assert id_kind(key) == "limb", window.frame.hints.text.text()
    return key


def shift_of(one, other):
    """How far a picture has moved from another, in pixels, found to fractions (phase correlation)."""
    window = cv2.createHanningWindow(one.shape[1::-1], cv2.CV_32F)
    grey = [np.asarray(p, np.float32).mean(axis=2) for p in (one, other)]
    (x, y), _ = cv2.phaseCorrelate(grey[0], grey[1], window)
    return math.hypot(x, y)


def test_a_leg_from_pivots_to_a_foot_that_stays_planted_while_the_hips_move(person, family):
    person.key("ctrl+3")
    person.click(person.middle(tool(family, "limb")))
    draw_limb(person, "Near thigh", "Near foot")
    person.key("k")
    person.key("Return")
    assert {c.name for c in puppet(family).controls.values()} >= {"Near foot", "Body", "Master"}
    person.key("ctrl+5")
    person.key("z")  # art only, so that nothing but the foot counts
    foot = person.board(at(family, "Near foot") + 62 + 42j)
    before = person.around(foot, 12)
    knee = at(family, "Near shin")
    person.key("z")
    start = grip(family, "Body")
    for way in (60 + 10j, -50 + 70j, 10 + 120j):
        person.drag(person.board(grip(family, "Body")), person.board(start + way))
        assert abs(grip(family, "Body") - start - way) < 3 / family.board.camera.zoom
        person.key("z")
        assert shift_of(before, person.around(foot, 12)) < 0.5
        person.key("z")
    assert abs(at(family, "Near shin") - knee) > 30


def test_knees_turned_in_and_out_by_card_and_key(person, family):
    person.key("ctrl+3")
    leg = draw_limb(person, "Near thigh", "Near foot")
    bend = puppet(family).limbs[leg].bend
    card = family.details.sections["limb"].card
    other = next(button for button in card.sides if not button.isChecked())
    person.click(person.middle(other))
    assert puppet(family).limbs[leg].bend == -bend
    person.key("t")
    assert puppet(family).limbs[leg].bend == bend
    person.key("t")
    person.key("k")
    person.key("Return")
    person.key("ctrl+5")
    person.drag(person.board(grip(family, "Body")), person.board(grip(family, "Body") + 100j))
    inwards = at(family, "Near shin")
    person.key("ctrl+3")
    person.click(person.board(at(family, "Near shin")))
    person.key("alt+shift+t")  # it is drawn bent, so no choice of a side alone turns it
    person.key("ctrl+5")
    middle = (at(family, "Near thigh") + at(family, "Near foot")) / 2
    assert (inwards - middle).real * (at(family, "Near shin") - middle).real < 0


def test_a_hand_follows_the_body_then_the_board_then_a_prop_without_a_jump(person, window):
    window.files.open(ASSETS / "wick.umbrite")
    person.settle(200)
    person.drag(person.board(grip(window, "Far hand")), person.board(grip(window, "Far hand") - 40 - 120j))
    posed = at(window, "Far hand")
    arm = next(k for k, limb in puppet(window).limbs.items() if limb.name == "Far arm")
    target = puppet(window).limbs[arm].target
    for parent, place in (("Hips", None), (None, 1050 + 300j), ("Lamp pole", None)):
        person.key("ctrl+3")
        hook = puppet(window).joints[target].pivot.z + 1j * HOOK * 1.3 / window.board.camera.zoom
        end = puppet(window).joints[joint(puppet(window), parent)].pivot.z if parent else place
        assert end is not None
        person.drag(person.board(hook), person.board(end))
        wanted = joint(puppet(window), parent) if parent else None
        assert puppet(window).joints[target].parent == wanted, window.frame.hints.text.text()
        person.key("ctrl+5")
        assert abs(at(window, "Far hand") - posed) < 1e-6
    person.drag(person.board(grip(window, "Near hand")), person.board(grip(window, "Near hand") + 30 - 40j))
    assert abs(at(window, "Far hand") - posed - 30 + 40j) < 3 / window.board.camera.zoom  # the prop took it along


def test_limits_by_the_fan_and_by_find_limits(person, family):
    person.key("ctrl+3")
    draw_limb(person, "Near thigh", "Near foot")
    person.key("j")
    head = joint(puppet(family), "Head")
    person.click(person.row("Head"))
    _small, large = fan_directions(family.session, head)
    pivot, radius = at(family, "Head"), fan_radius(family.board.camera)
    person.drag(person.board(pivot + large * radius), person.board(pivot + large * np.exp(-0.3j) * radius))
    limit = puppet(family).joints[head].limit
    assert limit is not None
    assert limit.largest == pytest.approx(math.pi / 4 - 0.3, abs=0.08)
    person.click(person.row("Near shin"))
    person.key("shift+n")
    strip = family.frame.found
    person.until(strip.isVisible)
    side = next(card for card in strip.cards if card.reason == "side")
    person.click(person.middle(side))
    shin = puppet(family).joints[joint(puppet(family), "Near shin")].limit
    assert shin is not None
    assert math.degrees(min(-shin.smallest, shin.largest)) == pytest.approx(19.4, abs=1)
    person.click(person.middle(strip.close_button))
    assert not strip.isVisible()


def test_the_master_moves_turns_and_scales_everything_controls_included(person, window):
    window.files.open(ASSETS / "wick.umbrite")
    person.settle(200)
    session = window.session
    key = control(puppet(window), "Master")
    names = [c.name for c in puppet(window).controls.values()]

    def places():
        return np.array([grip(window, name) for name in names])

    before = places()
    start = grip(window, "Master") + 70  # off the grips of the feet
    person.drag(person.board(start), person.board(start + 40 - 60j))
    slack = 3 / window.board.camera.zoom
    assert np.abs(places() - before - 40 + 60j).max() < slack
    centre = grip(window, "Master")
    horn, _ = master_points(session, key, window.board.camera)
    before = places()
    person.drag(person.board(horn), person.board(centre + (horn - centre) * np.exp(-0.25j)), steps=12)
    turned = session.placed.joint_map(session.puppet.controls[key].moves).a
    assert np.angle(turned) == pytest.approx(-0.25, abs=0.03)  # whole pixels of the screen
    assert np.abs(places() - centre - (before - centre) * turned).max() < 1e-6
    _, bead = master_points(session, key, window.board.camera)
    before = places()
    person.drag(person.board(bead), person.board(centre + (bead - centre) * 0.7))
    scaled = session.placed.joint_map(session.puppet.controls[key].moves).a / turned
    assert scaled == pytest.approx(0.7, abs=0.03)
    assert np.abs(places() - centre - (before - centre) * scaled).max() < 1e-6
    assert (session.placed.limbs.distance < 1e-6).all()


def test_the_complete_set_of_limbs_limits_and_controls_takes_under_sixty_gestures(person, family, capsys):
    person.key("ctrl+3")
    for side in ("Near", "Far"):
        draw_limb(person, f"{side} upper arm", f"{side} hand")
        draw_limb(person, f"{side} thigh", f"{side} foot")
    limbs = {limb.name: limb for limb in puppet(family).limbs.values()}
    assert set(limbs) == {"Near arm", "Near leg", "Far arm", "Far leg"}
    assert limbs["Near leg"].end_hold == limbs["Far leg"].end_hold == "target"
    whole = plain_package("wick").puppet
    assert {name: limb.bend for name, limb in limbs.items()} == {limb.name: limb.bend for limb in whole.limbs.values()}
    # Limits: hinges for elbows and knees, the rest as the seams tell.
    person.click(person.board(1120 + 1100j))
    person.key("shift+n")
    person.until(family.frame.found.isVisible)
    person.click(person.middle(family.frame.found.all))
    limited = {joint_.name for joint_ in puppet(family).joints.values() if joint_.limit}
    assert limited >= {"Near shin", "Far shin", "Near forearm", "Far forearm", "Neck", "Trunk", "Near foot", "Far foot"}
    person.click(person.middle(family.frame.found.close_button))
    person.click(person.row("Head"))
    family.actions_by_id["limit-30"].trigger()
    person.gestures += 2  # the menu and its line
    person.key("k")
    person.key("Return")
    kinds = {c.name: c.kind for c in puppet(family).controls.values()}
    poses = {owner_of(one.driver) for one in whole.responses.values()}  # sliders that bring poses are made by posing
    assert kinds == {c.name: c.kind for key, c in whole.controls.items() if key not in poses}
    assert invariants(puppet(family)) == []
    with capsys.disabled():
        print(f"\n{person.gestures} gestures from the family with pivots to all limbs, limits and controls")
    assert person.gestures < 60
    person.key("ctrl+5")
    person.drag(person.board(grip(family, "Far hand")), person.board(grip(family, "Far hand") - 30 - 60j))
    assert family.session.pose

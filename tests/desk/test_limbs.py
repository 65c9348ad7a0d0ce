"""Limbs in the window: bones drawn and bound, follows by a cord, the limb card, limits by fan, wheel, type and Find limits."""

import itertools
import math
from collections.abc import Callable

import pytest
from PySide6.QtCore import QPoint, QPointF, Qt
from PySide6.QtGui import QMouseEvent, QWheelEvent
from PySide6.QtWidgets import QApplication

from demo_puppet import joint, part
from desk.conftest import NONE
from desk.test_controls import choose
from desk.test_rehearsing import at
from umbrite.desk.board.handles import fan_directions, fan_radius
from umbrite.rig.edits.bones import add_bone
from umbrite.rig.edits.limbs import remove_limb
from umbrite.rig.invariants import invariants

ALT, SHIFT, CTRL = (
    Qt.KeyboardModifier.AltModifier,
    Qt.KeyboardModifier.ShiftModifier,
    Qt.KeyboardModifier.ControlModifier,
)
Act = Callable[[str], None]
ARM = [532 + 652j, 408 + 792j, 368 + 952j, 330 + 1010j]


def puppet(window):
    return window.session.puppet


def field(window, section, label):
    return next(f for f in window.details.sections[section].fields if f.accessibleName() == label)


@pytest.fixture
def boned(art_window, hand, act):
    """Three bones drawn over the near arm of the unrigged art."""
    act("bone")
    for start, end in itertools.pairwise(ARM):
        hand.drag(start, end)
    return art_window


@pytest.mark.parametrize("stops", [(0, 3), (3, 0), (0, 2)])
def test_a_limb_that_is_let_go_on_a_bone_s_tip_reaches_with_it(boned, hand, act, stops):
    act("limb")
    hand.drag(*(ARM[stop] for stop in stops))
    (limb,) = puppet(boned).limbs.values()
    joints = [joint(puppet(boned), name) for name in ("Near upper arm", "Near forearm", "Near hand")]
    assert limb.joints == tuple(joints[: max(stops)])
    assert limb.end == (joints[2] if max(stops) == 2 else None)
    assert at(boned, puppet(boned).joints[limb.target].name) == pytest.approx(ARM[max(stops)], abs=1)
    assert invariants(puppet(boned)) == []


def test_the_card_names_the_bone_and_binds_what_it_crosses(boned, qtbot):
    card = boned.frame.bone_card
    assert card.isVisible()
    pole = part(puppet(boned), "Lamp pole")
    card.ticks[pole].click()
    hand_bone = joint(puppet(boned), "Near hand")
    assert puppet(boned).parts[pole].joint == hand_bone
    card.ticks[pole].click()
    assert puppet(boned).parts[pole].joint != hand_bone
    assert puppet(boned).joints[puppet(boned).parts[pole].joint].name == "Lamp pole"
    card.name.setFocus()
    card.name.selectAll()
    qtbot.keyClicks(card.name, "Glove")
    qtbot.keyClick(card.name, Qt.Key.Key_Return)
    assert puppet(boned).joints[hand_bone].name == "Glove"
    card.close_button.click()
    assert not card.isVisible()


def test_a_click_goes_on_and_escape_or_a_double_click_ends_the_chain(boned, hand, qtbot):
    before = len(puppet(boned).joints)
    hand.click(250 + 1100j)
    assert len(puppet(boned).joints) == before + 1
    place = boned.board.camera.point(250 + 1100j)
    kind = QMouseEvent.Type.MouseButtonDblClick
    QApplication.sendEvent(
        boned.board,
        QMouseEvent(
            kind,
            place,
            QPointF(boned.board.mapToGlobal(place)),
            Qt.MouseButton.LeftButton,
            Qt.MouseButton.LeftButton,
            NONE,
        ),
    )
    assert boned.session.drafts.now.bones.chain is None
    hand.drag(900 + 300j, 1000 + 300j)  # a free one elsewhere
    assert puppet(boned).joints[boned.session.selection.keys[0]].parent is None
    assert boned.session.drafts.now.bones.chain is not None
    qtbot.keyClick(boned.board, Qt.Key.Key_Escape)
    assert boned.session.drafts.now.bones.chain is None


def test_alt_drags_heads_tips_and_whole_bones_with_children_or_without(boned, hand):
    upper, fore, glove = (joint(puppet(boned), f"Near {n}") for n in ("upper arm", "forearm", "hand"))
    art = puppet(boned).parts
    hand.drag(ARM[1], ARM[1] + 20 + 10j, ALT)  # the elbow: a head with the tip that it hangs on
    assert puppet(boned).joints[fore].pivot.z == pytest.approx(ARM[1] + 20 + 10j, abs=1)
    assert puppet(boned).joints[upper].tip == puppet(boned).joints[fore].pivot
    before = puppet(boned).joints[glove].pivot.z
    hand.drag((ARM[0] + ARM[1]) / 2, (ARM[0] + ARM[1]) / 2 + 30j, ALT)
    assert puppet(boned).joints[glove].pivot.z == pytest.approx(before + 30j, abs=1)
    before = puppet(boned).joints[glove].pivot.z
    shaft = (puppet(boned).joints[upper].pivot.z + puppet(boned).joints[upper].tip.z) / 2
    hand.drag(shaft, shaft - 30j, ALT | SHIFT)
    assert puppet(boned).joints[glove].pivot.z == before
    assert puppet(boned).parts == art


def test_a_line_gives_as_many_bones_as_the_card_says(art_window, hand, act):
    act("bone")
    before = len(puppet(art_window).joints)
    hand.press(900 + 300j, CTRL)
    for i in range(20):
        hand.move(900 + 10 * i + 300j + 1j * i**1.5, CTRL)
    hand.release(1090 + 380j, CTRL)
    card = art_window.frame.bone_card
    assert len(puppet(art_window).joints) == before + 5
    card.count.setValue(3)
    assert len(puppet(art_window).joints) == before + 3
    card.curved.setChecked(True)
    assert len(puppet(art_window).joints) == before + 3
    act("undo")
    assert len(puppet(art_window).joints) == before


def test_parts_are_bound_by_cord_by_loop_by_name_and_to_the_nearest(boned, hand, act):
    session = boned.session
    upper, glove = joint(puppet(boned), "Near upper arm"), joint(puppet(boned), "Near hand")
    act("bind")
    cap = part(puppet(boned), "Cap")
    hand.drag(626 + 352j, (ARM[0] * 0.8 + ARM[1] * 0.2))
    assert puppet(boned).parts[cap].joint == upper
    session.selection.select([glove])
    hand.press(1010 + 850j)
    for z in (1010 + 1030j, 850 + 1030j, 850 + 880j):
        hand.move(z)
    hand.release(850 + 880j)
    assert puppet(boned).parts[part(puppet(boned), "Far hand")].joint == glove
    act("undo")
    act("bind-nearest")
    assert not [f for f in session.checks.found if f.code == "part-loose"]
    assert "to" in boned.frame.hints.message
    assert invariants(puppet(boned)) == []


def test_what_is_loose_is_shown_and_bound_by_overlap(boned, act):
    act("loose")
    assert joint(puppet(boned), "Cap") in boned.session.selection.keys
    session = boned.session
    shin, (bare, bone) = part(puppet(boned), "Far shin"), add_bone(puppet(boned), 704 + 1196j, 676 + 1412j)
    session.edit("A bone that carries nothing", puppet=bare)
    session.selection.select([])
    act("bind-overlap")
    assert puppet(boned).parts[shin].joint == bone
    assert "bound by overlap" in boned.frame.hints.message
    act("bind-overlap")
    assert "No part fits a bone by overlap" in boned.frame.hints.message


def test_the_hook_s_cord_leads_the_target_to_what_it_shall_follow_without_a_jump(wick_window, hand, act):
    session = wick_window.session
    hand.drag(at(wick_window, "Far hand"), at(wick_window, "Far hand") - 30 - 90j)
    posed = at(wick_window, "Far hand")
    act("limbs")
    arm = next(k for k, limb in puppet(wick_window).limbs.items() if limb.name == "Far arm")
    target = puppet(wick_window).limbs[arm].target
    hook = puppet(wick_window).joints[target].pivot.z + 15j / wick_window.board.camera.zoom
    hand.drag(hook, puppet(wick_window).joints[joint(puppet(wick_window), "Near foot")].pivot.z)
    assert puppet(wick_window).joints[target].parent == joint(puppet(wick_window), "Near foot")
    act("rehearse")
    assert at(wick_window, "Far hand") == pytest.approx(posed, abs=1e-6)
    act("limbs")
    hand.drag(hook, 1100 + 1450j)  # the bare board
    assert puppet(wick_window).joints[target].parent is None
    assert session.history.undo_name == "Target follows the board"


def test_alt_drags_the_tip_and_the_target_with_it(wick_window, hand, act):
    act("limbs")
    arm = next(k for k, limb in puppet(wick_window).limbs.items() if limb.name == "Far arm")
    limb = puppet(wick_window).limbs[arm]
    start = puppet(wick_window).joints[limb.target].pivot.z
    art = puppet(wick_window).parts
    hook = start + 15j / wick_window.board.camera.zoom
    hand.drag(hook, hook + 20 + 12j, ALT)
    assert puppet(wick_window).joints[limb.target].pivot.z == pytest.approx(start + 20 + 12j, abs=1)
    assert limb.end is not None
    assert puppet(wick_window).joints[limb.end].pivot == puppet(wick_window).joints[limb.target].pivot
    assert puppet(wick_window).parts == art


def test_give_is_dragged_and_stepped_as_bars(wick_window, act, qtbot):
    act("limbs")
    leg = next(k for k, limb in puppet(wick_window).limbs.items() if limb.name == "Near leg")
    wick_window.session.selection.select([leg])
    bars = wick_window.details.sections["limb"].bars
    shin = puppet(wick_window).limbs[leg].joints[1]
    room = bars.bar(1)
    qtbot.mousePress(bars, Qt.MouseButton.LeftButton, pos=QPoint(int(room.center().x()), int(room.top())))
    low = QPoint(int(room.center().x()), int(room.bottom()) + 4)
    qtbot.mouseMove(bars, low)
    qtbot.mouseRelease(bars, Qt.MouseButton.LeftButton, pos=low)
    assert puppet(wick_window).joints[shin].give == 0
    assert wick_window.session.history.undo_name == "Give of Near shin"
    bars.setFocus()
    qtbot.keyClick(bars, Qt.Key.Key_Up)
    assert puppet(wick_window).joints[shin].give == pytest.approx(0.1)


def test_the_limb_card_changes_over_between_target_and_own_turns_with_the_picture_kept(wick_window, hand, act):
    session = wick_window.session
    hand.drag(at(wick_window, "Far hand"), at(wick_window, "Far hand") - 60 - 80j)
    posed = [at(wick_window, n) for n in ("Far hand", "Far forearm")]
    arm = next(k for k, limb in puppet(wick_window).limbs.items() if limb.name == "Far arm")
    session.selection.select([arm])
    choose(wick_window, "limb", "Posed by", "Its own turns")
    assert session.pose[f"{arm}.blend"] == 1.0
    assert [at(wick_window, n) for n in ("Far hand", "Far forearm")] == pytest.approx(posed, abs=1e-6)
    choose(wick_window, "limb", "Posed by", "Its target")
    assert f"{arm}.blend" not in session.pose
    assert [at(wick_window, n) for n in ("Far hand", "Far forearm")] == pytest.approx(posed, abs=1e-4)
    field(wick_window, "limb", "Blend").setValue(50)
    assert session.pose[f"{arm}.blend"] == 0.5
    choose(wick_window, "limb", "Solving", "Off")
    assert not puppet(wick_window).limbs[arm].enabled
    act("undo")
    session.selection.select([arm])
    act("extend")
    assert len(puppet(wick_window).limbs[arm].joints) == 3
    act("delete")
    assert arm not in puppet(wick_window).limbs


def test_the_wheel_over_a_fan_s_end_steps_it_and_the_part_shows_itself(wick_window, hand, act):
    session = wick_window.session
    act("limit")
    head = joint(puppet(wick_window), "Head")
    session.selection.select([head])
    _, large = fan_directions(session, head)
    place = session.placed.pivot(head) + large * fan_radius(wick_window.board.camera)
    hand.hover(place)
    at_widget = wick_window.board.camera.point(place)
    event = QWheelEvent(
        at_widget, QPointF(wick_window.board.mapToGlobal(at_widget)), QPoint(0, 0), QPoint(0, -360),
        Qt.MouseButton.NoButton, NONE, Qt.ScrollPhase.NoScrollPhase, False,
    )  # fmt: skip
    QApplication.sendEvent(wick_window.board, event)
    limit = puppet(wick_window).joints[head].limit
    assert limit is not None
    assert math.degrees(limit.largest) == pytest.approx(27)
    assert session.placed.turn(head) == pytest.approx(limit.largest)
    hand.hover(100 + 100j)
    assert session.placed.turn(head) == 0


def test_found_limits_are_looked_at_as_pictures_and_taken_by_a_click(wick_window, act):
    session = wick_window.session
    shin = joint(puppet(wick_window), "Near shin")
    session.selection.select([shin, joint(puppet(wick_window), "Trunk")])
    act("find-limits")
    strip = wick_window.frame.found
    assert strip.isVisible()
    assert [card.accessibleName().split(":")[1].strip() for card in strip.cards][
        1
    ] == "the limb would bend against its side"
    straight = strip.cards[1]
    assert straight.end == "smallest"
    straight.click()
    limit = puppet(wick_window).joints[shin].limit
    assert limit is not None
    assert math.degrees(limit.smallest) == pytest.approx(-19.4, abs=0.5)
    assert straight.is_taken()
    menu = {action.text(): action for action in strip.cards[2].menu().actions()}
    assert {"Accept this end", "Accept both ends", "Leave Trunk out", "Select the joint"} <= menu.keys()
    menu["Leave Trunk out"].trigger()
    assert {card.found.joint for card in strip.cards} == {shin}
    session.step(-1)
    act("find-limits")
    strip.all.click()
    assert session.history.undo_name == "Accept 2 limits"
    strip.close_button.click()
    assert not strip.isVisible()


def test_limbs_from_names_are_pencilled_and_each_can_be_left_out(plain_window, hand, act, qtbot):
    session = plain_window.session
    bare = session.puppet
    for key in bare.limbs:
        bare = remove_limb(bare, key)
    session.edit("Unmake", puppet=bare)
    act("limbs-from-names")
    assert not session.puppet.limbs, "nothing is made yet"
    assert len(session.drafts.now.limbs) == 4
    board = plain_window.board
    thigh, shin = (session.placed.pivot(joint(bare, f"Near {bone}")) for bone in ("thigh", "shin"))
    hand.click((thigh + shin) / 2)
    left = [limb for limb in session.drafts.now.limbs if limb.left_out]
    assert [bare.joints[limb.root].name for limb in left] == ["Near thigh"]
    qtbot.keyClick(board, Qt.Key.Key_Return)
    assert len(session.puppet.limbs) == 3
    assert session.history.undo_name == "Make 3 limbs from names"
    assert session.drafts.now.limbs == ()
    act("limbs-from-names")
    assert len(session.drafts.now.limbs) == 1, "only what is missing is proposed again"
    hand.click((thigh + shin) / 2)
    qtbot.keyClick(board, Qt.Key.Key_Return)
    assert len(session.puppet.limbs) == 3
    assert "excluded" in plain_window.frame.hints.message
    qtbot.keyClick(board, Qt.Key.Key_Escape)
    assert session.drafts.now.limbs == ()
    assert len(session.puppet.limbs) == 3

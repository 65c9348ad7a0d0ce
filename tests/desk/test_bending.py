"""Trying joints: pivots dragged with ghosts, pictures slid, sway; limits by presets; limbs made longer."""

from collections.abc import Callable

import pytest
from PySide6.QtCore import Qt
from PySide6.QtWidgets import QApplication

from demo_puppet import joint, part
from desk.test_building import picture, puppet
from umbrite.desk.session.stations import PIVOTS

SHIFT, CTRL = Qt.KeyboardModifier.ShiftModifier, Qt.KeyboardModifier.ControlModifier

Act = Callable[[str], None]


def test_while_a_pivot_is_dragged_ghosts_bend_the_joint_and_what_sticks_out_is_marked_when_it_rests(
    wick_window, hand, qtbot
):
    wick_window.session.workspace.go_to(PIVOTS)
    QApplication.processEvents()  # the board takes the room of the pose shelf
    knee = puppet(wick_window).joints[joint(puppet(wick_window), "Near shin")].pivot.z
    hand.press(knee)
    hand.move(knee + 10)
    near = wick_window.board.feedback
    assert [ghost.joint for ghost in near.ghosts] == [joint(puppet(wick_window), "Near shin")] * 2
    limit = puppet(wick_window).joints[joint(puppet(wick_window), "Near shin")].limit
    assert limit is not None
    assert near.ghosts[0].turn == pytest.approx(limit.smallest)
    wick_window.board.repaint()
    hand.move(knee + 45 + 30j)
    qtbot.waitUntil(lambda: len(wick_window.board.feedback.marks) > 0)
    hand.release(knee)
    assert wick_window.board.feedback.ghosts == ()


def test_alt_slides_the_picture_under_its_pivot(wick_window, hand):
    session = wick_window.session
    session.workspace.go_to(PIVOTS)
    shin, piece = joint(puppet(wick_window), "Near shin"), part(puppet(wick_window), "Near shin")
    before = puppet(wick_window)
    middle = 582 + 1330j
    hand.drag(middle, middle + 30 - 12j, Qt.KeyboardModifier.AltModifier)
    after = puppet(wick_window)
    assert after.joints == before.joints
    was, now = before.parts[piece].placement, after.parts[piece].placement
    assert complex(now.x - was.x, now.y - was.y) == pytest.approx(30 - 12j, abs=2)
    assert session.history.undo_name == f"Slide {after.joints[shin].name} under its pivot"


def test_sway_tries_a_pivot_springs_back_and_leaves_its_ghost(wick_window, hand, qtbot):
    session, board = wick_window.session, wick_window.board
    session.workspace.go_to(PIVOTS)
    before, shown = session.puppet, picture(wick_window)
    qtbot.keyPress(board, Qt.Key.Key_W)
    start = 582 + 1330j
    hand.press(start)
    hand.move(start + 60)
    assert abs(session.placed.turn(joint(session.puppet, "Near shin"))) > 0.1
    hand.move(start + 60j, SHIFT)
    assert "squashed" in board.feedback.readout
    hand.move(start - 40)
    hand.release(start - 40)
    qtbot.keyRelease(board, Qt.Key.Key_W)
    assert session.puppet is before
    assert (picture(wick_window) == shown).all()
    assert [ghost.joint for ghost in session.drafts.now.swept] == [joint(session.puppet, "Near shin")] * 2
    board.repaint()
    hand.click(30 + 30j)
    assert session.drafts.now.swept == ()

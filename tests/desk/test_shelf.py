"""Rehearse: the pose shelf, the whole body with hold points, resets, and views for looking."""

import os
from collections.abc import Callable

import pytest
from msgspec.structs import replace
from PySide6.QtCore import QPoint, Qt
from PySide6.QtGui import QGuiApplication

from demo_puppet import joint
from desk.test_rehearsing import at, grip

Act = Callable[[str], None]
LEFT = Qt.MouseButton.LeftButton


def card(window, name):
    return next(c for c in window.shelf.cards if c.name == name)


@pytest.fixture
def waving(wick_window, hand, act):
    """Wick with one pose on the shelf, at rest again."""
    session = wick_window.session
    session.edit("An empty shelf", puppet=replace(session.puppet, poses=()))
    hand.drag(grip(wick_window, "Far hand"), grip(wick_window, "Far hand") - 30 - 200j)
    hand.drag(grip(wick_window, "Body"), grip(wick_window, "Body") + 40j)
    act("save-pose")
    act("reset-all")
    return wick_window


def test_poses_are_saved_as_thumbnails_applied_and_undone(waving, qtbot):
    assert [c.name for c in waving.shelf.cards] == ["Clean", "Pose 1"]
    saved = waving.session.puppet.poses[0].channels
    qtbot.mouseClick(card(waving, "Pose 1"), LEFT)
    assert waving.session.pose == saved
    qtbot.mouseClick(card(waving, "Clean"), LEFT)
    assert waving.session.pose == {}
    waving.session.step(-1)
    assert waving.session.pose == saved


def test_poses_are_named_deleted_and_the_clean_one_stays(waving, qtbot):
    shelf = waving.shelf
    qtbot.mouseDClick(card(waving, "Pose 1"), LEFT)
    assert shelf.name_line.isVisible()
    qtbot.keyClicks(shelf.name_line, "Hello")
    qtbot.keyClick(shelf.name_line, Qt.Key.Key_Return)
    assert [c.name for c in shelf.cards] == ["Clean", "Hello"]
    menu = shelf.menu_for(card(waving, "Hello"))
    next(action for action in menu.actions() if action.text() == "Delete").trigger()
    assert [c.name for c in shelf.cards] == ["Clean"]
    assert [a.text() for a in shelf.menu_for(card(waving, "Clean")).actions()] == ["Apply"]
    shelf.edit_name(card(waving, "Clean"))
    assert not shelf.name_line.isVisible()


def test_hold_points_are_set_and_taken_away_by_clicks(wick_window, hand, act):
    session = wick_window.session
    act("body")
    head = at(wick_window, "Head") - 60j
    hand.click(head)
    assert [hold.joint for hold in session.drafts.now.holds] == [joint(session.puppet, "Head")]
    start = at(wick_window, "Near hand")
    hand.drag(start, start - 60 - 40j, steps=8)
    hold = session.drafts.now.holds[0]
    assert complex(session.placed.joint_map(hold.joint)(hold.at)) == pytest.approx(head, abs=1)
    hand.click(head)
    assert session.drafts.now.holds == ()
    assert not wick_window.actions_by_id["free-holds"].isEnabled()


def test_art_only_controls_only_and_the_puppet_alone(wick_window, hand, act, qtbot):
    place = grip(wick_window, "Far hand")
    act("bare")
    hand.hover(place)
    assert wick_window.board.hover is None
    act("bare")
    plain = wick_window.board.grab().toImage()
    act("skeleton")
    assert wick_window.board.grab().toImage() != plain
    act("skeleton")
    act("show")
    assert wick_window.isFullScreen()
    assert not wick_window.menuBar().isVisible()
    assert not wick_window.docks["Details"].isVisible()
    qtbot.keyClick(wick_window.board, Qt.Key.Key_Escape)
    assert wick_window.menuBar().isVisible()
    assert wick_window.docks["Details"].isVisible()
    assert not wick_window.session.workspace.views["bare"]


def test_the_groove_and_the_middle_button_blend(waving, qtbot):
    session, shown = waving.session, card(waving, "Pose 1")
    target = next(iter(shown.pose))
    groove = shown._groove().center().toPoint()
    qtbot.mousePress(shown, LEFT, pos=groove)
    assert session.pose[target] == pytest.approx(shown.pose[target] / 2, rel=0.05)
    qtbot.mouseMove(shown, QPoint(groove.x() + 100, groove.y()))
    assert session.pose[target] == pytest.approx(shown.pose[target])
    qtbot.mouseMove(shown, QPoint(2, groove.y()))
    qtbot.mouseRelease(shown, LEFT, pos=QPoint(2, groove.y()))
    assert session.pose == {}, "back at the groove's beginning nothing has happened"
    middle = Qt.MouseButton.MiddleButton
    qtbot.mousePress(shown, middle, pos=QPoint(5, 30))
    qtbot.mouseMove(shown, QPoint(50, 30))
    qtbot.mouseRelease(shown, middle, pos=QPoint(50, 30))
    assert session.history.undo_name == "Blend 50% to Pose 1"
    qtbot.mousePress(shown, middle, pos=QPoint(5, 30))
    qtbot.mouseRelease(shown, middle, pos=QPoint(5, 30))
    assert session.history.undo_name == "Blend 50% to Pose 1", "the middle button alone applies nothing"


def test_poses_lie_in_folders_that_fold(waving, act, qtbot):
    session, shelf = waving.session, waving.shelf
    act("save-pose")
    menu = shelf.menu_for(card(waving, "Pose 1"))
    folders = next(action for action in menu.actions() if action.text() == "Folder").menu()
    next(action for action in folders.actions() if action.text() == "New folder…").trigger()
    qtbot.keyClicks(shelf.name_line, "Greetings")
    qtbot.keyClick(shelf.name_line, Qt.Key.Key_Return)
    assert session.puppet.poses[0].folder == "Greetings"
    assert session.history.undo_name == "Move Pose 1 to Greetings"
    head = shelf.heads["Greetings"]
    qtbot.mouseClick(head, LEFT)
    assert card(waving, "Pose 1").isHidden()
    assert not card(waving, "Pose 2").isHidden()
    qtbot.mouseClick(head, LEFT)
    assert not card(waving, "Pose 1").isHidden()
    shelf.edit_folder(head)
    qtbot.keyClicks(shelf.name_line, "Waves")
    qtbot.keyClick(shelf.name_line, Qt.Key.Key_Return)
    assert list(shelf.heads) == ["Waves"]
    shelf.put("Pose 1", "")
    assert shelf.heads == {}
    shelf.put("Clean", "Waves")
    assert "clean pose" in waving.frame.hints.message


def test_a_pipe_let_go_on_the_window_is_refused_and_not_waited_for(wick_window, tmp_path):
    os.mkfifo(tmp_path / "pipe.pose")
    wick_window.files.dropped([str(tmp_path / "pipe.pose")])
    assert "no ordinary file" in wick_window.frame.hints.message


@pytest.mark.parametrize("number", ["9" * 400, "1e300", "[]", "true", "NaN"])
def test_a_pose_with_absurd_numbers_is_no_pose(wick_window, act, number):
    before = wick_window.session.history.now
    QGuiApplication.clipboard().setText('{"format": "umbrite-pose", "channels": {"Head turn": ' + number + "}}")
    act("paste-pose")
    assert "no pose on the clipboard" in wick_window.frame.hints.message
    assert wick_window.session.history.now is before

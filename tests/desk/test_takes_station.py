"""The sixth station: posing at the lamp keys, the tape shows and moves keys, hollow changes are kept or let go, it plays."""

from collections.abc import Callable

import pytest
from msgspec.structs import replace
from PySide6.QtCore import QPoint, QPointF, Qt
from PySide6.QtWidgets import QApplication, QMenu

from demo_puppet import control
from desk.test_rehearsing import grip
from umbrite.desk.panels.timeline.timeline_layout import CLAMP, NAMES, RULER
from umbrite.desk.panels.timeline.timeline_rows import rows_of
from umbrite.desk.session import idle_queue
from umbrite.desk.session.running_time.player import frame_after
from umbrite.rig.takes.take import Take

Act = Callable[[str], None]
LEFT, CTRL, ALT = (Qt.MouseButton.LeftButton, Qt.KeyboardModifier.ControlModifier, Qt.KeyboardModifier.AltModifier)


@pytest.fixture
def timed(wick_window, hand, act):
    """Wick in Takes, all keyed at frame 0, the far hand up at 24."""
    wick_window.session.edit("No takes", takes=())
    act("takes")
    act("key-all")
    wick_window.session.timeline.go_to(24.0)
    hand.drag(grip(wick_window, "Far hand"), grip(wick_window, "Far hand") - 30 - 200j)
    return wick_window


def take(window):
    found = window.session.timeline.take
    assert found is not None
    return found


def hand_channels(window):
    moves = window.session.puppet.controls[control(window.session.puppet, "Far hand")].moves
    return [name for name in take(window).tracks if name.startswith(f"{moves}.") and len(take(window).tracks[name]) > 1]


def row(window, name):
    return next(
        i for i, each in enumerate(window.timeline.sheet.ground.rows) if each.label == name and each.kind == "thing"
    )


def key_mark(window, name, frame):
    sheet = window.timeline.sheet
    return QPointF(sheet.ground.x_of(frame), sheet.ground.box_of(row(window, name)).center().y()).toPoint()


def drag(qtbot, window, start, end, keys=Qt.KeyboardModifier.NoModifier):
    sheet = window.timeline.sheet
    qtbot.mousePress(sheet, LEFT, keys, start)
    for share in (0.3, 0.7, 1.0):
        at = start + (end - start) * share
        qtbot.mouseMove(sheet, at)
    qtbot.mouseRelease(sheet, LEFT, keys, end)


def test_keys_are_dragged_copied_and_taken_along_on_the_tape(timed, qtbot):
    QApplication.processEvents()
    sheet = timed.timeline.sheet
    channels = hand_channels(timed)
    step = round(6 * (sheet.ground.x_of(1) - sheet.ground.x_of(0)))
    drag(qtbot, timed, key_mark(timed, "Far hand", 24), key_mark(timed, "Far hand", 24) + QPoint(step, 0))
    assert [key.frame for key in take(timed).tracks[channels[0]]] == [0.0, 30.0]
    assert {frame for _, frame in timed.session.timeline.selected} == {30.0}
    drag(qtbot, timed, key_mark(timed, "Far hand", 30), key_mark(timed, "Far hand", 30) + QPoint(step, 0), CTRL)
    assert [key.frame for key in take(timed).tracks[channels[0]]] == [0.0, 30.0, 36.0]
    drag(qtbot, timed, key_mark(timed, "Far hand", 30), key_mark(timed, "Far hand", 30) + QPoint(step, 0), ALT)
    assert [key.frame for key in take(timed).tracks[channels[0]]] == [0.0, 36.0, 42.0]
    sheet.setFocus()
    qtbot.keyClick(sheet, Qt.Key.Key_Left)
    assert {frame for _, frame in timed.session.timeline.selected} <= {35.0, 36.0, 41.0, 42.0}
    qtbot.keyClick(sheet, Qt.Key.Key_Delete)
    assert timed.session.timeline.selected == frozenset()


def test_a_box_picks_and_a_thread_is_eased_by_a_drag_and_a_double_click(timed, qtbot):
    QApplication.processEvents()
    sheet, channels = timed.timeline.sheet, hand_channels(timed)
    at = key_mark(timed, "Far hand", 24)
    drag(qtbot, timed, at + QPoint(-30, -9), at + QPoint(30, 9))
    assert {name for name, _ in timed.session.timeline.selected} == set(channels)
    middle = key_mark(timed, "Far hand", 12)
    drag(qtbot, timed, middle, middle + QPoint(0, -20))
    key = take(timed).tracks[channels[0]][0]
    assert key.interpolation == "eased"
    assert key.out == pytest.approx(key.into) == pytest.approx(0.45)
    qtbot.mouseDClick(sheet, LEFT, pos=middle)
    menu = QApplication.activePopupWidget()
    assert isinstance(menu, QMenu)
    next(action for action in menu.actions() if action.text() == "Hold").trigger()
    menu.close()
    assert take(timed).tracks[channels[0]][0].interpolation == "hold"


def test_the_lamp_and_the_folds_are_dragged_in_the_ruler(timed, qtbot):
    QApplication.processEvents()
    sheet = timed.timeline.sheet
    qtbot.mousePress(sheet, LEFT, pos=QPoint(round(sheet.ground.x_of(10)), 8))
    qtbot.mouseMove(sheet, QPoint(round(sheet.ground.x_of(17)), 8))
    qtbot.mouseRelease(sheet, LEFT, pos=QPoint(round(sheet.ground.x_of(17)), 8))
    assert timed.session.timeline.frame == 17.0
    end = QPoint(round(sheet.ground.x_of(48)), RULER - CLAMP - 4)
    drag(qtbot, timed, end, QPoint(round(sheet.ground.x_of(40)), RULER - CLAMP - 4))
    assert take(timed).last == pytest.approx(40, abs=6)
    assert take(timed).last < 48


def test_rows_are_grouped_as_the_body_is_and_unfold_to_channels(timed, qtbot):
    puppet = timed.session.puppet
    rows = rows_of(puppet, take(timed), ())
    heads = [each.label for each in rows if each.kind == "head"]
    assert heads[:5] == ["Everything", "Head", "Trunk", "Arms", "Legs"]
    assert {each.key for each in rows if each.kind == "thing"} >= set(puppet.controls)
    before = len(timed.timeline.sheet.ground.rows)
    at = timed.timeline.sheet.ground.box_of(row(timed, "Far hand")).center()
    qtbot.mouseClick(timed.timeline.sheet, LEFT, pos=QPoint(NAMES // 2, round(at.y())))
    assert len(timed.timeline.sheet.ground.rows) > before + 1
    timed.timeline.sheet.grab()


def test_it_plays_at_its_rate_and_leaves_late_frames_out(timed, act, qtbot):
    player = timed.timeline.player
    seen = []
    timed.session.timeline.changed.connect(lambda: seen.append(timed.session.timeline.frame))
    timed.session.timeline.go_to(0.0)
    qtbot.keyClick(timed.board, Qt.Key.Key_Space)
    assert player.playing
    qtbot.waitUntil(lambda: timed.session.timeline.frame >= 6, timeout=4000)
    qtbot.keyClick(timed.board, Qt.Key.Key_Space)
    assert not player.playing
    assert seen == sorted(seen)
    loop = Take("T", loop=True, last=10)
    assert frame_after(loop, 8, 3.5) == (1.0, False)
    assert frame_after(Take("T", last=10), 8, 3.5) == (10.0, True)
    act("take-end")
    assert timed.session.timeline.frame == 48.0
    act("key-back")
    assert timed.session.timeline.frame == 24.0
    act("frame-on")
    assert timed.session.timeline.frame == 25.0


def test_an_edit_does_not_wait_for_what_the_checks_notice_about_takes(timed, qtbot, monkeypatch):
    monkeypatch.setattr(idle_queue, "PAUSE", 20)
    session = timed.session
    session.checks.finish()
    session.edit(
        "Loop", takes=tuple(replace(each, loop=True, last=each.last + 4) for each in session.history.now.takes)
    )
    assert session.checks.takes.queue.waiting
    assert session.checks.found == []
    outside = tuple(replace(each, last=2) for each in session.history.now.takes)
    session.edit("Cut", takes=outside)
    qtbot.waitUntil(lambda: "key-outside" in {each.code for each in session.checks.found}, timeout=5_000)
    session.edit("None", takes=())
    assert session.checks.found == []
    session.edit("Again", takes=outside)
    timed.show_findings()
    assert {"key-outside"} <= {each.code for each in session.checks.found}
    timed.findings_list.close()


def test_keys_go_by_the_clipboard_to_other_frames_and_takes(timed, act, qtbot):
    session, sheet, channels = timed.session, timed.timeline.sheet, hand_channels(timed)
    sheet.setFocus()
    session.timeline.select({(name, 24.0) for name in channels})
    value = take(timed).tracks[channels[0]][-1].value
    qtbot.keyClick(sheet, Qt.Key.Key_C, CTRL)
    session.timeline.go_to(40.0)
    qtbot.keyClick(sheet, Qt.Key.Key_V, CTRL)
    assert [key.frame for key in take(timed).tracks[channels[0]]] == [0.0, 24.0, 40.0]
    assert take(timed).tracks[channels[0]][-1].value == value
    qtbot.keyClick(sheet, Qt.Key.Key_X, CTRL)
    assert [key.frame for key in take(timed).tracks[channels[0]]] == [0.0, 24.0]
    act("new-take")
    qtbot.keyClick(sheet, Qt.Key.Key_V, CTRL)
    assert take(timed).name == "Take 2"
    assert [key.value for key in take(timed).tracks[channels[0]]] == [value]
    QApplication.clipboard().setText("nothing of use")
    before = session.history.now
    qtbot.keyClick(sheet, Qt.Key.Key_V, CTRL)
    assert "no keys on the clipboard" in timed.frame.hints.message
    assert session.history.now is before


def test_what_is_removed_leaves_nothing_hollow(timed, act):
    session = timed.session
    act("keying")
    session.selection.select([control(session.puppet, "Head")])
    act("delete")
    assert session.timeline.unkept == {}


def test_undo_and_esc_in_the_middle_of_a_drag_put_the_drag_back(timed, act, qtbot):
    QApplication.processEvents()
    sheet, channels, before = timed.timeline.sheet, hand_channels(timed), timed.session.history.now
    at = key_mark(timed, "Far hand", 24)
    for stop in (lambda: act("undo"), lambda: qtbot.keyClick(sheet, Qt.Key.Key_Escape)):
        qtbot.mousePress(sheet, LEFT, pos=at)
        qtbot.mouseMove(sheet, at + QPoint(60, 0))
        assert sheet.ground.take is not None
        assert sheet.ground.take.tracks[channels[0]][-1].frame > 24
        stop()
        assert sheet.ground.take.tracks[channels[0]][-1].frame == 24
        qtbot.mouseRelease(sheet, LEFT, pos=at + QPoint(60, 0))
        assert timed.session.history.now is before

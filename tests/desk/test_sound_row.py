"""The sound on the tape: laid, moved, trimmed, marked, heard; each one step of undo, and saved."""

import pytest
from PySide6.QtCore import QPointF, Qt
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QApplication

from demo_puppet import ASSETS
from made_sounds import TICKS, ticks, written
from umbrite.desk.commands.takes import sound_commands
from umbrite.files.package import load, save
from umbrite.rig.takes.keys import put_keys
from umbrite.rig.takes.sounds import heard_frames, marked_frames
from umbrite.rig.takes.take import Take
from umbrite.rig.takes.take_list import put_take


@pytest.fixture
def sounding(wick_window, tmp_path):
    """Wick in Takes with a sound under a take."""
    window = wick_window
    window.session.edit("A take", takes=(Take("Call", last=120),))
    window.files.dropped([str(written(tmp_path / "ticks.wav", ticks()))])
    window.timeline.resize(1000, 260)
    return window


def row_of(window):
    sheet = window.timeline.sheet
    sheet._measure()
    number = next(i for i, row in enumerate(sheet.ground.rows) if row.kind == "sound")
    return sheet, sheet.ground.box_of(number)


def drag(sheet, start, end):
    QTest.mousePress(sheet, Qt.MouseButton.LeftButton, pos=start.toPoint())
    for share in (0.3, 0.7, 1.0):
        QTest.mouseMove(sheet, (start + (end - start) * share).toPoint())
    QTest.mouseRelease(sheet, Qt.MouseButton.LeftButton, pos=end.toPoint())


def sound(window):
    return window.session.timeline.take.sound


def test_a_dropped_sound_lies_under_the_take_and_is_saved(sounding, tmp_path):
    window = sounding
    assert (sound(window).name, sound(window).at, sound(window).seconds) == ("ticks.wav", 0.0, 4.0)
    assert window.session.history.undo_name == "Add ticks.wav to Call"
    save(tmp_path / "w.umbrite", window.session.file.package())
    again = load(tmp_path / "w.umbrite")
    assert again.document.takes[0].sound == sound(window)
    assert again.art[sound(window).sha256] == (tmp_path / "ticks.wav").read_bytes()
    window.session.step(-1)
    assert sound(window) is None


def test_its_row_is_dragged_to_move_it_and_its_ends_to_trim_it(sounding):
    window = sounding
    sheet, box = row_of(window)
    ground, y = sheet.ground, box.center().y()
    drag(sheet, QPointF(ground.x_of(40), y), QPointF(ground.x_of(52), y))
    assert sound(window).at == 12.0
    assert window.session.history.undo_name == "Move the sound by 12 frames"
    first, last = heard_frames(window.session.timeline.take)
    drag(sheet, QPointF(ground.x_of(last), y), QPointF(ground.x_of(60), y))
    drag(sheet, QPointF(ground.x_of(first), y), QPointF(ground.x_of(24), y))
    first, last = heard_frames(window.session.timeline.take)
    assert (first, last) == (pytest.approx(24, abs=0.3), pytest.approx(60, abs=0.3))
    assert sound(window).at == 12.0
    for _ in range(3):
        window.session.step(-1)
    assert heard_frames(window.session.timeline.take) == (0.0, 96.0)


def test_accents_are_marked_and_dragged_keys_and_the_lamp_snap_to_them(sounding, act):
    window = sounding
    act("mark-accents")
    marked = marked_frames(window.session.timeline.take)
    assert marked == pytest.approx([24 * each for each in TICKS], abs=0.5)
    sheet, _ = row_of(window)
    near = sheet.ground.x_of(marked[3]) + 5
    assert sheet.ground.snapped(sheet.ground.frame_at(near)) == round(marked[3])
    window.session.timeline.go_to(50.0)
    act("mark-sound")
    assert 50.0 in [round(each) for each in marked_frames(window.session.timeline.take)]


def test_m_marks_the_sound_while_it_plays_and_means_something_else_otherwise(sounding):
    window = sounding
    window.session.player.switch()
    assert sound_commands.is_tap(window.session, Qt.Key.Key_M)
    QTest.keyClick(window.board, Qt.Key.Key_M)
    window.session.player.stop()
    assert len(sound(window).marks) == 1
    assert not sound_commands.is_tap(window.session, Qt.Key.Key_M)


def test_playing_goes_by_the_sounds_clock_and_a_dragged_lamp_lets_its_frame_be_heard(sounding):
    window = sounding

    class Ear:
        gone_by, touched, started = 0.0, [], []

        def start(self, take, frame, speed):
            self.started.append((take.name, frame, speed))

        def gone(self):
            return self.gone_by

        def touch(self, _take, frame):
            self.touched.append(frame)

        def stop(self):
            pass

    ear = window.session.player.heard = Ear()
    window.session.timeline.go_to(7.0)
    assert ear.touched == [7.0]
    window.session.player.set_speed(0.5)
    window.session.player.switch()
    ear.gone_by = 2.0
    window.session.player.tick()
    assert window.session.timeline.frame == 7.0 + 2.0 * 24 * 0.5
    window.session.player.stop()
    assert ear.started == [("Call", 7.0, 0.5)]
    assert ear.touched == [7.0], "what plays is not touched"
    window.session.player.set_speed(1.0)


def test_the_silent_device_keeps_time(sounding, qtbot):
    window = sounding
    window.speaker.start(window.session.timeline.take, 0.0, 1.0)
    qtbot.waitUntil(lambda: (window.speaker.gone() or 0.0) > 0.3)
    window.speaker.stop()
    assert window.speaker.gone() is None


def test_shift_on_the_ruler_gives_the_frames_in_which_a_pass_is_recorded(sounding):
    window = sounding
    sheet, _ = row_of(window)
    x = sheet.ground.x_of
    QTest.mousePress(sheet, Qt.MouseButton.LeftButton, Qt.KeyboardModifier.ShiftModifier, QPointF(x(20), 8).toPoint())
    QTest.mouseMove(sheet, QPointF(x(44), 8).toPoint())
    QTest.mouseRelease(sheet, Qt.MouseButton.LeftButton, Qt.KeyboardModifier.ShiftModifier, QPointF(x(44), 8).toPoint())
    assert window.session.timeline.span == (20.0, 44.0)
    QTest.mouseClick(sheet, Qt.MouseButton.LeftButton, Qt.KeyboardModifier.ShiftModifier, QPointF(x(70), 8).toPoint())
    assert window.session.timeline.span is None


def test_a_take_on_the_clipboard_leaves_its_sound_with_its_puppet(sounding, act):
    window, session = sounding, sounding.session
    head = next(key for key, each in session.puppet.joints.items() if each.name == "Head")
    take = put_keys(session.timeline.take, 0, {f"{head}.turn": 0.1})
    session.edit("A key", takes=put_take(session.history.now.takes, "Call", take))
    act("clip-take")
    act("clip-paste")
    assert window.session.timeline.take.sound == sound(window), "the same puppet has it"
    window.session.open(load(ASSETS / "bramble.umbrite"), None)
    act("clip-paste")
    assert window.session.timeline.take.name == "Call"
    assert sound(window) is None
    assert "ticks.wav" in window.frame.hints.message


def test_another_take_or_station_keeps_a_recorded_pass_and_undo_lets_it_go(wick_window, act, monkeypatch):
    window, session = wick_window, wick_window.session
    clock = [5.0]
    monkeypatch.setattr(session.player, "clock", lambda: clock[0])
    session.edit("Two takes", takes=(Take("One", last=48), Take("Other", last=48)))
    act("takes")
    smile = next(key for key, each in session.puppet.controls.items() if each.name == "Smile")
    ways = (
        (lambda: session.timeline.choose("Other"), True),
        (lambda: act("rehearse"), True),
        (lambda: session.step(-1), False),
    )
    for leave, kept in ways:
        act("takes")
        session.timeline.choose("One")
        session.performing.get_ready(at_once=True)
        session.performing._counting.stop()
        session.performing._run()
        clock[0] += 0.2
        session.performing.set_values({f"{smile}.value": 0.5})
        clock[0] += 0.2
        session.performing.end()
        assert session.performing.state == "shaped"
        assert session.timeline.shown.tracks
        monkeypatch.setattr(window.files.dialogs, "about_unsaved", lambda _name: "stay")
        assert not window.files.may_leave(), "it is not lost unasked"
        leave()
        QApplication.processEvents()
        assert session.performing.state == "off"
        assert not window.frame.perform_strip.isVisibleTo(window)
        assert [bool(each.tracks) for each in session.history.now.takes] == [kept, False]
        if kept:
            session.step(-1)
        assert all(not each.tracks for each in session._shown.takes)
    assert session.history.undo_name == "Two takes"


def test_while_a_pass_runs_the_rig_can_not_be_changed_and_escape_gives_all_back(wick_window, act):
    session = wick_window.session
    session.edit("A take", takes=(Take("One", last=480),))
    act("takes")
    before = session.history.now
    session.performing.get_ready(at_once=True)
    session.performing._counting.stop()
    session.performing._run()
    act("remove-take")
    assert session.history.now is before
    assert "being recorded" in wick_window.frame.hints.message
    QTest.keyClick(wick_window.board, Qt.Key.Key_Escape)
    assert session.performing.state == "off"
    assert session.history.now is before

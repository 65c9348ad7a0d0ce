"""Performed in the real window: a hand recorded while time runs, smoothed, kept, corrected; passes over each other."""

import math
import subprocess
import sys

import numpy as np
import pytest
from PySide6.QtCore import QEvent, QObject, QPoint

from demo_puppet import ASSETS
from journeys.test_first_light import puppet
from journeys.test_strangers import at_control
from journeys.test_takes_on_the_tape import take
from umbrite.motion.animating.stepping import pose_of_take
from umbrite.rig.takes.take import Take

pytestmark = pytest.mark.journey


class Counter(QObject):
    """Counts the moves of a pressed pointer that come to a widget."""

    def __init__(self, into, parent):
        super().__init__(parent)
        self.into = into

    def eventFilter(self, _watched, event):
        if event.type() == QEvent.Type.MouseMove and event.buttons():
            self.into.append(event.position())
        return False


def control(window, name):
    return next(key for key, each in puppet(window).controls.items() if each.name == name)


def circle(start, count, radius=40.0, turns=1.0):
    """Places of a smooth path that begins at one, for xdotool, ten milliseconds each."""
    words = []
    for i in range(1, count + 1):
        angle = 2 * math.pi * turns * i / count
        x, y = start.x() + radius * math.sin(angle), start.y() - radius * (1 - math.cos(angle))
        words += ["mousemove", str(round(x)), str(round(y)), "sleep", "0.01"]
    return words


def begin(person, window, last=2400):
    """Wick in Takes, with a take that is long enough for a slow machine."""
    window.files.open(ASSETS / "wick.umbrite")
    window.session.edit("A take", takes=(Take("Call", last=last),))
    person.key("ctrl+6")
    person.settle(300)


def along(person, start, count, radius=60.0):
    """Move the pressed pointer along a circle."""
    person.do(*circle(start, count, radius))


def hold(person, at):
    person.do("mousemove", str(at.x()), str(at.y()), "mousedown", "1")
    person.until(lambda: person.window.session.performing.running)


def test_a_hand_is_performed_smoothed_kept_and_undone(person, window):
    session, performing = window.session, window.session.performing
    begin(person, window)
    hand = control(window, "Near hand")
    moves = puppet(window).controls[hand].moves
    start = at_control(person, hand)
    moved = []
    window.board.installEventFilter(Counter(moved, window.board))
    person.gestures = 0
    person.click(person.middle(window.timeline.perform))
    assert performing.state == "ready"
    hold(person, start)
    moved.clear()
    along(person, start, 120)
    arrived, sent = len(moved), 120
    person.do("mouseup", "1")
    assert performing.state == "shaped"
    clocks, _ = performing.made.recorded.samples[f"{moves}.x"]
    assert arrived >= sent - 2, "the display tells each move but for those to the same place"
    assert len(clocks) >= arrived, "no sample is lost"
    assert np.all(np.diff(clocks) >= 0)

    # Looser or tighter while one looks on, then kept as one step.
    rough = session.timeline.shown.tracks[f"{moves}.x"]
    slider = window.frame.perform_strip.smooth
    person.click(slider.mapToGlobal(QPoint(slider.width() - 6, slider.height() // 2)))
    person.click(slider.mapToGlobal(QPoint(slider.width() - 6, slider.height() // 2)))
    assert session.timeline.shown.tracks[f"{moves}.x"] != rough
    assert len(session.timeline.shown.tracks[f"{moves}.x"]) <= len(rough)
    person.click(person.middle(window.frame.perform_strip.take))
    assert performing.state == "off"
    assert session.history.undo_name == "Perform Near hand"
    assert len(take(window).tracks[f"{moves}.x"]) == len(take(window).tracks[f"{moves}.y"])
    assert abs(pose_of_take(take(window), puppet(window), 12.0).get(f"{moves}.y", 0.0)) > 20
    person.key("ctrl+z")
    assert session.history.undo_name == "A take"
    person.key("ctrl+shift+z")

    # The next pass lies over it: the body moves, and the hand stays with the pointer of its own pass.
    session.selection.select([control(window, "Body")])
    body = at_control(person, control(window, "Body"))
    person.key("alt+p")
    person.until(lambda: performing.running)
    person.do("mousemove", str(body.x()), str(body.y()), "mousedown", "1")
    along(person, body, 60, 20.0)
    person.do("mouseup", "1")
    person.key("Return")
    assert session.history.undo_name == "Perform Body"
    assert f"{puppet(window).controls[control(window, 'Body')].moves}.x" in take(window).tracks


def test_escape_lets_a_pass_go_and_pictures_are_recorded_as_they_are_pressed(person, window):
    session, performing = window.session, window.session.performing
    begin(person, window)
    before = session.history.now
    hand = at_control(person, control(window, "Near hand"))
    person.key("alt+p")
    hold(person, hand)
    along(person, hand, 20)
    person.key("Escape")
    assert performing.state == "off"
    person.do("mouseup", "1")
    assert session.history.now is before
    assert not session.timeline.live

    key = next(key for key, one in puppet(window).sets.items() if one.name == "Mouth")
    session.selection.select([next(k for k, each in puppet(window).controls.items() if each.chooses == key)])
    person.key("alt+p")
    person.until(lambda: performing.running)
    person.settle(300)
    person.key("bracketright")
    person.settle(300)
    person.key("bracketright")
    person.settle(300)
    person.click(person.middle(window.frame.perform_strip.stop))
    assert performing.state == "shaped"
    person.key("Return")
    track = take(window).tracks[f"{key}.shows"]
    assert {each.interpolation for each in track} == {"hold"}
    assert len({each.value for each in track}) == 3
    assert session.history.undo_name == "Perform Mouth"


def test_an_axis_of_a_device_is_turned_a_control_clicked_and_performed(person, window, tmp_path):
    session, devices = window.session, window.session.devices
    begin(person, window)
    window.actions_by_id["devices"].trigger()
    dialog = window.devices_dialog
    dialog.move(880, 120)
    dialog.port.setValue(19_480)
    person.settle(200)
    person.click(dialog.listen.mapToGlobal(QPoint(10, dialog.listen.height() // 2)))
    assert devices.on
    person.click(person.middle(dialog.assign))
    path = tmp_path / "device.txt"
    path.write_text("\n".join(f"{i / 60} /stick/1/y {math.sin(i / 10):.4f}" for i in range(100)))
    words = [sys.executable, "-m", "umbrite", "device", "--port", "19480", "--script", str(path)]
    player = subprocess.Popen(words, stdout=subprocess.DEVNULL)
    person.until(lambda: any(each.moved > 1 for each in devices.axes.values()))
    hand = control(window, "Near hand")
    person.click(at_control(person, hand))
    assert [(axis.address, laid.control) for axis, laid in devices.laid.items()] == [("/stick/1/y", "Near hand")]
    player.wait()
    person.until(lambda: not devices._posed)
    assert session.history.undo_name == "A take", "no key comes of what was not performed"

    session.selection.select([hand])
    person.key("alt+p")
    person.until(lambda: session.performing.running)
    again = subprocess.Popen(words, stdout=subprocess.DEVNULL)
    person.until(lambda: again.poll() is not None)
    person.settle(100)
    person.click(person.middle(window.frame.perform_strip.stop))
    assert session.performing.state == "shaped"
    person.key("Return")
    assert session.history.undo_name == "Perform Near hand"
    moves = puppet(window).controls[hand].moves
    name = f"{moves}.{devices.laid[next(iter(devices.laid))].what}"
    values = [each.value for each in take(window).tracks[name]]
    assert max(values) > 100
    assert min(values) < -100
    dialog.close()


def test_a_pass_that_waits_is_kept_by_whoever_looks_at_something_else(person, window):
    session, performing = window.session, window.session.performing
    begin(person, window)
    session.edit("Another", takes=(*session.history.now.takes, Take("Other", last=48)))
    session.timeline.choose("Call")
    hand = control(window, "Near hand")
    name = f"{puppet(window).controls[hand].moves}.x"
    for leave in (lambda: person.key("ctrl+5"), lambda: session.timeline.choose("Other")):
        start = at_control(person, hand)
        person.key("alt+p")
        hold(person, start)
        along(person, start, 30)
        person.do("mouseup", "1")
        assert performing.state == "shaped"
        leave()
        person.settle(200)
        assert performing.state == "off"
        assert session.history.undo_name == "Perform Near hand"
        kept, other = session.history.now.takes
        assert name in kept.tracks
        assert not other.tracks
        person.key("ctrl+z")
        assert not session.history.now.takes[0].tracks
        person.key("ctrl+6")
        session.timeline.choose("Call")
    person.key("alt+p")
    start = at_control(person, hand)
    hold(person, start)
    along(person, start, 30)
    person.do("mouseup", "1")
    window.files.open(ASSETS / "wick.umbrite")
    person.settle(200)
    assert performing.state == "off", "another puppet does not get it"
    assert session.history.undo_name is None

"""The curve under a row: keys dragged across and up, held by their neighbours' values, bent by levers; picked keys stretched by jaws."""

from collections.abc import Callable

import pytest
from PySide6.QtCore import QPoint, QPointF, Qt
from PySide6.QtWidgets import QApplication

from demo_puppet import joint
from desk.test_takes_station import ALT, LEFT, drag, take, timed
from umbrite.desk.panels.timeline.timeline_layout import CLAMP, NAMES, RULER
from umbrite.motion.sampling import slopes_at
from umbrite.rig.channels import shown_unit
from umbrite.rig.takes.keys import key_at

Act = Callable[[str], None]
SHIFT = Qt.KeyboardModifier.ShiftModifier
__all__ = ["timed"]


@pytest.fixture
def nodding(timed):
    """Wick's head turns at three frames; its curve is unfolded, and all of it is in sight."""
    session = timed.session
    head = joint(session.puppet, "Head")
    for frame, turn in ((0.0, 0.0), (16.0, 0.3), (32.0, 0.1)):
        session.timeline.go_to(frame)
        session.edit("Nod", pose={**session.pose, f"{head}.turn": turn})
    ground = timed.timeline.sheet.ground
    control = next(k for k, c in session.puppet.controls.items() if c.moves == head)
    for name in (control, f"{head}.turn"):
        row = next(i for i, each in enumerate(ground.rows) if each.key == name)
        QApplication.processEvents()
        timed.timeline.area.verticalScrollBar().setValue(round(ground.box_of(row).top()) - 80)
        at = QPointF(NAMES - 50, ground.box_of(row).center().y()).toPoint()
        press(timed, at)
    QApplication.processEvents()
    return timed, f"{head}.turn"


def press(window, at):
    from PySide6.QtTest import QTest

    QTest.mouseClick(window.timeline.sheet, LEFT, pos=at)


def curve_row(window):
    return next(i for i, each in enumerate(window.timeline.sheet.ground.rows) if each.kind == "curve")


def place(window, name, frame):
    key = key_at(take(window), name, frame)
    assert key is not None
    return window.timeline.sheet.ground.place_of(curve_row(window), name, key).toPoint()


def test_a_key_of_a_curve_goes_across_and_up_in_one_step(nodding, qtbot):
    window, name = nodding
    ground = window.timeline.sheet.ground
    before = window.session.history.now
    at = place(window, name, 16.0)
    per = ground.per_pixel(curve_row(window))
    drag(qtbot, window, at, at + QPoint(round(3 * ground.scale()), 20))
    key = key_at(take(window), name, 19.0)
    assert key is not None
    assert key.value * shown_unit(name) == pytest.approx(0.3 * shown_unit(name) - 20 * per, abs=per)
    assert window.session.timeline.selected == {(name, 19.0)}
    at = place(window, name, 19.0)
    drag(qtbot, window, at, at + QPoint(4, 30), SHIFT)
    assert key_at(take(window), name, 19.0) is not None, "with Shift only the longer way counts"
    window.session.step(-2)
    assert window.session.history.now is before


def test_it_holds_on_to_the_values_of_its_neighbours(nodding, qtbot):
    window, name = nodding
    ground, number = window.timeline.sheet.ground, curve_row(window)
    at = place(window, name, 16.0)
    level = round(ground.y_of(number, 0.1 * shown_unit(name)))
    drag(qtbot, window, at, QPoint(at.x(), level + 3))
    key = key_at(take(window), name, 16.0)
    assert key is not None
    assert key.value == pytest.approx(0.1, abs=1e-12)
    window.session.step(-1)
    drag(qtbot, window, at, QPoint(at.x(), level + 3), ALT)
    key = key_at(take(window), name, 16.0)
    assert key is not None
    assert key.value != pytest.approx(0.1, abs=1e-6)


def test_a_lever_bends_it_on_both_sides_or_one(nodding, qtbot):
    window, name = nodding
    ground, session = window.timeline.sheet.ground, window.session
    press(window, place(window, name, 16.0))
    assert session.timeline.selected == {(name, 16.0)}
    tangents = {tangent.way: tangent.at.toPoint() for tangent in ground.tangents(curve_row(window))}
    assert set(tangents) == {-1, 1}
    drag(qtbot, window, tangents[1], tangents[1] + QPoint(0, -25))
    before, after = slopes_at(take(window), session.puppet, name, 16.0)
    assert before == pytest.approx(after)
    assert after * shown_unit(name) > 0.2
    assert [key.interpolation for key in take(window).tracks[name][:2]] == ["free", "free"]
    assert slopes_at(take(window), session.puppet, name, 32.0)[0] == pytest.approx(0, abs=1e-9), "its end stays"
    tangents = {tangent.way: tangent.at.toPoint() for tangent in ground.tangents(curve_row(window))}
    drag(qtbot, window, tangents[-1], tangents[-1] + QPoint(0, -30), ALT)
    changed, kept = slopes_at(take(window), session.puppet, name, 16.0)
    assert kept == pytest.approx(after)
    assert changed != pytest.approx(kept)


def test_picked_keys_are_stretched_by_a_jaw(nodding, qtbot):
    window, name = nodding
    ground = window.timeline.sheet.ground
    window.timeline.area.verticalScrollBar().setValue(0)
    window.session.timeline.select({(name, frame) for frame in (0.0, 16.0, 32.0)})
    QApplication.processEvents()
    y = RULER - CLAMP // 2
    start, end = (QPoint(round(ground.x_of(frame)), y) for frame in (32.0, 40.0))
    drag(qtbot, window, start, end)
    assert [key.frame for key in take(window).tracks[name]] == [0.0, 20.0, 40.0]
    assert window.session.timeline.selected == {(name, frame) for frame in (0.0, 20.0, 40.0)}
    assert window.session.history.undo_name == "Stretch 3 keys"

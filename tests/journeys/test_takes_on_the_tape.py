"""A take in the real window: two poses, a loop, an ease, a delay; played, corrected on the tape, and out as WebM."""

import itertools

import av
import numpy as np
import pytest
from PySide6.QtCore import QPoint, QPointF, Qt, QTimer
from PySide6.QtGui import QImage
from PySide6.QtWidgets import QDialog, QDialogButtonBox

from demo_puppet import ASSETS, joint
from journeys.test_first_light import puppet, type_path
from journeys.test_strangers import at_control
from umbrite.desk.dialogs.adjuster import Adjuster
from umbrite.desk.panels.timeline.timeline_layout import CLAMP, RULER
from umbrite.paint.take_export import Film, images, write_take

pytestmark = pytest.mark.journey


def take(window):
    found = window.session.timeline.take
    assert found is not None
    return found


def use(person, tools, name):
    """Click a tool, in the row or in the list at its end."""
    button = next(each for each in tools.buttons if each.defaultAction().text() == name)
    if button.isVisible():
        person.click(person.middle(button))
        return
    menu, action = tools.more.menu(), button.defaultAction()
    QTimer.singleShot(600, lambda: person.click(menu.mapToGlobal(menu.actionGeometry(action).center())))
    person.click(person.middle(tools.more))
    person.until(lambda: not menu.isVisible())


def on_tape(window, frame, y):
    sheet = window.timeline.sheet
    return sheet.mapToGlobal(QPointF(sheet.ground.x_of(frame), y).toPoint())


def lamp_to(person, frame):
    window = person.window
    here = window.session.timeline.frame
    person.drag(on_tape(window, here, 10), on_tape(window, frame, 10), steps=8)
    assert window.session.timeline.frame == frame


def then_accept(person, work=None):
    """In the dialog that opens next: do something, then press its first button."""

    def accept(dialog):
        if work is not None:
            assert isinstance(dialog, Adjuster)
            work(dialog)
        box = dialog.findChild(QDialogButtonBox)
        assert box is not None
        person.click(person.middle(box.button(QDialogButtonBox.StandardButton.Ok)))

    person.in_dialog(QDialog, accept)


def begin(person, window):
    """Wick in Takes with one take, all keyed at its beginning."""
    window.files.open(ASSETS / "wick.umbrite")
    window.session.edit("No takes", takes=())
    person.key("ctrl+6")
    person.settle(300)
    person.key("shift+k")


def test_an_idle_loop_from_two_poses_played_corrected_and_exported(person, window, tmp_path):
    session = window.session
    begin(person, window)
    assert take(window).name == "Take 1"
    last = on_tape(window, take(window).last, RULER - CLAMP - 4)
    person.drag(last, on_tape(window, 30, RULER - CLAMP - 4), steps=8)
    assert take(window).last == pytest.approx(30, abs=2)
    lamp_to(person, 15.0)
    body = next(key for key, each in puppet(window).controls.items() if each.name == "Body")
    head = next(key for key, each in puppet(window).controls.items() if each.name == "Head")
    start = at_control(person, body)
    person.drag(start, start + QPoint(0, 12))
    assert session.history.undo_name == "Pose Body"
    start = at_control(person, head)
    person.drag(start + QPoint(14, 0), start + QPoint(12, 10))
    moved = puppet(window).controls[body].moves
    assert [key.frame for key in take(window).tracks[f"{moved}.y"]] == [0.0, 15.0]

    # It goes round, eased, and plays with the space bar.
    for name in ("Close the loop", "Ease all…"):
        if name.endswith("…"):
            then_accept(person)
        use(person, window.frame.tools, name)
    assert take(window).loop
    person.click(person.board(200 + 200j))
    person.key("space")
    person.until(lambda: window.timeline.player.playing)
    seen = set()
    session.timeline.changed.connect(lambda: seen.add(session.timeline.frame))
    person.settle(1200)
    person.key("space")
    person.until(lambda: not window.timeline.player.playing)
    assert len(seen) > 5, "the lamp went along"

    # A key is corrected on the tape, by a drag of its eyelet in the row of all keys.
    sheet = window.timeline.sheet
    y = sheet.ground.box_of(0).center().y()
    person.drag(on_tape(window, 15, y), on_tape(window, 12, y), steps=8)
    assert 12.0 in [key.frame for key in take(window).tracks[f"{moved}.y"]]
    session.checks.finish()
    assert session.checks.found == []

    out = tmp_path / "idle.webm"
    then_accept(person)
    type_path(person, out)
    window.actions_by_id["film-webm"].trigger()
    person.until(out.exists)
    with av.open(str(out)) as film:
        assert sum(1 for _ in film.decode(video=0)) == take(window).last
    assert joint(puppet(window), "Head")


def row_of(window, key):
    return next(i for i, row in enumerate(window.timeline.sheet.ground.rows) if row.key == key)


def in_sight(person, number):
    """Scroll the tape so that a row stands below the ruler."""
    window = person.window
    window.timeline.area.verticalScrollBar().setValue(round(window.timeline.sheet.ground.box_of(number).top()) - 44)
    person.settle(80)


def name_of(person, key):
    """Where the name of a row stands."""
    sheet, number = person.window.timeline.sheet, row_of(person.window, key)
    in_sight(person, number)
    return sheet.mapToGlobal(QPointF(90, sheet.ground.box_of(number).center().y()).toPoint())


def test_a_walk_whose_foot_is_corrected_on_the_curve_and_a_blink_on_top(person, window, tmp_path):
    session = window.session
    window.files.open(ASSETS / "wick.umbrite")
    person.key("ctrl+6")
    person.settle(300)
    then_accept(person)
    window.actions_by_id["walk"].trigger()
    assert take(window).name == "Walk 2"
    window.resizeDocks([window.docks["Tape"]], [340], Qt.Orientation.Vertical)
    person.settle(300)

    # The near foot's curve is unfolded, and the top of its step pulled higher.
    foot = next(key for key, each in puppet(window).controls.items() if each.name == "Near foot")
    channel = f"{puppet(window).controls[foot].moves}.y"
    person.click(name_of(person, foot))
    person.click(name_of(person, channel))
    ground = window.timeline.sheet.ground
    number = next(i for i, row in enumerate(ground.rows) if row.kind == "curve")
    in_sight(person, number)
    highest = min(take(window).tracks[channel], key=lambda key: key.value)
    at = window.timeline.sheet.mapToGlobal(ground.place_of(number, channel, highest).toPoint())
    person.drag(at, at + QPoint(0, 18), steps=6)
    lifted = min(key.value for key in take(window).tracks[channel])
    assert lifted < highest.value - 5
    assert session.history.undo_name == "Drag 1 keys"
    person.key("ctrl+z")
    assert min(key.value for key in take(window).tracks[channel]) == highest.value
    person.key("ctrl+shift+z")
    assert min(key.value for key in take(window).tracks[channel]) == lifted

    eyes = joint(puppet(window), "Eyes")
    session.selection.select([eyes])
    then_accept(person, lambda dialog: dialog.sliders["least"].setValue(4))
    window.actions_by_id["blink"].trigger()
    assert f"{eyes}.scale_y" in take(window).tracks or "Blink" in window.frame.hints.message

    # Out as WebM and in again as pictures: frame by frame what the window shows.
    out = tmp_path / "walk.webm"
    write_take(out, Film(session.file.package(), take(window), [0.0, 9.0, 17.0], 0.5, "#FFFFFF"))
    with av.open(str(out)) as film:
        pictures = [frame.to_ndarray(format="rgb24").astype(int) for frame in film.decode(video=0)]
    true = [
        np.asarray(qimage).astype(int)
        for qimage in map(pixels, images(Film(session.file.package(), take(window), [0.0, 9.0, 17.0], 0.5, "#FFFFFF")))
    ]
    assert len(pictures) == 3
    assert all(np.abs(a[: len(b)] - b).mean() < 2 for a, b in zip(pictures, true, strict=True))


def pixels(image):
    flat = image.convertToFormat(QImage.Format.Format_RGB888)
    rows = np.frombuffer(flat.constBits(), np.uint8).reshape(flat.height(), flat.bytesPerLine())
    return rows[:, : 3 * flat.width()].reshape(flat.height(), flat.width(), 3)


def test_a_hand_follows_the_head_from_the_middle_of_a_take_on(person, window):
    session = window.session
    begin(person, window)
    hand, head = (
        next(key for key, each in puppet(window).controls.items() if each.name == name) for name in ("Far hand", "Head")
    )
    lamp_to(person, 24.0)
    start = at_control(person, hand)
    person.drag(start, start + QPoint(6, -60))
    lamp_to(person, 30.0)
    person.key("shift+k")  # what is posed later leaves what is before the change alone
    moves = puppet(window).controls[hand].moves
    before = session.placed.pivot(moves)
    session.selection.select([hand, head])
    then_accept(person)
    window.actions_by_id["follow-here"].trigger()
    assert session.placed.pivot(moves) == pytest.approx(before)
    lamp_to(person, 40.0)
    still = session.placed.pivot(moves)
    start = at_control(person, head)
    person.drag(start + QPoint(14, 0), start + QPoint(10, 12))
    assert abs(session.placed.pivot(moves) - still) > 5, "the head takes the hand along"
    lamp_to(person, 24.0)
    steps = []
    for frame in range(24, 34):
        session.timeline.go_to(float(frame))
        steps.append(session.placed.pivot(moves))
    assert max(abs(b - a) for a, b in itertools.pairwise(steps)) < 30, "nothing jumps where it changes over"
    person.key("ctrl+z")
    window.session.checks.finish()
    assert window.session.checks.found == []

"""A take in the real window: two poses, a loop, an ease, a delay; played, corrected on the tape, and out as WebM."""

from pathlib import Path

import av
import pytest
from PySide6.QtCore import QPoint, QPointF, QTimer

from demo_puppet import ASSETS, joint
from journeys.conftest import Person
from journeys.test_first_light import puppet, type_path
from journeys.test_strangers import at_control
from umbrite.desk.panels.tape.tape_ground import CLAMP, RULER
from umbrite.desk.window import Window
from umbrite.rig.takes.take import Take

pytestmark = pytest.mark.journey


def take(window: Window) -> Take:
    found = window.session.stage.tape.take
    assert found is not None
    return found


def on_tape(window: Window, frame: float, y: float) -> QPoint:
    sheet = window.tape.sheet
    return sheet.mapToGlobal(QPointF(sheet.ground.x_of(frame), y).toPoint())


def lamp_to(person: Person, frame: float) -> None:
    window = person.window
    here = window.session.stage.tape.frame
    person.drag(on_tape(window, here, 10), on_tape(window, frame, 10), steps=8)
    assert window.session.stage.tape.frame == frame


def test_an_idle_loop_from_two_poses_played_corrected_and_exported(
    person: Person, window: Window, tmp_path: Path
) -> None:
    session = window.session
    window.files.open(ASSETS / "wick.umbrite")
    session.edit("No takes", takes=())
    person.key("ctrl+6")
    person.settle(300)
    person.key("shift+k")
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
    for name in ("Close the loop", "Ease all"):
        button = next(b for b in window.frame.tools.buttons if b.defaultAction().text() == name)
        person.click(person.middle(button))
    assert take(window).loop
    person.click(person.board(200 + 200j))
    person.key("space")
    person.until(lambda: window.tape.player.playing)
    seen: set[float] = set()
    session.stage.tape.changed.connect(lambda: seen.add(session.stage.tape.frame))
    person.settle(1200)
    person.key("space")
    person.until(lambda: not window.tape.player.playing)
    assert len(seen) > 5, "the lamp went along"

    # A key is corrected on the tape, by a drag of its eyelet in the row of all keys.
    sheet = window.tape.sheet
    y = sheet.ground.box_of(0).center().y()
    person.drag(on_tape(window, 15, y), on_tape(window, 12, y), steps=8)
    assert 12.0 in [key.frame for key in take(window).tracks[f"{moved}.y"]]
    assert session.checks.found == []

    out = tmp_path / "idle.webm"
    QTimer.singleShot(600, lambda: type_path(person, out))
    window.actions_by_id["film-webm"].trigger()
    person.until(out.exists)
    with av.open(str(out)) as film:
        assert sum(1 for _ in film.decode(video=0)) == take(window).last
    assert joint(puppet(window), "Head")

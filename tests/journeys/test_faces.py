"""A face of ten unnamed pieces, from its files to a head that turns in a take, in a real window."""

import av
import numpy as np
import pytest
from PySide6.QtCore import QPoint

from drawn_faces import EYES, HEAD, PIECES, drawn
from journeys.test_first_light import puppet, take_layers, type_path
from journeys.test_parts_and_pivots import drop
from journeys.test_takes_on_the_tape import then_accept
from umbrite.desk.board.control_places import bead_at, point_of
from umbrite.desk.session.stations import REHEARSE, TAKES
from umbrite.files.png import encode
from umbrite.rig.model import Point

pytestmark = pytest.mark.journey


def layers(folder):
    """The pieces as pictures of one canvas, numbered back to front."""
    folder.mkdir()
    for number, (x, y, wide, tall, colour) in enumerate(PIECES):
        sheet = np.zeros((600, 600, 4), np.uint8)
        sheet[y - tall : y + tall, x - wide : x + wide] = drawn(wide, tall, colour)
        (folder / f"Layer {number + 1:02d}.png").write_bytes(encode(sheet))
    return folder


def test_a_head_turns_is_corrected_keyed_and_exported(person, window, tmp_path, capsys):
    session = window.session
    take_layers(person)
    drop(window, layers(tmp_path / "face"))
    person.until(lambda: len(puppet(window).parts) == len(PIECES))
    person.focus(window)
    window.activateWindow()
    person.gestures = 1  # let go on the board, with the table's button
    parts = list(puppet(window).parts)
    corner = complex(puppet(window).parts[parts[HEAD]].placement.x, puppet(window).parts[parts[HEAD]].placement.y)
    shift = corner - complex(PIECES[HEAD][0] - PIECES[HEAD][2], PIECES[HEAD][1] - PIECES[HEAD][3])
    person.key("ctrl+4")
    person.settle(200)
    person.click(person.board(300 + 480j + shift))
    head = puppet(window).parts[parts[HEAD]].joint
    assert session.selection.of("joint") == [head]
    button = next(each for each in window.frame.tools.buttons if "head turn" in each.text())
    person.click(person.middle(button))
    person.until(lambda: session.drafts.now.head is not None)
    person.key("Return")
    person.until(lambda: session.workspace.station is REHEARSE)
    (pad,) = puppet(window).controls
    made = person.gestures
    person.settle(200)

    eye = puppet(window).parts[parts[EYES[1]]].joint
    rest = session.placed.pivot(eye)
    drag_bead(person, pad, 1.0)
    assert session.pose[f"{pad}.value"] == pytest.approx(1.0)
    assert session.placed.pivot(eye).real > rest.real + 40
    with capsys.disabled():
        print(f"\nunnamed face: {made} gestures from the files to a head that turns", end=" ")
    assert made <= 6
    correct_a_pose(person, parts[9])
    key_and_export(person, pad, tmp_path / "turn.webm")


def correct_a_pose(person, mouth):
    """The mouth is pushed down a little, for the value that is shown."""
    window, session = person.window, person.window.session
    person.key("alt+shift+k")
    person.until(lambda: session.drafts.now.stop is not None)
    person.key("alt+shift+r")
    start = person.board(session.placed.pivot(puppet(window).parts[mouth].joint))
    person.drag(start, start + QPoint(0, 14))
    person.key("Return")
    person.until(lambda: session.drafts.now.stop is None)
    assert len(puppet(window).shapes) == 1


def key_and_export(person, pad, film):
    """From the left to the right in half a second, as a film."""
    window, session = person.window, person.window.session
    person.key("r")
    person.key("ctrl+6")
    person.until(lambda: session.workspace.station is TAKES)
    window.actions_by_id["new-take"].trigger()
    person.settle(200)
    for frame, across in ((0.0, -1.0), (12.0, 1.0)):
        session.timeline.go_to(frame)
        person.settle(100)
        drag_bead(person, pad, across)
    (take,) = session.history.now.takes
    assert [key.value for key in take.tracks[f"{pad}.value"]] == pytest.approx([-1.0, 1.0])
    then_accept(person)
    type_path(person, film)
    window.actions_by_id["film-webm"].trigger()
    person.until(film.exists)
    with av.open(str(film)) as found:
        assert sum(1 for _ in found.decode(video=0)) >= take.last


def drag_bead(person, pad, across):
    session, camera = person.window.session, person.window.board.camera
    places = (bead_at(session, camera, pad), point_of(session, camera, pad, Point(across, 0.0)))
    person.drag(*(person.window.board.mapToGlobal(place.toPoint()) for place in places))

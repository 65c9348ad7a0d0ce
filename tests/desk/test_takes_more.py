"""More of Takes: what is keyed along, keys typed, poses let go on the tape, ghosts and trails by frames, what an export will be."""

import itertools
from collections.abc import Callable

import pytest
from PySide6.QtCore import QMimeData, QPointF, Qt
from PySide6.QtGui import QDropEvent
from PySide6.QtWidgets import QApplication

from demo_puppet import control, joint
from desk.test_rehearsing import grip
from desk.test_takes_station import hand_channels, take, timed
from umbrite.desk.board.overlay.take_overlay import ghost_frames, trail_of
from umbrite.desk.dialogs.film_dialog import FilmDialog
from umbrite.desk.panels.shelf.pose_card import POSE_CARRIED
from umbrite.paint.take_export import Film, frames_of, write_take
from umbrite.rig.takes.keys import spots_of

Act = Callable[[str], None]
__all__ = ["timed"]


def keyed_at(window, frame):
    return {name for name, at in spots_of(take(window)) if at == frame}


@pytest.mark.parametrize(
    ("reach", "least", "most"), [("moved", 1, 3), ("limb", 3, 12), ("group", 6, 29), ("all", 30, 99)]
)
def test_keying_takes_along_what_it_is_set_to(timed, hand, reach, least, most):
    actions = timed.timeline.keying_menu.actions()
    next(action for action in actions if action.data() == reach).trigger()
    timed.session.timeline.go_to(36.0)
    hand.drag(grip(timed, "Far hand"), grip(timed, "Far hand") + 20 + 30j)
    assert least <= len(keyed_at(timed, 36.0)) <= most


def test_only_some_kinds_of_values_are_keyed_and_the_others_stay_hollow(timed, act):
    session = timed.session
    head = joint(session.puppet, "Head")
    next(action for action in timed.timeline.keying_menu.actions() if action.data() == "turns").trigger()
    session.timeline.go_to(36.0)
    session.edit("Nod", pose={**session.pose, f"{head}.turn": 0.2, f"{head}.x": 5.0})
    assert keyed_at(timed, 36.0) == {f"{head}.x"}
    assert session.timeline.unkept == {f"{head}.turn": 0.2}
    act("key-all")
    assert all(not name.endswith(".turn") for name in keyed_at(timed, 36.0))


def test_what_the_lamp_let_go_comes_back_by_undo(timed, hand, act, qtbot):
    session, before = timed.session, timed.session.history.now
    act("keying")
    session.timeline.go_to(36.0)
    hand.drag(grip(timed, "Body"), grip(timed, "Body") + 40j)
    unkept = session.timeline.unkept
    session.timeline.go_to(40.0)
    assert "Ctrl+Z" in timed.frame.hints.message
    act("undo")
    assert (session.timeline.frame, session.timeline.unkept) == (36.0, unkept)
    assert session.history.now is before
    qtbot.keyClick(timed.board, Qt.Key.Key_Return)
    assert keyed_at(timed, 36.0) == set(unkept)


def test_frame_and_value_of_picked_keys_are_typed(timed):
    session, channels, fields = timed.session, hand_channels(timed), timed.timeline.keys
    assert not fields.isVisible()
    session.timeline.select({(channels[0], 24.0)})
    assert fields.isVisible()
    assert fields.frame.value() == 24.0
    fields.frame.setValue(30.5)
    assert [key.frame for key in take(timed).tracks[channels[0]]] == [0.0, 30.5]
    fields.value.setValue(-40.0)
    assert take(timed).tracks[channels[0]][-1].value == -40.0
    assert session.history.undo_name == "Type a value for 1 keys"
    session.timeline.select({(name, key.frame) for name in channels for key in take(timed).tracks[name]})
    assert fields.value.text() == "several"


def test_a_pose_of_the_shelf_is_let_go_on_the_tape(timed):
    session, sheet = timed.session, timed.timeline.sheet
    QApplication.processEvents()
    mime = QMimeData()
    mime.setData(POSE_CARRIED, b"Wave")
    at = QPointF(sheet.ground.x_of(40), 90)
    event = QDropEvent(at, Qt.DropAction.CopyAction, mime, Qt.MouseButton.LeftButton, Qt.KeyboardModifier.NoModifier)
    sheet.dropEvent(event)
    assert session.timeline.frame == 40.0
    saved = next(pose for pose in session.puppet.poses if pose.name == "Wave")
    for name, value in saved.channels.items():
        assert session.pose.get(name) == pytest.approx(value)
    assert keyed_at(timed, 40.0) >= keyed_at(timed, 0.0), "all of it is keyed, not only what has changed"
    assert session.history.undo_name == "Key Wave at frame 40"


def test_ghosts_of_keys_or_of_frames_as_many_as_one_likes(timed, act):
    assert ghost_frames(take(timed), 12.0, 2) == ([0.0], [24.0])
    assert ghost_frames(take(timed), 12.0, 3, each=True) == ([11.0, 10.0, 9.0], [13.0, 14.0, 15.0])
    timed.session.timeline.go_to(12.0)
    act("ghosts")
    pictures = [timed.board.grab().toImage()]
    for name in ("each-frame", "ghosts-more", "ghosts-more"):
        act(name)
        pictures.append(timed.board.grab().toImage())
    assert all(one != other for one, other in itertools.pairwise(pictures))
    for _ in range(8):
        act("ghosts-fewer")
    assert timed.session.timeline.ghosts == 1


def test_a_trail_is_dragged_at_a_key(timed, hand):
    session, board = timed.session, timed.board
    session.timeline.go_to(12.0)
    name = control(session.puppet, "Far hand")
    session.selection.select([name])
    dots = [dot for trail in trail_of(session, board.camera) for dot in trail if dot.keyed]
    assert [dot.frame for dot in dots] == [0, 24]
    there = board.camera.board(complex(dots[1].at.x(), dots[1].at.y()))
    hand.drag(there, there + 60 + 40j)
    assert session.timeline.frame == 24.0
    assert session.placed.control_at(session.puppet.controls[name]) == pytest.approx(there + 60 + 40j, abs=3)
    assert {frame for channel, frame in spots_of(take(timed)) if channel in hand_channels(timed)} == {0.0, 24.0}


def test_an_export_tells_before_how_large_it_will_be(timed, qtbot, tmp_path):
    film = Film(timed.session.file.package(), take(timed), frames_of(take(timed))[:8])
    dialog = FilmDialog(film, ".apng", timed.session.workspace.theme, timed)
    qtbot.addWidget(dialog)
    dialog.scale.setValue(25)
    dialog.last.setValue(5)
    assert "295 × 390 px, 6 frames, 0.25 s" in dialog.words.text()
    dialog.weigh()
    told = float(dialog.weight.text().split()[1])
    write_take(tmp_path / "take.apng", dialog.film)
    true = (tmp_path / "take.apng").stat().st_size / 1e6
    assert 0.9 * true < told < 3 * true, "what is like the frame before weighs less, so it is told as the most"
    assert dialog.film.background is None
    assert FilmDialog(film, ".mp4", timed.session.workspace.theme, timed).film.background == "#ffffff"


def test_another_rate_asks_whether_frames_or_seconds_stay_and_keys_go_onto_frames(timed, act):
    session, banner = timed.session, timed.frame.banner
    session.timeline.go_to(35.0)
    act("key-all")
    before = take(timed)
    timed.timeline.rate.setValue(25)
    assert spots_of(take(timed)) == spots_of(before), "frames stay until it is answered"
    assert "instead of" in banner.text.text()
    banner.buttons["Keep the frames"].click()
    assert not banner.isVisible()
    act("undo")
    timed.timeline.rate.setValue(25)
    banner.buttons["Keep the seconds"].click()
    made = take(timed)
    assert made.rate == 25
    assert made.last / made.rate == pytest.approx(before.last / before.rate, abs=1 / 25)
    ways = {(name, round(frame / before.rate, 6)) for name, frame in spots_of(before)}
    assert {(name, round(frame / made.rate, 6)) for name, frame in spots_of(made)} == ways
    between = len([frame for _, frame in spots_of(made) if frame != round(frame)])
    assert between > 0
    assert str(between) in timed.frame.hints.message
    act("keys-on-frames")
    assert all(frame == round(frame) for _, frame in spots_of(take(timed)))
    act("keys-on-frames")
    assert "already" in timed.frame.hints.message
    assert session.history.undo_name == f"{between} keys on whole frames"

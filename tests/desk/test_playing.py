"""What plays: frames kept while nothing changes, painted anew when something does, quickly where there is no time, smoothly at the end."""

from collections.abc import Callable

from PySide6.QtGui import QImage
from PySide6.QtWidgets import QApplication

from desk.test_takes_station import timed
from umbrite.desk.board.art_layer import ArtLayer, Playing, View, fading_of
from umbrite.desk.board.kept_frames import Frame, KeptFrames

Act = Callable[[str], None]
__all__ = ["timed"]
SAME = 1e-3  # Qt rounds by where the repainted piece begins


def view(window):
    board = window.board
    return View(board.camera, (board.width(), board.height()), 1.0, fading_of(window.session))


def layers(window):
    return ArtLayer(window.session.workspace.theme), ArtLayer(window.session.workspace.theme)


def far(one, other):
    """How much two pictures differ, as the share of bytes that do."""
    a, b = (bytes(image.constBits()) for image in (one, other))
    return sum(x != y for x, y in zip(a[::7], b[::7], strict=True)) / (len(a) / 7)


def test_a_kept_frame_is_the_picture_that_was_painted_and_work_is_spared(timed):
    session = timed.session
    layer, fresh = layers(timed)
    of = (session.timeline.take, session.puppet)
    for lap in range(2):
        for frame in (3.0, 9.0, 15.0):
            session.timeline.go_to(frame)
            asked = []

            def placed():
                asked.append(True)  # noqa: B023
                return session.placed

            layer.play(placed, session.file.pictures, view(timed), Playing(frame, of, 10.0))
            assert bool(asked) == (lap == 0), "the second time nothing is even evaluated"
            fresh.refresh(session.placed, session.file.pictures, view(timed))
            assert far(layer.image, fresh.image) < SAME
    layer.refresh(session.placed, session.file.pictures, view(timed))
    assert far(layer.image, fresh.image) < SAME


def test_where_there_is_no_time_it_is_painted_quickly_and_smoothly_when_it_stops(timed):
    session = timed.session
    layer, fresh = layers(timed)
    of = (session.timeline.take, session.puppet)
    rough = 0
    for frame in (3.0, 9.0, 15.0):
        session.timeline.go_to(frame)
        layer.play(lambda: session.placed, session.file.pictures, view(timed), Playing(frame, of, 1e-6))
        fresh.refresh(session.placed, session.file.pictures, view(timed))
        rough += far(layer.image, fresh.image) > SAME
        assert far(layer.image, fresh.image) < 0.2, "edges and grain only"
    assert rough == 2, "after the first one there was no time"
    layer.refresh(session.placed, session.file.pictures, view(timed))
    assert far(layer.image, fresh.image) < SAME


def test_memory_is_bounded():
    image = QImage(100, 100, QImage.Format.Format_RGB32)
    kept = KeptFrames(most=3 * image.sizeInBytes())
    for frame in range(9):
        kept.keep(("take",), float(frame), Frame(image.copy(), (), False))
    assert len(kept) == 3
    assert kept.get(("take",), 0.0) is not None
    assert kept.get(("another",), 0.0) is None
    assert len(kept) == 0


def test_the_window_shows_the_same_playing_as_standing(timed):
    session, sheet = timed.session, timed.timeline.area.viewport()
    session.timeline.go_to(20.0)
    session.timeline.set_playing(on=True)
    for frame in (8.0, 20.0, 12.0):
        session.timeline.go_to(frame)
        QApplication.processEvents()
    session.timeline.go_to(20.0)
    playing = sheet.grab().toImage()
    session.timeline.set_playing(on=False)
    QApplication.processEvents()
    assert sheet.grab().toImage() == playing

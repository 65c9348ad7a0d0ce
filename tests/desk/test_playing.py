"""What plays: frames kept while nothing changes, painted anew when something does, quickly where there is no time, smoothly at the end."""

from collections.abc import Callable

from PySide6.QtGui import QImage

from desk.test_takes_station import timed
from umbrite.desk.board.art_layer import ArtLayer, View, fading_of
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


def test_memory_is_bounded():
    image = QImage(100, 100, QImage.Format.Format_RGB32)
    kept = KeptFrames(most=3 * image.sizeInBytes())
    for frame in range(9):
        kept.keep(("take",), float(frame), Frame(image.copy(), (), False))
    assert len(kept) == 3
    assert kept.get(("take",), 0.0) is not None
    assert kept.get(("another",), 0.0) is None
    assert len(kept) == 0

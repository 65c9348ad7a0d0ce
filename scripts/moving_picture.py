"""The moving picture of the README: Wick's hand, body and foot dragged in the real window. Run as `moving_picture.py OUT.webp`, at most 1.5 MB."""

import io
import sys
from pathlib import Path

import numpy as np
from PIL import Image
from PySide6.QtCore import QPointF, QSettings, Qt
from PySide6.QtGui import QImage, QMouseEvent
from PySide6.QtWidgets import QApplication

from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import REHEARSE
from umbrite.desk.theme.look import dress
from umbrite.desk.window import Window

DEMO = Path(__file__).parent.parent / "src" / "umbrite" / "demo" / "assets" / "wick.umbrite"
WIDE, TALL = 720, 560
RATE, STEPS = 15, 20  # pictures a second, and steps of a drag
MOST = 1_500_000  # bytes
# The grip, and the way that it goes and comes back.
DRAGS = (("Far hand", 40 - 330j), ("Body", 10 + 90j), ("Near foot", -110 - 120j))


def dragged(window: Window, name: str, by: complex) -> list[Image.Image]:
    """The board while a control is dragged there and back, with a pointer."""
    board = window.board
    control = next(each for each in window.session.puppet.controls.values() if each.name == name)
    start, shots = window.session.placed.control_at(control), []
    kinds, left, none = QMouseEvent.Type, Qt.MouseButton.LeftButton, Qt.MouseButton.NoButton

    def send(kind: QMouseEvent.Type, share: float) -> None:
        at = board.camera.point(start + by * share)
        held = none if kind == kinds.MouseButtonRelease else left
        QApplication.sendEvent(
            board, QMouseEvent(kind, at, QPointF(board.mapToGlobal(at)), left, held, Qt.KeyboardModifier.NoModifier)
        )
        QApplication.processEvents()
        shots.append(_seen(window))

    send(kinds.MouseButtonPress, 0.0)
    for step in range(1, 2 * STEPS):
        send(kinds.MouseMove, 0.5 - 0.5 * float(np.cos(np.pi * step / STEPS)))
    send(kinds.MouseButtonRelease, 0.0)
    return shots


def _seen(window: Window) -> Image.Image:
    image = window.board.grab().toImage().convertToFormat(QImage.Format.Format_RGB888)
    flat = np.frombuffer(image.constBits(), np.uint8).reshape(image.height(), image.bytesPerLine())
    return Image.fromarray(flat[:, : 3 * image.width()].reshape(image.height(), image.width(), 3).copy())


def main() -> int:
    """See the module."""
    app = QApplication(sys.argv[:1])
    dress(app)
    window = Window(Session(), QSettings("/dev/null", QSettings.Format.IniFormat))
    window.resize(1280, 860)
    window.show()
    window.files.open(DEMO)
    window.session.workspace.go_to(REHEARSE)
    window.frame.tools.hide()
    window.board.setFixedSize(WIDE, TALL)
    app.processEvents()
    window.board.fit_all()
    shots = [shot for name, by in DRAGS for shot in dragged(window, name, by)]
    for quality in (70, 55, 40, 25):
        out = io.BytesIO()
        shots[0].save(
            out,
            "WEBP",
            save_all=True,
            append_images=shots[1:],
            duration=round(1000 / RATE),
            loop=0,
            quality=quality,
            method=4,
        )
        if out.tell() <= MOST:
            Path(sys.argv[1]).write_bytes(out.getvalue())
            print(f"{len(shots)} pictures, {out.tell() / 1e6:.2f} MB, quality {quality}")
            return 0
    return 1


if __name__ == "__main__":
    sys.exit(main())

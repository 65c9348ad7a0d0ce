"""The demo where there is no display: open Wick, drag him by real pointer events, keep a picture, and a take as a film with its sound.

Run as `scripted_demo.py PUPPET PICTURE`.
"""

import sys
from pathlib import Path

from PySide6.QtCore import QPointF, QSettings, Qt
from PySide6.QtGui import QMouseEvent
from PySide6.QtWidgets import QApplication

from umbrite.desk.session.session import Session
from umbrite.desk.theme.look import dress
from umbrite.desk.window import Window
from umbrite.paint.take_export import Film, frames_of, write_take
from umbrite.rig.takes.take_list import get_take

FILMED, FILM_SCALE = "Call", 0.35
DRAGS = {"Near hand": 40 - 250j, "Far hand": -20 - 260j, "Body": 20 + 70j, "Far foot": 90 - 90j, "Master": -30 - 10j}


def drag(window: Window, name: str, by: complex) -> None:
    """Press on a control, move, and let go, as a person would."""
    board, session = window.board, window.session
    control = next(c for c in session.puppet.controls.values() if c.name == name)
    start = session.placed.control_at(control)
    kinds = QMouseEvent.Type
    steps = [
        (kinds.MouseButtonPress, 0.0),
        *((kinds.MouseMove, i / 8) for i in range(1, 9)),
        (kinds.MouseButtonRelease, 1.0),
    ]
    for kind, share in steps:
        at = board.camera.point(start + by * share)
        button = Qt.MouseButton.LeftButton
        held = Qt.MouseButton.NoButton if kind == kinds.MouseButtonRelease else button
        event = QMouseEvent(kind, at, QPointF(board.mapToGlobal(at)), button, held, Qt.KeyboardModifier.NoModifier)
        QApplication.sendEvent(board, event)
    print(f"  {name} dragged; undo would say: {session.history.undo_name}")


def main() -> int:
    puppet, picture = Path(sys.argv[1]), Path(sys.argv[2])
    app = QApplication(sys.argv[:1])
    dress(app)
    window = Window(Session(), QSettings(str(picture.with_suffix(".ini")), QSettings.Format.IniFormat))
    window.resize(1280, 800)
    window.show()
    if not window.files.open(puppet):
        print(window.frame.hints.message, file=sys.stderr)
        return 2
    print(f"{puppet.name} is open: {len(window.session.puppet.parts)} parts, {len(window.session.puppet.limbs)} limbs.")
    for name, by in DRAGS.items():
        drag(window, name, by)
    app.processEvents()
    window.grab().save(str(picture))
    print(f"A picture of the window is in {picture}.")
    film = picture.with_suffix(".webm")
    take = get_take(window.session.history.now.takes, FILMED)
    write_take(film, Film(window.session.file.package(), take, frames_of(take), FILM_SCALE, "#ffffff"))
    print(f"A film of the take {take.name}, with its sound, is in {film}.")
    return 0


if __name__ == "__main__":
    sys.exit(main())

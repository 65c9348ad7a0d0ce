"""Starts the desk."""

import signal
import sys
from pathlib import Path

from PySide6.QtCore import QSettings
from PySide6.QtWidgets import QApplication

from umbrite.desk.look import dress
from umbrite.desk.session import Session
from umbrite.desk.window import Window


def start(file: Path | None) -> int:
    """Open the window, with a file where one is given, and run until it is closed."""
    app = QApplication(sys.argv[:1])
    app.setApplicationName("Umbrite")
    app.setOrganizationName("Umbrite")
    app.setDesktopFileName("umbrite")
    dress(app)
    signal.signal(signal.SIGINT, signal.SIG_DFL)
    session = Session()
    window = Window(session, QSettings("Umbrite", "Umbrite"))
    window.show()
    if file is not None:
        window.files.open(file)
    return app.exec()

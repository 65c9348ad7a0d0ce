"""Starts the desk."""

import gc
import signal
import sys
import threading
import traceback
from pathlib import Path
from types import TracebackType

from PySide6.QtCore import QSettings, QTimer
from PySide6.QtWidgets import QApplication

from umbrite.desk.commands.help.about import Faults
from umbrite.desk.session.preferences import Preferences
from umbrite.desk.session.session import Session
from umbrite.desk.theme.language import speak, tr
from umbrite.desk.theme.look import dress
from umbrite.desk.theme.themes import theme_named
from umbrite.desk.window import Window
from umbrite.files.atomic import sweep_all
from umbrite.rig.errors import UmbriteError


def unexpected(window: Window, kind: type[BaseException], error: BaseException, trace: TracebackType | None) -> None:
    """What no one else caught: the running gesture is put back and the work stays. A refusal is said as it is; of a fault of ours the person
    is told, and developers get the trace.
    """
    if isinstance(error, UmbriteError):
        window.board.cancel()
        window.session.spring_back()
        window.session.say(str(error))
        return
    traceback.print_exception(kind, error, trace)
    Faults.note(error)
    window.board.cancel()
    window.session.spring_back()
    window.session.say(
        tr(
            "Something went wrong inside Umbrite ({name}: {error}). Your work is as it was before; save it under another name to be safe. Help > Copy a report of a fault tells developers more.",
            name=kind.__name__,
            error=error,
        )
    )


def collect_lightly() -> None:
    """Look for unreachable cycles among what comes from now on: looking through the modules and the window again stops a drag for 75 ms."""
    gc.freeze()
    gc.enable()


def start(file: Path | None) -> int:
    """Open the window, with a file where one is given, and run until it is closed."""
    app = QApplication(sys.argv[:1])
    app.setApplicationName("Umbrite")
    app.setOrganizationName("Umbrite")
    app.setDesktopFileName("umbrite")
    settings = QSettings("Umbrite", "Umbrite")
    speak(app, Preferences(settings).language)
    theme = theme_named(Preferences(settings).theme, Preferences(settings).board)
    dress(app, theme)
    signal.signal(signal.SIGINT, signal.SIG_DFL)
    session = Session()
    session.workspace.dress(theme)
    window = Window(session, settings)
    sys.excepthook = lambda kind, error, trace: unexpected(window, kind, error, trace)
    folders = {Path(name).parent for name in window.preferences.recent}
    threading.Thread(target=sweep_all, args=(folders,), daemon=True).start()
    window.show()
    if file is not None:
        window.files.open(file)
    QTimer.singleShot(0, collect_lightly)
    QTimer.singleShot(0, window.offer_recovery)
    return app.exec()

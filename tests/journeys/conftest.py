"""A real window on a real X display, driven by xdotool: the pointer and the keys come from the X server."""

import subprocess
import time

import numpy as np
import pytest
from PySide6.QtCore import QPoint, QSettings, Qt, QTimer
from PySide6.QtGui import QImage
from PySide6.QtWidgets import QApplication

from umbrite.desk.session.session import Session
from umbrite.desk.theme.look import dress
from umbrite.desk.window import Window

STEP = "0.014"  # seconds between two places of a drag


class Person:
    """Moves the pointer and presses keys as a person would, and counts each press, drag, typed text and key."""

    def __init__(self, qtbot, window):
        self.qtbot, self.window = qtbot, window
        self.gestures = 0

    def do(self, *words):
        """Run xdotool beside the window: drags of rows keep the window in a loop of its own until the button is up."""
        process = subprocess.Popen(["xdotool", *words])
        while process.poll() is None:
            QApplication.processEvents()
            time.sleep(0.002)
        assert process.returncode == 0
        self.settle()

    def settle(self, milliseconds=12):
        """Let the window take in what came."""
        end = time.monotonic() + milliseconds / 1000
        while time.monotonic() < end:
            QApplication.processEvents()
            time.sleep(0.002)

    def until(self, true):
        self.qtbot.waitUntil(true, timeout=5000)

    def soon(self, true, milliseconds=3000):
        """Wait until something is so, and go on in any case; whether it is."""
        end = time.monotonic() + milliseconds / 1000
        while not true() and time.monotonic() < end:
            self.settle(20)
        return true()

    def focus(self, window):
        """Give the keys to a window that shows, as a window manager would; this display has none."""
        self.soon(lambda: window.windowHandle() is not None and window.windowHandle().isExposed())
        self.do("windowfocus", "--sync", str(int(window.winId())))

    def in_dialog(self, kind, work, patience=30.0):
        """When a dialog of a kind shows and has the keys, do something in it; it comes as late as the machine is slow."""
        dialog = QApplication.activeModalWidget()
        handle = dialog.windowHandle() if isinstance(dialog, kind) else None
        if handle is not None and handle.isExposed():
            self.settle(150)
            try:
                self.do("windowfocus", "--sync", str(int(dialog.winId())))
                self.soon(dialog.isActiveWindow)
                work(dialog)
            except BaseException:
                dialog.reject()  # or its loop would never end
                raise
        elif patience > 0:
            QTimer.singleShot(100, lambda: self.in_dialog(kind, work, patience - 0.1))

    def to(self, at):
        self.do("mousemove", str(at.x()), str(at.y()))

    def click(self, at, button=1):
        self.gestures += 1
        self.to(at)
        self.do("click", str(button))

    def drag(self, start, end, steps=6):
        self.gestures += 1
        x, y = str(start.x()), str(start.y())
        words = ["mousemove", x, y, "sleep", STEP, "mousedown", "1", "sleep", STEP]
        for i in range(1, steps + 1):
            at = start + (end - start) * (i / steps)
            words += ["mousemove", str(at.x()), str(at.y()), "sleep", STEP]
        self.do(*words, "sleep", "0.05", "mouseup", "1")
        self.settle(40)

    def key(self, keys):
        self.gestures += 1
        self.do("key", keys)

    def type(self, text):
        self.gestures += 1
        self.do("type", "--delay", "8", "--", text)

    def board(self, z):
        """A board point on the screen."""
        return self.window.board.mapToGlobal(self.window.board.camera.point(z).toPoint())

    def middle(self, widget):
        return widget.mapToGlobal(widget.rect().center())

    def row(self, name):
        """The middle of a row of the family, on its name."""
        tree = self.window.family.tree
        (item,) = tree.findItems(name, Qt.MatchFlag.MatchExactly | Qt.MatchFlag.MatchRecursive)
        tree.scrollToItem(item)
        self.settle()
        box = tree.visualItemRect(item)
        return tree.viewport().mapToGlobal(QPoint(box.left() + 34, box.center().y()))

    def screen(self):
        """What the display shows, RGB, shape (height, width, 3): the X server's own pixels."""
        self.settle(50)
        handle = QApplication.primaryScreen().grabWindow(0)
        image = handle.toImage().convertToFormat(QImage.Format.Format_RGB888)
        flat = np.frombuffer(image.constBits(), np.uint8).reshape(image.height(), image.bytesPerLine())
        return flat[:, : image.width() * 3].reshape(image.height(), image.width(), 3).copy()

    def around(self, at, reach):
        return self.screen()[at.y() - reach : at.y() + reach, at.x() - reach : at.x() + reach].astype(int)


@pytest.fixture
def window(qtbot, tmp_path):
    """A real window at the corner of the display, with real dialogs."""
    app = QApplication.instance()
    assert isinstance(app, QApplication)
    assert app.platformName() == "xcb", "journeys need a real X display: make journeys"
    dress(app)
    made = Window(Session(), QSettings(str(tmp_path / "settings.ini"), QSettings.Format.IniFormat))
    made.files.folder = tmp_path
    made.setGeometry(0, 0, 1280, 800)
    made.show()
    made.activateWindow()
    qtbot.waitExposed(made)
    yield made
    made.session.history.mark_saved()
    made.close()
    made.deleteLater()
    qtbot.wait(1)


@pytest.fixture
def person(qtbot, window):
    someone = Person(qtbot, window)
    someone.settle(300)
    return someone

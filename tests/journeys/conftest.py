"""A real window on a real X display, driven by xdotool: the pointer and the keys come from the X server."""

import ctypes
import subprocess
import time

import numpy as np
import pytest
from PySide6.QtCore import QAbstractNativeEventFilter, QPoint, QSettings, Qt, QTimer
from PySide6.QtGui import QImage
from PySide6.QtWidgets import QApplication, QProgressDialog

from umbrite.desk.session.session import Session
from umbrite.desk.theme.look import dress
from umbrite.desk.window import Window

STEP = "0.014"  # seconds between two places of a drag
PROPERTY_CHANGED = 28  # the X protocol's code of that event
PATIENCE = 30.0  # seconds that something may take on a busy machine


class Marks(QAbstractNativeEventFilter):
    """Tells when the window has had all that was sent before: a property set after it comes as an event behind it."""

    def __init__(self, window):
        super().__init__()
        self.of, self.sent, self.seen = int(window.winId()), 0, 0
        self.x = ctypes.CDLL("libX11.so.6")
        self.x.XOpenDisplay.restype = ctypes.c_void_p
        self.display = ctypes.c_void_p(self.x.XOpenDisplay(None))
        self.atom = self.x.XInternAtom(self.display, b"UMBRITE_MARK", 0)

    def nativeEventFilter(self, _kind, message):
        event = ctypes.cast(int(message), ctypes.POINTER(ctypes.c_uint32))
        if event[0] & 0x7F == PROPERTY_CHANGED and event[1] == self.of and event[2] == self.atom:
            self.seen += 1
        return False, 0

    def send(self):
        replace, bytewise, integer = 0, 8, 19
        self.x.XChangeProperty(
            self.display, ctypes.c_ulong(self.of), ctypes.c_ulong(self.atom), integer, bytewise, replace, b"x", 1
        )
        self.x.XSync(self.display, 0)
        self.sent += 1

    def close(self):
        self.x.XCloseDisplay(self.display)


class Person:
    """Moves the pointer and presses keys as a person would, and counts each press, drag, typed text and key."""

    def __init__(self, qtbot, window, marks):
        self.qtbot, self.window, self.marks = qtbot, window, marks
        self.gestures = 0

    def do(self, *words):
        """Run xdotool beside the window: drags of rows keep the window in a loop of its own until the button is up."""
        assert self.tried(*words)

    def tried(self, *words):
        """Run xdotool and wait until the window has had all of it; whether it worked."""
        process = subprocess.Popen(["xdotool", *words], stderr=subprocess.DEVNULL)
        while process.poll() is None:
            QApplication.processEvents()
            time.sleep(0.002)
        self.marks.send()
        mark = self.marks.sent
        assert self.soon(lambda: self.marks.seen >= mark)
        self.settle()
        return process.returncode == 0

    def settle(self, milliseconds=12):
        """Let the window take in what came."""
        end = time.monotonic() + milliseconds / 1000
        while time.monotonic() < end:
            QApplication.processEvents()
            time.sleep(0.002)

    def until(self, true):
        self.qtbot.waitUntil(true, timeout=int(PATIENCE * 1000))

    def soon(self, true, patience=PATIENCE):
        """Wait until something is so, and go on in any case; whether it is."""
        end = time.monotonic() + patience
        while not true() and time.monotonic() < end:
            self.settle(10)
        return true()

    def focus(self, window):
        """Give the keys to a window that shows, as a window manager would; this display has none.

        A window that has just come or is about to go refuses them: then again, while it shows.
        """
        end, given = time.monotonic() + PATIENCE, False
        # That a window says it has the keys is not enough: it may only have asked for them.
        while window.isVisible() and not (given and window.isActiveWindow()) and time.monotonic() < end:
            if window.windowHandle() is not None and window.windowHandle().isExposed():
                given = self.tried("windowfocus", "--sync", str(int(window.winId())))
            self.settle(20)

    def in_dialog(self, kind, work, patience=PATIENCE):
        """When a dialog of a kind shows and has the keys, do something in it; it comes as late as the machine is slow."""
        dialog = QApplication.activeModalWidget()
        # Progress that shows on a busy machine is not what is waited for; Return would cancel it.
        wanted = isinstance(dialog, kind) and not isinstance(dialog, QProgressDialog)
        handle = dialog.windowHandle() if wanted else None
        if handle is not None and handle.isExposed():
            self.settle(150)
            try:
                self.focus(dialog)
                work(dialog)
            except BaseException:
                dialog.reject()  # or its loop would never end
                raise
        elif patience > 0:
            QTimer.singleShot(100, lambda: self.in_dialog(kind, work, patience - 0.1))

    def to(self, at):
        self.do("mousemove", str(at.x()), str(at.y()))

    def pull_up(self, name, tall=560):
        """Pull the lower edge of a panel down, so that more of its rows are seen."""
        self.window.docks[name].raise_()
        self.window.resizeDocks([self.window.docks[name]], [tall], Qt.Orientation.Vertical)
        self.settle(100)

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
    marks = Marks(window)
    QApplication.instance().installNativeEventFilter(marks)
    someone = Person(qtbot, window, marks)
    someone.focus(window)
    someone.settle(300)
    yield someone
    QApplication.instance().removeNativeEventFilter(marks)
    marks.close()

"""Looks at one thing after the other while nobody waits, so that no edit waits for what the checks notice."""

from collections.abc import Callable, Iterable

from PySide6.QtCore import QObject, Qt, QTimer, Signal
from PySide6.QtGui import QGuiApplication

PAUSE = 400  # milliseconds after an edit before it begins
BETWEEN = 15


class IdleQueue(QObject):
    """Things that wait to be looked at. `look` does it for one of them, which may be gone by now, and says whether that told anything new."""

    changed = Signal()

    def __init__(self, look: Callable[[str], bool], parent: QObject | None = None) -> None:
        super().__init__(parent)
        self._look = look
        self.waiting: list[str] = []
        self._timer = QTimer(self)
        self._timer.setSingleShot(True)
        self._timer.timeout.connect(self._on_time)

    def begin(self, keys: Iterable[str]) -> None:
        """Look at these soon, in place of what waited."""
        self.waiting = list(keys)
        if self.waiting:
            self._timer.start(PAUSE)

    def put_off(self) -> None:
        """Something moves: go on in the pause after it."""
        if self.waiting:
            self._timer.start(PAUSE)

    def _on_time(self) -> None:
        if QGuiApplication.mouseButtons() != Qt.MouseButton.NoButton:  # somebody drags something
            self._timer.start(PAUSE)
            return
        self.step()

    def step(self) -> None:
        """Look at one thing, then come back for the next."""
        if not self.waiting:
            return
        if self._look(self.waiting.pop()):
            self.changed.emit()
        if self.waiting:
            self._timer.start(BETWEEN)

    def stop(self) -> None:
        """Look at nothing more: the window closes."""
        self.waiting = []
        self._timer.stop()

    def finish(self) -> None:
        """Look at all that is left now."""
        while self.waiting:
            self.step()
        self._timer.stop()

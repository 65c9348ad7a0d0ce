"""Looks at one thing after the other while nobody waits, so that no edit waits for what the checks notice."""

from PySide6.QtCore import QObject, QTimer, Signal

from umbrite.checking.finding_codes import Finding

PAUSE = 400  # milliseconds after an edit before it begins
BETWEEN = 15


class IdleWatch(QObject):
    """Keeps findings up to date. What there is to look at, `_look` says for one thing, and `_queue` which things."""

    changed = Signal()

    def __init__(self, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self.waiting: list[str] = []
        self._timer = QTimer(self)
        self._timer.setSingleShot(True)
        self._timer.timeout.connect(self.step)

    @property
    def found(self) -> list[Finding]:
        """What is known of the document as it stands."""
        raise NotImplementedError

    def _queue(self) -> list[str] | None:
        """What is to be looked at anew; None where nothing has changed."""
        raise NotImplementedError

    def _look(self, key: str) -> None:
        """Look at one thing, which may be gone by now, and keep what was noticed."""
        raise NotImplementedError

    def begin(self) -> None:
        """Queue what looks different from when it was looked at last."""
        queued = self._queue()
        if queued is None:
            return
        self.waiting = queued
        if queued:
            self._timer.start(PAUSE)

    def step(self) -> None:
        """Look at one thing, then come back for the next."""
        if not self.waiting:
            return
        before = self.found
        self._look(self.waiting.pop())
        if self.found != before:
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

"""When the hand was where an event says: systems stamp what a pointer does, and hand it over later."""

import time

from PySide6.QtCore import QCoreApplication, Qt
from PySide6.QtGui import QGuiApplication, QMouseEvent

STAMPING = {"xcb", "wayland"}  # whose stamps are times of one clock
LATEST = 0.25  # seconds by which an event may be old


class Moments:
    """Moments of events by the clock of this computer, in seconds. Their clock is told by the event that came quickest."""

    def __init__(self) -> None:
        self._ahead: float | None = None  # of their clock to ours

    def of(self, event: QMouseEvent) -> float:
        """When the hand was there."""
        now = time.perf_counter()
        if QGuiApplication.platformName() not in STAMPING or not event.timestamp():
            return now
        stamp = event.timestamp() / 1000
        ahead = now - stamp
        if self._ahead is None or ahead < self._ahead or ahead > self._ahead + LATEST:
            self._ahead = ahead
        return stamp + self._ahead


def every_move(*, on: bool) -> None:
    """Let each move of a pointer come in by itself, or the last one of several alone, as usual."""
    QCoreApplication.setAttribute(Qt.ApplicationAttribute.AA_CompressHighFrequencyEvents, not on)
    QCoreApplication.setAttribute(Qt.ApplicationAttribute.AA_CompressTabletEvents, not on)

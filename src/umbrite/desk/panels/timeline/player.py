"""Plays the take at its own rate: the playhead goes with the clock, frames that come too late are left out and counted."""

import time

from PySide6.QtCore import QObject, Qt, QTimer, Signal

from umbrite.desk.session.session import Session
from umbrite.rig.takes.take import Take


class Player(QObject):
    """See the module. `speed` multiplies the rate."""

    changed = Signal()

    def __init__(self, session: Session, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self.session = session
        self.speed = 1.0
        self.late = 0
        self._begun = 0.0
        self._from = 0.0
        self._timer = QTimer(self)
        self._timer.setTimerType(Qt.TimerType.PreciseTimer)
        self._timer.timeout.connect(self.tick)
        session.workspace.station_changed.connect(self.stop)
        session.opened.connect(self.stop)

    @property
    def playing(self) -> bool:
        return self._timer.isActive()

    def switch(self) -> None:
        """Play from the playhead on, or stop."""
        if self.playing:
            self.stop()
            return
        take = self.session.timeline.take
        if take is None:
            return
        at = self.session.timeline.frame
        self._from = at if take.first <= at < take.last else float(take.first)
        self.late = 0
        self._begun = time.perf_counter()
        self._timer.start(max(1, round(1000 / (take.rate * self.speed))))
        self.session.timeline.set_playing(on=True)
        self.changed.emit()

    def stop(self) -> None:
        if self.playing:
            self._timer.stop()
            self.session.timeline.set_playing(on=False)
            self.changed.emit()

    def tick(self) -> None:
        """Move the playhead to where the clock is."""
        take = self.session.timeline.take
        if take is None:
            self.stop()
            return
        gone = (time.perf_counter() - self._begun) * take.rate * self.speed
        frame, ended = frame_after(take, self._from, gone)
        missed = (frame - self.session.timeline.frame) % max(take.last - take.first, 1) - 1
        self.late += max(0, round(missed)) if missed < take.rate else 0
        self.session.timeline.go_to(frame)
        if ended:
            self.stop()


def frame_after(take: Take, start: float, gone: float) -> tuple[float, bool]:
    """The whole frame at which a take is so many frames after a start, and whether it has come to its end."""
    frame = start + gone
    if take.loop:
        return float(int(take.first + (frame - take.first) % (take.last - take.first))), False
    return float(min(int(frame), take.last)), frame >= take.last

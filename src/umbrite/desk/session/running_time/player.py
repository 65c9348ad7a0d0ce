"""Plays the take at its own rate: the playhead goes with the clock, frames that come too late are left out and counted.

The clock is that of the sound where one lies under the take, else the computer's.
"""

import time
from collections.abc import Callable
from typing import Protocol

from PySide6.QtCore import QObject, Qt, QTimer, Signal

from umbrite.desk.session.timeline import Timeline
from umbrite.rig.takes.take import Take

SPEEDS = (0.25, 0.5, 1.0, 2.0)
SHORTEST = 8  # milliseconds from one look at the clock to the next


class Heard(Protocol):
    """What lets the sound of a take be heard, and tells how far it is."""

    def start(self, take: Take, frame: float, speed: float) -> None:
        """Let it be heard from a frame on."""

    def gone(self) -> float | None:
        """Seconds since the start by the sound's own clock; None where nothing is to be heard."""

    def touch(self, take: Take, frame: float) -> None:
        """Let one frame be heard."""

    def stop(self) -> None:
        """Let nothing be heard any more."""


class Silent:
    """Nothing is heard."""

    def start(self, take: Take, frame: float, speed: float) -> None:
        """See Heard."""

    def gone(self) -> None:
        """See Heard."""

    def touch(self, take: Take, frame: float) -> None:
        """See Heard."""

    def stop(self) -> None:
        """See Heard."""


class Player(QObject):
    """See the module. `speed` multiplies the rate. `ended` tells that a take came to its end by itself."""

    changed = Signal()
    went_on = Signal()  # the playhead has moved
    ended = Signal()

    def __init__(self, timeline: Timeline, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self._timeline = timeline
        self.clock: Callable[[], float] = time.perf_counter
        self.heard: Heard = Silent()
        self.speed = 1.0
        self.late = 0
        self._begun = self._from = 0.0
        self._timer = QTimer(self)
        self._timer.setTimerType(Qt.TimerType.PreciseTimer)
        self._timer.timeout.connect(self.tick)
        self._looked_at = timeline.frame
        timeline.changed.connect(self._on_timeline)

    def _on_timeline(self) -> None:
        """Where the playhead is moved by hand, its frame is heard."""
        frame, take = self._timeline.frame, self._timeline.take
        if frame != self._looked_at and not self.playing and take is not None and take.sound is not None:
            self.heard.touch(take, frame)
        self._looked_at = frame

    @property
    def playing(self) -> bool:
        return self._timer.isActive()

    def switch(self) -> None:
        """Play from the playhead on, or stop."""
        if self.playing:
            self.stop()
        elif (take := self._timeline.take) is not None:
            at = self._timeline.frame
            self.start(at if take.first <= at < take.last else float(take.first))

    def start(self, frame: float, *, bare: bool = True) -> None:
        """Play from a frame on; `bare` shows nothing but the art meanwhile."""
        take = self._timeline.take
        if take is None:
            return
        self.late, self._from = 0, frame
        self.heard.start(take, frame, self.speed)
        self._begun = self.clock()
        # With a sound it is looked at more often: its clock and ours are not the same.
        each = 1000 / (take.rate * self.speed)
        self._timer.start(max(1, round(each if take.sound is None else min(each, SHORTEST))))
        self._timeline.set_playing(on=True, bare=bare)
        self.changed.emit()

    def stop(self) -> None:
        if self.playing:
            self._timer.stop()
            self.heard.stop()
            self._timeline.set_playing(on=False)
            self.changed.emit()

    def set_speed(self, speed: float) -> None:
        """Another speed, from where it is."""
        again = self.playing
        self.stop()
        self.speed = speed
        if again:
            self.start(self._timeline.frame)

    def frame_at(self, moment: float | None = None) -> float:
        """The frame that plays at a moment of the clock, or now; it goes on past the end of a loop."""
        take = self._timeline.take
        if take is None:
            return self._from
        now = self.clock()
        heard = self.heard.gone()
        gone = now - self._begun if heard is None else heard
        before = 0.0 if moment is None else now - moment
        return self._from + max(gone - before, 0.0) * take.rate * self.speed

    def frame_in_take(self) -> float:
        """The same within the take, between whole frames."""
        take = self._timeline.take
        if take is None:
            return self.frame_at()
        at = self.frame_at()
        return take.first + (at - take.first) % (take.last - take.first) if take.loop else min(at, float(take.last))

    def tick(self) -> None:
        """Move the playhead to where the clock is."""
        take = self._timeline.take
        if take is None:
            self.stop()
            return
        frame, ended = frame_after(take, self._from, self.frame_at() - self._from)
        missed = (frame - self._timeline.frame) % max(take.last - take.first, 1) - 1
        self.late += max(0, round(missed)) if missed < take.rate else 0
        if frame != self._timeline.frame:
            self._timeline.go_to(frame)
            self.went_on.emit()
        if ended:
            self.stop()
            self.ended.emit()


def frame_after(take: Take, start: float, gone: float) -> tuple[float, bool]:
    """The whole frame at which a take is so many frames after a start, and whether it has come to its end."""
    frame = start + gone
    if take.loop:
        return float(int(take.first + (frame - take.first) % (take.last - take.first))), False
    return float(min(int(frame), take.last)), frame >= take.last

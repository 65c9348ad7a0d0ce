"""What hangs loose, live: it swings after what is posed, by the clock. Nothing of it is kept in the pose."""

import math
import time
from collections.abc import Callable, Mapping
from typing import NamedTuple

import numpy as np
from PySide6.QtCore import QObject, Qt, QTimer, Signal

from umbrite.motion.animating.swinging import arm_of, loose_ranks, pivots_of, step_of, stepped, stiff_angles, thrown_by
from umbrite.motion.placed import Placed
from umbrite.rig.model import Loose

TICK = 16  # milliseconds
LONGEST = 0.05  # seconds that a step may count for
STILL = 5e-4  # radians, and radians a second, below which it hangs still


class _Bob(NamedTuple):
    """A loose joint as it was at the last step: where it would point if it were stiff, its own angle and speed, its pivot's way."""

    stiff: float
    angle: float
    speed: float
    pivot: complex
    going: complex


class Dangling(QObject):
    """See the module. `offsets` are turns by channel; `moved` tells that there are others."""

    moved = Signal()

    def __init__(self, placed: Callable[[], Placed], parent: QObject | None = None) -> None:
        super().__init__(parent)
        self._placed = placed
        self.on = False
        self.offsets: Mapping[str, float] = {}
        self._bobs: dict[str, _Bob] = {}
        self._timer = QTimer(self)
        self._timer.setInterval(TICK)
        self._timer.setTimerType(Qt.TimerType.PreciseTimer)
        self._timer.timeout.connect(self._on_clock)
        self._last = 0.0

    def switch(self, *, on: bool) -> None:
        """Let it swing, or hang as it is posed."""
        self.on = on
        if on:
            self.wake()
        else:
            self.calm()

    def wake(self) -> None:
        """Something has moved."""
        if self.on and not self._timer.isActive() and loose_ranks(self._placed().plan.puppet):
            self._last = time.perf_counter()
            if not self._bobs:
                self._begin()
            self._timer.start()

    def calm(self) -> None:
        """Nothing swings any more."""
        self._timer.stop()
        self._bobs = {}
        if self.offsets:
            self.offsets = {}
            self.moved.emit()

    def _begin(self) -> None:
        placed = self._placed()
        for rank in loose_ranks(placed.plan.puppet):
            for key in rank:
                stiff, pivot = float(stiff_angles(placed, key)[0]), complex(pivots_of(placed, key)[0])
                self._bobs[key] = _Bob(stiff, stiff, 0.0, pivot, 0j)

    def _on_clock(self) -> None:
        now = time.perf_counter()
        self.tick(min(now - self._last, LONGEST))
        self._last = now

    def tick(self, seconds: float) -> None:
        """Go on by a time."""
        placed = self._placed()
        puppet = placed.plan.puppet
        known = {key for rank in loose_ranks(puppet) for key in rank}
        if known != set(self._bobs):
            self._bobs = {}
            self._begin()
        offsets, still = {}, True
        for key in known:
            bob = self._swung(self._bobs[key], placed, key, puppet.joints[key].loose or Loose(), seconds)
            still &= abs(bob.angle - bob.stiff) < STILL and abs(bob.speed) < STILL * 10 and abs(bob.going) < 1
            self._bobs[key] = bob
            offsets[f"{key}.turn"] = bob.angle - bob.stiff
        if still:
            self.calm()
        else:
            self.offsets = offsets
            self.moved.emit()

    def _swung(self, bob: _Bob, placed: Placed, key: str, how: Loose, seconds: float) -> _Bob:
        found, pivot = float(stiff_angles(placed, key)[0]), complex(pivots_of(placed, key)[0])
        stiff = bob.stiff + math.remainder(found - bob.stiff, 2 * math.pi)
        going = (pivot - bob.pivot) / seconds
        pull = np.array([(going - bob.going) / seconds])
        thrown = float(thrown_by(pull, np.array([stiff]), arm_of(placed.plan.puppet, key))[0])
        towards = stiff + how.weight * thrown / (2 * math.pi * how.frequency) ** 2
        angle, speed = stepped(step_of(how, seconds), bob.angle, bob.speed, towards)
        off = min(max(angle - stiff, -how.reach), how.reach)
        return _Bob(stiff, stiff + off, speed, pivot, going)

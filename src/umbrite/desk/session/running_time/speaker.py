"""Lets the sounds of takes be heard, and tells how far they are. Where there is no device, time runs as true without one."""

import os
import time
from collections.abc import Callable, Generator
from pathlib import Path
from typing import TYPE_CHECKING

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QTimer

from umbrite.rig.takes.take import Sound, Take
from umbrite.sound.blocks import Blocks, SoundClock
from umbrite.sound.samples import RATE, Samples

if TYPE_CHECKING:
    from miniaudio import PlaybackDevice

BUFFER = 50  # milliseconds that a device asks for at once
SHORTEST = 0.06  # seconds of a frame that is heard while the lamp is dragged


class Speaker:
    """See the module. `samples` gives what is known of a sound; the device is opened for the first one."""

    def __init__(self, samples: Callable[[Sound | None], Samples | None]) -> None:
        self._samples = samples
        self._device: PlaybackDevice | None = None
        self._clock: SoundClock | None = None
        self._running = False
        self._quiet = QTimer()
        self._quiet.setSingleShot(True)
        self._quiet.timeout.connect(self.stop)

    def start(self, take: Take, frame: float, speed: float) -> None:
        """Let the sound of a take be heard from a frame on."""
        self.stop()
        samples = self._samples(take.sound)
        if samples is None:
            return
        self._clock = SoundClock(RATE)
        self._play(Blocks(samples, take, frame, speed), self._clock)

    def touch(self, take: Take, frame: float) -> None:
        """Let one frame be heard."""
        samples = self._samples(take.sound)
        if samples is None or self._clock is not None:
            return
        seconds = max(1 / take.rate, SHORTEST)
        self.stop()
        self._play(Blocks(samples, take, frame, length=round(seconds * RATE)), None)
        self._quiet.start(round(1000 * seconds) + 3 * BUFFER)

    def gone(self) -> float | None:
        """Seconds since the start, by the device that plays; None where nothing is heard."""
        return None if self._clock is None else self._clock.heard(time.perf_counter())

    def stop(self) -> None:
        self._quiet.stop()
        self._clock = None
        if self._device is not None and self._running:
            self._device.stop()
        self._running = False

    def close(self) -> None:
        """The window is closed."""
        self.stop()
        if self._device is not None:
            self._device.close()
            self._device = None

    def _play(self, blocks: Blocks, clock: SoundClock | None) -> None:
        if self._device is None:
            self._device = _opened()
        asked = _asked(blocks, clock)
        next(asked)
        self._device.start(asked)
        self._running = True


def _asked(blocks: Blocks, clock: SoundClock | None) -> Generator[bytes | NDArray[np.int16], int, None]:
    """What a device gets when it asks; it asks from a thread of its own."""
    count = yield b""
    while True:
        if clock is not None:
            clock.ask(count, time.perf_counter())
        count = yield blocks.next(count).tobytes()


def _opened() -> "PlaybackDevice":
    """The device of the desktop; a silent one where there is none, or it can't be opened."""
    import miniaudio

    silent = [miniaudio.Backend.NULL]
    if _has_device():
        try:
            return miniaudio.PlaybackDevice(nchannels=2, sample_rate=RATE, buffersize_msec=BUFFER, app_name="Umbrite")
        except miniaudio.MiniaudioError:
            pass
    return miniaudio.PlaybackDevice(nchannels=2, sample_rate=RATE, buffersize_msec=BUFFER, backends=silent)


def _has_device() -> bool:
    """Whether it makes sense to look for one: libraries write pages of errors where there is none."""
    runtime = Path(os.environ.get("XDG_RUNTIME_DIR", "/nonexistent"))
    sockets = (runtime / "pulse" / "native", runtime / "pipewire-0")
    return "PULSE_SERVER" in os.environ or any(each.exists() for each in sockets) or any(Path("/dev/snd").glob("pcm*p"))

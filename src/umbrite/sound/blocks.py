"""What is heard while a take plays, a block at a time: its sound from a frame on, at any speed, round and round in a loop."""

import numpy as np
from numpy.typing import NDArray

from umbrite.rig.takes.sounds import sound_of
from umbrite.rig.takes.take import Take
from umbrite.sound.samples import Samples

FADE = 96  # samples in which a short piece comes and goes, so that it does not click


class Blocks:
    """See the module. At other speeds it sounds higher or lower. With `length` (samples of what is heard) it falls silent after that."""

    def __init__(
        self, samples: Samples, take: Take, frame: float, speed: float = 1.0, length: int | None = None
    ) -> None:
        self._values = samples.values if samples.values.shape[1] == 2 else np.repeat(samples.values, 2, axis=1)
        self._rate, self._take, self._frame, self._speed, self._length = samples.rate, take, frame, speed, length
        self.given = 0  # samples so far

    def next(self, count: int) -> NDArray[np.int16]:
        """The next so many samples, (count, 2)."""
        numbers = self.given + np.arange(count)
        self.given += count
        take, sound = self._take, sound_of(self._take)
        frames = self._frame + numbers * (self._speed * take.rate / self._rate)
        if take.loop:
            frames = take.first + np.mod(frames - take.first, take.last - take.first)
        seconds = (frames - sound.at) / take.rate
        heard = (seconds >= sound.starts) & (seconds < sound.heard_to) & (frames < take.last + 1)
        at = np.clip(seconds * self._rate, 0, len(self._values) - 1)
        low = at.astype(np.intp)
        high, share = np.minimum(low + 1, len(self._values) - 1), (at - low)[:, None]
        made = self._values[low] * (1 - share) + self._values[high] * share
        made *= heard[:, None]
        if self._length is not None:
            made *= np.clip(np.minimum(numbers + 1, self._length - numbers) / FADE, 0.0, 1.0)[:, None]
        return np.asarray(np.rint(made), dtype=np.int16)


class SoundClock:
    """How much of a sound has been heard, by the device that asks for its samples: smooth between its requests, true over hours.

    A device takes blocks a little ahead (`ahead` samples of them lie waiting). What comes early or late by the way of a busy machine is evened
    out: each request moves the clock by a part of what it is off, and by all of it where that is much.
    """

    EVENED, MUCH = 0.06, 0.15  # share of what it is off, and seconds that are too much to be evened out

    def __init__(self, rate: int) -> None:
        self._rate = rate
        self._given = 0
        self._ahead = 0
        self._begun: float | None = None
        self._off = 0.0

    def ask(self, count: int, now: float) -> None:
        """The device asks for so many samples at a moment, seconds."""
        if self._begun is None:
            self._begun = now
        if now - self._begun < count / self._rate / 2:  # the first ones are asked for at once, and lie waiting
            self._ahead += count
        heard = (self._given + count - self._ahead) / self._rate
        off = heard - (now - self._begun) - self._off
        self._off += off if abs(off) > self.MUCH else off * self.EVENED
        self._given += count

    def heard(self, now: float) -> float:
        """The seconds that have been heard by then."""
        return 0.0 if self._begun is None else max(now - self._begun + self._off, 0.0)

"""A sound as numbers: what the readers give, and what players, analyses and films take."""

from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

RATE = 48_000  # samples a second of every sound in here


class Samples(NamedTuple):
    """`values` are (samples, channels), 16 bits each, `rate` of them a second; one or two channels, never empty."""

    values: NDArray[np.int16]
    rate: int = RATE

    @property
    def seconds(self) -> float:
        """How long it is."""
        return len(self.values) / self.rate

    def between(self, start: float, end: float) -> "Samples":
        """What lies from a second to another; silence where there is nothing. At least one sample."""
        first = round(start * self.rate)
        made = np.zeros((max(1, round(end * self.rate) - first), self.values.shape[1]), np.int16)
        low, high = max(first, 0), min(first + len(made), len(self.values))
        if low < high:
            made[low - first : high - first] = self.values[low:high]
        return Samples(made, self.rate)

    def mono(self) -> NDArray[np.float32]:
        """All of it in one channel, (samples,), from -1 to 1."""
        return np.asarray(self.values.mean(axis=1, dtype=np.float32) / 32768, dtype=np.float32)

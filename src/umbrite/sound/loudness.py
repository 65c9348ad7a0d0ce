"""How loud a sound is, when something in it begins loudly, and how bright it is; in steps of a hundredth of a second."""

import numpy as np
from numpy.typing import NDArray

from umbrite.sound.samples import Samples

Floats = NDArray[np.float64]
STEPS = 100  # a second
QUIETEST = -60.0  # decibels, at which there is silence
APART = 0.18  # seconds between two accents
RISES = 5.0  # decibels by which an accent is louder than what was before it
LOOKS_BACK = 12  # steps


def loudness(samples: Samples) -> Floats:
    """Decibels of each step below the loudest one, (steps,), none under QUIETEST. Silence is QUIETEST all through."""
    values = samples.mono().astype(np.float64)
    length = samples.rate // STEPS
    whole = np.concatenate([values, np.zeros(-len(values) % length)]).reshape(-1, length)
    power = (whole**2).mean(axis=1)
    if power.max() <= 0:
        return np.full(len(power), QUIETEST)
    found: Floats = np.maximum(10 * np.log10(np.maximum(power / power.max(), 1e-12)), QUIETEST)
    return found


def accents(samples: Samples, least: float = RISES) -> list[float]:
    """The seconds at which something begins loudly: louder by so many decibels than shortly before, and not too quiet itself."""
    loud = loudness(samples)
    before = np.array(
        [loud[max(i - LOOKS_BACK, 0) : max(i - 1, 1)].mean() if i else QUIETEST for i in range(len(loud))]
    )
    rise = np.where(loud > QUIETEST / 2, loud - before, 0.0)
    rise[0] = 0.0 if loud[0] <= QUIETEST / 2 else RISES
    found: list[int] = []
    for i in np.argsort(-rise, kind="stable"):
        if rise[i] < least:
            break
        if all(abs(int(i) - other) >= APART * STEPS for other in found):
            found.append(int(i))
    return [_begin(loud, i) / STEPS for i in sorted(found)]


def _begin(loud: Floats, i: int) -> int:
    """Where the way up to a step begins."""
    while i > 0 and loud[i - 1] > loud[i] - RISES / 2 and loud[i - 1] < loud[i] and loud[i] - loud[i - 1] > 0.5:
        i -= 1
    return i


def brightness(samples: Samples) -> Floats:
    """Of each step the frequency below which half of the sound lies, hertz, (steps,); 0 in silence."""
    values = samples.mono().astype(np.float64)
    length = samples.rate // STEPS
    whole = np.concatenate([values, np.zeros(-len(values) % length)]).reshape(-1, length)
    spectra = np.abs(np.fft.rfft(whole * np.hanning(length), n=2 * length, axis=1)) ** 2
    sums = np.cumsum(spectra, axis=1)
    middles = (sums >= sums[:, -1:] / 2).argmax(axis=1)
    return np.where(sums[:, -1] > 0, middles * samples.rate / (2 * length), 0.0)

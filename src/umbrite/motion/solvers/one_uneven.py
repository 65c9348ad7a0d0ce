"""The solver of `uneven` for one limb of two joints in one frame, in plain numbers: the same formulas in the same order (see `one_frame`)."""

import cmath
import math
from typing import NamedTuple

from umbrite.rig.numbers.angles import TAU

POLISHED = 5  # steps by Newton's method to each place
SAMPLES = 48
STEP = TAU / SAMPLES
BESIDE = 1.5 * STEP  # how far from where a wave turns two places may lie that no two samples tell apart
_TABLE = [
    (2 * math.cos(i * STEP), -2 * math.sin(i * STEP), 2 * math.cos(2 * i * STEP), -2 * math.sin(2 * i * STEP))
    for i in range(SAMPLES)
]
Wave = tuple[float, complex, complex]
Span = tuple[float, float]


class Arm(NamedTuple):
    """Two true joints: the goal from the root, both lengths, the upper joint's map, the senses of both turns, and what they may be."""

    to: complex
    first: complex
    second: complex
    a: complex
    b: complex
    flips: tuple[float, ...]
    span: Span
    room: Span

    def nearest(self, found: float, equal: float) -> tuple[tuple[float, float], float]:
        """The turns that bring the tip nearest, and how near that is; among equals those whose second is nearest to `found`."""
        c = self.a * self.first + self.b * self.first.conjugate()
        p, q = self.a * self.second, self.b * self.second.conjugate()
        whole = abs(c) ** 2 + abs(p) ** 2 + abs(q) ** 2
        k2 = p * q.conjugate()
        places = _of_length((whole - abs(self.to) ** 2, c * q.conjugate() + p * c.conjugate(), k2))
        turns, near = self._best(places, found, equal)
        if near <= equal:
            return turns, near
        for end in self.span:
            away = c - cmath.rect(1.0, -end * self.flips[0]) * self.to
            wave = (0.0, away * q.conjugate() + p * away.conjugate(), k2)
            places += _turning(wave, _sampled(wave))
        return self._best(places, found, equal)

    def _best(self, places: list[float], found: float, equal: float) -> tuple[tuple[float, float], float]:
        low, high = self.room
        tried = []
        for place in places:
            second = found + math.remainder(place * self.flips[1] - found, TAU)
            second += TAU if second < low else -TAU if second > high else 0.0
            tried.append(self._away(min(max(second, low), high)))
        tried += [self._away(low), self._away(high)]
        least = min(away for away, _, _ in tried) + equal
        near, first, second = min(
            (each for each in tried if each[0] <= least), key=lambda each: abs(each[2] - found)
        )
        return (first, second), near

    def _away(self, second: float) -> tuple[float, float, float]:
        """How far the tip stays from the goal with a second turn, the first turn that brings it nearest, and the second."""
        arm = self.first + cmath.rect(1.0, second * self.flips[1]) * self.second
        arm = self.a * arm + self.b * arm.conjugate()
        aimed = cmath.phase(self.to * arm.conjugate()) * self.flips[0]
        middle = (self.span[0] + self.span[1]) / 2
        first = min(max(middle + math.remainder(aimed - middle, TAU), self.span[0]), self.span[1])
        return abs(self.to - cmath.rect(1.0, first * self.flips[0]) * arm), first, second


def _sampled(wave: Wave) -> list[float]:
    k0, k1, k2 = wave
    x1, y1, x2, y2 = k1.real, k1.imag, k2.real, k2.imag
    return [k0 + x1 * a + y1 * b + x2 * c + y2 * d for a, b, c, d in _TABLE]


def _first_four(marked: list[bool]) -> list[float]:
    order = [i for i, is_one in enumerate(marked) if is_one][:4]
    if len(order) < 4:
        order += [i for i, is_one in enumerate(marked) if not is_one][: 4 - len(order)]
    return [i * STEP for i in order]


def _turning(wave: Wave, samples: list[float]) -> list[float]:
    rises = [samples[i] > samples[i - 1] for i in range(SAMPLES)]
    marked = [rises[i] != rises[(i + 1) % SAMPLES] for i in range(SAMPLES)]
    _, k1, k2 = wave
    found = []
    for angle in _first_four(marked):
        for _ in range(POLISHED):
            z = cmath.rect(1.0, angle)
            one, two = k1 * z, k2 * z * z
            angle -= _step(-2 * (one + 2 * two).imag, -2 * (one + 4 * two).real)  # noqa: PLW2901
        found.append(angle)
    return found


def _of_length(wave: Wave) -> list[float]:
    """Where a wave is 0, and where it turns."""
    samples = _sampled(wave)
    turning = _turning(wave, samples)
    above = [each > 0 for each in samples]
    starts = _first_four([above[i] != above[(i + 1) % SAMPLES] for i in range(SAMPLES)])
    starts = [each + STEP / 2 for each in starts]
    k0, k1, k2 = wave
    for angle in turning:
        z = cmath.rect(1.0, angle)
        one, two = k1 * z, k2 * z * z
        value, bend = k0 + 2 * (one + two).real, -2 * (one + 4 * two).real
        aside = math.sqrt(max(0.0, -2 * value / bend)) if bend else 0.0
        if aside < BESIDE:
            starts += [angle - aside, angle + aside]
    found = []
    for angle in starts:
        for _ in range(POLISHED):
            z = cmath.rect(1.0, angle)
            one, two = k1 * z, k2 * z * z
            angle -= _step(k0 + 2 * (one + two).real, -2 * (one + 2 * two).imag)  # noqa: PLW2901
        found.append(angle)
    return found + turning


def _step(value: float, slope: float) -> float:
    if abs(slope) <= 1e-300:
        return 0.0
    return min(max(value / slope, -STEP), STEP)

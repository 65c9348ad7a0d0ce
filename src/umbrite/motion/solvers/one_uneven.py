"""The solver of `uneven` for one limb of two joints in one frame, in plain numbers: the same formulas in the same order (see `one_frame`)."""

import cmath
import math
from typing import NamedTuple

from umbrite.rig.quantities.angles import TAU

POLISHED = 5  # steps by Newton's method to each place
SAMPLES = 48
STEP = TAU / SAMPLES
BESIDE = 1.5 * STEP  # how far from where a wave turns two places may lie that no two samples tell apart
BESIDE_SIMPLE = 1.0  # and how far such places are looked for where a wave is simple
SIMPLE = 1.02  # so far beyond the astroid a wave is taken to rise and fall once only
COARSE_SAMPLES = 24  # enough for such a wave
COARSE_STEP = TAU / COARSE_SAMPLES
Row = tuple[float, float, float, float]
Wave = tuple[float, complex, complex]
Span = tuple[float, float]


def _table(samples: int) -> list[Row]:
    at = [i * TAU / samples for i in range(samples)]
    return [(2 * math.cos(x), -2 * math.sin(x), 2 * math.cos(2 * x), -2 * math.sin(2 * x)) for x in at]


_TABLE, _COARSE = _table(SAMPLES), _table(COARSE_SAMPLES)


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
        wave = (whole - abs(self.to) ** 2, c * q.conjugate() + p * c.conjugate(), k2)
        one_place = self._one_place(wave, found)
        if one_place and one_place[1] <= equal:
            return one_place
        places = _of_length(wave)
        turns, near = self._best(places, found, equal)
        if near <= equal:
            return turns, near
        for end in self.span:
            away = c - cmath.rect(1.0, -end * self.flips[0]) * self.to
            places += _turning((0.0, away * q.conjugate() + p * away.conjugate(), k2))
        return self._best(places, found, equal)

    def _one_place(self, wave: Wave, found: float) -> tuple[tuple[float, float], float] | None:
        """The turns where it is plain that they are the only ones, and how near the tip comes."""
        if not _simple(wave):
            return None
        low, high = self.room
        least, most = low - COARSE_STEP, high + COARSE_STEP
        inside = [x for x in _simple_crossing(wave) if least < self._turned(x, found) < most]
        if len(inside) != 1:
            return None
        second = self._turned(_crossing(wave, inside[0]), found)
        if not low <= second <= high:
            return None
        near, first, _ = self._away(second)
        return (first, second), near

    def _turned(self, place: float, found: float) -> float:
        """The second turn for an angle of z: in the room if it can be, else near `found`."""
        second = found + math.remainder(place * self.flips[1] - found, TAU)
        if second < self.room[0]:
            return second + TAU
        return second - TAU if second > self.room[1] else second

    def _best(self, places: list[float], found: float, equal: float) -> tuple[tuple[float, float], float]:
        low, high = self.room
        seconds = [min(max(self._turned(place, found), low), high) for place in places]
        tried = [self._away(second) for second in (*seconds, low, high)]
        least = min(away for away, _, _ in tried) + equal
        near, first, second = min((each for each in tried if each[0] <= least), key=lambda each: abs(each[2] - found))
        return (first, second), near

    def _away(self, second: float) -> tuple[float, float, float]:
        """How far the tip stays from the goal with a second turn, the first turn that brings it nearest, and the second."""
        arm = self.first + cmath.rect(1.0, second * self.flips[1]) * self.second
        arm = self.a * arm + self.b * arm.conjugate()
        aimed = cmath.phase(self.to * arm.conjugate()) * self.flips[0]
        middle = (self.span[0] + self.span[1]) / 2
        first = min(max(middle + math.remainder(aimed - middle, TAU), self.span[0]), self.span[1])
        return abs(self.to - cmath.rect(1.0, first * self.flips[0]) * arm), first, second


def _sampled(wave: Wave, table: list[Row]) -> list[float]:
    k0, k1, k2 = wave
    x1, y1, x2, y2 = k1.real, k1.imag, k2.real, k2.imag
    return [k0 + x1 * a + y1 * b + x2 * c + y2 * d for a, b, c, d in table]


def _first_four(marked: list[bool]) -> list[float]:
    order = [i for i, is_one in enumerate(marked) if is_one][:4]
    if len(order) < 4:
        order += [i for i, is_one in enumerate(marked) if not is_one][: 4 - len(order)]
    return [i * STEP for i in order]


def _simple(wave: Wave) -> bool:
    _, k1, k2 = wave
    size, cross = abs(k1) ** 2, abs(k2)
    along = (k1 * k1 * k2.conjugate()).real / max(cross, 1e-300)
    x, y = max(size + along, 0.0) / 2, max(size - along, 0.0) / 2
    return math.cbrt(x) + math.cbrt(y) > SIMPLE * math.cbrt(16 * cross**2)


def _simple_crossing(wave: Wave) -> list[float]:
    """Near which angles a simple wave is 0, if it is, within a step of the coarse samples."""
    samples = _sampled(wave, _COARSE)
    found = []
    for i, here in enumerate(samples):
        there = samples[(i + 1) % COARSE_SAMPLES]
        if (here > 0) != (there > 0):
            found.append(COARSE_STEP * (i + here / (here - there)))
    return found


def _turning(wave: Wave) -> list[float]:
    """Where a wave turns: at four angles, or at two if it is simple."""
    _, k1, k2 = wave
    if _simple(wave):
        samples = _sampled(wave, _COARSE)
        starts = [COARSE_STEP * samples.index(end(samples)) for end in (max, min)]
    else:
        samples = _sampled(wave, _TABLE)
        rises = [samples[i] > samples[i - 1] for i in range(SAMPLES)]
        starts = _first_four([rises[i] != rises[(i + 1) % SAMPLES] for i in range(SAMPLES)])
    found = []
    for angle in starts:
        for _ in range(POLISHED):
            z = cmath.rect(1.0, angle)
            one, two = k1 * z, k2 * z * z
            angle -= _step(-2 * (one + 2 * two).imag, -2 * (one + 4 * two).real)  # noqa: PLW2901
        found.append(angle)
    return found


def _of_length(wave: Wave) -> list[float]:
    """Where a wave is 0, and where it turns."""
    turning = _turning(wave)
    if _simple(wave):
        starts, beside = _simple_crossing(wave), BESIDE_SIMPLE
    else:
        above, beside = [each > 0 for each in _sampled(wave, _TABLE)], BESIDE
        starts = _first_four([above[i] != above[(i + 1) % SAMPLES] for i in range(SAMPLES)])
        starts = [each + STEP / 2 for each in starts]
    k0, k1, k2 = wave
    for angle in turning:
        z = cmath.rect(1.0, angle)
        one, two = k1 * z, k2 * z * z
        value, bend = k0 + 2 * (one + two).real, -2 * (one + 4 * two).real
        aside = math.sqrt(max(0.0, -2 * value / bend)) if bend else 0.0
        if aside < beside:
            starts += [angle - aside, angle + aside]
    return [_crossing(wave, start) for start in starts] + turning


def _crossing(wave: Wave, angle: float) -> float:
    k0, k1, k2 = wave
    for _ in range(POLISHED):
        z = cmath.rect(1.0, angle)
        one, two = k1 * z, k2 * z * z
        angle -= _step(k0 + 2 * (one + two).real, -2 * (one + 2 * two).imag)
    return angle


def _step(value: float, slope: float) -> float:
    if abs(slope) <= 1e-300:
        return 0.0
    return min(max(value / slope, -STEP), STEP)

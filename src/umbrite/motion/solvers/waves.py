"""Sums of a turn and twice that turn, `k0 + 2 Re(k1 z + k2 z^2)` with z = exp(i angle): where they are 0 and where they turn, many at once.

Each has four places of either kind at most, which a few samples tell apart and Newton's method finds. Most rise once and fall once.
Shapes are (cases,) for the sums and (cases, several) for angles in radians.
"""

from collections.abc import Callable
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from umbrite.motion.solvers.one_uneven import (
    BESIDE,
    BESIDE_SIMPLE,
    COARSE_SAMPLES,
    COARSE_STEP,
    POLISHED,
    SAMPLES,
    SIMPLE,
    STEP,
)
from umbrite.rig.quantities.angles import TAU

Floats = NDArray[np.float64]
Complexes = NDArray[np.complex128]
Flags = NDArray[np.bool_]


class Wave(NamedTuple):
    """`k0 + 2 Re(k1 z + k2 z^2)` with z = exp(i angle), by case."""

    k0: Floats
    k1: Complexes
    k2: Complexes

    def sampled(self, table: Floats) -> Floats:
        """The values at the angles of a table, (cases, samples)."""
        rows = np.stack([self.k0, self.k1.real, self.k1.imag, self.k2.real, self.k2.imag], axis=1)
        return np.asarray(rows @ table)

    def at_cases(self, index: NDArray[np.intp]) -> "Wave":
        """Some of the cases only."""
        return Wave(self.k0[index], self.k1[index], self.k2[index])

    def value(self, z: Complexes) -> Floats:
        """The value at places z on the circle (cases, several)."""
        return self.k0[:, None] + 2 * (z * (self.k1[:, None] + self.k2[:, None] * z)).real

    def slope(self, z: Complexes) -> Floats:
        """How it rises there."""
        return -2 * (z * (self.k1[:, None] + 2 * self.k2[:, None] * z)).imag

    def bend(self, z: Complexes) -> Floats:
        """How the rise changes there."""
        return -2 * (z * (self.k1[:, None] + 4 * self.k2[:, None] * z)).real

    def crossing_from(self, angles: Floats, steps: int = POLISHED) -> Floats:
        """The angles where it is 0, by Newton's method from angles near by."""
        return _polished(angles, lambda z: _step(self.value(z), self.slope(z)), steps)

    def turning_from(self, angles: Floats) -> Floats:
        """The angles where it turns, likewise."""
        return _polished(angles, lambda z: _step(self.slope(z), self.bend(z)))

    def simple(self) -> Flags:
        """Where the wave rises once and falls once.

        It turns where the normals from a point to an ellipse meet that: twice outside the ellipse's evolute, an astroid.
        """
        size, cross = np.abs(self.k1) ** 2, np.abs(self.k2)
        along = (self.k1**2 * np.conj(self.k2)).real / np.maximum(cross, 1e-300)
        # The point's places on both axes, squared.
        x, y = np.maximum(size + along, 0.0) / 2, np.maximum(size - along, 0.0) / 2
        return np.asarray(np.cbrt(x) + np.cbrt(y) > SIMPLE * np.cbrt(16 * cross**2))

    def simple_crossing(self) -> tuple[Floats, Flags]:
        """Near which angles a simple wave is 0, (cases, 2), within a step of the coarse samples, and whether it is."""
        samples = self.sampled(COARSE)
        above = samples > 0
        crosses = above[:, :-1] != above[:, 1:]
        last = above[:, -1] != above[:, 0]
        first = crosses.argmax(axis=1)
        second = np.where(last, COARSE_SAMPLES - 1, COARSE_SAMPLES - 2 - crosses[:, ::-1].argmax(axis=1))
        before, every = np.stack([first, second], axis=1), np.arange(len(samples))[:, None]
        here, there = samples[every, before], samples[every, (before + 1) % COARSE_SAMPLES]
        fall = here - there
        share = np.clip(here / np.where(fall == 0, np.inf, fall), 0.0, 1.0)
        return COARSE_STEP * (before + share), crosses.any(axis=1)

    def turning(self) -> Floats:
        """Where it turns: (cases, 4), or (cases, 2) where all are simple."""
        if self.simple().all():
            samples = self.sampled(COARSE)
            starts = COARSE_STEP * np.stack([samples.argmax(axis=1), samples.argmin(axis=1)], axis=1)
        else:
            samples = self.sampled(TABLE)
            rises = samples > np.roll(samples, 1, axis=1)
            starts = _first_four(rises != np.roll(rises, -1, axis=1))
        return self.turning_from(starts)

    def places(self) -> Floats:
        """Where it is 0, from where samples change their sign, and from both sides of where it turns; and where it turns: (cases, several)."""
        turning = self.turning()
        value, bend = self.value(np.exp(1j * turning)), self.bend(np.exp(1j * turning))
        aside = np.sqrt(np.maximum(0.0, -2 * value / np.where(bend == 0, np.inf, bend)))
        beside = BESIDE
        if self.simple().all():
            starts, beside = self.simple_crossing()[0], BESIDE_SIMPLE
        else:
            above = self.sampled(TABLE) > 0
            starts = _first_four(above != np.roll(above, -1, axis=1)) + STEP / 2
        # Two places close together are found from where it turns between them; others are found already.
        close = aside < beside
        pair = [np.where(close, turning + sign * aside, starts[:, :1]) for sign in (-1, 1)]
        starts = np.concatenate([starts, *pair], axis=1)
        return np.concatenate([self.crossing_from(starts), turning], axis=1)


def _table(samples: int) -> Floats:
    at = np.arange(samples) * (TAU / samples)
    return np.stack([np.ones(samples), 2 * np.cos(at), -2 * np.sin(at), 2 * np.cos(2 * at), -2 * np.sin(2 * at)])


TABLE, COARSE = _table(SAMPLES), _table(COARSE_SAMPLES)


def _first_four(marked: Flags) -> Floats:
    """The angles of the first four samples that are marked, (cases, 4); others where there are fewer."""
    order = np.argsort(~marked, axis=1, kind="stable")[:, :4]
    return np.asarray(order * STEP)


def _polished(angles: Floats, step: Callable[[Complexes], Floats], steps: int = POLISHED) -> Floats:
    z = np.exp(1j * angles)
    for _ in range(steps):
        z = z * (1 - 1j * step(z))
        z = z * (1.5 - 0.5 * (z.real**2 + z.imag**2))  # back onto the circle
    return np.asarray(np.angle(z))


def _step(value: Floats, slope: Floats) -> Floats:
    """A step by Newton's method, a short one where it is level."""
    return np.clip(value / np.where(np.abs(slope) <= 1e-300, np.inf, slope), -STEP, STEP)

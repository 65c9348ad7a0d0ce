"""The shapes of a mouth that speaks: which phone wants which, when, and how they are told where no phones are known."""

from collections.abc import Iterable, Sequence
from itertools import groupby
from typing import NamedTuple

import numpy as np

from umbrite.sound.loudness import QUIETEST, STEPS, brightness, loudness
from umbrite.sound.phones import SILENT, Phone
from umbrite.sound.samples import Samples

REST, CLOSED, TEETH, TONGUE, WIDE, ROUND, OPEN = "rest", "closed", "teeth", "tongue", "wide", "round", "open"
SHAPES = (CLOSED, OPEN, WIDE, ROUND, TEETH, TONGUE)
PHONES = {
    CLOSED: ("M", "B", "P"),
    TEETH: ("F", "V"),
    TONGUE: ("L", "TH", "DH"),
    ROUND: ("OW", "UW", "W", "UH", "AO", "OY", "R", "ER", "SH", "CH", "JH", "ZH"),
    WIDE: ("IY", "IH", "EY", "S", "Z", "Y", "T", "D", "N", "NG", "K", "G"),
    OPEN: ("AA", "AE", "AH", "AY", "AW", "EH", "HH"),
}
SHAPE_OF = {phone: shape for shape, phones in PHONES.items() for phone in phones}
# How far open, and how wide from -1 to 1, each of them is: for mouths that are no drawings.
OPENNESS = {REST: 0.0, CLOSED: 0.0, TEETH: 0.2, TONGUE: 0.4, WIDE: 0.45, ROUND: 0.55, OPEN: 1.0}
WIDTH = {REST: 0.0, CLOSED: 0.0, TEETH: 0.3, TONGUE: 0.1, WIDE: 1.0, ROUND: -1.0, OPEN: 0.2}
QUIET = -38.0  # decibels below the loudest, under which nothing is said
BRIGHT, DARK = 1800.0, 500.0  # hertz, beyond which a mouth is wide, and below which it is round
HALF_OPEN = -14.0  # decibels


class Shape(NamedTuple):
    """A shape and the seconds between which it stands."""

    name: str
    start: float
    end: float


def shapes_of(phones: Iterable[Phone], samples: Samples) -> list[Shape]:
    """The shapes for phones, neighbours of one shape together; where the sound is quiet the mouth rests."""
    loud = loudness(samples)

    def name(phone: Phone) -> str:
        steps = loud[round(phone.start * STEPS) : max(round(phone.end * STEPS), round(phone.start * STEPS) + 1)]
        silent = phone.name == SILENT or not len(steps) or steps.max() < QUIET
        return REST if silent else SHAPE_OF.get(phone.name, WIDE)

    return _together([Shape(name(phone), phone.start, phone.end) for phone in phones])


def shapes_by_loudness(samples: Samples) -> list[Shape]:
    """The shapes that a mouth would have if only loudness and brightness are known; in any language, and roughly."""
    loud, bright = _calmed(loudness(samples)), _calmed(brightness(samples))
    names = np.select(
        [loud < QUIET, loud < HALF_OPEN - 12, bright > BRIGHT, bright < DARK, loud < HALF_OPEN],
        [REST, CLOSED, WIDE, ROUND, WIDE],
        OPEN,
    )
    if loud.max() <= QUIETEST:
        names[:] = REST
    steps = [Shape(str(name), i / STEPS, (i + 1) / STEPS) for i, name in enumerate(names)]
    return _together(steps)


def _calmed(values: np.ndarray) -> np.ndarray:
    return np.convolve(np.pad(values, 3, mode="edge"), np.ones(7) / 7, mode="valid")


def _together(shapes: Sequence[Shape]) -> list[Shape]:
    made = []
    for name, same in groupby(shapes, key=lambda shape: shape.name):
        each = list(same)
        made.append(Shape(name, each[0].start, each[-1].end))
    return made

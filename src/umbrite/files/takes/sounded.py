"""Sounds of takes: taken from a file to be laid under one, and what of it is heard over some frames."""

from pathlib import Path

import numpy as np

from umbrite.files.files_in import read_file
from umbrite.files.package import Package
from umbrite.files.png import fingerprint
from umbrite.files.sandbox.sound_reading import read_sound, samples_of
from umbrite.rig.errors import Watch, readable, unwatched
from umbrite.rig.takes.sounds import MOST_SOUND_BYTES, second_at, sound_of
from umbrite.rig.takes.take import Sound, Take
from umbrite.sound.samples import Samples

SOUNDS = (".wav", ".flac", ".ogg", ".oga", ".opus", ".mp3")  # endings of what is read


def sound_file(path: Path, watch: Watch = unwatched) -> tuple[Sound, bytes, Samples]:
    """What a take gets of a sound file, its bytes, and its samples. Raises FileError as `read_sound` does."""
    samples = read_sound(path, watch)
    data = read_file(path, MOST_SOUND_BYTES)
    return Sound(fingerprint(data), readable(path.name) or "Sound", samples.seconds), data, samples


def heard_of(samples: Samples, take: Take) -> Samples:
    """A take's sound, silent where it is trimmed."""
    sound = sound_of(take)
    first, last = round(sound.starts * samples.rate), round(sound.heard_to * samples.rate)
    if first <= 0 and last >= len(samples.values):
        return samples
    values = np.zeros_like(samples.values)
    values[first:last] = samples.values[first:last]
    return Samples(values, samples.rate)


def sound_over(package: Package, take: Take, first: float, count: int, watch: Watch = unwatched) -> Samples | None:
    """What is heard while `count` frames from the first one on are shown, exactly as long as they are; None for a take without a sound.

    Raises FileError where the sound can't be read.
    """
    if take.sound is None:
        return None
    samples = heard_of(samples_of(package.art[take.sound.sha256], take.sound.name, watch), take)
    start = second_at(take, first)
    return samples.between(start, start + count / take.rate)

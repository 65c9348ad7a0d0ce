"""Sounds, read by the process that reads foreign files: from a file, or from the bytes that a puppet keeps."""

import mmap
import os
from collections.abc import Callable
from pathlib import Path
from tempfile import NamedTemporaryFile
from typing import TypeVar

import numpy as np

from umbrite.files.file_errors import FileError, shown_name
from umbrite.files.files_in import open_file
from umbrite.files.sandbox.reading import asked, damaged, ended
from umbrite.rig.errors import Watch, readable, unwatched
from umbrite.rig.takes.sounds import LONGEST_SOUND, MOST_SOUND_BYTES
from umbrite.sound.phones import Phone
from umbrite.sound.samples import RATE, Samples

Result = TypeVar("Result")
MOST_WORDS = 4_000  # letters of what is said

MOST_SAMPLES = round(LONGEST_SOUND * RATE) * 2 * 2 + 65_536  # bytes: two channels, two bytes each, and one block


def read_sound(path: Path, watch: Watch = unwatched) -> Samples:
    """The samples of a sound file. Raises FileError with one sentence for whatever is no sound, damaged, too large or too long."""
    name = shown_name(path)
    with open_file(path, MOST_SOUND_BYTES):  # what can't be read at all is told here
        pass
    found = None
    with asked("sound", [path], watch) as (answers, memory):
        for kind, *words in answers:
            if kind == "sound":
                found = _samples(name, memory, *words)
            elif kind == "refused":
                raise FileError(readable(str(words[0]), 300))
            elif kind == "end" and found is not None:
                return found
    raise FileError(f"{ended(name)} and retry.")


def _samples(name: str, memory: int, length: object, rate: object, channels: object) -> Samples:
    sound = isinstance(length, int) and rate == RATE and channels in {1, 2}
    if not sound or not 0 < length <= MOST_SAMPLES or length % (2 * channels) or os.fstat(memory).st_size < length:  # type: ignore[operator]
        raise damaged(name)
    with mmap.mmap(memory, length, prot=mmap.PROT_READ) as held:  # type: ignore[arg-type]
        values = np.frombuffer(held, np.int16).reshape(-1, channels).copy()  # type: ignore[call-overload]
    values.flags.writeable = False
    return Samples(values)


def read_phones(path: Path, words: str = "", watch: Watch = unwatched) -> list[Phone]:
    """What is said in a sound file, along the words where they are given. Raises FileError as `read_sound` does, and where the words don't fit."""
    name, found = shown_name(path), list[Phone]()
    with asked("phones", [path], watch, words[:MOST_WORDS]) as (answers, _):
        for kind, *said in answers:
            if kind == "phone":
                found.append(_phone(name, *said))
            elif kind == "refused":
                raise FileError(readable(str(said[0]), 300))
            elif kind == "end":
                return found
    raise FileError(f"{ended(name)} and retry.")


def _phone(name: str, phone: object, start: object, end: object) -> Phone:
    sound = isinstance(phone, str) and isinstance(start, float | int) and isinstance(end, float | int)
    if not sound or not -1 <= start <= end <= LONGEST_SOUND + 1:  # type: ignore[operator]
        raise damaged(name)
    return Phone(readable(str(phone), 8), float(start), float(end))  # type: ignore[arg-type]


def phones_of(data: bytes, name: str, words: str = "", watch: Watch = unwatched) -> list[Phone]:
    """The same of a sound that is kept as bytes."""
    return _of_bytes(data, name, lambda path: read_phones(path, words, watch))


def samples_of(data: bytes, name: str, watch: Watch = unwatched) -> Samples:
    """The samples of a sound that is kept as bytes. Raises FileError as `read_sound` does."""
    return _of_bytes(data, name, lambda path: read_sound(path, watch))


def _of_bytes(data: bytes, name: str, read: Callable[[Path], Result]) -> Result:
    with NamedTemporaryFile(prefix="umbrite-sound-") as file:
        file.write(data)
        file.flush()
        try:
            return read(Path(file.name))
        except FileError as error:
            raise FileError(str(error).replace(shown_name(Path(file.name)), name)) from None

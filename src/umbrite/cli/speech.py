"""What commands say: sentences that `--quiet` leaves out, and progress where somebody looks on. What was asked for, and errors, are always told."""

import argparse
import difflib
import json
import math
import sys
import time
import unicodedata
from collections.abc import Sequence
from pathlib import Path

from umbrite.files.file_errors import FileError
from umbrite.rig.errors import Watch, readable

BETWEEN = 0.1  # seconds from one line of progress to the next
AS_JSON = "as JSON, for scripts, instead of sentences"
PUPPETS = "puppets, and folders of them"
LONGEST = 4_000  # letters of a sentence
BEYOND = 0x10000  # letters that JSON writes as two
NEAR = 0.5  # how alike a word must be to a command to be taken for it


class Speech:
    """Whether commands say anything; one for a run."""

    quiet = False


def finite(text: str) -> float:
    """A number of the command line. A sentence of the parser's where it is none, or beyond all numbers."""
    try:
        found = float(text)
    except ValueError:
        found = math.nan
    if not math.isfinite(found):
        raise argparse.ArgumentTypeError(f"{readable(text, 60)} is no plain number.")
    return found


def say(text: str) -> None:
    """A sentence on standard output, unless that is not wanted; nothing in it, names of things say, can upset a terminal."""
    if not Speech.quiet and sys.stdout is not None:
        print(" " * (len(text) - len(text.lstrip(" "))) + readable(text, LONGEST))


def warn(text: str) -> None:
    """A sentence on standard error."""
    print(readable(text, LONGEST), file=sys.stderr)


def as_json(value: object) -> str:
    """A report for scripts, in which what could upset a terminal is written by its number."""
    text = json.dumps(value, indent=1, ensure_ascii=False, allow_nan=False)
    return "".join(f"\\u{ord(each):04x}" if _upsets(each) else each for each in text) + "\n"


def tell_json(value: object) -> None:
    """The same on standard output. Raises FileError where that is closed."""
    if sys.stdout is None:
        raise FileError("Standard output is closed, so the report went nowhere. Name a file for it.")
    sys.stdout.write(as_json(value))


def _upsets(letter: str) -> bool:
    return letter > "~" and unicodedata.category(letter)[0] == "C" and ord(letter) < BEYOND


def watching(what: str) -> Watch:
    """Progress on standard error, on one line, where that is a terminal and it is wanted."""
    shown = not Speech.quiet and sys.stderr is not None and sys.stderr.isatty()
    begun = last = time.monotonic()
    first: int | None = None

    def watch(done: int, of: int, name: str) -> None:
        nonlocal last, first
        now = time.monotonic()
        first = done if first is None else first
        if not shown or (now - last < BETWEEN and done + 1 < of):
            return
        last = now
        left = (now - begun) / max(done - first, 1) * (of - done)
        about = f", about {left:.0f} s left" if done > first and left >= 1 else ""
        end = "\n" if done + 1 >= of else ""
        print(f"\r\x1b[K{what}: {done + 1} of {of}, {readable(name, 40)}{about}", end=end, file=sys.stderr, flush=True)

    return watch


def unknown(word: str, commands: Sequence[str]) -> str:
    """What is said of a first word that is neither a command nor a file."""
    shown = readable(word, 60)
    if Path(word).suffix or "/" in word or "\\" in word:
        return f"{shown} isn't there: nothing was found at that place. Check the name and the folder."
    near = difflib.get_close_matches(word.lower(), commands, 1, NEAR)
    hint = f"Did you mean umbrite {near[0]}?" if near else "umbrite help tells all commands."
    return f"There is no command {shown}, and no file of that name. {hint}"

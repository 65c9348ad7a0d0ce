"""The one base of our errors: a sentence that says what was refused, why, and what to do; and what long work tells while it goes on."""

import re
import unicodedata
from collections.abc import Callable

# Is told how many of how many pieces are done and which comes next; raises to stop.
Watch = Callable[[int, int, str], object]

# A sentence with more letters than this carries foreign text that nobody can read.
MOST_LETTERS = 480
LONGEST_WORDS = 160


class UmbriteError(Exception):
    """Anything the program refuses; its text is shown to people as it is, without what could upset a terminal."""

    def __init__(self, text: str = "") -> None:
        super().__init__(readable(text, MOST_LETTERS))


def readable(text: str, most: int = LONGEST_WORDS) -> str:
    """Foreign text for a sentence: on one line, without control characters, and cut in its middle where it is too long."""
    plain = re.sub(r"\s+", " ", "".join(_shown(letter) for letter in text)).strip()
    half = most // 2
    return plain if len(plain) <= most else f"{plain[:half]}…{plain[-half:]}"


def _shown(letter: str) -> str:
    # Other: controls, what turns the direction of writing, halves of letters, what has no meaning.
    return letter if unicodedata.category(letter)[0] != "C" else " " if letter.isspace() else "�"


class RigError(UmbriteError, ValueError):
    """An edit that was refused; the puppet is as it was."""


class InUseError(RigError):
    """Something that can't go because limbs or controls need it; `users` names them."""

    def __init__(self, text: str, users: str) -> None:
        super().__init__(text)
        self.users = users


class MissingError(RigError, KeyError):
    """An id or a name that the puppet does not have."""

    def __str__(self) -> str:
        return str(self.args[0])


def unwatched(_done: int, _all: int, _name: str) -> None:
    """Nobody looks on."""

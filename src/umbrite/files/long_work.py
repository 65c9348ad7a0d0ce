"""Long work: who is told how far it is, and how a person stops it."""

from collections.abc import Callable
from contextlib import AbstractContextManager

from umbrite.files.file_errors import FileError

# Is told how many of how many pieces are done and which comes next; raises CancelledError to stop.
Watch = Callable[[int, int, str], None]
# From what the work is called to a watch over it, shown while it runs.
Watching = Callable[[str], AbstractContextManager[Watch]]


class CancelledError(FileError):
    """A person stopped the work; nothing was added."""


def unwatched(_done: int, _all: int, _name: str) -> None:
    """Nobody looks on."""

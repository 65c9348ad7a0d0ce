"""Long work that a person watches, and how it is stopped."""

from collections.abc import Callable
from contextlib import AbstractContextManager
from typing import Protocol, TypeVar

from umbrite.files.file_errors import FileError
from umbrite.rig.errors import Watch

# From what the work is called to a watch over it, shown while it runs.
Watching = Callable[[str], AbstractContextManager[Watch]]
Result = TypeVar("Result")


class Doing(Protocol):
    """Does long work on values, with a watch over it; what it raises is raised where it was asked for."""

    def __call__(
        self, work: Callable[[Watch], Result], watching: Callable[[], AbstractContextManager[Watch]], /
    ) -> Result: ...


def here(work: Callable[[Watch], Result], watching: Callable[[], AbstractContextManager[Watch]]) -> Result:
    """Long work done where it is asked for."""
    with watching() as watch:
        return work(watch)


class CancelledError(FileError):
    """A person stopped the work; nothing was added."""

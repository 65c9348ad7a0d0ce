"""Long work that a person watches, and how it is stopped."""

from collections.abc import Callable
from contextlib import AbstractContextManager

from umbrite.files.file_errors import FileError
from umbrite.rig.errors import Watch

# From what the work is called to a watch over it, shown while it runs.
Watching = Callable[[str], AbstractContextManager[Watch]]


class CancelledError(FileError):
    """A person stopped the work; nothing was added."""

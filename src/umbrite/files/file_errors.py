"""What goes wrong with files, told in one sentence: what, why, and what to do."""

import struct
import zlib
from pathlib import Path

from umbrite.rig.errors import UmbriteError, readable

# What parsers raise where they stumble over a damaged file; all of it means the same.
READER_ERRORS = (
    OSError, ValueError, TypeError, LookupError, ArithmeticError, AttributeError, AssertionError, EOFError, MemoryError,
    RuntimeError, SyntaxError, struct.error, zlib.error,
)  # fmt: skip


class FileError(UmbriteError):
    """A file that could not be read or written; nothing was changed or lost."""


def shown_name(path: Path) -> str:
    """A file's name as it can be shown: no control characters, not too long, whatever bytes it is made of."""
    return readable(path.name or str(path), 80)


def unreadable(path: Path, error: OSError) -> FileError:
    """The sentence for a file that the system did not let be read."""
    name = shown_name(path)
    if isinstance(error, FileNotFoundError | NotADirectoryError):
        where = readable(str(path), 200)
        return FileError(f"{name} isn't there: nothing was found at {where}. Check the name and the folder.")
    if isinstance(error, IsADirectoryError):
        return FileError(f"{name} is a folder, not a file. Choose a file in it.")
    return FileError(f"{name} can't be read: {_reason(error)}. Check the file and its permissions.")


def unwritable(path: Path, error: OSError) -> FileError:
    """The sentence for a file or folder that the system did not let be written."""
    return FileError(
        f"{shown_name(path)} couldn't be saved in {readable(str(path.parent), 200)}: {_reason(error)}. "
        "What was there before is untouched; save to another place."
    )


def _reason(error: OSError) -> str:
    return (error.strerror or str(error)).lower()

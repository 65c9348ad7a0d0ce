"""Files on their way in, all of them: only ordinary ones, of a bounded size, and never a wait for a pipe or a device."""

import os
import stat
from pathlib import Path
from typing import BinaryIO

from umbrite.files.file_errors import FileError, shown_name, unreadable


def open_file(path: Path, most: int) -> BinaryIO:
    """An ordinary file, open for reading. Raises FileError for what is none or has more than `most` bytes."""
    try:
        handle = os.open(path, os.O_RDONLY | os.O_NONBLOCK | os.O_CLOEXEC)
    except ValueError:
        raise FileError(f"{shown_name(path)} is no name that a file can have.") from None
    except OSError as error:
        raise unreadable(path, error) from None
    found = os.fstat(handle)
    fault = None
    if stat.S_ISDIR(found.st_mode):
        fault = "is a folder, not a file. Choose a file in it."
    elif not stat.S_ISREG(found.st_mode):
        fault = "is no ordinary file but a pipe or a device, so it was not opened."
    elif found.st_size > most:
        fault = f"is larger than {most / 1e6:,.0f} MB, so it was not opened."
    if fault is not None:
        os.close(handle)
        raise FileError(f"{shown_name(path)} {fault}")
    return os.fdopen(handle, "rb")


def read_file(path: Path, most: int) -> bytes:
    """The bytes of an ordinary file. Raises FileError."""
    with open_file(path, most) as file:
        try:
            data = file.read(os.fstat(file.fileno()).st_size + 1)
        except OSError as error:
            raise unreadable(path, error) from None
        except MemoryError:
            raise FileError(f"{shown_name(path)} needs more memory than there is, so it was not opened.") from None
    if len(data) > most:  # beyond what it had when it was opened
        raise FileError(f"{shown_name(path)} grew while it was read. Try again when it is done.")
    return data

"""The one way in which files are written: beside the place, synced, then renamed. At every moment the old file or the new one is whole.

A crash, a kill or a full disk leaves what was there before. Nothing else in the program writes a file that a person may miss.
"""

import contextlib
import os
import shutil
import tempfile
from collections.abc import Iterator
from pathlib import Path
from typing import BinaryIO

from umbrite.files.file_errors import unwritable


@contextlib.contextmanager
def writing(path: Path, *, backup: bool = False) -> Iterator[BinaryIO]:
    """A file to write into, which takes the place of `path` when the block is left without an error.

    With `backup` what was there stays as `NAME~`. Raises FileError where the disk does not let it.
    """
    temporary: Path | None = None
    try:
        handle, name = tempfile.mkstemp(prefix=f".{path.name}.", suffix=".saving", dir=path.parent)
        temporary = Path(name)
        with os.fdopen(handle, "wb") as file:
            yield file
            file.flush()
            os.fsync(file.fileno())
        if path.exists():
            shutil.copymode(path, temporary)
            if backup:
                _keep_backup(path)
        else:
            temporary.chmod(0o644)
        temporary.replace(path)
        _sync_folder(path.parent)
    except OSError as error:
        raise unwritable(path, error) from None
    finally:
        if temporary is not None:
            temporary.unlink(missing_ok=True)


def write(path: Path, data: bytes) -> None:
    """Write a whole file. Raises FileError, leaving what was there untouched."""
    with writing(path) as file:
        file.write(data)


def backup_of(path: Path) -> Path:
    """Where the previous save of a file is kept."""
    return path.with_name(path.name + "~")


def _keep_backup(path: Path) -> None:
    """Let the backup's name point to the present file, without a moment in which neither is whole."""
    step = path.with_name(f".{path.name}.backup")
    step.unlink(missing_ok=True)
    try:
        os.link(path, step)
    except OSError:  # a file system without hard links
        shutil.copy2(path, step)
    step.replace(backup_of(path))


def _sync_folder(folder: Path) -> None:
    with contextlib.suppress(OSError):  # some file systems can't; the file itself is synced
        handle = os.open(folder, os.O_RDONLY)
        try:
            os.fsync(handle)
        finally:
            os.close(handle)

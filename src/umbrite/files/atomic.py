"""The one way in which files are written: beside the place, synced, then renamed. At every moment the old file or the new one is whole.

A crash, a kill or a full disk leaves what was there before. Nothing else in the program writes a file that a person may miss.
What a killed run left half written is known by its lock, which died with the run, and is swept away.
"""

import contextlib
import fcntl
import os
import re
import secrets
import shutil
import stat
from collections.abc import Iterable, Iterator
from pathlib import Path
from typing import BinaryIO

from umbrite.files.file_errors import FileError, unwritable

# .NAME.TOKEN.saving is being written; NAME is left out where it would make the name too long.
HALF_WRITTEN = re.compile(r"\..*\.[0-9a-z_]{8,16}\.saving", re.DOTALL)
LONGEST_NAME = 255
# The modes of new files: for all whom the umask lets, and for their owner alone.
READABLE, OWN = 0o666, 0o600
# When a file was written, in nanoseconds, and how long it is.
Stamp = tuple[int, int]


def stamp_of(path: Path) -> Stamp | None:
    """By what is seen whether others have written a file since; None where there is none."""
    try:
        found = path.stat()
    except OSError:
        return None
    return found.st_mtime_ns, found.st_size


@contextlib.contextmanager
def writing(path: Path, *, backup: bool = False, mode: int = READABLE) -> Iterator[BinaryIO]:
    """A file to write into, which takes the place of `path` when the block is left without an error.

    A link is followed, and a file that was there keeps its mode; a new one has `mode` as far as the umask gives it. With `backup` what was
    there stays as `NAME~`. Raises FileError where the disk does not let it, for write-protected files, and for what is no ordinary file.
    """
    temporary: Path | None = None
    try:
        path = _real(path)
        sweep(path.parent, path.name)
        temporary, handle = _beside(path, mode)
        with os.fdopen(handle, "wb") as file:
            if path.exists():
                os.fchmod(handle, stat.S_IMODE(path.stat().st_mode))
            yield file
            file.flush()
            os.fsync(file.fileno())
        if backup and path.exists():
            keep_backup(path)
        temporary.replace(path)
        _sync_folder(path.parent)
    except OSError as error:
        raise unwritable(path, error) from None
    finally:
        if temporary is not None:
            with contextlib.suppress(OSError):
                temporary.unlink(missing_ok=True)


def write(path: Path, data: bytes, *, backup: bool = False, mode: int = READABLE) -> None:
    """Write a whole file. Raises FileError, leaving what was there untouched; with `backup` that stays as `NAME~`."""
    with writing(path, backup=backup, mode=mode) as file:
        file.write(data)


def backup_of(path: Path) -> Path:
    """Where the previous save of a file is kept."""
    return path.with_name(path.name + "~")


def sweep(folder: Path, name: str | None = None) -> None:
    """Remove what killed runs left half written in a folder, of one file or of all. What a running one writes is locked, and stays."""
    with contextlib.suppress(OSError):
        for entry in list(os.scandir(folder)):
            of_it = name is None or entry.name.startswith(_beginning(name))
            if of_it and HALF_WRITTEN.fullmatch(entry.name) and entry.is_file(follow_symlinks=False):
                _remove_unlocked(entry.path)


def sweep_all(folders: Iterable[Path]) -> None:
    """Sweep several folders."""
    for folder in folders:
        sweep(folder)


def _remove_unlocked(path: str) -> None:
    with contextlib.suppress(OSError):
        handle = os.open(path, os.O_RDONLY | os.O_NOFOLLOW | os.O_CLOEXEC | os.O_NONBLOCK)
        try:
            fcntl.flock(handle, fcntl.LOCK_EX | fcntl.LOCK_NB)
            Path(path).unlink()
        finally:
            os.close(handle)


def _real(path: Path) -> Path:
    """The place itself, links followed; refused where something lies there that a save must not replace."""
    try:
        path = path.resolve() if path.is_symlink() else path
    except RuntimeError:
        raise FileError(f"{path.name} is a link to itself. Save under another name.") from None
    try:
        mode = path.stat().st_mode
    except FileNotFoundError:
        return path
    if stat.S_ISDIR(mode):
        raise FileError(f"{path.name} is a folder. Save under another name.")
    if not stat.S_ISREG(mode):
        raise FileError(f"{path.name} is no ordinary file but a pipe or a device. Save under another name.")
    if not mode & 0o222:
        raise FileError(
            f"{path.name} is write-protected, so it stays as it is. Save under another name, or lift its protection first."
        )
    return path


def _beginning(name: str) -> str:
    room = LONGEST_NAME - len(".") - len(".0123456789abcdef.saving")
    return f".{os.fsdecode(os.fsencode(name)[:room])}."


def _beside(path: Path, mode: int = OWN) -> tuple[Path, int]:
    """A new, locked file beside the place; what lies there under its name is never followed."""
    temporary = path.with_name(f"{_beginning(path.name)}{secrets.token_hex(8)}.saving")
    flags = os.O_RDWR | os.O_CREAT | os.O_EXCL | os.O_NOFOLLOW | os.O_CLOEXEC
    handle = os.open(temporary, flags, mode)
    with contextlib.suppress(OSError):  # a file system without locks: what is left behind there is not swept
        fcntl.flock(handle, fcntl.LOCK_EX | fcntl.LOCK_NB)
    return temporary, handle


def keep_backup(path: Path) -> None:
    """Let the backup's name point to the present file, without a moment in which neither is whole. Raises OSError."""
    step = path.with_name(
        f"{_beginning(path.name)}{secrets.token_hex(8)}.saving"
    )  # a name that nobody can have taken before
    try:
        os.link(path, step, follow_symlinks=False)
    except OSError:  # a file system without hard links
        step, handle = _beside(path)
        with os.fdopen(handle, "wb") as copy, path.open("rb") as whole:
            shutil.copyfileobj(whole, copy)
            os.fchmod(handle, stat.S_IMODE(path.stat().st_mode))
    try:
        step.replace(backup_of(path))
    except OSError:
        step.unlink(missing_ok=True)
        raise


def _sync_folder(folder: Path) -> None:
    with contextlib.suppress(OSError):  # some file systems can't; the file itself is synced
        handle = os.open(folder, os.O_RDONLY)
        try:
            os.fsync(handle)
        finally:
            os.close(handle)


def suggested_stem(*names: str) -> str:
    """What a file for things of these names could be called, whatever letters are in them."""
    return "-".join(stem.lower() for name in names if (stem := plain_stem(name))) or "puppet"


def plain_stem(name: str) -> str:
    """A name as any file can have it, without an ending: letters, numbers, blanks, - and _ as they are; may be empty."""
    return "".join(letter if letter.isalnum() or letter in " -_" else "_" for letter in name).strip()[:80].strip()

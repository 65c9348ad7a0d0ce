"""Recovery files: what was not yet saved, kept beside the settings, one per running window, whole at every moment.

A file is owned by whoever holds the lock beside it. The lock dies with its process, so what can be locked was left behind; process
numbers, which come again, tell nothing. Writing happens in the way of saving: beside, synced, renamed; so a kill leaves the last whole one.
"""

import contextlib
import fcntl
import os
import secrets
from pathlib import Path
from typing import NamedTuple

import msgspec

from umbrite.files.atomic import OWN, Stamp, backup_of, sweep, write
from umbrite.files.file_errors import FileError
from umbrite.files.files_in import read_file
from umbrite.files.package import Package, load, save

ENDING = ".recovery"
MOST_BESIDE = 100_000  # bytes


class Beside(msgspec.Struct, frozen=True):
    """What is kept beside a recovery file: who wrote it, which file it was of, its name, when it was written, and the stamp of the file as
    it was read or written last.
    """

    process: int
    started: str
    of: str | None
    name: str
    written: float
    stamp: Stamp | None = None  # None where it isn't known, so that it is asked before the file is replaced
    order: int = 0  # what was kept later has a larger one, whatever the clock says


class Hold:
    """A recovery file's place while it is ours, kept by a lock that dies with this process."""

    def __init__(self, path: Path, handle: int | None) -> None:
        self.path, self._handle = path, handle

    def let_go(self) -> None:
        """Leave the file to whoever finds it."""
        if self._handle is not None:
            os.close(self._handle)
            self._handle = None

    def forget(self) -> None:
        """Remove the file: its work was saved, or is not wanted. The place stays ours."""
        for each in (self.path, _words_of(self.path), backup_of(self.path)):
            with contextlib.suppress(OSError):
                each.unlink(missing_ok=True)

    def give_up(self) -> None:
        """Remove the file and its lock: there will be nothing to keep."""
        self.forget()
        if self._handle is not None:
            with contextlib.suppress(OSError):
                _lock_of(self.path).unlink(missing_ok=True)
        self.let_go()


class Left(NamedTuple):
    """Unsaved work of a process that is gone, and the hold on it: as long as that lasts, nobody else is offered it."""

    hold: Hold
    beside: Beside

    def package(self) -> Package:
        """What is in it. Raises FileError."""
        return load(self.hold.path)


def started_at(process: int) -> str:
    """When a running process was started, in the kernel's own count; empty where there is none of that number."""
    try:
        text = Path(f"/proc/{process}/stat").read_text("utf-8", "replace")
    except OSError:
        return ""
    fields = text.rpartition(")")[2].split()
    return fields[19] if len(fields) > 19 else ""


def new_hold(folder: Path) -> Hold:
    """A place of its own for unsaved work. Raises FileError where the folder does not let it."""
    path = folder / f"{secrets.token_hex(8)}{ENDING}"
    try:
        _make_own(folder)
        sweep(folder)
        return Hold(path, _locked(path))
    except OSError as error:
        raise _not_kept(error) from None


def _make_own(folder: Path) -> None:
    """The folder, which is its owner's alone, as what lies in it may be: a puppet that nobody else may read is kept here, too."""
    folder.mkdir(mode=0o700, parents=True, exist_ok=True)
    folder.chmod(0o700)


def keep(hold: Hold, package: Package, of: Path | None, written: float, stamp: Stamp | None = None) -> None:
    """Write a recovery file and the words beside it. Raises FileError; what was kept before stays."""
    path = hold.path
    try:
        process = os.getpid()
        _make_own(path.parent)
        order = 1 + max((_beside(other).order for other in path.parent.glob(f"*{ENDING}") if other != path), default=0)
        beside = Beside(process, started_at(process), _in_words(of), package.puppet.name, written, stamp, order)
        write(_words_of(path), msgspec.json.encode(beside), mode=OWN)
    except OSError as error:
        raise _not_kept(error) from None
    save(path, package, mode=OWN)
    with contextlib.suppress(OSError):
        backup_of(path).unlink(missing_ok=True)


def left_behind(folder: Path, but: Path | None = None) -> list[Left]:
    """Unsaved work of processes that are gone, the latest first, each held for the one who asks; all but one file."""
    sweep(folder)
    _sweep_locks(folder)
    found = []
    for path in sorted(folder.glob(f"*{ENDING}")):
        beside = _beside(path)
        if path == but or _lives_without_lock(path, beside):
            continue
        try:
            handle = _locked(path)
        except OSError:
            continue
        if path.exists():
            found.append(Left(Hold(path, handle), beside))
        elif handle is not None:  # it went while we looked
            os.close(handle)
    return sorted(found, key=lambda left: (-left.beside.order, -left.beside.written))


def kept_elsewhere(folder: Path, file: Path, but: Path | None = None) -> bool:
    """Whether a process that runs keeps unsaved work on a file; one place of our own is left out."""
    others = [path for path in folder.glob(f"*{ENDING}") if path != but]
    on_it = [path for path in others if (of := _beside(path).of) is not None and Path(of).resolve() == file.resolve()]
    return any(_is_held(path) for path in on_it)


def _is_held(path: Path) -> bool:
    if not _lock_of(path).exists():  # and none is made: one would say that its process is gone
        return _lives_without_lock(path, _beside(path))
    try:
        handle = _locked(path)
    except BlockingIOError:
        return True
    except OSError:
        return False
    if handle is not None:
        os.close(handle)
    return False


def _locked(path: Path) -> int | None:
    """The lock beside a recovery file; None where the file system has none. Raises OSError where another process holds it."""
    flags = os.O_RDWR | os.O_CREAT | os.O_NOFOLLOW | os.O_CLOEXEC
    handle = os.open(_lock_of(path), flags, OWN)
    try:
        fcntl.flock(handle, fcntl.LOCK_EX | fcntl.LOCK_NB)
    except BlockingIOError:
        os.close(handle)
        raise
    except OSError:
        os.close(handle)
        _lock_of(path).unlink(missing_ok=True)
        return None
    return handle


def _sweep_locks(folder: Path) -> None:
    """Locks of processes that are gone and kept nothing."""
    for lock in folder.glob("*.lock"):
        path = lock.with_suffix(ENDING)
        if not path.exists():
            with contextlib.suppress(OSError):
                Hold(path, _locked(path)).give_up()


def _in_words(of: Path | None) -> str | None:
    """A path as text; None for one that no text can hold, so that saving what is brought back asks where."""
    return str(of) if of is not None and os.fsencode(of).decode("utf-8", "replace") == str(of) else None


def _lives_without_lock(path: Path, beside: Beside) -> bool:
    """Whether a file of an earlier version, which locked nothing, belongs to a process that still runs."""
    running = started_at(beside.process)
    return not _lock_of(path).exists() and running != "" and running == beside.started


def _beside(path: Path) -> Beside:
    try:
        return msgspec.json.decode(read_file(_words_of(path), MOST_BESIDE), type=Beside)
    except (FileError, msgspec.DecodeError, UnicodeDecodeError, RecursionError):
        pass
    try:
        written = path.stat().st_mtime
    except OSError:  # a link to nowhere, say
        written = 0.0
    return Beside(0, "", None, "Puppet", written)


def _words_of(path: Path) -> Path:
    return path.with_suffix(".json")


def _lock_of(path: Path) -> Path:
    return path.with_suffix(".lock")


def _not_kept(error: Exception) -> FileError:
    reason = getattr(error, "strerror", None) or str(error)
    return FileError(f"Unsaved work couldn't be saved for recovery ({reason}). Save soon.")

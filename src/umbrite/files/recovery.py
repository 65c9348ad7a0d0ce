"""Recovery files: what was not yet saved, kept beside the settings, one per running window, whole at every moment.

A file belongs to a process; when that is gone without having removed it, what is in it was not saved. The words beside it say which
file it was. Writing happens in the way of saving: beside, synced, renamed; so a kill leaves the last whole one.
"""

import contextlib
import os
from pathlib import Path
from typing import NamedTuple

import msgspec

from umbrite.files.atomic import backup_of, write
from umbrite.files.file_errors import FileError
from umbrite.files.package import Package, load, save

ENDING = ".recovery"


class Beside(msgspec.Struct, frozen=True):
    """What is kept beside a recovery file: whose it is, which file it was of, its name, and when it was written."""

    process: int
    started: str
    of: str | None
    name: str
    written: float


class Left(NamedTuple):
    """Unsaved work of a process that is gone."""

    path: Path
    beside: Beside

    def package(self) -> Package:
        """What is in it. Raises FileError."""
        return load(self.path)


def started_at(process: int) -> str:
    """When a running process was started, in the kernel's own count; empty where there is none of that number."""
    try:
        text = Path(f"/proc/{process}/stat").read_text("utf-8", "replace")
    except OSError:
        return ""
    fields = text.rpartition(")")[2].split()
    return fields[19] if len(fields) > 19 else ""


def recovery_path(folder: Path, number: int = 1) -> Path:
    """The file in which a run keeps its unsaved work: the run's process number and a count."""
    return folder / f"{os.getpid()}-{number}{ENDING}"


def keep(path: Path, package: Package, of: Path | None, written: float) -> None:
    """Write a recovery file and the words beside it. Raises FileError."""
    try:
        path.parent.mkdir(parents=True, exist_ok=True)
        process = os.getpid()
        beside = Beside(
            process, started_at(process), None if of is None else str(of), package.puppet.name, written
        )
        write(path.with_suffix(".json"), msgspec.json.encode(beside))
    except OSError as error:
        raise FileError(
            f"Unsaved work couldn't be kept for recovery ({error.strerror}). Save soon."
        ) from None
    save(path, package)
    with contextlib.suppress(OSError):
        backup_of(path).unlink(missing_ok=True)


def forget(path: Path) -> None:
    """Remove a recovery file: its work was saved, or is not wanted."""
    for each in (path, path.with_suffix(".json"), backup_of(path)):
        with contextlib.suppress(OSError):
            each.unlink(missing_ok=True)


def left_behind(folder: Path) -> list[Left]:
    """Unsaved work of processes that are gone, the latest first."""
    found = []
    for path in sorted(folder.glob(f"*{ENDING}")):
        try:
            beside = msgspec.json.decode(path.with_suffix(".json").read_bytes(), type=Beside)
        except (OSError, msgspec.DecodeError):
            number = path.stem.partition("-")[0]
            beside = Beside(
                int(number) if number.isdecimal() else 0, "", None, "Puppet", path.stat().st_mtime
            )
        running = started_at(beside.process)
        if not running or running != beside.started:
            found.append(Left(path, beside))
    return sorted(found, key=lambda left: -left.beside.written)

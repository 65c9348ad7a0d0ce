"""What is done of a job, kept on disk piece by piece, so that work that was interrupted goes on where it stopped."""

import contextlib
import fcntl
import hashlib
import os
import shutil
from collections.abc import Sequence
from pathlib import Path

from umbrite.farm.pieces import Piece
from umbrite.files.atomic import write
from umbrite.files.file_errors import FileError
from umbrite.files.files_in import read_file

MOST_BYTES = 2_000_000_000  # of a result
DIGEST = 32  # bytes before it that prove it


def cache_folder() -> Path:
    """Where programs keep what can be made again (XDG Base Directory Specification)."""
    return Path(os.environ.get("XDG_CACHE_HOME") or Path.home() / ".cache") / "umbrite" / "farm"


class KeptResults:
    """The results of a job's pieces, a file each. One run of a job at a time has it."""

    def __init__(self, pieces: Sequence[Piece], *, resume: bool, into: str = "") -> None:
        """Go on with what is kept of these very pieces for this place, or begin anew. Raises FileError where another run is at it."""
        job = hashlib.sha256(
            "\n".join([into, *sorted(piece.key for piece in pieces)]).encode("utf-8", "replace")
        ).hexdigest()
        self.folder = cache_folder() / job[:32]
        try:
            self.folder.mkdir(parents=True, exist_ok=True)
            self._lock = (self.folder / "lock").open("wb")
        except OSError as error:
            raise FileError(
                f"Results can't be saved in {self.folder}: {(error.strerror or str(error)).lower()}. "
                "Set XDG_CACHE_HOME to a folder that can be written to."
            ) from None
        try:
            fcntl.flock(self._lock, fcntl.LOCK_EX | fcntl.LOCK_NB)
        except OSError:
            self._lock.close()
            raise FileError("This very work is being done by another run. Wait for it, or stop it.") from None
        if not resume:
            for each in self.folder.glob("*.done"):
                each.unlink()

    def has(self, piece: Piece) -> bool:
        """Whether a piece's result is kept, and whole; what else lies there is done again."""
        try:
            self.result(piece)
        except FileError:
            return False
        return True

    def keep(self, piece: Piece, data: bytes) -> None:
        """Keep a result, whole or not at all. Raises FileError."""
        write(self._path(piece), hashlib.sha256(data).digest() + data)

    def result(self, piece: Piece) -> bytes:
        """A result that is kept. Raises FileError for one that is not whole."""
        found = read_file(self._path(piece), MOST_BYTES)
        digest, data = found[:DIGEST], found[DIGEST:]
        if hashlib.sha256(data).digest() != digest:
            raise FileError("A saved result is damaged. Do the work again.")
        return data

    def close(self, *, finished: bool) -> None:
        """Let the job go; what is finished is not kept any longer."""
        self._lock.close()
        if finished:
            with contextlib.suppress(OSError):
                shutil.rmtree(self.folder)

    def _path(self, piece: Piece) -> Path:
        return self.folder / f"{piece.key}.done"


class InMemory:
    """The same for as long as this run lasts."""

    def __init__(self) -> None:
        self._kept: dict[str, bytes] = {}

    def has(self, piece: Piece) -> bool:
        """Whether a piece's result is kept."""
        return piece.key in self._kept

    def keep(self, piece: Piece, data: bytes) -> None:
        """Keep a result."""
        self._kept[piece.key] = data

    def result(self, piece: Piece) -> bytes:
        """A result that is kept."""
        return self._kept[piece.key]

    def close(self, *, finished: bool) -> None:
        """Nothing is left behind in any case."""
        del finished
        self._kept.clear()

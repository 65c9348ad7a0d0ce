"""Reading ZIP containers that may be broken or hostile: sizes are checked before anything is unpacked."""

import zipfile
import zlib
from pathlib import Path, PurePosixPath
from typing import Self

from umbrite.files.file_errors import FileError, unreadable

MOST_BYTES = 2_000_000_000
MOST_MEMBERS = 20_000


class Container:
    """An open ZIP file; a context manager. Every problem is a FileError with one sentence."""

    def __init__(self, path: Path, kind: str) -> None:
        self.path, self.kind = path, kind
        try:
            self._zip = zipfile.ZipFile(path)
        except OSError as error:
            raise unreadable(path, error) from None
        except (zipfile.BadZipFile, ValueError, EOFError, RuntimeError):
            raise FileError(
                f"{path.name} is no {kind}, or was cut off. Look for a backup, or export it again."
            ) from None
        try:
            self._check()
        except FileError:
            self._zip.close()
            raise

    def __enter__(self) -> Self:
        return self

    def __exit__(self, *_: object) -> None:
        self._zip.close()

    def _check(self) -> None:
        members = self._zip.infolist()
        if len(members) > MOST_MEMBERS or sum(member.file_size for member in members) > MOST_BYTES:
            raise FileError(f"{self.path.name} would unpack to more than 2 GB, so it was not opened.")
        for member in members:
            place = PurePosixPath(member.filename)
            if place.is_absolute() or ".." in place.parts or "\\" in member.filename:
                raise FileError(
                    f"{self.path.name} holds a path that leaves it ({member.filename!r}), so it was not opened."
                )

    def read(self, name: str) -> bytes:
        """One member's bytes. Raises FileError where it is missing or damaged."""
        try:
            return self._zip.read(name)
        except KeyError:
            raise FileError(
                f"{self.path.name} lacks {name}, so it is no whole {self.kind}. Look for a backup."
            ) from None
        except (
            zipfile.BadZipFile,
            zlib.error,
            OSError,
            EOFError,
            RuntimeError,
            MemoryError,
        ):
            raise FileError(
                f"{name} in {self.path.name} is damaged. Look for a backup, or export it again."
            ) from None

    def names(self) -> list[str]:
        """The names of all members, in the order of the archive."""
        return self._zip.namelist()

"""Reading ZIP containers that may be broken or hostile: sizes are checked before anything is unpacked."""

import struct
import zipfile
from pathlib import Path, PurePosixPath
from typing import BinaryIO, Self

from umbrite.files.file_errors import READER_ERRORS, FileError, shown_name
from umbrite.files.files_in import open_file
from umbrite.rig.errors import readable

# All members of a container unpacked; the limit of the first ZIP, so that nothing here depends on its extension for larger ones.
MOST_BYTES = 4_000_000_000
# What is packed and therefore may be far larger than the file: lists and descriptions, not pictures.
MOST_PACKED = 400_000_000
MOST_MEMBERS = 20_000
LONGEST_DIRECTORY = 10_000_000


class Container:
    """An open ZIP file; a context manager. Every problem is a FileError with one sentence."""

    def __init__(self, path: Path, kind: str) -> None:
        self.path, self.kind, self.name = path, kind, shown_name(path)
        self._file = open_file(path, MOST_BYTES + LONGEST_DIRECTORY)
        try:
            self._zip = self._opened()
            self._check()
        except FileError:
            self._file.close()
            raise

    def __enter__(self) -> Self:
        return self

    def __exit__(self, *_: object) -> None:
        self._zip.close()
        self._file.close()

    def _opened(self) -> zipfile.ZipFile:
        try:
            if _directory_length(self._file) > LONGEST_DIRECTORY:
                raise FileError(f"{self.name} has a list of contents that nothing here needs; it was not opened.")
            return zipfile.ZipFile(self._file)
        except (*READER_ERRORS, zipfile.BadZipFile):
            raise FileError(
                f"{self.name} is no {self.kind}, or was cut off. Look for a backup, or export it again."
            ) from None

    def _check(self) -> None:
        members = self._zip.infolist()
        packed = [member for member in members if member.compress_type != zipfile.ZIP_STORED]
        if any(member.compress_type != zipfile.ZIP_DEFLATED for member in packed):
            raise FileError(f"{self.name} is packed in a way that nothing here needs, so it was not opened.")
        if (
            len(members) > MOST_MEMBERS
            or sum(member.file_size for member in members) > MOST_BYTES
            or sum(member.file_size for member in packed) > MOST_PACKED
        ):
            raise FileError(f"{self.name} would unpack to more than it may hold, so it was not opened.")
        for member in members:
            place = PurePosixPath(member.filename)
            if place.is_absolute() or ".." in place.parts or "\\" in member.filename:
                where = readable(member.filename, 60)
                raise FileError(f"{self.name} holds a path that leaves it ({where}), so it was not opened.")

    def read(self, name: str, most: int = MOST_BYTES) -> bytes:
        """One member's bytes. Raises FileError where it is missing, damaged, or has more than `most` bytes."""
        shown = readable(name, 80)
        try:
            member = self._zip.getinfo(name)
            if member.file_size > most:
                raise FileError(f"{shown} in {self.name} is larger than it may be, so it was not opened.")
            with self._zip.open(member) as file:
                data = file.read(member.file_size + 1)
        except KeyError:
            raise FileError(f"{self.name} lacks {shown}, so it is no whole {self.kind}. Look for a backup.") from None
        except (*READER_ERRORS, zipfile.BadZipFile):
            raise FileError(f"{shown} in {self.name} is damaged. Look for a backup, or export it again.") from None
        if len(data) != member.file_size:
            raise FileError(f"{shown} in {self.name} is damaged. Look for a backup, or export it again.")
        return data

    def names(self) -> list[str]:
        """The names of all members, in the order of the archive."""
        return self._zip.namelist()


def _directory_length(file: BinaryIO) -> int:
    """How many bytes a ZIP says its list of contents has, looked up before anybody reads the list; 0 where it says nothing."""
    size = file.seek(0, 2)
    start = max(0, size - 22 - 65_535 - 20)
    file.seek(start)
    tail = file.read(size - start)
    at = tail.rfind(b"PK\x05\x06")
    if at < 0 or len(tail) < at + 22:
        return 0
    (length,) = struct.unpack_from("<L", tail, at + 12)
    if length == 0xFFFFFFFF and at >= 20 and tail[at - 20 : at - 16] == b"PK\x06\x07":
        (place,) = struct.unpack_from("<Q", tail, at - 12)
        file.seek(min(place, size))
        record = file.read(56)
        length = struct.unpack_from("<Q", record, 40)[0] if len(record) == 56 else 0
    return int(length)

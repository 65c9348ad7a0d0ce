"""What pieces of work are about: a puppet's file, a picture, or a folder of pictures, known by what it holds and not by where it lies."""

import hashlib
import io
import tempfile
import zipfile
from pathlib import Path
from typing import NamedTuple

from cachetools import LRUCache

from umbrite.files.file_errors import FileError, shown_name, unreadable
from umbrite.files.files_in import read_file
from umbrite.files.opening import open_any
from umbrite.files.package import Package
from umbrite.rig.remembered import bounded

KEPT = 4  # packages that a worker keeps unpacked
MOST_BYTES = 2_000_000_000


class Source(NamedTuple):
    """A file or folder by name, place and the fingerprint of what it holds."""

    name: str
    path: str
    sha256: str


def source_of(path: Path) -> Source:
    """Look through a file or folder. Raises FileError where it can't be read."""
    return Source(path.name, str(path.resolve()), hashlib.sha256(bytes_of(path)).hexdigest())


def bytes_of(path: Path) -> bytes:
    """All that a file holds; a folder's files as a ZIP, without those of folders in it. Raises FileError."""
    try:
        if not path.is_dir():
            return read_file(path, MOST_BYTES)
        made = io.BytesIO()
        with zipfile.ZipFile(made, "w") as archive:
            for each in sorted(path.iterdir()):
                if each.is_file():
                    archive.writestr(zipfile.ZipInfo(each.name), read_file(each, MOST_BYTES - made.tell()))
        return made.getvalue()
    except OSError as error:
        raise unreadable(path, error) from None


_known: LRUCache[tuple[str, str], Package] = bounded(KEPT, size=lambda _: 1)


def package_of(source: Source, data: bytes | None = None) -> Package:
    """The package of a source, opened once a process: from `data`, or from its place where that still holds the same. Raises FileError."""
    key = (source.name, source.sha256)
    if (known := _known.get(key)) is not None:
        return known
    path = Path(source.path)
    if hashlib.sha256(bytes_of(path) if data is None else data).hexdigest() != source.sha256:
        raise FileError(f"{shown_name(path)} was changed while it was worked on. Begin again.")
    found = open_any(path) if data is None else _from_bytes(source.name, data)
    _known[key] = found
    return found


def _from_bytes(name: str, data: bytes) -> Package:
    """Open what was sent, in a folder of its own under its own name."""
    with tempfile.TemporaryDirectory() as folder:
        path = Path(folder) / Path(name).name
        if zipfile.is_zipfile(io.BytesIO(data)) and not path.suffix:
            path.mkdir()
            with zipfile.ZipFile(io.BytesIO(data)) as archive:
                for each in archive.namelist():
                    (path / Path(each).name).write_bytes(archive.read(each))
        else:
            path.write_bytes(data)
        return open_any(path)

"""Whatever a person opens: told apart by what it is, and read into a package."""

from pathlib import Path

from umbrite.files.layers import puppet_from
from umbrite.files.package import Package, load
from umbrite.files.sandbox.reading import read_art

NATIVE = ".umbrite"


def is_native(path: Path) -> bool:
    """Whether a path is a puppet by its ending, in capitals or not."""
    return path.suffix.lower() == NATIVE or path.name.endswith(NATIVE + "~")


def open_any(path: Path) -> Package:
    """A package from a native file, a layered picture, a picture, or a folder of pictures. Raises FileError."""
    return load(path) if is_native(path) else puppet_from(read_art([path]))

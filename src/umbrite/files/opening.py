"""Whatever a person opens: told apart by what it is, and read into a package."""

from pathlib import Path

from umbrite.files.package import Package, load
from umbrite.files.sandbox.reading import read_art
from umbrite.files.variant_layers import grouped_puppet

NATIVE = ".umbrite"


def is_native(path: Path) -> bool:
    """Whether a path is a puppet by its ending, in capitals or not."""
    return path.suffix.lower() == NATIVE or path.name.endswith(NATIVE + "~")


def open_any(path: Path) -> Package:
    """A package from a native file, a layered picture, a picture, or a folder of pictures. Raises FileError."""
    return load(path) if is_native(path) else grouped_puppet(read_art([path]))

"""Whatever a person opens: told apart by what it is, and read into a package."""

from pathlib import Path

from umbrite.files.errors import FileError
from umbrite.files.layers import Layered, puppet_from
from umbrite.files.openraster import read_openraster
from umbrite.files.package import Package, load
from umbrite.files.pictures_in import ENDINGS, read_folder, read_pictures

NATIVE = ".umbrite"
LAYERED = ".ora"


def open_any(path: Path) -> Package:
    """A package from a native file, a layered picture, a picture, or a folder of pictures. Raises FileError."""
    if path.suffix.lower() == NATIVE or path.name.endswith(NATIVE + "~"):
        return load(path)
    return puppet_from(read_art([path]))


def read_art(paths: list[Path]) -> Layered:
    """The layers of one layered picture, of a folder, or of several pictures together. Raises FileError."""
    for path in paths:
        if not path.exists():
            raise FileError(
                f"{path.name} isn't there: nothing was found at {path}. Check the name and the folder."
            )
    first = paths[0]
    if first.is_dir():
        return read_folder(first)
    kinds = {path.suffix.lower() for path in paths}
    if kinds == {LAYERED} and len(paths) == 1:
        return read_openraster(first)
    if kinds <= set(ENDINGS):
        return read_pictures(paths, first.stem)
    wrong = next(path for path in paths if path.suffix.lower() not in ENDINGS)
    raise FileError(
        f"Umbrite can't open {wrong.name} here: it reads .umbrite puppets, .ora layered pictures, and PNG or WebP pictures."
    )

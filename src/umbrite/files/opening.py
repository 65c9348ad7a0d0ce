"""Whatever a person opens: told apart by what it is, and read into a package."""

from pathlib import Path

from umbrite.files.file_errors import FileError
from umbrite.files.formats.openraster import read_openraster
from umbrite.files.formats.pictures_in import ENDINGS, read_folder, read_pictures
from umbrite.files.formats.psd import read_psd
from umbrite.files.formats.svg import read_svg
from umbrite.files.layers import Layered, puppet_from
from umbrite.files.long_work import Watch, unwatched
from umbrite.files.package import Package, load

NATIVE = ".umbrite"
LAYERED = {".ora": read_openraster, ".svg": read_svg, ".psd": read_psd}


def is_native(path: Path) -> bool:
    """Whether a path is a puppet by its ending, in capitals or not."""
    return path.suffix.lower() == NATIVE or path.name.endswith(NATIVE + "~")


def open_any(path: Path) -> Package:
    """A package from a native file, a layered picture, a picture, or a folder of pictures. Raises FileError."""
    return load(path) if is_native(path) else puppet_from(read_art([path]))


def read_art(paths: list[Path], watch: Watch = unwatched) -> Layered:
    """The layers of one layered picture, of a folder, or of several pictures together. Raises FileError."""
    for path in paths:
        if not path.exists():
            raise FileError(
                f"{path.name} isn't there: nothing was found at {path}. Check the name and the folder."
            )
    first = paths[0]
    if first.is_dir():
        return read_folder(first, watch)
    kinds = {path.suffix.lower() for path in paths}
    if len(paths) == 1 and first.suffix.lower() in LAYERED:
        return LAYERED[first.suffix.lower()](first, watch)
    if kinds <= set(ENDINGS):
        return read_pictures(paths, first.stem, watch)
    wrong = next(path for path in paths if path.suffix.lower() not in ENDINGS)
    if wrong.suffix.lower() in LAYERED:
        raise FileError(
            f"Layered pictures are opened one at a time, and {wrong.name} came with others. Open it alone."
        )
    raise FileError(
        f"Umbrite can't open {wrong.name} here: it reads .umbrite puppets, layered .ora, .svg and .psd pictures, and PNG or WebP."
    )

"""Single pictures in: one file is one layer; a folder of pictures is a puppet."""

from collections.abc import Sequence
from pathlib import Path

from umbrite.art.pictures import Picture
from umbrite.files.file_errors import FileError, unreadable
from umbrite.files.layers import Layer, Layered, layer_of, side_by_side
from umbrite.files.long_work import Watch, unwatched
from umbrite.files.png import decode

ENDINGS = (".png", ".webp")
# A number before the name keeps the order: "03 Near hand.png" lies in front of "02 ...".
MOST_FILES = 2_000


def read_picture(path: Path) -> tuple[str, Picture]:
    """One picture and its name; a leading number in the file's name is dropped.

    Raises FileError for what is no whole PNG or WebP.
    """
    try:
        data = path.read_bytes()
    except OSError as error:
        raise unreadable(path, error) from None
    stem = path.stem
    head, _, rest = stem.partition(" ")
    name = rest if head.isdecimal() and rest else stem
    return name, decode(data, path.name)


def read_pictures(paths: Sequence[Path], name: str = "Puppet", watch: Watch = unwatched) -> Layered:
    """Several pictures: those of one common size keep their place on it, others are laid side by side.

    Raises FileError for too many, and for what is no picture.
    """
    if len(paths) > MOST_FILES:
        raise FileError(f"{name} holds {len(paths)} pictures; up to {MOST_FILES} can be opened at once.")
    layers: list[Layer] = []
    sizes: set[tuple[int, int]] = set()
    for i, path in enumerate(sorted(paths, key=_in_order)):
        watch(i, len(paths), path.stem)
        title, picture = read_picture(path)
        sizes.add((picture.shape[0], picture.shape[1]))
        layer = layer_of(title, picture)
        if layer is not None:
            layers.append(layer)
    if len(sizes) == 1 or not layers:
        height, width = sizes.pop()
        return Layered(name, width, height, tuple(layers))
    return side_by_side(layers)._replace(name=name)


def _in_order(path: Path) -> tuple[int, str]:
    head = path.stem.partition(" ")[0]
    return (int(head) if head.isdecimal() else 0, path.name.lower())


def read_folder(folder: Path, watch: Watch = unwatched) -> Layered:
    """All pictures of a folder, in the order of their names, back to front.

    Raises FileError for a folder without pictures.
    """
    try:
        paths = [path for path in folder.iterdir() if path.suffix.lower() in ENDINGS and path.is_file()]
    except OSError as error:
        raise unreadable(folder, error) from None
    if not paths:
        raise FileError(f"There is no PNG or WebP picture in the folder {folder.name}. Choose another one.")
    return read_pictures(paths, folder.name, watch)

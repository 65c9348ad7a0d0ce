"""Single pictures in: one file is one layer; a folder of pictures is a puppet."""

from collections.abc import Sequence
from pathlib import Path

from umbrite.files.errors import FileError, unreadable
from umbrite.files.layers import Layer, Layered, side_by_side
from umbrite.files.png import decode

ENDINGS = (".png", ".webp")
# A number before the name keeps the order: "03 Near hand.png" lies in front of "02 ...".
MOST_FILES = 2_000


def read_picture(path: Path) -> Layer:
    """One picture as a layer at the canvas corner; a leading number in the file's name is dropped from the layer's."""
    try:
        data = path.read_bytes()
    except OSError as error:
        raise unreadable(path, error) from None
    stem = path.stem
    head, _, rest = stem.partition(" ")
    name = rest if head.isdecimal() and rest else stem
    return Layer(name, decode(data, path.name), 0, 0)


def read_pictures(paths: Sequence[Path], name: str = "Puppet") -> Layered:
    """Several pictures: those of one common size keep their place on it, others are laid side by side."""
    if len(paths) > MOST_FILES:
        raise FileError(f"{name} holds {len(paths)} pictures; up to {MOST_FILES} can be opened at once.")
    layers = [read_picture(path) for path in sorted(paths, key=_in_order)]
    sizes = {layer.picture.shape[:2] for layer in layers}
    if len(sizes) == 1:
        height, width = sizes.pop()
        return Layered(name, width, height, tuple(layers))
    return side_by_side(layers)._replace(name=name)


def _in_order(path: Path) -> tuple[int, str]:
    head = path.stem.partition(" ")[0]
    return (int(head) if head.isdecimal() else 0, path.name.lower())


def read_folder(folder: Path) -> Layered:
    """All pictures of a folder, in the order of their names, back to front."""
    try:
        paths = [path for path in folder.iterdir() if path.suffix.lower() in ENDINGS and path.is_file()]
    except OSError as error:
        raise unreadable(folder, error) from None
    if not paths:
        raise FileError(f"There is no PNG or WebP picture in the folder {folder.name}. Choose another one.")
    return read_pictures(paths, folder.name)

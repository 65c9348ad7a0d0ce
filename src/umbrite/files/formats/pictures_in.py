"""Single pictures in: one file is one layer; a folder of pictures is a puppet."""

import os
import re
from collections.abc import Iterable, Sequence
from pathlib import Path

from umbrite.files.file_errors import FileError, shown_name, unreadable
from umbrite.files.files_in import read_file
from umbrite.files.formats.format_table import read_as
from umbrite.files.layers import Layer, Layered, layer_of, side_by_side
from umbrite.files.png import Decoded, decode_art
from umbrite.rig.errors import Watch, unwatched
from umbrite.rig.quantities.bounds import together_fault

MOST_FILES = 2_000
MOST_BYTES = 1_000_000_000
# A number before the name keeps the order: "03 Near hand.png" or "3_near_hand.png" lies in front of "02 ...".
NUMBERED = re.compile(r"\d+[\s_.)-]+(?=\S)")


def read_picture(path: Path) -> tuple[str, Decoded]:
    """One picture and its name; a leading number in the file's name is dropped.

    Raises FileError for what is no whole PNG or WebP.
    """
    return title_of(path), decode_art(read_file(path, MOST_BYTES), shown_name(path))


def title_of(path: Path) -> str:
    """What a file's picture is called; bytes that are no text are shown as unknown letters."""
    stem = os.fsencode(path.stem).decode("utf-8", "replace")
    return NUMBERED.sub("", stem, count=1) if NUMBERED.match(stem) else stem


def in_order(path: Path) -> tuple[tuple[int, int, str], ...]:
    """A key for natural order: numbers in names count as numbers, wherever they stand and whatever stands between."""
    chunks = [chunk for chunk in re.split(r"(\d+)|[\s_.()-]+", path.stem.lower()) if chunk]
    return tuple((0, int(chunk), "") if chunk.isdecimal() else (1, 0, chunk) for chunk in chunks)


def read_pictures(paths: Sequence[Path], name: str = "Puppet", watch: Watch = unwatched) -> Layered:
    """Several pictures: those of one common size keep their place on it, others are laid side by side.

    Raises FileError for too many, and for what is no picture.
    """
    if len(paths) > MOST_FILES:
        raise FileError(f"{name} holds {len(paths)} pictures; up to {MOST_FILES} can be opened at once.")
    layers: list[Layer] = []
    together = Together()
    sizes: set[tuple[int, int]] = set()
    profiles: list[str] = []
    for i, path in enumerate(sorted(paths, key=in_order)):
        watch(i, len(paths), title_of(path))
        title, (picture, profile) = read_picture(path)
        watch(i, len(paths), title)
        sizes.add((picture.shape[0], picture.shape[1]))
        profiles.append(profile)
        layer = layer_of(title, picture)
        del picture  # the next one would stand beside it
        if layer is not None:
            layers.append(layer)
            together.add(layer)
    notes = tuple(profile_notes(profiles))
    if len(sizes) == 1 or not layers:
        height, width = sizes.pop()
        return Layered(name, width, height, tuple(layers), notes)
    return side_by_side(layers)._replace(name=name, notes=notes)


class Together:
    """Counts the pixels of layers as they come, of what several show once."""

    def __init__(self) -> None:
        self._seen: dict[int, Layer] = {}
        self._pixels = 0

    def add(self, layer: Layer) -> None:
        """Raises FileError where layers have more pixels together than a puppet can keep."""
        if id(layer.png) not in self._seen:
            self._seen[id(layer.png)] = layer
            self._pixels += layer.width * layer.height
        if fault := together_fault(self._pixels):
            raise FileError(f"That is more than a puppet can hold: {fault}. Make the pictures smaller and try again.")


def profile_notes(profiles: Iterable[str]) -> list[str]:
    """What to tell of colour profiles that were brought to sRGB."""
    given = [profile for profile in profiles if profile]
    names = ", ".join(sorted(set(given))[:3])
    many = f"{len(given)} pictures were" if len(given) > 1 else "1 picture was"
    return [f"The colours of {many} brought to sRGB from {names}."] if given else []


def read_folder(folder: Path, watch: Watch = unwatched) -> Layered:
    """All pictures of a folder, in the order of their names, back to front.

    Raises FileError for a folder without pictures.
    """
    try:
        paths = [path for path in folder.iterdir() if path.suffix.lower() in read_as("picture") and path.is_file()]
    except OSError as error:
        raise unreadable(folder, error) from None
    if not paths:
        raise FileError(f"There is no PNG or WebP picture in the folder {shown_name(folder)}. Choose another one.")
    return read_pictures(paths, shown_name(folder), watch)

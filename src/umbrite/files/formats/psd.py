"""Layered PSD in, by psd-tools: pixel layers with name, place, opacity, visibility and groups."""

import struct
import zlib
from pathlib import Path
from typing import Any

import numpy as np

from umbrite.files.file_errors import FileError, unreadable
from umbrite.files.layers import Layer, Layered, layer_of
from umbrite.files.long_work import Watch, unwatched
from umbrite.files.png import MOST_PIXELS

MOST_BYTES = 2_000_000_000
# What the reader's parser raises where it stumbles over a damaged file.
READER_ERRORS = (
    OSError, ValueError, TypeError, LookupError, ArithmeticError, AttributeError, AssertionError, EOFError, MemoryError,
    RecursionError, NotImplementedError, struct.error, zlib.error,
)  # fmt: skip


def read_psd(path: Path, watch: Watch = unwatched) -> Layered:
    """All layers of a PSD file that have pixels, back to front. Raises FileError for one that is broken or too large."""
    from psd_tools import PSDImage

    _refuse_others(path)
    try:
        document: Any = PSDImage.open(path)
    except OSError as error:
        raise unreadable(path, error) from None
    except READER_ERRORS as error:
        raise _damaged(path, error) from None
    width, height = int(document.width), int(document.height)
    if width * height > MOST_PIXELS:
        raise FileError(f"{path.name} is too large ({width} x {height} px). Make it smaller and try again.")
    try:
        found = [layer for layer in document.descendants() if not layer.is_group()]
        layers = []
        for i, layer in enumerate(found):
            watch(i, len(found), str(layer.name))
            made = _layer(path, layer)
            if made is not None:
                layers.append(made)
    except FileError:
        raise
    except READER_ERRORS as error:
        raise _damaged(path, error) from None
    return Layered(path.stem, width, height, tuple(layers))


def _refuse_others(path: Path) -> None:
    try:
        size = path.stat().st_size
        with path.open("rb") as file:
            begins = file.read(4)
    except OSError as error:
        raise unreadable(path, error) from None
    if size > MOST_BYTES:
        raise FileError(f"{path.name} is larger than 2 GB, so it was not opened.")
    if begins != b"8BPS":
        raise FileError(f"{path.name} is no PSD picture, or its beginning is damaged. Export it again.")


def _layer(path: Path, layer: Any) -> Layer | None:
    if layer.width * layer.height > MOST_PIXELS:
        raise FileError(f"The layer {layer.name} of {path.name} is too large. Make it smaller and try again.")
    image = layer.topil()
    if image is None:
        return None
    groups: list[str] = []
    above = layer.parent
    while above is not None and getattr(above, "parent", None) is not None:
        groups.insert(0, str(above.name))
        above = above.parent
    picture = np.array(image.convert("RGBA"))
    return layer_of(
        str(layer.name), picture, int(layer.left), int(layer.top),
        opacity=layer.opacity / 255, visible=bool(layer.is_visible()), groups=tuple(groups),
    )  # fmt: skip


def _damaged(path: Path, error: Exception) -> FileError:
    return FileError(
        f"{path.name} is damaged or of a kind that can't be read ({type(error).__name__}). Export it again as a layered PSD or as OpenRaster."
    )

"""Pictures laid on sheets: those of a puppet's parts, each kind once, or any others."""

from collections.abc import Iterable, Mapping
from typing import NamedTuple

import numpy as np

from umbrite.art.pictures import Picture
from umbrite.art.sheets.bleeding import on_sheet
from umbrite.art.sheets.packing import LARGEST_SIDE, Spot, packed
from umbrite.files.package import Package


class Laid(NamedTuple):
    """Sheets, RGBA; and the pictures on them with their spots, by key. Keys whose pictures are alike share a spot."""

    sheets: list[Picture]
    pictures: dict[str, Picture]
    spots: dict[str, Spot]


def laid(pictures: Mapping[str, Picture], gap: int, largest: int = LARGEST_SIDE, step: int = 1) -> Laid:
    """Lay pictures on sheets with `gap` pixels around each, over which their colours go on, and at multiples of `step`. Raises RigError for
    one that is too large.
    """
    packing = packed([(p.shape[1], p.shape[0]) for p in pictures.values()], gap, largest, step)
    sheets = [np.zeros((tall, wide, 4), np.uint8) for wide, tall in packing.sheets]
    for picture, spot in zip(pictures.values(), packing.spots, strict=True):
        on_sheet(sheets[spot.sheet], picture, spot.x, spot.y, gap)
    return Laid(sheets, dict(pictures), dict(zip(pictures, packing.spots, strict=True)))


def part_pictures(
    package: Package, keys: Iterable[str], instead: Mapping[str, Picture] | None = None
) -> tuple[dict[str, Picture], dict[str, str]]:
    """The pictures of parts with their trims cut away, each kind once under the first part that shows it; and that part for every part.

    `instead` are pictures that take the place of parts' drawings.
    """
    pixels, parts = package.pixels(), package.puppet.parts
    first: dict[object, str] = {}
    pictures: dict[str, Picture] = {}
    alike: dict[str, str] = {}
    for key in keys:
        part, own = parts[key], (instead or {}).get(key)
        kind = (part.drawing.sha256, part.trims) if own is None else key
        alike[key] = first.setdefault(kind, key)
        if alike[key] != key:
            continue
        if own is None:
            own = pixels[part.drawing.sha256]
            if part.trims:
                from umbrite.art.masks import sheet_of_part  # with what reads pictures, dear to load

                own = np.dstack([own[..., :3], sheet_of_part(part, own).alpha])
        pictures[key] = own
    return pictures, alike

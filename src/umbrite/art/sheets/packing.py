"""Where pictures lie on sheets: few sheets, small ones, none turned; rectangles are packed by rectpack (maximal rectangles)."""

from collections.abc import Sequence
from typing import NamedTuple

from umbrite.rig.errors import RigError

LARGEST_SIDE = 8192  # which engines on phones still take
SMALLEST_SIDE = 64
Size = tuple[int, int]


class Spot(NamedTuple):
    """Where a picture lies: the number of its sheet, and its left upper pixel there."""

    sheet: int
    x: int
    y: int


class Packing(NamedTuple):
    """The spot of every picture, in the order in which they were given, and the size of every sheet."""

    spots: list[Spot]
    sheets: list[Size]


def packed(sizes: Sequence[Size], gap: int = 2, largest: int = LARGEST_SIDE, step: int = 1) -> Packing:
    """Lay pictures of some sizes (pixels) on sheets with `gap` clear pixels around each, every one at a multiple of `step` beside the gap.

    Sheets have sides that are powers of two, as graphics cards like them: the smallest single one that holds all, or as many of the
    largest as are needed. The same sizes give the same spots. Raises RigError for a picture that fits on no sheet.
    """
    for wide, tall in sizes:
        if max(wide, tall) + 2 * gap > largest:
            raise RigError(
                f"A picture of {wide} x {tall} pixels fits on no sheet of {largest} x {largest}. Make it smaller first."
            )
    roomy = [(-(-(wide + 2 * gap) // step) * step, -(-(tall + 2 * gap) // step) * step) for wide, tall in sizes]
    area = sum(wide * tall for wide, tall in roomy)
    for sheet in _sheet_sizes(largest):
        if sheet[0] * sheet[1] >= area and (found := _laid(roomy, sheet, 1)) is not None:
            return Packing(_inside(found, gap), [sheet])
    found = _laid(roomy, (largest, largest), len(sizes))
    if found is None:
        raise RigError("These pictures don't fit on sheets. Export fewer of them at once.")
    return Packing(_inside(found, gap), [(largest, largest)] * (1 + max(spot.sheet for spot in found)))


def _inside(spots: list[Spot], gap: int) -> list[Spot]:
    return [Spot(sheet, x + gap, y + gap) for sheet, x, y in spots]


def _sheet_sizes(largest: int) -> list[Size]:
    """Squares and sheets twice as wide as they are tall or the other way round, the smaller first."""
    found, side = [], SMALLEST_SIDE
    while side <= largest:
        found += [(side, side // 2), (side // 2, side), (side, side)]
        side *= 2
    return found


def _laid(sizes: Sequence[Size], sheet: Size, most: int) -> list[Spot] | None:
    """The spots on at most so many sheets; None where they don't hold all."""
    import rectpack

    packer = rectpack.newPacker(
        mode=rectpack.PackingMode.Offline,
        bin_algo=rectpack.PackingBin.BFF,
        pack_algo=rectpack.MaxRectsBssf,
        sort_algo=rectpack.SORT_AREA,
        rotation=False,
    )
    for i, (wide, tall) in enumerate(sizes):
        packer.add_rect(wide, tall, i)
    packer.add_bin(*sheet, count=most)
    packer.pack()
    found: dict[int, Spot] = {i: Spot(sheet, x, y) for sheet, x, y, _, _, i in packer.rect_list()}
    return [found[i] for i in range(len(sizes))] if len(found) == len(sizes) else None

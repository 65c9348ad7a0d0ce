"""Pictures as arrays: RGBA with straight alpha, shape (height, width, 4), uint8, read-only once made."""

import numpy as np
from numpy.typing import NDArray

Picture = NDArray[np.uint8]
# Alpha from here on counts as paper when it is picked; trimming keeps every pixel that is not wholly clear.
SOLID = 8


def opaque_box(picture: Picture) -> tuple[int, int, int, int]:
    """(left, top, right, bottom) of all pixels that are not wholly transparent; all 0 for an empty picture."""
    alpha = picture[..., 3] > 0
    rows, columns = np.flatnonzero(alpha.any(axis=1)), np.flatnonzero(alpha.any(axis=0))
    if rows.size == 0:
        return (0, 0, 0, 0)
    return (int(columns[0]), int(rows[0]), int(columns[-1]) + 1, int(rows[-1]) + 1)


def trimmed(picture: Picture) -> tuple[Picture, int, int]:
    """The picture cut to its opaque box, and the place of its corner; an empty picture gives one clear pixel."""
    left, top, right, bottom = opaque_box(picture)
    if right == left:
        return np.zeros((1, 1, 4), np.uint8), 0, 0
    return np.ascontiguousarray(picture[top:bottom, left:right]), left, top


def solid_bits(picture: Picture) -> NDArray[np.uint8]:
    """Where there is paper, a bit a pixel: (height, width / 8 rounded up), as `numpy.packbits` lays them."""
    return np.packbits(picture[..., 3] >= SOLID, axis=1)


def solid_at(bits: NDArray[np.uint8], at: complex, reach: float = 0.0) -> bool:
    """Whether there is paper at a pixel position, or within `reach` pixels of it (a square); outside is clear. Bits: see `solid_bits`."""
    height, width = bits.shape[0], 8 * bits.shape[1]
    left, right = max(0, int(np.floor(at.real - reach))), min(width, int(np.floor(at.real + reach)) + 1)
    top, bottom = max(0, int(np.floor(at.imag - reach))), min(height, int(np.floor(at.imag + reach)) + 1)
    if left >= right or top >= bottom:
        return False
    first = left // 8
    near = np.unpackbits(bits[top:bottom, first : -(-right // 8)], axis=1)
    return bool(near[:, left - 8 * first : right - 8 * first].any())

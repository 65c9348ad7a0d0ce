"""The inner loop that paints a bent drawing: textured triangles, every pixel once a triangle that it lies in, no cracks between them.

Compiled by Numba when a bent part is painted for the first time; the compiled code is kept for the next start. Colours are 32 bits
with premultiplied alpha, as QImage keeps them.
"""

import numpy as np
from numba import njit
from numpy.typing import NDArray

EVEN, ODD = np.uint32(0x00FF00FF), np.uint32(0xFF00FF00)  # of four colour bytes every other one
EIGHT, HALF = np.uint32(8), np.uint32(0x00800080)
FINE = 65536.0
XY = tuple[float, float]


@njit(cache=True, nogil=True, inline="always")
def _mixed(one: np.uint32, other: np.uint32, share: np.uint32) -> np.uint32:  # pragma: no cover - compiled
    """Two colours mixed, `share` of 256 of the other."""
    rest = np.uint32(256) - share
    even = (((one & EVEN) * rest + (other & EVEN) * share) >> EIGHT) & EVEN
    odd = (((one >> EIGHT) & EVEN) * rest + ((other >> EIGHT) & EVEN) * share) & ODD
    return np.uint32(even | odd)


@njit(cache=True, nogil=True, inline="always")
def _faded(colour: np.uint32, share: np.uint32) -> np.uint32:  # pragma: no cover - compiled
    """`share` of 255 of a colour: divided by a multiplication and shifts."""
    even = (colour & EVEN) * share + HALF
    even = ((even + ((even >> EIGHT) & EVEN)) >> EIGHT) & EVEN
    odd = ((colour >> EIGHT) & EVEN) * share + HALF
    odd = (odd + ((odd >> EIGHT) & EVEN)) & ODD
    return np.uint32(even | odd)


@njit(cache=True, nogil=True)
def _paint_row(
    line: NDArray[np.uint32], source: NDArray[np.uint32], ends: tuple[int, int], start: XY, step: XY
) -> None:  # pragma: no cover - compiled
    """The pixels of a row between two ends, from the texel `start` on, by `step` from pixel to pixel."""
    high, wide = source.shape
    # In steps of 1/65536 texel: whole numbers are quick to take apart.
    u, v = int((start[0] - 0.5) * FINE), int((start[1] - 0.5) * FINE)
    step_u, step_v = int(step[0] * FINE), int(step[1] * FINE)
    for x in range(ends[0], ends[1]):
        column, row = u >> 16, v >> 16
        if 0 <= column < wide - 1 and 0 <= row < high - 1:
            across, down = np.uint32((u >> 8) & 255), np.uint32((v >> 8) & 255)
            upper, lower = source[np.uint64(row)], source[np.uint64(row + 1)]
            here, beside = np.uint64(column), np.uint64(column + 1)
            colour = _mixed(
                _mixed(upper[here], upper[beside], across), _mixed(lower[here], lower[beside], across), down
            )
            alpha = colour >> np.uint32(24)
            if alpha == 255:
                line[np.uint64(x)] = colour
            elif alpha:
                line[np.uint64(x)] = np.uint32(colour + _faded(line[np.uint64(x)], np.uint32(255) - alpha))
        u += step_u
        v += step_v


@njit(cache=True, nogil=True)
def _from_the_top(
    places: NDArray[np.float64], triangle: NDArray[np.int64]
) -> tuple[int, int, int]:  # pragma: no cover - compiled
    """The vertices from top to bottom, so that two triangles that share an edge cut it at the same places."""
    a, b, c = triangle[0], triangle[1], triangle[2]
    if _below(places, a, b):
        a, b = b, a
    if _below(places, b, c):
        b, c = c, b
    if _below(places, a, b):
        a, b = b, a
    return a, b, c


@njit(cache=True, nogil=True)
def _below(places: NDArray[np.float64], one: int, other: int) -> bool:  # pragma: no cover - compiled
    return bool(
        places[other, 1] < places[one, 1] or (places[other, 1] == places[one, 1] and places[other, 0] < places[one, 0])
    )


@njit(cache=True, nogil=True)
def _ends(a: XY, b: XY, c: XY, at: float, columns: int) -> tuple[int, int]:  # pragma: no cover - compiled
    """The first and the last pixel but one of a row through a triangle whose vertices are in order."""
    far = a[0] + (c[0] - a[0]) * ((at - a[1]) / (c[1] - a[1]))
    if at < b[1]:
        near = a[0] + (b[0] - a[0]) * ((at - a[1]) / (b[1] - a[1]))
    else:
        near = b[0] + (c[0] - b[0]) * ((at - b[1]) / (c[1] - b[1]))
    return max(int(np.ceil(min(far, near) - 0.5)), 0), min(int(np.ceil(max(far, near) - 0.5)), columns)


@njit(cache=True, nogil=True)
def fill(
    target: NDArray[np.uint32],
    source: NDArray[np.uint32],
    places: NDArray[np.float64],
    texels: NDArray[np.float64],
    triangles: NDArray[np.int64],
) -> None:  # pragma: no cover - compiled
    """Paint triangles over `target` (rows, columns), from `source`, whose pixels are taken smoothly.

    `places` (n, 2) are the vertices in pixels of the target, `texels` (n, 2) in those of the source; x, y each.
    """
    rows, columns = target.shape
    for i in range(triangles.shape[0]):
        i1, i2, i3 = _from_the_top(places, triangles[i])
        a, b = (places[i1, 0], places[i1, 1]), (places[i2, 0], places[i2, 1])
        c = places[i3, 0], places[i3, 1]
        bx, by, cx, cy = b[0] - a[0], b[1] - a[1], c[0] - a[0], c[1] - a[1]
        whole = bx * cy - by * cx
        if abs(whole) < 1e-12:
            continue
        u, v = texels[i1, 0], texels[i1, 1]
        ub, vb, uc, vc = texels[i2, 0] - u, texels[i2, 1] - v, texels[i3, 0] - u, texels[i3, 1] - v
        right = (ub * cy - uc * by) / whole, (vb * cy - vc * by) / whole
        down = (uc * bx - ub * cx) / whole, (vc * bx - vb * cx) / whole
        for y in range(max(int(np.ceil(a[1] - 0.5)), 0), min(int(np.ceil(c[1] - 0.5)), rows)):
            ends = _ends(a, b, c, y + 0.5, columns)
            if ends[0] < ends[1]:
                x, lower = ends[0] + 0.5 - a[0], y + 0.5 - a[1]
                start = u + right[0] * x + down[0] * lower, v + right[1] * x + down[1] * lower
                _paint_row(target[y], source, ends, start, right)

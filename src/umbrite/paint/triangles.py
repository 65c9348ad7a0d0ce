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
def fill(  # noqa: PLR0912, PLR0915 one loop, for the sake of speed
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
    high, wide = source.shape
    for i in range(triangles.shape[0]):
        a, b, c = triangles[i, 0], triangles[i, 1], triangles[i, 2]
        # From top to bottom, so that two triangles that share an edge cut it at the same places.
        if places[b, 1] < places[a, 1] or (places[b, 1] == places[a, 1] and places[b, 0] < places[a, 0]):
            a, b = b, a
        if places[c, 1] < places[b, 1] or (places[c, 1] == places[b, 1] and places[c, 0] < places[b, 0]):
            b, c = c, b
        if places[b, 1] < places[a, 1] or (places[b, 1] == places[a, 1] and places[b, 0] < places[a, 0]):
            a, b = b, a
        ax, ay, bx, by, cx, cy = (
            places[a, 0], places[a, 1], places[b, 0], places[b, 1], places[c, 0], places[c, 1]
        )  # fmt: skip
        whole = (bx - ax) * (cy - ay) - (by - ay) * (cx - ax)
        if abs(whole) < 1e-12:
            continue
        ub, vb = texels[b, 0] - texels[a, 0], texels[b, 1] - texels[a, 1]
        uc, vc = texels[c, 0] - texels[a, 0], texels[c, 1] - texels[a, 1]
        ux = (ub * (cy - ay) - uc * (by - ay)) / whole
        vx = (vb * (cy - ay) - vc * (by - ay)) / whole
        uy = (uc * (bx - ax) - ub * (cx - ax)) / whole
        vy = (vc * (bx - ax) - vb * (cx - ax)) / whole
        first, last = int(np.ceil(ay - 0.5)), int(np.ceil(cy - 0.5))
        for y in range(max(first, 0), min(last, rows)):
            at = y + 0.5
            long_x = ax + (cx - ax) * ((at - ay) / (cy - ay))
            if at < by:
                short_x = ax + (bx - ax) * ((at - ay) / (by - ay))
            else:
                short_x = bx + (cx - bx) * ((at - by) / (cy - by))
            left, right = int(np.ceil(min(long_x, short_x) - 0.5)), int(np.ceil(max(long_x, short_x) - 0.5))
            left, right = max(left, 0), min(right, columns)
            if left >= right:
                continue
            # In steps of 1/65536 texel: whole numbers are quick to take apart.
            u = int((texels[a, 0] + ux * (left + 0.5 - ax) + uy * (at - ay) - 0.5) * FINE)
            v = int((texels[a, 1] + vx * (left + 0.5 - ax) + vy * (at - ay) - 0.5) * FINE)
            step_u, step_v = int(ux * FINE), int(vx * FINE)
            line = target[y]
            for x in range(left, right):
                column, row = u >> 16, v >> 16
                if 0 <= column < wide - 1 and 0 <= row < high - 1:
                    across, down = np.uint32((u >> 8) & 255), np.uint32((v >> 8) & 255)
                    upper, lower = source[np.uint64(row)], source[np.uint64(row + 1)]
                    here, next_ = np.uint64(column), np.uint64(column + 1)
                    colour = _mixed(
                        _mixed(upper[here], upper[next_], across),
                        _mixed(lower[here], lower[next_], across),
                        down,
                    )
                    alpha = colour >> np.uint32(24)
                    if alpha == 255:
                        line[np.uint64(x)] = colour
                    elif alpha:
                        behind = line[np.uint64(x)]
                        if behind:
                            colour = np.uint32(colour + _faded(behind, np.uint32(255) - alpha))
                        line[np.uint64(x)] = colour
                u += step_u
                v += step_v

"""The middle line of a long drawing, from one end to the other: where its joints lie when it bends.

The two ends are the points farthest from each other along the paper; between them the way is the shortest that keeps to the middle, on
a coarse grid of the opaque area where a step costs more the nearer to the edge it is (Dijkstra's algorithm, SciPy).
"""

from typing import Any, NamedTuple

import cv2
import numpy as np
from numpy.typing import NDArray

from umbrite.art.pictures import Picture
from umbrite.rig.errors import RigError

Complexes = NDArray[np.complex128]
SIDE = 160  # cells along the longer side
INSIDE = 128
FEWEST, MOST = 3, 12  # joints
LENGTH = 1.5  # widths of the drawing that a joint bends, where it is not told how many


class MiddleLine(NamedTuple):
    """Points from end to end in the drawing's pixels, and the drawing's width on the average along them."""

    points: Complexes
    width: float

    @property
    def length(self) -> float:
        """In the drawing's pixels."""
        return float(np.abs(np.diff(self.points)).sum())

    @property
    def joints(self) -> int:
        """How many joints suit it."""
        return int(np.clip(round(self.length / (LENGTH * self.width)), FEWEST, MOST))


def middle_line(picture: Picture, start: complex | None = None) -> MiddleLine:
    """The middle line of an RGBA drawing, beginning at the end nearer to `start` (drawing's pixels). Raises RigError where it shows nothing."""
    alpha = picture[..., 3]
    step = max(1.0, max(alpha.shape) / SIDE)
    size = max(1, round(alpha.shape[1] / step)), max(1, round(alpha.shape[0] / step))
    small = np.asarray(cv2.resize(alpha, size, interpolation=cv2.INTER_AREA))
    solid = np.pad(_largest((small >= INSIDE).astype(np.uint8)), 1)
    depth = np.asarray(cv2.distanceTransform(solid, cv2.DIST_L2, 5), dtype=np.float32)[1:-1, 1:-1]
    cells = np.flatnonzero(depth.ravel() > 0)
    if len(cells) < 4:
        raise RigError("This drawing shows too little to bend. Choose a larger one.")
    deepest = int(np.argmax(depth.ravel()[cells]))
    even = _graph(depth, cells, 0.0)
    one = _farthest(even, deepest)
    other = _farthest(even, one)
    vector = _way(_graph(depth, cells, 3.0), one, other)
    rows, columns = np.unravel_index(cells[vector], depth.shape)
    across, down = alpha.shape[1] / size[0], alpha.shape[0] / size[1]
    cells_line = _to_ends(columns + 1j * rows, depth)
    line = _smooth((cells_line.real + 0.5) * across + 1j * (cells_line.imag + 0.5) * down)
    if start is not None and abs(line[-1] - start) < abs(line[0] - start):
        line = line[::-1]
    inner = depth[rows, columns]
    return MiddleLine(line, max(2.0 * float(np.median(inner)) * (across + down) / 2, 2.0))


def _to_ends(vector: Complexes, depth: NDArray[np.float32]) -> Complexes:
    """The way with its ends in the middle of the drawing's ends: where it comes out of a corner, it goes on straight from inside instead."""
    radii = depth[vector.imag.astype(int), vector.real.astype(int)]
    for _ in range(2):
        vector, radii = vector[::-1], radii[::-1]
        walked = np.concatenate([[0.0], np.cumsum(np.abs(np.diff(vector)))])
        inner = int(np.argmax(walked >= float(np.median(radii))))
        if inner == 0 or inner + 3 >= len(vector):
            continue
        ahead = vector[min(inner + max(3, int(2 * radii[inner])), len(vector) - 1)]
        back = (vector[inner] - ahead) / max(abs(vector[inner] - ahead), 1e-9)
        cap = []
        for k in range(1, int(3 * radii[inner]) + 2):
            z = vector[inner] + back * k
            row, column = round(z.imag), round(z.real)
            if not (0 <= row < depth.shape[0] and 0 <= column < depth.shape[1]) or depth[row, column] <= 0:
                break
            cap.append(z)
        vector = np.concatenate([np.array(cap[::-1], dtype=np.complex128), vector[inner:]])
        radii = depth[
            np.clip(np.round(vector.imag).astype(int), 0, depth.shape[0] - 1),
            np.clip(np.round(vector.real).astype(int), 0, depth.shape[1] - 1),
        ]
    return vector


def _largest(solid: NDArray[np.uint8]) -> NDArray[np.uint8]:
    count, labels, stats, _ = cv2.connectedComponentsWithStats(solid, connectivity=8)
    if count <= 2:
        return solid
    return np.asarray(labels == 1 + int(stats[1:, cv2.CC_STAT_AREA].argmax()), dtype=np.uint8)


def _graph(depth: NDArray[np.float32], cells: NDArray[np.intp], shy: float) -> Any:
    """Steps between neighbouring cells; `shy` of the edge, they cost more there."""
    from scipy.sparse import coo_matrix

    number = np.full(depth.size, -1, dtype=np.intp)
    number[cells] = np.arange(len(cells))
    number = np.pad(number.reshape(depth.shape), 1, constant_values=-1)
    cost = np.pad((depth.max() / np.maximum(depth, 0.5)) ** shy if shy else np.ones_like(depth), 1)
    rows, columns, values = [], [], []
    inner = (slice(1, -1), slice(1, -1))
    for down, across in ((0, 1), (1, 0), (1, 1), (1, -1)):
        high, wide = depth.shape
        moved = (slice(1 + down, 1 + down + high), slice(1 + across, 1 + across + wide))
        here, there = number[inner], number[moved]
        fits = (here >= 0) & (there >= 0)
        rows.append(here[fits])
        columns.append(there[fits])
        values.append((np.hypot(down, across) * (cost[inner] + cost[moved]) / 2)[fits])
    return coo_matrix(
        (np.concatenate(values), (np.concatenate(rows), np.concatenate(columns))), shape=(len(cells),) * 2
    ).tocsr()


def _farthest(graph: Any, start: int) -> int:
    from scipy.sparse.csgraph import dijkstra

    away = dijkstra(graph, directed=False, indices=start)
    away[~np.isfinite(away)] = -1
    return int(away.argmax())


def _way(graph: Any, one: int, other: int) -> list[int]:
    from scipy.sparse.csgraph import dijkstra

    _, before = dijkstra(graph, directed=False, indices=one, return_predecessors=True)
    vector = [other]
    while vector[-1] != one:
        vector.append(int(before[vector[-1]]))
    return vector[::-1]


def _smooth(line: Complexes) -> Complexes:
    """Without the steps of the grid; the ends stay."""
    reach = max(2, len(line) // 20)
    kernel = np.hanning(2 * reach + 3)[1:-1]
    ends = np.concatenate([2 * line[0] - line[reach:0:-1], line, 2 * line[-1] - line[-2 : -reach - 2 : -1]])
    return np.convolve(ends, kernel / kernel.sum(), mode="valid")

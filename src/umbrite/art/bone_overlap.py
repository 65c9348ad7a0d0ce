"""Which parts lie under a bone, and the line through the middle of a part: what the art tells about bones."""

import heapq
from collections.abc import Iterable, Mapping

import cv2
import numpy as np
from numpy.typing import NDArray

from umbrite.art.masks import INSIDE
from umbrite.art.pictures import Picture
from umbrite.rig.affine import inverse
from umbrite.rig.model import Puppet
from umbrite.rig.placement import board_from_drawing

STOPS = 33  # points along a bone at which is looked
FINENESS = 110  # samples across a drawing for its middle line
INNER = 3.0  # how strongly the middle line keeps to the middle


def under_bone(
    puppet: Puppet,
    pictures: Mapping[str, Picture],
    head: complex,
    tip: complex,
    parts: Iterable[str] | None = None,
) -> dict[str, float]:
    """Part -> the share of the bone that lies over its paper at rest, the largest first; nothing for parts it misses."""
    stops = np.asarray(head + (tip - head) * np.linspace(0.0, 1.0, STOPS), dtype=np.complex128)
    found = {}
    for key in puppet.order if parts is None else parts:
        part = puppet.parts[key]
        if part.reference or not part.visible:
            continue
        at = np.asarray(inverse(board_from_drawing(part.placement))(stops))
        alpha = pictures[part.drawing.sha256][..., 3]
        x, y = np.floor(at.real).astype(int), np.floor(at.imag).astype(int)
        inside = (x >= 0) & (y >= 0) & (x < alpha.shape[1]) & (y < alpha.shape[0])
        solid = alpha[y.clip(0, alpha.shape[0] - 1), x.clip(0, alpha.shape[1] - 1)] >= INSIDE
        share = float((inside & solid).mean())
        if share > 0:
            found[key] = share
    return dict(sorted(found.items(), key=lambda item: -item[1]))


def fits(puppet: Puppet, pictures: Mapping[str, Picture], part: str, head: complex, tip: complex) -> float:
    """How well a bone and a part belong together, 0 to 1: the share of the bone over the part, times that of the part's length."""
    share = under_bone(puppet, pictures, head, tip, [part]).get(part, 0.0)
    item = puppet.parts[part]
    longest = max(
        item.drawing.width * abs(item.placement.scale_x), item.drawing.height * abs(item.placement.scale_y)
    )
    return share * min(1.0, abs(tip - head) * share / (0.6 * longest)) if longest else 0.0


def by_overlap(
    puppet: Puppet, pictures: Mapping[str, Picture], parts: Iterable[str], bones: Iterable[str]
) -> dict[str, str]:
    """Part -> the bone that fits it best, where one fits at all."""
    ends = {
        key: (puppet.joints[key].pivot.z, tip.z)
        for key in bones
        if (tip := puppet.joints[key].tip) is not None
    }
    found = {}
    for part in parts:
        good = {key: fits(puppet, pictures, part, *ends[key]) for key in ends}
        best = max(good, key=good.__getitem__, default=None)
        if best is not None and good[best] > 0.25:
            found[part] = best
    return found


def middle_line(puppet: Puppet, pictures: Mapping[str, Picture], part: str) -> list[complex]:
    """Board points along the middle of a part, from the end near its pivot to the far end.

    The far end is the farthest paper within the drawing (breadth first); the line is the cheapest way there, where a step is
    the cheaper the farther it stays from the outline (Dijkstra over the distance transform), smoothed.
    """
    item = puppet.parts[part]
    alpha = pictures[item.drawing.sha256][..., 3]
    scale = min(1.0, FINENESS / max(alpha.shape))
    size = (max(3, round(alpha.shape[1] * scale)), max(3, round(alpha.shape[0] * scale)))
    small = np.asarray(cv2.resize(alpha, size, interpolation=cv2.INTER_AREA))
    inside = np.pad(small >= INSIDE, 1)
    depth = np.asarray(cv2.distanceTransform(inside.astype(np.uint8), cv2.DIST_L2, cv2.DIST_MASK_PRECISE))
    if not inside.any():
        return []
    onto = board_from_drawing(item.placement)
    pivot = complex(inverse(onto)(puppet.joints[item.joint].pivot.z)) * scale + (0.5 + 0.5j)
    rows, columns = np.nonzero(inside)
    first = int(np.argmin(np.hypot(columns - pivot.real, rows - pivot.imag)))
    even = np.ones(depth.shape)
    start = int(rows[first]), int(columns[first])
    far = _farthest(_costs(inside, even, start)[0])
    near = _farthest(_costs(inside, even, far)[0])  # the other end, by the pivot or beyond it
    ends = sorted((far, near), key=lambda cell: abs(complex(cell[1], cell[0]) - pivot))
    steps = np.asarray((depth.max() / np.maximum(depth, 0.5)) ** INNER, dtype=np.float64)
    _, came = _costs(inside, steps, ends[0])
    way = [ends[1]]
    while way[-1] != ends[0]:
        way.append(came[way[-1]])
    line = np.array([complex(column - 0.5, row - 0.5) / scale for row, column in reversed(way)])
    return [complex(onto(z)) for z in _smooth(line)]


def _farthest(costs: NDArray[np.float64]) -> tuple[int, int]:
    reached = np.where(np.isfinite(costs), costs, -1.0)
    row, column = np.unravel_index(int(reached.argmax()), reached.shape)
    return int(row), int(column)


def _costs(
    inside: NDArray[np.bool_], step: NDArray[np.float64], start: tuple[int, int]
) -> tuple[NDArray[np.float64], dict[tuple[int, int], tuple[int, int]]]:
    """The cheapest cost of reaching each sample from the start, and from where each was reached."""
    costs = np.full(inside.shape, np.inf)
    costs[start] = 0.0
    came: dict[tuple[int, int], tuple[int, int]] = {}
    heap = [(0.0, start)]
    around = [(dy, dx, float(np.hypot(dy, dx))) for dy in (-1, 0, 1) for dx in (-1, 0, 1) if dy or dx]
    while heap:
        cost, (row, column) = heapq.heappop(heap)
        if cost > costs[row, column]:
            continue
        for dy, dx, length in around:
            to = row + dy, column + dx
            if not inside[to]:
                continue
            more = cost + length * float(step[to])
            if more < costs[to]:
                costs[to] = more
                came[to] = (row, column)
                heapq.heappush(heap, (more, to))
    return costs, came


def _smooth(line: NDArray[np.complex128]) -> NDArray[np.complex128]:
    """A moving mean that leaves the ends where they are."""
    wide = max(1, len(line) // 10)
    padded = np.concatenate([np.full(wide, line[0]), line, np.full(wide, line[-1])])
    found = np.convolve(padded, np.ones(2 * wide + 1) / (2 * wide + 1), mode="valid")
    found[0], found[-1] = line[0], line[-1]
    return found

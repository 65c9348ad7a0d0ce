"""How much each bone takes each vertex of a mesh along: smooth, local, and led by nothing but the drawing's own shape.

Each bone has weight 1 along its core and straight across it, clear of the joints; between the cores the weights are harmonic on the mesh, as heat spreads in
the paper (Baran and Popović, "Automatic Rigging and Animation of 3D Characters", 2007, by Laplace's equation with cotangents;
Pinkall and Polthier 1993). Harmonic functions have no peaks of their own, so there are no islands of influence, and what lies apart on
the paper does not touch, however near it lies on the board. An easing then makes their beginnings and ends smooth.
"""

import itertools
from collections.abc import Sequence
from typing import Any

import cv2
import numpy as np
from numpy.typing import NDArray

from umbrite.art.bending.meshing import MARGIN, SEEN, Complexes, Net, Segment
from umbrite.art.pictures import Picture
from umbrite.rig.quantities.barycentric import shares_in

Floats = NDArray[np.float64]
ZONE = 1.2  # how far from a joint its turn reaches, in widths of the drawing there
MOST = 0.5  # of a bone is given over to each of its joints at the most
FIRM = 1e4  # how firmly cores hold their weight
STEP = 0.5  # of an edge between the points of a core
FAINT = 0.04  # weights below are none


def weights_on(net: Net, picture: Picture, bones: Sequence[Segment], up: Sequence[int]) -> Floats:
    """The weight of each bone at each vertex, (vertices, bones), each row summing to 1.

    `bones` are head and tip in the drawing's pixels; `up` is the place of what carries each, its own where nothing here does.
    """
    from scipy.sparse import csr_matrix
    from scipy.sparse.linalg import splu

    count = len(net.vertices)
    if len(bones) == 1:
        return np.ones((count, 1))
    solid = (picture[..., 3] >= SEEN).astype(np.uint8)
    depth = np.asarray(cv2.distanceTransform(solid, cv2.DIST_L2, 5), dtype=np.float32)
    points, owners = _cores(net, depth, bones, up)
    across = _across(net, depth, bones, points, owners)
    rows, columns, shares, owners = _held(net, points, owners, bones, across)
    held = csr_matrix((shares, (rows, columns)), shape=(len(owners), count))
    wanted = np.zeros((len(owners), len(bones)))
    wanted[np.arange(len(owners)), owners] = 1.0
    system = (stiffness(net) + FIRM * (held.T @ held)).tocsc()
    found = np.asarray(splu(system).solve(FIRM * (held.T @ wanted)))
    found = np.clip((np.clip(found, 0, 1) - FAINT) / (1 - 2 * FAINT), 0, 1)
    found = found * found * (3 - 2 * found)
    whole = found.sum(axis=1, keepdims=True)
    found[whole[:, 0] <= 0, owners[0]] = 1.0
    return np.asarray(found / found.sum(axis=1, keepdims=True))


def stiffness(net: Net) -> Any:
    """Laplace's operator on a mesh by cotangents, positive; as a sparse matrix of (vertices, vertices)."""
    from scipy.sparse import coo_matrix

    corners = net.vertices[net.triangles]
    rows, columns, values = [], [], []
    for i in range(3):
        j, k = (i + 1) % 3, (i + 2) % 3
        one, other = corners[:, j] - corners[:, i], corners[:, k] - corners[:, i]
        cross = np.abs((np.conj(one) * other).imag)
        # An edge never pulls the wrong way, whatever the angle over it: so nothing can overshoot.
        half = np.maximum((np.conj(one) * other).real / np.maximum(cross, 1e-9), 0.01) / 2
        a, b = net.triangles[:, j], net.triangles[:, k]
        rows += [a, b, a, b]
        columns += [b, a, a, b]
        values += [-half, -half, half, half]
    size = len(net.vertices)
    return coo_matrix(
        (np.concatenate(values), (np.concatenate(rows), np.concatenate(columns))), shape=(size, size)
    ).tocsr()


def _cores(
    net: Net, depth: NDArray[np.float32], bones: Sequence[Segment], up: Sequence[int]
) -> tuple[Complexes, NDArray[np.intp]]:
    """Points along the bones that follow them alone, and whose they are: clear of joints by the width of the drawing there."""
    lengths = [abs(tip - head) for head, tip in bones]
    spacing = float(np.median(np.abs(net.vertices[net.triangles[:, 0]] - net.vertices[net.triangles[:, 1]])))
    joints: list[tuple[complex, float]] = []
    for i, (head, _) in enumerate(bones):
        if up[i] != i:
            room = MOST * min((each for each in (lengths[i], lengths[up[i]]) if each > 0), default=spacing)
            joints.append((head, min(ZONE * _width(depth, head, spacing), room)))
    points: list[complex] = []
    owners: list[int] = []
    for i, (head, tip) in enumerate(bones):
        steps = max(2, int(np.ceil(lengths[i] / (STEP * spacing))))
        line = [head + (tip - head) * k / steps for k in range(steps + 1)]
        free = [z for z in line if all(abs(z - at) >= 0.999 * zone for at, zone in joints)]
        if not free:  # as far from joints as it can be
            free = [max(line, key=lambda z: min(abs(z - at) for at, _ in joints))]
        points += free
        owners += [i] * len(free)
    return np.array(points, dtype=np.complex128), np.array(owners, dtype=np.intp)


def _across(
    net: Net, depth: NDArray[np.float32], bones: Sequence[Segment], points: Complexes, owners: NDArray[np.intp]
) -> dict[int, int]:
    """Vertices that lie straight beside a core, within the drawing and no farther than its edge there, and whose they are."""
    from scipy.spatial import cKDTree

    tree = cKDTree(np.stack([points.real, points.imag], axis=-1))
    away, nearest = tree.query(np.stack([net.vertices.real, net.vertices.imag], axis=-1))
    spacing = float(np.median(np.abs(net.vertices[net.triangles[:, 0]] - net.vertices[net.triangles[:, 1]])))
    found = {}
    for i, (z, far, k) in enumerate(zip(net.vertices.tolist(), away.tolist(), nearest.tolist(), strict=True)):
        owner, core = int(owners[k]), complex(points[k])
        vector = bones[owner][1] - bones[owner][0]
        along = abs(((z - core) * vector.conjugate()).real) / max(abs(vector), 1e-9)
        reach = 1.15 * _depth_at(depth, core) + MARGIN + 1
        if along <= 0.6 * STEP * spacing and far <= reach and _seen(depth, core, z):
            found[i] = owner
    return found


def _depth_at(depth: NDArray[np.float32], at: complex) -> float:
    row, column = round(at.imag), round(at.real)
    inside = 0 <= row < depth.shape[0] and 0 <= column < depth.shape[1]
    return float(depth[row, column]) if inside else 0.0


def _seen(depth: NDArray[np.float32], one: complex, other: complex) -> bool:
    """Whether the drawing is whole between two places, but for the margin at the second."""
    steps = max(2, int(abs(other - one) / 4))
    end = max(0.0, 1 - (MARGIN + 2) / max(abs(other - one), 1e-9))
    return all(_depth_at(depth, one + (other - one) * end * k / steps) > 0 for k in range(steps + 1))


def _width(depth: NDArray[np.float32], at: complex, least: float) -> float:
    """How wide the drawing is about a place: twice the depth of the deepest spot near it."""
    reach = max(2, round(least / 2))
    row, column = round(at.imag), round(at.real)
    near = depth[max(row - reach, 0) : row + reach + 1, max(column - reach, 0) : column + reach + 1]
    return 2 * max(float(near.max(initial=0.0)), least / 2)


class _Holds:
    """A sparse matrix of what holds a mesh, built row by row: shares of vertices that together are as a bone says."""

    def __init__(self) -> None:
        self.rows: list[int] = []
        self.columns: list[int] = []
        self.shares: list[float] = []
        self.owners: list[int] = []  # the bone of each row

    def add(self, vertices: Sequence[int], shares: Sequence[float], owner: int) -> None:
        self.rows += [len(self.owners)] * len(vertices)
        self.columns += vertices
        self.shares += shares
        self.owners.append(owner)

    def arrays(self) -> tuple[NDArray[np.intp], NDArray[np.intp], Floats, NDArray[np.intp]]:
        return np.array(self.rows), np.array(self.columns), np.array(self.shares), np.array(self.owners, dtype=np.intp)


def _held(
    net: Net, points: Complexes, owners: NDArray[np.intp], bones: Sequence[Segment], across: dict[int, int]
) -> tuple[NDArray[np.intp], NDArray[np.intp], Floats, NDArray[np.intp]]:
    """Which vertices the cores hold, as a sparse matrix: the three around each point that lies on the mesh, and those straight beside.

    Every island is held by something.
    """
    holds = _Holds()
    for vertex, owner in across.items():
        holds.add([vertex], [1.0], owner)
    for first in range(0, len(points), 256):
        _hold_around(holds, net, points[first : first + 256], owners[first : first + 256])
    for owner in sorted(set(range(len(bones))) - set(holds.owners)):  # a bone beside the drawing holds what is nearest
        nearest = min(range(len(net.vertices)), key=lambda n: min(abs(net.vertices[n] - z) for z in bones[owner]))
        holds.add([nearest], [1.0], owner)
    islands = _islands(net)
    touched = set(islands[holds.columns].tolist())
    for island in sorted(set(islands.tolist()) - touched):
        own = np.flatnonzero(islands == island)
        away = np.array([[_away(z, bone) for bone in bones] for z in net.vertices[own].tolist()])
        place, bone = (int(n) for n in np.unravel_index(int(away.argmin()), away.shape))
        holds.add([int(own[place])], [1.0], bone)
    return holds.arrays()


def _hold_around(holds: _Holds, net: Net, points: Complexes, owners: NDArray[np.intp]) -> None:
    """Each point that lies on the mesh is held by the three vertices around it."""
    shares = shares_in(net.vertices, net.triangles, points)
    for k, i in enumerate(shares.least.argmax(axis=1).tolist()):
        if shares.least[k, i] >= -1e-9:
            holds.add(net.triangles[i].tolist(), shares.of(k, i).tolist(), int(owners[k]))


def _islands(net: Net) -> NDArray[np.intp]:
    from scipy.sparse import coo_matrix
    from scipy.sparse.csgraph import connected_components

    size = len(net.vertices)
    pairs = np.concatenate([net.triangles[:, list(pair)] for pair in itertools.combinations(range(3), 2)])
    graph = coo_matrix((np.ones(len(pairs)), tuple(pairs.T)), shape=(size, size))
    return np.asarray(connected_components(graph, directed=False)[1], dtype=np.intp)


def _away(z: complex, bone: Segment) -> float:
    vector = bone[1] - bone[0]
    share = ((z - bone[0]) * vector.conjugate()).real / max(abs(vector) ** 2, 1e-12)
    return abs(z - bone[0] - vector * min(max(share, 0.0), 1.0))

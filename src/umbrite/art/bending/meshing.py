"""Meshes for drawings that bend: triangles over the opaque area with a small margin, islands and holes kept, finer about joints.

The outline is traced, thinned out and cut into pieces of the mesh's spacing; inside lie points on a grid of triangles, points along
the bones, and closer ones about the joints. All of them are triangulated by Delaunay's rule (SciPy, Qhull); where an edge of the
outline is not among the triangles' edges, its middle is added until it is (as in conforming Delaunay refinement: Ruppert, "A Delaunay
Refinement Algorithm for Quality 2-Dimensional Mesh Generation", 1995). Places are complex numbers in the drawing's pixels.
"""

from collections.abc import Sequence
from typing import NamedTuple

import cv2
import numpy as np
from numpy.typing import NDArray

from umbrite.art.pictures import Picture
from umbrite.rig.errors import RigError

Complexes = NDArray[np.complex128]
Ints = NDArray[np.intp]
Mask = NDArray[np.uint8]
Segment = tuple[complex, complex]
MARGIN = 3  # pixels around the opaque area
SEEN = 8  # alpha from here on must lie on the mesh
ROUNDS = 6  # of adding middles of edges
ROUGH = 1.2  # pixels by which the outline may be cut short
ROUGH_CARD = 2.0  # and that of a card, which has few vertices; both are less than the margin
FINE = 256  # places in a pixel, for filling polygons
DENSITIES = (0.25, 16.0)  # the least and the most of what `mesh_over` takes


class Net(NamedTuple):
    """A mesh without weights: vertices (n,), triangles (m, 3)."""

    vertices: Complexes
    triangles: Ints


def mesh_over(picture: Picture, bones: Sequence[Segment] = (), density: float = 1.0) -> Net:
    """A mesh over a drawing, RGBA (rows, columns, 4), that should bend at the ends of `bones`. Twice the density has about twice the triangles.

    Raises RigError for a drawing that shows nothing.
    """
    grown = _grown(picture)
    if not grown.any():
        raise RigError("This drawing shows nothing, so there is nothing to bend. Exchange it first.")
    spacing = spacing_of(picture, density)
    loops = _loops(grown, spacing)
    inside = _filled(loops, grown.shape)
    return _in_pixels(_triangulated(loops, _inner_points(inside, bones, spacing), inside))


def card_over(picture: Picture) -> Net:
    """The fewest triangles over a drawing that stays flat: cut to its outline, islands and holes kept. One that shows nothing is its frame."""
    grown = _grown(picture)
    if not grown.any():
        rows, columns = picture.shape[:2]
        frame = np.array([0, columns, columns + 1j * rows, 1j * rows], dtype=np.complex128)
        return Net(frame, np.array([[0, 1, 2], [0, 2, 3]], dtype=np.intp))
    loops = _loops(grown, float("inf"))
    return _in_pixels(_triangulated(loops, np.zeros(0, dtype=np.complex128), _filled(loops, grown.shape)))


def _grown(picture: Picture) -> Mask:
    """What is seen of a drawing and a margin around it, a margin and a pixel larger on all sides."""
    solid = np.pad((picture[..., 3] >= SEEN).astype(np.uint8), MARGIN + 1)
    kernel = cv2.getStructuringElement(cv2.MORPH_ELLIPSE, (2 * MARGIN + 1, 2 * MARGIN + 1))
    return np.asarray(cv2.dilate(solid, kernel), dtype=np.uint8)


def _in_pixels(net: Net) -> Net:
    """From the middles of the grown drawing's pixels to the drawing's own."""
    return Net(net.vertices - (MARGIN + 0.5) * (1 + 1j), net.triangles)


def spacing_of(picture: Picture, density: float = 1.0) -> float:
    """The length of an edge in pixels: by the drawing's area, so that one of density 1 has about 150 triangles inside."""
    density = min(max(density, DENSITIES[0]), DENSITIES[1])
    area = float(np.count_nonzero(picture[..., 3] >= SEEN))
    return max(3.0, float(np.sqrt(area / (75.0 * density))))


def _loops(grown: Mask, spacing: float) -> list[Complexes]:
    """The outline, as loops with a point at least every `spacing` pixels; specks and pinholes are left out. Endless spacing is a card's."""
    contours, _ = cv2.findContours(grown, cv2.RETR_CCOMP, cv2.CHAIN_APPROX_NONE)
    least = min(24.0, 0.2 * spacing**2)
    found = []
    for contour in contours:
        if abs(cv2.contourArea(contour)) < least and len(contours) > 1:
            continue
        rough = ROUGH if np.isfinite(spacing) else ROUGH_CARD
        thin = cv2.approxPolyDP(contour, rough, closed=True)[:, 0].astype(np.float64)
        loop = thin[:, 0] + 1j * thin[:, 1]
        if len(loop) < 3:
            continue
        cut: list[complex] = []
        for start, end in zip(loop, np.roll(loop, -1), strict=True):
            steps = max(1, int(np.ceil(abs(end - start) / spacing)))
            cut += [start + (end - start) * i / steps for i in range(steps)]
        found.append(np.array(cut))
    return found


def _filled(loops: list[Complexes], shape: tuple[int, ...]) -> Mask:
    """What lies inside the loops, holes left out; at the padded drawing's own pixels."""
    inside = np.zeros(shape, np.uint8)
    polygons = [np.round(np.stack([z.real, z.imag], axis=-1) * FINE).astype(np.int32) for z in loops]
    cv2.fillPoly(inside, polygons, 255, cv2.LINE_8, 8)
    return inside


def _inner_points(inside: Mask, bones: Sequence[Segment], spacing: float) -> Complexes:
    """Points along bones, close ones about their ends, and a grid of triangles everywhere else; all clear of the outline."""
    depth = np.asarray(cv2.distanceTransform(inside, cv2.DIST_L2, 5), dtype=np.float32)
    off = (MARGIN + 0.5) * (1 + 1j)
    places = [(one + off, other + off) for one, other in bones]
    ends = np.array([z for bone in places for z in bone], dtype=np.complex128)
    found: list[complex] = []
    for one, other in places:
        steps = max(2, int(np.ceil(abs(other - one) / (0.6 * spacing))))
        found += [one + (other - one) * i / steps for i in range(steps + 1)]
    kept = _apart(_clear(np.array(found, dtype=np.complex128), depth, 0.25 * spacing), 0.3 * spacing)
    for step in (0.62 * spacing, spacing):  # the closer grid first, about the joints
        grid = _grid(inside.shape, step)
        if step < spacing:
            near = (
                (np.abs(grid[:, None] - ends[None]) < 2.2 * spacing).any(axis=1)
                if len(ends)
                else np.zeros(len(grid), bool)
            )
            grid = grid[near]
        grid = _clear(grid, depth, 0.55 * step)
        if len(kept) and len(grid):
            grid = grid[_nearest(grid, kept) > 0.7 * step]
        kept = np.concatenate([kept, grid])
    return kept


def _grid(shape: tuple[int, ...], step: float) -> Complexes:
    rows = np.arange(step / 2, shape[0], step * np.sqrt(0.75))
    found = [np.arange(step / 2 if i % 2 else step, shape[1], step) + 1j * row for i, row in enumerate(rows)]
    return np.concatenate(found) if found else np.zeros(0, np.complex128)


def _clear(points: Complexes, depth: NDArray[np.float32], least: float) -> Complexes:
    """Those of the points that lie at least so deep inside."""
    rows, columns = np.round(points.imag).astype(int), np.round(points.real).astype(int)
    fits = (rows >= 0) & (columns >= 0) & (rows < depth.shape[0]) & (columns < depth.shape[1])
    points, rows, columns = points[fits], rows[fits], columns[fits]
    return np.asarray(points[depth[rows, columns] > least])


def _apart(points: Complexes, least: float) -> Complexes:
    """Points none of which lies nearer than `least` to one before it."""
    kept: list[complex] = []
    for z in points.tolist():
        if all(abs(z - other) >= least for other in kept):
            kept.append(z)
    return np.array(kept, dtype=np.complex128)


def _nearest(points: Complexes, others: Complexes) -> NDArray[np.float64]:
    """How far each point lies from the nearest of the others."""
    from scipy.spatial import cKDTree

    tree = cKDTree(np.stack([others.real, others.imag], axis=-1))
    return np.asarray(tree.query(np.stack([points.real, points.imag], axis=-1))[0])


def _triangulated(loops: list[Complexes], inner: Complexes, inside: Mask) -> Net:
    from scipy.spatial import Delaunay

    for _ in range(ROUNDS):
        points = np.concatenate([*loops, inner])
        triangles = Delaunay(np.stack([points.real, points.imag], axis=-1)).simplices.astype(np.intp)
        edges = _edges(triangles)
        at, whole, fuller = 0, True, []
        for loop in loops:
            here: list[complex] = []
            for i in range(len(loop)):
                j = (i + 1) % len(loop)
                here.append(complex(loop[i]))
                if (min(at + i, at + j), max(at + i, at + j)) not in edges:
                    here.append((complex(loop[i]) + complex(loop[j])) / 2)
                    whole = False
            at += len(loop)
            fuller.append(np.array(here))
        if whole:
            break
        loops = fuller
    middles = points[triangles].mean(axis=1)
    rows, columns = np.round(middles.imag).astype(int), np.round(middles.real).astype(int)
    a, b, c = points[triangles].T
    area = (np.conj(b - a) * (c - a)).imag / 2
    fits = (inside[rows, columns] > 0) & (np.abs(area) > 1e-3)
    kept = np.where(area[fits, None] < 0, triangles[fits, ::-1], triangles[fits])  # all turn the same way
    used, numbers = np.unique(kept, return_inverse=True)
    return Net(points[used], numbers.reshape(-1, 3).astype(np.intp))


def _edges(triangles: Ints) -> set[tuple[int, int]]:
    """Every edge of triangles, the lower number first."""
    pairs = np.sort(triangles[:, [[0, 1], [1, 2], [2, 0]]].reshape(-1, 2), axis=1)
    return {(int(a), int(b)) for a, b in pairs}


def uncovered(picture: Picture, net: Net) -> int:
    """How many of a drawing's pixels show and lie on no triangle."""
    solid = picture[..., 3] >= SEEN
    whole = np.zeros(solid.shape, np.uint8)
    corners = net.vertices[net.triangles] - 0.5 * (1 + 1j)
    polygons = np.round(np.stack([corners.real, corners.imag], axis=-1) * FINE).astype(np.int32)
    for polygon in polygons:
        cv2.fillConvexPoly(whole, polygon, 255, cv2.LINE_8, 8)
    return int(np.count_nonzero(solid & (whole == 0)))

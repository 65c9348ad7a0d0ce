"""The vertices of a mesh by hand: moved, added and taken out. Weights belong to places, so that the part bends as it did.

Triangles all turn the same way; new ones about a vertex are made Delaunay's by swapping edges (Lawson, "Software for C1 Surface
Interpolation", 1977), and the hole that a vertex leaves is closed ear by ear. Places are complex numbers in the drawing's pixels.
"""

import itertools
from collections.abc import Collection, Iterable, Sequence

import numpy as np
from numpy.typing import NDArray

from umbrite.rig.errors import RigError
from umbrite.rig.mesh import mesh_of, weights_of, with_keeping
from umbrite.rig.mesh_arrays import Complexes, Floats, Ints
from umbrite.rig.model import Mesh

Triangle = tuple[int, int, int]
ON_EDGE = 0.06  # of a triangle's height: a vertex this near to an edge divides it
FARTHEST = 3.0  # edges from the mesh, for a vertex that is added beside it
THIN = 1e-3  # square pixels of the least triangle


def moved_points(mesh: Mesh, points: Collection[int], by: complex) -> Mesh:
    """The mesh with some of its vertices elsewhere. Refuses what would fold it."""
    arrays = mesh.arrays
    if not points or by == 0:
        return mesh
    vertices = arrays.vertices.copy()
    vertices[sorted(points)] += by
    _require_flat(arrays.vertices, vertices, arrays.triangles)
    weights = weights_of(mesh)
    for i in points:
        weights[i] = _weights_at(mesh, complex(vertices[i]))
    return _made(mesh, vertices, arrays.triangles, weights)


def added_point(mesh: Mesh, at: complex) -> tuple[Mesh, int]:
    """The mesh with one more vertex at a place in it or beside its outline; and the vertex. Refuses a place far from it."""
    arrays = mesh.arrays
    new = len(arrays.vertices)
    vertices = np.append(arrays.vertices, at)
    triangles = _inserted(vertices, [_tuple(each) for each in arrays.triangles], new)
    weights = np.vstack([weights_of(mesh), _weights_at(mesh, complex(vertices[new]))])
    made = np.array(_swapped(vertices, triangles, new), dtype=np.intp)
    _require_simple(vertices, made)
    return _made(mesh, vertices, made, weights), new


def without_points(mesh: Mesh, points: Collection[int]) -> Mesh:
    """The mesh without some of its vertices. Refuses to take the last triangle away."""
    arrays = mesh.arrays
    triangles = [_tuple(each) for each in arrays.triangles]
    for point in sorted(points):
        triangles = _closed(arrays.vertices, triangles, point)
    if not triangles:
        raise RigError("A mesh needs three points at the least. Keep some of them.")
    made = np.array(triangles, dtype=np.intp)
    _require_simple(arrays.vertices, made)
    used, numbers = np.unique(made, return_inverse=True)
    return _made(mesh, arrays.vertices[used], numbers.reshape(-1, 3).astype(np.intp), weights_of(mesh)[used])


def _made(mesh: Mesh, vertices: Complexes, triangles: Ints, weights: Floats) -> Mesh:
    return with_keeping(mesh_of(mesh.joints, vertices, triangles, weights), mesh.keeps_area)


def _tuple(triangle: NDArray[np.intp]) -> Triangle:
    a, b, c = triangle.tolist()
    return a, b, c


def _area(a: complex, b: complex, c: complex) -> float:
    """Twice the area of a triangle, with its sense."""
    return ((b - a).conjugate() * (c - a)).imag


def _areas(vertices: Complexes, triangles: Ints) -> Floats:
    a, b, c = vertices[triangles].T
    return np.asarray((np.conj(b - a) * (c - a)).imag)


def _shares(mesh: Mesh, at: complex) -> tuple[Ints, Floats]:
    """The triangles (t, 3) of a mesh, and the shares of their corners (t, 3) in a place."""
    arrays = mesh.arrays
    a, b, c = arrays.vertices[arrays.triangles].T
    whole = _areas(arrays.vertices, arrays.triangles)
    whole = np.where(np.abs(whole) < THIN, np.inf, whole)
    one = (np.conj(b - at) * (c - at)).imag / whole
    other = (np.conj(c - at) * (a - at)).imag / whole
    return arrays.triangles, np.stack([one, other, 1 - one - other], axis=-1)


def _weights_at(mesh: Mesh, at: complex) -> Floats:
    """The weights of a place: between the corners around it, else those of the nearest place of the mesh's nearest triangle."""
    triangles, shares = _shares(mesh, at)
    nearest = int(shares.min(axis=1).argmax())
    inside = shares[nearest]
    if inside.min() < 0:
        arrays = mesh.arrays
        ends = _rim(triangles)
        one, other = arrays.vertices[ends].T
        way = other - one
        along = np.clip(((at - one) * np.conj(way)).real / np.maximum(np.abs(way) ** 2, 1e-12), 0, 1)
        edge = int(np.abs(one + way * along - at).argmin())
        rows, inside = weights_of(mesh)[ends[edge]], np.array([1 - along[edge], along[edge]])
        return np.asarray(inside @ rows)
    return np.asarray(inside @ weights_of(mesh)[triangles[nearest]])


def _rim(triangles: Ints) -> Ints:
    """The edges that only one triangle has, in its sense, (edges, 2)."""
    edges = triangles[:, [[0, 1], [1, 2], [2, 0]]].reshape(-1, 2)
    _, first, count = np.unique(np.sort(edges, axis=1), axis=0, return_index=True, return_counts=True)
    return np.asarray(edges[first[count == 1]])


def _require_flat(before: Complexes, after: Complexes, triangles: Ints) -> None:
    """Refuse vertices that turn a triangle over, and an outline that crosses itself."""
    was, now = _areas(before, triangles), _areas(after, triangles)
    if np.any((np.abs(was) > THIN) & (now * np.sign(was) <= THIN)):
        raise RigError("A triangle would turn over there, and the drawing would fold. Move the point less far.")
    _require_simple(after, triangles)


def _require_simple(vertices: Complexes, triangles: Ints) -> None:
    """Refuse a mesh whose outline crosses itself: the drawing would lie there twice."""
    ends = _rim(triangles)
    a, b = vertices[ends].T
    side = (np.conj(b - a)[:, None] * (a[None] - a[:, None])).imag
    other = (np.conj(b - a)[:, None] * (b[None] - a[:, None])).imag
    parted = side * other < -1e-9
    if np.any(parted & parted.T):
        raise RigError("The mesh's outline would cross itself there. Choose another place.")


def _inserted(vertices: Complexes, triangles: list[Triangle], new: int) -> list[Triangle]:
    """The triangles with a vertex among them: within one, on an edge, or beside the outline."""
    at = complex(vertices[new])
    for found in triangles:
        a, b, c = (complex(vertices[i]) for i in found)
        whole = _area(a, b, c)
        if abs(whole) < THIN:
            continue
        shares = [_area(b, c, at) / whole, _area(c, a, at) / whole, _area(a, b, at) / whole]
        if min(shares) >= -1e-9:
            least = shares.index(min(shares))
            if shares[least] > ON_EDGE:
                i, j, k = found
                return [*(t for t in triangles if t != found), (i, j, new), (j, k, new), (k, i, new)]
            edge = found[(least + 1) % 3], found[(least + 2) % 3]
            return _divided(vertices, triangles, edge, new)
    return [*triangles, _beside(vertices, triangles, new)]


def _divided(vertices: Complexes, triangles: list[Triangle], edge: tuple[int, int], new: int) -> list[Triangle]:
    """An edge with a vertex on it or close to it; the triangles on both sides are divided."""
    found: list[Triangle] = []
    both = [t for t in triangles if edge[0] in t and edge[1] in t]
    if len(both) == 1:  # on the outline: it should not lose anything, so the vertex lies on the edge
        one, other = (complex(vertices[i]) for i in edge)
        way = other - one
        vertices[new] = one + way * ((complex(vertices[new]) - one) * way.conjugate()).real / abs(way) ** 2
    for triangle in triangles:
        if triangle not in both:
            found.append(triangle)
            continue
        i = next(i for i in range(3) if triangle[i] not in edge)
        top, left, right = triangle[i], triangle[(i + 1) % 3], triangle[(i + 2) % 3]
        found += [(top, left, new), (top, new, right)]
    return found


def _beside(vertices: Complexes, triangles: list[Triangle], new: int) -> Triangle:
    """A triangle on the nearest edge of the outline that looks towards a vertex beside the mesh."""
    at = complex(vertices[new])
    whole = np.array(triangles, dtype=np.intp)
    sense = float(np.sign(_areas(vertices, whole).sum())) or 1.0
    ends = _rim(whole)
    one, other = vertices[ends].T
    way = other - one
    along = np.clip(((at - one) * np.conj(way)).real / np.maximum(np.abs(way) ** 2, 1e-12), 0, 1)
    away = np.abs(one + way * along - at)
    away[sense * (np.conj(way) * (at - one)).imag >= -THIN] = np.inf
    nearest = int(away.argmin())
    if away[nearest] > FARTHEST * float(np.median(np.abs(way))):
        raise RigError("This place is far from the mesh. Add points in it, or close to its outline.")
    i, j = ends[nearest].tolist()
    return j, i, new


def _swapped(vertices: Complexes, triangles: list[Triangle], new: int) -> list[Triangle]:
    """The triangles about a vertex made Delaunay's: an edge opposite to it is swapped where that gives better ones."""
    open_ = [t for t in triangles if new in t]
    kept = {frozenset(t): t for t in triangles}
    while open_:
        triangle = open_.pop()
        if frozenset(triangle) not in kept:
            continue
        i = triangle.index(new)
        one, other = triangle[(i + 1) % 3], triangle[(i + 2) % 3]
        across = next((t for t in kept.values() if one in t and other in t and new not in t), None)
        if across is None:
            continue
        far = next(k for k in across if k not in {one, other})
        a, b, c, d = (complex(vertices[k]) for k in (new, one, other, far))
        sense = 1.0 if _area(a, b, c) > 0 else -1.0
        if min(sense * _area(a, b, d), sense * _area(a, d, c)) <= THIN or not _in_circle(a, b, c, d):
            continue
        del kept[frozenset(triangle)], kept[frozenset(across)]
        for made in ((new, one, far), (new, far, other)):
            kept[frozenset(made)] = made
            open_.append(made)
    return list(kept.values())


def _in_circle(a: complex, b: complex, c: complex, d: complex) -> bool:
    """Whether a place lies within the circle through three others: the angles at it and opposite to it sum to more than half a turn."""
    one, other = np.angle((b - a) / (c - a)), np.angle((b - d) / (c - d))
    return bool(abs(one) + abs(other) > np.pi + 1e-9)


def _closed(vertices: Complexes, triangles: list[Triangle], point: int) -> list[Triangle]:
    """The triangles without a vertex, the hole about it closed."""
    kept = [t for t in triangles if point not in t]
    about = [t for t in triangles if point in t]
    after = {t[(t.index(point) + 1) % 3]: t[(t.index(point) + 2) % 3] for t in about}
    sense = 1.0 if sum(_area(*(complex(vertices[k]) for k in t)) for t in about) > 0 else -1.0
    while after:
        start = next((k for k in after if k not in after.values()), next(iter(after)))
        loop = [start]
        while loop[-1] in after:
            following = after.pop(loop[-1])
            if following == start:
                break
            loop.append(following)
        kept += _ears(vertices, loop, sense)
    return kept


def _ears(vertices: Complexes, loop: Sequence[int], sense: float) -> Iterable[Triangle]:
    """Triangles over a loop of vertices, the roundest ears first; where the loop is folded over nothing is left of it."""
    left, found = list(loop), []
    while len(left) > 2:
        best, ear = 0.0, -1
        for i in range(len(left)):
            corner = left[i - 1], left[i], left[(i + 1) % len(left)]
            a, b, c = (complex(vertices[k]) for k in corner)
            area = sense * _area(a, b, c)
            longest = max(abs(a - b), abs(b - c), abs(c - a), 1e-12)
            inside = any(k not in corner and _holds((a, b, c), complex(vertices[k]), sense) for k in left)
            if area > THIN and not inside and area / longest**2 > best:
                best, ear = area / longest**2, i
        if ear < 0:
            break
        found.append((left[ear - 1], left[ear], left[(ear + 1) % len(left)]))
        left.pop(ear)
    return found


def _holds(corners: tuple[complex, complex, complex], at: complex, sense: float) -> bool:
    return all(sense * _area(one, other, at) >= 0 for one, other in itertools.pairwise((*corners, corners[0])))

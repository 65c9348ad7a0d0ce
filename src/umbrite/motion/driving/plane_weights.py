"""How much each of some places of a plane counts at a point between them: natural neighbour weights.

Each place has its share of the ground that the point's own cell would take from its neighbours if it were one of them (Sibson, "A Brief
Description of Natural Neighbour Interpolation", 1981). The weights are never negative, sum to one, are one at their own place, vary
smoothly but at the places, and a plane comes out as that plane. They are found from the triangulation as Watson does ("Contouring", 1992):
the triangles whose circumcircle holds the point form a hollow, and its edges and the circumcentres give the cells. Beyond the places'
hull a point counts as the nearest one on the hull, where the weights are those of a straight line between two places. Places on one line,
or two of them, are that line.
"""

from itertools import combinations
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from umbrite.rig.quantities.barycentric import cross

Floats = NDArray[np.float64]
Complexes = NDArray[np.complex128]
Ints = NDArray[np.intp]
NEAR = 1e-9  # of the places' extent: so near a place, or the edge of the hull, a point is there
LIFT = 1e-7  # by which places on one circle are told apart, so that they have one triangulation


class Plane(NamedTuple):
    """Places made ready: their triangulation, or for places on one line their order along it."""

    places: Complexes  # (n,)
    size: float
    line: Ints  # places along the line; empty where they span a plane
    edges: Ints  # (e, 4): each inner edge from a to b as in its first triangle, and the two triangles
    rims: Ints  # (h, 3): each edge of the hull from a to b, and its triangle
    centres: Complexes  # (t,): of the triangles' circumcircles
    radii: Floats  # (t,), squared


def plane_of(places: Complexes) -> Plane:
    """Different places, made ready to be asked about many points."""
    size = float(np.ptp(places.real) + np.ptp(places.imag)) or 1.0
    none = np.zeros((0, 4), np.intp)
    way = places[np.abs(places - places[0]).argmax()] - places[0]
    off = cross(np.full_like(places, way / (abs(way) or 1.0)), places - places[0])
    if len(places) < 3 or float(np.abs(off).max()) <= NEAR * size:
        order = np.argsort(((places - places[0]) * np.conj(way)).real, kind="stable")
        return Plane(places, size, order, none, none[:, :3], np.zeros(0, complex), np.zeros(0))
    triangles = _triangles(places, size)
    sides: dict[tuple[int, int], int] = {}
    for number, (a, b, c) in enumerate(triangles.tolist()):
        sides |= {(a, b): number, (b, c): number, (c, a): number}
    inner = [(a, b, t, sides[b, a]) for (a, b), t in sides.items() if (b, a) in sides and a < b]
    rims = np.array([(a, b, t) for (a, b), t in sides.items() if (b, a) not in sides], np.intp)
    centres = circumcentre(*(places[triangles[:, i]] for i in range(3)))
    radii = np.abs(places[triangles[:, 0]] - centres) ** 2
    edges = np.array(inner, np.intp).reshape(-1, 4)
    return Plane(places, size, np.zeros(0, np.intp), edges, rims, centres, radii)


def _triangles(places: Complexes, size: float) -> Ints:
    """The triangles of Delaunay's triangulation, each once round the same way: the lower hull of the places lifted onto a bowl."""
    z = (places - places.mean()) / size
    lifted = np.abs(z) ** 2 + LIFT * np.random.default_rng(1).uniform(size=len(z))
    corners = np.array(list(combinations(range(len(z)), 3)), np.intp)
    a, b, c = (z[corners[:, i]] for i in range(3))
    turned = cross(b - a, c - a)
    corners[turned < 0] = corners[turned < 0][:, ::-1]
    corners = corners[np.abs(turned) > NEAR * LIFT]
    a, b, c = (z[corners[:, i]] for i in range(3))
    high, up_b, up_c = lifted[corners[:, 0]], lifted[corners[:, 1]], lifted[corners[:, 2]]
    whole = cross(b - a, c - a)
    off = z[None] - a[:, None]
    along = cross(off, (c - a)[:, None]) / whole[:, None]
    across = cross((b - a)[:, None], off) / whole[:, None]
    plane = high[:, None] + along * (up_b - high)[:, None] + across * (up_c - high)[:, None]
    above = lifted[None] - plane
    np.put_along_axis(above, corners, np.inf, axis=1)
    return np.asarray(corners[(above > 0).all(axis=1)])


def circumcentre(a: Complexes, b: Complexes, c: Complexes) -> Complexes:
    """The point as far from a as from b and from c; far away where they lie on one line."""
    u, v = b - a, c - a
    doubled = 2 * cross(u, v)
    safe = np.where(np.abs(doubled) < 1e-300, 1e-300, doubled)
    return np.asarray(a + 1j * (v * np.abs(u) ** 2 - u * np.abs(v) ** 2) / -safe)


def weights_at(plane: Plane, at: Complexes) -> Floats:
    """The weight of each place at points, (points, places)."""
    if len(plane.line):
        return _on_line(plane, at)
    at, rim, share = _onto_hull(plane, at)
    found = np.zeros((len(at), len(plane.places)))
    rows = np.arange(len(at))
    near = np.abs(at[:, None] - plane.places)
    closest = near.argmin(axis=1)
    there = near[rows, closest] <= NEAR * plane.size
    found[rows[there], closest[there]] = 1.0
    edge = ~there & (rim >= 0)
    a, b = plane.rims[rim[edge], :2].T
    found[rows[edge], a], found[rows[edge], b] = 1 - share[edge], share[edge]
    inside = ~there & (rim < 0)
    if inside.any():
        found[inside] = _inside(plane, at[inside])
    return found


def _on_line(plane: Plane, at: Complexes) -> Floats:
    places = plane.places[plane.line]
    found = np.zeros((len(at), len(places)))
    if len(places) == 1:
        return found + 1.0
    way = (places[-1] - places[0]) / abs(places[-1] - places[0])
    along, stops = ((at - places[0]) * np.conj(way)).real, ((places - places[0]) * np.conj(way)).real
    i = np.clip(np.searchsorted(stops, along, side="right") - 1, 0, len(places) - 2)
    share = np.clip((along - stops[i]) / (stops[i + 1] - stops[i]), 0.0, 1.0)
    rows = np.arange(len(at))
    found[rows, plane.line[i]] = 1 - share
    found[rows, plane.line[i + 1]] = share
    return found


def _onto_hull(plane: Plane, at: Complexes) -> tuple[Complexes, Ints, Floats]:
    """Points brought onto the hull where they lie outside; for those on it the edge, -1 for others, and the share of the way along it."""
    a, b = plane.places[plane.rims[:, :2]].T
    way = b - a
    out = -cross(way, at[:, None] - a) / np.abs(way)  # to the right of an edge is outside
    share = np.clip((np.conj(way) * (at[:, None] - a)).real / np.abs(way) ** 2, 0.0, 1.0)
    on = a + share * way
    away = np.abs(at[:, None] - on)
    rows, nearest = np.arange(len(at)), away.argmin(axis=1)
    outside = (out > 0).any(axis=1) | (away[rows, nearest] <= NEAR * plane.size)
    share, on = share[rows, nearest], on[rows, nearest]
    return np.where(outside, on, at), np.where(outside, nearest, -1), share


def _inside(plane: Plane, at: Complexes) -> Floats:
    """Sibson's weights of points within the hull that are no places."""
    count, points = len(plane.places), len(at)
    from_at = plane.centres[None] - at[:, None]  # all that follows is seen from the points, so that little is lost
    hollow = np.abs(from_at) ** 2 < plane.radii * (1 - 1e-14)
    ground = np.zeros((points, count))
    corner = [
        np.full((points, count), np.nan + 0j) for _ in range(2)
    ]  # of each place's new cell: where it comes in, where it goes out
    a, b, one, other = plane.edges.T
    both = hollow[:, one] & hollow[:, other]
    area = np.where(both, cross(from_at[:, other], from_at[:, one]), 0.0)
    np.add.at(ground.T, a, area.T)
    np.add.at(ground.T, b, -area.T)
    ends = [(a, b, one, hollow[:, one] & ~hollow[:, other]), (b, a, other, hollow[:, other] & ~hollow[:, one])]
    a, b, one = plane.rims.T
    ends.append((a, b, one, hollow[:, one]))
    for a, b, triangle, edge in ends:
        rows, which = np.nonzero(edge)
        first, second = a[which], b[which]
        here = circumcentre(at[rows], plane.places[first], plane.places[second]) - at[rows]
        centre = from_at[rows, triangle[which]]
        area = cross(centre, here)
        # The edge from a to b bounds a's cell where it goes out and b's where it comes in.
        np.add.at(ground, (rows, first), -area)
        np.add.at(ground, (rows, second), area)
        corner[1][rows, first], corner[0][rows, second] = here, here
    closing = cross(corner[0], corner[1])
    ground += np.where(np.isfinite(closing), closing, 0.0)
    ground = np.clip(ground * np.sign(ground.sum(axis=1, keepdims=True)), 0.0, None)
    return np.asarray(ground / ground.sum(axis=1, keepdims=True))

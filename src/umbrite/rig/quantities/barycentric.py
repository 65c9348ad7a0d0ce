"""Where points lie among triangles of a mesh."""

from typing import NamedTuple

import numpy as np

from umbrite.rig.mesh_arrays import Complexes, Floats, Ints

FLAT = 1e-9  # twice the area, in square pixels, of a triangle too thin to hold a point


class Shares(NamedTuple):
    """For points and triangles, each (points, triangles): the shares of the second and third vertex, and of the least of all three.

    A point lies in a triangle where the least share is not below 0; in a flat one it never does.
    """

    second: Floats
    third: Floats
    least: Floats
    doubled: Floats  # twice the area of each triangle, with its sense, (triangles,)

    def of(self, point: int, triangle: int) -> Floats:
        """The shares of a triangle's three vertices at a point; they sum to 1."""
        v, w = float(self.second[point, triangle]), float(self.third[point, triangle])
        return np.array([1 - v - w, v, w])


def shares_in(vertices: Complexes, triangles: Ints, points: Complexes) -> Shares:
    """Barycentric shares of points (n,) in all triangles (m, 3) of vertices, in any one frame of coordinates."""
    a, b, c = vertices[triangles].T
    doubled = cross(b - a, c - a)
    safe = np.where(np.abs(doubled) < FLAT, np.inf, doubled)
    z = np.atleast_1d(points)[:, None]
    v, w = cross(z - a, c - a) / safe, cross(b - a, z - a) / safe
    least = np.where(np.abs(doubled) < FLAT, -np.inf, np.minimum(np.minimum(v, w), 1 - v - w))
    return Shares(v, w, least, doubled)


def cross(one: Complexes, other: Complexes) -> Floats:
    """The cross products of directions: twice the area of the triangle that two of them span, with its sense."""
    return np.asarray((np.conj(one) * other).imag)

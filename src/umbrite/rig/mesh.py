"""The mesh of a part that bends: made, checked and changed. Posing it is in `motion.bends`.

A mesh holds vertices in the drawing's pixels (complex, x + iy, y down), triangles of three vertices each, and for each vertex up to
four joints with weights that sum to 1.
"""

from collections.abc import Iterator, Mapping, Sequence

import numpy as np
from msgspec.structs import replace

from umbrite.rig.errors import RigError
from umbrite.rig.mesh_arrays import Complexes, Floats, Ints, MeshArrays
from umbrite.rig.model import Mesh, Point, point
from umbrite.rig.quantities.barycentric import shares_in

MOST_VERTICES, MOST_TRIANGLES = 20_000, 40_000
MOST_JOINTS = 4  # a vertex
SUM = 1e-9  # by which weights of a vertex may miss 1


def mesh_of(joints: Sequence[str], vertices: Complexes, triangles: Ints, weights: Floats) -> Mesh:
    """A mesh from vertices, triangles and the weight of each joint at each vertex (n, joints), of which the four largest are kept.

    Raises RigError where that makes no mesh.
    """
    if len(joints) > 255:
        raise RigError("A part bends over 255 joints at the most. Select fewer.")
    count = min(MOST_JOINTS, len(joints))
    order = np.argsort(-weights, axis=1, kind="stable")[:, :count]
    kept = np.clip(np.take_along_axis(weights, order, axis=1), 0.0, None)
    kept[kept < 1e-4] = 0.0
    whole = kept.sum(axis=1, keepdims=True)
    kept = np.divide(kept, whole, out=np.zeros_like(kept), where=whole > 0)
    kept[whole[:, 0] <= 0, 0] = 1.0
    bones = np.zeros((len(vertices), MOST_JOINTS), np.uint8)
    shares = np.zeros((len(vertices), MOST_JOINTS))
    bones[:, :count], shares[:, :count] = np.where(kept > 0, order, 0), kept
    arrays = MeshArrays(vertices + 0j, triangles.astype(np.intp), bones.astype(np.intp), shares)
    made = Mesh(tuple(joints), arrays)
    if fault := mesh_fault(made):
        raise RigError(f"This mesh can't be used: {fault}. The part stays as it was.")
    return made


def weights_of(mesh: Mesh) -> Floats:
    """The weight of each of the mesh's joints at each vertex, (n, joints)."""
    arrays = mesh.arrays
    found = np.zeros((len(arrays.vertices), len(mesh.joints)))
    rows = np.arange(len(arrays.vertices))[:, None]
    np.add.at(found, (rows, arrays.bones), arrays.weights)
    return found


def mesh_fault(mesh: Mesh) -> str | None:
    """Why a mesh is refused, in words; None where it is sound."""
    return next(_faults(mesh, mesh.arrays), None)


def _faults(mesh: Mesh, arrays: MeshArrays) -> Iterator[str]:
    count = len(arrays.vertices)
    if not mesh.joints or len(set(mesh.joints)) < len(mesh.joints) or len(mesh.joints) > 255:
        yield "it names no joints, or one twice"
    if not 3 <= count <= MOST_VERTICES or not 1 <= len(arrays.triangles) <= MOST_TRIANGLES:
        yield "it has no triangles, or far too many"
        return
    if not np.isfinite(arrays.vertices).all() or np.abs(arrays.vertices).max() > 1e6:
        yield "a vertex of it lies nowhere"
    if arrays.triangles.max() >= count or arrays.triangles.min() < 0:
        yield "a triangle of it names a vertex that is not there"
    if arrays.bones.max() >= len(mesh.joints):
        yield "a weight of it is of a joint that it does not name"
    weights = arrays.weights
    if not np.isfinite(weights).all() or weights.min() < 0 or np.abs(weights.sum(axis=1) - 1).max() > SUM:
        yield "the weights of a vertex don't sum to 1"
    if not 0 <= mesh.keeps_area <= 1:
        yield "its share of squash is not between 0 and 1"


def rewired(mesh: Mesh, new: Mapping[str, str]) -> Mesh:
    """The same mesh on the copies of its joints; joints without a copy stay."""
    return replace(mesh, joints=tuple(new.get(key, key) for key in mesh.joints))


def moved_by(mesh: Mesh, by: complex) -> Mesh:
    """The same mesh, its vertices elsewhere in the drawing's pixels."""
    if by == 0:
        return mesh
    arrays = mesh.arrays
    made = mesh_of(mesh.joints, arrays.vertices + by, arrays.triangles, weights_of(mesh))
    return with_keeping(made, mesh.keeps_area)


def without_joint(mesh: Mesh, key: str) -> Mesh | None:
    """The mesh without a joint; the others make up for it. None where no other is left."""
    if key not in mesh.joints:
        return mesh
    left = [each for each in mesh.joints if each != key]
    if not left:
        return None
    arrays, weights = mesh.arrays, weights_of(mesh)
    kept = weights[:, [mesh.joints.index(each) for each in left]]
    alone = kept.sum(axis=1) <= 0
    if alone.any():  # what followed it alone takes after the nearest vertex that did not
        if alone.all():
            kept[:, 0] = 1.0
        else:
            away = np.abs(arrays.vertices[alone][:, None] - arrays.vertices[~alone][None])
            kept[alone] = kept[~alone][away.argmin(axis=1)]
    return with_keeping(mesh_of(left, arrays.vertices, arrays.triangles, kept), mesh.keeps_area)


def with_keeping(mesh: Mesh, share: float) -> Mesh:
    """The mesh with another share of squash and stretch."""
    return replace(mesh, keeps_area=share)


def relaid(moves: Sequence[Point], before: Mesh, mesh: Mesh) -> tuple[Point, ...]:
    """What a shape moves, for another mesh of the same part: vertices that are merely elsewhere keep their moves; of another number of
    them each takes that of the place where it lies, beside the old mesh that of the nearest triangle.
    """
    old, new = before.arrays.vertices, mesh.arrays.vertices
    if len(old) == len(new):
        return tuple(moves)
    return moves_at(moves, before, new)


def moves_at(moves: Sequence[Point], mesh: Mesh, places: Complexes) -> tuple[Point, ...]:
    """What a shape of a mesh moves at places of the drawing."""
    known = {complex(z): move for z, move in zip(mesh.arrays.vertices, moves, strict=True)}
    return tuple(known.get(complex(z)) or point(_move_at(moves, mesh, complex(z))) for z in places)


def _move_at(moves: Sequence[Point], mesh: Mesh, at: complex) -> complex:
    shares = shares_in(mesh.arrays.vertices, mesh.arrays.triangles, np.array([at]))
    nearest = int((shares.least[0] * np.sqrt(np.abs(shares.doubled))).argmax())
    parts = np.clip(shares.of(0, nearest), 0.0, None)
    return complex(
        sum(part * moves[i].z for part, i in zip(parts / parts.sum(), mesh.arrays.triangles[nearest], strict=True))
    )

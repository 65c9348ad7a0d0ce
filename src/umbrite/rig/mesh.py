"""The mesh of a part that bends: where its arrays are kept, looked through and made. What becomes of them is in `motion.bending`.

A mesh holds vertices in the drawing's pixels (complex, x + iy, y down), triangles of three vertices each, and for each vertex up to
four joints with weights that sum to 1. The arrays are packed as an NPZ (NumPy's open archive), so that meshes are values: equal by
content, and kept as they are in files.
"""

import hashlib
import io
import zipfile
import zlib
from collections import OrderedDict
from collections.abc import Iterator, Mapping, Sequence
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from umbrite.rig.errors import RigError
from umbrite.rig.model import Mesh

Floats = NDArray[np.float64]
Complexes = NDArray[np.complex128]
Ints = NDArray[np.intp]
MOST_VERTICES, MOST_TRIANGLES = 20_000, 40_000
MOST_BYTES = 4_000_000  # unpacked
MOST_JOINTS = 4  # a vertex
SUM = 1e-9  # by which weights of a vertex may miss 1
SHAPES = {
    "vertices": (2, "f8"),
    "triangles": (3, "u4"),
    "bones": (4, "u1"),
    "weights": (4, "f8"),
}  # columns, kind
# What reading a broken archive or array raises; a runtime error where a member is locked or packed in a way that is not known.
BROKEN = (zipfile.BadZipFile, zlib.error, KeyError, ValueError, OSError, EOFError, MemoryError, RuntimeError)


class Arrays(NamedTuple):
    """What a mesh is made of: vertices (n,), triangles (m, 3), bones (n, 4) as places in `Mesh.joints`, weights (n, 4)."""

    vertices: Complexes
    triangles: Ints
    bones: Ints
    weights: Floats


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
    data = _packed(
        vertices=np.stack([vertices.real, vertices.imag], axis=-1).astype("<f8"),
        triangles=triangles.astype("<u4"),
        bones=bones,
        weights=shares.astype("<f8"),
    )
    _keep(data, Arrays(vertices + 0j, triangles.astype(np.intp), bones.astype(np.intp), shares))
    made = Mesh(tuple(joints), hashlib.sha256(data).hexdigest(), data)
    if fault := mesh_fault(made):
        raise RigError(f"This mesh can't be used: {fault}. The part stays as it was.")
    return made


def arrays_of(mesh: Mesh) -> Arrays:
    """The arrays of a mesh, unpacked once and not to be changed. Raises RigError for data that is none."""
    return _unpacked(mesh.data)


def weights_of(mesh: Mesh) -> Floats:
    """The weight of each of the mesh's joints at each vertex, (n, joints)."""
    arrays = arrays_of(mesh)
    found = np.zeros((len(arrays.vertices), len(mesh.joints)))
    rows = np.arange(len(arrays.vertices))[:, None]
    np.add.at(found, (rows, arrays.bones), arrays.weights)
    return found


def mesh_fault(mesh: Mesh) -> str | None:
    """Why a mesh is refused, in words; None where it is sound."""
    try:
        return next(_faults(mesh, arrays_of(mesh)), None)
    except RigError as error:
        return str(error)


def _faults(mesh: Mesh, arrays: Arrays) -> Iterator[str]:
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
    return Mesh(tuple(new.get(key, key) for key in mesh.joints), mesh.sha256, mesh.data, mesh.keeps_area)


def moved_by(mesh: Mesh, by: complex) -> Mesh:
    """The same mesh, its vertices elsewhere in the drawing's pixels."""
    if by == 0:
        return mesh
    arrays = arrays_of(mesh)
    made = mesh_of(mesh.joints, arrays.vertices + by, arrays.triangles, weights_of(mesh))
    return with_keeping(made, mesh.keeps_area)


def without_joint(mesh: Mesh, key: str) -> Mesh | None:
    """The mesh without a joint; the others make up for it. None where no other is left."""
    if key not in mesh.joints:
        return mesh
    left = [each for each in mesh.joints if each != key]
    if not left:
        return None
    arrays, weights = arrays_of(mesh), weights_of(mesh)
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
    return Mesh(mesh.joints, mesh.sha256, mesh.data, share)


def _packed(**arrays: NDArray[np.generic]) -> bytes:
    out = io.BytesIO()
    with zipfile.ZipFile(
        out, "w"
    ) as archive:  # not packed: it is made at every dab of a brush, and files pack it
        for name, array in arrays.items():
            member = zipfile.ZipInfo(f"{name}.npy", (1980, 1, 1, 0, 0, 0))
            inner = io.BytesIO()
            np.save(inner, np.ascontiguousarray(array), allow_pickle=False)
            archive.writestr(member, inner.getvalue())
    return out.getvalue()


_known: OrderedDict[bytes, Arrays] = OrderedDict()
MOST_KNOWN = 512


def _keep(data: bytes, arrays: Arrays) -> Arrays:
    """The arrays, remembered by their data: meshes are asked for them again and again, and made at every dab of a brush."""
    for array in arrays:
        array.setflags(write=False)
    _known[data] = arrays
    while len(_known) > MOST_KNOWN:
        _known.popitem(last=False)
    return arrays


def _unpacked(data: bytes) -> Arrays:
    if data in _known:
        _known.move_to_end(data)
        return _known[data]
    return _keep(data, _read(data))


def _read(data: bytes) -> Arrays:
    try:
        with zipfile.ZipFile(io.BytesIO(data)) as archive:
            whole = sum(member.file_size for member in archive.infolist())
            found = (
                {}
                if whole > MOST_BYTES
                else {
                    name: np.load(io.BytesIO(archive.read(f"{name}.npy")), allow_pickle=False)
                    for name in SHAPES
                }
            )
    except BROKEN:
        raise RigError("its arrays are damaged") from None
    if not found:
        raise RigError("its arrays are far too large")
    for name, (columns, kind) in SHAPES.items():
        if found[name].ndim != 2 or found[name].shape[1] != columns or found[name].dtype.str[1:] != kind:
            raise RigError("its arrays are of another shape than they should be")
    x, y = found["vertices"].T
    arrays = Arrays(
        np.asarray(x + 1j * y, dtype=np.complex128),
        found["triangles"].astype(np.intp),
        found["bones"].astype(np.intp),
        np.asarray(found["weights"], dtype=np.float64),
    )
    if not len(arrays.bones) == len(arrays.weights) == len(arrays.vertices):
        raise RigError("its arrays are of different lengths")
    return arrays

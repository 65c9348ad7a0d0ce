"""The arrays of a mesh as one value: read-only, equal by content, and packed only where a file or a fingerprint is made.

Packed they are an NPZ (NumPy's open archive). In a document's words they stand as their fingerprint, or whole in base64 where the
words must do without files beside them: `by_name` and `whole` are what an encoder asks, `read_arrays` what a decoder asks.
"""

import base64
import hashlib
import io
import tokenize
import zipfile
import zlib
from functools import cached_property
from typing import Any

import numpy as np
from numpy.typing import NDArray

from umbrite.rig.errors import RigError

Floats = NDArray[np.float64]
Complexes = NDArray[np.complex128]
Ints = NDArray[np.intp]
MOST_BYTES = 4_000_000  # unpacked
SHAPES = {"vertices": (2, "f8"), "triangles": (3, "u4"), "bones": (4, "u1"), "weights": (4, "f8")}  # columns, kind
# What reading a broken archive or array raises; a runtime error where a member is locked or packed in a way that is not known.
BROKEN = (
    zipfile.BadZipFile, zlib.error, LookupError, ValueError, TypeError, ArithmeticError, AttributeError, SyntaxError, OSError, EOFError,
    MemoryError, RuntimeError, tokenize.TokenError,
)  # fmt: skip
HEAD = 10_000  # bytes of an array's head, at most


class MeshArrays:
    """What a mesh is made of: vertices (n,), triangles (m, 3), bones (n, 4) as places in `Mesh.joints`, weights (n, 4).

    They are taken over as they are and set read-only.
    """

    def __init__(self, vertices: Complexes, triangles: Ints, bones: Ints, weights: Floats) -> None:
        self.vertices, self.triangles, self.bones, self.weights = vertices, triangles, bones, weights
        for array in self.all:
            array.setflags(write=False)

    @property
    def all(self) -> tuple[NDArray[np.generic], ...]:
        """The four of them, in this order."""
        return self.vertices, self.triangles, self.bones, self.weights

    def __eq__(self, other: object) -> bool:
        if not isinstance(other, MeshArrays):
            return NotImplemented
        return self is other or (
            all(map(np.array_equal, self.all, other.all)) and (len(self.vertices) > 0 or self.sha256 == other.sha256)
        )

    def __hash__(self) -> int:
        return self._hash

    @cached_property
    def _hash(self) -> int:
        return hash((len(self.triangles), complex(self.vertices.sum()), float(self.weights[:, 0].sum())))

    @cached_property
    def packed(self) -> bytes:
        """As files keep them."""
        out = io.BytesIO()
        with zipfile.ZipFile(out, "w") as archive:  # stored: what holds it packs it
            for name, array in (
                ("vertices", np.stack([self.vertices.real, self.vertices.imag], axis=-1).astype("<f8")),
                ("triangles", self.triangles.astype("<u4")),
                ("bones", self.bones.astype("u1")),
                ("weights", self.weights.astype("<f8")),
            ):
                inner = io.BytesIO()
                np.save(inner, np.ascontiguousarray(array), allow_pickle=False)
                archive.writestr(zipfile.ZipInfo(f"{name}.npy", (1980, 1, 1, 0, 0, 0)), inner.getvalue())
        return out.getvalue()

    @cached_property
    def sha256(self) -> str:
        """The fingerprint of what is packed."""
        return hashlib.sha256(self.packed).hexdigest()


class NamedArrays(MeshArrays):
    """Arrays that are known by their fingerprint only; they have no vertices yet."""

    def __init__(self, sha256: str) -> None:
        self.sha256, self.packed = sha256, b""
        none = np.zeros((0, 3), np.intp)
        super().__init__(np.zeros(0, np.complex128), none, none, np.zeros((0, 4)))


def unpacked(data: bytes, sha256: str) -> MeshArrays:
    """Packed arrays, after their fingerprint was checked. Raises RigError for anything else."""
    try:
        with zipfile.ZipFile(io.BytesIO(data)) as archive:
            small = sum(member.file_size for member in archive.infolist()) <= MOST_BYTES
            read = {name: _array(archive.read(f"{name}.npy"), *SHAPES[name]) for name in (SHAPES if small else ())}
    except RigError:
        raise
    except BROKEN:
        raise RigError("its arrays are damaged") from None
    if not read:
        raise RigError("its arrays are far too large")
    x, y = read["vertices"].T
    made = MeshArrays(
        np.asarray(x + 1j * y, dtype=np.complex128),
        read["triangles"].astype(np.intp),
        read["bones"].astype(np.intp),
        np.asarray(read["weights"], dtype=np.float64),
    )
    if not len(made.bones) == len(made.weights) == len(made.vertices):
        raise RigError("its arrays are of different lengths")
    made.packed, made.sha256 = data, sha256  # as the file had them, to the byte
    return made


def _array(data: bytes, columns: int, kind: str) -> NDArray[Any]:
    """An array as NumPy's own format has it, after its head was found to say what follows. Raises what `BROKEN` lists, and RigError."""
    file = io.BytesIO(data)
    if np.lib.format.read_magic(file) != (1, 0):
        raise ValueError
    shape, by_columns, dtype = np.lib.format.read_array_header_1_0(file, max_header_size=HEAD)
    if len(shape) != 2 or shape[1] != columns or dtype.str[1:] != kind or by_columns:
        raise RigError("its arrays are of another shape than they should be")
    return np.frombuffer(data, dtype, offset=file.tell()).reshape(shape)


def by_name(value: object) -> object:
    """How JSON refers to arrays that lie in files beside it: by fingerprint. Raises TypeError for anything else."""
    if isinstance(value, MeshArrays):
        return value.sha256
    raise TypeError(f"{type(value).__name__} is no value of a document")


def whole(value: object) -> object:
    """How JSON without files beside it holds arrays: fingerprint and base64. Raises TypeError for anything else."""
    if isinstance(value, MeshArrays):
        return [value.sha256, base64.b64encode(value.packed).decode()]
    raise TypeError(f"{type(value).__name__} is no value of a document")


def read_arrays(_kind: type, value: object) -> MeshArrays:
    """Arrays from either form. Raises ValueError for anything else."""
    match value:
        case str():
            return NamedArrays(value)
        case [str(sha256), str(text)]:
            data = base64.b64decode(text, validate=True)
            if hashlib.sha256(data).hexdigest() == sha256:
                return unpacked(data, sha256)
    raise ValueError("the arrays of a mesh are damaged")

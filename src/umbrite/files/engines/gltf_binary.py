"""The plain half of glTF 2.0 (Khronos Group): numbers and pictures in one buffer, and the two files it comes in, .glb and .gltf."""

import base64
import json
import struct
from typing import Any

import numpy as np
from numpy.typing import NDArray

Json = dict[str, Any]
FLOAT, BYTE, SHORT, LONG = 5126, 5121, 5123, 5125  # component types, numbers of the standard
VERTICES, CORNERS = 34962, 34963  # what a view of the buffer is for
SHAPES = {1: "SCALAR", 2: "VEC2", 3: "VEC3", 4: "VEC4", 16: "MAT4"}
KINDS = {
    np.dtype("<f4"): FLOAT, np.dtype("u1"): BYTE, np.dtype("<u2"): SHORT, np.dtype("<u4"): LONG,
}  # fmt: skip


class Binary:
    """The buffer while it grows, with its views and accessors. What is told twice is kept once."""

    def __init__(self) -> None:
        self.data = bytearray()
        self.views: list[Json] = []
        self.accessors: list[Json] = []
        self._known: dict[tuple[bytes, int, int, bool], int] = {}

    def view(self, data: bytes, target: int | None = None) -> int:
        """Lay bytes into the buffer; the number of their view."""
        self.data += bytes(-len(self.data) % 4)
        view: Json = {"buffer": 0, "byteOffset": len(self.data), "byteLength": len(data)}
        if target is not None:
            view["target"] = target
        self.data += data
        self.views.append(view)
        return len(self.views) - 1

    def numbers(self, values: NDArray[Any], target: int | None = None, *, bounds: bool = False) -> int:
        """Lay an array of (count,) or (count, components) into the buffer; the number of its accessor.

        Floats are kept in single precision; whole numbers in the kind that they have. `bounds` tells the smallest and the largest.
        """
        kept = np.ascontiguousarray(values.astype("<f4") if values.dtype.kind == "f" else values)
        count, wide = len(kept), kept.size // max(1, len(kept))
        kind = KINDS[kept.dtype]
        key = (kept.tobytes(), kind, target or 0, bounds)
        if key in self._known:
            return self._known[key]
        accessor: Json = {
            "bufferView": self.view(kept.tobytes(), target), "componentType": kind, "count": count, "type": SHAPES[wide],
        }  # fmt: skip
        if bounds:
            flat = kept.reshape(count, wide)
            accessor |= {"min": flat.min(axis=0).tolist(), "max": flat.max(axis=0).tolist()}
        self.accessors.append(accessor)
        self._known[key] = len(self.accessors) - 1
        return self._known[key]

    def parts_of(self, whole: Json) -> Json:
        """The description with the buffer's views and accessors; what is empty is left out, as the standard wants it."""
        whole = whole | {
            "buffers": [{"byteLength": len(self.data)}], "bufferViews": self.views, "accessors": self.accessors,
        }  # fmt: skip
        return {key: value for key, value in whole.items() if value != []}


def glb(whole: Json, binary: Binary) -> bytes:
    """One file with everything."""
    words = json.dumps(binary.parts_of(whole), ensure_ascii=False, allow_nan=False, separators=(",", ":"))
    text = words.encode()
    text += b" " * (-len(text) % 4)
    data = bytes(binary.data) + bytes(-len(binary.data) % 4)
    size = 12 + 8 + len(text) + 8 + len(data)
    head = struct.pack("<4sII", b"glTF", 2, size)
    return head + struct.pack("<I4s", len(text), b"JSON") + text + struct.pack("<I4s", len(data), b"BIN\0") + data


def gltf(whole: Json, binary: Binary) -> bytes:
    """The same as text, with the buffer written into it, so that it stays one file."""
    found = binary.parts_of(whole)
    found["buffers"][0]["uri"] = "data:application/octet-stream;base64," + base64.b64encode(bytes(binary.data)).decode()
    return (json.dumps(found, ensure_ascii=False, allow_nan=False, indent=1) + "\n").encode()

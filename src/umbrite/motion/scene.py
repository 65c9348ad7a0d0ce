"""The scene: what is drawn in one frame, shape by shape in draw order, and where each shape lies. No pixels, no painter.

Painters, picking, ghosts, exports, reports and checks read the scene; nothing else assumes how a part is placed. A shape is `Flat`,
a drawing under one map, or `Bent`, a drawing on a mesh; a part that could bend and is not bent is flat too, so that its picture is
the drawing itself. A painter decides by the kind of a shape how to draw it. Board pixels, y down.
"""

import math
from collections.abc import Iterable, Mapping, Sequence
from threading import Lock
from typing import NamedTuple

import numpy as np
from cachetools import LRUCache
from numpy.typing import NDArray

from umbrite.motion.bends.bending import amounts_of, bend_of, bent, bone_maps, is_bent
from umbrite.motion.placed import Placed
from umbrite.rig.affine import FLAT, Affine, after, from_svg, svg_matrix
from umbrite.rig.channels import CLIPS
from umbrite.rig.model import Blend, Mesh, Part, Trim
from umbrite.rig.placement import Box, box_of
from umbrite.rig.quantities.barycentric import cross, shares_in
from umbrite.rig.remembered import bounded, kept_by_content, remembered

Matrix = tuple[float, float, float, float, float, float]  # x' = a x + c y + e, y' = b x + d y + f, as in SVG


class Clip(NamedTuple):
    """What a shape is clipped by: another part's drawing where it lies (bent where it is), and whether outside of it is what is left."""

    sha256: str
    matrix: Matrix
    outside: bool
    bent: "Bent | None" = None


class Flat(NamedTuple):
    """A part's drawing under one map: its place, size in its own pixels, box on the board, and how it is shown."""

    part: str
    sha256: str
    size: tuple[int, int]
    matrix: Matrix
    box: Box
    opacity: float
    blend: Blend
    clip: Clip | None
    trims: tuple[Trim, ...]

    @property
    def map(self) -> Affine[complex]:
        """From the drawing's pixels to the board."""
        return from_svg(*self.matrix)

    def pixel_at(self, at: complex) -> tuple[complex, float]:
        """The place in the drawing's pixels that lies at a board point, and how many such pixels a board pixel is at most.

        A shape squeezed to nothing gives the drawing's corner.
        """
        a, b, c, d, e, f = self.matrix
        whole, flat = a * d - b * c, FLAT * (a * a + b * b + c * c + d * d)
        if abs(whole) <= flat:
            return 0j, 0.0
        x, y = at.real - e, at.imag - f
        # The least that any direction is stretched: the smaller singular value.
        least = abs(math.hypot(a + d, b - c) - math.hypot(a - d, b + c)) / 2
        return complex((d * x - c * y) / whole, (a * y - b * x) / whole), 1 / least

    def corners(self) -> list[complex]:
        """The corners of the drawing's frame on the board, once round."""
        wide, tall = self.size
        return [complex(self.map(z)) for z in (0j, wide + 0j, complex(wide, tall), 1j * tall)]

    def moved(self, by: Affine[complex], opacity: float) -> "Flat":
        """The shape once more, taken elsewhere by a map of the board and seen through: a ghost."""
        matrix = svg_matrix(after(by, self.map))
        return self._replace(matrix=matrix, box=box_of(*self.size, from_svg(*matrix)), opacity=self.opacity * opacity)

    def plain(self) -> "Flat":
        """The shape alone: opaque, and blended with nothing; trims and clip stay."""
        return self._replace(opacity=1.0, blend="normal")


class Bent(NamedTuple):
    """A part's drawing on a mesh. `places` are the board points of its vertices, complex numbers packed as bytes, so that shapes are
    equal by content; `matrix` is where the drawing would lie if its own joint carried it whole.
    """

    part: str
    sha256: str
    size: tuple[int, int]
    matrix: Matrix
    box: Box
    opacity: float
    blend: Blend
    clip: Clip | None
    trims: tuple[Trim, ...]
    mesh: Mesh
    places: bytes

    @property
    def vertices(self) -> NDArray[np.complex128]:
        """Where the mesh's vertices lie on the board, (vertices,)."""
        return np.frombuffer(self.places, np.complex128)

    def pixel_at(self, at: complex) -> tuple[complex, float]:
        """The place in the drawing's pixels that lies at a board point, and how many such pixels a board pixel is at most.

        Of triangles that lie over one another the last counts; beside the mesh the nearest goes on beyond its edge.
        """
        arrays = self.mesh.arrays
        shares = shares_in(self.vertices, arrays.triangles, np.array([at]))
        hits, size = np.flatnonzero(shares.least[0] >= 0), np.sqrt(np.abs(shares.doubled))
        i = int(hits[-1]) if len(hits) else int((shares.least[0] * np.maximum(size, 1e-9)).argmax())
        if abs(shares.doubled[i]) < 1e-9:
            return 0j, 0.0
        p, q, r = arrays.vertices[arrays.triangles[i]]
        grow = math.sqrt(abs(float(cross(q - p, r - p))) / abs(float(shares.doubled[i])))
        return complex(shares.of(0, i) @ np.array([p, q, r])), grow

    def taken(self, pixels: NDArray[np.complex128]) -> NDArray[np.complex128]:
        """Where points of the drawing lie on the board; what lies beside the mesh goes with the nearest triangle."""
        arrays = self.mesh.arrays
        triangle, shares = _in_triangles(self.mesh, pixels.tobytes())
        return np.asarray((self.vertices[arrays.triangles[triangle]] * shares).sum(axis=1))

    def corners(self) -> list[complex]:
        """The corners of the box around the shape, once round."""
        box = self.box
        return [
            complex(box.left, box.top), complex(box.right, box.top),
            complex(box.right, box.bottom), complex(box.left, box.bottom),
        ]  # fmt: skip

    def moved(self, by: Affine[complex], opacity: float) -> "Bent":
        """The shape once more, taken elsewhere by a map of the board and seen through: a ghost."""
        places = by(self.vertices)
        matrix = svg_matrix(after(by, from_svg(*self.matrix)))
        return self._replace(
            matrix=matrix, places=places.tobytes(), box=_box_around(places), opacity=self.opacity * opacity
        )

    def plain(self) -> "Bent":
        """The shape alone: opaque, and blended with nothing; trims and clip stay."""
        return self._replace(opacity=1.0, blend="normal")


def _box_around(places: NDArray[np.complex128]) -> Box:
    x, y = places.real, places.imag
    return Box(float(x.min()), float(y.min()), float(x.max()), float(y.max()))


@kept_by_content(20_000_000)
def _in_triangles(mesh: Mesh, points: bytes) -> tuple[NDArray[np.intp], NDArray[np.float64]]:
    """For points of the drawing (packed) the triangle of each, and the shares of its three vertices, (points, 3)."""
    arrays, z = mesh.arrays, np.frombuffer(points, np.complex128)
    found, shares = np.zeros(len(z), dtype=np.intp), np.zeros((len(z), 3))
    for first in range(0, len(z), 512):
        some = shares_in(arrays.vertices, arrays.triangles, z[first : first + 512])
        best = (some.least * np.sqrt(np.abs(some.doubled))).argmax(axis=1)
        rows = np.arange(len(best))
        v, w = some.second[rows, best], some.third[rows, best]
        found[first : first + 512] = best
        shares[first : first + 512] = np.stack([1 - v - w, v, w], axis=-1)
    return found, shares


Shape = Flat | Bent


def scene_of(placed: Placed, frame: int = 0, *, references: bool = False) -> list[Shape]:
    """All parts that show in one frame, back to front; reference pictures only where they are asked for."""
    shapes, parts = _scene(placed, frame), placed.plan.puppet.parts
    if references or not _references(parts):
        return list(shapes)
    return [shape for shape in shapes if not parts[shape.part].reference]


def all_shapes(placed: Placed, frame: int = 0) -> list[Shape]:
    """The shapes of all parts but reference pictures, shown or not, back to front."""
    parts = placed.plan.puppet.parts
    shapes, shown = _shapes(placed, frame), placed.channels["visible"][frame]
    every = (shapes[i] for i in placed.order(frame).tolist() if placed.plan.visible[i] or shown[i] > 0)
    return [shape for shape in every if not parts[shape.part].reference]


@remembered
def _references(parts: Mapping[str, Part]) -> frozenset[str]:
    return frozenset(key for key, part in parts.items() if part.reference)


@remembered
def _scene(placed: Placed, frame: int) -> list[Shape]:
    shapes = _shapes(placed, frame)
    shown = placed.shown[frame].tolist()
    if not placed.channels["depth"][frame].any():
        return [shape for shape, shows in zip(shapes, shown, strict=True) if shows]
    return [shapes[i] for i in placed.order(frame).tolist() if shown[i]]


class _Known(NamedTuple):
    """The shapes of a scene that was made before, and what they were made from."""

    parts: list[Part]
    looks: NDArray[np.float64]  # the matrices and the opacities, (parts, 7)
    shapes: list[Shape]


_last: LRUCache[tuple[str, ...], _Known] = bounded(60, size=lambda _: 20)  # of three puppets, by their parts
_lock = Lock()


def _shapes(placed: Placed, frame: int) -> list[Shape]:
    """The shapes of all parts, shown or not. A shape that lies where it lay in the last scene is that very one."""
    keys, puppet = placed.plan.parts, placed.plan.puppet.parts
    parts = [puppet[key] for key in keys]
    alone = placed.at_frame(frame)  # or all frames would be gone through for each of them
    rows, opacity, clips = map_rows(alone)[0], alone.opacities()[0], alone.channels["clip"][0]
    looks = np.concatenate([rows, opacity[:, None]], axis=-1)
    still = _still(keys, parts, looks)
    lies = _Lies(puppet, keys, rows, _boxes(placed, rows), bends_at(placed, frame), opacity.tolist(), clips.tolist())
    found = [still.get(i) or _shape(lies, i) for i in range(len(parts))]
    with _lock:
        _last[tuple(keys)] = _Known(parts, looks, found)
    return found


def _still(keys: Sequence[str], parts: list[Part], looks: NDArray[np.float64]) -> dict[int, Shape]:
    """Shapes of the last scene that are the same now, by their place: what neither bends nor is clipped, and lies where it lay."""
    with _lock:
        known: _Known | None = _last.get(tuple(keys))
    if known is None:
        return {}
    return {
        i: known.shapes[i]
        for i in np.flatnonzero((looks == known.looks).all(axis=1)).tolist()
        if parts[i] is known.parts[i] and parts[i].clip is None and parts[i].mesh is None
    }


class _Lies(NamedTuple):
    """Where everything of a scene lies: the rows of maps and boxes by place, and the vertices of what is bent by part."""

    puppet: Mapping[str, Part]
    keys: Sequence[str]
    rows: NDArray[np.float64]
    boxes: Sequence[tuple[float, float, float, float]]
    bends: Mapping[str, NDArray[np.complex128]]
    opacity: Sequence[float]
    clips: Sequence[float]  # the channel of each part

    def matrix(self, i: int) -> Matrix:
        a, b, c, d, e, f = self.rows[i].tolist()
        return a, b, c, d, e, f


def _shape(lies: _Lies, i: int) -> Shape:
    key, matrix = lies.keys[i], lies.matrix(i)
    part = lies.puppet[key]
    outside = clipped_outside(part, lies.clips[i])
    clip = None if part.clip is None or outside is None else _clip_of(lies, part.clip, outside=outside)
    if key in lies.bends:
        return _bent_shape(key, part, matrix, lies.bends[key])._replace(clip=clip, opacity=lies.opacity[i])
    drawing, box = part.drawing, Box(*lies.boxes[i])
    size = (drawing.width, drawing.height)
    return Flat(key, drawing.sha256, size, matrix, box, lies.opacity[i], part.blend, clip, part.trims)


def clipped_outside(part: Part, told: float) -> bool | None:
    """Whether a part shows outside what clips it, or inside; None where it is not clipped. `told` is its channel `clip`."""
    number = round(told)
    if number == 0:
        return part.clip_outside if part.clip is not None else None
    return None if CLIPS[min(max(number, 1), len(CLIPS)) - 1] == "nowhere" else number == CLIPS.index("outside") + 1


def _clip_of(lies: _Lies, over: str, *, outside: bool) -> Clip:
    part, matrix = lies.puppet[over], lies.matrix(lies.keys.index(over))
    curved = _bent_shape(over, part, matrix, lies.bends[over]) if over in lies.bends else None
    return Clip(part.drawing.sha256, matrix, outside, curved)


def _bent_shape(key: str, part: Part, matrix: Matrix, places: NDArray[np.complex128]) -> Bent:
    assert part.mesh is not None
    size = (part.drawing.width, part.drawing.height)
    return Bent(
        key, part.drawing.sha256, size, matrix, _box_around(places), part.opacity, part.blend, None, part.trims,
        part.mesh, places.tobytes(),
    )  # fmt: skip


@remembered
def bends_at(placed: Placed, frame: int) -> dict[str, NDArray[np.complex128]]:
    """The board points of the vertices of every part that is bent in a frame, by the part's id."""
    puppet = placed.plan.puppet
    meshed = [(key, part) for key, part in puppet.parts.items() if part.mesh is not None]
    if not meshed:
        return {}
    alone, found = placed.at_frame(frame), {}
    for key, part in meshed:
        bend = bend_of(puppet, key)
        assert bend is not None
        assert part.mesh is not None
        moved = is_bent(bone_maps(alone, bend, part.mesh.keeps_area), own=alone.joint_map(part.joint))
        if moved or amounts_of(alone, bend) is not None:
            found[key] = bent(alone, bend, part.mesh.keeps_area)[0]
    return found


def mesh_places(placed: Placed, frame: int = 0) -> dict[str, NDArray[np.complex128]]:
    """The board points of the vertices of every part that can bend, bent in this frame or not, by the part's id."""
    return _mesh_places(placed, frame)


@remembered
def _mesh_places(placed: Placed, frame: int) -> dict[str, NDArray[np.complex128]]:
    alone, puppet = placed.at_frame(frame), placed.plan.puppet
    found = {}
    for key, part in puppet.parts.items():
        if part.mesh is not None and (bend := bend_of(puppet, key)) is not None:
            found[key] = bent(alone, bend, part.mesh.keeps_area)[0]
    return found


def places_of(placed: Placed, frame: int = 0) -> dict[str, Matrix]:
    """The map of every part of the puppet, shown or not, from its drawing's pixels to the board."""
    rows: list[Matrix] = [tuple(row) for row in map_rows(placed.at_frame(frame))[0].tolist()]
    return dict(zip(placed.plan.parts, rows, strict=True))


def corners_of(placed: Placed) -> NDArray[np.complex128]:
    """The corners of every part's frame in all frames, (frames, parts, 4): how far parts go, for checks."""
    maps = placed.part_maps()
    wide, tall = _sizes(placed)
    corners = np.stack([0 * wide, wide, 1j * tall, wide + 1j * tall], axis=-1)
    a, b, t = (field[:, :, None] for field in maps)
    found = np.asarray(a * corners + b * np.conj(corners) + t)
    puppet = placed.plan.puppet
    for i, key in enumerate(placed.plan.parts):
        part = puppet.parts[key]
        if part.mesh is not None and (bend := bend_of(puppet, key)) is not None:
            places = bent(placed, bend, part.mesh.keeps_area)
            left, right = places.real.min(axis=1), places.real.max(axis=1)
            top, low = places.imag.min(axis=1), places.imag.max(axis=1)
            found[:, i] = np.stack([left + 1j * top, right + 1j * top, left + 1j * low, right + 1j * low], axis=-1)
    return found


def around(shapes: Iterable[Shape]) -> Box | None:
    """The box around shapes; None where there are none."""
    box: Box | None = None
    for shape in shapes:
        box = shape.box if box is None else box.join(shape.box)
    return box


def map_rows(placed: Placed) -> NDArray[np.float64]:
    """The maps of all parts in all frames, as in SVG, (frames, parts, 6)."""
    maps = placed.part_maps()
    x, y, t = maps.a + maps.b, 1j * (maps.a - maps.b), maps.t
    return np.stack([x.real, x.imag, y.real, y.imag, t.real, t.imag], axis=-1)


def _sizes(placed: Placed) -> tuple[NDArray[np.float64], NDArray[np.float64]]:
    return _drawn(placed.plan.puppet.parts, placed.plan.parts)


@remembered
def _drawn(parts: Mapping[str, Part], keys: tuple[str, ...]) -> tuple[NDArray[np.float64], NDArray[np.float64]]:
    sizes = np.array([(parts[key].drawing.width, parts[key].drawing.height) for key in keys], dtype=np.float64)
    wide, tall = sizes.reshape(-1, 2).T
    return wide, tall


def _boxes(placed: Placed, rows: NDArray[np.float64]) -> list[tuple[float, float, float, float]]:
    """The box around each part: from the corner, the edges' shares that go left and up, and right and down."""
    wide, tall = _sizes(placed)
    found = []
    for along, down, corner in ((0, 2, 4), (1, 3, 5)):
        edges = rows[:, along] * wide, rows[:, down] * tall
        low = rows[:, corner] + np.minimum(edges[0], 0) + np.minimum(edges[1], 0)
        high = rows[:, corner] + np.maximum(edges[0], 0) + np.maximum(edges[1], 0)
        found.append((low, high))
    (left, right), (top, bottom) = found
    return list(zip(left.tolist(), top.tolist(), right.tolist(), bottom.tolist(), strict=True))

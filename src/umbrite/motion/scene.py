"""The scene: what is drawn in one frame, shape by shape in draw order, and where each shape lies. No pixels, no painter.

Painters, picking, ghosts, exports, reports and checks read the scene; nothing else assumes how a part is placed. So far all
shapes are `Flat`: a drawing under one map. A painter decides by the kind of a shape how to draw it. Board pixels, y down.
"""

import math
from collections.abc import Iterable, Mapping
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from umbrite.motion.evaluate import Placed
from umbrite.rig.affine import FLAT, Affine, after, from_svg, svg_matrix
from umbrite.rig.model import Blend, Part, Trim
from umbrite.rig.placement import Box, box_of
from umbrite.rig.remembered import remembered

Matrix = tuple[float, float, float, float, float, float]  # x' = a x + c y + e, y' = b x + d y + f, as in SVG


class Clip(NamedTuple):
    """What a shape is clipped by: another part's drawing where it lies, and whether outside of it is what is left."""

    sha256: str
    matrix: Matrix
    outside: bool


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
        return self._replace(
            matrix=matrix, box=box_of(*self.size, from_svg(*matrix)), opacity=self.opacity * opacity
        )

    def plain(self) -> "Flat":
        """The shape alone: opaque, and blended with nothing; trims and clip stay."""
        return self._replace(opacity=1.0, blend="normal")


Shape = Flat


def scene_of(placed: Placed, frame: int = 0, *, references: bool = False) -> list[Shape]:
    """All parts that show in one frame, back to front; reference pictures only where they are asked for."""
    shapes, parts = _scene(placed, frame), placed.plan.puppet.parts
    if references or not _references(parts):
        return list(shapes)
    return [shape for shape in shapes if not parts[shape.part].reference]


def all_shapes(placed: Placed, frame: int = 0) -> list[Shape]:
    """The shapes of all parts but reference pictures, shown or not, back to front."""
    parts = placed.plan.puppet.parts
    return [
        shape
        for shape in _shapes(placed, frame)
        if not parts[shape.part].reference and parts[shape.part].visible
    ]


@remembered
def _references(parts: Mapping[str, Part]) -> frozenset[str]:
    return frozenset(key for key, part in parts.items() if part.reference)


@remembered
def _scene(placed: Placed, frame: int) -> list[Shape]:
    shapes = _shapes(placed, frame)
    return [shape for shape, shown in zip(shapes, placed.shown[frame].tolist(), strict=True) if shown]


class _Known(NamedTuple):
    """The shapes of a scene that was made before, and what they were made from."""

    parts: list[Part]
    rows: NDArray[np.float64]
    shapes: list[Shape]


_last: list[_Known] = []  # one at most


def _shapes(placed: Placed, frame: int) -> list[Shape]:
    """The shapes of all parts, shown or not. A shape that lies where it lay in the last scene is that very one."""
    keys, puppet = placed.plan.parts, placed.plan.puppet.parts
    parts = [puppet[key] for key in keys]
    rows = _rows(placed, frame)
    known = _last[0] if _last and len(_last[0].parts) == len(parts) else None
    lies = np.zeros(len(parts), bool) if known is None else (rows == known.rows).all(axis=1)
    matrices: list[Matrix] = [tuple(row) for row in rows.tolist()]
    boxes = _boxes(placed, rows)
    clips = any(part.clip is not None for part in parts)
    places = dict(zip(keys, matrices, strict=True)) if clips else {}
    found = []
    for i, (key, part, still) in enumerate(zip(keys, parts, lies.tolist(), strict=True)):
        if (
            known is not None
            and still
            and part is known.parts[i]
            and part.clip is None
            and known.shapes[i].part == key
        ):
            found.append(known.shapes[i])
            continue
        drawing, clip = part.drawing, None
        if part.clip is not None:
            clip = Clip(puppet[part.clip].drawing.sha256, places[part.clip], part.clip_outside)
        size = (drawing.width, drawing.height)
        found.append(
            Flat(
                key, drawing.sha256, size, matrices[i], Box(*boxes[i]), part.opacity, part.blend, clip, part.trims
            )
        )  # fmt: skip
    _last[:] = [_Known(parts, rows, found)]
    return found


def places_of(placed: Placed, frame: int = 0) -> dict[str, Matrix]:
    """The map of every part of the puppet, shown or not, from its drawing's pixels to the board."""
    rows: list[Matrix] = [tuple(row) for row in _rows(placed, frame).tolist()]
    return dict(zip(placed.plan.parts, rows, strict=True))


def corners_of(placed: Placed) -> NDArray[np.complex128]:
    """The corners of every part's frame in all frames, (frames, parts, 4): how far parts go, for checks."""
    maps = placed.part_maps()
    wide, tall = _sizes(placed)
    corners = np.stack([0 * wide, wide, 1j * tall, wide + 1j * tall], axis=-1)
    a, b, t = (field[:, :, None] for field in maps)
    return np.asarray(a * corners + b * np.conj(corners) + t)


def around(shapes: Iterable[Shape]) -> Box | None:
    """The box around shapes; None where there are none."""
    box: Box | None = None
    for shape in shapes:
        box = shape.box if box is None else box.join(shape.box)
    return box


def _rows(placed: Placed, frame: int) -> NDArray[np.float64]:
    """The matrices of all parts, (parts, 6)."""
    maps = placed.part_maps()
    x, y, t = maps.a[frame] + maps.b[frame], 1j * (maps.a[frame] - maps.b[frame]), maps.t[frame]
    return np.stack([x.real, x.imag, y.real, y.imag, t.real, t.imag], axis=-1)


def _sizes(placed: Placed) -> tuple[NDArray[np.float64], NDArray[np.float64]]:
    parts = placed.plan.puppet.parts
    sizes = np.array(
        [(parts[key].drawing.width, parts[key].drawing.height) for key in placed.plan.parts], dtype=np.float64
    )
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

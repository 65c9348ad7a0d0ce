"""Bent shapes as pictures: a version of the drawing laid over the mesh's triangles where they lie on the target."""

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QRect, Qt
from PySide6.QtGui import QImage, QTransform

from umbrite.motion.scene import Bent
from umbrite.paint.levels import Level
from umbrite.rig.model import Mesh
from umbrite.rig.remembered import kept_by_content

Colours = NDArray[np.uint32]


def get_ready() -> None:
    """Load what paints what bends, which is dear to load in the middle of a gesture."""
    from umbrite.paint import triangles

    triangles.get_ready()


def image_of(shape: Bent, level: Level, view: QTransform, box: QRect) -> QImage:
    """What of a bent shape lies in a box of the target, which `view` maps the board to; premultiplied, of the box's size."""
    from umbrite.paint.triangles import fill  # loaded when something bends

    image = QImage(box.size(), QImage.Format.Format_ARGB32_Premultiplied)
    image.fill(Qt.GlobalColor.transparent)
    z = shape.vertices
    places = np.stack(
        [
            view.m11() * z.real + view.m21() * z.imag + (view.dx() - box.x()),
            view.m12() * z.real + view.m22() * z.imag + (view.dy() - box.y()),
        ],
        axis=-1,
    )
    texels = _texels(shape.mesh, level.factor, level.margin)
    fill(
        _pixels(image, image.bits()),
        _pixels(level.image, level.image.constBits()),
        places,
        texels,
        _triangles(shape.mesh),
    )
    return image


def _pixels(image: QImage, bits: bytes | bytearray | memoryview) -> Colours:
    """The pixels of an image as they lie in memory, (rows, columns)."""
    data = np.frombuffer(bits, np.uint32)
    return data.reshape(image.height(), image.bytesPerLine() // 4)[:, : image.width()]


@kept_by_content(60_000_000)
def _texels(mesh: Mesh, factor: float, margin: int) -> NDArray[np.float64]:
    z = mesh.arrays.vertices * factor
    return np.stack([z.real + margin, z.imag + margin], axis=-1)


@kept_by_content(30_000_000)
def _triangles(mesh: Mesh) -> NDArray[np.int32]:
    return np.ascontiguousarray(mesh.arrays.triangles, dtype=np.int32)

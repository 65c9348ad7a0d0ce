"""Pictures of a puppet: a pose as an image, on the puppet's own canvas, by the board's own painter."""

import io
import math
import zlib
from pathlib import Path

import numpy as np
from PIL import Image
from PySide6.QtCore import QBuffer, QIODevice, Qt
from PySide6.QtGui import QImage, QImageWriter, QPainter, QTransform

from umbrite.art.pictures import Picture
from umbrite.files.atomic import write
from umbrite.files.file_errors import FileError
from umbrite.files.package import Package
from umbrite.motion.evaluate import placed_of
from umbrite.motion.placed import Placed
from umbrite.motion.scene import Shape, around, scene_of
from umbrite.paint.levels import LARGE, Pictures
from umbrite.paint.painter import Raster
from umbrite.rig.model import Puppet

DENSITY = 3780  # pixels a metre that PNGs tell of: 96 an inch
LARGEST_SIDE = 4096  # pixels of a picture for the clipboard
VERSION_PICTURE, COLOURS = 132, 64  # pixels of the longer side of a stage's picture, and its colours
QUICKLY = {"compress_level": 1, "compress_type": zlib.Z_RLE}


def render(placed: Placed, pictures: Pictures, scale: float = 1.0, frame: int = 0) -> QImage:
    """The puppet's canvas in one pose, transparent where nothing lies; controls are never part of it."""
    return render_on(canvas_of(placed.plan.puppet, scale), placed, pictures, scale, frame)


def canvas_of(puppet: Puppet, scale: float) -> QImage:
    """An image as large as a puppet's canvas, not painted yet."""
    size = max(1, round(puppet.width * scale)), max(1, round(puppet.height * scale))
    image = QImage(*size, QImage.Format.Format_ARGB32_Premultiplied)
    if image.isNull():
        raise FileError(f"A picture of {size[0]} x {size[1]} px is too large. Choose a smaller scale.")
    return image


def render_on(image: QImage, placed: Placed, pictures: Pictures, scale: float, frame: int) -> QImage:
    """The same on an image of that size; whatever was on it is gone."""
    image.fill(Qt.GlobalColor.transparent)
    shapes = scene_of(placed, frame)
    pictures.expect((shape.sha256, scale * stretch(shape)) for shape in shapes)
    painter = QPainter(image)
    Raster(painter, pictures).draw(shapes, QTransform.fromScale(scale, scale))
    painter.end()
    return image


def stretch(shape: Shape) -> float:
    """How many pixels across a shape shows for each of its drawing's, at a scale of 1."""
    a, b, c, d, *_ = shape.matrix
    return math.sqrt(abs(a * d - b * c))


def render_package(package: Package, scale: float = 1.0, pictures: Pictures | None = None) -> QImage:
    """A package in the pose it was left in; with what is unpacked already of its drawings, where that is handed in."""
    own = Pictures(lambda: package.art)
    try:
        return render(placed_of(package.document), pictures or own, scale)
    finally:
        own.stop()


def preview_png(package: Package, longest: int = 384, pictures: Pictures | None = None) -> bytes:
    """A small PNG of the whole puppet, for file managers."""
    scale = longest / max(package.puppet.width, package.puppet.height)
    return png_of(render_package(package, scale, pictures))


def close_picture(package: Package, longest: int | None = None, pictures: Pictures | None = None) -> QImage:
    """The parts alone, in the pose they were left in, without the empty canvas around them; as large as they are drawn, or so large that
    the longer side has `longest` pixels.
    """
    own = Pictures(lambda: package.art)
    try:
        shapes = scene_of(placed_of(package.document))
        box = around(shapes)
        if box is None:
            raise FileError("There is nothing here to be seen, so there is no picture of it.")
        most = max(box.width, box.height, 1.0)
        scale = (longest / most) if longest is not None else min(1.0, LARGEST_SIDE / most)
        size = max(1, math.ceil(box.width * scale)), max(1, math.ceil(box.height * scale))
        image = QImage(*size, QImage.Format.Format_ARGB32_Premultiplied)
        image.fill(Qt.GlobalColor.transparent)
        found = pictures or own
        found.expect((shape.sha256, scale * stretch(shape)) for shape in shapes)
        painter = QPainter(image)
        view = QTransform.fromTranslate(-box.left, -box.top) * QTransform.fromScale(scale, scale)
        Raster(painter, found).draw(shapes, view)
        painter.end()
        return image
    finally:
        own.stop()


def close_png(package: Package, longest: int = 192, pictures: Pictures | None = None) -> bytes:
    """A small PNG of the parts alone, for a library."""
    return png_of(close_picture(package, longest, pictures))


def version_png(package: Package, pictures: Pictures | None = None) -> bytes:
    """A very small PNG of the parts alone, in few colours, so that a stage of the work costs little."""
    image = Image.fromarray(straight(close_picture(package, VERSION_PICTURE, pictures)), "RGBA")
    few = image.quantize(COLOURS, Image.Quantize.FASTOCTREE)
    out = io.BytesIO()
    few.save(out, "PNG", optimize=True)
    return out.getvalue()


def straight(image: QImage) -> Picture:
    """An image's pixels as an array of its own: RGBA, not premultiplied, shape (height, width, 4)."""
    flat = image.convertToFormat(QImage.Format.Format_RGBA8888)
    rows = np.frombuffer(flat.constBits(), np.uint8).reshape(flat.height(), flat.bytesPerLine())
    return rows[:, : 4 * flat.width()].reshape(flat.height(), flat.width(), 4).copy()


def png_of(image: QImage) -> bytes:
    """An image as the bytes of a PNG; a large one is packed quickly rather than tightly."""
    if image.width() * image.height() > LARGE:
        straight = image.convertToFormat(QImage.Format.Format_ARGB32)
        size = straight.width(), straight.height()
        packed = io.BytesIO()
        pixels = np.frombuffer(straight.constBits(), np.uint8)
        Image.frombuffer("RGBA", size, pixels, "raw", "BGRA", 0, 1).save(packed, "PNG", **QUICKLY)
        return packed.getvalue()
    plain = QImage(image)  # or its density would be that of the screen, and no two machines would write the same
    plain.setDotsPerMeterX(DENSITY)
    plain.setDotsPerMeterY(DENSITY)
    buffer = QBuffer()
    buffer.open(QIODevice.OpenModeFlag.WriteOnly)
    QImageWriter(buffer, b"png").write(plain)
    return bytes(buffer.data().data())


def write_png(path: Path, image: QImage) -> None:
    """Write an image as PNG, whole or not at all. Raises FileError."""
    write(path, png_of(image))

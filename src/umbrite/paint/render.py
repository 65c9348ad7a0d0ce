"""Pictures of a puppet: a pose as an image, on the puppet's own canvas, by the board's own painter."""

from pathlib import Path

from PySide6.QtCore import QBuffer, QIODevice, Qt
from PySide6.QtGui import QImage, QImageWriter, QPainter, QTransform

from umbrite.files.atomic import write
from umbrite.files.file_errors import FileError
from umbrite.files.package import Package
from umbrite.motion.evaluate import Placed, placed_of
from umbrite.motion.scene import scene_of
from umbrite.paint.levels import Pictures
from umbrite.paint.painter import Raster


def render(placed: Placed, pictures: Pictures, scale: float = 1.0, frame: int = 0) -> QImage:
    """The puppet's canvas in one pose, transparent where nothing lies; controls are never part of it."""
    puppet = placed.plan.puppet
    size = max(1, round(puppet.width * scale)), max(1, round(puppet.height * scale))
    image = QImage(*size, QImage.Format.Format_ARGB32_Premultiplied)
    if image.isNull():
        raise FileError(f"A picture of {size[0]} x {size[1]} px is too large. Choose a smaller scale.")
    image.fill(Qt.GlobalColor.transparent)
    painter = QPainter(image)
    Raster(painter, pictures).draw(scene_of(placed, frame), QTransform.fromScale(scale, scale))
    painter.end()
    return image


def render_package(package: Package, scale: float = 1.0) -> QImage:
    """A package in the pose it was left in."""
    return render(placed_of(package.document), Pictures(lambda: package.art), scale)


def preview_png(package: Package, longest: int = 384) -> bytes:
    """A small PNG of the whole puppet, for file managers."""
    return png_of(render_package(package, longest / max(package.puppet.width, package.puppet.height)))


def png_of(image: QImage) -> bytes:
    """An image as the bytes of a PNG."""
    buffer = QBuffer()
    buffer.open(QIODevice.OpenModeFlag.WriteOnly)
    QImageWriter(buffer, b"png").write(image)
    return bytes(buffer.data().data())


def write_png(path: Path, image: QImage) -> None:
    """Write an image as PNG, whole or not at all. Raises FileError."""
    write(path, png_of(image))

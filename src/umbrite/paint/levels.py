"""Drawings ready to paint: decoded once, with smaller versions for when the board is zoomed out."""

from collections.abc import Callable, Mapping
from typing import NamedTuple

from PySide6.QtCore import Qt
from PySide6.QtGui import QImage, QPainter

from umbrite.art.pictures import Picture
from umbrite.files.png import decode
from umbrite.rig.model import Puppet

# Clear pixels around each version of a drawing, so that its turned edges are smooth.
MARGIN = 2


SMALLEST = 4


class Level(NamedTuple):
    """One version of a drawing: its image, the factor from the drawing's pixels to it, and its clear margin."""

    image: QImage
    factor: float
    margin: int


class Pictures:
    """The drawings of a puppet by sha256, decoded when first asked for."""

    def __init__(self, art: Callable[[], Mapping[str, bytes]]) -> None:
        self._art = art
        self._levels: dict[str, list[Level]] = {}
        self._pixels: dict[str, Picture] = {}

    def pixels(self, sha256: str) -> Picture:
        """The drawing's own RGBA pixels."""
        if sha256 not in self._pixels:
            self._pixels[sha256] = decode(self._art()[sha256], "A drawing")
        return self._pixels[sha256]

    def of(self, puppet: Puppet) -> dict[str, Picture]:
        """The pixels of all drawings that a puppet shows, by sha256."""
        shown = (part.drawing.sha256 for part in puppet.parts.values())
        return {sha256: self.pixels(sha256) for sha256 in dict.fromkeys(shown)}

    def level(self, sha256: str, scale: float) -> Level:
        """The smallest version that still has a pixel for each pixel painted at `scale`."""
        if sha256 not in self._levels:
            self._levels[sha256] = [self._whole(sha256)]
        levels = self._levels[sha256]
        wanted = 0
        while wanted < SMALLEST and scale <= 0.5 ** (wanted + 1) * 1.15:
            wanted += 1
        while len(levels) <= wanted:
            levels.append(_halved(levels[-1]))
        return levels[wanted]

    def _whole(self, sha256: str) -> Level:
        pixels = self.pixels(sha256)
        height, width = pixels.shape[:2]
        # Sizes that halve evenly keep smaller versions in their place.
        step = 2**SMALLEST
        wide, tall = (-(-size // step) * step for size in (width, height))
        source = QImage(pixels.tobytes(), width, height, 4 * width, QImage.Format.Format_RGBA8888)
        return Level(_with_margin(source, wide, tall), 1.0, MARGIN)


def _with_margin(source: QImage, width: int, height: int) -> QImage:
    image = QImage(width + 2 * MARGIN, height + 2 * MARGIN, QImage.Format.Format_ARGB32_Premultiplied)
    image.fill(Qt.GlobalColor.transparent)
    painter = QPainter(image)
    painter.drawImage(MARGIN, MARGIN, source)
    painter.end()
    return image


def _halved(level: Level) -> Level:
    whole = level.image
    inner = whole.copy(MARGIN, MARGIN, whole.width() - 2 * MARGIN, whole.height() - 2 * MARGIN)
    width, height = inner.width() // 2, inner.height() // 2
    aspect, smooth = Qt.AspectRatioMode.IgnoreAspectRatio, Qt.TransformationMode.SmoothTransformation
    return Level(
        _with_margin(inner.scaled(width, height, aspect, smooth), width, height), level.factor / 2, MARGIN
    )

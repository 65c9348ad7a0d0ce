"""Small pictures for lists, cards and menus: shapes on paper or on nothing, at two pixels a pixel."""

from collections.abc import Iterable

from PySide6.QtCore import Qt
from PySide6.QtGui import QColor, QPainter, QPixmap, QTransform

from umbrite.desk.theme.inked import Inked
from umbrite.desk.theme.themes import Theme
from umbrite.motion.scene import Shape
from umbrite.paint.levels import Pictures
from umbrite.paint.painter import Raster

RATIO = 2  # sharp on dense screens too


class Card:
    """A picture in the making: `painter` paints on it, in pixels of the card, until it is `finished`."""

    def __init__(self, theme: Theme, width: int, height: int, ground: QColor | None = None) -> None:
        self._picture = QPixmap(width * RATIO, height * RATIO)
        self._picture.setDevicePixelRatio(RATIO)
        self._picture.fill(ground or Qt.GlobalColor.transparent)
        self.painter = Inked(self._picture, theme)
        self.painter.setRenderHint(QPainter.RenderHint.Antialiasing)

    def with_shapes(self, shapes: Iterable[Shape], pictures: Pictures, view: QTransform) -> "Card":
        """The same card, with a puppet's shapes on it, which `view` maps from the board into the card."""
        Raster(self.painter, pictures).draw(list(shapes), view)
        self.painter.resetTransform()
        return self

    def finished(self) -> QPixmap:
        self.painter.end()
        return self._picture

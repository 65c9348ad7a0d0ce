"""Small pictures for lists, cards and menus: shapes on paper or on nothing, at two pixels a pixel."""

from collections.abc import Iterable
from typing import Protocol

from PySide6.QtCore import Qt
from PySide6.QtGui import QColor, QPainter, QPixmap, QTransform

from umbrite.desk.theme.inked import Inked
from umbrite.desk.theme.themes import Theme
from umbrite.motion.scene import Shape
from umbrite.paint.levels import Pictures
from umbrite.paint.painter import Raster

RATIO = 2  # sharp on dense screens too


class View(Protocol):
    """What maps the board into a card."""

    def transform(self) -> QTransform: ...


class Card:
    """A picture in the making: `painter` paints on it, in pixels of the card, until it is `finished`."""

    def __init__(self, theme: Theme, width: int, height: int, ground: QColor | None = None) -> None:
        self._picture = QPixmap(width * RATIO, height * RATIO)
        self._picture.setDevicePixelRatio(RATIO)
        self._picture.fill(ground or Qt.GlobalColor.transparent)
        self.painter = Inked(self._picture, theme)
        self.painter.setRenderHint(QPainter.RenderHint.Antialiasing)

    def with_shapes(self, shapes: Iterable[Shape], pictures: Pictures, view: View) -> "Card":
        """The same card, with a puppet's shapes on it."""
        Raster(self.painter, pictures).draw(list(shapes), view.transform())
        self.painter.resetTransform()
        return self

    def finished(self) -> QPixmap:
        self.painter.end()
        return self._picture

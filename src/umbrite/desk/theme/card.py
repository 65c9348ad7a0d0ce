"""Small pictures for lists, cards and menus: shapes on paper or on nothing, at two pixels a pixel."""

from collections.abc import Iterable

from PySide6.QtCore import QRectF, QSizeF, Qt
from PySide6.QtGui import QColor, QPainter, QPixmap, QTransform

from umbrite.desk.theme.inked import Inked
from umbrite.desk.theme.themes import Theme
from umbrite.files.png import bare
from umbrite.motion.scene import Shape
from umbrite.paint.levels import Pictures
from umbrite.paint.painter import Raster

EDGE = 7  # pixels around a picture on its card, both sides together
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

    def with_picture(self, png: bytes | None) -> "Card":
        """The same card as paper with a picture fitted into it; paper alone where there is none."""
        painter, theme = self.painter, self.painter.theme
        wide, tall = (length / RATIO for length in (self._picture.width(), self._picture.height()))
        painter.setPen(theme.line)
        painter.setBrush(theme.linen)
        painter.drawRoundedRect(QRectF(0.5, 0.5, wide - 1, tall - 1), 4, 4)
        picture = QPixmap()
        if png and picture.loadFromData(bare(png), "PNG"):
            size = QSizeF(picture.size()).scaled(wide - EDGE, tall - EDGE, Qt.AspectRatioMode.KeepAspectRatio)
            place = QRectF((wide - size.width()) / 2, (tall - size.height()) / 2, size.width(), size.height())
            painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
            painter.drawPixmap(place, picture, QRectF(picture.rect()))
        return self

    def finished(self) -> QPixmap:
        self.painter.end()
        return self._picture

"""A painter that knows the theme it paints in."""

from PySide6.QtCore import Qt
from PySide6.QtGui import QPaintDevice, QPainter, QPixmap

from umbrite.desk.theme.themes import Theme


class Inked(QPainter):
    """See the module. What is given to paint with finds its colours at `theme`."""

    def __init__(self, on: QPaintDevice, theme: Theme) -> None:
        super().__init__(on)
        self.theme = theme


def blank(theme: Theme, width: float, height: float, ratio: float) -> tuple[QPixmap, Inked]:
    """A clear picture of so many widget pixels, `ratio` device pixels in each, and a smooth painter on it."""
    picture = QPixmap(round(width * ratio), round(height * ratio))
    picture.setDevicePixelRatio(ratio)
    picture.fill(Qt.GlobalColor.transparent)
    painter = Inked(picture, theme)
    painter.setRenderHints(QPainter.RenderHint.Antialiasing | QPainter.RenderHint.SmoothPixmapTransform)
    return picture, painter

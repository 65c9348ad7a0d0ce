"""Small pictures of drawings for lists and menus, on paper so that light pieces show."""

from PySide6.QtCore import QRectF, Qt
from PySide6.QtGui import QPainter, QPixmap

from umbrite.desk.theme import look
from umbrite.paint.levels import Pictures
from umbrite.rig.model import Drawing

_made: dict[tuple[str, int, int], QPixmap] = {}


MOST = 4_000


def thumbnail(pictures: Pictures, drawing: Drawing, size: int, width: int | None = None) -> QPixmap:
    """The drawing, fitted into a paper card of `width` by `size` pixels."""
    wide = width or size
    key = (drawing.sha256, size, wide)
    if key not in _made:
        if len(_made) > MOST:
            _made.clear()
        _made[key] = _paint(pictures, drawing, wide, size)
    return _made[key]


def _paint(pictures: Pictures, drawing: Drawing, width: int, height: int) -> QPixmap:
    card = QPixmap(width * 2, height * 2)
    card.setDevicePixelRatio(2)
    card.fill(Qt.GlobalColor.transparent)
    painter = QPainter(card)
    painter.setRenderHints(QPainter.RenderHint.Antialiasing | QPainter.RenderHint.SmoothPixmapTransform)
    painter.setPen(look.LINE)
    painter.setBrush(look.LINEN)
    painter.drawRoundedRect(QRectF(0.5, 0.5, width - 1, height - 1), 3, 3)
    scale = min((width - 6) / drawing.width, (height - 6) / drawing.height)
    level = pictures.level(drawing.sha256, min(1.0, scale * 2))
    inner = QRectF(
        level.margin, level.margin, drawing.width * level.factor, drawing.height * level.factor
    )  # fmt: skip
    wide, tall = drawing.width * scale, drawing.height * scale
    painter.drawImage(QRectF((width - wide) / 2, (height - tall) / 2, wide, tall), level.image, inner)
    painter.end()
    return card


def forget_pictures() -> None:
    """Draw all cards anew: their colours have changed."""
    _made.clear()

"""Small pictures of drawings for lists and menus, on paper so that light pieces show."""

from PySide6.QtCore import QPointF, QRectF
from PySide6.QtGui import QPainter, QPixmap

from umbrite.desk.theme.card import Card
from umbrite.desk.theme.marks import pen
from umbrite.desk.theme.themes import Theme
from umbrite.paint.levels import Level, Pictures
from umbrite.rig.model import Drawing

_made: dict[tuple[str, str, int, int], QPixmap] = {}


MOST = 4_000


def thumbnail(
    theme: Theme, pictures: Pictures, drawing: Drawing, size: int, width: int | None = None
) -> QPixmap:
    """The drawing, fitted into a paper card of `width` by `size` pixels."""
    wide = width or size
    key = (theme.name, drawing.sha256, size, wide)
    if key in _made:
        return _made[key]
    scale = min((wide - 6) / drawing.width, (size - 6) / drawing.height)
    level = pictures.level(drawing.sha256, min(1.0, scale * 2))
    made = _paint(theme, level, drawing, wide, size)
    if level is not None:  # else it is on its way
        if len(_made) > MOST:
            _made.clear()
        _made[key] = made
    return made


def variant_card(
    theme: Theme, pictures: Pictures, drawing: Drawing | None, size: int, *, lit: bool, chosen: bool
) -> QPixmap:
    """The card of a variant on the board, painted once for each look; the one that shows is marked by colour and by a tick."""
    key = (theme.name, drawing.sha256 if drawing else "", size, (-1 if chosen else -2) - (2 if lit else 0))
    if key in _made:
        return _made[key]
    card = Card(theme, size, size)
    painter = card.painter
    painter.setBrush(theme.lamp_pale if chosen else theme.paper)
    painter.setPen(pen(theme.ink if chosen or lit else theme.line, 2.0 if chosen else 1.2))
    painter.drawRoundedRect(QRectF(1.5, 1.5, size - 3, size - 3), 4, 4)
    there = True
    if drawing is not None:
        inner = max(size - 7, 8)
        painter.drawPixmap(QPointF(3.5, 3.5), thumbnail(theme, pictures, drawing, inner))
        there = (theme.name, drawing.sha256, inner, inner) in _made
    if chosen:  # a sign beside the colour
        painter.setPen(pen(theme.ink, 2.0))
        corner = QPointF(size - 13.5, size - 10.5)
        painter.drawPolyline([corner, corner + QPointF(3, 4), corner + QPointF(9, -4)])
    made = card.finished()
    if there:
        _made[key] = made
    return made


def _paint(theme: Theme, level: Level | None, drawing: Drawing, width: int, height: int) -> QPixmap:
    card = Card(theme, width, height)
    painter = card.painter
    painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
    painter.setPen(theme.line)
    painter.setBrush(theme.linen)
    painter.drawRoundedRect(QRectF(0.5, 0.5, width - 1, height - 1), 3, 3)
    scale = min((width - 6) / drawing.width, (height - 6) / drawing.height)
    if level is None:
        return card.finished()
    inner = QRectF(
        level.margin, level.margin, drawing.width * level.factor, drawing.height * level.factor
    )  # fmt: skip
    wide, tall = drawing.width * scale, drawing.height * scale
    painter.drawImage(QRectF((width - wide) / 2, (height - tall) / 2, wide, tall), level.image, inner)
    return card.finished()

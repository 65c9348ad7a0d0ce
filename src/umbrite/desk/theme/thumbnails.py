"""Small pictures of drawings for lists and menus, on paper so that light pieces show."""

from collections.abc import Mapping
from contextlib import suppress

from cachetools import LRUCache
from PySide6.QtCore import QPointF, QRectF
from PySide6.QtGui import QPainter, QPixmap, QTransform

from umbrite.desk.theme.card import Card
from umbrite.desk.theme.marks import pen
from umbrite.desk.theme.themes import Theme
from umbrite.motion.scene import Flat, Shape, around
from umbrite.paint.levels import Level, Pictures
from umbrite.paint.painter import rect_of
from umbrite.rig.affine import svg_matrix
from umbrite.rig.edits.variants.branches import parts_of
from umbrite.rig.model import Drawing, Part, Puppet, Variant
from umbrite.rig.placement import board_from_drawing, box_of
from umbrite.rig.remembered import bounded, remembered_by

_made: LRUCache[tuple[str, str, int, int], QPixmap] = bounded(
    40_000_000, size=lambda picture: 4 * picture.width() * picture.height() + 64
)
FAR_TOO_FINE = 12.0  # times as fine as the card
EDGES = 7  # pixels around the picture on a card


def thumbnail(theme: Theme, pictures: Pictures, drawing: Drawing, size: int, width: int | None = None) -> QPixmap:
    """The drawing, fitted into a paper card of `width` by `size` pixels."""
    wide = width or size
    key = (theme.name, drawing.sha256, size, wide)
    if key in _made:
        return _made[key]
    scale = min((wide - 6) / drawing.width, (size - 6) / drawing.height)
    level = pictures.level(drawing.sha256, min(1.0, scale * 2))
    if level is not None and level.factor > FAR_TOO_FINE * scale:
        level = None  # the fitting one is on its way, and this one takes longer to draw than to wait for
    made = _paint(theme, level, drawing, wide, size)
    if level is not None:  # else it is on its way
        _keep(key, made)
    return made


def variant_picture(theme: Theme, pictures: Pictures, puppet: Puppet, variant: Variant, size: int) -> QPixmap | None:
    """All that shows with a variant, at rest, fitted into a paper card; None where nothing does."""
    if not variant.joints and len(variant.parts) < 2:
        parts = [puppet.parts[key] for key in variant.parts]
        return thumbnail(theme, pictures, parts[0].drawing, size) if parts else None
    names, looks = _composed(puppet)[variant]
    if not names:
        return None
    key = (theme.name, looks, size, size)
    if key in _made:
        return _made[key]
    shapes = [_at_rest(name, puppet.parts[name]) for name in names]
    card = Card(theme, size, size)
    card.painter.setPen(theme.line)
    card.painter.setBrush(theme.linen)
    card.painter.drawRoundedRect(QRectF(0.5, 0.5, size - 1, size - 1), 3, 3)
    box = rect_of(around(shapes))
    scale = min((size - 6) / max(box.width(), 1), (size - 6) / max(box.height(), 1))
    view = QTransform.fromTranslate(size / 2, size / 2).scale(scale, scale)
    view.translate(-box.center().x(), -box.center().y())
    made = card.with_shapes(shapes, pictures, view).finished()
    if not pictures.arriving:
        _keep(key, made)
    return made


@remembered_by(lambda puppet: (puppet.parts, puppet.joints, puppet.sets, puppet.order))
def _composed(puppet: Puppet) -> Mapping[Variant, tuple[list[str], str]]:
    """For each variant of more than one drawing its parts, and what sets its picture apart from others."""
    found = {}
    for one in puppet.sets.values():
        for variant in one.variants:
            if variant.joints or len(variant.parts) > 1:
                names = parts_of(puppet, variant)
                parts = [puppet.parts[name] for name in names]
                looks = [(p.drawing.sha256, p.placement, p.opacity, p.blend, p.trims) for p in parts]
                found[variant] = names, str(looks)
    return found


def _at_rest(key: str, part: Part) -> Shape:
    onto, drawing = board_from_drawing(part.placement), part.drawing
    size = (drawing.width, drawing.height)
    return Flat(
        key, drawing.sha256, size, svg_matrix(onto), box_of(*size, onto), part.opacity, part.blend, None, part.trims
    )  # fmt: skip


def _keep(key: tuple[str, str, int, int], made: QPixmap) -> None:
    with suppress(ValueError):  # too heavy to be kept
        _made[key] = made


def variant_card(theme: Theme, picture: QPixmap | None, size: int, *, lit: bool, chosen: bool) -> QPixmap:
    """The card of a variant on the board with its picture, painted once for each look; the one that shows is marked by colour and by a tick."""
    look = (-1 if chosen else -2) - (2 if lit else 0)
    key = (theme.name, str(picture.cacheKey()) if picture is not None else "", size, look)
    if key in _made:
        return _made[key]
    card = Card(theme, size, size)
    painter = card.painter
    painter.setBrush(theme.selected_pale if chosen else theme.paper)
    painter.setPen(pen(theme.ink if chosen or lit else theme.line, 2.0 if chosen else 1.2))
    painter.drawRoundedRect(QRectF(1.5, 1.5, size - 3, size - 3), 4, 4)
    if picture is not None:
        painter.drawPixmap(QPointF(3.5, 3.5), picture)
    if chosen:  # a sign beside the colour
        painter.setPen(pen(theme.ink, 2.0))
        corner = QPointF(size - 13.5, size - 10.5)
        painter.drawPolyline([corner, corner + QPointF(3, 4), corner + QPointF(9, -4)])
    made = card.finished()
    _keep(key, made)
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

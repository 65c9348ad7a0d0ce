"""Controls as cut paper: leaf, shield, drop, crescent, ring; drawn at the origin, size 1 across, y down."""

import math
from functools import lru_cache
from typing import NamedTuple

from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QColor, QPainter, QPainterPath, QPixmap, QTransform

from umbrite.desk.theme import look
from umbrite.desk.theme.inked import Inked, blank
from umbrite.desk.theme.marks import glow, pen
from umbrite.desk.theme.themes import SIDE_STROKE, Theme, theme_named
from umbrite.rig.model import Control, ControlShape, Side


def _leaf() -> QPainterPath:
    path = QPainterPath(QPointF(0, -0.62))
    path.cubicTo(0.62, -0.3, 0.56, 0.34, 0, 0.62)
    path.cubicTo(-0.56, 0.34, -0.62, -0.3, 0, -0.62)
    return path


def _shield() -> QPainterPath:
    path = QPainterPath(QPointF(-0.6, -0.34))
    path.cubicTo(-0.3, -0.36, -0.14, -0.42, 0, -0.54)
    path.cubicTo(0.14, -0.42, 0.3, -0.36, 0.6, -0.34)
    path.cubicTo(0.64, 0.1, 0.4, 0.42, 0, 0.58)
    path.cubicTo(-0.4, 0.42, -0.64, 0.1, -0.6, -0.34)
    return path


def _drop() -> QPainterPath:
    path = QPainterPath(QPointF(0, -0.66))
    path.cubicTo(0.2, -0.3, 0.48, -0.1, 0.44, 0.22)
    path.cubicTo(0.4, 0.68, -0.4, 0.68, -0.44, 0.22)
    path.cubicTo(-0.48, -0.1, -0.2, -0.3, 0, -0.66)
    return path


def _crescent() -> QPainterPath:
    path = QPainterPath(QPointF(-0.56, -0.14))
    path.cubicTo(-0.3, 0.36, 0.3, 0.36, 0.56, -0.14)
    path.cubicTo(0.28, 0.1, -0.28, 0.1, -0.56, -0.14)
    return path


def _ring() -> QPainterPath:
    path = QPainterPath()
    path.addEllipse(QRectF(-0.44, -0.44, 0.88, 0.88))
    path.addEllipse(QRectF(-0.28, -0.28, 0.56, 0.56))
    flag = QPainterPath(QPointF(0.3, -0.36))
    flag.lineTo(0.62, -0.6)
    flag.lineTo(0.5, -0.2)
    flag.closeSubpath()
    return path.united(flag)


def _eye() -> QPainterPath:
    path = QPainterPath(QPointF(-0.6, 0))
    path.cubicTo(-0.3, -0.46, 0.3, -0.46, 0.6, 0)
    path.cubicTo(0.3, 0.46, -0.3, 0.46, -0.6, 0)
    pupil = QPainterPath()
    pupil.addEllipse(QRectF(-0.15, -0.15, 0.3, 0.3))
    return path.subtracted(pupil)


def _box(tall: float) -> QPainterPath:
    path = QPainterPath()
    path.addRoundedRect(QRectF(-0.55, -tall / 2, 1.1, tall), 0.08, 0.08)
    return path


SHAPES: dict[ControlShape, QPainterPath] = {
    "leaf": _leaf(), "shield": _shield(), "drop": _drop(), "crescent": _crescent(), "ring": _ring(), "eye": _eye(),
    "slot": _box(0.16), "tile": _box(1.1), "strip": _box(0.4),
}  # fmt: skip


def colour_of(theme: Theme, control: Control) -> QColor:
    """The colour that was chosen for a control, or that of its side."""
    return theme.label(control.colour) or theme.side(control.side)


class Cut(NamedTuple):
    """What a control is cut from: everything its picture depends on, which is kept by it."""

    theme: str
    shape: ControlShape
    side: Side
    colour: str
    size: int
    ratio: float
    strong: bool


class Held(NamedTuple):
    """How a control is shown: `size` in pixels, `turn` in radians, `strength` fades it when far away."""

    size: float
    turn: float
    lit: bool
    hot: bool
    strength: float = 1.0


def paint_control(painter: Inked, control: Control, at: QPointF, held: Held) -> None:
    """One control at a widget point."""
    if held.lit:
        glow(painter, at, held.size * 0.95)
    theme = painter.theme
    picture = _picture(
        Cut(
            theme.name, control.shape, control.side, colour_of(theme, control).name(), round(held.size),
            painter.device().devicePixelRatioF(), held.hot or held.lit,
        )
    )  # fmt: skip
    half = picture.deviceIndependentSize().width() / 2
    painter.setOpacity(held.strength)
    if held.turn:
        painter.save()
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
        painter.setTransform(QTransform().translate(at.x(), at.y()).rotateRadians(held.turn), combine=True)
        painter.drawPixmap(QPointF(-half, -half), picture)
        painter.restore()
    else:
        painter.drawPixmap(QPointF(round(at.x() - half), round(at.y() - half)), picture)
    painter.setOpacity(1.0)


@lru_cache(maxsize=256)
def _picture(cut: Cut) -> QPixmap:
    """A control as a picture: antialiased paths are too slow to be drawn anew at each step of a drag."""
    wide = round(cut.size * 1.4) + 12
    picture, painter = blank(theme_named(cut.theme), wide, wide, cut.ratio)
    _draw(painter, cut, QPointF(wide / 2, wide / 2))
    painter.end()
    return picture


def _draw(painter: Inked, cut: Cut, at: QPointF) -> None:
    theme = painter.theme
    place = QTransform().translate(at.x(), at.y()).scale(cut.size, cut.size)
    path = place.map(SHAPES[cut.shape])
    painter.setPen(Qt.PenStyle.NoPen)
    painter.setBrush(look.with_alpha(theme.ink, 60))
    painter.drawPath(path.translated(1.5, 2.5))
    strong, plain = theme.shine
    paper = QColor(cut.colour).lighter(strong if cut.strong else plain)
    painter.setBrush(look.with_alpha(paper, 205 if cut.strong else 150))
    painter.setPen(pen(theme.paper, 4.2))
    painter.drawPath(path)
    painter.setPen(pen(theme.ink, 1.8, SIDE_STROKE[cut.side]))
    painter.drawPath(path)
    if cut.side == "middle":  # its second sign: a double line
        inner = QTransform().translate(at.x(), at.y()).scale(cut.size * 0.74, cut.size * 0.74)
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.setPen(pen(look.with_alpha(theme.ink, 150), 1.0))
        painter.drawPath(inner.map(SHAPES[cut.shape]))
    elif cut.shape == "leaf":
        painter.setPen(pen(look.with_alpha(theme.ink, 150), 1.2, SIDE_STROKE[cut.side]))
        painter.drawLine(place.map(QPointF(0, -0.34)), place.map(QPointF(0, 0.5)))


def paint_master_points(painter: Inked, turn_at: QPointF, scale_at: QPointF, strength: float) -> None:
    """The two ends of the master: an arc to turn by, a bead to scale by."""
    painter.setOpacity(strength)
    for at, turns in ((turn_at, True), (scale_at, False)):
        picture = _master_point(painter.theme.name, painter.device().devicePixelRatioF(), turns)
        half = picture.deviceIndependentSize().width() / 2
        painter.drawPixmap(QPointF(round(at.x() - half), round(at.y() - half)), picture)
    painter.setOpacity(1.0)


@lru_cache(maxsize=16)
def _master_point(theme: str, ratio: float, turns: bool) -> QPixmap:  # noqa: FBT001 a key of the cache
    """One of the two as a picture."""
    wide = 28
    at = QPointF(wide / 2, wide / 2)
    picture, painter = blank(theme_named(theme), wide, wide, ratio)
    painter.setPen(pen(painter.theme.paper, 4))
    painter.setBrush(painter.theme.brass_pale if turns else painter.theme.paper)
    painter.drawEllipse(at, 9, 9)
    painter.setPen(pen(painter.theme.ink, 1.7))
    painter.drawEllipse(at, 9, 9)
    painter.setBrush(Qt.BrushStyle.NoBrush)
    if turns:
        painter.drawArc(QRectF(at.x() - 4.5, at.y() - 4.5, 9, 9), 30 * 16, 250 * 16)
    else:
        corner = 4.5 * math.sqrt(0.5)
        painter.drawLine(at + QPointF(-corner, corner), at + QPointF(corner, -corner))
        painter.drawLine(at + QPointF(corner, -corner), at + QPointF(0, -corner))
        painter.drawLine(at + QPointF(corner, -corner), at + QPointF(corner, 0))
    painter.end()
    return picture

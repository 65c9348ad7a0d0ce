"""The hardware of the rig as pictures: dowels, rivets, washers, cords, hooks, fans. All sizes in widget pixels."""

import math
from functools import lru_cache
from typing import NamedTuple

from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QColor, QFont, QFontMetricsF, QPainter, QPainterPath, QPen, QPixmap, QRadialGradient

from umbrite.desk.theme import look
from umbrite.desk.theme.inked import Inked, blank
from umbrite.desk.theme.themes import SIDE_STROKE, Theme, theme_named
from umbrite.rig.model import Side

STITCH, STITCHES = 3, 13  # pixels: how wide a stitch is, and from one to the next


def pen(colour: QColor, width: float, style: Qt.PenStyle = Qt.PenStyle.SolidLine) -> QPen:
    return QPen(colour, width, style, Qt.PenCapStyle.RoundCap, Qt.PenJoinStyle.RoundJoin)


def glow(painter: Inked, at: QPointF, radius: float) -> None:
    """The lamp's light behind what is selected."""
    picture = _glow(painter.theme.selected.name(), round(radius), painter.device().devicePixelRatioF())
    half = picture.deviceIndependentSize().width() / 2
    painter.drawPixmap(at - QPointF(half, half), picture)


@lru_cache(maxsize=64)
def _glow(colour: str, radius: int, ratio: float) -> QPixmap:
    """A gradient is too slow to be drawn anew at each step of a drag."""
    wide, light_colour = 2 * radius + 2, QColor(colour)
    picture = QPixmap(round(wide * ratio), round(wide * ratio))
    picture.setDevicePixelRatio(ratio)
    picture.fill(Qt.GlobalColor.transparent)
    middle = QPointF(wide / 2, wide / 2)
    light = QRadialGradient(middle, radius)
    light.setColorAt(0.0, look.with_alpha(light_colour, 190))
    light.setColorAt(0.55, look.with_alpha(light_colour, 110))
    light.setColorAt(1.0, look.with_alpha(light_colour, 0))
    painter = QPainter(picture)
    painter.setRenderHint(QPainter.RenderHint.Antialiasing)
    painter.setPen(Qt.PenStyle.NoPen)
    painter.setBrush(light)
    painter.drawEllipse(middle, radius, radius)
    painter.end()
    return picture


def rivet(painter: Inked, at: QPointF, side: Side, *, set_: bool = True, lit: bool = False, hot: bool = False) -> None:
    """A brass rivet with a slot; unkept and proposed where the pivot has not been set."""
    if lit:
        glow(painter, at, 20)
    radius = 7.5 if hot else 6.5
    painter.setPen(pen(painter.theme.paper, 4.5))
    painter.setBrush(Qt.BrushStyle.NoBrush)
    painter.drawEllipse(at, radius, radius)
    if set_:
        shine = QRadialGradient(at + QPointF(-2, -2.5), radius * 1.7)
        shine.setColorAt(0, painter.theme.brass_pale)
        shine.setColorAt(1, painter.theme.brass)
        painter.setBrush(shine)
        painter.setPen(pen(painter.theme.ink, 1.6))
    else:
        painter.setBrush(look.with_alpha(painter.theme.paper, 200))
        painter.setPen(pen(painter.theme.ink, 1.4, Qt.PenStyle.DotLine))
    painter.drawEllipse(at, radius, radius)
    if set_:
        painter.setPen(pen(painter.theme.brass_dark, 1.6))
        painter.drawLine(at + QPointF(-3, 0), at + QPointF(3, 0))
    if side == "far":  # the second sign of the far side
        painter.setPen(pen(painter.theme.plum, 1.6))
        painter.drawLine(at + QPointF(0, -3), at + QPointF(0, 3))


def washer(painter: Inked, at: QPointF, radius: float, *, lit: bool = False, hot: bool = False) -> None:
    """A carrier: a rivet in a paper washer."""
    if lit:
        glow(painter, at, radius * 1.9)
    ring = QPainterPath()
    ring.addEllipse(at, radius, radius)
    ring.addEllipse(at, 8.0, 8.0)
    painter.setPen(pen(painter.theme.ink, 1.8 if hot else 1.3))
    painter.setBrush(painter.theme.selected_pale if hot else look.with_alpha(painter.theme.paper, 235))
    painter.drawPath(ring)
    painter.setPen(pen(painter.theme.teal, 1.4))
    painter.setBrush(Qt.BrushStyle.NoBrush)
    painter.drawEllipse(at, radius - 3.2, radius - 3.2)


def dowel(painter: Inked, start: QPointF, end: QPointF, side: Side, *, lit: bool = False) -> None:
    """A bone or a length of a limb: two parallel ink lines, rounded, in the colour and the sign of its side."""
    vector = end - start
    length = math.hypot(vector.x(), vector.y())
    if length < 6:
        return
    across = QPointF(-vector.y(), vector.x()) / length * 4.6
    path = QPainterPath(start + across)
    path.lineTo(end + across * 0.6)
    path.quadTo(end + vector / length * 5, end - across * 0.6)
    path.lineTo(start - across)
    path.quadTo(start - vector / length * 5, start + across)
    if lit:
        painter.setPen(pen(look.with_alpha(painter.theme.selected, 150), 11))
        painter.drawPath(path)
    colour = painter.theme.side(side)
    painter.setPen(pen(look.with_alpha(painter.theme.paper, 230), 4.5))
    painter.setBrush(look.with_alpha(painter.theme.paper, 120))
    painter.drawPath(path)
    painter.setBrush(look.with_alpha(colour, 70))
    painter.setPen(pen(painter.theme.ink, 1.7, SIDE_STROKE[side]))
    painter.drawPath(path)
    painter.setPen(pen(colour, 1.8, SIDE_STROKE[side]))
    painter.drawLine(start + vector * 0.06, end - vector * 0.04)


def notch(painter: Inked, head: QPointF, tip: QPointF, *, hot: bool = False) -> None:
    """The tip of a bone: a notch across the dowel, wider under the pointer."""
    vector = tip - head
    length = math.hypot(vector.x(), vector.y())
    if length < 6:
        return
    across = QPointF(-vector.y(), vector.x()) / length * (7.5 if hot else 5.5)
    for colour, width in ((painter.theme.paper, 5.0), (painter.theme.selected if hot else painter.theme.ink, 2.2)):
        painter.setPen(pen(colour, width))
        painter.drawLine(tip - across, tip + across)


def cord(painter: Inked, start: QPointF, end: QPointF, *, lit: bool = False, far: bool = False) -> None:
    """A slack cord from child to parent."""
    vector = end - start
    length = math.hypot(vector.x(), vector.y())
    sag = QPointF(0, min(26.0, length * 0.16))
    path = QPainterPath(start)
    path.quadTo((start + end) / 2 + sag, end)
    painter.setBrush(Qt.BrushStyle.NoBrush)
    painter.setPen(pen(look.with_alpha(painter.theme.paper, 200), 3.6))
    painter.drawPath(path)
    style = Qt.PenStyle.DashLine if far else Qt.PenStyle.SolidLine
    painter.setPen(pen(painter.theme.selected if lit else painter.theme.quiet, 3.0 if lit else 1.7, style))
    painter.drawPath(path)
    if lit:
        painter.setPen(pen(painter.theme.ink, 1.1))
        painter.drawPath(path)


def pin(painter: Inked, at: QPointF) -> None:
    """A pin put into the board for one turn: a long needle with a vermilion head."""
    painter.setPen(pen(painter.theme.paper, 4.6))
    painter.drawLine(at, at + QPointF(9, -20))
    painter.setPen(pen(painter.theme.ink, 1.8))
    painter.drawLine(at, at + QPointF(9, -20))
    painter.setBrush(painter.theme.vermilion)
    painter.drawEllipse(at + QPointF(10, -23), 5.5, 5.5)


def nail(painter: Inked, at: QPointF) -> None:
    """A point that is held: a nail's head with a cross."""
    painter.setPen(pen(painter.theme.paper, 5))
    painter.setBrush(painter.theme.teal)
    painter.drawEllipse(at, 8, 8)
    painter.setPen(pen(painter.theme.ink, 1.8))
    painter.drawEllipse(at, 8, 8)
    painter.setPen(pen(painter.theme.paper, 2))
    painter.drawLine(at - QPointF(4, 0), at + QPointF(4, 0))
    painter.drawLine(at - QPointF(0, 4), at + QPointF(0, 4))


def small_label(painter: Inked, middle: QPointF, text: str) -> None:
    """A few words on paper, centred; kept as a picture, for text is slow to paint anew at each step of a drag."""
    picture = _small_label(painter.theme.name, painter.device().devicePixelRatioF(), text)
    size = picture.deviceIndependentSize()
    painter.drawPixmap(QPointF(round(middle.x() - size.width() / 2), round(middle.y() - size.height() / 2)), picture)


@lru_cache(maxsize=128)
def _small_label(theme: str, ratio: float, text: str) -> QPixmap:
    wide = QFontMetricsF(look.font(9.5)).horizontalAdvance(text) + 10
    picture, painter = blank(theme_named(theme), math.ceil(wide), 16, ratio)
    painter.setFont(look.font(9.5))
    box = QRectF(0, 0, math.ceil(wide), 16)
    painter.setPen(Qt.PenStyle.NoPen)
    painter.setBrush(look.with_alpha(painter.theme.paper, 225))
    painter.drawRoundedRect(box, 4, 4)
    painter.setPen(painter.theme.ink)
    painter.drawText(box, Qt.AlignmentFlag.AlignCenter, text)
    painter.end()
    return picture


def paint_proposed_cord(painter: Inked, start: QPointF, end: QPointF) -> None:
    """A proposed link: a thin broken pencil line with an arrow's head where it would hang."""
    painter.setBrush(Qt.BrushStyle.NoBrush)
    painter.setPen(pen(look.with_alpha(painter.theme.paper, 210), 3.4))
    painter.drawLine(start, end)
    painter.setPen(pen(painter.theme.ink, 1.3, Qt.PenStyle.DashLine))
    painter.drawLine(start, end)


def paint_proposed_pivot(painter: Inked, at: QPointF, *, sure: bool, hot: bool) -> None:
    """A proposed pivot: a unkept, dashed rivet with a cross in it, or a question mark where it is doubtful."""
    radius = 9.0 if hot else 7.5
    painter.setPen(pen(painter.theme.paper, 4.5))
    painter.setBrush(look.with_alpha(painter.theme.selected if hot else painter.theme.paper, 235))
    painter.drawEllipse(at, radius, radius)
    painter.setPen(pen(painter.theme.ink, 1.5, Qt.PenStyle.DashLine))
    painter.drawEllipse(at, radius, radius)
    painter.setPen(pen(painter.theme.ink, 1.4))
    if sure:
        painter.drawLine(at - QPointF(3, 0), at + QPointF(3, 0))
        painter.drawLine(at - QPointF(0, 3), at + QPointF(0, 3))
    else:
        painter.setFont(look.font(9, QFont.Weight.Bold))
        painter.drawText(QRectF(at.x() - 8, at.y() - 8, 16, 16), Qt.AlignmentFlag.AlignCenter, "?")


def hook(painter: Inked, at: QPointF, side: Side, *, lit: bool = False, hot: bool = False) -> None:
    """A target: a hook that hangs below the tip it holds."""
    path = QPainterPath(at + QPointF(0, 7))
    path.lineTo(at + QPointF(0, 15))
    path.arcTo(QRectF(at.x() - 13, at.y() + 8, 13, 15), 0, -215)
    if lit:
        glow(painter, at + QPointF(-4, 15), 22)
    painter.setBrush(Qt.BrushStyle.NoBrush)
    painter.setPen(pen(painter.theme.paper, 8))
    painter.drawPath(path)
    painter.setPen(pen(painter.theme.ink, 5.4 if hot else 4.8))
    painter.drawPath(path)
    painter.setPen(
        pen(painter.theme.selected if lit else painter.theme.side(side).lighter(135), 2.4, SIDE_STROKE[side])
    )
    painter.drawPath(path)


class Fan(NamedTuple):
    """A range of turning: its two directions and the present one (y down), and the end that is edited."""

    small: complex
    large: complex
    now: complex
    proposed: bool
    end: str = ""


def fan(painter: Inked, at: QPointF, radius: float, shown: Fan) -> None:
    """A paper fan between two directions, the present angle as a needle, the edited end in lamp colour."""
    small, large, now, proposed, end = shown
    start = -math.degrees(math.atan2(small.imag, small.real))
    sweep = -math.degrees(_turn(small, large))
    box = QRectF(at.x() - radius, at.y() - radius, 2 * radius, 2 * radius)
    style = Qt.PenStyle.DotLine if proposed else Qt.PenStyle.SolidLine
    painter.setPen(pen(look.with_alpha(painter.theme.ink, 170), 1.2, style))
    painter.setBrush(look.with_alpha(painter.theme.brass_pale, 70 if proposed else 175))
    if abs(sweep) > 359.5:
        painter.drawEllipse(at, radius, radius)
    else:
        painter.drawPie(box, round(start * 16), round(sweep * 16))
    if not proposed:
        painter.setPen(pen(look.with_alpha(painter.theme.brass_dark, 90), 0.9))
        for fold in range(1, 6):
            angle = math.radians(-(start + sweep * fold / 6))
            painter.drawLine(at, at + QPointF(math.cos(angle), math.sin(angle)) * radius)
    needle = QPointF(now.real, now.imag)
    painter.setPen(pen(painter.theme.paper, 4))
    painter.drawLine(at + needle * 9, at + needle * (radius - 6))
    painter.setPen(pen(painter.theme.ink, 2))
    painter.drawLine(at + needle * 9, at + needle * (radius - 6))
    for name, vector in (("smallest", small), ("largest", large)):
        place = at + QPointF(vector.real, vector.imag) * radius
        if name == end:
            glow(painter, place, 18)
        painter.setPen(pen(painter.theme.ink, 1.6))
        painter.setBrush(
            painter.theme.selected if name == end else painter.theme.panel if proposed else painter.theme.paper
        )
        painter.drawEllipse(place, 6.5, 6.5)
        # Which end is which is told by its shape too: a bar for the smallest, a point for the largest.
        painter.setPen(pen(painter.theme.ink, 1.6))
        if name == "smallest":
            painter.drawLine(place + QPointF(-2.6, 0), place + QPointF(2.6, 0))
        else:
            painter.drawPoint(place)


def _turn(small: complex, large: complex) -> float:
    """The angle from one direction on to the other, 0 to a whole turn, clockwise on the screen."""
    angle = math.atan2((large * small.conjugate()).imag, (large * small.conjugate()).real)
    return angle if angle > 1e-9 else angle + 2 * math.pi


def bend_arrow(painter: Inked, knee: QPointF, vector: QPointF, colour: QColor) -> None:
    """The side to which a limb bends: an arrow from its middle joint outwards."""
    length = math.hypot(vector.x(), vector.y())
    if length < 1e-6:
        return
    unit = vector / length
    across = QPointF(-unit.y(), unit.x())
    start, tip = knee + unit * 13, knee + unit * 34
    head = QPainterPath(tip)
    head.lineTo(tip - unit * 8 + across * 5)
    head.moveTo(tip)
    head.lineTo(tip - unit * 8 - across * 5)
    for stroke, width in ((painter.theme.paper, 5.5), (colour, 2.4)):
        painter.setPen(pen(stroke, width))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.drawLine(start, tip)
        painter.drawPath(head)


def label(painter: Inked, at: QPointF, text: str, within: QRectF) -> None:
    """A dark label beside the pointer, kept inside the board."""
    painter.setFont(look.font(11, QFont.Weight.Medium))
    metrics = QFontMetricsF(painter.font())
    size = metrics.size(0, text)
    box = QRectF(at.x() + 18, at.y() + 18, size.width() + 18, size.height() + 9)
    box.moveLeft(min(box.left(), within.right() - box.width() - 6))
    box.moveTop(min(box.top(), within.bottom() - box.height() - 6))
    painter.setPen(Qt.PenStyle.NoPen)
    painter.setBrush(painter.theme.ink)
    painter.drawRoundedRect(box, 5, 5)
    painter.setPen(painter.theme.paper)
    painter.drawText(box, Qt.AlignmentFlag.AlignCenter, text)


def key_mark(painter: Inked, at: QPointF, radius: float, *, lit: bool, unkept: bool = False) -> None:
    """A key: a brass key punched into the timeline; unkept for what is not kept yet. Painted once and laid down again and again."""
    ratio = painter.device().devicePixelRatioF()
    key = (painter.theme.name, radius, lit, unkept, ratio)
    if key not in _key_marks:
        _key_marks[key] = _punched(painter.theme, radius, ratio, lit=lit, unkept=unkept)
    half = radius + 6
    painter.drawPixmap(at - QPointF(half, half), _key_marks[key])


def strip(painter: Inked, box: QRectF) -> None:
    """Keys so close that they are a strip of brass: one on nearly every frame."""
    painter.setPen(pen(painter.theme.brass_dark, 1.2))
    painter.setBrush(painter.theme.brass_pale)
    painter.drawRoundedRect(box, box.height() / 2, box.height() / 2)
    painter.drawLine(QPointF(box.left() + 5, box.center().y()), QPointF(box.right() - 5, box.center().y()))


_key_marks: dict[tuple[str, float, bool, bool, float], QPixmap] = {}


def _punched(theme: Theme, radius: float, ratio: float, *, lit: bool, unkept: bool) -> QPixmap:
    side = 2 * (radius + 6)
    picture = QPixmap(round(side * ratio), round(side * ratio))
    picture.setDevicePixelRatio(ratio)
    picture.fill(Qt.GlobalColor.transparent)
    painter = QPainter(picture)
    painter.setRenderHint(QPainter.RenderHint.Antialiasing)
    at = QPointF(side / 2, side / 2)
    if lit:
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(look.with_alpha(theme.selected, 130))
        painter.drawEllipse(at, radius + 4, radius + 4)
    style = Qt.PenStyle.DashLine if unkept else Qt.PenStyle.SolidLine
    painter.setPen(pen(theme.ink if lit else theme.brass_dark, 1.4, style))
    painter.setBrush(theme.paper if unkept else theme.brass)
    painter.drawEllipse(at, radius, radius)
    painter.setPen(Qt.PenStyle.NoPen)
    painter.setBrush(theme.paper if unkept else theme.brass_dark)
    painter.drawEllipse(at, radius * 0.38, radius * 0.38)
    painter.end()
    return picture


def stitched(painter: Inked, box: QRectF) -> None:
    """A stitched vermilion edge: what is done here is kept."""
    across, down = (
        _stitch(painter.theme.vermilion.name(), painter.device().devicePixelRatioF(), way) for way in ("across", "down")
    )
    left, top, right, low = (round(edge) for edge in (box.left(), box.top(), box.right(), box.bottom()))
    for y in (top, low - STITCH):
        painter.drawTiledPixmap(left, y, right - left, STITCH, across)
    for x in (left, right - STITCH):
        painter.drawTiledPixmap(x, top, STITCH, low - top, down)


@lru_cache(maxsize=16)
def _stitch(colour: str, ratio: float, way: str) -> QPixmap:
    """One stitch and the gap after it as a tile: a long dashed line is dear to stroke anew at each step of a drag."""
    size = (STITCHES, STITCH) if way == "across" else (STITCH, STITCHES)
    tile = QPixmap(*(round(length * ratio) for length in size))
    tile.setDevicePixelRatio(ratio)
    tile.fill(Qt.GlobalColor.transparent)
    painter = QPainter(tile)
    long = STITCHES - 5
    painter.fillRect(*((0, 0, long, STITCH) if way == "across" else (0, 0, STITCH, long)), QColor(colour))
    painter.end()
    return tile

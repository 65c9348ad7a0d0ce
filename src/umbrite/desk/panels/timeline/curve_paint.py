"""Paints the curves of a thing's channels to scale, with a value axis: threads, keys, and the tangents of what is picked."""

import math

from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QPen

from umbrite.desk.panels.timeline.timeline_layout import AIR, NAMES, TimelineLayout
from umbrite.desk.panels.timeline.timeline_rows import Row
from umbrite.desk.theme import look, marks
from umbrite.desk.theme.inked import Inked
from umbrite.desk.theme.themes import Theme
from umbrite.rig.channels import channel
from umbrite.rig.takes.take import Take

LINES = (
    Qt.PenStyle.SolidLine,
    Qt.PenStyle.DashLine,
    Qt.PenStyle.DotLine,
    Qt.PenStyle.DashDotLine,
)  # a second sign beside the colour


def stroke(theme: Theme, place: int) -> QPen:
    """The pen of a curve by its place among those that are seen together."""
    colours = (theme.teal, theme.plum, theme.brick, theme.moss, theme.ochre, theme.ink)
    return marks.pen(colours[place % len(colours)], 2.0, LINES[place // 2 % len(LINES)])


def paint(painter: Inked, ground: TimelineLayout, number: int, seen: QRectF) -> None:
    """One curve row."""
    row, take, box = ground.rows[number], ground.take, ground.box_of(number)
    if take is None:
        return
    _axis(painter, ground, number)
    painter.save()
    painter.setClipRect(QRectF(NAMES, box.top(), ground.width - NAMES, box.height()).intersected(seen))
    painter.setBrush(Qt.BrushStyle.NoBrush)
    for place, (name, points) in enumerate(ground.points(row).items()):
        painter.setPen(stroke(painter.theme, place))
        painter.setPen(marks.pen(painter.pen().color(), 2.0, LINES[place // 2 % len(LINES)]))
        painter.drawPolyline([QPointF(ground.x_of(f), ground.y_of(number, v)) for f, v in points])
        _tangents(painter, ground, number, name)
    _key_marks(painter, ground, number, row, take)
    painter.restore()


def _axis(painter: Inked, ground: TimelineLayout, number: int) -> None:
    low, high = ground.range_of(ground.rows[number])
    painter.setFont(look.font(8.5))
    for value in round_values(low, high):
        y = ground.y_of(number, value)
        zero = abs(value) < 1e-9
        painter.setPen(marks.pen(painter.theme.line if zero else painter.theme.rule, 1))
        painter.drawLine(QPointF(NAMES, y), QPointF(ground.width, y))
        painter.setPen(painter.theme.quiet)
        room = QRectF(NAMES - 64, y - 7, 58, 14)
        painter.drawText(
            room, Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter, value_words(ground, number, value)
        )


def value_words(ground: TimelineLayout, number: int, value: float) -> str:
    """A value of a curve row with its unit, where all its curves have the same."""
    kinds = {
        found.kind.unit
        for name in ground.rows[number].channels
        if (found := channel(name)) is not None
    }  # fmt: skip
    unit = {"radians": "°", "pixels": " px"}.get(next(iter(kinds)), "") if len(kinds) == 1 else ""
    return f"{value:g}{unit}"


def round_values(low: float, high: float) -> list[float]:
    """Three to seven round values between two."""
    rough = (high - low) / 5
    power = 10.0 ** math.floor(math.log10(rough))
    step = next((n * power for n in (1, 2, 5) if n * power >= rough), 10 * power)
    first = math.ceil(low / step)
    return [round(i * step, 9) for i in range(first, math.floor(high / step) + 1)]


def _tangents(painter: Inked, ground: TimelineLayout, number: int, name: str) -> None:
    take = ground.take
    for tangent in ground.tangents(number):
        if tangent.channel == name and take is not None:
            key = next(key for key in take.tracks[name] if key.frame == tangent.frame)
            painter.setPen(marks.pen(painter.theme.ink, 1.2))
            painter.drawLine(ground.place_of(number, name, key), tangent.at)
            painter.setBrush(painter.theme.paper)
            painter.drawRect(QRectF(tangent.at.x() - 3.5, tangent.at.y() - 3.5, 7, 7))
            painter.setBrush(Qt.BrushStyle.NoBrush)


def _key_marks(painter: Inked, ground: TimelineLayout, number: int, row: Row, take: Take) -> None:
    selected = ground.session.timeline.selected
    box = ground.box_of(number).adjusted(0, AIR / 2, 0, -AIR / 2)
    for name in row.channels:
        before = -99.0
        for key in take.tracks.get(name, ()):
            at, lit = ground.place_of(number, name, key), (name, key.frame) in selected
            if at.x() > NAMES and box.top() <= at.y() <= box.bottom() and (lit or at.x() - before >= 3):
                marks.key_mark(painter, at, 4.0, lit=lit)
                before = at.x()

"""Small pictures that explain findings: how it is, and how it should be, in paper and brass. Only where a picture says more than words."""

import cmath
import math
from collections.abc import Callable
from typing import NamedTuple

from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QColor, QPainterPath, QPixmap

from umbrite.desk.theme import look, marks
from umbrite.desk.theme.inked import Inked, blank
from umbrite.desk.theme.themes import Theme

WIDE, TALL, BETWEEN = 124, 84, 14  # pixels of one half, and between both
PAPER = 15  # how wide a piece of paper is


class Half(NamedTuple):
    """One half of a picture: what it is painted with, and whether it is as it should be."""

    painter: Inked
    mended: bool


def has_picture(code: str) -> bool:
    """Whether there is a picture for a kind of finding."""
    return code in SKETCHES


def picture_of(code: str, theme: Theme, ratio: float) -> QPixmap:
    """How it is, with a cross, and how it should be, with a tick, side by side."""
    picture, painter = blank(theme, 2 * WIDE + BETWEEN, TALL, ratio)
    for mended in (False, True):
        painter.save()
        painter.translate((WIDE + BETWEEN) if mended else 0, 0)
        painter.setPen(marks.pen(theme.line, 1))
        painter.setBrush(theme.linen)
        painter.drawRoundedRect(QRectF(0.5, 0.5, WIDE - 1, TALL - 1), 5, 5)
        painter.setClipRect(QRectF(1, 1, WIDE - 2, TALL - 2))
        SKETCHES[code](Half(painter, mended))
        name, colour = ("check", theme.moss) if mended else ("x", theme.brick)
        painter.drawPixmap(QPointF(WIDE - 19, 4), look.icon(theme, name, colour, 15).pixmap(15, 15))
        painter.restore()
    painter.end()
    return picture


def _piece(painter: Inked, points: list[complex], colour: QColor, *, ghost: bool = False, wide: float = PAPER) -> None:
    """A strip of paper along a way, with an ink outline; a ghost is seen through."""
    way = QPainterPath(_at(points[0]))
    for each in points[1:]:
        way.lineTo(_at(each))
    painter.save()
    painter.setOpacity(0.28 if ghost else 1.0)
    painter.setBrush(Qt.BrushStyle.NoBrush)
    for ink, width in ((painter.theme.ink, wide + 2.4), (colour, wide)):
        stroke = marks.pen(ink, width)
        stroke.setCapStyle(Qt.PenCapStyle.RoundCap)
        stroke.setJoinStyle(Qt.PenJoinStyle.RoundJoin)
        painter.setPen(stroke)
        painter.drawPath(way)
    painter.restore()


def _at(place: complex) -> QPointF:
    return QPointF(place.real, place.imag)


def _rivets(painter: Inked, *places: complex) -> None:
    for place in places:
        marks.rivet(painter, _at(place), "near")


def _arrow(painter: Inked, start: complex, end: complex, colour: QColor) -> None:
    painter.setPen(marks.pen(colour, 2.2))
    painter.setBrush(Qt.BrushStyle.NoBrush)
    back = (start - end) / abs(start - end) * 7
    painter.drawLine(_at(start), _at(end))
    for turn in (0.5, -0.5):
        painter.drawLine(_at(end), _at(end + back * cmath.exp(1j * turn)))


HIP, KNEE, ANKLE = 52 + 14j, 64 + 40j, 50 + 68j
OTHER_KNEE = 40 + 42j


def _leg(painter: Inked, knee: complex = KNEE, *, ghost: bool = False) -> None:
    colour = painter.theme.ochre
    _piece(painter, [knee, ANKLE], colour, ghost=ghost)
    _piece(painter, [HIP, knee], colour, ghost=ghost)
    if not ghost:
        _rivets(painter, HIP, knee, ANKLE)


def _target_away(half: Half) -> None:
    painter, mended = half
    painter.save()
    painter.scale(0.84, 0.84)  # the hook hangs below the foot
    _leg(painter)
    marks.hook(painter, _at(ANKLE if mended else ANKLE + 32 - 14j), "near")
    painter.restore()


def _bend_side(half: Half) -> None:
    painter, mended = half
    _leg(painter)
    way = 1 if mended else -1
    _arrow(painter, KNEE + way * 13, KNEE + way * 34, painter.theme.moss if mended else painter.theme.brick)


def _straight(half: Half) -> None:
    painter, mended = half
    knee = (HIP + ANKLE) / 2
    _leg(painter, knee)
    for way in (1,) if mended else (1, -1):
        _arrow(painter, knee + way * 13, knee + way * 34, painter.theme.moss if mended else painter.theme.quiet)


def _flips(half: Half) -> None:
    painter, mended = half
    _leg(painter, KNEE + 4 if mended else OTHER_KNEE, ghost=True)
    _leg(painter)
    if not mended:
        _arrow(painter, KNEE - 12 - 12j, OTHER_KNEE - 2 - 12j, painter.theme.brick)


def _stays(half: Half) -> None:
    painter, mended = half
    body, head, far = [36 + 42j, 36 + 66j], 36 + 18j, 36
    _piece(painter, body, painter.theme.teal, ghost=True, wide=22)
    _piece(painter, [each + far for each in body], painter.theme.teal, wide=22)
    if mended:
        _piece(painter, [head, head + 0.01], painter.theme.ochre, ghost=True, wide=20)
    place = head + (far if mended else 0)
    _piece(painter, [place, place + 0.01], painter.theme.ochre, wide=20)
    _arrow(painter, 44 + 56j, 58 + 56j, painter.theme.ink)


def _pivot_outside(half: Half) -> None:
    painter, mended = half
    pivot = 44 + 22j if mended else 22 + 12j
    for turn in (-0.55, 0.0):
        points = [pivot + (z - pivot) * cmath.exp(1j * turn) for z in (46 + 24j, 76 + 56j)]
        _piece(painter, points, painter.theme.teal, ghost=turn != 0)
    _rivets(painter, pivot)


def _pivot_unset(half: Half) -> None:
    painter, mended = half
    ends = (34 + 24j, 78 + 58j)
    pivot = ends[0] if mended else sum(ends) / 2
    for turn in (-0.7, 0.0):
        points = [pivot + (z - pivot) * cmath.exp(1j * turn) for z in ends]
        _piece(painter, points, painter.theme.teal, ghost=turn != 0)
    marks.rivet(painter, _at(pivot), "near", set_=mended)


def _limits(painter: Inked, small: float, large: float) -> None:
    root, rest = 44 + 22j, cmath.exp(1j * 0.9)
    marks.fan(
        painter,
        _at(root),
        40,
        marks.Fan(rest * cmath.exp(1j * small), rest * cmath.exp(1j * large), rest, proposed=False),
    )
    _piece(painter, [root, root + rest * 44], painter.theme.ochre, ghost=True, wide=11)
    _rivets(painter, root)


def _rest_outside(half: Half) -> None:
    painter, mended = half
    _limits(painter, -1.1, 0.35 if mended else -0.4)


def _closed(half: Half) -> None:
    painter, mended = half
    _limits(painter, *((-0.7, 0.5) if mended else (-0.01, 0.01)))


def _order(half: Half) -> None:
    painter, mended = half
    theme = painter.theme
    body, arm = ([56 + 24j, 56 + 62j], theme.teal, 30.0), ([60 + 20j, 78 + 40j, 58 + 62j], theme.plum, 12.0)
    for points, colour, wide in (arm, body) if mended else (body, arm):
        _piece(painter, points, colour, wide=wide)


def _gap(half: Half) -> None:
    painter, mended = half
    theme, elbow = painter.theme, 54 + 30j
    painter.setPen(marks.pen(theme.ink, 1.2))
    painter.setBrush(theme.teal)
    painter.drawRect(QRectF(16, 20, 38, 20))
    painter.save()
    painter.translate(_at(elbow))
    painter.rotate(58)
    painter.drawRect(QRectF(0, -10, 40, 20))
    painter.restore()
    if mended:
        painter.drawEllipse(_at(elbow), 10, 10)
        painter.setPen(Qt.PenStyle.NoPen)
        painter.drawRect(QRectF(40, 21, 14, 18))
    if not mended:
        painter.setPen(marks.pen(theme.brick, 2))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.drawEllipse(_at(elbow + 5 - 9j), 12, 10)


def _unequal(half: Half) -> None:
    painter, mended = half
    for x, long, colour in ((42, 48 if mended else 36, painter.theme.plum), (72, 48, painter.theme.ochre)):
        ends = [complex(x, 18), complex(x, 18 + long)]
        _piece(painter, ends, colour, wide=12)
        _rivets(painter, *ends)


def _curve(painter: Inked, values: Callable[[float], float], *, turns: int = 1) -> None:
    """A value over the frames, from edge to edge, as often as the take goes round."""
    theme = painter.theme
    painter.setPen(marks.pen(theme.line, 1))
    for i in range(turns + 1):
        painter.drawLine(QPointF(14 + 92 / turns * i, 14), QPointF(14 + 92 / turns * i, 70))
    painter.setPen(marks.pen(theme.teal, 2.4))
    painter.setBrush(Qt.BrushStyle.NoBrush)
    for turn in range(turns):
        way = QPainterPath()
        for i in range(31):
            at = QPointF(14 + 92 / turns * (turn + i / 30), 42 - 22 * values(i / 30))
            way.lineTo(at) if i else way.moveTo(at)
        painter.drawPath(way)


def _open_loop(half: Half) -> None:
    painter, mended = half
    _curve(painter, lambda t: math.sin(2 * math.pi * t) if mended else math.sin(4.2 * t) - 0.1, turns=2)
    if not mended:
        painter.setPen(marks.pen(painter.theme.brick, 2))
        painter.drawEllipse(QPointF(60, 52), 8, 18)


def _jump(half: Half) -> None:
    painter, mended = half
    steep = 5 if mended else 60
    _curve(painter, lambda t: math.tanh(steep * (t - 0.5)))


def _slide(half: Half) -> None:
    painter, mended = half
    theme = painter.theme
    painter.setPen(marks.pen(theme.ink, 1.4))
    painter.drawLine(QPointF(8, 70), QPointF(WIDE - 8, 70))
    foot = 58 + 62j
    for body, ghost in ((40, True), (66, False)):
        at = foot if mended or ghost else foot + 16
        hip = complex(body, 14)
        _piece(painter, [hip, (hip + at) / 2 + 7 - 2j, at, at + 12], theme.ochre, ghost=ghost, wide=10)
    marks.nail(painter, _at(foot + 0j))


def _outside(half: Half) -> None:
    painter, mended = half
    theme, last = painter.theme, 84
    painter.setPen(Qt.PenStyle.NoPen)
    painter.setBrush(theme.paper)
    painter.drawRect(QRectF(10, 30, last - 10, 24))
    painter.setPen(marks.pen(theme.ink, 1.6))
    painter.drawLine(QPointF(10, 42), QPointF(last, 42))
    painter.drawLine(QPointF(last, 22), QPointF(last, 62))
    for x in (22, 52, 76 if mended else 104):
        marks.key_mark(painter, QPointF(x, 42), 6, lit=x > last)


SKETCHES: dict[str, Callable[[Half], None]] = {
    "target-away": _target_away,
    "bend-against": _bend_side,
    "limb-straight": _straight,
    "bend-flips": _flips,
    "part-loose": _stays,
    "part-stays": _stays,
    "pivot-outside": _pivot_outside,
    "pivot-unset": _pivot_unset,
    "limit-without-rest": _rest_outside,
    "limit-closed": _closed,
    "order-wrong": _order,
    "gap": _gap,
    "limb-unequal": _unequal,
    "take-open": _open_loop,
    "take-jumps": _jump,
    "feet-slide": _slide,
    "key-outside": _outside,
}

"""Rulers along the left and lower edges of the board, and the guides."""

from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QColor

from umbrite.desk.board.camera import Camera
from umbrite.desk.session.session import Session
from umbrite.desk.theme import look, marks
from umbrite.desk.theme.inked import Inked
from umbrite.desk.theme.language import tr

WIDE = 18.0  # of a ruler, widget pixels


def steps(zoom: float) -> float:
    """Board pixels between two numbers of a ruler: 1, 2 or 5 times a power of ten, some 60 widget pixels apart."""
    step = 1.0
    factors = (2.0, 2.5, 2.0)
    i = 0
    while step * zoom < 60:
        step *= factors[i % 3]
        i += 1
    return step


def paint_guides(painter: Inked, session: Session, camera: Camera, size: QRectF) -> None:
    for guide in session.puppet.guides:
        at = camera.point(complex(guide.at, guide.at))
        line = (
            (QPointF(at.x(), 0), QPointF(at.x(), size.height()))
            if guide.axis == "x"
            else (QPointF(0, at.y()), QPointF(size.width(), at.y()))
        )
        _paint_line(painter, *line, painter.theme.teal)


def paint_mirror_line(painter: Inked, session: Session, camera: Camera, size: QRectF) -> None:
    """The line in which the other side was mirrored, with its place at its foot."""
    if (line := session.drafts.now.mirror) is None:
        return
    x = camera.point(complex(line.x, 0)).x()
    _paint_line(painter, QPointF(x, 0), QPointF(x, size.height()), painter.theme.selected)
    painter.setFont(look.font(8))
    painter.drawText(QPointF(x + 6, size.height() - WIDE - 8), tr("mirrored at x {x}", x=f"{line.x:.0f}"))


def _paint_line(painter: Inked, start: QPointF, end: QPointF, colour: QColor) -> None:
    painter.setPen(marks.pen(look.with_alpha(painter.theme.paper, 200), 2.6))
    painter.drawLine(start, end)
    painter.setPen(marks.pen(colour, 1.1, Qt.PenStyle.DashDotLine))
    painter.drawLine(start, end)


def paint_rulers(painter: Inked, camera: Camera, size: QRectF) -> None:
    left = QRectF(0, 0, WIDE, size.height())
    low = QRectF(0, size.height() - WIDE, size.width(), WIDE)
    painter.setPen(marks.pen(painter.theme.line, 1.0))
    painter.setBrush(painter.theme.paper)
    painter.drawRect(left)
    painter.drawRect(low)
    painter.setFont(look.font(7.5))
    step = steps(camera.zoom)
    first, last = camera.board(0j), camera.board(complex(size.width(), size.height()))
    painter.setPen(marks.pen(painter.theme.quiet, 1.0))
    for i in range(int(first.real // step), int(last.real // step) + 1):
        x = camera.point(complex(i * step, 0)).x()
        if x > WIDE:
            painter.drawLine(QPointF(x, low.top() + 1), QPointF(x, low.top() + 6))
            painter.drawText(QRectF(x + 2, low.top() + 3, 50, 14), Qt.AlignmentFlag.AlignLeft, f"{i * step:.0f}")
    for i in range(int(first.imag // step), int(last.imag // step) + 1):
        y = camera.point(complex(0, i * step)).y()
        if y < low.top():
            painter.drawLine(QPointF(WIDE - 6, y), QPointF(WIDE - 1, y))
            painter.save()
            painter.translate(2, y - 2)
            painter.rotate(-90)
            painter.drawText(QRectF(0, 0, 50, 12), Qt.AlignmentFlag.AlignLeft, f"{i * step:.0f}")
            painter.restore()

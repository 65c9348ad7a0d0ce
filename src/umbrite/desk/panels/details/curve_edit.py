"""The curve of a link, drawn and dragged."""

import math
from collections.abc import Callable

import numpy as np
from msgspec.structs import replace
from PySide6.QtCore import QEvent, QPointF, QRectF, QSize, Qt
from PySide6.QtGui import QKeyEvent, QMouseEvent, QPainter, QPaintEvent
from PySide6.QtWidgets import QSizePolicy, QWidget

from umbrite.desk.session.session import Session
from umbrite.desk.theme import look
from umbrite.desk.theme.inked import Inked
from umbrite.desk.theme.language import tr
from umbrite.desk.theme.marks import pen
from umbrite.motion.driving.curves import curve_at, curve_of
from umbrite.rig.channels import shown_unit
from umbrite.rig.model import Link, Point

GRASP = 10.0


Curve = tuple[Point, ...]


class CurveEdit(QWidget):
    """The curve of a link: points are dragged, a double click puts one in, Delete takes the chosen one out."""

    def __init__(self, session: Session, changed: Callable[[Curve, bool], None], chose: Callable[[], None]) -> None:
        super().__init__()
        self.session, self._changed, self._chose = session, changed, chose
        self.link: Link | None = None
        self.chosen = -1
        self._frame = QRectF()
        self.setMinimumHeight(150)
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setAccessibleName(tr("Curve of the link"))
        self.setToolTip(tr("Drag points; double click puts one in, Delete takes the chosen one out; arrows nudge it"))

    def sizeHint(self) -> QSize:
        return QSize(220, 150)

    def show_link(self, link: Link) -> None:
        if self.link is None or self.link.name != link.name:
            self.chosen = -1
        self.link = link
        xs, ys = [p.x for p in link.points], [p.y for p in link.points]
        wide, tall = max(xs) - min(xs), max(max(ys) - min(ys), 1e-3)
        if not self._dragging:
            self._frame = QRectF(min(xs) - 0.12 * wide, min(ys) - 0.2 * tall, 1.24 * wide, 1.4 * tall)
        self.update()

    _dragging = False

    def at(self, point: Point) -> QPointF:
        """The widget point of a curve's point."""
        f = self._frame
        return QPointF(
            (point.x - f.x()) / f.width() * self.width(), self.height() - (point.y - f.y()) / f.height() * self.height()
        )

    def point(self, at: QPointF) -> Point:
        f = self._frame
        return Point(
            f.x() + at.x() / self.width() * f.width(), f.y() + (self.height() - at.y()) / self.height() * f.height()
        )

    def paintEvent(self, _event: QPaintEvent) -> None:
        painter = Inked(self, self.session.workspace.theme)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.setPen(pen(painter.theme.selected if self.hasFocus() else painter.theme.line, 1.4))
        painter.setBrush(painter.theme.paper)
        painter.drawRoundedRect(QRectF(self.rect()).adjusted(1, 1, -1, -1), 5, 5)
        if self.link is None:
            return
        zero = self.at(Point(0.0, 0.0))
        painter.setPen(pen(painter.theme.line, 1.0, Qt.PenStyle.DashLine))
        painter.drawLine(QPointF(zero.x(), 2), QPointF(zero.x(), self.height() - 2))
        painter.drawLine(QPointF(2, zero.y()), QPointF(self.width() - 2, zero.y()))
        xs = np.linspace(self._frame.left(), self._frame.right(), 120)
        ys = curve_at(curve_of(self.link), xs)
        line = [self.at(Point(float(x), float(y))) for x, y in zip(xs, ys, strict=True)]
        painter.setPen(pen(painter.theme.vermilion, 2.0))
        painter.drawPolyline(line)
        for i, point in enumerate(self.link.points):
            painter.setPen(pen(painter.theme.ink, 1.6))
            painter.setBrush(painter.theme.selected if i == self.chosen else painter.theme.brass_pale)
            painter.drawEllipse(self.at(point), 6 if i == self.chosen else 5, 6 if i == self.chosen else 5)
        if 0 <= self.chosen < len(self.link.points):
            painter.setPen(painter.theme.ink)
            painter.setFont(look.font(9.5))
            painter.drawText(QRectF(self.rect()).adjusted(6, 3, -6, -3), Qt.AlignmentFlag.AlignTop, self._words())
        painter.end()

    def _words(self) -> str:
        link = self.link
        if link is None:
            return ""
        point = link.points[self.chosen]
        x = point.x * (1.0 if link.travel else shown_unit(link.source))
        return f"{x:.2f} gives {point.y * shown_unit(link.drives):.2f}".replace("-", "\N{MINUS SIGN}")

    def mousePressEvent(self, event: QMouseEvent) -> None:
        if self.link is None or event.button() != Qt.MouseButton.LeftButton:
            return
        away = [(self.at(p) - event.position()).manhattanLength() for p in self.link.points]
        nearest = min(range(len(away)), key=away.__getitem__)
        self.chosen = nearest if away[nearest] <= GRASP else -1
        self._dragging = self.chosen >= 0
        self._chose()
        self.update()

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        if self._dragging and self.link is not None:
            self._move_to(self.point(event.position()), settle=False)

    def mouseReleaseEvent(self, _event: QMouseEvent) -> None:
        if self._dragging and self.link is not None:
            self._dragging = False
            self._changed(self.link.points, True)

    def mouseDoubleClickEvent(self, event: QMouseEvent) -> None:
        if self.link is None:
            return
        at = self.point(event.position())
        points = tuple(sorted((*self.link.points, at), key=lambda p: p.x))
        self.chosen = points.index(at)
        self._changed(points, True)

    def event(self, event: QEvent) -> bool:
        """Delete means the chosen point here, not the link."""
        if (
            event.type() == QEvent.Type.ShortcutOverride
            and isinstance(event, QKeyEvent)
            and event.key() in {Qt.Key.Key_Delete, Qt.Key.Key_Backspace}
        ):
            event.accept()
            return True
        return super().event(event)

    def keyPressEvent(self, event: QKeyEvent) -> None:
        steps = {Qt.Key.Key_Left: (-1, 0), Qt.Key.Key_Right: (1, 0), Qt.Key.Key_Up: (0, 1), Qt.Key.Key_Down: (0, -1)}
        step = steps.get(Qt.Key(event.key()))
        if self.link is None or self.chosen < 0:
            super().keyPressEvent(event)
        elif event.key() in {Qt.Key.Key_Delete, Qt.Key.Key_Backspace}:
            points = tuple(p for i, p in enumerate(self.link.points) if i != self.chosen)
            if len(points) >= 2:
                self.chosen = -1
                self._changed(points, True)
        elif step is not None:
            point = self.link.points[self.chosen]
            by = self._frame.width() / 100, self._frame.height() / 100
            self._move_to(Point(point.x + step[0] * by[0], point.y + step[1] * by[1]), settle=True)
        else:
            super().keyPressEvent(event)

    def _move_to(self, to: Point, *, settle: bool) -> None:
        """Put the chosen point elsewhere; it never passes its neighbours."""
        if self.link is None:
            return
        points = list(self.link.points)
        gap = self._frame.width() / 200
        low = points[self.chosen - 1].x + gap if self.chosen > 0 else -math.inf
        high = points[self.chosen + 1].x - gap if self.chosen + 1 < len(points) else math.inf
        points[self.chosen] = Point(min(max(to.x, low), high), to.y)
        self.link = replace(self.link, points=tuple(points))
        self._changed(tuple(points), settle)
        self.update()

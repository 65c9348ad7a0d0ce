"""The family as a diagram with thumbnails; drag a card onto another to hang it there. Asks the session, edits nothing.

It is laid out from top to bottom or from left to right, as shows the cards larger, and fits itself until one zooms or moves it.
"""

import itertools

from PySide6.QtCore import QEvent, QPoint, QPointF, QRectF, QSize, Qt
from PySide6.QtGui import (
    QFontMetricsF,
    QKeyEvent,
    QMouseEvent,
    QPainter,
    QPainterPath,
    QPaintEvent,
    QPixmap,
    QResizeEvent,
    QShowEvent,
    QWheelEvent,
)
from PySide6.QtWidgets import QVBoxLayout, QWidget

from umbrite.desk.board.camera import Camera, fitting
from umbrite.desk.board.seen import joints_seen
from umbrite.desk.commands.stillness import rewire
from umbrite.desk.panels.diagram_layout import Box, Size, layout, shown_family
from umbrite.desk.panels.following import Following
from umbrite.desk.session.session import Session, attempt
from umbrite.desk.theme import look, marks
from umbrite.desk.theme.inked import Inked
from umbrite.desk.theme.language import tr
from umbrite.desk.theme.themes import SIDE_STROKE
from umbrite.desk.theme.thumbnails import thumbnail
from umbrite.rig.edits.parenting import set_parent
from umbrite.rig.edits.variants.sets import set_of
from umbrite.rig.family import is_carrier, parts_on

THUMB, NAME, EDGE = 30.0, 9.0, 5.0  # a thumbnail's height, a name's size in points, a card's inner margin
NARROWEST = 44.0
DRAG_FROM = 4.0
LEAST, MOST = 0.3, 1.8
LEGIBLE = 0.8  # below this zoom what is picked or pointed at is shown larger, with its name
SILENT = 0.6  # below this one the other names would be specks


def in_few_lines(name: str, metrics: QFontMetricsF) -> tuple[list[str], float]:
    """A name in one to three lines, so that it is as narrow as a card with as few lines as that takes; and the width."""
    words = name.split()
    cuts = [[0], *([0, i] for i in range(1, len(words)))]
    cuts += [[0, i, k] for i in range(1, len(words)) for k in range(i + 1, len(words))]
    ways = [[" ".join(words[a:b]) for a, b in itertools.pairwise([*cut, len(words)])] for cut in cuts]
    widths = [max(metrics.horizontalAdvance(line) for line in way) for way in ways]
    best = min(range(len(ways)), key=lambda i: (max(widths[i], NARROWEST), len(ways[i])))
    return ways[best], widths[best]


class Sheet(QWidget):
    """The drawing itself."""

    def __init__(self, session: Session) -> None:
        super().__init__()
        self.session = session
        self.camera = Camera()
        self.upright = True
        self._fitted = True
        self._boxes: dict[str, Box] = {}
        self._there: frozenset[str] = frozenset()
        self._stale = False
        self._lines: dict[str, list[str]] = {}
        self._pressed: str | None = None
        self._hot: str | None = None
        self._start = QPointF()
        self._pointer: QPointF | None = None  # while a card is dragged
        self._panning: QPointF | None = None
        self._space = False
        self.setMouseTracking(True)
        self.setMinimumSize(180, 160)
        self.setToolTipDuration(4000)
        self.setAccessibleName(tr("Family as a diagram"))
        self.setAccessibleDescription(tr("Wheel zooms, middle button moves, F fits; drag a card onto its new parent"))
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self._following = Following(session, self.rebuild, ("joints", "parts", "order", "limbs", "sets"), self)
        session.workspace.view_changed.connect(self._follow_variants)
        session.settled.connect(self._follow_variants)
        session.selection.changed.connect(self.update)
        session.opened.connect(self.fit)
        self.rebuild()

    def sizeHint(self) -> QSize:
        return QSize(256, 400)

    # Layout and view

    def rebuild(self) -> None:
        """Lay out anew, if anybody sees it; the view stays where one has zoomed or moved it."""
        self._stale = self.visibleRegion().isEmpty()  # a tab behind another one counts as visible
        if self._stale:
            return
        self._arrange()
        if self._fitted:
            self.fit()
        self.update()

    def _follow_variants(self) -> None:
        """Lay out anew where other branches show than before."""
        if self.isVisible() and self._there != frozenset(joints_seen(self.session)):
            self.rebuild()

    def _arrange(self) -> None:
        there = joints_seen(self.session)  # of branches that take turns only the one that shows
        self._there = frozenset(there)
        below = {
            parent: [key for key in keys if key in there]
            for parent, keys in shown_family(self.session.puppet).items()
            if parent is None or parent in there
        }
        metrics = QFontMetricsF(look.font(NAME))
        sizes = {}
        for key in (key for keys in below.values() for key in keys):
            self._lines[key], wide = in_few_lines(self.session.puppet.joints[key].name, metrics)
            tall = THUMB + len(self._lines[key]) * metrics.lineSpacing() + 12
            sizes[key] = Size(max(wide, NARROWEST) + 2 * EDGE, tall)
        found = {upright: layout(below, sizes, upright=upright) for upright in (True, False)}
        zooms = {upright: self._fit_of(boxes).zoom for upright, boxes in found.items()}
        self.upright = zooms[True] >= zooms[False]
        self._boxes = found[self.upright]

    def _fit_of(self, boxes: dict[str, Box]) -> Camera:
        right = max((box.x + box.wide for box in boxes.values()), default=1.0)
        low = max((box.y + box.tall for box in boxes.values()), default=1.0)
        room = QRectF(self.rect()).adjusted(10, 10, -10, -10)
        fitted = fitting(QRectF(0, 0, right, low), room)
        if fitted.zoom <= MOST:
            return fitted
        return fitted.zoomed(MOST / fitted.zoom, complex(room.center().x(), room.center().y()))

    def fit(self) -> None:
        """Show the whole family as large as it fits."""
        self._fitted = True
        self.camera = self._fit_of(self._boxes)
        self.update()

    def zoom_by(self, factor: float, about: QPointF) -> None:
        """Closer or farther, with the place under the pointer staying there."""
        zoom = min(MOST, max(min(LEAST, self._fit_of(self._boxes).zoom), self.camera.zoom * factor))
        self.camera = self.camera.zoomed(zoom / self.camera.zoom, complex(about.x(), about.y()))
        self._fitted = False
        self.update()

    def showEvent(self, event: QShowEvent) -> None:
        super().showEvent(event)
        self._stale = True

    def resizeEvent(self, event: QResizeEvent) -> None:
        super().resizeEvent(event)
        self.rebuild()

    def card(self, key: str) -> QRectF:
        """A joint's card in widget pixels."""
        box = self._boxes[key]
        at = self.camera.point(complex(box.x, box.y))
        return QRectF(at.x(), at.y(), box.wide * self.camera.zoom, box.tall * self.camera.zoom)

    def joint_at(self, at: QPointF) -> str | None:
        return next((key for key in self._boxes if self.card(key).contains(at)), None)

    def key_at(self, at: QPoint) -> str | None:
        """The joint of the card at a place of the sheet."""
        return self.joint_at(QPointF(at))

    def link(self, key: str) -> QPainterPath | None:
        """The cord from a card to that of its parent, in the gap between the rows; None at a root."""
        parent = self.session.puppet.joints[key].parent
        while parent is not None and parent not in self._boxes:
            parent = self.session.puppet.joints[parent].parent
        if parent is None:
            return None
        upper, lower = self.card(parent), self.card(key)
        if self.upright:
            start, end = QPointF(upper.center().x(), upper.bottom()), QPointF(lower.center().x(), lower.top())
            bend = QPointF(0, (end.y() - start.y()) / 2)
        else:
            start, end = QPointF(upper.right(), upper.center().y()), QPointF(lower.left(), lower.center().y())
            bend = QPointF((end.x() - start.x()) / 2, 0)
        path = QPainterPath(start)
        path.cubicTo(start + bend, end - bend, end)
        return path

    # Painting

    def paintEvent(self, _event: QPaintEvent) -> None:
        if self._stale:  # it has just come to the front
            self.rebuild()
        painter = Inked(self, self.session.workspace.theme)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
        painter.fillRect(self.rect(), painter.theme.paper)
        chosen = set(self.session.selection.of("joint"))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        for lit in (False, True):
            painter.setPen(marks.pen(painter.theme.selected if lit else painter.theme.quiet, 3.0 if lit else 1.5))
            for key in self._boxes:
                if (key in chosen) is lit and (path := self.link(key)) is not None:
                    painter.drawPath(path)
        over = self.joint_at(self._pointer) if self._pointer is not None else None
        large = {*chosen, self._hot} if self.camera.zoom < LEGIBLE else set()
        for key in sorted(self._boxes, key=lambda key: (key in large, key == self._hot)):
            grown = max(1.0, 1.0 / self.camera.zoom) if key in large else 1.0
            self._paint_card(painter, key, grown, lit=key in chosen or key == over)
        if self._pointer is not None and self._pressed is not None:
            marks.cord(painter, self.card(self._pressed).center(), self._pointer, lit=True)
        painter.end()

    def _paint_card(self, painter: Inked, key: str, grown: float, *, lit: bool) -> None:
        box, zoom = self.card(key), self.camera.zoom * grown
        if grown > 1.0:
            box = self._grown(box, grown)
        if not box.intersects(QRectF(self.rect())):
            return
        joint = self.session.puppet.joints[key]
        painter.setPen(marks.pen(painter.theme.ink if lit else painter.theme.line, 1.8 if lit else 1.0))
        painter.setBrush(painter.theme.selected_pale if lit else painter.theme.linen)
        painter.drawRoundedRect(box, 5, 5)
        picture = self._picture(key)
        inner = QRectF(box.center().x() - 20.3 * zoom, box.y() + 4 * zoom, 40.6 * zoom, THUMB * zoom)
        if picture is not None:
            painter.drawPixmap(inner, picture, QRectF(picture.rect()))
        else:
            marks.washer(painter, inner.center(), 12 * zoom)
        painter.setPen(marks.pen(painter.theme.side(joint.side), 3.0, SIDE_STROKE[joint.side]))
        painter.drawLine(box.bottomLeft() + QPointF(5, -3), box.bottomRight() + QPointF(-5, -3))
        if zoom < SILENT:
            return
        painter.setPen(painter.theme.ink)
        painter.setFont(look.font(NAME * zoom))
        line = painter.fontMetrics().lineSpacing()
        for i, words in enumerate(self._lines[key]):
            row = QRectF(box.x() - 4, box.y() + (THUMB + 5) * zoom + i * line, box.width() + 8, line)
            painter.drawText(row, Qt.AlignmentFlag.AlignCenter, words)

    def _grown(self, box: QRectF, by: float) -> QRectF:
        """A card enlarged about its middle, kept within the sheet."""
        large = QRectF(0, 0, box.width() * by, box.height() * by)
        large.moveCenter(box.center())
        large.moveLeft(min(max(large.left(), 3), self.width() - large.width() - 3))
        large.moveTop(min(max(large.top(), 3), self.height() - large.height() - 3))
        return large

    def _picture(self, key: str) -> QPixmap | None:
        puppet = self.session.puppet
        parts = parts_on(puppet, key)
        if not parts or is_carrier(puppet, key):
            return None
        choice = {part: own for part in parts if (own := set_of(puppet, part)) is not None}
        there = [p for p in parts if p not in choice or choice[p][1] == self.session.placed.chosen(choice[p][0])]
        parts = there or parts
        return thumbnail(
            self.session.workspace.theme, self.session.file.pictures, puppet.parts[parts[-1]].drawing, 34, 46
        )

    # Pointer

    def wheelEvent(self, event: QWheelEvent) -> None:
        self.zoom_by(1.18 ** (event.angleDelta().y() / 120), event.position())
        event.accept()

    def mousePressEvent(self, event: QMouseEvent) -> None:
        left = event.button() == Qt.MouseButton.LeftButton
        if event.button() == Qt.MouseButton.MiddleButton or (left and self._space):
            self._panning = event.position()
            self.setCursor(Qt.CursorShape.ClosedHandCursor)
            return
        self._pressed, self._start = self.joint_at(event.position()), event.position()
        if self._pressed is None:
            self.session.selection.select([])
        elif event.modifiers() & Qt.KeyboardModifier.ShiftModifier:
            self.session.selection.toggle([self._pressed])
        elif self._pressed not in self.session.selection.keys:
            self.session.selection.select([self._pressed])

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        at = event.position()
        if self._panning is not None:
            by, self._panning = at - self._panning, at
            self.camera, self._fitted = self.camera.panned(complex(by.x(), by.y())), False
        elif self._pressed is not None and (at - self._start).manhattanLength() > DRAG_FROM:
            self._pointer = at
        elif self._pointer is None:
            self._hot = self.joint_at(at)
            self.setToolTip(self.session.puppet.joints[self._hot].name if self._hot else "")
        self.update()

    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        if self._panning is not None:
            self._panning = None
            self.unsetCursor()
            return
        pressed, dragged = self._pressed, self._pointer is not None
        self._pressed = self._pointer = None
        over = self.joint_at(event.position())
        self.update()
        if pressed is not None and dragged and over != pressed:
            self.hang(pressed, over)

    def event(self, event: QEvent) -> bool:
        """F fits the diagram while the keys are here, and the board elsewhere."""
        fits = isinstance(event, QKeyEvent) and event.key() == Qt.Key.Key_F and not event.modifiers()
        if fits and event.type() == QEvent.Type.ShortcutOverride:
            event.accept()
        return super().event(event)

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if event.key() == Qt.Key.Key_Space and not event.isAutoRepeat():
            self._space = True
        elif event.key() == Qt.Key.Key_F and not event.modifiers():
            self.fit()
        else:
            super().keyPressEvent(event)

    def leaveEvent(self, _event: QEvent) -> None:
        self._hot = None
        self.update()

    def keyReleaseEvent(self, event: QKeyEvent) -> None:
        if event.key() == Qt.Key.Key_Space and not event.isAutoRepeat():
            self._space = False
        else:
            super().keyReleaseEvent(event)

    def hang(self, key: str, over: str | None) -> None:
        """Hang a joint, with all selected where it is among them, from another; on the bare sheet it becomes free."""
        session = self.session
        keys = (
            [k for k in session.selection.of("joint") if k in self._boxes]
            if key in session.selection.of("joint")
            else [key]
        )
        name = session.puppet.joints[key].name if len(keys) == 1 else f"{len(keys)} joints"
        where = tr("to {name}", name=session.puppet.joints[over].name) if over else tr("to nothing")

        def hang() -> None:
            step = tr("Parent {name} {where}", name=name, where=where)
            moved = rewire(session, step, set_parent(session.puppet, keys, over)) or tr("Nothing has moved.")
            session.say(tr("{name} is parented {where} now. {moved}", name=name, where=where, moved=moved))

        attempt(session, hang)


class FamilyDiagram(QWidget):
    """The sheet, as large as the panel."""

    def __init__(self, session: Session, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.sheet = Sheet(session)
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        column.addWidget(self.sheet)

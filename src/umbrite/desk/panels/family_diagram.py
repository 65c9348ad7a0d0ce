"""The family as a diagram with thumbnails; drag a card onto another to hang it there. Asks the session, edits nothing."""

from PySide6.QtCore import QPoint, QPointF, QRectF, Qt
from PySide6.QtGui import QMouseEvent, QPainter, QPaintEvent, QPixmap, QWheelEvent
from PySide6.QtWidgets import QScrollArea, QWidget

from umbrite.desk.panels.diagram_layout import layout
from umbrite.desk.panels.following import Following
from umbrite.desk.session.session import Session, attempt
from umbrite.desk.theme import look, marks
from umbrite.desk.theme.inked import Inked
from umbrite.desk.theme.themes import SIDE_STROKE
from umbrite.desk.theme.thumbnails import thumbnail
from umbrite.rig.edits.parenting import set_parent
from umbrite.rig.family import is_carrier, parts_on

CARD_WIDE, CARD_TALL, COLUMN, ROW, EDGE = 62.0, 58.0, 72.0, 86.0, 14.0


DRAG_FROM = 4.0


LEAST, MOST = 0.35, 1.6


class Sheet(QWidget):
    """The drawing itself, as large as the tree is."""

    def __init__(self, session: Session) -> None:
        super().__init__()
        self.session = session
        self.zoom = 0.8
        self._places: dict[str, tuple[float, int]] = {}
        self._pressed: str | None = None
        self._start = QPointF()
        self._pointer: QPointF | None = None  # while a card is dragged
        self.setMouseTracking(True)
        self.setAccessibleName("Family as a diagram")
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self._following = Following(session, self.rebuild, ("joints", "parts", "order", "limbs"), self)
        session.selection.changed.connect(self.update)
        self.rebuild()

    def rebuild(self) -> None:
        self._places = layout(self.session.puppet)
        columns = max((column for column, _ in self._places.values()), default=0.0) + 1
        rows = max((row for _, row in self._places.values()), default=0) + 1
        self.setFixedSize(
            round((columns * COLUMN + 2 * EDGE) * self.zoom), round((rows * ROW + 2 * EDGE) * self.zoom)
        )
        self.update()

    def set_zoom(self, zoom: float) -> None:
        self.zoom = min(MOST, max(LEAST, zoom))
        self.rebuild()

    def card(self, key: str) -> QRectF:
        """A joint's card in widget pixels."""
        column, row = self._places[key]
        z = self.zoom
        return QRectF((EDGE + column * COLUMN) * z, (EDGE + row * ROW) * z, CARD_WIDE * z, CARD_TALL * z)

    def joint_at(self, at: QPointF) -> str | None:
        return next((key for key in self._places if self.card(key).contains(at)), None)

    def key_at(self, at: QPoint) -> str | None:
        """The joint of the card at a place of the sheet."""
        return self.joint_at(QPointF(at))

    # Painting

    def paintEvent(self, _event: QPaintEvent) -> None:
        painter = Inked(self, self.session.stage.theme)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.fillRect(self.rect(), painter.theme.paper)
        puppet = self.session.puppet
        chosen = set(self.session.selection.of("joint"))
        for key in self._places:
            parent = puppet.joints[key].parent
            if parent in self._places:
                top, end = self.card(str(parent)), self.card(key)
                marks.cord(
                    painter,
                    QPointF(end.center().x(), end.top()),
                    QPointF(top.center().x(), top.bottom()),
                    lit=key in chosen,
                )
        over = self.joint_at(self._pointer) if self._pointer is not None else None
        for key in self._places:
            self._paint_card(painter, key, lit=key in chosen or key == over)
        if self._pointer is not None and self._pressed is not None:
            marks.cord(painter, self.card(self._pressed).center(), self._pointer, lit=True)
        painter.end()

    def _paint_card(self, painter: Inked, key: str, *, lit: bool) -> None:
        puppet, box = self.session.puppet, self.card(key)
        joint = puppet.joints[key]
        painter.setPen(marks.pen(painter.theme.ink if lit else painter.theme.line, 1.8 if lit else 1.0))
        painter.setBrush(painter.theme.lamp.lighter(165) if lit else painter.theme.linen)
        painter.drawRoundedRect(box, 5, 5)
        picture = self._picture(key)
        inner = QRectF(
            box.x() + 8 * self.zoom, box.y() + 4 * self.zoom, box.width() - 16 * self.zoom, 34 * self.zoom
        )
        if picture is not None:
            painter.drawPixmap(inner, picture, QRectF(picture.rect()))
        else:
            marks.washer(painter, inner.center(), 12 * self.zoom)
        colour = painter.theme.side(joint.side)
        stroke = marks.pen(colour, 3.0, SIDE_STROKE[joint.side])
        painter.setPen(stroke)
        painter.drawLine(box.bottomLeft() + QPointF(5, -3), box.bottomRight() + QPointF(-5, -3))
        painter.setPen(painter.theme.ink)
        painter.setFont(look.font(max(6.0, 8.5 * self.zoom)))
        text = painter.fontMetrics().elidedText(
            joint.name, Qt.TextElideMode.ElideMiddle, int(box.width() - 4)
        )
        line = QRectF(box.x() + 2, box.y() + 38 * self.zoom, box.width() - 4, 15 * self.zoom)
        painter.drawText(line, Qt.AlignmentFlag.AlignCenter, text)

    def _picture(self, key: str) -> QPixmap | None:
        puppet = self.session.puppet
        parts = parts_on(puppet, key)
        if not parts or is_carrier(puppet, key):
            return None
        return thumbnail(
            self.session.stage.theme, self.session.file.pictures, puppet.parts[parts[-1]].drawing, 34, 46
        )

    # Pointer

    def mousePressEvent(self, event: QMouseEvent) -> None:
        self._pressed, self._start = self.joint_at(event.position()), event.position()
        if self._pressed is None:
            self.session.selection.pick([])
        elif event.modifiers() & Qt.KeyboardModifier.ShiftModifier:
            self.session.selection.toggle([self._pressed])
        elif self._pressed not in self.session.selection.keys:
            self.session.selection.pick([self._pressed])

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        at = event.position()
        if self._pressed is not None and (at - self._start).manhattanLength() > DRAG_FROM:
            self._pointer = at
        if self._pointer is None:
            found = self.joint_at(at)
            self.setToolTip(self.session.puppet.joints[found].name if found else "")
        self.update()

    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        pressed, dragged = self._pressed, self._pointer is not None
        self._pressed = self._pointer = None
        over = self.joint_at(event.position())
        self.update()
        if pressed is not None and dragged and over != pressed:
            self.hang(pressed, over)

    def hang(self, key: str, over: str | None) -> None:
        """Hang a joint, with all selected where it is among them, from another; on the bare sheet it becomes free."""
        session = self.session
        keys = (
            [k for k in session.selection.of("joint") if k in self._places]
            if key in session.selection.of("joint")
            else [key]
        )
        name = session.puppet.joints[key].name if len(keys) == 1 else f"{len(keys)} joints"
        where = f"from {session.puppet.joints[over].name}" if over else "from nothing"

        def hang() -> None:
            session.edit(f"Hang {name} {where}", puppet=set_parent(session.puppet, keys, over))
            session.say(f"{name} hangs {where} now. Nothing has moved.")

        attempt(session, hang)


class FamilyDiagram(QScrollArea):
    """The sheet with scroll bars; the wheel with Ctrl makes it larger and smaller."""

    def __init__(self, session: Session, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.sheet = Sheet(session)
        self.setWidget(self.sheet)
        self.setFrameShape(QScrollArea.Shape.NoFrame)
        self.setObjectName("diagram")

    def wheelEvent(self, event: QWheelEvent) -> None:
        if event.modifiers() & Qt.KeyboardModifier.ControlModifier:
            self.sheet.set_zoom(self.sheet.zoom * 1.15 ** (event.angleDelta().y() / 120))
        else:
            super().wheelEvent(event)

"""One pose on the shelf: its thumbnail, its name, and the groove under the picture that blends towards it."""

from typing import Protocol

from PySide6.QtCore import QMimeData, QPointF, QRectF, QSize, Qt
from PySide6.QtGui import QContextMenuEvent, QDrag, QKeyEvent, QMouseEvent, QPainter, QPaintEvent, QPixmap
from PySide6.QtWidgets import QMenu, QWidget

from umbrite.desk.board.camera import fitting
from umbrite.desk.session.session import Session
from umbrite.desk.theme import look, marks
from umbrite.desk.theme.card import Card
from umbrite.desk.theme.inked import Inked
from umbrite.desk.theme.language import tr
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.motion.scene import around, scene_of
from umbrite.paint.painter import rect_of
from umbrite.rig.change import exists, thing
from umbrite.rig.channels import known_only
from umbrite.rig.model import Pose, SavedPose

WIDE, TALL = 76, 104
NAME, GROOVE = 20, 12  # the heights of the name, and of the groove over it
TAKE_OFF = 14.0  # pixels up or down from which on the card is carried away
POSE_CARRIED = "application/x-umbrite-pose"
ACROSS = 90.0  # pixels dragged for the whole way to a pose


def picture_of(session: Session, pose: Pose, width: int, height: int) -> QPixmap:
    """The puppet in a pose, small, on paper."""
    puppet = session.history.now.puppet
    plan = session.placed.plan if session.placed.plan.puppet is puppet else compile_plan(puppet)
    plan = plan._replace(swing={})
    items = scene_of(evaluate(plan, known_only(pose, puppet)))
    card = Card(session.workspace.theme, width, height, session.workspace.theme.linen)
    camera = fitting(rect_of(around(items)), QRectF(4, 4, width - 8, height - 8))
    return card.with_shapes(items, session.file.pictures, camera.transform()).finished()


class Shelf(Protocol):
    """What a card asks of the shelf that it stands on."""

    session: Session

    def apply(self, name: str) -> None: ...
    def blend(self, saved: SavedPose, share: float, *, settle: bool) -> None: ...
    def edit_name(self, card: "PoseCard") -> None: ...
    def menu_for(self, card: "PoseCard") -> QMenu: ...


class PoseCard(QWidget):
    """One pose: a click applies it, its groove or a drag across blends towards it, a double click on it names it."""

    def __init__(self, shelf: Shelf, saved: SavedPose, parent: QWidget) -> None:
        super().__init__(parent)
        self.shelf, self.saved, self.name = shelf, saved, saved.name
        puppet = shelf.session.history.now.puppet
        self.pose: Pose = known_only(saved.channels, puppet)
        self.picture = picture_of(shelf.session, self.pose, WIDE - 8, TALL - NAME - GROOVE - 6)
        self.setFixedSize(WIDE, TALL)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        known = [thing(puppet, key).name for key in saved.about if exists(puppet, key)]
        part = (
            tr(", for {names} only", names=", ".join(known[:3]) + (tr(" and more") if len(known) > 3 else ""))
            if saved.about
            else ""
        )
        self.setAccessibleName(tr("Pose {name}{part}", name=self.name, part=part))
        self.setToolTip(
            tr("{name}{part}: click to apply, drag the groove under it to blend", name=self.name, part=part)
        )
        self._press: QPointF | None = None
        self._share = 0.0
        self._here = False  # whether it is the present pose
        self._slides = self._blends = False  # by the groove; by the middle button

    def tell(self) -> None:
        """Show whether this is the present pose, where that has changed."""
        if (self.shelf.session.pose == self.pose) != self._here:
            self.update()

    def sizeHint(self) -> QSize:
        return QSize(WIDE, TALL)

    def paintEvent(self, _event: QPaintEvent) -> None:
        painter = Inked(self, self.shelf.session.workspace.theme)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        box = QRectF(self.rect()).adjusted(1.5, 1.5, -1.5, -1.5)
        here = self._here = self.shelf.session.pose == self.pose
        painter.setBrush(painter.theme.selected_pale if here else painter.theme.paper)
        painter.setPen(
            marks.pen(
                painter.theme.selected if here or self.hasFocus() else painter.theme.line,
                2.0 if here or self.hasFocus() else 1.2,
            )
        )
        painter.drawRoundedRect(box, 5, 5)
        painter.drawPixmap(4, 4, self.picture)
        if self.saved.about:
            symbol = look.icon(painter.theme, "rig-part")
            painter.drawPixmap(WIDE - 22, 6, symbol.pixmap(16, 16))
        self._paint_groove(painter)
        painter.setPen(painter.theme.ink)
        painter.setFont(look.font(9.5))
        words = f"{self._share:.0%}" if self._share else self.name
        line = QRectF(4, TALL - NAME - 2, WIDE - 8, NAME - 2)
        painter.drawText(
            line,
            Qt.AlignmentFlag.AlignCenter,
            painter.fontMetrics().elidedText(words, Qt.TextElideMode.ElideRight, WIDE - 10),
        )
        painter.end()

    def _groove(self) -> QRectF:
        return QRectF(9, TALL - NAME - GROOVE, WIDE - 18, GROOVE)

    def _paint_groove(self, painter: Inked) -> None:
        """A cord with a bead on it: how far to go to this pose."""
        groove = self._groove()
        left, right = (QPointF(groove.left(), groove.center().y()), QPointF(groove.right(), groove.center().y()))
        bead = left + (right - left) * self._share
        painter.setPen(marks.pen(painter.theme.line, 2.4))
        painter.drawLine(left, right)
        painter.setPen(marks.pen(painter.theme.selected, 2.4))
        painter.drawLine(left, bead)
        painter.setPen(marks.pen(painter.theme.brass_dark, 1.2))
        painter.setBrush(painter.theme.brass)
        painter.drawEllipse(bead, 4.0, 4.0)

    def mousePressEvent(self, event: QMouseEvent) -> None:
        if event.button() in {Qt.MouseButton.LeftButton, Qt.MouseButton.MiddleButton}:
            self._press, self._blends = event.position(), event.button() == Qt.MouseButton.MiddleButton
            self._slides = not self._blends and self._groove().adjusted(-4, -2, 4, 2).contains(event.position())
            if self._slides:
                self._blend_to(self._share_at(event.position()))

    def _share_at(self, at: QPointF) -> float:
        return (at.x() - self._groove().left()) / self._groove().width()

    def _blend_to(self, share: float) -> None:
        self._share = min(max(share, 0.0), 1.0)
        self.shelf.blend(self.saved, self._share, settle=False)
        self.update()

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        if self._press is None:
            return
        across = event.position().x() - self._press.x()
        down = abs(event.position().y() - self._press.y())
        if down > TAKE_OFF and down > abs(across) and not (self._share or self._slides or self._blends):
            self._press = None
            self._carry()
            return
        share = self._share_at(event.position()) if self._slides else across / ACROSS
        if share > 0.03 or self._share or self._slides:
            self._blend_to(share)

    def _carry(self) -> None:
        """The pose is carried away, to be let go on the timeline."""
        drag, mime = QDrag(self), QMimeData()
        mime.setData(POSE_CARRIED, self.name.encode())
        drag.setMimeData(mime)
        drag.setPixmap(self.picture)
        drag.exec(Qt.DropAction.CopyAction)

    def mouseReleaseEvent(self, _event: QMouseEvent) -> None:
        if self._press is None:
            return
        self._press = None
        if self._share:
            share, self._share = self._share, 0.0
            self.shelf.blend(self.saved, share, settle=True)
        elif self._slides:
            self.shelf.session.spring_back()
        elif not self._blends:
            self.shelf.apply(self.name)
        self.update()

    def mouseDoubleClickEvent(self, _event: QMouseEvent) -> None:
        self._press = None
        self.shelf.edit_name(self)

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if event.key() in {Qt.Key.Key_Return, Qt.Key.Key_Enter, Qt.Key.Key_Space}:
            self.shelf.apply(self.name)
        elif event.key() == Qt.Key.Key_Escape and self._share:
            self._press, self._share = None, 0.0
            self.shelf.session.spring_back()
            self.update()
        elif event.key() == Qt.Key.Key_F2:
            self.shelf.edit_name(self)
        else:
            super().keyPressEvent(event)

    def contextMenuEvent(self, event: QContextMenuEvent) -> None:
        menu = self.shelf.menu_for(self)
        menu.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        menu.popup(event.globalPos())

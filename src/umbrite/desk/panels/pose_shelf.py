"""The pose shelf below the board in Rehearse: thumbnails to click, drag across, name, mirror, copy and paste."""

from collections.abc import Callable

from PySide6.QtCore import QPointF, QRectF, QSize, Qt
from PySide6.QtGui import (
    QContextMenuEvent,
    QKeyEvent,
    QMouseEvent,
    QPainter,
    QPaintEvent,
    QPixmap,
    QResizeEvent,
    QShowEvent,
)
from PySide6.QtWidgets import (
    QBoxLayout,
    QCheckBox,
    QHBoxLayout,
    QLineEdit,
    QMenu,
    QScrollArea,
    QToolButton,
    QVBoxLayout,
    QWidget,
)

from umbrite.desk.board.camera import fitting
from umbrite.desk.commands.shelf_commands import apply, chosen_ids, copy, mirror, paste, save
from umbrite.desk.panels.flow import Flow
from umbrite.desk.session.session import Session, attempt
from umbrite.desk.theme import look, marks
from umbrite.desk.theme.card import Card
from umbrite.desk.theme.inked import Inked
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.motion.scene import around, scene_of
from umbrite.paint.painter import rect_of
from umbrite.rig.channels import known_only
from umbrite.rig.edits.shelf import CLEAN, blended, delete_pose, rename_pose
from umbrite.rig.model import Pose

WIDE, TALL = 72, 92
MANY = 12  # with more poses they can be looked for by name


ACROSS = 90.0  # pixels dragged for the whole way to a pose


def picture_of(session: Session, pose: Pose, width: int, height: int) -> QPixmap:
    """The puppet in a pose, small, on paper."""
    puppet = session.history.now.puppet
    plan = session.placed.plan if session.placed.plan.puppet is puppet else compile_plan(puppet)
    items = scene_of(evaluate(plan, known_only(pose, puppet)))
    card = Card(session.stage.theme, width, height, session.stage.theme.linen)
    camera = fitting(rect_of(around(items)), QRectF(4, 4, width - 8, height - 8))
    return card.with_shapes(items, session.file.pictures, camera).finished()


ACTS = (
    ("Save pose", "plus", save), ("Mirror", "rig-mirror", mirror), ("Copy", "rig-copy", copy), ("Paste", "rig-copy-linked", paste),
)  # fmt: skip


class PoseCard(QWidget):
    """One pose: a click applies it, a drag across blends towards it, a double click on it names it."""

    def __init__(self, shelf: "PoseShelf", name: str, pose: Pose) -> None:
        super().__init__(shelf)
        self.shelf, self.name, self.pose = shelf, name, pose
        self.picture = picture_of(shelf.session, pose, WIDE - 8, TALL - 26)
        self.setFixedSize(WIDE, TALL)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setAccessibleName(f"Pose {name}")
        self.setToolTip(f"{name}: click to apply, drag across to blend")
        self._press: QPointF | None = None
        self._share = 0.0

    def sizeHint(self) -> QSize:
        return QSize(WIDE, TALL)

    def paintEvent(self, _event: QPaintEvent) -> None:
        painter = Inked(self, self.shelf.session.stage.theme)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        box = QRectF(self.rect()).adjusted(1.5, 1.5, -1.5, -1.5)
        here = self.shelf.session.pose == self.pose
        painter.setBrush(painter.theme.lamp_pale if here else painter.theme.paper)
        painter.setPen(
            marks.pen(
                painter.theme.lamp if here or self.hasFocus() else painter.theme.line,
                2.0 if here or self.hasFocus() else 1.2,
            )
        )
        painter.drawRoundedRect(box, 5, 5)
        painter.drawPixmap(4, 4, self.picture)
        if self._share:
            painter.setPen(Qt.PenStyle.NoPen)
            painter.setBrush(look.with_alpha(painter.theme.lamp, 90))
            painter.drawRect(QRectF(4, 4, (WIDE - 8) * self._share, TALL - 26))
        painter.setPen(painter.theme.ink)
        painter.setFont(look.font(9.5))
        words = f"{self._share:.0%}" if self._share else self.name
        line = QRectF(4, TALL - 22, WIDE - 8, 18)
        painter.drawText(
            line,
            Qt.AlignmentFlag.AlignCenter,
            painter.fontMetrics().elidedText(words, Qt.TextElideMode.ElideRight, WIDE - 10),
        )
        painter.end()

    def mousePressEvent(self, event: QMouseEvent) -> None:
        if event.button() == Qt.MouseButton.LeftButton:
            self._press = event.position()

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        if self._press is None:
            return
        share = min(max((event.position().x() - self._press.x()) / ACROSS, 0.0), 1.0)
        if share > 0.03 or self._share:
            self._share = share
            self.shelf.blend(self, share, settle=False)
            self.update()

    def mouseReleaseEvent(self, _event: QMouseEvent) -> None:
        if self._press is None:
            return
        self._press = None
        if self._share:
            share, self._share = self._share, 0.0
            self.shelf.blend(self, share, settle=True)
        else:
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


class PoseShelf(QWidget):
    """See the module."""

    def __init__(self, session: Session, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.session = session
        self.cards: list[PoseCard] = []
        self._shown: tuple[object, ...] = ()
        self.box = QBoxLayout(QBoxLayout.Direction.LeftToRight, self)
        self.box.setContentsMargins(8, 4, 8, 6)
        side = QVBoxLayout()
        side.setSpacing(4)
        self.buttons: dict[str, QToolButton] = {}
        for i in range(0, len(ACTS), 2):
            line = QHBoxLayout()
            line.setSpacing(4)
            for words, symbol, does in ACTS[i : i + 2]:
                button = QToolButton()
                button.setText(words)
                button.setIcon(look.icon(session.stage.theme, symbol))
                button.setToolButtonStyle(Qt.ToolButtonStyle.ToolButtonTextBesideIcon)
                button.clicked.connect(lambda _on=False, does=does: self._guarded(does))
                button.setMinimumWidth(96)
                self.buttons[words] = button
                line.addWidget(button)
            side.addLayout(line)
        self.only = QCheckBox("Only the selected")
        self.only.setToolTip("Apply and blend poses for the selected controls and joints only")
        side.addWidget(self.only)
        self.find_line = QLineEdit()
        self.find_line.setPlaceholderText("Find a pose")
        self.find_line.setAccessibleName("Find a pose")
        self.find_line.setClearButtonEnabled(True)
        self.find_line.textChanged.connect(self._show_found)
        self.find_line.hide()
        side.addWidget(self.find_line)
        self.box.addLayout(side)
        self.area = QScrollArea()
        self.area.setWidgetResizable(True)
        self.area.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.area.setAccessibleName("Poses")
        self.box.addWidget(self.area, 1)
        self.name_line = QLineEdit(self)
        self.name_line.setAccessibleName("Name of the pose")
        self.name_line.hide()
        self._naming = ""
        self.name_line.editingFinished.connect(self._rename)
        self.setMinimumHeight(TALL + 22)
        session.settled.connect(self._on_settled)
        session.stage.station_changed.connect(self.refresh)
        session.opened.connect(self.refresh)
        session.stage.theme_changed.connect(self._paint_anew)

    def _on_settled(self) -> None:
        """After a step, not during a drag: the cards, and which of them shows the present pose."""
        self.refresh()
        for card in self.cards:
            card.update()

    def resizeEvent(self, event: QResizeEvent) -> None:
        """A column has its buttons above the cards, a row beside them."""
        super().resizeEvent(event)
        upright = event.size().height() > event.size().width()
        way = QBoxLayout.Direction
        self.box.setDirection(way.TopToBottom if upright else way.LeftToRight)

    def showEvent(self, event: QShowEvent) -> None:
        super().showEvent(event)
        self.refresh()

    def _paint_anew(self) -> None:
        """Make all cards anew: their colours have changed."""
        for words, symbol, _ in ACTS:
            self.buttons[words].setIcon(look.icon(self.session.stage.theme, symbol))
        self._shown = ()
        self.refresh()

    def refresh(self) -> None:
        """Make the cards anew where poses, or what they look like, have changed."""
        if not self.isVisible():
            return
        puppet = self.session.history.now.puppet
        look_of = (puppet.poses, puppet.joints, puppet.parts, puppet.order, puppet.limbs, puppet.links)
        if all(a is b for a, b in zip(look_of, self._shown, strict=False)) and self._shown:
            return
        self._shown = look_of
        inside = QWidget()
        flow = Flow(inside)
        known = [(CLEAN, {}), *((saved.name, known_only(saved.channels, puppet)) for saved in puppet.poses)]
        self.cards = [PoseCard(self, name, pose) for name, pose in known]
        for card in self.cards:
            flow.addWidget(card)
        self.area.setWidget(inside)
        self.find_line.setVisible(len(known) > MANY)
        if len(known) <= MANY:
            self.find_line.clear()
        self._show_found()

    def _show_found(self) -> None:
        """Only the cards whose names have what is looked for in them."""
        wanted = self.find_line.text().casefold().strip()
        for card in self.cards:
            card.setVisible(wanted in card.name.casefold())

    def _guarded(self, work: Callable[[Session], None]) -> None:
        attempt(self.session, lambda: work(self.session))

    def apply(self, name: str) -> None:
        self._guarded(lambda session: apply(session, name, only_selected=self.only.isChecked()))

    def blend(self, card: PoseCard, share: float, *, settle: bool) -> None:
        session = self.session
        only = chosen_ids(session, only_selected=self.only.isChecked())
        pose = blended(session.history.now.pose, card.pose, share, only)
        if settle:
            session.edit(f"Blend {share:.0%} to {card.name}", pose=pose)
        else:
            session.preview(pose=pose)

    def menu_for(self, card: PoseCard) -> QMenu:
        """What can be done with a pose."""
        menu = QMenu(self)
        menu.addAction("Apply").triggered.connect(lambda: self.apply(card.name))
        if card.name != CLEAN:
            menu.addAction("Name…").triggered.connect(lambda: self.edit_name(card))
            menu.addAction(look.icon(self.session.stage.theme, "trash-2"), "Delete").triggered.connect(
                lambda: self.delete(card.name)
            )
        return menu

    def delete(self, name: str) -> None:
        self._guarded(lambda s: s.edit(f"Delete pose {name}", puppet=delete_pose(s.history.now.puppet, name)))

    def edit_name(self, card: PoseCard) -> None:
        """Name a pose in place."""
        if card.name == CLEAN:
            self.session.say("The clean pose keeps its name; it is always there.")
            return
        self._naming = card.name
        place = card.mapTo(self, QPointF(0, TALL - 26).toPoint())
        self.name_line.setGeometry(place.x(), place.y(), WIDE + 40, 26)
        self.name_line.setText(card.name)
        self.name_line.selectAll()
        self.name_line.show()
        self.name_line.raise_()
        self.name_line.setFocus()

    def _rename(self) -> None:
        name, self._naming = self._naming, ""
        self.name_line.hide()
        if name and self.name_line.text() != name:
            text = self.name_line.text()
            self._guarded(
                lambda s: s.edit(f"Name pose {text}", puppet=rename_pose(s.history.now.puppet, name, text))
            )

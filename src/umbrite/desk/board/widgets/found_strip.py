"""Limits that were found, as a strip of pictures of the joints at the angles where something starts to look wrong."""

import math

from PySide6.QtCore import QPointF, QRectF, QSize, Qt, QTimer
from PySide6.QtGui import QContextMenuEvent, QPainter, QPaintEvent, QPixmap
from PySide6.QtWidgets import (
    QAbstractButton,
    QFrame,
    QHBoxLayout,
    QLabel,
    QMenu,
    QPushButton,
    QScrollArea,
    QToolButton,
    QVBoxLayout,
    QWidget,
)

from umbrite.art.joint_limits import REASONS, FoundLimit
from umbrite.art.limit_finding import Reason
from umbrite.desk.board.camera import fitting
from umbrite.desk.commands.found_limit_commands import leave, take, take_all
from umbrite.desk.session.drafts import Drafts
from umbrite.desk.session.session import Session
from umbrite.desk.theme import look, marks
from umbrite.desk.theme.card import Card
from umbrite.desk.theme.inked import Inked
from umbrite.desk.theme.language import tr
from umbrite.motion.evaluate import evaluate
from umbrite.motion.posing import trial_of
from umbrite.motion.scene import scene_of
from umbrite.rig.edits.limits import free_limit
from umbrite.rig.family import ancestors, branch, parts_on
from umbrite.rig.limb_shape import rest_direction
from umbrite.rig.quantities.angles import angle_text

SHORT: dict[Reason, str] = {
    "gap": "a gap opens",
    "edge": "an edge shows",
    "side": "bends wrong",
    "fold": "it folds over",
    "free": "free",
}


def joint_picture(session: Session, key: str, turn: float, width: int, height: int) -> QPixmap:
    """A joint's art and that of what carries it, turned, with the limit's direction as a line."""
    puppet = session.history.now.puppet
    free = free_limit(puppet, key)
    from umbrite.motion.plan import compile_plan

    plan = compile_plan(free)
    placed = evaluate(plan, trial_of(session.puppet, key, turn))
    above = next((up for up in ancestors(puppet, key) if parts_on(puppet, up)), None)
    shown = {*branch(puppet, key), *([above] if above else [])}
    items = [item for item in scene_of(placed) if puppet.parts[item.part].joint in shown]
    pivot = placed.pivot(key)
    own = [puppet.parts[part].drawing for part in parts_on(puppet, key)]
    reach = 0.62 * max((max(d.width, d.height) for d in own), default=120)
    camera = fitting(QRectF(pivot.real - reach, pivot.imag - reach, 2 * reach, 2 * reach), QRectF(0, 0, width, height))
    card = Card(session.workspace.theme, width, height).with_shapes(items, session.file.pictures, camera.transform())
    painter = card.painter
    at = camera.point(pivot)
    way = rest_direction(session.puppet, key) * complex(math.cos(turn), math.sin(turn))
    painter.setPen(marks.pen(painter.theme.paper, 3.4))
    end = at + QPointF(way.real, way.imag) * 40
    painter.drawLine(at, end)
    painter.setPen(marks.pen(painter.theme.vermilion, 1.6, Qt.PenStyle.DashLine))
    painter.drawLine(at, end)
    painter.setPen(marks.pen(painter.theme.ink, 1.4))
    painter.setBrush(painter.theme.brass_pale)
    painter.drawEllipse(at, 3.6, 3.6)
    return card.finished()


class LimitCard(QAbstractButton):
    """One end of a found limit as a picture; a click takes it."""

    def __init__(self, session: Session, found: FoundLimit, end: str, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.session, self.found, self.end = session, found, end
        self.turn = found.smallest if end == "smallest" else found.largest
        self.reason = found.reason_smallest if end == "smallest" else found.reason_largest
        self._picture: QPixmap | None = None
        self.setFixedSize(118, 132)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        name = session.puppet.joints[found.joint].name
        self.setAccessibleName(f"{name} {angle_text(self.turn, 0)}: {REASONS[self.reason]}")
        self.setToolTip(
            tr(
                "{name}: at {turn} {reason}. Click to accept it as the limit.",
                name=name,
                turn=angle_text(self.turn),
                reason=tr(REASONS[self.reason]),
            )
        )
        self.clicked.connect(lambda: take(session, found, end))

    def draw(self) -> None:
        """Make the picture, which takes a while."""
        if self.found.joint in self.session.history.now.puppet.joints:
            self._picture = joint_picture(self.session, self.found.joint, self._looked_at(), 108, 84)
            self.update()

    def _looked_at(self) -> float:
        """A little beyond, so that the fault is seen; free ends are shown at a right angle."""
        if self.reason == "free":
            return math.copysign(math.pi / 2, self.turn)
        return self.turn + math.copysign(math.radians(6), self.turn)

    def is_taken(self) -> bool:
        limit = self.session.puppet.joints[self.found.joint].limit
        if limit is None:
            return self.reason == "free"
        return abs((limit.smallest if self.end == "smallest" else limit.largest) - self.turn) < 1e-9

    def contextMenuEvent(self, event: QContextMenuEvent) -> None:
        menu = self.menu()
        menu.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        menu.popup(event.globalPos())

    def menu(self) -> QMenu:
        """What can be done with a found limit."""
        session, found = self.session, self.found
        name = session.puppet.joints[found.joint].name
        menu = QMenu(self)
        menu.addAction(tr("Accept this end")).triggered.connect(lambda: take(session, found, self.end))
        menu.addAction(tr("Accept both ends")).triggered.connect(lambda: take(session, found, "both"))
        menu.addAction(tr("Leave {name} out", name=name)).triggered.connect(lambda: leave(session, found))
        menu.addSeparator()
        menu.addAction(tr("Accept all")).triggered.connect(lambda: take_all(session))
        menu.addAction(tr("Select the joint")).triggered.connect(lambda: session.selection.select([found.joint]))
        return menu

    def sizeHint(self) -> QSize:
        return QSize(118, 132)

    def paintEvent(self, _event: QPaintEvent) -> None:
        painter = Inked(self, self.session.workspace.theme)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        box = QRectF(self.rect()).adjusted(1.5, 1.5, -1.5, -1.5)
        chosen = self.is_taken()
        painter.setBrush(painter.theme.selected_pale if chosen or self.underMouse() else painter.theme.paper)
        painter.setPen(
            marks.pen(
                painter.theme.selected if chosen or self.hasFocus() else painter.theme.line, 2.2 if chosen else 1.2
            )
        )
        painter.drawRoundedRect(box, 6, 6)
        if self._picture is not None:
            painter.drawPixmap(5, 5, self._picture)
        painter.setPen(painter.theme.ink)
        painter.setFont(look.font(9.5))
        name = self.session.puppet.joints[self.found.joint].name
        metrics = painter.fontMetrics()
        for row, text in enumerate((f"{name}", f"{angle_text(self.turn, 0)}, {tr(SHORT[self.reason])}")):
            line = QRectF(6, 91 + row * 17, self.width() - 12, 16)
            short = metrics.elidedText(text, Qt.TextElideMode.ElideRight, int(line.width()))
            painter.drawText(line, Qt.AlignmentFlag.AlignCenter, short)
        if chosen:
            painter.setPen(marks.pen(painter.theme.ink, 2.2))
            painter.drawPolyline([QPointF(10, 13), QPointF(14, 17), QPointF(21, 8)])
        painter.end()


class FoundStrip(QFrame):
    """All cards in a row on the board's lower edge, with a way to take all and to put the strip away."""

    def __init__(self, session: Session, parent: QWidget) -> None:
        super().__init__(parent)
        self.session = session
        self.setObjectName("toolrow")
        self.cards: list[LimitCard] = []
        self._undrawn: list[LimitCard] = []
        self._drawing = QTimer(self)  # a card at a time, so that the window goes on
        self._drawing.timeout.connect(self._draw_next)
        row = QHBoxLayout(self)
        row.setContentsMargins(8, 6, 8, 6)
        self.area = QScrollArea()
        self.area.setAccessibleName(tr("Found limits"))
        self.area.setWidgetResizable(True)
        self.area.setVerticalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        row.addWidget(self.area, 1)
        side = QVBoxLayout()
        self.title = QLabel(tr("Found limits"))
        self.title.setObjectName("title")
        self.all = QPushButton(tr("Accept all"))
        self.all.setObjectName("main")
        self.all.clicked.connect(lambda: take_all(session))
        close = QToolButton()
        close.setIcon(look.icon(session.workspace.theme, "x"))
        session.workspace.theme_changed.connect(lambda: close.setIcon(look.icon(session.workspace.theme, "x")))
        close.setAccessibleName(tr("Close found limits"))
        close.setToolTip(tr("Close found limits"))
        close.clicked.connect(lambda: session.drafts.put(session.drafts.now._replace(found_limits=())))
        self.close_button = close
        side.addWidget(self.title)
        side.addWidget(self.all)
        side.addStretch(1)
        side.addWidget(close, 0, Qt.AlignmentFlag.AlignRight)
        row.addLayout(side)
        session.drafts.changed.connect(self._on_drafts)
        session.settled.connect(lambda: [card.update() for card in self.cards])
        self.hide()

    def _on_drafts(self, old: Drafts, new: Drafts) -> None:
        if old.found_limits is not new.found_limits:
            self.rebuild()

    def rebuild(self) -> None:
        """Show what the session has found, or go away where that is nothing."""
        inside = QWidget()
        line = QHBoxLayout(inside)
        line.setContentsMargins(0, 0, 0, 0)
        line.setSpacing(6)
        self.cards = [
            LimitCard(self.session, found, end, inside)
            for found in self.session.drafts.now.found_limits
            for end in ("largest", "smallest")  # as people count: the lower angle first
        ]
        for card in self.cards:
            line.addWidget(card)
        line.addStretch(1)
        self._undrawn = list(reversed(self.cards))
        self._drawing.start(0)
        self.area.setWidget(inside)
        self.setVisible(bool(self.cards))

    def _draw_next(self) -> None:
        if self._undrawn:
            self._undrawn.pop().draw()
        else:
            self._drawing.stop()

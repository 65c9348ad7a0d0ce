"""The figure of a body plan beside the puppet: each place with the piece that stands on it and how sure that is, to be corrected by hand."""

from collections.abc import Callable
from typing import NamedTuple

from PySide6.QtCore import QEvent, QPointF, QRectF, QSize, Qt
from PySide6.QtGui import QKeyEvent, QMouseEvent, QPainter, QPaintEvent, QPixmap
from PySide6.QtWidgets import (
    QCheckBox,
    QComboBox,
    QFrame,
    QGridLayout,
    QHBoxLayout,
    QLabel,
    QPushButton,
    QSizePolicy,
    QVBoxLayout,
    QWidget,
)

from umbrite.art.building.body_plan import places_of
from umbrite.desk.board.widgets import plan_badges
from umbrite.desk.board.widgets.plan_badges import Badge, badges_of
from umbrite.desk.commands.building import plan_commands
from umbrite.desk.commands.building.plan_commands import SURE, place_words, places_shown, what_differs
from umbrite.desk.session.drafts import Carried, Drafts, PlanDraft
from umbrite.desk.session.session import Session, attempt
from umbrite.desk.theme import look, marks
from umbrite.desk.theme.inked import Inked
from umbrite.desk.theme.language import tr
from umbrite.desk.theme.thumbnails import thumbnail

MOST_TOLD = 4  # differences that are named
COLUMN = 0.05  # of the figure's diagonal: places nearer to one another across stand in one column
ROOMY = 38
SMALLEST, LARGEST = 22, 46  # a card
DRAG_FROM = 5
PALE = 0.35  # of what is not meant
WISHES = (
    ("limbs", "Limbs"), ("controls", "Controls"), ("limits", "Limits"), ("master", "Master"), ("loose", "Swinging pieces"), ("names", "Names"),
    ("variants", "Variants"), ("elsewhere", "Move pivots"),
)  # fmt: skip


class PlaceCard(NamedTuple):
    """A card of the figure: its place ("" for a piece without one), its piece ("" for an empty place), and where it lies."""

    place: str
    part: str
    box: QRectF


class PlanFigure(QWidget):
    """The places of the plan as cards where they are in the body, corded to what carries them; below them what only rides along."""

    def __init__(self, session: Session, on_board: Callable[[QPointF], str], parent: QWidget) -> None:
        super().__init__(parent)
        self.session, self.on_board = session, on_board
        self.cards: list[PlaceCard] = []
        self.badges: list[Badge] = []
        self.hot_badge: Badge | None = None
        self.hot: PlaceCard | None = None
        self._pressed: PlaceCard | None = None
        self._start = self._at = QPointF()
        self._dragging = False
        self.setMouseTracking(True)
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Expanding)
        self.setMinimumHeight(180)
        self.setAccessibleName(tr("The plan's figure"))

    def sizeHint(self) -> QSize:
        return QSize(292, 420)

    # Where everything is

    def arrange(self) -> None:
        """Lay the cards out anew."""
        draft = self.session.drafts.now.plan
        self.cards = [] if draft is None else [*self._places(draft), *self._left(draft)]
        boxes = {card.place: card.box for card in self.cards if card.place}
        self.badges = [] if draft is None else badges_of(draft, boxes)
        if self.hot is not None:  # what lies under the pointer now
            self.hot = self.card_at(self._at) or next(
                (card for card in self.cards if card.place == self.hot.place), None
            )
        self.update()

    def resizeEvent(self, _event: QEvent) -> None:
        self.arrange()

    def _left_height(self, draft: PlanDraft) -> float:
        rows = -(-len(draft.filled.left) // max(1, int(self.width() // 36)))
        return 20 + 36 * rows if draft.filled.left else 0

    def _places(self, draft: PlanDraft) -> list[PlaceCard]:
        """Cards where the plan has its places, pushed apart until none covers another."""
        shown = set(places_shown(draft))
        places = [place for place in places_of(draft.filled.plan) if place.name in shown]
        room = QRectF(0, 4, self.width(), max(self.height() - self._left_height(draft) - 26, 60))
        size = min((0.36 * room.width() * room.height() / max(len(places), 1)) ** 0.5, LARGEST)
        # Those above one another must have room too, at about their places.
        stacked = max(sum(abs(one.at.real - other.at.real) < COLUMN for one in places) for other in places)
        size = max(min(size, room.height() / (stacked + 1.5) - 4), SMALLEST)
        if size < ROOMY:  # what is empty and may stay so is left out first
            places = [p for p in places if p.name in draft.filled.pieces or p.name in draft.held or p.row.needed]
        facing = draft.filled.facing
        z = [complex(place.at.real * facing, place.at.imag) for place in places]
        left, right = min(p.real for p in z), max(p.real for p in z)
        top, low = min(p.imag for p in z), max(p.imag for p in z)
        scale_x = (room.width() - size) / max(right - left, 0.2)
        scale_y = (room.height() - size) / max(low - top, 0.2)
        scale_x, scale_y = min(scale_x, 1.8 * scale_y), min(scale_y, 1.8 * scale_x)
        middle = complex(left + right, top + low) / 2
        spots = [
            complex(
                room.center().x() + (p.real - middle.real) * scale_x,
                room.center().y() + (p.imag - middle.imag) * scale_y,
            )
            for p in z
        ]
        spots = _apart(spots, size + 4, room.adjusted(size / 2 + 2, size / 2 + 4, -size / 2 - 8, -size / 2))
        pieces = draft.filled.pieces
        return [
            PlaceCard(
                place.name, pieces.get(place.name, ""), QRectF(at.real - size / 2, at.imag - size / 2, size, size)
            )
            for place, at in zip(places, spots, strict=True)
        ]

    def _left(self, draft: PlanDraft) -> list[PlaceCard]:
        columns = max(1, int(self.width() // 36))
        top = self.height() - self._left_height(draft) + 18
        return [
            PlaceCard("", part, QRectF(2 + 36 * (i % columns), top + 36 * (i // columns), 32, 32))
            for i, part in enumerate(draft.filled.left)
        ]

    def card_at(self, at: QPointF) -> PlaceCard | None:
        return next((card for card in self.cards if card.box.contains(at)), None)

    def badge_at(self, at: QPointF) -> Badge | None:
        """The sign at a point, which lies over the cards."""
        return next((badge for badge in reversed(self.badges) if badge.box.contains(at)), None)

    # Pointer

    def mousePressEvent(self, event: QMouseEvent) -> None:
        badge = self.badge_at(event.position())
        if event.button() == Qt.MouseButton.LeftButton and badge is not None:
            turn = plan_commands.turn_bend if badge.kind == "bend" else plan_commands.turn_ground
            attempt(self.session, lambda: turn(self.session, badge.limb))
        elif event.button() == Qt.MouseButton.LeftButton:
            self._pressed, self._start, self._at = (self.card_at(event.position()), event.position(), event.position())
            self._dragging = False

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        self._at = event.position()
        if self._pressed is not None and (self._at - self._start).manhattanLength() > DRAG_FROM:
            self._dragging = True
        self.hot_badge = self.badge_at(self._at)
        hot = self.card_at(self._at)
        if hot != self.hot:
            self.hot = hot
            part = hot.part if hot is not None else ""
            self.session.drafts.put(self.session.drafts.now._replace(flashing=frozenset([part] if part else [])))
        self.update()

    def light(self, card: PlaceCard | None) -> None:
        """Light a card as if the pointer were over it."""
        self.hot = card
        if card is not None:
            self._at = card.box.center()
        self.update()

    def leaveEvent(self, _event: QEvent) -> None:
        if self.hot is not None:
            self.hot = None
            self.session.drafts.put(self.session.drafts.now._replace(flashing=frozenset()))
            self.update()

    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        card, dragging = self._pressed, self._dragging
        self._pressed, self._dragging = None, False
        if card is None or event.button() != Qt.MouseButton.LeftButton:
            return
        self._at = event.position()
        target = self.card_at(self._at)
        if not dragging:
            if card.place:
                attempt(self.session, lambda: self._click(card))
        elif target is not None and target != card:
            attempt(self.session, lambda: self._drop(card, target))
        elif not self.rect().contains(event.position().toPoint()) and card.place:
            part = self.on_board(self.mapToGlobal(event.position()))
            if part:
                attempt(self.session, lambda: plan_commands.set_piece(self.session, card.place, part))
        self.update()

    def _click(self, card: PlaceCard) -> None:
        """A click empties a place; an empty one takes the part that is selected on the board, or is filled as it fits."""
        chosen = self.session.selection.only("part")
        if not card.part and len(chosen) == 1:
            plan_commands.set_piece(self.session, card.place, chosen[0])
        else:
            plan_commands.empty(self.session, card.place)

    def _drop(self, card: PlaceCard, target: PlaceCard) -> None:
        if target.place and card.part:
            plan_commands.set_piece(self.session, target.place, card.part)
        elif card.place and target.part:
            plan_commands.set_piece(self.session, card.place, target.part)

    # Paint

    def paintEvent(self, _event: QPaintEvent) -> None:
        draft = self.session.drafts.now.plan
        if draft is None:
            return
        painter = Inked(self, self.session.workspace.theme)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        self._cords(painter, draft)
        for card in self.cards:
            painter.setOpacity(1.0 if not card.part or draft.wishes.meant(card.part) else PALE)
            self._card(painter, draft, card)
        painter.setOpacity(1.0)
        plan_badges.paint(painter, self.badges, self.hot_badge)
        painter.setFont(look.font(9.5))
        if draft.filled.left:
            painter.setPen(painter.theme.quiet)
            top = self.height() - self._left_height(draft)
            words = (
                tr("Follows the nearest piece")
                if len(draft.second) < len(draft.filled.left)
                else tr("Drawn twice: only one is shown at a time")
            )
            painter.drawText(QRectF(2, top, self.width(), 16), Qt.AlignmentFlag.AlignLeft, words)
        painter.setPen(painter.theme.ink)
        painter.setFont(look.font(10.5))
        low = self.height() - self._left_height(draft) - 20
        painter.drawText(
            QRectF(2, low, self.width() - 4, 18), Qt.AlignmentFlag.AlignCenter, self.words(draft, self.hot)
        )
        if self._dragging and self._pressed is not None and self._pressed.part:
            painter.setOpacity(0.8)
            picture = self._picture(self._pressed.part, 40)
            painter.drawPixmap(self._at - QPointF(20, 20), picture)
        elif self._dragging and self._pressed is not None:
            painter.setPen(marks.pen(painter.theme.ink, 1.6, Qt.PenStyle.DashLine))
            painter.drawLine(self._pressed.box.center(), self._at)
        painter.end()

    def words(self, draft: PlanDraft, card: PlaceCard | None) -> str:
        """What a card, or a sign on it, says under the pointer."""
        if self.hot_badge is not None:
            return self._badge_words(self.hot_badge)
        if card is None:
            return ""
        name = self.session.puppet.parts[card.part].name if card.part else ""
        if not card.place:
            return name
        if not card.part:
            return tr("{place}: empty", place=place_words(card.place))
        if card.place in draft.held:
            return tr("{place}: {name}, set by hand", place=place_words(card.place), name=name)
        return tr(
            "{place}: {name}, {share} sure",
            place=place_words(card.place),
            name=name,
            share=f"{draft.filled.sure[card.place]:.0%}",
        )

    @staticmethod
    def _badge_words(badge: Badge) -> str:
        if badge.kind == "bend":
            return tr("{place} bends this way; a click turns it", place=place_words(badge.name))
        if badge.on:
            return tr("{place} stands on the ground", place=place_words(badge.name))
        return tr("{place} goes along with the body", place=place_words(badge.name))

    def _cords(self, painter: Inked, draft: PlanDraft) -> None:
        at = {card.place: card.box.center() for card in self.cards if card.place}
        painter.setPen(marks.pen(painter.theme.line, 2.2))
        for place in places_of(draft.filled.plan):
            if place.name in at and place.on in at:
                painter.drawLine(at[place.name], at[place.on])

    def _picture(self, part: str, size: int) -> QPixmap:
        session = self.session
        return thumbnail(session.workspace.theme, session.file.pictures, session.puppet.parts[part].drawing, size)

    def _card(self, painter: Inked, draft: PlanDraft, card: PlaceCard) -> None:
        theme, hot = (
            painter.theme,
            self.hot is not None and card.place == self.hot.place and card.part == self.hot.part,
        )
        painter.setBrush(theme.selected_pale if hot else theme.paper)
        if not card.part:
            painter.setPen(marks.pen(theme.selected if hot else theme.quiet, 1.2, Qt.PenStyle.DotLine))
            painter.drawRoundedRect(card.box, 5, 5)
            return
        share = 1.0 if not card.place or card.place in draft.held else draft.filled.sure[card.place]
        doubtful = share < SURE
        colour = theme.line if not card.place else theme.brick if doubtful else theme.moss
        painter.setPen(
            marks.pen(
                theme.selected if hot else colour, 2.0, Qt.PenStyle.DashLine if doubtful else Qt.PenStyle.SolidLine
            )
        )
        painter.drawRoundedRect(card.box, 5, 5)
        inner = card.box.adjusted(2, 2, -2, -2)
        painter.drawPixmap(inner.toRect(), self._picture(card.part, int(inner.width())))
        if doubtful:  # a sign beside the colour
            spot = QRectF(card.box.right() - 12, card.box.top() - 4, 15, 15)
            painter.setPen(marks.pen(theme.brick, 1.2))
            painter.setBrush(theme.paper)
            painter.drawEllipse(spot)
            painter.setPen(theme.ink)
            painter.setFont(look.font(8.5))
            painter.drawText(spot, Qt.AlignmentFlag.AlignCenter, "?")


def _apart(spots: list[complex], least: float, room: QRectF) -> list[complex]:
    """Places for cards that are as far apart as cards are wide, as near as can be to where they were, within the room."""
    z = list(spots)
    for _ in range(60):
        moved = False
        for i in range(len(z)):
            for j in range(i):
                way = z[i] - z[j]
                over = least - max(abs(way.real), abs(way.imag))
                if over <= 0.5:
                    continue
                moved = True
                if abs(way.real) >= abs(way.imag):
                    push = complex(over / 2 if way.real >= 0 else -over / 2, 0)
                else:
                    push = complex(0, over / 2 if way.imag >= 0 else -over / 2)
                z[i] += push
                z[j] -= push
        z = [
            complex(min(max(p.real, room.left()), room.right()), min(max(p.imag, room.top()), room.bottom())) for p in z
        ]
        if not moved:
            break
    return z


class PlanSheet(QFrame):
    """The figure with the choice of the plan, which way it looks, what should be made, and the two ends: build it, or rub it out."""

    def __init__(
        self,
        session: Session,
        on_board: Callable[[QPointF], str],
        on_widget: Callable[[complex], QPointF],
        parent: QWidget,
    ) -> None:
        super().__init__(parent)
        self.session, self.on_widget = session, on_widget
        self.setObjectName("popover")
        column = QVBoxLayout(self)
        column.setContentsMargins(12, 10, 12, 10)
        column.setSpacing(6)
        head = QHBoxLayout()
        self.plan = QComboBox()
        self.plan.setAccessibleName(tr("Body plan"))
        self.facing = QPushButton()
        self.facing.setToolTip(tr("Let the figure look the other way"))
        head.addWidget(self.plan, 1)
        head.addWidget(self.facing)
        column.addLayout(head)
        self.figure = PlanFigure(session, on_board, self)
        column.addWidget(self.figure, 1)
        self.differs = QLabel()
        self.differs.setObjectName("quiet")
        self.differs.setWordWrap(True)
        column.addWidget(self.differs)
        self.ticks: dict[str, QCheckBox] = {}
        grid = QGridLayout()
        for i, (name, words) in enumerate(WISHES):
            tick = QCheckBox(tr(words))
            tick.clicked.connect(
                lambda on, name=name: attempt(session, lambda: plan_commands.set_wish(session, name, on=on))
            )
            self.ticks[name] = tick
            grid.addWidget(tick, i // 2, i % 2)
        self.grid = QWidget()
        grid.setContentsMargins(0, 0, 0, 0)
        self.grid.setLayout(grid)
        column.addWidget(self.grid)
        foot = QHBoxLayout()
        self.make, self.leave = QPushButton(tr("Build")), QPushButton(tr("Discard"))
        self.make.setObjectName("main")
        foot.addWidget(self.leave)
        foot.addWidget(self.make, 1)
        column.addLayout(foot)
        self.plan.activated.connect(
            lambda _i: attempt(session, lambda: plan_commands.choose_plan(session, str(self.plan.currentData())))
        )
        self.facing.clicked.connect(lambda: attempt(session, lambda: plan_commands.turn_facing(session)))
        self.make.clicked.connect(lambda: attempt(session, lambda: plan_commands.build(session)))
        self.leave.clicked.connect(lambda: attempt(session, lambda: plan_commands.rub_out(session)))
        session.drafts.changed.connect(self._on_drafts)
        self.hide()

    def keyPressEvent(self, event: QKeyEvent) -> None:
        """Enter builds and Esc rubs out, wherever in the sheet the focus is."""
        if event.key() in {Qt.Key.Key_Return, Qt.Key.Key_Enter}:
            attempt(self.session, lambda: plan_commands.build(self.session))
        elif event.key() == Qt.Key.Key_Escape:
            attempt(self.session, lambda: plan_commands.rub_out(self.session))
        else:
            super().keyPressEvent(event)

    def _take_in(self, carried: Carried) -> None:
        """Light the place under a piece that is dragged over the board, and let it go there."""
        spot = self.figure.mapFromGlobal(self.mapToGlobal(self.on_widget(carried.at) - QPointF(self.pos())))
        card = self.figure.card_at(spot)
        self.figure.light(card)
        if not carried.let_go:
            return
        if card is not None and card.place:
            attempt(self.session, lambda: plan_commands.set_piece(self.session, card.place, carried.part))
        else:
            plan_commands.carry(self.session, None)

    def _on_drafts(self, old: Drafts, new: Drafts) -> None:
        if old.plan is new.plan:
            return
        if new.plan is not None and new.plan.carried is not None:
            self._take_in(new.plan.carried)
        else:
            self.refresh()

    def refresh(self) -> None:
        """Show the draft as it is, or go away."""
        draft = self.session.drafts.now.plan
        self.setVisible(draft is not None)
        if draft is None:
            return
        names = [plan.name for plan in draft.plans]
        if [self.plan.itemData(i) for i in range(self.plan.count())] != names:
            self.plan.clear()
            for plan in draft.plans:
                self.plan.addItem(tr(plan.name), plan.name)
                self.plan.setItemData(self.plan.count() - 1, tr(plan.about), Qt.ItemDataRole.ToolTipRole)
        self.plan.setCurrentIndex(names.index(draft.filled.plan.name))
        right = draft.filled.facing > 0
        self.facing.setText(tr("Looks right →") if right else tr("← Looks left"))
        self.facing.setVisible(draft.filled.plan.profile)
        for name, tick in self.ticks.items():
            tick.setChecked(bool(getattr(draft.wishes, name)))
        laying = draft.rig is not None
        self.grid.setVisible(not laying)
        self.make.setText(tr("Transfer rig") if laying else tr("Build"))
        told, elsewhere = ([], False) if laying else what_differs(draft)
        self.differs.setVisible(bool(told))
        self.ticks["elsewhere"].setVisible(elsewhere)
        more = tr(" and {count} more", count=len(told) - MOST_TOLD) if len(told) > MOST_TOLD else ""
        self.differs.setText(tr("What differs: {what}.", what=", ".join(told[:MOST_TOLD]) + more) if told else "")
        self.figure.arrange()
        self.raise_()

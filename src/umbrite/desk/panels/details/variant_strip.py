"""The variants of a set as a strip of thumbnails: a click shows one, a double click names it, the menu orders and removes."""

from PySide6.QtCore import QPointF, QRectF, QSize, Qt
from PySide6.QtGui import QAction, QContextMenuEvent, QKeyEvent, QMouseEvent, QPainter, QPaintEvent
from PySide6.QtWidgets import QCheckBox, QInputDialog, QLabel, QMenu, QSizePolicy, QVBoxLayout, QWidget

from umbrite.desk.commands.sets import variant_commands
from umbrite.desk.session.session import Session, attempt
from umbrite.desk.theme import look, marks
from umbrite.desk.theme.inked import Inked
from umbrite.desk.theme.language import tr
from umbrite.desk.theme.thumbnails import variant_picture
from umbrite.rig.model import Variant, VariantSet

WIDE, TALL = 54, 70
PICTURE = 44


class VariantStrip(QWidget):
    """See the module. It is there while something of a set is selected."""

    def __init__(self, session: Session, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.session = session
        column = QVBoxLayout(self)
        column.setContentsMargins(12, 4, 12, 8)
        column.setSpacing(4)
        self.title = QLabel()
        self.title.setObjectName("title")
        self.cards = Cards(session)
        self.carries = QCheckBox(tr("Keep the hand's place"))
        self.carries.setToolTip(tr("When another branch is shown, its hand goes to where this one's was"))
        self.carries.clicked.connect(self._carry)
        for widget in (self.title, self.cards, self.carries):
            column.addWidget(widget)
        for signal in (
            session.selection.changed,
            session.settled,
            session.workspace.view_changed,
            session.timeline.changed,
        ):
            signal.connect(self.refresh)
        self.refresh()

    def refresh(self) -> None:
        """Show the set of what is selected."""
        keys = variant_commands.sets_selected(self.session)
        key = keys[0] if keys else ""
        self.setVisible(bool(key))
        self.cards.key = key
        if key:
            one = self.session.puppet.sets[key]
            self.title.setText(one.name)
            self.carries.setVisible(any(variant.joints for variant in one.variants))
            self.carries.setChecked(one.carries)
            self.cards.updateGeometry()
            self.cards.update()

    def _carry(self, on: bool) -> None:  # noqa: FBT001 a signal's plain word
        variant_commands.carry_hand(self.session, self.cards.key, on=on)


class Cards(QWidget):
    """The thumbnails, in rows."""

    def __init__(self, session: Session) -> None:
        super().__init__()
        self.session = session
        self.key = ""
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        policy = QSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)
        policy.setHeightForWidth(True)
        self.setSizePolicy(policy)
        self.setAccessibleName(tr("Variants"))
        self.setToolTip(tr("A click shows a variant; so do [ and ], and its number with the pointer on the board"))

    @property
    def one(self) -> VariantSet | None:
        return self.session.puppet.sets.get(self.key)

    def sizeHint(self) -> QSize:
        return QSize(3 * WIDE, self.heightForWidth(max(self.width(), WIDE)))

    def heightForWidth(self, width: int) -> int:
        count = len(self.one.variants) if self.one is not None else 1
        across = max(1, width // WIDE)
        return TALL * (-(-count // across)) + 2

    def box_of(self, place: int) -> QRectF:
        """Where a card lies."""
        across = max(1, self.width() // WIDE)
        return QRectF(place % across * WIDE, place // across * TALL, WIDE, TALL)

    def paintEvent(self, _event: QPaintEvent) -> None:
        one = self.one
        if one is None:
            return
        painter = Inked(self, self.session.workspace.theme)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        shown = self.session.placed.chosen(self.key).number
        for place, variant in enumerate(one.variants):
            self._card(
                painter, self.box_of(place), variant, shown=variant.number == shown, rest=variant.number == one.rest
            )
        painter.end()

    def _card(self, painter: Inked, box: QRectF, variant: Variant, *, shown: bool, rest: bool) -> None:
        inner = box.adjusted(2, 2, -2, -2)
        painter.setPen(marks.pen(painter.theme.selected if shown else painter.theme.line, 2.0 if shown else 1.2))
        painter.setBrush(painter.theme.selected_pale if shown else painter.theme.paper)
        painter.drawRoundedRect(inner, 4, 4)
        session = self.session
        picture = variant_picture(session.workspace.theme, session.file.pictures, session.puppet, variant, PICTURE)
        if picture is not None:
            painter.drawPixmap(inner.topLeft() + QPointF((inner.width() - PICTURE) / 2, 3), picture)
        painter.setFont(look.font(8.5))
        painter.setPen(painter.theme.ink)
        room = QRectF(inner.left() + 2, inner.bottom() - 17, inner.width() - 4, 16)
        words = f"{variant.name} \N{BULLET}" if rest else variant.name
        short = painter.fontMetrics().elidedText(words, Qt.TextElideMode.ElideRight, int(room.width()))
        painter.drawText(room, Qt.AlignmentFlag.AlignCenter, short)

    def _at(self, at: QPointF) -> Variant | None:
        one = self.one
        found = [] if one is None else [v for i, v in enumerate(one.variants) if self.box_of(i).contains(at)]
        return found[0] if found else None

    def mousePressEvent(self, event: QMouseEvent) -> None:
        variant = self._at(event.position())
        if variant is not None and event.button() == Qt.MouseButton.LeftButton:
            attempt(self.session, lambda: variant_commands.choose(self.session, self.key, variant.number))
            self.update()

    def mouseDoubleClickEvent(self, event: QMouseEvent) -> None:
        variant = self._at(event.position())
        if variant is not None:
            self._ask_name(variant)

    def keyPressEvent(self, event: QKeyEvent) -> None:
        by = {Qt.Key.Key_Right: 1, Qt.Key.Key_Left: -1}.get(Qt.Key(event.key()))
        if by is not None and self.key:
            attempt(self.session, lambda: variant_commands.step_set(self.session, self.key, by))
            self.update()
        else:
            super().keyPressEvent(event)

    def _ask_name(self, variant: Variant) -> None:
        name, accepted = QInputDialog.getText(self, tr("Name of the variant"), tr("Name"), text=variant.name)
        if accepted:
            attempt(self.session, lambda: variant_commands.rename(self.session, self.key, variant.number, name))

    def contextMenuEvent(self, event: QContextMenuEvent) -> None:
        variant, one = self._at(QPointF(event.pos())), self.one
        if variant is not None and one is not None:
            menu = self.menu_for(variant, one)
            menu.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
            menu.popup(event.globalPos())

    def menu_for(self, variant: Variant, one: VariantSet) -> QMenu:
        """What can be done with a variant."""
        place = one.variants.index(variant)
        menu = QMenu(self)
        session, key, number = self.session, self.key, variant.number
        entries = (
            (tr("Name it…"), lambda: self._ask_name(variant)),
            (tr("Earlier"), lambda: variant_commands.move_in_set(session, key, number, place - 1)),
            (tr("Later"), lambda: variant_commands.move_in_set(session, key, number, place + 1)),
            (tr("Show it at rest"), lambda: variant_commands.rest_of(session, key, number)),
            (tr("Take it out of the set"), lambda: variant_commands.remove(session, key, number)),
        )
        for words, work in entries:
            action = QAction(words, menu)
            action.triggered.connect(lambda _on=False, work=work: attempt(session, work))
            menu.addAction(action)
        return menu

"""What a screen reader reads of a widget that is painted by hand: a list over it that nobody sees and that takes no press."""

from collections.abc import Callable, Hashable, Sequence
from typing import NamedTuple

from PySide6.QtCore import (
    QAbstractListModel,
    QItemSelection,
    QItemSelectionModel,
    QModelIndex,
    QPersistentModelIndex,
    QRect,
    Qt,
    QTimer,
)
from PySide6.QtGui import QAccessible, QAccessibleAnnouncementEvent, QPaintEvent
from PySide6.QtWidgets import QAbstractItemView, QFrame, QListView, QWidget

PAUSE = 150  # milliseconds without a change, after which the list is made anew
Role = Qt.ItemDataRole


class Readable(NamedTuple):
    """One thing: what it is known by, its name, its place and state in words, and whether it is selected."""

    key: Hashable
    name: str
    state: str
    selected: bool = False


class _Things(QAbstractListModel):
    """The things, as Qt's views ask for them."""

    def __init__(self) -> None:
        super().__init__()
        self.things: Sequence[Readable] = ()

    def rowCount(self, parent: QModelIndex | QPersistentModelIndex = QModelIndex()) -> int:  # noqa: B008 Qt's own default
        return 0 if parent.isValid() else len(self.things)

    def data(self, index: QModelIndex | QPersistentModelIndex, role: int = Role.DisplayRole) -> str | None:
        thing = self.things[index.row()]
        if role in {Role.DisplayRole, Role.AccessibleTextRole}:
            return thing.name
        return thing.state if role == Role.AccessibleDescriptionRole else None

    def take(self, things: Sequence[Readable]) -> None:
        """Show these; where they are the same ones, only what differs is told."""
        if [thing.key for thing in things] != [thing.key for thing in self.things]:
            self.beginResetModel()
            self.things = things
            self.endResetModel()
            return
        before, self.things = self.things, things
        for row, (old, new) in enumerate(zip(before, things, strict=True)):
            if old[1:3] != new[1:3]:
                self.dataChanged.emit(self.index(row), self.index(row))


class ReadableList(QListView):
    """See the module. It lies over `of`, and does nothing until something reads: `tell` gives the things, `place` the box of one in
    widget pixels; `choose` takes the keys that the reader selects.
    """

    def __init__(
        self,
        of: QWidget,
        name: str,
        tell: Callable[[], Sequence[Readable]],
        place: Callable[[Hashable], QRect],
        choose: Callable[[list[Hashable]], None],
    ) -> None:
        super().__init__(of)
        self._of, self._tell, self._place, self._choose = of, tell, place, choose
        self._busy = False
        self._things = _Things()
        self.setModel(self._things)
        self.setAccessibleName(name)
        self.setSelectionMode(QAbstractItemView.SelectionMode.ExtendedSelection)
        self.setFrameShape(QFrame.Shape.NoFrame)
        self.setFocusPolicy(Qt.FocusPolicy.NoFocus)
        self.setAttribute(Qt.WidgetAttribute.WA_TransparentForMouseEvents)
        self.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.setVerticalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        for layer in (self, self.viewport()):
            layer.setAutoFillBackground(False)
            layer.setAttribute(Qt.WidgetAttribute.WA_NoSystemBackground)
        self.hide()
        self._timer = QTimer(self, singleShot=True, interval=PAUSE)
        self._timer.timeout.connect(self.renew)

    def later(self) -> None:
        """Make the list anew once nothing changes for a moment."""
        self._timer.start()

    def renew(self) -> None:
        """Make the list anew, where something reads."""
        if not QAccessible.isActive():
            return
        things = self._tell()
        self.setGeometry(self._of.rect())
        self.lower()
        self.show()
        self._busy = True
        self._things.take(things)
        selected = QItemSelection()
        for row, thing in enumerate(things):
            if thing.selected:
                selected.select(self._things.index(row), self._things.index(row))
        self.selectionModel().select(selected, QItemSelectionModel.SelectionFlag.ClearAndSelect)
        self._busy = False

    def visualRect(self, index: QModelIndex | QPersistentModelIndex) -> QRect:
        things = self._things.things
        return self._place(things[index.row()].key) if index.row() < len(things) else QRect()

    def selectionChanged(self, selected: QItemSelection, deselected: QItemSelection) -> None:
        super().selectionChanged(selected, deselected)
        if not self._busy:
            self._choose([self._things.things[row].key for row in sorted(i.row() for i in self.selectedIndexes())])

    def paintEvent(self, event: QPaintEvent) -> None:
        """Nothing: what the list stands for is painted below it."""


def announce(of: QWidget, words: str) -> None:
    """Have a screen reader say something once, when it has said what it is saying."""
    if QAccessible.isActive() and words:
        QAccessible.updateAccessibility(QAccessibleAnnouncementEvent(of, words))

"""A list whose rows stand for things of the puppet, selected both ways; rebuilt only where what it shows has changed."""

from typing import Any

from PySide6.QtCore import QPoint, Qt
from PySide6.QtWidgets import QAbstractItemView, QListWidget, QListWidgetItem, QWidget

from umbrite.desk.panels.following import Following
from umbrite.desk.session.session import Session

KEY = Qt.ItemDataRole.UserRole


class SelectingList(QListWidget):
    """Its kinds say what the rows are (`fresh_rows`), how one looks (`item_for`), and which are chosen."""

    def __init__(self, session: Session, label: str, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.session = session
        self._shown: list[tuple[Any, ...]] = []
        self._busy = False
        self.setSelectionMode(QAbstractItemView.SelectionMode.ExtendedSelection)
        self.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.setAccessibleName(label)
        self.itemSelectionChanged.connect(self._tell_selection)
        self._following = Following(
            session, self.rebuild, ("joints", "parts", "order", "limbs", "controls", "links", "sets", "guests"), self
        )
        session.selection.changed.connect(self.show_selection)
        session.workspace.theme_changed.connect(self._paint_anew)
        session.file.arrivals.came.connect(self._paint_anew)

    def fresh_rows(self) -> list[tuple[Any, ...]]:
        """What each row shows: its id, its words, and what else tells it from before; none here."""
        return []

    def item_for(self, row: tuple[Any, ...]) -> QListWidgetItem:
        """The item of a row: its id and its words."""
        item = QListWidgetItem(row[1])
        item.setData(KEY, row[0])
        return item

    def key_at(self, at: QPoint) -> str | None:
        """The id of the row at a place of the view."""
        item = self.itemAt(at)
        return None if item is None else str(item.data(KEY))

    def members(self, key: str) -> list[str]:
        """All for which the row of a thing stands; itself here."""
        return [key]

    def chosen(self) -> set[str]:
        """The ids whose rows are selected."""
        return set(self.session.selection.keys)

    def _paint_anew(self) -> None:
        """Make all rows anew: their colours have changed."""
        self._shown = []
        self.rebuild()

    def rebuild(self) -> None:
        rows = self.fresh_rows()
        if rows == self._shown:
            return
        before, self._shown = self._shown, rows
        self._busy = True
        if [row[0] for row in rows] == [row[0] for row in before]:
            for i, (old, new) in enumerate(zip(before, rows, strict=True)):
                if old != new:
                    self.takeItem(i)
                    self.insertItem(i, self.item_for(new))
            self._busy = False
            self.show_selection()
            return
        place = self.verticalScrollBar().value()
        self.clear()
        for row in rows:
            self.addItem(self.item_for(row))
        self.verticalScrollBar().setValue(place)
        self._busy = False
        self.show_selection()

    def show_selection(self) -> None:
        if self._busy:
            return
        chosen = self.chosen()
        self._busy = True
        self.clearSelection()
        for i in range(self.count()):
            self.item(i).setSelected(not chosen.isdisjoint(self.members(self.item(i).data(KEY))))
        found = [i for i in range(self.count()) if self.item(i).isSelected()]
        if len(found) == 1:
            self.scrollToItem(self.item(found[0]))
        self._busy = False

    def _tell_selection(self) -> None:
        if not self._busy:
            self._busy = True
            before, selected = self.session.selection.keys, []
            for item in self.selectedItems():  # of a row that stands for several, what is picked of it stays so
                key = item.data(KEY)
                selected += [each for each in self.members(key) if each in before] or [key]
            self.session.selection.select(selected)
            self._busy = False

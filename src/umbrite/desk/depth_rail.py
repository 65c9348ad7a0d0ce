"""The depth rail: parts from front to back with their pictures; drag one or many to reorder."""

from PySide6.QtCore import QSize, Qt
from PySide6.QtGui import QDropEvent, QIcon
from PySide6.QtWidgets import QAbstractItemView, QListWidget, QListWidgetItem, QWidget

from umbrite.desk import look
from umbrite.desk.commands import label_of
from umbrite.desk.session import Session
from umbrite.desk.thumbnails import thumbnail
from umbrite.rig.parts import reorder

KEY = Qt.ItemDataRole.UserRole


class DepthRail(QListWidget):
    """Front on top. Drops ask the session for another order and never move rows by themselves."""

    def __init__(self, session: Session, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.session = session
        self._shown: list[tuple[object, ...]] = []
        self._busy = False
        self.setIconSize(QSize(34, 26))
        self.setUniformItemSizes(True)
        self.setSelectionMode(QAbstractItemView.SelectionMode.ExtendedSelection)
        self.setDragDropMode(QAbstractItemView.DragDropMode.InternalMove)
        self.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.setAccessibleName("Depth, front on top")
        self.setMinimumWidth(190)
        self.itemSelectionChanged.connect(self._tell_selection)
        session.changed.connect(self._on_changed)
        session.selection_changed.connect(self.show_selection)
        self.rebuild()

    def _on_changed(self, old: object, new: object) -> None:
        if getattr(old, "puppet", None) is not getattr(new, "puppet", None):
            self.rebuild()

    def forget(self) -> None:
        """Make all rows anew: their colours have changed."""
        self._shown = []
        self.rebuild()

    def rebuild(self) -> None:
        puppet = self.session.puppet
        fresh = [
            (key, part.name, part.drawing.sha256, part.visible, part.label)
            for key in reversed(puppet.order)
            for part in [puppet.parts[key]]
        ]
        if fresh == self._shown:
            return
        self._busy = True
        place = self.verticalScrollBar().value()
        self._shown = list(fresh)
        self.clear()
        for key, name, _, visible, label in fresh:
            picture = thumbnail(self.session.pictures, puppet.parts[key].drawing, 26, 34)
            item = QListWidgetItem(QIcon(picture), name)
            item.setData(KEY, key)
            item.setSizeHint(QSize(60, 31))
            if label in look.LABEL_COLOUR:
                item.setBackground(look.with_alpha(look.LABEL_COLOUR[label], 60))
                item.setToolTip(f"{name}, label {label}")
            if not visible:
                item.setForeground(Qt.GlobalColor.gray)
                item.setToolTip(f"{name} is hidden")
            self.addItem(item)
        self.verticalScrollBar().setValue(place)
        self._busy = False
        self.show_selection()

    def show_selection(self) -> None:
        if self._busy:
            return
        chosen = set(self.session.selected("p"))
        self._busy = True
        self.clearSelection()
        for i in range(self.count()):
            self.item(i).setSelected(self.item(i).data(KEY) in chosen)
        found = [i for i in range(self.count()) if self.item(i).isSelected()]
        if len(found) == 1:
            self.scrollToItem(self.item(found[0]))
        self._busy = False

    def _tell_selection(self) -> None:
        if not self._busy:
            self._busy = True
            self.session.select([item.data(KEY) for item in self.selectedItems()])
            self._busy = False

    def dropEvent(self, event: QDropEvent) -> None:
        row = self.indexAt(event.position().toPoint()).row()
        above = QAbstractItemView.DropIndicatorPosition.AboveItem
        count = self.count()
        # Rows run front to back, the order back to front.
        before = 0 if row < 0 else count - row - (0 if self.dropIndicatorPosition() == above else 1)
        keys = [item.data(KEY) for item in self.selectedItems()]
        event.setDropAction(Qt.DropAction.IgnoreAction)
        event.accept()
        name = f"Depth of {label_of(self.session, keys)}"
        self.session.edit(name, puppet=reorder(self.session.puppet, keys, before))

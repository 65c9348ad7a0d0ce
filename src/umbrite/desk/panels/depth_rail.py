"""The depth rail: parts from front to back with their pictures; drag one or many to reorder."""

from typing import Any

from PySide6.QtCore import QSize, Qt
from PySide6.QtGui import QDropEvent, QIcon
from PySide6.QtWidgets import QAbstractItemView, QListWidgetItem, QWidget

from umbrite.desk.commands.labels import label_of
from umbrite.desk.panels.selecting_list import KEY, SelectingList
from umbrite.desk.session.session import Session
from umbrite.desk.theme import look
from umbrite.desk.theme.language import tr
from umbrite.desk.theme.thumbnails import thumbnail
from umbrite.rig.edits.parts import reorder


class DepthRail(SelectingList):
    """Front on top. Drops ask the session for another order and never move rows by themselves."""

    def __init__(self, session: Session, parent: QWidget | None = None) -> None:
        super().__init__(session, "Depth, front on top", parent)
        self.setIconSize(QSize(34, 26))
        self.setUniformItemSizes(True)
        self.setDragDropMode(QAbstractItemView.DragDropMode.InternalMove)
        self.setMinimumWidth(190)
        self.rebuild()

    def fresh_rows(self) -> list[tuple[Any, ...]]:
        parts = self.session.puppet.parts
        found = ((key, parts[key]) for key in reversed(self.session.puppet.order))
        return [(key, part.name, part.drawing.sha256, part.visible, part.label) for key, part in found]

    def item_for(self, row: tuple[Any, ...]) -> QListWidgetItem:
        key, name, _, visible, label = row
        item = super().item_for(row)
        item.setIcon(
            QIcon(
                thumbnail(
                    self.session.stage.theme,
                    self.session.file.pictures,
                    self.session.puppet.parts[key].drawing,
                    26,
                    34,
                )
            )
        )
        item.setSizeHint(QSize(60, 31))
        if (colour := self.session.stage.theme.label(label)) is not None:
            item.setBackground(look.with_alpha(colour, 60))
            item.setToolTip(tr("{name}, label {label}", name=name, label=label))
        if not visible:
            item.setForeground(Qt.GlobalColor.gray)
            item.setToolTip(tr("{name} is hidden", name=name))
        return item

    def chosen(self) -> set[str]:
        return set(self.session.selection.of("part"))

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

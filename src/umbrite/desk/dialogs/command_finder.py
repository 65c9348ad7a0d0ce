"""Find a command by typing: every action with its key; what can't be done now says why."""

from PySide6.QtCore import QEvent, QObject, Qt
from PySide6.QtGui import QAction, QKeyEvent
from PySide6.QtWidgets import QFrame, QLineEdit, QListWidget, QListWidgetItem, QVBoxLayout, QWidget

from umbrite.desk.theme.language import tr


class Finder(QFrame):
    """A popover with a line to type in and the actions that fit."""

    def __init__(self, actions: list[QAction], parent: QWidget) -> None:
        super().__init__(parent, Qt.WindowType.Popup)
        self.setObjectName("popover")
        self._actions = actions
        column = QVBoxLayout(self)
        column.setContentsMargins(8, 8, 8, 8)
        self.line = QLineEdit()
        self.line.setPlaceholderText(tr("Type what you want to do"))
        self.line.setAccessibleName(tr("Find a command"))
        self.list = QListWidget()
        self.list.setFocusPolicy(Qt.FocusPolicy.NoFocus)
        self.list.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        column.addWidget(self.line)
        column.addWidget(self.list)
        self.resize(420, 360)
        self.line.textChanged.connect(self.show_fitting)
        self.line.returnPressed.connect(self.run)
        self.list.itemClicked.connect(lambda _item: self.run())
        self.line.installEventFilter(self)

    def open_at(self, middle: int, top: int) -> None:
        self.line.clear()
        self.show_fitting("")
        self.move(middle - self.width() // 2, top)
        self.show()
        self.line.setFocus()

    def show_fitting(self, text: str) -> None:
        words = text.casefold().split()
        self.list.clear()
        for action in self._actions:
            name = action.text().replace("&", "")
            if all(word in name.casefold() for word in words):
                key = action.shortcut().toString()
                why = "" if action.isEnabled() else f"   {action.statusTip()}"
                item = QListWidgetItem(action.icon(), f"{name}   {key}{why}")
                item.setData(Qt.ItemDataRole.UserRole, action)
                if not action.isEnabled():
                    item.setForeground(Qt.GlobalColor.gray)
                self.list.addItem(item)
        self.list.setCurrentRow(0)

    def run(self) -> None:
        item = self.list.currentItem()
        if item is not None:
            action: QAction = item.data(Qt.ItemDataRole.UserRole)
            self.close()
            action.trigger()

    def eventFilter(self, _watched: QObject, event: QEvent) -> bool:
        if isinstance(event, QKeyEvent) and event.type() == QEvent.Type.KeyPress:
            step = {Qt.Key.Key_Down: 1, Qt.Key.Key_Up: -1}.get(Qt.Key(event.key()), 0)
            if step:
                self.list.setCurrentRow(max(0, min(self.list.count() - 1, self.list.currentRow() + step)))
                return True
        return False

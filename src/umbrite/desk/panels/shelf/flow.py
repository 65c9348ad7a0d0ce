"""A layout that puts widgets in rows as wide as there is room, as words in a text."""

from PySide6.QtCore import QPoint, QRect, QSize
from PySide6.QtWidgets import QLayout, QLayoutItem, QWidget


class Flow(QLayout):
    """See the module. All widgets keep the size that they ask for."""

    def __init__(self, parent: QWidget, gap: int = 6) -> None:
        super().__init__(parent)
        self._items: list[QLayoutItem] = []
        self._whole_rows: set[QWidget] = set()
        self._gap = gap
        self.setContentsMargins(0, 0, 0, 0)

    def add_row(self, widget: QWidget) -> None:
        """A widget that has a row for itself."""
        self._whole_rows.add(widget)
        self.addWidget(widget)

    def addItem(self, item: QLayoutItem) -> None:
        self._items.append(item)

    def count(self) -> int:
        return len(self._items)

    def itemAt(self, index: int) -> QLayoutItem | None:
        return self._items[index] if 0 <= index < len(self._items) else None

    def takeAt(self, index: int) -> QLayoutItem | None:
        return self._items.pop(index) if 0 <= index < len(self._items) else None

    def hasHeightForWidth(self) -> bool:
        return True

    def heightForWidth(self, width: int) -> int:
        return self._lay(QRect(0, 0, width, 0), move=False)

    def sizeHint(self) -> QSize:
        return self.minimumSize()

    def minimumSize(self) -> QSize:
        size = QSize()
        for item in self._items:
            size = size.expandedTo(item.minimumSize())
        return size

    def setGeometry(self, rect: QRect) -> None:
        super().setGeometry(rect)
        self._lay(rect, move=True)

    def _lay(self, rect: QRect, *, move: bool) -> int:
        """Put the items in their rows; the height that they take."""
        x, y, tall = rect.x(), rect.y(), 0
        for item in self._items:
            if item.isEmpty():  # its widget is hidden
                continue
            size = item.sizeHint()
            whole = item.widget() in self._whole_rows
            if whole:
                size.setWidth(max(rect.width(), size.width()))
            if x > rect.x() and x + size.width() > rect.right() + 1:
                x, y, tall = rect.x(), y + tall + self._gap, 0
            if move:
                item.setGeometry(QRect(QPoint(x, y), size))
            x, tall = x + size.width() + self._gap, max(tall, size.height())
        return y + tall - rect.y()

"""A question on the board's upper edge that may wait: work goes on below it, and nothing is answered by a key meant for something else."""

from collections.abc import Callable, Mapping

from PySide6.QtCore import Qt, Signal
from PySide6.QtWidgets import QFrame, QHBoxLayout, QLabel, QPushButton, QVBoxLayout, QWidget

from umbrite.desk.theme.language import tr

WIDE = 620
TOP = 62  # below the tools


class Banner(QFrame):
    """Two lines and a few buttons; gone when one is pressed."""

    placed = Signal()  # it takes or gives up room

    def __init__(self, over: QWidget) -> None:
        super().__init__(over)
        self._over = over
        self._left = 0
        self.about: object | None = None
        self.setObjectName("popover")
        self.setAccessibleName(tr("Question"))
        column = self._column = QVBoxLayout(self)
        column.setContentsMargins(16, 10, 16, 10)
        column.setSpacing(4)
        self.text = QLabel()
        self.text.setWordWrap(True)
        self.more = QLabel()
        self.more.setObjectName("quiet")
        self.more.setWordWrap(True)
        column.addWidget(self.text)
        column.addWidget(self.more)
        self._row = QHBoxLayout()
        column.addLayout(self._row)
        self.buttons: dict[str, QPushButton] = {}
        self.hide()

    def ask(
        self, text: str, more: str, answers: Mapping[str, Callable[[], object]], about: object | None = None
    ) -> None:
        """Show a question; the first answer stands on the left. `about` is what it asks of."""
        self.about = about
        while (item := self._row.takeAt(0)) is not None:
            if (old := item.widget()) is not None:
                old.deleteLater()
        self.text.setText(text)
        self.more.setText(more)
        self.buttons = {}
        for words, does in answers.items():
            button = QPushButton(words)
            button.setFocusPolicy(Qt.FocusPolicy.TabFocus)
            button.clicked.connect(lambda _on=False, does=does: self._answer(does))
            self._row.addWidget(button)
            self.buttons[words] = button
        self._row.addStretch(1)
        self.show()
        self.raise_()
        self.place()
        self.placed.emit()

    def place(self, left: int | None = None) -> None:
        """In the middle of the upper edge, below the tools and to the right of what takes so many pixels on the left."""
        self._left = self._left if left is None else left
        room = self._over.width() - self._left
        self.setFixedWidth(min(WIDE, room - 24))
        tall = self._column.heightForWidth(self.width())
        self.setFixedHeight((tall if tall > 0 else self.sizeHint().height()) + 6)
        self.move(self._left + (room - self.width()) // 2, TOP)

    def take_away(self) -> None:
        """The question is none any more."""
        self.hide()
        self.placed.emit()

    def _answer(self, does: Callable[[], object]) -> None:
        self.take_away()
        does()

"""The line below the board: what a drag will do here, or what was just said."""

import time
from collections import deque

from PySide6.QtCore import QPoint, Qt, QTimer
from PySide6.QtGui import QFont, QMouseEvent
from PySide6.QtWidgets import QFrame, QHBoxLayout, QLabel, QMenu, QWidget

from umbrite.desk.board.board import Board
from umbrite.desk.board.widgets.hints import hint_for
from umbrite.desk.session.session import Session
from umbrite.desk.theme import look
from umbrite.desk.theme.language import tr

MESSAGE_STAYS = 9_000  # milliseconds
REMEMBERED, LONGEST = 20, 120  # messages, and letters of each in the list


class HintLine(QFrame):
    """One sentence; a message takes its place for a while, or until the next press. A click lists what was said."""

    def __init__(self, session: Session, board: Board, parent: QWidget) -> None:
        super().__init__(parent)
        self.session, self.board = session, board
        self.setObjectName("hints")
        row = QHBoxLayout(self)
        row.setContentsMargins(14, 5, 14, 6)
        self.text = QLabel()
        self.text.setMinimumWidth(50)
        self.text.setTextFormat(Qt.TextFormat.PlainText)
        self.text.setWordWrap(True)
        self.text.setAccessibleName(tr("Hint"))
        self.zoom = QLabel()
        self.zoom.setObjectName("quiet")
        row.addWidget(self.text, 1)
        row.addWidget(self.zoom)
        self.setFixedHeight(44)
        self._message = ""
        self._said: deque[tuple[str, str]] = deque(maxlen=REMEMBERED)
        self.setToolTip(tr("Click for earlier messages  (Ctrl+Shift+M)"))
        self._timer = QTimer(self)
        self._timer.setSingleShot(True)
        self._timer.setInterval(MESSAGE_STAYS)
        self._timer.timeout.connect(self._drop_message)
        session.said.connect(self.say)
        board.hovered.connect(self.refresh)
        session.opened.connect(self.refresh)
        board.zoomed.connect(lambda zoom: self.zoom.setText(f"{zoom * 100:.0f} %"))
        for signal in (session.workspace.station_changed, session.workspace.tool_changed, board.pressed):
            signal.connect(self._drop_message)
        self.refresh()

    @property
    def message(self) -> str:
        """What was said last and still stands."""
        return self._message

    def say(self, text: str) -> None:
        self._message = text
        self._said.append((time.strftime("%H:%M"), text))
        self._timer.start()
        self.refresh()

    def mousePressEvent(self, _event: QMouseEvent) -> None:
        self.show_history()

    def show_history(self) -> None:
        """The latest messages, the last one on top; a click says one again."""
        menu = QMenu(self)
        menu.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        menu.setAccessibleName(tr("Messages"))
        for when, text in reversed(self._said):
            words = text if len(text) <= LONGEST else text[:LONGEST].rstrip() + "…"
            action = menu.addAction(f"{when}   {words.replace('&', '&&')}")
            action.triggered.connect(lambda _on=False, text=text: self.say(text))
        if not self._said:
            menu.addAction(tr("No messages")).setEnabled(False)
        menu.popup(self.mapToGlobal(QPoint(8, -menu.sizeHint().height())))

    def _drop_message(self) -> None:
        self._message = ""
        self.refresh()

    def refresh(self) -> None:
        text = self._message or hint_for(self.session, self.board.hover)
        if self.text.text() != text:
            self.text.setText(text)
            self.text.setAccessibleDescription(text)
            weight = QFont.Weight.Medium if self._message else QFont.Weight.Normal
            self.text.setFont(look.font(11, weight))

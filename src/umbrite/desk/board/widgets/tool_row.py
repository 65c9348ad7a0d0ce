"""The tools of the present station in a row on the board's upper edge."""

from PySide6.QtCore import QRectF, QSize, Qt
from PySide6.QtGui import QAction, QPainter, QPaintEvent
from PySide6.QtWidgets import QFrame, QHBoxLayout, QToolButton, QWidget

from umbrite.desk.session.session import Session
from umbrite.desk.theme import look
from umbrite.desk.theme.inked import Inked
from umbrite.desk.theme.marks import pen


class ToolRow(QFrame):
    """Only the tools of the present station, each with its name and key."""

    def __init__(self, session: Session, parent: QWidget) -> None:
        super().__init__(parent)
        self.session = session
        self.setObjectName("toolrow")
        self._row = QHBoxLayout(self)
        self._row.setContentsMargins(5, 4, 5, 4)
        self._row.setSpacing(3)
        self.buttons: list[QToolButton] = []
        self._room = 0

    def show_actions(self, actions: list[QAction]) -> None:
        for button in self.buttons:
            self._row.removeWidget(button)
            button.hide()
            button.deleteLater()
        self.buttons = [self._button(action) for action in actions]
        self._row.activate()
        self.adjustSize()

    def fit(self, width: int) -> None:
        """Names beside the icons, from the left on, for as many tools as there is room."""
        self._room = width
        style = Qt.ToolButtonStyle
        for named in range(len(self.buttons), -1, -1):
            for i, button in enumerate(self.buttons):
                button.setToolButtonStyle(style.ToolButtonTextBesideIcon if i < named else style.ToolButtonIconOnly)
            self._row.invalidate()
            self._row.activate()
            if self.sizeHint().width() <= width:
                break
        self.resize(self.sizeHint())

    def full_width(self) -> int:
        """How wide the row is with all names."""
        self.fit(100_000)
        wide = self.width()
        self.fit(self._room)
        return wide

    def _button(self, action: QAction) -> QToolButton:
        button = KeyedButton(self.session, self)
        button.setObjectName("tool")
        button.setDefaultAction(action)
        button.setToolButtonStyle(Qt.ToolButtonStyle.ToolButtonTextBesideIcon)
        button.setIconSize(QSize(18, 18))
        button.setFocusPolicy(Qt.FocusPolicy.TabFocus)
        self._row.addWidget(button)
        button.show()
        return button


class KeyedButton(QToolButton):
    """A tool button that shows its key, small, well apart from the name."""

    def __init__(self, session: Session, parent: QWidget) -> None:
        super().__init__(parent)
        self.session = session

    def sizeHint(self) -> QSize:
        hint = super().sizeHint()
        key = self._key()
        return hint + QSize(self._key_width(key) + 8, 0) if key else hint

    def _key(self) -> str:
        action = self.defaultAction()
        text = action.shortcut().toString() if action is not None else ""
        return text if len(text) <= 2 else ""

    def _key_width(self, key: str) -> int:
        return max(15, self.fontMetrics().horizontalAdvance(key) + 6)

    def paintEvent(self, event: QPaintEvent) -> None:
        super().paintEvent(event)
        key = self._key()
        if not key:
            return
        painter = Inked(self, self.session.workspace.theme)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        wide = self._key_width(key)
        box = QRectF(self.width() - wide - 6, self.height() / 2 - 8, wide, 16)
        painter.setPen(pen(painter.theme.line, 1))
        painter.setBrush(painter.theme.paper)
        painter.drawRoundedRect(box, 3, 3)
        painter.setFont(look.font(8.5))
        painter.setPen(painter.theme.quiet)
        painter.drawText(box, Qt.AlignmentFlag.AlignCenter, key)
        painter.end()

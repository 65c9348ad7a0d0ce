"""The tools of the present station in a row on the board's upper edge."""

from PySide6.QtCore import QRectF, QSize, Qt
from PySide6.QtGui import QAction, QPainter, QPaintEvent
from PySide6.QtWidgets import QFrame, QHBoxLayout, QMenu, QToolButton, QWidget

from umbrite.desk.session.session import Session
from umbrite.desk.theme import look
from umbrite.desk.theme.inked import Inked
from umbrite.desk.theme.language import tr
from umbrite.desk.theme.marks import pen


class ToolRow(QFrame):
    """Only the tools of the present station, each with its name and key; those for which there is no room are in a list at its end."""

    def __init__(self, session: Session, parent: QWidget) -> None:
        super().__init__(parent)
        self.session = session
        self.setObjectName("toolrow")
        self._row = QHBoxLayout(self)
        self._row.setContentsMargins(5, 4, 5, 4)
        self._row.setSpacing(3)
        self.buttons: list[QToolButton] = []
        self.more = QToolButton(self)
        self.more.setObjectName("tool")
        self.more.setPopupMode(QToolButton.ToolButtonPopupMode.InstantPopup)
        self.more.setToolButtonStyle(Qt.ToolButtonStyle.ToolButtonTextOnly)
        self.more.setFocusPolicy(Qt.FocusPolicy.TabFocus)
        self._list = QMenu(self.more)
        self.more.setMenu(self._list)
        self._row.addWidget(self.more)
        self._room = 0
        session.workspace.tool_changed.connect(lambda *_: self.fit(self._room))  # the list bears another name

    def show_actions(self, actions: list[QAction]) -> None:
        for button in self.buttons:
            self._row.removeWidget(button)
            button.hide()
            button.deleteLater()
        self.buttons = [self._button(action, i) for i, action in enumerate(actions)]
        self._row.activate()
        self.adjustSize()

    def fit(self, width: int) -> None:
        """As many tools from the left on as there is room for; the others go into the list."""
        self._room = width
        for shown in range(len(self.buttons), -1, -1):
            self._list.clear()
            for i, button in enumerate(self.buttons):
                button.setVisible(i < shown)
                if i >= shown:
                    self._list.addAction(button.defaultAction())
            self.more.setVisible(shown < len(self.buttons))
            self._name_more()
            self._row.invalidate()
            self._row.activate()
            if self.sizeHint().width() <= width:
                break
        self.resize(self.sizeHint())

    def _name_more(self) -> None:
        """The list's button bears the name of the tool that is taken, where that is in it."""
        taken = next((action for action in self._list.actions() if action.isChecked()), None)
        self.more.setText(tr("More") if taken is None else taken.text())

    def full_width(self) -> int:
        """How wide the row is with all names."""
        self.fit(100_000)
        wide = self.width()
        self.fit(self._room)
        return wide

    def _button(self, action: QAction, place: int) -> QToolButton:
        button = KeyedButton(self.session, self)
        button.setObjectName("tool")
        button.setDefaultAction(action)
        button.setToolButtonStyle(Qt.ToolButtonStyle.ToolButtonTextBesideIcon)
        button.setIconSize(QSize(18, 18))
        button.setFocusPolicy(Qt.FocusPolicy.TabFocus)
        self._row.insertWidget(place, button)
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

"""The sheet on an empty board, with three ways in."""

from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QAction, QFont, QPainter, QPaintEvent
from PySide6.QtWidgets import QFrame, QLabel, QPushButton, QVBoxLayout, QWidget

from umbrite.desk.session.session import Session
from umbrite.desk.theme import look
from umbrite.desk.theme.inked import Inked
from umbrite.desk.theme.language import tr
from umbrite.desk.theme.marks import pen


class Welcome(QFrame):
    """An empty puppet: a paper sheet with three ways in."""

    def __init__(self, session: Session, actions: list[QAction], parent: QWidget) -> None:
        super().__init__(parent)
        self.session = session
        column = QVBoxLayout(self)
        column.setContentsMargins(34, 30, 34, 28)
        column.setSpacing(10)
        title = QLabel(tr("Begin here"))
        title.setFont(look.font(19, QFont.Weight.Medium))
        words = QLabel(tr("Drop pictures or a layered picture here, or choose a way in."))
        words.setObjectName("quiet")
        column.addWidget(title)
        column.addWidget(words)
        column.addSpacing(8)
        self.buttons = []
        for i, action in enumerate(actions):
            button = QPushButton(action.icon(), "  " + action.text().replace("&", ""))
            button.clicked.connect(action.trigger)
            button.setMinimumHeight(32)
            if i == 0:
                button.setObjectName("main")
                button.setIcon(look.icon(session.workspace.theme, "folder-open", session.workspace.theme.on_main))
            self.buttons.append(button)
            column.addWidget(button)
        self.adjustSize()

    def paintEvent(self, _event: QPaintEvent) -> None:
        painter = Inked(self, self.session.workspace.theme)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        box = QRectF(self.rect()).adjusted(3, 3, -4, -5)
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(look.with_alpha(painter.theme.ink, 28))
        painter.drawRoundedRect(box.translated(1.5, 3), 4, 4)
        painter.setBrush(painter.theme.paper)
        painter.setPen(pen(painter.theme.line, 1.2))
        painter.drawRoundedRect(box, 4, 4)
        painter.setPen(pen(painter.theme.line, 1.6, Qt.PenStyle.DashLine))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.drawRoundedRect(box.adjusted(9, 9, -9, -9), 4, 4)
        painter.setBrush(painter.theme.brass)
        painter.setPen(pen(painter.theme.ink, 1.4))
        painter.drawEllipse(QPointF(box.center().x(), box.top() + 10), 6, 6)
        painter.end()

"""The board with what lies on its edges: the tool row, the hint line, and the sheet with three ways in."""

from PySide6.QtCore import QEvent, QObject, QPointF, QRectF, QSize, Qt, QTimer
from PySide6.QtGui import QAction, QFont, QPainter, QPaintEvent
from PySide6.QtWidgets import QFrame, QHBoxLayout, QLabel, QPushButton, QToolButton, QVBoxLayout, QWidget

from umbrite.desk import look
from umbrite.desk.board import Board
from umbrite.desk.bone_card import BoneCard
from umbrite.desk.found_limits import FoundStrip
from umbrite.desk.hints import hint_for
from umbrite.desk.overlay.marks import pen
from umbrite.desk.session import Session

MESSAGE_STAYS = 9_000  # milliseconds


class ToolRow(QFrame):
    """Only the tools of the present station, each with its name and key."""

    def __init__(self, parent: QWidget) -> None:
        super().__init__(parent)
        self.setObjectName("toolrow")
        self._row = QHBoxLayout(self)
        self._row.setContentsMargins(5, 4, 5, 4)
        self._row.setSpacing(3)
        self.buttons: list[QToolButton] = []

    def show_actions(self, actions: list[QAction]) -> None:
        for button in self.buttons:
            self._row.removeWidget(button)
            button.hide()
            button.deleteLater()
        self.buttons = [self._button(action) for action in actions]
        self._row.activate()
        self.adjustSize()

    def fit(self, width: int) -> None:
        """Names beside the icons where there is room for them, icons alone where there is not."""
        for style in (Qt.ToolButtonStyle.ToolButtonTextBesideIcon, Qt.ToolButtonStyle.ToolButtonIconOnly):
            for button in self.buttons:
                button.setToolButtonStyle(style)
            self._row.activate()
            self.adjustSize()
            if self.sizeHint().width() <= width:
                return

    def _button(self, action: QAction) -> QToolButton:
        button = KeyedButton(self)
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
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        wide = self._key_width(key)
        box = QRectF(self.width() - wide - 6, self.height() / 2 - 8, wide, 16)
        painter.setPen(pen(look.LINE, 1))
        painter.setBrush(look.PAPER)
        painter.drawRoundedRect(box, 3, 3)
        painter.setFont(look.font(8.5))
        painter.setPen(look.QUIET)
        painter.drawText(box, Qt.AlignmentFlag.AlignCenter, key)
        painter.end()


class Welcome(QFrame):
    """An empty puppet: a paper sheet with three ways in."""

    def __init__(self, actions: list[QAction], parent: QWidget) -> None:
        super().__init__(parent)
        column = QVBoxLayout(self)
        column.setContentsMargins(34, 30, 34, 28)
        column.setSpacing(10)
        title = QLabel("Lay out the pieces")
        title.setFont(look.font(19, QFont.Weight.Medium))
        words = QLabel("Drop pictures or a layered picture here, or choose a way in.")
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
                button.setIcon(look.icon("folder-open", "#FFFDF8"))
            self.buttons.append(button)
            column.addWidget(button)
        self.adjustSize()

    def paintEvent(self, _event: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        box = QRectF(self.rect()).adjusted(3, 3, -4, -5)
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(look.with_alpha(look.INK, 28))
        painter.drawRoundedRect(box.translated(1.5, 3), 4, 4)
        painter.setBrush(look.PAPER)
        painter.setPen(pen(look.LINE, 1.2))
        painter.drawRoundedRect(box, 4, 4)
        painter.setPen(pen(look.LINE, 1.6, Qt.PenStyle.DashLine))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.drawRoundedRect(box.adjusted(9, 9, -9, -9), 4, 4)
        painter.setBrush(look.BRASS)
        painter.setPen(pen(look.INK, 1.4))
        painter.drawEllipse(QPointF(box.center().x(), box.top() + 10), 6, 6)
        painter.end()


class HintLine(QFrame):
    """One sentence; a message takes its place for a while, or until the next press."""

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
        self.text.setAccessibleName("Hint")
        self.zoom = QLabel()
        self.zoom.setObjectName("quiet")
        row.addWidget(self.text, 1)
        row.addWidget(self.zoom)
        self.setFixedHeight(44)
        self._message = ""
        self._timer = QTimer(self)
        self._timer.setSingleShot(True)
        self._timer.setInterval(MESSAGE_STAYS)
        self._timer.timeout.connect(self._drop_message)
        session.said.connect(self.say)
        board.hovered.connect(self.refresh)
        board.zoomed.connect(lambda zoom: self.zoom.setText(f"{zoom * 100:.0f} %"))
        for signal in (session.station_changed, session.tool_changed, board.pressed):
            signal.connect(self._drop_message)
        self.refresh()

    @property
    def message(self) -> str:
        """What was said last and still stands."""
        return self._message

    def say(self, text: str) -> None:
        self._message = text
        self._timer.start()
        self.refresh()

    def _drop_message(self) -> None:
        self._message = ""
        self.refresh()

    def refresh(self) -> None:
        text = self._message or hint_for(self.session, self.board.hover)
        if self.text.text() != text:
            self.text.setText(text)
            weight = QFont.Weight.Medium if self._message else QFont.Weight.Normal
            self.text.setFont(look.font(11, weight))


class BoardFrame(QWidget):
    """Puts them together, and keeps the tool row and the welcome sheet in place."""

    def __init__(self, session: Session, welcome: list[QAction], parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.session = session
        self.alone = False
        self.board = Board(session, self)
        self.tools = ToolRow(self.board)
        self.welcome = Welcome(welcome, self.board)
        self.found = FoundStrip(session, self.board)
        self.bone_card = BoneCard(session, self.board)
        self.hints = HintLine(session, self.board, self)
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(0)
        column.addWidget(self.board, 1)
        column.addWidget(self.hints)
        self.board.installEventFilter(self)
        session.boning_changed.connect(self._place_card)
        session.changed.connect(lambda *_: self._place_card())
        self.board.zoomed.connect(lambda _zoom: self._place_card())
        session.opened.connect(self.arrange)
        session.file_changed.connect(self.arrange)

    def show_tools(self, actions: list[QAction]) -> None:
        self.tools.show_actions(actions)
        self.arrange()

    def show_alone(self, *, on: bool) -> None:
        """Nothing but the board, or the tools and hints again."""
        self.alone = on
        self.hints.setVisible(not on)
        self.arrange()

    def arrange(self) -> None:
        empty = not self.session.puppet.parts
        self.welcome.setVisible(empty)
        self.tools.setVisible(not empty and not self.alone)
        self.tools.fit(self.board.width() - 24)
        self.tools.move(12, 10)
        self.found.setGeometry(12, self.board.height() - 178, self.board.width() - 24, 168)
        self.welcome.move(
            (self.board.width() - self.welcome.width()) // 2,
            (self.board.height() - self.welcome.height()) // 2,
        )

    def _place_card(self) -> None:
        """Keep the card beside the tip of its bone, within the board."""
        key = self.session.boning.card
        joint = self.session.puppet.joints.get(key) if key is not None else None
        if joint is None or joint.tip is None:
            return
        at = self.board.camera.point(joint.tip.z)
        right, low = (
            self.board.width() - self.bone_card.width(),
            self.board.height() - self.bone_card.height(),
        )
        self.bone_card.move(int(min(max(at.x() + 26, 8), right - 8)), int(min(max(at.y() + 10, 58), low - 8)))

    def eventFilter(self, watched: QObject, event: QEvent) -> bool:
        if event.type() == QEvent.Type.Resize:
            self.arrange()
        return super().eventFilter(watched, event)

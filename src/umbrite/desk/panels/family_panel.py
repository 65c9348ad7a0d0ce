"""The family's tree with its filter box and the legend of the sides."""

from PySide6.QtCore import Qt
from PySide6.QtGui import QPainter, QPaintEvent
from PySide6.QtWidgets import QLabel, QLineEdit, QVBoxLayout, QWidget  # fmt: skip

from umbrite.desk.panels.family_tree import FamilyTree
from umbrite.desk.session.session import Session
from umbrite.desk.theme.inked import Inked
from umbrite.desk.theme.language import tr
from umbrite.desk.theme.marks import pen
from umbrite.desk.theme.themes import side_words


class FamilyPanel(QWidget):
    """The tree with its filter box and the legend of the sides."""

    def __init__(self, session: Session, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setAutoFillBackground(True)
        column = QVBoxLayout(self)
        column.setContentsMargins(8, 4, 4, 6)
        column.setSpacing(6)
        self.find_box = QLineEdit()
        self.find_box.setPlaceholderText(tr("Find a joint or part"))
        self.find_box.setAccessibleName(tr("Find a joint or part"))
        self.find_box.setClearButtonEnabled(True)
        self.tree = FamilyTree(session, self)
        self.find_box.textChanged.connect(self.tree.filter)
        session.settled.connect(self._filter_again)
        column.addWidget(self.find_box)
        column.addWidget(self.tree, 1)
        column.addWidget(Legend(session, self))
        self.setMinimumWidth(190)

    def _filter_again(self) -> None:
        if self.find_box.text():
            self.tree.filter(self.find_box.text())


class Legend(QLabel):
    """Which bar means which side."""

    def __init__(self, session: Session, parent: QWidget) -> None:
        super().__init__(parent)
        self.session = session
        self.setObjectName("quiet")
        self.setFixedHeight(18)
        session.settled.connect(self._tell)
        self._tell()

    def _tell(self) -> None:
        words = side_words(joint.name for joint in self.session.puppet.joints.values())
        near, far = (tr(words[side].split()[0].lower()) for side in ("near", "far"))
        self._before_far = f"      {near}         "
        self.setText(self._before_far + far)

    def paintEvent(self, event: QPaintEvent) -> None:
        super().paintEvent(event)
        painter = Inked(self, self.session.workspace.theme)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        metrics = self.fontMetrics()
        far = metrics.horizontalAdvance(self._before_far) - 9
        painter.setPen(pen(painter.theme.ochre, 2.6))
        painter.drawLine(9, 3, 9, 15)
        broken = pen(painter.theme.plum, 2.6)
        broken.setDashPattern([1.5, 0.9])
        broken.setCapStyle(Qt.PenCapStyle.FlatCap)
        painter.setPen(broken)
        painter.drawLine(far, 3, far, 15)
        painter.end()

"""The findings, one below the other: show takes you to the place, the fix does what it says."""

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QFrame, QHBoxLayout, QLabel, QPushButton, QScrollArea, QVBoxLayout, QWidget

from umbrite.desk import look
from umbrite.desk.session import Session
from umbrite.desk.strip import STATION_OF
from umbrite.rig.findings import Finding, mend

SIGN = {"error": ("x", look.BRICK), "warning": ("lightbulb", look.AMBER), "hint": ("circle-help", look.TEAL)}


class FindingsList(QFrame):
    """A popover under the lamp."""

    def __init__(self, session: Session, parent: QWidget | None = None) -> None:
        super().__init__(parent, Qt.WindowType.Popup)
        self.session = session
        self.setObjectName("popover")
        self.setAccessibleName("Findings")
        outer = QVBoxLayout(self)
        outer.setContentsMargins(4, 4, 4, 4)
        self.area = QScrollArea()
        self.area.setWidgetResizable(True)
        self.area.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.area.setStyleSheet("QScrollArea, QScrollArea > QWidget > QWidget { background: #FFFDF8; }")
        outer.addWidget(self.area)
        self.resize(440, 380)

    def refresh(self) -> None:
        inside = QWidget()
        column = QVBoxLayout(inside)
        column.setContentsMargins(8, 6, 8, 6)
        column.setSpacing(9)
        found = self.session.findings
        if not found:
            column.addWidget(QLabel("Nothing to look at: the checks found all well."))
        for finding in found:
            column.addWidget(self._row(finding))
        column.addStretch(1)
        self.area.setWidget(inside)

    def _row(self, finding: Finding) -> QWidget:
        row = QWidget()
        line = QHBoxLayout(row)
        line.setContentsMargins(0, 0, 0, 0)
        sign = QLabel()
        name, colour = SIGN[finding.severity]
        sign.setPixmap(look.icon(name, colour.name()).pixmap(18, 18))
        sign.setAccessibleName(finding.severity)
        line.addWidget(sign, 0, Qt.AlignmentFlag.AlignTop)
        words = QVBoxLayout()
        words.setSpacing(3)
        text = QLabel(finding.text)
        text.setWordWrap(True)
        words.addWidget(text)
        buttons = QHBoxLayout()
        show = QPushButton("Show")
        show.clicked.connect(lambda: self._show(finding))
        buttons.addWidget(show)
        if finding.fix is not None:
            fix = QPushButton(finding.fix)
            fix.clicked.connect(lambda: self._fix(finding))
            buttons.addWidget(fix)
        buttons.addStretch(1)
        words.addLayout(buttons)
        line.addLayout(words, 1)
        return row

    def _show(self, finding: Finding) -> None:
        self.close()
        self.session.go_to(STATION_OF.get(finding.code, self.session.station))
        self.session.select([finding.where])
        self.session.say(finding.text)

    def _fix(self, finding: Finding) -> None:
        self.session.edit(finding.fix or "Fix", puppet=mend(self.session.puppet, finding))
        self.refresh()

"""The contact sheet of a workout, to look at and to keep."""

from collections.abc import Callable

from PySide6.QtCore import Qt
from PySide6.QtGui import QPixmap
from PySide6.QtWidgets import QDialog, QHBoxLayout, QLabel, QPushButton, QScrollArea, QVBoxLayout, QWidget

from umbrite.checking.workout import Report
from umbrite.checking.workout_report import sheets_of, shots_of
from umbrite.desk.panels.findings.finding_words import sentence
from umbrite.desk.theme import look
from umbrite.desk.theme.language import tr
from umbrite.files.package import Package


class WorkoutSheet(QDialog):
    """The contact sheet: faults first and marked, then poses far from rest; what was measured below."""

    def __init__(self, parent: QWidget, package: Package, report: Report, keep: Callable[[], None]) -> None:
        """`keep` asks for a place and writes the sheet there."""
        super().__init__(parent)
        self.package, self.report = package, report
        self.setWindowTitle(tr("Workout"))
        self.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose, on=False)
        column = QVBoxLayout(self)
        head = QLabel(self._head())
        head.setWordWrap(True)
        head.setObjectName("title")
        column.addWidget(head)
        inside = QWidget()
        pages = QVBoxLayout(inside)
        pages.setContentsMargins(0, 0, 0, 0)
        self.pages = [
            QPixmap.fromImage(page) for page in sheets_of(package, shots_of(package.puppet, report), look.FAMILY_NAME)
        ]
        for page in self.pages:
            label = QLabel()
            label.setPixmap(page.scaledToWidth(880, Qt.TransformationMode.SmoothTransformation))
            label.setAccessibleName(tr("Contact sheet"))
            pages.addWidget(label)
        self.measured = QLabel(self._measured())
        self.measured.setTextFormat(Qt.TextFormat.RichText)
        pages.addWidget(self.measured)
        area = QScrollArea()
        area.setAccessibleName(tr("Contact sheet"))
        area.setWidget(inside)
        column.addWidget(area, 1)
        row = QHBoxLayout()
        self.keep = QPushButton(tr("Save the sheet as PDF, TIFF or PNG…"))
        self.keep.clicked.connect(keep)
        close = QPushButton(tr("Close"))
        close.clicked.connect(self.close)
        row.addWidget(self.keep)
        row.addStretch(1)
        row.addWidget(close)
        column.addLayout(row)
        look.size_within(self, 940, 720)

    def _head(self) -> str:
        noticed = self.report.noticed
        if not noticed:
            return tr("Nothing tears, flips or jumps. Look at the poses far from rest all the same.")
        return "\n".join(f"{tr(item.finding.severity.capitalize())}: {sentence(item.finding)}" for item in noticed[:6])

    def _measured(self) -> str:
        rows = "".join(
            f"<tr><td>{line.name}</td><td align=right>{line.largest_turn * 57.29578:.1f}°</td>"
            f"<td align=right>{line.largest_way:.0f} px</td><td align=right>{line.at_limit}</td><td align=right>{line.unreached}</td></tr>"
            for line in self.report.measured
        )
        titles = (tr("largest turn a step"), tr("largest way a step"), tr("frames at limits"), tr("out of reach"))
        cells = "".join(f"<th>{title}</th>" for title in titles)
        head = f"<tr><th align=left>{tr('moved')}</th>{cells}</tr>"
        return f"<table cellpadding=4>{head}{rows}</table>"

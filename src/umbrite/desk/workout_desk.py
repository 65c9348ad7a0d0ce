"""The workout at the desk: run with progress and cancel, its faults as findings, and the contact sheet to look at and keep."""

from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import Qt
from PySide6.QtGui import QPixmap
from PySide6.QtWidgets import QDialog, QHBoxLayout, QLabel, QPushButton, QScrollArea, QVBoxLayout, QWidget

from umbrite.checking.workout import Report, workout
from umbrite.checking.workout_report import sheets_of, shots_of, write_sheets
from umbrite.desk import look
from umbrite.desk.session import Session
from umbrite.files.layers import CancelledError
from umbrite.files.package import Package
from umbrite.rig.errors import UmbriteError

if TYPE_CHECKING:
    from umbrite.desk.window import Window


def run(window: "Window") -> None:
    """Run everything through its range; a cancel leaves nothing behind."""
    session = window.session
    package = session.package()
    pictures = {
        part.drawing.sha256: session.pictures.pixels(part.drawing.sha256)
        for part in package.puppet.parts.values()
    }
    try:
        with window.dialogs.watch("Workout") as watch:
            report = workout(package.puppet, pictures, watch)
    except CancelledError:
        session.say("The workout was stopped; nothing was changed.")
        return
    session.show_tried([item.finding for item in report.noticed])
    count = len(report.noticed)
    words = (
        "found nothing to mend"
        if not count
        else f"noticed {count} thing{'s' if count > 1 else ''}; the lamp lists them"
    )
    session.say(
        f"The workout ran {len(report.measured)} controls and joints through their range and {words}."
    )
    window.workout_sheet = WorkoutSheet(window, package, report)
    window.workout_sheet.show()


class WorkoutSheet(QDialog):
    """The contact sheet: faults first and marked, then poses far from rest; what was measured below."""

    def __init__(self, window: "Window", package: Package, report: Report) -> None:
        super().__init__(window)
        self.window_, self.package, self.report = window, package, report
        self.setWindowTitle("Workout")
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
            QPixmap.fromImage(page)
            for page in sheets_of(package, shots_of(package.puppet, report), look.FAMILY_NAME)
        ]
        for page in self.pages:
            label = QLabel()
            label.setPixmap(page.scaledToWidth(880, Qt.TransformationMode.SmoothTransformation))
            label.setAccessibleName("Contact sheet")
            pages.addWidget(label)
        self.measured = QLabel(self._measured())
        self.measured.setTextFormat(Qt.TextFormat.RichText)
        pages.addWidget(self.measured)
        area = QScrollArea()
        area.setWidget(inside)
        column.addWidget(area, 1)
        row = QHBoxLayout()
        self.keep = QPushButton("Keep the sheet as PDF, TIFF or PNG…")
        self.keep.clicked.connect(self._keep)
        close = QPushButton("Close")
        close.clicked.connect(self.close)
        row.addWidget(self.keep)
        row.addStretch(1)
        row.addWidget(close)
        column.addLayout(row)
        self.resize(940, 720)

    def _head(self) -> str:
        noticed = self.report.noticed
        if not noticed:
            return "Nothing tears, flips or jumps. Look at the poses far from rest all the same."
        return "\n".join(f"{item.finding.severity.capitalize()}: {item.finding.text}" for item in noticed[:6])

    def _measured(self) -> str:
        rows = "".join(
            f"<tr><td>{line.name}</td><td align=right>{line.largest_turn * 57.29578:.1f}°</td>"
            f"<td align=right>{line.largest_way:.0f} px</td><td align=right>{line.at_limit}</td><td align=right>{line.unreached}</td></tr>"
            for line in self.report.measured
        )
        head = "<tr><th align=left>moved</th><th>largest turn a step</th><th>largest way a step</th><th>frames at limits</th><th>out of reach</th></tr>"
        return f"<table cellpadding=4>{head}{rows}</table>"

    def _keep(self) -> None:
        stem = self.package.puppet.name.lower()
        folder = self.window_.files.folder or Path.home()
        path = self.window_.dialogs.path_to_save(folder / f"{stem}-workout.pdf", ".pdf")
        if path is None:
            return
        session: Session = self.window_.session
        try:
            write_sheets(path, self.package, self.report)
        except UmbriteError as error:
            session.say(str(error))
            return
        session.say(f"The contact sheet was kept as {path.name}.")

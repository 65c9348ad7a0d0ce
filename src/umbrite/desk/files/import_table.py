"""The table of layers before anything is added: which ones, their names, sides and numbers, groups as carriers or flat."""

import re
from typing import NamedTuple

from PySide6.QtCore import QSize, Qt
from PySide6.QtGui import QIcon, QImage, QPixmap
from PySide6.QtWidgets import (
    QCheckBox,
    QComboBox,
    QDialog,
    QDialogButtonBox,
    QHBoxLayout,
    QHeaderView,
    QLabel,
    QPlainTextEdit,
    QPushButton,
    QSpinBox,
    QTableWidget,
    QTableWidgetItem,
    QVBoxLayout,
    QWidget,
)

from umbrite.desk.theme.themes import side_words
from umbrite.files.layers import Layer, Layered
from umbrite.rig.model import Side
from umbrite.rig.words.names import side_of, tidy

COLUMNS = ("Layer", "Name", "Side", "No.", "Group")


SIDES: tuple[Side, ...] = ("near", "far", "middle")


THUMB = 34


class Chosen(NamedTuple):
    """What a person wants of a layered picture, and whether its groups become carriers."""

    layered: Layered
    carriers: bool


def with_number(name: str, number: int) -> str:
    """The name with another trailing number; 0 takes it away."""
    stem = re.sub(r"[\s_-]*\d+$", "", name)
    return f"{stem} {number}".strip() if number else stem


def number_of(name: str) -> int:
    found = re.search(r"(\d+)$", name)
    return min(int(found[1]), 9999) if found else 0


class ImportTable(QDialog):
    """See the module. Front layers stand on top, as in the depth rail."""

    def __init__(self, layered: Layered, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.layered = layered
        self._words = side_words(layer.name for layer in layered.layers)
        self.setWindowTitle("Lay out the pieces")
        self.setMinimumSize(720, 480)
        column = QVBoxLayout(self)
        column.setContentsMargins(18, 16, 18, 14)
        column.setSpacing(10)
        title = QLabel(
            f"{layered.name}: {len(layered.layers)} layers on {layered.width} × {layered.height} px"
        )
        title.setObjectName("title")
        column.addWidget(title)
        about = QLabel(
            "Names, sides and numbers are guessed from the layers; change here what is wrong. Nothing is added yet."
        )
        about.setObjectName("quiet")
        about.setWordWrap(True)
        column.addWidget(about)
        self.notes = self._notes()
        column.addWidget(self.notes)
        self.rows = tuple(reversed(layered.layers))
        self.table = self._table()
        column.addWidget(self.table, 1)
        self.carriers = QCheckBox("Make each group a carrier of its parts")
        self.carriers.setVisible(any(layer.groups for layer in layered.layers))
        foot = QHBoxLayout()
        for text, on in (("Tick all", True), ("Tick none", False)):
            button = QPushButton(text)
            button.setAutoDefault(False)
            button.clicked.connect(lambda _checked=False, on=on: self.tick_all(on=on))
            foot.addWidget(button)
        foot.addSpacing(12)
        foot.addWidget(self.carriers)
        foot.addStretch(1)
        self.buttons = QDialogButtonBox(QDialogButtonBox.StandardButton.Cancel)
        self.go = self.buttons.addButton("Add parts", QDialogButtonBox.ButtonRole.AcceptRole)
        self.go.setObjectName("main")
        self.go.setDefault(True)
        self.buttons.accepted.connect(self.accept)
        self.buttons.rejected.connect(self.reject)
        foot.addWidget(self.buttons)
        column.addLayout(foot)
        self.table.setColumnHidden(4, not any(layer.groups for layer in layered.layers))
        self.go.setFocus()
        self.table.itemChanged.connect(self._count)
        self._count()

    def _notes(self) -> QPlainTextEdit:
        """What of the picture could not be kept; hidden where everything was."""
        notes = QPlainTextEdit("\n".join(f"\N{BULLET} {note}" for note in self.layered.notes), self)
        notes.setReadOnly(True)
        notes.setAccessibleName("What is not kept of this picture")
        lines = min(len(self.layered.notes), 4)
        notes.setFixedHeight(lines * notes.fontMetrics().lineSpacing() + 18)
        notes.setVisible(lines > 0)
        return notes

    def _table(self) -> QTableWidget:
        table = QTableWidget(len(self.rows), len(COLUMNS), self)
        table.setHorizontalHeaderLabels(COLUMNS)
        table.verticalHeader().hide()
        table.setAccessibleName("Layers to add")
        table.setIconSize(QSize(THUMB, THUMB))
        table.setShowGrid(False)
        table.verticalHeader().setDefaultSectionSize(THUMB + 8)
        header = table.horizontalHeader()
        header.setSectionResizeMode(QHeaderView.ResizeMode.ResizeToContents)
        header.setSectionResizeMode(1, QHeaderView.ResizeMode.Stretch)
        for row, layer in enumerate(self.rows):
            self._fill(table, row, layer)
        return table

    def _fill(self, table: QTableWidget, row: int, layer: Layer) -> None:
        ticked = QTableWidgetItem(_thumbnail(layer), "")
        ticked.setFlags(
            Qt.ItemFlag.ItemIsUserCheckable | Qt.ItemFlag.ItemIsEnabled | Qt.ItemFlag.ItemIsSelectable
        )
        ticked.setCheckState(Qt.CheckState.Checked)
        table.setItem(row, 0, ticked)
        name = QTableWidgetItem(tidy(layer.name))
        table.setItem(row, 1, name)
        side = QComboBox()
        side.addItems([self._words[word] for word in SIDES])
        side.setCurrentIndex(SIDES.index(side_of(layer.name)))
        table.setCellWidget(row, 2, side)
        number = QSpinBox()
        number.setRange(0, 9999)
        number.setSpecialValueText("\N{EN DASH}")
        number.setValue(number_of(layer.name))
        number.valueChanged.connect(lambda value, name=name: name.setText(with_number(name.text(), value)))
        table.setCellWidget(row, 3, number)
        group = QTableWidgetItem(" / ".join(layer.groups))
        group.setFlags(Qt.ItemFlag.ItemIsEnabled)
        table.setItem(row, 4, group)

    def tick_all(self, *, on: bool) -> None:
        state = Qt.CheckState.Checked if on else Qt.CheckState.Unchecked
        for row in range(len(self.rows)):
            self.cell(row, 0).setCheckState(state)

    def _count(self) -> None:
        count = len(self._ticked())
        self.go.setText(f"Add {count} part{'s' if count != 1 else ''}")
        self.go.setEnabled(count > 0)

    def _ticked(self) -> list[int]:
        rows = range(len(self.rows))
        return [row for row in rows if self.cell(row, 0).checkState() == Qt.CheckState.Checked]

    def cell(self, row: int, column: int) -> QTableWidgetItem:
        """What stands in a row: its tick in column 0, its name in column 1."""
        item = self.table.item(row, column)
        assert item is not None
        return item

    def chosen(self) -> Chosen:
        """The ticked layers with their names and sides as they stand in the table."""
        layers = []
        for row in reversed(self._ticked()):
            side = self.table.cellWidget(row, 2)
            assert isinstance(side, QComboBox)
            name = self.cell(row, 1).text().strip() or self.rows[row].name
            layers.append(self.rows[row]._replace(name=name, side=SIDES[side.currentIndex()]))
        return Chosen(self.layered._replace(layers=tuple(layers)), self.carriers.isChecked())


def _thumbnail(layer: Layer) -> QIcon:
    image = QImage.fromData(layer.png).scaled(
        2 * THUMB, 2 * THUMB, Qt.AspectRatioMode.KeepAspectRatio, Qt.TransformationMode.SmoothTransformation
    )
    picture = QPixmap.fromImage(image)
    picture.setDevicePixelRatio(2)
    return QIcon(picture)

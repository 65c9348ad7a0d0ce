"""The table of layers before anything is added, beside the whole picture: which ones, their names, sides and numbers, and groups."""

import re
from collections.abc import Callable, Iterator
from typing import NamedTuple

from PySide6.QtCore import QEvent, QModelIndex, QObject, QPersistentModelIndex, QSize, Qt
from PySide6.QtGui import QIcon, QImage, QPainter, QPixmap
from PySide6.QtWidgets import (
    QAbstractItemView,
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
    QStyledItemDelegate,
    QStyleOptionViewItem,
    QTreeWidget,
    QTreeWidgetItem,
    QVBoxLayout,
    QWidget,
)

from umbrite.desk.files.layers_picture import LayersPicture
from umbrite.desk.theme.language import tr
from umbrite.desk.theme.look import dress_buttons, size_within
from umbrite.desk.theme.themes import DAY, Theme, side_words
from umbrite.files.layers import Group, Layered
from umbrite.files.variant_layers import sets_proposed
from umbrite.rig.model import Side
from umbrite.rig.words.names import side_of, tidy

COLUMNS = ("Name", "Side", "No.")
SIDES: tuple[Side, ...] = ("near", "far", "middle")
THUMB = 34
NUMBER = Qt.ItemDataRole.UserRole  # of the layer, from the back; None on groups


class Chosen(NamedTuple):
    """What a person wants of a layered picture, and which of its groups become carriers, or sets of which one shows."""

    layered: Layered
    carriers: frozenset[Group] = frozenset()
    sets: frozenset[Group] = frozenset()


def with_number(name: str, number: int) -> str:
    """The name with another trailing number; 0 takes it away."""
    stem = re.sub(r"[\s_-]*\d+$", "", name)
    return f"{stem} {number}".strip() if number else stem


def number_of(name: str) -> int:
    found = re.search(r"(\d+)$", name)
    return min(int(found[1]), 9999) if found else 0


class NamesOnly(QStyledItemDelegate):
    """Only the names of layers can be typed over."""

    def createEditor(
        self, parent: QWidget, option: QStyleOptionViewItem, index: QModelIndex | QPersistentModelIndex
    ) -> QWidget:
        named = index.column() == 0 and index.data(NUMBER) is not None
        return super().createEditor(parent, option, index) if named else None  # type: ignore[return-value]


class ImportTable(QDialog):
    """See the module. Front layers stand on top, as in the depth rail."""

    def __init__(self, layered: Layered, parent: QWidget | None = None, theme: Theme = DAY) -> None:
        super().__init__(parent)
        self.layered, self._theme = layered, theme
        self._words = side_words(layer.name for layer in layered.layers)
        self._rows: dict[int, QTreeWidgetItem] = {}
        self._groups: dict[Group, QTreeWidgetItem] = {}
        self._sides: dict[int, QComboBox] = {}
        self._numbers: dict[int, QSpinBox] = {}
        self._carriers: dict[Group, QCheckBox] = {}
        self._sets: dict[Group, QCheckBox] = {}
        self._proposed = sets_proposed(layered.layers)
        self._busy = False
        self.setWindowTitle(tr("Fan out the pieces"))
        self.setMinimumSize(760, 480)
        size_within(self, 1040, 620)
        column = QVBoxLayout(self)
        column.setContentsMargins(18, 16, 18, 14)
        column.setSpacing(10)
        size = f"{layered.width} × {layered.height} px"
        title = QLabel(tr("{name}: {count} layers on {size}", name=layered.name, count=len(layered.layers), size=size))
        title.setObjectName("title")
        column.addWidget(title)
        about = QLabel(
            tr(
                "Names, sides and numbers are guessed from the layers; change here what is wrong, several selected rows at once. Nothing is added yet."
            )
        )
        about.setObjectName("quiet")
        about.setWordWrap(True)
        column.addWidget(about)
        self.notes = self._notes()
        column.addWidget(self.notes)
        self.picture = LayersPicture(layered, theme, self)
        self.table = self._table()
        middle = QHBoxLayout()
        middle.setSpacing(14)
        middle.addWidget(self.picture, 2)
        middle.addWidget(self.table, 3)
        column.addLayout(middle, 1)
        column.addLayout(self._foot())
        self._connect()
        self.go.setFocus()
        self._count()

    # Building

    def _notes(self) -> QPlainTextEdit:
        """What of the picture could not be kept; hidden where everything was."""
        notes = QPlainTextEdit("\n".join(f"\N{BULLET} {note}" for note in self.layered.notes), self)
        notes.setReadOnly(True)
        notes.setAccessibleName(tr("What is lost from this picture"))
        lines = min(len(self.layered.notes), 4)
        notes.setFixedHeight(lines * notes.fontMetrics().lineSpacing() + 18)
        notes.setVisible(lines > 0)
        return notes

    def _table(self) -> QTreeWidget:
        table = QTreeWidget(self)
        table.setColumnCount(len(COLUMNS))
        table.setHeaderLabels([tr(word) for word in COLUMNS])
        table.setAccessibleName(tr("Layers to add"))
        table.setIconSize(QSize(THUMB, THUMB))
        table.setSelectionMode(QAbstractItemView.SelectionMode.ExtendedSelection)
        table.setEditTriggers(
            QAbstractItemView.EditTrigger.EditKeyPressed | QAbstractItemView.EditTrigger.DoubleClicked
        )
        table.setExpandsOnDoubleClick(False)
        table.setItemDelegate(NamesOnly(table))
        table.setMouseTracking(True)
        header = table.header()
        header.setStretchLastSection(False)
        header.setSectionResizeMode(QHeaderView.ResizeMode.ResizeToContents)
        header.setSectionResizeMode(0, QHeaderView.ResizeMode.Stretch)
        for number in range(len(self.layered.layers) - 1, -1, -1):
            self._add(table, number)
        table.expandAll()
        return table

    def _add(self, table: QTreeWidget, number: int) -> None:
        layer = self.layered.layers[number]
        above: QTreeWidget | QTreeWidgetItem = table
        for depth in range(1, len(layer.groups) + 1):
            above = self._group(above, layer.groups[:depth], table)
        row = QTreeWidgetItem(above, [tidy(layer.name)])
        row.setData(0, NUMBER, number)
        row.setIcon(0, _thumbnail(self.picture.images[number]))
        row.setFlags(
            Qt.ItemFlag.ItemIsUserCheckable
            | Qt.ItemFlag.ItemIsEnabled
            | Qt.ItemFlag.ItemIsSelectable
            | Qt.ItemFlag.ItemIsEditable
        )
        row.setCheckState(0, Qt.CheckState.Checked)
        if not layer.visible:
            face = row.font(0)
            face.setItalic(True)
            row.setFont(0, face)
            row.setForeground(0, self._theme.quiet)
            row.setToolTip(0, tr("Hidden in the art, and hidden as a part until you show it"))
        self._rows[number] = row
        side = QComboBox()
        side.addItems([tr(self._words[word]) for word in SIDES])
        side.setCurrentIndex(SIDES.index(side_of(layer.name)))
        side.setAccessibleName(tr("Side of {name}", name=layer.name))
        side.currentIndexChanged.connect(lambda index: self._side_chosen(number, index))
        table.setItemWidget(row, 1, side)
        self._sides[number] = side
        count = QSpinBox()
        count.setRange(0, 9999)
        count.setSpecialValueText("\N{EN DASH}")
        count.setAccessibleName(tr("Number of {name}", name=layer.name))
        count.setValue(number_of(layer.name))
        count.valueChanged.connect(lambda value: self._number_chosen(number, value))
        table.setItemWidget(row, 2, count)
        self._numbers[number] = count

    def _group(self, above: QTreeWidget | QTreeWidgetItem, path: Group, table: QTreeWidget) -> QTreeWidgetItem:
        if path not in self._groups:
            row = self._groups[path] = QTreeWidgetItem(above, [tidy(path[-1])])
            row.setFlags(Qt.ItemFlag.ItemIsUserCheckable | Qt.ItemFlag.ItemIsEnabled | Qt.ItemFlag.ItemIsAutoTristate)
            face = row.font(0)
            face.setBold(True)
            row.setFont(0, face)
            carrier = QCheckBox(tr("As a carrier"))
            carrier.setAccessibleName(tr("{path} as a carrier", path=path[-1]))
            carrier.setToolTip(tr("A carrier over all parts of this group: they move and turn together with it"))
            table.setItemWidget(row, 1, carrier)
            self._carriers[path] = carrier
            one = QCheckBox(tr("As a set"))
            one.setAccessibleName(tr("{path} as a set", path=path[-1]))
            one.setToolTip(tr("Of the drawings in this group one shows at a time: eyes, mouths, hands"))
            one.setChecked(path in self._proposed)
            table.setItemWidget(row, 2, one)
            self._sets[path] = one
        return self._groups[path]

    def _foot(self) -> QHBoxLayout:
        foot = QHBoxLayout()
        for text, on in (("Tick all", True), ("Tick none", False)):
            button = QPushButton(tr(text))
            button.setAutoDefault(False)
            button.clicked.connect(lambda _checked=False, on=on: self.tick_all(on=on))
            foot.addWidget(button)
        self.all_carriers = QCheckBox(tr("All groups as carriers"))
        self.all_carriers.setVisible(bool(self._groups))
        self.all_carriers.toggled.connect(self._carry_all)
        foot.addSpacing(12)
        foot.addWidget(self.all_carriers)
        foot.addStretch(1)
        self.buttons = QDialogButtonBox(QDialogButtonBox.StandardButton.Cancel)
        self.go = self.buttons.addButton(tr("Add parts"), QDialogButtonBox.ButtonRole.AcceptRole)
        self.go.setObjectName("main")
        self.go.setDefault(True)
        dress_buttons(self.buttons, self._theme)
        self.buttons.accepted.connect(self.accept)
        self.buttons.rejected.connect(self.reject)
        foot.addWidget(self.buttons)
        return foot

    def _connect(self) -> None:
        self.table.itemChanged.connect(self._ticked_or_named)
        self.table.itemSelectionChanged.connect(self._light)
        self.table.itemEntered.connect(lambda row, _column: self._light(row))
        self.table.viewport().installEventFilter(self)
        self.picture.selected.connect(self.show_row)
        self.picture.pointed.connect(lambda number: self._light(self._rows[number]) if number >= 0 else self._light())

    # What is looked at

    def eventFilter(self, watched: QObject, event: QEvent) -> bool:
        if event.type() == QEvent.Type.Leave:
            self._light()
        return super().eventFilter(watched, event)

    def _light(self, row: QTreeWidgetItem | None = None) -> None:
        rows = [row] if row is not None else self.table.selectedItems()
        self.picture.light([number for each in rows for number in _numbers_in(each)])

    def show_row(self, number: int) -> None:
        """Select a layer's row and bring it into sight."""
        row = self._rows[number]
        self.table.setCurrentItem(row)
        self.table.scrollToItem(row)

    # What is chosen

    def _together(self, number: int) -> list[int]:
        """The layers that a change of one of them is for: all that are selected where it is among them, from the top."""
        chosen = [n for row in self.table.selectedItems() if (n := row.data(0, NUMBER)) is not None]
        return sorted(chosen, reverse=True) if number in chosen else [number]

    def _quietly(self, work: Callable[[], None]) -> None:
        """Change rows without being told of each change."""
        if not self._busy:
            self._busy = True
            work()
            self._busy = False
            self._count()

    def _ticked_or_named(self, row: QTreeWidgetItem, _column: int) -> None:
        number, state = row.data(0, NUMBER), row.checkState(0)
        if self._busy:
            return
        if number is not None:

            def tick() -> None:
                for each in self._together(number):
                    self._rows[each].setCheckState(0, state)

            self._quietly(tick)
        self._count()

    def _side_chosen(self, number: int, index: int) -> None:
        for each in self._together(number):
            self._sides[each].setCurrentIndex(index)

    def _number_chosen(self, number: int, value: int) -> None:
        """Several rows count on from the number that one of them was given."""

        def count() -> None:
            rows = self._together(number)
            for each in rows:
                own = value + rows.index(each) - rows.index(number) if value else 0
                self._numbers[each].setValue(max(own, 0))
                self._rows[each].setText(0, with_number(self._rows[each].text(0), max(own, 0)))

        self._quietly(count)

    def _carry_all(self, on: bool) -> None:  # noqa: FBT001 a signal's plain word
        for box in self._carriers.values():
            box.setChecked(on)

    def tick_all(self, *, on: bool) -> None:
        """Take all layers, or none."""
        state = Qt.CheckState.Checked if on else Qt.CheckState.Unchecked

        def tick() -> None:
            for row in self._rows.values():
                row.setCheckState(0, state)

        self._quietly(tick)

    def _ticked(self) -> set[int]:
        return {number for number, row in self._rows.items() if row.checkState(0) == Qt.CheckState.Checked}

    def _count(self) -> None:
        ticked = self._ticked()
        self.go.setText(tr("Add {count} part{ending}", count=len(ticked), ending="s" if len(ticked) != 1 else ""))
        self.go.setEnabled(bool(ticked))
        self.picture.show_ticked(ticked)

    def row(self, name: str) -> QTreeWidgetItem:
        """The row of a layer by the name that stands in it."""
        return next(row for row in self._rows.values() if row.text(0) == name)

    def chosen(self) -> Chosen:
        """The ticked layers with their names and sides as they stand in the table, and the groups that become carriers."""
        layers = []
        for number in sorted(self._ticked()):
            layer = self.layered.layers[number]
            name = self._rows[number].text(0).strip() or layer.name
            layers.append(layer._replace(name=name, side=SIDES[self._sides[number].currentIndex()]))
        carriers = frozenset(path for path, box in self._carriers.items() if box.isChecked())
        sets = frozenset(path for path, box in self._sets.items() if box.isChecked())
        return Chosen(self.layered._replace(layers=tuple(layers)), carriers, sets)


def _numbers_in(row: QTreeWidgetItem) -> Iterator[int]:
    """The layers of a row: its own, or those of the whole group."""
    number = row.data(0, NUMBER)
    if number is not None:
        yield number
    for i in range(row.childCount()):
        if (below := row.child(i)) is not None:
            yield from _numbers_in(below)


def _thumbnail(image: QImage) -> QIcon:
    if image.isNull():
        return QIcon()
    fitted = image.scaled(
        2 * THUMB, 2 * THUMB, Qt.AspectRatioMode.KeepAspectRatio, Qt.TransformationMode.SmoothTransformation
    )
    picture = QPixmap(2 * THUMB, 2 * THUMB)
    picture.fill(Qt.GlobalColor.transparent)
    return QIcon(_centred(picture, fitted))


def _centred(picture: QPixmap, image: QImage) -> QPixmap:
    painter = QPainter(picture)
    painter.drawImage((picture.width() - image.width()) // 2, (picture.height() - image.height()) // 2, image)
    painter.end()
    picture.setDevicePixelRatio(2)
    return picture

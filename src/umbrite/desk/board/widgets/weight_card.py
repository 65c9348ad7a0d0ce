"""The card of the brush while weights are painted: the bone, the way, size, strength and hardness, and what else is at hand."""

from typing import Any

from PySide6.QtCore import Qt
from PySide6.QtWidgets import (
    QCheckBox,
    QComboBox,
    QFormLayout,
    QFrame,
    QLabel,
    QPushButton,
    QSlider,
    QSpinBox,
    QVBoxLayout,
    QWidget,
)

from umbrite.desk.commands.bends import bending_commands
from umbrite.desk.session.session import Session, attempt
from umbrite.desk.session.stations import WEIGHTS
from umbrite.desk.theme.language import tr
from umbrite.rig.edits.meshes.weight_edits import BrushMode
from umbrite.rig.mesh import weights_of

WAYS: tuple[tuple[str, BrushMode], ...] = (
    ("Add", "add"), ("Subtract", "take"), ("Smooth", "smooth"), ("Even out", "even"), ("Fill", "fill")
)  # fmt: skip
SMALLEST, LARGEST = 5, 400  # board pixels


class WeightCard(QFrame):
    """See the module. It is there while the brush is taken and something that bends is selected."""

    def __init__(self, session: Session, parent: QWidget) -> None:
        super().__init__(parent)
        self.session = session
        self.setObjectName("popover")
        column = QVBoxLayout(self)
        column.setContentsMargins(10, 8, 10, 9)
        column.setSpacing(5)
        self.title = QLabel()
        self.title.setObjectName("title")
        column.addWidget(self.title)
        form = QFormLayout()
        form.setVerticalSpacing(4)
        column.addLayout(form)
        self.bone, self.mode = QComboBox(), QComboBox()
        for words, mode in WAYS:
            self.mode.addItem(tr(words), mode)
        self.size_, self.strength, self.hardness = (QSlider(Qt.Orientation.Horizontal) for _ in range(3))
        self.size_.setRange(SMALLEST, LARGEST)
        for slider in (self.strength, self.hardness):
            slider.setRange(0, 100)
        rows = (
            ("Bone", self.bone), ("Brush", self.mode), ("Size", self.size_), ("Strength", self.strength), ("Hardness", self.hardness)
        )  # fmt: skip
        for words, field in rows:
            field.setAccessibleName(tr(words))
            form.addRow(tr(words), field)
        self.number = QSpinBox()
        self.number.setRange(0, 100)
        self.number.setSuffix(" %")
        self.number.setAccessibleName(tr("Weight of the selected vertices"))
        self.number.setToolTip(tr("Alt+drag a box around vertices, then type their weight"))
        form.addRow(tr("Selected"), self.number)
        self.number.editingFinished.connect(self._type)
        self.locked = QCheckBox(tr("Lock this bone"))
        self.sways = QCheckBox(tr("Sway while painting"))
        self.mirror = QPushButton(tr("To the other side"))
        self.anew = QPushButton(tr("From the drawing's shape"))
        for widget in (self.locked, self.sways, self.mirror, self.anew):
            column.addWidget(widget)
        brushing = session.brushing
        self.bone.activated.connect(lambda _i: brushing.choose(str(self.bone.currentData())))
        self.mode.activated.connect(lambda _i: self._set(mode=self.mode.currentData()))
        self.size_.valueChanged.connect(lambda value: self._set(radius=float(value)))
        self.strength.valueChanged.connect(lambda value: self._set(strength=value / 100))
        self.hardness.valueChanged.connect(lambda value: self._set(hardness=value / 100))
        self.locked.clicked.connect(lambda on: brushing.lock(brushing.bone, on=on))
        self.sways.clicked.connect(lambda on: brushing.set_sways(on=on))
        self.mirror.clicked.connect(lambda: attempt(session, lambda: bending_commands.weights_to_other_side(session)))
        self.anew.clicked.connect(lambda: attempt(session, lambda: bending_commands.weigh_anew(session)))
        brushing.changed.connect(self.refresh)
        session.workspace.tool_changed.connect(self.refresh)
        session.workspace.station_changed.connect(self.refresh)
        session.settled.connect(self.refresh)
        self.hide()

    def _set(self, **fields: Any) -> None:
        brushing = self.session.brushing
        brushing.set_brush(brushing.brush._replace(**fields))

    def _type(self) -> None:
        if self.number.isEnabled() and self.number.value() != self._selected_weight():
            share = self.number.value() / 100
            attempt(self.session, lambda: bending_commands.type_weight(self.session, share))

    def _selected_weight(self) -> int:
        """The mean weight of the picked vertices, in percent."""
        brushing, mesh = self.session.brushing, self.session.brushing.mesh
        if mesh is None or not brushing.vertices:
            return 0
        shares = weights_of(mesh)[sorted(brushing.vertices), mesh.joints.index(brushing.bone)]
        return round(float(shares.mean()) * 100)

    def refresh(self) -> None:
        """Show the brush as it is."""
        session = self.session
        brushing, mesh = session.brushing, session.brushing.mesh
        if session.workspace.tool is not WEIGHTS or mesh is None:
            self.hide()
            return
        self.title.setText(session.puppet.parts[brushing.part].name)
        fields = (self.bone, self.mode, self.size_, self.strength, self.hardness)
        for field in fields:
            field.blockSignals(True)
        names = [(session.puppet.joints[key].name, key) for key in mesh.joints]
        if [(self.bone.itemText(i), self.bone.itemData(i)) for i in range(self.bone.count())] != names:
            self.bone.clear()
            for name, key in names:
                self.bone.addItem(name, key)
        self.bone.setCurrentIndex(self.bone.findData(brushing.bone))
        self.mode.setCurrentIndex(self.mode.findData(brushing.brush.mode))
        self.size_.setValue(round(brushing.brush.radius))
        self.strength.setValue(round(brushing.brush.strength * 100))
        self.hardness.setValue(round(brushing.brush.hardness * 100))
        for field in fields:
            field.blockSignals(False)
        self.number.setEnabled(bool(brushing.vertices))
        self.number.setValue(self._selected_weight())
        self.locked.setChecked(brushing.bone in brushing.locked)
        self.sways.setChecked(brushing.sways)
        self.adjustSize()
        self.show()
        self.raise_()

"""The picked keys as numbers: their frame and their value, to be typed."""

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QDoubleSpinBox, QHBoxLayout, QLabel, QWidget

from umbrite.desk.commands.takes import changes
from umbrite.desk.session.session import Session, attempt
from umbrite.desk.theme.language import tr
from umbrite.rig.channels import channel, shown_unit
from umbrite.rig.takes.keys import key_at

UNITS = {"radians": "°", "pixels": " px"}
FAR = 1_000_000.0
MIXED = -FAR  # the least value stands for several


class KeyFields(QWidget):
    """See the module. A frame typed for several keys is that of the earliest, the others keep their distance."""

    def __init__(self, session: Session) -> None:
        super().__init__()
        self.session = session
        row = QHBoxLayout(self)
        row.setContentsMargins(0, 0, 0, 0)
        row.setSpacing(4)
        self.frame, self.value = self._field(tr("Frame of the key")), self._field(tr("Value of the key"))
        for words, field in ((tr("Frame"), self.frame), (tr("Value"), self.value)):
            label = QLabel(words)
            label.setObjectName("quiet")
            row.addWidget(label)
            row.addWidget(field)
        self.frame.valueChanged.connect(self._move)
        self.value.valueChanged.connect(self._value)

    def _field(self, words: str) -> QDoubleSpinBox:
        field = QDoubleSpinBox()
        field.setRange(MIXED, FAR)
        field.setDecimals(2)
        field.setKeyboardTracking(False)
        field.setAccessibleName(words)
        field.setSpecialValueText(tr("several"))
        field.setAlignment(Qt.AlignmentFlag.AlignRight)
        field.setMinimumWidth(76)
        return field

    def show_selected(self) -> None:
        """Show what is picked without writing anything."""
        timeline = self.session.timeline
        selected, take = timeline.selected, timeline.take and timeline.level(timeline.take)
        keys = [(name, key) for name, frame in selected if take and (key := key_at(take, name, frame))]
        self.setVisible(bool(keys))
        if not keys:
            return
        units = {found.kind.unit for name, _ in keys if (found := channel(name)) is not None}
        values = {round(key.value * shown_unit(name), 6) for name, key in keys}
        frames = {key.frame for _, key in keys}
        one = len(values) == 1 and len(units) == 1
        for field, value in ((self.frame, min(frames)), (self.value, values.pop() if one else MIXED)):
            field.blockSignals(True)
            field.setValue(value)
            field.blockSignals(False)
        self.value.setSuffix(UNITS.get(units.pop(), "") if len(units) == 1 else "")
        self.value.setEnabled(len(units) <= 1)

    def _move(self, frame: float) -> None:
        selected = self.session.timeline.selected
        by = frame - min(at for _, at in selected) if selected else 0.0
        if by:
            attempt(self.session, lambda: changes.settle(self.session, changes.moved(selected, by)))

    def _value(self, value: float) -> None:
        selected = self.session.timeline.selected
        if selected and value != MIXED:
            attempt(self.session, lambda: changes.settle(self.session, changes.valued(selected, value)))

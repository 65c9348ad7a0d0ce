"""Fields of the Details panel: each knows how to read its value and how to write it, for one or many things."""

from collections.abc import Callable, Sequence
from typing import Any

from PySide6.QtCore import Qt
from PySide6.QtGui import QWheelEvent
from PySide6.QtWidgets import QComboBox, QDoubleSpinBox, QLineEdit, QWidget

from umbrite.desk.session.session import Session
from umbrite.desk.theme import look
from umbrite.rig.change import thing
from umbrite.rig.errors import UmbriteError
from umbrite.rig.model import Pose, Puppet

MIXED = "several"


PosedChange = Callable[[Puppet, Pose, str, Any], tuple[Puppet, Pose]]


class Writer:
    """Writes one value to many things as one step of undo; a refusal is said, and the field shows the old value."""

    def __init__(self, session: Session, step: str, write: Callable[[Puppet, str, Any], Puppet]) -> None:
        self.session, self.step, self.write = session, step, write

    def __call__(self, keys: Sequence[str], value: Any) -> None:
        puppet = self.session.puppet
        name = thing(puppet, keys[0]).name if len(keys) == 1 else f"{len(keys)} things"
        try:
            for key in keys:
                puppet = self.write(puppet, key, value)
        except UmbriteError as error:
            self.session.spring_back()
            self.session.say(str(error))
            return
        self.session.edit(f"{self.step} of {name}", puppet=puppet)


class PosedWriter(Writer):
    """Writes what concerns the pose too: `change` takes puppet, pose, id and value, and gives puppet and pose."""

    def __init__(self, session: Session, step: str, change: PosedChange) -> None:
        super().__init__(session, step, lambda puppet, _key, _value: puppet)
        self.change = change

    def __call__(self, keys: Sequence[str], value: Any) -> None:
        now = self.session.history.now
        puppet, pose = now.puppet, now.pose
        name = thing(puppet, keys[0]).name if len(keys) == 1 else f"{len(keys)} things"
        try:
            for key in keys:
                puppet, pose = self.change(puppet, pose, key, value)
        except UmbriteError as error:
            self.session.spring_back()
            self.session.say(str(error))
            return
        self.session.edit(f"{self.step} of {name}", puppet=puppet, pose=pose)


class NumberField(QDoubleSpinBox):
    """A number with a unit; empty where several things differ."""

    def __init__(
        self, label: str, read: Callable[[Puppet, str], float], writer: Writer, *,
        unit: str = "", digits: int = 1, least: float = -99_999, most: float = 99_999, parent: QWidget | None = None,
    ) -> None:  # fmt: skip
        super().__init__(parent)
        self._read, self._writer = read, writer
        self._keys: list[str] = []
        self._mixed = False
        self.setRange(least - 1, most)
        self.setDecimals(digits)
        self.setSuffix(unit)
        self.setKeyboardTracking(False)
        self.setAccessibleName(label)
        self.setAlignment(Qt.AlignmentFlag.AlignRight)
        self.setMinimumWidth(60)
        self.setFont(look.font())
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.valueChanged.connect(self._commit)

    def show_for(self, puppet: Puppet, keys: Sequence[str]) -> None:
        """Show these things' value without writing anything."""
        self._keys = list(keys)
        values = {round(self._read(puppet, key), self.decimals()) for key in keys}
        self._mixed = len(values) > 1
        self.blockSignals(True)
        self.setSpecialValueText(MIXED if self._mixed else "")
        self.setValue(self.minimum() if self._mixed else values.pop())
        self.blockSignals(False)

    def _commit(self, value: float) -> None:
        if self._keys and value > self.minimum():
            self._writer(self._keys, value)

    def wheelEvent(self, event: QWheelEvent) -> None:
        if self.hasFocus():  # scrolling the panel must not change numbers
            super().wheelEvent(event)
        else:
            event.ignore()


class TextField(QLineEdit):
    """A name; written when it is finished."""

    def __init__(
        self, label: str, read: Callable[[Puppet, str], str], writer: Writer, parent: QWidget | None = None
    ) -> None:
        super().__init__(parent)
        self._read, self._writer = read, writer
        self._keys: list[str] = []
        self.setAccessibleName(label)
        self.editingFinished.connect(self._commit)

    def show_for(self, puppet: Puppet, keys: Sequence[str]) -> None:
        self._keys = list(keys)
        values = {self._read(puppet, key) for key in keys}
        self.setEnabled(len(values) == 1)
        text = values.pop() if len(values) == 1 else MIXED
        if self.text() != text and not (self.hasFocus() and self.isModified()):
            self.setText(text)

    def _commit(self) -> None:
        if self._keys and self.isModified():
            self.setModified(False)
            self._writer(self._keys, self.text())


class ChoiceField(QComboBox):
    """One of several named values."""

    def __init__(
        self, label: str, choices: Callable[[Puppet, str], list[tuple[str, Any]]],
        read: Callable[[Puppet, str], Any], writer: Writer, parent: QWidget | None = None,
    ) -> None:  # fmt: skip
        super().__init__(parent)
        self._choices, self._read, self._writer = choices, read, writer
        self._keys: list[str] = []
        self.setAccessibleName(label)
        self.setSizeAdjustPolicy(QComboBox.SizeAdjustPolicy.AdjustToMinimumContentsLengthWithIcon)
        self.setMinimumContentsLength(8)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.activated.connect(self._commit)

    def show_for(self, puppet: Puppet, keys: Sequence[str]) -> None:
        self._keys = list(keys)
        choices = self._choices(puppet, keys[0])
        values = [self._read(puppet, key) for key in keys]
        self.blockSignals(True)
        if [self.itemText(i) for i in range(self.count())] != [text for text, _ in choices]:
            self.clear()
            for text, _ in choices:
                self.addItem(text)
        same = all(value == values[0] for value in values)
        found = next((i for i, (_, value) in enumerate(choices) if value == values[0]), -1)
        self.setCurrentIndex(found if same else -1)
        self.blockSignals(False)

    def _commit(self, index: int) -> None:
        puppet = self._writer.session.puppet
        if self._keys:
            self._writer(self._keys, self._choices(puppet, self._keys[0])[index][1])
            self.show_for(self._writer.session.puppet, self._keys)

    def wheelEvent(self, event: QWheelEvent) -> None:
        event.ignore()

"""Fields of the Details panel: each knows how to read its value and how to write it, for one or many things."""

from collections.abc import Callable, Sequence
from typing import Any, NamedTuple, TypedDict, Unpack

from msgspec.structs import replace
from PySide6.QtCore import Qt
from PySide6.QtGui import QWheelEvent
from PySide6.QtWidgets import QComboBox, QDoubleSpinBox, QLineEdit

from umbrite.desk.commands.stillness import rewire
from umbrite.desk.session.session import Session, attempt, settled_pose
from umbrite.desk.theme import look
from umbrite.desk.theme.language import tr
from umbrite.rig.change import exists, thing
from umbrite.rig.document import Document
from umbrite.rig.model import Pose, Puppet

MIXED = "several"


PuppetWrite = Callable[[Puppet, str, Any], Puppet]
DocumentWrite = Callable[[Document, str, Any], Document]


class Numeric(TypedDict, total=False):
    """How a number is shown and what it may be; `none` is what stands for there being none."""

    unit: str
    digits: int
    least: float
    most: float
    none: str


class Writer(NamedTuple):
    """Writes one value to many things as one step of undo; a refusal is said, and the field shows the old value.

    `write` takes a document in the pose that is seen, an id and the value, and what it leaves of the pose as it was is not written;
    `note` says what was different from what was asked for. What `rewires` puts the rig together otherwise: the pose goes on to show what
    it shows. What takes and poses show otherwise since is said by the session.
    """

    session: Session
    step: str
    write: DocumentWrite
    note: Callable[[Puppet, str, Any], str] = lambda _puppet, _key, _value: ""
    rewires: bool = False

    def __call__(self, keys: Sequence[str], value: Any) -> None:
        session, pose = self.session, settled_pose(self.session)
        was = session.history.now
        before = replace(was, pose=pose)
        name = thing(before.puppet, keys[0]).name if len(keys) == 1 else f"{len(keys)} things"

        def work() -> None:
            document = before
            for key in keys:
                document = self.write(document, key, value)
            step = tr("{step} of {name}", step=tr(self.step), name=name)
            if self.rewires:
                rewire(session, step, document.puppet)
                return
            # An unchanged pose is not written, or a take would get keys of what nobody posed.
            changed = document.pose if document.pose != pose else None
            session.edit(step, puppet=document.puppet, pose=changed)

        if attempt(session, work):
            for note in filter(None, (self.note(before.puppet, key, value) for key in keys)):
                session.say(note)


def on_both(write: Callable[[Puppet, Pose, str, Any], tuple[Puppet, Pose]]) -> DocumentWrite:
    """What changes puppet and pose together, as a change of the document."""
    return lambda document, key, value: _with(document, *write(document.puppet, document.pose, key, value))


def on_puppet(write: PuppetWrite) -> DocumentWrite:
    """What changes the puppet only, as a change of the document."""
    return lambda document, key, value: _with(document, write(document.puppet, key, value), document.pose)


def _with(document: Document, puppet: Puppet, pose: Pose) -> Document:
    return replace(document, puppet=puppet, pose=pose)


class NumberField(QDoubleSpinBox):
    """A number with a unit; words stand in for it where several things differ, and where there is none."""

    def __init__(
        self, label: str, read: Callable[[Puppet, str], float | None], writer: Writer, **how: Unpack[Numeric]
    ) -> None:
        super().__init__()
        self._read, self._writer = read, writer
        self._keys: list[str] = []
        self._none = how.get("none", "")
        self.setRange(how.get("least", -99_999) - 1, how.get("most", 99_999))
        self.setDecimals(how.get("digits", 1))
        self.setSuffix(how.get("unit", ""))
        self.setKeyboardTracking(False)
        self.setAccessibleName(tr(label))
        self.setAlignment(Qt.AlignmentFlag.AlignRight)
        self.setMinimumWidth(60)
        self.setFont(look.font())
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.valueChanged.connect(self._commit)

    def show_for(self, puppet: Puppet, keys: Sequence[str]) -> None:
        """Show these things' value without writing anything."""
        self._keys = list(keys)
        read = {self._read(puppet, key) for key in keys}
        values = {None if value is None else round(value, self.decimals()) for value in read}
        only = values.pop() if len(values) == 1 else None
        self.blockSignals(True)
        self.setSpecialValueText("" if only is not None else tr(MIXED) if values else tr(self._none))
        self.setValue(self.minimum() if only is None else only)
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

    def __init__(self, label: str, read: Callable[[Puppet, str], str], writer: Writer) -> None:
        super().__init__()
        self._read, self._writer = read, writer
        self._keys: list[str] = []
        self.setAccessibleName(tr(label))
        self.editingFinished.connect(self._commit)

    def show_for(self, puppet: Puppet, keys: Sequence[str]) -> None:
        self._keys = list(keys)
        values = {self._read(puppet, key) for key in keys}
        self.setEnabled(len(values) == 1)
        text = values.pop() if len(values) == 1 else tr(MIXED)
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
        read: Callable[[Puppet, str], Any], writer: Writer,
    ) -> None:  # fmt: skip
        super().__init__()
        self._choices, self._read, self._writer = choices, read, writer
        self._keys: list[str] = []
        self.setAccessibleName(tr(label))
        self.setSizeAdjustPolicy(QComboBox.SizeAdjustPolicy.AdjustToMinimumContentsLengthWithIcon)
        self.setMinimumContentsLength(8)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.activated.connect(self._commit)

    def show_for(self, puppet: Puppet, keys: Sequence[str]) -> None:
        self._keys = list(keys)
        # Words are translated, names are not.
        choices = [
            (text if isinstance(value, str) and exists(puppet, value) else tr(text), value)
            for text, value in self._choices(puppet, keys[0])
        ]
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

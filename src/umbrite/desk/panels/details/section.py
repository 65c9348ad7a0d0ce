"""A section of Details: a title and rows of labelled fields for one kind of thing."""

from collections.abc import Callable
from typing import Any, TypeVar, Unpack

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QFormLayout, QHBoxLayout, QLabel, QPushButton, QSizePolicy, QVBoxLayout, QWidget

from umbrite.desk.panels.details.fields import (
    ChoiceField,
    NumberField,
    Numeric,
    PuppetWrite,
    TextField,
    Writer,
    on_puppet,
)
from umbrite.desk.session.session import Session
from umbrite.desk.theme.language import tr
from umbrite.rig.change import thing
from umbrite.rig.model import Puppet

Read = Callable[[Puppet, str], Any]
Write = PuppetWrite
Field = NumberField | TextField | ChoiceField
F = TypeVar("F", NumberField, TextField, ChoiceField)


def name_of(puppet: Puppet, key: str) -> str:
    return str(thing(puppet, key).name)


class Section(QWidget):
    """See the module."""

    def __init__(self, session: Session, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.session = session
        self.fields: list[Field] = []
        self.setSizePolicy(QSizePolicy.Policy.Preferred, QSizePolicy.Policy.Maximum)
        self.column = QVBoxLayout(self)
        self.column.setContentsMargins(12, 6, 12, 10)
        self.column.setSpacing(6)
        self.heading = QLabel()
        self.heading.setObjectName("title")
        self.about = QLabel()
        self.about.setObjectName("quiet")
        self.about.setWordWrap(True)
        self.form = QFormLayout()
        self.form.setContentsMargins(0, 2, 0, 0)
        self.form.setHorizontalSpacing(10)
        self.form.setVerticalSpacing(6)
        self.form.setFieldGrowthPolicy(QFormLayout.FieldGrowthPolicy.AllNonFixedFieldsGrow)
        self.form.setLabelAlignment(Qt.AlignmentFlag.AlignLeft)
        self.column.addWidget(self.heading)
        self.column.addWidget(self.about)
        self.column.addLayout(self.form)

    def number(self, label: str, read: Read, write: Write, **how: Unpack[Numeric]) -> NumberField:
        return self.kept(NumberField(label, read, Writer(self.session, label, on_puppet(write)), **how))

    def text(self, label: str, read: Read, write: Write) -> TextField:
        return self.kept(TextField(label, read, Writer(self.session, label, on_puppet(write))))

    def choice(self, label: str, choices: Read, read: Read, write: Write, *, rewires: bool = False) -> ChoiceField:
        writer = Writer(self.session, label, on_puppet(write), rewires=rewires)
        return self.kept(ChoiceField(label, choices, read, writer))

    def kept(self, field: F) -> F:
        """The field, which follows from now on what the section shows."""
        self.fields.append(field)
        return field

    def row(self, label: str, *fields: QWidget) -> None:
        """One labelled row of one or two fields."""
        line = QHBoxLayout()
        line.setSpacing(6)
        for field in fields:
            line.addWidget(field, 1)
        self.form.addRow(tr(label), line)

    def button(self, text: str, does: Callable[[], None]) -> QPushButton:
        made = QPushButton(tr(text))
        made.clicked.connect(does)
        self.column.addWidget(made)
        return made

    def show_for(self, keys: list[str]) -> None:
        """Show these things; all are of this section's kind."""
        puppet = self.session.puppet
        self.heading.setText(thing(puppet, keys[0]).name if len(keys) == 1 else tr("{count} selected", count=len(keys)))
        self.about.setText(self.describe(puppet, keys))
        for field in self.fields:
            field.show_for(puppet, keys)

    def describe(self, puppet: Puppet, keys: list[str]) -> str:  # noqa: ARG002  sections tell more
        return ""

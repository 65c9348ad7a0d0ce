"""Names of many parts, changed at once."""

from collections.abc import Callable

from PySide6.QtWidgets import QGridLayout, QLabel, QLineEdit, QPushButton, QWidget

from umbrite.desk.session.session import Session, attempt
from umbrite.desk.theme.language import tr
from umbrite.rig.edits.renaming import numbered, renamed, replaced, side_swapped
from umbrite.rig.model import Puppet


class NamesBox(QWidget):
    """Names of many parts, and of the joints that they alone ride on, changed at once."""

    def __init__(self, session: Session) -> None:
        super().__init__()
        self.session = session
        self.keys: list[str] = []
        grid = QGridLayout(self)
        grid.setContentsMargins(0, 6, 0, 0)
        grid.setSpacing(6)
        title = QLabel(tr("Names of all selected"))
        title.setObjectName("quiet")
        grid.addWidget(title, 0, 0, 1, 3)
        self.sought, self.put_in = QLineEdit(), QLineEdit()
        for field, word in ((self.sought, "Find"), (self.put_in, "Replace with, or number as")):
            field.setPlaceholderText(tr(word))
            field.setAccessibleName(tr(word))
        grid.addWidget(self.sought, 1, 0, 1, 3)
        grid.addWidget(self.put_in, 2, 0, 1, 3)
        self.replace = self._button(
            "Replace", lambda p, keys: replaced(p, keys, self.sought.text(), self.put_in.text())
        )
        self.number = self._button("Number", lambda _p, keys: numbered(keys, self.put_in.text()))
        self.swap = self._button("Swap side", side_swapped)
        grid.addWidget(self.replace, 3, 0)
        grid.addWidget(self.number, 3, 1)
        grid.addWidget(self.swap, 3, 2)

    def _button(self, text: str, names: Callable[[Puppet, list[str]], dict[str, str]]) -> QPushButton:
        button = QPushButton(tr(text))
        button.clicked.connect(lambda: self._rename(tr(text), names))
        return button

    def _rename(self, step: str, names: Callable[[Puppet, list[str]], dict[str, str]]) -> None:
        puppet = self.session.puppet
        in_order = sorted(self.keys, key=puppet.order.index, reverse=True)
        found = names(puppet, in_order)
        # A joint named like its part goes along.
        for key, name in list(found.items()):
            joint = puppet.parts[key].joint
            if puppet.joints[joint].name == puppet.parts[key].name:
                found[joint] = name
        if not found:
            self.session.say(tr("No name changed: no selected name matches."))
            return
        attempt(
            self.session,
            lambda: self.session.edit(
                tr("{step}: {count} names", step=step, count=len(self.keys)), puppet=renamed(puppet, found)
            ),
        )

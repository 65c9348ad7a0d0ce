"""The list of controls and links: pick those behind something, lock them, see what follows what."""

from typing import Any

from PySide6.QtCore import QSize, Qt
from PySide6.QtWidgets import QCheckBox, QLabel, QListWidgetItem, QVBoxLayout, QWidget

from umbrite.desk.commands import control_commands
from umbrite.desk.panels.selecting_list import KEY, SelectingList
from umbrite.desk.session.session import Session
from umbrite.desk.theme import look
from umbrite.desk.theme.language import tr
from umbrite.rig.change import change
from umbrite.rig.ids import Kind


class ThingList(SelectingList):
    """Rows for the controls or the links of the puppet."""

    def __init__(self, session: Session, of: Kind, label: str, parent: QWidget | None = None) -> None:
        super().__init__(session, label, parent)
        self.of = of
        self.setIconSize(QSize(18, 18))
        self.itemChanged.connect(self._checked)
        self.rebuild()

    def fresh_rows(self) -> list[tuple[Any, ...]]:
        puppet = self.session.puppet
        if self.of == "control":
            return [(key, c.name, f"rig-{c.kind}", c.locked) for key, c in puppet.controls.items()]
        return [(key, link.name, "rig-cord", False) for key, link in puppet.links.items()]

    def item_for(self, row: tuple[Any, ...]) -> QListWidgetItem:
        _, name, symbol, locked = row
        item = super().item_for(row)
        item.setIcon(look.icon(self.session.workspace.theme, symbol))
        if self.of == "control":
            item.setCheckState(Qt.CheckState.Unchecked if locked else Qt.CheckState.Checked)
            item.setToolTip(tr("{name}: ticked, animators use it", name=name))
        return item

    def _checked(self, item: QListWidgetItem) -> None:
        key = item.data(KEY)
        locked = item.checkState() == Qt.CheckState.Unchecked
        if self._busy or self.of != "control" or self.session.puppet.controls[key].locked == locked:
            return
        self.session.edit(
            tr("Lock {name}" if locked else "Unlock {name}", name=item.text()),
            puppet=change(self.session.puppet, key, locked=locked),
        )


class ControlsPanel(QWidget):
    """Both lists, and whether animators may touch more than controls."""

    def __init__(self, session: Session, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.session = session
        column = QVBoxLayout(self)
        column.setContentsMargins(6, 6, 6, 6)
        column.setSpacing(5)
        words = QLabel(tr("Animators may use the ticked controls."))
        words.setObjectName("quiet")
        words.setWordWrap(True)
        self.controls = ThingList(session, "control", tr("Controls"))
        self.only = QCheckBox(tr("Lock everything else"))
        self.only.setToolTip(tr("In Rehearse only controls can be dragged, not the art"))
        links = QLabel(tr("Links"))
        links.setObjectName("title")
        self.links = ThingList(session, "link", tr("Links"))
        for widget, share in ((words, 0), (self.controls, 3), (self.only, 0), (links, 0), (self.links, 2)):
            column.addWidget(widget, share)
        self.only.clicked.connect(lambda on: control_commands.set_controls_only(session, on=on))
        session.settled.connect(self._refresh)
        self._refresh()

    def _refresh(self, *_: object) -> None:
        self.only.setChecked(self.session.puppet.controls_only)

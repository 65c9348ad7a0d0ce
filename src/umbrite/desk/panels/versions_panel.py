"""Stages of work: as pictures with names, what differs between one and now, and the ways back to it."""

import contextlib
from datetime import datetime

from PySide6.QtCore import QSize, Qt, Signal
from PySide6.QtGui import QHideEvent, QIcon
from PySide6.QtWidgets import (
    QAbstractItemView,
    QGridLayout,
    QLabel,
    QListWidget,
    QListWidgetItem,
    QMenu,
    QPushButton,
    QVBoxLayout,
    QWidget,
)

from umbrite.desk.commands.sharing import version_commands
from umbrite.desk.session.session import Session, attempt
from umbrite.desk.theme.card import Card
from umbrite.desk.theme.language import tr
from umbrite.rig.change import exists
from umbrite.rig.document import Version
from umbrite.rig.family import ancestors, branch, children
from umbrite.rig.model import Puppet

WIDE, TALL = 60, 66
KEYS = Qt.ItemDataRole.UserRole
MOST_BRANCHES = 80


class VersionsPanel(QWidget):
    """See the module. `new_wanted` asks for a new puppet from the stage of that name."""

    new_wanted = Signal(str)

    def __init__(self, session: Session, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.session = session
        self._shown: tuple[object, ...] = ()
        self._busy = False
        self.setAutoFillBackground(True)
        column = QVBoxLayout(self)
        column.setContentsMargins(8, 6, 6, 6)
        column.setSpacing(6)
        self.keep_button = QPushButton(tr("Save a version"))
        self.list = QListWidget()
        self.list.setIconSize(QSize(WIDE, TALL))
        self.list.setAccessibleName(tr("Versions"))
        self.list.setEditTriggers(
            QAbstractItemView.EditTrigger.DoubleClicked | QAbstractItemView.EditTrigger.EditKeyPressed
        )
        self.words = QLabel()
        self.words.setObjectName("quiet")
        self.words.setWordWrap(True)
        self.told = QListWidget()
        self.told.setAccessibleName(tr("What differs"))
        self.told.setWordWrap(True)
        self.told.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.back_button, self.branch_button = (QPushButton(tr("Restore")), QPushButton(tr("Insert a branch…")))
        self.new_button, self.remove_button = (QPushButton(tr("New puppet from this")), QPushButton(tr("Remove it")))
        buttons = QGridLayout()
        for i, button in enumerate((self.back_button, self.branch_button, self.new_button, self.remove_button)):
            buttons.addWidget(button, i // 2, i % 2)
        for widget, share in ((self.keep_button, 0), (self.list, 3), (self.words, 0), (self.told, 2)):
            column.addWidget(widget, share)
        column.addLayout(buttons)
        self.keep_button.clicked.connect(self.keep)
        self.list.itemSelectionChanged.connect(self._look)
        self.list.itemChanged.connect(self._named)
        self.told.itemSelectionChanged.connect(self._light)
        self.back_button.clicked.connect(self.go_back)
        self.branch_button.clicked.connect(self._branches)
        self.new_button.clicked.connect(lambda: self.new_wanted.emit(self.chosen() or ""))
        self.remove_button.clicked.connect(self.remove)
        session.settled.connect(self.refresh)
        session.opened.connect(self.refresh)
        session.workspace.theme_changed.connect(self._paint_anew)
        self.refresh()

    def chosen(self) -> str | None:
        """The name of the stage that is looked at."""
        items = self.list.selectedItems()
        return str(items[0].data(KEYS)) if items else None

    def _version(self) -> Version | None:
        name = self.chosen()
        return next((one for one in self.session.history.now.versions if one.name == name), None)

    def _paint_anew(self) -> None:
        self._shown = ()
        self.refresh()

    def refresh(self) -> None:
        """The rows as the document has them, and what differs from the one that is looked at."""
        versions = self.session.history.now.versions
        if self._shown != (versions,):
            self._shown, name = (versions,), self.chosen()
            self._busy = True
            self.list.clear()
            for version in versions:
                item = QListWidgetItem(self._icon(version), version.name)
                item.setData(KEYS, version.name)
                item.setFlags(item.flags() | Qt.ItemFlag.ItemIsEditable)
                item.setToolTip(tr("{name}, saved {when}", name=version.name, when=_when(version.kept)))
                self.list.addItem(item)
                item.setSelected(version.name == name)
            self._busy = False
        self._look()

    def _icon(self, version: Version) -> QIcon:
        png = self.session.file.art.get(version.picture)
        return QIcon(Card(self.session.workspace.theme, WIDE, TALL).with_picture(png).finished())

    def keep(self) -> None:
        attempt(self.session, lambda: version_commands.keep(self.session))

    def _look(self) -> None:
        if self._busy:
            return
        version = self._version()
        told = version_commands.look_at(self.session, version)
        self.told.clear()
        for each in told:
            item = QListWidgetItem(each.text)
            item.setData(KEYS, each.keys)
            self.told.addItem(item)
        if not self.list.count():
            self.words.setText(
                tr("Save the work as it is now, to compare or restore later. All of it is kept in the file.")
            )
        elif version is None:
            self.words.setText(tr("Click a version to see what differs from now."))
        elif told:
            self.words.setText(
                tr(
                    "What differs now from {name} of {when}; a click selects it:",
                    name=version.name,
                    when=_when(version.kept),
                )
            )
        else:
            self.words.setText(tr("Nothing differs now from {name}.", name=version.name))
        for button in (self.back_button, self.branch_button, self.new_button, self.remove_button):
            button.setEnabled(version is not None)

    def hideEvent(self, event: QHideEvent) -> None:
        """What is not seen any more is not looked at."""
        with contextlib.suppress(RuntimeError):  # the window is being taken down
            self.list.clearSelection()
        super().hideEvent(event)

    def _light(self) -> None:
        items = self.told.selectedItems()
        keys = [key for key in (items[0].data(KEYS) if items else ()) if exists(self.session.puppet, key)]
        if keys:
            self.session.selection.select(keys)

    def _named(self, item: QListWidgetItem) -> None:
        name, to = str(item.data(KEYS)), item.text().strip()
        if self._busy or to == name:
            return
        attempt(self.session, lambda: version_commands.rename(self.session, name, to))
        self._paint_anew()

    def go_back(self) -> None:
        if (name := self.chosen()) is not None:
            attempt(self.session, lambda: version_commands.go_back(self.session, name))

    def remove(self) -> None:
        if (name := self.chosen()) is not None:
            attempt(self.session, lambda: version_commands.remove(self.session, name))

    def _branches(self) -> None:
        """The branches of the stage, to choose one that is taken from it."""
        version = self._version()
        if version is None or version.document is None:
            return
        puppet, menu = version.document.puppet, QMenu(self)
        menu.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        for key in branches_of(puppet)[:MOST_BRANCHES]:
            name = "    " * len(ancestors(puppet, key)) + puppet.joints[key].name
            menu.addAction(name).triggered.connect(lambda _on=False, key=key: self.take_branch(key))
        menu.popup(self.branch_button.mapToGlobal(self.branch_button.rect().bottomLeft()))

    def take_branch(self, joint: str) -> None:
        """A branch of the stage that is looked at, once more."""
        if (name := self.chosen()) is not None:
            attempt(self.session, lambda: version_commands.take_branch(self.session, name, joint))


def branches_of(puppet: Puppet) -> list[str]:
    """The joints of a puppet as its family reads, without targets."""
    hooks = {limb.target for limb in puppet.limbs.values()} | {limb.toe for limb in puppet.limbs.values()}
    return [key for top in children(puppet, None) for key in branch(puppet, top) if key not in hooks]


def _when(kept: str) -> str:
    """A time for people, in their own zone."""
    try:
        return datetime.fromisoformat(kept).astimezone().strftime("%Y-%m-%d %H:%M")
    except ValueError:
        return ""

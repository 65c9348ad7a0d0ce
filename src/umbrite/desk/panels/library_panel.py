"""The library: branches as pictures, dragged onto a joint of the puppet, or brought to the one that is selected."""

from pathlib import Path
from typing import Protocol

from PySide6.QtCore import QFile, QMimeData, QPoint, QSize, Qt
from PySide6.QtGui import QIcon, QShowEvent
from PySide6.QtWidgets import (
    QAbstractItemView,
    QHBoxLayout,
    QLabel,
    QLineEdit,
    QListView,
    QListWidget,
    QListWidgetItem,
    QMenu,
    QPushButton,
    QVBoxLayout,
    QWidget,
)

from umbrite.desk.board.input.drops import BRANCH
from umbrite.desk.commands.sharing.branch_commands import needs_branch
from umbrite.desk.session.session import Session, attempt
from umbrite.desk.theme.card import Card
from umbrite.desk.theme.language import tr
from umbrite.files.library import Entry, picture_in


class LibraryWork(Protocol):
    """What the panel asks of the files' side."""

    folder: Path

    @property
    def session(self) -> Session: ...
    def entries(self) -> list[Entry]: ...
    def keep(self) -> Path: ...
    def bring(self, path: Path) -> None: ...
    def rename(self, path: Path, name: str) -> None: ...
    def take_in(self, path: Path) -> None: ...


PICTURE = 84
PATH = Qt.ItemDataRole.UserRole


class BranchList(QListWidget):
    """The pictures; what is dragged from here carries its file and says that it is a branch."""

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setViewMode(QListView.ViewMode.IconMode)
        self.setIconSize(QSize(PICTURE, PICTURE))
        self.setGridSize(QSize(PICTURE + 22, PICTURE + 30))
        self.setResizeMode(QListView.ResizeMode.Adjust)
        self.setMovement(QListView.Movement.Static)
        self.setWordWrap(True)
        self.setDragEnabled(True)
        self.setDragDropMode(QAbstractItemView.DragDropMode.DragOnly)
        self.setSelectionMode(QAbstractItemView.SelectionMode.SingleSelection)
        self.setAccessibleName(tr("Library"))

    def mimeData(self, items: list[QListWidgetItem]) -> QMimeData:  # type: ignore[override]
        data = QMimeData()
        if items:
            data.setData(BRANCH, str(items[0].data(PATH)).encode())
        return data


class LibraryPanel(QWidget):
    """See the module."""

    def __init__(self, reuse: LibraryWork, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.reuse, self.session = reuse, reuse.session
        self.setAutoFillBackground(True)
        column = QVBoxLayout(self)
        column.setContentsMargins(8, 6, 6, 6)
        column.setSpacing(6)
        self.words = QLabel(tr("Drag a branch onto a joint, or onto the board."))
        self.words.setObjectName("quiet")
        self.words.setWordWrap(True)
        self.list = BranchList(self)
        self.name_line = QLineEdit(self)
        self.name_line.setAccessibleName(tr("Name of the branch"))
        self.name_line.hide()
        self.keep_button = QPushButton(tr("Save the selected branch"))
        self.bring_button = QPushButton(tr("Insert"))
        row = QHBoxLayout()
        row.addWidget(self.keep_button, 1)
        row.addWidget(self.bring_button)
        for widget in (self.words, self.list, self.name_line):
            column.addWidget(widget, 1 if widget is self.list else 0)
        column.addLayout(row)
        self.keep_button.clicked.connect(self._keep)
        self.bring_button.clicked.connect(self._bring)
        self.list.itemActivated.connect(lambda _item: self._bring())
        self.list.itemSelectionChanged.connect(self._tell)
        self.name_line.returnPressed.connect(self._named)
        self.list.setContextMenuPolicy(Qt.ContextMenuPolicy.CustomContextMenu)
        self.list.customContextMenuRequested.connect(self._menu)
        self.session.selection.changed.connect(self._tell)
        self.session.workspace.theme_changed.connect(self.refresh)
        self._tell()

    def showEvent(self, event: QShowEvent) -> None:
        self.refresh()
        super().showEvent(event)

    def refresh(self) -> None:
        """The rows as the folders are now."""
        if self.isHidden():
            return
        chosen = self.chosen()
        self.list.clear()
        for entry in self.reuse.entries():
            item = QListWidgetItem(self._icon(entry), entry.name)
            item.setData(PATH, str(entry.path))
            whose = tr("your own") if entry.own else tr("ships with Umbrite")
            item.setToolTip(tr("{name}, {whose}: drag it onto a joint", name=entry.name, whose=whose))
            self.list.addItem(item)
            item.setSelected(chosen is not None and entry.path == chosen)
        self._tell()

    def _icon(self, entry: Entry) -> QIcon:
        card = Card(self.session.workspace.theme, PICTURE, PICTURE).with_picture(picture_in(entry.path))
        return QIcon(card.finished())

    def chosen(self) -> Path | None:
        """The file of the selected branch."""
        items = self.list.selectedItems()
        return Path(str(items[0].data(PATH))) if items else None

    def _tell(self) -> None:
        why = needs_branch(self.session)
        self.keep_button.setEnabled(not why)
        self.keep_button.setToolTip(why or tr("Saves it to your own library, with limbs, controls and poses"))
        self.bring_button.setEnabled(self.chosen() is not None)
        self.bring_button.setToolTip(tr("Onto the selected joint, or free where none is selected"))

    def _keep(self) -> None:
        attempt(self.session, self.reuse.keep)
        self.refresh()

    def _bring(self) -> None:
        if (path := self.chosen()) is not None:
            attempt(self.session, lambda: self.reuse.bring(path))

    def _own(self) -> Path | None:
        path = self.chosen()
        return path if path is not None and path.parent == self.reuse.folder else None

    def _menu(self, at: QPoint) -> None:
        menu = QMenu(self.list)
        menu.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        path, mine = self.chosen(), self._own()
        for words, work, able in (
            (tr("Insert"), self._bring, path is not None),
            (tr("Insert as a guest"), self._as_guest, path is not None),
            (tr("Rename…"), self.edit_name, mine is not None),
            (tr("Move to trash"), self.remove, mine is not None),
        ):
            action = menu.addAction(words)
            action.setEnabled(able)
            action.triggered.connect(work)
        menu.popup(self.list.viewport().mapToGlobal(at))

    def _as_guest(self) -> None:
        if (path := self.chosen()) is not None:
            attempt(self.session, lambda: self.reuse.take_in(path))

    def edit_name(self) -> None:
        """Type another name for a branch of one's own."""
        if (path := self._own()) is not None:
            self.name_line.setText(path.stem)
            self.name_line.show()
            self.name_line.setFocus()
            self.name_line.selectAll()

    def _named(self) -> None:
        path, name = self._own(), self.name_line.text().strip()
        self.name_line.hide()
        if path is None or not name or name == path.stem:
            return
        attempt(self.session, lambda: self.reuse.rename(path, name))
        self.refresh()

    def remove(self) -> None:
        """A branch of one's own into the trash of the desktop; where there is none, it stays."""
        path = self._own()
        if path is None:
            return
        done = QFile(str(path)).moveToTrash()
        said = (
            tr("{name} is in the trash.", name=path.stem)
            if done
            else tr("There is no trash here, so {name} was not removed.", name=path.stem)
        )
        self.session.say(said)
        self.refresh()

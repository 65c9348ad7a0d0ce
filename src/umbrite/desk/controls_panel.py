"""The list of controls and links: pick those behind something, lock them, see what follows what."""

from PySide6.QtCore import QSize, Qt
from PySide6.QtWidgets import (
    QAbstractItemView,
    QCheckBox,
    QLabel,
    QListWidget,
    QListWidgetItem,
    QVBoxLayout,
    QWidget,
)

from umbrite.desk import controlling, look
from umbrite.desk.session import Session
from umbrite.rig.change import change

KEY = Qt.ItemDataRole.UserRole
ICONS = {
    "grip": "rig-grip", "knob": "rig-knob", "master": "rig-master", "slider": "rig-slider", "pad": "rig-pad",
    "chooser": "rig-chooser", "aim": "rig-aim",
}  # fmt: skip


class ThingList(QListWidget):
    """Rows for the puppet's things of one kind; selects both ways."""

    def __init__(self, session: Session, letter: str, label: str, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.session, self.letter = session, letter
        self._busy = False
        self._shown: list[tuple[str, str, str, bool]] = []
        self.setIconSize(QSize(18, 18))
        self.setSelectionMode(QAbstractItemView.SelectionMode.ExtendedSelection)
        self.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.setAccessibleName(label)
        self.itemSelectionChanged.connect(self._tell)
        self.itemChanged.connect(self._checked)
        session.changed.connect(self._on_changed)
        session.selection_changed.connect(self.show_selection)
        self.rebuild()

    def _on_changed(self, old: object, new: object) -> None:
        if getattr(old, "puppet", None) is not getattr(new, "puppet", None):
            self.rebuild()

    def _rows(self) -> list[tuple[str, str, str, bool]]:
        puppet = self.session.puppet
        if self.letter == "c":
            return [(key, c.name, ICONS[c.kind], c.locked) for key, c in puppet.controls.items()]
        return [(key, link.name, "rig-cord", False) for key, link in puppet.links.items()]

    def forget(self) -> None:
        """Make all rows anew: their colours have changed."""
        self._shown = []
        self.rebuild()

    def rebuild(self) -> None:
        rows = self._rows()
        if rows == self._shown:
            return
        self._busy, self._shown = True, rows
        self.clear()
        for key, name, symbol, locked in rows:
            item = QListWidgetItem(look.icon(symbol), name)
            item.setData(KEY, key)
            if self.letter == "c":
                item.setCheckState(Qt.CheckState.Unchecked if locked else Qt.CheckState.Checked)
                item.setToolTip(f"{name}: ticked, animators use it")
            self.addItem(item)
        self._busy = False
        self.show_selection()

    def show_selection(self) -> None:
        if self._busy:
            return
        self._busy = True
        for i in range(self.count()):
            self.item(i).setSelected(self.item(i).data(KEY) in self.session.selection)
        self._busy = False

    def _tell(self) -> None:
        if not self._busy:
            self._busy = True
            self.session.select([item.data(KEY) for item in self.selectedItems()])
            self._busy = False

    def _checked(self, item: QListWidgetItem) -> None:
        key = item.data(KEY)
        locked = item.checkState() == Qt.CheckState.Unchecked
        if self._busy or self.letter != "c" or self.session.puppet.controls[key].locked == locked:
            return
        word = "Lock" if locked else "Unlock"
        self.session.edit(f"{word} {item.text()}", puppet=change(self.session.puppet, key, locked=locked))


class ControlsPanel(QWidget):
    """Both lists, and whether animators may touch more than controls."""

    def __init__(self, session: Session, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.session = session
        column = QVBoxLayout(self)
        column.setContentsMargins(6, 6, 6, 6)
        column.setSpacing(5)
        words = QLabel("Ticked controls are handed over to animators.")
        words.setObjectName("quiet")
        words.setWordWrap(True)
        self.controls = ThingList(session, "c", "Controls")
        self.only = QCheckBox("Lock everything else")
        self.only.setToolTip("In Rehearse only controls can be dragged, not the art")
        links = QLabel("Links")
        links.setObjectName("title")
        self.links = ThingList(session, "k", "Links")
        for widget, share in ((words, 0), (self.controls, 3), (self.only, 0), (links, 0), (self.links, 2)):
            column.addWidget(widget, share)
        self.only.clicked.connect(lambda on: controlling.set_controls_only(session, on=on))
        session.file_changed.connect(self._refresh)
        self._refresh()

    def _refresh(self, *_: object) -> None:
        self.only.setChecked(self.session.puppet.controls_only)

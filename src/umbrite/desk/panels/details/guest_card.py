"""What a guest is: where it came from and whether that is newer, its place and size, its depth, its controls, and its own takes."""

from collections.abc import Callable
from pathlib import Path
from typing import Protocol

from PySide6.QtCore import QSignalBlocker, Qt
from PySide6.QtWidgets import (
    QCheckBox,
    QComboBox,
    QDoubleSpinBox,
    QFormLayout,
    QGridLayout,
    QHBoxLayout,
    QLabel,
    QPushButton,
    QSizePolicy,
    QVBoxLayout,
    QWidget,
)

from umbrite.desk.commands.sharing import guest_commands
from umbrite.desk.session.session import Session, attempt
from umbrite.desk.theme.language import tr
from umbrite.rig.merging.guests import unpacked
from umbrite.rig.model import Guest


class GuestFiles(Protocol):
    """What the card asks of the files' side."""

    def source_of(self, key: str) -> Path | None: ...
    def newer(self, key: str) -> bool | None: ...
    def update(self, key: str) -> None: ...
    def open_guest(self, key: str) -> None: ...


class GuestCard(QWidget):
    """See the module. It stands at the head of Details while something of one guest is selected."""

    def __init__(self, session: Session, files: GuestFiles, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.session, self.files = session, files
        self.key = ""
        self.setSizePolicy(QSizePolicy.Policy.Preferred, QSizePolicy.Policy.Maximum)
        column = QVBoxLayout(self)
        column.setContentsMargins(12, 6, 12, 6)
        column.setSpacing(5)
        self.heading, self.about, self.state = QLabel(), QLabel(), QLabel()
        self.heading.setObjectName("title")
        for label in (self.about, self.state):
            label.setObjectName("quiet")
            label.setWordWrap(True)
        for label in (self.heading, self.about, self.state):
            column.addWidget(label)
        form = QFormLayout()
        form.setVerticalSpacing(4)
        column.addLayout(form)
        self.across, self.down, self.share = (
            self._number(-99_999, 99_999, ""), self._number(-99_999, 99_999, ""), self._number(1, 10_000, " %"),
        )  # fmt: skip
        place = QHBoxLayout()
        for field, name in ((self.across, tr("Across")), (self.down, tr("Down"))):
            field.setAccessibleName(name)
            place.addWidget(field, 1)
        self.share.setAccessibleName(tr("Size"))
        form.addRow(tr("Place"), place)
        form.addRow(tr("Size"), self.share)
        self.spread = QCheckBox(tr("Spread over depths"))
        self.spread.setToolTip(tr("Its parts can lie at different depths"))
        self.hidden = QCheckBox(tr("Hide its controls"))
        column.addWidget(self.spread)
        column.addWidget(self.hidden)
        takes = QHBoxLayout()
        self.takes, self.lay = QComboBox(), QPushButton(tr("Insert take"))
        self.takes.setAccessibleName(tr("Its own takes"))
        self.takes.setMinimumContentsLength(6)
        self.lay.setToolTip(tr("Its own take into the current take, from the current frame"))
        takes.addWidget(self.takes, 1)
        takes.addWidget(self.lay)
        column.addLayout(takes)
        self.update_button, self.open_button = QPushButton(tr("Update")), QPushButton(tr("Open its file"))
        self.own_button, self.remove_button = QPushButton(tr("Detach from its file")), QPushButton(tr("Remove it"))
        self.own_button.setToolTip(tr("It becomes part of this puppet and can be changed here"))
        buttons = QGridLayout()
        for i, button in enumerate((self.update_button, self.open_button, self.own_button, self.remove_button)):
            buttons.addWidget(button, i // 2, i % 2)
        column.addLayout(buttons)
        self._connect()

    def _connect(self) -> None:
        session, files = self.session, self.files
        self.across.valueChanged.connect(self._place)
        self.down.valueChanged.connect(self._place)
        self.share.valueChanged.connect(
            lambda share: self._do(lambda: guest_commands.place(session, self.key, scale=share / 100))
        )
        self.spread.clicked.connect(lambda on: self._do(lambda: guest_commands.spread(session, self.key, on=on)))
        self.hidden.clicked.connect(lambda on: self._do(lambda: guest_commands.hide(session, self.key, on=on)))
        self.lay.clicked.connect(
            lambda: self._do(lambda: guest_commands.lay_take(session, self.key, self.takes.currentText()))
        )
        self.update_button.clicked.connect(lambda: self._do(lambda: files.update(self.key)))
        self.open_button.clicked.connect(lambda: self._do(lambda: files.open_guest(self.key)))
        self.own_button.clicked.connect(lambda: self._do(lambda: guest_commands.own(session)))
        self.remove_button.clicked.connect(lambda: self._do(lambda: guest_commands.remove(session)))
        session.selection.changed.connect(self.refresh)
        session.settled.connect(self.refresh)
        self.refresh()

    def _number(self, least: float, most: float, suffix: str) -> QDoubleSpinBox:
        field = QDoubleSpinBox()
        field.setRange(least, most)
        field.setDecimals(1)
        field.setSuffix(suffix)
        field.setKeyboardTracking(False)
        field.setMinimumWidth(64)
        field.setAlignment(Qt.AlignmentFlag.AlignRight)
        return field

    def _do(self, work: Callable[[], object]) -> None:
        if self.key:
            attempt(self.session, work)
            self.refresh()

    def _place(self) -> None:
        at = complex(self.across.value(), self.down.value())
        self._do(lambda: guest_commands.place(self.session, self.key, at))

    def refresh(self) -> None:
        """Show the guest to which what is selected belongs, if it is one."""
        key = guest_commands.guest_selected(self.session)
        self.setVisible(key is not None)
        self.key = key or ""
        if key is not None:
            self._show(self.session.puppet.guests[key])

    def _show(self, guest: Guest) -> None:
        inner = unpacked(guest)
        self.heading.setText(tr("Guest: {name}", name=guest.name))
        self.about.setText(
            tr(
                "{count} parts of {source}. They are changed in that file.",
                count=len(inner.puppet.parts),
                source=Path(guest.source).name,
            )
        )
        newer = self.files.newer(self.key)
        self.state.setText(
            tr("Its file is not there; the copy inside is whole.") if newer is None
            else tr("Its file has changed since.") if newer else tr("Up to date.")
        )  # fmt: skip
        self.update_button.setEnabled(bool(newer))
        for field, value in ((self.across, guest.at.x), (self.down, guest.at.y), (self.share, guest.scale * 100)):
            with QSignalBlocker(field):
                field.setValue(value)
        for box, on in ((self.spread, guest.spread), (self.hidden, guest.hidden)):
            box.setChecked(on)
        names = [take.name for take in inner.takes]
        if [self.takes.itemText(i) for i in range(self.takes.count())] != names:
            self.takes.clear()
            self.takes.addItems(names)
        self.takes.setVisible(bool(names))
        self.lay.setVisible(bool(names))

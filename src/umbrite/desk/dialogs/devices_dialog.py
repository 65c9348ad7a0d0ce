"""Devices: what arrives from outside, and the controls that it is assigned to. Turn the axis, click the control, done."""

from PySide6.QtCore import Qt, QTimer
from PySide6.QtWidgets import (
    QAbstractItemView,
    QCheckBox,
    QDialog,
    QHBoxLayout,
    QLabel,
    QProgressBar,
    QPushButton,
    QSpinBox,
    QTreeWidget,
    QTreeWidgetItem,
    QVBoxLayout,
    QWidget,
)

from umbrite.desk.session.preferences import Preferences
from umbrite.desk.session.running_time.osc import Axis
from umbrite.desk.session.session import Session, attempt
from umbrite.desk.theme.language import tr

LOOKS = 80  # milliseconds between two looks at what has arrived
STEPS = 1000


class DevicesDialog(QDialog):
    """Stays open beside the board, where controls are clicked."""

    def __init__(self, session: Session, preferences: Preferences, parent: QWidget) -> None:
        super().__init__(parent)
        self.session, self.preferences = session, preferences
        self._since: dict[Axis, float] | None = None  # while an axis is to be assigned
        self._rows: dict[Axis, tuple[QTreeWidgetItem, QProgressBar]] = {}
        self.setWindowTitle(tr("Devices"))
        self.setModal(False)
        self.resize(460, 380)
        column = QVBoxLayout(self)
        column.addLayout(self._head())
        self.list = QTreeWidget()
        self.list.setAccessibleName(tr("What arrives"))
        self.list.setHeaderLabels([tr("Axis or button"), tr("Value"), tr("Control")])
        self.list.setRootIsDecorated(False)
        self.list.setSelectionMode(QAbstractItemView.SelectionMode.SingleSelection)
        self.list.setColumnWidth(0, 170)
        self.list.setColumnWidth(1, 110)
        column.addWidget(self.list, 1)
        self.words = QLabel()
        self.words.setObjectName("quiet")
        self.words.setWordWrap(True)
        column.addWidget(self.words)
        foot = QHBoxLayout()
        self.assign = QPushButton(tr("Assign to a control"))
        self.assign.setCheckable(True)
        self.assign.toggled.connect(self._learn)
        self.clear = QPushButton(tr("Clear"))
        self.clear.clicked.connect(self._clear)
        for button in (self.assign, self.clear):
            button.setAutoDefault(False)
            foot.addWidget(button)
        foot.addStretch(1)
        column.addLayout(foot)
        self._timer = QTimer(self)
        self._timer.setInterval(LOOKS)
        self._timer.timeout.connect(self.refresh)
        session.devices.changed.connect(self.refresh)
        session.devices.changed.connect(self._keep)
        session.selection.changed.connect(self._on_selection)
        self.refresh()

    def _head(self) -> QHBoxLayout:
        row = QHBoxLayout()
        self.listen = QCheckBox(tr("Listen for devices (OSC, this computer only)"))
        self.listen.setChecked(self.session.devices.on)
        self.listen.clicked.connect(lambda on: self._switch(on=on))
        row.addWidget(self.listen, 1)
        row.addWidget(QLabel(tr("Port")))
        self.port = QSpinBox()
        self.port.setAccessibleName(tr("Port"))
        self.port.setRange(1024, 65535)
        self.port.setValue(self.session.devices.port)
        row.addWidget(self.port)
        return row

    def showEvent(self, _event: object) -> None:
        self._timer.start()

    def hideEvent(self, _event: object) -> None:
        self._timer.stop()
        self.assign.setChecked(False)

    def _switch(self, *, on: bool) -> None:
        attempt(self.session, lambda: self.session.devices.switch(on=on, port=self.port.value()))
        self.listen.setChecked(self.session.devices.on)

    def _keep(self) -> None:
        self.preferences.devices = self.session.devices.told()

    def refresh(self) -> None:
        """What has arrived, and what it is assigned to."""
        devices = self.session.devices
        known = {*devices.axes, *devices.laid}
        for axis in self._rows.keys() - known:
            item, _ = self._rows.pop(axis)
            self.list.takeTopLevelItem(self.list.indexOfTopLevelItem(item))
        for axis in sorted(known):
            if axis not in self._rows:
                self._rows[axis] = self._row(axis)
            item, bar = self._rows[axis]
            heard, laid = devices.axes.get(axis), devices.laid.get(axis)
            if heard is not None:
                bar.setValue(round((heard.value - heard.least) / max(heard.most - heard.least, 1e-9) * STEPS))
            item.setText(2, tr("{control}, {what}", control=laid.control, what=_word(laid.what)) if laid else "")
        self.port.setEnabled(not devices.on)
        self.assign.setEnabled(devices.on or bool(devices.axes))
        self.clear.setEnabled(self._chosen() in devices.laid)
        self.words.setText(self._hint())

    def _hint(self) -> str:
        devices = self.session.devices
        if self._since is not None:
            axis = self._learned()
            return (
                tr("Turn the axis, then click the control on the board.")
                if axis is None
                else tr("Click the control for {axis} on the board.", axis=axis.address)
            )
        if not devices.on:
            return tr("Nothing is listened to. Without a device, run: umbrite device")
        return "" if devices.axes else tr("Nothing has arrived yet.")

    def _row(self, axis: Axis) -> tuple[QTreeWidgetItem, QProgressBar]:
        name = axis.address if not axis.number else f"{axis.address} [{axis.number}]"
        item = QTreeWidgetItem([name, "", ""])
        item.setData(0, Qt.ItemDataRole.UserRole, [axis.address, axis.number])
        self.list.addTopLevelItem(item)
        bar = QProgressBar()
        bar.setRange(0, STEPS)
        bar.setTextVisible(False)
        bar.setMaximumHeight(12)
        self.list.setItemWidget(item, 1, bar)
        return item, bar

    def _chosen(self) -> Axis | None:
        items = self.list.selectedItems()
        return Axis(*items[0].data(0, Qt.ItemDataRole.UserRole)) if items else None

    def _learned(self) -> Axis | None:
        """The axis that is meant: the one that has moved since, else the row that is selected."""
        return self.session.devices.moved_most(self._since or {}) or self._chosen()

    def _learn(self, on: bool) -> None:  # noqa: FBT001 Qt's own way
        self._since = {axis: each.moved for axis, each in self.session.devices.axes.items()} if on else None
        if on:
            self.session.selection.select(())
        self.refresh()

    def _on_selection(self) -> None:
        controls = self.session.selection.of("control")
        axis = self._learned() if self._since is not None else None
        if axis is not None and controls:
            attempt(self.session, lambda: self.session.devices.lay(axis, controls[0]))
            self.assign.setChecked(False)

    def _clear(self) -> None:
        if (axis := self._chosen()) is not None:
            self.session.devices.take_off(axis)


def _word(what: str) -> str:
    words = {
        "x": tr("across"), "y": tr("up and down"), "turn": tr("turn"), "value": tr("value"), "value_y": tr("upright value"),
        "shows": tr("picture"),
    }  # fmt: skip
    return words[what]

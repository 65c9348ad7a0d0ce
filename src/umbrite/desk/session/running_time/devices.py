"""Outside devices: what they send by OSC on this computer, and the controls that their axes and buttons are laid on.

Off until a person switches it on. Nothing but numbers comes in and nothing goes out. While a pass is performed all that comes is recorded with it; else
in Rehearse what is laid on a control poses it, and becomes one step when the device has come to rest; in Takes it is only shown.
"""

import json
from collections.abc import Callable, Mapping
from typing import TYPE_CHECKING, NamedTuple

from PySide6.QtCore import QObject, QTimer, Signal

from umbrite.desk.session.running_time.osc import Axis, values_in
from umbrite.desk.session.running_time.performing import Performing
from umbrite.desk.theme.language import tr
from umbrite.motion.performing.axes import set_by_axis, values_taken
from umbrite.rig.channels import shows_value
from umbrite.rig.errors import RigError
from umbrite.rig.model import Control, Puppet

if TYPE_CHECKING:
    from PySide6.QtNetwork import QUdpSocket

PORT = 9000
AT_ONCE = 256  # packets between two looks at the window
MOST_AXES = 200
REST = 400  # milliseconds without a value after which what was posed becomes a step
PRESSED = 0.5  # from here on a button is down


class Heard(NamedTuple):
    """What is known of an axis: its value, the least and the greatest so far, and how far it has moved in all."""

    value: float
    least: float
    most: float
    moved: float = 0.0

    @property
    def both_ways(self) -> bool:
        return self.least < -0.01

    @property
    def button(self) -> bool:
        """Whether it has only been on or off."""
        return {self.value, self.least, self.most} <= {0.0, 1.0}


class Laid(NamedTuple):
    """What an axis is laid on: a control by its name, and which of its values."""

    control: str
    what: str


class Devices(QObject):
    """See the module. `puppet` gives the one that is open, `pose` shows values or (`done`) makes them a step."""

    changed = Signal()  # what is listened to, or laid on what
    heard = Signal()  # a value

    def __init__(
        self,
        puppet: Callable[[], Puppet],
        pose: Callable[[Mapping[str, float], bool], None],
        performing: Performing,
        parent: QObject | None = None,
    ) -> None:
        super().__init__(parent)
        self._puppet, self._pose, self._performing = puppet, pose, performing
        self._socket: QUdpSocket | None = None
        self.port = PORT
        self.axes: dict[Axis, Heard] = {}
        self.laid: dict[Axis, Laid] = {}
        self._posed: dict[str, float] = {}
        self._resting = QTimer(self)
        self._resting.setSingleShot(True)
        self._resting.setInterval(REST)
        self._resting.timeout.connect(self._settle)

    # Listening

    @property
    def on(self) -> bool:
        return self._socket is not None

    def switch(self, *, on: bool, port: int | None = None) -> None:
        """Listen on this computer, or no more. Raises RigError where the port is taken."""
        if self._socket is not None:
            self._socket.close()
            self._socket.deleteLater()
            self._socket = None
        self.port = port or self.port
        if on:
            from PySide6.QtNetwork import QHostAddress, QUdpSocket

            socket = QUdpSocket(self)
            if not socket.bind(QHostAddress(QHostAddress.SpecialAddress.LocalHost), self.port):
                socket.deleteLater()
                self.changed.emit()
                raise RigError(tr("Port {port} is taken by another program. Choose a different one.", port=self.port))
            socket.readyRead.connect(self._read)
            self._socket = socket
        self.changed.emit()

    def _read(self) -> None:
        """What has come, up to a bound: a flood must not stop the window."""
        socket, together = self._socket, dict[str, float]()
        for _ in range(AT_ONCE):
            if socket is None or not socket.hasPendingDatagrams():
                break
            values = self._heard_in(bytes(socket.receiveDatagram().data().data()))
            if self._performing.running:
                self._apply(values)  # each is a sample
            else:
                together |= values
        else:
            QTimer.singleShot(1, self._read)
        self._apply(together)
        self.heard.emit()

    def take_in(self, packet: bytes) -> None:
        """One packet."""
        self._apply(self._heard_in(packet))

    def _heard_in(self, packet: bytes) -> dict[str, float]:
        """What a packet sets, of the axes that are on controls."""
        values: dict[str, float] = {}
        for axis, value in values_in(packet):
            before = self.axes.get(axis)
            if before is None and len(self.axes) >= MOST_AXES and not self._make_room():
                continue
            old = Heard(value, min(value, 0.0), max(value, 1.0)) if before is None else before
            now = Heard(value, min(old.least, value), max(old.most, value), old.moved + abs(value - old.value))
            self.axes[axis] = now
            if (laid := self.laid.get(axis)) is not None:
                values |= self._values_of(laid, now, 0.0 if before is None else before.value)
        return values

    def _make_room(self) -> bool:
        """Let the axis go that has been known longest and is on no control; False where there is none."""
        free = next((each for each in self.axes if each not in self.laid), None)
        return free is not None and self.axes.pop(free, None) is not None

    def _apply(self, values: Mapping[str, float]) -> None:
        if self._performing.running:
            self._performing.set_values(values)
        elif values:
            self._posed |= values
            self._pose(self._posed, False)
            self._resting.start()

    def _settle(self) -> None:
        posed, self._posed = self._posed, {}
        if posed and not self._performing.running:
            self._pose(posed, True)

    # What lies on what

    def lay(self, axis: Axis, key: str) -> Laid:
        """Lay an axis on a control: of a grip and a pad the first on its way across, the next on its way up and down. Raises RigError."""
        control = self._puppet().controls[key]
        whats = values_taken(control)
        if not whats:
            raise RigError(
                tr("{name} takes no values. Choose a slider, a pad, a grip, a knob or a chooser.", name=control.name)
            )
        taken = {each.what for other, each in self.laid.items() if each.control == control.name and other != axis}
        what = next((each for each in whats if each not in taken), whats[0])
        self.laid = {
            other: each for other, each in self.laid.items() if other != axis and each != Laid(control.name, what)
        }
        self.laid[axis] = Laid(control.name, what)
        self.changed.emit()
        return self.laid[axis]

    def take_off(self, axis: Axis) -> None:
        """Let an axis be on nothing."""
        self.laid.pop(axis, None)
        self.changed.emit()

    def moved_most(self, since: Mapping[Axis, float]) -> Axis | None:
        """The axis that has moved most since a moment, which `since` tells; None where none has."""
        far = {axis: each.moved - since.get(axis, 0.0) for axis, each in self.axes.items()}
        best = max(far, key=far.__getitem__, default=None)
        return best if best is not None and far[best] > 0.05 else None

    def told(self) -> str:
        """What lies on what, as text that `recall` reads."""
        return json.dumps([[*axis, *laid] for axis, laid in self.laid.items()])

    def recall(self, text: str) -> None:
        """What was laid on what; nonsense is passed over."""
        try:
            rows = json.loads(text or "[]")
            self.laid = {Axis(str(a), int(n)): Laid(str(c), str(w)) for a, n, c, w in rows[:MOST_AXES]}
        except (ValueError, TypeError):
            self.laid = {}
        self.changed.emit()

    def _values_of(self, laid: Laid, axis: Heard, before: float) -> dict[str, float]:
        """The channel that an axis sets, and its value."""
        puppet = self._puppet()
        key = next((key for key, each in puppet.controls.items() if each.name == laid.control), None)
        if key is None:
            return {}
        control, share = puppet.controls[key], axis.value / max(axis.most, -axis.least, 1.0)
        if laid.what == "shows" and axis.button:
            return self._next_shown(puppet, control, axis, before)
        return set_by_axis(puppet, key, laid.what, share, both_ways=axis.both_ways)

    def _next_shown(self, puppet: Puppet, control: Control, axis: Heard, before: float) -> dict[str, float]:
        """A button goes on to the next drawing when it is pressed."""
        one, name = puppet.sets[control.chooses], f"{control.chooses}.shows"
        if axis.value < PRESSED or before >= PRESSED:
            return {}
        numbers = [shows_value(one, each.number) for each in one.variants]
        now = self._performing.value_now(name)
        return {name: numbers[(numbers.index(now) + 1) % len(numbers) if now in numbers else 0]}

    def stop(self) -> None:
        """The window is closed."""
        self._resting.stop()
        if self._socket is not None:
            self._socket.close()
            self._socket = None

"""A simulated device for trying and tests: two sticks, eight faders, six keys, and a face that moves, sent as OSC to this computer."""

import math
import time

from PySide6.QtCore import QPointF, QRectF, QSize, Qt, QTimer, Signal
from PySide6.QtGui import QColor, QMouseEvent, QPainter, QPaintEvent, QPen
from PySide6.QtWidgets import (
    QApplication,
    QCheckBox,
    QGridLayout,
    QHBoxLayout,
    QLabel,
    QPushButton,
    QSlider,
    QVBoxLayout,
    QWidget,
)

from umbrite.demo.stand_ins.device_script import HOST

FACE_RATE = 30  # a second
PAPER, INK, BRASS = QColor("#FBF7EC"), QColor("#2B2733"), QColor("#B8862B")


class Stick(QWidget):
    """Two axes from -1 to 1; let go, it springs back."""

    moved = Signal(float, float)

    def __init__(self, name: str) -> None:
        super().__init__()
        self.setAccessibleName(name)
        self.at = QPointF(0, 0)

    def sizeHint(self) -> QSize:
        return QSize(130, 130)

    def _to(self, x: float, y: float) -> None:
        self.at = QPointF(min(max(x, -1.0), 1.0), min(max(y, -1.0), 1.0))
        self.moved.emit(self.at.x(), -self.at.y())
        self.update()

    def mousePressEvent(self, event: QMouseEvent) -> None:
        self.mouseMoveEvent(event)

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        place, half = event.position(), min(self.width(), self.height()) / 2
        self._to((place.x() - self.width() / 2) / half, (place.y() - self.height() / 2) / half)

    def mouseReleaseEvent(self, _event: QMouseEvent) -> None:
        self._to(0.0, 0.0)

    def paintEvent(self, _event: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        half = min(self.width(), self.height()) / 2 - 4
        middle = QPointF(self.width() / 2, self.height() / 2)
        painter.setPen(QPen(INK, 1.5))
        painter.setBrush(PAPER)
        painter.drawRoundedRect(QRectF(middle.x() - half, middle.y() - half, 2 * half, 2 * half), 12, 12)
        painter.setBrush(BRASS)
        painter.drawEllipse(middle + self.at * (half - 14), 14, 14)
        painter.end()


def face_at(seconds: float) -> dict[str, float]:
    """How a face moves that looks about, blinks and talks: values by address."""
    blink = 1.0 if seconds % 3.1 < 0.12 else 0.0
    talk = max(0.0, math.sin(seconds * 9.0)) * (0.6 + 0.4 * math.sin(seconds * 2.3)) if seconds % 5 < 3 else 0.0
    return {
        "/face/turn": 0.7 * math.sin(seconds * 0.9), "/face/nod": 0.4 * math.sin(seconds * 1.7 + 1), "/face/blink": blink,
        "/face/mouth": talk, "/face/brows": 0.5 + 0.5 * math.sin(seconds * 0.6),
    }  # fmt: skip


class Device(QWidget):
    """The window of the device."""

    def __init__(self, port: int) -> None:
        super().__init__()
        from pythonosc.udp_client import SimpleUDPClient

        self._client = SimpleUDPClient(HOST, port)
        self.setStyleSheet(f"QWidget {{ background: {PAPER.name()}; color: {INK.name()}; }}")
        self.setWindowTitle(f"Simulated device, port {port}")
        column = QVBoxLayout(self)
        sticks = QHBoxLayout()
        self.sticks = [Stick(f"Stick {number}") for number in (1, 2)]
        for number, stick in enumerate(self.sticks, 1):
            stick.moved.connect(lambda x, y, number=number: self._stick(number, x, y))
            sticks.addWidget(stick)
        column.addLayout(sticks)
        faders = QHBoxLayout()
        self.faders = [QSlider(Qt.Orientation.Vertical) for _ in range(8)]
        for number, fader in enumerate(self.faders, 1):
            fader.setRange(0, 1000)
            fader.setMinimumHeight(110)
            fader.setAccessibleName(f"Fader {number}")
            fader.valueChanged.connect(lambda value, number=number: self.send(f"/fader/{number}", value / 1000))
            faders.addWidget(fader)
        column.addLayout(faders)
        keys = QGridLayout()
        self.keys = [QPushButton(str(number)) for number in range(1, 7)]
        for number, key in enumerate(self.keys, 1):
            key.pressed.connect(lambda number=number: self.send(f"/key/{number}", 1.0))
            key.released.connect(lambda number=number: self.send(f"/key/{number}", 0.0))
            keys.addWidget(key, 0, number)
        column.addLayout(keys)
        self.face = QCheckBox("A face that moves")
        self.face.toggled.connect(self._switch_face)
        column.addWidget(self.face)
        column.addWidget(QLabel(f"Sends to {HOST}, port {port}, and nowhere else."))
        self._begun = 0.0
        self._timer = QTimer(self)
        self._timer.setInterval(round(1000 / FACE_RATE))
        self._timer.timeout.connect(self._face_moves)

    def send(self, address: str, value: float) -> None:
        """Send a value."""
        self._client.send_message(address, float(value))

    def _stick(self, number: int, x: float, y: float) -> None:
        self.send(f"/stick/{number}/x", x)
        self.send(f"/stick/{number}/y", y)

    def _switch_face(self, on: bool) -> None:  # noqa: FBT001 Qt's own way
        self._begun = time.monotonic()
        self._timer.start() if on else self._timer.stop()

    def _face_moves(self) -> None:
        for address, value in face_at(time.monotonic() - self._begun).items():
            self.send(address, value)


def run(port: int) -> int:
    """Show the device until its window is closed."""
    app = QApplication.instance() or QApplication([])
    device = Device(port)
    device.show()
    return int(app.exec())

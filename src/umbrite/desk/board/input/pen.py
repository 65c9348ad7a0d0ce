"""Pens: tablet events as the board takes them, and a simulated pen that sends them where there is no tablet.

A pen's tip is the pointer, its eraser end the pointer with Ctrl (which brings trimmed paper back, as Ctrl does). Pressure comes along.
"""

from collections.abc import Sequence
from typing import NamedTuple

from PySide6.QtCore import QEvent, QPointF, Qt
from PySide6.QtGui import QInputDevice, QMouseEvent, QPointingDevice, QTabletEvent
from PySide6.QtWidgets import QApplication, QWidget

BY_PEN = 1.45  # how much larger than for a mouse things to grasp are


class PenPoint(NamedTuple):
    """Where a pen is on a widget, and how hard it is pressed, 0 to 1."""

    at: QPointF
    pressure: float = 0.5


class SimulatedPen:
    """Sends a widget what a tablet would send; for tests and demonstrations."""

    def __init__(self, widget: QWidget, *, eraser: bool = False) -> None:
        self.widget = widget
        kind = QPointingDevice.PointerType.Eraser if eraser else QPointingDevice.PointerType.Pen
        self.device = QPointingDevice(
            "Simulated pen", 7001 + int(eraser), QInputDevice.DeviceType.Stylus, kind,
            QInputDevice.Capability.Position | QInputDevice.Capability.Pressure, 1, 1,
        )  # fmt: skip

    def _send(self, kind: QEvent.Type, point: PenPoint, *, held: bool) -> None:
        left, none = Qt.MouseButton.LeftButton, Qt.MouseButton.NoButton
        button = none if kind == QEvent.Type.TabletMove else left
        event = QTabletEvent(
            kind, self.device, point.at, QPointF(self.widget.mapToGlobal(point.at)), point.pressure,
            0.0, 0.0, 0.0, 0.0, 0.0, Qt.KeyboardModifier.NoModifier, button, left if held else none,
        )  # fmt: skip
        QApplication.sendEvent(self.widget, event)

    def stroke(self, points: Sequence[PenPoint]) -> None:
        """Press on the first point, go through the others, lift at the last."""
        self._send(QEvent.Type.TabletPress, points[0], held=True)
        for point in points[1:]:
            self._send(QEvent.Type.TabletMove, point, held=True)
        self._send(QEvent.Type.TabletRelease, points[-1], held=False)


def is_eraser(event: QTabletEvent) -> bool:
    return event.pointerType() == QPointingDevice.PointerType.Eraser


AS_MOUSE = {
    QEvent.Type.TabletPress: QEvent.Type.MouseButtonPress,
    QEvent.Type.TabletMove: QEvent.Type.MouseMove,
    QEvent.Type.TabletRelease: QEvent.Type.MouseButtonRelease,
}


def as_mouse(event: QTabletEvent) -> QMouseEvent:
    """What a mouse would send; the eraser end is the mouse with Ctrl."""
    keys = event.modifiers() | Qt.KeyboardModifier.ControlModifier if is_eraser(event) else event.modifiers()
    return QMouseEvent(
        AS_MOUSE[event.type()], event.position(), event.globalPosition(), event.button(), event.buttons(), keys
    )


def grasp_of(event: QTabletEvent | QMouseEvent) -> float | None:
    """How large things to grasp must be for what points here; None for events that came from no device."""
    kind = event.device().type()
    if isinstance(event, QTabletEvent) or kind == QInputDevice.DeviceType.TouchScreen:
        return BY_PEN
    return 1.0 if event.spontaneous() or kind == QInputDevice.DeviceType.Mouse else None

"""The view onto the board: zoom and shift, as a value."""

from typing import NamedTuple

from PySide6.QtCore import QPointF, QRect, QRectF
from PySide6.QtGui import QTransform

from umbrite.rig.placement import Box

CLOSEST, FARTHEST = 32.0, 0.02


class Camera(NamedTuple):
    """screen = board * zoom + shift, in widget pixels; x right, y down on both.

    `grasp` is how much larger than for a mouse the things to grasp are shown: a pen or a finger needs more.
    """

    zoom: float = 1.0
    shift: complex = 0j
    grasp: float = 1.0

    def screen(self, z: complex) -> complex:
        return z * self.zoom + self.shift

    def point(self, z: complex) -> QPointF:
        at = self.screen(z)
        return QPointF(at.real, at.imag)

    def board(self, screen: complex) -> complex:
        return (screen - self.shift) / self.zoom

    def transform(self) -> QTransform:
        return QTransform(self.zoom, 0, 0, self.zoom, self.shift.real, self.shift.imag)

    def box(self, seen: QRect) -> Box:
        """What a rectangle of the widget shows of the board."""
        corner = self.board(complex(seen.x(), seen.y()))
        return Box(
            corner.real, corner.imag, corner.real + seen.width() / self.zoom, corner.imag + seen.height() / self.zoom
        )

    def zoomed(self, factor: float, about: complex) -> "Camera":
        """Closer or farther, with the screen point `about` staying on the same board point."""
        zoom = min(max(self.zoom * factor, FARTHEST), CLOSEST)
        return self._replace(zoom=zoom, shift=about - (about - self.shift) * (zoom / self.zoom))

    def panned(self, by: complex) -> "Camera":
        return self._replace(shift=self.shift + by)


def fitting(box: QRectF, into: QRectF) -> Camera:
    """The camera that shows a box of the board as large as it fits into a rectangle of the widget."""
    if box.isEmpty() or into.isEmpty():
        return Camera()
    zoom = min(into.width() / box.width(), into.height() / box.height())
    zoom = min(max(zoom, FARTHEST), 4.0)
    middle, to = box.center(), into.center()
    return Camera(zoom, complex(to.x(), to.y()) - complex(middle.x(), middle.y()) * zoom)

"""The whole of a layered picture, small: the layers that are looked at are lit, a click tells which one lies there.

It shows what the board will show: what is hidden in the file is seen only while it is looked at.
"""

from collections.abc import Sequence

from PySide6.QtCore import QEvent, QPointF, QRectF, QSize, Qt, Signal
from PySide6.QtGui import QImage, QMouseEvent, QPainter, QPaintEvent
from PySide6.QtWidgets import QSizePolicy, QWidget

from umbrite.desk.theme.inked import Inked
from umbrite.desk.theme.language import tr
from umbrite.desk.theme.marks import pen
from umbrite.desk.theme.themes import Theme
from umbrite.files.layers import Layer, Layered
from umbrite.paint.painter import MODES

WIDE, TALL = 340, 440
SEEN = 24  # alpha of 255 from which a pixel counts as the layer's


class LayersPicture(QWidget):
    """See the module. `layered.layers` lie back to front; numbers count from the back."""

    selected = Signal(int)
    pointed = Signal(int)  # -1: at none

    def __init__(self, layered: Layered, theme: Theme, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.layered, self._theme = layered, theme
        self.scale = min(WIDE / max(layered.width, 1), TALL / max(layered.height, 1), 1.0)
        self.images = [_small(layer, self.scale * self.devicePixelRatioF()) for layer in layered.layers]
        self._ticked = set(range(len(self.images)))
        self._lit: frozenset[int] = frozenset()
        self.setMouseTracking(True)
        self.setMinimumSize(220, 220)
        self.setSizePolicy(QSizePolicy.Policy.Preferred, QSizePolicy.Policy.Expanding)
        self.setAccessibleName(tr("The whole picture"))

    def sizeHint(self) -> QSize:
        return QSize(WIDE + 16, TALL + 16)

    def show_ticked(self, numbers: set[int]) -> None:
        """Only these layers will be added; the others are left out of the picture."""
        self._ticked = numbers
        self.update()

    def light(self, numbers: Sequence[int]) -> None:
        """These layers are looked at; none: all of them as they are."""
        if frozenset(numbers) != self._lit:
            self._lit = frozenset(numbers)
            self.update()

    def _canvas(self) -> QRectF:
        """Where the picture's canvas lies in the widget, as large as it fits."""
        wide, tall = max(self.layered.width, 1), max(self.layered.height, 1)
        scale = min((self.width() - 16) / wide, (self.height() - 16) / tall)
        box = QRectF(0, 0, wide * scale, tall * scale)
        box.moveCenter(QRectF(self.rect()).center())
        return box

    def _box(self, layer: Layer) -> QRectF:
        canvas = self._canvas()
        scale = canvas.width() / max(self.layered.width, 1)
        return QRectF(
            canvas.x() + layer.x * scale, canvas.y() + layer.y * scale, layer.width * scale, layer.height * scale
        )

    def _shows(self, number: int) -> bool:
        return number in self._ticked and (self.layered.layers[number].visible or number in self._lit)

    def number_at(self, at: QPointF) -> int:
        """The frontmost layer that shows at a place of the widget; -1 where none does."""
        for number in range(len(self.images) - 1, -1, -1):
            box, image = self._box(self.layered.layers[number]), self.images[number]
            if self._shows(number) and box.contains(at) and not image.isNull():
                x = int((at.x() - box.x()) / box.width() * image.width())
                y = int((at.y() - box.y()) / box.height() * image.height())
                pixel = image.pixelColor(min(x, image.width() - 1), min(y, image.height() - 1))
                if pixel.alpha() > SEEN:
                    return number
        return -1

    def paintEvent(self, _event: QPaintEvent) -> None:
        painter = Inked(self, self._theme)
        painter.setRenderHints(QPainter.RenderHint.Antialiasing | QPainter.RenderHint.SmoothPixmapTransform)
        painter.setPen(pen(self._theme.line, 1))
        painter.setBrush(self._theme.linen)
        painter.drawRect(self._canvas())
        for number in filter(self._shows, sorted(self._ticked)):
            layer = self.layered.layers[number]
            faint = self._lit and number not in self._lit
            painter.setOpacity(layer.opacity * (0.22 if faint else 1.0))
            painter.setCompositionMode(MODES[layer.blend])
            painter.drawImage(self._box(layer), self.images[number])
        painter.setCompositionMode(MODES["normal"])
        painter.setOpacity(1.0)
        painter.setBrush(Qt.BrushStyle.NoBrush)
        for number in self._lit:
            for colour, width in ((self._theme.paper, 4.0), (self._theme.selected, 2.0)):
                painter.setPen(pen(colour, width))
                painter.drawRoundedRect(self._box(self.layered.layers[number]).adjusted(-3, -3, 3, 3), 3, 3)
        painter.end()

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        number = self.number_at(event.position())
        self.setToolTip(self.layered.layers[number].name if number >= 0 else "")
        self.pointed.emit(number)

    def mousePressEvent(self, event: QMouseEvent) -> None:
        if (number := self.number_at(event.position())) >= 0:
            self.selected.emit(number)

    def leaveEvent(self, _event: QEvent) -> None:
        self.pointed.emit(-1)


def _small(layer: Layer, scale: float) -> QImage:
    image = QImage.fromData(layer.png)
    size = QSize(max(1, round(layer.width * scale)), max(1, round(layer.height * scale)))
    if image.isNull() or size.width() >= image.width():
        return image.convertToFormat(QImage.Format.Format_ARGB32_Premultiplied)
    return image.scaled(
        size, Qt.AspectRatioMode.IgnoreAspectRatio, Qt.TransformationMode.SmoothTransformation
    ).convertToFormat(QImage.Format.Format_ARGB32_Premultiplied)

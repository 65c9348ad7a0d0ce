"""Marks that stand still while a few others move, kept as a ready picture: a drag paints what it moves."""

from collections.abc import Callable, Iterable, Mapping
from typing import Any

from PySide6.QtCore import QPoint, Qt
from PySide6.QtGui import QImage, QPainter

from umbrite.desk.board.camera import Camera
from umbrite.desk.theme.inked import Inked
from umbrite.desk.theme.themes import Theme

# What a mark is painted from; equal signs look the same through the same camera.
Sign = tuple[Any, ...]
# Paints one mark from its sign.
Hand = Callable[[Inked, Camera, Sign], None]
# So few marks are painted as quickly as a picture of them is laid down.
FEW = 24
# So many take so long to paint that what has moved stays over the others when the gesture is over, too.
MANY = 200


class Standing:
    """The marks of one kind on the board. While a gesture goes on those that have moved lie over the others; before and after all
    lie in their order, so that the same state is the same picture.
    """

    def __init__(self, hand: Hand) -> None:
        self._hand = hand
        self._known: Mapping[str, Sign] = {}
        self._moving: set[str] = set()
        self._image = QImage()
        self._seen: tuple[object, ...] = ()

    def paint(
        self, painter: Inked, camera: Camera, signs: Mapping[str, Sign], size: tuple[int, int], *, dragging: bool
    ) -> None:
        """Paint all marks, by their names, in their order, on a board of a size in its own pixels."""
        if len(signs) <= FEW:
            self._draw(painter, camera, signs.values())
            return
        ratio = painter.device().devicePixelRatioF()
        seen = (camera, size, ratio, painter.theme)
        known = self._known
        moving = self._moving | {key for key, sign in signs.items() if known.get(key) != sign}
        apart = dragging or len(signs) > MANY
        anew = seen != self._seen or known.keys() != signs.keys() or len(moving) > len(signs) // 2
        if anew or (moving and not apart) or len(moving) > len(self._moving):
            self._moving = moving if apart and not anew else set()
            still = (sign for key, sign in signs.items() if key not in self._moving)
            self._image = self._picture(painter.theme, camera, still, size, ratio)
        self._known, self._seen = signs, seen
        painter.drawImage(QPoint(0, 0), self._image)
        self._draw(painter, camera, (signs[key] for key in self._moving))

    def _draw(self, painter: Inked, camera: Camera, signs: Iterable[Sign]) -> None:
        for sign in signs:
            self._hand(painter, camera, sign)

    def _picture(
        self, theme: Theme, camera: Camera, signs: Iterable[Sign], size: tuple[int, int], ratio: float
    ) -> QImage:
        image = QImage(round(size[0] * ratio), round(size[1] * ratio), QImage.Format.Format_ARGB32_Premultiplied)
        image.setDevicePixelRatio(ratio)
        image.fill(Qt.GlobalColor.transparent)
        painter = Inked(image, theme)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        self._draw(painter, camera, signs)
        painter.end()
        return image

"""Painted frames of a take that plays, kept while nothing changes: the second time round they are only laid down."""

from collections import OrderedDict
from typing import NamedTuple

from PySide6.QtGui import QImage

from umbrite.motion.scene import Shape


class Frame(NamedTuple):
    """The picture of a frame, what is seen in it, and whether it was painted quickly rather than smoothly."""

    image: QImage
    shapes: tuple[Shape, ...]
    rough: bool


MOST = 400_000_000  # bytes


class KeptFrames:
    """See the module. What they are `of` is told apart by identity or equality; frames of anything else are let go."""

    def __init__(self, most: int = MOST) -> None:
        self._most = most
        self._of: tuple[object, ...] = ()
        self._images: OrderedDict[float, Frame] = OrderedDict()

    def get(self, of: tuple[object, ...], frame: float) -> Frame | None:
        """The picture of a frame as it was painted, if it was."""
        if not self._same(of):
            self.clear()
            self._of = of
        return self._images.get(frame)

    def keep(self, of: tuple[object, ...], frame: float, painted: Frame) -> None:
        """Keep a picture, where there is room."""
        if not self._same(of):
            self.clear()
            self._of = of
        if self.has_room(painted.image):
            self._images[frame] = painted

    def has_room(self, image: QImage) -> bool:
        """Whether one more picture like this can be kept. The earliest stay: in a loop the latest would push out the next."""
        return (len(self._images) + 1) * image.sizeInBytes() <= self._most

    def clear(self) -> None:
        self._images.clear()

    def __len__(self) -> int:
        return len(self._images)

    def _same(self, of: tuple[object, ...]) -> bool:
        return len(of) == len(self._of) and all(a is b or a == b for a, b in zip(of, self._of, strict=True))

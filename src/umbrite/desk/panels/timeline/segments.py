"""Threads between keys."""

from PySide6.QtCore import QPointF
from PySide6.QtGui import QPainterPath

from umbrite.rig.takes.take import Key


def frame_of(item: tuple[float, Key]) -> float:
    """The frame of a key as rows list them."""
    return item[0]


def segment(key: Key, start: QPointF, end: QPointF) -> QPainterPath:
    """How a value goes on between two keys: taut where it is straight, stepped where it holds, slack by its easing."""
    path = QPainterPath(start)
    if key.interpolation == "hold":
        path.lineTo(end + QPointF(0, 0) - QPointF(4, 0))
        path.moveTo(end + QPointF(-4, -5))
        path.lineTo(end + QPointF(-4, 5))
    elif key.interpolation == "straight":
        path.lineTo(end)
    else:
        out, into = (key.out, key.into) if key.interpolation == "eased" else (0.3, 0.3)
        width = end.x() - start.x()
        path.cubicTo(
            start + QPointF(width * 0.33, 11 * max(out, 0.1) * 2),
            end - QPointF(width * 0.33, 11 * max(into, 0.1) * 2),
            end,
        )
    return path

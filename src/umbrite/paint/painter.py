"""The one painter of puppets: parts in draw order, from an evaluated pose."""

from collections.abc import Collection
from typing import NamedTuple

import numpy as np
from PySide6.QtCore import QRectF
from PySide6.QtGui import QPainter, QTransform

from umbrite.motion.evaluate import Placed
from umbrite.paint.pictures import Pictures
from umbrite.rig.affine import Affine, svg_matrix


class Sprite(NamedTuple):
    """A part ready to paint: its id, drawing, opacity, and its map from the drawing's pixels to the board."""

    part: str
    sha256: str
    opacity: float
    board_from_drawing: QTransform
    box: QRectF  # around the drawing as posed, on the board


def transform(m: Affine) -> QTransform:
    """The same map for Qt."""
    return QTransform(*svg_matrix(m))


def sprites(placed: Placed, frame: int = 0) -> list[Sprite]:
    """All visible parts of one frame, back to front."""
    maps = placed.part_maps()
    x_axis, y_axis = maps.a[frame] + maps.b[frame], 1j * (maps.a[frame] - maps.b[frame])
    rows = np.stack(
        [x_axis.real, x_axis.imag, y_axis.real, y_axis.imag, maps.t[frame].real, maps.t[frame].imag], -1
    )
    found = []
    for key, row in zip(placed.plan.parts, rows.tolist(), strict=True):
        part = placed.plan.puppet.parts[key]
        if part.visible:
            matrix = QTransform(*row)
            box = matrix.mapRect(QRectF(0, 0, part.drawing.width, part.drawing.height))
            found.append(Sprite(key, part.drawing.sha256, part.opacity, matrix, box))
    return found


def paint_sprites(
    painter: QPainter,
    items: list[Sprite],
    pictures: Pictures,
    view: QTransform,
    faded: Collection[str] = (),
    fade: float = 1.0,
) -> None:
    """Paint parts through `view` (board to target pixels); those in `faded` with `fade` of their opacity.

    The painter's own transform is put back; drawings are sampled smoothly from a version of fitting size.
    """
    before = painter.worldTransform()
    painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
    for item in items:
        whole = item.board_from_drawing * view
        level = pictures.level(item.sha256, abs(whole.determinant()) ** 0.5)
        painter.setOpacity(item.opacity * (fade if item.part in faded else 1.0))
        local = QTransform.fromTranslate(-level.margin, -level.margin)
        local *= QTransform.fromScale(1 / level.factor, 1 / level.factor)
        painter.setWorldTransform(_sampled(local * whole))
        painter.drawImage(0, 0, level.image)
    painter.setOpacity(1.0)
    painter.setWorldTransform(before)


def _sampled(m: QTransform) -> QTransform:
    """The same map, such that Qt samples smoothly: it would round a mere shift to whole pixels."""
    whole_pixels = abs(m.dx() - round(m.dx())) < 1e-3 and abs(m.dy() - round(m.dy())) < 1e-3
    if m.type() != QTransform.TransformationType.TxTranslate or whole_pixels:
        return m
    return QTransform(1 + 1e-5, 0, 0, 1 + 1e-5, m.dx(), m.dy())

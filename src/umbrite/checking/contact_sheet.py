"""Contact sheets: many poses of a puppet side by side on paper, each with its words, the bad ones marked."""

from collections.abc import Mapping, Sequence
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QColor, QFont, QImage, QPainter, QPen, QTransform

from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import Plan
from umbrite.motion.scene import around, scene_of
from umbrite.paint.levels import Pictures
from umbrite.paint.painter import Raster, rect_of
from umbrite.rig.model import Pose

CELL_WIDTH, CELL_HEIGHT, WORDS = 300, 320, 30


PAPER, INK, LINE, MARK = QColor("#FBF8F1"), QColor("#2A2933"), QColor("#CFC3AC"), QColor("#9E2F2F")


class Shot(NamedTuple):
    """One picture of a sheet: a pose, what stands below it, and whether it is marked as a fault, and where."""

    pose: Pose
    words: str
    marked: bool = False
    at: complex | None = None


def contact_sheet(plan: Plan, pictures: Pictures, shots: Sequence[Shot], columns: int = 4, family: str = "") -> QImage:
    """A sheet of pictures, all to one scale, in rows."""
    rows = -(-len(shots) // columns)
    image = QImage(
        columns * CELL_WIDTH, max(rows, 1) * (CELL_HEIGHT + WORDS), QImage.Format.Format_ARGB32_Premultiplied
    )
    image.fill(PAPER)
    painter = QPainter(image)
    painter.setRenderHint(QPainter.RenderHint.Antialiasing)
    font = QFont(family) if family else painter.font()
    font.setPixelSize(15)
    painter.setFont(font)
    whole = _room(plan, shots)
    for i, shot in enumerate(shots):
        cell = QRectF(i % columns * CELL_WIDTH, i // columns * (CELL_HEIGHT + WORDS), CELL_WIDTH, CELL_HEIGHT)
        _cell(painter, plan, pictures, shot, cell, whole)
    painter.end()
    return image


def _room(plan: Plan, shots: Sequence[Shot]) -> QRectF:
    box = rect_of(around(shape for shot in shots for shape in scene_of(evaluate(plan, shot.pose))))
    return box if not box.isEmpty() else QRectF(0, 0, plan.puppet.width, plan.puppet.height)


def _cell(painter: QPainter, plan: Plan, pictures: Pictures, shot: Shot, cell: QRectF, room: QRectF) -> None:
    inner = cell.adjusted(10, 10, -10, -6)
    scale = min(inner.width() / room.width(), inner.height() / room.height())
    view = QTransform()
    view.translate(inner.center().x(), inner.center().y())
    view.scale(scale, scale)
    view.translate(-room.center().x(), -room.center().y())
    painter.save()
    painter.setClipRect(cell)
    Raster(painter, pictures).draw(scene_of(evaluate(plan, shot.pose)), view)
    painter.restore()
    painter.setBrush(Qt.BrushStyle.NoBrush)
    painter.setPen(QPen(MARK if shot.marked else LINE, 3 if shot.marked else 1))
    painter.drawRect(cell.adjusted(4, 4, -4, WORDS - 4))
    if shot.at is not None:
        place = view.map(QPointF(shot.at.real, shot.at.imag))
        painter.setPen(QPen(MARK, 2.4))
        painter.drawEllipse(place, 13, 13)
    painter.setPen(MARK if shot.marked else INK)
    words = QRectF(cell.left() + 10, cell.bottom(), cell.width() - 20, WORDS - 8)
    text = painter.fontMetrics().elidedText(
        ("! " if shot.marked else "") + shot.words, Qt.TextElideMode.ElideRight, int(words.width())
    )
    painter.drawText(words, Qt.AlignmentFlag.AlignCenter, text)


def pose_at(channels: Mapping[str, NDArray[np.float64]], frame: int) -> Pose:
    """One frame of a sweep as a pose of plain numbers."""
    return {name: float(values[frame]) for name, values in channels.items()}

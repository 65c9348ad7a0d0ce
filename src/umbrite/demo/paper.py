"""Cut paper: turns flat shapes into pieces with grain, a lit edge and a shaded one. Pure drawing, no rig."""

import math
from collections.abc import Sequence
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QPointF, Qt
from PySide6.QtGui import QColor, QImage, QPainter, QPainterPath, QPen

Pixels = NDArray[np.uint8]
XY = tuple[float, float]


class Shape(NamedTuple):
    """A filled path, or with `pen` a stroked one."""

    path: QPainterPath
    colour: str
    pen: float = 0.0


class Piece(NamedTuple):
    """One cut-out: its outline first, details clipped to it behind. `loose` details may stand out of it."""

    name: str
    shapes: Sequence[Shape]


def capsule(start: XY, end: XY, start_radius: float, end_radius: float) -> QPainterPath:
    """A limb: two discs and the straight hull around them; the ends are round, so joints stay closed."""
    (x1, y1), (x2, y2) = start, end
    length = math.hypot(x2 - x1, y2 - y1)
    along = math.atan2(y2 - y1, x2 - x1)
    lean = math.acos(max(-1.0, min(1.0, (start_radius - end_radius) / length)))
    hull = QPainterPath()
    corners = []
    for centre, radius, sides in ((start, start_radius, (1, -1)), (end, end_radius, (-1, 1))):
        corners += [
            QPointF(centre[0] + radius * math.cos(along + s * lean), centre[1] + radius * math.sin(along + s * lean))
            for s in sides
        ]
    hull.moveTo(corners[0])
    for corner in corners[1:]:
        hull.lineTo(corner)
    hull.closeSubpath()
    return hull.united(disc(start, start_radius)).united(disc(end, end_radius))


def disc(centre: XY, radius: float, tall: float | None = None) -> QPainterPath:
    path = QPainterPath()
    path.addEllipse(QPointF(*centre), radius, radius if tall is None else tall)
    return path


def blob(points: Sequence[XY], tension: float = 0.5) -> QPainterPath:
    """A smooth closed outline through points."""
    count = len(points)
    path = QPainterPath(QPointF(*points[0]))
    for i in range(count):
        before, here, there, beyond = (points[(i + k) % count] for k in (-1, 0, 1, 2))
        k = tension / 3 * 2
        first = (here[0] + (there[0] - before[0]) * k / 2, here[1] + (there[1] - before[1]) * k / 2)
        second = (there[0] - (beyond[0] - here[0]) * k / 2, there[1] - (beyond[1] - here[1]) * k / 2)
        path.cubicTo(QPointF(*first), QPointF(*second), QPointF(*there))
    path.closeSubpath()
    return path


def line(points: Sequence[XY]) -> QPainterPath:
    """A smooth open line: through the middles of its inner points."""
    path = QPainterPath(QPointF(*points[0]))
    for i in range(1, len(points) - 1):
        here, there = points[i], points[i + 1]
        end = there if i == len(points) - 2 else ((here[0] + there[0]) / 2, (here[1] + there[1]) / 2)
        path.quadTo(QPointF(*here), QPointF(*end))
    if len(points) == 2:
        path.lineTo(QPointF(*points[1]))
    return path


def polygon(points: Sequence[XY]) -> QPainterPath:
    path = QPainterPath(QPointF(*points[0]))
    for p in points[1:]:
        path.lineTo(QPointF(*p))
    path.closeSubpath()
    return path


def grain(width: int, height: int) -> NDArray[np.float32]:
    """The sheet's texture, about -1..1: fine speckle, soft clouds and some fibres. The same at every run."""
    random = np.random.default_rng(1871)
    sheet = random.normal(0, 0.30, (height, width)).astype(np.float32)
    for size, weight in ((3, 0.45), (9, 0.35), (40, 0.45)):
        coarse = random.normal(0, 1, (height // size + 2, width // size + 2)).astype(np.float32)
        sheet += weight * _enlarged(coarse, size)[:height, :width]
    for _ in range(width * height // 2600):
        x, y = random.integers(0, width), random.integers(0, height)
        angle, length = random.uniform(0, math.pi), random.integers(6, 16)
        steps = np.arange(length)
        xs = np.clip((x + steps * math.cos(angle)).astype(int), 0, width - 1)
        ys = np.clip((y + steps * math.sin(angle)).astype(int), 0, height - 1)
        sheet[ys, xs] += random.choice((-0.9, 1.1))
    return np.clip(sheet, -1.6, 1.6)


def _enlarged(coarse: NDArray[np.float32], size: int) -> NDArray[np.float32]:
    """Bilinear enlargement by a whole factor."""
    height, width = (coarse.shape[0] - 1) * size, (coarse.shape[1] - 1) * size
    ys, xs = np.arange(height) / size, np.arange(width) / size
    y0, x0 = ys.astype(int), xs.astype(int)
    fy, fx = (ys - y0)[:, None].astype(np.float32), (xs - x0)[None].astype(np.float32)
    top = coarse[y0][:, x0] * (1 - fx) + coarse[y0][:, x0 + 1] * fx
    bottom = coarse[y0 + 1][:, x0] * (1 - fx) + coarse[y0 + 1][:, x0 + 1] * fx
    return np.asarray(top * (1 - fy) + bottom * fy, dtype=np.float32)


def cut(piece: Piece, width: int, height: int, sheet: NDArray[np.float32]) -> Pixels:
    """The piece on a canvas of its own: RGBA, straight alpha, shape (height, width, 4)."""
    image = QImage(width, height, QImage.Format.Format_ARGB32_Premultiplied)
    image.fill(Qt.GlobalColor.transparent)
    painter = QPainter(image)
    painter.setRenderHint(QPainter.RenderHint.Antialiasing)
    for i, shape in enumerate(piece.shapes):
        if i == 1:  # what follows stays on the paper that is there
            painter.setCompositionMode(QPainter.CompositionMode.CompositionMode_SourceAtop)
        colour = QColor(shape.colour)
        if shape.pen:
            pen = QPen(colour, shape.pen, Qt.PenStyle.SolidLine, Qt.PenCapStyle.RoundCap, Qt.PenJoinStyle.RoundJoin)
            painter.strokePath(shape.path, pen)
        else:
            painter.fillPath(shape.path, colour)
    painter.end()
    rgba = image.convertToFormat(QImage.Format.Format_RGBA8888)
    pixels = np.frombuffer(rgba.constBits(), np.uint8).reshape(height, width, 4).copy()
    return _papered(pixels, np.roll(sheet, hash_of(piece.name), axis=(0, 1)))


def hash_of(name: str) -> tuple[int, int]:
    """A shift of the sheet for each piece, so that neighbours are cut from different places."""
    code = sum((i + 3) * ord(letter) for i, letter in enumerate(name))
    return code * 37 % 911, code * 53 % 787


def _papered(pixels: Pixels, sheet: NDArray[np.float32]) -> Pixels:
    alpha = pixels[..., 3].astype(np.float32) / 255
    rim = np.zeros_like(alpha)
    for step, weight in ((1, 0.5), (2, 0.3), (3, 0.2)):
        rim += weight * (alpha - np.roll(alpha, (step, step), axis=(0, 1)))  # lit from the upper left
        rim -= weight * (alpha - np.roll(alpha, (-step, -step), axis=(0, 1)))
    # Few levels keep the PNGs small; the eye does not see the steps.
    light = 1 + 0.022 * np.round(sheet * 3) + np.round(np.clip(rim, -1, 1) * 8) / 8 * 0.16
    lit = np.clip(pixels[..., :3] * light[..., None], 0, 255)
    out = pixels.copy()
    out[..., :3] = np.where(alpha[..., None] > 0, np.round(lit), 0)
    return out

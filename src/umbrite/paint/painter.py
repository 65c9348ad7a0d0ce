"""The painter of scenes: with QPainter, for the board and for export alike."""

from collections.abc import Collection, Iterable, Sequence
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QPointF, QRect, QRectF, Qt
from PySide6.QtGui import QImage, QPainter, QPainterPath, QPolygonF, QTransform

from umbrite.motion.scene import Bent, Matrix, Shape
from umbrite.paint.bent_shapes import image_of
from umbrite.paint.levels import Level, Pictures
from umbrite.rig.model import Trim
from umbrite.rig.placement import Box


def transform_of(matrix: Matrix) -> QTransform:
    """The same map for Qt."""
    return QTransform(*matrix)


def rect_of(box: Box | None) -> QRectF:
    """The same box for Qt; nothing is an empty one."""
    return QRectF() if box is None else QRectF(box.left, box.top, box.width, box.height)


class Fading(NamedTuple):
    """Parts that are seen through meanwhile, and how much of them is left."""

    parts: Collection[str] = ()
    share: float = 1.0


NOT_FADED = Fading()


CORNER = QPointF(0, 0)
FAR = 1e6  # beyond all pictures
MODES = {
    "normal": QPainter.CompositionMode.CompositionMode_SourceOver,
    "multiply": QPainter.CompositionMode.CompositionMode_Multiply,
    "screen": QPainter.CompositionMode.CompositionMode_Screen,
    "overlay": QPainter.CompositionMode.CompositionMode_Overlay,
    "add": QPainter.CompositionMode.CompositionMode_Plus,
}


FINER = 2.0  # times as fine as needed is the version of a drawing from which single pixels are taken


class Raster:
    """Draws a scene with QPainter; drawings are sampled smoothly from a version of fitting size.

    `quick` takes the nearest pixel of a finer version instead: four times as fast, edges a little rougher, for what moves too fast
    to be painted smoothly.
    """

    def __init__(self, painter: QPainter, pictures: Pictures, *, quick: bool = False) -> None:
        self._painter, self._pictures = painter, pictures
        self._quick = quick

    def draw(self, shapes: Sequence[Shape], view: QTransform, fading: Fading = NOT_FADED) -> None:
        """Draw shapes back to front through `view` (board to target pixels). The painter's own transform is put back."""
        painter = self._painter
        before = painter.worldTransform()
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform, not self._quick)
        finer = FINER if self._quick else 1.0
        opacity, blend = 1.0, "normal"
        for shape, whole in zip(shapes, _through(shapes, view), strict=True):
            seen = shape.opacity * (fading.share if shape.part in fading.parts else 1.0)
            if seen != opacity:
                painter.setOpacity(seen)
                opacity = seen
            if shape.blend != blend:
                painter.setCompositionMode(MODES[shape.blend])
                blend = shape.blend
            if isinstance(shape, Bent) and shape.clip is None and not shape.trims:
                _lay_bent(painter, shape, self._pictures, view)
            elif shape.clip is None and not shape.trims:
                _lay(painter, shape.sha256, whole, self._pictures, finer)
            else:
                _lay_clipped(painter, shape, self._pictures, view)
        painter.setCompositionMode(MODES["normal"])
        painter.setOpacity(1.0)
        painter.setWorldTransform(before)


def _through(shapes: Sequence[Shape], view: QTransform) -> list[Matrix]:
    """The maps of shapes through a view."""
    p, q, r, s, x, y = _matrix_of(view)
    return [
        (a * p + b * r, a * q + b * s, c * p + d * r, c * q + d * s, e * p + f * r + x, e * q + f * s + y)
        for a, b, c, d, e, f in (shape.matrix for shape in shapes)
    ]


def _lay(painter: QPainter, sha256: str, whole: Matrix, pictures: Pictures, finer: float = 1.0) -> None:
    a, b, c, d, e, f = whole
    level = pictures.level(sha256, abs(a * d - b * c) ** 0.5 * finer)
    if level is None:  # it is on its way
        return
    if level.factor != 1.0:
        larger = 1 / level.factor
        a, b, c, d = a * larger, b * larger, c * larger, d * larger
    e, f = e - level.margin * (a + c), f - level.margin * (b + d)
    if a == d == 1.0 and b == c == 0.0 and not (abs(e - round(e)) < 1e-3 and abs(f - round(f)) < 1e-3):
        a = d = 1 + 1e-5  # Qt would round a mere shift to whole pixels
    painter.setWorldTransform(QTransform(a, b, c, d, e, f))
    painter.drawImage(CORNER, level.image)


def _lay_bent(painter: QPainter, shape: Bent, pictures: Pictures, view: QTransform) -> None:
    """A drawing on its mesh, as far as it lies on the target and within what the painter is to paint."""
    level = _level_of(shape, pictures, view)
    if level is None:
        return
    device = painter.device()
    box = view.mapRect(rect_of(shape.box)).adjusted(-1, -1, 1, 1).toAlignedRect()
    box = box.intersected(QRect(0, 0, device.width(), device.height()))
    if painter.hasClipping():
        painter.resetTransform()
        box = box.intersected(painter.clipBoundingRect().adjusted(-1, -1, 1, 1).toAlignedRect())
    if not box.isEmpty():
        painter.resetTransform()
        painter.drawImage(box.topLeft(), image_of(shape, level, view, box))


def _level_of(shape: Bent, pictures: Pictures, view: QTransform) -> Level | None:
    a, b, c, d, *_ = shape.matrix
    scale = abs((a * d - b * c) * view.determinant()) ** 0.5
    return pictures.level(shape.sha256, scale)


def _lay_clipped(painter: QPainter, shape: Shape, pictures: Pictures, view: QTransform) -> None:
    """Through a picture of its own: the drawing, then what trims and clip leave of it."""
    device = painter.device()
    target = QRect(0, 0, device.width(), device.height())
    box = view.mapRect(rect_of(shape.box)).adjusted(-2, -2, 2, 2).toAlignedRect().intersected(target)
    if box.isEmpty():
        return
    moved = view * QTransform.fromTranslate(-box.x(), -box.y())
    image, inner = _blank(box)
    if isinstance(shape, Bent):
        _lay_bent(inner, shape, pictures, moved)
    else:
        _lay(inner, shape.sha256, _through([shape], moved)[0], pictures)
    if shape.trims:
        mask, cutter = _blank(box)
        if isinstance(shape, Bent):
            cutter.setWorldTransform(moved)
            cutter.fillPath(bent_trims(shape), Qt.GlobalColor.black)
        else:
            cutter.setWorldTransform(transform_of(shape.matrix) * moved)
            cutter.fillPath(trimmed_path(shape.trims), Qt.GlobalColor.black)
        cutter.end()
        _leave(inner, mask, outside=False)
    if shape.clip is not None:
        mask, cutter = _blank(box)
        if shape.clip.bent is not None:
            _lay_bent(cutter, shape.clip.bent, pictures, moved)
        else:
            _lay(cutter, shape.clip.sha256, _matrix_of(transform_of(shape.clip.matrix) * moved), pictures)
        cutter.end()
        _leave(inner, mask, outside=shape.clip.outside)
    inner.end()
    painter.setWorldTransform(QTransform())
    painter.drawImage(box.topLeft(), image)


def _matrix_of(m: QTransform) -> Matrix:
    return (m.m11(), m.m12(), m.m21(), m.m22(), m.dx(), m.dy())


def _blank(box: QRect) -> tuple[QImage, QPainter]:
    image = QImage(box.size(), QImage.Format.Format_ARGB32_Premultiplied)
    image.fill(Qt.GlobalColor.transparent)
    painter = QPainter(image)
    painter.setRenderHints(QPainter.RenderHint.SmoothPixmapTransform | QPainter.RenderHint.Antialiasing)
    return image, painter


def _leave(painter: QPainter, mask: QImage, *, outside: bool) -> None:
    mode = QPainter.CompositionMode
    painter.setWorldTransform(QTransform())
    painter.setCompositionMode(mode.CompositionMode_DestinationOut if outside else mode.CompositionMode_DestinationIn)
    painter.drawImage(0, 0, mask)
    painter.setCompositionMode(mode.CompositionMode_SourceOver)


def bent_trims(shape: Bent) -> QPainterPath:
    """What trims leave of a bent shape's neighbourhood, on the board: their loops bend with the drawing."""
    return _looped([(shape.taken(dense([p.z for p in one.points])), one.cut) for one in shape.trims])


def dense(loop: list[complex]) -> NDArray[np.complex128]:
    """A loop with a point every few pixels."""
    found = []
    for start, end in zip(loop, [*loop[1:], loop[0]], strict=True):
        steps = max(1, int(abs(end - start) / 6))
        found += [start + (end - start) * i / steps for i in range(steps)]
    return np.array(found, dtype=np.complex128)


def trimmed_path(trims: tuple[Trim, ...]) -> QPainterPath:
    """What trims leave of the plane, in a drawing's pixels: cut away and brought back one after the other."""
    return _looped([(np.array([p.z for p in one.points]), one.cut) for one in trims])


def _looped(loops: Iterable[tuple[NDArray[np.complex128], bool]]) -> QPainterPath:
    path = QPainterPath()
    path.addRect(QRectF(-FAR, -FAR, 2 * FAR, 2 * FAR))
    for points, cut in loops:
        loop = QPainterPath()
        loop.addPolygon(QPolygonF([QPointF(z.real, z.imag) for z in points.tolist()]))
        loop.closeSubpath()
        loop.setFillRule(Qt.FillRule.WindingFill)
        path = path.subtracted(loop) if cut else path.united(loop)
    return path

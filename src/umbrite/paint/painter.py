"""The one painter of puppets: parts in draw order, from an evaluated pose."""

from collections.abc import Collection
from typing import NamedTuple

import numpy as np
from PySide6.QtCore import QPointF, QRect, QRectF, Qt
from PySide6.QtGui import QImage, QPainter, QPainterPath, QPolygonF, QTransform

from umbrite.motion.evaluate import Placed
from umbrite.paint.levels import Pictures
from umbrite.rig.affine import Affine, svg_matrix
from umbrite.rig.model import Trim


class Clip(NamedTuple):
    """What a sprite is clipped by: a drawing where it lies, and whether outside it is what is left."""

    sha256: str
    board_from_drawing: QTransform
    outside: bool


class Sprite(NamedTuple):
    """A part ready to paint: its id, drawing, opacity, and its map from the drawing's pixels to the board."""

    part: str
    sha256: str
    opacity: float
    board_from_drawing: QTransform
    box: QRectF  # around the drawing as posed, on the board
    blend: str = "normal"
    clip: Clip | None = None
    trims: tuple[Trim, ...] = ()
    place: tuple[float, ...] = ()  # the numbers of the map, which compare faster than it does

    def looks_like(self, other: "Sprite") -> bool:
        """Whether both would be painted alike."""
        return (
            self.place == other.place
            and self.sha256 == other.sha256
            and self.opacity == other.opacity
            and self.blend == other.blend
            and self.trims == other.trims
            and self.clip == other.clip
        )


def transform(m: Affine) -> QTransform:
    """The same map for Qt."""
    return QTransform(*svg_matrix(m))


FAR = 1e6  # beyond all pictures
MODES = {
    "normal": QPainter.CompositionMode.CompositionMode_SourceOver,
    "multiply": QPainter.CompositionMode.CompositionMode_Multiply,
    "screen": QPainter.CompositionMode.CompositionMode_Screen,
    "overlay": QPainter.CompositionMode.CompositionMode_Overlay,
    "add": QPainter.CompositionMode.CompositionMode_Plus,
}


def sprites(placed: Placed, frame: int = 0, *, references: bool = False) -> list[Sprite]:
    """All visible parts of one frame, back to front; reference pictures only where they are asked for."""
    maps = placed.part_maps()
    x_axis, y_axis = maps.a[frame] + maps.b[frame], 1j * (maps.a[frame] - maps.b[frame])
    rows = np.stack(
        [x_axis.real, x_axis.imag, y_axis.real, y_axis.imag, maps.t[frame].real, maps.t[frame].imag], -1
    )
    parts = placed.plan.puppet.parts
    places = dict(zip(placed.plan.parts, map(tuple, rows.tolist()), strict=True))
    matrices = {key: QTransform(*row) for key, row in places.items()}
    found = []
    hidden = placed.hidden(frame)
    for key, matrix in matrices.items():
        part = parts[key]
        if not part.visible or key in hidden or (part.reference and not references):
            continue
        box = matrix.mapRect(QRectF(0, 0, part.drawing.width, part.drawing.height))
        clip = None
        if part.clip is not None:
            clip = Clip(parts[part.clip].drawing.sha256, matrices[part.clip], part.clip_outside)
        found.append(
            Sprite(
                key, part.drawing.sha256, part.opacity, matrix, box, part.blend, clip, part.trims, places[key]
            )
        )
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
        painter.setOpacity(item.opacity * (fade if item.part in faded else 1.0))
        painter.setCompositionMode(MODES[item.blend])
        if item.clip is None and not item.trims:
            _lay(painter, item.sha256, item.board_from_drawing * view, pictures)
        else:
            _lay_clipped(painter, item, pictures, view)
    painter.setCompositionMode(MODES["normal"])
    painter.setOpacity(1.0)
    painter.setWorldTransform(before)


def _lay(painter: QPainter, sha256: str, whole: QTransform, pictures: Pictures) -> None:
    level = pictures.level(sha256, abs(whole.determinant()) ** 0.5)
    local = QTransform.fromTranslate(-level.margin, -level.margin)
    local *= QTransform.fromScale(1 / level.factor, 1 / level.factor)
    painter.setWorldTransform(_sampled(local * whole))
    painter.drawImage(0, 0, level.image)


def _lay_clipped(painter: QPainter, item: Sprite, pictures: Pictures, view: QTransform) -> None:
    """Through a picture of its own: the drawing, then what trims and clip leave of it."""
    device = painter.device()
    target = QRect(0, 0, device.width(), device.height())
    box = view.mapRect(item.box).adjusted(-2, -2, 2, 2).toAlignedRect().intersected(target)
    if box.isEmpty():
        return
    moved = view * QTransform.fromTranslate(-box.x(), -box.y())
    image, inner = _blank(box)
    _lay(inner, item.sha256, item.board_from_drawing * moved, pictures)
    if item.trims:
        mask, shape = _blank(box)
        shape.setWorldTransform(item.board_from_drawing * moved)
        shape.fillPath(trimmed_path(item.trims), Qt.GlobalColor.black)
        shape.end()
        _leave(inner, mask, outside=False)
    if item.clip is not None:
        mask, shape = _blank(box)
        _lay(shape, item.clip.sha256, item.clip.board_from_drawing * moved, pictures)
        shape.end()
        _leave(inner, mask, outside=item.clip.outside)
    inner.end()
    painter.setWorldTransform(QTransform())
    painter.drawImage(box.topLeft(), image)


def _blank(box: QRect) -> tuple[QImage, QPainter]:
    image = QImage(box.size(), QImage.Format.Format_ARGB32_Premultiplied)
    image.fill(Qt.GlobalColor.transparent)
    painter = QPainter(image)
    painter.setRenderHints(QPainter.RenderHint.SmoothPixmapTransform | QPainter.RenderHint.Antialiasing)
    return image, painter


def _leave(painter: QPainter, mask: QImage, *, outside: bool) -> None:
    mode = QPainter.CompositionMode
    painter.setWorldTransform(QTransform())
    painter.setCompositionMode(
        mode.CompositionMode_DestinationOut if outside else mode.CompositionMode_DestinationIn
    )
    painter.drawImage(0, 0, mask)
    painter.setCompositionMode(mode.CompositionMode_SourceOver)


def trimmed_path(trims: tuple[Trim, ...]) -> QPainterPath:
    """What trims leave of the plane, in a drawing's pixels: cut away and brought back one after the other."""
    path = QPainterPath()
    path.addRect(QRectF(-FAR, -FAR, 2 * FAR, 2 * FAR))
    for one in trims:
        loop = QPainterPath()
        loop.addPolygon(QPolygonF([QPointF(p.x, p.y) for p in one.points]))
        loop.closeSubpath()
        loop.setFillRule(Qt.FillRule.WindingFill)
        path = path.subtracted(loop) if one.cut else path.united(loop)
    return path


def _sampled(m: QTransform) -> QTransform:
    """The same map, such that Qt samples smoothly: it would round a mere shift to whole pixels."""
    whole_pixels = abs(m.dx() - round(m.dx())) < 1e-3 and abs(m.dy() - round(m.dy())) < 1e-3
    if m.type() != QTransform.TransformationType.TxTranslate or whole_pixels:
        return m
    return QTransform(1 + 1e-5, 0, 0, 1 + 1e-5, m.dx(), m.dy())

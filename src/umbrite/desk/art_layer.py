"""The board's picture of the puppet, kept as an image: only what changed is painted again."""

from collections.abc import Collection

import numpy as np
from PySide6.QtCore import QPointF, QRect, QRectF, Qt
from PySide6.QtGui import QColor, QImage, QPainter, QPainterPath, QPixmap, QTransform

from umbrite.desk import look
from umbrite.desk.camera import Camera
from umbrite.desk.overlay.marks import pen
from umbrite.motion.evaluate import Placed
from umbrite.motion.plan import Plan
from umbrite.paint.painter import Sprite, paint_sprites, sprites
from umbrite.paint.pictures import Pictures


class ArtLayer:
    """Board, canvas edge and parts in one opaque image of the widget's size."""

    def __init__(self) -> None:
        self.image = QImage()
        self._key: tuple[object, ...] = ()
        self._sprites: list[Sprite] = []
        self._background = QImage()
        self._weave = _weave()
        self._plan: Plan | None = None
        self._canvas: tuple[int, int, float | None] = (0, 0, None)
        self.painted = 0  # how many device pixels the last refresh touched, for the benchmarks

    def refresh(
        self, placed: Placed, pictures: Pictures, camera: Camera, size: tuple[int, int], ratio: float,
        faded: Collection[str] = (), fade: float = 1.0,
    ) -> QRect:  # fmt: skip
        """Bring the image up to date; the changed rectangle in widget pixels."""
        items = sprites(placed)
        if placed.plan is not self._plan:
            self._plan, puppet = placed.plan, placed.plan.puppet
            self._canvas = (puppet.width, puppet.height, _ground(placed.plan))
        canvas = self._canvas
        key = (camera, size, ratio, canvas, tuple(faded), fade, id(pictures), [item.part for item in items])
        whole = QRect(0, 0, *size)
        if key != self._key:
            if self._key[:4] != key[:4]:
                self._background = self._paint_background(camera, size, ratio, canvas)
                self.image = self._background.copy()
            self._key = key
            dirty = whole
        else:
            dirty = _changed(self._sprites, items, camera).intersected(whole)
        self._sprites = items
        if not dirty.isEmpty():
            self._paint(dirty, items, pictures, camera, ratio, faded, fade)
        self.painted = round(dirty.width() * dirty.height() * ratio * ratio)
        return dirty

    def _paint(
        self, dirty: QRect, items: list[Sprite], pictures: Pictures, camera: Camera, ratio: float,
        faded: Collection[str], fade: float,
    ) -> None:  # fmt: skip
        pixels = QRectF(
            dirty.x() * ratio, dirty.y() * ratio, dirty.width() * ratio, dirty.height() * ratio
        ).toAlignedRect()
        painter = QPainter(self.image)
        painter.setClipRect(pixels)
        painter.drawImage(pixels, self._background, pixels)
        view = camera.transform() * QTransform.fromScale(ratio, ratio)
        on_board = camera.transform().inverted()[0].mapRect(QRectF(dirty))
        touched = [item for item in items if item.box.intersects(on_board)]
        paint_sprites(painter, touched, pictures, view, faded, fade)
        painter.end()

    def _paint_background(
        self, camera: Camera, size: tuple[int, int], ratio: float, canvas: tuple[int, int, float | None]
    ) -> QImage:
        image = QImage(round(size[0] * ratio), round(size[1] * ratio), QImage.Format.Format_RGB32)
        image.fill(look.OAT)
        painter = QPainter(image)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.scale(ratio, ratio)
        width, height, ground = canvas
        sheet = _torn_sheet(camera, width, height)
        painter.fillRect(QRect(0, 0, *size), look.OAT.lighter(103))
        painter.fillPath(sheet.translated(2, 4), look.with_alpha(look.INK, 22))
        painter.fillPath(sheet, look.LINEN)
        painter.drawTiledPixmap(QRect(0, 0, *size), self._weave)
        painter.strokePath(sheet, pen(look.LINE, 1.0))
        if ground is not None:
            painter.setPen(pen(QColor("#C9BDA6"), 1.2))
            reach = width * 0.1
            painter.drawLine(
                camera.point(complex(-reach, ground)), camera.point(complex(width + reach, ground))
            )
        painter.end()
        return image


def _weave() -> QPixmap:
    """A tile of linen: threads over and under, barely to be seen."""
    tile = QPixmap(8, 8)
    tile.fill(Qt.GlobalColor.transparent)
    painter = QPainter(tile)
    thread = look.with_alpha(look.BRASS_DARK, 8)
    for x, y, w, h in ((0, 1, 4, 1), (4, 5, 4, 1), (1, 4, 1, 4), (5, 0, 1, 4)):
        painter.fillRect(x, y, w, h, thread)
    painter.end()
    return tile


def _torn_sheet(camera: Camera, width: int, height: int) -> QPainterPath:
    """The canvas edge: straight from afar, a little torn from near; the same tears each time."""
    random = np.random.default_rng(7)
    corners = [0j, complex(width, 0), complex(width, height), complex(0, height)]
    path = QPainterPath()
    for i, start in enumerate(corners):
        end = corners[(i + 1) % 4]
        across = (end - start) / abs(end - start) * 1j
        for share in np.linspace(0, 1, 40, endpoint=False):
            at = camera.screen(start + (end - start) * share) + across * random.uniform(-1.3, 1.3)
            place = QPointF(at.real, at.imag)
            path.lineTo(place) if path.elementCount() else path.moveTo(place)
    path.closeSubpath()
    return path


def _ground(plan: Plan) -> float | None:
    """Where the puppet stands at rest: the master's pivot, or else the lowest edge of the art."""
    puppet = plan.puppet
    masters = [joint.pivot.y for joint in puppet.joints.values() if joint.role == "master"]
    if masters:
        return masters[0]
    sizes = [puppet.parts[key].drawing for key in plan.parts]
    corners = [
        plan.part_map(np.array([x * s.width + 1j * y * s.height for s in sizes]))
        for x in (0, 1)
        for y in (0, 1)
    ]
    return float(np.max(np.imag(corners))) if sizes else None


def _changed(old: list[Sprite], new: list[Sprite], camera: Camera) -> QRect:
    """Around all sprites that are not as they were, in widget pixels."""
    box = QRectF()
    for before, after in zip(old, new, strict=True):
        if before != after:
            box = box.united(before.box).united(after.box)
    if box.isEmpty():
        return QRect()
    return camera.transform().mapRect(box).adjusted(-3, -3, 3, 3).toAlignedRect()

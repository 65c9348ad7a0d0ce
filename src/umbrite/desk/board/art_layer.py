"""The board's picture of the puppet, kept as an image: only what changed is painted again."""

import time
from collections.abc import Callable, Iterator
from functools import lru_cache
from typing import NamedTuple

import numpy as np
from PySide6.QtCore import QPoint, QPointF, QRect, QRectF, Qt
from PySide6.QtGui import QColor, QImage, QPainter, QPainterPath, QPixmap, QTransform

from umbrite.desk.board.camera import Camera
from umbrite.desk.board.kept_frames import Frame, KeptFrames
from umbrite.desk.session.session import Session
from umbrite.desk.theme import look
from umbrite.desk.theme.inked import Inked
from umbrite.desk.theme.marks import pen
from umbrite.desk.theme.themes import Theme
from umbrite.motion.placed import Placed
from umbrite.motion.plan import Plan
from umbrite.motion.scene import Shape, around, scene_of
from umbrite.paint.levels import Pictures
from umbrite.paint.painter import NOT_FADED, Fading, Raster, rect_of
from umbrite.rig.remembered import remembered_by

# Painting a turned drawing costs about this many times as much as laying down ready pixels.
PAINT_COST = 6.0
AWAITED = (
    0.02  # seconds that smooth painting may take while drawings are on their way: they make it be done again and again
)
SHARE, FADES = 0.5, 0.97  # of a frame's time that smooth painting may take; by which that is forgotten


class Run(NamedTuple):
    """Neighbours in the draw order that stand still while others are dragged, as one ready picture."""

    items: list[Shape]
    image: QImage
    at: QPoint  # of the image's corner, in device pixels


class View(NamedTuple):
    """How the board is looked at: the widget's size in its own pixels, device pixels in each, and what is seen through."""

    camera: Camera
    size: tuple[int, int]
    ratio: float = 1.0
    fading: Fading = NOT_FADED


class Playing(NamedTuple):
    """A frame that plays: what it is of (take, puppet), and for how many seconds it is seen."""

    frame: float
    of: tuple[object, ...]
    seconds: float


class ArtLayer:
    """Board, canvas edge and parts in one opaque image of the widget's size.

    While the same few parts move, those between them in the draw order stand ready as pictures of their own.
    """

    def __init__(self, theme: Theme) -> None:
        self._theme = theme
        self.image = QImage()
        self._key: tuple[object, ...] = ()
        self._shapes: list[Shape] = []
        self._background = QImage()
        self._weave = _weave(theme)
        self._plan: Plan | None = None
        self._canvas: tuple[int, int, float | None] = (0, 0, None)
        self._moving: frozenset[int] = frozenset()
        self._runs: dict[int, Run] = {}  # by the place of their first shape
        self._frames = KeptFrames()
        self._quick = self._rough = False
        self._smooth_takes = 0.0  # seconds

    def refresh(self, placed: Placed, pictures: Pictures, view: View, *, dragging: bool = False) -> QRect:
        """Bring the image up to date; the changed rectangle in widget pixels.

        Ready pictures round colours a little differently, so they serve while `dragging` only; when it is over all is
        painted once more, and the same pose gives the same picture again.
        """
        items = scene_of(placed, references=True)
        playing, self._quick = self._quick, self._quick or (pictures.arriving and self._smooth_takes > AWAITED)
        dirty = self._changed(placed.plan, items, view, id(pictures), dragging=dragging)
        self._shapes = items
        pictures.hold(item.sha256 for item in items)
        if not dirty.isEmpty():
            begun = time.perf_counter()
            self._paint(dirty, items, Paint(pictures, view.camera, view.ratio, view.fading, self._quick))
            if not self._quick:
                self._smooth_takes = max(self._smooth_takes * FADES, time.perf_counter() - begun)
            elif not playing:
                self._rough = True
        self._quick = playing
        return dirty

    def again(self) -> None:
        """Paint all parts again the next time: other versions of their drawings are there."""
        self._key = self._key[:4]

    def _changed(self, plan: Plan, items: list[Shape], view: View, pictures: int, *, dragging: bool) -> QRect:
        """What has to be painted anew: everything, what differs, or the surroundings of what moves (the rest is kept ready)."""
        same = plan is self._plan  # then other parts show only because variants are switched
        if not same:
            self._take_up(plan)
        key = (view.camera, view.size, view.ratio, self._canvas, view.fading, pictures)
        whole = QRect(0, 0, *view.size)
        over = (not dragging and bool(self._runs)) or (self._rough and not self._quick)
        self._rough = self._rough and self._quick
        others = [item.part for item in items] != [shape.part for shape in self._shapes]
        if key != self._key or over or (others and not same):
            if self._key[:4] != key[:4]:
                self._background = self._paint_background(view.camera, view.size, view.ratio, self._canvas)
                self.image = self._background.copy()
            self._key, self._moving, self._runs = key, frozenset(), {}
            return whole
        if others:
            self._moving, self._runs = frozenset(), {}
            return _differing(self._shapes, items, view.camera).intersected(whole)
        pairs = enumerate(zip(self._shapes, items, strict=True))
        # A clipped shape differs too when what clips it has moved.
        moving = frozenset(i for i, (old, new) in pairs if old is not new and old != new)
        if dragging:
            self._keep_runs(moving, items)
        around = _around([*(self._shapes[i] for i in moving), *(items[i] for i in moving)], view.camera)
        return around.intersected(whole)

    def _take_up(self, plan: Plan) -> None:
        """Another puppet, or another rig of it."""
        self._plan, puppet = plan, plan.puppet
        self._canvas = (puppet.width, puppet.height, _ground(plan))

    def play(self, placed: Callable[[], Placed], pictures: Pictures, view: View, playing: "Playing") -> None:
        """The image of a frame of a take that plays: as it was painted before, or painted now.

        Where smooth painting takes too much of a frame's time, it is painted quickly.
        """
        of = (*playing.of, view, self._theme, pictures)
        known = self._frames.get(of, playing.frame)
        if known is not None:
            self.image, self._shapes, self._rough = QImage(known.image), list(known.shapes), known.rough
            return
        begun = time.perf_counter()
        self._quick = self._smooth_takes > SHARE * playing.seconds
        try:
            self.refresh(placed(), pictures, view)
        finally:
            quick, self._quick = self._quick, False
        if quick:
            self._smooth_takes *= FADES  # it is tried again after a while
            self._rough = True
        else:
            self._smooth_takes = time.perf_counter() - begun
        if not pictures.arriving and self._frames.has_room(self.image):
            self._frames.keep(of, playing.frame, Frame(self.image.copy(), tuple(self._shapes), quick))

    def _keep_runs(self, moving: frozenset[int], items: list[Shape]) -> None:
        """Drop ready pictures when something else moves than before."""
        if moving and not moving <= self._moving:
            self._moving = moving
            self._runs = {}
        elif any(items[i] != self._shapes[i] for i in range(len(items)) if i not in self._moving):
            self._runs = {}

    def _paint(self, dirty: QRect, items: list[Shape], how: "Paint") -> None:
        pixels = how.device(QRectF(dirty)).toAlignedRect()
        painter = QPainter(self.image)
        painter.setClipRect(pixels)
        painter.drawImage(pixels, self._background, pixels)
        if not self._moving and pixels.contains(self.image.rect()):
            how.shapes(painter, items)
        else:
            waiting: list[Shape] = []  # painted together, from one ready picture to the next
            box = how.camera.box(dirty)
            # What blends with what lies behind it can't be laid down ready either.
            single = self._moving | {i for i, item in enumerate(items) if item.blend != "normal"}
            for first, last in _stretches(single, len(items)) if self._moving else [(0, len(items))]:
                touched = [item for item in items[first:last] if item.box.meets(box)]
                still = bool(self._moving and touched) and first not in single
                run = self._run(first, items[first:last], touched, how, pixels) if still else None
                if run is None:
                    waiting += touched
                    continue
                how.shapes(painter, waiting)
                waiting = []
                part = pixels.intersected(QRect(run.at, run.image.size()))
                painter.drawImage(part, run.image, part.translated(-run.at))
            how.shapes(painter, waiting)
        painter.end()

    def _run(self, first: int, items: list[Shape], touched: list[Shape], how: "Paint", pixels: QRect) -> Run | None:
        """A run as a ready picture, where that is cheaper than painting what is touched of it."""
        if first not in self._runs:
            box = how.device(QRectF(_around(items, how.camera))).toAlignedRect()
            box = box.intersected(self.image.rect())
            painted = sum(_area(how.device(QRectF(_around([item], how.camera))), pixels) for item in touched)
            if painted * PAINT_COST < _area(QRectF(box), pixels) or box.isEmpty():
                return None
            self._runs[first] = how.run(items, box)
        return self._runs[first]

    def _paint_background(
        self, camera: Camera, size: tuple[int, int], ratio: float, canvas: tuple[int, int, float | None]
    ) -> QImage:
        image = QImage(round(size[0] * ratio), round(size[1] * ratio), QImage.Format.Format_RGB32)
        image.fill(self._theme.oat)
        painter = Inked(image, self._theme)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.scale(ratio, ratio)
        width, height, ground = canvas
        sheet = _torn_sheet(camera, width, height)
        painter.fillRect(QRect(0, 0, *size), painter.theme.board)
        painter.fillPath(sheet.translated(2, 4), QColor(0, 0, 0, 22))
        painter.fillPath(sheet, painter.theme.linen)
        painter.drawTiledPixmap(QRect(0, 0, *size), self._weave)
        painter.strokePath(sheet, pen(painter.theme.line, 1.0))
        if ground is not None:
            painter.setPen(pen(painter.theme.ground, 1.2))
            reach = width * 0.1
            painter.drawLine(camera.point(complex(-reach, ground)), camera.point(complex(width + reach, ground)))
        painter.end()
        return image


def _weave(theme: Theme) -> QPixmap:
    """A tile of linen: threads over and under, barely to be seen."""
    tile = QPixmap(8, 8)
    tile.fill(Qt.GlobalColor.transparent)
    painter = QPainter(tile)
    thread = look.with_alpha(theme.brass_dark, 8)
    for x, y, w, h in ((0, 1, 4, 1), (4, 5, 4, 1), (1, 4, 1, 4), (5, 0, 1, 4)):
        painter.fillRect(x, y, w, h, thread)
    painter.end()
    return tile


@lru_cache(maxsize=4)
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


def _standing_on(plan: Plan) -> tuple[object, ...]:
    puppet = plan.puppet
    return puppet.parts, puppet.order, tuple(j.pivot for j in puppet.joints.values() if j.role == "master")


@remembered_by(_standing_on)
def _ground(plan: Plan) -> float | None:
    """Where the puppet stands at rest: the master's pivot, or else the lowest edge of the art."""
    puppet = plan.puppet
    masters = [joint.pivot.y for joint in puppet.joints.values() if joint.role == "master"]
    if masters:
        return masters[0]
    sizes = [puppet.parts[key].drawing for key in plan.parts]
    corners = [
        plan.part_map(np.array([x * s.width + 1j * y * s.height for s in sizes])) for x in (0, 1) for y in (0, 1)
    ]
    return float(np.max(np.imag(corners))) if sizes else None


def _around(items: list[Shape], camera: Camera) -> QRect:
    """Around all of these as posed, in widget pixels, with a margin for soft edges."""
    box = rect_of(around(items))
    return QRect() if box.isEmpty() else camera.transform().mapRect(box).adjusted(-3, -3, 3, 3).toAlignedRect()


def _area(box: QRectF, within: QRect) -> float:
    shared = box.intersected(QRectF(within))
    return shared.width() * shared.height()


def _stretches(moving: frozenset[int], count: int) -> Iterator[tuple[int, int]]:
    """The draw order cut into single moving shapes and the runs between them, as (first, after the last)."""
    start = 0
    for i in sorted(moving):
        if start < i:
            yield start, i
        yield i, i + 1
        start = i + 1
    if start < count:
        yield start, count


def _differing(old: list[Shape], new: list[Shape], camera: Camera) -> QRect:
    """Where the picture may differ when other parts show: around those that come, go or move, or all where the order is another."""
    before, after = {shape.part: shape for shape in old}, {shape.part: shape for shape in new}
    if [part for part in before if part in after] != [part for part in after if part in before]:
        return _around([*old, *new], camera)
    same = {part for part, shape in before.items() if after.get(part) is shape or after.get(part) == shape}
    return _around([shape for shape in (*old, *new) if shape.part not in same], camera)


class Paint(NamedTuple):
    """How shapes are painted now."""

    pictures: Pictures
    camera: Camera
    ratio: float
    fading: Fading
    quick: bool = False

    def device(self, box: QRectF) -> QRectF:
        """A box of widget pixels in device pixels."""
        r = self.ratio
        return QRectF(box.x() * r, box.y() * r, box.width() * r, box.height() * r)

    def shapes(self, painter: QPainter, items: list[Shape]) -> None:
        if not items:
            return
        view = self.camera.transform() * QTransform.fromScale(self.ratio, self.ratio)
        Raster(painter, self.pictures, quick=self.quick).draw(items, view, self.fading)

    def run(self, items: list[Shape], box: QRect) -> Run:
        """These shapes as one picture of the device pixels in `box`."""
        image = QImage(box.size(), QImage.Format.Format_ARGB32_Premultiplied)
        image.fill(Qt.GlobalColor.transparent)
        painter = QPainter(image)
        view = self.camera.transform() * QTransform.fromScale(self.ratio, self.ratio)
        Raster(painter, self.pictures).draw(items, view * QTransform.fromTranslate(-box.x(), -box.y()), self.fading)
        painter.end()
        return Run(items, image, box.topLeft())


def fading_of(session: Session) -> Fading:
    """The parts that are seen through, and how much of them is left."""
    if session.workspace.solo:
        return Fading(tuple(key for key in session.puppet.order if key not in session.workspace.solo), 0.07)
    if session.workspace.views["skeleton"] and session.workspace.station.posed:
        return Fading(session.puppet.order, 0.0)
    if session.workspace.views["outlines"]:
        return Fading(session.puppet.order, 0.12)
    return Fading(session.puppet.order, 0.42) if session.workspace.views["xray"] else NOT_FADED

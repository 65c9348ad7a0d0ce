"""What is drawn over the art itself: frames of selected parts, their handles, and outlines."""

import cmath

from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QColor, QPolygonF

from umbrite.desk.board.camera import Camera
from umbrite.desk.board.handles import Handle
from umbrite.desk.board.part_frame import frame_of, grasps, shown_shift
from umbrite.desk.session.drafts import Ghost
from umbrite.desk.session.session import Session
from umbrite.desk.theme import marks
from umbrite.desk.theme.inked import Inked
from umbrite.motion.scene import Shape, all_shapes, scene_of
from umbrite.paint.outlines import outline_of
from umbrite.paint.painter import Raster
from umbrite.rig.affine import around
from umbrite.rig.family import branch


def paint(painter: Inked, session: Session, camera: Camera, hover: Handle | None) -> None:
    """Outlines where they are switched on or flashed; where the rig is built, frames of what is selected."""
    chosen = set() if session.workspace.station.posed else set(session.selection.of("part"))
    if not (session.workspace.views["outlines"] or session.drafts.now.flashing or chosen):
        return
    items = scene_of(session.placed)
    if session.workspace.views["outlines"]:
        for item in items:
            side = session.puppet.joints[session.puppet.parts[item.part].joint].side
            _outline(painter, session, camera, item, (painter.theme.side(side), 1.6))
    if session.drafts.now.flashing:
        for item in items:
            if item.part in session.drafts.now.flashing:
                _outline(painter, session, camera, item, (painter.theme.ink, 6.0), (painter.theme.selected, 3.6))
    for item in items:
        if item.part in chosen:
            _corners(painter, camera, item)
    _frame(painter, session, camera, hover)


def paint_ghosts(painter: Inked, session: Session, camera: Camera, ghosts: tuple[Ghost, ...]) -> None:
    """Branches once more, turned about a point, seen through."""
    items, parts = scene_of(session.placed) if ghosts else [], session.puppet.parts
    for ghost in ghosts:
        joints = set(branch(session.puppet, ghost.joint))
        spun = around(ghost.pivot, cmath.rect(1.0, ghost.turn), 0j)
        turned = [item.moved(spun, 0.3) for item in items if parts[item.part].joint in joints]
        Raster(painter, session.file.pictures).draw(turned, camera.transform())


def paint_faint(painter: Inked, session: Session, camera: Camera, parts: tuple[str, ...]) -> None:
    """Parts that do not show, where they lie, seen through."""
    if parts:
        shapes = [shape._replace(opacity=0.4) for shape in all_shapes(session.placed) if shape.part in parts]
        Raster(painter, session.file.pictures).draw(shapes, camera.transform())


def paint_marks(painter: Inked, camera: Camera, places: tuple[tuple[complex, bool], ...]) -> None:
    """Where an end sticks out: an amber ring with a bar; where a gap opens: a brick ring, open on one side."""
    for place, gap in places:
        at = camera.point(place)
        for colour, width in (
            (painter.theme.paper, 5.0),
            (painter.theme.ink, 3.4),
            (painter.theme.brick if gap else painter.theme.amber, 1.8),
        ):
            painter.setPen(marks.pen(colour, width))
            painter.setBrush(Qt.BrushStyle.NoBrush)
            if gap:
                painter.drawArc(QRectF(at.x() - 8, at.y() - 8, 16, 16), 40 * 16, 280 * 16)
            else:
                painter.drawEllipse(at, 8, 8)
                painter.drawLine(at + QPointF(0, -3.5), at + QPointF(0, 3.5))


def _corners(painter: Inked, camera: Camera, item: Shape) -> None:
    """A frame at the corners of a selected part, in lamp colour with ink, turned with the part."""
    places = [camera.point(z) for z in item.corners()]
    for i, corner in enumerate(places):
        ends = [corner + _cut(places[(i + k) % 4] - corner, 16) for k in (1, -1)]
        for colour, width in ((painter.theme.ink, 4.4), (painter.theme.selected, 2.2)):
            painter.setPen(marks.pen(colour, width))
            painter.drawPolyline(QPolygonF([ends[0], corner, ends[1]]))


def _cut(way: QPointF, length: float) -> QPointF:
    whole = (way.x() ** 2 + way.y() ** 2) ** 0.5
    return way * min(1.0, length / whole) if whole > 0 else way


def _frame(painter: Inked, session: Session, camera: Camera, hover: Handle | None) -> None:
    """What the selection is scaled, skewed and turned by: paper tabs at corners and edges, a pin above."""
    frame = frame_of(session)
    if frame is None:
        return
    shift = shown_shift(session)
    painter.setBrush(Qt.BrushStyle.NoBrush)
    if len(session.selection.of("part")) > 1:
        painter.setPen(marks.pen(painter.theme.ink, 1.2, Qt.PenStyle.DashLine))
        places = [camera.point(frame.at(u, v) + shift) for u, v in ((0, 0), (1, 0), (1, 1), (0, 1))]
        painter.drawPolygon(QPolygonF(places))
    for name, z in grasps(frame, camera.zoom):
        at, hot = camera.point(z + shift), hover is not None and hover.kind == "frame" and hover.key == name
        size = 6.0 if hot else 4.5
        painter.setPen(marks.pen(painter.theme.ink, 1.5))
        painter.setBrush(painter.theme.selected if hot else painter.theme.paper)
        if name == "spin":
            painter.drawLine(at, camera.point(frame.at(0.5, 0) + shift))
            painter.drawEllipse(at, size + 1, size + 1)
        elif name[0] == "x":
            painter.drawRect(QRectF(at.x() - size, at.y() - size, 2 * size, 2 * size))
        else:
            painter.drawEllipse(at, size - 1, size - 1)


def _outline(painter: Inked, session: Session, camera: Camera, item: Shape, *strokes: tuple[QColor, float]) -> None:
    path = camera.transform().map(outline_of(item, session.file.pictures))
    painter.setBrush(Qt.BrushStyle.NoBrush)
    for colour, width in strokes:
        painter.setPen(marks.pen(colour, width))
        painter.drawPath(path)

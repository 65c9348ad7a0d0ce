"""Meshes over the art: thin lines of triangles, and while weights are painted a heat picture that is read without colour too."""

from functools import lru_cache

import numpy as np
from numpy.lib.stride_tricks import sliding_window_view
from numpy.typing import NDArray
from PySide6.QtCore import QLineF, QPointF, QRect, QRectF, Qt
from PySide6.QtGui import QColor, QImage, QPainter

from umbrite.desk.board.camera import Camera
from umbrite.desk.board.overlay.sight import Sight
from umbrite.desk.commands.bends.bending_commands import bent_parts
from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import MESH_POINTS, WEIGHTS
from umbrite.desk.theme import look, marks
from umbrite.desk.theme.inked import Inked
from umbrite.desk.theme.themes import Theme
from umbrite.motion.scene import mesh_places
from umbrite.rig.mesh import weights_of
from umbrite.rig.model import Mesh

EVERY = 12  # diagonals after which the hatching begins anew
# For each step of the scale the diagonals that are inked, closer from step to step.
LINES: tuple[tuple[int, ...], ...] = ((), (0,), (0, 6), (0, 4, 8), (0, 3, 6, 9))
DOT, SELECTED = 2.0, 4.0  # half a vertex; widget pixels
SEEN = 205  # alpha of the heat


def paint(painter: Inked, sight: Sight) -> None:
    """The meshes of the selected parts that bend; of the one that is worked on heat, brush and scale, or its points."""
    session = sight.session
    places = mesh_places(session.placed)
    painting, shaping = session.workspace.tool is WEIGHTS, session.workspace.tool is MESH_POINTS
    brushing = session.brushing
    worked_on = [brushing.part] if painting or shaping else []
    for part in worked_on or bent_parts(session):
        mesh = session.puppet.parts[part].mesh if part in session.puppet.parts else None
        if mesh is None or part not in places:
            continue
        if painting:
            heat(painter, sight.camera, mesh, places[part], brushing.bone)
        _net(painter, sight.camera, mesh, places[part])
        if shaping:
            painter.setPen(marks.pen(painter.theme.ink, 1))
            painter.setBrush(painter.theme.paper)
            dots = places[part] * sight.camera.zoom + sight.camera.shift
            painter.drawRects([QRectF(z.real - DOT, z.imag - DOT, 2 * DOT, 2 * DOT) for z in dots.tolist()])
        painter.setPen(marks.pen(painter.theme.ink, 1.2))
        painter.setBrush(painter.theme.selected)
        for i in brushing.vertices if worked_on else ():
            painter.drawEllipse(sight.camera.point(complex(places[part][i])), SELECTED, SELECTED)
    if painting:
        _scale(painter, session, sight.within)
        if brushing.mesh is not None:
            _ring(painter, sight)


def _net(painter: Inked, camera: Camera, mesh: Mesh, places: NDArray[np.complex128]) -> None:
    """Every edge once, thin."""
    near = np.round(places, 2)  # weights that change at rest move nothing that could be seen
    lines = _lines(mesh.arrays.triangles.tobytes(), near.tobytes(), camera)
    painter.setRenderHint(QPainter.RenderHint.Antialiasing, False)  # hundreds of short lines
    painter.setPen(marks.pen(look.with_alpha(painter.theme.ink, 110), 1))
    painter.drawLines(lines)
    painter.setRenderHint(QPainter.RenderHint.Antialiasing)


@lru_cache(maxsize=4)
def _lines(triangles: bytes, places: bytes, camera: Camera) -> list[QLineF]:
    """The edges on the widget: made once while nothing moves."""
    z = np.frombuffer(places, np.complex128) * camera.zoom + camera.shift
    edges = _edges(triangles)
    ends = np.stack([z.real[edges], z.imag[edges]], axis=-1).reshape(-1, 4).tolist()
    return [QLineF(*line) for line in ends]


@lru_cache(maxsize=16)
def _edges(triangles: bytes) -> NDArray[np.intp]:
    """The two ends of every edge of triangles that are packed as bytes, (edges, 2)."""
    found = np.frombuffer(triangles, np.intp).reshape(-1, 3)
    pairs = np.sort(found[:, [[0, 1], [1, 2], [2, 0]]].reshape(-1, 2), axis=1)
    return np.unique(pairs, axis=0)


def heat(painter: Inked, camera: Camera, mesh: Mesh, places: NDArray[np.complex128], bone: str) -> None:
    """How much of each place follows a bone: from pale to deep, and hatched the closer the more."""
    from umbrite.paint.triangles import fill

    if bone not in mesh.joints:
        return
    z = places * camera.zoom + camera.shift
    device = QRect(0, 0, painter.device().width(), painter.device().height())
    around = QRectF(QPointF(z.real.min(), z.imag.min()), QPointF(z.real.max(), z.imag.max()))
    box = around.toAlignedRect().adjusted(-1, -1, 1, 1).intersected(device)
    if box.isEmpty():
        return
    shares = weights_of(mesh)[:, mesh.joints.index(bone)]
    texels = np.stack([shares * 254 + 1.0, np.full(len(shares), 1.5)], axis=-1)
    found = np.zeros((box.height(), box.width()), np.uint32)
    spots = np.stack([z.real - box.x(), z.imag - box.y()], axis=-1)
    fill(found, _ramp(), spots, texels, np.ascontiguousarray(mesh.arrays.triangles, dtype=np.int32))
    colours = _coloured(painter.theme, found, box.x() + box.y())
    image = QImage(
        colours.tobytes(), box.width(), box.height(), 4 * box.width(), QImage.Format.Format_ARGB32_Premultiplied
    )
    painter.drawImage(box.topLeft(), image)


@lru_cache(maxsize=1)
def _ramp() -> NDArray[np.uint32]:
    """A picture whose colours are their own column, opaque."""
    made = np.tile(np.arange(257, dtype=np.uint32).clip(0, 255) | np.uint32(0xFF000000), (4, 1))
    made.flags.writeable = False  # else the loop would be compiled once more for it
    return made


def _coloured(theme: Theme, found: NDArray[np.uint32], along: int) -> NDArray[np.uint32]:
    """Colours for shares (in the lowest byte, where there is anything), with hatching in the theme's ink."""
    table = _table(theme.name, theme.paper.rgb(), theme.brick.rgb(), theme.ink.rgb())
    high, wide = found.shape
    steps = np.arange(along, along + high + wide, dtype=np.int64) % EVERY
    diagonal = sliding_window_view(steps.astype(np.uint16), wide)[:high]
    place = (found & 0xFF).astype(np.uint16)
    place *= EVERY
    place += diagonal
    colours = table.take(place)
    colours[found == 0] = 0
    return colours


@lru_cache(maxsize=8)
def _table(_name: str, low: int, high: int, ink: int) -> NDArray[np.uint32]:
    """Premultiplied colours, (256 * EVERY,): for each share those along EVERY diagonals, some of which are inked."""
    one, other, line = QColor.fromRgb(low), QColor.fromRgb(high), QColor.fromRgb(ink)

    def packed(colour: tuple[float, float, float], alpha: int) -> int:
        red, green, blue = (round(part) * alpha // 255 for part in colour)
        return alpha << 24 | red << 16 | green << 8 | blue

    inked = packed((line.red(), line.green(), line.blue()), 190)
    found = np.zeros((256, EVERY), dtype=np.uint32)
    for share in range(256):
        t = share / 255
        mixed = (
            one.red() + (other.red() - one.red()) * t,
            one.green() + (other.green() - one.green()) * t,
            one.blue() + (other.blue() - one.blue()) * t,
        )
        found[share] = packed(mixed, SEEN)
        found[share, list(LINES[min(share * len(LINES) // 256, len(LINES) - 1)])] = inked
    return found.ravel()


def _scale(painter: Inked, session: Session, within: QRectF) -> None:
    """What the heat means: five steps, pale to deep and hatched, with their shares."""
    wide, tall = 150, 14
    left, top = within.right() - wide - 14, within.bottom() - tall - 34
    ramp = np.tile(np.linspace(0, 255, wide).astype(np.uint32) | np.uint32(0xFF000000), (tall, 1))
    colours = _coloured(painter.theme, ramp, 0)
    image = QImage(colours.tobytes(), wide, tall, 4 * wide, QImage.Format.Format_ARGB32_Premultiplied)
    painter.setPen(Qt.PenStyle.NoPen)
    painter.setBrush(look.with_alpha(painter.theme.panel, 235))
    painter.drawRoundedRect(QRectF(left - 8, top - 22, wide + 16, tall + 46), 5, 5)
    painter.drawImage(QPointF(left, top), image)
    painter.setPen(marks.pen(painter.theme.line, 1))
    painter.setBrush(Qt.BrushStyle.NoBrush)
    painter.drawRect(QRectF(left, top, wide, tall))
    painter.setPen(painter.theme.ink)
    painter.setFont(look.font(9))
    bone = session.puppet.joints.get(session.brushing.bone)
    painter.drawText(QRectF(left, top - 20, wide, 18), Qt.AlignmentFlag.AlignCenter, bone.name if bone else "")
    for share in (0, 50, 100):
        room = QRectF(left + share / 100 * wide - 20, top + tall + 2, 40, 16)
        painter.drawText(room, Qt.AlignmentFlag.AlignCenter, f"{share} %")


def _ring(painter: Inked, sight: Sight) -> None:
    """The brush where the pointer is: its edge, and its hard part within."""
    brush = sight.session.brushing.brush
    painter.setBrush(Qt.BrushStyle.NoBrush)
    for radius, width in ((brush.radius, 1.6), (brush.radius * brush.hardness, 0.9)):
        r = radius * sight.camera.zoom
        painter.setPen(marks.pen(painter.theme.paper, width + 1.8))
        painter.drawEllipse(sight.pointer, r, r)
        painter.setPen(marks.pen(painter.theme.ink, width))
        painter.drawEllipse(sight.pointer, r, r)

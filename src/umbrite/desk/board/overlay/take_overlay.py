"""What time adds to the board: ghosts of the frames before and after the playhead, and trails of selected controls."""

from typing import NamedTuple

import numpy as np
from PySide6.QtCore import QPointF, Qt
from PySide6.QtGui import QColor

from umbrite.desk.board.camera import Camera
from umbrite.desk.board.control_places import bead_at, point_of
from umbrite.desk.board.overlay.sight import Sight
from umbrite.desk.session.session import Session
from umbrite.desk.theme import look, marks
from umbrite.desk.theme.inked import Inked
from umbrite.motion.animating.playing import placed_over
from umbrite.motion.placed import Placed
from umbrite.motion.scene import scene_of
from umbrite.paint.outlines import outline_of
from umbrite.rig.channels import CONTROL_CHANNELS
from umbrite.rig.control_kinds import traits
from umbrite.rig.model import Point, Puppet
from umbrite.rig.remembered import remembered
from umbrite.rig.takes.take import Take

MOST_DOTS = 400
REACH = 8.0  # widget pixels


def paint(painter: Inked, sight: Sight) -> None:
    """Ghosts and trails, where they are switched on."""
    session = sight.session
    take = session.timeline.shown
    if take is None or not take.tracks:
        return
    if session.workspace.views["ghosts"]:
        _ghosts(painter, sight, take)
    _trails(painter, sight)


def ghost_frames(take: Take, playhead: float, count: int = 2, *, each: bool = False) -> tuple[list[float], list[float]]:
    """The frames next before the playhead and next after it, the nearest first: of all frames, or of those with keys."""
    if each:
        whole = range(1, count + 1)
        return [playhead - i for i in whole if playhead - i >= take.first], [
            playhead + i for i in whole if playhead + i <= take.last
        ]
    frames = sorted({key.frame for track in take.tracks.values() for key in track})
    before = [frame for frame in frames if frame < playhead][::-1]
    return before[:count], [frame for frame in frames if frame > playhead][:count]


@remembered
def _placed_at(take: Take, puppet: Puppet, frames: tuple[float, ...]) -> Placed:
    return placed_over(take, puppet, frames)


def _ghosts(painter: Inked, sight: Sight, take: Take) -> None:
    session = sight.session
    before, after = ghost_frames(
        take, session.timeline.frame, session.timeline.ghosts, each=session.workspace.views["each_frame"]
    )
    frames = (*before, *after)
    if not frames:
        return
    placed = _placed_at(take, session.puppet, frames)
    painter.save()
    painter.setTransform(sight.camera.transform(), combine=True)
    for i, frame in enumerate(frames):
        colour = QColor(painter.theme.plum if frame < session.timeline.frame else painter.theme.teal)
        away = i if i < len(before) else i - len(before)
        shade = look.with_alpha(colour, max(150 - 60 * away, 40))
        stroke = marks.pen(shade, 1.6)
        stroke.setCosmetic(True)
        painter.setPen(stroke)
        painter.setBrush(Qt.BrushStyle.NoBrush)
        for shape in scene_of(placed, i):
            painter.drawPath(outline_of(shape, session.file.pictures))
    painter.restore()


@remembered
def _ways(take: Take, puppet: Puppet) -> Placed:
    count = min(take.last - take.first, MOST_DOTS)
    return placed_over(take, puppet, np.linspace(take.first, take.last, count + 1))


@remembered
def _keyed(take: Take) -> set[int]:
    return {round(key.frame) for track in take.tracks.values() for key in track}


class Dot(NamedTuple):
    """Where a selected control is at a frame of the take, in widget pixels; `keyed` frames can be dragged."""

    control: str
    frame: int
    at: QPointF
    keyed: bool


def trail_of(session: Session, camera: Camera) -> list[list[Dot]]:
    """The trails of the selected controls, dot by dot."""
    take, chosen = session.timeline.shown, session.selection.only("control")
    if take is None or not take.tracks or not chosen or not session.workspace.views["trails"]:
        return []
    placed, count, keyed = _ways(take, session.puppet), min(take.last - take.first, MOST_DOTS), _keyed(take)
    frames = [round(take.first + (take.last - take.first) * i / count) for i in range(count + 1)]
    return [
        [
            Dot(name, frame, _dot_place(session, camera, placed, name, i), frame in keyed)
            for i, frame in enumerate(frames)
        ]
        for name in chosen
    ]


def _dot_place(session: Session, camera: Camera, placed: Placed, key: str, frame: int) -> QPointF:
    """Where a control is at a frame; of a pad where its bead lies on it, for its two values are a way over it."""
    control = session.puppet.controls[key]
    if not traits(control).two_values:
        return camera.point(placed.control_at(control, frame))
    value = Point(*(placed.control_value(key, what, frame) for what in CONTROL_CHANNELS))
    return point_of(session, camera, key, value)


def dot_at(session: Session, camera: Camera, at: QPointF) -> Dot | None:
    """The keyed dot of a trail at a place of the board, unless the playhead is there already, or its control stands nearer now."""
    if not session.workspace.station.timed or session.timeline.bare:
        return None
    playhead = session.timeline.frame
    near = [
        ((dot.at - at).manhattanLength(), dot)
        for trail in trail_of(session, camera)
        for dot in trail
        if dot.keyed and dot.frame != playhead
    ]
    best = min(near, key=lambda item: item[0], default=None)
    if best is None or best[0] > REACH:
        return None
    key = best[1].control
    two = traits(session.puppet.controls[key]).two_values
    here = (
        bead_at(session, camera, key) if two else camera.point(session.placed.control_at(session.puppet.controls[key]))
    )
    return best[1] if (here - at).manhattanLength() > best[0] else None


def _trails(painter: Inked, sight: Sight) -> None:
    """A dot a frame where each selected control goes, those with keys as keys, which can be dragged."""
    for trail in trail_of(sight.session, sight.camera):
        painter.setPen(marks.pen(look.with_alpha(painter.theme.teal, 150), 1.2))
        painter.drawPolyline([dot.at for dot in trail])
        for dot in trail:
            if dot.keyed:
                marks.key_mark(painter, dot.at, 4.2, lit=False)
            else:
                painter.setPen(Qt.PenStyle.NoPen)
                painter.setBrush(painter.theme.teal)
                painter.drawEllipse(dot.at, 1.8, 1.8)

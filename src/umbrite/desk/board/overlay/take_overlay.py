"""What time adds to the board: ghosts of the frames before and after the lamp, and trails of selected controls."""

import numpy as np
from PySide6.QtCore import QPointF, Qt
from PySide6.QtGui import QColor

from umbrite.desk.board.overlay.sight import Sight
from umbrite.desk.theme import look, marks
from umbrite.desk.theme.inked import Inked
from umbrite.motion.animating.playing import placed_over
from umbrite.motion.evaluate import Placed
from umbrite.motion.scene import scene_of
from umbrite.paint.outlines import outline_of
from umbrite.rig.model import Puppet
from umbrite.rig.remembered import remembered
from umbrite.rig.takes.take import Take

GHOSTS = 2  # keyed frames before, and as many after
MOST_DOTS = 400


def paint(painter: Inked, sight: Sight) -> None:
    """Ghosts and trails, where they are switched on."""
    session = sight.session
    take = session.stage.tape.shown
    if take is None or not take.tracks:
        return
    if session.stage.views["ghosts"]:
        _ghosts(painter, sight, take)
    if session.stage.views["trails"]:
        _trails(painter, sight, take)


def ghost_frames(take: Take, lamp: float) -> tuple[list[float], list[float]]:
    """The keyed frames next before the lamp and next after it, the nearest first."""
    frames = sorted({key.frame for track in take.tracks.values() for key in track})
    before = [frame for frame in frames if frame < lamp][::-1]
    return before[:GHOSTS], [frame for frame in frames if frame > lamp][:GHOSTS]


@remembered
def _placed_at(take: Take, puppet: Puppet, frames: tuple[float, ...]) -> Placed:
    return placed_over(take, puppet, frames)


def _ghosts(painter: Inked, sight: Sight, take: Take) -> None:
    session = sight.session
    before, after = ghost_frames(take, session.stage.tape.frame)
    frames = (*before, *after)
    if not frames:
        return
    placed = _placed_at(take, session.puppet, frames)
    painter.save()
    painter.setTransform(sight.camera.transform(), combine=True)
    for i, frame in enumerate(frames):
        colour = QColor(painter.theme.plum if frame < session.stage.tape.frame else painter.theme.teal)
        away = i if i < len(before) else i - len(before)
        shade = look.with_alpha(colour, 150 - 60 * away)
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


def _trails(painter: Inked, sight: Sight, take: Take) -> None:
    """A dot a frame where each selected control goes, those with keys as eyelets."""
    session = sight.session
    chosen = session.selection.only("control")
    if not chosen:
        return
    placed, count = _ways(take, session.puppet), min(take.last - take.first, MOST_DOTS)
    keyed = _keyed(take)
    for name in chosen:
        control = session.puppet.controls[name]
        spots = [sight.camera.point(placed.control_at(control, i)) for i in range(count + 1)]
        painter.setPen(marks.pen(look.with_alpha(painter.theme.teal, 150), 1.2))
        painter.drawPolyline(spots)
        for i, spot in enumerate(spots):
            frame = round(take.first + (take.last - take.first) * i / count)
            if frame in keyed:
                marks.eyelet(painter, spot, 3.6, lit=False)
            else:
                painter.setPen(Qt.PenStyle.NoPen)
                painter.setBrush(painter.theme.teal)
                painter.drawEllipse(QPointF(spot), 1.8, 1.8)

"""A stage of the work beside now: what has come is outlined as it is, what has gone or is different as it was, pivots that moved with
their way.
"""

from collections.abc import Mapping
from typing import NamedTuple

from PySide6.QtCore import Qt
from PySide6.QtGui import QColor

from umbrite.desk.board.overlay.sight import Sight
from umbrite.desk.theme import marks
from umbrite.desk.theme.inked import Inked
from umbrite.motion.evaluate import evaluate
from umbrite.motion.placed import Placed
from umbrite.motion.plan import compile_plan
from umbrite.motion.scene import scene_of
from umbrite.paint.outlines import outline_of
from umbrite.rig.document import Document
from umbrite.rig.model import Pose, Puppet
from umbrite.rig.remembered import remembered

SEEN = 0.5  # board pixels that a pivot must have moved to be marked


class Beside(NamedTuple):
    """What is shown of a stage: its places, its parts that are gone or different, and the parts that have come since."""

    placed: Placed
    was: frozenset[str]
    came: frozenset[str]
    moved: Mapping[str, complex]


@remembered
def beside_of(version: Document, puppet: Puppet, pose: Pose) -> Beside:
    """What of a stage is shown beside a puppet."""
    old = version.puppet
    was = frozenset(
        key
        for key, part in old.parts.items()
        if _shown(puppet, key) != _shown(old, key) or part.joint not in puppet.joints
    )
    came = frozenset(key for key in puppet.parts if key not in old.parts)
    moved = {
        key: joint.pivot.z
        for key, joint in old.joints.items()
        if key in puppet.joints and abs(puppet.joints[key].pivot.z - joint.pivot.z) > SEEN
    }
    return Beside(evaluate(compile_plan(old), pose), was, came, moved)


def _shown(puppet: Puppet, key: str) -> object:
    part = puppet.parts.get(key)
    return part and (
        part.drawing,
        part.placement,
        part.visible,
        part.opacity,
        part.trims,
        part.mesh,
        part.joint,
        part.blend,
    )


def paint(painter: Inked, sight: Sight) -> None:
    """Over the art, while a stage is looked at."""
    session = sight.session
    version = session.drafts.now.beside
    if version is None:
        return
    shown = beside_of(version, session.puppet, version.pose if session.workspace.station.posed else {})
    pictures, theme = session.file.pictures, painter.theme
    painter.save()
    painter.setTransform(sight.camera.transform(), combine=True)
    painter.setBrush(Qt.BrushStyle.NoBrush)
    for colour, style, placed, keys in (
        (theme.brick, Qt.PenStyle.DashLine, shown.placed, shown.was),
        (theme.moss, Qt.PenStyle.SolidLine, session.placed, shown.came),
    ):
        stroke = marks.pen(QColor(colour), 2.0)
        stroke.setStyle(style)
        stroke.setCosmetic(True)
        painter.setPen(stroke)
        for shape in scene_of(placed):
            if shape.part in keys:
                painter.drawPath(outline_of(shape, pictures))
    painter.restore()
    if not session.workspace.station.posed:
        _ways(painter, sight, shown.moved)


def _ways(painter: Inked, sight: Sight, moved: Mapping[str, complex]) -> None:
    """A hollow ring where a pivot was, and a thread to where it is."""
    painter.setBrush(Qt.BrushStyle.NoBrush)
    painter.setPen(marks.pen(QColor(painter.theme.brick), 1.6))
    for key, z in moved.items():
        was, now = sight.camera.point(z), sight.camera.point(sight.session.placed.pivot(key))
        painter.drawEllipse(was, 5.0, 5.0)
        painter.drawLine(was, now)

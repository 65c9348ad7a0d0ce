"""All that the overlay is drawn from, as one value."""

from collections.abc import Mapping
from typing import NamedTuple

from PySide6.QtCore import QPointF, QRectF

from umbrite.desk.board.camera import Camera
from umbrite.desk.board.gestures.gesture import Feedback
from umbrite.desk.board.handles import Handle
from umbrite.desk.board.overlay.standing import Sign, Standing
from umbrite.desk.session.session import Session
from umbrite.desk.theme.inked import Inked


class Sight(NamedTuple):
    """The session as it is seen: through which camera, under which pointer, in which part of the widget.

    `standing` keeps the pictures of marks that stand still, by what they are; `dragging` tells whether a gesture goes on.
    """

    session: Session
    camera: Camera
    feedback: Feedback
    hover: Handle | None
    pointer: QPointF
    within: QRectF
    standing: dict[str, Standing]
    dragging: bool

    def keep(self, name: str, painter: Inked, signs: Mapping[str, Sign]) -> None:
        """Paint marks of one kind, those that stand still from a ready picture."""
        size = round(self.within.width()), round(self.within.height())
        self.standing[name].paint(painter, self.camera, signs, size, dragging=self.dragging)

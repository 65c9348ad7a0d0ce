"""All that the overlay is drawn from, as one value."""

from typing import NamedTuple

from PySide6.QtCore import QPointF, QRectF

from umbrite.desk.board.camera import Camera
from umbrite.desk.board.gestures.gesture import Feedback
from umbrite.desk.board.handles import Handle
from umbrite.desk.session.session import Session


class Sight(NamedTuple):
    """The session as it is seen: through which camera, under which pointer, in which part of the widget."""

    session: Session
    camera: Camera
    feedback: Feedback
    hover: Handle | None
    pointer: QPointF
    within: QRectF

"""Controls put elsewhere beside what they move."""

from umbrite.desk.board.gestures.gesture import Feedback, Gesture, distance_text, finish, straightened
from umbrite.desk.session.session import Session
from umbrite.rig.change import change
from umbrite.rig.model import point


def drag_control_place(session: Session, key: str, press: complex) -> Gesture:
    """Put a control elsewhere beside what it moves; what it moves stays."""
    start = session.puppet
    control = start.controls[key]
    event = yield Feedback(lit=(key,))
    while event.kind == "move":
        moved = straightened(press, event)
        session.preview(puppet=change(start, key, offset=point(control.offset.z + moved)))
        event = yield Feedback(readout=distance_text(control.offset.z + moved), lit=(key,))
    finish(session, event, f"Place control {control.name}")

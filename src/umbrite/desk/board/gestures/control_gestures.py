"""Controls put elsewhere beside what they move."""

from umbrite.desk.board.camera import Camera
from umbrite.desk.board.control_places import values_at
from umbrite.desk.board.gestures.gesture import Feedback, Gesture, distance_text, finish, straightened
from umbrite.desk.session.session import Session
from umbrite.desk.theme.language import tr
from umbrite.rig.change import change
from umbrite.rig.edits.responses.stops import move_stop, put_stop, response_of
from umbrite.rig.errors import RigError
from umbrite.rig.model import Point, point


def drag_control_place(session: Session, key: str, press: complex) -> Gesture:
    """Put a control elsewhere beside what it moves; what it moves stays."""
    start = session.puppet
    control = start.controls[key]
    event = yield Feedback(lit=(key,))
    while event.kind == "move":
        moved = straightened(press, event)
        session.preview(puppet=change(start, key, offset=point(control.offset.z + moved)))
        event = yield Feedback(readout=distance_text(control.offset.z + moved), lit=(key,))
    finish(session, event, tr("Place control {name}", name=control.name))


def drag_notch(session: Session, key: str, number: int, camera: Camera) -> Gesture:
    """Put a pose of a slider or pad at another value; with Alt the same pose there as well. It stops before the neutral value and others."""
    start = session.puppet
    response = response_of(start, f"{key}.value")
    assert response is not None, "a notch is one of a response"
    stop, kept, words = start.responses[response].stops[number], start, ""
    event = yield Feedback(lit=(key,))
    while event.kind == "move":
        found = values_at(session, camera, key, event.at, snaps=False)
        at = Point(round(found[f"{key}.value"], 2), round(found.get(f"{key}.value_y", 0.0), 2))
        try:
            kept = put_stop(start, response, at, stop.channels) if event.alt else move_stop(start, response, number, at)
            words = ", ".join(f"{value:+.2f}" for value in (at.x, at.y)[: len(found)]).replace("-", "\N{MINUS SIGN}")
        except RigError as error:
            words = str(error)
        session.preview(puppet=kept)
        event = yield Feedback(readout=words, lit=(key,))
    finish(session, event, tr("Move a pose of {name}", name=start.responses[response].name))

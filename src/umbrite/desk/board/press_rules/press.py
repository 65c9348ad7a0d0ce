"""What a press on the board finds, what follows from it, and the pick that most of them begin with."""

from collections.abc import Callable
from typing import NamedTuple

from umbrite.desk.board.camera import Camera
from umbrite.desk.board.gestures.gesture import Gesture, Pointer
from umbrite.desk.board.handles import Handle, handle_at
from umbrite.desk.board.picking import deeper, joint_under, parts_at
from umbrite.desk.session.session import Session
from umbrite.rig.family import caught

REACH = 3.0  # widget pixels around the pointer in which thin art is still hit


class Spot(NamedTuple):
    """What lies under a press; `again` tells a press at the same spot as the last click, which goes one deeper."""

    handle: Handle | None
    under: list[str]
    again: bool


class Press(NamedTuple):
    """What follows a press: the gesture if the pointer is dragged, the action if it is only clicked."""

    gesture: Callable[[], Gesture] | None = None
    click: Callable[[], None] | None = None


def joint_at(session: Session, camera: Camera, at: complex) -> str | None:
    """The joint of the rivet, or else of the part, under a board point."""
    handle = handle_at(session, camera, at)
    if handle is not None and handle.kind in {"pivot", "tip"}:
        return handle.key
    under = parts_at(session, at, REACH / camera.zoom)
    return joint_under(session, under[0], at) if under else None


def tip_at(session: Session, camera: Camera, at: complex) -> str | None:
    """The bone whose drawn tip lies under a board point, where no pivot lies on it."""
    handle = handle_at(session, camera, at)
    return handle.key if handle is not None and handle.kind == "tip" else None


def pick(session: Session, spot: Spot, pointer: Pointer, *, joints: bool) -> Press:
    """Select by real shape. A press on something selected keeps the selection until the click is over."""
    puppet = session.puppet
    found = [caught(puppet, joint_under(session, part, pointer.at)) for part in spot.under] if joints else spot.under
    keys = list(dict.fromkeys(found))
    if not keys:
        if not pointer.shift:
            session.selection.select([])
        return Press()
    if pointer.shift:
        session.selection.toggle([keys[0]])
        return Press()
    if not any(key in session.selection.keys for key in keys):
        session.selection.select([keys[0]])
        return Press()

    def click() -> None:
        found = deeper(keys, session.selection.keys, again=spot.again)
        session.selection.select([found] if found else [])

    return Press(click=click)

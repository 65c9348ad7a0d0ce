"""Presses in Pivots: rivets, cords, sliding art, and joints that are proposed."""

from collections.abc import Callable

from umbrite.desk.board.camera import Camera
from umbrite.desk.board.gestures import joint_gestures, pivot_gestures
from umbrite.desk.board.gestures.gesture import Gesture, Pointer
from umbrite.desk.board.picking import joint_under
from umbrite.desk.board.press_rules.press import Press, Spot, joint_at, pick
from umbrite.desk.commands.building import joint_commands
from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import CORD, PIVOT


def in_pivots(session: Session, camera: Camera, pointer: Pointer, spot: Spot) -> Press:
    handle = spot.handle
    if handle is not None and handle.kind == "proposed joint":
        return _on_proposed(session, handle.key, pointer)
    if handle is not None:
        if pointer.shift:
            session.selection.toggle([handle.key])
            return Press()
        if handle.key not in session.selection.keys:
            session.selection.select([handle.key])
        if session.workspace.tool is PIVOT:
            return Press(
                lambda: pivot_gestures.drag_pivot(session, handle.key, pointer.at),
                lambda: session.selection.select([handle.key]),
            )
        return Press(_cord(session, camera, handle.key), lambda: session.selection.select([handle.key]))
    return _on_art_in_pivots(session, camera, pointer, spot)


def _on_art_in_pivots(session: Session, camera: Camera, pointer: Pointer, spot: Spot) -> Press:
    joints = [joint_under(session, key, pointer.at) for key in spot.under]
    if session.workspace.tool is PIVOT and pointer.alt and joints:
        return Press(lambda: pivot_gestures.slide_art(session, joints[0], pointer.at))
    selected = pick(session, spot, pointer, joints=True)
    joint = next((key for key in joints if key in session.selection.keys), None)
    if session.workspace.tool is CORD and joint is not None:
        return Press(_cord(session, camera, joint), selected.click)
    return selected


def _on_proposed(session: Session, part: str, pointer: Pointer) -> Press:
    if pointer.alt:
        return Press(click=lambda: joint_commands.leave(session, part))
    return Press(
        lambda: joint_gestures.drag_proposed(session, part, pointer.at), lambda: joint_commands.take(session, part)
    )


def _cord(session: Session, camera: Camera, first: str) -> Callable[[], Gesture]:
    def begin() -> Gesture:
        keys = session.selection.of("joint")
        keys = [first, *(key for key in keys if key != first)] if first in keys else [first]
        return pivot_gestures.draw_cord(session, keys, lambda at: joint_at(session, camera, at))

    return begin

"""Presses in Parts: picking, boxes, the frame, trimming and cutting."""

from umbrite.desk.board.camera import Camera
from umbrite.desk.board.gestures import part_gestures
from umbrite.desk.board.gestures.gesture import Pointer
from umbrite.desk.board.handles import Handle
from umbrite.desk.board.part_frame import frame_of
from umbrite.desk.board.picking import parts_at
from umbrite.desk.board.press_rules.press import Press, Spot, pick
from umbrite.desk.commands.building import cut_commands
from umbrite.desk.session.session import Session
from umbrite.motion.scene import scene_of


def in_parts(session: Session, _camera: Camera, pointer: Pointer, spot: Spot) -> Press:
    if (handle := spot.handle) is not None:
        return _on_part_handle(session, handle, pointer)
    selected = pick(session, spot, pointer, joints=False)
    if not spot.under:
        return Press(gesture=lambda: part_gestures.drag_box(session, pointer.at, lambda a, b: _parts_in(session, a, b)))
    chosen = session.selection.only("part")
    if not chosen:
        return selected
    return Press(lambda: part_gestures.drag_parts(session, chosen, pointer.at), selected.click)


def _on_part_handle(session: Session, handle: Handle, pointer: Pointer) -> Press:
    """A proposed cut is switched; the frame around parts is dragged by its handles."""
    if handle.kind == "proposed cut":
        return Press(click=lambda: cut_commands.switch_cut(session, int(handle.key)))
    frame = frame_of(session)
    assert frame is not None
    return Press(lambda: part_gestures.drag_frame(session, frame, handle.key, pointer.at))


def with_trim(session: Session, _camera: Camera, pointer: Pointer, spot: Spot) -> Press | None:
    """A loop is drawn around what of a part should go."""
    chosen = session.selection.only("part") or spot.under[:1]
    if spot.handle is not None or not chosen:
        return None
    session.selection.select(chosen[:1])
    return Press(lambda: part_gestures.draw_trim(session, chosen[0], pointer.at))


def with_knife(session: Session, _camera: Camera, pointer: Pointer, spot: Spot) -> Press | None:
    """A line is drawn across a part, or a loop around a piece of it; a click selects."""
    if spot.handle is not None:
        return None

    def choose() -> None:
        session.selection.select(spot.under[:1])

    return Press(lambda: part_gestures.draw_cut(session, pointer.at, lambda at: parts_at(session, at)), choose)


def _parts_in(session: Session, one: complex, other: complex) -> list[str]:
    """Parts whose boxes lie wholly within a box of the board."""
    left, right = sorted((one.real, other.real))
    top, bottom = sorted((one.imag, other.imag))
    return [
        item.part
        for item in scene_of(session.placed)
        if left <= item.box.left and item.box.right <= right and top <= item.box.top and item.box.bottom <= bottom
        and not session.puppet.parts[item.part].locked
    ]  # fmt: skip

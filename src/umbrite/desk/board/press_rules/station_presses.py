"""What a press on the board means: by station, tool, and what lies there. Returns a gesture, and what a click does."""

from typing import Literal

from umbrite.desk.board.camera import Camera
from umbrite.desk.board.face import faces
from umbrite.desk.board.gestures import pivot_gestures, plan_gestures
from umbrite.desk.board.gestures.gesture import Pointer
from umbrite.desk.board.gestures.guide_gestures import drag_guide, drag_mirror_line
from umbrite.desk.board.handles import handle_at
from umbrite.desk.board.overlay.ruler_overlay import WIDE
from umbrite.desk.board.overlay.take_overlay import dot_at
from umbrite.desk.board.picking import parts_at
from umbrite.desk.board.press_rules.press import REACH, Press, Spot, joint_at, pick
from umbrite.desk.session.session import Session


def press(session: Session, camera: Camera, pointer: Pointer, *, again: bool) -> Press:
    """Decide at the press. Selecting happens at once, so that a drag moves what was pressed on.

    On a keyed dot of a trail the playhead goes there first: what is dragged then is that key.
    """
    place = camera.point(pointer.at)
    if (dot := dot_at(session, camera, place)) is not None:
        session.timeline.go_to(float(dot.frame))
    spot = Spot(handle_at(session, camera, pointer.at), parts_at(session, pointer.at, REACH / camera.zoom), again)
    for face in faces(session):
        meant: Press | None = face.press(session, camera, pointer, spot)
        if meant is not None:
            return meant
    return Press()


def guide_under(session: Session, camera: Camera, pointer: Pointer, height: int) -> Press | None:
    """A mirror line or a guide is moved, or one is pulled out of a ruler, on a board so high; None where none lies under the pointer."""
    line = session.drafts.now.mirror
    found = handle_at(session, camera, pointer.at)
    if line is not None and found is not None and found.kind == "mirror":
        return Press(lambda: drag_mirror_line(session, line))
    if not session.workspace.views["rulers"] or not session.workspace.station.guides:
        return None

    def over_ruler(at: complex) -> bool:
        place = camera.point(at)
        return place.x() < WIDE or place.y() > height - WIDE

    if over_ruler(pointer.at):
        axis: Literal["x", "y"] = "x" if camera.point(pointer.at).x() < WIDE else "y"
        return Press(lambda: drag_guide(session, None, axis, over_ruler))
    if found is not None and found.kind == "guide":
        number = int(found.key)
        return Press(lambda: drag_guide(session, number, session.puppet.guides[number].axis, over_ruler))
    return None


def plan_press(session: Session, camera: Camera, pointer: Pointer) -> Press:
    """What a press does while a body plan is proposed: pieces are selected, and dragged onto places of its figure."""
    under = parts_at(session, pointer.at, REACH / camera.zoom)
    spot = Spot(None, under, again=False)
    selected = pick(session, spot, pointer, joints=False)
    if not under:
        return selected
    return Press(lambda: plan_gestures.drag_piece(session, under[0], pointer.at), selected.click)


def sway_at(session: Session, camera: Camera, pointer: Pointer) -> Press:
    """What a press does while W is held: try the pivot of what lies there."""
    joint = joint_at(session, camera, pointer.at)
    return Press() if joint is None else Press(lambda: pivot_gestures.sway(session, joint, pointer.at))

"""Presses in Limbs: limbs, their hooks and limits, and the tools of bones."""

from umbrite.desk.board.camera import Camera
from umbrite.desk.board.gestures import limb_gestures, limit_gestures
from umbrite.desk.board.gestures.gesture import Pointer
from umbrite.desk.board.handles import Handle
from umbrite.desk.board.press_rules.bone_presses import with_binding, with_bones
from umbrite.desk.board.press_rules.press import Press, Spot, joint_at, pick, tip_at
from umbrite.desk.commands import limb_commands
from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import BIND, BONE, LIMB

LIMB_MARKS = {"limit", "proposed limb"}


def in_limbs(session: Session, camera: Camera, pointer: Pointer, spot: Spot) -> Press:
    handle, tool = spot.handle, session.workspace.tool
    if handle is not None and handle.kind in LIMB_MARKS:
        return _on_limb_mark(session, handle)
    if tool is BONE or (tool is BIND and (handle is None or handle.kind == "tip")):
        return (with_bones if tool is BONE else with_binding)(session, camera, pointer, spot)
    return _with_limbs(session, camera, pointer, spot)


def _with_limbs(session: Session, camera: Camera, pointer: Pointer, spot: Spot) -> Press:
    """Limbs are drawn from joint to joint, and targets hung by their hooks."""
    handle = spot.handle
    if handle is not None and handle.kind == "hook":
        session.selection.select([handle.key])
        return _on_hook(session, camera, pointer, handle.key)
    if handle is not None and pointer.shift:
        session.selection.toggle([handle.key])
        return Press()
    if handle is not None:
        session.selection.select([handle.key])
    selected = Press() if handle is not None else pick(session, spot, pointer, joints=True)
    first = next(iter(session.selection.only("joint")), None)
    if session.workspace.tool is LIMB and first is not None and (handle is not None or spot.under):
        from_tip = first if handle is not None and handle.kind == "tip" else None
        return Press(
            lambda: limb_gestures.draw_limb(
                session,
                first,
                lambda at: joint_at(session, camera, at),
                lambda at: tip_at(session, camera, at),
                from_tip,
            ),
            selected.click,
        )
    return selected


def _on_limb_mark(session: Session, handle: Handle) -> Press:
    """The end of a fan, or a limb that is only proposed."""
    if handle.kind == "limit":
        return Press(lambda: limit_gestures.drag_limit(session, handle.key, handle.detail))
    return Press(click=lambda: limb_commands.leave_or_take(session, int(handle.key)))


def _on_hook(session: Session, camera: Camera, pointer: Pointer, limb: str) -> Press:
    """A hook's cord leads to what the target should follow; with Alt the tip itself is put elsewhere."""
    if pointer.alt:
        return Press(lambda: limb_gestures.drag_limb_tip(session, limb, pointer.at))
    return Press(
        lambda: limb_gestures.draw_follows(session, limb, lambda at: joint_at(session, camera, at)),
        lambda: session.selection.select([limb]),
    )

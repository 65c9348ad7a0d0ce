"""Presses in Controls, where controls are placed, and in Rehearse and Takes, where they pose."""

from umbrite.desk.board.camera import Camera
from umbrite.desk.board.control_places import is_valued
from umbrite.desk.board.gestures import body_gestures, control_gestures, pose_gestures
from umbrite.desk.board.gestures.gesture import Pointer
from umbrite.desk.board.handles import Handle, locked_control_at
from umbrite.desk.board.picking import joint_under
from umbrite.desk.board.press_rules.press import Press, Spot, pick
from umbrite.desk.commands import control_commands
from umbrite.desk.commands.responses import face_commands
from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import BODY, SQUASH
from umbrite.desk.theme.language import tr
from umbrite.rig.control_kinds import traits
from umbrite.rig.ids import id_kind


def in_controls(session: Session, camera: Camera, pointer: Pointer, spot: Spot) -> Press:
    handle = spot.handle
    if handle is None:
        return pick(session, spot, pointer, joints=True)
    if handle.kind == "face piece":
        return Press(click=lambda: face_commands.leave_or_take(session, int(handle.key)))
    if handle.kind == "proposed":
        return Press(click=lambda: control_commands.leave_or_take(session, int(handle.key)))
    if handle.kind == "notch":
        session.selection.select([handle.key])
        return Press(lambda: control_gestures.drag_notch(session, handle.key, int(handle.detail), camera))
    if pointer.shift:
        session.selection.toggle([handle.key])
        return Press()
    if handle.key not in session.selection.keys:
        session.selection.select([handle.key])
    return Press(
        lambda: control_gestures.drag_control_place(session, handle.key, pointer.at),
        lambda: session.selection.select([handle.key]),
    )


def _with_pin(session: Session, pointer: Pointer, spot: Spot) -> Press:
    """Ctrl in Rehearse: a click puts a pin, a drag of the art turns it about the pin."""

    def put() -> None:
        session.drafts.put(session.drafts.now._replace(pin=pointer.at))
        session.say(tr("Pin set: Ctrl+drag turns about it. Esc removes it."))

    pin = session.drafts.now.pin
    if pin is None or not spot.under:
        return Press(click=put)
    joint = joint_under(session, spot.under[0], pointer.at)
    return Press(lambda: pose_gestures.turn_about(session, joint, pin, pointer.at), put)


def _on_control(session: Session, camera: Camera, pointer: Pointer, handle: Handle) -> Press:
    """A control in Rehearse: a drag takes all selected ones along, Shift+click selects another one."""
    key = handle.key
    if (why := _stopped(session, key)) and not pointer.shift:
        return Press(lambda: pose_gestures.refused(session, why), lambda: session.selection.select([key]))
    if handle.kind != "control":
        session.selection.select([key])
        begin = {
            "turn": pose_gestures.turn_control,
            "scale": pose_gestures.scale_control,
            "ring": pose_gestures.turn_grip,
        }[handle.kind]
        return Press(lambda: begin(session, key, pointer.at))
    if key not in session.selection.keys and not pointer.shift:
        session.selection.select([key])
    others = [
        k
        for k in session.selection.keys
        if id_kind(k) == "control" and k != key and not session.puppet.controls[k].locked
    ]

    def click() -> None:
        if pointer.shift:
            session.selection.toggle([key])
        elif is_valued(session.puppet.controls[key]):
            pose_gestures.choose_at(session, camera, key, pointer.at)
        else:
            session.selection.select([key])

    return Press(lambda: pose_gestures.drag_controls(session, [key, *others], pointer.at, camera), click)


def _stopped(session: Session, key: str) -> str:
    """Why a control can't be dragged now: it moves what is fixed, or is a knob of a joint that its limb turns."""
    control, puppet = session.puppet.controls[key], session.puppet
    if traits(control).moves and puppet.joints[control.moves].fixed:
        return tr(
            "{name} is fixed, so it can't be moved by hand. Set Moving to Free in Details.",
            name=puppet.joints[control.moves].name,
        )
    if not traits(control).turns:
        return ""
    for limb_key, limb in puppet.limbs.items():
        if limb.enabled and control.moves in limb.joints and session.placed.value(limb_key, "blend") <= 0:
            return tr(
                "{joint} is turned by {limb}. Drag the limb's grip, or let it be posed by its own turns in Details.",
                joint=puppet.joints[control.moves].name, limb=limb.name,
            )  # fmt: skip
    return ""


def in_rehearse(session: Session, camera: Camera, pointer: Pointer, spot: Spot) -> Press:
    if pointer.ctrl:
        return _with_pin(session, pointer, spot)
    on_ring = spot.handle is not None and spot.handle.kind == "ring"
    if spot.handle is not None and session.workspace.tool is not BODY and not (on_ring and pointer.alt):
        return _on_control(session, camera, pointer, spot.handle)
    if spot.handle is None and (locked := locked_control_at(session, camera, pointer.at)) is not None:
        return _still(
            session,
            tr(
                "{name} is locked. Set Hand-over in its details to let animators use it.",
                name=session.puppet.controls[locked].name,
            ),
        )
    return _on_art(session, camera, pointer, spot)


def _still(session: Session, why: str) -> Press:
    """Nothing moves and nothing is selected; the reason is said."""
    return Press(lambda: pose_gestures.refused(session, why), lambda: session.say(why))


def _on_art(session: Session, camera: Camera, pointer: Pointer, spot: Spot) -> Press:
    """A drag of what is drawn: the limb's target, the body, or the joint."""
    if session.workspace.tool is BODY and spot.under and not session.puppet.controls_only:
        held = joint_under(session, spot.under[0], pointer.at)
        return Press(
            lambda: body_gestures.drag_body(session, held, pointer.at),
            lambda: body_gestures.switch_hold(session, held, pointer.at, camera.zoom),
        )
    selected = pick(session, spot, pointer, joints=True)
    if not spot.under:
        return selected
    if session.puppet.controls_only:
        why = tr("Only controls can be dragged here. Controls > Lock all but controls unlocks the rest.")
        return Press(lambda: pose_gestures.refused(session, why), selected.click)
    joints = [joint_under(session, key, pointer.at) for key in spot.under]
    joint = next((key for key in joints if key in session.selection.keys), joints[0])
    if session.workspace.tool is SQUASH:
        return Press(lambda: pose_gestures.squash(session, joint, pointer.at, slant=pointer.alt), selected.click)
    return Press(lambda: pose_gestures.drag_art(session, joint, pointer.at, turn_only=pointer.alt), selected.click)

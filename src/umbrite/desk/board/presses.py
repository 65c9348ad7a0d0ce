"""What a press on the board means: by station, tool, and what lies there. Returns a gesture, and what a click does."""

from collections.abc import Callable
from typing import Literal, NamedTuple

from PySide6.QtCore import QPointF, Qt
from PySide6.QtGui import QPolygonF

from umbrite.desk.board.camera import Camera
from umbrite.desk.board.control_places import is_valued
from umbrite.desk.board.gestures import (
    body_gestures,
    bone_gestures,
    control_gestures,
    joint_gestures,
    limb_gestures,
    limit_gestures,
    mesh_gestures,
    part_gestures,
    pivot_gestures,
    plan_gestures,
    pose_gestures,
    weight_gestures,
)
from umbrite.desk.board.gestures.gesture import Gesture, Pointer
from umbrite.desk.board.gestures.guide_gestures import drag_guide
from umbrite.desk.board.handles import Handle, bone_at, handle_at
from umbrite.desk.board.overlay.ruler_overlay import WIDE
from umbrite.desk.board.overlay.take_overlay import dot_at
from umbrite.desk.board.part_frame import frame_of
from umbrite.desk.board.picking import deeper, joint_under, parts_at
from umbrite.desk.commands import bone_commands, control_commands, limb_commands
from umbrite.desk.commands.bends import mesh_commands
from umbrite.desk.commands.building import cut_commands, joint_commands
from umbrite.desk.session.session import Session
from umbrite.desk.theme.language import tr
from umbrite.motion.scene import scene_of
from umbrite.paint.painter import rect_of
from umbrite.rig.family import caught
from umbrite.rig.ids import id_kind

LIMB_MARKS = {"limit", "pencilled limb"}
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


def press(session: Session, camera: Camera, pointer: Pointer, *, again: bool) -> Press:
    """Decide at the press. Selecting happens at once, so that a drag moves what was pressed on.

    On a keyed dot of a trail the lamp goes there first: what is dragged then is that key.
    """
    place = camera.point(pointer.at)
    if (dot := dot_at(session, camera, place)) is not None:
        session.stage.tape.go_to(float(dot.frame))
    spot = Spot(
        handle_at(session, camera, pointer.at), parts_at(session, pointer.at, REACH / camera.zoom), again
    )
    decide = {
        "Parts": _in_parts,
        "Pivots": _in_pivots,
        "Limbs": _in_limbs,
        "Controls": _in_controls,
        "Rehearse": _in_rehearse,
        "Takes": _in_rehearse,
    }
    return decide[session.stage.station.name](session, camera, pointer, spot)


def guide_under(session: Session, camera: Camera, pointer: Pointer, height: int) -> Press | None:
    """A guide is moved, or pulled out of a ruler, on a board so high; None where neither lies under the pointer."""
    if not session.stage.views["rulers"] or not session.stage.station.guides:
        return None

    def over_ruler(at: complex) -> bool:
        place = camera.point(at)
        return place.x() < WIDE or place.y() > height - WIDE

    found = handle_at(session, camera, pointer.at)
    if over_ruler(pointer.at):
        axis: Literal["x", "y"] = "x" if camera.point(pointer.at).x() < WIDE else "y"
        return Press(lambda: drag_guide(session, None, axis, over_ruler))
    if found is not None and found.kind == "guide":
        number = int(found.key)
        return Press(lambda: drag_guide(session, number, session.puppet.guides[number].axis, over_ruler))
    return None


def plan_press(session: Session, camera: Camera, pointer: Pointer) -> Press:
    """What a press does while a body plan is pencilled: pieces are selected, and dragged onto places of its figure."""
    under = parts_at(session, pointer.at, REACH / camera.zoom)
    spot = Spot(None, under, again=False)
    picked = _pick(session, spot, pointer, joints=False)
    if not under:
        return picked
    return Press(lambda: plan_gestures.drag_piece(session, under[0], pointer.at), picked.click)


def sway_at(session: Session, camera: Camera, pointer: Pointer) -> Press:
    """What a press does while W is held: try the pivot of what lies there."""
    joint = joint_at(session, camera, pointer.at)
    return Press() if joint is None else Press(lambda: pivot_gestures.sway(session, joint, pointer.at))


def _pick(session: Session, spot: Spot, pointer: Pointer, *, joints: bool) -> Press:
    """Select by real shape. A press on something selected keeps the selection until the click is over."""
    puppet = session.puppet
    found = (
        [caught(puppet, joint_under(session, part, pointer.at)) for part in spot.under]
        if joints
        else spot.under
    )
    keys = list(dict.fromkeys(found))
    if not keys:
        if not pointer.shift:
            session.selection.pick([])
        return Press()
    if pointer.shift:
        session.selection.toggle([keys[0]])
        return Press()
    if not any(key in session.selection.keys for key in keys):
        session.selection.pick([keys[0]])
        return Press()

    def click() -> None:
        found = deeper(keys, session.selection.keys, again=spot.again)
        session.selection.pick([found] if found else [])

    return Press(click=click)


def _in_parts(session: Session, _camera: Camera, pointer: Pointer, spot: Spot) -> Press:
    if (handle := spot.handle) is not None:
        return _on_part_handle(session, handle, pointer)
    if session.stage.tool == "trim":
        chosen = session.selection.only("part") or spot.under[:1]
        if chosen:
            session.selection.pick(chosen[:1])
            return Press(lambda: part_gestures.draw_trim(session, chosen[0], pointer.at))
    if session.stage.tool == "cut":
        return _with_knife(session, pointer, spot)
    picked = _pick(session, spot, pointer, joints=False)
    if not spot.under:
        return Press(
            gesture=lambda: part_gestures.drag_box(session, pointer.at, lambda a, b: _parts_in(session, a, b))
        )
    chosen = session.selection.only("part")
    if not chosen:
        return picked
    return Press(lambda: part_gestures.drag_parts(session, chosen, pointer.at), picked.click)


def _on_part_handle(session: Session, handle: Handle, pointer: Pointer) -> Press:
    """A pencilled cut is switched; the frame around parts is dragged by its handles."""
    if handle.kind == "pencilled cut":
        return Press(click=lambda: cut_commands.switch_cut(session, int(handle.key)))
    frame = frame_of(session)
    assert frame is not None
    return Press(lambda: part_gestures.drag_frame(session, frame, handle.key, pointer.at))


def _with_knife(session: Session, pointer: Pointer, spot: Spot) -> Press:
    """A line is drawn across a part, or a loop around a piece of it; a click picks."""

    def pick() -> None:
        session.selection.pick(spot.under[:1])

    return Press(lambda: part_gestures.draw_cut(session, pointer.at, lambda at: parts_at(session, at)), pick)


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


def _in_pivots(session: Session, camera: Camera, pointer: Pointer, spot: Spot) -> Press:
    handle = spot.handle
    if handle is not None and handle.kind == "pencilled":
        return _on_pencilled(session, handle.key, pointer)
    if handle is not None:
        if pointer.shift:
            session.selection.toggle([handle.key])
            return Press()
        if handle.key not in session.selection.keys:
            session.selection.pick([handle.key])
        if session.stage.tool == "pivot":
            return Press(
                lambda: pivot_gestures.drag_pivot(session, handle.key, pointer.at),
                lambda: session.selection.pick([handle.key]),
            )
        return Press(_cord(session, camera, handle.key), lambda: session.selection.pick([handle.key]))
    return _on_art_in_pivots(session, camera, pointer, spot)


def _on_art_in_pivots(session: Session, camera: Camera, pointer: Pointer, spot: Spot) -> Press:
    joints = [joint_under(session, key, pointer.at) for key in spot.under]
    if session.stage.tool == "pivot" and pointer.alt and joints:
        return Press(lambda: pivot_gestures.slide_art(session, joints[0], pointer.at))
    picked = _pick(session, spot, pointer, joints=True)
    joint = next((key for key in joints if key in session.selection.keys), None)
    if session.stage.tool == "cord" and joint is not None:
        return Press(_cord(session, camera, joint), picked.click)
    return picked


def _on_pencilled(session: Session, part: str, pointer: Pointer) -> Press:
    if pointer.alt:
        return Press(click=lambda: joint_commands.leave(session, part))
    return Press(
        lambda: joint_gestures.drag_pencilled(session, part, pointer.at),
        lambda: joint_commands.take(session, part),
    )


def _cord(session: Session, camera: Camera, first: str) -> Callable[[], Gesture]:
    def begin() -> Gesture:
        keys = session.selection.of("joint")
        keys = [first, *(key for key in keys if key != first)] if first in keys else [first]
        return pivot_gestures.draw_cord(session, keys, lambda at: joint_at(session, camera, at))

    return begin


def _in_limbs(session: Session, camera: Camera, pointer: Pointer, spot: Spot) -> Press:
    handle, tool = spot.handle, session.stage.tool
    if tool == "weigh":
        return _with_brush(session, pointer, spot)
    if tool == "net":
        return _with_points(session, camera, pointer, spot)
    if handle is not None and handle.kind in LIMB_MARKS:
        return _on_limb_mark(session, handle)
    if tool == "bone" or (tool == "bind" and (handle is None or handle.kind == "tip")):
        return (_with_bones if tool == "bone" else _with_binding)(session, camera, pointer, spot)
    return _with_limbs(session, camera, pointer, spot)


def _with_limbs(session: Session, camera: Camera, pointer: Pointer, spot: Spot) -> Press:
    """Limbs are drawn from joint to joint, and targets hung by their hooks."""
    handle = spot.handle
    if handle is not None and handle.kind == "hook":
        session.selection.pick([handle.key])
        return _on_hook(session, camera, pointer, handle.key)
    if handle is not None and pointer.shift:
        session.selection.toggle([handle.key])
        return Press()
    if handle is not None:
        session.selection.pick([handle.key])
    picked = Press() if handle is not None else _pick(session, spot, pointer, joints=True)
    first = next(iter(session.selection.only("joint")), None)
    if session.stage.tool == "limb" and first is not None and (handle is not None or spot.under):
        return Press(
            lambda: limb_gestures.draw_limb(session, first, lambda at: joint_at(session, camera, at)),
            picked.click,
        )
    return picked


def _with_brush(session: Session, pointer: Pointer, spot: Spot) -> Press:
    """A click on a rivet chooses the bone, one on another part that bends that part; else the brush paints, also from a rivet on."""
    brushing, handle = session.stage.brushing, spot.handle
    mesh = brushing.mesh
    if pointer.alt and mesh is not None:
        return Press(lambda: weight_gestures.pick_vertices(session, pointer.at), lambda: brushing.pick(()))
    if handle is not None and mesh is not None and handle.key in mesh.joints:
        return Press(lambda: weight_gestures.paint(session, pointer), lambda: brushing.choose(handle.key))
    bendy = [key for key in spot.under if session.puppet.parts[key].mesh is not None]
    if bendy and brushing.part not in bendy:
        brushing.take(bendy[0])
        return Press()
    if mesh is None:
        return Press()
    return Press(
        lambda: weight_gestures.paint(session, pointer), lambda: weight_gestures.dab(session, pointer)
    )


def _with_points(session: Session, camera: Camera, pointer: Pointer, spot: Spot) -> Press:
    """Points of a mesh are picked and dragged; elsewhere in the mesh a new one is made; a press on another part that bends takes that."""
    brushing = session.stage.brushing
    if pointer.alt and brushing.mesh is not None:
        return Press(lambda: weight_gestures.pick_vertices(session, pointer.at), lambda: brushing.pick(()))
    point = mesh_gestures.point_at(session, camera, pointer.at)
    if point is None:
        bendy = [key for key in spot.under if session.puppet.parts[key].mesh is not None]
        if bendy and brushing.part not in bendy:
            brushing.take(bendy[0], still=True)
            return Press()
        if brushing.mesh is None:
            return Press()
        return Press(
            lambda: mesh_gestures.draw_out(session, pointer.at),
            lambda: mesh_commands.add_point(session, pointer.at),
        )
    if pointer.shift:
        brushing.pick(brushing.vertices ^ {point})
        return Press()
    if point not in brushing.vertices:
        brushing.pick([point])
    return Press(lambda: mesh_gestures.move_points(session, pointer.at), lambda: brushing.pick([point]))


def _on_limb_mark(session: Session, handle: Handle) -> Press:
    """The end of a fan, or a limb that is only pencilled."""
    if handle.kind == "limit":
        return Press(lambda: limit_gestures.drag_limit(session, handle.key, handle.detail))
    return Press(click=lambda: limb_commands.leave_or_take(session, int(handle.key)))


def _on_hook(session: Session, camera: Camera, pointer: Pointer, limb: str) -> Press:
    """A hook's cord leads to what the target shall follow; with Alt the tip itself is put elsewhere."""
    if pointer.alt:
        return Press(lambda: limb_gestures.drag_limb_tip(session, limb, pointer.at))
    return Press(
        lambda: limb_gestures.draw_follows(session, limb, lambda at: joint_at(session, camera, at)),
        lambda: session.selection.pick([limb]),
    )


def _with_bones(session: Session, camera: Camera, pointer: Pointer, spot: Spot) -> Press:
    """Alt drags what is there; Ctrl draws a line for many bones; else bones are drawn, or gone on with by clicks."""
    handle = spot.handle
    if pointer.alt:
        key = handle.key if handle is not None else bone_at(session, camera, pointer.at)
        if key is None or id_kind(key) != "joint":
            return Press()
        grasp = "whole" if handle is None else "tip" if handle.kind == "tip" else "head"
        session.selection.pick([key])
        return Press(lambda: bone_gestures.drag_bone(session, key, grasp, pointer.at))
    if pointer.ctrl:
        return Press(lambda: bone_gestures.draw_line(session, pointer.at, camera.zoom))
    chain = session.drafts.now.bones.chain

    def click() -> None:
        if handle is not None and handle.kind in {"pivot", "tip"}:
            session.selection.pick([handle.key])
        elif chain is not None:
            start, parent = bone_gestures.starting_at(session, pointer.at, camera.zoom)
            bone_commands.add(session, start, pointer.at, parent)
        elif (key := bone_at(session, camera, pointer.at)) is not None:
            session.selection.pick([key])
        else:
            _pick(session, spot, pointer, joints=True)

    return Press(lambda: bone_gestures.draw_bone(session, pointer.at, camera.zoom), click)


def _with_binding(session: Session, camera: Camera, pointer: Pointer, spot: Spot) -> Press:
    """A cord from a part to its bone; on the bare board a loop of parts for the selected bone."""
    parts = list(spot.under)
    if parts:
        chosen = session.selection.only("part")
        dragged = chosen if parts[0] in chosen else parts[:1]

        def click() -> None:
            session.selection.toggle(parts[:1]) if pointer.shift else session.selection.pick(parts[:1])

        return Press(
            lambda: bone_gestures.bind_by_cord(
                session, dragged, pointer.at, lambda at: bone_or_joint_at(session, camera, at)
            ),
            click,
        )
    bone = next(iter(session.selection.only("joint")), None)
    if bone is None:
        return Press(
            click=lambda: session.say(
                tr("Select the bone first, then draw a loop around what it shall carry.")
            )
        )
    return Press(
        lambda: bone_gestures.bind_by_loop(
            session, bone, pointer.at, lambda loop: _parts_in_loop(session, loop)
        )
    )


def bone_or_joint_at(session: Session, camera: Camera, at: complex) -> str | None:
    """The bone under a board point, or else the joint there."""
    return bone_at(session, camera, at) or joint_at(session, camera, at)


def _parts_in_loop(session: Session, loop: tuple[complex, ...]) -> list[str]:
    """Parts whose middles lie in a loop on the board."""
    if len(loop) < 3:
        return []
    path = QPolygonF([QPointF(z.real, z.imag) for z in loop])
    rule = Qt.FillRule.WindingFill
    return [
        item.part for item in scene_of(session.placed) if path.containsPoint(rect_of(item.box).center(), rule)
    ]


def _in_controls(session: Session, _camera: Camera, pointer: Pointer, spot: Spot) -> Press:
    handle = spot.handle
    if handle is None:
        return _pick(session, spot, pointer, joints=True)
    if handle.kind == "proposed":
        return Press(click=lambda: control_commands.leave_or_take(session, int(handle.key)))
    if pointer.shift:
        session.selection.toggle([handle.key])
        return Press()
    if handle.key not in session.selection.keys:
        session.selection.pick([handle.key])
    return Press(
        lambda: control_gestures.drag_control_place(session, handle.key, pointer.at),
        lambda: session.selection.pick([handle.key]),
    )


def _with_pin(session: Session, pointer: Pointer, spot: Spot) -> Press:
    """Ctrl in Rehearse: a click puts a pin, a drag of the art turns it about the pin."""

    def put() -> None:
        session.drafts.put(session.drafts.now._replace(pin=pointer.at))
        session.say(tr("A pin is put: Ctrl+drag turns what you drag about it. Esc takes it away."))

    pin = session.drafts.now.pin
    if pin is None or not spot.under:
        return Press(click=put)
    joint = joint_under(session, spot.under[0], pointer.at)
    return Press(lambda: pose_gestures.turn_about(session, joint, pin, pointer.at), put)


def _on_control(session: Session, camera: Camera, pointer: Pointer, handle: Handle) -> Press:
    """A control in Rehearse: a drag takes all selected ones along, Shift+click selects another one."""
    key = handle.key
    if handle.kind != "control":
        session.selection.pick([key])
        begin = {
            "turn": pose_gestures.turn_control,
            "scale": pose_gestures.scale_control,
            "ring": pose_gestures.turn_grip,
        }[handle.kind]
        return Press(lambda: begin(session, key, pointer.at))
    if key not in session.selection.keys and not pointer.shift:
        session.selection.pick([key])
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
            session.selection.pick([key])

    return Press(lambda: pose_gestures.drag_controls(session, [key, *others], pointer.at, camera), click)


def _in_rehearse(session: Session, camera: Camera, pointer: Pointer, spot: Spot) -> Press:
    if pointer.ctrl:
        return _with_pin(session, pointer, spot)
    on_ring = spot.handle is not None and spot.handle.kind == "ring"
    if spot.handle is not None and session.stage.tool != "body" and not (on_ring and pointer.alt):
        return _on_control(session, camera, pointer, spot.handle)
    if session.stage.tool == "body" and spot.under and not session.puppet.controls_only:
        held = joint_under(session, spot.under[0], pointer.at)
        return Press(
            lambda: body_gestures.drag_body(session, held, pointer.at),
            lambda: body_gestures.switch_hold(session, held, pointer.at, camera.zoom),
        )
    picked = _pick(session, spot, pointer, joints=True)
    if not spot.under:
        return picked
    if session.puppet.controls_only:
        return Press(lambda: pose_gestures.refused(session), picked.click)
    joints = [joint_under(session, key, pointer.at) for key in spot.under]
    joint = next((key for key in joints if key in session.selection.keys), joints[0])
    return Press(
        lambda: pose_gestures.drag_art(session, joint, pointer.at, turn_only=pointer.alt), picked.click
    )

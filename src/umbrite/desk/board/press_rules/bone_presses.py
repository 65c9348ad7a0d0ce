"""Presses that draw bones, and bind parts to them."""

from PySide6.QtCore import QPointF, Qt
from PySide6.QtGui import QPolygonF

from umbrite.desk.board.camera import Camera
from umbrite.desk.board.gestures import bone_gestures
from umbrite.desk.board.gestures.gesture import Pointer
from umbrite.desk.board.handles import bone_at
from umbrite.desk.board.press_rules.press import Press, Spot, joint_at, pick
from umbrite.desk.commands import bone_commands
from umbrite.desk.session.session import Session
from umbrite.desk.theme.language import tr
from umbrite.motion.scene import scene_of
from umbrite.paint.painter import rect_of
from umbrite.rig.ids import id_kind


def with_bones(session: Session, camera: Camera, pointer: Pointer, spot: Spot) -> Press:
    """Alt drags what is there; Ctrl draws a line for many bones; else bones are drawn, or gone on with by clicks."""
    handle = spot.handle
    if pointer.alt:
        key = handle.key if handle is not None else bone_at(session, camera, pointer.at)
        if key is None or id_kind(key) != "joint":
            return Press()
        grasp = "whole" if handle is None else "tip" if handle.kind == "tip" else "head"
        session.selection.select([key])
        return Press(lambda: bone_gestures.drag_bone(session, key, grasp, pointer.at))
    if pointer.ctrl:
        return Press(lambda: bone_gestures.draw_line(session, pointer.at, camera.zoom))
    chain = session.drafts.now.bones.chain

    def click() -> None:
        if handle is not None and handle.kind in {"pivot", "tip"}:
            session.selection.select([handle.key])
        elif chain is not None:
            start, parent = bone_gestures.starting_at(session, pointer.at, camera.zoom)
            bone_commands.add(session, start, pointer.at, parent)
        elif (key := bone_at(session, camera, pointer.at)) is not None:
            session.selection.select([key])
        else:
            pick(session, spot, pointer, joints=True)

    return Press(lambda: bone_gestures.draw_bone(session, pointer.at, camera.zoom), click)


def with_binding(session: Session, camera: Camera, pointer: Pointer, spot: Spot) -> Press:
    """A cord from a part to its bone; on the bare board a loop of parts for the selected bone."""
    parts = list(spot.under)
    if parts:
        chosen = session.selection.only("part")
        dragged = chosen if parts[0] in chosen else parts[:1]

        def click() -> None:
            session.selection.toggle(parts[:1]) if pointer.shift else session.selection.select(parts[:1])

        return Press(
            lambda: bone_gestures.bind_by_cord(
                session, dragged, pointer.at, lambda at: bone_or_joint_at(session, camera, at)
            ),
            click,
        )
    bone = next(iter(session.selection.only("joint")), None)
    if bone is None:
        return Press(
            click=lambda: session.say(tr("Select the bone first, then draw a loop around what it should carry."))
        )
    return Press(
        lambda: bone_gestures.bind_by_loop(session, bone, pointer.at, lambda loop: _parts_in_loop(session, loop))
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
    return [item.part for item in scene_of(session.placed) if path.containsPoint(rect_of(item.box).center(), rule)]

"""Presses on parts that bend: the brush, and the points of the mesh."""

from umbrite.desk.board.camera import Camera
from umbrite.desk.board.gestures.gesture import Pointer
from umbrite.desk.board.gestures.meshes import mesh_gestures, shape_gestures, weight_gestures
from umbrite.desk.board.press_rules.press import Press, Spot
from umbrite.desk.commands.bends import mesh_commands
from umbrite.desk.session.session import Session


def with_brush(session: Session, _camera: Camera, pointer: Pointer, spot: Spot) -> Press:
    """A click on a rivet chooses the bone, one on another part that bends that part; else the brush paints, also from a rivet on."""
    brushing, handle = session.brushing, spot.handle
    mesh = brushing.mesh
    if pointer.alt and mesh is not None:
        return Press(lambda: weight_gestures.select_vertices(session, pointer.at), lambda: brushing.select(()))
    if handle is not None and mesh is not None and handle.key in mesh.joints:
        return Press(lambda: weight_gestures.paint(session, pointer), lambda: brushing.choose(handle.key))
    bendy = [key for key in spot.under if session.puppet.parts[key].mesh is not None]
    if bendy and brushing.part not in bendy:
        brushing.take(bendy[0])
        return Press()
    if mesh is None:
        return Press()
    return Press(lambda: weight_gestures.paint(session, pointer), lambda: weight_gestures.dab(session, pointer))


def with_points(session: Session, camera: Camera, pointer: Pointer, spot: Spot) -> Press:
    """Points of a mesh are picked and dragged; elsewhere in the mesh a new one is made; a press on another part that bends takes that."""
    brushing = session.brushing
    if pointer.alt and brushing.mesh is not None:
        return Press(lambda: weight_gestures.select_vertices(session, pointer.at), lambda: brushing.select(()))
    point = mesh_gestures.point_at(session, camera, pointer.at)
    if point is None:
        bendy = [key for key in spot.under if session.puppet.parts[key].mesh is not None]
        if bendy and brushing.part not in bendy:
            brushing.take(bendy[0], still=True)
            return Press()
        if brushing.mesh is None:
            return Press()
        return Press(
            lambda: mesh_gestures.draw_out(session, pointer.at), lambda: mesh_commands.add_point(session, pointer.at)
        )
    if pointer.shift:
        brushing.select(brushing.vertices ^ {point})
        return Press()
    if point not in brushing.vertices:
        brushing.select([point])
    return Press(lambda: mesh_gestures.move_points(session, pointer.at), lambda: brushing.select([point]))


def with_push(session: Session, _camera: Camera, pointer: Pointer, spot: Spot) -> Press | None:
    """The art is pushed into another shape; controls pose as they do without this tool."""
    if spot.handle is not None or not spot.under:
        return None
    chosen = [key for key in spot.under if key in session.selection.of("part")]
    part = (chosen or spot.under)[0]
    return Press(lambda: shape_gestures.push(session, part, pointer), lambda: session.selection.select([part]))

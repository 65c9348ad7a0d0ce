"""Points of a mesh: found under the pointer, dragged, and drawn out of it anew. The part hangs at rest meanwhile, so nothing is seen to move."""

import numpy as np

from umbrite.desk.board.camera import Camera
from umbrite.desk.board.gestures.gesture import Feedback, Gesture, distance_text, finish
from umbrite.desk.commands.bends import mesh_commands
from umbrite.desk.session.session import Session
from umbrite.desk.theme.language import tr
from umbrite.motion.scene import mesh_places
from umbrite.rig.change import change
from umbrite.rig.edits.meshes.mesh_points import added_point, moved_points
from umbrite.rig.errors import RigError
from umbrite.rig.model import Mesh

REACH = 7.0  # widget pixels
CLOSE = 0.3  # of an edge; between points that lie close on the screen there is still room for another


def point_at(session: Session, camera: Camera, at: complex) -> int | None:
    """The vertex of the mesh that is worked on near a board point."""
    places, mesh = (mesh_places(session.placed).get(session.brushing.part), session.brushing.mesh)
    if places is None or mesh is None:
        return None
    away = np.abs(places - at)
    nearest = int(away.argmin())
    a, b, c = places[mesh.arrays.triangles].T
    between = float(np.median(np.abs(np.concatenate([b - a, c - b, a - c]))))
    return nearest if away[nearest] <= min(REACH / camera.zoom, CLOSE * between) else None


def move_points(session: Session, press: complex) -> Gesture:
    """Drag the picked points; they stop before a triangle turns over."""
    return _dragged(session, press, mesh_commands.mesh_worked_on(session), tr("Move points of the mesh"))


def draw_out(session: Session, press: complex) -> Gesture:
    """A new point where the press was, dragged on."""
    mesh, new = added_point(mesh_commands.mesh_worked_on(session), mesh_commands.in_drawing(session, press))
    session.preview(puppet=change(session.puppet, session.brushing.part, mesh=mesh))
    session.brushing.select([new])
    return _dragged(session, press, mesh, tr("Add a point to the mesh"))


def _dragged(session: Session, press: complex, mesh: Mesh, name: str) -> Gesture:
    brushing, settled = session.brushing, session.history.now.puppet
    points, part, kept = brushing.vertices, brushing.part, mesh
    first = mesh_commands.in_drawing(session, press)
    event = yield Feedback()
    while event.kind in {"press", "move"}:
        words = distance_text(event.at - press)
        try:
            kept = moved_points(mesh, points, mesh_commands.in_drawing(session, event.at) - first)
            session.preview(puppet=change(session.puppet, part, mesh=kept))
        except RigError as error:
            words = str(error)
        event = yield Feedback(words)
    if event.kind == "release":
        mesh_commands.require_covering(session, settled.parts[part].mesh or mesh, kept)
    finish(session, event, name)

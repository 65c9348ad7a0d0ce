"""The mesh of a part that bends, point by point: taken to work on, added to, thinned out."""

from umbrite.art.bending.bendy import bare_pixels
from umbrite.desk.commands.bends.bending_commands import picture_of, to_work_on
from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import LIMBS, MESH_POINTS
from umbrite.desk.theme.language import tr
from umbrite.rig.affine import inverse
from umbrite.rig.change import change
from umbrite.rig.edits.meshes.mesh_points import added_point, without_points
from umbrite.rig.errors import RigError
from umbrite.rig.model import Mesh
from umbrite.rig.placement import board_from_drawing

FEW = 4  # pixels that nobody sees


def take_points(session: Session) -> None:
    """Work on the points of the selected part that bends, or of the first that does."""
    part = to_work_on(session)
    session.workspace.go_to(LIMBS)
    session.workspace.take_tool(MESH_POINTS)
    session.brushing.take(part, still=True)


def mesh_worked_on(session: Session) -> Mesh:
    """The mesh whose points are worked on. Raises RigError where there is none."""
    mesh = session.brushing.mesh
    if mesh is None:
        raise RigError(tr("Click a part that bends first."))
    return mesh


def in_drawing(session: Session, at: complex) -> complex:
    """A board point at rest in the pixels of the drawing that is worked on."""
    back = inverse(board_from_drawing(session.puppet.parts[session.brushing.part].placement))
    return complex(back(at))


def require_covering(session: Session, before: Mesh, after: Mesh) -> None:
    """Refuse a mesh that leaves more of the drawing bare: where it bends, that would be cut off."""
    picture = picture_of(session, session.brushing.part)
    if bare_pixels(after, picture) > bare_pixels(before, picture) + FEW:
        raise RigError(
            tr("A piece of the drawing would lie beside the mesh and be cut off where it bends. Leave it a margin.")
        )


def add_point(session: Session, at: complex) -> None:
    """One more point of the mesh at a board point; it is picked."""
    mesh, part = mesh_worked_on(session), session.brushing.part
    made, new = added_point(mesh, in_drawing(session, at))
    session.edit(tr("Add a point to the mesh"), puppet=change(session.puppet, part, mesh=made))
    session.brushing.select([new])


def take_points_out(session: Session) -> None:
    """The mesh without the picked points."""
    mesh, brushing = mesh_worked_on(session), session.brushing
    points = brushing.vertices
    if not points:
        raise RigError(tr("Pick points of the mesh first: click one, or draw a box with Alt."))
    made = without_points(mesh, points)
    require_covering(session, mesh, made)
    name = tr("Delete {count} mesh points", count=len(points))
    session.edit(name, puppet=change(session.puppet, brushing.part, mesh=made))

"""Painting weights: a stroke of the brush over the part as it is seen, which sways meanwhile."""

import contextlib

import numpy as np
from numpy.typing import NDArray

from umbrite.desk.board.gestures.gesture import Feedback, Gesture, Pointer, finish
from umbrite.desk.session.session import Session
from umbrite.desk.theme.language import tr
from umbrite.motion.scene import mesh_places
from umbrite.rig.change import change
from umbrite.rig.edits.meshes.weight_edits import Stroke, dabbed, heir_of, with_weights
from umbrite.rig.mesh import weights_of
from umbrite.rig.mesh_arrays import Ints
from umbrite.rig.model import Mesh, Puppet
from umbrite.rig.quantities.barycentric import shares_in

STEP = 0.18  # of the radius from dab to dab


def paint(session: Session, press: Pointer) -> Gesture:
    """Give the chosen bone more or less of what lies under the brush. A stroke is one step; a pen presses harder or softer."""
    brushing = session.brushing
    start, part, bone = session.puppet, brushing.part, brushing.bone
    mesh = start.parts[part].mesh
    assert mesh is not None
    weights, triangles = weights_of(mesh), mesh.arrays.triangles
    stroke = _stroke(session, start, mesh)
    event, last = press, None
    while event.kind in {"press", "move"}:
        brush = brushing.brush
        if last is None or abs(event.at - last) > STEP * brush.radius:
            places = mesh_places(session.placed)[part]
            harder = stroke._replace(brush=brush._replace(strength=brush.strength * event.pressure))
            weights = dabbed(weights, places, event.at, harder, triangles)
            session.preview(puppet=change(start, part, mesh=with_weights(mesh, weights)))
            last = event.at
        event = yield Feedback(value_at(session, event.at), lit=(bone,))
    finish(session, event, tr("Paint weights of {name}", name=start.joints[bone].name))


def dab(session: Session, press: Pointer) -> None:
    """A click: one dab."""
    stroke = paint(session, press)
    next(stroke)
    with contextlib.suppress(StopIteration):
        stroke.send(press._replace(kind="release"))


def select_vertices(session: Session, press: complex) -> Gesture:
    """Pick the vertices in a box, for a number that is typed."""
    brushing, corner = session.brushing, press
    event = yield Feedback()
    while event.kind == "move":
        corner = event.at
        event = yield Feedback(box=(press, corner))
    if event.kind == "release":
        z = mesh_places(session.placed)[brushing.part]
        left, right = sorted((press.real, corner.real))
        top, low = sorted((press.imag, corner.imag))
        inside = (left <= z.real) & (z.real <= right) & (top <= z.imag) & (z.imag <= low)
        brushing.select(np.flatnonzero(inside).tolist())


def _stroke(session: Session, puppet: Puppet, mesh: Mesh) -> Stroke:
    """The brush with the places of its bones in the mesh; what carries the bone, or else what hangs from it, inherits."""
    brushing = session.brushing
    place = {key: i for i, key in enumerate(mesh.joints)}
    locked = [place[key] for key in brushing.locked if key in place]
    heir = heir_of(puppet, mesh, brushing.bone)
    return Stroke(brushing.brush, place[brushing.bone], locked, heir)


def value_at(session: Session, at: complex) -> str:
    """The weight of the chosen bone under a board point, in words; empty beside the part."""
    brushing = session.brushing
    mesh = brushing.mesh
    if mesh is None or brushing.bone not in mesh.joints:
        return ""
    places = mesh_places(session.placed).get(brushing.part)
    if places is None:
        return ""
    found = weight_under(places, mesh.arrays.triangles, weights_of(mesh)[:, mesh.joints.index(brushing.bone)], at)
    return "" if found is None else f"{found * 100:.0f} %"


def weight_under(
    places: NDArray[np.complex128], triangles: Ints, weights: NDArray[np.float64], at: complex
) -> float | None:
    """A weight of vertices, between them at a board point; None beside all triangles."""
    shares = shares_in(places, triangles, np.array([at]))
    hits = np.flatnonzero(shares.least[0] >= 0)
    if not hits.size:
        return None
    i = int(hits[-1])
    return float(shares.of(0, i) @ weights[triangles[i]])

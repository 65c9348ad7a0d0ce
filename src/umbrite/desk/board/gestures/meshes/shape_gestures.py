"""Reshaping: what lies under the pointer is pushed along, as a shape of its part that the pose, or the stop that is posed, has the whole of."""

import numpy as np

from umbrite.art.bending.bendy import mesh_for
from umbrite.desk.board.gestures.gesture import Feedback, Gesture, Pointer, distance_text, finish
from umbrite.desk.commands.bends.bending_commands import picture_of
from umbrite.desk.session.session import Session
from umbrite.desk.theme.language import tr
from umbrite.motion.bends.bending import bend_of, pushed_back
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.motion.scene import mesh_places
from umbrite.rig.affine import inverse
from umbrite.rig.channels import with_values
from umbrite.rig.edits.meshes.mesh_edits import set_mesh
from umbrite.rig.edits.responses.shapes import add_shape, points_of, set_moves
from umbrite.rig.model import Point, Pose, Puppet
from umbrite.rig.placement import board_from_drawing

REACH, MORE = 60.0, 2.5  # widget pixels about the pointer that go along, and how much farther with Shift
WHOLE = 1e-6  # an amount this near to 1 is the whole of a shape


def push(session: Session, part: str, pointer: Pointer) -> Gesture:
    """Push the art of a part; what lies farther goes less far. It stops before a triangle of the mesh turns over."""
    puppet, key, pose = _with_shape(session, part)
    placed = evaluate(compile_plan(puppet), pose)
    bend, mesh = bend_of(puppet, part), puppet.parts[part].mesh
    assert bend is not None
    assert mesh is not None
    places, moves = mesh_places(placed)[part], np.array([move.z for move in puppet.shapes[key].moves])
    away = np.abs(places - pointer.at)
    reach = REACH * (MORE if pointer.shift else 1.0) / pointer.zoom
    share = np.clip(1 - (away / reach) ** 2, 0.0, 1.0) ** 2
    if pointer.ctrl or not share.any():
        share = (np.arange(len(away)) == away.argmin()).astype(float)
    back = inverse(board_from_drawing(puppet.parts[part].placement))
    rest, triangles = mesh.arrays.vertices, mesh.arrays.triangles
    sense = np.sign(_areas(rest, triangles))
    kept = puppet
    event = yield Feedback()
    while event.kind in {"press", "move"}:
        by = pushed_back(
            placed, bend, np.asarray(share * (event.at - pointer.at), dtype=np.complex128), mesh.keeps_area
        )
        tried = moves + np.asarray(back.direction(by))
        if (_areas(rest + tried, triangles) * sense >= 0).all():
            kept = set_moves(puppet, key, points_of(tried))
        session.preview(puppet=kept, pose=pose)
        event = yield Feedback(readout=distance_text(event.at - pointer.at))
    finish(session, event, tr("Reshape {name}", name=puppet.parts[part].name))


def _areas(z: np.ndarray, triangles: np.ndarray) -> np.ndarray:
    a, b, c = z[triangles].T
    return np.asarray((np.conj(b - a) * (c - a)).imag)


def _with_shape(session: Session, part: str) -> tuple[Puppet, str, Pose]:
    """The puppet with a shape of the part of which the whole is there, and a pose that has it. A flat part gets a mesh for it."""
    puppet, pose = session.puppet, session.pose
    there = (key for key, shape in puppet.shapes.items() if shape.part == part)
    for key in there:
        own = abs(pose.get(f"{key}.amount", 0.0) - 1) <= WHOLE
        if own or (session.drafts.now.stop is not None and abs(session.placed.value(key, "amount") - 1) <= WHOLE):
            return puppet, key, pose
    owner = puppet.parts[part]
    if owner.mesh is None:
        puppet = set_mesh(puppet, part, mesh_for(puppet, part, picture_of(session, part), [owner.joint]))
    mesh = puppet.parts[part].mesh
    assert mesh is not None
    puppet, key = add_shape(puppet, part, [Point(0.0, 0.0)] * len(mesh.arrays.vertices))
    return puppet, key, with_values(pose, {f"{key}.amount": 1.0})

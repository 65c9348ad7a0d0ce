"""A head that turns: found on unnamed art, nothing moves at rest, the sides are mirrored, near and far change places."""

import math

import numpy as np
import pytest

from drawn_faces import EARS, EYES, HEAD, PIECES, PUPILS, drawn_face
from umbrite.art.faces.face_pieces import face_of
from umbrite.art.faces.head_turn import YAW, make_head_turn, turned
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.motion.scene import scene_of
from umbrite.rig.errors import RigError
from umbrite.rig.invariants import invariants


@pytest.fixture(scope="module")
def face():
    return found(drawn_face())


def found(package):
    puppet = package.document.puppet
    pictures = package.pixels()
    return puppet, face_of(puppet, [list(puppet.joints)[HEAD]], pictures)


def boxes(puppet, pad, across, up):
    """Where each part is, by its number, and the order in which they are drawn."""
    scene = scene_of(evaluate(compile_plan(puppet), {f"{pad}.value": across, f"{pad}.value_y": up}))
    parts = list(puppet.parts)
    return {parts.index(shape.part): shape.box for shape in scene}, [parts.index(shape.part) for shape in scene]


def middle(box):
    return (box.left + box.right) / 2


def test_pieces_are_known_by_where_they_lie(face):
    puppet, seen = face
    roles = {list(puppet.parts).index(piece.parts[0]): piece.role for piece in seen.pieces}
    assert roles == {0: "back", 1: "ear", 2: "ear", **dict.fromkeys(range(4, 10), "feature")}
    assert (seen.view, 0.5 < seen.sure < 1) == ("front", True)
    assert abs(seen.middle - (300 + 310j)) < 2
    named = drawn_face(
        names=(
            "Hair",
            "Ear left",
            "Ear right",
            "Head",
            "Eye left",
            "Eye right",
            "Pupil left",
            "Pupil right",
            "Nose",
            "Mouth",
        )
    )
    assert found(named)[1].sure > seen.sure


def test_rest_stays_and_the_sides_are_mirrored(face):
    puppet, seen = face
    made, pad = make_head_turn(puppet, seen)
    assert invariants(made) == []
    was, _ = boxes(puppet, "c0", 0.0, 0.0)
    now, order = boxes(made, pad, 0.0, 0.0)
    assert was == now
    assert order == list(range(len(PIECES)))
    for up in (-1.0, 0.0, 0.4, 1.0):
        right, left = (boxes(made, pad, way, up)[0] for way in (0.8, -0.8))
        for one, other in (EARS, EYES, PUPILS, (8, 8), (9, 9)):
            assert 600 - right[one].left == pytest.approx(left[other].right, abs=1.5)


def test_pieces_go_by_their_angle_and_get_narrower_by_its_cosine(face):
    puppet, seen = face
    made, pad = make_head_turn(puppet, seen)
    now, order = boxes(made, pad, 1.0, 0.0)
    near, far = (now[eye] for eye in EYES)
    angle = math.radians(YAW["front"])
    assert middle(now[8]) - 300 == pytest.approx(seen.half.real * math.sin(angle), rel=0.12)
    assert near.width > 1.25 * far.width
    assert order.index(EARS[0]) > order.index(HEAD) > order.index(EARS[1])
    for eye, pupil in zip(EYES, PUPILS, strict=True):
        assert now[eye].left < middle(now[pupil]) < now[eye].right
    up, _ = boxes(made, pad, 0.0, 1.0)
    assert up[9].top < PIECES[9][1] - 30
    piece = seen.pieces[3]
    still = turned(seen, piece, 0.0, 0.0)
    assert (still.middle, still.wide, still.tall) == (piece.middle, 1.0, 1.0)


def test_what_is_no_face_is_refused(face):
    puppet, _ = face
    pictures = {part.drawing.sha256: np.full((4, 4, 4), 255, np.uint8) for part in puppet.parts.values()}
    with pytest.raises(RigError, match="no head"):
        face_of(puppet, [], pictures)
    alone = drawn_face(PIECES[HEAD : HEAD + 1])
    with pytest.raises(RigError, match="Nothing lies on"):
        face_of(alone.document.puppet, alone.document.puppet.joints, alone.pixels())

"""A face that is set up at once: what its unnamed pieces are, and that each control does what it says."""

import pytest

from drawn_faces import EYES, HEAD, PIECES, PUPILS, drawn_face
from umbrite.art.faces.face_pieces import face_of
from umbrite.art.faces.face_set import ITEMS, features_of, items_for, make_face_set
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.motion.scene import scene_of
from umbrite.rig.invariants import invariants

BROWS = ((225, 240, 34, 8, (70, 50, 40)), (375, 240, 34, 8, (70, 50, 40)))


@pytest.fixture(scope="module")
def faced():
    package = drawn_face((*PIECES, *BROWS))
    puppet = package.document.puppet
    return puppet, face_of(puppet, [list(puppet.joints)[HEAD]], package.pixels())


def test_unnamed_pieces_are_told_by_how_they_lie(faced):
    puppet, face = faced
    parts, found = list(puppet.parts), features_of(puppet, face)
    assert tuple(parts.index(eye.parts[0]) for eye in found.eyes) == EYES
    assert tuple(parts.index(found.pupils[eye.parts[0]].parts[0]) for eye in found.eyes) == PUPILS
    assert [parts.index(brow.parts[0]) for brow in found.brows] == [10, 11]
    assert found.mouth is not None
    assert parts.index(found.mouth.parts[0]) == 9
    assert items_for(puppet, face) == ITEMS
    bare = face._replace(pieces=tuple(piece for piece in face.pieces if parts.index(piece.parts[0]) in (8, 9)))
    assert items_for(puppet, bare) == ("Head turn", "Mouth")


def test_each_control_does_what_it_says(faced):
    puppet, face = faced
    made, keys = make_face_set(puppet, face, ITEMS)
    assert invariants(made) == []
    names = {made.controls[key].name: key for key in keys}
    plan, parts = compile_plan(made), list(puppet.parts)

    def boxes(**values):
        pose = {f"{names[name]}.{what}": number for name, told in values.items() for what, number in told.items()}
        return {parts.index(shape.part): shape.box for shape in scene_of(evaluate(plan, pose))}

    rest = boxes()
    assert rest == {i: shape.box for i, shape in enumerate(scene_of(evaluate(compile_plan(puppet), {})))}
    shut = boxes(Lids={"value": 1.0})
    assert all(shut[i].height < 0.15 * rest[i].height for i in (*EYES, *PUPILS))
    assert boxes(Brows={"value": 1.0})[10].top < rest[10].top - 15
    for x, y in ((1.0, 0.0), (-1.0, 1.0), (0.6, -1.0), (0.3, 0.2)):
        looking = boxes(Gaze={"value": x, "value_y": y})
        for eye, pupil in zip(EYES, PUPILS, strict=True):
            for side in (looking[pupil].left - rest[eye].left, rest[eye].right - looking[pupil].right):
                assert side > -1
            assert (looking[pupil].left - rest[pupil].left) * x >= -2
    wide = boxes(Mouth={"value": 1.0, "value_y": 1.0})[9]
    assert wide.width > 1.2 * rest[9].width
    assert wide.height > 1.5 * rest[9].height


def test_lids_that_are_drawn_come_down_over_the_eyes():
    lids = ((225, 262, 34, 9, (240, 190, 150)), (375, 262, 34, 9, (240, 190, 150)))
    names = ["Hair", "Ear", "Ear", "Head", "Eye", "Eye", "Pupil", "Pupil", "Nose", "Mouth", "Eyelid", "Eyelid"]
    package = drawn_face((*PIECES, *lids), names)
    puppet = package.document.puppet
    face = face_of(puppet, [list(puppet.joints)[HEAD]], package.pixels())
    made, (key,) = make_face_set(puppet, face, ["Lids"])
    scene = scene_of(evaluate(compile_plan(made), {f"{key}.value": 1.0}))
    boxes = {list(puppet.parts).index(shape.part): shape.box for shape in scene}
    for eye, lid in zip(EYES, (10, 11), strict=True):
        assert boxes[lid].top <= boxes[eye].top + 1
        assert boxes[lid].bottom >= boxes[eye].bottom - 1

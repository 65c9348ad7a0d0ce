"""Parts that bend: as long, as wide and as large as at rest; nothing turned over; rest, mirrors and whole turns exact."""

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st
from msgspec.structs import replace

from motion.strips import PART, strip
from umbrite.motion.bends.bending import bend_of, bent
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.motion.scene import Bent, scene_of
from umbrite.rig.change import change
from umbrite.rig.edits.copying import copy_branches
from umbrite.rig.merging.rewiring import Transform
from umbrite.rig.model import point

TWO, EIGHT = strip(2), strip(8)
RIGHT = np.pi / 2
FINER = 3


def elbow(degrees):
    return TWO.posed({"j2.turn": np.radians(degrees)})


@settings(max_examples=40, deadline=None)
@given(st.lists(st.floats(-2.4, 2.4), min_size=8, max_size=8), st.floats(-300, 300))
def test_mirrored_puppets_bend_mirrored(turns, away):
    puppet, new = copy_branches(EIGHT.puppet, ["j1"], Transform(line=600.0))
    pose = {f"j{i + 1}.turn": turn for i, turn in enumerate(turns)} | {"j1.x": away}
    mirrored = {f"{new[name.split('.')[0]]}.{name.split('.')[1]}": -value for name, value in pose.items()}
    placed = evaluate(compile_plan(puppet), {**pose, **mirrored})
    bends = [bend_of(puppet, puppet.parts[key]) for key in (PART, new[PART])]
    one, other = (bent(placed, bend)[0] for bend in bends if bend is not None)
    assert np.abs((1200 - one.conjugate()) - other).max() < 1e-4


@settings(max_examples=60, deadline=None)
@given(
    st.dictionaries(
        st.sampled_from(
            [f"j{i}.{what}" for i in range(1, 9) for what in ("turn", "x", "y", "scale_x", "scale_y", "skew")]
        ),
        st.floats(-1e7, 1e7),
    )
)
def test_any_pose_gives_finite_places(pose):
    assert np.isfinite(EIGHT.posed(pose)).all()


def test_roots_without_a_common_bone_are_carried_by_what_carries_them():
    puppet = replace(
        TWO.puppet,
        joints={**TWO.puppet.joints, "j3": replace(TWO.puppet.joints["j1"], name="Over", tip=None, pivot=point(-50))},
    )
    for key in ("j1", "j2"):
        puppet = change(puppet, key, parent="j3")
    bend = bend_of(puppet, puppet.parts[PART])
    assert bend is not None
    assert bend.bones == ("j1", "j2", "j3")
    free = replace(puppet, joints={key: replace(each, parent=None) for key, each in puppet.joints.items()})
    alone = bend_of(free, free.parts[PART])
    assert alone is not None
    assert alone.bones[-1] is None
    for some in (puppet, free):
        placed = evaluate(compile_plan(some), {"j2.turn": RIGHT})
        assert np.isfinite(bent(placed, bend_of(some, some.parts[PART]))).all()
        assert (
            np.abs(bent(evaluate(compile_plan(some), {}), bend_of(some, some.parts[PART]))[0] - TWO.rest.ravel()).max()
            < 1e-4
        )


def test_a_point_of_the_board_tells_its_pixel_and_back():
    placed = evaluate(compile_plan(EIGHT.puppet), {"j3.turn": 0.6, "j5.turn": -0.9})
    (shape,) = scene_of(placed)
    assert isinstance(shape, Bent)
    random = np.random.default_rng(2)
    pixels = random.uniform(4, 496, 60) + 1j * random.uniform(4, 96, 60)
    for pixel, at in zip(pixels, shape.taken(pixels), strict=True):
        found, grow = shape.pixel_at(complex(at))
        assert found == pytest.approx(pixel, abs=1e-6)
        assert 0.3 < grow < 3
    ghost = shape.moved(placed.joint_map("j1")._replace(t=50 + 0j), 0.5)
    assert ghost.opacity == 0.5
    assert np.abs(ghost.vertices - shape.vertices - 50).max() < 1e-9
    assert len(shape.vertices) == len(shape.mesh.arrays.vertices)

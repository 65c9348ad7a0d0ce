"""Parts that bend: as long, as wide and as large as at rest; nothing turned over; rest, mirrors and whole turns exact."""

import cv2
import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from motion.strips import PART, areas, strip
from umbrite.motion.bends.bending import bend_of, bent
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.motion.scene import Bent, Flat, corners_of, scene_of
from umbrite.rig.change import change
from umbrite.rig.edits.copying import copy_branches
from umbrite.rig.merging.rewiring import Transform

TWO, EIGHT = strip(2), strip(8)
FINER = 3


def elbow(degrees):
    return TWO.posed({"j2.turn": np.radians(degrees)})


def length_of_the_middle(places):
    return float(np.abs(np.diff(places[:, places.shape[1] // 2])).sum())


@pytest.mark.parametrize(
    ("degrees", "width", "area"), [(90, 0.9, 0.05), (150, 0.75, 0.12), (-90, 0.9, 0.05), (-150, 0.75, 0.12)]
)
def test_an_elbow_keeps_its_width_and_area(degrees, width, area):
    places = elbow(degrees)
    seen = silhouette(places, TWO)
    middle = (places[50, 5] - places.real.min() - 1j * places.imag.min()) * FINER + (8 + 8j)
    depth = cv2.distanceTransform(seen, cv2.DIST_L2, cv2.DIST_MASK_PRECISE)
    assert 2 * depth[round(middle.imag), round(middle.real)] / FINER >= width * 100, "the disc that fits there"
    assert abs(places[50, 0] - places[50, -1]) == pytest.approx(100, abs=0.1), "straight across"
    assert areas(places, TWO.triangles).sum() == pytest.approx(500 * 100, rel=area)
    assert np.count_nonzero(seen) / FINER**2 == pytest.approx(500 * 100, rel=area)


def silhouette(places, of):
    """What the shape covers, each pixel once: an oracle that knows nothing of triangles turned over."""
    z = (places - places.real.min() - 1j * places.imag.min()).ravel() * FINER + (8 + 8j)
    picture = np.zeros((int(z.imag.max()) + 16, int(z.real.max()) + 16), np.uint8)
    for triangle in z[of.triangles]:
        corners = np.round(np.stack([triangle.real, triangle.imag], -1) * 16).astype(np.int32)
        cv2.fillConvexPoly(picture, corners, 255, cv2.LINE_8, 4)
    return picture


@pytest.mark.parametrize("degrees", [30, 60, 90, 120, -60, -120])
def test_no_triangle_turns_over(degrees):
    assert areas(elbow(degrees), TWO.triangles).min() > 0


@pytest.mark.parametrize("degrees", [30, 60, 90, 120])
def test_the_middle_line_keeps_its_length(degrees):
    assert length_of_the_middle(elbow(degrees)) == pytest.approx(500, rel=0.02)


def test_at_rest_a_part_is_flat_and_moved_as_a_whole_it_stays_so():
    for pose in ({}, {"j1.turn": 0.7, "j1.x": 30.0}, {"j1.scale_x": 0.4, "j1.scale_y": 0.4}):
        plan = compile_plan(EIGHT.puppet)
        (shape,) = scene_of(evaluate(plan, pose))
        stiff = change(EIGHT.puppet, PART, mesh=None)
        (other,) = scene_of(evaluate(compile_plan(stiff), pose))
        assert isinstance(shape, Flat)
        assert shape == other
    (shape,) = scene_of(evaluate(plan, {"j4.turn": 0.2}))
    assert isinstance(shape, Bent)


@settings(max_examples=40, deadline=None)
@given(st.lists(st.floats(-2.4, 2.4), min_size=8, max_size=8), st.floats(-300, 300))
def test_mirrored_puppets_bend_mirrored(turns, away):
    puppet, new = copy_branches(EIGHT.puppet, ["j1"], Transform(line=600.0))
    pose = {f"j{i + 1}.turn": turn for i, turn in enumerate(turns)} | {"j1.x": away}
    mirrored = {f"{new[name.split('.')[0]]}.{name.split('.')[1]}": -value for name, value in pose.items()}
    placed = evaluate(compile_plan(puppet), {**pose, **mirrored})
    bends = [bend_of(puppet, key) for key in (PART, new[PART])]
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


def test_many_frames_are_as_one():
    random = np.random.default_rng(5)
    channels = {f"j{i}.turn": random.uniform(-1, 1, 40) for i in range(1, 9)}
    plan = compile_plan(EIGHT.puppet)
    bend = bend_of(EIGHT.puppet, PART)
    assert bend is not None
    together = bent(evaluate(plan, channels), bend)
    for i in range(40):
        alone = bent(evaluate(plan, {name: float(values[i]) for name, values in channels.items()}), bend)[0]
        assert np.abs(together[i] - alone).max() < 1e-4
    corners = corners_of(evaluate(plan, channels))[:, 0]
    assert np.allclose(corners.real.max(axis=1), together.real.max(axis=1), atol=1e-4)


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

"""Responses: nothing at rest, at a stop exactly what was posed there, between stops no farther than they, one frame as a thousand."""

from functools import cache

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st
from msgspec.structs import replace
from strips import PART, strip

from demo_puppet import joint, varied_wick, wick
from umbrite.motion.driving.plane_weights import plane_of, weights_at
from umbrite.motion.driving.responses import given as given_at
from umbrite.motion.driving.responses import ready
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.motion.posing import move_joint_to
from umbrite.motion.scene import mesh_places, scene_of
from umbrite.rig.channels import with_values
from umbrite.rig.edits.controls import make_control
from umbrite.rig.edits.copying import copy_branches
from umbrite.rig.edits.meshes.mesh_edits import set_mesh
from umbrite.rig.edits.meshes.mesh_points import added_point
from umbrite.rig.edits.responses.shapes import add_shape, points_of
from umbrite.rig.edits.responses.stops import add_response, put_stop
from umbrite.rig.errors import RigError
from umbrite.rig.invariants import invariants
from umbrite.rig.merging.rewiring import Transform
from umbrite.rig.model import Point

WICK = wick()
HEAD, CAP, HAND, FOREARM = (joint(WICK, name) for name in ("Head", "Cap", "Near hand", "Near forearm"))
ARM = next(limb for limb in WICK.limbs.values() if limb.name == "Near arm")
POSED = {f"{HEAD}.turn": 0.2, f"{HEAD}.x": 12.0, f"{CAP}.scale_x": -0.3, f"{CAP}.skew": 0.2, f"{ARM.target}.y": -80.0}


@cache
def rig(kind="pad", *, smooth=False):
    puppet, control = make_control(WICK, kind, HEAD)
    puppet, key = add_response(puppet, f"{control}.value")
    for at, much in (
        (Point(0.5, 0), 0.4),
        (Point(1, 0), 1.0),
        (Point(-1, 0), -0.5),
        *[(Point(0, 1), 2.0)] * (kind == "pad"),
    ):
        puppet = put_stop(puppet, key, at, {name: value * much for name, value in POSED.items()})
    response = puppet.responses[key]
    changed = {**puppet.responses, key: replace(response, smooth=smooth)}
    return replace(puppet, responses=changed, links=WICK.links), control, key


def far(one, other):
    return max(float(np.abs(a - b).max()) for a, b in zip(one.part_maps(), other.part_maps(), strict=True))


@pytest.mark.parametrize("smooth", [False, True])
@pytest.mark.parametrize("kind", ["slider", "pad"])
def test_rest_is_rest_and_a_stop_is_what_was_posed(kind, smooth):
    puppet, control, key = rig(kind, smooth=smooth)
    plan, bare = compile_plan(puppet), compile_plan(WICK)
    assert far(evaluate(plan, {}), evaluate(bare, {})) == 0
    for stop in puppet.responses[key].stops:
        pose = {f"{control}.value": stop.at.x, f"{control}.value_y": stop.at.y}
        assert far(evaluate(plan, pose), evaluate(bare, stop.channels)) < 1e-9
    beyond = {f"{control}.value": 7.0}
    assert far(evaluate(plan, beyond), evaluate(bare, POSED)) < 1e-9


@settings(max_examples=60)
@given(st.lists(st.floats(-1.5, 1.5), min_size=24, max_size=24), st.sampled_from(["slider", "pad"]), st.booleans())
def test_one_frame_is_what_many_are_and_none_goes_beyond_the_stops(numbers, kind, smooth):
    puppet, control, key = rig(kind, smooth=smooth)
    plan = compile_plan(puppet)
    poses = [
        {f"{control}.value": x, f"{control}.value_y": y, f"{HEAD}.turn": x}
        for x, y in zip(numbers[::2], numbers[1::2], strict=True)
    ]
    many = evaluate(plan, {name: np.array([pose[name] for pose in poses]) for name in poses[0]})
    for i, pose in enumerate(poses):
        assert far(evaluate(plan, pose), many.at_frame(i)) < 1e-6
    found = ready(puppet, puppet.responses[key])
    added = given_at(found, [np.array(numbers[::2]), np.array(numbers[1::2])])
    assert (added >= found.gains.min(axis=0) - 1e-12).all()
    assert (added <= found.gains.max(axis=0) + 1e-12).all()


@pytest.mark.parametrize("layouts", [1500, pytest.param(10_000, marks=pytest.mark.long)])
def test_weights_between_places_of_a_plane(layouts):
    """Over many layouts, evenly spaced ones among them: own place one, others nought, together one, never below nought, planes are planes."""
    random = np.random.default_rng(3)
    for number in range(layouts):
        count = int(random.integers(2, 10))
        if number % 3:
            places = random.uniform(-1, 1, count) + 1j * random.uniform(-1, 1, count)
        else:  # corners of squares, all on circles, and rows
            places = np.unique(random.integers(-1, 2, count) + 1j * random.integers(-1, 2, count)).astype(complex)
        plane = plane_of(places)
        asked = np.concatenate([places, random.uniform(-1.3, 1.3, 6) + 1j * random.uniform(-1.3, 1.3, 6)])
        weights = weights_at(plane, asked)
        assert np.abs(weights[: len(places)] - np.eye(len(places))).max() < 1e-12
        assert np.abs(weights.sum(axis=1) - 1).max() < 1e-12
        assert weights.min() >= 0
        inner = random.dirichlet(np.ones(len(places)), 4) @ places
        assert np.abs(weights_at(plane, inner) @ places - inner).max() < 1e-9


def test_a_driven_hand_is_dragged_under_the_pointer():
    puppet, control, _ = rig()
    plan, pose = compile_plan(puppet), {f"{control}.value": 0.7, f"{control}.value_y": 0.2}
    to = evaluate(plan, pose).pivot(ARM.target) + 40 - 25j
    moved = move_joint_to(evaluate(plan, pose), pose, ARM.target, to)
    assert abs(evaluate(plan, moved).pivot(ARM.target) - to) < 1e-6


def test_what_steps_does_so_half_way():
    puppet, slider = make_control(WICK, "slider", HEAD)
    puppet, key = add_response(puppet, f"{slider}.value")
    part = next(key for key, part in puppet.parts.items() if part.joint == CAP)
    puppet = put_stop(puppet, key, Point(1, 0), {f"{part}.depth": 3.0})
    plan = compile_plan(puppet)
    for value, depth in ((0.49, 0.0), (0.51, 3.0), (1.4, 3.0), (-1.0, 0.0)):
        assert evaluate(plan, {f"{slider}.value": value}).value(part, "depth") == depth


def test_an_elbow_calls_forth_by_the_turn_that_its_limb_gives_it():
    puppet, key = add_response(WICK, f"{FOREARM}.turn")
    pose = {f"{ARM.target}.x": 40.0, f"{ARM.target}.y": -90.0}
    turn = evaluate(compile_plan(WICK), pose).turn(FOREARM)
    puppet = put_stop(puppet, key, Point(turn, 0), {f"{HEAD}.turn": 0.5})
    assert evaluate(compile_plan(puppet), pose).turn(HEAD) == pytest.approx(0.5, abs=1e-9)
    with pytest.raises(RigError, match="circle|itself"):
        put_stop(puppet, key, Point(1, 0), {f"{ARM.target}.x": 5.0})
    with pytest.raises(RigError, match="as it is drawn"):
        put_stop(puppet, key, Point(0, 0), {f"{HEAD}.turn": 0.5})


@pytest.fixture
def formed():
    """A strip over two bones with a shape."""
    made = strip(2, along=21, across=5)
    moves = points_of(0.02 * made.rest.ravel().real * (1 + 2j))
    puppet, key = add_shape(made.puppet, PART, moves)
    return puppet, key, np.array([move.z for move in moves])


def test_a_shape_is_laid_on_before_its_bones_carry_it(formed):
    puppet, key, moves = formed
    plan, rest = compile_plan(puppet), puppet.parts[PART].mesh.arrays.vertices
    half = mesh_places(evaluate(plan, {f"{key}.amount": 0.5}))[PART]
    assert np.abs(half - (rest + 0.5 * moves)).max() < 1e-4
    turned = mesh_places(evaluate(plan, {f"{key}.amount": 1.0, "j1.turn": 0.5}))[PART]
    pivot = puppet.joints["j1"].pivot.z
    assert np.abs(turned - (pivot + np.exp(0.5j) * (rest + moves - pivot))).max() < 1e-3
    shapes = [scene_of(evaluate(plan, {f"{key}.amount": much}))[0] for much in (0.0, 1.0)]
    assert [hasattr(shape, "places") for shape in shapes] == [False, True]


def test_a_shape_survives_more_points_copies_and_the_mirror(formed):
    puppet, key, moves = formed
    mesh = puppet.parts[PART].mesh
    more = set_mesh(puppet, PART, added_point(mesh, 130 + 37j)[0])
    assert np.abs(np.array([m.z for m in more.shapes[key].moves[:-1]]) - moves).max() == 0
    assert more.shapes[key].moves[-1].z == pytest.approx(0.02 * 130 * (1 + 2j), abs=1e-6)
    assert set_mesh(more, PART, None).shapes == {}
    puppet, response = add_response(puppet, "j2.turn")
    puppet = put_stop(puppet, response, Point(1.2, 0), {f"{key}.amount": 1.0})
    copied, new = copy_branches(puppet, ["j1"], Transform(line=600.0))
    assert invariants(copied) == []
    posed = evaluate(compile_plan(copied), with_values({}, {"j2.turn": 0.9, f"{new['j2']}.turn": -0.9}))
    one, other = (mesh_places(posed)[name] for name in (PART, new[PART]))
    assert np.abs(other - (1200 - np.conj(one))).max() < 1e-3


def test_a_set_calls_forth_at_the_very_variant_and_at_no_other():
    puppet = varied_wick()
    key, one = next((key, one) for key, one in puppet.sets.items() if one.name == "Eyes")
    numbers = [variant.number for variant in one.variants]
    puppet, response = add_response(puppet, f"{key}.shows")
    puppet = put_stop(puppet, response, Point(float(numbers[2]), 0), {f"{CAP}.y": -20.0})
    plan = compile_plan(puppet)
    for number in (0.0, *map(float, numbers)):
        lifted = -20.0 if number == numbers[2] else 0.0
        assert evaluate(plan, {f"{key}.shows": number}).value(CAP, "y") == lifted
        assert evaluate(plan, {f"{key}.shows": np.array([number, 0.0])}).value(CAP, "y") == lifted

"""The evaluator: against a plain slow one, over many frames, and whatever finite numbers come."""

import itertools

import numpy as np
import pytest
from hypothesis import assume, given, settings
from hypothesis import strategies as st

from demo_puppet import ASSETS
from motion import oracle
from strategies import EDITS, UNLINKED, chains, poses, puppets
from umbrite.files.package import load
from umbrite.motion.evaluate import evaluate, frames_of
from umbrite.motion.plan import compile_plan
from umbrite.rig.change import change
from umbrite.rig.edits.limbs import make_limb
from umbrite.rig.edits.limits import set_limit
from umbrite.rig.edits.parenting import set_parent
from umbrite.rig.edits.parts import add_part
from umbrite.rig.edits.pivots import move_pivot
from umbrite.rig.errors import RigError
from umbrite.rig.model import Drawing, Placement, Puppet
from umbrite.rig.quantities.angles import wrapped

small = st.floats(-1.2, 1.2)


def matrix(placed, key, frame=0):
    m = placed.joint_map(key, frame)
    columns = [m.direction(1 + 0j), m.direction(1j), m.t]
    return np.array([[c.real for c in columns], [c.imag for c in columns], [0, 0, 1.0]])


def gentle(draw, puppet):
    """Turns and moves as people make them, with even scales, for the oracle's simpler rules."""
    pose = {}
    for key in puppet.joints:
        pose[f"{key}.turn"] = draw(small)
        pose[f"{key}.x"] = draw(st.floats(-200, 200))
        scale = draw(st.floats(-0.4, 0.6))
        pose |= {f"{key}.scale_x": scale, f"{key}.scale_y": scale}
    return pose


@given(puppets(UNLINKED), st.data())
@settings(max_examples=80)
def test_joints_without_limbs_stand_where_matrices_put_them(puppet, data):
    assume(not puppet.limbs)
    pose = data.draw(poses(puppet, st.floats(-3, 3)))
    placed = evaluate(compile_plan(puppet), pose)
    for key in puppet.joints:
        assert np.allclose(matrix(placed, key), oracle.place(puppet, pose, key), atol=1e-6)


@given(chains(), st.data())
@settings(max_examples=settings().max_examples // 15)  # each is a search of its own
def test_limbs_reach_as_near_as_a_search_does(puppet, data):
    keys = list(puppet.joints)
    pivots = [puppet.joints[key].pivot.z for key in keys]
    assume(min(abs(b - a) for a, b in itertools.pairwise(pivots)) > 5)
    puppet, limb_key = make_limb(puppet, keys[0], keys[2])
    puppet = change(puppet, limb_key, soften=0.0)  # the search knows nothing of it
    for key in keys[:2]:
        if data.draw(st.booleans()):
            puppet = set_limit(puppet, key, -data.draw(st.floats(0, 3)), data.draw(st.floats(0, 3)))
    pose = gentle(data.draw, puppet)
    placed = evaluate(compile_plan(puppet), pose)
    limb = puppet.limbs[limb_key]
    searched = oracle.place(puppet, pose, limb.joints[1])
    tip = puppet.joints[keys[2]].pivot.z
    goal = oracle.at(oracle.place(puppet, pose, limb.target), puppet.joints[limb.target].pivot.z)
    length = sum(abs(b - a) for a, b in itertools.pairwise(pivots))
    assert placed.limbs.distance[0, 0] <= abs(oracle.at(searched, tip) - goal) + 0.0005 * length + 1e-6


@given(puppets(EDITS), st.data())
def test_any_finite_pose_gives_finite_places_within_limits(puppet, data):
    pose = data.draw(poses(puppet, st.floats(allow_nan=False, allow_infinity=False)))
    placed = evaluate(compile_plan(puppet), pose)
    assert all(np.isfinite(field).all() for field in placed.maps)
    assert np.isfinite(placed.limbs.distance).all()
    for key, joint in puppet.joints.items():
        if joint.limit is not None:
            assert joint.limit.smallest - 1e-9 <= placed.turn(key) <= joint.limit.largest + 1e-9


@given(puppets(EDITS), st.data())
def test_scales_of_nothing_and_mirrors_give_finite_places(puppet, data):
    odd = st.sampled_from([-3.0, -2.0, -1.0, -1.0 + 1e-13, 0.0, 1e-300, 1e9])  # a scale channel of -1 is a scale of 0
    pose = {f"{key}.{axis}": data.draw(odd) for key in puppet.joints for axis in ("scale_x", "scale_y", "skew")}
    placed = evaluate(compile_plan(puppet), {**pose, **data.draw(poses(puppet, st.floats(-9, 9)))})
    assert all(np.isfinite(field).all() for field in placed.maps)
    assert np.isfinite(placed.limbs.distance).all()


@given(puppets(EDITS), st.data())
def test_a_pose_alone_and_among_others_is_the_same(puppet, data):
    some = [data.draw(poses(puppet, st.floats(-50, 50))) for _ in range(3)]
    names = sorted({name for pose in some for name in pose})
    plan = compile_plan(puppet)
    together = evaluate(plan, {name: np.array([pose.get(name, 0.0) for pose in some]) for name in names})
    again = evaluate(plan, {name: np.array([pose.get(name, 0.0) for pose in some]) for name in names})
    assert all((a == b).all() for a, b in zip(together.maps, again.maps, strict=True))
    if not names:
        return
    assert together.frames == 3
    for frame, pose in enumerate(some):
        alone = evaluate(plan, pose)
        for one, many in zip(alone.maps, together.maps, strict=True):
            scale = max(1.0, float(np.abs(one).max()))
            assert np.abs(one[0] - many[frame]).max() <= 1e-6 * scale  # at full reach the root of rounding
        cut = together.at_frame(frame)  # whole: nothing of it belongs to another frame
        for field in ("turns", "lengthened", "shown", "there", "choices"):
            assert np.allclose(getattr(cut, field), getattr(alone, field), atol=1e-6), field
        assert all(np.allclose(cut.channels[what], values) for what, values in alone.channels.items())
        assert [cut.chosen(key) for key in puppet.sets] == [alone.chosen(key) for key in puppet.sets]


@given(puppets())
def test_at_rest_nothing_has_moved(puppet):
    placed = evaluate(compile_plan(puppet), {})
    for key in puppet.joints:
        assert placed.pivot(key) == puppet.joints[key].pivot.z
    assert (placed.limbs.distance == 0).all()


def test_feet_stay_and_keep_their_angle_while_the_body_moves():
    from demo_puppet import joint, wick

    puppet = wick()
    plan = compile_plan(puppet)
    foot, shin, body = (joint(puppet, name) for name in ("Near foot", "Near shin", "Body"))
    rest = evaluate(plan, {})
    down = evaluate(plan, {f"{body}.x": 30.0, f"{body}.y": 60.0})
    assert abs(down.pivot(foot) - rest.pivot(foot)) < 1e-6
    assert np.angle(down.joint_map(foot).a) == pytest.approx(0.0, abs=1e-9)
    assert abs(down.turn(shin)) > 0.2


def test_poses_of_different_lengths_and_values_that_are_no_numbers_are_refused():
    plan = compile_plan(Puppet())
    with pytest.raises(ValueError, match="different lengths"):
        frames_of({"j1.x": np.zeros(2), "j2.x": np.zeros(3)})
    with pytest.raises(ValueError, match=r"j1\.x of the pose is not finite"):
        evaluate(plan, {"j1.x": float("nan")})
    assert evaluate(plan, {"j1.x": np.zeros(5)}).frames == 5


def test_a_circle_in_a_damaged_puppet_is_refused_by_the_plan():
    from demo_puppet import joint, wick

    puppet = wick()
    limb = next(iter(puppet.limbs.values()))
    with pytest.raises(RigError, match="wait for itself"):
        compile_plan(change(puppet, limb.target, parent=joint(puppet, "Lamp pole")))


def smooth_paths(count, steps, size):
    """Random smooth closed curves around the origin, complex, shape (count, steps)."""
    random = np.random.default_rng(8)
    time = np.linspace(0, 2 * np.pi, steps)
    waves = np.exp(1j * np.arange(-3, 4)[:, None] * time)
    weights = random.normal(size=(count, 7)) + 1j * random.normal(size=(count, 7))
    paths = weights @ waves
    return paths / np.abs(paths).max(axis=1, keepdims=True) * size


def test_along_a_thousand_smooth_paths_no_joint_jumps_and_no_side_flips():
    """Through the reach limit and near the root: a step of s px, at r px from the root, turns no joint by more than
    a bound that follows from the lengths and the soften zone. (At the root itself the direction is not defined.)
    """
    puppet = Puppet()
    for name, at in (("Upper", 0j), ("Lower", 110 + 120j), ("End", 210 + 240j)):
        above = list(puppet.joints)[-1:]
        puppet, _ = add_part(puppet, name, Drawing("0" * 64, 9, 9), Placement(0, 0))
        puppet = move_pivot(puppet, list(puppet.joints)[-1], at)
        puppet = set_parent(puppet, list(puppet.joints)[-1:], *above) if above else puppet
    keys = list(puppet.joints)
    puppet, key = make_limb(puppet, keys[0], keys[2])
    limb = puppet.limbs[key]
    plan = compile_plan(puppet)
    length, rest = sum(abs(b - a) for a, b in ((0, 110 + 120j), (110 + 120j, 210 + 240j))), 210 + 240j
    steps = 1500
    paths = smooth_paths(1000, steps, 1.25 * length)
    turns, bends = [], []
    for some in np.split(paths, 10):
        goal = (some - rest).ravel()
        placed = evaluate(plan, {f"{limb.target}.x": goal.real, f"{limb.target}.y": goal.imag})
        turns.append(placed.turns[:, [plan.place[k] for k in limb.joints]].reshape(100, steps, 2))
        bends.append(placed.limbs.bend)
    step = np.abs(np.diff(paths, axis=1))
    near = np.minimum(np.abs(paths[:, 1:]), np.abs(paths[:, :-1]))
    change_of = np.abs(np.diff(np.concatenate(turns), axis=1))
    change_of = np.minimum(change_of, 2 * np.pi - change_of)
    clear = near > 25  # px from the root
    assert clear.mean() > 0.9
    # The middle turns fastest at the inner end of the soften zone; the root adds the direction's own turning.
    bound = 0.30 * step + 1e-9
    assert (change_of[..., 1][clear] <= bound[clear]).all()
    assert (change_of[..., 0][clear] <= (bound + 2.0 * step / near)[clear]).all()
    assert (np.concatenate(bends) == limb.bend).all()


def same_in_one_frame_as_among_many(plan, pose):
    """One frame, in plain numbers where it can be, and the same frame among two."""
    alone = evaluate(plan, pose)
    many = evaluate(plan, {"": np.zeros(2), **{name: np.array([value, 0.0]) for name, value in pose.items()}}).at_frame(
        0
    )
    size = 1e-7 * max(1.0, float(np.abs(many.maps.t).max()), float(np.abs(many.maps.a).max()) * 1e3)
    for one, other in zip(alone.maps, many.maps, strict=True):
        assert np.abs(one - other).max() <= size
    assert np.abs(wrapped(alone.turns - many.turns)).max(initial=0) <= 1e-6
    assert np.abs(alone.limbs.distance - many.limbs.distance).max(initial=0) <= size * 10
    assert (alone.shown == many.shown).all()
    assert (alone.there == many.there).all()
    assert alone.linked.keys() == many.linked.keys()
    for what, values in alone.channels.items():
        assert np.abs(values - many.channels[what]).max(initial=0) <= size


@pytest.mark.parametrize("name", ["wick", "bramble", "inkpot", "tansy", "wick-and-cart"])
def test_a_demo_in_one_frame_is_what_it_is_among_many(name):
    puppet = load(ASSETS / f"{name}.umbrite").puppet
    plan, rng = compile_plan(puppet), np.random.default_rng(4)
    for _ in range(12):
        pose = {f"{limb.target}.{what}": rng.uniform(-150, 150) for limb in puppet.limbs.values() for what in "xy"}
        pose |= {f"{key}.turn": rng.uniform(-1.5, 1.5) for key in rng.choice(list(puppet.joints), 8)}
        pose |= {f"{key}.blend": rng.choice([0.0, 0.4, 1.0]) for key in puppet.limbs}
        pose |= {f"{key}.bend": rng.choice([0.0, 0.3, 1.0]) for key in puppet.limbs}
        pose |= {f"{key}.hold": float(rng.integers(0, 4)) for key in puppet.limbs}
        pose |= {f"{key}.value": rng.uniform(-1, 1) for key in puppet.controls}
        if rng.random() < 0.5:
            key = str(rng.choice(list(puppet.joints)))
            pose |= dict.fromkeys((f"{key}.scale_x", f"{key}.scale_y"), rng.uniform(-1.6, 0.8))
        same_in_one_frame_as_among_many(plan, {name: float(value) for name, value in pose.items()})

"""Long limbs along smooth paths of their targets, many frames beside one, and mirrored; and what two joints share of it."""

import math

import numpy as np
import pytest
from msgspec.structs import replace

from chains import LIMB, TARGET, chain
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.rig.change import change
from umbrite.rig.model import Limit, point

STEP = 1.25


def drawn(random, joints, limit, bend=0):
    lengths = random.uniform(40, 120, joints) * np.exp(1j * np.cumsum(random.uniform(-0.3, 0.3, joints)))
    points = [complex(z) for z in np.cumsum([400 + 300j, *lengths])]
    curl = np.angle(lengths[1:] * np.conj(lengths[:-1])).sum()
    if curl * bend < 0:  # what is drawn decides
        points = [2 * points[0].real - z.conjugate() for z in points]
    return chain(points, bend or (1 if curl >= 0 else -1), limit, 0.0065)


def path(random, puppet, steps, reach):
    """Board points along a smooth curve about the root, out of reach too, each a step from the one before."""
    root, tip = puppet.joints["j1"].pivot.z, puppet.joints[TARGET].pivot.z
    length = sum(abs(b - a) for a, b in zip(bones(puppet), bones(puppet)[1:], strict=False))
    order, u = np.arange(1, 7), np.linspace(0, 2 * np.pi, 20_001)
    waves = [
        (random.normal(size=6) / order**0.7) @ np.sin(order[:, None] * u + random.uniform(0, 6, (6, 1)))
        for _ in range(2)
    ]
    z = waves[0] + 1j * waves[1]
    z *= reach * length / np.abs(z).max() * (tip - root) / abs(tip - root)
    way = np.concatenate([[0], np.cumsum(np.abs(np.diff(z)))])
    at = np.arange(steps) * STEP
    at = at[at < way[-1]]
    return root + np.interp(at, way, z.real) + 1j * np.interp(at, way, z.imag)


def bones(puppet):
    limb = puppet.limbs[LIMB]
    return [*(puppet.joints[key].pivot.z for key in limb.joints), puppet.joints[TARGET].pivot.z]


def along(puppet, targets):
    away = targets - puppet.joints[TARGET].pivot.z
    return evaluate(compile_plan(puppet), {f"{TARGET}.x": away.real, f"{TARGET}.y": away.imag})


def places(placed):
    """Joints and tip on the board, (frames, joints + 1)."""
    limb = placed.plan.puppet.limbs[LIMB]
    found = []
    for key in limb.joints:
        i = placed.plan.place[key]
        found.append(
            placed.maps.a[:, i] * placed.plan.pivot[i]
            + placed.maps.b[:, i] * np.conj(placed.plan.pivot[i])
            + placed.maps.t[:, i]
        )
    tip = placed.plan.puppet.joints[TARGET].pivot.z
    found.append(placed.maps.a[:, i] * tip + placed.maps.b[:, i] * np.conj(tip) + placed.maps.t[:, i])
    return np.stack(found, axis=1)


def pops(puppet, targets, sector, nearest):
    """Steps at which a joint goes more than five times as far as the target and 2 px; all steps looked at; the longest."""
    root, tip = puppet.joints["j1"].pivot.z, puppet.joints[TARGET].pivot.z
    length = sum(abs(b - a) for a, b in zip(bones(puppet), bones(puppet)[1:], strict=False))
    to = (targets - root) / (tip - root) * abs(tip - root)
    inside = (np.abs(np.angle(to)) < sector) & (np.abs(to) > nearest * length)
    looked = inside[1:] & inside[:-1]
    moved = np.abs(np.diff(places(along(puppet, targets)), axis=0)).max(axis=1)
    over = (moved > 5 * np.abs(np.diff(targets)) + 2) & looked
    return int(over.sum()), int(looked.sum()), float(moved[looked].max(initial=0.0))


@pytest.mark.parametrize(
    ("joints", "limit", "sector", "nearest", "allowed"),
    [
        # Free to turn: nothing pops but close to the root, where every limb swings round.
        (5, None, math.pi, 0.15, 0.0005),
        (8, None, math.pi, 0.15, 0.0005),
        # Within limits: the seams are behind, and where the limits end the way to the side.
        (5, 1.2, math.radians(50), 0.6, 0.001),
        (8, 1.2, math.radians(75), 0.4, 0.0015),
    ],
)
def test_no_joint_pops_while_the_target_moves_smoothly(joints, limit, sector, nearest, allowed):
    random = np.random.default_rng(1000 + joints)
    bad = steps = 0
    for _ in range(10):
        puppet = drawn(random, joints, limit)
        some, looked, _ = pops(puppet, path(random, puppet, 700, 1.2), sector, nearest)
        bad, steps = bad + some, steps + looked
    print(f"{joints} joints, limit {limit}: {bad} of {steps} steps")
    assert steps > 400
    assert bad <= allowed * steps


@pytest.mark.parametrize("joints", [1, 2, 3, 5, 8])
@pytest.mark.parametrize("limit", [None, 1.2, 0.4])
def test_many_frames_and_one_are_the_same(joints, limit):
    random = np.random.default_rng(7 + joints)
    puppet = drawn(random, joints, limit)
    targets = path(random, puppet, 27, 1.4)
    targets[::9] = puppet.joints["j1"].pivot.z  # exactly on the root
    targets[1::9] = 2 * puppet.joints["j1"].pivot.z - puppet.joints[TARGET].pivot.z  # straight behind
    together = places(along(puppet, targets))
    for i, target in enumerate(targets):
        alone = places(along(puppet, np.array([target])))
        assert np.abs(alone[0] - together[i]).max() < 1e-6, i


def mirrored(puppet):
    joints = {
        key: replace(
            joint,
            pivot=point(-joint.pivot.z.conjugate()),
            limit=joint.limit and Limit(-joint.limit.largest, -joint.limit.smallest),
        )
        for key, joint in puppet.joints.items()
    }
    limb = puppet.limbs[LIMB]
    assert limb.tip is not None
    limb = replace(limb, bend=-limb.bend, tip=point(-limb.tip.z.conjugate()))
    return replace(puppet, joints=joints, limbs={LIMB: limb})


@pytest.mark.parametrize("joints", [2, 3, 5, 9])
@pytest.mark.parametrize("limit", [None, 1.2, (-0.3, 1.4)])
def test_a_mirrored_limb_in_a_mirrored_pose_is_the_mirrored_picture(joints, limit):
    random = np.random.default_rng(40 + joints)
    for _ in range(2):
        puppet = drawn(random, joints, 1.2 if limit is not None else None)
        if isinstance(limit, tuple):
            for key in puppet.limbs[LIMB].joints:
                puppet = change(puppet, key, limit=Limit(*limit))
        other = mirrored(puppet)
        targets = path(random, puppet, 80, 1.3)
        here, there = places(along(puppet, targets)), places(along(other, -np.conj(targets)))
        assert np.abs(here + np.conj(there)).max() < 1e-6


def test_uneven_upper_joints_come_as_near_as_a_search_finds():
    random = np.random.default_rng(77)
    for _ in range(10):
        limit = float(random.uniform(0.5, 2.5))
        puppet = chain([0j, complex(*random.uniform(60, 140, 2)), complex(*random.uniform(-150, 250, 2))], 1, limit)
        curl = np.angle((bones(puppet)[2] - bones(puppet)[1]) * np.conj(bones(puppet)[1]))
        puppet = change(puppet, LIMB, bend=1 if curl > 0 else -1)
        goal = complex(*random.uniform(-200, 200, 2))
        pose = {"j1.scale_x": random.uniform(-0.6, 0.8), "j1.skew": random.uniform(-0.6, 0.6)}
        away = goal - puppet.joints[TARGET].pivot.z
        placed = evaluate(compile_plan(puppet), {**pose, f"{TARGET}.x": away.real, f"{TARGET}.y": away.imag})
        grid = np.linspace(-limit, limit, 91)
        turns = [x.ravel() for x in np.meshgrid(grid, grid, indexing="ij")]
        every = evaluate(compile_plan(puppet), {
            **{name: np.full(turns[0].shape, number) for name, number in pose.items()},
            "j1.turn": turns[0], "j2.turn": turns[1], f"{LIMB}.blend": np.ones(turns[0].shape),
        })  # fmt: skip
        tips = places(every)
        cross = np.imag(np.conj(tips[:, 1] - tips[:, 0]) * (tips[:, 2] - tips[:, 1]))
        on_side = cross * puppet.limbs[LIMB].bend >= -1e-6
        if on_side.any():
            nearest = np.abs(tips[on_side, 2] - goal).min()
            assert placed.limbs.distance[0, 0] <= nearest + 0.15


def test_any_finite_input_gives_finite_places():
    points = [complex(10 * i, 0) for i in range(61)]
    puppet = replace(chain(points), limbs={})
    pose = {f"j{i + 1}.{what}": 9e7 for i in range(60) for what in ("scale_x", "scale_y")}
    placed = evaluate(compile_plan(puppet), pose)
    for field in placed.maps:
        assert np.isfinite(field).all()
    assert np.isfinite(placed.part_maps().t).all()

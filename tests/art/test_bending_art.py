"""What makes a drawing bend: its middle line, a mesh that covers it, weights that are smooth, local and sum to 1."""

import itertools

import numpy as np
import pytest
from scipy.sparse import coo_matrix
from scipy.sparse.csgraph import connected_components

from demo_puppet import part, wick, wick_package
from umbrite.art.bending.bendy import bend_anew, bend_over, bend_part, covers, weighed_anew
from umbrite.art.bending.meshing import mesh_over, uncovered
from umbrite.art.bending.middle_line import middle_line
from umbrite.art.bending.weights import weights_on
from umbrite.files.png import decode
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.motion.scene import scene_of
from umbrite.rig.change import change
from umbrite.rig.edits.control_proposals import grip_limbs
from umbrite.rig.edits.limbs import limbs_along
from umbrite.rig.edits.limits import set_loose
from umbrite.rig.edits.meshes.mesh_edits import set_keeping
from umbrite.rig.errors import RigError
from umbrite.rig.invariants import invariants
from umbrite.rig.limb_shape import nearest_bone
from umbrite.rig.model import Loose

Y, X = np.mgrid[0:300, 0:400]


def drawing(inside):
    picture = np.zeros((*inside.shape, 4), np.uint8)
    picture[inside] = (90, 120, 60, 255)
    return picture


BAR = drawing((np.abs(Y - 150) < 25) & (np.abs(X - 200) < 170))
RING = drawing((np.hypot(X - 200, Y - 150) < 140) & (np.hypot(X - 200, Y - 150) > 90))
TWO = drawing((np.abs(Y - 60) < 30) | (np.hypot(X - 300, Y - 220) < 50))
ARC = drawing((np.abs(np.hypot(X - 200, Y - 290) - 200) < 22) & (Y < 285))
LEGS = drawing(
    ((np.abs(X - 150) < 40) | (np.abs(X - 250) < 40)) & (Y > 80) | ((Y <= 80) & (Y > 10) & (np.abs(X - 200) < 90))
)


@pytest.mark.parametrize("picture", [BAR, RING, TWO, ARC, LEGS])
@pytest.mark.parametrize("density", [0.5, 1.0, 3.0])
def test_a_mesh_covers_all_that_shows_and_little_more(picture, density):
    net = mesh_over(picture, density=density)
    assert uncovered(picture, net) == 0
    a, b, c = net.vertices[net.triangles].T
    area = (np.conj(b - a) * (c - a)).imag / 2
    assert area.min() > 0, "all turn the same way"
    shown = np.count_nonzero(picture[..., 3])
    assert area.sum() < 1.25 * shown, "holes and gaps between islands are left out"
    sides = np.abs(np.stack([b - a, c - b, a - c]))
    assert np.quantile(area / sides.max(axis=0) ** 2, 0.05) > 0.06, "few slivers"


def test_islands_and_holes_are_kept():
    for picture, pieces, holes in ((TWO, 2, 0), (RING, 1, 1)):
        net = mesh_over(picture)
        pairs = np.concatenate([net.triangles[:, [0, 1]], net.triangles[:, [1, 2]]])
        graph = coo_matrix((np.ones(len(pairs)), tuple(pairs.T)), shape=(len(net.vertices),) * 2)
        assert connected_components(graph, directed=False)[0] == pieces
        edges = {
            tuple(sorted(pair)) for t in net.triangles.tolist() for pair in ((t[0], t[1]), (t[1], t[2]), (t[0], t[2]))
        }
        euler = len(net.vertices) - len(edges) + len(net.triangles)
        assert euler == pieces - holes


def test_a_drawing_that_shows_nothing_is_refused():
    nothing = np.zeros((20, 20, 4), np.uint8)
    with pytest.raises(RigError, match="shows nothing"):
        mesh_over(nothing)
    with pytest.raises(RigError, match="too little"):
        middle_line(nothing)


def chain(count):
    stops = [complex(40 + 320 * i / count, 150) for i in range(count + 1)]
    return list(itertools.pairwise(stops)), [max(i - 1, 0) for i in range(count)]


@pytest.mark.parametrize("count", [2, 3, 5, 8, 12])
def test_weights_sum_to_one_are_local_and_without_islands(count):
    bones, up = chain(count)
    net = mesh_over(BAR, bones, 2.0)
    weights = weights_on(net, BAR, bones, up)
    assert weights.min() >= 0
    assert np.abs(weights.sum(axis=1) - 1).max() < 1e-9
    for i, (head, tip) in enumerate(bones):
        own = weights[:, i] > 0.02
        away = np.maximum(np.maximum(head.real - net.vertices.real, net.vertices.real - tip.real), 0)
        assert away[own].max() < min(0.55 * 320 / count, 62) + 20, "no farther than a joint's zone"
        assert weights[:, i].max() > 0.98, "and somewhere it leads alone"
        kept = np.flatnonzero(own)
        inside = np.isin(net.triangles, kept).all(axis=1)
        pairs = np.concatenate([net.triangles[inside][:, [0, 1]], net.triangles[inside][:, [1, 2]]])
        graph = coo_matrix((np.ones(len(pairs)), tuple(pairs.T)), shape=(len(net.vertices),) * 2)
        labels = connected_components(graph, directed=False)[1][kept]
        assert np.bincount(labels).max() >= 0.97 * len(kept), "one piece"


def test_what_lies_apart_on_the_paper_does_not_touch():
    bones = [(200 + 20j, 200 + 70j), (150 + 80j, 150 + 290j), (250 + 80j, 250 + 290j)]
    weights = weights_on(net := mesh_over(LEGS, bones), LEGS, bones, [0, 0, 0])
    low = net.vertices.imag > 200
    left, right = low & (net.vertices.real < 200), low & (net.vertices.real > 200)
    assert weights[left, 2].max() < 1e-6
    assert weights[right, 1].max() < 1e-6
    assert weights[left, 1].min() > 0.999


def test_an_island_without_a_bone_follows_the_nearest():
    bones = [(20 + 60j, 200 + 60j), (200 + 60j, 380 + 60j)]
    net = mesh_over(TWO, bones)
    weights = weights_on(net, TWO, bones, [0, 0])
    assert weights[net.vertices.imag > 150, 1].min() > 0.999


def test_the_middle_line_runs_from_end_to_end():
    line = middle_line(ARC, 10 + 280j)
    away = np.abs(np.abs(line.points - (200 + 290j)) - 200)
    assert away.max() < 11
    assert line.length == pytest.approx(np.pi * 200, rel=0.06)
    assert line.width == pytest.approx(44, rel=0.15)
    assert abs(line.points[0] - (0 + 290j)) < abs(line.points[-1] - (0 + 290j))
    assert middle_line(ARC, 390 + 280j).points[0] == pytest.approx(line.points[-1])
    straight = middle_line(BAR)
    assert np.abs(straight.points.imag - 150).max() < 6, "not into the corners"
    assert abs(straight.points[-1] - straight.points[0]) > 320


def test_one_gesture_bends_a_part_and_nothing_moves():
    puppet, package = wick(), wick_package()
    key = part(puppet, "Neck")
    puppet = change(puppet, key, mesh=None)
    picture = decode(package.art[puppet.parts[key].drawing.sha256], "a neck")
    before = scene_of(evaluate(compile_plan(puppet), {}))
    bendy, joints = bend_part(puppet, key, picture)
    assert invariants(bendy) == []
    assert scene_of(evaluate(compile_plan(bendy), {})) == before
    assert joints[0] == puppet.parts[key].joint, "its own joint is the first"
    assert len(joints) >= 3
    head = puppet.parts[part(puppet, "Head")].joint
    assert bendy.joints[head].parent == joints[-1], "what hung from it hangs from the nearest"
    mesh = bendy.parts[key].mesh
    assert mesh is not None
    assert covers(mesh, picture)
    assert weighed_anew(bendy, key, picture) == mesh
    bent = scene_of(evaluate(compile_plan(bendy), {f"{joints[1]}.turn": 0.5}))
    assert [type(shape).__name__ for shape in bent].count("Bent") == 1


def test_another_number_of_joints_takes_the_place_of_the_first_and_nothing_is_left_behind():
    puppet, package = wick(), wick_package()
    key = part(puppet, "Neck")
    puppet = change(puppet, key, mesh=None)
    picture = decode(package.art[puppet.parts[key].drawing.sha256], "a neck")
    first, joints = bend_part(puppet, key, picture)
    for joint in joints:
        first = set_loose(first, joint, Loose(3.0))
    first = set_keeping(first, key, 0.4)
    head = puppet.parts[part(puppet, "Head")].joint
    for count in (5, 8, 3):
        again, keys = bend_anew(first, key, picture, count)
        mesh = again.parts[key].mesh
        assert mesh is not None
        assert mesh.joints == tuple(keys)
        assert len(keys) == count
        assert mesh.keeps_area == 0.4
        assert all(again.joints[each].loose == Loose(3.0) for each in keys)
        assert len(again.joints) == len(puppet.joints) + count - 1, "none is left over"
        assert again.joints[head].parent == nearest_bone(again, keys, again.joints[head].pivot.z)
        assert invariants(again) == []
    _, keys = bend_anew(first, key, picture, 5, by_curvature=True)
    assert len(keys) == 5
    held, _ = limbs_along(first, joints, 1)
    with pytest.raises(RigError, match="is used by"):
        bend_anew(held, key, picture, 5)
    over = bend_over(
        wick(), part(wick(), "Near upper arm"), picture,
        [wick().parts[part(wick(), name)].joint for name in ("Near upper arm", "Near forearm")],
    )  # fmt: skip
    with pytest.raises(RigError, match="there before"):
        bend_anew(over, part(over, "Near upper arm"), picture, 4)


def test_grips_along_a_tail_reach_and_what_hangs_beyond_goes_along():
    puppet, package = wick(), wick_package()
    key = part(puppet, "Lamp pole")
    picture = decode(package.art[puppet.parts[key].drawing.sha256], "a pole")
    bendy, joints = bend_part(puppet, key, picture, 9)
    held, limbs = limbs_along(bendy, joints, 3)
    assert invariants(held) == []
    assert scene_of(evaluate(compile_plan(held), {})) == scene_of(evaluate(compile_plan(bendy), {}))
    assert [len(held.limbs[limb].joints) for limb in limbs] == [3, 3, 3]
    assert [held.limbs[limb].name for limb in limbs] == [f"Lamp pole {i} of 3" for i in (1, 2, 3)]
    first, second, third = (held.limbs[limb] for limb in limbs)
    assert held.joints[second.target].parent == first.joints[-1]
    assert held.joints[third.target].parent == second.joints[-1]
    gripped, controls = grip_limbs(held, limbs)
    assert [gripped.controls[control].moves for control in controls] == [limb.target for limb in (first, second, third)]
    plan = compile_plan(held)
    placed, rest = (evaluate(plan, {f"{second.target}.x": 40.0, f"{second.target}.y": 60.0}), evaluate(plan, {}))
    assert placed.pivot(first.joints[-1]) == pytest.approx(rest.pivot(first.joints[-1])), "the first third stays"
    tip = placed.joint_map(second.joints[-1])(held.limbs[limbs[1]].tip.z)
    assert tip == pytest.approx(placed.pivot(second.target), abs=0.3)
    assert abs(placed.pivot(third.joints[-1]) - rest.pivot(third.joints[-1])) > 20, "what hangs beyond goes along"
    with pytest.raises(RigError, match="more joints first"):
        limbs_along(bendy, joints[:2], 3)

"""What makes a drawing bend: its middle line, a mesh that covers it, weights that are smooth, local and sum to 1."""

import itertools

import numpy as np
import pytest

from demo_puppet import part, wick, wick_package
from umbrite.art.bending.bendy import bend_anew, bend_over, bend_part
from umbrite.art.bending.meshing import mesh_over, uncovered
from umbrite.art.bending.middle_line import middle_line
from umbrite.art.bending.weights import weights_on
from umbrite.files.png import decode
from umbrite.rig.change import change
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


def test_a_drawing_that_shows_nothing_is_refused():
    nothing = np.zeros((20, 20, 4), np.uint8)
    with pytest.raises(RigError, match="shows nothing"):
        mesh_over(nothing)
    with pytest.raises(RigError, match="too little"):
        middle_line(nothing)


def chain(count):
    stops = [complex(40 + 320 * i / count, 150) for i in range(count + 1)]
    return list(itertools.pairwise(stops)), [max(i - 1, 0) for i in range(count)]


def test_an_island_without_a_bone_follows_the_nearest():
    bones = [(20 + 60j, 200 + 60j), (200 + 60j, 380 + 60j)]
    net = mesh_over(TWO, bones)
    weights = weights_on(net, TWO, bones, [0, 0])
    assert weights[net.vertices.imag > 150, 1].min() > 0.999


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

"""Vertices of meshes by hand: the area stays covered, nothing folds, and the part bends as it did."""

import numpy as np
import pytest

from umbrite.rig.edits.meshes.mesh_points import added_point, moved_points, without_points
from umbrite.rig.errors import RigError
from umbrite.rig.mesh import mesh_fault, mesh_of, weights_of, with_keeping

WIDE, TALL, STEP = 9, 5, 20.0


def strip():
    """A grid of triangles, 160 x 80 pixels, whose weights go evenly from one joint to the other."""
    vertices = np.array([complex(i, j) * STEP for j in range(TALL) for i in range(WIDE)])
    triangles = []
    for j in range(TALL - 1):
        for i in range(WIDE - 1):
            a = j * WIDE + i
            triangles += [(a, a + 1, a + WIDE), (a + 1, a + WIDE + 1, a + WIDE)]
    share = vertices.real / vertices.real.max()
    return with_keeping(
        mesh_of(["j1", "j2"], vertices, np.array(triangles), np.stack([1 - share, share], axis=-1)), 0.3
    )


def area(mesh):
    arrays = mesh.arrays
    a, b, c = arrays.vertices[arrays.triangles].T
    areas = (np.conj(b - a) * (c - a)).imag / 2
    assert (areas > 0).all(), "no triangle is turned over"
    return float(areas.sum())


def bends_evenly(mesh):
    """Whether weights still go evenly across."""
    share = np.clip(mesh.arrays.vertices.real / ((WIDE - 1) * STEP), 0, 1)
    return bool(np.abs(weights_of(mesh)[:, 1] - share).max() < 1e-3)


def inner(mesh, rng):
    z = mesh.arrays.vertices
    inside = (z.real > 1) & (z.real < (WIDE - 1) * STEP - 1) & (z.imag > 1) & (z.imag < (TALL - 1) * STEP - 1)
    return int(rng.choice(np.flatnonzero(inside)))


@pytest.mark.parametrize("seed", range(20))
def test_whatever_is_done_by_hand_the_area_stays_and_the_part_bends_as_it_did(seed):
    rng = np.random.default_rng(seed)
    mesh = strip()
    whole = area(mesh)
    count = len(mesh.arrays.vertices)
    for _ in range(40):
        way = rng.integers(3)
        try:
            if way == 0:
                at = complex(rng.uniform(0, (WIDE - 1) * STEP), rng.uniform(0, (TALL - 1) * STEP))
                mesh, new = added_point(mesh, at)
                count += 1
                assert abs(mesh.arrays.vertices[new] - at) < STEP / 4
            elif way == 1:
                by = complex(*rng.uniform(-12, 12, 2))
                mesh = moved_points(mesh, [inner(mesh, rng)], by)
            elif count > 20:
                mesh = without_points(mesh, [inner(mesh, rng)])
                count -= 1
        except RigError as error:
            assert "turn over" in str(error)
        assert len(mesh.arrays.vertices) == count
        assert area(mesh) == pytest.approx(whole)
        assert mesh_fault(mesh) is None
        assert mesh.keeps_area == 0.3
    assert bends_evenly(mesh)


def test_a_point_taken_out_again_gives_the_same_area_and_edge_points_divide_edges():
    mesh = strip()
    for at in (45 + 0.3j, 30 + 45j, 50.1 + 40j):
        more, new = added_point(mesh, at)
        assert area(more) == pytest.approx(area(mesh))
        assert area(without_points(more, [new])) == pytest.approx(area(mesh))
    on_rim, new = added_point(mesh, 45 + 0.3j)
    assert on_rim.arrays.vertices[new] == pytest.approx(45), "the outline keeps its edge"


def test_beside_the_outline_a_point_makes_the_mesh_larger_and_far_away_it_is_refused():
    mesh = strip()
    more, new = added_point(mesh, 50 - 15j)
    assert area(more) == pytest.approx(area(mesh) + 20 * 15 / 2)
    assert weights_of(more)[new, 1] == pytest.approx(50 / 160, abs=1e-3)
    with pytest.raises(RigError, match="far from the mesh"):
        added_point(mesh, 50 - 200j)

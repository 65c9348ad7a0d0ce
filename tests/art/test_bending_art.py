"""What makes a drawing bend: its middle line, a mesh that covers it, weights that are smooth, local and sum to 1."""

import itertools

import numpy as np
import pytest
from scipy.sparse import coo_matrix
from scipy.sparse.csgraph import connected_components

from umbrite.art.bending.meshing import mesh_over
from umbrite.art.bending.middle_line import middle_line
from umbrite.art.bending.weights import weights_on
from umbrite.rig.errors import RigError

Y, X = np.mgrid[0:300, 0:400]


def drawing(inside):
    picture = np.zeros((*inside.shape, 4), np.uint8)
    picture[inside] = (90, 120, 60, 255)
    return picture


BAR = drawing((np.abs(Y - 150) < 25) & (np.abs(X - 200) < 170))
TWO = drawing((np.abs(Y - 60) < 30) | (np.hypot(X - 300, Y - 220) < 50))


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


def test_an_island_without_a_bone_follows_the_nearest():
    bones = [(20 + 60j, 200 + 60j), (200 + 60j, 380 + 60j)]
    net = mesh_over(TWO, bones)
    weights = weights_on(net, TWO, bones, [0, 0])
    assert weights[net.vertices.imag > 150, 1].min() > 0.999

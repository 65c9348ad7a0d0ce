"""Weights painted by hand: rows sum to 1, locked bones stay, nothing beyond the brush is different."""

from itertools import pairwise

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from motion.strips import PART, strip
from umbrite.rig.change import change, take_out
from umbrite.rig.edits.copying import copy_branches
from umbrite.rig.edits.meshes.mesh_edits import set_keeping, set_mesh
from umbrite.rig.edits.meshes.weight_edits import Brush, Stroke, dabbed, mirrored_weights, softness, with_weights
from umbrite.rig.edits.parts import exchange_drawing, remove_part
from umbrite.rig.edits.renaming import rename
from umbrite.rig.errors import RigError
from umbrite.rig.invariants import invariants
from umbrite.rig.merging.rewiring import Transform
from umbrite.rig.mesh import weights_of
from umbrite.rig.mesh_arrays import NamedArrays
from umbrite.rig.model import Drawing, Mesh

STRIP = strip(4, along=41, across=5)


def mesh(puppet=STRIP.puppet, part=PART):
    found = puppet.parts[part].mesh
    assert found is not None
    return found


PLACES, TRIANGLES, WEIGHTS = mesh().arrays.vertices, mesh().arrays.triangles, weights_of(mesh())
WAYS = ("add", "take", "smooth", "even", "fill")


@given(
    st.sampled_from(WAYS), st.integers(0, 3), st.sets(st.integers(0, 3), max_size=3),
    st.floats(0, 500), st.floats(0, 100), st.floats(5, 200), st.floats(0, 1), st.floats(0, 1),
    st.none() | st.integers(0, 3),
)  # fmt: skip
def test_every_dab_keeps_sums_and_locked_bones(mode, bone, locked, x, y, radius, strength, hardness, heir):  # noqa: PLR0913, PLR0917
    brush = Brush(mode, radius, strength, hardness)
    after = dabbed(WEIGHTS, PLACES, complex(x, y), Stroke(brush, bone, locked, heir), TRIANGLES)
    assert np.abs(after.sum(axis=1) - 1).max() < 1e-9
    assert after.min() >= -1e-12
    for i in locked:
        assert np.abs(after[:, i] - WEIGHTS[:, i]).max() < 1e-12
    if mode != "fill":
        beyond = np.abs(PLACES - complex(x, y)) >= radius
        assert np.abs(after[beyond] - WEIGHTS[beyond]).max(initial=0) < 1e-12
    if bone not in locked and mode == "add":
        assert (after[:, bone] >= WEIGHTS[:, bone] - 1e-12).all()
    if bone not in locked and mode == "take":
        assert (after[:, bone] <= WEIGHTS[:, bone] + 1e-12).all()


def test_the_brush_is_hard_in_the_middle_and_soft_at_the_edge():
    away = np.linspace(0, 60, 61)
    found = softness(Brush(radius=50, hardness=0.4), away)
    assert (found[:20] == 1).all()
    assert (found[50:] == 0).all()
    assert all(a >= b for a, b in pairwise(found))
    assert (softness(Brush(radius=50, hardness=1.0), away)[:49] > 0.99).all()


def test_strokes_do_what_they_say():
    at, brush = 100 + 50j, Brush("add", 60, 1.0, 0.9)
    near = np.abs(PLACES - at) < 40
    added = dabbed(WEIGHTS, PLACES, at, Stroke(brush, 3), TRIANGLES)
    assert added[near, 3].min() > 0.99
    taken = dabbed(added, PLACES, at, Stroke(brush._replace(mode="take"), 3, heir=2), TRIANGLES)
    assert taken[near, 3].max() < 0.01
    assert taken[near, 2].min() > 0.9, "who had nothing beside it gives it to the heir"
    even = dabbed(WEIGHTS, PLACES, 125 + 50j, Stroke(Brush("even", 80, 1.0, 0.98), 0), TRIANGLES)
    flat = np.abs(PLACES - (125 + 50j)) < 70
    assert np.ptp(even[flat, 0]) < 1e-9
    rough = WEIGHTS.copy()
    rough[::2] = np.roll(rough[::2], 1, axis=1)
    smooth = dabbed(rough, PLACES, 250 + 50j, Stroke(Brush("smooth", 400, 1.0, 0.9), 0), TRIANGLES)
    assert np.abs(np.diff(smooth[:, 1])).mean() < 0.6 * np.abs(np.diff(rough[:, 1])).mean()
    full = dabbed(WEIGHTS, PLACES, at, Stroke(Brush("fill"), 2, {0}), TRIANGLES)
    assert full[:, 2] == pytest.approx(1 - WEIGHTS[:, 0])


def test_weights_go_to_the_other_side():
    puppet = STRIP.puppet
    for key in ("j1", "j2", "j3", "j4"):
        puppet = rename(puppet, key, f"Near {puppet.joints[key].name}")
    puppet = rename(puppet, PART, "Near strip")
    puppet, new = copy_branches(puppet, ["j1"], Transform(line=800.0))
    painted = dabbed(WEIGHTS, PLACES, 100 + 50j, Stroke(Brush("add", 90, 0.8), 3), TRIANGLES)
    puppet = set_mesh(puppet, PART, with_weights(mesh(puppet), painted))
    after = mirrored_weights(puppet, PART)
    assert invariants(after) == []
    other = mesh(after, new[PART])
    assert other.joints == tuple(new[key] for key in ("j1", "j2", "j3", "j4"))
    assert np.abs(weights_of(other) - weights_of(mesh(puppet))).max() < 1e-6
    with pytest.raises(RigError, match="no part of the other side"):
        mirrored_weights(STRIP.puppet, PART)


def test_meshes_live_through_other_edits():
    puppet = set_keeping(STRIP.puppet, PART, 0.5)
    moved = exchange_drawing(puppet, PART, Drawing("1" * 64, 520, 120))
    assert mesh(moved).keeps_area == 0.5
    assert np.abs(mesh(moved).arrays.vertices - PLACES - (10 + 10j)).max() < 1e-9, "it stays where it lies on the board"
    without = take_out(puppet, "j4")
    assert mesh(without).joints == ("j1", "j2", "j3")
    assert np.abs(weights_of(mesh(without)).sum(axis=1) - 1).max() < 1e-9
    for key in ("j3", "j2"):
        without = take_out(without, key)
    assert weights_of(mesh(without)).min() == 1.0
    with pytest.raises(RigError, match="doesn't bend yet"):
        set_keeping(change(puppet, PART, mesh=None), PART, 0.5)
    with pytest.raises(RigError):
        set_mesh(puppet, PART, Mesh(("j1",), NamedArrays("0" * 64)))
    assert PART not in remove_part(puppet, PART).parts

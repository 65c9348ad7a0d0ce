"""Weights painted by hand: rows sum to 1, locked bones stay, nothing beyond the brush is different."""

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from motion.strips import PART, strip
from umbrite.rig.change import change, take_out
from umbrite.rig.edits.meshes.mesh_edits import set_keeping, set_mesh
from umbrite.rig.edits.meshes.weight_edits import Brush, Stroke, dabbed
from umbrite.rig.edits.parts import exchange_drawing, remove_part
from umbrite.rig.errors import RigError
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

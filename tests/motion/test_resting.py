"""The present pose made the rest: the same picture, limits that reach as far, limbs that still work."""

import numpy as np
from hypothesis import given
from hypothesis import strategies as st

from demo_puppet import wick
from strategies import EDITS, poses, puppets
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.motion.resting import make_rest
from umbrite.rig.errors import RigError
from umbrite.rig.invariants import invariants

PUPPET = wick()
ARM = next(limb for limb in PUPPET.limbs.values() if limb.name == "Near arm")


@given(puppets(EDITS), st.data())
def test_what_was_posed_is_seen_at_rest(puppet, data):
    pose = data.draw(poses(puppet, st.floats(-0.8, 3)))
    placed = evaluate(compile_plan(puppet), pose)
    try:
        rested, _ = make_rest(placed)
    except RigError:
        return  # posed beyond all bounds
    assert invariants(rested) == []
    now = evaluate(compile_plan(rested), {})
    for was, one in zip(placed.part_maps(), now.part_maps(), strict=True):
        assert np.abs(was - one).max(initial=0) <= 1e-6 * max(1.0, float(np.abs(was).max(initial=0)))

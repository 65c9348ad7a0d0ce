"""The present pose made the rest: the same picture, limits that reach as far, limbs that still work."""

import numpy as np
from hypothesis import given
from hypothesis import strategies as st

from demo_puppet import wick
from strategies import EDITS, poses, puppets
from umbrite.motion.evaluate import evaluate
from umbrite.motion.passing import drawn_at, passed, with_order
from umbrite.motion.plan import compile_plan
from umbrite.motion.rest_changes.resting import make_rest
from umbrite.motion.scene import scene_of
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
    far = max(1.0, float(np.abs(placed.part_maps().t).max(initial=0)))
    for was, one in zip(scene_of(placed), scene_of(now), strict=True):
        assert (was.part, was.opacity, was.clip and was.clip.outside) == (
            one.part,
            one.opacity,
            one.clip and one.clip.outside,
        )
        assert np.abs(np.subtract(was.matrix, one.matrix)).max() <= 1e-6 * far


@given(st.lists(st.tuples(st.sampled_from(list(PUPPET.parts)), st.integers(0, 40)), min_size=1, max_size=6))
def test_parts_pass_to_any_place_and_others_keep_their_depths(moves):
    plan, pose = compile_plan(PUPPET), {}
    for key, place in moves:
        placed = evaluate(plan, pose)
        others = [each for each in drawn_at(placed)[:place] if each != key]
        after = passed(placed, pose, [key], place)
        assert drawn_at(evaluate(plan, after))[: len(others) + 1] == (*others, key)
        assert {name for name in {*pose, *after} if pose.get(name) != after.get(name)} <= {f"{key}.depth"}
        pose = after
    assert drawn_at(evaluate(plan, with_order(evaluate(plan, pose), pose, PUPPET.order))) == PUPPET.order

"""What is remembered goes by identity: another value is another value, however equal, and results never mix."""

import contextlib

from hypothesis import given
from hypothesis import strategies as st
from msgspec.structs import replace

from strategies import puppets
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.motion.scene import scene_of
from umbrite.rig import family
from umbrite.rig.driving.dependencies import ranked
from umbrite.rig.edits.pivots import move_pivot
from umbrite.rig.errors import RigError
from umbrite.rig.remembered import LATEST, remembered


def test_a_result_is_made_once_for_each_of_the_latest_values():
    made = []

    @remembered
    def doubled(value):
        made.append(value)
        return value * 2

    one, twin = [1], [1]
    assert doubled(one) is doubled(one)
    assert doubled(twin) == doubled(one)
    assert len(made) == 2  # equal, and yet another one
    for number in range(LATEST):
        doubled([number])
    doubled(one)
    assert made.count(one) >= 2  # it was too long ago


@given(puppets(), st.data())
def test_what_is_remembered_of_a_puppet_is_what_is_found_anew(puppet, data):
    """Along edits that change little, which is where something old could be taken for new."""
    for _ in range(3):
        if puppet.joints:
            key = data.draw(st.sampled_from(list(puppet.joints)))
            with contextlib.suppress(RigError):  # it is held
                puppet = move_pivot(puppet, key, puppet.joints[key].pivot.z + 3)
        # The same in new mappings: nothing of it is known.
        fresh = replace(
            puppet, joints=dict(puppet.joints), parts=dict(puppet.parts), order=puppet.order,
            limbs=dict(puppet.limbs), links=dict(puppet.links),
        )  # fmt: skip
        for key in puppet.joints:
            assert family.parts_on(puppet, key) == family.parts_on(fresh, key)
            assert family.children(puppet, key) == family.children(fresh, key)
            assert family.is_carrier(puppet, key) == family.is_carrier(fresh, key)
        assert ranked(puppet) == ranked(fresh)
        one, other = evaluate(compile_plan(puppet), {}), evaluate(compile_plan(fresh), {})
        assert scene_of(one) == scene_of(other)

"""From a drag to channel values."""

import pytest

from demo_puppet import joint, wick
from umbrite.motion.plan import compile_plan
from umbrite.motion.posing import (
    body_of,
    limb_of,
)  # fmt: skip

PUPPET = wick()
PLAN = compile_plan(PUPPET)


@pytest.mark.parametrize(
    ("part", "limb", "body"),
    [
        ("Near hand", "Near arm", None), ("Lamp pole", "Near arm", None), ("Far shin", "Far leg", None),
        ("Trunk", None, "Body"), ("Hips", None, "Body"), ("Head", None, None), ("Scarf end", None, None),
    ],
)  # fmt: skip
def test_art_drags_its_limb_or_its_body_or_turns(part, limb, body):
    key = joint(PUPPET, part)
    found, carrier = limb_of(PUPPET, key), body_of(PUPPET, key)
    assert (found[1].name if found else None) == limb
    if limb is None:
        assert (PUPPET.joints[carrier].name if carrier else None) == body

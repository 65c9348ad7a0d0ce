"""Follow-through: one joint swings as the closed form says, loops meet themselves, chains lag one after the other."""

import math

import numpy as np
import pytest

from demo_puppet import joint, wick
from umbrite.motion.animating.swinging import baked
from umbrite.rig.edits.bones import add_bone
from umbrite.rig.edits.limits import free_limit, set_loose
from umbrite.rig.errors import RigError
from umbrite.rig.model import Loose, Puppet
from umbrite.rig.takes.keys import close_loop, put_keys
from umbrite.rig.takes.take import Take

RATE = 24.0


def loosened(puppet, chain, how):
    for key in chain:
        puppet = set_loose(puppet, key, how)
    return puppet


def swung(take, puppet, chain, how):
    return baked(take, loosened(puppet, chain, how), chain)


def arm():
    """A bone that carries a bone, on the bare board."""
    puppet, upper = add_bone(Puppet(), 0j, 100 + 0j)
    puppet, lower = add_bone(puppet, 100 + 0j, 200 + 0j, upper)
    return puppet, upper, lower


def test_a_loop_meets_itself_and_a_chain_lags_joint_by_joint():
    puppet = wick()
    chain = [joint(puppet, name) for name in ("Scarf tail", "Scarf end")]
    for key in chain:
        puppet = free_limit(puppet, key)
    trunk = f"{joint(puppet, 'Trunk')}.turn"
    take = close_loop(put_keys(put_keys(Take("T", RATE, 0, 32), 0, {trunk: -0.15}), 16, {trunk: 0.15}))
    done = swung(take, puppet, chain, Loose(weight=0.0, frequency=2.5))
    tracks = [done.tracks[f"{key}.turn"] for key in chain]
    for track in tracks:
        assert track[0].value == track[-1].value
        assert len(track) == 33
        assert max(key.value for key in track) > 0.01, "it swings"
    leads = [int(np.argmax([key.value for key in track[:-1]])) for track in tracks]
    assert leads[0] != leads[1], "the end comes later"
    assert done == swung(take, puppet, chain, Loose(weight=0.0, frequency=2.5)), "the same anywhere"


def test_what_can_not_swing_is_refused():
    puppet, _, lower = arm()
    for how in (Loose(frequency=0), Loose(damping=-1), Loose(reach=0), Loose(weight=math.inf)):
        with pytest.raises(RigError):
            set_loose(puppet, lower, how)
    with pytest.raises(RigError, match="hang loose first"):
        baked(Take("T"), puppet, [lower])
    legged = wick()
    with pytest.raises(RigError, match="limb"):
        set_loose(legged, next(iter(legged.limbs.values())).joints[0], Loose())

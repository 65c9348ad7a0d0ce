"""Follow-through: one joint swings as the closed form says, loops meet themselves, chains lag one after the other."""

import math

import numpy as np
import pytest
from msgspec.structs import replace

from demo_puppet import wick
from umbrite.motion.animating.playing import placed_over, swing_at
from umbrite.motion.animating.swinging import baked, swings_of
from umbrite.motion.sampling import sample
from umbrite.rig.edits.bones import add_bone
from umbrite.rig.edits.limits import set_loose
from umbrite.rig.errors import RigError
from umbrite.rig.model import Loose, Puppet
from umbrite.rig.takes.keys import put_keys
from umbrite.rig.takes.take import Key, Take

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


@pytest.mark.parametrize("damping", [0.1, 0.4, 1.0, 1.6])
def test_after_a_jump_it_swings_as_the_closed_form_says(damping):
    puppet, upper, lower = arm()
    take = Take("T", RATE, 0, 48, tracks={f"{upper}.turn": (Key(0.0, 0.0, "hold"), Key(6.0, 0.4, "hold"))})
    how = Loose(frequency=1.5, damping=damping, weight=0.0, reach=3.0)
    found = sample(swung(take, puppet, [lower], how), puppet, np.arange(49.0))[f"{lower}.turn"]
    assert np.abs(found[:6]).max() == 0
    w, since = 2 * math.pi * how.frequency, (np.arange(8, 49) - 6) / RATE
    if damping < 1:
        wd = w * math.sqrt(1 - damping**2)
        true = np.exp(-damping * w * since) * (np.cos(wd * since) + damping * w / wd * np.sin(wd * since))
    elif damping == 1.0:
        true = np.exp(-w * since) * (1 + w * since)
    else:
        r = math.sqrt(damping**2 - 1)
        s1, s2 = -w * (damping - r), -w * (damping + r)
        true = (s2 * np.exp(s1 * since) - s1 * np.exp(s2 * since)) / (s2 - s1)
    # Between the last step before the jump and the jump itself half a step is lost.
    assert np.abs(found[8:] + 0.4 * true).max() < 0.4 * w / RATE / 8


def test_what_can_not_swing_is_refused():
    puppet, _, lower = arm()
    for how in (Loose(frequency=0), Loose(damping=-1), Loose(reach=0), Loose(weight=math.inf)):
        with pytest.raises(RigError):
            set_loose(puppet, lower, how)
    with pytest.raises(RigError, match="swing first"):
        baked(Take("T"), puppet, [lower])
    legged = wick()
    with pytest.raises(RigError, match="limb"):
        set_loose(legged, next(iter(legged.limbs.values())).joints[0], Loose())


def test_it_swings_in_every_take_the_same_as_when_it_is_baked():
    puppet, upper, lower = arm()
    puppet = loosened(puppet, [lower], Loose())
    take = put_keys(put_keys(Take("T", RATE, 0, 24), 0, {f"{upper}.turn": 0.0}), 8, {f"{upper}.turn": 0.7})
    frames = np.arange(25.0)
    live, keys = placed_over(take, puppet, frames), placed_over(baked(take, puppet, [lower]), puppet, frames)
    assert np.abs(live.turns - keys.turns).max() < 1e-12
    assert np.abs(live.turns[:, live.plan.place[lower]]).max() > 0.1
    alone = placed_over(take, puppet, [13.0])
    assert alone.turn(lower) == live.turn(lower, 13), "one frame is what all frames are"
    again = swing_at(swings_of(take, puppet), take, [13.0])
    assert again[f"{lower}.turn"][0] == pytest.approx(live.turn(lower, 13))
    stiff = replace(take, stiff=(lower,))
    assert np.abs(placed_over(stiff, puppet, frames).turns[:, live.plan.place[lower]]).max() == 0.0

"""Follow-through: one joint swings as the closed form says, loops meet themselves, chains lag one after the other."""

import math

import numpy as np
import pytest

from demo_puppet import joint, wick
from umbrite.motion.animating.swinging import Swing, swung
from umbrite.motion.sampling import sample
from umbrite.rig.edits.bones import add_bone
from umbrite.rig.edits.limits import free_limit
from umbrite.rig.errors import RigError
from umbrite.rig.model import Puppet
from umbrite.rig.takes.keys import close_loop, put_keys
from umbrite.rig.takes.take import Key, Take

RATE = 24.0


def arm() -> tuple[Puppet, str, str]:
    """A bone that carries a bone, on the bare board."""
    puppet, upper = add_bone(Puppet(), 0j, 100 + 0j)
    puppet, lower = add_bone(puppet, 100 + 0j, 200 + 0j, upper)
    return puppet, upper, lower


@pytest.mark.parametrize("damping", [0.1, 0.4, 1.0, 1.6])
def test_after_a_jump_it_swings_as_the_closed_form_says(damping: float) -> None:
    puppet, upper, lower = arm()
    take = Take("T", RATE, 0, 48, tracks={f"{upper}.turn": (Key(0.0, 0.0, "hold"), Key(6.0, 0.4, "hold"))})
    how = Swing(frequency=1.5, damping=damping, weight=0.0, reach=3.0)
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


def test_a_loop_meets_itself_and_a_chain_lags_joint_by_joint() -> None:
    puppet = wick()
    chain = [joint(puppet, name) for name in ("Scarf tail", "Scarf end")]
    for key in chain:
        puppet = free_limit(puppet, key)
    trunk = f"{joint(puppet, 'Trunk')}.turn"
    take = close_loop(put_keys(put_keys(Take("T", RATE, 0, 32), 0, {trunk: -0.15}), 16, {trunk: 0.15}))
    done = swung(take, puppet, chain, Swing(weight=0.0, frequency=2.5))
    tracks = [done.tracks[f"{key}.turn"] for key in chain]
    for track in tracks:
        assert track[0].value == track[-1].value
        assert len(track) == 33
        assert max(key.value for key in track) > 0.01, "it swings"
    leads = [int(np.argmax([key.value for key in track[:-1]])) for track in tracks]
    assert leads[0] != leads[1], "the end comes later"
    assert done == swung(take, puppet, chain, Swing(weight=0.0, frequency=2.5)), "the same anywhere"


def test_being_moved_throws_it_back() -> None:
    puppet, upper, lower = arm()
    take = put_keys(put_keys(Take("T", RATE, 0, 24), 0, {f"{upper}.y": 0.0}), 12, {f"{upper}.y": -80.0})
    still = swung(take, puppet, [lower], Swing(weight=0.0))
    moved = swung(take, puppet, [lower], Swing(weight=1.0))
    assert {key.value for key in still.tracks[f"{lower}.turn"]} == {0.0}
    first = [key.value for key in moved.tracks[f"{lower}.turn"]][1:5]
    assert max(first) > 0.01, "up goes the arm, down hangs the end"


def test_what_can_not_swing_is_refused() -> None:
    puppet, _, lower = arm()
    for chain, how in (([], Swing()), ([lower], Swing(frequency=0)), ([lower], Swing(damping=-1))):
        with pytest.raises(RigError):
            swung(Take("T"), puppet, chain, how)

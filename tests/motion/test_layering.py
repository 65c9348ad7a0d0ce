"""Takes laid over takes: what is laid over is added or takes over by its amount, keys come to what is wanted under it, and all can be made one."""

import numpy as np
from hypothesis import assume, given
from hypothesis import strategies as st
from msgspec.structs import replace

from demo_puppet import wick
from takes_strategies import takes
from umbrite.motion.animating.playing import placed_over
from umbrite.motion.animating.stepping import channels_over, pose_of_take
from umbrite.motion.animating.walking import walk
from umbrite.motion.baking.made_one import made_one
from umbrite.motion.layering import amount_of, keyed_under
from umbrite.motion.rest_changes.picture_kept import how_far
from umbrite.motion.sampling import sample
from umbrite.rig.errors import RigError
from umbrite.rig.takes.keys import put_keys
from umbrite.rig.takes.take import AMOUNT, Key, Steps, Take
from umbrite.rig.takes.take_layers import get_layer, lay_over, put_layer
from umbrite.rig.takes.take_list import take_faults

WICK = wick()
ONE, OTHER = list(WICK.joints)[:2]
CHANNELS = (f"{ONE}.turn", f"{ONE}.x", f"{OTHER}.y", f"{next(iter(WICK.parts))}.depth")


@st.composite
def layered(draw):
    """A take with one or two others laid over it, some with a keyed amount."""
    take = draw(takes(CHANNELS))
    for i in range(draw(st.integers(1, 2))):
        other = replace(draw(takes(CHANNELS)), name=f"Layer {i}", rate=take.rate)
        take = lay_over(take, other, draw(st.sampled_from(["adds", "replaces"])), draw(st.integers(-5, 30)))
        layer = take.layers[-1]
        amounts = (Key(0.0, draw(st.floats(0, 1))), Key(20.0, draw(st.floats(0.2, 1)), "straight"))
        if draw(st.booleans()):
            made = replace(layer.take, tracks={**layer.take.tracks, AMOUNT: amounts})
            take = put_layer(take, layer.take.name, replace(layer, take=made))
    return take


@given(layered())
def test_layers_are_added_or_take_over_by_their_amount(take):
    frames = np.arange(-4, 70, 1.5)
    found, expected = channels_over(take, WICK, frames), sample(take, WICK, frames)
    at = np.array([take.first + (f - take.first) % (take.last - take.first) if take.loop else f for f in frames])
    for layer in take.layers:
        own = layer.take
        amounts = sample(replace(own, loop=False), WICK, at).get(AMOUNT, np.ones(len(at)))
        for name in own.tracks.keys() - {AMOUNT}:
            under = expected.get(name, np.zeros(len(frames)))
            values = sample(own, WICK, at)[name]
            for i, frame in enumerate(at):
                amount = max(amounts[i], 0.0) if own.first <= frame and (own.loop or frame <= own.last) else 0.0
                if layer.way == "replaces":
                    amount = min(amount, 1.0)
                if name.endswith(".depth"):
                    if amount >= 0.5 and (layer.way == "replaces" or values[i]):
                        under[i] = values[i]
                else:
                    under[i] += amount * (values[i] - (under[i] if layer.way == "replaces" else 0.0))
            expected[name] = under
    assert all(np.allclose(found[name], expected.get(name, 0.0), rtol=1e-9, atol=1e-9) for name in found)


@given(layered(), st.integers(0, 40).map(float), st.floats(-300, 300), st.sampled_from(CHANNELS[:3]), st.data())
def test_what_is_keyed_at_any_level_comes_out_as_it_was_posed(take, frame, value, name, data):
    level = data.draw(st.sampled_from(["", *(layer.take.name for layer in take.layers)]))
    below = {each: float(v[0]) for each, v in sample(take, WICK, [frame]).items()}
    try:
        keyed = keyed_under(take, WICK, frame, below, {name: value}, level)
    except RigError:
        return  # nothing of it would be seen
    assume(not take.loop or take.first <= frame < take.last)
    if level:
        layer = get_layer(take, level)
        assume(not layer.take.loop or layer.take.first <= frame < layer.take.last)
        made = put_layer(take, level, replace(layer, take=put_keys(layer.take, frame, keyed)))
    else:
        made = put_keys(take, frame, keyed)
    assert abs(pose_of_take(made, WICK, frame).get(name, 0.0) - value) < 1e-6 * (1 + abs(value) + abs(keyed[name]))


def waving_walk():
    """Wick walks, breathes, and from frame 5 on waves by an amount that rises and falls."""
    arm = next(limb.target for limb in WICK.limbs.values() if limb.name == "Far arm")
    trunk = next(key for key, each in WICK.joints.items() if each.name == "Trunk")
    wave = Take("Wave", 12.0, 0, 8, tracks={f"{arm}.y": (Key(0.0, -90.0), Key(4.0, -180.0), Key(8.0, -90.0))})
    breath = Take("Breath", 24.0, 0, 40, loop=True, tracks={f"{trunk}.scale_y": (Key(0.0, 0.0), Key(20.0, 0.03))})
    take = lay_over(lay_over(walk(WICK, Steps()), breath, "adds", 0), wave, "replaces", 5)
    layer = take.layers[1]
    amount = {AMOUNT: (Key(5.0, 0.0), Key(10.0, 1.0), Key(16.0, 1.0), Key(21.0, 0.0))}
    return put_layer(take, "Wave", replace(layer, take=replace(layer.take, tracks={**layer.take.tracks, **amount})))


def test_a_wave_over_a_walk_keeps_its_pace_closes_its_loop_and_can_be_made_one():
    take = waving_walk()
    breath, wave = take.layers
    assert (wave.take.first, wave.take.last) == (5, 21), "twelve frames a second in twenty-four"
    assert take.last - take.first == breath.take.last - breath.take.first, "it closes where the walk does"
    assert amount_of(take, wave, WICK, np.array([4.0, 7.0, 12.0, 22.0]))[[0, 2, 3]].tolist() == [0.0, 1.0, 0.0]
    one = made_one(take, WICK)
    frames = np.arange(take.first, take.last + 0.25, 0.5)
    assert not one.layers
    assert list(take_faults((replace(one, name="One"), take))) == []
    assert how_far(placed_over(take, WICK, frames), placed_over(one, WICK, frames)).max() < 0.1
    assert sum(map(len, one.tracks.values())) < 6 * sum(map(len, take.tracks.values()))
    start, end = (placed_over(take, WICK, [frame]) for frame in (take.first, take.last))
    assert how_far(start, end).max() < 1e-6

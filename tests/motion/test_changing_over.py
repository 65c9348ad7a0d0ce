"""What is followed and how a limb bends, changed in the middle of a take: before nothing is different, at the change nothing jumps."""

import itertools
import math

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st
from msgspec.structs import replace

from demo_puppet import joint, wick
from takes_strategies import takes
from umbrite.motion.animating.changing_over import bent_over, delayed, followed, held_otherwise, split_at
from umbrite.motion.animating.playing import placed_over
from umbrite.motion.sampling import sample
from umbrite.rig.edits.limbs import set_end_hold
from umbrite.rig.edits.limits import free_limit
from umbrite.rig.edits.parenting import set_also
from umbrite.rig.errors import RigError
from umbrite.rig.model import Puppet
from umbrite.rig.takes.keys import between_frames, on_frames, paced, put_keys, set_interpolation, spots_of, stretch_keys
from umbrite.rig.takes.take import Key, Take

WICK = wick()
HAND, HEAD, BODY = (joint(WICK, name) for name in ("Far arm target", "Head", "Body"))
PUPPET = set_also(WICK, HAND, [HEAD, ""])


@given(takes(), st.integers(-10, 70))
def test_a_key_put_in_between_changes_nothing(take, frame):
    for channel, track in take.tracks.items():
        split = split_at(take, Puppet(), channel, float(frame))
        assert any(key.frame == frame for key in split.tracks[channel])
        assert {key.frame for key in track} <= {key.frame for key in split.tracks[channel]}
        at = np.linspace(take.first, take.last, 97)[:-1]
        before, after = (sample(each, Puppet(), at)[channel] for each in (take, split))
        inside = [key for key in track if take.first <= key.frame <= take.last]
        ends = [key for key in inside if key.frame in {take.first, take.last}]
        jumps = len(ends) == 2 and ends[0].value != ends[1].value
        if take.loop and (len(inside) < 2 or jumps or not take.first <= frame <= take.last):
            continue  # what stands outside of a loop is not played; one that jumps at its end has no way there
        assert np.abs(before - after).max(initial=0) < 1e-7 * (1 + np.abs(before).max(initial=0))


@pytest.mark.parametrize("by", [5.0, -7.5, 30.0])
def test_a_wheel_that_comes_later_goes_on_and_keys_outside_of_the_loop_stay(by):
    wheel = (Key(0.0, 0.0, "straight"), Key(24.0, math.tau, "straight"), Key(40.0, 3.0))
    take = Take("T", 24.0, 0, 24, loop=True, tracks={"j1.turn": wheel, "j2.turn": wheel})
    later = delayed(take, Puppet(), [["j1.turn"], ["j2.turn"]], by)
    assert later.tracks["j1.turn"] == wheel
    assert later.tracks["j2.turn"][-1] == wheel[-1]
    at = np.arange(0, 24, 0.25)
    turned = sample(later, Puppet(), at)["j2.turn"]
    assert np.allclose(np.exp(1j * turned), np.exp(1j * (at - by) * math.tau / 24))
    assert np.abs(np.diff(turned)).max() < 0.1, "it does not spring back within the loop"


@given(takes(), st.floats(0.3, 3.0))
def test_stretched_as_a_whole_a_take_looks_the_same_in_longer_time(take, factor):
    take = replace(take, loop=False)
    longer = stretch_keys(take, spots_of(take), 0.0, factor) if spots_of(take) else take
    at = np.linspace(-5, 70, 151)
    one, other = sample(take, Puppet(), at), sample(longer, Puppet(), at * factor)
    assert all(np.allclose(one[name], other[name], atol=1e-6 * (1 + np.abs(one[name]).max())) for name in one)


@given(takes(), st.sampled_from([0.5, 24 / 30, 2.0, 2.5]))
def test_at_another_pace_it_takes_as_long_and_on_whole_frames_keys_are_near_where_they_were(take, factor):
    made = paced(replace(take, loop=False), factor)
    at = take.first + np.linspace(-3, 80, 101)
    one, other = (
        sample(replace(take, loop=False), Puppet(), at),
        sample(made, Puppet(), take.first + (at - take.first) * factor),
    )
    assert all(np.allclose(one[name], other[name], atol=1e-6 * (1 + np.abs(one[name]).max())) for name in one)
    if off := between_frames(made):
        there = on_frames(made, off)
        assert not between_frames(there)
        assert {frame for _, frame in spots_of(there)} <= {float(round(frame)) for _, frame in spots_of(made)}


def moving(interpolation="smooth"):
    """The hand goes out and in while the body goes down and the head turns."""
    take = Take("T", 24.0, 0, 48)
    for frame, (x, y, down, turn) in {0: (0, 0, 0, 0), 16: (-60, -40, 50, 0.3), 40: (-120, 30, 10, -0.4)}.items():
        values = {f"{HAND}.x": x, f"{HAND}.y": y, f"{HAND}.turn": turn, f"{BODY}.y": down, f"{HEAD}.turn": turn}
        take = put_keys(take, frame, values)
    return set_interpolation(take, spots_of(take), "eased", 0.3, 0.3) if interpolation == "eased" else take


def way(take, frames):
    placed = placed_over(take, PUPPET, frames)
    return np.array([placed.pivot(HAND, i) for i in range(len(frames))])


@pytest.mark.parametrize("interpolation", ["smooth", "eased"])
@pytest.mark.parametrize("over", [0, 6])
@pytest.mark.parametrize("number", [1, 2])
def test_following_something_else_from_a_frame_on_does_not_jump(number, over, interpolation):
    take = moving(interpolation)
    done = followed(take, PUPPET, HAND, number, 20.0, over)
    before = np.arange(0, 20.0)
    assert np.abs(way(take, before) - way(done, before)).max() < 1e-6
    finely = np.arange(0, 48.01, 0.25)
    steps, usual = (np.abs(np.diff(way(each, np.arange(0, 49.0)))) for each in (done, take))
    assert steps[18:20].max() < 1.1 * usual.max(), "at the change there is no jump"
    assert steps.max() < 4 * usual.max(), "the head carries it from there on"
    assert np.isfinite(way(done, finely)).all()
    for frame in (20.0, 40.0):
        at = np.array([frame])
        assert abs(way(take, at)[0] - way(done, at)[0]) < 1e-6, "there it is where it was"
    here = placed_over(done, PUPPET, [19.0, 20.0, 44.0])
    carriers = [here.plan.joints[i] if i < len(here.plan.joints) else "" for i in here.carriers(HAND)]
    assert carriers == [WICK.joints[HAND].parent, ("", HEAD, "")[number], ("", HEAD, "")[number]]
    back = followed(done, PUPPET, HAND, 0, 30.0)
    assert np.abs(way(back, np.arange(0, 29.0)) - way(done, np.arange(0, 29.0))).max() < 1e-6
    with pytest.raises(RigError, match="already"):
        followed(done, PUPPET, HAND, number, 30.0)


def test_what_follows_something_that_goes_round_and_round_stays_as_it_was_turned():
    puppet, take = free_limit(PUPPET, HEAD), Take("T", 24.0, 0, 48)
    for frame in (0, 20, 30, 40, 48):
        turning = max(frame - 10, 0) * 0.5
        take = put_keys(
            take,
            frame,
            {f"{HAND}.x": -2.0 * frame, f"{HAND}.turn": 0.0, f"{HEAD}.turn": turning},
            interpolation="straight",
        )
    done = followed(take, puppet, HAND, 1, 20.0)
    placed = placed_over(done, puppet, np.arange(20.0, 48.1, 0.25))
    turned = np.unwrap(np.angle(placed.maps.a[:, placed.plan.place[HAND]]))
    assert np.ptp(turned) < math.pi, "19 radians of the head are taken back, but for how the keys ease"


def test_a_blend_lies_between_both_ways_and_moves_smoothly():
    take = moving()
    cut, blended = (followed(take, PUPPET, HAND, 2, 20.0, over) for over in (0, 8))
    frames = np.arange(20.0, 29.0)
    one, other, both = way(take, frames), way(cut, frames), way(blended, frames)
    for old, new, mixed in zip(one, other, both, strict=True):
        assert abs(old - mixed) + abs(mixed - new) <= abs(old - new) + 1e-6
    assert abs(both[0] - one[0]) < 1e-6
    assert abs(both[-1] - other[-1]) < 1e-6


@pytest.mark.parametrize("number", [1, 3])
def test_another_hold_from_a_frame_on_leaves_the_end_on_its_way(number):
    key, limb = next((key, limb) for key, limb in WICK.limbs.items() if limb.end_hold == "target" and limb.end)
    puppet = set_end_hold(set_end_hold(WICK, key, "toe"), key, "target")
    take = Take(
        "T",
        24.0,
        0,
        24,
        tracks={
            f"{limb.target}.turn": (Key(0.0, 0.0), Key(24.0, 0.6)),
            f"{limb.end}.turn": (Key(0.0, 0.1), Key(18.0, -0.3)),
        },
    )
    held = held_otherwise(take, puppet, key, number, 9.0)
    before, after = (placed_over(each, puppet, np.arange(25)) for each in (take, held))
    end = before.plan.place[limb.end]
    assert np.abs(before.turns - after.turns)[:9].max() < 1e-9
    assert np.abs(before.turns - after.turns)[[9, 18], end].max() < 1e-9
    assert np.abs(np.diff(after.turns[:, end])).max() < 0.1
    assert round(after.value(key, "hold", 9)) == number


def test_the_bend_is_turned_at_once_or_through_straight():
    limb = next(key for key, each in WICK.limbs.items() if each.name == "Far arm")
    frames = np.arange(0, 49.0)
    cut = sample(bent_over(moving(), limb, 20.0), WICK, frames)[f"{limb}.bend"]
    assert cut.tolist() == [0.0] * 20 + [1.0] * 29
    slow = sample(bent_over(moving(), limb, 20.0, 8), WICK, frames)[f"{limb}.bend"]
    assert slow[12] == 0.0
    assert slow[20] == 1.0
    assert (np.diff(slow) >= 0).all()
    assert 0.3 < slow[16] < 0.7
    placed = placed_over(bent_over(moving(), limb, 20.0, 8), WICK, frames)
    elbow = [placed.turn(joint(WICK, "Far forearm"), i) for i in range(49)]
    assert max(abs(a - b) for a, b in itertools.pairwise(elbow)) < math.pi / 4
    again = bent_over(bent_over(moving(), limb, 20.0), limb, 30.0)
    assert sample(again, WICK, frames)[f"{limb}.bend"].tolist() == [0.0] * 20 + [1.0] * 10 + [0.0] * 19

"""Takes sampled: exact at keys, never beyond two keys, the same for one frame and for all, loops that meet themselves."""

import itertools

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st
from msgspec.structs import replace

from takes_strategies import takes, values
from umbrite.motion.sampling import sample, slopes_at
from umbrite.rig.model import Puppet
from umbrite.rig.takes.keys import close_loop, delay
from umbrite.rig.takes.take import Key, Take

BARE = Puppet()


@given(takes())
def test_a_key_gives_exactly_its_value(take):
    plain = replace(take, loop=False)
    for channel, track in plain.tracks.items():
        found = sample(plain, BARE, [key.frame for key in track])[channel]
        assert found.tolist() == [key.value for key in track]


@given(takes(), st.lists(st.floats(-200, 200), min_size=1, max_size=9))
def test_one_frame_is_what_all_frames_are(take, frames):
    whole = sample(take, BARE, frames)
    for i, frame in enumerate(frames):
        for channel, found in sample(take, BARE, [frame]).items():
            assert abs(found[0] - whole[channel][i]) <= 1e-12 * max(1.0, abs(found[0]))


@given(takes())
def test_only_free_ways_go_beyond_their_two_keys(take):
    plain = replace(take, loop=False)
    for channel, track in plain.tracks.items():
        for one, other in itertools.pairwise(track):
            if one.interpolation == "free":
                continue
            way = sample(plain, BARE, np.linspace(one.frame, other.frame, 40))[channel]
            low, high = sorted((one.value, other.value))
            slack = 1e-9 * max(1.0, abs(low), abs(high))
            assert way.min() >= low - slack
            assert way.max() <= high + slack


def test_smooth_is_the_monotone_cubic_of_the_library_inside():
    """An oracle: the same slopes at inner keys as SciPy's, which has the same source."""
    frames, heights = [0.0, 3.0, 10.0, 12.0, 20.0], [1.0, 4.0, 5.0, 9.0, 10.0]
    take = Take("T", last=20, tracks={"j1.x": tuple(Key(f, v) for f, v in zip(frames, heights, strict=True))})
    at = np.linspace(3, 12, 50)
    oracle = pytest.importorskip("scipy.interpolate").PchipInterpolator(frames, heights)(at)
    assert np.abs(sample(take, BARE, at)["j1.x"] - oracle).max() < 1e-12


@given(values, values, st.floats(0, 1), st.floats(0, 1))
def test_eased_ways_set_off_and_come_in_without_a_jump_of_speed(start, end, out, into):
    out, into = min((out, into)), (1 - min((out, into))) * into
    take = Take("T", tracks={"j1.x": (Key(0.0, start, "eased", out, into), Key(40.0, end))})
    way = sample(take, BARE, np.linspace(0, 40, 401))["j1.x"]
    speed = np.diff(way) / 0.1
    fastest = abs(end - start) / 40 / (1 - out / 2 - into / 2)
    assert abs(speed).max() <= fastest * (1 + 1e-6) + 1e-9
    if out > 0.1:
        assert abs(speed[0]) <= fastest * 0.1 / (out * 40) + 1e-9
    if into > 0.1:
        assert abs(speed[-1]) <= fastest * 0.1 / (into * 40) + 1e-9


@given(takes())
def test_a_closed_loop_meets_itself_in_value_and_slope(take):
    tracks = {name: tuple(Key(key.frame, key.value) for key in track) for name, track in take.tracks.items()}
    loop = close_loop(replace(take, tracks=tracks))
    period = loop.last - loop.first
    step = 1e-5
    for frame in (loop.first, loop.first + 3.25):
        one, other = sample(loop, BARE, [frame]), sample(loop, BARE, [frame + period])
        assert all(abs(one[name] - other[name]) < 1e-9 for name in one)
    near = sample(loop, BARE, [loop.last - step, loop.first, loop.first + step])
    for before, here, after in near.values():
        assert abs((after - here) - (here - before)) < 1e-5 * max(1.0, abs(after - before) / step) + 1e-6


@given(takes(), st.floats(-30, 30), st.floats(0, 100))
def test_a_delay_is_a_shift_of_the_tracks(take, by, frame):
    closed = close_loop(take) if take.loop else take
    names = list(closed.tracks)
    late = delay(closed, [[], names], by)
    was, now = sample(closed, BARE, [frame - by]), sample(late, BARE, [frame])
    inside = all(closed.first <= key.frame <= closed.last for track in closed.tracks.values() for key in track)
    if not take.loop or inside:
        for name in names:
            assert now[name][0] == pytest.approx(was[name][0], abs=1e-6)


@given(takes())
def test_slopes_are_those_that_the_keys_ask_for(take):
    plain = replace(take, loop=False)
    for channel, track in plain.tracks.items():
        for one, other in itertools.pairwise(track):
            out, into = (slopes_at(plain, BARE, channel, one.frame)[1], slopes_at(plain, BARE, channel, other.frame)[0])
            mean = (other.value - one.value) / (other.frame - one.frame)
            if one.interpolation == "free":
                assert (out, into) == (pytest.approx(one.out), pytest.approx(one.into, abs=1e-9))
            elif one.interpolation == "straight":
                assert (out, into) == (pytest.approx(mean), pytest.approx(mean))
            elif one.interpolation == "smooth":
                assert 0 <= out * mean <= 3 * mean**2 + 1e-9, "steeper would go beyond the keys"
        assert slopes_at(plain, BARE, channel, track[0].frame)[0] == 0.0


@given(takes())
def test_a_loop_has_one_slope_where_it_begins_again(take):
    closed = close_loop(
        replace(take, tracks={c: tuple(replace(k, interpolation="smooth") for k in t) for c, t in take.tracks.items()})
    )
    for channel, track in closed.tracks.items():
        if len(track) > 1 and track[0].frame == closed.first:
            first, last = (slopes_at(closed, BARE, channel, end) for end in (closed.first, closed.last))
            assert first[0] == pytest.approx(first[1], abs=1e-9)
            assert first == pytest.approx(last, abs=1e-9)

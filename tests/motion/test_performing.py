"""Performing: what a hand did becomes few keys that keep within a pixel of it, and nothing beside the pass is different."""

import itertools

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st
from msgspec.structs import replace

from demo_puppet import ASSETS
from umbrite.files.package import load
from umbrite.motion.animating.stepping import channels_over
from umbrite.motion.performing.few_knots import few_knots
from umbrite.motion.performing.kept_takes import Shaping, performed
from umbrite.motion.performing.recorded import Recorded, over_frames, smoothed
from umbrite.rig.takes.keys import put_keys
from umbrite.rig.takes.take import Take
from umbrite.rig.takes.take_layers import lay_over
from umbrite.rig.takes.take_list import take_faults

RATE = 24.0


@pytest.fixture(scope="module")
def wick():
    return load(ASSETS / "wick.umbrite").puppet


@pytest.fixture(scope="module")
def hand(wick):
    """What the near hand's grip moves."""
    return next(each.moves for each in wick.controls.values() if each.name == "Near hand")


def gentle(clock, seed):
    """Two smooth paths of a hand: slow swings of several lengths, pixels."""
    chance = np.random.default_rng(seed)
    t = clock / RATE
    return [
        sum(a * np.sin(2 * np.pi * f * t + p) for a, f, p in zip(chance.uniform(20, 70, 2), chance.uniform(0.1, 0.35, 2), chance.uniform(0, 6, 2), strict=True))
        for _ in range(2)
    ]  # fmt: skip


def of_hand(hand, seconds, seed, start=0.0, per_second=120):
    """A pass of a hand, sampled as a pointer is."""
    clock = start + np.arange(round(seconds * per_second) + 1) * RATE / per_second
    across, down = gentle(clock, seed)
    return Recorded({f"{hand}.x": (clock, across), f"{hand}.y": (clock, down)}, float(clock[-1]))


@pytest.mark.parametrize("seed", range(6))
def test_a_smooth_path_is_kept_within_a_pixel_by_a_tenth_of_its_frames(wick, hand, seed):
    take = Take("Pass", RATE, 0, 240)
    recorded = of_hand(hand, 10.0, seed)
    made = performed(take, wick, recorded)
    frames = np.arange(241)
    found = channels_over(made, wick, frames)
    across, down = gentle(frames.astype(float), seed)
    off = np.hypot(found[f"{hand}.x"] - across, found[f"{hand}.y"] - down)
    assert off.max() <= 1.0
    assert [key.frame for key in made.tracks[f"{hand}.x"]] == [key.frame for key in made.tracks[f"{hand}.y"]]
    assert len(made.tracks[f"{hand}.x"]) <= 0.1 * 240
    assert not list(take_faults((made,)))


@given(st.integers(0, 10_000), st.integers(2, 260), st.floats(0.0, 3.0))
@settings(max_examples=25, deadline=None)
def test_knots_are_near_enough_and_both_ends_are_met(seed, count, noise):
    chance = np.random.default_rng(seed)
    values = np.cumsum(chance.normal(size=(count, 2)), axis=0) + chance.normal(size=(count, 2)) * noise
    near = np.array([0.7, 0.2])
    knots = few_knots(values, near)
    frames = np.arange(count)
    for column in range(2):
        told = np.zeros(count)
        for i, j in itertools.pairwise(range(len(knots.at))):
            a, b = knots.at[i], knots.at[j]
            u = (frames[a : b + 1] - a) / (b - a)
            told[a : b + 1] = (
                knots.values[i, column] * (1 + 2 * u) * (1 - u) ** 2 + knots.values[j, column] * u**2 * (3 - 2 * u)
                + (b - a) * (knots.slopes[i, column] * u * (1 - u) ** 2 - knots.slopes[j, column] * u**2 * (1 - u))
            )  # fmt: skip
        assert np.abs(told - values[:, column]).max() <= near[column] + 1e-6
        assert abs(told[[0, -1]] - values[[0, -1], column]).max() < 1e-5


def test_a_pass_in_a_span_changes_nothing_outside_of_it(wick, hand):
    take = put_keys(Take("Pass", RATE, 0, 96), 0, {f"{hand}.x": 0.0, f"{hand}.y": 5.0})
    take = put_keys(take, 50, {f"{hand}.x": 30.0, f"{hand}.y": -9.0})
    made = performed(take, wick, of_hand(hand, 4.0, 3), Shaping(span=(30.0, 60.0)))
    frames = np.concatenate([np.arange(0, 30), np.arange(61, 97)])
    for name in (f"{hand}.x", f"{hand}.y"):
        was, now = (channels_over(each, wick, frames)[name] for each in (take, made))
        assert np.abs(was - now).max() < 1e-9
        wanted = of_hand(hand, 4.0, 3).samples[name]
        inside = np.arange(30, 61)
        assert np.abs(channels_over(made, wick, inside)[name] - np.interp(inside, *wanted)).max() < 1.0


def test_what_was_before_a_pass_stays_and_the_next_key_is_come_to(wick, hand):
    take = put_keys(put_keys(Take("Pass", RATE, 0, 96), 0, {f"{hand}.x": 0.0}), 80, {f"{hand}.x": 44.0})
    recorded = of_hand(hand, 1.0, 4, start=30.0)
    made = performed(take, wick, recorded)
    before = np.arange(0, 30)
    was, now = (channels_over(each, wick, before)[f"{hand}.x"] for each in (take, made))
    assert np.abs(was - now).max() < 1e-9
    assert made.tracks[f"{hand}.x"][-1] == take.tracks[f"{hand}.x"][-1]


def test_only_what_the_hand_moved_gets_keys(wick, hand):
    clock = np.arange(0.0, 48.0, 0.5)
    still = Recorded({f"{hand}.x": (clock, np.sin(clock / 9) * 20), f"{hand}.y": (clock, np.zeros(96))}, 47.5)
    assert set(performed(Take("Pass", RATE), wick, still).tracks) == {f"{hand}.x"}
    empty = Recorded({f"{hand}.x": (np.array([3.2, 3.6]), np.array([1.0, 2.0]))}, 3.7)
    take = Take("Pass", RATE)
    assert performed(take, wick, empty) is take


def test_a_hand_that_lies_still_is_not_led_slowly_to_where_it_goes_next(wick, hand):
    recorded = Recorded({f"{hand}.x": (np.array([0.0, 1.0, 20.0]), np.array([0.0, 10.0, 50.0]))}, 24.0)
    found = over_frames(recorded, Take("Pass", RATE), wick)[f"{hand}.x"]
    assert np.allclose(found.values[1:20], 10.0)
    assert found.values[24] == 50.0


def test_the_last_lap_of_a_loop_counts_and_comes_in_without_a_jump(wick, hand):
    take = Take("Pass", RATE, 0, 48, loop=True)
    clock = np.arange(0.0, 110.0, 0.25)
    recorded = Recorded({f"{hand}.x": (clock, clock)}, 109.75)
    found = over_frames(recorded, take, wick)[f"{hand}.x"]
    assert list(found.frames) == list(range(48))
    assert found.values[13] == pytest.approx(109.0)
    assert found.values[5] == pytest.approx(101.0)
    assert found.values[25] == pytest.approx(73.0)
    assert 61.0 < found.values[14] < 110.0  # on its way from one lap to the other
    made = performed(take, wick, recorded)
    assert made.tracks[f"{hand}.x"][0].value == made.tracks[f"{hand}.x"][-1].value
    assert made.tracks[f"{hand}.x"][-1].frame == 48.0


def test_variants_hold_from_the_frame_at_which_they_were_pressed(wick):
    key = next(key for key, one in wick.sets.items() if len(one.variants) > 2)
    name = f"{key}.shows"
    recorded = Recorded({name: (np.array([0.0, 7.4, 20.2]), np.array([0.0, 2.0, 3.0]))}, 30.0)
    made = performed(Take("Pass", RATE), wick, recorded, Shaping(smooth=1.0))
    assert [(each.frame, each.value, each.interpolation) for each in made.tracks[name]] == [
        (0.0, 0.0, "hold"), (8.0, 2.0, "hold"), (21.0, 3.0, "hold"),
    ]  # fmt: skip


def test_smoothing_keeps_both_ends_and_straight_ways():
    line = np.linspace(3.0, 9.0, 50)
    assert np.abs(smoothed(line, 6.0) - line).max() < 1e-9
    rough = np.random.default_rng(2).normal(size=80)
    calm = smoothed(rough, 5.0)
    assert (calm[0], calm[-1]) == (pytest.approx(rough[0]), pytest.approx(rough[-1]))
    assert np.abs(np.diff(calm, 2)).max() < 0.2 * np.abs(np.diff(rough, 2)).max()


def test_under_a_layer_what_is_seen_is_what_was_performed(wick, hand):
    swing = put_keys(put_keys(Take("Swing", RATE, 0, 96), 0, {f"{hand}.x": -8.0}), 60, {f"{hand}.x": 8.0})
    whole = lay_over(Take("Pass", RATE, 0, 96), swing, "adds", 0.0)
    for layer in ("", "Swing"):
        made = performed(whole, wick, of_hand(hand, 3.0, 7), Shaping(layer=layer))
        frames = np.arange(73)
        wanted = gentle(frames.astype(float), 7)[0]
        assert np.abs(channels_over(made, wick, frames)[f"{hand}.x"] - wanted).max() < 1.0
        assert replace(made, tracks={}, layers=()) == replace(whole, tracks={}, layers=())


def test_a_pass_over_the_end_of_a_loop_goes_on_at_its_beginning(wick, hand):
    name = f"{hand}.x"
    take = put_keys(put_keys(Take("Pass", RATE, 0, 48, loop=True), 0, {name: 0.0}), 24, {name: 30.0})
    clock = np.arange(40.0, 56.0, 0.25)
    made = performed(take, wick, Recorded({name: (clock, 100 + clock)}, 55.75))
    values = channels_over(made, wick, np.arange(48))[name]
    was = channels_over(take, wick, np.arange(48))[name]
    assert np.abs(values[40:] - (100 + np.arange(40, 48))).max() < 1.0
    assert np.abs(values[:8] - (100 + np.arange(48, 56))).max() < 1.0
    assert np.abs(values[8:40] - was[8:40]).max() < 1.0
    assert {each.frame for each in made.tracks[name]} <= set(range(49))

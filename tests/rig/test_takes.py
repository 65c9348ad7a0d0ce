"""Keys and takes edited: there and back is equal, what is taken is named, nothing absurd is kept."""

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st
from msgspec.structs import replace

from takes_strategies import takes
from umbrite.rig.errors import RigError
from umbrite.rig.takes import take_list as shelf
from umbrite.rig.takes.keys import (
    clip_of,
    close_loop,
    ease_all,
    key_at,
    mirror_keys,
    move_keys,
    paste_keys,
    put_keys,
    remove_keys,
    scatter,
    set_interpolation,
    spots_of,
    stretch_keys,
)
from umbrite.rig.takes.take import Key, Take


def alike(one, other):
    numbers = np.array([[key.frame, key.out, key.into] for key in (one, other)])
    plain = [replace(key, frame=0.0, out=0.0, into=0.0) for key in (one, other)]
    return plain[0] == plain[1] and np.allclose(*numbers, rtol=1e-9, atol=1e-6)


def same(one, other):
    """Equal but for rounding of frames and slopes."""
    return one.tracks.keys() == other.tracks.keys() and all(
        len(a) == len(b)
        and all(map(alike, a, b))
        for a, b in zip(one.tracks.values(), other.tracks.values(), strict=True)
    )  # fmt: skip


def moved(spots, by):
    return {(channel, frame + by) for channel, frame in spots}


@given(takes(), st.integers(-40, 40))
def test_moved_and_moved_back_is_equal(take, by):
    spots = spots_of(take)
    there = move_keys(take, spots, by)
    assert spots_of(there) == moved(spots, by)
    assert same(move_keys(there, spots_of(there), -by), take)


@given(takes())
def test_stretched_by_two_and_by_a_half_is_equal(take):
    there = stretch_keys(take, spots_of(take), 10, 2.0)
    assert same(stretch_keys(there, spots_of(there), 10, 0.5), take)


@given(takes())
def test_mirrored_twice_is_equal_but_for_the_way_after_the_last_key(take):
    twice = mirror_keys(mirror_keys(take, spots_of(take)), spots_of(mirror_keys(take, spots_of(take))))
    assert same(twice, take)


@given(takes(), st.integers(0, 60))
def test_what_is_copied_and_pasted_where_it_was_changes_nothing(take, frame):
    spots = spots_of(take)
    clip = clip_of(take, spots)
    start = min(at for _, at in spots)
    assert same(paste_keys(take, clip, start), take)
    assert len(spots_of(paste_keys(take, clip, frame + 1000.0))) == 2 * len(spots)


@given(takes(), st.data())
def test_removed_keys_are_gone_and_the_others_stay(take, data):
    spots = data.draw(st.sets(st.sampled_from(sorted(spots_of(take))), min_size=1))
    left = remove_keys(take, spots)
    assert spots_of(left) == spots_of(take) - spots
    with pytest.raises(RigError, match="Pick keys"):
        remove_keys(left, spots)


def test_what_makes_no_sense_is_refused_in_words():
    take = put_keys(Take("T"), 0, {"j1.x": 1.0})
    for wrong in (
        lambda: stretch_keys(take, spots_of(take), 0, 0.0),
        lambda: set_interpolation(take, spots_of(take), "eased", 0.8, 0.8),
        lambda: ease_all(take, 0.7),
        lambda: shelf.get_take((take,), "Else"),
        lambda: shelf.rename_take((take,), "T", "  "),
        lambda: shelf.rename_take((take, replace(take, name="U")), "T", "U"),
        lambda: shelf.set_time(take, last=0),
        lambda: shelf.set_time(take, rate=0),
    ):
        with pytest.raises(RigError):
            wrong()
    assert ease_all(Take("T"), 0.3) == Take("T")


@given(takes())
def test_all_ways_are_eased_but_those_that_hold(take):
    eased = ease_all(take, 0.4)
    for channel, track in take.tracks.items():
        for key, now in zip(track, eased.tracks[channel], strict=True):
            assert (
                now == key
                if key.interpolation == "hold"
                else (now.interpolation, now.out, now.into) == ("eased", 0.4, 0.4)
            )


@given(takes(), st.integers(0, 99))
def test_what_is_scattered_keeps_each_thing_together_and_comes_again_with_its_seed(take, seed):
    there = scatter(take, spots_of(take), 3, seed)
    assert there == scatter(take, spots_of(take), 3, seed)
    for owner in {channel.split(".")[0] for channel in take.tracks}:
        moved_by = {
            now.frame - was.frame
            for channel in take.tracks
            if channel.split(".")[0] == owner
            for was, now in zip(take.tracks[channel], there.tracks[channel], strict=True)
        }
        assert len(moved_by) == 1
        assert abs(moved_by.pop()) <= 3


@given(takes())
def test_a_closed_loop_ends_as_it_begins(take):
    closed = close_loop(take)
    for channel in closed.tracks:
        first, last = (key_at(closed, channel, frame) for frame in (closed.first, closed.last))
        if first is not None:
            assert last is not None
            assert last.value == first.value


def test_takes_are_made_copied_named_and_removed():
    takes_ = shelf.add_take(shelf.add_take((), "Idle"), "Idle", {"j1.x": 3.0})
    assert [take.name for take in takes_] == ["Idle", "Idle 2"]
    assert key_at(takes_[1], "j1.x", 0) == Key(0.0, 3.0)
    takes_ = shelf.rename_take(shelf.copy_take(takes_, "Idle"), "Idle 2", "Walk")
    assert [take.name for take in takes_] == ["Idle", "Idle copy", "Walk"]
    assert [take.name for take in shelf.remove_take(takes_, "Idle copy")] == ["Idle", "Walk"]
    assert list(shelf.take_faults(takes_)) == []
    assert list(shelf.take_faults((takes_[0], takes_[0]))) != []
    assert list(shelf.take_faults((replace(takes_[0], tracks={"j1.x": (Key(2.0, 0.0), Key(1.0, 0.0))}),))) != []

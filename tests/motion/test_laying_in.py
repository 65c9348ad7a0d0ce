"""A guest's own takes in a take of its host."""

import numpy as np
import pytest
from msgspec.structs import replace

from demo_puppet import ASSETS, joint
from umbrite.files.package import load
from umbrite.motion.animating.laying_in import lay_in
from umbrite.motion.sampling import pose_at, sample
from umbrite.rig.errors import RigError
from umbrite.rig.merging.guest_edits import add_guest
from umbrite.rig.merging.rewiring import copied_settings
from umbrite.rig.takes.take import Key, Take

HOST = load(ASSETS / "wick.umbrite").document
BRAMBLE = load(ASSETS / "bramble.umbrite").document


def test_a_laid_take_shows_at_each_key_what_the_guest_shows_alone_in_its_time_and_size():
    document, key = add_guest(HOST, BRAMBLE, "bramble.umbrite", 0j, 0.5)
    ids = document.puppet.guests[key].ids
    for inner in BRAMBLE.takes:
        slow = Take("Scene", rate=inner.rate / 2, last=400)
        laid = lay_in(slow, document.puppet, key, inner.name, 10)
        for frame in range(inner.first, inner.last, 6):
            wanted = copied_settings(pose_at(inner, BRAMBLE.puppet, frame), ids, 0.5)
            shown = pose_at(laid, document.puppet, 10 + (frame - inner.first) / 2)
            keyed = {name for name, track in inner.tracks.items() if any(each.frame == frame for each in track)}
            for name in keyed:
                owner, _, what = name.partition(".")
                there = f"{ids[owner]}.{what}"
                assert shown.get(there, 0.0) == pytest.approx(wanted.get(there, 0.0), abs=1e-9)


def test_a_loop_goes_round_to_the_end_of_the_take_as_it_does_alone_and_others_make_it_longer():
    inner = BRAMBLE.takes[0]
    assert inner.loop
    wheel = joint(BRAMBLE.puppet, "Tail")
    turning = {**inner.tracks, f"{wheel}.turn": (Key(0.0, 0.0, "straight"), Key(float(inner.last), 1.0, "straight"))}
    looped = replace(BRAMBLE, takes=(replace(inner, tracks=turning),))
    again, other = add_guest(HOST, looped, "bramble.umbrite")
    length, ids = inner.last - inner.first, again.puppet.guests[other].ids
    take = Take("Scene", rate=inner.rate, last=2 * length + 7)
    laid = lay_in(take, again.puppet, other, inner.name, 3)
    frames = np.arange(3, laid.last + 0.1, 0.5)
    shown, alone = sample(laid, again.puppet, frames), sample(looped.takes[0], BRAMBLE.puppet, frames - 3)
    for name, values in alone.items():
        owner, _, what = name.partition(".")
        more = np.floor((frames - 3) / length) if name == f"{wheel}.turn" else 0.0
        assert np.abs(shown[f"{ids[owner]}.{what}"] - values - more).max() < 1e-6, name
    once = replace(BRAMBLE, takes=(replace(inner, loop=False),))
    document, key = add_guest(HOST, once, "bramble.umbrite")
    assert lay_in(take, document.puppet, key, inner.name, 3 * length - 1).last == 4 * length - 1
    with pytest.raises(RigError, match="no take named"):
        lay_in(take, document.puppet, key, "Nowhere", 0)

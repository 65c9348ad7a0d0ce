"""A guest's own takes in a take of its host."""

import pytest
from msgspec.structs import replace

from demo_puppet import ASSETS
from umbrite.files.package import load
from umbrite.motion.sampling import pose_at
from umbrite.rig.errors import RigError
from umbrite.rig.merging.guest_edits import add_guest
from umbrite.rig.merging.rewiring import copied_settings
from umbrite.rig.takes.take import Take
from umbrite.rig.versions.guest_takes import lay_in

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


def test_a_loop_goes_round_to_the_end_of_the_take_and_others_make_it_longer():
    document, key = add_guest(HOST, BRAMBLE, "bramble.umbrite")
    inner = BRAMBLE.takes[0]
    looped = replace(BRAMBLE, takes=(replace(inner, loop=True),))
    again, other = add_guest(HOST, looped, "bramble.umbrite")
    length = inner.last - inner.first
    take = Take("Scene", rate=inner.rate, last=3 * length)
    last = max(k.frame for track in lay_in(take, again.puppet, other, inner.name, 0).tracks.values() for k in track)
    assert last > 2 * length
    once = replace(BRAMBLE, takes=(replace(inner, loop=False),))
    document, key = add_guest(HOST, once, "bramble.umbrite")
    assert lay_in(take, document.puppet, key, inner.name, 3 * length - 1).last == 4 * length - 1
    with pytest.raises(RigError, match="no take named"):
        lay_in(take, document.puppet, key, "Nowhere", 0)

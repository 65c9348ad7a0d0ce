"""Controls, links and takes taken along by names."""

import msgspec
import pytest
from msgspec.structs import replace

from demo_puppet import ASSETS
from umbrite.files.package import load
from umbrite.rig.document import Document
from umbrite.rig.errors import RigError
from umbrite.rig.invariants import invariants
from umbrite.rig.merging.branch_merging import merge
from umbrite.rig.merging.rewiring import Transform
from umbrite.rig.versions.along_by_names import Clip, clip_of, with_clip

WICK = load(ASSETS / "wick.umbrite").document


def test_all_controls_and_links_go_to_a_larger_puppet_of_the_same_names_and_grow_with_it():
    larger = merge(Document(), WICK, Transform(scale=2.0)).document
    puppet = larger.puppet
    bare = replace(puppet, controls={}, links={}, responses={}, height=2 * WICK.puppet.height)
    told = clip_of(WICK, [*WICK.puppet.controls, *WICK.puppet.links])
    again = msgspec.json.decode(msgspec.json.encode(told), type=Clip)
    made, keys, missing = with_clip(replace(larger, puppet=bare), again)
    assert missing == []
    assert len(keys) == len(WICK.puppet.controls) + len(WICK.puppet.links)
    assert invariants(made.puppet) == []
    called = {one.name: one.stops for one in puppet.responses.values()}
    assert {one.name: one.stops for one in made.puppet.responses.values()} == called
    wanted = {control.name: control for control in puppet.controls.values()}
    for control in made.puppet.controls.values():
        assert control == replace(wanted[control.name], chooses=control.chooses)


def test_what_is_not_there_by_name_is_told_and_nothing_at_all_is_refused():
    bramble = load(ASSETS / "bramble.umbrite").document
    made, keys, missing = with_clip(bramble, clip_of(WICK, WICK.puppet.controls))
    assert keys
    assert missing
    assert set(bramble.puppet.controls) < set(made.puppet.controls)
    names = [control.name for control in made.puppet.controls.values()]
    assert len(set(names)) == len(names)
    with pytest.raises(RigError, match="nothing was pasted"):
        with_clip(Document(), clip_of(WICK, WICK.puppet.controls))
    with pytest.raises(RigError, match="not pasted"):
        with_clip(Document(), clip_of(WICK, take=WICK.takes[0]))
    with pytest.raises(RigError, match="Select some first"):
        clip_of(WICK)

"""Stages of work, and what differs between one and now."""

import pytest
from hypothesis import HealthCheck, given, reject, settings
from hypothesis import strategies as st
from msgspec.structs import replace

from all_edits import EDITS, edited
from demo_puppet import ASSETS
from strategies import furnished
from umbrite.files.package import load
from umbrite.rig.change import exists
from umbrite.rig.document import Document, settled
from umbrite.rig.errors import RigError
from umbrite.rig.versions.differences import WORDS, differences
from umbrite.rig.versions.versions import back_to, get_version, keep_version, remove_version, rename_version

WICK = load(ASSETS / "wick.umbrite").document


@settings(deadline=None, max_examples=40, suppress_health_check=[HealthCheck.too_slow])
@given(st.data())
def test_whatever_an_edit_changes_is_told_and_going_back_is_equal(data):
    puppet = data.draw(furnished())
    kept = keep_version(Document(puppet), "Before", "2026-11-26T10:00:00Z")
    try:
        after = edited(data.draw(st.sampled_from(sorted(EDITS))), puppet, data.draw)
    except RigError:
        reject()
    now = settled(replace(kept, puppet=after), kept)
    told = differences(Document(puppet), replace(now, versions=()))
    silent = replace(
        after, next_id=puppet.next_id, meant=puppet.meant, guides=puppet.guides, controls_only=puppet.controls_only
    )
    assert bool(told) == (silent != puppet)
    assert all(exists(now.puppet, key) for each in told for key in each.keys)
    assert back_to(now, "Before") == kept


def test_every_field_of_every_thing_has_a_word():
    puppet = WICK.puppet
    items = [next(iter(getattr(puppet, field).values())) for field in ("joints", "parts", "limbs", "controls", "sets")]
    assert {field for item in items for field in item.__struct_fields__} <= WORDS.keys()


def test_stages_are_named_apart_renamed_and_removed_and_refused_with_a_sentence():
    document = keep_version(keep_version(WICK, "Pivots done", "now"), "Pivots done", "now")
    assert [version.name for version in document.versions] == ["Pivots done", "Pivots done 2"]
    assert get_version(document, "Pivots done 2").document == WICK
    with pytest.raises(RigError, match="name of another stage"):
        rename_version(document, "Pivots done", "Pivots done 2")
    with pytest.raises(RigError, match="needs a name"):
        keep_version(document, "  ", "now")
    with pytest.raises(RigError, match="no stage named"):
        back_to(document, "Nowhere")
    assert remove_version(rename_version(document, "Pivots done", "Old"), "Old").versions == document.versions[1:]
    assert settled(document, WICK).versions is document.versions

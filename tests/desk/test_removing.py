"""Removing a part takes along what only served it, and says what it did to others."""

import pytest

from demo_puppet import part
from desk.test_art import select
from umbrite.desk.session.stations import PARTS
from umbrite.rig.edits.looks import set_clip
from umbrite.rig.invariants import invariants


@pytest.fixture
def parts(plain_window):
    plain_window.session.workspace.go_to(PARTS)
    return plain_window


def test_a_shade_goes_with_its_part_and_what_was_clipped_is_told(parts, act):
    session = parts.session
    (cap,) = select(parts, "Cap")
    act("shade")
    mouth = part(session.puppet, "Mouth")
    session.edit("Clip", set_clip(session.puppet, mouth, cap))
    session.selection.select([cap])
    before = session.puppet
    act("delete")
    assert {before.parts[key].name for key in before.parts if key not in session.puppet.parts} == {"Cap", "Cap shade"}
    assert invariants(session.puppet) == []
    said = parts.frame.hints.message
    assert "Cap was removed with Cap shade." in said
    assert "No longer clipped: Mouth." in said
    act("undo")
    assert session.puppet == before

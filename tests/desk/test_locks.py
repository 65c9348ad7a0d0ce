"""A locked part stays where it is, in place and in order, whatever is done to what is selected."""

import pytest
from PySide6.QtCore import Qt

from demo_puppet import part
from desk.test_art import select
from umbrite.desk.board.part_frame import frame_of
from umbrite.desk.session.stations import PARTS


@pytest.fixture
def locked(plain_window, act):
    """Cap locked by its key, and selected with two others."""
    session = plain_window.session
    session.workspace.go_to(PARTS)
    (cap,) = select(plain_window, "Cap")
    act("lock")
    assert session.puppet.parts[cap].locked
    select(plain_window, "Cap", "Mouth", "Near hand")
    return plain_window


def test_nothing_that_is_done_to_several_parts_touches_a_locked_one(locked, act, qtbot, hand):
    session = locked.session
    cap, before = part(session.puppet, "Cap"), session.puppet
    for name in ("align-left", "spread-across"):
        act(name)
    qtbot.keyClick(locked.board, Qt.Key.Key_Right)
    assert session.puppet.parts[part(before, "Mouth")].placement != before.parts[part(before, "Mouth")].placement
    frame = frame_of(session)
    assert frame is not None
    corner = frame.at(1, 1)
    hand.drag(corner, corner + 20 + 20j)
    assert session.puppet.parts[cap] == before.parts[cap]
    act("front")
    assert session.puppet.order[-1] != cap
    assert {session.puppet.order[-1], session.puppet.order[-2]} == {part(before, n) for n in ("Mouth", "Near hand")}


@pytest.mark.parametrize("name", ["rear", "delete"])
def test_a_locked_part_alone_says_so(locked, act, name):
    session = locked.session
    select(locked, "Cap")
    before = session.puppet
    act(name)
    assert session.puppet is before
    assert "Cap is locked" in locked.frame.hints.message
    act("lock")
    act(name)
    assert session.puppet is not before

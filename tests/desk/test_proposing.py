"""Find joints on the board: pencilled, taken, corrected, left out; nothing moves."""

from collections.abc import Callable

import pytest
from PySide6.QtCore import Qt

from demo_puppet import joint, part, wick

ALT = Qt.KeyboardModifier.AltModifier
Act = Callable[[str], None]


def proposed(window, name):
    key = part(window.session.puppet, name)
    return next(p.pivot for p in window.session.drafts.now.proposals if p.part == key)


def test_one_is_taken_by_a_click_one_corrected_by_a_drag_one_left_with_alt(art_window, act, hand):
    session = art_window.session
    act("find-joints")
    knee = proposed(art_window, "Near shin")
    hand.click(knee)
    found = session.puppet
    assert found.joints[joint(found, "Near shin")].parent == joint(found, "Near thigh")
    assert found.joints[joint(found, "Near shin")].pivot.z == pytest.approx(knee)
    assert len(session.drafts.now.proposals) == 22
    ankle = proposed(art_window, "Near foot")
    hand.drag(ankle, ankle + 12 - 20j)
    assert session.puppet.joints[joint(found, "Near foot")].pivot.z == pytest.approx(ankle + 12 - 20j, abs=1)
    hand.click(proposed(art_window, "Lamp pole"), ALT)
    assert len(session.drafts.now.proposals) == 20
    assert session.puppet.joints[joint(found, "Lamp pole")].parent is None
    assert "was discarded" in art_window.frame.hints.message


def test_what_is_refused_stays_pencilled_and_is_named(wick_window, act):
    session = wick_window.session
    from umbrite.art.joint_finding import Proposal

    shin, scarf = (part(wick(), name) for name in ("Near shin", "Scarf"))
    session.drafts.put(session.drafts.now._replace(proposals=(Proposal(shin, scarf, 600 + 600j, 0.9),)))
    before = session.puppet
    act("take-all")
    assert len(session.drafts.now.proposals) == 1
    assert "stayed proposed" in wick_window.frame.hints.message
    assert session.puppet.joints == before.joints

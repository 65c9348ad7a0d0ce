"""A press in Rehearse does what it is seen to do, or says why it does nothing."""

import pytest
from PySide6.QtCore import Qt

from demo_puppet import joint
from desk.test_rehearsing import at, grip
from umbrite.desk.session.stations import REHEARSE
from umbrite.rig.edits.controls import make_control


def limb(session, name):
    return next(key for key, one in session.puppet.limbs.items() if one.name == name)


@pytest.fixture
def with_knob(wick_window):
    """A knob on the near forearm, selected in Rehearse."""
    session = wick_window.session
    puppet, key = make_control(session.puppet, "knob", joint(session.puppet, "Near forearm"))
    session.edit("A knob", puppet)
    session.workspace.go_to(REHEARSE)
    session.selection.select([key])
    return wick_window


def test_a_limb_posed_by_its_own_turns_is_turned_by_its_art(wick_window, hand):
    session = wick_window.session
    session.edit("Own turns", pose={f"{limb(session, 'Far arm')}.blend": 1.0})
    forearm = joint(session.puppet, "Far forearm")
    target, turn = grip(wick_window, "Far hand"), session.placed.turn(forearm)
    hand.drag(838 + 845j, 848 + 770j)
    assert abs(session.placed.turn(forearm) - turn) > 0.2
    assert grip(wick_window, "Far hand") == pytest.approx(target)
    assert set(session.pose) == {f"{limb(session, 'Far arm')}.blend", f"{forearm}.turn"}


def test_a_knob_that_its_limb_turns_says_so_and_turns_when_it_may(with_knob, hand, qtbot):
    session, key = with_knob.session, with_knob.session.selection.keys[0]
    forearm = joint(session.puppet, "Near forearm")
    place = session.placed.control_at(session.puppet.controls[key])
    hand.drag(place, place + 30 + 30j)
    assert session.pose == {}
    assert "is turned by Near arm" in with_knob.frame.hints.message
    session.edit("Own turns", pose={f"{limb(session, 'Near arm')}.blend": 1.0})
    for keys, way in (((Qt.Key.Key_Right,), 1), ((Qt.Key.Key_Left, Qt.Key.Key_Left), -1)):
        turn, elbow = session.placed.turn(forearm), at(with_knob, "Near forearm")
        for one in keys:
            qtbot.keyClick(with_knob.board, one)
        assert (session.placed.turn(forearm) - turn) * way > 0.01
        assert at(with_knob, "Near forearm") == pytest.approx(elbow)
    turn = session.placed.turn(forearm)
    qtbot.keyClick(with_knob.board, Qt.Key.Key_Right, Qt.KeyboardModifier.ControlModifier)
    assert session.placed.turn(forearm) != pytest.approx(turn)

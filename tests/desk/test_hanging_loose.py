"""What hangs loose: made so and made stiff, swinging in takes as its keys do once it is baked, and live while one poses."""

from collections.abc import Callable

import pytest

from demo_puppet import control, joint
from desk.test_rehearsing import grip
from desk.test_takes_station import take, timed
from umbrite.rig.model import Loose

Act = Callable[[str], None]
__all__ = ["timed"]


@pytest.fixture
def ducking(timed):
    """Wick goes down and up again with his body; the scarf hangs loose from the start."""
    session = timed.session
    body = session.puppet.controls[control(session.puppet, "Body")].moves
    session.timeline.go_to(8.0)
    session.edit("Down", pose={**session.pose, f"{body}.y": 70.0})
    session.timeline.go_to(16.0)
    session.edit("Up", pose={**session.pose, f"{body}.y": 0.0})
    return timed


def test_a_chain_is_made_loose_and_stiff_again(ducking, act):
    session = ducking.session
    session.selection.select([])
    assert not ducking.actions_by_id["swing"].isEnabled()
    session.selection.select([joint(session.puppet, "Scarf tail")])
    act("swing")
    chain = [joint(session.puppet, name) for name in ("Scarf tail", "Scarf tail 2", "Scarf end", "Scarf end 2")]
    assert [session.puppet.joints[key].loose for key in chain] == [None] * 4
    act("swing")
    assert [session.puppet.joints[key].loose for key in chain] == [Loose()] * 4
    session.selection.select([joint(session.puppet, "Near shin")])
    before = session.history.now
    act("swing")
    assert session.history.now is before
    assert "can't swing" in ducking.frame.hints.message


def test_baked_swing_is_the_same_picture_and_can_be_corrected(ducking, act):
    session = ducking.session
    chain = [joint(session.puppet, name) for name in ("Scarf tail", "Scarf tail 2", "Scarf end", "Scarf end 2")]
    session.timeline.go_to(12.0)
    before = [session.placed.turn(key) for key in chain]
    session.selection.select([chain[0]])
    act("bake-swing")
    assert take(ducking).stiff == tuple(sorted(chain))
    assert all(len(take(ducking).tracks[f"{key}.turn"]) == 49 for key in chain)
    assert [session.placed.turn(key) for key in chain] == pytest.approx(before, abs=1e-9)
    act("bake-swing")
    assert "None of these joints swings" in ducking.frame.hints.message


def test_it_swings_live_while_one_poses_and_comes_to_rest(ducking, hand, act):
    session = ducking.session
    act("rehearse")
    tail = joint(session.puppet, "Scarf tail")
    act("dangle")
    hand.drag(grip(ducking, "Body"), grip(ducking, "Body") + 90j)
    still = session.history.now
    session.dangling.tick(0.02)
    assert session.placed.turn(tail) != 0.0
    swings = []
    for _ in range(2000):
        session.dangling.tick(0.016)
        swings.append(session.placed.turn(tail))
        if not session.dangling.offsets:
            break
    assert session.dangling.offsets == {}
    assert max(map(abs, swings)) > 0.01
    assert session.placed.turn(tail) == 0.0
    assert session.history.now is still, "the pose knows nothing of it"
    act("dangle")
    assert not session.dangling.on

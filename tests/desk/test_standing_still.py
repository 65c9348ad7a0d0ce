"""Edits that say that nothing moves: the pose of Rehearse shows what it showed, and what has moved is said."""

import pytest

from demo_puppet import joint
from umbrite.desk.session.stations import CORD, LIMBS, PIVOTS
from umbrite.motion.carrying import how_far
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan


@pytest.fixture
def posed(wick_window):
    """Head turned, a hand lifted, and no take."""
    session = wick_window.session
    hand = next(limb.target for limb in session.puppet.limbs.values() if limb.name == "Near arm")
    session.edit("Pose", pose={f"{joint(session.puppet, 'Neck')}.turn": 0.6, f"{hand}.y": -90.0}, takes=())
    return wick_window


def shown(session):
    return evaluate(compile_plan(session.history.now.puppet), session.history.now.pose)


def limb(session, name):
    return next(key for key, one in session.puppet.limbs.items() if one.name == name)


def test_a_cord_leaves_the_pose_as_it_looks(posed, hand):
    session = posed.session
    before, head, hips = shown(session), joint(session.puppet, "Head"), joint(session.puppet, "Hips")
    session.workspace.go_to(PIVOTS)
    session.workspace.take_tool(CORD)
    session.selection.select([head])
    hand.drag(session.placed.pivot(head), session.placed.pivot(hips))
    assert session.puppet.joints[head].parent == hips
    assert how_far(before, shown(session)) < 1e-3
    assert posed.frame.hints.message == "Head hangs from Hips now. Nothing has moved."


@pytest.mark.parametrize(("label", "to"), [("End angle", "Kept by target"), ("Solving", "Off"), ("Posed by", "Its own turns")])  # fmt: skip
def test_the_card_of_a_limb_leaves_the_pose_as_it_looks(label, to, posed):
    session, section = posed.session, posed.details.sections["limb"]
    session.workspace.go_to(LIMBS)
    session.selection.select([limb(session, "Near arm")])
    before, field = shown(session), next(one for one in section.fields if one.accessibleName() == label)
    field.setCurrentText(to)
    field.activated.emit(field.currentIndex())
    assert session.history.now.puppet is not before.plan.puppet or session.history.now.pose != {}
    assert how_far(before, shown(session)) < 1e-3


def test_an_arm_stays_lifted_without_its_limb(posed, act):
    session = posed.session
    before = shown(session)
    session.selection.select([limb(session, "Near arm")])
    act("delete-with")
    assert "Near arm" not in {one.name for one in session.puppet.limbs.values()}
    assert how_far(before, shown(session)) < 1e-3
    act("undo")
    assert how_far(before, shown(session)) == 0


def test_a_pivot_that_moves_the_pose_says_so(posed, hand):
    session = posed.session
    session.workspace.go_to(PIVOTS)
    neck = joint(session.puppet, "Neck")
    before, at = shown(session), session.placed.pivot(neck)
    hand.drag(at, at + 12)
    far = how_far(before, shown(session))
    assert far > 3
    assert posed.frame.hints.message == f"Nothing has moved at rest, but in the pose up to {far:.0f} px."

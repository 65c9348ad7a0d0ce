"""Edits that say that nothing moves: the pose of Rehearse shows what it showed, and what has moved is said."""

import pytest

from demo_puppet import joint
from umbrite.checking.puppet_findings import findings as puppet_findings
from umbrite.desk.session.stations import CORD, LIMBS, PIVOTS
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.motion.rest_changes.picture_kept import how_far
from umbrite.rig.edits.limbs import set_bend_side
from umbrite.rig.edits.pivots import move_pivot
from umbrite.rig.limb_shape import bends_to, limb_points


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
    assert posed.frame.hints.message == "Hips is the parent of Head now. Nothing has moved."


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


def test_a_pivot_is_moved_under_the_pose_and_its_values_can_stay_instead(posed, hand, act):
    session = posed.session
    session.workspace.go_to(PIVOTS)
    neck = joint(session.puppet, "Neck")
    before, pose, at = shown(session), session.history.now.pose, session.placed.pivot(neck)
    hand.drag(at, at + 12)
    assert how_far(before, shown(session)) < 1e-3
    assert session.history.now.pose != pose
    act("values-instead")
    assert how_far(before, shown(session)) > 3
    assert session.history.now.pose == pose
    act("undo")
    assert session.puppet is before.plan.puppet


def test_a_question_about_a_step_goes_with_it(posed, act):
    session, banner = posed.session, posed.frame.banner
    session.edit("Away", pose={})
    session.asking("A take differs.", "Undo takes back the whole step.", {"Leave it as it is": lambda: None})
    session.edit("Another", pose={f"{joint(session.puppet, 'Neck')}.turn": 0.2})
    assert banner.isVisible()
    act("undo")
    assert banner.isVisible()
    act("undo")
    assert not banner.isVisible()


def test_no_choice_of_a_side_moves_what_is_drawn_bent(wick_window, act):
    session = wick_window.session
    session.edit("No takes", takes=())
    session.workspace.go_to(LIMBS)
    key = limb(session, "Near leg")
    session.selection.select([key])
    rest = evaluate(compile_plan(session.puppet), {})
    bend = session.puppet.limbs[key].bend
    act("side")
    assert session.puppet.limbs[key].bend == -bend
    assert how_far(rest, evaluate(compile_plan(session.puppet), {})) == 0
    assert "Drawn bent to the other side: Near leg." in wick_window.frame.hints.message
    assert ("bend-against", key) in {(one.code, one.where) for one in puppet_findings(session.puppet)}
    act("side-over")  # the picture moves on wish only
    assert bends_to(session.puppet, session.puppet.limbs[key]) == session.puppet.limbs[key].bend == -bend
    assert "bend-against" not in {one.code for one in puppet_findings(session.puppet)}
    assert session.puppet.joints[joint(session.puppet, "Near foot")].pivot.z == pytest.approx(
        rest.pivot(joint(session.puppet, "Near foot"))
    )
    knee = joint(session.puppet, "Near shin")
    assert abs(session.puppet.joints[knee].pivot.z - rest.pivot(knee)) > 20


def test_a_knee_dragged_over_the_line_keeps_the_side_that_was_chosen(wick_window, act, hand):
    session = wick_window.session
    key, knee = limb(session, "Near leg"), joint(session.puppet, "Near shin")
    session.edit("Chosen", set_bend_side(session.puppet, key, session.puppet.limbs[key].bend))
    bend = session.puppet.limbs[key].bend
    session.workspace.go_to(PIVOTS)
    session.selection.select([knee])
    root, _, tip = limb_points(session.puppet, session.puppet.limbs[key])
    at = session.placed.pivot(knee)
    along = (tip - root) / abs(tip - root)
    mirrored = root + ((at - root) / along).conjugate() * along
    hand.drag(at, mirrored)
    assert abs(session.puppet.joints[knee].pivot.z - mirrored) < 2
    assert session.puppet.limbs[key].bend == bend
    assert ("bend-against", key) in {(one.code, one.where) for one in puppet_findings(session.puppet)}
    act("undo")
    # Drawn straight, the pivot goes over, and no picture moves.
    straight = move_pivot(session.puppet, knee, (root + tip) / 2 + 0.5j * along)
    turned = set_bend_side(straight, key, -bends_to(straight, straight.limbs[key]))
    assert bends_to(turned, turned.limbs[key]) == turned.limbs[key].bend != bends_to(straight, straight.limbs[key])

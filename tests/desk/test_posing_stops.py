"""Poses that values call forth, made by posing them: begun, posed, kept or discarded, shown again, mirrored, reshaped."""

import numpy as np
import pytest
from PySide6.QtCore import Qt
from PySide6.QtTest import QTest

from demo_puppet import joint
from drawn_faces import EYES, HEAD, drawn_face
from umbrite.desk.board.control_places import bead_at, point_of
from umbrite.desk.board.overlay.take_overlay import trail_of
from umbrite.desk.session.stations import CONTROLS, REHEARSE, RESHAPE, TAKES
from umbrite.motion.scene import mesh_places
from umbrite.rig.channels import with_values
from umbrite.rig.model import Point


@pytest.fixture
def slider(wick_window, act):
    """A slider for poses beside the head, in Rehearse, its bead at the end."""
    session = wick_window.session
    session.workspace.go_to(REHEARSE)
    session.selection.select([joint(session.puppet, "Head")])
    act("make-pose-slider")
    (key,) = session.selection.keys
    session.edit("Bead", pose=with_values(session.pose, {f"{key}.value": 1.0}))
    return key


def bead(window, key):
    """The board point of a slider's bead."""
    place = bead_at(window.session, window.board.camera, key)
    return window.board.camera.board(complex(place.x(), place.y()))


def posed_at_the_end(window, hand, act):
    """The cap lifted for the slider's end, and kept with Enter."""
    session, cap = window.session, joint(window.session.puppet, "Cap")
    act("pose-here")
    session.edit("Lift", pose=with_values(session.pose, {f"{cap}.y": -30.0}))
    QTest.keyClick(hand.board, Qt.Key.Key_Return)
    return cap


def test_a_pose_is_made_by_posing_and_comes_with_the_bead(wick_window, slider, hand, act):
    session = wick_window.session
    before = session.puppet.responses.keys()
    steps = len(session.history.steps()[0])
    cap = posed_at_the_end(wick_window, hand, act)
    assert len(session.history.steps()[0]) == steps + 1
    assert session.pose == {f"{slider}.value": 1.0}
    assert session.placed.value(cap, "y") == pytest.approx(-30.0)
    start = bead(wick_window, slider)
    middle = session.placed.control_at(session.puppet.controls[slider])
    hand.drag(start, middle)
    assert session.placed.value(cap, "y") == 0  # the bead comes to lie on the neutral notch
    hand.drag(bead(wick_window, slider), (start + middle) / 2)
    assert -20 < session.placed.value(cap, "y") < -10
    act("pose-here")
    QTest.keyClick(hand.board, Qt.Key.Key_Escape)
    assert session.drafts.now.stop is None
    session.step(-3)
    assert session.puppet.responses.keys() == before


@pytest.mark.usefixtures("slider")
def test_what_is_discarded_can_be_done_again_and_rest_is_refused(wick_window, act):
    session, cap = wick_window.session, joint(wick_window.session.puppet, "Cap")
    act("pose-here")
    assert wick_window.frame.stop_strip.isVisibleTo(wick_window)
    session.edit("Lift", pose=with_values(session.pose, {f"{cap}.y": -30.0}))
    wick_window.frame.stop_strip.discard.click()
    assert session.placed.value(cap, "y") == 0
    session.step(1)
    assert session.placed.value(cap, "y") == -30
    session.edit("Back", pose={})
    act("pose-here")
    assert session.drafts.now.stop is None
    assert "neutral value" in wick_window.frame.hints.message


def test_undo_past_where_posing_began_ends_it_and_loses_nothing(wick_window, slider, act):
    session, cap = wick_window.session, joint(wick_window.session.puppet, "Cap")
    puppet = session.puppet
    act("pose-here")
    session.edit("Lift", pose=with_values(session.pose, {f"{cap}.y": -30.0}))
    session.step(-1)
    assert session.drafts.now.stop is not None
    before = len(session.history.steps()[0])
    session.step(-1)
    assert session.drafts.now.stop is None
    assert not wick_window.frame.stop_strip.isVisibleTo(wick_window)
    assert len(session.history.steps()[0]) == before - 1
    session.step(1)
    assert session.puppet == puppet
    assert session.pose[f"{slider}.value"] == 1.0


def test_the_card_lists_stops_shows_mirrors_and_removes_them(wick_window, slider, hand, act):
    session, card = wick_window.session, wick_window.details.stops
    cap = posed_at_the_end(wick_window, hand, act)
    session.selection.select([slider])
    assert [card.list.item(i).text() for i in range(card.list.count())] == ["+1.00"]
    assert "Cap" in card.list.item(0).toolTip()
    card.list.item(0).setText("Surprise")
    card.buttons["Mirror"].click()
    response = session.puppet.responses[card.key]
    assert [(stop.at.x, stop.name) for stop in response.stops] == [(-1.0, "Surprise"), (1.0, "Surprise")]
    card.list.setCurrentRow(0)
    card.buttons["Show"].click()
    assert session.pose == {f"{slider}.value": -1.0}
    card.buttons["Pose again"].click()
    session.edit("More", pose=with_values(session.pose, {f"{cap}.y": -12.0}))
    wick_window.frame.stop_strip.take.click()
    assert session.placed.value(cap, "y") == pytest.approx(-42.0)
    card.buttons["Remove"].click()
    card.buttons["Remove"].click()
    assert f"{slider}.value" not in {one.driver for one in session.puppet.responses.values()}
    assert not card.isVisibleTo(wick_window)


def test_a_bend_is_corrected_by_pushing_the_art(wick_window, hand, act):
    session = wick_window.session
    arm = next(limb for limb in session.puppet.limbs.values() if limb.name == "Near arm")
    bent = {f"{arm.target}.x": 150.0, f"{arm.target}.y": -330.0}
    session.workspace.go_to(REHEARSE)
    session.edit("Bend", pose=bent)
    session.selection.select([arm.joints[1]])
    act("correct-bend")
    assert session.workspace.tool is RESHAPE
    elbow = session.placed.pivot(arm.joints[1])
    hand.drag(elbow - 20 + 10j, elbow - 60 + 25j)
    key, shape = list(session.puppet.shapes.items())[-1]
    QTest.keyClick(hand.board, Qt.Key.Key_Return)
    assert session.pose == bent
    moved = mesh_places(session.placed)[shape.part]
    near = np.abs(moved - (elbow - 60 + 25j)).min()
    session.edit("Rest", pose={})
    rest = session.puppet.parts[shape.part].mesh.arrays.vertices
    assert near < 12
    assert session.placed.value(key, "amount") == 0
    assert len(rest) == len(shape.moves)


def test_a_face_of_unnamed_pieces_turns_in_three_gestures(window, hand, act):
    session = window.session
    session.open(drawn_face(), None)
    session.selection.select([list(session.puppet.joints)[HEAD]])
    act("head-turn")
    draft = session.drafts.now.head
    nose = next(i for i, piece in enumerate(draft.face.pieces) if piece.parts[0] == list(session.puppet.parts)[8])
    hand.click(draft.face.pieces[nose].middle)
    assert session.drafts.now.head.left_out == {nose}
    hand.click(draft.face.pieces[nose].middle)
    QTest.keyClick(hand.board, Qt.Key.Key_Return)
    (pad,) = session.selection.keys
    assert session.puppet.controls[pad].name == "Head turn"
    eye = list(session.puppet.parts)[EYES[0]]
    was = session.placed.pivot(session.puppet.parts[eye].joint)
    spot = session.placed.control_at(session.puppet.controls[pad])
    hand.drag(spot, spot + 1000)
    assert session.pose[f"{pad}.value"] == 1.0
    assert session.placed.pivot(session.puppet.parts[eye].joint).real > was.real + 60
    act("pose-here")
    turned = session.placed.pivot(session.puppet.parts[eye].joint)
    hand.drag(turned - 12, turned - 12 + 20j)
    assert session.history.steps()[0][0].startswith("Pose")
    QTest.keyClick(hand.board, Qt.Key.Key_Return)
    assert session.history.steps()[0][0] == "Pose Head turn at +1.00, 0"
    session.selection.select([session.puppet.parts[list(session.puppet.parts)[HEAD]].joint])
    act("face-set")
    strip = window.frame.face_strip
    assert strip.isVisibleTo(window)
    assert not strip.boxes["Brows"].isEnabled()
    strip.boxes["Head turn"].click()
    strip.take.click()
    assert [session.puppet.controls[key].name for key in session.puppet.controls] == [
        "Head turn",
        "Lids",
        "Gaze",
        "Mouth",
    ]
    session.selection.select([session.puppet.parts[list(session.puppet.parts)[HEAD]].joint])
    act("head-turn")
    QTest.keyClick(hand.board, Qt.Key.Key_Escape)
    assert session.drafts.now.head is None


def test_a_notch_is_dragged_and_copied_and_what_is_moved_names_its_driver(wick_window, slider, hand, act):
    session, board = wick_window.session, wick_window.board
    cap = posed_at_the_end(wick_window, hand, act)
    session.selection.select([cap])
    wick_window.details.refresh()
    assert "Head slider" in wick_window.details.pose.about.text()
    session.workspace.go_to(CONTROLS)

    def place(value):
        at = point_of(session, board.camera, slider, Point(value, 0.0))
        return board.camera.board(complex(at.x(), at.y()))

    hand.drag(place(1.0), place(0.6))
    (response,) = (one for one in session.puppet.responses.values() if one.driver == f"{slider}.value")
    assert [stop.at.x for stop in response.stops] == pytest.approx([0.6], abs=0.03)
    hand.drag(place(response.stops[0].at.x), place(-0.5), Qt.KeyboardModifier.AltModifier)
    session.workspace.go_to(REHEARSE)
    for value in (-0.5, response.stops[0].at.x):
        session.edit("Bead", pose={f"{slider}.value": value})
        assert session.placed.value(cap, "y") == pytest.approx(-30.0, abs=2.0)


def test_a_pad_in_a_take_shows_its_way_over_the_pad(wick_window):
    session = wick_window.session
    session.workspace.go_to(TAKES)
    session.timeline.choose("Look round")
    (pad,) = (key for key, control in session.puppet.controls.items() if control.name == "Head turn")
    session.selection.select([pad])
    session.workspace.set_view("trails", on=True)
    (trail,) = trail_of(session, wick_window.board.camera)
    middle = point_of(session, wick_window.board.camera, pad, Point(0.0, 0.0))
    assert (trail[0].at - middle).manhattanLength() < 1
    assert max((dot.at - middle).manhattanLength() for dot in trail) > 10


def test_the_list_chooses_the_pose_that_is_shown(wick_window):
    session, card = wick_window.session, wick_window.details.stops
    session.workspace.go_to(REHEARSE)
    (pad,) = (key for key, control in session.puppet.controls.items() if control.name == "Head turn")
    session.selection.select([pad])
    for across, up, name in ((1.0, 0.0, "Right"), (-1.0, 1.0, "Left and up"), (-0.5, 0.3, "Left and up")):
        session.edit("Bead", pose={f"{pad}.value": across, f"{pad}.value_y": up})
        wick_window.details.refresh()
        assert card.list.currentItem().text().splitlines()[0] == name  # between poses the last one stays

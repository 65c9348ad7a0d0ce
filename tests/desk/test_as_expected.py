"""What a person expects of one press: it does what was asked, or says why not."""

import math

import pytest
from PySide6.QtCore import QPoint, QPointF, QRect, Qt
from PySide6.QtGui import QColor, QImage
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QMenu

from demo_puppet import joint, part
from umbrite.desk.board.control_places import cells, is_small
from umbrite.desk.board.gestures.gesture import Pointer
from umbrite.desk.board.gestures.pose_gestures import drag_art
from umbrite.desk.commands.takes.recipes import RECIPES
from umbrite.desk.dialogs.adjuster import Adjuster
from umbrite.desk.dialogs.rename_dialog import RenameDialog
from umbrite.desk.session.stations import PARTS, PIVOTS, REHEARSE, SQUASH, TAKES
from umbrite.files.layers import Layered, layer_of
from umbrite.rig.change import change
from umbrite.rig.edits.copying import centre_line
from umbrite.rig.edits.limits import set_fixed, set_limit, set_sizes
from umbrite.rig.edits.looks import set_guides
from umbrite.rig.family import branch
from umbrite.rig.model import Point
from umbrite.rig.placement import middle_of_part, part_box
from umbrite.rig.takes.take_list import add_take


def test_the_other_side_is_mirrored_in_the_puppets_middle_and_its_line_can_be_dragged(wick_window, act, hand):
    session = wick_window.session
    session.workspace.go_to(PARTS)
    session.selection.select([part(session.puppet, "Near upper arm")])
    line = centre_line(session.puppet, [joint(session.puppet, "Near upper arm")])
    trunk = session.puppet.parts[part(session.puppet, "Trunk")]
    assert trunk.placement.x < line < trunk.placement.x + trunk.drawing.width
    act("other-mirrored")
    made = session.drafts.now.mirror
    assert made is not None
    assert made.x == line
    copy = joint(session.puppet, "Far hand 4")
    at = session.placed.pivot(copy)
    order = [session.puppet.parts[key].name for key in session.puppet.order]
    (copied,) = [
        session.puppet.parts[key].name
        for key in session.selection.of("part")
        if "upper arm" in session.puppet.parts[key].name
    ]
    assert order.index(copied) < order.index("Trunk"), "behind what carries it"
    hand.drag(complex(line, 60), complex(round(line) - 40, 60))
    assert session.placed.pivot(copy).real == pytest.approx(at.real - 2 * (line - round(line) + 40))
    act("undo")
    assert session.placed.pivot(copy) == at
    assert session.drafts.now.mirror is None, "gone with the step that it belonged to"


@pytest.mark.parametrize("blend", [1.0, 0.5])
def test_a_grip_takes_a_limb_along_that_is_posed_by_its_own_turns(blend, wick_window, hand):
    session = wick_window.session
    key, arm = next((key, one) for key, one in session.puppet.limbs.items() if one.name == "Near arm")
    grip = next(one for one in session.puppet.controls.values() if one.moves == arm.target and one.kind == "grip")
    session.edit("Blend", pose={f"{key}.blend": blend, f"{arm.joints[0]}.turn": 0.3, f"{arm.joints[1]}.turn": -0.2})
    wrist = joint(session.puppet, "Near hand")
    before, at = session.placed.pivot(wrist), session.placed.control_at(grip)
    hand.drag(at, at + complex(25, -40))
    assert session.placed.pivot(wrist) - before == pytest.approx(complex(25, -40), abs=0.5)
    assert session.placed.value(key, "blend") == pytest.approx(blend)


def test_the_range_of_a_grip_holds_for_the_art_below_it(wick_window):
    session = wick_window.session
    arm = next(one for one in session.puppet.limbs.values() if one.name == "Near arm")
    grip = next(key for key, one in session.puppet.controls.items() if one.moves == arm.target and one.kind == "grip")
    session.edit("Range", change(session.puppet, grip, least=Point(-20, -20), most=Point(20, 20)))
    at = session.placed.pivot(joint(session.puppet, "Near hand")) + complex(-25, 45)
    press = drag_art(session, joint(session.puppet, "Near hand"), at, turn_only=False)
    next(press)
    press.send(Pointer(at + 100j))
    with pytest.raises(StopIteration):
        press.send(Pointer(at + 100j, "release"))
    assert session.pose[f"{arm.target}.y"] == 20
    session.selection.select([grip])
    session.edit("Rest", pose={})
    QTest.keyClick(wick_window.board, Qt.Key.Key_Down, Qt.KeyboardModifier.ShiftModifier)
    for _ in range(4):
        QTest.keyClick(wick_window.board, Qt.Key.Key_Down, Qt.KeyboardModifier.ShiftModifier)
    assert session.pose[f"{arm.target}.y"] == 20


def typed(card, label, number):
    field = next(one for one in card.fields if one.accessibleName() == label)
    assert field.isEnabled()
    field.setValue(number)


@pytest.mark.parametrize("station", [REHEARSE, TAKES])
def test_what_can_be_dragged_can_be_typed(station, wick_window):
    session, card = wick_window.session, wick_window.details.pose
    session.workspace.go_to(station)
    head = joint(session.puppet, "Head")
    session.selection.select([part(session.puppet, "Head")])
    assert card.isVisibleTo(wick_window)
    for label, number in (
        ("Turn", 12.0),
        ("Across", 30.0),
        ("Up", 20.0),
        ("Width", 110.0),
        ("Height", 80.0),
        ("Slant", 0.25),
    ):
        typed(card, label, number)
    kinds = ("turn", "x", "y", "scale_x", "scale_y", "skew")
    assert [session.pose[f"{head}.{what}"] for what in kinds] == pytest.approx(
        [-math.radians(12), 30, -20, 0.1, -0.2, 0.25]
    )
    if station is TAKES:
        assert {f"{head}.{what}" for what in kinds} <= session.timeline.take.tracks.keys(), "keyed at the playhead"
    knee = joint(session.puppet, "Near shin")
    session.selection.select([part(session.puppet, "Near shin")])
    assert not card.turn.isEnabled(), knee
    assert "Near leg" in card.turn.toolTip()


def test_a_part_is_squashed_and_slanted_by_hand(wick_window, hand):
    session = wick_window.session
    session.workspace.take_tool(SQUASH)
    head = joint(session.puppet, "Head")
    pivot = session.placed.pivot(head)
    at = pivot + complex(0, -90)
    hand.drag(at, pivot + complex(0, -135))
    assert session.placed.value(head, "scale_y") == pytest.approx(0.5, abs=0.02)
    assert session.placed.value(head, "scale_x") == 0
    session.edit("Rest", pose={})
    hand.drag(at, at + 45, keys=Qt.KeyboardModifier.AltModifier)
    assert session.placed.value(head, "skew") == pytest.approx(-0.5, abs=0.02)
    assert abs(session.placed.joint_map(head)(at) - (at + 45)) < 2


def words_of(window):
    """What the menu under the right button offers below what lies there."""
    menu = QMenu()
    window.acts.add_fitting(menu)
    return [action.text() for action in menu.actions() if action.text()]


def test_the_right_button_offers_what_one_does_there(wick_window):
    session = wick_window.session
    session.workspace.go_to(REHEARSE)
    session.selection.select([])
    bare = words_of(wick_window)
    assert "Find joints" not in bare
    assert "Add pictures…" not in bare
    assert "Workout" in bare
    session.workspace.go_to(TAKES)
    assert {"Key all", "Play or stop", "Ghosts before and after"} <= set(words_of(wick_window))
    session.selection.select([part(session.puppet, "Head")])
    assert "Key selected" in words_of(wick_window)


def test_live_dialogs_stand_beside_the_puppet(wick_window):
    session = wick_window.session
    session.workspace.go_to(TAKES)
    for name in ("walk", "breathe", "ease"):
        dialog = Adjuster(session, RECIPES[name](session), wick_window)
        puppet = wick_window.board.puppet_on_screen()
        dialog.stand_beside(puppet, wick_window.geometry())
        stood = QRect(dialog.pos(), dialog.sizeHint().expandedTo(dialog.minimumSize()))
        assert not stood.intersects(puppet), name
        assert wick_window.geometry().contains(stood.center())
        dialog.reject()
        dialog.deleteLater()


def test_where_the_puppet_is_small_choosers_are_one_card_until_they_are_pointed_at(wick_window, hand):
    session, board = wick_window.session, wick_window.board
    session.workspace.go_to(TAKES)
    key = next(key for key, one in session.puppet.controls.items() if one.kind == "chooser")
    assert is_small(session, board.camera)
    there = [box for box in cells(session, board.camera, key) if not box.isEmpty()]
    assert len(there) == 1
    hand.hover(board.camera.board(complex(there[0].center().x(), there[0].center().y())))
    assert len([box for box in cells(session, board.camera, key) if not box.isEmpty()]) > 1


def test_a_take_begins_with_the_pose_of_rehearse_or_at_rest(wick_window, act):
    session = wick_window.session
    head = f"{joint(session.puppet, 'Head')}.turn"
    session.edit("Pose", pose={head: 0.2})
    act("new-take")
    assert session.timeline.take.tracks.keys() == {head}
    act("new-take-rest")
    assert not session.timeline.take.tracks
    session.edit("None", takes=())
    wick_window.timeline.refresh()
    assert not wick_window.timeline.rate.isVisible()


def test_a_waiting_question_covers_neither_the_plan_nor_the_head(wick_window, act):
    session, frame = wick_window.session, wick_window.frame
    session.workspace.go_to(PIVOTS)
    frame.banner.ask("There is unsaved work.", "Of yesterday.", {"Later": lambda: None})
    act("plan")
    banner = frame.banner.geometry()
    puppet = wick_window.board.puppet_on_screen()
    assert not banner.intersects(frame.plan_sheet.geometry())
    assert wick_window.board.mapToGlobal(banner.bottomLeft()).y() < puppet.top()
    frame.banner.buttons["Later"].click()
    assert wick_window.board.puppet_on_screen().height() > puppet.height()


def test_what_a_place_of_the_plan_says_is_true_after_a_drop(wick_window, act):
    session, figure = wick_window.session, wick_window.frame.plan_sheet.figure
    session.workspace.go_to(PIVOTS)
    act("plan")
    cards = {card.place: card for card in figure.cards if card.place}
    start, end = cards["Near hand"].box.center().toPoint(), cards["Far hand"].box.center().toPoint()
    QTest.mousePress(figure, Qt.MouseButton.LeftButton, pos=start)
    for at in (start + QPoint(12, 0), end):
        QTest.mouseMove(figure, at)
    QTest.mouseRelease(figure, Qt.MouseButton.LeftButton, pos=end)
    assert figure.hot == figure.card_at(QPointF(end))
    assert figure.hot.part == cards["Near hand"].part


def test_names_of_all_kinds_are_found_and_replaced_in_one_step(wick_window, act):
    session = wick_window.session
    session.edit("A take", takes=add_take((), "Far wave"))
    session.timeline.choose("Far wave")
    dialog = RenameDialog(session, wick_window)
    dialog.sought.setText("far")
    dialog.put_in.setText("Left")
    assert "Far hand \u2192 Left hand" in dialog.words.text()
    dialog.kinds["limb"].setChecked(False)
    dialog.ok.click()
    names = {one.name for field in ("joints", "parts", "controls") for one in getattr(session.puppet, field).values()}
    assert not any("Far" in name for name in names)
    assert "Far leg" in {one.name for one in session.puppet.limbs.values()}
    assert session.timeline.take.name == "Left wave"
    dialog.deleteLater()
    act("undo")
    assert "Far hand" in {one.name for one in session.puppet.joints.values()}


def test_ctrl_snaps_parts_to_the_edges_of_others(wick_window, hand):
    session = wick_window.session
    session.workspace.go_to(PARTS)
    session.edit("No guides", set_guides(session.puppet, ()))
    cap, trunk = (part(session.puppet, name) for name in ("Lamp pole", "Trunk"))
    session.selection.select([cap])
    edge, box = part_box(session.puppet, trunk).left, part_box(session.puppet, cap)
    at = session.placed.pivot(session.puppet.parts[cap].joint) + complex(4, 200)
    way = edge - box.left + 7
    hand.drag(at, at + way, keys=Qt.KeyboardModifier.ControlModifier)
    moved, others = (
        part_box(session.puppet, cap),
        [part_box(session.puppet, key) for key in session.puppet.parts if key != cap],
    )
    own = (moved.left, (moved.left + moved.right) / 2, moved.right)
    there = [line for one in others for line in (one.left, (one.left + one.right) / 2, one.right)]
    assert min(abs(line - to) for line in own for to in there) < 1e-9


def test_length_and_angle_of_art_that_is_a_bone_are_typed(wick_window):
    session = wick_window.session
    session.workspace.go_to(PIVOTS)
    shin, foot = joint(session.puppet, "Near shin"), joint(session.puppet, "Near foot")
    session.selection.select([shin])
    fields = {one.accessibleName(): one for one in wick_window.details.sections["joint"].fields}
    before = session.puppet.joints[foot].pivot.z - session.puppet.joints[shin].pivot.z
    assert fields["Length"].value() == pytest.approx(abs(before), abs=0.06)
    fields["Length"].setValue(round(abs(before)) + 40.0)
    after = session.puppet.joints[foot].pivot.z - session.puppet.joints[shin].pivot.z
    assert abs(after) == pytest.approx(round(abs(before)) + 40)
    fields["Angle"].setValue(-90.0)
    after = session.puppet.joints[foot].pivot.z - session.puppet.joints[shin].pivot.z
    assert abs(after.real) < 1e-6 < after.imag


def test_a_row_of_the_family_is_dropped_in_the_depth_rail(wick_window):
    session, rail, tree = wick_window.session, wick_window.depth_rail, wick_window.family.tree
    session.workspace.go_to(PARTS)
    session.selection.select([joint(session.puppet, "Far upper arm")])
    arm = [
        key
        for key in session.puppet.order
        if session.puppet.parts[key].joint in branch(session.puppet, joint(session.puppet, "Far upper arm"))
    ]
    assert len(arm) >= 3
    assert rail.keys_of(tree) == arm[::-1]
    rail.put_before(rail.keys_of(tree), len(session.puppet.order))
    assert list(session.puppet.order[-len(arm) :]) == arm


def test_a_seam_is_covered_by_a_picture_and_a_file_that_was_exchanged_is_followed(
    wick_window, answers, act, tmp_path, qtbot
):
    session = wick_window.session
    picture = tmp_path / "patch.png"
    image = QImage(40, 30, QImage.Format.Format_RGBA8888)
    image.fill(QColor(200, 30, 30))
    image.save(str(picture))
    answers.add_paths = [picture]
    knee = joint(session.puppet, "Near shin")
    session.workspace.go_to(PIVOTS)
    session.selection.select([knee])
    act("seam-picture")
    (key,) = [key for key in session.puppet.parts if key in session.selection.keys]
    cover = session.puppet.parts[key]
    assert cover.joint == knee
    assert abs(middle_of_part(cover) - session.puppet.joints[knee].pivot.z) < 1
    thigh, shin = (session.puppet.order.index(part(session.puppet, name)) for name in ("Near thigh", "Near shin"))
    assert session.puppet.order.index(key) == max(thigh, shin) + 1
    session.workspace.go_to(PARTS)
    session.selection.select([key])
    image.fill(QColor(30, 200, 30))
    image.save(str(picture))
    act("exchange")
    before = session.puppet.parts[key].drawing
    image.fill(QColor(30, 30, 200))
    image.save(str(picture))
    qtbot.waitUntil(lambda: session.puppet.parts[key].drawing != before, timeout=5000)


def test_what_is_fixed_is_not_moved_and_what_has_sizes_keeps_them(wick_window, hand):
    session = wick_window.session
    arm = next(one for one in session.puppet.limbs.values() if one.name == "Near arm")
    grip = next(one for one in session.puppet.controls.values() if one.moves == arm.target and one.kind == "grip")
    head = joint(session.puppet, "Head")
    session.edit("Fixed", set_sizes(set_fixed(session.puppet, arm.target, on=True), head, 0.9, 1.2))
    at = session.placed.control_at(grip)
    hand.drag(at, at + 60j)
    wrist = session.placed.pivot(joint(session.puppet, "Near hand"))
    hand.drag(wrist + complex(-25, 45), wrist + complex(-25, 145))
    assert session.pose == {}
    assert "is fixed, so it can't be moved by hand" in wick_window.frame.hints.message
    session.workspace.take_tool(SQUASH)
    pivot = session.placed.pivot(head)
    hand.drag(pivot - 90j, pivot - 180j)
    assert session.placed.value(head, "scale_y") == pytest.approx(0.2)
    assert session.pose.get(f"{head}.scale_x", 0.0) == 0


def test_a_shade_is_set_by_numbers_and_made_anew_with_its_part(wick_window, act):
    session = wick_window.session
    session.workspace.go_to(PARTS)
    cap = part(session.puppet, "Cap")
    session.selection.select([cap])
    act("shade")
    (key,) = session.selection.of("part")
    section = wick_window.details.sections["part"]
    fields = {one.accessibleName(): one for one in section.fields}
    first = session.puppet.parts[key].drawing
    assert fields["Shade across"].isVisibleTo(section)
    fields["Shade across"].setValue(-40)
    second = session.puppet.parts[key].drawing
    assert second != first
    section.colour_shades([key], (20, 120, 20))
    pixels = session.file.pictures.pixels(session.puppet.parts[key].drawing.sha256)
    assert tuple(pixels[pixels[..., 3] > 200][0][:3]) == (20, 120, 20)
    third = session.puppet.parts[key].drawing
    head = session.file.pictures.pixels(session.puppet.parts[part(session.puppet, "Head")].drawing.sha256)
    wick_window.files.exchange(cap, Layered("Revised", head.shape[1], head.shape[0], (layer_of("Cap", head),)))
    assert session.puppet.parts[key].drawing != third
    assert session.puppet.parts[key].shade.colour == (20, 120, 20)
    session.selection.select([cap])
    section.show_for([cap])
    assert not fields["Shade across"].isVisibleTo(section)


def test_a_drag_that_a_limit_stops_says_which_one(wick_window, hand):
    session = wick_window.session
    arm = next(one for one in session.puppet.limbs.values() if one.name == "Near arm")
    session.edit("Narrow", set_limit(session.puppet, arm.joints[1], -0.05, 0.05))
    grip = next(one for one in session.puppet.controls.values() if one.moves == arm.target and one.kind == "grip")
    at = session.placed.control_at(grip)
    hand.press(at)
    hand.move(at + 5 - 60j)
    hand.move(at + 10 - 160j)
    assert "stopped by the limit of Near forearm" in wick_window.board.feedback.readout
    hand.release(at + 10 - 160j)

"""Variants in the window: drawings added late, switched by strip, keys, wheel and cards; branches that come and go with their rig."""

from collections.abc import Callable

import numpy as np
import pytest
from PySide6.QtCore import QPoint, QPointF, Qt
from PySide6.QtGui import QWheelEvent
from PySide6.QtWidgets import QApplication

from demo_puppet import control, joint, part
from desk.test_playing import SAME, far
from umbrite.desk.board.art_layer import ArtLayer, View, fading_of
from umbrite.desk.board.control_places import cells
from umbrite.desk.commands.sets import variant_commands
from umbrite.desk.panels.timeline.timeline_rows import rows_of
from umbrite.desk.session.stations import LIMBS, PARTS, PIVOTS, REHEARSE, TAKES
from umbrite.files.png import encode
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.rig.edits.variants.branches import limb_of
from umbrite.rig.edits.variants.sets import members_of
from umbrite.rig.invariants import invariants
from umbrite.rig.placement import middle_of_part

Act = Callable[[str], None]


def set_named(window, name):
    return next(key for key, one in window.session.puppet.sets.items() if one.name == name)


def shown(window, name):
    return window.session.placed.chosen(set_named(window, name)).name


@pytest.fixture
def pictures(tmp_path):
    """Two mouths, drawn late."""
    paths = []
    for name, grey in (("grin", 40), ("whistle", 90)):
        picture = np.zeros((30, 60, 4), np.uint8)
        picture[4:26, 5:55] = (grey, 20, 20, 255)
        path = tmp_path / f"{name}.png"
        path.write_bytes(encode(picture))
        paths.append(path)
    return paths


def test_switched_by_the_strip_in_every_station_and_only_looked_at_where_the_rig_is_built(wick_window, qtbot):
    session, strip = wick_window.session, wick_window.details.variants
    wick_window.docks["Details"].show()
    wick_window.docks["Details"].raise_()
    before = session.history.now
    for station in (PARTS, PIVOTS, LIMBS):
        session.workspace.go_to(station)
        session.selection.select([part(session.puppet, "Eyes")])
        QApplication.processEvents()
        assert strip.isVisible()
        at = strip.cards.box_of(2).center().toPoint()
        qtbot.mouseClick(strip.cards, Qt.MouseButton.LeftButton, pos=at)
        assert shown(wick_window, "Eyes") == "Closed"
        qtbot.keyClick(strip.cards, Qt.Key.Key_Right)
        assert shown(wick_window, "Eyes") == "Wide"
    assert session.history.now is before, "looking is no edit"
    session.workspace.go_to(REHEARSE)
    assert shown(wick_window, "Eyes") == "Open", "there the pose tells"
    session.selection.select([control(session.puppet, "Eyes")])
    qtbot.mouseClick(strip.cards, Qt.MouseButton.LeftButton, pos=strip.cards.box_of(2).center().toPoint())
    assert shown(wick_window, "Eyes") == "Closed"
    assert session.history.undo_name == "Show Closed of Eyes"
    menu = strip.cards.menu_for(session.puppet.sets[strip.cards.key].variants[2], session.puppet.sets[strip.cards.key])
    actions = {action.text(): action for action in menu.actions()}
    actions["Show it at rest"].trigger()
    assert session.puppet.sets[strip.cards.key].rest == 3
    actions["Earlier"].trigger()
    assert [v.name for v in session.puppet.sets[strip.cards.key].variants] == ["Open", "Closed", "Half", "Wide"]


def test_number_keys_brackets_wheel_and_cards_show_variants(wick_window, hand, act, qtbot):
    session, board = wick_window.session, wick_window.board
    session.workspace.go_to(REHEARSE)
    eyes = session.puppet.joints[joint(session.puppet, "Eyes")].pivot.z
    session.selection.select([])
    hand.hover(eyes - 22 + 16j)
    qtbot.keyClick(board, Qt.Key.Key_3)
    assert shown(wick_window, "Eyes") == "Closed"
    chooser = control(session.puppet, "Mouth")
    session.selection.select([chooser])
    act("variant-on")
    assert shown(wick_window, "Mouth") == "Closed"
    act("variant-back")
    act("variant-back")
    assert shown(wick_window, "Mouth") == "Ee", "around the end"
    middle = cells(session, board.camera, chooser)[0].center()
    hand.hover(board.camera.board(complex(middle.x(), middle.y())))
    assert session.workspace.opened == chooser
    cards = cells(session, board.camera, chooser)
    assert cards[0].width() > 60, "a hand of cards"
    second = cards[2].center()
    hand.click(board.camera.board(complex(second.x(), second.y())))
    assert shown(wick_window, "Mouth") == "Ah"
    place = QPointF(second)
    event = QWheelEvent(
        place, QPointF(board.mapToGlobal(place)), QPoint(), QPoint(0, -120),
        Qt.MouseButton.NoButton, Qt.KeyboardModifier.NoModifier, Qt.ScrollPhase.NoScrollPhase, False,
    )  # fmt: skip
    hand.hover(board.camera.board(complex(second.x(), second.y())))
    QApplication.sendEvent(board, event)
    assert shown(wick_window, "Mouth") == "Oh"


def test_switching_the_arm_takes_the_hands_place_over_and_tells_what_is_out_of_reach(wick_window):
    session = wick_window.session
    session.workspace.go_to(REHEARSE)
    key = set_named(wick_window, "Far arm")
    one, _, raised = session.puppet.sets[key].variants
    limbs = [limb_of(session.puppet, variant) for variant in (one, raised)]
    assert limbs[0] is not None
    assert limbs[1] is not None
    session.edit("Reach", pose={f"{limbs[0].target}.x": -40.0, f"{limbs[0].target}.y": -160.0})
    before = session.placed.pivot(limbs[0].target)
    variant_commands.choose(session, key, raised.number)
    assert session.placed.pivot(limbs[1].target) == pytest.approx(before)
    session.step(-1)
    session.edit("Far away", pose={f"{limbs[0].target}.x": 900.0})
    variant_commands.choose(session, key, raised.number)
    assert "can't reach where the hand was" in wick_window.frame.hints.message


def test_the_tape_shows_thumbnails_held_until_the_next(wick_window):
    session, sheet = wick_window.session, wick_window.timeline.sheet
    session.workspace.go_to(TAKES)
    session.timeline.choose("Lamp up")
    QApplication.processEvents()
    rows = rows_of(session.puppet, session.timeline.take, ())
    eyes = next(row for row in rows if row.label == "Eyes")
    assert eyes.channels == (f"{set_named(wick_window, 'Eyes')}.shows",)
    before = sheet.grab().toImage()
    session.timeline.go_to(16.0)
    variant_commands.choose(session, set_named(wick_window, "Eyes"), 3)
    assert [key.frame for key in session.timeline.take.tracks[eyes.channels[0]]] == [0, 10, 16, 44, 48]
    assert sheet.grab().toImage() != before
    session.timeline.go_to(43.0)
    assert shown(wick_window, "Eyes") == "Closed"
    session.timeline.go_to(44.0)
    assert shown(wick_window, "Eyes") == "Half"


def test_a_set_is_one_row_in_family_depth_and_diagram_until_it_is_unfolded(wick_window):
    session = wick_window.session
    session.workspace.go_to(PARTS)
    tree = wick_window.family.tree
    mouth, closed = part(session.puppet, "Mouth"), part(session.puppet, "Mouth Closed")
    row = tree.item_for(session.puppet.parts[mouth].joint)
    session.selection.select([mouth])
    assert row.isSelected()
    assert not row.isExpanded()
    assert session.selection.keys == (mouth,), "the row stands for what is picked of it"
    row.setExpanded(True)
    assert tree.item_for(mouth).isSelected()
    arms = tree.item_for(set_named(wick_window, "Far arm"))
    assert arms.childCount() == 3
    arms.setText(0, "Arm")
    assert session.puppet.sets[arms.data(0, Qt.ItemDataRole.UserRole)].name == "Arm"

    rail = wick_window.depth_rail
    together = next(i for i in range(rail.count()) if rail.item(i).text() == "Mouth (5)")
    session.selection.select([closed])
    assert rail.item(together).isSelected()
    rail.itemDoubleClicked.emit(rail.item(together))
    names = [rail.item(i).text() for i in range(rail.count())]
    assert names.index("Mouth Closed") in range(together, together + 5)
    assert rail.selectedItems()[0].text() == "Mouth Closed"

    wick_window.show_diagram()
    QApplication.processEvents()
    sheet = wick_window.diagram.sheet
    branches = [v.joints[0] for v in session.puppet.sets[set_named(wick_window, "Arm")].variants]
    assert [key in sheet._boxes for key in branches] == [True, False, False]
    variant_commands.choose(session, set_named(wick_window, "Arm"), 2)
    assert [key in sheet._boxes for key in branches] == [False, True, False]


def test_what_is_painted_after_switching_is_what_a_whole_painting_gives(wick_window, act):
    session, board = wick_window.session, wick_window.board
    session.workspace.go_to(REHEARSE)
    view = View(board.camera, (board.width(), board.height()), 1.0, fading_of(session))
    kept = ArtLayer(session.workspace.theme)
    kept.refresh(session.placed, session.file.pictures, view)
    for name in ("Far arm", "Eyes", "Near hand"):
        session.selection.select([set_named(wick_window, name)])
        for _ in range(2):
            act("variant-on")
            plan = compile_plan(session.puppet)
            assert placed_alike(session.placed, evaluate(plan, session.pose))
            whole = ArtLayer(session.workspace.theme)
            whole.refresh(session.placed, session.file.pictures, view)
            dirty = kept.refresh(session.placed, session.file.pictures, view)
            assert dirty.width() < board.width() / 2, "only where it differs"
            assert far(kept.image, whole.image) < SAME


def placed_alike(one, other):
    same = [np.array_equal(getattr(one, name), getattr(other, name)) for name in ("shown", "there", "choices", "turns")]
    return all(same) and all(np.array_equal(a, b) for a, b in zip(one.maps, other.maps, strict=True))


def test_a_late_drawing_shows_at_once_and_is_dragged_against_the_one_at_rest(wick_window, answers, pictures, act, hand):
    session = wick_window.session
    session.workspace.go_to(PARTS)
    session.selection.select([part(session.puppet, "Near hand")])
    answers.add_paths = pictures[:1]
    act("add-drawings")
    (new,) = session.selection.of("part")
    assert shown(wick_window, "Near hand") == "grin", "to be put in its place"
    rest = part(session.puppet, "Near hand")
    middle = middle_of_part(session.puppet.parts[new])
    hand.press(middle)
    hand.move(middle + 20)
    assert wick_window.board.feedback.faint == (rest,), wick_window.board.feedback
    with_ghost = wick_window.board.grab().toImage()
    hand.release(middle + 20)
    assert wick_window.board.feedback.faint == ()
    assert with_ghost != wick_window.board.grab().toImage()
    assert middle_of_part(session.puppet.parts[new]) == pytest.approx(middle + 20, abs=1.5)
    act("lay-middle")
    assert middle_of_part(session.puppet.parts[new]) == pytest.approx(
        middle_of_part(session.puppet.parts[rest]), abs=1e-6
    )
    act("lay-pivot")
    session.selection.select([rest])
    act("lay-pivot")
    assert "no drawing at rest" in wick_window.frame.hints.message


def test_a_shade_goes_with_its_drawing_and_late_drawings_get_their_own(wick_window, answers, pictures, act):
    session = wick_window.session
    session.workspace.go_to(PARTS)
    session.selection.select([part(session.puppet, "Cap")])
    act("shade")
    session.selection.select([part(session.puppet, "Cap")])
    answers.add_paths = pictures
    act("add-drawings")
    puppet = session.puppet
    first, second, third = puppet.sets[set_named(wick_window, "Cap")].variants
    assert [len(variant.parts) for variant in (first, second, third)] == [2, 2, 2]
    for variant in (second, third):
        drawing, shade = (puppet.parts[key] for key in variant.parts)
        assert (shade.clip, shade.blend) == (variant.parts[0], "multiply")
        assert shade.drawing.sha256 != puppet.parts[first.parts[1]].drawing.sha256, "from its own shape"
        assert shade.drawing.width <= drawing.drawing.width
    assert invariants(puppet) == []


def test_a_chooser_needs_one_part_of_a_set_only_and_the_set_row_has_its_strip(wick_window, act):
    session = wick_window.session
    eyes = set_named(wick_window, "Eyes")
    session.selection.select([eyes])
    assert not wick_window.details.nothing.isVisibleTo(wick_window.details)
    session.selection.select([part(session.puppet, "Cap")])
    assert not wick_window.actions_by_id["make-chooser"].isEnabled()
    session.selection.select([part(session.puppet, "Cap"), part(session.puppet, "Trunk")])
    act("variants")
    session.selection.select([part(session.puppet, "Cap")])
    before = len(session.puppet.controls)
    act("make-chooser")
    assert len(session.puppet.controls) == before + 1
    (made,) = session.selection.of("control")
    assert part(session.puppet, "Cap") in members_of(session.puppet.sets[session.puppet.controls[made].chooses])

"""The family as a diagram: cards that do not overlap, selected, dragged to re-parent; and carriers that catch clicks."""

import itertools
from collections.abc import Callable

import pytest
from hypothesis import given
from hypothesis import strategies as st
from PySide6.QtCore import QEvent, QPoint, QPointF, Qt
from PySide6.QtGui import QMouseEvent, QWheelEvent
from PySide6.QtWidgets import QApplication

from demo_puppet import joint, part, wick
from strategies import EDITS, puppets
from umbrite.desk.panels.diagram_layout import BETWEEN, Size, layout, shown_family
from umbrite.desk.session.stations import PARTS
from umbrite.rig.family import targets
from umbrite.rig.invariants import invariants

Act = Callable[[str], None]


@given(puppets(EDITS), st.booleans(), st.data())
def test_every_joint_has_a_box_of_its_own_beyond_its_parent(puppet, upright, data):
    below = shown_family(puppet)
    keys = [key for each in below.values() for key in each]
    size = st.builds(Size, st.floats(40, 120), st.floats(50, 70))
    sizes = {key: data.draw(size) for key in keys}
    boxes = layout(below, sizes, upright=upright)
    assert boxes.keys() == set(keys)
    for key, box in boxes.items():
        assert box.wide >= sizes[key].wide
        assert box.tall >= sizes[key].tall
        parent = next(above for above, each in below.items() if key in each)
        if parent is not None:
            over = boxes[parent]
            gap = box.y - over.y - over.tall if upright else box.x - over.x - over.wide
            assert gap >= BETWEEN - 1e-6, "its link runs in a gap without cards"
    for one, other in itertools.combinations(boxes.values(), 2):
        apart_x = max(one.x, other.x) >= min(one.x + one.wide, other.x + other.wide) - 1e-6
        apart_y = max(one.y, other.y) >= min(one.y + one.tall, other.y + other.tall) - 1e-6
        assert apart_x or apart_y
    assert set(targets(puppet)).isdisjoint(boxes)
    if boxes:
        assert abs(min(min(box.x, box.y) for box in boxes.values())) < 1e-6


def drag(window, start, end):
    sheet = window.diagram.sheet
    one = sheet.card(start).center()
    other = sheet.card(end).center() if end else QPointF(sheet.width() - 2, sheet.height() - 2)
    left, none = Qt.MouseButton.LeftButton, Qt.KeyboardModifier.NoModifier
    for kind, at, held in (
        (QEvent.Type.MouseButtonPress, one, left),
        (QEvent.Type.MouseMove, (one + other) / 2, left),
        (QEvent.Type.MouseMove, other, left),
        (QEvent.Type.MouseButtonRelease, other, Qt.MouseButton.NoButton),
    ):
        QApplication.sendEvent(sheet, QMouseEvent(kind, at, sheet.mapToGlobal(at), left, held, none))


def test_a_card_dragged_onto_another_hangs_there_and_nothing_moves(art_window, act):
    session = art_window.session
    act("diagram")
    assert not art_window.diagram.visibleRegion().isEmpty()
    hand_joint, fore = joint(session.puppet, "Near hand"), joint(session.puppet, "Near forearm")
    before = session.placed.part_maps().t.copy()
    drag(art_window, hand_joint, fore)
    assert session.puppet.joints[hand_joint].parent == fore
    assert (session.placed.part_maps().t == before).all()
    art_window.diagram.sheet.repaint()
    drag(art_window, fore, hand_joint)
    assert "circle" in art_window.frame.hints.message
    drag(art_window, hand_joint, None)
    assert session.puppet.joints[hand_joint].parent is None
    act("diagram")
    assert art_window.diagram.visibleRegion().isEmpty()


def test_it_fits_itself_and_zooms_and_moves_as_the_board_does(wick_window, act, qtbot):
    act("diagram")
    QApplication.processEvents()
    sheet = wick_window.diagram.sheet
    cards = [sheet.card(key) for key in sheet._boxes]
    assert len(cards) >= 28
    assert all(sheet.rect().contains(card.toAlignedRect()) for card in cards), "all of it is seen"
    key = joint(wick(), "Head")
    at = sheet.card(key).center()
    before, spot = sheet.card(key).width(), sheet.mapToGlobal(at)
    wheel = QWheelEvent(
        at, spot, QPoint(), QPoint(0, 240), Qt.MouseButton.NoButton, Qt.KeyboardModifier.NoModifier,
        Qt.ScrollPhase.NoScrollPhase, False,
    )  # fmt: skip
    QApplication.sendEvent(sheet, wheel)
    assert sheet.card(key).width() > 1.3 * before
    assert sheet.joint_at(at) == key, "what lies under the pointer stays there"
    middle = Qt.MouseButton.MiddleButton
    qtbot.mousePress(sheet, middle, pos=at.toPoint())
    qtbot.mouseMove(sheet, at.toPoint() + QPoint(40, -30))
    left = sheet.card(key).center()
    qtbot.mouseRelease(sheet, middle, pos=at.toPoint() + QPoint(40, -30))
    assert (left - at).manhattanLength() > 20
    sheet.setFocus()
    qtbot.keyClick(sheet, Qt.Key.Key_F)
    assert sheet.card(key).width() == pytest.approx(before, rel=0.01)


def test_what_is_used_is_refused_by_name_and_taken_along_on_wish(plain_window, act):
    session = plain_window.session
    session.workspace.go_to(PARTS)
    session.selection.select([part(session.puppet, "Near forearm")])
    before = session.puppet
    act("delete")
    assert session.puppet is before
    assert "Shift+Delete removes both" in plain_window.frame.hints.message
    act("delete-with")
    assert "Near forearm" not in {item.name for item in session.puppet.parts.values()}
    assert len(session.puppet.limbs) == 3
    assert "with the limb Near arm" in plain_window.frame.hints.message
    assert invariants(session.puppet) == []
    act("undo")
    assert session.puppet is before

"""The family as a diagram: cards that do not overlap, selected, dragged to re-parent; and carriers that catch clicks."""

import itertools
from collections.abc import Callable

import pytest
from hypothesis import given
from PySide6.QtCore import QEvent, QPointF, Qt
from PySide6.QtGui import QMouseEvent
from PySide6.QtWidgets import QApplication

from demo_puppet import joint, part, wick
from desk.conftest import Hand
from strategies import EDITS, puppets
from umbrite.desk.panels.diagram_layout import layout
from umbrite.desk.session.stations import PARTS, PIVOTS
from umbrite.desk.window import Window
from umbrite.rig.change import change
from umbrite.rig.family import caught, targets
from umbrite.rig.invariants import invariants
from umbrite.rig.model import Puppet

Act = Callable[[str], None]


@given(puppets(EDITS))
def test_every_joint_has_a_place_of_its_own_below_its_parent(puppet: Puppet) -> None:
    places = layout(puppet)
    assert len(set(places.values())) == len(places)
    rows: dict[int, list[float]] = {}
    for key, (column, row) in places.items():
        rows.setdefault(row, []).append(column)
        parent = puppet.joints[key].parent
        if parent in places:
            assert row == places[parent][1] + 1
    for columns in rows.values():
        ordered = sorted(columns)
        assert all(b - a >= 1 for a, b in itertools.pairwise(ordered))
    assert set(targets(puppet)).isdisjoint(places)


def drag(window: Window, start: str, end: str | None) -> None:
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


def test_a_card_dragged_onto_another_hangs_there_and_nothing_moves(art_window: Window, act: Act) -> None:
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


def test_the_wheel_with_ctrl_changes_the_size_of_the_cards(wick_window: Window) -> None:
    sheet = wick_window.diagram.sheet
    key = joint(wick(), "Head")
    before = sheet.card(key).width()
    sheet.set_zoom(1.4)
    assert sheet.card(key).width() > before
    sheet.set_zoom(99)
    assert sheet.zoom == pytest.approx(1.6)


def test_a_click_on_what_a_catching_carrier_carries_picks_the_carrier(
    wick_window: Window, hand: Hand
) -> None:
    session = wick_window.session
    body = joint(session.puppet, "Body")
    session.edit("catch", puppet=change(session.puppet, body, catches=True))
    session.stage.go_to(PIVOTS)
    hand.click(620 + 800j)
    assert session.selection.keys == (body,)
    assert caught(session.puppet, joint(session.puppet, "Cap")) == body
    field = next(
        f for f in wick_window.details.sections["joint"].fields if f.accessibleName() == "A click picks"
    )
    assert field.isVisible()
    session.selection.pick([joint(session.puppet, "Head")])
    assert not field.isVisible()


def test_what_is_used_is_refused_by_name_and_taken_along_on_wish(wick_window: Window, act: Act) -> None:
    session = wick_window.session
    session.stage.go_to(PARTS)
    session.selection.pick([part(session.puppet, "Near forearm")])
    before = session.puppet
    act("delete")
    assert session.puppet is before
    assert "Shift+Delete takes it along" in wick_window.frame.hints.message
    act("delete-with")
    assert "Near forearm" not in {item.name for item in session.puppet.parts.values()}
    assert len(session.puppet.limbs) == 3
    assert "with Near arm" in wick_window.frame.hints.message
    assert invariants(session.puppet) == []
    act("undo")
    assert session.puppet is before


def test_colour_labels_show_in_the_depth_rail(art_window: Window) -> None:
    session = art_window.session
    key = part(session.puppet, "Cap")
    session.edit("label", puppet=change(session.puppet, key, label="plum"))
    rail = art_window.depth_rail
    item = next(rail.item(i) for i in range(rail.count()) if rail.item(i).text() == "Cap")
    assert "plum" in item.toolTip()
    assert item.background().color().alpha() > 0

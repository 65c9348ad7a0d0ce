"""Controls in the window: made, listed, locked, carried, dragged together, and links with their curve."""

import math
from collections.abc import Callable

import numpy as np
import pytest
from PySide6.QtCore import QPointF, Qt

from demo_puppet import control, joint, part
from desk.conftest import listed
from desk.test_building import picture
from desk.test_rehearsing import grip
from umbrite.desk.board.control_places import bead_at, cells
from umbrite.desk.session.stations import CONTROLS

SHIFT = Qt.KeyboardModifier.ShiftModifier
Act = Callable[[str], None]


def choose(window, section, label, text):
    """Choose a word in a choice of Details."""
    field = next(f for f in window.details.sections[section].fields if f.accessibleName() == label)
    field.setCurrentIndex(field.findText(text))
    field.activated.emit(field.currentIndex())


def bead(window, key):
    place = bead_at(window.session, window.board.camera, key)
    return window.board.camera.board(complex(place.x(), place.y()))


def row(window, name):
    return window.controls_panel.controls.findItems(name, Qt.MatchFlag.MatchExactly)[0]


def test_a_slider_is_made_for_the_selected_joint_dragged_and_clicked(wick_window, hand, act):
    session = wick_window.session
    head = joint(session.puppet, "Head")
    session.selection.select([head])
    act("make-slider")
    key = session.selection.keys[0]
    assert session.workspace.station is CONTROLS
    assert session.puppet.controls[key].name == "Head slider"
    act("rehearse")
    start = bead(wick_window, key)
    hand.drag(start, start + 400)
    assert session.pose[f"{key}.value"] == 1.0
    assert session.placed.turn(head) == pytest.approx(np.radians(30))
    hand.click(start)  # the middle of the slot
    assert session.placed.turn(head) == pytest.approx(0, abs=0.02)
    act("undo")
    assert session.placed.turn(head) == pytest.approx(np.radians(30))
    session.selection.select([key])
    act("reset")
    assert session.pose == {}


def test_a_chooser_shows_the_part_whose_cell_is_clicked(plain_window, hand, act):
    session = plain_window.session
    session.selection.select([joint(session.puppet, "Cap"), joint(session.puppet, "Mouth")])
    act("make-chooser")
    key = session.selection.keys[0]
    act("rehearse")
    assert np.count_nonzero(~session.placed.shown) == 1
    second = cells(session, plain_window.board.camera, key)[1].center()
    before = picture(plain_window)
    hand.click(plain_window.board.camera.board(complex(second.x(), second.y())))
    one = session.puppet.controls[key].chooses
    assert session.placed.chosen(one).name == "Mouth"
    assert (picture(plain_window) != before).any()
    assert session.history.undo_name == "Show Mouth of Cap set"


def test_a_locked_control_is_left_alone_and_so_is_the_art_where_only_controls_count(wick_window, hand, act):
    session = wick_window.session
    place = grip(wick_window, "Far hand")
    act("hand-over")
    row(wick_window, "Far hand").setCheckState(Qt.CheckState.Unchecked)
    assert session.puppet.controls[control(session.puppet, "Far hand")].locked
    hand.drag(place, place - 40j)
    assert "Far hand is locked" in wick_window.frame.hints.message
    hand.drag(838 + 845j, 848 + 770j)
    assert "Only controls can be dragged" in wick_window.frame.hints.message
    assert session.pose == {}
    row(wick_window, "Far hand").setCheckState(Qt.CheckState.Checked)
    wick_window.controls_panel.only.click()
    assert not session.puppet.controls_only
    hand.drag(place, place - 40j)
    assert session.pose != {}


def test_what_lies_behind_is_picked_from_the_list_and_the_right_click(wick_window, act):
    session = wick_window.session
    act("controls-list")
    row(wick_window, "Master").setSelected(True)
    assert session.selection.keys == (control(session.puppet, "Master"),)
    place = wick_window.board.camera.point(grip(wick_window, "Body"))
    menu = listed(wick_window, QPointF(place))
    assert menu is not None
    action = next(a for a in menu.actions() if a.text() == "Body")
    action.trigger()
    assert session.selection.keys == (control(session.puppet, "Body"),)
    menu.deleteLater()


def test_a_link_is_made_led_to_another_value_and_its_curve_dragged(wick_window, act, qtbot):
    session = wick_window.session
    foot, cap = (joint(session.puppet, name) for name in ("Near foot", "Cap"))
    session.selection.select([foot, cap])
    act("link")
    key = session.selection.keys[0]
    assert session.puppet.links[key].name == "Cap by Near foot"
    session.selection.select([foot, cap])
    act("link")
    assert session.selection.keys == (key,), "linked once"
    assert "linked already" in wick_window.frame.hints.message
    choose(wick_window, "link", "Follows", "Master: way along the board")
    assert session.puppet.links[key].travel
    art = session.puppet.parts[part(session.puppet, "Cap")].drawing
    rolled = session.puppet.links[key].points[-1]
    assert rolled.y / rolled.x == pytest.approx(2 / max(art.width, art.height)), "as a wheel of its size"
    curve = wick_window.details.sections["link"].curve
    last = session.puppet.links[key].points[-1]
    start = curve.at(last).toPoint()
    qtbot.mousePress(curve, Qt.MouseButton.LeftButton, pos=start)
    qtbot.mouseMove(curve, start + QPointF(0, 20).toPoint())
    qtbot.mouseRelease(curve, Qt.MouseButton.LeftButton, pos=start + QPointF(0, 20).toPoint())
    assert session.puppet.links[key].points[-1].y < last.y
    assert session.history.undo_name == "Curve of Cap by Master"
    fields = {one.accessibleName(): one for one in wick_window.details.sections["link"].fields}
    fields["Point at"].setValue(250.0)
    fields["Point gives"].setValue(-90.0)
    end = session.puppet.links[key].points[-1]
    assert (end.x, end.y) == pytest.approx((250.0, math.pi / 2))
    qtbot.mouseDClick(curve, Qt.MouseButton.LeftButton, pos=curve.rect().center())
    assert len(session.puppet.links[key].points) == 4
    curve.setFocus()
    qtbot.keyClick(curve, Qt.Key.Key_Delete)
    assert len(session.puppet.links[key].points) == 3
    choose(wick_window, "link", "Between points", "Smooth")
    assert session.puppet.links[key].smooth
    wick_window.controls_panel.links.item(wick_window.controls_panel.links.count() - 1).setSelected(True)
    act("delete")
    assert key not in session.puppet.links

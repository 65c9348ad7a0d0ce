"""Parts, Pivots, Limbs and Controls with real pointer events on the real window."""

from collections.abc import Callable

import numpy as np
import pytest
from PySide6.QtCore import Qt
from PySide6.QtGui import QImage

from demo_puppet import joint, part
from umbrite.desk.board.control_places import proposed_controls
from umbrite.desk.session.stations import CONTROLS, CORD, PIVOTS
from umbrite.rig.model import Point

SHIFT, CTRL = Qt.KeyboardModifier.ShiftModifier, Qt.KeyboardModifier.ControlModifier
Act = Callable[[str], None]


def picture(window):
    """The art as the board shows it, without the rig."""
    window.board.repaint()
    image = window.board.picture.convertToFormat(QImage.Format.Format_RGB888)
    flat = np.frombuffer(image.constBits(), np.uint8).reshape(image.height(), image.bytesPerLine())
    return flat[:, : image.width() * 3].copy()


def puppet(window):
    return window.session.puppet


def chosen(window):
    session = window.session
    return [
        (puppet(window).parts | puppet(window).joints | puppet(window).limbs | puppet(window).controls)[key].name
        for key in session.selection.keys
    ]


def test_shift_selects_more_and_a_box_selects_what_lies_in_it(art_window, hand):
    hand.click(370 + 980j)
    hand.click(640 + 300j, SHIFT)
    assert chosen(art_window) == ["Near hand", "Cap"]
    hand.drag(480 + 230j, 860 + 560j)
    assert set(chosen(art_window)) == {"Head", "Eyes", "Mouth", "Cap"}


def test_a_locked_part_is_not_picked(art_window, hand):
    tree = art_window.family.tree
    arm = joint(puppet(art_window), "Near upper arm")
    tree.itemClicked.emit(tree.item_for(arm), 2)
    hand.click(532 + 652j)
    assert chosen(art_window) == ["Trunk"]
    tree.itemClicked.emit(tree.item_for(arm), 1)
    assert not puppet(art_window).parts[part(puppet(art_window), "Near upper arm")].visible
    assert art_window.session.history.undo_name == "Hide Near upper arm"


def test_esc_in_the_middle_of_a_drag_puts_everything_back(art_window, hand, qtbot):
    art_window.session.workspace.go_to(PIVOTS)
    key = joint(puppet(art_window), "Head")
    start = puppet(art_window)
    at = start.joints[key].pivot.z
    hand.press(at)
    hand.move(at + 50)
    assert puppet(art_window).joints[key].pivot.x == pytest.approx(at.real + 50, abs=1)
    qtbot.keyClick(art_window.board, Qt.Key.Key_Escape)
    assert puppet(art_window) is start
    hand.move(at + 90)
    hand.release(at + 90)
    assert puppet(art_window) is start
    assert art_window.session.history.undo_name is None


def test_ctrl_snaps_a_pivot_to_another_and_shift_keeps_to_an_axis(wick_window, hand):
    session = wick_window.session
    session.workspace.go_to(PIVOTS)
    pole, hand_key = (joint(puppet(wick_window), name) for name in ("Lamp pole", "Near hand"))
    eyes = joint(puppet(wick_window), "Eyes")
    start = puppet(wick_window).joints[eyes].pivot.z
    hand.drag(start, start + 60 + 9j, SHIFT)
    assert puppet(wick_window).joints[eyes].pivot.y == start.imag
    at = puppet(wick_window).joints[pole].pivot.z
    hand.drag(at, puppet(wick_window).joints[hand_key].pivot.z + 12 + 6j, CTRL)
    assert puppet(wick_window).joints[pole].pivot == puppet(wick_window).joints[hand_key].pivot


def test_a_cord_hangs_one_or_many_from_where_it_is_let_go(art_window, hand):
    session = art_window.session
    session.workspace.go_to(PIVOTS)
    session.workspace.take_tool(CORD)
    before = picture(art_window)
    head, cap, trunk = (joint(puppet(art_window), name) for name in ("Head", "Cap", "Trunk"))
    pivot = {key: puppet(art_window).joints[key].pivot.z for key in (head, cap)}
    hand.drag(pivot[cap], 600 + 490j)  # let go on the head's paper
    assert puppet(art_window).joints[cap].parent == head
    session.selection.select([joint(puppet(art_window), name) for name in ("Head", "Neck", "Hips")])
    hand.drag(pivot[head], 560 + 860j)
    assert {puppet(art_window).joints[joint(puppet(art_window), n)].parent for n in ("Head", "Neck", "Hips")} == {trunk}
    assert (picture(art_window) == before).all()
    hand.drag(puppet(art_window).joints[trunk].pivot.z, pivot[cap])
    assert puppet(art_window).joints[trunk].parent is None
    assert "a circle" in art_window.frame.hints.message
    session.selection.select([])
    hand.drag(pivot[head], 1100 + 100j)
    assert "Drop it on a rivet" in art_window.frame.hints.message


def test_controls_are_looked_at_left_out_made_in_one_step_and_placed(plain_window, hand, act, qtbot):
    session = plain_window.session
    session.workspace.go_to(CONTROLS)
    session.selection.select(puppet(plain_window).controls)
    act("delete")
    assert not puppet(plain_window).controls
    act("controls-make")
    assert not puppet(plain_window).controls  # pencilled only
    neck = next(p for p in proposed_controls(session) if p.proposed.control.name == "Neck")
    hand.click(neck.at)
    assert "Neck is excluded" in plain_window.frame.hints.message
    qtbot.keyClick(plain_window.board, Qt.Key.Key_Return)
    names = {control.name for control in puppet(plain_window).controls.values()}
    assert names == {"Near hand", "Far hand", "Near foot", "Far foot", "Body", "Master", "Head", "Trunk", "Look"}
    assert session.history.undo_name == "Make 9 controls"
    key = next(k for k, c in puppet(plain_window).controls.items() if c.name == "Far hand")
    at = session.placed.control_at(puppet(plain_window).controls[key])
    hand.drag(at, at + 40 - 30j)
    assert puppet(plain_window).controls[key].offset == Point(pytest.approx(40, abs=1), pytest.approx(-30, abs=1))

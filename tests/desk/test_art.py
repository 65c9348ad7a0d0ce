"""Parts as a rigger places them: frames, copies, names, fanned out, solo; with real pointer events."""

from collections.abc import Callable

import numpy as np
import pytest
from PySide6.QtCore import Qt

from demo_puppet import part
from desk.test_building import picture
from umbrite.desk.board.part_frame import frame_of, grasps
from umbrite.desk.session.stations import PLACE
from umbrite.rig.placement import around_parts

SHIFT, CTRL = Qt.KeyboardModifier.ShiftModifier, Qt.KeyboardModifier.ControlModifier
Act = Callable[[str], None]
ARM = ("Near upper arm", "Near forearm", "Near hand")


def select(window, *names):
    keys = [part(window.session.puppet, name) for name in names]
    window.session.selection.select(keys)
    return keys


def grasp(window, name):
    frame = frame_of(window.session)
    assert frame is not None
    return dict(grasps(frame, window.board.camera.zoom))[name]


def test_the_pin_turns_by_steps_with_shift_and_edges_skew_with_ctrl(art_window, hand):
    session = art_window.session
    (key,) = select(art_window, "Head")
    frame = frame_of(session)
    assert frame is not None
    middle = frame.at(0.5, 0.5)
    pin = grasp(art_window, "spin")
    hand.drag(pin, middle + (pin - middle) * np.exp(0.5j), SHIFT)
    assert session.puppet.parts[key].placement.turn == pytest.approx(np.radians(30), abs=1e-6)
    edge = grasp(art_window, "e51")
    hand.drag(edge, edge + 60, CTRL)
    assert session.puppet.parts[key].placement.skew != 0
    assert session.history.undo_name == "Skew Head"


def test_names_of_many_are_replaced_numbered_and_swapped(art_window):
    session = art_window.session
    keys = select(art_window, *ARM)
    names = art_window.details.sections["part"].names
    assert names.isVisible()
    names.sought.setText("near")
    names.put_in.setText("Left")
    names.replace.click()
    assert [session.puppet.parts[key].name for key in keys] == ["Left upper arm", "Left forearm", "Left hand"]
    assert session.puppet.joints[session.puppet.parts[keys[0]].joint].name == "Left upper arm"
    names.swap.click()
    assert session.puppet.parts[keys[1]].name == "Right forearm"
    names.put_in.setText("Piece")
    names.number.click()
    assert {session.puppet.parts[key].name for key in keys} == {"Piece 1", "Piece 2", "Piece 3"}
    names.sought.setText("nowhere")
    names.replace.click()
    assert "No name changed" in art_window.frame.hints.message


def test_solo_and_outlines_change_the_view_and_nothing_else(art_window, act):
    session = art_window.session
    puppet, before = session.puppet, picture(art_window)
    select(art_window, "Head")
    act("solo")
    alone = picture(art_window)
    assert (alone != before).any()
    act("solo")
    assert (picture(art_window) == before).all()
    act("outlines")
    assert (picture(art_window) != before).any()
    art_window.board.repaint()
    act("outlines")
    assert session.puppet is puppet


def test_guides_are_pulled_out_of_rulers_snapped_to_moved_and_pushed_back(art_window, hand, act):
    session, board = art_window.session, art_window.board
    act("rulers")
    board.repaint()
    ruler = board.camera.board(9 + 300j)
    hand.drag(ruler, 300.4 + ruler.imag * 1j)
    assert [(guide.axis, guide.at) for guide in session.puppet.guides] == [("x", 300.0)]
    bottom = board.camera.board(complex(300, board.height() - 6))
    hand.drag(bottom, bottom.real + 705j, SHIFT)
    assert [guide.at for guide in session.puppet.guides] == [300.0, 700.0]
    (hat,) = select(art_window, "Cap")
    left = around_parts(session.puppet, [hat]).left
    grab = 622 + 300j
    hand.drag(grab, grab + (300 - left) + 4)
    assert around_parts(session.puppet, [hat]).left == 300
    hand.drag(300 + 1400j, 340 + 1400j)
    assert session.puppet.guides[-1].at == 340.0
    hand.drag(340 + 1400j, board.camera.board(8 + 400j))
    assert [guide.axis for guide in session.puppet.guides] == ["y"]
    act("clear-guides")
    assert session.puppet.guides == ()
    act("undo")
    assert len(session.puppet.guides) == 1


def test_a_loop_trims_the_selected_part_and_what_is_gone_is_not_picked(art_window, hand, act):
    session = art_window.session
    (cap,) = select(art_window, "Cap")
    act("trim")
    hand.press(500 + 230j)
    for at in (830 + 230j, 830 + 320j, 500 + 320j, 500 + 232j):
        hand.move(at)
    hand.release(500 + 231j)
    assert len(session.puppet.parts[cap].trims) == 1
    session.workspace.take_tool(PLACE)
    hand.click(622 + 290j)
    assert cap not in session.selection.keys
    select(art_window, "Cap")
    act("untrim")
    assert session.puppet.parts[cap].trims == ()
    act("two-depths")
    assert session.puppet.parts[session.selection.keys[0]].name == "Cap in front"

"""Rehearse with real pointer events: controls and art pose, limbs solve, Esc and undo put back."""

from collections.abc import Callable

import numpy as np
import pytest
from PySide6.QtCore import Qt
from PySide6.QtGui import QImage

from demo_puppet import control, joint
from umbrite.desk.board.gestures import pose_gestures
from umbrite.desk.board.gestures.gesture import Pointer
from umbrite.desk.board.handles import handle_at, handles, ring_radius
from umbrite.desk.session import idle_queue
from umbrite.desk.theme.themes import DAY

ALT, SHIFT = Qt.KeyboardModifier.AltModifier, Qt.KeyboardModifier.ShiftModifier
Act = Callable[[str], None]


def at(window, name):
    """Where a joint is now."""
    return window.session.placed.pivot(joint(window.session.puppet, name))


def grip(window, name):
    session = window.session
    return session.placed.control_at(session.puppet.controls[control(session.puppet, name)])


def test_alt_turns_one_joint_of_a_limb_alone(wick_window, hand):
    session = wick_window.session
    elbow, upper = at(wick_window, "Far forearm"), session.placed.turn(joint(session.puppet, "Far upper arm"))
    hand.drag(838 + 845j, 848 + 770j, ALT)
    assert abs(at(wick_window, "Far forearm") - elbow) < 0.5
    assert session.placed.turn(joint(session.puppet, "Far upper arm")) == pytest.approx(upper, abs=1e-3)
    assert session.placed.turn(joint(session.puppet, "Far forearm")) < -0.2


def test_esc_springs_back_and_reset_puts_one_or_all_to_rest(wick_window, hand, act, qtbot):
    session = wick_window.session
    start = grip(wick_window, "Near hand")
    hand.press(start)
    hand.move(start + 100 - 100j)
    assert session.pose
    qtbot.keyClick(wick_window.board, Qt.Key.Key_Escape)
    assert session.pose == {}
    hand.release(start)
    hand.drag(start, start + 60 - 90j)
    hand.drag(grip(wick_window, "Far foot"), grip(wick_window, "Far foot") - 60j)
    session.selection.select([control(session.puppet, "Near hand")])
    act("reset")
    assert len({name.split(".")[0] for name in session.pose}) == 1
    assert abs(grip(wick_window, "Near hand") - start) < 1e-6
    act("reset-all")
    assert session.pose == {}
    session.step(-1)
    session.step(-1)
    assert len({name.split(".")[0] for name in session.pose}) == 2


def test_out_of_reach_is_shown_and_nothing_breaks(wick_window, hand):
    hand.drag(grip(wick_window, "Near hand"), 60 + 100j)
    session = wick_window.session
    arm = list(session.puppet.limbs).index(next(k for k, x in session.puppet.limbs.items() if x.name == "Near arm"))
    assert session.placed.limbs.distance[0, arm] > 200
    assert np.isfinite(session.placed.maps.t).all()
    assert brick(wick_window) > 15  # the cord from the tip to the target it does not reach
    session.step(-1)
    assert brick(wick_window) == 0


def brick(window):
    """How many pixels of the board have just the colour of what is wrong."""
    image = window.board.grab().toImage().convertToFormat(QImage.Format.Format_RGB32)
    pixels = np.frombuffer(image.constBits(), np.uint32).reshape(image.height(), image.width())
    return int(((pixels & 0xFFFFFF) == (DAY.brick.rgb() & 0xFFFFFF)).sum())


def test_after_a_drag_the_picture_is_that_of_the_pose_alone(wick_window, hand):
    board = wick_window.board

    def picture():
        board.repaint()
        image = board.picture
        return bytes(image.constBits())

    rest = picture()
    start = grip(wick_window, "Near hand")
    hand.press(start)
    for step in range(1, 6):
        hand.move(start + step * (20 - 30j))
        picture()
    hand.release(start + 100 - 150j)
    dragged = picture()
    assert dragged != rest
    board.paint_anew()
    assert picture() == dragged
    wick_window.session.step(-1)
    assert picture() == rest


def test_undo_in_the_middle_of_a_drag_puts_the_drag_back_and_no_more(wick_window, hand, act):
    session = wick_window.session
    start = grip(wick_window, "Near hand")
    hand.drag(start, start + 60 - 90j)
    posed = session.pose
    hand.press(start + 60 - 90j)
    hand.move(start + 160 - 190j)
    assert session.pose != posed
    act("undo")
    assert session.pose == posed
    hand.move(start + 200 - 200j)
    hand.release(start + 200 - 200j)
    assert session.pose == posed
    act("undo")
    assert session.pose == {}


def test_the_present_pose_becomes_the_rest_and_undo_brings_both_back(wick_window, hand, act):
    session = wick_window.session
    session.edit("No takes", takes=())
    before = session.puppet
    start = grip(wick_window, "Near hand")
    hand.drag(start, start + 60 - 90j)
    posed, seen = session.pose, session.placed.part_maps().t.copy()
    act("make-rest")
    assert session.pose == {}
    assert abs(session.placed.part_maps().t - seen).max() < 1e-6
    assert "rest pose now" in wick_window.frame.hints.message
    act("undo")
    assert session.puppet is before
    assert session.pose == posed


def test_a_pin_is_a_pivot_for_one_turn_only(wick_window, hand, qtbot):
    session = wick_window.session
    ctrl = Qt.KeyboardModifier.ControlModifier
    puppet, pin = session.puppet, 800 + 200j
    hand.click(pin, ctrl)
    assert session.drafts.now.pin == pytest.approx(pin, abs=0.01)
    wick_window.board.repaint()
    head = joint(puppet, "Head")
    before = session.placed.pivot(head)
    start = 600 + 440j
    turned = pin + (start - pin) * np.exp(0.4j)
    hand.drag(start, turned, ctrl)
    assert session.placed.turn(head) == pytest.approx(0.4, abs=0.02)
    assert session.placed.pivot(head) == pytest.approx(pin + (before - pin) * np.exp(0.4j), abs=6)
    assert session.puppet is puppet
    wrist = session.placed.pivot(joint(puppet, "Near hand"))
    hand.click(wrist + 100, ctrl)
    hand.drag(wrist + 20j, wrist + 60 + 90j, ctrl)
    target = next(limb.target for limb in puppet.limbs.values() if limb.name == "Near arm")
    assert session.placed.pivot(target) != pytest.approx(wrist, abs=5)
    assert abs(session.placed.pivot(target) - (wrist + 100)) == pytest.approx(100, abs=3)
    qtbot.keyClick(wick_window.board, Qt.Key.Key_Escape)
    assert session.drafts.now.pin is None


def beside(window, name):
    """A place on the ring around a grip, away from what is next to it."""
    session, camera = window.session, window.board.camera
    key = control(session.puppet, name)
    middle = next(h.at for h in handles(session, camera) if h.kind == "control" and h.key == key)
    radius = ring_radius(session.puppet.controls[key], camera) / camera.zoom
    spots = [middle + radius * np.exp(1j * turn) for turn in np.linspace(0, 2 * np.pi, 40)]
    found = [z for z in spots if (h := handle_at(session, camera, z)) is not None and (h.kind, h.key) == ("ring", key)]
    return complex(found[len(found) // 2])


@pytest.mark.parametrize("name", ["Near foot", "Near hand", "Body"])
def test_the_ring_around_a_grip_turns_what_it_moves(wick_window, hand, name):
    session = wick_window.session
    before = {key: session.placed.pivot(key) for key in session.puppet.joints}
    start, middle = beside(wick_window, name), grip(wick_window, name)
    hand.hover(start)
    assert wick_window.board.hover is not None
    assert wick_window.board.hover.kind == "ring"
    hand.drag(start, middle + (start - middle) * np.exp(0.16j if name == "Body" else 0.25j), steps=8)
    assert session.history.undo_name == f"Turn {name}"
    moves = session.puppet.controls[control(session.puppet, name)].moves
    assert abs(session.placed.pivot(moves) - before[moves]) < 1e-6  # it turned, it did not move
    turned = joint(session.puppet, {"Body": "Hips"}.get(name, name))
    assert session.placed.turn(turned) != 0 or abs(np.angle(session.placed.joint_map(turned).a)) > 0.02
    targets = [limb.target for limb in session.puppet.limbs.values() if "leg" in limb.name]
    assert all(abs(session.placed.pivot(key) - before[key]) < 1e-6 for key in targets)


def test_a_knob_does_not_whirl_when_it_is_grasped_near_its_pivot(wick_window):
    session = wick_window.session
    head = joint(session.puppet, "Head")
    camera = wick_window.board.camera
    near = session.placed.pivot(head) + 2 / camera.zoom
    gesture = pose_gestures.turn_joint(session, head, near, "Turn Head")
    next(gesture)
    turns = []
    for x, y in ((2, 0), (1, 2), (-1, 2), (-2, 0), (-2, -2), (1, -2)):
        place = session.placed.pivot(head) + complex(x, y) / camera.zoom
        gesture.send(Pointer(place, "move", camera.zoom))
        turns.append(session.placed.turn(head))
    assert max(abs(turn) for turn in turns) < 0.1


def test_what_the_checks_look_at_waits_while_something_moves(wick_window, monkeypatch, qtbot):
    session = wick_window.session
    queue, target = session.checks.seams.queue, next(iter(session.puppet.limbs.values())).target
    before = list(queue.waiting)
    assert before
    monkeypatch.setattr(idle_queue, "PAUSE", 50)
    queue.begin(before)
    monkeypatch.setattr(idle_queue, "PAUSE", 60_000)  # however slow the machine is
    session.preview(pose={f"{target}.x": 1.0})
    qtbot.wait(150)
    assert queue.waiting == before
    monkeypatch.setattr(idle_queue, "PAUSE", 0)
    session.spring_back()
    qtbot.waitUntil(lambda: len(queue.waiting) < len(before))
    queue.stop()

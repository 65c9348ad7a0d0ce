"""The board by keys alone, by a pen, and with files let go on it; its brightness; tools in a narrow window."""

import json
import math
from collections.abc import Callable

from PySide6.QtCore import QMimeData, QPointF, Qt, QUrl
from PySide6.QtGui import QDropEvent
from PySide6.QtWidgets import QApplication

from demo_puppet import joint, part
from umbrite.demo import ASSETS
from umbrite.desk.session.stations import PARTS, REHEARSE
from umbrite.files.package import load
from umbrite.motion.posing import turned_with
from umbrite.rig.channels import value

CTRL, SHIFT = Qt.KeyboardModifier.ControlModifier, Qt.KeyboardModifier.ShiftModifier
Act = Callable[[str], None]


def control(window, name):
    return next(key for key, each in window.session.puppet.controls.items() if each.name == name)


def let_go(widget, at, *paths):
    """A drop of files, as the desktop sends it."""
    data = QMimeData()
    data.setUrls([QUrl.fromLocalFile(str(path)) for path in paths])
    action, left = Qt.DropAction.CopyAction, Qt.MouseButton.LeftButton
    event = QDropEvent(at, action, data, left, Qt.KeyboardModifier.NoModifier)
    widget.dropEvent(event)


def test_a_hand_is_found_and_moved_by_keys_alone(wick_window, qtbot):
    session, board = wick_window.session, wick_window.board
    session.workspace.go_to(REHEARSE)
    board.setFocus(Qt.FocusReason.TabFocusReason)
    session.selection.select([])
    walked = []
    while QApplication.focusWidget() is board and len(walked) < 40:
        qtbot.keyClick(board, Qt.Key.Key_Tab)
        walked += [key for key in session.selection.keys if QApplication.focusWidget() is board]
    assert walked == [key for key, each in session.puppet.controls.items() if not each.locked]
    board.setFocus(Qt.FocusReason.BacktabFocusReason)
    hand = control(wick_window, "Near hand")
    while session.selection.keys != (hand,):
        qtbot.keyClick(board, Qt.Key.Key_Backtab)
    moves = session.puppet.controls[hand].moves
    before = session.placed.pivot(moves)
    for _ in range(3):
        qtbot.keyClick(board, Qt.Key.Key_Up)
    qtbot.keyClick(board, Qt.Key.Key_Left, SHIFT)
    assert abs(session.placed.pivot(moves) - before - (-10 - 3j)) < 1e-6
    turned = turned_with(session.placed, session.puppet.controls[hand])
    assert turned is not None
    qtbot.keyClick(board, Qt.Key.Key_Right, CTRL | SHIFT)
    assert math.isclose(value(session.pose, turned, "turn"), math.radians(10), abs_tol=1e-9)
    assert session.history.undo_name == "Turn Near hand"


def test_sliders_choosers_and_pads_go_on_by_arrows(wick_window, act, qtbot):
    session = wick_window.session
    session.selection.select([joint(session.puppet, "Cap")])
    act("make-slider")
    (key,) = session.selection.only("control")
    session.workspace.go_to(REHEARSE)
    session.selection.select([key])
    wick_window.board.setFocus()
    before = session.placed.control_value(key)
    qtbot.keyClick(wick_window.board, Qt.Key.Key_Right, SHIFT)
    assert session.placed.control_value(key) > before
    for _ in range(40):
        qtbot.keyClick(wick_window.board, Qt.Key.Key_Left, SHIFT)
    low = session.placed.control_value(key)
    qtbot.keyClick(wick_window.board, Qt.Key.Key_Left, SHIFT)
    assert session.placed.control_value(key) == low, "it ends where the slider ends"


def test_the_board_is_as_bright_as_one_wants_in_any_theme(wick_window, act):
    session, board = wick_window.session, wick_window.board
    wick_window.preferences.theme = "night"
    seen = []
    for _ in range(4):
        wick_window.apply_preferences()
        QApplication.processEvents()
        board.grab()
        seen.append(board.picture.pixelColor(2, 2).lightness())
        act("next-board")
    assert seen[1] > seen[2] > seen[3], "pale, middle, dark"
    assert session.workspace.theme.name == "night"
    assert wick_window.preferences.board == "theme"


def test_a_picture_on_a_part_is_its_new_drawing_or_a_part_as_one_says(wick_window, answers, tmp_path):
    session, board = wick_window.session, wick_window.board
    session.workspace.go_to(PARTS)
    package = load(ASSETS / "wick.umbrite")
    cap = part(session.puppet, "Cap")
    other = package.puppet.parts[part(package.puppet, "Mouth")].drawing.sha256
    picture = tmp_path / "New cap.png"
    picture.write_bytes(package.art[other])
    at = session.placed.pivot(session.puppet.parts[cap].joint) - 20j
    let_go(board, board.camera.point(at), picture)
    assert answers.asked[-1] == "dropped on Cap"
    assert session.puppet.parts[cap].drawing.sha256 != other, "one turned back"
    answers.on_part = "exchange"
    let_go(board, board.camera.point(at), picture)
    assert session.puppet.parts[cap].drawing.sha256 == other
    session.step(-1)
    answers.on_part = "add"
    before = len(session.puppet.parts)
    tree = wick_window.family.tree
    row = tree.visualItemRect(tree.item_for(session.puppet.parts[cap].joint)).center()
    let_go(tree, QPointF(row), picture)
    assert answers.asked[-1] == "dropped on Cap"
    assert len(session.puppet.parts) == before + 1


def test_a_pose_file_goes_out_and_comes_back_by_a_drop(wick_window, answers, act, tmp_path):
    session, board = wick_window.session, wick_window.board
    head = joint(session.puppet, "Head")
    session.edit("Nod", pose={f"{head}.turn": 0.2})
    answers.save_path = tmp_path / "nod"
    act("export-pose")
    file = tmp_path / "nod.pose"
    assert json.loads(file.read_text())["format"] == "umbrite-pose"
    session.edit("Rest", pose={})
    let_go(board, QPointF(5, 5), file)
    assert value(session.pose, head, "turn") == 0.2
    for text in ("[]", '{"format": "umbrite-pose"}', "\x00"):
        file.write_text(text)
        before = session.history.now
        let_go(wick_window, QPointF(5, 5), file)
        assert "pose" in wick_window.frame.hints.message
        assert session.history.now is before

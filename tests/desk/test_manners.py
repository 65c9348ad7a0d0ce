"""Manners: pens, keyboard, names for assistive technology, screens of double density, the workout's window and the guide."""

import re
import subprocess
import sys
from collections.abc import Callable
from contextlib import nullcontext

import numpy as np
import pytest
from PySide6.QtCore import QPointF, Qt, QUrl
from PySide6.QtGui import QCursor, QImage, QKeySequence
from PySide6.QtWidgets import (
    QAbstractButton,
    QAbstractSpinBox,
    QApplication,
    QComboBox,
    QLineEdit,
    QListWidget,
    QMenu,
    QTreeWidget,
    QWidget,
)

from demo_puppet import ASSETS, joint, part
from umbrite.desk.actions.action_table import ACTIONS
from umbrite.desk.dialogs.guide_pages import pages
from umbrite.desk.session.stations import LIMBS, PARTS, STATIONS
from umbrite.rig.edits.limits import set_limit
from umbrite.rig.errors import unwatched

Act = Callable[[str], None]


def spot(window, z):
    return QPointF(window.board.camera.point(z))


def test_every_action_is_in_a_menu_and_findable_and_no_key_is_given_twice(window):
    shown = {action for menu in window.menuBar().findChildren(QMenu) for action in menu.actions()}
    assert all(window.actions_by_id[act.id] in shown for act in ACTIONS)
    keys = [QKeySequence(act.key).toString() for act in ACTIONS if act.key]
    assert len(keys) == len(set(keys))


def test_everything_that_takes_keys_has_a_name_for_assistive_technology(wick_window):
    session = wick_window.session
    puppet = session.puppet
    for station, key in zip(
        STATIONS.values(), (part(puppet, "Cap"), joint(puppet, "Body"), next(iter(puppet.limbs)), next(iter(puppet.controls)), joint(puppet, "Head"), joint(puppet, "Head")),
        strict=True,
    ):  # fmt: skip
        session.workspace.go_to(station)
        session.selection.select([key])
        for widget in wick_window.findChildren(QWidget):
            kinds = (QAbstractButton, QLineEdit, QAbstractSpinBox, QComboBox, QListWidget, QTreeWidget)
            inner = isinstance(widget.parentWidget(), (QAbstractSpinBox, QComboBox)) or widget.objectName().startswith(
                "qt_"
            )
            if (
                not widget.isVisible()
                or inner
                or not isinstance(widget, kinds)
                or widget.focusPolicy() == Qt.FocusPolicy.NoFocus
            ):
                continue
            name = (
                widget.accessibleName()
                or (widget.text() if isinstance(widget, QAbstractButton) else "")
                or widget.toolTip()
            )
            assert name, (station.name, widget)


def test_the_window_paints_sharply_on_a_screen_of_double_density(tmp_path):
    script = f"""
import sys
from PySide6.QtCore import QSettings
from PySide6.QtWidgets import QApplication
from pathlib import Path
from umbrite.desk.theme.look import dress
from umbrite.desk.session.session import Session
from umbrite.desk.window import Window
app = QApplication(sys.argv); dress(app)
w = Window(Session(), QSettings({str(tmp_path / "s.ini")!r}, QSettings.Format.IniFormat))
w.resize(1024, 700); w.show(); w.files.open(Path({str(ASSETS / "wick.umbrite")!r})); app.processEvents()
w.grab().save({str(tmp_path / "double.png")!r})
w.close()
"""
    env = {"QT_QPA_PLATFORM": "offscreen", "QT_SCALE_FACTOR": "2", "PATH": "", "HOME": str(tmp_path)}
    done = subprocess.run(
        [sys.executable, "-c", script], env=env, capture_output=True, text=True, timeout=60, check=False
    )
    assert done.returncode == 0, done.stderr
    image = QImage(str(tmp_path / "double.png"))
    assert image.width() == 2048
    # A small picture made large has pairs of equal pixels; one that was painted for this screen has not.
    grey = image.convertToFormat(QImage.Format.Format_Grayscale8)
    lines = np.frombuffer(grey.constBits(), np.uint8).reshape(grey.height(), grey.bytesPerLine())[:, :2048]
    assert (lines[:, 0::2] != lines[:, 1::2]).mean() > 0.01
    enlarged = np.repeat(np.repeat(lines[::2, ::2], 2, axis=0), 2, axis=1)
    assert (enlarged[:, 0::2] != enlarged[:, 1::2]).mean() == 0


def test_the_workout_lists_what_it_noticed_and_its_sheet_is_kept(wick_window, act, answers, tmp_path):
    session = wick_window.session
    answers.watch = lambda _what: nullcontext(unwatched)
    session.edit("Wide", puppet=set_limit(session.puppet, joint(session.puppet, "Neck"), -1.2, 1.2))
    act("workout")
    sheet = wick_window.workout_sheet
    assert sheet is not None
    assert sheet.isVisible()
    assert {item.code for item in session.checks.found} == {"gap"}
    answers.save_path = tmp_path / "sheet.pdf"
    sheet.keep.click()
    assert (tmp_path / "sheet.pdf").read_bytes().startswith(b"%PDF")
    sheet.close()
    session.step(-1)
    assert session.checks.found == []


def test_the_guide_has_walks_and_more_pages_and_links_lead_from_one_to_the_other(window):
    guide = window.guide
    for page in pages():
        guide.open_at(page.title)
        text = guide.page.toPlainText()
        assert len(text) > 400, page.title
        pictures = re.findall(r"!\[[^]]*\]\(([^)]+)\)", page.path.read_text("utf-8"))
        assert all((page.path.parent / name).exists() for name in pictures)
        assert text.count("\ufffc") == len(pictures), "every picture is there"
        for name in pictures:
            assert not guide.page.loadResource(2, QUrl(name)).isNull()
    guide.open_at("Command line")
    guide.follow(QUrl("python.md"))
    assert guide.list.currentItem().text().strip() == "From Python"
    guide.follow(QUrl("file-format.md#body-plans"))
    assert guide.list.currentItem().text().strip() == "File format"
    assert guide.page.verticalScrollBar().value() > 100
    guide.close()


def test_every_tool_has_its_place_in_the_guide_and_f1_over_it_goes_there(wick_window, act):
    window = wick_window
    for each in ACTIONS:
        if each.row:
            assert window.guide.open_for(each.id), f"the guide does not tell of {each.text}"
            assert window.guide.page.textCursor().selectedText().casefold() == each.text.rstrip("…").casefold()
    window.guide.close()
    window.session.workspace.go_to(LIMBS)
    button = next(b for b in window.frame.tools.buttons if b.defaultAction().text() == "Limits")
    assert "F1 tells more" in button.toolTip()
    QCursor.setPos(button.mapToGlobal(button.rect().center()))
    act("guide-here")
    assert window.guide.list.currentItem().text().strip() == "Limbs"
    assert window.guide.page.textCursor().selectedText() == "Limits"
    QCursor.setPos(window.board.mapToGlobal(window.board.rect().center()))
    window.guide.close()
    act("guide-here")
    assert window.guide.isVisible()
    window.guide.close()


def opened_menu(window, qtbot):
    """The words of the context menu that is open; it is closed."""
    qtbot.waitUntil(lambda: QApplication.activePopupWidget() is not None, timeout=2_000)
    menu = QApplication.activePopupWidget()
    assert isinstance(menu, QMenu)
    words = [action.text() for action in menu.actions() if not action.isSeparator()]
    menu.close()
    window.board.setFocus()
    return words


@pytest.mark.parametrize("panel", ["board", "family", "depth", "diagram", "controls"])
def test_whatever_lies_under_the_pointer_has_a_menu_of_what_fits(wick_window, hand, qtbot, panel):
    session = wick_window.session
    session.workspace.go_to(LIMBS)
    session.selection.select([])
    qtbot.wait(20)
    head = joint(session.puppet, "Head")
    if panel == "board":
        hand.press(session.placed.pivot(head) - 60j, button=Qt.MouseButton.RightButton)
        words = opened_menu(wick_window, qtbot)
        assert "Limit 45° either way" in words
        assert session.selection.keys == (head,)
        return
    if panel == "family":
        tree = wick_window.family.tree
        view, at = tree, tree.visualItemRect(tree.item_for(head)).center()
    elif panel == "diagram":
        wick_window.arrangements.show("Diagram")
        view = wick_window.diagram.sheet
        at = view.card(head).center().toPoint()
    elif panel == "depth":
        session.workspace.go_to(PARTS)
        view = wick_window.depth_rail
        at = view.visualItemRect(view.item(0)).center()
    else:
        wick_window.arrangements.show("Controls")
        view = wick_window.controls_panel.controls
        at = view.visualItemRect(view.item(0)).center()
    view.customContextMenuRequested.emit(at)
    words = opened_menu(wick_window, qtbot)
    assert len(session.selection.keys) == 1
    assert 1 <= len(words) <= 12
    assert {
        "family": "Limit 45° either way",
        "diagram": "Limit 45° either way",
        "depth": "Replace drawing…",
        "controls": "Remove",
    }[panel] in words


def test_what_was_said_can_be_read_again(wick_window, act, qtbot):
    for i in range(25):
        wick_window.session.say(f"Message {i}.")
    act("messages")
    menu = QApplication.activePopupWidget()
    assert isinstance(menu, QMenu)
    texts = [action.text() for action in menu.actions()]
    assert len(texts) == 20
    assert texts[0].endswith("Message 24.")
    menu.actions()[3].trigger()
    menu.close()
    assert wick_window.frame.hints.message == "Message 21."
    qtbot.mouseClick(wick_window.frame.hints, Qt.MouseButton.LeftButton)
    assert opened_menu(wick_window, qtbot)[0].endswith("Message 21.")

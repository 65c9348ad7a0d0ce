"""The window as a whole: panels, files, findings, finder, settings, and what it does with bad input."""

import re
from collections.abc import Callable

import pytest
from PySide6.QtCore import QMimeData, QPointF, QSettings, Qt, QTranslator, QUrl
from PySide6.QtGui import QDropEvent, QKeySequence
from PySide6.QtWidgets import QAbstractItemView, QApplication, QLabel, QPushButton

from demo_puppet import ASSETS, joint, part
from umbrite.checking.finding_codes import CODES, finding
from umbrite.desk.actions.action_table import ACTIONS, MENUS
from umbrite.desk.app import unexpected
from umbrite.desk.board.widgets.hints import HANDLE_HINTS, hint_for
from umbrite.desk.panels.findings.finding_pictures import BETWEEN, SKETCHES, TALL, WIDE, picture_of
from umbrite.desk.panels.findings.finding_words import sentence
from umbrite.desk.panels.station_strip import progress
from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import CONTROLS, LIMBS, PARTS, PIVOTS, STATIONS
from umbrite.desk.theme.language import FOLDER
from umbrite.desk.theme.look import ASSETS as LOOK
from umbrite.desk.theme.themes import THEMES
from umbrite.desk.window import Window
from umbrite.files.package import load
from umbrite.rig.edits.limits import set_limit
from umbrite.rig.edits.pivots import move_pivot

Act = Callable[[str], None]


def drop(widget, at, where, mime,
         monkeypatch):  # fmt: skip
    """Let go over a list as its own drag would: Qt's drag loop itself needs a real pointer (see the journeys)."""
    monkeypatch.setattr(widget, "dropIndicatorPosition", lambda: where)
    event = QDropEvent(at, Qt.DropAction.MoveAction, mime, Qt.MouseButton.LeftButton, Qt.KeyboardModifier.NoModifier)
    widget.dropEvent(event)


def test_every_action_has_a_menu_a_key_of_its_own_and_an_icon_that_is_there():
    keys = [act.key for act in ACTIONS if act.key]
    assert len(set(keys)) == len(keys)
    assert len({act.id for act in ACTIONS}) == len(ACTIONS)
    for act in ACTIONS:
        assert act.menu in MENUS
        assert not act.key or not QKeySequence(act.key).isEmpty()
        assert not act.icon or (LOOK / "icons" / f"{act.icon}.svg").exists(), act.icon


def test_every_station_and_handle_has_a_hint(wick_window, hand):
    assert all(tool.hint for station in STATIONS.values() for tool in station.tools)
    assert all(
        text.startswith("{name}")
        for (_, kind), text in HANDLE_HINTS.items()
        if kind not in {"frame", "guide", "proposed", "proposed limb", "proposed cut", "mirror", "face piece"}
    )
    session = wick_window.session
    grip = next(c for c in session.puppet.controls.values() if c.name == "Far hand")
    hand.click(30 + 30j)
    hand.hover(session.placed.control_at(grip))
    assert wick_window.frame.hints.text.text().startswith("Far hand: drag to pose")
    assert hint_for(Session(), None).startswith("Drop pictures here")


def test_the_strip_tells_progress_and_findings(art_window, act):
    session = art_window.session
    assert [progress(session, s).words for s in STATIONS] == [
        "24 in order", "0 of 24 set", "none yet", "none yet", "at rest", "none yet"
    ]  # fmt: skip
    assert not progress(session, "Pivots").look_at
    assert art_window.strip.badge.text() == "All well", "nobody has set a pivot yet"
    session.edit("A pivot", move_pivot(session.puppet, joint(session.puppet, "Head"), 560 + 480j))
    assert progress(session, "Pivots").look_at
    assert art_window.strip.badge.text() == "2 findings"
    act("findings")
    rows = art_window.findings_list.findChildren(QPushButton)
    texts = [label.text() for label in art_window.findings_list.findChildren(QLabel) if label.isVisible()]
    assert "24 parts are carried by nothing, so they stay behind when the puppet moves." in texts
    assert len([text for text in texts if text.endswith(".")]) == 2  # fifty findings are two lines
    unfold = [button for button in rows if button.text() == "Each one"]
    unfold[1].click()
    why = next(button for button in rows if button.text() == "Explain" and button.isVisible())
    why.click()
    shown = [label for label in art_window.findings_list.findChildren(QLabel) if label.isVisible()]
    assert any(not label.pixmap().isNull() and label.width() > 200 for label in shown)
    assert CODES["pivot-unset"].explanation in [label.text() for label in shown]
    fix = next(button for button in rows if button.text() == "The middle is right" and button.isVisible())
    fix.click()
    assert session.history.undo_name == "The middle is right"
    art_window.findings_list.refresh()
    every = next(
        b for b in art_window.findings_list.findChildren(QPushButton) if b.text() == "The middle is right, for all"
    )
    every.click()
    assert art_window.strip.badge.text() == "1 finding"
    session.step(-1)
    assert art_window.strip.badge.text() == "2 findings"
    art_window.findings_list.refresh()
    show = next(b for b in art_window.findings_list.findChildren(QPushButton) if b.text() == "Show")
    show.click()
    assert (session.workspace.station, len(session.selection.keys)) == (PIVOTS, 1)
    art_window.findings_list.refresh()
    find = next(b for b in art_window.findings_list.findChildren(QPushButton) if b.text() == "Find joints")
    find.click()
    assert session.drafts.now.proposals  # one mend for all of them


@pytest.mark.usefixtures("window")
@pytest.mark.parametrize("theme", THEMES.values())
def test_the_pictures_of_findings_tell_what_is_wrong_from_what_is_right(theme):
    assert SKETCHES.keys() <= CODES.keys()
    for code in SKETCHES:
        picture = picture_of(code, theme, 1.0).toImage()
        # Without the sign in the corner both halves would be the same, were nothing told.
        halves = [picture.copy(x, 20, WIDE, TALL - 20) for x in (0, WIDE + BETWEEN)]
        assert halves[0] != halves[1], code


def test_a_finding_is_said_in_another_language_with_the_names_of_the_puppet(qapp):
    said = finding("side-mixed", "j1", name="Vorn", named="near", side="far")
    assert sentence(said) == said.text == "Vorn is named near but set to the far side."
    translator = QTranslator()
    assert translator.load("umbrite_de", str(FOLDER))
    qapp.installTranslator(translator)
    try:
        assert sentence(said) != said.text
        assert "Vorn" in sentence(said)
        assert "near" not in sentence(said)
    finally:
        qapp.removeTranslator(translator)


def test_the_family_re_parents_by_drag_and_selects_both_ways(art_window, monkeypatch):
    session, tree = art_window.session, art_window.family.tree
    cap, head = joint(session.puppet, "Cap"), joint(session.puppet, "Head")
    tree.setCurrentItem(tree.item_for(cap))
    assert session.selection.keys == (cap,)
    onto = QPointF(tree.visualItemRect(tree.item_for(head)).center())
    drop(tree, onto, QAbstractItemView.DropIndicatorPosition.OnItem, QMimeData(), monkeypatch)
    assert session.puppet.joints[cap].parent == head
    assert tree.item_for(cap).parent() is tree.item_for(head)
    session.selection.select([head])
    assert [item.text(0) for item in tree.selectedItems()] == ["Head"]
    session.selection.select([cap])
    drop(tree, QPointF(5, 5), QAbstractItemView.DropIndicatorPosition.AboveItem, QMimeData(), monkeypatch)
    assert session.puppet.joints[cap].parent is None


def test_the_filter_shows_what_fits_and_what_carries_it(wick_window):
    tree = wick_window.family.tree
    wick_window.family.find_box.setText("hand")
    every = tree.findItems("*", Qt.MatchFlag.MatchWildcard | Qt.MatchFlag.MatchRecursive)
    shown = {item.text(0) for item in every if not item.isHidden()}
    assert {"Near hand", "Far hand", "Trunk", "Master"} <= shown
    assert not {"Head", "Near shin"} & shown
    wick_window.family.find_box.clear()
    assert not tree.item_for(joint(wick_window.session.puppet, "Head")).isHidden()


def test_the_depth_rail_reorders_one_and_many_by_drag(art_window, monkeypatch):
    session, rail = art_window.session, art_window.depth_rail
    names = [rail.item(i).text() for i in range(rail.count())]
    assert names[:2] == ["Near hand", "Near forearm"]
    session.selection.select([part(session.puppet, name) for name in ("Near hand", "Lamp pole")])
    below = QPointF(rail.visualItemRect(rail.item(4)).center())
    drop(rail, below, QAbstractItemView.DropIndicatorPosition.BelowItem, QMimeData(), monkeypatch)
    assert [rail.item(i).text() for i in range(6)] == [
        "Near forearm", "Near upper arm", "Cap", "Near hand", "Lamp pole", "Eyes"
    ]  # fmt: skip
    session.step(-1)
    assert [rail.item(i).text() for i in range(rail.count())] == names


def test_a_saved_puppet_opens_again_to_the_last_bit(wick_window, hand, answers, tmp_path, act):
    session = wick_window.session
    hand.drag(366 + 962j, 330 + 700j)
    answers.save_path = tmp_path / "mine.umbrite"
    act("save-as")
    puppet, pose = session.puppet, session.pose
    assert session.history.is_saved
    assert "saved" in wick_window.strip.file.text()
    act("undo")
    assert not session.history.is_saved
    act("redo")
    assert session.history.is_saved
    act("new")
    assert not session.puppet.parts
    assert answers.asked == ["save wick.umbrite .umbrite"]
    answers.open_path = tmp_path / "mine.umbrite"
    act("open")
    assert (session.puppet, session.pose) == (puppet, pose)


def test_unsaved_work_is_asked_about_only_when_it_would_be_gone(art_window, answers, tmp_path, act):
    session = art_window.session
    session.selection.select([part(session.puppet, "Cap")])
    act("delete")
    act("new")
    assert answers.asked == ["layers of wick", "unsaved Wick"]
    assert session.puppet.parts
    answers.unsaved, answers.save_path = "save", tmp_path / "kept.umbrite"
    act("new")
    assert not session.puppet.parts
    assert len(load(tmp_path / "kept.umbrite").puppet.parts) == 23


def test_the_demo_is_never_overwritten(window, answers, act):
    act("demo")
    assert window.session.file.path is None
    act("save")
    assert answers.asked == ["save wick.umbrite .umbrite"]


def test_bad_files_are_told_in_the_window_and_nothing_is_lost(wick_window, tmp_path):
    session = wick_window.session
    before = session.puppet
    cut = tmp_path / "cut.umbrite"
    cut.write_bytes((ASSETS / "wick.umbrite").read_bytes()[:5000])
    text = tmp_path / "notes.png"
    text.write_text("no picture")
    for path, words in ((cut, "cut off"), (text, "is no picture"), (tmp_path / "gone.ora", "isn't there")):
        wick_window.files.open(path)
        assert words in wick_window.frame.hints.message
        wick_window.files.add([path])
        assert session.puppet is before


def test_files_let_go_on_the_board_begin_or_join_a_puppet(window):
    def let_go(*paths):
        mime = QMimeData()
        mime.setUrls([QUrl.fromLocalFile(str(path)) for path in paths])
        event = QDropEvent(
            QPointF(200, 200), Qt.DropAction.CopyAction, mime, Qt.MouseButton.LeftButton, Qt.KeyboardModifier.NoModifier
        )
        window.board.dropEvent(event)

    let_go(ASSETS / "wick-pictures")
    assert len(window.session.puppet.parts) == 24
    assert not window.frame.welcome.isVisible()
    let_go(ASSETS / "wick-pictures" / "24 Near hand.png")
    assert len(window.session.puppet.parts) == 25
    assert window.session.history.undo_name == "Add 1 part"
    window.session.step(-1)
    assert len(window.session.puppet.parts) == 24


def test_commands_are_found_by_typing(wick_window, qtbot):
    wick_window.show_finder()
    finder = wick_window.finder
    qtbot.keyClicks(finder.line, "stat lim")
    assert finder.list.count() == 0
    finder.line.clear()
    qtbot.keyClicks(finder.line, "x-ray")
    assert finder.list.count() == 1
    qtbot.keyClick(finder.line, Qt.Key.Key_Return)
    assert wick_window.session.workspace.views["xray"]
    assert not finder.isVisible()


@pytest.mark.fresh
def test_the_window_remembers_its_layout(window, tmp_path):
    left = Qt.DockWidgetArea.LeftDockWidgetArea
    window.addDockWidget(left, window.docks["Depth"])
    window.close()
    settings = QSettings(str(tmp_path / "settings.ini"), QSettings.Format.IniFormat)
    again = Window(Session(), settings, window.dialogs)
    assert again.dockWidgetArea(again.docks["Depth"]) == left
    again.reset_layout()
    assert again.dockWidgetArea(again.docks["Depth"]) == Qt.DockWidgetArea.RightDockWidgetArea
    again.deleteLater()


def test_a_fault_of_ours_is_told_and_loses_nothing(wick_window, hand, capsys):
    session = wick_window.session
    before = session.pose
    hand.press(366 + 962j)
    hand.move(400 + 900j)
    error = ZeroDivisionError("a fault")
    unexpected(wick_window, type(error), error, None)
    assert "ZeroDivisionError" in capsys.readouterr().err
    assert session.pose == before
    assert not wick_window.board.dragging
    assert "Something went wrong inside Umbrite" in wick_window.frame.hints.message


def test_no_section_of_details_is_wider_than_its_panel(wick_window):
    session, details = wick_window.session, wick_window.details
    puppet = session.puppet
    for station, key in (
        (PARTS, part(puppet, "Cap")),
        (PIVOTS, joint(puppet, "Body")),
        (LIMBS, next(iter(puppet.limbs))),
        (CONTROLS, next(iter(puppet.controls))),
    ):
        session.workspace.go_to(station)
        session.selection.select([key])
        QApplication.processEvents()
        inside = details.widget()
        assert inside is not None
        assert inside.minimumSizeHint().width() <= details.viewport().width(), station


def test_a_gap_within_limits_is_found_in_the_background_explained_and_meant_so(wick_window, act):
    session = wick_window.session
    session.checks.seams.begin()
    session.checks.finish()
    assert session.checks.found == []
    neck = joint(session.puppet, "Neck")
    session.edit("Wide", puppet=set_limit(session.puppet, neck, -1.0, 1.0))
    assert session.checks.seams.queue.waiting == [neck]  # only what the edit can have changed
    session.checks.finish()
    assert [item.code for item in session.checks.found] == ["gap"]
    act("findings")
    buttons = {button.text(): button for button in wick_window.findings_list.findChildren(QPushButton)}
    buttons["Explain"].click()
    labels = [
        label for label in wick_window.findings_list.findChildren(QLabel) if "background shows through" in label.text()
    ]
    assert labels[0].isVisible()
    assert buttons["Cover the seam"].isEnabled()
    assert re.search(r"At .?\d+° a gap opens at Neck", session.checks.found[0].text)
    buttons["Ignore"].click()
    assert session.checks.found == []
    assert session.puppet.meant
    again = [
        b
        for b in wick_window.findings_list.findChildren(QPushButton)
        if b.text().startswith("Show ignored findings (1")
    ]
    again[-1].click()
    assert [item.code for item in session.checks.found] == ["gap"]
    wick_window.findings_list.close()

"""The window loses nothing: autosave and recovery, files changed by others, full disks, preferences, recent files, themes."""

import errno
import os
import re
import signal
import subprocess
import sys
from collections.abc import Callable
from pathlib import Path

import msgspec
import pytest
from msgspec.structs import replace
from PySide6.QtCore import QSettings, Qt
from PySide6.QtGui import QColor
from PySide6.QtWidgets import QApplication

from demo_puppet import ASSETS, joint
from umbrite import desk
from umbrite.desk.dialogs.preferences_dialog import PreferencesDialog
from umbrite.desk.files import recovery_keeper
from umbrite.desk.session.preferences import Preferences
from umbrite.desk.theme.themes import DAY, NIGHT, THEMES
from umbrite.files import package as packages
from umbrite.files.atomic import stamp_of
from umbrite.files.package import load
from umbrite.files.recovery import keep, left_behind, new_hold
from umbrite.rig.document import Document
from umbrite.rig.edits.renaming import rename

Act = Callable[[str], None]


@pytest.fixture
def own(window, tmp_path):
    """A puppet of one's own, opened in the window."""
    path = tmp_path / "mine.umbrite"
    path.write_bytes((ASSETS / "wick.umbrite").read_bytes())
    window.files.open(path)
    return path


def turn(window, number):
    window.session.edit("Turn", pose={f"{joint(window.session.puppet, 'Head')}.turn": number})


def test_changes_are_kept_in_the_background_and_dropped_when_saved(own, window, act):
    keeper = window.keeper
    turn(window, 0.2)
    assert keeper.waiting
    keeper.keep_now()
    keeper.finish()
    assert keeper.hold is not None
    assert load(keeper.hold.path).pose == window.session.pose
    act("save")
    assert not keeper.hold.path.exists()
    assert not keeper.waiting
    assert load(own).pose == window.session.pose


def answered(window, words):
    """Press an answer on the board's banner."""
    banner = window.frame.banner
    assert banner.isVisible()
    banner.buttons[words].click()
    assert not banner.isVisible()


def left_by_a_crash(folder, of):
    """A recovery file of a process that is gone."""
    package = load(ASSETS / "wick.umbrite")
    hold = new_hold(folder)
    keep(
        hold,
        packages.Package(Document(rename(package.puppet, joint(package.puppet, "Cap"), "Beret")), package.art),
        of,
        7.0,
        None if of is None else stamp_of(of),
    )
    hold.let_go()  # as the system does when a process dies
    return hold.path


def test_after_a_crash_the_next_start_brings_back_what_was_there(own, window, act):
    left = left_by_a_crash(window.keeper.folder, own)
    window.offer_recovery()
    assert "wick.umbrite" in window.frame.banner.text.text() or "mine.umbrite" in window.frame.banner.text.text()
    answered(window, "Ask later")
    assert left.exists()
    window.offer_recovery()
    answered(window, "Recover")
    assert "Beret" in {item.name for item in window.session.puppet.joints.values()}
    assert window.session.file.path == own
    assert not window.session.history.is_saved
    assert left.exists()  # until a newer one takes its place, or it is saved
    assert left_behind(left.parent) == []  # and nobody else is offered it
    assert "Cap" in {item.name for item in load(own).puppet.joints.values()}  # the file is as it was until saved
    act("save")
    assert "Beret" in {item.name for item in load(own).puppet.joints.values()}
    assert not left.exists()


@pytest.mark.parametrize("how", ["others have saved it", "of an earlier version, which kept no stamp"])
def test_what_was_brought_back_replaces_no_newer_file_unasked(own, window, answers, act, how):
    left = left_by_a_crash(window.keeper.folder, own)
    if how == "others have saved it":
        newer = load(own)
        packages.save(own, packages.Package(replace(newer.document, pose={}), newer.art))
    else:
        words = left.with_suffix(".json")
        words.write_bytes(msgspec.json.encode(msgspec.json.decode(words.read_bytes()) | {"stamp": None}))
    there = own.read_bytes()
    window.offer_recovery()
    answered(window, "Recover")
    answers.changed = "stay"
    act("save")
    assert answers.asked[-1] == "changed mine.umbrite"
    assert own.read_bytes() == there
    answers.changed = "overwrite"
    act("save")
    assert "Beret" in {item.name for item in load(own).puppet.joints.values()}


def test_what_was_brought_back_is_offered_again_after_a_kill_before_it_was_kept_anew(window, answers):
    """Without a file of its own too, where nothing but the recovery file holds the work."""
    left = left_by_a_crash(window.keeper.folder, None)
    window.offer_recovery()
    answered(window, "Recover")
    assert window.keeper.hold is not None
    assert window.keeper.hold.path == left
    window.keeper.hold.let_go()  # killed here
    (again,) = left_behind(left.parent)
    assert "Beret" in {item.name for item in again.package().puppet.joints.values()}
    again.hold.let_go()
    answers.unsaved = "stay"
    assert not window.files.may_leave()  # it counts as unsaved
    turn(window, 0.3)
    window.keeper.keep_now()
    window.keeper.finish()
    assert load(left).pose == window.session.pose  # the same file holds what is newer


def test_where_nothing_can_be_kept_the_person_is_told_once(window, answers, qtbot, monkeypatch):
    window.files.open_demo("wick.umbrite")
    real = recovery_keeper.keep

    def broken(*_):
        raise OSError(28, "No space left on device")

    monkeypatch.setattr(recovery_keeper, "keep", broken)
    for number in (0.1, 0.2):
        turn(window, number)
        window.keeper.keep_now()
        window.keeper.finish()
        qtbot.wait(10)
    assert answers.asked.count("Not saved for recovery") == 1
    assert window.keeper.waiting  # it tries again
    monkeypatch.setattr(recovery_keeper, "keep", real)
    window.keeper.keep_now()
    window.keeper.finish()
    qtbot.wait(10)
    assert window.keeper.hold is not None
    assert load(window.keeper.hold.path).pose == window.session.pose


@pytest.mark.parametrize(
    ("typed", "made"), [("hero.v2", "hero.v2.umbrite"), ("photo.png", "photo.png.umbrite"), ("A.UMBRITE", "A.UMBRITE")]
)
def test_a_puppet_is_saved_under_a_name_that_opens_again(window, answers, act, tmp_path, typed, made):
    window.files.open_demo("wick.umbrite")
    answers.save_path = tmp_path / typed
    act("save-as")
    assert window.session.file.path == tmp_path / made
    assert load(tmp_path / made).puppet == window.session.puppet
    if typed != made:
        (tmp_path / made).write_text("something else")
        act("save-as")
        assert answers.asked[-1] == f"replace {made}"
        assert (tmp_path / made).read_text() == "something else"


CRASH = """
import os, signal, sys
from pathlib import Path
from PySide6.QtCore import QSettings, Qt
from PySide6.QtWidgets import QApplication
from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import REHEARSE
from umbrite.desk.window import Window
app = QApplication(sys.argv)
window = Window(Session(), QSettings(sys.argv[1], QSettings.Format.IniFormat))
window.files.open(Path(sys.argv[2]))
head = next(key for key, joint in window.session.puppet.joints.items() if joint.name == "Head")
def work(turn):
    window.session.edit("Turn", pose={f"{head}.turn": turn})
    window.keeper.keep_now()
    window.keeper.finish()
work(0.25)
for line in sys.stdin:
    if line == "save\\n":
        window.files.save()
    else:
        work(float(line))
    print(line, flush=True)
os.kill(os.getpid(), signal.SIGKILL)
"""


def test_after_a_kill_in_the_middle_of_work_the_next_start_offers_it(own, window):
    words = [sys.executable, "-c", CRASH, window.settings.fileName(), str(own)]
    done = subprocess.run(
        words, input=b"", env={**os.environ, "QT_QPA_PLATFORM": "offscreen"}, capture_output=True, timeout=60, check=False
    )  # fmt: skip
    assert done.returncode == -signal.SIGKILL, done.stderr
    window.offer_recovery()
    answered(window, "Recover")
    assert window.session.pose == {f"{joint(window.session.puppet, 'Head')}.turn": 0.25}
    assert window.session.file.path == own
    assert not window.session.history.is_saved


def test_two_windows_on_one_file_lose_nothing(own, window, answers, act):
    words = [sys.executable, "-c", CRASH, window.settings.fileName(), str(own)]
    offscreen = {**os.environ, "QT_QPA_PLATFORM": "offscreen"}
    pipe, said = subprocess.PIPE, []
    window.session.said.connect(said.append)
    with subprocess.Popen(words, stdin=pipe, stdout=pipe, text=True, env=offscreen) as other:

        def do(line):
            print(line, file=other.stdin, flush=True)
            assert (other.stdout.readline() + other.stdout.readline()).strip() == line

        do("0.5")
        window.files.open(own)
        assert said[-1].endswith("Another window has unsaved changes to it.")
        turn(window, 0.2)
        do("save")
        theirs = own.read_bytes()
        act("save")
        assert (answers.asked[-1], own.read_bytes()) == ("changed mine.umbrite", theirs)
        window.keeper.keep_now()
        window.keeper.finish()
        do("0.75")
        other.stdin.close()
    (left,) = left_behind(window.keeper.folder, window.keeper.hold.path)
    assert set(left.package().pose.values()) == {0.75}
    assert set(load(window.keeper.hold.path).pose.values()) == {0.2}
    left.hold.let_go()
    window.files.open(own)
    assert said[-1].endswith("parts.")


def test_unwanted_or_broken_remains_are_let_go_or_told(window):
    left = left_by_a_crash(window.keeper.folder, None)
    left.write_bytes(b"broken")
    window.offer_recovery()
    answered(window, "Recover")
    assert left.exists()  # it could not be read; it is not thrown away for that
    window.offer_recovery()
    answered(window, "Discard")
    assert not left.exists()


def test_a_file_that_another_program_changed_is_never_overwritten_silently(own, window, answers, act, tmp_path):
    turn(window, 0.2)
    other = (ASSETS / "bramble.umbrite").read_bytes()
    own.write_bytes(other)
    act("save")
    assert answers.asked[-1] == "changed mine.umbrite"
    assert own.read_bytes() == other
    answers.changed, answers.save_path = "elsewhere", tmp_path / "else.umbrite"
    act("save")
    assert own.read_bytes() == other
    assert load(tmp_path / "else.umbrite").pose == window.session.pose
    turn(window, 0.1)
    (tmp_path / "else.umbrite").unlink()
    answers.changed = "overwrite"
    act("save")
    assert answers.asked[-1] == "gone else.umbrite"
    assert load(tmp_path / "else.umbrite").pose == window.session.pose
    act("save")
    assert answers.asked[-1] == "gone else.umbrite"  # not asked again about our own writing


def test_a_full_disk_loses_nothing_and_says_so(own, window, act, monkeypatch):
    before = own.read_bytes()
    turn(window, 0.2)

    def full(_handle):
        raise OSError(errno.ENOSPC, "No space left on device")

    monkeypatch.setattr(os, "fsync", full)
    act("save")
    assert own.read_bytes() == before
    assert not window.session.history.is_saved
    assert "mine.umbrite" in window.frame.hints.message
    monkeypatch.undo()
    act("save")
    assert load(own).pose == window.session.pose
    assert [path.name for path in own.parent.iterdir() if "saving" in path.name] == []


def test_recent_files_are_listed_and_opened(own, window):
    window.recent_menu.aboutToShow.emit()
    assert [action.text() for action in window.recent_menu.actions()] == ["mine.umbrite"]
    window.files.open(ASSETS / "bramble.umbrite")
    assert window.preferences.recent == [str(own)]  # demos are not listed
    window.recent_menu.actions()[0].trigger()
    assert window.session.file.path == own


def test_preferences_survive_nonsense_in_the_settings_file(tmp_path):
    settings = QSettings(str(tmp_path / "odd.ini"), QSettings.Format.IniFormat)
    for key, value in (("theme", "plaid"), ("autosave", "often"), ("recent", 7), ("layer_table", "maybe")):
        settings.setValue(key, value)
    found = Preferences(settings)
    assert (found.theme, found.autosave, found.recent, found.layer_table) == ("day", 15, [], True)


def test_preferences_take_effect_at_once_and_are_remembered(window, qtbot):
    dialog = PreferencesDialog(window.preferences, window.apply_preferences, window)
    qtbot.addWidget(dialog)
    dialog.theme.setCurrentIndex(1)
    dialog.theme.activated.emit(1)
    assert window.session.workspace.theme is NIGHT
    dialog.autosave.setValue(40)
    assert window.keeper.interval == 40
    dialog.theme.setCurrentIndex(0)
    dialog.theme.activated.emit(0)
    assert window.session.workspace.theme is DAY
    assert Preferences(window.settings).autosave == 40


def contrast(one, other):
    """The ratio of the web's guidelines (WCAG 2): relative luminances, lighter over darker."""

    def luminance(colour):
        shares = (colour.redF(), colour.greenF(), colour.blueF())
        parts = [c / 12.92 if c <= 0.04045 else ((c + 0.055) / 1.055) ** 2.4 for c in shares]
        return 0.2126 * parts[0] + 0.7152 * parts[1] + 0.0722 * parts[2]

    low, high = sorted((luminance(one), luminance(other)))
    return (high + 0.05) / (low + 0.05)


@pytest.mark.parametrize("theme", THEMES.values(), ids=list(THEMES))
def test_text_has_contrast_in_every_theme(theme):
    for ground in (theme.oat, theme.panel, theme.paper, theme.linen, theme.tray, theme.hover, theme.selected_pale):
        assert contrast(theme.ink, ground) > 7
    for ground in (theme.oat, theme.panel, theme.paper, theme.tray):
        assert contrast(theme.quiet, ground) > 4.5
    assert contrast(theme.on_selected, theme.selected) > 4.5
    assert contrast(theme.on_main, QColor("#B8432B")) > 4.5


def test_no_colour_stands_outside_the_themes():
    """So that what holds for the colours of the themes holds for all that is seen."""
    own = {"themes.py", "style_sheet.py"}
    rooms = [path for path in Path(desk.__path__[0]).rglob("*.py") if path.name not in own]
    assert len(rooms) > 60
    assert [str(path) for path in rooms if re.search(r"#[0-9A-Fa-f]{6}", path.read_text("utf-8"))] == []


def test_panels_are_put_away_and_brought_back(wick_window, act):
    act("limbs")
    panels = {action.text(): action for action in wick_window.panels_menu.actions()}
    assert set(panels) == {
        "Family", "Diagram", "Controls", "Library", "Versions", "Depth", "Details", "Poses", "Tape",
    }  # fmt: skip
    panels["Depth"].trigger()
    assert not wick_window.docks["Depth"].isVisible()
    panels["Depth"].trigger()
    assert wick_window.docks["Depth"].isVisible()
    act("rehearse")
    wick_window.docks["Poses"].close()  # its cross
    act("limbs")
    act("rehearse")
    assert not wick_window.docks["Poses"].isVisible()
    act("layout")
    assert wick_window.docks["Poses"].isVisible()
    act("limbs")
    act("rehearse")
    assert wick_window.docks["Poses"].isVisible()


def test_each_station_has_its_own_arrangement_and_rehearse_gives_the_board_the_room(wick_window, act, qtbot):
    def wide():
        qtbot.wait(30)
        return wick_window.board.width()

    def standing():
        return {name for name, dock in wick_window.docks.items() if dock.isVisible()}

    act("limbs")
    built, wide_built = standing(), wide()
    assert built == {"Family", "Diagram", "Controls", "Depth", "Details"}
    act("rehearse")
    assert standing() == {"Details", "Poses"}
    assert wide() > wide_built
    act("diagram")  # asked for, it comes
    assert "Diagram" in standing()
    act("limbs")
    wick_window.docks["Depth"].hide()
    act("rehearse")
    assert standing() == {"Details", "Poses", "Diagram"}
    act("limbs")
    assert standing() == built - {"Depth"}
    act("panels")
    assert standing() == set()
    act("panels")
    assert standing() == built - {"Depth"}
    act("layout")
    assert standing() == built


def test_steps_are_buttons_with_a_list_to_go_back_to(wick_window):
    session, strip = wick_window.session, wick_window.strip
    assert not strip.undo.isEnabled()
    poses = [session.pose]
    for number in (0.1, 0.2, 0.3):
        turn(wick_window, number)
        poses.append(session.pose)
    assert strip.undo.toolTip().startswith("Undo: Turn")
    strip.undo.click()
    assert session.pose == poses[2]
    menu = strip.undo.menu()
    menu.aboutToShow.emit()
    assert [action.text() for action in menu.actions()] == ["Turn", "Turn"]
    menu.actions()[1].trigger()
    assert session.pose == poses[0]
    assert not strip.undo.isEnabled()
    strip.redo.menu().aboutToShow.emit()
    strip.redo.menu().actions()[2].trigger()
    assert session.pose == poses[3]


@pytest.mark.parametrize("theme", THEMES.values(), ids=list(THEMES))
def test_the_arrows_of_lists_can_be_seen_in_every_theme(theme, wick_window):
    wick_window.set_theme(theme.name)
    try:
        used = set(re.findall(r"url\((.*?)\)", QApplication.instance().styleSheet()))
        assert len(used) == 2
        for path in used:
            stroke = re.search(r'stroke="(.*?)"', Path(path).read_text("utf-8"))
            assert stroke is not None
            drawn = QColor("#000000") if stroke[1] == "currentColor" else QColor(stroke[1])
            assert contrast(drawn, theme.panel) > 4.5
    finally:
        wick_window.set_theme("day")


@pytest.mark.fresh
def test_what_was_left_behind_waits_on_the_board_and_asks_before_it_takes_the_place_of_work(own, window, answers):
    left = left_by_a_crash(window.keeper.folder, None)
    window.offer_recovery()
    turn(window, 0.2)  # work goes on below the question
    assert window.frame.banner.isVisible()
    answers.unsaved = "stay"
    answered_but_stays(window)
    assert "Cap" in {item.name for item in window.session.puppet.joints.values()}
    answers.unsaved = "drop"
    answered(window, "Recover")
    assert "Beret" in {item.name for item in window.session.puppet.joints.values()}
    assert left.exists()
    assert load(own).puppet.name == "Wick"


def answered_but_stays(window):
    """Press the first answer; the question comes back, for the person turned back."""
    banner = window.frame.banner
    banner.buttons["Recover"].click()
    assert banner.isVisible()


@pytest.mark.fresh
@pytest.mark.parametrize(
    ("station", "front"), [("parts", "Depth"), ("pivots", "Family"), ("limbs", "Family"), ("controls", "Controls")]
)
def test_a_rigger_sees_three_fifths_of_board(window, act, qtbot, station, front):
    window.resize(1280, 800)
    window.reset_layout()
    act(station)
    qtbot.waitUntil(lambda: window.board.width() * window.board.height() >= 0.6 * 1280 * 800)
    assert not window.docks[front].visibleRegion().isEmpty()


def test_names_are_whole_in_a_narrow_panel_and_the_icons_give_way(wick_window, act, qtbot):
    act("pivots")
    tree, rail = wick_window.family.tree, wick_window.depth_rail
    wick_window.resizeDocks([wick_window.docks["Family"]], [190], Qt.Orientation.Horizontal)
    qtbot.waitUntil(lambda: tree.width() < 215)
    for key, item in tree._items.items():
        box = tree.visualItemRect(item)
        if box.isValid():
            room = tree.viewport().width() if item.isFirstColumnSpanned() else tree.columnWidth(0)
            assert room - box.left() >= tree.fontMetrics().horizontalAdvance(item.text(0)) + 20, key
    assert any(not item.isFirstColumnSpanned() for item in tree._items.values())
    names = [rail.item(i).text() for i in range(rail.count())]
    assert (
        max(map(rail.fontMetrics().horizontalAdvance, names)) + rail.iconSize().width() + 10 <= rail.viewport().width()
    )

"""A real window for each test, with fresh settings and dialogs that answer for a person; nothing may leak."""

import shutil
import threading
from collections.abc import Callable
from contextlib import nullcontext
from functools import cache
from pathlib import Path
from typing import Literal

import pytest
from PySide6.QtCore import QPointF, QSettings, Qt
from PySide6.QtGui import QMouseEvent
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QApplication

from demo_puppet import ASSETS, plain_package
from umbrite.desk.board.under_menu import menu_under
from umbrite.desk.files import file_desk
from umbrite.desk.files.import_table import Chosen
from umbrite.desk.session import idle_queue
from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import PARTS
from umbrite.desk.session.workspace import VIEWS
from umbrite.desk.theme.look import dress
from umbrite.desk.window import Window
from umbrite.files import opening
from umbrite.files.layers import Layered
from umbrite.files.package import Package
from umbrite.files.sandbox.reading import read_art
from umbrite.paint.baking import GltfChoice
from umbrite.paint.take_export import Film
from umbrite.rig.document import Document
from umbrite.rig.edits.meshes.weight_edits import Brush
from umbrite.rig.errors import unwatched
from umbrite.rig.takes.reach import KINDS

# What is looked at while nobody waits would cost most tests more than they do themselves; some let it begin.
idle_queue.PAUSE = 3_600_000


@cache
def shipped(path):
    return read_art([path])


def read_once(paths, watch=unwatched):
    """Art that ships is read by its process once a worker."""
    return shipped(paths[0]) if len(paths) == 1 and paths[0].parent == ASSETS else read_art(paths, watch)


file_desk.read_art = opening.read_art = read_once
LEFT = Qt.MouseButton.LeftButton
NONE = Qt.KeyboardModifier.NoModifier


class Answers:
    """Dialogs that are answered beforehand, and note what was asked."""

    def __init__(self):
        self.open_path: Path | None = None
        self.add_paths: list[Path] = []
        self.save_path: Path | None = None
        self.unsaved: Literal["save", "drop", "stay"] = "stay"
        self.changed: Literal["overwrite", "elsewhere", "stay"] = "stay"
        self.replace = False
        self.allowed = False
        self.on_part: Literal["exchange", "variant", "add", "stay"] = "stay"
        self.asked: list[str] = []
        self.gltf: GltfChoice | None = None
        self.film: Callable[[Film], Film] = lambda film: film
        self.layers: Callable[[Layered], Chosen | None] = Chosen

    def path_to_open(self, _folder):
        self.asked.append("open")
        return self.open_path

    def sound_to_add(self, _folder):
        self.asked.append("sound")
        return self.open_path

    def paths_to_add(self, _folder):
        self.asked.append("add")
        return self.add_paths

    def path_to_save(self, suggestion, ending):
        self.asked.append(f"save {suggestion.name} {ending}")
        return self.save_path

    def choose_layers(self, layered):
        self.asked.append(f"layers of {layered.name}")
        return self.layers(layered)

    @staticmethod
    def watch(_what):
        return nullcontext(unwatched)

    def choose_film(self, film, ending):
        self.asked.append(f"film {ending}")
        return self.film(film)

    def choose_gltf(self, package):
        self.asked.append(f"glTF of {package.puppet.name}")
        return self.gltf if self.gltf is not None else GltfChoice(package.document.takes)

    def about_unsaved(self, name):
        self.asked.append(f"unsaved {name}")
        return self.unsaved

    def about_changed(self, name, *, gone):
        self.asked.append(f"{'gone' if gone else 'changed'} {name}")
        return self.changed

    def about_dropped(self, name):
        self.asked.append(f"dropped on {name}")
        return self.on_part

    def may_run(self, path, fingerprint):
        self.asked.append(f"run {Path(path).name} {fingerprint}")
        return self.allowed

    def may_replace(self, name):
        self.asked.append(f"replace {name}")
        return self.replace

    def tell(self, title, _text):
        self.asked.append(title)

    read = tell


class Hand:
    """A pointer over the board, in board coordinates: real mouse events to the real widget."""

    def __init__(self, board):
        self.board = board

    def _send(self, kind, at, button, keys):
        place = self.board.camera.point(at)
        held = button if kind != QMouseEvent.Type.MouseButtonRelease else Qt.MouseButton.NoButton
        where = QPointF(self.board.mapToGlobal(place))
        QApplication.sendEvent(self.board, QMouseEvent(kind, place, where, button, held, keys))

    def press(self, at, keys=NONE, button=LEFT):
        self._send(QMouseEvent.Type.MouseButtonPress, at, button, keys)

    def move(self, at, keys=NONE, button=LEFT):
        self._send(QMouseEvent.Type.MouseMove, at, button, keys)

    def release(self, at, keys=NONE, button=LEFT):
        self._send(QMouseEvent.Type.MouseButtonRelease, at, button, keys)

    def click(self, at, keys=NONE):
        self.press(at, keys)
        self.release(at, keys)

    def drag(self, start, end, keys=NONE, steps=4):
        self.press(start, keys)
        for i in range(1, steps + 1):
            self.move(start + (end - start) * i / steps, keys)
        self.release(end, keys)

    def hover(self, at):
        self._send(QMouseEvent.Type.MouseMove, at, Qt.MouseButton.NoButton, NONE)


def opened(folder, answers):
    """A shown window of the size it is designed for, empty, with its settings in a folder."""
    app = QApplication.instance()
    assert isinstance(app, QApplication)
    dress(app)
    made = Window(Session(), QSettings(str(folder / "settings.ini"), QSettings.Format.IniFormat), answers)
    made.resize(1280, 800)
    made.show()
    assert QTest.qWaitForWindowExposed(made)
    return made


def shut(window, answers):
    """Close for good; nothing may be left on the screen, no thread may run on."""
    others = {id(widget) for widget in QApplication.topLevelWidgets() if isinstance(widget, Window)} - {id(window)}
    answers.unsaved = "drop"
    QApplication.clipboard().clear()  # this platform has none of its own, and would not let it go at the end
    window.close()
    window.deleteLater()
    QTest.qWait(1)
    assert [it for it in QApplication.topLevelWidgets() if it.isVisible() and id(it) not in others] == []
    assert [thread.name for thread in threading.enumerate() if thread.name == "recovery"] == []


def put_back(window, answers):
    """As it was when it was opened: an empty document, nothing remembered, everything where it stood."""
    vars(answers).clear()
    answers.__init__()
    for place in (window.board, window.timeline.sheet):
        place.cancel()
    for widget in QApplication.topLevelWidgets():
        if widget is not window and widget.isVisible():
            widget.close()
    if window.alone:
        window.show_alone()
    session, folder = window.session, Path(window.settings.fileName()).parent
    window.timeline.player.stop()
    window.workout_sheet = None
    window.shelf.only.setChecked(False)
    session.stop_motion()
    timeline, brushing = session.timeline, session.brushing
    timeline.keying, timeline.reach, timeline.kinds, timeline.ghosts = True, "moved", frozenset(KINDS), 2
    brushing.brush, brushing.bone, brushing.locked, brushing.sways = Brush(), "", frozenset(), True
    session.checks.stop()
    window.keeper.close()
    window.settings.clear()
    for name in ("scripts", "library", "recovery", "body plans"):
        shutil.rmtree(folder / name, ignore_errors=True)
    session.open(Package(Document(), {}), None)
    for name, on in VIEWS.items():
        session.workspace.set_view(name, on=on)
    session.workspace.go_to(PARTS)
    session.workspace.take_tool(PARTS.tools[0])
    window.files.folder = None
    window.apply_preferences()
    window.reset_layout()
    window.resize(1280, 800)
    window.frame.hints._drop_message()
    window.frame.hints._said.clear()
    window.board._visited = {session.workspace.station}
    window.board._last_click = window.board._pointer = QPointF(-1e4, -1e4)
    window.board.setFocus()
    QApplication.clipboard().clear()
    QApplication.processEvents()


@pytest.fixture(scope="module")
def one_window(qapp, tmp_path_factory):
    """One window for all tests of a file."""
    del qapp
    answers = Answers()
    made = opened(tmp_path_factory.mktemp("desk"), answers)
    yield made, answers
    shut(made, answers)


@pytest.fixture
def answers(request):
    if request.node.get_closest_marker("fresh"):
        return Answers()
    return request.getfixturevalue("one_window")[1]


@pytest.fixture
def window(request, tmp_path, answers, qtbot):
    """The window, empty: the one of this file put back as it was, or a new one for a test that is marked `fresh`."""
    del qtbot  # tells of exceptions in slots
    if request.node.get_closest_marker("fresh"):
        made = opened(tmp_path, answers)
        yield made
        shut(made, answers)
        return
    made, _ = request.getfixturevalue("one_window")
    put_back(made, answers)
    yield made


@pytest.fixture
def wick_window(window):
    """The window with the finished demo, in Rehearse."""
    window.files.open(ASSETS / "wick.umbrite")
    return window


@pytest.fixture
def plain_window(window):
    """The window with the finished demo without its variants: one far arm, one drawing of each piece."""
    window.files.open(ASSETS / "wick.umbrite")
    package = plain_package("wick")
    window.session.edit("Plain", puppet=package.puppet, pose={}, takes=())
    return window


@pytest.fixture
def art_window(window):
    """The window with the demo's unrigged art, in Parts."""
    window.files.open(ASSETS / "wick.ora")
    return window


@pytest.fixture
def hand(window):
    return Hand(window.board)


@pytest.fixture
def act(window):
    """Trigger an action of the table by its id, as a menu or key would."""

    def trigger(name):
        action = window.actions_by_id[name]
        assert action.isEnabled(), action.statusTip()
        action.trigger()

    return trigger


def listed(window, at):
    """The list of what lies under a point of the board."""
    camera = window.board.camera
    return menu_under(window.board, window.session, camera, camera.board(complex(at.x(), at.y())))

"""A real window for each test, with fresh settings and dialogs that answer for a person; nothing may leak."""

from collections.abc import Callable, Iterator
from contextlib import AbstractContextManager, nullcontext
from pathlib import Path
from typing import Literal

import pytest
from PySide6.QtCore import QPointF, QSettings, Qt
from PySide6.QtGui import QMouseEvent
from PySide6.QtWidgets import QApplication, QMenu
from pytestqt.qtbot import QtBot

from demo_puppet import ASSETS, plain_package
from umbrite.desk.board.board import Board
from umbrite.desk.board.under_menu import menu_under
from umbrite.desk.files.import_table import Chosen
from umbrite.desk.session.session import Session
from umbrite.desk.theme.look import dress
from umbrite.desk.window import Window
from umbrite.files.layers import Layered
from umbrite.files.long_work import Watch, unwatched
from umbrite.files.package import Package
from umbrite.paint.baking import GltfChoice
from umbrite.paint.take_export import Film

LEFT = Qt.MouseButton.LeftButton
NONE = Qt.KeyboardModifier.NoModifier


class Answers:
    """Dialogs that are answered beforehand, and note what was asked."""

    def __init__(self) -> None:
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
        self.layers: Callable[[Layered], Chosen | None] = Chosen

    def path_to_open(self, _folder: Path | None) -> Path | None:
        self.asked.append("open")
        return self.open_path

    def paths_to_add(self, _folder: Path | None) -> list[Path]:
        self.asked.append("add")
        return self.add_paths

    def path_to_save(self, suggestion: Path, ending: str) -> Path | None:
        self.asked.append(f"save {suggestion.name} {ending}")
        return self.save_path

    def choose_layers(self, layered: Layered) -> Chosen | None:
        self.asked.append(f"layers of {layered.name}")
        return self.layers(layered)

    @staticmethod
    def watch(_what: str) -> AbstractContextManager[Watch]:
        return nullcontext(unwatched)

    def choose_film(self, film: Film, ending: str) -> Film:
        self.asked.append(f"film {ending}")
        return film

    def choose_gltf(self, package: Package) -> GltfChoice | None:
        self.asked.append(f"glTF of {package.puppet.name}")
        return self.gltf if self.gltf is not None else GltfChoice(package.document.takes)

    def about_unsaved(self, name: str) -> Literal["save", "drop", "stay"]:
        self.asked.append(f"unsaved {name}")
        return self.unsaved

    def about_changed(self, name: str, *, gone: bool) -> Literal["overwrite", "elsewhere", "stay"]:
        self.asked.append(f"{'gone' if gone else 'changed'} {name}")
        return self.changed

    def about_dropped(self, name: str) -> Literal["exchange", "variant", "add", "stay"]:
        self.asked.append(f"dropped on {name}")
        return self.on_part

    def may_run(self, path: str, fingerprint: str) -> bool:
        self.asked.append(f"run {Path(path).name} {fingerprint}")
        return self.allowed

    def may_replace(self, name: str) -> bool:
        self.asked.append(f"replace {name}")
        return self.replace

    def tell(self, title: str, _text: str) -> None:
        self.asked.append(title)


class Hand:
    """A pointer over the board, in board coordinates: real mouse events to the real widget."""

    def __init__(self, board: Board) -> None:
        self.board = board

    def _send(
        self, kind: QMouseEvent.Type, at: complex, button: Qt.MouseButton, keys: Qt.KeyboardModifier
    ) -> None:
        place = self.board.camera.point(at)
        held = button if kind != QMouseEvent.Type.MouseButtonRelease else Qt.MouseButton.NoButton
        where = QPointF(self.board.mapToGlobal(place))
        QApplication.sendEvent(self.board, QMouseEvent(kind, place, where, button, held, keys))

    def press(self, at: complex, keys: Qt.KeyboardModifier = NONE, button: Qt.MouseButton = LEFT) -> None:
        self._send(QMouseEvent.Type.MouseButtonPress, at, button, keys)

    def move(self, at: complex, keys: Qt.KeyboardModifier = NONE, button: Qt.MouseButton = LEFT) -> None:
        self._send(QMouseEvent.Type.MouseMove, at, button, keys)

    def release(self, at: complex, keys: Qt.KeyboardModifier = NONE, button: Qt.MouseButton = LEFT) -> None:
        self._send(QMouseEvent.Type.MouseButtonRelease, at, button, keys)

    def click(self, at: complex, keys: Qt.KeyboardModifier = NONE) -> None:
        self.press(at, keys)
        self.release(at, keys)

    def drag(self, start: complex, end: complex, keys: Qt.KeyboardModifier = NONE, steps: int = 4) -> None:
        self.press(start, keys)
        for i in range(1, steps + 1):
            self.move(start + (end - start) * i / steps, keys)
        self.release(end, keys)

    def hover(self, at: complex) -> None:
        self._send(QMouseEvent.Type.MouseMove, at, Qt.MouseButton.NoButton, NONE)


@pytest.fixture
def answers() -> Answers:
    return Answers()


@pytest.fixture
def window(qtbot: QtBot, tmp_path: Path, answers: Answers) -> Iterator[Window]:
    """A shown window of the size it is designed for, empty."""
    app = QApplication.instance()
    assert isinstance(app, QApplication)
    dress(app)
    before = {id(widget) for widget in app.topLevelWidgets()}
    settings = QSettings(str(tmp_path / "settings.ini"), QSettings.Format.IniFormat)
    made = Window(Session(), settings, answers)  # type: ignore[arg-type]
    made.resize(1280, 800)
    made.show()
    qtbot.waitExposed(made)
    yield made
    answers.unsaved = "drop"
    QApplication.clipboard().clear()  # this platform has none of its own, and would not let it go at the end
    made.close()
    made.deleteLater()
    del made
    qtbot.wait(1)
    left = [widget for widget in app.topLevelWidgets() if id(widget) not in before and widget.isVisible()]
    assert left == []


@pytest.fixture
def wick_window(window: Window) -> Window:
    """The window with the finished demo, in Rehearse."""
    window.files.open(ASSETS / "wick.umbrite")
    return window


@pytest.fixture
def plain_window(window: Window) -> Window:
    """The window with the finished demo without its variants: one far arm, one drawing of each piece."""
    window.files.open(ASSETS / "wick.umbrite")
    package = plain_package("wick")
    window.session.edit("Plain", puppet=package.puppet, pose={}, takes=())
    return window


@pytest.fixture
def art_window(window: Window) -> Window:
    """The window with the demo's unrigged art, in Parts."""
    window.files.open(ASSETS / "wick.ora")
    return window


@pytest.fixture
def hand(window: Window) -> Hand:
    return Hand(window.board)


@pytest.fixture
def act(window: Window) -> Callable[[str], None]:
    """Trigger an action of the table by its id, as a menu or key would."""

    def trigger(name: str) -> None:
        action = window.actions_by_id[name]
        assert action.isEnabled(), action.statusTip()
        action.trigger()

    return trigger


def listed(window: Window, at: QPointF) -> QMenu | None:
    """The list of what lies under a point of the board."""
    camera = window.board.camera
    return menu_under(window.board, window.session, camera, camera.board(complex(at.x(), at.y())))

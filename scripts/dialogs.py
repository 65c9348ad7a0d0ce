"""Takes a picture of every dialog, card and page of the window, as one contact sheet: `dialogs.py PICTURE [LANGUAGE] [day|night] [WIDExTALL]`.

Set QT_SCALE_FACTOR for another density. Says which words are cut and what is larger than the window, and ends with an error then.
"""

import sys
import tempfile
from collections.abc import Callable
from pathlib import Path

from PySide6.QtCore import QRect, QSettings, Qt, QTimer
from PySide6.QtGui import QImage, QPainter
from PySide6.QtWidgets import QApplication, QDialog, QWidget
from sizes import DEMO, cut_words, speak_in

from umbrite.desk.commands import bone_commands, found_limit_commands
from umbrite.desk.commands.takes.recipes import RECIPES
from umbrite.desk.dialogs.adjuster import Adjuster
from umbrite.desk.dialogs.film_dialog import FilmDialog
from umbrite.desk.dialogs.gltf_dialog import GltfDialog
from umbrite.desk.dialogs.preferences_dialog import PreferencesDialog
from umbrite.desk.dialogs.rename_dialog import RenameDialog
from umbrite.desk.files.import_table import ImportTable
from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import BONE, CONTROLS, LIMBS, PIVOTS, REHEARSE, TAKES
from umbrite.desk.theme.look import dress
from umbrite.desk.window import Window
from umbrite.files.opening import read_art
from umbrite.paint.take_export import Film, frames_of

ACROSS, ROOM = 3, 620  # pictures in a row, and pixels for each


class Album:
    """The pictures that were taken, and what is wrong with them."""

    def __init__(self, window: Window) -> None:
        self.window = window
        self.pictures: list[tuple[str, QImage]] = []
        self.faults: list[str] = []

    def settle(self) -> None:
        for _ in range(6):
            QApplication.processEvents()

    def take(self, name: str, of: QWidget) -> None:
        """A picture of a widget as it stands."""
        self.settle()
        self.faults += [f"{name}: cut: {words!r}" for words in cut_words(of)]
        size, most = of.frameGeometry().size(), self.window.frameGeometry().size()
        if size.width() > most.width() or size.height() > most.height():
            self.faults.append(f"{name}: {size.width()} x {size.height()} px, larger than the window")
        self.pictures.append((name, of.grab().toImage()))

    def dialog(self, name: str, dialog: QDialog) -> None:
        dialog.show()
        self.take(name, dialog)
        dialog.close()

    def question(self, name: str, ask: Callable[[], object]) -> None:
        """A box that waits for an answer: it is taken and closed while it waits."""

        def answer() -> None:
            box = QApplication.activeModalWidget()
            if isinstance(box, QDialog):
                self.take(name, box)
                box.reject()

        QTimer.singleShot(120, answer)
        ask()

    def whole(self, name: str) -> None:
        """The whole window, for what lies over the board."""
        self.take(name, self.window)

    def save(self, path: Path) -> None:
        """All of them on one sheet."""
        rows = [self.pictures[i : i + ACROSS] for i in range(0, len(self.pictures), ACROSS)]
        tall = [max(_shrunk(picture).height() for _, picture in row) + 26 for row in rows]
        sheet = QImage(ACROSS * (ROOM + 10), sum(tall), QImage.Format.Format_RGB32)
        sheet.fill(Qt.GlobalColor.white)
        painter = QPainter(sheet)
        top = 0
        for row, height in zip(rows, tall, strict=True):
            for i, (name, picture) in enumerate(row):
                small = _shrunk(picture)
                painter.drawText(QRect(i * (ROOM + 10), top, ROOM, 18), Qt.AlignmentFlag.AlignLeft, name)
                painter.drawImage(i * (ROOM + 10), top + 20, small)
            top += height
        painter.end()
        sheet.save(str(path))


def _shrunk(picture: QImage) -> QImage:
    plain = picture.copy()
    plain.setDevicePixelRatio(1)
    wide = round(picture.width() / picture.devicePixelRatio())
    return plain.scaledToWidth(min(wide, ROOM), Qt.TransformationMode.SmoothTransformation)


def dialogs(album: Album) -> None:
    """Windows of their own."""
    window, session = album.window, album.window.session
    album.dialog("preferences", PreferencesDialog(window.preferences, lambda: None, window))
    album.dialog("rename", RenameDialog(session, window))
    album.dialog("layers", ImportTable(read_art([DEMO.with_name("wick.ora")]), window, session.workspace.theme))
    take = session.history.now.takes[0]
    film = Film(session.file.package(), take, frames_of(take))
    for ending in (".webm", ".gif", ""):
        album.dialog(f"film {ending}", FilmDialog(film, ending, session.workspace.theme, window))
    album.dialog("glTF", GltfDialog(session.file.package(), session.workspace.theme, window))
    window.show_devices()
    if window.devices_dialog is not None:
        album.dialog("devices", window.devices_dialog)
    album.question("about", window.show_about)
    album.question("unsaved", lambda: window.dialogs.about_unsaved("wick.umbrite"))
    album.question("changed", lambda: window.dialogs.about_changed("wick.umbrite", gone=False))
    album.question("dropped", lambda: window.dialogs.about_dropped("Near hand"))
    album.question("script", lambda: window.dialogs.may_run("tidy.py", "0123456789abcdef" * 4))
    album.question("replace", lambda: window.dialogs.may_replace("wick.umbrite"))
    for row in range(window.guide.list.count()):
        window.guide.show()
        window.guide.list.setCurrentRow(row)
        album.take(f"guide {row}", window.guide)
    window.guide.close()
    window.show_finder()
    album.take("finder", window.finder)
    window.finder.close()


def recipes(album: Album) -> None:
    """What makes something of a take, each with its numbers."""
    session = album.window.session
    session.workspace.go_to(TAKES)
    session.timeline.choose("Call")
    control = next(key for key, each in session.puppet.controls.items() if each.name == "Near hand")
    session.selection.select([control])
    take = session.timeline.take
    session.timeline.select([(name, key.frame) for name, track in take.tracks.items() for key in track] if take else [])
    for name, make in RECIPES.items():
        try:
            dialog = Adjuster(session, make(session), album.window)
        except Exception as error:  # noqa: BLE001 some want something else to be selected; they say so
            print(f"{name}: {error}")
            continue
        album.dialog(name, dialog)


def cards(album: Album) -> None:
    """What lies over the board, station by station."""
    window, session = album.window, album.window.session
    act = window.actions_by_id
    window.files.open(DEMO.with_name("wick.ora"), ask=False)
    session.workspace.go_to(PIVOTS)
    act["plan"].trigger()
    album.whole("plan")
    window.board.cancel()
    act["find-joints"].trigger()
    album.whole("proposed joints")
    session.workspace.go_to(LIMBS)
    session.workspace.take_tool(BONE)
    bone_commands.add(session, 532 + 652j, 408 + 792j, None)
    album.whole("bone card")
    window.findings_list.refresh()
    album.take("findings", window.findings_list)
    session.history.mark_saved()
    window.files.open(DEMO, ask=False)
    session.workspace.go_to(LIMBS)
    session.selection.select(
        [key for key, each in session.puppet.joints.items() if each.name in {"Near forearm", "Near shin"}]
    )
    found_limit_commands.find(session)
    album.whole("found limits")
    window.board.cancel()
    bends = next(key for key, each in session.puppet.parts.items() if each.mesh is not None)
    session.selection.select([bends])
    act["weigh-tool"].trigger()
    album.whole("weights")
    session.workspace.go_to(CONTROLS)
    act["face-set"].trigger()
    album.whole("face")
    window.board.cancel()
    session.workspace.go_to(REHEARSE)
    act["workout"].trigger()
    if window.workout_sheet is not None:
        album.take("workout", window.workout_sheet)
        window.workout_sheet.close()
    slider = next(key for key, each in session.puppet.controls.items() if each.kind == "slider")
    session.selection.select([slider])
    act["pose-here"].trigger()
    album.whole("pose at a value")
    window.board.cancel()
    window.frame.banner.ask("<b>Umbrite</b>", "wick.umbrite", {"Recover": lambda: None, "Discard": lambda: None})
    album.whole("banner")
    window.frame.banner.hide()
    for panel in ("Library", "Versions", "Diagram", "Poses", "Details", "Controls"):
        window.arrangements.show(panel)
        album.take(panel, window.docks[panel])
    window.show_me("rigging")
    album.whole("show me")
    if window.walk is not None:
        window.walk.end()


def main() -> int:
    out = Path(sys.argv[1])
    language = sys.argv[2] if len(sys.argv) > 2 else "en"
    theme = sys.argv[3] if len(sys.argv) > 3 else "day"
    width, height = (int(part) for part in (sys.argv[4] if len(sys.argv) > 4 else "1280x800").split("x"))
    app = QApplication(sys.argv[:1])
    speak_in(app, language)
    dress(app)
    folder = tempfile.mkdtemp()
    window = Window(Session(), QSettings(f"{folder}/settings.ini", QSettings.Format.IniFormat), keep_in=Path(folder))
    window.resize(width, height)
    window.show()
    album = Album(window)
    album.whole("empty board")
    window.set_theme(theme)
    window.files.open(DEMO)
    for part in (dialogs, recipes, cards):
        part(album)
    out.parent.mkdir(parents=True, exist_ok=True)
    album.save(out)
    for fault in album.faults:
        print(f"{language}, {theme}, {width} x {height}: {fault}")
    window.session.history.mark_saved()
    window.close()
    return int(bool(album.faults))


if __name__ == "__main__":
    sys.exit(main())

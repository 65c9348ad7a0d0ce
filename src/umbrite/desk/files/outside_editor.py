"""Drawings opened in a picture editor of the desktop, and taken back whenever they are saved there.

The editor is what the desktop opens PNGs with, or the command in UMBRITE_EDITOR. Where several parts share a drawing,
all of them get what was saved.
"""

import os
import shlex
from collections.abc import Callable
from pathlib import Path

from PySide6.QtCore import QFileSystemWatcher, QObject, QProcess, QTemporaryDir, QTimer, QUrl
from PySide6.QtGui import QDesktopServices

from umbrite.desk.session.session import Session
from umbrite.desk.theme.language import tr
from umbrite.files.atomic import plain_stem, write
from umbrite.files.files_in import read_file
from umbrite.files.formats.pictures_in import MOST_BYTES
from umbrite.files.layers import Layered
from umbrite.files.sandbox.reading import read_art
from umbrite.rig.errors import UmbriteError

SETTLE = 250  # milliseconds after a change before the file is read, so that a save in steps is whole


class OutsideEditor(QObject):
    """Files that are open outside, one a part."""

    def __init__(self, session: Session, take: Callable[[str, Layered], None], parent: QObject | None = None) -> None:
        super().__init__(parent)
        self.session, self._take = session, take
        self._folder: QTemporaryDir | None = None  # goes with this object
        self._parts: dict[str, tuple[str, bytes]] = {}  # file name -> part and what it held last
        self._watcher = QFileSystemWatcher(self)
        self._watcher.fileChanged.connect(lambda name: QTimer.singleShot(SETTLE, self, lambda: self._changed(name)))
        session.opened.connect(self.forget)

    def open(self, key: str) -> Path:
        """Write a part's drawing to a file, open it in the editor, and watch it; the file's path."""
        part = self.session.puppet.parts[key]
        if self._folder is None:
            self._folder = QTemporaryDir()
        path = Path(self._folder.path()) / f"{plain_stem(part.name)} {key}.png"
        data = self.session.file.art[part.drawing.sha256]
        write(path, data)
        self.watch(key, path, data)
        if _started(os.environ.get("UMBRITE_EDITOR", ""), path):
            self.session.say(
                tr("{name} is open in a picture editor; whatever is saved there comes back by itself.", name=part.name)
            )
        else:
            self.session.say(
                tr(
                    "No picture editor was found for PNG. Open {path} in one; what is saved there comes back by itself.",
                    path=path,
                )
            )
        return path

    def watch(self, key: str, path: Path, data: bytes) -> None:
        """Take a part's drawing from a file whenever it changes."""
        self._parts[str(path)] = (key, data)
        self._watcher.addPath(str(path))

    def follow(self, key: str, path: Path) -> None:
        """Take a part's drawing from the file that it was exchanged with, whenever that is saved again."""
        try:
            self.watch(key, path, read_file(path, MOST_BYTES))
        except UmbriteError as error:
            self.session.say(str(error))

    def forget(self) -> None:
        """Watch nothing any more."""
        if self._watcher.files():
            self._watcher.removePaths(self._watcher.files())
        self._parts.clear()

    def _changed(self, name: str) -> None:
        path = Path(name)
        if name not in self._parts or not path.exists():
            return
        self._watcher.addPath(name)  # editors that save by renaming leave a new file behind
        key, before = self._parts[name]
        if key not in self.session.puppet.parts:
            return
        try:
            data = read_file(path, MOST_BYTES)
            if data == before:
                return
            revised = read_art([path])
        except UmbriteError as error:
            self.session.say(str(error))
            return
        self._parts[name] = (key, data)
        self._take(key, revised)


def _started(command: str, path: Path) -> bool:
    """Whether a picture editor took the file: the command, or what the desktop opens PNGs with."""
    try:
        words = [*shlex.split(command), str(path)]
    except ValueError:  # a quote that is never closed
        return False
    if len(words) > 1:
        return bool(QProcess.startDetached(words[0], words[1:]))
    return QDesktopServices.openUrl(QUrl.fromLocalFile(str(path)))

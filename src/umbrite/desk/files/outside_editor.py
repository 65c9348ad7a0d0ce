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

from umbrite.art.pictures import Picture
from umbrite.desk.session.session import Session
from umbrite.files.atomic import write
from umbrite.files.formats.pictures_in import read_picture
from umbrite.rig.errors import UmbriteError

SETTLE = 250  # milliseconds after a change before the file is read, so that a save in steps is whole


class OutsideEditor(QObject):
    """Files that are open outside, one a part."""

    def __init__(
        self, session: Session, take: Callable[[str, Picture], None], parent: QObject | None = None
    ) -> None:
        super().__init__(parent)
        self.session, self._take = session, take
        self._folder: QTemporaryDir | None = None  # goes with this object
        self._parts: dict[str, tuple[str, bytes]] = {}  # file name -> part and what it held last
        self._watcher = QFileSystemWatcher(self)
        self._watcher.fileChanged.connect(
            lambda name: QTimer.singleShot(SETTLE, self, lambda: self._changed(name))
        )
        session.opened.connect(self.forget)

    def open(self, key: str) -> Path:
        """Write a part's drawing to a file, open it in the editor, and watch it; the file's path."""
        part = self.session.puppet.parts[key]
        if self._folder is None:
            self._folder = QTemporaryDir()
        safe = "".join(c if c.isalnum() or c in " -_" else "_" for c in part.name)
        path = Path(self._folder.path()) / f"{safe} {key}.png"
        data = self.session.file.art[part.drawing.sha256]
        write(path, data)
        self.watch(key, path, data)
        command = os.environ.get("UMBRITE_EDITOR")
        if command:
            words = [*shlex.split(command), str(path)]
            started = bool(QProcess.startDetached(words[0], words[1:]))
        else:
            started = QDesktopServices.openUrl(QUrl.fromLocalFile(str(path)))
        if started:
            self.session.say(
                f"{part.name} is open in a picture editor; whatever is saved there comes back by itself."
            )
        else:
            self.session.say(
                f"No picture editor was found for PNG. Open {path} in one; what is saved there comes back by itself."
            )
        return path

    def watch(self, key: str, path: Path, data: bytes) -> None:
        """Take a part's drawing from a file whenever it changes."""
        self._parts[str(path)] = (key, data)
        self._watcher.addPath(str(path))

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
        data = path.read_bytes()
        if data == before or key not in self.session.puppet.parts:
            return
        try:
            _, picture = read_picture(path)
        except UmbriteError as error:
            self.session.say(str(error))
            return
        self._parts[name] = (key, data)
        self._take(key, picture)

"""Autosave: unsaved work goes to a recovery file in the background; after a crash the next start offers it."""

import threading
import time
from pathlib import Path

from PySide6.QtCore import QObject, QTimer, Signal

from umbrite.desk.session.session import Session
from umbrite.desk.theme.language import tr
from umbrite.files.atomic import Stamp
from umbrite.files.package import Package
from umbrite.files.recovery import Hold, Left, keep, kept_elsewhere, left_behind, new_hold
from umbrite.rig.errors import UmbriteError

EVERY = 15_000  # milliseconds from the first change that is not kept yet


class Keeper(QObject):
    """Watches a session. Writing happens in a thread of its own; the values it is given never change."""

    failed = Signal(str)  # once, until it works again
    _ended = Signal(str)

    def __init__(self, session: Session, folder: Path, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self.session, self.folder = session, folder
        self.hold: Hold | None = None
        self._timer = QTimer(self)
        self._timer.setSingleShot(True)
        self._timer.setInterval(EVERY)
        self._timer.timeout.connect(self.keep_now)
        self._thread: threading.Thread | None = None
        self._kept: object = None
        self._fails = False
        session.settled.connect(self._on_change)
        self._ended.connect(self._on_end)

    def _on_change(self) -> None:
        session = self.session
        if session.history.is_saved or not session.puppet.parts:
            self._timer.stop()
            self._drop()
        elif not self._timer.isActive() and session.history.now is not self._kept:
            self._timer.start()

    @property
    def waiting(self) -> bool:
        """Whether there is something that will be kept soon."""
        return self._timer.isActive()

    @property
    def interval(self) -> float:
        """After how many seconds unsaved work is kept."""
        return self._timer.interval() / 1000

    def set_interval(self, seconds: int) -> None:
        self._timer.setInterval(max(seconds, 1) * 1000)

    def keep_now(self) -> None:
        """Hand the present state to the writer; if that is still busy, come back soon."""
        if self._thread is not None and self._thread.is_alive():
            self._timer.start()
            return
        self._kept = self.session.history.now
        file = self.session.file
        work = (file.package(), file.path, file.stamp)
        self._thread = threading.Thread(target=self._write, args=work, name="recovery", daemon=True)
        self._thread.start()

    def _write(self, package: Package, of: Path | None, stamp: Stamp | None) -> None:
        try:
            if self.hold is None:
                self.hold = new_hold(self.folder)
            keep(self.hold, package, of, time.time(), stamp)
        except UmbriteError as error:
            self._ended.emit(str(error))
        except Exception as error:  # noqa: BLE001 whatever it was: the person must hear of it
            self._ended.emit(tr("Unsaved work couldn't be saved for recovery ({error}). Save soon.", error=error))
        else:
            self._ended.emit("")

    def _on_end(self, fault: str) -> None:
        """Tell of the first failure in a row; and try again after the usual time."""
        if fault and not self._fails:
            self.failed.emit(fault)
        self._fails = bool(fault)
        if fault:
            self._kept = None
            if not self.session.history.is_saved:
                self._timer.start()

    def elsewhere(self, file: Path) -> bool:
        """Whether another window has changes to a file that are not saved."""
        return kept_elsewhere(self.folder, file, None if self.hold is None else self.hold.path)

    def adopt(self, left: Left) -> None:
        """What was brought back is ours now: its file stays until a newer one takes its place, or the work is saved."""
        self.finish()
        self._timer.stop()
        if self.hold is not None:
            self.hold.give_up()
        self.hold = left.hold
        self._kept = self.session.history.now

    def finish(self) -> None:
        """Wait for the writer."""
        if self._thread is not None:
            self._thread.join()

    def _drop(self) -> None:
        self.finish()
        self._kept = None
        if self.hold is not None:
            self.hold.forget()

    def close(self) -> None:
        """The window is closed in order: nothing has to be recovered."""
        self._timer.stop()
        self.finish()
        if self.hold is not None:
            self.hold.give_up()
            self.hold = None

    def left(self) -> list[Left]:
        """What earlier runs left behind, held for this one."""
        return left_behind(self.folder, None if self.hold is None else self.hold.path)

"""Progress of long work, with a cancel that leaves nothing half done."""

import threading
from collections.abc import Callable, Iterator
from concurrent.futures import Future
from contextlib import contextmanager
from typing import TypeVar

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QApplication, QProgressDialog, QWidget

from umbrite.desk.theme.language import tr
from umbrite.files.long_work import CancelledError
from umbrite.rig.errors import Watch

Result = TypeVar("Result")
TICK = 0.01  # seconds
PATIENCE = 400  # milliseconds before progress is shown


@contextmanager
def watched(parent: QWidget, what: str) -> Iterator[Watch]:
    """A progress window that comes up where work takes longer than a moment; its Cancel raises CancelledError. The keys go back to where
    they were.
    """
    focused = QApplication.focusWidget()
    dialog = QProgressDialog(what, tr("Cancel"), 0, 1, parent)
    dialog.setWindowModality(Qt.WindowModality.WindowModal)
    dialog.setMinimumDuration(PATIENCE)
    dialog.setMinimumWidth(380)
    dialog.setAutoReset(False)

    def watch(done: int, of: int, name: str) -> None:
        dialog.setMaximum(of)
        dialog.setValue(done)
        dialog.setLabelText(tr("{what}\n{done} of {of}: {name}", what=what, done=done + 1, of=of, name=name))
        QApplication.processEvents()
        if dialog.wasCanceled():
            raise CancelledError(f"{what} was cancelled. Nothing was added or changed.")

    try:
        yield watch
    finally:
        shown = dialog.isVisible()
        dialog.close()
        dialog.deleteLater()
        if shown:
            parent.activateWindow()
            if focused is not None:
                focused.setFocus()


def in_thread(work: Callable[[Watch], Result], watch: Watch) -> Result:
    """Do long work in a thread of its own, while `watch` lets the window live. What it raises is raised here; Cancel stops it at its
    next step.
    """
    at: tuple[int, int, str] = (0, 1, "")
    stop: list[CancelledError] = []
    done: Future[Result] = Future()

    def step(done_so_far: int, of: int, name: str) -> None:
        nonlocal at
        at = (done_so_far, of, name)
        if stop:
            raise stop[0]

    def run() -> None:
        try:
            done.set_result(work(step))
        except BaseException as error:  # noqa: BLE001 it is raised again where the work was asked for
            done.set_exception(error)

    thread = threading.Thread(target=run, name="long work")
    thread.start()
    while thread.is_alive():
        thread.join(TICK)
        try:
            watch(*at)
        except CancelledError as cancelled:
            stop.append(cancelled)
            thread.join()
    return done.result()

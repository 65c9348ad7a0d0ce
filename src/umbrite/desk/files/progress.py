"""Progress of long work, with a cancel that leaves nothing half done."""

import sys
import threading
import time
from collections.abc import Callable, Iterator
from concurrent.futures import Future
from contextlib import AbstractContextManager, contextmanager, nullcontext
from typing import TypeVar

from PySide6.QtCore import QEventLoop, Qt
from PySide6.QtWidgets import QApplication, QProgressDialog, QWidget

from umbrite.desk.theme.language import tr
from umbrite.files.long_work import CancelledError
from umbrite.rig.errors import Watch

Result = TypeVar("Result")
MOMENT = 0.04  # seconds that work may take before the window lives on beside it
TICK = 0.025  # seconds
TURN = 0.0002  # seconds
PATIENCE = 0.4  # seconds before progress is shown


@contextmanager
def watched(parent: QWidget, what: str) -> Iterator[Watch]:
    """A progress window that comes up where work takes longer than a moment; its Cancel raises CancelledError. The keys go back to where
    they were.
    """
    focused, begun = QApplication.focusWidget(), time.monotonic()
    shown: list[QProgressDialog] = []

    def watch(done: int, of: int, name: str) -> None:
        if not shown and time.monotonic() - begun >= PATIENCE:
            shown.append(_progress(parent, what))
        for dialog in shown:
            dialog.setMaximum(of)
            dialog.setValue(done)
            dialog.setLabelText(tr("{what}\n{done} of {of}: {name}", what=what, done=done + 1, of=of, name=name))
        # Until it can be seen, and keeps hands off what is worked on, what hands do waits.
        flags = QEventLoop.ProcessEventsFlag
        QApplication.processEvents(flags.AllEvents if shown else flags.ExcludeUserInputEvents)
        if any(dialog.wasCanceled() for dialog in shown):
            raise CancelledError(tr("{what} was cancelled. Nothing was added or changed.", what=what))

    try:
        yield watch
    finally:
        for dialog in shown:
            dialog.close()
            dialog.deleteLater()
            parent.activateWindow()
            if focused is not None:
                focused.setFocus()


def _progress(parent: QWidget, what: str) -> QProgressDialog:
    dialog = QProgressDialog(what, tr("Cancel"), 0, 1, parent)
    dialog.setWindowModality(Qt.WindowModality.WindowModal)
    dialog.setMinimumDuration(0)
    dialog.setMinimumWidth(380)
    dialog.setAutoReset(False)
    dialog.show()
    return dialog


def in_thread(work: Callable[[Watch], Result], watch: Watch) -> Result:
    """Do long work in a thread of its own, while `watch` lets the window live. What it raises is raised here; Cancel stops it at its
    next step.
    """
    return apart(work, lambda: nullcontext(watch))


def apart(work: Callable[[Watch], Result], watching: Callable[[], AbstractContextManager[Watch]]) -> Result:
    """The same, with a watch that comes up only where the work takes longer than a moment."""
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
    thread.join(MOMENT)
    if thread.is_alive():
        with watching() as watch, _taking_turns():
            while thread.is_alive():
                try:
                    watch(*at)
                except CancelledError as cancelled:
                    stop.append(cancelled)
                    thread.join()
                thread.join(TICK)
    return done.result()


@contextmanager
def _taking_turns() -> Iterator[None]:
    """Let threads change often: the window asks for the interpreter at each of its many calls, and would wait the usual 5 ms for each."""
    before = sys.getswitchinterval()
    sys.setswitchinterval(TURN)
    try:
        yield
    finally:
        sys.setswitchinterval(before)

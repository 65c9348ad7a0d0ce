"""Progress of long work, with a cancel that leaves nothing half done."""

from collections.abc import Iterator
from contextlib import contextmanager

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QApplication, QProgressDialog, QWidget

from umbrite.files.long_work import CancelledError, Watch

PATIENCE = 400  # milliseconds before progress is shown


@contextmanager
def watched(parent: QWidget, what: str) -> Iterator[Watch]:
    """A progress window that comes up where work takes longer than a moment; its Cancel raises CancelledError."""
    dialog = QProgressDialog(what, "Cancel", 0, 1, parent)
    dialog.setWindowModality(Qt.WindowModality.WindowModal)
    dialog.setMinimumDuration(PATIENCE)
    dialog.setMinimumWidth(380)
    dialog.setAutoReset(False)

    def watch(done: int, of: int, name: str) -> None:
        dialog.setMaximum(of)
        dialog.setValue(done)
        dialog.setLabelText(f"{what}\n{done + 1} of {of}: {name}")
        QApplication.processEvents()
        if dialog.wasCanceled():
            raise CancelledError(f"{what} was cancelled. Nothing was added.")

    try:
        yield watch
    finally:
        dialog.close()
        dialog.deleteLater()

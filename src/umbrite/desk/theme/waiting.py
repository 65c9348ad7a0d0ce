"""What is seen while something takes a moment."""

from collections.abc import Iterator
from contextlib import contextmanager

from PySide6.QtCore import Qt
from PySide6.QtGui import QGuiApplication


@contextmanager
def waiting() -> Iterator[None]:
    """The pointer shows that something takes a moment."""
    QGuiApplication.setOverrideCursor(Qt.CursorShape.WaitCursor)
    try:
        yield
    finally:
        QGuiApplication.restoreOverrideCursor()

"""Files that are dragged onto the window from elsewhere, and branches from the library."""

from PySide6.QtGui import QDropEvent

BRANCH = "application/x-umbrite-branch"  # what is dragged from the library: its file


def branch_in(event: QDropEvent) -> str:
    """The file of a branch that is dragged from the library; an empty text where none is."""
    return bytes(event.mimeData().data(BRANCH).data()).decode(errors="replace")


def paths_in(event: QDropEvent) -> list[str]:
    """The files of this machine that a drag carries."""
    return [url.toLocalFile() for url in event.mimeData().urls() if url.isLocalFile()]

"""Files that are dragged onto the window from elsewhere."""

from PySide6.QtGui import QDropEvent


def paths_in(event: QDropEvent) -> list[str]:
    """The files of this machine that a drag carries."""
    return [url.toLocalFile() for url in event.mimeData().urls() if url.isLocalFile()]

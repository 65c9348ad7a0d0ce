"""Files that are dragged onto the window from elsewhere, and branches from the library."""

from typing import NamedTuple

from PySide6.QtGui import QDropEvent

BRANCH = "application/x-umbrite-branch"  # what is dragged from the library: its file


class Drop(NamedTuple):
    """What was let go over the board: files and the part under them, or a branch of the library, the joint under it, and where."""

    paths: list[str]
    part: str = ""
    branch: str = ""
    joint: str | None = None
    at: complex = 0j


def branch_in(event: QDropEvent) -> str:
    """The file of a branch that is dragged from the library; an empty text where none is."""
    return bytes(event.mimeData().data(BRANCH).data()).decode(errors="replace")


def paths_in(event: QDropEvent) -> list[str]:
    """The files of this machine that a drag carries."""
    return [url.toLocalFile() for url in event.mimeData().urls() if url.isLocalFile()]

"""The puppet alone on the whole screen, and everything as it was again."""

from collections.abc import Iterable
from typing import NamedTuple

from PySide6.QtCore import QByteArray
from PySide6.QtWidgets import QDockWidget, QMainWindow, QToolBar

from umbrite.desk.panels.arrangement import LAYOUT
from umbrite.desk.session.stations import REHEARSE, Station
from umbrite.desk.session.workspace import Workspace


class _Before(NamedTuple):
    """What is brought back afterwards."""

    layout: QByteArray
    full: bool
    station: Station
    bare: bool


class Alone:
    """Hides panels, menus and stations of a window, and brings them back."""

    def __init__(self, window: QMainWindow, workspace: Workspace, docks: Iterable[QDockWidget], bar: QToolBar) -> None:
        self._window, self._workspace, self._docks, self._bar = window, workspace, tuple(docks), bar
        self._before: _Before | None = None

    @property
    def on(self) -> bool:
        """Whether only the puppet is shown."""
        return self._before is not None

    def switch(self) -> None:
        """Show the puppet alone, in Rehearse without controls, or everything again."""
        window, workspace, before = self._window, self._workspace, self._before
        if before is None:
            self._before = _Before(
                window.saveState(LAYOUT), window.isFullScreen(), workspace.station, workspace.views["bare"]
            )
            workspace.go_to(REHEARSE)
            workspace.set_view("bare", on=True)
        else:
            self._before = None
        for part in (*self._docks, window.menuBar(), self._bar):
            part.setVisible(before is not None)
        if before is None:
            window.showFullScreen()
            return
        window.restoreState(before.layout, LAYOUT)
        if not before.full:
            window.showNormal()
        workspace.set_view("bare", on=before.bare)
        workspace.go_to(before.station)

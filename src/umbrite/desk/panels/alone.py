"""The puppet alone on the whole screen, and everything as it was again."""

from collections.abc import Iterable
from typing import NamedTuple

from PySide6.QtCore import QByteArray
from PySide6.QtWidgets import QDockWidget, QMainWindow, QToolBar

from umbrite.desk.panels.arrangement import LAYOUT
from umbrite.desk.session.stage import Stage
from umbrite.desk.session.stations import REHEARSE, Station


class _Before(NamedTuple):
    """What is brought back afterwards."""

    layout: QByteArray
    full: bool
    station: Station
    bare: bool


class Alone:
    """Hides panels, menus and stations of a window, and brings them back."""

    def __init__(
        self, window: QMainWindow, stage: Stage, docks: Iterable[QDockWidget], bar: QToolBar
    ) -> None:
        self._window, self._stage, self._docks, self._bar = window, stage, tuple(docks), bar
        self._before: _Before | None = None

    @property
    def on(self) -> bool:
        """Whether only the puppet is shown."""
        return self._before is not None

    def switch(self) -> None:
        """Show the puppet alone, in Rehearse without controls, or everything again."""
        window, stage, before = self._window, self._stage, self._before
        if before is None:
            self._before = _Before(
                window.saveState(LAYOUT), window.isFullScreen(), stage.station, stage.views["bare"]
            )
            stage.go_to(REHEARSE)
            stage.set_view("bare", on=True)
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
        stage.set_view("bare", on=before.bare)
        stage.go_to(before.station)

"""The arrangement of panels: each station has its own, remembered; panels that are put away stand as tabs at the board's left edge."""

import contextlib
import itertools
from collections.abc import Mapping

from PySide6.QtCore import QByteArray, QSettings, QSize, Qt, QTimer
from PySide6.QtGui import QPainter, QPaintEvent
from PySide6.QtWidgets import (
    QDockWidget,
    QMainWindow,
    QStyle,
    QStyleOptionToolButton,
    QStylePainter,
    QTabBar,
    QToolBar,
    QToolButton,
    QWidget,
)

from umbrite.desk.session.stations import Station
from umbrite.desk.theme.language import tr

LAYOUT = 8  # raised when docks change, so that old arrangements are not taken over
SHELF_WIDE = 250
COLUMN_WIDE = 300
ROOMY = 1800  # a window at least so wide, and as high as usual, has its panels on both sides and still three fifths of board
TIMELINE_TALL = 220


DOCK_AREAS = (
    Qt.DockWidgetArea.LeftDockWidgetArea,
    Qt.DockWidgetArea.RightDockWidgetArea,
    Qt.DockWidgetArea.BottomDockWidgetArea,
)


def lay_docks(window: QMainWindow, panels: Mapping[str, tuple[QWidget, Qt.DockWidgetArea]]) -> dict[str, QDockWidget]:
    """Give each panel a dock."""
    left, right, _ = DOCK_AREAS
    window.setCorner(Qt.Corner.BottomLeftCorner, left)
    window.setCorner(Qt.Corner.BottomRightCorner, right)
    return {name: _dock(window, name, widget, area) for name, (widget, area) in panels.items()}


def _on_both_sides(window: QMainWindow, docks: Mapping[str, QDockWidget]) -> None:
    """Where there is room: the family at the left, depth over details at the right."""
    left, right, _ = DOCK_AREAS
    for name, area in (("Family", left), ("Depth", right), ("Details", right)):
        window.addDockWidget(area, docks[name])
    window.splitDockWidget(docks["Family"], docks["Library"], Qt.Orientation.Vertical)
    for behind, name in (("Library", "Versions"), ("Family", "Diagram"), ("Diagram", "Controls"), ("Details", "Poses")):
        window.tabifyDockWidget(docks[behind], docks[name])
    wide = {"Family": 256, "Depth": 262, "Details": 262}
    window.resizeDocks([docks[name] for name in wide], list(wide.values()), Qt.Orientation.Horizontal)
    window.resizeDocks([docks["Depth"], docks["Details"]], [270, 380], Qt.Orientation.Vertical)


def _in_one_column(window: QMainWindow, docks: Mapping[str, QDockWidget]) -> None:
    """Where the board needs the room: the lists behind one another at the right, over the details."""
    right = DOCK_AREAS[1]
    for name in ("Family", "Details"):
        window.addDockWidget(right, docks[name])
    window.splitDockWidget(docks["Family"], docks["Details"], Qt.Orientation.Vertical)
    lists, others = ("Family", "Depth", "Controls", "Diagram"), ("Details", "Library", "Versions", "Poses")
    for behind, name in (*itertools.pairwise(lists), *itertools.pairwise(others)):
        window.tabifyDockWidget(docks[behind], docks[name])
    window.resizeDocks([docks["Family"], docks["Details"]], [COLUMN_WIDE] * 2, Qt.Orientation.Horizontal)
    window.resizeDocks([docks["Family"], docks["Details"]], [410, 280], Qt.Orientation.Vertical)


def _dock(window: QMainWindow, name: str, widget: QWidget, area: Qt.DockWidgetArea) -> QDockWidget:
    dock = QDockWidget(tr(name), window)
    dock.setObjectName(f"dock-{name.lower()}")
    dock.setFeatures(
        QDockWidget.DockWidgetFeature.DockWidgetMovable
        | QDockWidget.DockWidgetFeature.DockWidgetFloatable
        | QDockWidget.DockWidgetFeature.DockWidgetClosable
    )
    dock.setWidget(widget)
    window.addDockWidget(area, dock)
    return dock


class EdgeTab(QToolButton):
    """A button that reads upwards; it is there while its panel is not."""

    def __init__(self, bar: QToolBar, name: str) -> None:
        super().__init__(bar)
        self._bar = bar
        self.wanted = True  # whether its panel has a use where the person is
        self.setText(tr(name))
        self.setToolTip(tr("Show {name}", name=name))
        self._place = bar.addWidget(self)
        self._place.setVisible(False)

    def follow(self, shown: bool) -> None:  # noqa: FBT001 a signal's plain word
        """The panel has come or gone."""
        with contextlib.suppress(RuntimeError):  # the window is being taken down
            self._place.setVisible(self.wanted and not shown)
            self._bar.setVisible(any(action.isVisible() for action in self._bar.actions()))

    def sizeHint(self) -> QSize:
        return super().sizeHint().transposed() + QSize(0, 10)

    def paintEvent(self, _event: QPaintEvent) -> None:
        painter = QStylePainter(self)
        option = QStyleOptionToolButton()
        self.initStyleOption(option)
        painter.setRenderHint(QPainter.RenderHint.TextAntialiasing)
        if option.state & QStyle.StateFlag.State_MouseOver:
            painter.fillRect(self.rect(), self.palette().midlight())
        painter.setPen(self.palette().windowText().color())
        painter.translate(0, self.height())
        painter.rotate(-90)
        painter.drawText(0, 0, self.height(), self.width(), Qt.AlignmentFlag.AlignCenter, self.text())
        painter.end()


class Arrangements:
    """Keeps and brings back how panels stand, station by station."""

    def __init__(self, window: QMainWindow, docks: dict[str, QDockWidget], settings: QSettings) -> None:
        self._window, self._docks, self._settings = window, docks, settings
        self._at: Station | None = None
        self._put_away: QByteArray | None = None  # the state before all panels were put away
        self.edge = QToolBar(tr("Hidden panels"), window)
        self.edge.setObjectName("edge")
        self.edge.setMovable(False)
        self.edge.setContextMenuPolicy(Qt.ContextMenuPolicy.PreventContextMenu)
        window.addToolBar(Qt.ToolBarArea.LeftToolBarArea, self.edge)
        self._tabs = {name: self._tab(name, dock) for name, dock in docks.items()}
        self._first = {}
        for roomy, stand in ((True, _on_both_sides), (False, _in_one_column)):
            stand(window, docks)
            for name in ("Family", "Details"):
                docks[name].raise_()
            for name in ("Tape", "Library", "Versions"):  # they come when they are wanted
                docks[name].hide()
            self._first[roomy] = window.saveState(LAYOUT)

    def _tab(self, name: str, dock: QDockWidget) -> EdgeTab:
        tab = EdgeTab(self.edge, name)
        tab.clicked.connect(lambda: self.show(name))
        dock.toggleViewAction().toggled.connect(tab.follow)
        return tab

    def show(self, name: str) -> None:
        """Bring a panel that was put away."""
        self._docks[name].show()
        self._docks[name].raise_()

    def enter(self, station: Station) -> None:
        """Arrange the panels as they stood when a station was left; at first as suits it."""
        if station == self._at:
            return
        self.keep()
        self._put_away = None
        before, self._at = self._at, station
        kept = self._settings.value(f"arrangement/{station.name}")
        restored = isinstance(kept, QByteArray) and self._window.restoreState(kept, LAYOUT)
        if not restored and (before is None or before.panels != station.panels):
            self._arrange(station)  # between places where the rig is built all stands as it stood
        if not restored:
            self._bring_front(station)
        for name in ("Poses", "Tape"):
            self._tabs[name].wanted = name in station.panels
        self._follow()
        layout = self._window.layout()
        if layout is not None:
            layout.activate()  # the room that panels needed which are put away now is free at once

    def keep(self) -> None:
        """Remember how the panels stand here."""
        if self._at and self._put_away is None:
            self._settings.setValue(f"arrangement/{self._at.name}", self._window.saveState(LAYOUT))

    def reset(self) -> None:
        """All stations as at first."""
        self._settings.remove("arrangement")
        self._put_away = None
        if self._at is not None:
            self._arrange(self._at)
            self._bring_front(self._at)
        self._follow()

    def switch_all(self) -> bool:
        """Put all panels away, or bring back those that stood; whether they are away now."""
        if self._put_away is not None:
            self._window.restoreState(self._put_away, LAYOUT)
            self._put_away = None
        else:
            self._put_away = self._window.saveState(LAYOUT)
            for dock in self._docks.values():
                dock.hide()
        self._follow()
        return self._put_away is not None

    def next_place(self, board: QWidget) -> QWidget:
        """What takes the keys after what has them: the board, then each panel that is seen, in its first field that can have them."""
        seen = [dock.widget() for dock in self._docks.values() if not dock.widget().visibleRegion().isEmpty()]
        places, focus = [board, *seen], self._window.focusWidget()
        here = next(
            (i for i, place in enumerate(places) if focus and (place is focus or place.isAncestorOf(focus))), -1
        )
        place = places[(here + 1) % len(places)]
        able = (
            each
            for each in (place, *place.findChildren(QWidget))
            if each.focusPolicy() & Qt.FocusPolicy.TabFocus and each.isVisible() and each.isEnabled()
        )
        return next(able, place)

    def _drop_bare_tabs(self) -> None:
        """Hide tab bars whose panels are all put away, or stand elsewhere by now; the window lays them out again when they come back."""
        shown = {dock.windowTitle(): dock for dock in self._docks.values() if not dock.isHidden()}
        for bar in self._window.findChildren(QTabBar, options=Qt.FindChildOption.FindDirectChildrenOnly):
            titles = [bar.tabText(i) for i in range(bar.count()) if bar.tabText(i) in shown]
            here = [title for title in titles if abs(shown[title].x() - bar.x()) < 4]
            if not here:
                bar.hide()

    def _arrange(self, station: Station) -> None:
        window, docks = self._window, self._docks
        window.restoreState(self._first[window.width() >= ROOMY], LAYOUT)
        if not station.panels:
            docks["Poses"].hide()
            docks["Tape"].hide()
            return
        for name, dock in docks.items():
            if name not in station.panels:
                dock.hide()
        docks["Details"].show()
        docks["Poses"].show()
        docks["Poses"].raise_()
        window.resizeDocks([docks["Poses"]], [SHELF_WIDE], Qt.Orientation.Horizontal)
        if "Tape" in station.panels:
            docks["Tape"].show()
            window.resizeDocks([docks["Tape"]], [TIMELINE_TALL], Qt.Orientation.Vertical)

    def _bring_front(self, station: Station) -> None:
        """Of the panels that stand behind one another the one that a station works with."""
        if station.front:
            self._docks[station.front].raise_()

    def _follow(self) -> None:
        QTimer.singleShot(0, self._window, self._drop_bare_tabs)
        for name, tab in self._tabs.items():
            tab.follow(self._docks[name].toggleViewAction().isChecked())

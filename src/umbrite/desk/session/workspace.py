"""Where one works and how it looks: the station, the tool, the views and the theme. None of it is an edit."""

from collections.abc import Callable, Mapping

from PySide6.QtCore import QObject, Signal

from umbrite.desk.session.stations import PARTS, Station, Tool
from umbrite.desk.theme.themes import DAY, Theme
from umbrite.rig.model import EMPTY_POSE, Pose

VIEWS = {
    "xray": False, "cords": True, "outlines": False, "fan": False, "solo": False, "rulers": False, "bare": False, "skeleton": False, "ghosts": False, "trails": True, "seconds": False, "dangle": False, "each_frame": False,
    "carry": True,
}  # fmt: skip


class Workspace(QObject):
    """See the module. `fanned` gives the layout of parts pulled apart, `chosen` the parts that are selected."""

    station_changed = Signal()
    tool_changed = Signal()
    view_changed = Signal()
    theme_changed = Signal()

    def __init__(
        self,
        fanned: Callable[[], Mapping[str, complex]],
        chosen: Callable[[], list[str]],
        parent: QObject | None = None,
    ) -> None:
        super().__init__(parent)
        self._fanned, self._chosen = fanned, chosen
        self.theme = DAY
        self.station: Station = PARTS
        self.tool = PARTS.tools[0]
        self.views: Mapping[str, bool] = dict(VIEWS)
        self.showing: Pose = EMPTY_POSE
        self.opened = ""  # the chooser that spreads its cards
        self.solo: frozenset[str] = frozenset()  # parts that are shown alone; none: all are
        self._fan: Mapping[str, complex] = {}

    @property
    def fan(self) -> Mapping[str, complex]:
        """How far each joint's parts are shown from where they lie, while they are fanned out here."""
        return self._fan if self.station.fans else {}

    def show_variants(self, shows: Pose) -> None:
        """Look at other variants where the rig is built; in Rehearse and Takes the pose tells which show."""
        self.showing = {**self.showing, **shows}
        self.view_changed.emit()

    def open_chooser(self, key: str) -> None:
        """The chooser under the pointer spreads its cards."""
        self.opened = key

    def go_to(self, station: Station) -> None:
        if station is not self.station:
            self.station, self.tool = station, station.tools[0]
            self.station_changed.emit()
            self.tool_changed.emit()

    def take_tool(self, tool: Tool) -> None:
        if tool is not self.tool:
            self.tool = tool
            self.tool_changed.emit()

    def set_view(self, name: str, *, on: bool) -> None:
        """Switch a view. `fan` lays the parts out apart, `solo` shows the selected ones alone."""
        self.views = {**self.views, name: on}
        if name == "fan":
            self._fan = self._fanned() if on else {}
        if name == "solo":
            self.solo = frozenset(self._chosen()) if on else frozenset()
        self.view_changed.emit()

    def dress(self, theme: Theme) -> None:
        """Paint in another theme from now on."""
        if theme is not self.theme:
            self.theme = theme
            self.theme_changed.emit()

    def clear(self) -> None:
        """Another puppet is open: what was pulled apart or shown alone is not there any more."""
        self._fan, self.solo = {}, frozenset()
        self.showing = EMPTY_POSE
        self.views = {**self.views, "fan": False, "solo": False}

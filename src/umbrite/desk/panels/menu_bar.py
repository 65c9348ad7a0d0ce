"""The menus of the window, from the action table: what belongs together stands together, and long families have menus of their own."""

from collections.abc import Callable, Mapping
from pathlib import Path

from PySide6.QtGui import QAction
from PySide6.QtWidgets import QMenu, QMenuBar, QWidget

from umbrite.desk.actions.action_table import ACTIONS, MENUS
from umbrite.desk.session.preferences import Preferences
from umbrite.desk.theme.language import tr

# Actions of a menu whose ids begin so stand in a menu of their own, where the first of them would stand.
FAMILIES = (
    ("File", "demo", "Demos"), ("File", "export-engine", "Export for engines"), ("File", "export", "Export the pose"), ("Art", "align-", "Align and spread"),
    ("Art", "spread-", "Align and spread"), ("Art", "other-", "Other side"), ("Rig", "limit-", "Limits"),
    ("Rig", "free-limit", "Limits"), ("Bones", "bind-", "Bind parts"), ("Bones", "plan-bones-", "Bones of a body plan"), ("Controls", "make-", "Make one control"), ("Takes", "film-", "Export the take"),
)  # fmt: skip
# A line stands before these.
BEGINS = {"demo", "save", "quit", "delete", "up", "pivot", "limb", "controls-make", "pose", "xray", "trim", "two-depths", "find-limits", "play", "key-all", "ease-all"}  # fmt: skip


class RecentMenu(QMenu):
    """The files that were open lately; `wanted` is called with the one that is chosen."""

    def __init__(self, preferences: Preferences, wanted: Callable[[str], None], parent: QWidget) -> None:
        super().__init__(tr("Open recent"), parent)
        self._preferences, self._wanted = preferences, wanted
        self.aboutToShow.connect(self.fill)
        self.fill()

    def fill(self) -> None:
        """The names as they are now."""
        self.clear()
        for name in self._preferences.recent:
            action = self.addAction(Path(name).name)
            action.setToolTip(name)
            action.triggered.connect(lambda _on=False, name=name: self._wanted(name))
        self.setEnabled(bool(self._preferences.recent))


def fill_menus(bar: QMenuBar, actions: Mapping[str, QAction], after: Mapping[str, QMenu]) -> None:
    """Put all actions into their menus; `after` are menus that come behind an action, by its id."""
    for name in MENUS:
        menu = QMenu(tr(name), bar)
        bar.addMenu(menu)
        families: dict[str, QMenu] = {}
        for act in ACTIONS:
            if act.menu != name:
                continue
            family = next((title for of, begins, title in FAMILIES if of == name and act.id.startswith(begins)), "")
            if act.id in BEGINS and not menu.isEmpty():
                menu.addSeparator()
            if family and family not in families:
                families[family] = QMenu(tr(family), menu)
                menu.addMenu(families[family])
            families.get(family, menu).addAction(actions[act.id])
            if act.id in after:
                menu.addMenu(after[act.id])

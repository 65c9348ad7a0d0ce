"""The actions of a window: made from the table, and enabled as things stand."""

from collections.abc import Callable, Mapping

from PySide6.QtCore import QEvent, QObject, QTimer
from PySide6.QtGui import QAction, QKeySequence
from PySide6.QtWidgets import QMenu, QWidget

from umbrite.desk.actions.action import Act
from umbrite.desk.actions.action_table import ACTIONS
from umbrite.desk.actions.contexts import FEWEST, MOST, fitting_actions
from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import Station
from umbrite.desk.theme.language import tr
from umbrite.desk.theme.look import icon

PAUSE = 30  # milliseconds


class ActionSet(QObject):
    """One QAction for each row of the table. `run` is called with the row when its action is triggered.

    However much changes, all of them are asked once in the pause after it whether they can be done, or when a key comes before that.
    """

    def __init__(self, session: Session, window: QWidget, run: Callable[[Act], None]) -> None:
        super().__init__(window)
        self._session = session
        self._reasons: dict[str, str] = {}  # why an action can't be done
        self.made = {act.id: self._action(act, window, run) for act in ACTIONS}
        self._stale = QTimer(self)  # runs from a change until the actions are asked again
        self._stale.setSingleShot(True)
        self._stale.setInterval(PAUSE)
        self._stale.timeout.connect(self.refresh)
        for signal in (
            session.selection.changed,
            session.workspace.tool_changed,
            session.workspace.view_changed,
            session.drafts.changed,
        ):
            signal.connect(self.may_change)
        session.settled.connect(self.may_change)
        window.installEventFilter(self)

    @property
    def by_id(self) -> Mapping[str, QAction]:
        """All actions, enabled or not as things stand now."""
        if self._stale.isActive():
            self.refresh()
        return self.made

    def _action(self, act: Act, window: QWidget, run: Callable[[Act], None]) -> QAction:
        action = QAction(tr(act.text), window)
        if act.icon:
            action.setIcon(icon(self._session.workspace.theme, act.icon))
        if act.key:
            action.setShortcut(QKeySequence(act.key))
        action.setCheckable(bool(act.tool or act.view))
        action.triggered.connect(lambda _checked=False: run(act))
        window.addAction(action)
        return action

    def may_change(self, *_: object) -> None:
        """Actions may be enabled or disabled by now; they are asked once, after all changes."""
        self._stale.start()

    def eventFilter(self, watched: QObject, event: QEvent) -> bool:
        if event.type() == QEvent.Type.ShortcutOverride and self._stale.isActive():
            self.refresh()  # a key that comes right after finds its action
        return super().eventFilter(watched, event)

    def refresh(self) -> None:
        """Ask all of them now."""
        self._stale.stop()
        session = self._session
        for act in ACTIONS:
            action = self.made[act.id]
            if (why := act.why_not(session)) != self._reasons.get(act.id):
                self._reasons[act.id] = why
                action.setEnabled(not why)
                action.setStatusTip(why)
                action.setToolTip(act.tip(why))
            if act.tool:
                action.setChecked(session.workspace.tool is act.tool)
            elif act.view:
                action.setChecked(session.workspace.views[act.view])
        names = (session.history.undo_name, session.history.redo_name)
        for key, word, name in zip(("undo", "redo"), (tr("Undo"), tr("Redo")), names, strict=True):
            self.made[key].setText(f"{word}: {name}" if name else word)

    def dress(self) -> None:
        """Take the icons of another theme."""
        for act in ACTIONS:
            if act.icon:
                self.made[act.id].setIcon(icon(self._session.workspace.theme, act.icon))

    def row(self, station: Station) -> list[QAction]:
        """What stands in the tool row of a station."""
        acts = (act for act in ACTIONS if act.row == station.name or (station.timed and act.tool in station.tools))
        return [self.made[act.id] for act in acts]

    def add_fitting(self, menu: QMenu) -> None:
        """Add the actions that fit the selection and can be done now, in groups, at the end of a menu."""
        left = max(MOST - len(menu.actions()), FEWEST)  # what lies there stands in it already
        for group in fitting_actions(self._session):
            actions = [action for key in group if (action := self.by_id[key]).isEnabled()][:left]
            left -= len(actions)
            if actions and not menu.isEmpty():
                menu.addSeparator()
            for action in actions:
                menu.addAction(action)

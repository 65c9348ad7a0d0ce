"""The window: strip, board and docks around one session, and the actions that tie them together."""

import math
import threading
from collections.abc import Callable, Mapping
from pathlib import Path

from PySide6.QtCore import QByteArray, QPoint, QRect, QSettings, QSize, Qt
from PySide6.QtGui import QAction, QCloseEvent, QCursor, QDragEnterEvent, QDropEvent, QKeyEvent
from PySide6.QtWidgets import (
    QAbstractScrollArea,
    QApplication,
    QDockWidget,
    QLineEdit,
    QMainWindow,
    QMenu,
    QToolButton,
    QVBoxLayout,
    QWidget,
)

from umbrite.desk.actions.action_set import ActionSet
from umbrite.desk.actions.action_table import ACTIONS
from umbrite.desk.board.board import Board
from umbrite.desk.board.board_frame import BoardFrame
from umbrite.desk.board.input.drops import Drop, paths_in
from umbrite.desk.commands import edit_commands, family_commands, found_limit_commands, workout_commands
from umbrite.desk.commands.help import about
from umbrite.desk.commands.takes.recipes import RECIPES
from umbrite.desk.dialogs.adjuster import Adjuster
from umbrite.desk.dialogs.command_finder import Finder
from umbrite.desk.dialogs.devices_dialog import DevicesDialog
from umbrite.desk.dialogs.dialogs import Dialogs
from umbrite.desk.dialogs.guide import Guide
from umbrite.desk.dialogs.preferences_dialog import PreferencesDialog
from umbrite.desk.dialogs.rename_dialog import RenameDialog
from umbrite.desk.dialogs.show_me import WALKS, ShowMe
from umbrite.desk.files.engine_desk import EngineDesk
from umbrite.desk.files.file_desk import FileDesk
from umbrite.desk.files.outside_editor import OutsideEditor
from umbrite.desk.files.progress import apart
from umbrite.desk.files.questions import Questions
from umbrite.desk.files.recovery_keeper import Keeper
from umbrite.desk.files.recovery_offer import Offers
from umbrite.desk.files.reuse_desk import ReuseDesk
from umbrite.desk.files.scripts import Scripts, ScriptsMenu
from umbrite.desk.panels.alone import Alone
from umbrite.desk.panels.arrangement import DOCK_AREAS, Arrangements, lay_docks
from umbrite.desk.panels.controls_panel import ControlsPanel
from umbrite.desk.panels.depth_rail import DepthRail
from umbrite.desk.panels.details.details import Details
from umbrite.desk.panels.family_diagram import FamilyDiagram, Sheet
from umbrite.desk.panels.family_panel import FamilyPanel
from umbrite.desk.panels.family_tree import FamilyTree
from umbrite.desk.panels.findings.findings_list import FindingsList
from umbrite.desk.panels.library_panel import LibraryPanel
from umbrite.desk.panels.menu_bar import RecentMenu, fill_menus
from umbrite.desk.panels.selecting_list import SelectingList
from umbrite.desk.panels.shelf.pose_shelf import PoseShelf
from umbrite.desk.panels.station_strip import Strip
from umbrite.desk.panels.timeline.timeline_layout import RULER
from umbrite.desk.panels.timeline.timeline_panel import TimelinePanel
from umbrite.desk.panels.versions_panel import VersionsPanel
from umbrite.desk.panels.workout_sheet import WorkoutSheet
from umbrite.desk.session.idle_queue import IdleQueue
from umbrite.desk.session.preferences import Preferences
from umbrite.desk.session.running_time.speaker import Speaker
from umbrite.desk.session.session import Session, attempt
from umbrite.desk.session.stations import TAKES
from umbrite.desk.theme.language import tr
from umbrite.desk.theme.look import dress
from umbrite.desk.theme.themes import BOARDS, theme_named
from umbrite.paint import bent_shapes

FRAME = QSize(8, 44)  # what a desktop puts around a window: its title bar and edges
ARROWS = {Qt.Key.Key_Left: -1, Qt.Key.Key_Right: 1, Qt.Key.Key_Up: -1j, Qt.Key.Key_Down: 1j}


def _begin_warming(_what: str) -> bool:
    """Load what paints what bends, beside the window, before the first bend waits for it."""
    threading.Thread(target=bent_shapes.get_ready, name="warming", daemon=True).start()
    return False


class Window(QMainWindow):
    """See the module. Dialogs and settings are handed in, so that tests bring their own."""

    devices_dialog: DevicesDialog | None = None
    walk: ShowMe | None = None

    def __init__(
        self, session: Session, settings: QSettings, dialogs: Questions | None = None, keep_in: Path | None = None
    ) -> None:
        super().__init__()
        self.session, self.settings = session, settings
        self.docks: dict[str, QDockWidget] = {}
        self.dialogs: Questions = dialogs or Dialogs(self, lambda: session.workspace.theme)
        self.preferences = Preferences(settings)
        self.files: FileDesk = FileDesk(session, self.dialogs, self.preferences)
        self.reuse = ReuseDesk(self.files, Path(settings.fileName()).parent / "library")
        self.engines = EngineDesk(self.files)
        scripts = Path(settings.fileName()).parent / "scripts"
        self.scripts = Scripts(session, self.dialogs, self.preferences, scripts)
        session.file.own_plans = Path(settings.fileName()).parent / "body plans"
        self.keeper = Keeper(session, keep_in or Path(settings.fileName()).parent / "recovery", self)
        self.keeper.set_interval(self.preferences.autosave)
        self.files.elsewhere = self.keeper.elsewhere
        self.outside = OutsideEditor(session, self.files.exchange, self)
        self.files.exchanged = self.outside.follow
        session.watching, session.doing = self.dialogs.watch, apart
        self.speaker = session.player.heard = Speaker(session.sounds.samples)
        self._warming = IdleQueue(_begin_warming, self)
        session.opened.connect(
            lambda: self._warming.begin(["bends"] if any(part.mesh for part in session.puppet.parts.values()) else [])
        )
        self.workout_sheet: WorkoutSheet | None = None
        self.acts = ActionSet(session, self, lambda act: self.run(lambda: act.does(self)))
        self.frame = BoardFrame(
            session, [self.acts.made[key] for key in ("open", "demo", "show-rigging", "show-animating")]
        )
        self.board: Board = self.frame.board
        self.offers = Offers(self.keeper, self.files, self.frame.banner.ask)
        session.asking = self._ask_of_step
        session.settled.connect(self._forget_undone)
        self.strip = Strip(session)
        self.family = FamilyPanel(session)
        self.diagram = FamilyDiagram(session)
        self.controls_panel = ControlsPanel(session)
        self.shelf = PoseShelf(session)
        self.timeline = TimelinePanel(session)
        self.depth_rail = DepthRail(session)
        self.details = Details(session, self.reuse)
        self.library = LibraryPanel(self.reuse)
        self.versions = VersionsPanel(session)
        self.findings_list = FindingsList(session, self)
        self.guide = Guide(ACTIONS, self)
        self.finder = Finder(list(self.acts.made.values()), self)
        self._lay_out()
        self._connect()
        self.setWindowTitle(tr("Umbrite"))
        self.setAcceptDrops(True)
        room = self.screen().availableSize() - FRAME
        self.resize(QSize(1280, 800).boundedTo(room))
        self.arrangements = Arrangements(self, self.docks, self.settings)
        self._alone = Alone(self, session.workspace, self.docks.values(), self.strip_bar)
        self._restore()
        self._on_station()

    @property
    def actions_by_id(self) -> Mapping[str, QAction]:
        """All actions, enabled or not as things stand now."""
        return self.acts.by_id

    # Building

    def _lay_out(self) -> None:
        middle = QWidget()
        column = QVBoxLayout(middle)
        column.setContentsMargins(0, 0, 0, 0)
        column.addWidget(self.frame)
        self.setCentralWidget(middle)
        self._fill_menus()
        self.strip_bar = strip_bar = self.addToolBar(tr("Stations"))
        strip_bar.setObjectName("stations")
        strip_bar.setMovable(False)
        strip_bar.setContextMenuPolicy(Qt.ContextMenuPolicy.PreventContextMenu)
        strip_bar.addWidget(self.strip)
        left, right, below = DOCK_AREAS
        self.docks = lay_docks(
            self,
            {
                "Family": (self.family, left), "Diagram": (self.diagram, left), "Controls": (self.controls_panel, left),
                "Library": (self.library, left), "Versions": (self.versions, left), "Depth": (self.depth_rail, right),
                "Details": (self.details, right), "Poses": (self.shelf, right), "Tape": (self.timeline, below),
            },
        )  # fmt: skip
        for dock in self.docks.values():
            self.panels_menu.addAction(dock.toggleViewAction())

    def _fill_menus(self) -> None:
        self.panels_menu = QMenu(tr("Panels"), self)
        self.recent_menu = RecentMenu(
            self.preferences, lambda name: self.run(lambda: self.files.open_recent(name)), self
        )
        self.scripts_menu = ScriptsMenu(self.scripts, self.run, self)
        more = {"diagram": self.panels_menu, "open": self.recent_menu, "branch-smaller": self.scripts_menu}
        fill_menus(self.menuBar(), self.acts.made, more)
        self.menuBar().findChildren(QMenu)[0].aboutToShow.connect(self.recent_menu.fill)

    def _connect(self) -> None:
        session = self.session
        session.workspace.station_changed.connect(self._on_station)
        session.workspace.theme_changed.connect(self._on_theme)
        self.strip.badge_pressed.connect(self.show_findings)
        self.findings_list.wanted.connect(lambda key: self.actions_by_id[key].trigger())
        self.strip.stepped.connect(lambda by: self.run(lambda: session.step(by)))
        self.keeper.failed.connect(lambda text: self.dialogs.tell(tr("Not saved for recovery"), text))
        timeline = session.timeline
        timeline.changed.connect(lambda: None if timeline.playing else self.acts.may_change())
        timeline.play_wanted.connect(lambda: self.play() if session.workspace.station.timed else None)
        self.board.dropped.connect(self._take_drop)
        self.versions.new_wanted.connect(lambda name: self.run(lambda: self.reuse.new_from(name)))
        self.family.tree.dropped.connect(self.files.dropped)
        self.board.menu_opened.connect(self.acts.add_fitting)
        lists = (self.depth_rail, self.controls_panel.controls, self.controls_panel.links)
        for panel in (self.family.tree, self.diagram.sheet, *lists):
            panel.setContextMenuPolicy(Qt.ContextMenuPolicy.CustomContextMenu)
            panel.customContextMenuRequested.connect(lambda at, panel=panel: self._panel_menu(panel, at))

    def _restore(self) -> None:
        self.session.devices.recall(self.preferences.devices)
        geometry = self.settings.value("geometry")
        if isinstance(geometry, QByteArray):
            self.restoreGeometry(geometry)

    @property
    def alone(self) -> bool:
        """Whether only the puppet is shown."""
        return self._alone.on

    def reset_layout(self) -> None:
        """Bring all panels back to where they were at first."""
        self.arrangements.reset()

    # State

    def _on_station(self) -> None:
        station = self.session.workspace.station
        self.frame.show_tools(self.acts.row(station))
        if not self.alone:
            self.arrangements.enter(station)
        self.acts.refresh()

    def run(self, work: Callable[[], object]) -> None:
        """Do an action; a refusal is said on the hint line, and nothing is changed.

        In the middle of a drag any action, such as undo, puts the drag back and does no more; while it is recorded, actions are recorded with it.
        """
        dragged = next((place for place in (self.board, self.timeline.sheet) if place.dragging), None)
        if dragged is not None and not self.session.performing.running:
            dragged.cancel()
            self.session.say(tr("The drag was cancelled."))
            self.acts.may_change()  # a switch that was pressed shows its true state again
            return
        attempt(self.session, work)

    def set_theme(self, name: str) -> None:
        """Dress everything in a theme; what keeps pictures of its own is notified."""
        app, theme = QApplication.instance(), theme_named(name, self.preferences.board)
        if isinstance(app, QApplication) and theme is not self.session.workspace.theme:
            dress(app, theme)
            self.session.workspace.dress(theme)

    def _ask_of_step(self, text: str, more: str, answers: Mapping[str, Callable[[], object]]) -> None:
        self.frame.banner.ask(text, more, answers, self.session.history.now)

    def _forget_undone(self) -> None:
        """A question about a step goes with the step."""
        banner = self.frame.banner
        if banner.isVisible() and self.session.history.was_undone(banner.about):
            banner.take_away()

    def _on_theme(self) -> None:
        self.acts.dress()
        self._on_station()

    def show_preferences(self) -> None:
        dialog = PreferencesDialog(self.preferences, self.apply_preferences, self)
        dialog.exec()
        dialog.deleteLater()

    def apply_preferences(self) -> None:
        """Do as the preferences say now."""
        self.set_theme(self.preferences.theme)
        self.keeper.set_interval(self.preferences.autosave)

    def next_board(self) -> None:
        """The next brightness of the board."""
        names = list(BOARDS)
        self.preferences.board = names[(names.index(self.preferences.board) + 1) % len(names)]
        self.apply_preferences()
        self.session.say(tr("Board: {lower}.", lower=BOARDS[self.preferences.board].lower()))

    def next_panel(self) -> None:
        """Take the keys from the board to the panels one after the other, and back."""
        self.arrangements.next_place(self.board).setFocus(Qt.FocusReason.ShortcutFocusReason)

    def offer_recovery(self) -> None:
        """After a crash: what was not saved is offered on the board."""
        self.offers.begin()

    def _panel_menu(self, panel: FamilyTree | SelectingList | Sheet, at: QPoint) -> None:
        """A menu on a panel: for the row or card that is pressed, which is picked first if it was not."""
        key = panel.key_at(at)
        if key is not None and key not in self.session.selection.keys:
            self.session.selection.select([key])
        menu = QMenu(panel)
        menu.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self.acts.add_fitting(menu)
        seen = panel.viewport() if isinstance(panel, QAbstractScrollArea) else panel
        menu.popup(seen.mapToGlobal(at))

    # What actions ask of the window

    def show_diagram(self) -> None:
        """Bring the diagram to the front, or the list again."""
        shown = not self.diagram.visibleRegion().isEmpty()
        self.arrangements.show("Family" if shown else "Diagram")
        beside = self.width() - self.board.width() - self.docks["Diagram"].width()
        most = self.width() - beside - self.frame.tools.full_width() - 28  # the tools keep their names
        wide = 256 if shown else max(256, min(most, round(self.width() * 0.42)))
        self.resizeDocks([self.docks["Diagram"]], [wide], Qt.Orientation.Horizontal)

    def show_panel(self, name: str) -> None:
        """Bring a panel that stands there only when it is wanted, or put it away again."""
        shown = not self.docks[name].widget().visibleRegion().isEmpty()
        self.docks[name].hide() if shown else self.arrangements.show(name)
        self.resizeDocks([self.docks["Family"], self.docks[name]], [250, 440], Qt.Orientation.Vertical)

    def find_limits(self) -> None:
        found_limit_commands.find(self.session)

    def show_controls(self) -> None:
        """Bring the list of controls to the front, or the family again."""
        shown = not self.controls_panel.visibleRegion().isEmpty()
        self.arrangements.show("Family" if shown else "Controls")

    def switch_panels(self) -> None:
        """Put all panels away, or bring them back."""
        away = self.arrangements.switch_all()
        self.session.say(tr("The panels are hidden. The same key shows them.") if away else tr("The panels are shown."))

    def show_messages(self) -> None:
        """What the hint line said lately."""
        self.frame.hints.show_history()

    def show_alone(self) -> None:
        """Show the puppet alone on the whole screen, or everything again."""
        self._alone.switch()
        self.frame.show_alone(on=self.alone)
        if not self.alone:
            self._on_station()
        self.board.setFocus()
        self.board.fit_all()

    def edit_name(self) -> None:
        self.family.tree.edit_name(self.session.selection.keys[0])

    def replace_names(self) -> None:
        dialog = RenameDialog(self.session, self)
        dialog.exec()
        dialog.deleteLater()

    def edit_outside(self) -> None:
        self.outside.open(self.session.selection.of("part")[0])

    def carry(self) -> None:
        key = family_commands.carry(self.session)
        self.family.tree.edit_name(key)

    def adjust(self, recipe: str) -> None:
        """Numbers for what is made of a take, shown live."""
        self.session.workspace.go_to(TAKES)
        dialog = Adjuster(self.session, RECIPES[recipe](self.session), self)
        self.timeline.reveal(dialog.recipe.shows)
        dialog.stand_beside(self.board.puppet_on_screen(), self.geometry())
        dialog.exec()
        dialog.deleteLater()

    def play(self) -> None:
        """Play the take, or stop."""
        self.session.workspace.go_to(TAKES)
        self.session.player.switch()

    def run_workout(self) -> None:
        """Run everything through its range, and show the contact sheet."""
        found = workout_commands.run(self.session)
        if found is not None:
            self.workout_sheet = WorkoutSheet(self, *found, lambda: self.files.keep_sheet(*found))
            self.workout_sheet.show()

    def show_findings(self) -> None:
        self.findings_list.refresh()
        badge = self.strip.badge
        place = badge.mapToGlobal(QPoint(badge.width() - self.findings_list.width(), badge.height() + 4))
        self.findings_list.move(place)
        self.findings_list.show()

    def show_finder(self) -> None:
        place = self.board.mapToGlobal(QPoint(self.board.width() // 2, 60))
        self.finder.open_at(place.x(), place.y())

    def show_guide(self) -> None:
        self.guide.open_at(self.session.workspace.station.name)

    def show_guide_here(self) -> None:
        """The place in the guide that tells of the tool under the pointer, or the station's page."""
        under = self.childAt(self.mapFromGlobal(QCursor.pos()))
        action = under.defaultAction() if isinstance(under, QToolButton) else None
        key = next((key for key, each in self.actions_by_id.items() if each is action), None)
        if key is None or not self.guide.open_for(key):
            self.show_guide()

    def show_me(self, name: str) -> None:
        """A walk on the demo, step by step, in this window."""
        demo, steps = WALKS[name]
        if self.walk is not None:
            self.walk.end()
        if not self.files.may_leave() or not self.files.open(self.files.demo_path(demo), ask=False):
            return
        self.session.file.saved_as(None)
        self.walk = ShowMe(self, self, steps())
        self.walk.ended.connect(self._walk_ended)

    def _walk_ended(self) -> None:
        self.walk = None

    def place_of(self, name: str) -> QRect:
        """Where something of the window is that a walk points at: a station, the board, the new take, the ruler."""
        kind, _, station = name.partition(" ")
        widget: QWidget = self.board
        if kind == "station":
            widget = self.strip.signs[station]
        elif name == "new take":
            widget = self.timeline.new
        elif name == "ruler":
            widget = self.timeline.sheet
        box = QRect(widget.mapTo(self, QPoint(0, 0)), widget.size())
        return QRect(box.topLeft(), QSize(box.width(), RULER)) if name == "ruler" else box

    def show_devices(self) -> None:
        """What arrives from outside devices, and what it is assigned to; it stays open beside the board."""
        if self.devices_dialog is None:
            self.devices_dialog = DevicesDialog(self.session, self.preferences, self)
        self.devices_dialog.show()
        self.devices_dialog.raise_()

    def show_about(self) -> None:
        self.dialogs.read(tr("About Umbrite"), about.about_text())

    # Files let go beside the board and the family, keys, and the end

    def _take_drop(self, drop: Drop) -> None:
        if drop.branch:
            self.run(lambda: self.reuse.bring(Path(drop.branch), drop.at, drop.joint))
        else:
            self.files.dropped(drop.paths, drop.part)

    def dragEnterEvent(self, event: QDragEnterEvent) -> None:
        if paths_in(event):
            event.acceptProposedAction()

    def dropEvent(self, event: QDropEvent) -> None:
        if paths := paths_in(event):
            event.acceptProposedAction()
            self.files.dropped(paths)

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if event.key() == Qt.Key.Key_Escape and self.alone:
            self.show_alone()
            return
        step = ARROWS.get(Qt.Key(event.key()))
        typing = isinstance(QApplication.focusWidget(), QLineEdit)
        if step is not None and not typing and self.board.hasFocus():
            by = step * (10 if event.modifiers() & Qt.KeyboardModifier.ShiftModifier else 1)
            if event.modifiers() & Qt.KeyboardModifier.ControlModifier:
                angle = math.radians(by.real + by.imag)
                self.run(lambda: edit_commands.turn_by_keys(self.session, angle))
            else:
                self.run(lambda: edit_commands.nudge(self.session, complex(by)))
        else:
            super().keyPressEvent(event)

    def closeEvent(self, event: QCloseEvent) -> None:
        if not self.files.may_leave():
            event.ignore()
            return
        self.session.stop_motion()
        self.speaker.close()
        self.session.sounds.stop()
        self.session.devices.stop()
        self.offers.let_go()
        self.keeper.close()
        self.session.file.pictures.stop()
        self.session.checks.stop()
        self.settings.setValue("geometry", self.saveGeometry())
        if not self.alone:  # what F11 hides is not how the panels stand
            self.arrangements.keep()
        event.accept()

"""What an action is, what it may ask of the window, and the small makers of what actions do. The menus beside it list them."""

from collections.abc import Callable
from typing import NamedTuple, Protocol

from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import STATIONS, Station, Tool
from umbrite.desk.theme.language import tr


class ShownBoard(Protocol):
    """What actions ask of the board."""

    def setFocus(self) -> None: ...
    def fit_all(self) -> None: ...
    def fit_selection(self) -> None: ...
    def show_actual_size(self) -> None: ...
    def zoom_by(self, factor: float) -> None: ...


class FileWork(Protocol):
    """What actions ask of the files' side of the window."""

    def new(self) -> None: ...
    def ask_open(self) -> None: ...
    def ask_add(self) -> None: ...
    def ask_exchange(self) -> None: ...
    def cover_seam(self) -> None: ...
    def ask_lay(self) -> None: ...
    def add_drawings(self) -> None: ...
    def speak(self) -> None: ...
    def ask_sound(self) -> None: ...
    def open_demo(self, name: str) -> None: ...
    def save(self) -> bool: ...
    def save_as(self) -> bool: ...
    def export(self) -> None: ...
    def export_as(self, ending: str) -> None: ...
    def export_take(self, ending: str) -> None: ...


class ReuseWork(Protocol):
    """What actions ask of the library and of guests' files."""

    def ask_guest(self) -> None: ...
    def keep(self) -> object: ...
    def update_selected(self) -> None: ...
    def open_selected(self) -> None: ...


class EngineWork(Protocol):
    """What actions ask of files for engines."""

    def export_gltf(self) -> None: ...
    def export_parts(self) -> None: ...
    def export_frames(self) -> None: ...


class Desk(Protocol):
    """What actions ask of the window. It is told here, below the window, so that no import runs upwards."""

    @property
    def session(self) -> Session: ...
    @property
    def board(self) -> ShownBoard: ...
    @property
    def files(self) -> FileWork: ...
    @property
    def reuse(self) -> ReuseWork: ...
    @property
    def engines(self) -> EngineWork: ...

    def close(self) -> bool: ...
    def carry(self) -> None: ...
    def edit_name(self) -> None: ...
    def replace_names(self) -> None: ...
    def edit_outside(self) -> None: ...
    def find_limits(self) -> None: ...
    def reset_layout(self) -> None: ...
    def adjust(self, recipe: str) -> None: ...
    def play(self) -> None: ...
    def run_workout(self) -> None: ...
    def next_board(self) -> None: ...
    def next_panel(self) -> None: ...
    def show_about(self) -> None: ...
    def show_alone(self) -> None: ...
    def switch_panels(self) -> None: ...
    def show_messages(self) -> None: ...
    def show_controls(self) -> None: ...
    def show_diagram(self) -> None: ...
    def show_panel(self, name: str) -> None: ...
    def show_finder(self) -> None: ...
    def show_findings(self) -> None: ...
    def show_guide_here(self) -> None: ...
    def show_guide(self) -> None: ...
    def show_preferences(self) -> None: ...


def always(_session: Session) -> str:
    return ""


class Act(NamedTuple):
    """One action. `why_not` gives the reason why it can't be done now, or an empty string.

    `row` names the station whose tool row shows it; `tool` or `view` make it a switch.
    """

    id: str
    menu: str
    text: str
    key: str
    icon: str
    does: Callable[[Desk], object]
    why_not: Callable[[Session], str] = always
    row: str = ""
    tool: Tool | None = None
    view: str = ""

    def tip(self, why: str) -> str:
        """What its tip says: name and key, why it can't be done now, and where there is more."""
        key = f"  ({self.key})" if self.key else ""
        more = "\n" + tr("F1 tells more") if self.row else ""
        return f"{tr(self.text)}{key}" + (f"\n{why}" if why else "") + more


def with_demo(name: str) -> Callable[[Desk], object]:
    return lambda desk: desk.files.open_demo(name)


def with_export(ending: str) -> Callable[[Desk], object]:
    return lambda desk: desk.files.export_as(ending)


def with_recipe(name: str) -> Callable[[Desk], object]:
    return lambda desk: desk.adjust(name)


def with_film(ending: str) -> Callable[[Desk], object]:
    return lambda desk: desk.files.export_take(ending)


def on_session(command: Callable[[Session], object]) -> Callable[[Desk], object]:
    """An action that needs the session only; a refusal is said by the window."""
    return lambda desk: command(desk.session)


def then_board(command: Callable[[Session], object]) -> Callable[[Desk], object]:
    """The same, and the keys go to the board, where Enter takes what was proposed."""

    def work(desk: Desk) -> None:
        command(desk.session)
        desk.board.setFocus()

    return work


def tool_act(
    menu: str,
    station: Station,
    tool: Tool,
    does: Callable[[Desk], object] | None = None,
    why_not: Callable[[Session], str] = always,
    *,
    shown: bool = True,
) -> Act:
    """The action that takes a tool, in the tool row of its station where it is `shown` there; `does` where more has to be done."""

    def take(desk: Desk) -> None:
        if tool not in desk.session.workspace.station.tools:  # Rehearse and Takes have the same ones
            desk.session.workspace.go_to(station)
        desk.session.workspace.take_tool(tool)

    row = station.name if shown else ""
    return Act(tool.id, menu, tool.text, tool.key, tool.icon, does or take, why_not, row, tool)


def station_of(name: str) -> Callable[[Desk], object]:
    return lambda desk: desk.session.workspace.go_to(STATIONS[name])


def fan(desk: Desk) -> None:
    desk.session.workspace.set_view("fan", on=not desk.session.workspace.views["fan"])
    desk.board.fit_all()


def view_of(name: str) -> Callable[[Desk], object]:
    return lambda desk: desk.session.workspace.set_view(name, on=not desk.session.workspace.views[name])

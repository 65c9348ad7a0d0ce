"""What an action is, and the small makers of what actions do. The tables beside it list them all."""

from collections.abc import Callable
from typing import TYPE_CHECKING, NamedTuple

from umbrite.desk.session import Session

if TYPE_CHECKING:
    from umbrite.desk.window import Window


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
    does: Callable[["Window"], object]
    why_not: Callable[[Session], str] = always
    row: str = ""
    tool: str = ""
    view: str = ""


def with_demo(name: str) -> Callable[["Window"], object]:
    return lambda window: window.files.open_demo(name)


def with_export(ending: str) -> Callable[["Window"], object]:
    return lambda window: window.files.export_as(ending)


def on_session(command: Callable[[Session], object]) -> Callable[["Window"], object]:
    """An action that needs the session only; a refusal is said by the window."""
    return lambda window: command(window.session)


def then_board(command: Callable[[Session], object]) -> Callable[["Window"], object]:
    """The same, and the keys go to the board, where Enter takes what was pencilled."""

    def work(window: "Window") -> None:
        command(window.session)
        window.board.setFocus()

    return work


def tool_of(station: str, tool: str) -> Callable[["Window"], object]:
    def take(window: "Window") -> None:
        window.session.go_to(station)
        window.session.take_tool(tool)

    return take


def station_of(name: str) -> Callable[["Window"], object]:
    return lambda window: window.session.go_to(name)


def fan(window: "Window") -> None:
    window.session.set_view("fan", on=not window.session.views["fan"])
    window.board.fit_all()


def view_of(name: str) -> Callable[["Window"], object]:
    return lambda window: window.session.set_view(name, on=not window.session.views[name])

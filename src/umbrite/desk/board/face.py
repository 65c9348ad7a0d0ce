"""What a station or a tool is on the board. `faces.py` lists them all; get one here."""

from collections.abc import Callable, Iterable
from typing import Any, NamedTuple

from umbrite.desk.session.session import Session


class Face(NamedTuple):
    """What a station or a tool does on the board.

    `press` (session, camera, pointer, spot) gives the Press that follows, or None: as without it. `handles` (session, camera) gives
    what can be grasped, the ones on top last; `paint` (painter, sight) paints over the art.
    """

    press: Callable[..., Any]
    handles: Callable[..., Iterable[Any]] | None = None
    paint: Callable[..., None] | None = None


STATION_FACES: dict[str, Face] = {}
TOOL_FACES: dict[str, Face] = {}


def faces(session: Session) -> list[Face]:
    """The faces that count now: that of the tool, if it has one of its own, before that of the station."""
    tool = TOOL_FACES.get(session.workspace.tool.name)
    station = STATION_FACES[session.workspace.station.name]
    return [station] if tool is None else [tool, station]

"""What the page on how Umbrite is built promises: a tool and a station come from outside, by values alone."""

import pytest

from demo_puppet import ASSETS
from desk.conftest import Answers, Hand, opened, shut
from umbrite.cli import main
from umbrite.desk.actions import action_table
from umbrite.desk.actions.action import tool_act
from umbrite.desk.board.face import STATION_FACES, TOOL_FACES, Face
from umbrite.desk.board.handles import Handle
from umbrite.desk.board.press_rules.press import Press
from umbrite.desk.dialogs.dialogs import names_of
from umbrite.desk.session import stations
from umbrite.desk.session.stations import STATIONS, Station, Tool
from umbrite.files.formats import format_table
from umbrite.files.formats.any_art import read_here
from umbrite.files.formats.format_table import Format
from umbrite.files.layers import Layered

TOY = Tool("toy", "toy", "Toy", "Ctrl+Alt+Y", "rig-limb", "Press anywhere: the toy squeaks.")
NURSERY = Station("Nursery", (TOY,), selects_all="part")


@pytest.fixture
def nursery(tmp_path, monkeypatch, qtbot):
    """A window with a station that nobody shipped, and its tool."""
    del qtbot
    squeaks, act = [], tool_act("Rig", NURSERY, TOY)
    press = Face(
        lambda session, _camera, pointer, _spot: Press(
            click=lambda: (squeaks.append(pointer.at), session.say("Squeak."))
        )
    )
    room = Face(
        lambda *_: Press(),
        lambda *_: [Handle("toy", "", 100 + 100j, 9.0)],
        lambda painter, sight: painter.drawEllipse(sight.camera.point(100 + 100j), 9, 9),
    )
    monkeypatch.setitem(STATIONS, NURSERY.name, NURSERY)
    monkeypatch.setitem(STATION_FACES, NURSERY.name, room)
    monkeypatch.setitem(TOOL_FACES, TOY.name, press)
    for table in ("umbrite.desk.actions.action_set.ACTIONS", "umbrite.desk.panels.menu_bar.ACTIONS"):
        monkeypatch.setattr(table, (*action_table.ACTIONS, act))
    answers = Answers()
    window = opened(tmp_path, answers)
    window.squeaks = squeaks
    yield window
    shut(window, answers)


def test_a_tool_and_a_station_from_outside_are_driven_like_any_other(nursery):
    window, session = nursery, nursery.session
    window.files.open_demo("wick.umbrite")
    session.workspace.go_to(NURSERY)
    assert [button.text() for button in window.frame.tools.buttons] == ["Toy"]
    assert window.frame.hints.text.text() == TOY.hint
    assert "Nursery" in window.strip.signs
    hand = Hand(window.board)
    hand.hover(100 + 100j)
    assert window.board.hover == Handle("toy", "", 100 + 100j, 9.0)
    hand.click(300 + 200j)
    assert window.squeaks == [pytest.approx(300 + 200j, abs=1)]
    assert window.frame.hints.message == "Squeak."
    session.workspace.go_to(stations.LIMBS)
    window.actions_by_id["toy"].trigger()
    assert (session.workspace.station, session.workspace.tool) == (NURSERY, TOY)
    assert window.actions_by_id["toy"].isChecked()
    window.board.grab()


def write_toy(path, package):
    path.write_text(package.puppet.name)


def read_toy(path, _watch):
    return Layered(path.read_text(), 1, 1, ())


def test_a_format_from_outside_is_a_row(tmp_path, monkeypatch):
    rows = (
        Format(".toy", "pose", "Toy", f"{__name__}:write_toy"),
        Format(".toy", "layers", "Toy", f"{__name__}:read_toy"),
    )
    monkeypatch.setattr(format_table, "OUTPUTS", [*format_table.OUTPUTS, rows[0]])
    monkeypatch.setattr(format_table, "INPUTS", [*format_table.INPUTS, rows[1]])
    out = tmp_path / "wick.toy"
    assert main(["convert", str(ASSETS / "wick.umbrite"), str(out)]) == 0
    assert read_here([out]).name == "Wick"
    assert "*.toy" in names_of("Pictures", "layers")

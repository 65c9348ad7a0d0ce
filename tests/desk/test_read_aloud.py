"""What a screen reader is given: lists that nobody sees, in step with what is painted."""

import pytest
from PySide6.QtCore import QItemSelectionModel
from PySide6.QtGui import QAccessible

from umbrite.desk.session.stations import LIMBS, PARTS, PIVOTS, TAKES


@pytest.fixture
def reading(wick_window):
    """A window in which something reads."""
    QAccessible.setActive(True)
    yield wick_window
    QAccessible.setActive(False)


def read(of):
    """What a list says now, from the top."""
    of.renew()
    model = of.model()
    return [(model.data(model.index(row)), model.things[row].state) for row in range(model.rowCount())]


def pick(of, name):
    """Select the thing of a name, as a reader does."""
    row = [name for name, _ in read(of)].index(name)
    of.selectionModel().select(of.model().index(row), QItemSelectionModel.SelectionFlag.ClearAndSelect)


def test_the_list_changes_nothing_of_the_picture(wick_window):
    before = wick_window.grab().toImage()
    QAccessible.setActive(True)
    assert read(wick_window.frame.readable)
    assert wick_window.frame.readable.isVisible()
    assert wick_window.grab().toImage() == before
    QAccessible.setActive(False)


def test_each_station_tells_what_is_worked_on_there(reading):
    session, readable = reading.session, reading.frame.readable
    session.workspace.go_to(PARTS)
    assert all(state.startswith("Part on ") for _, state in read(readable))
    session.workspace.go_to(PIVOTS)
    assert all(state.startswith("Pivot, ") for _, state in read(readable))
    session.workspace.go_to(LIMBS)
    limbs = [name for name, state in read(readable) if state.startswith("Limb of ")]
    assert limbs == ["Near arm", "Near leg", "Far arm", "Far leg"]


def test_selecting_in_the_list_selects_on_the_board_and_back(reading):
    session, readable = reading.session, reading.frame.readable
    session.workspace.go_to(PARTS)
    name = read(readable)[3][0]
    pick(readable, name)
    assert [session.puppet.parts[key].name for key in session.selection.keys] == [name]
    other = readable.model().things[-1].key
    session.selection.select([other])
    readable.renew()
    assert [readable.model().things[i.row()].key for i in readable.selectedIndexes()] == [other]
    assert session.selection.keys == (other,)


def test_keys_of_the_tape_are_selected_and_their_places_are_where_they_are_painted(reading):
    session = reading.session
    session.workspace.go_to(TAKES)
    panel = reading.timeline
    key = next(name for name, _ in read(panel.readable) if "frame" in name)
    pick(panel.readable, key)
    frames = {frame for _, frame in session.timeline.selected}
    assert [f"{frame:g}" for frame in frames] == [key.rsplit(" ", 1)[1]]
    box = panel.readable.visualRect(panel.readable.selectedIndexes()[0])
    assert box.contains(round(panel.sheet.ground.x_of(frames.pop())), box.center().y())

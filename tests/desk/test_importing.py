"""The table of layers, progress with cancel, and drawings exchanged: nothing is added until it is wanted."""

import sys
import threading

import numpy as np
import pytest
from PySide6.QtCore import QEvent, Qt, QTimer
from PySide6.QtWidgets import QApplication, QCheckBox, QComboBox, QProgressDialog, QSpinBox

from demo_puppet import ASSETS, part
from umbrite.desk.files import progress
from umbrite.desk.files.import_table import ImportTable
from umbrite.desk.files.progress import watched
from umbrite.desk.session.stations import PARTS
from umbrite.files.layers import Layered, layer_of, puppet_from
from umbrite.files.long_work import CancelledError, here
from umbrite.files.sandbox.reading import read_art
from umbrite.rig.errors import RigError
from umbrite.rig.model import Puppet


def table(window):
    return ImportTable(read_art([ASSETS / "wick.ora"]), window)


def test_layers_are_ticked_named_and_sided_in_the_table(window):
    made = table(window)
    made.show()
    assert made.go.text() == "Add 24 parts"
    top = made.table.topLevelItem(0)
    assert top is not None
    assert top.text(0) == "Near hand"  # front on top
    side = made.table.itemWidget(made.row("Cap"), 1)
    assert isinstance(side, QComboBox)
    assert side.currentText() == "Middle"
    side.setCurrentIndex(1)
    made.row("Eyes").setText(0, "Bright eyes")
    number = made.table.itemWidget(made.row("Bright eyes"), 2)
    assert isinstance(number, QSpinBox)
    number.setValue(4)
    made.row("Mouth").setCheckState(0, Qt.CheckState.Unchecked)
    assert made.go.text() == "Add 23 parts"
    layers = {layer.name: layer for layer in made.chosen().layered.layers}
    assert len(layers) == 23
    assert layers["Cap"].side == "far"
    assert "Bright eyes 4" in layers
    assert next(iter(layers)) == "Far hand"  # back to front again
    made.tick_all(on=False)
    assert not made.go.isEnabled()
    made.close()
    made.deleteLater()


def grouped():
    """A head with two eyes in a group within it, and a loose hat in front."""
    square = np.full((20, 20, 4), 255, np.uint8)
    layers = [
        layer_of("Face", square, 0, 0, groups=("Head",)),
        layer_of("Eye 1", square, 40, 0, groups=("Head", "Eyes")),
        layer_of("Eye 2", square, 80, 0, groups=("Head", "Eyes")),
        layer_of("Hat", square, 40, 40),
    ]
    return Layered("Face", 120, 80, tuple(layer for layer in layers if layer is not None))


def test_groups_stand_as_groups_and_each_may_become_a_carrier(qtbot):
    made = ImportTable(grouped())
    qtbot.addWidget(made)
    head, eyes = (made._groups[path] for path in (("Head",), ("Head", "Eyes")))
    assert (head.text(0), eyes.text(0)) == ("Head", "Eyes")
    assert made.row("Eye 1").parent() is eyes
    assert not made.row("Face").font(0).italic()
    hidden = grouped()
    hidden = hidden._replace(layers=tuple(each._replace(visible=False) for each in hidden.layers))
    told = ImportTable(hidden)
    qtbot.addWidget(told)
    assert told.row("Face").font(0).italic()
    assert "Hidden in the art" in told.row("Face").toolTip(0)
    box = made.table.itemWidget(eyes, 1)
    assert isinstance(box, QCheckBox)
    box.setChecked(True)
    assert made.chosen().carriers == {("Head", "Eyes")}
    puppet = puppet_from(made.chosen().layered, carriers=made.chosen().carriers).puppet
    assert {joint.name for joint in puppet.joints.values()} == {"Face", "Eye 1", "Eye 2", "Hat", "Eyes"}
    eyes.setCheckState(0, Qt.CheckState.Unchecked)
    assert [layer.name for layer in made.chosen().layered.layers] == ["Face", "Hat"]
    made.all_carriers.setChecked(True)
    assert made.chosen().carriers == {("Head",), ("Head", "Eyes")}


def test_several_selected_rows_change_at_once(qtbot):
    made = ImportTable(grouped())
    qtbot.addWidget(made)
    for name in ("Face", "Hat", "Eye 2"):
        made.row(name).setSelected(True)
    side = made.table.itemWidget(made.row("Hat"), 1)
    assert isinstance(side, QComboBox)
    side.setCurrentIndex(1)
    sides = {layer.name: layer.side for layer in made.chosen().layered.layers}
    assert sides == {"Face": "far", "Eye 1": "middle", "Eye 2": "far", "Hat": "far"}
    number = made.table.itemWidget(made.row("Hat"), 2)
    assert isinstance(number, QSpinBox)
    number.setValue(5)
    names = {layer.name for layer in made.chosen().layered.layers}
    assert names == {"Hat 5", "Eye 6", "Face 7", "Eye 1"}, "numbers count on from the one that was given"
    made.row("Face 7").setCheckState(0, Qt.CheckState.Unchecked)
    assert [layer.name for layer in made.chosen().layered.layers] == ["Eye 1"]


def test_the_picture_beside_lights_what_is_pointed_at_and_finds_rows(qtbot):
    made = ImportTable(grouped())
    qtbot.addWidget(made)
    made.show()
    picture = made.picture
    plain = picture.grab().toImage()
    row = made.table.visualItemRect(made.row("Hat")).center()
    qtbot.mouseMove(made.table.viewport(), row)
    made.table.itemEntered.emit(made.row("Hat"), 0)
    assert picture.grab().toImage() != plain
    middle = picture._box(grouped().layers[1]).center()
    assert picture.number_at(middle) == 1
    qtbot.mouseClick(picture, Qt.MouseButton.LeftButton, pos=middle.toPoint())
    assert [each.text(0) for each in made.table.selectedItems()] == ["Eye 1"]
    made.row("Eye 1").setCheckState(0, Qt.CheckState.Unchecked)
    assert picture.number_at(middle) == -1, "what is left out is not in the picture"
    picture.layered = picture.layered._replace(
        layers=tuple(each._replace(visible=False) for each in picture.layered.layers)
    )
    picture.show_ticked({0, 1})
    picture.light([])
    assert picture.number_at(middle) == -1, "nor is what is hidden"
    picture.light([1])
    assert picture.number_at(middle) == 1, "but while it is looked at"


def test_progress_names_the_layer_and_its_cancel_stops_the_reading(window, monkeypatch):
    with watched(window, "Reading wick.ora") as watch:
        watch(0, 25, "Far hand")
        assert not [w for w in QApplication.topLevelWidgets() if isinstance(w, QProgressDialog)], "not at once"
    monkeypatch.setattr(progress, "PATIENCE", 0)
    with watched(window, "Reading wick.ora") as watch:
        watch(0, 25, "Far hand")
        dialog = next(w for w in QApplication.topLevelWidgets() if isinstance(w, QProgressDialog))
        assert "1 of 25: Far hand" in dialog.labelText()
        watch(1, 25, "Cap")
        dialog.cancel()
        with pytest.raises(CancelledError, match="Nothing was added"):
            watch(2, 25, "Neck")
    QApplication.processEvents()


def test_work_of_more_than_a_moment_lets_the_window_live_and_can_be_stopped(window, monkeypatch):
    session, beats, over = window.session, [], threading.Event()
    monkeypatch.setattr(progress, "PATIENCE", 0)
    monkeypatch.setattr(session, "watching", lambda what: watched(window, what))
    beat = QTimer(timeout=lambda: beats.append(len(beats)) or (len(beats) > 5 and over.set()))
    beat.start(1)

    def work(watch):
        while not over.wait(0.001):  # until the window has lived beside it
            watch(1, 4, "Neck")
        return threading.current_thread()

    assert session.apart("Turning", work) is not threading.current_thread()
    assert session.apart("At once", lambda _: 7) == 7
    over.clear()
    beat.timeout.disconnect()
    beat.timeout.connect(lambda: [w.cancel() for w in QApplication.topLevelWidgets() if isinstance(w, QProgressDialog)])
    with pytest.raises(CancelledError, match="Turning was cancelled"):
        session.apart("Turning", work)
    beat.stop()
    QApplication.sendPostedEvents(None, QEvent.Type.DeferredDelete)
    with pytest.raises(ZeroDivisionError):
        session.apart("Wrong", lambda _: 1 / 0)
    monkeypatch.setattr(session, "doing", here)
    with pytest.raises(RigError, match="changed meanwhile"):
        session.apart("Lost", lambda _: session.edit("Meanwhile", puppet=Puppet(name="Other")))


def test_a_drawing_saved_by_another_program_comes_back_by_itself(wick_window, qtbot, monkeypatch):
    monkeypatch.setenv("UMBRITE_EDITOR", f"{sys.executable} -m umbrite.demo.stand_ins.stand_in_editor")
    monkeypatch.setenv("PYTHONPATH", str(ASSETS.parent.parent.parent))
    session = wick_window.session
    key = part(session.puppet, "Near hand")
    before = session.puppet
    session.workspace.go_to(PARTS)
    session.selection.select([key])
    wick_window.actions_by_id["edit-drawing"].trigger()
    qtbot.waitUntil(lambda: session.puppet.parts[key].drawing != before.parts[key].drawing, timeout=15_000)
    after = session.puppet
    assert after.parts[key].placement == before.parts[key].placement
    assert after.joints == before.joints
    pixels = session.file.pictures.pixels(after.parts[key].drawing.sha256)
    assert tuple(pixels[pixels.shape[0] // 2, pixels.shape[1] // 2, :3]) == (184, 67, 43)
    wick_window.actions_by_id["undo"].trigger()
    assert session.puppet is before

"""Files for engines from the window: asked for in the menu, chosen in a dialog, told in a sentence."""

import json

import pytest
from PySide6.QtCore import Qt
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QDialogButtonBox

from demo_puppet import varied_wick, wick_package
from umbrite.desk.dialogs.gltf_dialog import GltfDialog
from umbrite.desk.dialogs.preferences_dialog import PreferencesDialog
from umbrite.desk.session.stations import TAKES
from umbrite.paint.baking import GltfChoice
from umbrite.rig.change import change


@pytest.fixture
def heard(window):
    """What the window says."""
    words = []
    window.session.said.connect(words.append)
    return words


def test_what_cannot_be_written_is_said(window, answers, tmp_path, heard):
    window.session.open(wick_package(), None)
    (tmp_path / "wick.glb").mkdir()
    answers.save_path = tmp_path / "wick.glb"
    window.actions_by_id["export-engine-gltf"].trigger()
    assert "is a folder" in heard[-1]


def test_drawings_and_frames_go_out_on_sheets(window, answers, tmp_path, heard):
    window.session.open(wick_package(), None)
    answers.save_path = tmp_path / "parts.png"
    window.actions_by_id["export-engine-parts"].trigger()
    told = json.loads((tmp_path / "parts.json").read_text())
    assert len(told["parts"]) == len(varied_wick().parts)
    assert heard[-1] == "parts.png and its list parts.json were written."
    asked = list(answers.asked)
    window.actions_by_id["export-engine-parts"].trigger()
    assert answers.asked[len(asked) :][-1].startswith("replace parts.json"), "a list that is there is asked about"
    assert len(heard) == 1, "and stays"
    PreferencesDialog(window.preferences, lambda: None, window).hashed.click()
    answers.save_path = tmp_path / "hash.png"
    window.actions_by_id["export-engine-parts"].trigger()
    told = json.loads((tmp_path / "hash.json").read_text())
    assert set(told) == {"frames", "meta"}
    assert set(told["frames"]) == {part.name for part in varied_wick().parts.values()}
    window.preferences.hashed_sheets = False
    window.session.workspace.go_to(TAKES)
    answers.save_path = tmp_path / "frames.png"
    window.actions_by_id["film-sheets"].trigger()
    told = json.loads((tmp_path / "frames.json").read_text())
    assert told["take"] == "Idle"
    assert "frames.json were written" in heard[-1]


def test_takes_are_ticked_and_what_viewers_miss_is_baked(window):
    package = wick_package()
    plain = GltfDialog(package, window.session.workspace.theme, window)
    assert not plain.bake.isVisibleTo(plain)
    assert plain.choice == GltfChoice(package.document.takes)
    top = package.puppet.order[-1]
    shaded = package.having(change(package.puppet, top, blend="multiply"))
    dialog = GltfDialog(shaded, window.session.workspace.theme, window)
    dialog.show()
    assert package.puppet.parts[top].name in dialog.otherwise.text()
    assert dialog.choice.bake
    item = dialog.takes.item(1)
    spot = dialog.takes.visualItemRect(item).center()
    spot.setX(dialog.takes.visualItemRect(item).left() + 10)
    QTest.mouseClick(dialog.takes.viewport(), Qt.MouseButton.LeftButton, pos=spot)
    assert [take.name for take in dialog.choice.takes] == ["Idle", "Lamp up", "Look round", "Call"]
    QTest.mouseClick(dialog.visibility, Qt.MouseButton.LeftButton, pos=dialog.visibility.rect().center() * 0.1)
    QTest.keyClick(dialog.bake, Qt.Key.Key_Space)
    assert not dialog.choice.bake
    QTest.mouseClick(
        dialog.findChild(QDialogButtonBox).button(QDialogButtonBox.StandardButton.Ok), Qt.MouseButton.LeftButton
    )
    assert dialog.result() == GltfDialog.DialogCode.Accepted
    for each in (plain, dialog):
        each.deleteLater()

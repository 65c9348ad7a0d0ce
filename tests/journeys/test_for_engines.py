"""A puppet goes out as glTF from the real window, found by typing; an independent reader finds its takes."""

from pathlib import Path

import pytest
from PySide6.QtCore import QTimer
from PySide6.QtWidgets import QApplication

from demo_puppet import ASSETS
from gltf_reader import Scene
from journeys.conftest import Person
from journeys.test_first_light import type_path
from umbrite.desk.dialogs.gltf_dialog import GltfDialog
from umbrite.desk.window import Window

pytestmark = pytest.mark.journey


def test_a_puppet_goes_out_as_gltf(
    person: Person, window: Window, tmp_path: Path, capsys: pytest.CaptureFixture[str]
) -> None:
    window.files.open(ASSETS / "tea-cart.umbrite")
    person.do("windowfocus", "--sync", str(int(window.winId())))
    person.settle(300)
    out = tmp_path / "cart.glb"

    def go_on() -> None:
        dialog = QApplication.activeModalWidget()
        if not isinstance(dialog, GltfDialog):
            QTimer.singleShot(200, go_on)
            return
        person.do("windowfocus", "--sync", str(int(dialog.winId())))
        QTimer.singleShot(400, lambda: type_path(person, out))
        person.key("Return")

    QTimer.singleShot(1200, go_on)
    begun = person.gestures
    person.key("ctrl+k")
    person.settle(300)
    person.type("glTF")
    person.settle(200)
    person.key("Return")
    person.until(out.exists)
    with capsys.disabled():
        print(f"\na puppet as glTF: {person.gestures - begun} gestures", end=" ")
    scene = Scene(out)
    assert [each.name for each in scene.file.animations] == ["Roll", "Pour"]

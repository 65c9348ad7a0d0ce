"""A puppet goes out as glTF from the real window, found by typing; an independent reader finds its takes."""

import pytest
from PySide6.QtWidgets import QApplication

from demo_puppet import ASSETS
from gltf_reader import Scene
from journeys.test_first_light import type_path
from umbrite.desk.dialogs.gltf_dialog import GltfDialog

pytestmark = pytest.mark.journey


def test_a_puppet_goes_out_as_gltf(person, window, tmp_path, capsys):
    window.files.open(ASSETS / "tea-cart.umbrite")
    person.focus(window)
    person.settle(300)
    out = tmp_path / "cart.glb"

    def in_the_dialog(work):
        person.in_dialog(GltfDialog, lambda _dialog: work())

    def ask():
        person.focus(window)
        person.key("ctrl+k")
        person.settle(300)
        person.type("glTF")
        person.settle(200)
        person.key("Return")

    def go_on():
        type_path(person, out)
        person.key("Return")

    # Esc turns back: nothing is written, nothing is a step.
    in_the_dialog(lambda: person.key("Escape"))
    ask()
    person.until(lambda: QApplication.activeModalWidget() is None)
    assert not out.exists()
    assert window.session.history.is_saved
    in_the_dialog(go_on)
    begun = person.gestures
    ask()
    person.until(out.exists)
    with capsys.disabled():
        print(f"\na puppet as glTF: {person.gestures - begun} gestures", end=" ")
    scene = Scene(out)
    assert [each.name for each in scene.file.animations] == ["Roll", "Pour"]

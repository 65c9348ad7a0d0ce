"""Variants in the real window: mouths that come late, an arm three times over switched in a take, layered art with groups as sets."""

import numpy as np
import pytest
from PySide6.QtCore import QPoint
from PySide6.QtWidgets import QDialog

from demo_puppet import ASSETS, joint, part
from journeys.test_first_light import puppet
from journeys.test_strangers import at_control
from journeys.test_takes_on_the_tape import lamp_to, take
from umbrite.desk.files.import_table import ImportTable
from umbrite.files.formats.openraster import write_openraster
from umbrite.files.layers import Layered, layer_of
from umbrite.files.png import encode
from umbrite.rig.edits.variants.branches import limb_of

pytestmark = pytest.mark.journey


def set_named(window, name):
    return next(key for key, one in puppet(window).sets.items() if one.name == name)


def shown(window, name):
    return window.session.placed.chosen(set_named(window, name)).name


def press_main(person):
    """Press the first button of the dialog that opens next."""

    def press(dialog):
        main = dialog.go if isinstance(dialog, ImportTable) else None
        person.click(person.middle(main)) if main is not None else person.key("Return")

    person.in_dialog(QDialog, press)


def test_mouths_that_come_late_are_switched_by_numbers_over_the_face(person, window, tmp_path):
    window.files.open(ASSETS / "wick.umbrite")
    paths = []
    for name in ("grin", "whistle"):
        picture = np.zeros((30, 60, 4), np.uint8)
        picture[4:26, 5:55] = (120, 30, 30, 255)
        paths.append(tmp_path / f"{name}.png")
        paths[-1].write_bytes(encode(picture))
    window.files.add_variants(part(puppet(window), "Mouth"), paths)
    person.key("ctrl+5")
    person.settle(300)
    mouth = puppet(window).joints[joint(puppet(window), "Mouth")].pivot.z
    person.to(person.board(mouth))
    person.key("7")
    assert shown(window, "Mouth") == "whistle"
    person.key("2")
    assert shown(window, "Mouth") == "Closed"
    chooser = next(key for key, each in puppet(window).controls.items() if each.name == "Eyes")
    person.click(at_control(person, chooser))
    person.key("bracketright")
    first = shown(window, "Eyes")
    person.key("bracketright")
    assert shown(window, "Eyes") != first


def test_a_branch_made_bent_and_switched_in_a_take_with_the_hand_where_it_was(person, window):
    session = window.session
    window.files.open(ASSETS / "wick.umbrite")
    session.edit("No takes", takes=())
    person.key("ctrl+3")
    key = set_named(window, "Far arm")
    session.selection.select([puppet(window).sets[key].variants[0].joints[0]])
    window.actions_by_id["copy-variant"].trigger()
    person.settle(200)
    assert len(puppet(window).sets[key].variants) == 4
    new = puppet(window).sets[key].variants[-1]
    limb = limb_of(puppet(window), new)
    assert limb is not None
    person.key("ctrl+6")
    person.settle(300)
    person.key("shift+k")
    hand = next(k for k, each in puppet(window).controls.items() if each.name == "Far hand")
    lamp_to(person, 20.0)
    start = at_control(person, hand)
    person.drag(start, start + QPoint(-8, -40))
    one = limb_of(puppet(window), puppet(window).sets[key].variants[0])
    assert one is not None
    before = session.placed.pivot(one.target)
    chooser = next(k for k, each in puppet(window).controls.items() if each.chooses == key)
    session.selection.select([chooser])
    person.to(at_control(person, chooser))
    person.key("4")
    assert shown(window, "Far arm") == new.name
    assert session.placed.pivot(limb.target) == pytest.approx(before)
    track = take(window).tracks[f"{key}.shows"]
    assert [each.interpolation for each in track] == ["hold"] * len(track)
    lamp_to(person, 12.0)
    assert shown(window, "Far arm") == "Hanging"


def test_layered_art_with_groups_comes_in_as_sets(person, window, tmp_path):
    def layer(name, *groups, visible=True, x=40):
        picture = np.zeros((200, 200, 4), np.uint8)
        picture[20:180, 20:180] = (90, 120, 150, 255)
        made = layer_of(name, picture, x, 40, groups=groups, visible=visible)
        assert made is not None
        return made

    layers = (
        layer("Head"), layer("open", "mouth"), layer("closed", "mouth", visible=False), layer("oh", "mouth", visible=False),
        layer("eyes: open", x=90), layer("eyes: shut", x=90),
    )  # fmt: skip
    art = tmp_path / "face.ora"
    write_openraster(art, Layered("Face", 400, 300, layers))
    press_main(person)
    window.files.open(art)
    assert {one.name for one in puppet(window).sets.values()} == {"Mouth", "Eyes"}
    person.settle(200)
    session = window.session
    window.activateWindow()
    person.settle(200)
    board = window.board
    person.click(board.mapToGlobal(QPoint(board.width() - 40, board.height() - 40)))
    session.selection.select([puppet(window).sets[set_named(window, "Mouth")].variants[0].parts[0]])
    person.key("bracketright")
    assert shown(window, "Mouth") == "Closed"

"""Parts and Pivots in a real window: a folder dropped, joints found and corrected, carriers, the other side, fanned out."""

import shutil

import numpy as np
import pytest
from PySide6.QtCore import QMimeData, QPointF, Qt, QUrl
from PySide6.QtGui import QDragEnterEvent, QDragMoveEvent, QDropEvent
from PySide6.QtWidgets import QApplication, QLineEdit

from demo_puppet import ASSETS, joint, part
from journeys.test_first_light import art, puppet, take_layers, tool, while_modal
from umbrite.demo.rigging import FAMILY
from umbrite.rig.invariants import invariants

pytestmark = pytest.mark.journey


def parent_of(window, name):
    found = puppet(window)
    above = found.joints[joint(found, name)].parent
    return None if above is None else found.joints[above].name


def drop(window, path):
    """What the file manager sends when a folder is let go on the board."""
    data = QMimeData()
    data.setUrls([QUrl.fromLocalFile(str(path))])
    middle = window.board.rect().center()
    what = (Qt.DropAction.CopyAction, data, Qt.MouseButton.LeftButton, Qt.KeyboardModifier.NoModifier)
    for event in (QDragEnterEvent(middle, *what), QDragMoveEvent(middle, *what), QDropEvent(QPointF(middle), *what)):
        QApplication.sendEvent(window.board, event)


def name_in_place(person, name):
    person.until(lambda: isinstance(QApplication.focusWidget(), QLineEdit))
    person.key("ctrl+a")
    person.type(name)
    person.key("Return")


def test_from_unrigged_art_to_a_family_with_pivots(person, window, tmp_path):
    """Find joints, accept all, correct one, and the two carriers: under 40 gestures."""
    source = tmp_path / "art.ora"
    shutil.copy(ASSETS / "wick.ora", source)
    while_modal(person, source, "ctrl+o")
    assert len(puppet(window).parts) == 24
    person.key("ctrl+2")
    before = art(person)
    person.key("n")
    assert len(window.session.drafts.now.proposals) == 23
    # One is corrected before it is taken, all others are taken as they are.
    ankle = next(p.pivot for p in window.session.drafts.now.proposals if p.part == part(puppet(window), "Near foot"))
    person.drag(person.board(ankle), person.board(ankle + 4 - 12j))
    assert abs(puppet(window).joints[joint(puppet(window), "Near foot")].pivot.z - (ankle + 4 - 12j)) < 3
    person.key("Return")
    assert {child: parent_of(window, child) for child in FAMILY} == FAMILY
    person.click(person.row("Hips"))
    person.click(person.middle(tool(window, "carry")))
    name_in_place(person, "Body")
    person.click(person.middle(tool(window, "master")))
    assert parent_of(window, "Hips") == "Body"
    assert parent_of(window, "Body") == "Master"
    assert invariants(puppet(window)) == []
    assert (art(person) == before).all()
    print(f"\ngestures from unrigged art to a complete family with pivots: {person.gestures}")
    assert person.gestures < 40


def test_a_dropped_folder_a_cord_and_three_stacked_carriers(person, window, tmp_path):
    folder = tmp_path / "pictures"
    shutil.copytree(ASSETS / "wick-pictures", folder)
    take_layers(person)
    drop(window, folder)
    person.until(lambda: len(puppet(window).parts) == 24)
    person.focus(window)
    person.key("ctrl+2")
    before = art(person)

    # A cord from a part onto its parent.
    person.key("d")
    places = [
        person.board(window.session.placed.pivot(joint(puppet(window), name))) for name in ("Near shin", "Near thigh")
    ]
    person.drag(*places)
    assert parent_of(window, "Near shin") == "Near thigh"

    # Three carriers over one another, each named in place; nothing moves.
    person.click(person.row("Trunk"))
    for name in ("Chest", "Upper body", "Whole body"):
        person.click(person.middle(tool(window, "carry")))
        name_in_place(person, name)
    assert [parent_of(window, n) for n in ("Trunk", "Chest", "Upper body", "Whole body")] == [
        "Chest",
        "Upper body",
        "Whole body",
        None,
    ]
    assert (art(person) == before).all()


def test_the_other_arm_mirrored_and_parts_fanned_out_edited_and_gathered(person, window):
    session = window.session
    window.files.open(ASSETS / "wick.umbrite")
    person.settle(200)
    person.key("ctrl+2")
    person.click(person.row("Near upper arm"))
    before = len(puppet(window).limbs)
    person.key("ctrl+m")
    assert len(puppet(window).limbs) == before + 1
    assert parent_of(window, "Far upper arm 4") == "Trunk", "two more far arms are variants"
    assert invariants(puppet(window)) == []
    person.key("ctrl+z")
    person.key("ctrl+1")
    before = art(person)
    rest = puppet(window)
    person.key("u")
    assert session.workspace.views["fan"]
    assert (art(person) != before).any()
    cap = part(puppet(window), "Cap")
    maps = session.placed.part_maps()
    i = session.placed.plan.parts.index(cap)
    drawing = puppet(window).parts[cap].drawing
    middle = complex(maps.t[0, i]) + complex(drawing.width, drawing.height) / 2
    person.drag(person.board(middle), person.board(middle + 40 - 30j))
    moved = puppet(window).parts[cap].placement.x - rest.parts[cap].placement.x
    assert abs(moved - 40) < 4
    person.key("ctrl+z")
    person.key("u")
    assert puppet(window) == rest
    assert np.array_equal(art(person), before)

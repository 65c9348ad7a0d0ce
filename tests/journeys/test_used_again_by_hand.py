"""The library and the clipboard by hand, in a real window: a branch dragged onto a joint, a branch pasted into another puppet."""

import pytest
from PySide6.QtCore import QPoint

from demo_puppet import ASSETS
from journeys.test_first_light import joint, puppet
from umbrite.desk.session.stations import LIMBS
from umbrite.rig.invariants import invariants

pytestmark = pytest.mark.journey


def opened(person, window, name):
    window.files.open(ASSETS / f"{name}.umbrite")
    window.session.workspace.go_to(LIMBS)
    person.focus(window)
    window.activateWindow()
    person.settle(400)


def test_a_branch_is_dragged_from_the_library_onto_a_joint_of_a_goat(person, window):
    opened(person, window, "bramble")
    person.key("ctrl+b")
    person.until(lambda: window.library.list.isVisible() and window.library.list.count() > 4)
    person.settle(300)
    shelf = window.library.list
    item = next(shelf.item(i) for i in range(shelf.count()) if shelf.item(i).text() == "Tentacle")
    shelf.scrollToItem(item)
    start = shelf.viewport().mapToGlobal(shelf.visualItemRect(item).center() - QPoint(0, 14))
    tail = window.session.placed.pivot(joint(puppet(window), "Tail"))
    person.drag(start, person.board(tail), steps=14)
    person.until(lambda: any(one.name == "Second arm 1" for one in puppet(window).joints.values()))
    arm = puppet(window).joints[joint(puppet(window), "Second arm 1")]
    assert arm.parent is not None
    assert abs(arm.pivot.z - tail) < 12 / window.board.camera.zoom
    assert invariants(puppet(window)) == []
    person.key("ctrl+z")
    person.until(lambda: all(one.name != "Second arm 1" for one in puppet(window).joints.values()))


def test_a_branch_goes_by_the_clipboard_into_another_puppet(person, window):
    opened(person, window, "wick")
    person.click(person.board(window.session.placed.pivot(joint(puppet(window), "Near upper arm"))))
    person.until(lambda: bool(window.session.selection.of("joint")))
    person.key("ctrl+c")
    person.settle(300)
    assert "is on the clipboard" in window.frame.hints.message
    opened(person, window, "inkpot")
    limbs = len(puppet(window).limbs)
    person.key("ctrl+v")
    person.until(lambda: len(puppet(window).limbs) == limbs + 1)
    assert invariants(puppet(window)) == []

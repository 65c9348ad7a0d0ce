"""From a folder of pictures to a hand that is dragged, by a body plan, in a real window."""

import cv2
import numpy as np
import pytest
from PySide6.QtCore import QPoint

from demo_puppet import ASSETS
from desk.test_cutting_parts import flat_figure
from journeys.strangers import draw
from journeys.test_first_light import puppet, take_layers, while_modal
from journeys.test_parts_and_pivots import drop
from journeys.test_strangers import at_control, control
from umbrite.desk.session.stations import REHEARSE

pytestmark = pytest.mark.journey


@pytest.mark.parametrize("named", [True, False])
def test_a_biped_is_built_and_its_hand_dragged(person, window, tmp_path, capsys, *, named):
    folder = draw("biped", tmp_path / "biped")
    if not named:
        for i, picture in enumerate(sorted(folder.glob("*.png"))):
            picture.rename(folder / f"Layer {i + 1}.png")
    take_layers(person)
    drop(window, folder)
    person.until(lambda: len(puppet(window).parts) > 0)
    person.focus(window)
    window.activateWindow()
    person.gestures = 1  # let go on the board, with the table's button
    person.key("shift+y")
    person.until(lambda: window.session.drafts.now.plan is not None)
    person.key("Return")
    person.until(lambda: len(puppet(window).limbs) == 4)
    assert window.session.workspace.station is REHEARSE
    person.settle(300)
    hand = control(window, lambda c: c.name.endswith("hand") and c.side == "near")
    before = window.session.placed.control_at(puppet(window).controls[hand])
    start = at_control(person, hand)
    person.drag(start, start + QPoint(-20, -60))
    after = window.session.placed.control_at(puppet(window).controls[hand])
    assert abs(after - before) > 30
    with capsys.disabled():
        kind = "named" if named else "unnamed"
        print(
            f"\n{kind} biped: {person.gestures - 1} gestures from the file to a puppet whose hand is dragged then",
            end=" ",
        )
    assert person.gestures - 1 <= 3


def test_a_flat_drawing_becomes_a_posable_biped(person, window, tmp_path, capsys):
    """One picture: bones are drawn over it, it is cut at them, and built by plan."""
    cv2.imwrite(str(tmp_path / "walker.png"), cv2.cvtColor(flat_figure(), cv2.COLOR_RGBA2BGRA))
    drop(window, tmp_path / "walker.png")
    person.until(lambda: len(puppet(window).parts) == 1)
    person.focus(window)
    window.activateWindow()
    part = next(iter(puppet(window).parts.values()))
    corner = complex(part.placement.x, part.placement.y) - complex(*first_pixel())
    person.gestures = 1  # let go on the board
    person.key("e")
    chains = [
        [350 + 480j, 350 + 240j], [350 + 215j, 350 + 100j], [265 + 297j, 140 + 330j, 45 + 418j], [435 + 297j, 560 + 330j, 655 + 418j],
        [310 + 510j, 290 + 680j, 290 + 845j], [390 + 510j, 410 + 680j, 410 + 845j],
    ]  # fmt: skip
    for chain in chains:
        person.drag(person.board(chain[0] + corner), person.board(chain[1] + corner))
        for z in chain[2:]:
            person.click(person.board(z + corner))
        person.key("Escape")
    bones = [joint for joint in puppet(window).joints.values() if joint.tip is not None]
    assert len(bones) == 10
    person.key("ctrl+k")
    person.type("cut at the bones")
    person.key("Return")
    person.until(lambda: window.session.drafts.now.cuts is not None)
    person.key("Return")
    person.until(lambda: sum(not part.reference for part in puppet(window).parts.values()) == 10)
    person.key("shift+y")
    person.until(lambda: window.session.drafts.now.plan is not None)
    person.key("Return")
    person.until(lambda: len(puppet(window).limbs) == 4)
    person.settle(300)
    arm = next(limb for limb in puppet(window).limbs.values() if limb.joints[0] in {
        key for key, joint in puppet(window).joints.items() if joint.pivot.x < 350 + corner.real
    } and puppet(window).joints[limb.target].pivot.y < 600 + corner.imag)  # fmt: skip
    grip = control(window, lambda c: c.moves == arm.target)
    start = at_control(person, grip)
    before = window.session.placed.pivot(arm.joints[1])
    person.drag(start, start + QPoint(30, -60))
    assert abs(window.session.placed.pivot(arm.joints[1]) - before) > 5
    with capsys.disabled():
        print(f"\nflat drawing: {person.gestures - 1} gestures to a posable biped", end=" ")
    assert person.gestures - 1 < 40


def first_pixel():
    """Where the figure begins in its picture."""
    rows, columns = (
        np.flatnonzero(flat_figure()[..., 3].any(axis=1)),
        np.flatnonzero(flat_figure()[..., 3].any(axis=0)),
    )
    return int(columns[0]), int(rows[0])


def test_the_rig_of_one_character_goes_onto_a_second(person, window, capsys):
    """Wick is open; his sister's art gets his rig, looked at on the figure first."""
    window.files.open(ASSETS / "wick.umbrite")
    person.focus(window)
    window.activateWindow()
    person.settle(400)
    person.gestures = 0
    while_modal(person, ASSETS / "clover.ora", "ctrl+shift+l")
    person.until(lambda: window.session.drafts.now.plan is not None)
    person.focus(window)
    person.settle(300)
    assert not puppet(window).limbs
    person.key("Return")
    person.until(lambda: len(puppet(window).limbs) == 4)
    assert window.session.workspace.station is REHEARSE
    person.settle(400)
    made = person.gestures - 2  # all selected, a path, Return: for a double click on the file
    hand = control(window, lambda c: c.name == "Near hand")
    before = window.session.placed.control_at(puppet(window).controls[hand])
    start = at_control(person, hand)
    person.drag(start, start + QPoint(-20, -60))
    assert abs(window.session.placed.control_at(puppet(window).controls[hand]) - before) > 30
    with capsys.disabled():
        print(f"\nthe same rig on a second character: {made} gestures", end=" ")
    assert made < 6

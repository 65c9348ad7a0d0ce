"""Art that nobody has rigged before becomes a posable puppet in a real window: how many gestures it takes, and what it does then."""

import numpy as np
import pytest
from PySide6.QtCore import QPoint, QPointF, Qt
from PySide6.QtWidgets import QApplication, QMenu, QPushButton

from journeys.strangers import STRANGERS, draw
from journeys.test_first_light import puppet, take_layers
from journeys.test_parts_and_pivots import drop
from umbrite.desk.board.control_places import seen_places
from umbrite.desk.board.handles import ring_radius
from umbrite.desk.session.stations import CONTROLS, PIVOTS
from umbrite.rig.family import parts_on
from umbrite.rig.invariants import invariants
from umbrite.rig.placement import board_from_drawing

pytestmark = pytest.mark.journey
MOST_GESTURES = 12


def control(window, fits):
    return next(key for key, each in puppet(window).controls.items() if fits(each))


def at_control(person, key):
    board = person.window.board
    return board.mapToGlobal(seen_places(person.window.session, board.camera)[key].toPoint())


def build(person, folder, *, by_finding):
    """From the folder let go on the board to controls; the gestures that it took."""
    window = person.window
    before = person.gestures
    take_layers(person)
    drop(window, folder)
    person.gestures += 1
    person.until(lambda: len(puppet(window).parts) > 0)
    person.focus(window)
    if by_finding:  # one line for all parts that nothing carries, with one mend
        person.click(person.middle(window.strip.badge))
        person.until(window.findings_list.isVisible)
        mends = [b for b in window.findings_list.findChildren(QPushButton) if b.text().startswith("Find joints")]
        assert 1 <= len(mends) <= 2, "all of one kind are one finding"
        person.click(person.middle(mends[0]))
    else:
        person.key("n")
    person.until(lambda: len(window.session.drafts.now.proposals) > 0)
    window.activateWindow()
    for keys in ("Return", "m", "shift+f", "Return", "k", "Return"):
        person.key(keys)
    assert invariants(puppet(window)) == []
    return person.gestures - before


def feet(window):
    """Where the far end of each foot's drawing is, away from the ankle."""
    found = {}
    for limb in puppet(window).limbs.values():
        if limb.end is not None and limb.end_hold == "target":
            pivot = puppet(window).joints[limb.end].pivot.z
            for key in parts_on(puppet(window), limb.end):
                part = puppet(window).parts[key]
                middle = board_from_drawing(part.placement)(complex(part.drawing.width, part.drawing.height) / 2)
                end = pivot + (middle - pivot) * 1.5  # beyond what of the shin lies over it
                found[key] = complex(window.session.placed.joint_map(limb.end)(end))
    return found


def pixels(person, spots):
    """What the display shows of the art at these places, without controls."""
    person.to(QPoint(1390, 890))
    person.key("z")
    found = [person.around(spot, 5) for spot in spots]
    person.key("z")
    return found


@pytest.mark.parametrize("name", STRANGERS)
def test_a_stranger_is_rigged_moves_its_body_over_still_feet_and_turns_a_foot(person, window, tmp_path, name, capsys):
    session = window.session
    took = build(person, draw(name, tmp_path / name), by_finding=name == "beetle")
    with capsys.disabled():
        print(f"\n{name}: {len(puppet(window).parts)} pictures to a posable puppet in {took} gestures", end=" ")
    assert took <= MOST_GESTURES
    legs = sum(limb.end_hold == "target" for limb in puppet(window).limbs.values())
    assert legs == {"biped": 2, "beetle": 6, "bird": 2}[name]
    person.key("ctrl+5")
    person.settle(300)

    # The body goes down by 80 px; the feet's pixels stay as they are.
    body = control(window, lambda c: c.kind == "grip" and c.name in {"Body", "Whole body"})
    standing, still = feet(window), session.placed.control_at(puppet(window).controls[body])
    spots = [person.board(z) for z in standing.values()]
    before = pixels(person, spots)
    start = at_control(person, body)
    person.drag(start, start + QPoint(0, round(80 * window.board.camera.zoom)))
    after = session.placed.control_at(puppet(window).controls[body])
    assert abs((after - still) - 80j) < 3
    assert max(abs(now - standing[part]) for part, now in feet(window).items()) < 1e-6
    for now, was in zip(pixels(person, spots), before, strict=True):
        assert np.abs(now - was).max() <= 2, "a pixel of a foot has changed"

    # A foot is turned by the thin ring around its grip.
    foot = control(window, lambda c: c.kind == "grip" and c.name.endswith("foot"))
    grip = puppet(window).controls[foot]
    middle = at_control(person, foot)
    reach = round(ring_radius(grip, window.board.camera))
    person.to(middle)
    pose = dict(session.pose)
    person.drag(middle + QPoint(reach, 0), middle + QPoint(round(reach * 0.7), round(reach * 0.7)))
    assert session.history.undo_name == f"Turn {grip.name}"
    assert {key for key in session.pose if session.pose[key] != pose.get(key)} >= {
        key for key in session.pose if key.endswith(".turn") and key not in pose
    }


def test_a_pose_is_kept_and_blended_by_its_groove(person, window, tmp_path):
    session = window.session
    build(person, draw("bird", tmp_path / "bird"), by_finding=False)
    person.key("ctrl+5")
    body = control(window, lambda c: c.kind == "grip" and c.name in {"Body", "Whole body"})
    start = at_control(person, body)
    person.drag(start, start + QPoint(20, 30))
    person.key("s")
    person.key("shift+r")
    assert session.pose == {}
    person.settle(200)
    card = next(c for c in window.shelf.cards if c.name == "Pose 1")
    groove = card._groove()
    ends = [
        card.mapToGlobal(QPointF(groove.left() + x, groove.center().y()).toPoint()) for x in (2, groove.width() / 2)
    ]
    person.drag(*ends)
    assert session.history.undo_name is not None
    assert session.history.undo_name.endswith("% to Pose 1")
    channel = next(iter(card.pose))
    assert 0.4 < session.pose[channel] / card.pose[channel] < 0.6


def test_every_panel_has_a_menu_under_the_right_button(person, window, tmp_path):
    session = window.session
    build(person, draw("biped", tmp_path / "biped"), by_finding=False)
    session.workspace.go_to(PIVOTS)
    person.settle(200)

    def opened(at):
        person.click(at, button=3)
        person.until(lambda: isinstance(QApplication.activePopupWidget(), QMenu))
        menu = QApplication.activePopupWidget()
        assert isinstance(menu, QMenu)
        words = [action.text() for action in menu.actions() if action.text()]
        person.key("Escape")
        person.until(lambda: QApplication.activePopupWidget() is None)
        return words

    def first_row(view, box):
        return view.mapToGlobal(box)

    hand = next(key for key, each in puppet(window).joints.items() if each.name == "L hand")
    menus = {"board": opened(person.board(session.placed.pivot(hand))), "family": opened(person.row("L hand"))}
    person.pull_up("Depth")
    menus |= {
        "depth": opened(
            first_row(
                window.depth_rail.viewport(), window.depth_rail.visualItemRect(window.depth_rail.item(0)).center()
            )
        )
    }
    window.show_diagram()
    person.settle(200)
    sheet = window.diagram.sheet
    menus["diagram"] = opened(sheet.mapToGlobal(sheet.card(hand).center().toPoint()))
    session.workspace.go_to(CONTROLS)
    person.settle(200)
    controls = window.controls_panel.controls
    menus["controls"] = opened(first_row(controls.viewport(), controls.visualItemRect(controls.item(0)).center()))
    person.key("ctrl+5")
    person.settle(300)
    menus["poses"] = opened(person.middle(window.shelf.cards[0]))
    assert all(menus.values()), menus
    assert "Remove" in menus["controls"]
    assert all(len(words) <= 40 for words in menus.values())
    assert window.focusPolicy() in Qt.FocusPolicy

"""The nine steps of the page about one's own character, as they stand there, on pictures that nothing else has seen."""

import re
from pathlib import Path

import pytest
from PySide6.QtCore import QPoint
from PySide6.QtWidgets import QDialog, QDialogButtonBox

from journeys.strangers import Stroke, draw_strokes
from journeys.test_first_light import puppet, take_layers, type_path, while_modal
from journeys.test_parts_and_pivots import drop
from journeys.test_performing import along, hold
from journeys.test_strangers import at_control
from journeys.test_takes_on_the_tape import lamp_to
from umbrite.files.package import load
from umbrite.rig.invariants import invariants

pytestmark = pytest.mark.journey
PAGE = Path(__file__).parents[2] / "docs" / "own-character.md"
COAT, SKIN, BOOT = (150, 70, 60), (225, 190, 150), (50, 44, 52)


def cook():
    """A stout cook from the front, with German names; each piece goes on under its neighbour."""
    for side, way in (("rechts", -1), ("links", 1)):
        for name, x, y, x2, y2, half, colour in (
            ("Fuß", 70, 1090, 130, 1100, 36, BOOT), ("Unterschenkel", 76, 920, 72, 1080, 32, COAT), ("Oberschenkel", 74, 780, 76, 930, 42, COAT),
            ("Hand", 226, 790, 232, 820, 30, SKIN), ("Unterarm", 210, 640, 226, 780, 27, COAT), ("Oberarm", 150, 500, 208, 640, 34, COAT),
        ):  # fmt: skip
            yield Stroke(f"{name} {side}", (450 + way * x, y), (450 + way * x2, y2), half, colour)
    for name, y, y2, half, colour in (
        ("Hüfte", 745, 770, 118, COAT), ("Rumpf", 720, 520, 132, (230, 225, 215)), ("Hals", 430, 380, 38, SKIN), ("Kopf", 330, 270, 100, SKIN),
    ):  # fmt: skip
        yield Stroke(name, (450, y), (450, y2), half, colour)


class Told:
    """The steps of the page, one after the other."""

    def __init__(self):
        self.steps = iter(re.findall(r"^\d\. (.*(?:\n   .*)*)", PAGE.read_text("utf-8"), re.MULTILINE))

    def __call__(self, *words):
        """Go on to the next step, which tells of these."""
        text = next(self.steps)
        assert all(word in text for word in words), text


def to_a_puppet(person, window, tmp_path, step):
    """Steps 1 to 6; the controls by their names, and where it was saved."""
    session = window.session
    step("drop the folder", "press Enter")
    take_layers(person)
    drop(window, draw_strokes(list(cook()), tmp_path / "cook"))
    person.gestures += 1
    person.until(lambda: len(puppet(window).parts) == 16)
    person.focus(window)

    step("Shift+Y")
    person.key("shift+y")
    person.until(lambda: session.drafts.now.plan is not None)
    step("Press Enter")
    person.key("Return")
    person.until(lambda: len(puppet(window).limbs) == 4)
    assert invariants(puppet(window)) == []

    step("Ctrl+5", "hands and feet", "grip at the hips")
    person.key("ctrl+5")
    person.settle(300)
    keys = {each.name: key for key, each in puppet(window).controls.items()}
    names = [name for name in keys if re.match("Hand|Fuß", name)]
    assert len(names) == 4, keys
    body = next(
        key
        for key, each in puppet(window).controls.items()
        if each.kind == "grip" and not re.match("Hand|Fuß", each.name)
    )
    for key, by in ((keys["Hand rechts"], QPoint(-30, -60)), (body, QPoint(0, 25))):
        at = at_control(person, key)
        before = session.pose
        person.drag(at, at + by)
        assert session.pose != before

    step("the lamp", "*Show*", "*Explain*")
    person.click(person.middle(window.strip.badge))
    person.until(window.findings_list.isVisible)
    person.key("Escape")

    step("Ctrl+S")
    saved = tmp_path / "cook.umbrite"
    while_modal(person, saved, "ctrl+s")
    assert saved.exists()
    return keys, saved


def test_the_page_about_ones_own_character_leads_to_a_take(person, window, tmp_path, capsys):
    session, step = window.session, Told()
    keys, saved = to_a_puppet(person, window, tmp_path, step)

    step("Ctrl+6", "*New take*", "Shift+K", "frame 24", "Space")
    person.key("ctrl+6")
    person.settle(300)
    person.click(person.middle(window.timeline.new))
    person.key("shift+k")
    lamp_to(person, 24.0)
    at = at_control(person, keys["Hand rechts"])
    person.drag(at, at + QPoint(60, -40))
    moves = puppet(window).controls[keys["Hand rechts"]].moves
    assert {
        key.frame for name, track in session.timeline.take.tracks.items() if name.startswith(moves) for key in track
    } == {0.0, 24.0}
    person.key("space")
    person.until(lambda: session.timeline.playing)
    person.key("space")

    step("Alt+P", "count of three", "*Accept*")
    person.key("alt+p")
    lamp_hand = at_control(person, keys["Hand links"])
    hold(person, lamp_hand)
    along(person, lamp_hand, 40, 30.0)
    person.do("mouseup", "1")
    person.gestures += 1
    person.click(person.middle(window.frame.perform_strip.take))
    assert session.performing.state == "off"

    step("Export the take")
    film = tmp_path / "cook.gif"

    def go_on(dialog):
        type_path(person, film)
        person.click(person.middle(dialog.findChild(QDialogButtonBox).button(QDialogButtonBox.StandardButton.Ok)))

    person.in_dialog(QDialog, go_on)
    window.actions_by_id["film-gif"].trigger()
    person.until(film.exists)
    assert next(step.steps, None) is None, "the page has more steps than were walked"
    person.key("ctrl+s")
    person.until(lambda: bool(load(saved).document.takes))
    with capsys.disabled():
        print(f"\nby the page alone: 16 pictures to a take on film in {person.gestures} gestures", end=" ")

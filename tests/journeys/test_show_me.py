"""The two walks of Show me, walked as they ask: what is pointed at is pressed, and each step is seen to be done."""

import pytest
from PySide6.QtCore import QPoint

from journeys.test_strangers import at_control
from journeys.test_takes_on_the_tape import lamp_to
from umbrite.desk.session.stations import REHEARSE, TAKES

pytestmark = pytest.mark.journey


def control(window, word):
    found = window.session.puppet.controls
    return next(key for key, each in found.items() if word in each.name.casefold())


def pressed(person, walk):
    """Press in the middle of what the walk points at."""
    assert walk.ring.isVisible()
    person.click(person.middle(walk.ring))


def arrived(person, walk, number):
    person.until(lambda: walk.at == number)


def drag_control(person, word, by):
    start = at_control(person, control(person.window, word))
    person.drag(start, start + by)


def test_the_rigging_walk_is_walked_from_an_empty_window(person, window):
    welcome = window.frame.welcome
    assert welcome.isVisible()
    person.click(person.middle(next(each for each in welcome.buttons if "rigging" in each.text())))
    person.until(lambda: window.walk is not None)
    walk = window.walk
    assert walk.at == 0
    pressed(person, walk)
    arrived(person, walk, 1)
    person.key("shift+y")
    arrived(person, walk, 2)
    person.key("Return")
    arrived(person, walk, 3)
    for number in (4, 5):
        pressed(person, walk)
        arrived(person, walk, number)
    assert window.session.workspace.station is REHEARSE
    drag_control(person, "hand", QPoint(10, -30))
    arrived(person, walk, 6)
    drag_control(person, "body", QPoint(4, 16))
    arrived(person, walk, 7)
    assert not walk.running
    assert not walk.ring.isVisible()
    person.click(person.middle(walk.leave))
    assert window.walk is None


def test_the_animating_walk_is_walked_and_can_be_left(person, window):
    window.actions_by_id["show-animating"].trigger()
    walk = window.walk
    drag_control(person, "hand", QPoint(-10, -30))
    arrived(person, walk, 1)
    pressed(person, walk)
    arrived(person, walk, 2)
    assert window.session.workspace.station is TAKES
    pressed(person, walk)
    arrived(person, walk, 3)
    lamp_to(person, 24.0)
    arrived(person, walk, 4)
    drag_control(person, "hand", QPoint(-6, 18))
    arrived(person, walk, 5)
    person.click(person.middle(walk.leave))
    assert window.walk is None
    assert window.session.timeline.take.tracks

"""What the program is made of, and a report of a fault."""

from PySide6.QtGui import QGuiApplication

from umbrite import __version__
from umbrite.desk.app import unexpected
from umbrite.desk.commands.help.about import Faults, about_text, shipped


def test_about_names_what_ships_with_versions_and_licences():
    names = {name.lower().replace("_", "-") for name, _, _ in shipped()}
    assert {"numpy", "scipy", "pyside6-essentials", "pillow", "msgspec"} <= names
    assert all(version[0].isdigit() for _, version, _ in shipped())
    assert sum(bool(licence) for _, _, licence in shipped()) >= len(names) - 1
    text = about_text()
    assert f"Umbrite {__version__}" in text
    assert "LGPL-3.0" in text


def test_a_fault_can_be_told_to_developers_and_nothing_leaves_by_itself(window, act):
    act("fault-report")
    assert "No fault was noticed" in QGuiApplication.clipboard().text()
    QGuiApplication.clipboard().setText("what was there")
    error = ZeroDivisionError("a wheel of no size")
    unexpected(window, type(error), error, error.__traceback__)
    assert QGuiApplication.clipboard().text() == "what was there"
    assert "Copy a report" in window.frame.hints.message
    act("fault-report")
    told = QGuiApplication.clipboard().text()
    assert "ZeroDivisionError: a wheel of no size" in told
    assert f"Umbrite {__version__}" in told
    Faults.last = ""

"""A person's own scripts in the window: asked about once, one step of undo, refusals as sentences."""

import pytest

STIFF = """
import math
from umbrite.rig.edits.limits import set_limit

def run(document):
    return document.edit(set_limit, document.key("joint", "Neck"), math.radians(-5), math.radians(5))
"""


def put(window, name, text):
    window.scripts.folder.mkdir(parents=True, exist_ok=True)
    (window.scripts.folder / f"{name}.py").write_text(text)
    window.scripts_menu.fill()


def run(window, name):
    next(action for action in window.scripts_menu.actions() if action.text() == name).trigger()


def test_a_script_is_asked_about_once_and_is_one_step_of_undo(wick_window, answers, act):
    session = wick_window.session
    put(wick_window, "Stiff necks", STIFF)
    before = session.history.now
    run(wick_window, "Stiff necks")
    assert session.history.now is before
    assert "was not run" in wick_window.frame.hints.message
    answers.allowed = True
    run(wick_window, "Stiff necks")
    assert session.history.undo_name == "Run Stiff necks"
    neck = next(joint for joint in session.puppet.joints.values() if joint.name == "Neck")
    assert neck.limit is not None
    assert round(neck.limit.largest, 4) == 0.0873
    act("undo")
    assert session.history.now == before
    asked = [each for each in answers.asked if each.startswith("run Stiff")]
    run(wick_window, "Stiff necks")
    assert [each for each in answers.asked if each.startswith("run Stiff")] == asked, "allowed once and for all"
    put(wick_window, "Stiff necks", STIFF + "# changed\n")
    run(wick_window, "Stiff necks")
    assert len([each for each in answers.asked if each.startswith("run Stiff")]) == len(asked) + 1
    assert "changed nothing" in wick_window.frame.hints.message


@pytest.mark.parametrize(
    ("text", "words"),
    [
        ("def run(document:", "no Python that can be run, line 1"),
        ("x = 1", "has no def run"),
        ("def run(document):\n    return 5", "returned no document"),
        ("def run(document):\n    return 1 / 0", "stopped, line 2: ZeroDivisionError"),
        ("import sys\ndef run(document):\n    sys.exit(3)", "stopped, line 3: SystemExit"),
        ("def run(document):\n    return document.posed({'Hed': 1.0})", "no control named"),
        ("from msgspec.structs import replace\ndef run(document):\n    return document.edit(lambda p: replace(p, width=10**9))", "can't be kept"),
        ("def run(document):\n    return document", "changed nothing"),
    ],
)  # fmt: skip
def test_what_goes_wrong_in_a_script_is_a_sentence_and_nothing_has_changed(wick_window, answers, text, words):
    answers.allowed = True
    before = wick_window.session.history.now
    put(wick_window, "Odd", text)
    run(wick_window, "Odd")
    assert wick_window.session.history.now is before
    assert words in wick_window.frame.hints.message


IN_PLACE = """
def run(document):
    joints = document.puppet.joints
    joints.pop(next(iter(joints)))
    document.package.pose["j1.turn"] = 1.0
    document.package.art.clear()
    for take in document.package.document.takes:
        take.tracks.clear()
    raise ValueError("and then it stops")
"""


def test_what_a_script_does_in_place_is_not_done_to_the_open_puppet(wick_window, answers):
    session = wick_window.session
    before = session.history.now
    there = [dict(before.puppet.joints), dict(before.pose), [dict(take.tracks) for take in before.takes]]
    art = dict(session.file.art)
    answers.allowed = True
    put(wick_window, "In place", IN_PLACE)
    run(wick_window, "In place")
    assert "ValueError: and then it stops" in wick_window.frame.hints.message
    assert session.history.now is before
    assert [before.puppet.joints, before.pose, [take.tracks for take in before.takes]] == there
    assert session.file.art == art
    named = "from msgspec.structs import replace\ndef run(document):\n    joints = document.puppet.joints\n    key = next(iter(joints))\n"
    put(wick_window, "Named", f"{named}    joints[key] = replace(joints[key], name='Sleeve')\n    return document")
    run(wick_window, "Named")
    assert session.history.undo_name == "Run Named"
    assert "Sleeve" in {joint.name for joint in session.puppet.joints.values()}
    assert session.puppet.parts is before.puppet.parts, "what is the same is known to be"

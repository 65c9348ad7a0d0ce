"""A screen reader at the real program: what it gets of the board and the tape, over AT-SPI."""

import json
import subprocess
import sys
from pathlib import Path

import pytest

from umbrite.files.package import load_document

pytestmark = pytest.mark.journey
DEMO = Path(__file__).parents[2] / "src/umbrite/demo/assets/wick.umbrite"
READER = Path(__file__).with_name("screen_reader.py")


@pytest.fixture(scope="module")
def report(tmp_path_factory):
    """What the reader tells."""
    folder = tmp_path_factory.mktemp("reader")
    settings = {"XDG_CONFIG_HOME": str(folder), "XDG_DATA_HOME": str(folder), "QT_LINUX_ACCESSIBILITY_ALWAYS_ON": "1"}
    words = ["env", *(f"{name}={value}" for name, value in settings.items())]
    words += ["/usr/bin/python3", str(READER), sys.executable, "-m", "umbrite", str(DEMO)]
    done = subprocess.run(["dbus-run-session", "--", *words], capture_output=True, text=True, timeout=200, check=False)
    assert done.returncode == 0, done.stderr
    return json.loads(done.stdout.splitlines()[-1])


def test_everything_that_can_be_reached_has_a_name(report):
    assert report["nameless"] == []


def test_the_board_is_a_list_with_places_and_states(report):
    puppet = load_document(DEMO).puppet
    names = [name for name, *_ in report["rehearse"]]
    first = next(i for i, (_, state, *_) in enumerate(report["rehearse"]) if state.startswith("Part on "))
    assert len(names[:first]) < len(puppet.controls)  # those of the hands that do not show are not there
    assert set(names[:first]) <= {control.name for control in puppet.controls.values()}
    order = [part.name for key in reversed(puppet.order) if (part := puppet.parts[key]).visible]
    assert names[first:] == [name for name in order if name in names[first:]]
    assert len(names[first:]) > 20
    states = {name: state for name, state, *_ in reversed(report["rehearse"])}
    assert states["Eyes"].startswith("Chooser, at ")
    assert states["Eyes"].endswith(", shows Open")
    assert all(wide > 0 and tall > 0 for _, _, (_, _, wide, tall), _ in report["rehearse"])


def test_what_a_click_selects_is_told_and_stands_in_the_list(report):
    assert report["click"] == ["Near hand selected"]
    assert [name for name, *_, chosen in report["clicked"] if chosen] == ["Near hand"]
    assert "Takes" in report["takes"]


def test_the_tape_has_rows_and_keys_that_can_be_selected(report):
    document = load_document(DEMO)
    rows = {name: state for name, state, *_ in report["tape"] if "frame" not in name}
    keys = [name for name, *_ in report["tape"] if "frame" in name]
    assert (
        rows["All keys"]
        == f"Row, {len({key.frame for track in document.takes[0].tracks.values() for key in track})} keys"
    )
    assert "Head, frame 3" in keys
    assert report["selected key"][3]
    assert report["selected"][-1].endswith(" selected")
    assert report["stepped"][-1].startswith("Frame ")

"""Umbrite from Python: the examples of the docs run, and what scripts rely on holds."""

import re
import subprocess
import sys
from pathlib import Path

import numpy as np
import pytest
from msgspec.structs import replace

import umbrite
from demo_puppet import ASSETS
from umbrite.files.package import load
from umbrite.paint.render import render_package
from umbrite.rig.edits.limits import set_limit
from umbrite.rig.edits.parts import nudge_parts

DOCS = Path(__file__).parent.parent / "docs" / "python.md"


def test_the_examples_of_the_docs_run_one_after_the_other(tmp_path, monkeypatch, qapp):
    monkeypatch.chdir(tmp_path)
    blocks = re.findall(r"```python\n(.*?)```", DOCS.read_text("utf-8"), re.DOTALL)
    assert len(blocks) == 13
    space = {}
    for block in blocks:
        exec(compile(block, "python.md", "exec"), space)  # noqa: S102  the docs' own examples
    assert {"lamp.png", "walk.gif", "wick.glb", "walk.json", "clover.umbrite", "market.webm"} <= {
        path.name for path in tmp_path.iterdir()
    }
    assert qapp


def test_import_loads_nothing_and_posing_needs_no_qt():
    code = (
        "import sys, umbrite; assert 'numpy' not in sys.modules and 'msgspec' not in sys.modules;"
        "wick = umbrite.open(umbrite.demo_file('wick')).posed({'Head': 5.0}); wick.report(); wick.check();"
        "assert 'PySide6' not in sys.modules"
    )
    subprocess.run([sys.executable, "-c", code], check=True)


def test_it_paints_without_a_display_by_itself():
    code = (
        "import os; os.environ.pop('QT_QPA_PLATFORM', None); os.environ.pop('DISPLAY', None);"
        "import umbrite; print(umbrite.open(umbrite.demo_file('tansy')).picture(0.1).shape)"
    )
    done = subprocess.run([sys.executable, "-c", code], check=True, capture_output=True, text=True)
    assert done.stdout.strip() == "(150, 130, 4)"


def test_a_document_is_a_value_and_a_picture_is_the_programs_own(qapp):
    wick = umbrite.open(ASSETS / "wick.umbrite")
    key = wick.key("part", "Cap")
    moved = wick.edit(nudge_parts, [key], 5 + 0j)
    assert moved != wick
    assert wick == umbrite.open(ASSETS / "wick.umbrite")
    assert moved.edit(nudge_parts, [key], -5 + 0j) == wick
    image = render_package(load(ASSETS / "wick.umbrite"), 0.25)
    picture = wick.picture(0.25)
    assert picture.shape[:2] == (image.height(), image.width())
    y, x = (int(n) for n in np.argwhere(picture[..., 3] == 255)[500])
    assert tuple(picture[y, x]) == image.pixelColor(x, y).getRgb()
    assert qapp


def test_more_art_comes_in_front_and_what_is_refused_says_so(tmp_path):
    empty = umbrite.new("Face", 400, 300)
    art = empty.with_art(ASSETS / "clover.ora")
    assert len(art.names("part")) == 22
    assert art.names("part")[-1] == "Near hand"
    wick = umbrite.open(ASSETS / "wick.umbrite")
    for refused, words in (
        (lambda: wick.posed({"Hed": 3.0}), "no control named"),
        (lambda: wick.posed(pose="Nowhere"), "no pose"),
        (lambda: wick.at("Nowhere", 0), "no take named"),
        (lambda: wick.key("joint", "Nowhere"), "no joint named"),
        (lambda: wick.save(tmp_path / "a.png"), "saved as"),
        (lambda: wick.export(tmp_path / "a.tiff"), "written as"),
        (lambda: umbrite.open(tmp_path / "gone.umbrite"), "isn't there"),
        (lambda: umbrite.demo_file("nobody"), "no demo"),
        (lambda: wick.edit(set_limit, "j99999", -1.0, 1.0), "no joint with the id"),
    ):
        with pytest.raises(umbrite.UmbriteError, match=f"(?i){words}"):
            refused()
    with pytest.raises(AttributeError):
        _ = umbrite.nothing


def test_arrays_of_a_take_are_what_the_reports_of_its_frames_say():
    wick = umbrite.open(ASSETS / "wick.umbrite")
    frames = [0.0, 3.5, 11.0]
    told = wick.transforms("Walk", frames)
    for i, frame in enumerate(frames):
        report = wick.at("Walk", frame).report()
        for kind, names, field, array in (
            ("joints", told.joints, "pivot", told.pivots), ("joints", told.joints, "turn", told.turns),
            ("parts", told.parts, "matrix", told.maps), ("controls", told.controls, "at", told.places),
        ):  # fmt: skip
            assert np.abs(array[i] - [report[kind][name][field] for name in names]).max() < 1e-6
        angles = told.angles[i] - [report["joints"][name]["angle"] for name in told.joints]
        assert np.abs((angles + 180) % 360 - 180).max() < 1e-6
    assert len(wick.transforms("Walk").frames) == 26


def test_keys_by_names_are_seen_where_they_were_put():
    wick = umbrite.open(ASSETS / "wick.umbrite")
    made = (
        wick.with_take("Hello").keyed("Hello", 0, {"Far hand": (900, 380)}).keyed("Hello", 60, {"Far hand": (700, 300)})
    )
    assert made.take("Hello").last == 60
    for frame, at in ((0, (900, 380)), (60, (700, 300))):
        assert made.at("Hello", frame).report()["controls"]["Far hand"]["at"] == pytest.approx(at, abs=1e-6)
    assert wick.takes == made.takes[:-1]
    again = made.with_take(made.take("Walk"))
    assert again.take("Walk") == wick.take("Walk")


NAN = float("nan")


@pytest.mark.parametrize(
    ("wrong", "words"),
    [
        (lambda wick: wick.at("Walk", NAN), "no frame"),
        (lambda wick: wick.names("nope"), "no kind of thing"),
        (lambda wick: wick.key("nope", "Head"), "no kind of thing"),
        (lambda wick: wick.edit(lambda _: 5), "gave no puppet but int"),
        (lambda wick: wick.edit(lambda _: ()), "gave no puppet"),
        (lambda wick: wick.picture(scale=0), "a scale of 0"),
        (lambda wick: wick.picture(scale=NAN), "a scale of nan"),
        (lambda wick: list(wick.frames("Walk", scale=-1)), "a scale of -1"),
        (lambda wick: wick.render("Walk", "a.gif", scale=NAN), "no plain number"),
        (lambda wick: wick.keyed("Walk", float("inf"), {}), "no frame"),
        (lambda wick: wick.transforms("Walk", [0.0, NAN]), "no frame"),
        (lambda wick: wick.with_take("Walk"), "Walk"),
        (lambda wick: wick.with_take(replace(wick.take("Walk"), rate=NAN)), "can't be used"),
    ],
)
def test_what_is_wrong_is_refused_in_a_sentence(wrong, words, tmp_path, monkeypatch, qapp):
    monkeypatch.chdir(tmp_path)
    with pytest.raises(umbrite.UmbriteError, match=words):
        wrong(umbrite.open(ASSETS / "wick.umbrite"))
    assert qapp


@pytest.mark.long
def test_the_examples_are_sound_for_a_strict_type_checker(tmp_path):
    blocks = re.findall(r"```python\n(.*?)```", DOCS.read_text("utf-8"), re.DOTALL)
    (tmp_path / "examples.py").write_text("\n".join(blocks))
    words = [sys.executable, "-m", "mypy", "--strict", "--config-file=", "--follow-imports=silent", "examples.py"]
    done = subprocess.run(words, cwd=tmp_path, capture_output=True, text=True, check=False)
    assert done.returncode == 0, done.stdout

"""Umbrite from Python: the examples of the docs run, and what scripts rely on holds."""

import re
import subprocess
import sys
from pathlib import Path

import numpy as np
import pytest

import umbrite
from demo_puppet import ASSETS
from umbrite.files.package import load
from umbrite.paint.render import render_package
from umbrite.rig.edits.limits import set_limit
from umbrite.rig.edits.parts import nudge_parts

DOCS = Path(__file__).parent.parent / "docs" / "python.md"


def test_the_ten_examples_of_the_docs_run_one_after_the_other(tmp_path, monkeypatch, qapp):
    monkeypatch.chdir(tmp_path)
    blocks = re.findall(r"```python\n(.*?)```", DOCS.read_text("utf-8"), re.DOTALL)
    assert len(blocks) == 10
    space = {}
    for block in blocks:
        exec(compile(block, "python.md", "exec"), space)  # noqa: S102  the docs' own examples
    assert {"lamp.png", "walk.gif", "wick.glb", "walk.json", "clover.umbrite"} <= {
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

"""The three demos: whole, without findings, and with art that tells its joints."""

import os
import subprocess
import sys

import pytest
from msgspec.structs import replace

from demo_puppet import ASSETS, plain
from umbrite.checking.puppet_findings import findings
from umbrite.demo.acting import with_acting
from umbrite.demo.build import DEMOS, stem_of
from umbrite.demo.calling import with_call
from umbrite.demo.demo_takes import takes_of
from umbrite.demo.more_drawings import with_more_drawings
from umbrite.files.opening import open_any
from umbrite.files.package import load
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.rig.invariants import invariants

NAMES = ("wick", "bramble", "inkpot")
ALL = (*NAMES, "tansy")


@pytest.mark.parametrize("name", ALL)
def test_a_demo_is_whole_and_has_nothing_to_mend(name):
    finished, art = load(ASSETS / f"{name}.umbrite").puppet, open_any(ASSETS / f"{name}.ora").puppet
    assert invariants(finished) == []
    assert findings(finished) == []
    early = plain(finished)
    assert [early.parts[key].name for key in early.order] == [art.parts[key].name for key in art.order]
    assert finished.sets or name == "tansy"
    assert not art.limbs
    placed = evaluate(compile_plan(finished), {})
    assert placed.limbs.distance.max() < 1e-9


@pytest.mark.long
def test_the_scripts_make_the_shipped_demos_again_byte_for_byte(tmp_path):
    command = [sys.executable, "-m", "umbrite.demo.build", str(tmp_path)]
    done = subprocess.run(
        command, env={**os.environ, "QT_QPA_PLATFORM": "offscreen"}, capture_output=True, text=True, check=False
    )
    assert done.returncode == 0, done.stderr
    made = {path.relative_to(tmp_path): path.read_bytes() for path in tmp_path.rglob("*") if path.is_file()}
    shipped = {path.relative_to(ASSETS): path.read_bytes() for path in ASSETS.rglob("*") if path.is_file()}
    assert made == shipped


@pytest.mark.parametrize("demo", DEMOS, ids=lambda demo: demo.name)
def test_the_rig_script_makes_the_shipped_rig_of_the_shipped_art(demo):
    stem = stem_of(demo.name)
    shipped = load(ASSETS / f"{stem}.umbrite")
    art = open_any(ASSETS / f"{stem}.ora")
    made = with_more_drawings(art.having(demo.rig(art.puppet, art.pixels())))
    puppet = with_acting(replace(made.puppet, name=demo.name), made.pixels())  # art is called as its file is
    assert puppet == shipped.puppet
    assert made.art == {sha256: shipped.art[sha256] for sha256 in made.art}
    whole = made.having(puppet, takes=takes_of(puppet))
    whole = with_call(whole) if demo.name == "Wick" else whole
    assert whole.document.takes == shipped.document.takes

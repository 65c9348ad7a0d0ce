"""The three demos: whole, without findings, and with art that tells its joints."""

import os
import subprocess
import sys
from pathlib import Path

import pytest

from demo_puppet import ASSETS, plain
from umbrite.art.joint_finding import find_joints
from umbrite.checking.puppet_findings import findings
from umbrite.checking.take_findings import take_findings
from umbrite.demo.build import DEMOS, Demo
from umbrite.demo.demo_takes import takes_of
from umbrite.demo.more_drawings import with_more_drawings
from umbrite.files.opening import open_any
from umbrite.files.package import load
from umbrite.files.png import decode
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.rig.invariants import invariants

NAMES = ("wick", "bramble", "inkpot")
ALL = (*NAMES, "tansy")


@pytest.mark.parametrize("name", ALL)
def test_a_demo_is_whole_and_has_nothing_to_mend(name: str) -> None:
    finished, art = load(ASSETS / f"{name}.umbrite").puppet, open_any(ASSETS / f"{name}.ora").puppet
    assert invariants(finished) == []
    assert findings(finished) == []
    early = plain(finished)
    assert [early.parts[key].name for key in early.order] == [art.parts[key].name for key in art.order]
    assert finished.sets or name == "tansy"
    assert not art.limbs
    placed = evaluate(compile_plan(finished), {})
    assert placed.limbs.distance.max() < 1e-9


@pytest.mark.parametrize("name", NAMES[1:])
def test_find_joints_sees_the_family_of_goat_and_octopus(name: str) -> None:
    package = load(ASSETS / f"{name}.umbrite")
    puppet = plain(package.puppet)
    found = find_joints(puppet, {key: decode(data, key) for key, data in package.art.items()})
    assert len(found) == len(puppet.parts) - 1
    for proposal in found:
        joint, parent = puppet.joints[puppet.parts[proposal.part].joint], puppet.parts[proposal.parent]
        chain = (
            parent.mesh.joints if parent.mesh is not None else (parent.joint,)
        )  # from what bends it may hang anywhere
        assert joint.parent in chain, joint.name


def test_the_demos_are_a_biped_a_quadruped_and_a_many_armed_one() -> None:
    limbs = {name: plain(load(ASSETS / f"{name}.umbrite").puppet).limbs.values() for name in NAMES}
    assert [len(limbs[name]) for name in NAMES] == [4, 4, 6]
    assert {len(limb.joints) for limb in limbs["inkpot"]} == {5}
    assert {limb.name for limb in limbs["bramble"]} == {
        "Near hind leg",
        "Far hind leg",
        "Near front leg",
        "Far front leg",
    }


@pytest.mark.long
def test_the_scripts_make_the_shipped_demos_again_byte_for_byte(tmp_path: Path) -> None:
    command = [sys.executable, "-m", "umbrite.demo.build", str(tmp_path)]
    done = subprocess.run(
        command,
        env={**os.environ, "QT_QPA_PLATFORM": "offscreen"},
        capture_output=True,
        text=True,
        check=False,
    )
    assert done.returncode == 0, done.stderr
    made = {path.relative_to(tmp_path): path.read_bytes() for path in tmp_path.rglob("*") if path.is_file()}
    shipped = {path.relative_to(ASSETS): path.read_bytes() for path in ASSETS.rglob("*") if path.is_file()}
    assert made == shipped


@pytest.mark.parametrize("demo", DEMOS, ids=lambda demo: demo.name)
def test_the_rig_script_makes_the_shipped_rig_of_the_shipped_art(demo: Demo) -> None:
    stem = demo.name.lower()
    shipped = load(ASSETS / f"{stem}.umbrite")
    art = open_any(ASSETS / f"{stem}.ora")
    made = with_more_drawings(
        art.having(demo.rig(art.puppet, {key: decode(data, key) for key, data in art.art.items()}))
    )
    puppet = made.puppet
    assert puppet == shipped.puppet
    assert made.art == shipped.art
    assert takes_of(puppet) == shipped.document.takes


@pytest.mark.parametrize("demo", DEMOS, ids=lambda demo: demo.name)
def test_the_demos_takes_have_nothing_to_mend(demo: Demo) -> None:
    document = load(ASSETS / f"{demo.name.lower()}.umbrite").document
    assert len(document.takes) == {"Wick": 3, "Bramble": 2, "Inkpot": 2, "Tansy": 3}[demo.name]
    assert take_findings(document.puppet, document.takes) == []

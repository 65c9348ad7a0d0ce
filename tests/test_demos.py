"""The three demos: whole, without findings, and with art that tells its joints."""

import os
import subprocess
import sys

import pytest
from msgspec.structs import replace

from demo_puppet import ASSETS, plain
from umbrite.art.joint_finding import find_joints
from umbrite.checking.puppet_findings import findings
from umbrite.checking.take_findings import take_findings
from umbrite.demo.build import DEMOS, stem_of
from umbrite.demo.demo_takes import takes_of
from umbrite.demo.more_drawings import with_more_drawings
from umbrite.demo.tea_cart import RADIUS
from umbrite.files.opening import open_any
from umbrite.files.package import load
from umbrite.files.png import decode
from umbrite.motion.animating.playing import placed_over
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


@pytest.mark.parametrize("name", NAMES[1:])
def test_find_joints_sees_the_family_of_goat_and_octopus(name):
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


@pytest.mark.parametrize(
    "name", ["tea-cart", "wick-and-cart", "clover", *(path.stem for path in (ASSETS / "library").glob("*.umbrite"))]
)
def test_what_is_made_of_the_demos_is_sound_and_has_nothing_wrong(name):
    path = ASSETS / f"{name}.umbrite"
    package = load(path if path.exists() else ASSETS / "library" / f"{name}.umbrite")
    assert invariants(package.puppet) == []
    assert [each.text for each in findings(package.puppet) if each.severity != "hint"] == []


def test_the_carts_wheels_turn_by_the_way_and_wicks_hand_stays_on_its_handle():
    document = load(ASSETS / "wick-and-cart.umbrite").document
    puppet, take = document.puppet, document.takes[0]
    (cart,) = puppet.guests.values()
    frames = [0.0, 24.0, 48.0, 72.0, 96.0]
    placed = placed_over(take, puppet, frames)
    wheels = [key for key in cart.ids.values() if key in puppet.joints and "wheel" in puppet.joints[key].name]
    hand = next(limb for limb in puppet.limbs.values() if limb.name == "Far arm")
    handle = puppet.joints[puppet.joints[hand.target].parent or ""].name
    assert len(wheels) == 4
    assert handle == "Handle"
    for i, _ in enumerate(frames):
        way = (placed.pivot(cart.root, i) - puppet.joints[cart.root].pivot.z).real
        for wheel in wheels:
            assert placed.turn(wheel, i) == pytest.approx(way / RADIUS, abs=1e-6)
        assert abs(placed.pivot(hand.end or "", i) - placed.pivot(hand.target, i)) < 2
    assert way > 800


def test_the_demos_are_a_biped_a_quadruped_and_a_many_armed_one():
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
    made = with_more_drawings(
        art.having(demo.rig(art.puppet, {key: decode(data, key) for key, data in art.art.items()}))
    )
    puppet = replace(made.puppet, name=demo.name)  # art is called as its file is
    assert puppet == shipped.puppet
    assert made.art == shipped.art
    assert takes_of(puppet) == shipped.document.takes


@pytest.mark.parametrize("demo", DEMOS, ids=lambda demo: demo.name)
def test_the_demos_takes_have_nothing_to_mend(demo):
    document = load(ASSETS / f"{stem_of(demo.name)}.umbrite").document
    assert len(document.takes) == {"Wick": 3, "Bramble": 2, "Inkpot": 2, "Tansy": 3, "Tea cart": 2}[demo.name]
    assert take_findings(document.puppet, document.takes) == []

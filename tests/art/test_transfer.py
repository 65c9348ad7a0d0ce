"""A rig laid on other art: on the same art larger it is the larger rig; on other characters it is whole and leaves their picture as it is."""

import json

import numpy as np
import pytest
from msgspec.structs import replace

from art.characters import character, wild
from art.test_body_plans import built
from demo_puppet import ASSETS
from umbrite.art.building.transfer import lay_rig
from umbrite.art.joint_limits import gap_within
from umbrite.cli import main
from umbrite.files.layers import puppet_from
from umbrite.files.package import Package, load, save
from umbrite.files.png import encode, fingerprint
from umbrite.files.sandbox.reading import read_art
from umbrite.motion.animating.playing import played_pose
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.motion.scene import scene_of
from umbrite.rig.change import change
from umbrite.rig.document import Document
from umbrite.rig.edits.parts import add_part
from umbrite.rig.errors import RigError
from umbrite.rig.family import in_guests
from umbrite.rig.invariants import invariants
from umbrite.rig.model import Drawing, Limit, Puppet
from umbrite.rig.words.names import side_of, swapped

LARGER = 1.7


def loose(puppet, scale):
    """The art of a puppet without a rig and without guests, larger; and which of its parts is which of the puppet's."""
    art, same = Puppet(width=round(puppet.width * scale), height=round(puppet.height * scale)), {}
    for key in (one for one in puppet.order if one not in in_guests(puppet)):
        part, at = puppet.parts[key], puppet.parts[key].placement
        placement = replace(at, x=at.x * scale, y=at.y * scale, scale_x=at.scale_x * scale, scale_y=at.scale_y * scale)
        art, new = add_part(art, part.name, part.drawing, placement)
        same[new] = key
    return art, same


@pytest.mark.parametrize("name", ["wick", "bramble", "tansy", "inkpot", "wick-and-cart"])
def test_on_the_same_art_larger_it_is_the_larger_rig_in_all_poses_and_takes(name):
    package = load(ASSETS / f"{name}.umbrite")
    pictures = package.pixels()
    rig = package.document
    art, same = loose(rig.puppet, LARGER)
    laid = lay_rig(rig, pictures, art, pictures)
    assert {key: same[other] for key, other in laid.pairs.items()} == {
        key: key for key in rig.puppet.parts if key not in in_guests(rig.puppet)
    }
    assert laid.missing == laid.riding == laid.told == ()
    puppet = laid.document.puppet
    assert invariants(puppet) == []
    plans = compile_plan(rig.puppet), compile_plan(puppet)
    poses = [({}, {})]
    poses += [(one.channels, other.channels) for one, other in zip(rig.puppet.poses, puppet.poses, strict=True)]
    poses += [
        (played_pose(one, rig.puppet, frame), played_pose(other, puppet, frame))
        for one, other in zip(rig.takes, laid.document.takes, strict=True) for frame in (5.0, 17.0)
    ]  # fmt: skip
    for pose, grown in poses:
        one, other = evaluate(plans[0], pose), evaluate(plans[1], grown)
        off = [abs(other.pivot(key) - LARGER * one.pivot(key)) for key in rig.puppet.joints]
        assert max(off) < 0.05


def laid_on(one, other):
    _, made = built(one)
    return lay_rig(Document(made.puppet), one.pictures, other.puppet, other.pictures)


@pytest.mark.parametrize(("body", "style"), [("biped", "default"), ("quadruped", "default"), ("bird", "plain")])
def test_on_another_character_the_rig_is_whole_and_its_picture_stays(body, style):
    one, other = character(80, body, "plain"), character(81, body, style)
    laid = laid_on(one, other)
    puppet = laid.document.puppet
    assert invariants(puppet) == []
    assert len(puppet.limbs) == {"biped": 4, "quadruped": 4, "bird": 2}[body]
    right = [one.pieces[key] == other.pieces[at] for key, at in laid.pairs.items()]
    assert np.mean(right) > 0.9
    before, now = (scene_of(evaluate(compile_plan(p), {})) for p in (other.puppet, puppet))
    assert {shape.matrix for shape in before} == {shape.matrix for shape in now}
    for key, at in laid.pairs.items():
        if one.pieces[key] == other.pieces[at] and other.parents[at]:
            joint = puppet.joints[puppet.parts[key].joint]
            assert abs(joint.pivot.z - other.pivots[at]) < 0.6 * other.widths[at], one.pieces[key]


@pytest.mark.long
def test_between_views_from_the_front_left_stays_left_and_gaps_are_no_more_than_a_build_has():
    for body, another, mirrored in (("child", "raised", True), ("stout", "biped", True), ("raised", "child", False)):
        one, other = character(41, body, "plain"), character(50, another, "default", mirrored=mirrored)
        laid = laid_on(one, other)
        for key, at in laid.pairs.items():
            there = other.pieces[at]
            assert one.pieces[key] == (swapped(there) if mirrored and side_of(there) != "middle" else there)
    puppet, pictures, fresh = laid.document.puppet, {**one.pictures, **other.pictures}, built(other)[1].puppet
    gaps = [sum(gap_within(each, pictures, key) is not None for key in each.joints) for each in (puppet, fresh)]
    assert gaps[0] <= gaps[1] + 1


def test_a_limit_ends_where_the_other_art_opens_unless_a_limb_needs_it():
    one, other = character(23, "child", "plain"), character(24, "child", "default")
    _, made = built(one)
    head = made.puppet.parts[next(key for key, piece in one.pieces.items() if piece == "head")].joint
    rig = change(made.puppet, head, limit=Limit(-1.3, 1.3))
    pictures = {**one.pictures, **other.pictures}
    laid = lay_rig(Document(rig), one.pictures, other.puppet, other.pictures)
    puppet, told = laid.document.puppet, laid.told
    assert 0 < puppet.joints[head].limit.largest - puppet.joints[head].limit.smallest < 2.6
    assert "narrower here, so that no gap opens: head." in " ".join(told)
    for key, joint in rig.joints.items():
        opens = gap_within(puppet, pictures, key) is not None and gap_within(rig, pictures, key) is None
        assert key == head or puppet.joints[key].limit == joint.limit
        assert opens == any(text.startswith("A gap") and joint.name in text for text in told)
    assert gap_within(puppet, pictures, head) is None


def test_a_figure_that_looks_the_other_way_gets_the_rig_mirrored():
    one = character(82, "quadruped", "plain")
    _, made = built(one)
    nod = made.puppet.parts[next(key for key, piece in one.pieces.items() if piece == "head")].joint
    limited = change(made.puppet, nod, limit=Limit(-0.2, 0.5))
    for seed in range(82, 110):
        other = wild(seed, "quadruped", "plain")
        head, trunk = (
            next(other.pivots[k] for k, piece in other.pieces.items() if piece == name) for name in ("head", "trunk")
        )
        if head.real < trunk.real:
            break
    laid = lay_rig(Document(limited), one.pictures, other.puppet, other.pictures)
    puppet = laid.document.puppet
    assert invariants(puppet) == []
    same = [one.pieces[key] == other.pieces[at] for key, at in laid.pairs.items()]
    assert np.mean(same) > 0.9
    joints = {one.pieces[key]: puppet.joints[puppet.parts[key].joint] for key in laid.pairs}
    assert joints["near hind thigh"].pivot.x > joints["near front thigh"].pivot.x, "hind is right of front now"
    assert joints["head"].limit == Limit(-0.5, 0.2)


def test_more_and_fewer_pieces_are_told():
    one = character(83, "biped", "plain")
    for seed in range(200):
        other = wild(seed, "biped", "plain")
        pieces = set(other.pieces.values())
        if "patch" in pieces and "near hand" not in pieces:
            break
    laid = laid_on(one, other)
    names = {laid.document.puppet.parts[key].name for key in laid.riding}
    assert "patch" in names
    assert "near hand" in {one.pieces[key] for key in laid.missing}
    assert any("near hand" in words for words in laid.told)
    assert invariants(laid.document.puppet) == []


def test_what_has_no_family_or_nothing_alike_is_refused():
    one = character(84, "biped", "plain")
    with pytest.raises(RigError, match="Build the family first"):
        lay_rig(Document(one.puppet), one.pictures, one.puppet, one.pictures)


def test_the_command_lays_a_rig(tmp_path, capsys):
    one, other = character(85, "biped", "plain"), character(86, "biped", "plain")
    _, made = built(one)
    for name, loose_one, pictures in (("rig", made.puppet, one.pictures), ("art", other.puppet, other.pictures)):
        art, puppet = {}, loose_one
        for key, part in loose_one.parts.items():
            data = encode(pictures[part.drawing.sha256])
            art[fingerprint(data)] = data
            drawing = Drawing(fingerprint(data), part.drawing.width, part.drawing.height)
            puppet = change(puppet, key, drawing=drawing)
        save(tmp_path / f"{name}.umbrite", Package(Document(puppet), art))
    out = tmp_path / "out.umbrite"
    assert main(["transfer", str(tmp_path / "rig.umbrite"), str(tmp_path / "art.umbrite"), str(out), "--json"]) == 0
    report = json.loads(capsys.readouterr().out)
    assert len(report["pairs"]) == 18
    assert report["missing"] == []
    assert len(load(out).puppet.limbs) == 4
    assert (
        main(["transfer", str(tmp_path / "rig.umbrite"), str(tmp_path / "art.umbrite"), str(tmp_path / "out.png")]) == 2
    )
    assert main(["transfer", str(tmp_path / "art.umbrite"), str(tmp_path / "art.umbrite"), str(out)]) == 2


def test_variants_that_the_other_art_has_not_go_with_all_that_only_they_have():
    art, rig = puppet_from(read_art([ASSETS / "clover.ora"])), load(ASSETS / "wick.umbrite")
    pictures = {**rig.pixels(), **art.pixels()}
    laid = lay_rig(rig.document, pictures, art.puppet, pictures)
    puppet = laid.document.puppet
    assert invariants(puppet) == []
    assert puppet.sets == {}
    assert not any(control.kind == "chooser" for control in puppet.controls.values())
    assert not any(name.endswith((" 2", " 3")) and "arm" in name for name in (j.name for j in puppet.joints.values()))
    assert {limb.name for limb in puppet.limbs.values()} == {"Near arm", "Far arm", "Near leg", "Far leg"}
    assert any("nothing to choose" in words for words in laid.told)
    assert all(not name.endswith(".shows") for take in laid.document.takes for name in take.tracks)
    riding = {
        puppet.parts[key].name: puppet.joints[puppet.joints[puppet.parts[key].joint].parent or ""].name
        for key in laid.riding
    }
    assert riding == {"Plait": "Head"}

"""The native package: to the last bit, atomic, and closed to what is broken or hostile."""

import copy
import json
import os
import stat
import zipfile
from pathlib import Path

import msgspec
import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st
from msgspec.structs import replace

from demo_puppet import ASSETS, plain_package, wick_package
from strategies import EDITS, poses, puppets
from umbrite.files import zips
from umbrite.files.atomic import backup_of
from umbrite.files.file_errors import FileError
from umbrite.files.native.migrations import VERSION, migrated
from umbrite.files.opening import open_any
from umbrite.files.package import MIMETYPE, Package, load, save, schema
from umbrite.files.png import encode, fingerprint
from umbrite.rig.change import put
from umbrite.rig.document import Document
from umbrite.rig.invariants import invariants
from umbrite.rig.mesh_arrays import by_name
from umbrite.rig.model import Drawing


def with_real_art(puppet):
    """Random puppets name drawings that do not exist; give each part a small picture of its own."""
    art = {}
    for i, (key, part) in enumerate(puppet.parts.items()):
        data = encode(np.full((2, 3, 4), i % 250, np.uint8))
        art[fingerprint(data)] = data
        puppet = put(puppet, key, replace(part, drawing=Drawing(fingerprint(data), 3, 2)))
    return Package(Document(puppet), art)


@given(puppets(EDITS), st.data())
def test_a_saved_puppet_comes_back_to_the_last_bit(tmp_path_factory, puppet, data):
    package = with_real_art(puppet)
    package = package.having(pose=data.draw(poses(package.puppet)))
    path = tmp_path_factory.mktemp("save") / "one.umbrite"
    save(path, package)
    again = load(path)
    assert again.puppet == package.puppet
    assert again.pose == package.pose
    assert list(again.puppet.joints) == list(package.puppet.joints)
    first = path.read_bytes()
    save(path, again)
    assert path.read_bytes() == first


def test_the_package_is_what_the_documents_say(tmp_path):
    path = tmp_path / "wick.umbrite"
    save(path, wick_package(), b"preview")
    with zipfile.ZipFile(path) as package:
        names = package.namelist()
        assert names[:2] == ["mimetype", "puppet.json"]
        assert package.getinfo("mimetype").compress_type == zipfile.ZIP_STORED
        assert package.read("mimetype") == b"application/x-umbrite"
        assert package.read("preview.png") == b"preview"
        document = json.loads(package.read("puppet.json"))
    assert (document["format"], document["version"]) == ("umbrite", VERSION)
    assert path.read_bytes()[38:60].startswith(b"application/x-umbrite")  # where the MIME magic looks
    assert schema()["$ref"].endswith("Content")


def test_the_previous_save_is_kept_and_opens(tmp_path):
    path = tmp_path / "wick.umbrite"
    first = wick_package()
    save(path, first)
    second = first.having(puppet=replace(first.puppet, name="Second"))
    save(path, second)
    assert load(path).puppet.name == "Second"
    assert open_any(backup_of(path)).puppet == first.puppet
    assert sorted(p.name for p in tmp_path.iterdir()) == ["wick.umbrite", "wick.umbrite~"]


def test_a_save_that_fails_leaves_what_was_there(tmp_path, monkeypatch):
    path = tmp_path / "wick.umbrite"
    save(path, wick_package())
    before = path.read_bytes()

    def full(_handle):
        raise OSError(28, "No space left on device")

    monkeypatch.setattr(os, "fsync", full)
    with pytest.raises(FileError, match="couldn't be saved in .*no space left on device.*untouched"):
        save(path, wick_package())
    assert path.read_bytes() == before
    assert [p.name for p in tmp_path.iterdir()] == ["wick.umbrite"]


def test_a_folder_that_is_not_there_or_not_writable_is_told(tmp_path):
    with pytest.raises(FileError, match="couldn't be saved"):
        save(tmp_path / "nowhere" / "wick.umbrite", wick_package())
    blocked = tmp_path / "file"
    blocked.write_text("a file, where a folder should be")
    with pytest.raises(FileError, match="couldn't be saved"):
        save(blocked / "wick.umbrite", wick_package())


@pytest.mark.skipif(os.geteuid() == 0, reason="root may write everywhere")
def test_a_read_only_folder_is_told(tmp_path):
    tmp_path.chmod(stat.S_IRUSR | stat.S_IXUSR)
    with pytest.raises(FileError, match="permission denied"):
        save(tmp_path / "wick.umbrite", wick_package())


def content(path):
    """puppet.json of a package, as plain values."""
    with zipfile.ZipFile(path) as package:
        return json.loads(package.read("puppet.json"))


def rebuilt(path, change):
    """Wick's package with some members replaced, added, or (None) left out."""
    with zipfile.ZipFile(ASSETS / "wick.umbrite") as source, zipfile.ZipFile(path, "w") as out:
        members = {name: source.read(name) for name in source.namelist()} | change
        for name, data in members.items():
            if data is not None:
                out.writestr(name, data)
    return path


def document_with(**fields):
    return json.dumps({**content(ASSETS / "wick.umbrite"), **fields}).encode()


def posed_with(pose):
    document = content(ASSETS / "wick.umbrite")["document"]
    return document_with(document={**document, "pose": pose})


def puppet_with(change):
    document = content(ASSETS / "wick.umbrite")["document"]
    return document_with(document={**document, "puppet": {**document["puppet"], **change}})


ART = next(iter(wick_package().art))
JOINTS = msgspec.to_builtins(wick_package().puppet.joints)
FAR_OUT = {key: {**joint, "pivot": [1e200, 0.0]} for key, joint in JOINTS.items()}
LOOP = {key: {**joint, "parent": key} for key, joint in JOINTS.items()}
BROKEN = {
    "no document": ({"puppet.json": None}, "lacks puppet.json"),
    "not JSON": ({"puppet.json": b"{{{"}, "is damaged"),
    "not text": ({"puppet.json": b"\xff\xfe\x00"}, "is damaged"),
    "deep": ({"puppet.json": b"[" * 100_000}, "can't be opened"),
    "another format": ({"puppet.json": document_with(format="other")}, "is no Umbrite puppet"),
    "a newer version": ({"puppet.json": document_with(version=99)}, "another version of Umbrite .format 99"),
    "a wrong type": ({"puppet.json": puppet_with({"width": "wide"})}, "does not fit"),
    "a missing joint": ({"puppet.json": puppet_with({"joints": {}})}, "joint that is not there"),
    "a circle": ({"puppet.json": puppet_with({"joints": LOOP})}, "can't be opened"),
    "a huge number": ({"puppet.json": puppet_with({"width": 10**9})}, "absurd size"),
    "a pose beyond all numbers": ({"puppet.json": posed_with({"j1.turn": 1e300})}, "absurd number"),
    "a place beyond all boards": ({"puppet.json": puppet_with({"joints": FAR_OUT})}, "absurdly large"),
    "missing art": ({f"art/{ART}.png": None}, "lacks art/"),
    "changed art": ({f"art/{ART}.png": b"not the picture"}, "drawing in .* is damaged"),
    "a path that leaves": ({"../outside": b"x"}, "path that leaves"),
    "an absolute path": ({"/etc/outside": b"x"}, "path that leaves"),
}


@pytest.mark.parametrize("name", BROKEN)
def test_a_broken_or_hostile_package_is_refused_in_one_sentence(tmp_path, name):
    change, words = BROKEN[name]
    with pytest.raises(FileError, match=words) as refusal:
        load(rebuilt(tmp_path / "bad.umbrite", change))
    assert "\n" not in str(refusal.value)
    assert not (tmp_path.parent / "outside").exists()


def test_a_puppet_whose_drawing_has_another_size_is_refused(tmp_path):
    parts = msgspec.to_builtins(wick_package().puppet.parts, enc_hook=by_name)
    next(iter(parts.values()))["drawing"]["width"] += 1
    path = rebuilt(tmp_path / "bad.umbrite", {"puppet.json": puppet_with({"parts": parts})})
    with pytest.raises(FileError, match="another size"):
        load(path)


@pytest.mark.parametrize("length", [0, 1, 100, 10_000, 400_000])
def test_a_truncated_package_is_refused(tmp_path, length):
    path = tmp_path / "cut.umbrite"
    path.write_bytes((ASSETS / "wick.umbrite").read_bytes()[:length])
    with pytest.raises(FileError, match="cut off"):
        load(path)


def test_a_bomb_is_not_unpacked(tmp_path, monkeypatch):
    monkeypatch.setattr(zips, "MOST_BYTES", 3_000_000)
    path = tmp_path / "bomb.umbrite"
    with zipfile.ZipFile(path, "w", zipfile.ZIP_DEFLATED) as out:
        out.writestr("art/x.png", bytes(4_000_000))
    assert path.stat().st_size < 10_000
    with pytest.raises(FileError, match="so it was not opened"):
        load(path)


@given(st.integers(0, 2**31), st.integers(0, 255))
def test_flipped_bytes_are_refused_or_harmless(tmp_path_factory, place, value):
    data = bytearray((ASSETS / "wick.umbrite").read_bytes())
    data[place % len(data)] = value
    path = tmp_path_factory.mktemp("flip") / "flipped.umbrite"
    path.write_bytes(bytes(data))
    try:
        assert load(path).puppet.parts
    except FileError as error:
        assert "\n" not in str(error)


RELEASED = Path(__file__).parent / "released-1"


@pytest.mark.parametrize("name", ["wick", "bramble", "inkpot"])
def test_the_demos_of_the_first_format_open_whole_and_are_saved_in_the_present_one(name, tmp_path):
    old, shipped = load(RELEASED / f"{name}.umbrite"), plain_package(name)
    assert content(RELEASED / f"{name}.umbrite")["version"] == 1
    assert invariants(old.puppet) == []
    # The demos have been drawn and rigged anew since; limbs and poses are what they were.
    ends = [
        {limb.name: (limb.bend, limb.end_hold, len(limb.joints)) for limb in package.puppet.limbs.values()}
        for package in (old, shipped)
    ]
    assert ends[0] == ends[1]
    assert [pose.name for pose in old.puppet.poses] == [pose.name for pose in shipped.puppet.poses]
    save(tmp_path / "again.umbrite", old)
    assert content(tmp_path / "again.umbrite")["version"] == VERSION
    assert load(tmp_path / "again.umbrite") == old


def test_an_older_version_is_brought_up_on_a_copy():
    old = content(RELEASED / "wick.umbrite")
    before = copy.deepcopy(old)
    new = migrated(old)
    assert old == before
    assert new["document"] == {"puppet": old["puppet"], "pose": old["pose"]}


@pytest.mark.parametrize("place", [(), ("document",), ("document", "puppet"), ("document", "puppet", "parts", 0)])
def test_a_field_of_a_newer_umbrite_is_refused_instead_of_dropped(tmp_path, place):
    path = tmp_path / "newer.umbrite"
    save(path, wick_package())
    raw = inner = content(path)
    for step in place:
        inner = list(inner.values())[step] if isinstance(step, int) else inner[step]
    inner["shimmer"] = 1.0
    with zipfile.ZipFile(path, "w") as out:
        out.writestr("mimetype", MIMETYPE)
        out.writestr("puppet.json", json.dumps(raw))
    with pytest.raises(FileError, match="shimmer.*Open it with a newer one"):
        load(path)

"""What a file keeps beside puppet.json: guests and stages, whole, shared, and refused where they are not what they say."""

import json
import zipfile

import msgspec
import numpy as np
import pytest
from msgspec.structs import replace

from demo_puppet import ASSETS
from umbrite.files import package as packages
from umbrite.files.file_errors import FileError
from umbrite.files.native import kept_beside
from umbrite.files.package import Package, load, load_document, save
from umbrite.files.png import encode, fingerprint
from umbrite.files.zips import Container
from umbrite.rig.change import put
from umbrite.rig.document import Document, Version
from umbrite.rig.edits.parts import remove_part
from umbrite.rig.edits.renaming import rename
from umbrite.rig.invariants import invariants
from umbrite.rig.merging.guest_edits import add_guest
from umbrite.rig.merging.guests import DEEPEST, packed, unpacked
from umbrite.rig.mesh_arrays import by_name, whole
from umbrite.rig.model import Guest, Joint, Point, Puppet

WICK, BRAMBLE = load(ASSETS / "wick.umbrite"), load(ASSETS / "bramble.umbrite")


def with_guest():
    """Wick with Bramble as a guest, twice."""
    document, _ = add_guest(WICK.document, BRAMBLE.document, "bramble.umbrite", 100 + 0j)
    document, _ = add_guest(document, BRAMBLE.document, "bramble.umbrite", 500 + 0j, 0.5)
    return Package(document, {**WICK.art, **BRAMBLE.art})


def with_stages():
    """Wick with two stages of the work, one with a part that is not there any more."""
    picture = encode(np.full((12, 9, 4), 200, np.uint8))
    key = fingerprint(picture)
    first = Version("First", "2026-11-26T10:00:00Z", key, replace(WICK.document, versions=()))
    second = replace(first, name="Second")
    nose = next(k for k, part in WICK.puppet.parts.items() if part.name == "Cap")
    now = replace(WICK.document, puppet=remove_part(WICK.puppet, nose), versions=(first, second))
    return Package(now, {**WICK.art, key: picture})


def saved(package, path):
    save(path, package)
    return path


@pytest.mark.parametrize("made", [with_guest, with_stages])
def test_guests_and_stages_come_back_equal_with_their_art(made, tmp_path):
    package = made()
    again = load(saved(package, tmp_path / "a.umbrite"))
    assert again.document == package.document
    assert again.art == {key: package.art[key] for key in again.art}
    assert saved(again, tmp_path / "b.umbrite").read_bytes() == (tmp_path / "a.umbrite").read_bytes()


def test_the_document_alone_is_read_as_the_whole_is_and_stages_stay_packed(tmp_path):
    package = with_stages()
    path = saved(package, tmp_path / "staged.umbrite")
    assert load_document(path) == load(path).document
    gone = package.art.keys() - package.pixels().keys()
    assert len(gone) == 3  # the cap, which only stages show, the stages' picture, and the sound of a take


def test_a_copy_of_a_guest_is_there_once_however_many_there_are(tmp_path):
    with zipfile.ZipFile(saved(with_guest(), tmp_path / "a.umbrite")) as file:
        assert len([name for name in file.namelist() if name.startswith("guests/")]) == 1


def changed(source, path, change):
    """A package whose members have been changed by hand."""
    with zipfile.ZipFile(source) as file:
        members = {name: file.read(name) for name in file.namelist()}
    change(members)
    with zipfile.ZipFile(path, "w") as out:
        for name, data in members.items():
            out.writestr(name, data)
    return path


def guest_member(members):
    return next(name for name in members if name.startswith("guests/"))


def _lost_guest(members):
    del members[guest_member(members)]


def _other_guest(members):
    members[guest_member(members)] = packed(WICK.document)[0]


def _words(members, change):
    words = json.loads(members["puppet.json"])
    change(words["document"])
    members["puppet.json"] = json.dumps(words).encode()


def _proved_guest(members, data):
    """Another copy, under its right name."""
    old = guest_member(members)
    del members[old]
    sha256 = fingerprint(data)
    members[f"guests/{sha256}.json"] = data
    members["puppet.json"] = members["puppet.json"].replace(old[7:71].encode(), sha256.encode())


def _nonsense(members):
    _proved_guest(members, b"[" * 50_000)


def _no_puppet(members):
    _proved_guest(members, b'{"puppet": {"width": "wide"}}')


def _another(members):
    _proved_guest(members, packed(WICK.document)[0])


def _broken_inside(members):
    broken = replace(BRAMBLE.puppet, width=10**9)
    _proved_guest(members, packed(Document(broken))[0])


def _staged_inside(members):
    inner = replace(BRAMBLE.document, versions=(Version("Old", document=Document()),))
    _proved_guest(members, msgspec.json.encode(inner, enc_hook=whole))


def _nested_too_deep(members):
    document = BRAMBLE.document
    for _ in range(DEEPEST + 1):
        data, sha256 = packed(document)
        first = next(iter(BRAMBLE.puppet.joints))
        guest = Guest("Inner", first, "x", sha256, {}, data=data)
        document = Document(put(BRAMBLE.puppet, "g1", guest))
    _proved_guest(members, packed(document)[0])


def _ids_taken(members):
    def change(document):
        guest = next(iter(document["puppet"]["guests"].values()))
        guest["root"] = next(iter(guest["ids"].values()))

    _words(members, change)


HOSTILE_GUESTS = (
    (_lost_guest, "lacks guests/"), (_other_guest, "guest in .* is damaged"), (_nonsense, "is damaged"), (_no_puppet, "is damaged"),
    (_another, "not what its copy says"), (_broken_inside, "in the guest Bramble.*absurd size"), (_staged_inside, "has stages"),
    (_nested_too_deep, "deep|sound|not"), (_ids_taken, "twice"),
)  # fmt: skip


@pytest.mark.parametrize(("change", "words"), HOSTILE_GUESTS)
def test_hostile_guests_are_refused_with_a_sentence(change, words, tmp_path):
    source = saved(with_guest(), tmp_path / "sound.umbrite")
    with pytest.raises(FileError, match=words):
        load(changed(source, tmp_path / "hostile.umbrite", change))


def _lost_stage(members):
    del members["stages/2.json"]


def _spoilt_stage(members):
    members["stages/1.json"] = b"{{"


def _stages_in_a_stage(members):
    members["stages/1.json"] = msgspec.json.encode(Document(versions=(Version("Deeper"),)))


def _unsound_stage(members):
    members["stages/1.json"] = msgspec.json.encode(Document(replace(WICK.puppet, width=10**9)), enc_hook=by_name)


def _same_name(members):
    _words(members, lambda document: document["stages"][1].update(name="First"))


def _lost_picture(members):
    picture = json.loads(members["puppet.json"])["document"]["stages"][0]["picture"]
    members[f"art/{picture}.png"] = b"no picture"


@pytest.mark.parametrize(
    ("change", "words"),
    [
        (_lost_stage, "lacks stages/2"), (_spoilt_stage, "stage First .* is damaged"), (_stages_in_a_stage, "stages of its own"),
        (_unsound_stage, "in its stage First.*absurd size"), (_same_name, "two stages have the same name"),
        (_lost_picture, "picture of a stage"),
    ],
)  # fmt: skip
def test_hostile_stages_are_refused_with_a_sentence(change, words, tmp_path):
    source = saved(with_stages(), tmp_path / "sound.umbrite")
    with pytest.raises(FileError, match=words):
        load(changed(source, tmp_path / "hostile.umbrite", change))


def test_what_could_not_be_opened_again_is_not_saved(tmp_path):
    package = with_guest()
    key, guest = next(iter(package.puppet.guests.items()))
    spoilt = put(package.puppet, key, replace(guest, data=b"x"))
    with pytest.raises(FileError, match="not what it says"):
        save(tmp_path / "a.umbrite", package.having(spoilt))
    assert not (tmp_path / "a.umbrite").exists()


def test_a_version_before_guests_opens_as_it_was(tmp_path):
    def older(members):
        words = json.loads(members["puppet.json"])
        words["version"] = 4
        del words["document"]["stages"]
        words["document"]["puppet"].pop("guests", None)
        members["puppet.json"] = json.dumps(words).encode()

    source = saved(WICK, tmp_path / "now.umbrite")
    assert load(changed(source, tmp_path / "old.umbrite", older)).document == WICK.document


def test_a_stage_keeps_a_drawing_that_is_nowhere_else(tmp_path):
    package = with_stages()
    gone = {p.drawing.sha256 for p in WICK.puppet.parts.values()} - {
        p.drawing.sha256 for p in package.puppet.parts.values()
    }
    assert gone
    assert gone <= load(saved(package, tmp_path / "a.umbrite")).art.keys()
    renamed = rename(package.puppet, next(iter(package.puppet.parts)), "Another name")
    assert package.having(renamed).document.versions == package.document.versions


def test_guests_with_meshes_as_they_were_kept_before_open_and_are_the_same():
    data = packed(WICK.document)[0]
    old = msgspec.json.decode(data)
    for part in old["puppet"]["parts"].values():
        if mesh := part.get("mesh"):
            mesh["sha256"], mesh["data"] = mesh["sha256"]
    assert b'"data"' in msgspec.json.encode(old)
    one = Guest("Wick", "j1", "", "0" * 64, {}, data=msgspec.json.encode(old))
    assert unpacked(one).puppet == WICK.puppet


def test_what_is_named_many_times_is_read_once(tmp_path, monkeypatch):
    document = with_guest().document
    one = next(iter(document.puppet.guests.values()))
    bent = next(part for part in document.puppet.parts.values() if part.mesh is not None)
    copies = {f"p{9000 + i}": replace(bent, name=f"Copy {i}") for i in range(40)}
    parts, order = {**document.puppet.parts, **copies}, (*document.puppet.order, *copies)
    puppet = replace(document.puppet, parts=parts, order=order, next_id=99_999)
    saved(Package(replace(document, puppet=puppet), with_guest().art), tmp_path / "a.umbrite")
    read, real = [], Container.read

    def counted(self, name, *most):
        read.append(name)
        return real(self, name, *most)

    monkeypatch.setattr(Container, "read", counted)
    again = load(tmp_path / "a.umbrite").puppet
    assert len(read) == len(set(read))
    assert f"guests/{one.sha256}.json" in read
    meshes = [part.mesh.arrays for part in again.parts.values() if part.name.startswith("Copy")]
    assert all(each is meshes[0] for each in meshes)


def test_a_document_may_not_say_more_than_so_much_with_its_stages(tmp_path, monkeypatch):
    package = with_stages()
    path = saved(package, tmp_path / "a.umbrite")
    monkeypatch.setattr(kept_beside, "MOST_TOGETHER", 2 * len(zipfile.ZipFile(path).read("puppet.json")))
    with pytest.raises(FileError, match="with its stages and guests"):
        load(path)
    monkeypatch.setattr(packages, "MOST_TOGETHER", 1000)
    with pytest.raises(FileError, match="says more than a puppet may"):
        save(tmp_path / "b.umbrite", package)


def test_a_very_long_chain_of_joints_is_saved_and_opened(tmp_path):
    """Looked through once, and not once for each joint: 25,000 took a minute."""
    joints = {f"j{i}": Joint(f"J{i}", Point(i % 1000, i // 1000), parent=f"j{i + 1}") for i in range(1, 25_000)}
    joints["j25000"] = Joint("Top", Point(0, 0))
    chain = Puppet(joints=joints, next_id=30_000)
    assert load(saved(Package(Document(chain), {}), tmp_path / "a.umbrite")).puppet == chain
    circle = replace(chain, joints={**joints, "j25000": Joint("Top", Point(0, 0), parent="j1")})
    assert invariants(circle)[0].endswith("is carried in a circle")

"""Broken and hostile files: thousands of mutated packages and pictures give a sentence or a sound puppet, nothing else."""

import copy
import hashlib
import io
import json
import os
import random
import zipfile
import zlib
from pathlib import Path
from xml.etree import ElementTree as ET

import numpy as np
import pytest
from defusedxml.ElementTree import fromstring
from msgspec.structs import replace
from packages_altered import Altering
from PIL import Image
from psd_tools import PSDImage

from all_edits import square_mesh
from demo_puppet import ASSETS
from umbrite.checking.puppet_findings import findings
from umbrite.files.formats.any_art import read_here
from umbrite.files.layers import puppet_from
from umbrite.files.package import Package, load, save
from umbrite.files.png import encode, fingerprint
from umbrite.motion.animating.playing import placed_over
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.motion.scene import scene_of
from umbrite.rig.document import Document
from umbrite.rig.errors import UmbriteError
from umbrite.rig.invariants import invariants
from umbrite.rig.model import Drawing
from umbrite.rig.versions.versions import keep_version

ROUNDS = int(os.environ.get("UMBRITE_MUTATIONS", "500"))


def small_package(folder):
    """A puppet with little art, so that thousands can be read."""
    whole = load(ASSETS / "wick.umbrite")
    picture = encode(np.full((6, 5, 4), 200, np.uint8))
    drawing = Drawing(fingerprint(picture), 5, 6)
    parts = {key: replace(part, drawing=drawing) for key, part in whole.puppet.parts.items()}
    for key in list(parts)[:2]:
        parts[key] = replace(parts[key], mesh=square_mesh(list(whole.puppet.joints)[4:7], 6.0))
    save(folder / "small.umbrite", Package(Document(replace(whole.puppet, parts=parts)), {drawing.sha256: picture}))
    return (folder / "small.umbrite").read_bytes()


def small_openraster():
    out = io.BytesIO()
    with zipfile.ZipFile(out, "w") as archive:
        archive.writestr("mimetype", "image/openraster")
        archive.writestr(
            "stack.xml",
            '<image w="40" h="30"><stack><stack name="G"><layer name="Near arm" src="data/a.png" x="3" y="4" opacity="0.5"/></stack></stack></image>',
        )
        archive.writestr("data/a.png", encode(np.full((8, 9, 4), 180, np.uint8)))
    return out.getvalue()


SVG = b'<svg xmlns="http://www.w3.org/2000/svg" width="40" height="30"><g id="Near arm"><rect x="2" y="3" width="9" height="8" fill="#345"/></g><g id="Far arm"><circle cx="20" cy="9" r="5"/></g></svg>'


def flipped(data, chance):
    found = bytearray(data)
    for _ in range(chance.choice((1, 1, 2, 8, 40))):
        found[chance.randrange(len(found))] = chance.randrange(256)
    return bytes(found)


def cut(data, chance):
    return data[: chance.randrange(len(data))]


def spliced(data, chance):
    a, b = sorted(chance.randrange(len(data)) for _ in range(2))
    return data[:a] + data[b:] + data[a:b] if chance.random() < 0.5 else data[:b] + data[a:]


def with_a_nasty_zip(data, chance):
    """The same archive with a wrong field in one of its headers: sizes, methods, flags, places, lengths of names."""
    found = bytearray(data)
    kind, fields = chance.choice(
        [
            (b"PK\x03\x04", ((4, 2), (6, 2), (8, 2), (14, 4), (18, 4), (22, 4), (26, 2), (28, 2))),
            (b"PK\x01\x02", ((6, 2), (8, 2), (10, 2), (16, 4), (20, 4), (24, 4), (28, 2), (30, 2), (42, 4))),
            (b"PK\x05\x06", ((8, 2), (10, 2), (12, 4), (16, 4), (20, 2))),
        ]
    )
    places = [i for i in range(len(data) - 3) if data[i : i + 4] == kind]
    at, (field, length) = chance.choice(places), chance.choice(fields)
    number = chance.choice((0, 1, 9, 12, 14, 99, 2**15, 2**31, 2**32 - 1)) % 256**length
    found[at + field : at + field + length] = number.to_bytes(length, "little")
    return bytes(found)


WORDS = ("", "0", "-1", "1e308", "-1e308", "1e-320", "nan", "inf", "9" * 4_400, "wide", "\N{COMBINING ACUTE ACCENT}", "../../up", "#a", "none")  # fmt: skip


def with_nasty_words(text, chance):
    """XML with other words in attributes, and elements taken out, doubled, renamed or put into each other."""
    root = fromstring(text)
    for _ in range(chance.choice((1, 1, 2, 5))):
        above = chance.choice(list(root.iter()))
        element = chance.choice([above, *above])
        what = chance.random()
        if what < 0.6 and element.attrib:
            element.set(chance.choice(list(element.attrib)), chance.choice(WORDS))
        elif what < 0.7:
            element.tag = chance.choice([each.tag for each in root.iter()])
        elif element is not above:
            if what < 0.8:
                above.remove(element)
            elif what < 0.9:
                above.append(copy.deepcopy(element))
            else:
                element.append(copy.deepcopy(chance.choice(list(above))))
        else:
            element.set(
                chance.choice(("width", "x", "opacity", "transform", "id", "clip-path", "mask")), chance.choice(WORDS)
            )
    return ET.tostring(root)


def with_a_nasty_stack(data, chance):
    source = zipfile.ZipFile(io.BytesIO(data))
    out = io.BytesIO()
    with source, zipfile.ZipFile(out, "w") as archive:
        for name in source.namelist():
            member = source.read(name)
            if name == "stack.xml":
                member = with_nasty_words(member, chance)
            elif name.endswith(".png") and chance.random() < 0.3:
                member = with_a_nasty_chunk(member, chance)
            archive.writestr(name, member)
    return out.getvalue()


def with_a_nasty_chunk(data, chance):
    """A PNG with chunks that are whole but say something else, come twice, late, or not at all."""
    chunks, at = [], 8
    while at + 12 <= len(data):
        length = int.from_bytes(data[at : at + 4], "big")
        chunks.append([data[at + 4 : at + 8], bytearray(data[at + 8 : at + 8 + length])])
        at += 12 + length
    for _ in range(chance.choice((1, 1, 3))):
        kind, inside = chance.choice(chunks)
        what = chance.random()
        if what < 0.4 and inside:
            inside[chance.randrange(len(inside))] = chance.choice((0, 1, 3, 16, 255))
        elif what < 0.6:
            extra = chance.choice((b"iCCP", b"tRNS", b"PLTE", b"acTL", b"fdAT", b"zTXt", b"iTXt", b"eXIf", b"gAMA"))
            chunks.insert(
                chance.randrange(len(chunks) + 1), [extra, bytearray(chance.choice((b"", b"a\0\0", bytes(9))))]
            )
        elif what < 0.8:
            chunks.insert(chance.randrange(len(chunks) + 1), [kind, bytearray(inside)])
        elif len(chunks) > 1:
            chunks.pop(chance.randrange(len(chunks)))
    return data[:8] + b"".join(
        len(inside).to_bytes(4, "big") + kind + inside + zlib.crc32(kind + inside).to_bytes(4, "big")
        for kind, inside in chunks
    )


def small_psd(folder):
    document = PSDImage.new("RGB", (40, 30))
    group = document.create_group(name="Arm")
    for name in ("Upper", "Hand"):
        layer = document.create_pixel_layer(Image.new("RGBA", (9, 8), (9, 99, 9, 200)), name=name, top=3, left=4)
        group.append(layer)
    document.save(folder / "small.psd")
    return (folder / "small.psd").read_bytes()


def with_a_nasty_number(data, chance):
    """A PSD with another number in one of its many lengths and sizes, most of them near its beginning."""
    found = bytearray(data)
    length = chance.choice((1, 2, 4))
    at = chance.randrange(14, min(len(data), chance.choice((60, 600, len(data)))) - length)
    number = chance.choice((0, 1, 255, 2**15, 2**16 - 1, 2**31 - 1, 2**32 - 1)) % 256**length
    found[at : at + length] = number.to_bytes(length, "big")
    return bytes(found)


@pytest.fixture(scope="module")
def seeds(tmp_path_factory):
    folder = tmp_path_factory.mktemp("small")
    picture = io.BytesIO()
    Image.fromarray(np.full((6, 7, 4), 120, np.uint8)).save(picture, "PNG")
    return {
        "package": small_package(folder), "openraster": small_openraster(), "svg": SVG,
        "psd": small_psd(folder), "png": picture.getvalue(),
    }  # fmt: skip


WAYS = {
    "package": (".umbrite", (flipped, cut, with_a_nasty_zip)),
    "openraster": (".ora", (flipped, spliced, with_a_nasty_zip, with_a_nasty_stack, with_a_nasty_stack)),
    "svg": (".svg", (flipped, cut, spliced, with_nasty_words, with_nasty_words)),
    "psd": (".psd", (flipped, cut, with_a_nasty_number, with_a_nasty_number)),
    "png": (".png", (flipped, cut, with_a_nasty_chunk, with_a_nasty_chunk)),
}


@pytest.mark.parametrize("kind", WAYS)
def test_mutated_files_are_refused_with_a_sentence_or_are_sound(kind, seeds, tmp_path):
    """What opens can be checked and saved, and opens again. Run with UMBRITE_MUTATIONS=10000 for the long form."""
    ending, ways = WAYS[kind]
    chance = random.Random(len(kind))
    path = tmp_path / f"mutated{ending}"
    refused = loaded = 0
    for _ in range(ROUNDS):
        path.write_bytes(chance.choice(ways)(seeds[kind], chance))
        try:
            package = load(path) if kind == "package" else puppet_from(read_here([path]))
        except UmbriteError as error:
            refused += 1
            assert 15 < len(str(error)) < 500
            assert str(error).isprintable()
            continue
        loaded += 1
        assert invariants(package.puppet) == []
        scene_of(evaluate(compile_plan(package.puppet), package.pose))
        if loaded % 5 == 0:
            findings(package.puppet)
            save(tmp_path / "again.umbrite", package)
            assert load(tmp_path / "again.umbrite").puppet == package.puppet
    assert refused > 0
    assert loaded > 0
    assert refused + loaded == ROUNDS


def hostile_arrays(**changed):
    """The arrays of a sound mesh, some of them replaced."""
    arrays = {
        "vertices": np.array([[0, 0], [9, 0], [0, 9], [9, 9]], "<f8"),
        "triangles": np.array([[0, 1, 2], [1, 3, 2]], "<u4"),
        "bones": np.zeros((4, 4), np.uint8),
        "weights": np.tile(np.array([1.0, 0, 0, 0]), (4, 1)).astype("<f8"),
        **changed,
    }
    out = io.BytesIO()
    np.savez(out, **arrays)
    return out.getvalue()


def spoilt_arrays():
    """Packed arrays with their packing spoilt in the middle."""
    out = io.BytesIO()
    with zipfile.ZipFile(out, "w", zipfile.ZIP_DEFLATED) as archive:
        archive.writestr("vertices.npy", bytes(range(256)) * 40)
    data = bytearray(out.getvalue())
    data[45:60] = b"\xff" * 15
    return bytes(data)


def locked_arrays():
    """Arrays that say that they are locked by a password."""
    data = bytearray(hostile_arrays())
    data[6] |= 1
    at = data.find(b"PK\x01\x02")
    data[at + 8] |= 1
    return bytes(data)


def headed(head):
    """Arrays one of which has another head than what follows it."""
    out = io.BytesIO()
    with zipfile.ZipFile(out, "w") as archive:
        for name in ("vertices", "triangles", "bones", "weights"):
            archive.writestr(f"{name}.npy", b"\x93NUMPY\1\0" + len(head).to_bytes(2, "little") + head + bytes(64))
    return out.getvalue()


HEAD = b"{'descr': '<f8', 'fortran_order': False, 'shape': %s}"
HOSTILE_MESHES = {
    **{
        f"a head {i}": headed(HEAD % shape)
        for i, shape in enumerate((b"(1%s, 2)" % (b"0" * 30), b"()", b"(-1, 2)", b"'ab'", b"(('a',),)", b"(4, 2"))
    },
    "a head that is none": headed(b"[" * 9_000),
    "no head": headed(b""),
    "spoilt": spoilt_arrays(),
    "locked": locked_arrays(),
    "sound": hostile_arrays(),
    "a triangle of nothing": hostile_arrays(triangles=np.array([[0, 1, 4]], "<u4")),
    "no triangles": hostile_arrays(triangles=np.zeros((0, 3), "<u4")),
    "a vertex nowhere": hostile_arrays(vertices=np.array([[0, 0], [9, 0], [0, np.nan], [9, 9]], "<f8")),
    "a vertex far away": hostile_arrays(vertices=np.array([[0, 0], [9, 0], [0, 1e300], [9, 9]], "<f8")),
    "no weight": hostile_arrays(weights=np.zeros((4, 4), "<f8")),
    "a negative weight": hostile_arrays(weights=np.tile(np.array([2.0, -1, 0, 0]), (4, 1)).astype("<f8")),
    "a weight that is none": hostile_arrays(weights=np.full((4, 4), np.nan, "<f8")),
    "an unknown joint": hostile_arrays(bones=np.full((4, 4), 9, np.uint8)),
    "other lengths": hostile_arrays(bones=np.zeros((3, 4), np.uint8)),
    "another kind": hostile_arrays(triangles=np.array([[0, 1, 2]], "<i8")),
    "another shape": hostile_arrays(weights=np.ones((4, 9), "<f8")),
    "objects": hostile_arrays(vertices=np.array([[{}, 1]] * 4, dtype=object)),
    "huge": hostile_arrays(vertices=np.zeros((600_000, 2), "<f8")),
    "no archive": b"PK\x03\x04 nothing",
    "nothing": b"",
}


@pytest.mark.parametrize("kind", HOSTILE_MESHES)
def test_hostile_meshes_are_refused_with_a_sentence(kind, seeds, tmp_path):
    data = HOSTILE_MESHES[kind]
    name = hashlib.sha256(data).hexdigest()
    source = zipfile.ZipFile(io.BytesIO(seeds["package"]))
    document = json.loads(source.read("puppet.json"))
    puppet = document["document"]["puppet"]
    for field in ("responses", "shapes"):  # which are of other meshes
        puppet[field] = {}
    for part in puppet["parts"].values():
        if "mesh" in part:
            part["mesh"]["sha256"] = name
    path = tmp_path / "mesh.umbrite"
    with source, zipfile.ZipFile(path, "w") as archive:
        for member in source.namelist():
            words = json.dumps(document) if member == "puppet.json" else source.read(member)
            archive.writestr(member, words)
        archive.writestr(f"mesh/{name}.npz", data)
    if kind == "sound":
        assert invariants(load(path).puppet) == []
        return
    with pytest.raises(UmbriteError) as told:
        load(path)
    said = str(told.value)
    assert "can't be opened: the mesh of" in said or "larger than it may be" in said


def test_a_mesh_that_is_missing_or_not_what_the_puppet_says_is_refused(seeds, tmp_path):
    source = zipfile.ZipFile(io.BytesIO(seeds["package"]))
    path = tmp_path / "mesh.umbrite"
    for change, words in ((None, "lacks mesh/"), (b"other", "A mesh in mesh.umbrite is damaged")):
        with zipfile.ZipFile(path, "w") as archive:
            for member in source.namelist():
                if not member.startswith("mesh/"):
                    archive.writestr(member, source.read(member))
                elif change is not None:
                    archive.writestr(member, change)
        with pytest.raises(UmbriteError, match=words):
            load(path)


def test_packages_altered_within_are_refused_with_a_sentence_or_are_sound(tmp_path):
    """What opens is posed, shown, played, checked, saved and opened again, and is the same. 20,000 rounds in the long form."""
    grown = load(ASSETS / "wick-and-cart.umbrite")
    versions = keep_version(grown.document, "First", "2026-05-01T10:00:00+00:00", "")
    save(tmp_path / "staged.umbrite", replace(grown, document=versions))
    sources = [
        tmp_path / "staged.umbrite",
        ASSETS / "clover.umbrite",
        *sorted((Path(__file__).parent / "released-1").glob("*.umbrite")),
    ]
    seeds, chance = [Altering(path) for path in sources], random.Random(36)
    path, again, opened = tmp_path / "altered.umbrite", tmp_path / "again.umbrite", 0
    rounds = 2 * ROUNDS if ROUNDS > 1_000 else ROUNDS // 3
    for i in range(rounds):
        path.write_bytes(chance.choice(seeds).packed(chance))
        try:
            package = load(path)
        except UmbriteError as error:
            assert 15 < len(str(error)) < 500
            assert str(error).isprintable()
            continue
        opened += 1
        assert invariants(package.puppet) == []
        plan = compile_plan(package.puppet)
        scene_of(evaluate(plan, package.pose))
        findings(package.puppet)
        for take in package.document.takes:
            placed_over(take, package.puppet, np.array([0.0, 1.5, 7.0]))
        if i % 4 == 0:
            save(again, package)
            assert load(again).document == package.document
    assert opened > 0.4 * rounds


def first_take(change):
    def changed(words):
        change(words["document"]["takes"][1])

    return changed


def with_near_keys(take):
    take["tracks"]["j1.turn"] = [
        {"frame": frame, "value": value} for frame, value in ((0, 0), (1e-300, 5), (2e-300, -5))
    ]


def without_a_set(words):
    chooser = next(each for each in words["document"]["puppet"]["controls"].values() if "chooses" in each)
    del chooser["chooses"]


def old(version, **puppet):
    return lambda words: words.update(version=version, document={"puppet": puppet})


SPOILT = {
    "near keys": (first_take(with_near_keys), "keys that are not in order"),
    "a chooser without a set": (without_a_set, "chooses from a set that is not there"),
    "old controls": (old(2, controls={"c1": 5}), "does not fit"),
    "old choices": (old(2, controls={"c1": {"choices": 5}}), "does not fit"),
    "old links": (old(2, controls={"c1": {"choices": [{}]}}, links={"l1": None}), "does not fit"),
    "old poses": (old(2, controls={"c1": {"choices": [{}]}}, poses=[3]), "does not fit"),
    "old ids": (old(2, controls={"c1": {"choices": [{}]}}, next_id="9"), "does not fit"),
    "old sets": (old(2, controls={"c1": {"choices": [{}]}}, sets=[]), "does not fit"),
}  # fmt: skip


@pytest.mark.parametrize("kind", SPOILT)
def test_what_no_edit_makes_is_refused_with_its_reason(kind, tmp_path):
    change, words = SPOILT[kind]
    spoilt = Altering(ASSETS / "wick.umbrite")
    change(spoilt.words["puppet.json"])
    (tmp_path / "spoilt.umbrite").write_bytes(spoilt.written(spoilt.words, spoilt.rest))
    with pytest.raises(UmbriteError, match=words):
        load(tmp_path / "spoilt.umbrite")


def test_numbers_of_thousands_of_digits_and_bytes_that_are_no_text_are_refused(tmp_path):
    grown = Altering(ASSETS / "wick-and-cart.umbrite")
    path = tmp_path / "spoilt.umbrite"
    guest = next(name for name in grown.words if name.startswith("guests/"))
    for spoilt in (
        lambda _, data: data.replace(b'"rest": 1', b'"rest": ' + b"9" * 4_400),
        lambda _, data: data.replace(b'"number": 1', b'"number": ' + b"9" * 4_400),
        lambda name, data: data.replace(b"Tea", b"T\xe9a") if name == guest else data,
    ):
        path.write_bytes(grown.written(grown.words, grown.rest, spoilt))
        with pytest.raises(UmbriteError, match="out of range|is damaged"):
            load(path)

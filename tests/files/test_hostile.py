"""Broken and hostile files: thousands of mutated packages and pictures give a sentence or a sound puppet, nothing else."""

import copy
import hashlib
import io
import json
import os
import random
import zipfile
import zlib
from xml.etree import ElementTree as ET

import numpy as np
import pytest
from defusedxml.ElementTree import fromstring
from msgspec.structs import replace
from PIL import Image
from psd_tools import PSDImage

from all_edits import square_mesh
from demo_puppet import ASSETS
from umbrite.checking.puppet_findings import findings
from umbrite.files.formats.any_art import read_here
from umbrite.files.layers import puppet_from
from umbrite.files.package import Package, load, save
from umbrite.files.png import encode, fingerprint
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.motion.scene import scene_of
from umbrite.rig.document import Document
from umbrite.rig.errors import UmbriteError
from umbrite.rig.invariants import invariants
from umbrite.rig.model import Drawing

ROUNDS = int(os.environ.get("UMBRITE_MUTATIONS", "700"))


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


NASTY = (
    None, True, -1, 0, 10**399, "j" + "9" * 5_000, 2**53, 1e8, 1e300, -1e300, 1e9, "x", "", [], {}, "j1", "../../up", "\x00", 2**70, [[[]]], {"a": {}}, -0.0, 1e-320,
)  # fmt: skip


def with_nasty_json(data, chance):
    """The same archive with something wrong deep within puppet.json."""
    source = zipfile.ZipFile(io.BytesIO(data))
    document = json.loads(source.read("puppet.json"))
    for _ in range(chance.choice((1, 1, 2, 4))):
        node = document
        while True:
            keys = list(node) if isinstance(node, dict) else list(range(len(node)))
            if not keys:
                break
            key = chance.choice(keys)
            below = node[key]
            if isinstance(below, (dict, list)) and below and chance.random() < 0.9:
                node = below
                continue
            what = chance.random()
            if what < 0.7:
                node[key] = copy.deepcopy(chance.choice(NASTY))
            elif isinstance(node, dict):
                node[chance.choice(["", "j1", "p2", "l3", str(key) + "x"])] = node.pop(key)
            break
    out = io.BytesIO()
    with source, zipfile.ZipFile(out, "w") as archive:
        for name in source.namelist():
            archive.writestr(name, json.dumps(document) if name == "puppet.json" else source.read(name))
    return out.getvalue()


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
    "package": (".umbrite", (flipped, cut, with_a_nasty_zip, with_nasty_json, with_nasty_json, with_nasty_json)),
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


HOSTILE_MESHES = {
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
    for part in document["document"]["puppet"]["parts"].values():
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

"""Broken and hostile files: thousands of mutated packages and pictures give a sentence or a sound puppet, nothing else."""

import copy
import io
import json
import os
import random
import zipfile
from collections.abc import Callable
from pathlib import Path

import pytest

from demo_puppet import ASSETS
from umbrite.files.opening import open_any
from umbrite.files.package import Package, load, save
from umbrite.files.png import encode
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.rig.document import Document
from umbrite.rig.errors import UmbriteError
from umbrite.rig.invariants import invariants

ROUNDS = int(os.environ.get("UMBRITE_MUTATIONS", "1200"))


def small_package(folder: Path) -> bytes:
    """A puppet with little art, so that thousands can be read."""
    import numpy as np
    from msgspec.structs import replace

    from umbrite.files.png import fingerprint
    from umbrite.rig.model import Drawing

    whole = load(ASSETS / "wick.umbrite")
    picture = encode(np.full((6, 5, 4), 200, np.uint8))
    drawing = Drawing(fingerprint(picture), 5, 6)
    parts = {key: replace(part, drawing=drawing) for key, part in whole.puppet.parts.items()}
    save(
        folder / "small.umbrite",
        Package(Document(replace(whole.puppet, parts=parts)), {drawing.sha256: picture}),
    )
    return (folder / "small.umbrite").read_bytes()


def small_openraster() -> bytes:
    out = io.BytesIO()
    import numpy as np

    with zipfile.ZipFile(out, "w") as archive:
        archive.writestr("mimetype", "image/openraster")
        archive.writestr(
            "stack.xml",
            '<image w="40" h="30"><stack><stack name="G"><layer name="Near arm" src="data/a.png" x="3" y="4" opacity="0.5"/></stack></stack></image>',
        )
        archive.writestr("data/a.png", encode(np.full((8, 9, 4), 180, np.uint8)))
    return out.getvalue()


SVG = b'<svg xmlns="http://www.w3.org/2000/svg" width="40" height="30"><g id="Near arm"><rect x="2" y="3" width="9" height="8" fill="#345"/></g><g id="Far arm"><circle cx="20" cy="9" r="5"/></g></svg>'


def flipped(data: bytes, chance: random.Random) -> bytes:
    found = bytearray(data)
    for _ in range(chance.choice((1, 1, 2, 8, 40))):
        found[chance.randrange(len(found))] = chance.randrange(256)
    return bytes(found)


def cut(data: bytes, chance: random.Random) -> bytes:
    return data[: chance.randrange(len(data))]


def spliced(data: bytes, chance: random.Random) -> bytes:
    a, b = sorted(chance.randrange(len(data)) for _ in range(2))
    return data[:a] + data[b:] + data[a:b] if chance.random() < 0.5 else data[:b] + data[a:]


NASTY: tuple[object, ...] = (
    None, True, -1, 0, 1e300, -1e300, 1e9, "x", "", [], {}, "j1", "../../up", "\x00", 2**70, [[[]]], {"a": {}}, -0.0, 1e-320,
)  # fmt: skip


def with_nasty_json(data: bytes, chance: random.Random) -> bytes:
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


@pytest.fixture(scope="module")
def seeds(tmp_path_factory: pytest.TempPathFactory) -> dict[str, bytes]:
    return {
        "package": small_package(tmp_path_factory.mktemp("small")), "openraster": small_openraster(), "svg": SVG,
    }  # fmt: skip


WAYS: dict[str, tuple[str, tuple[Callable[[bytes, random.Random], bytes], ...]]] = {
    "package": (".umbrite", (flipped, cut, spliced, with_nasty_json, with_nasty_json, with_nasty_json)),
    "openraster": (".ora", (flipped, cut, spliced)),
    "svg": (".svg", (flipped, cut, spliced)),
}


@pytest.mark.parametrize("kind", WAYS)
def test_mutated_files_are_refused_with_a_sentence_or_are_sound(
    kind: str, seeds: dict[str, bytes], tmp_path: Path
) -> None:
    """Run with UMBRITE_MUTATIONS=33400 for the long form."""
    ending, ways = WAYS[kind]
    chance = random.Random(len(kind))
    path = tmp_path / f"mutated{ending}"
    refused = loaded = 0
    for _ in range(ROUNDS):
        data = chance.choice(ways)(seeds[kind], chance)
        path.write_bytes(data)
        try:
            package = open_any(path)
        except UmbriteError as error:
            refused += 1
            assert len(str(error)) > 15
            assert "Traceback" not in str(error)
            continue
        loaded += 1
        assert invariants(package.puppet) == []
        evaluate(compile_plan(package.puppet), package.pose)
    assert refused > 0
    assert refused + loaded == ROUNDS

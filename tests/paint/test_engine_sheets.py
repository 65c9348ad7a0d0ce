"""Atlases read back by a reader of the tests' own, and shades and clips painted into drawings for those that know neither."""

import base64
import json
import shutil
from pathlib import Path

import cv2
import numpy as np
import pytest
from PIL import Image

from browser import said_by
from demo_puppet import ASSETS, part, wick_package
from gltf_reader import Scene
from umbrite.cli import main
from umbrite.files.package import load, save
from umbrite.paint.render import render_package, straight
from umbrite.paint.take_export import Film, frames_of, pixels_of
from umbrite.rig.change import change
from umbrite.rig.edits.looks import trim
from umbrite.rig.edits.parts import add_part
from umbrite.rig.takes.take_list import get_take

ROOT = Path(__file__).parents[2]
WICK = str(ASSETS / "wick.umbrite")


def read(path):
    with Image.open(path) as image:
        return np.array(image.convert("RGBA"))


def crop(told, one, folder):
    x, y, wide, tall = one["box"]
    sheet = read(folder / told["sheets"][one["sheet"]]["file"])
    assert list(sheet.shape[1::-1]) == told["sheets"][one["sheet"]]["size"]
    return sheet[y : y + tall, x : x + wide]


def test_parts_of_an_atlas_make_the_pose_again(tmp_path):
    out, places = tmp_path / "it.png", tmp_path / "it.json"
    assert main(["atlas", WICK, str(out), str(places), "--quiet"]) == 0
    told = json.loads(places.read_text())
    package = wick_package()
    pixels = package.pixels()
    wide, tall = told["canvas"]
    whole = np.zeros((tall, wide, 4))
    for one in told["parts"]:
        picture = crop(told, one, tmp_path)
        drawing = pixels[package.puppet.parts[one["id"]].drawing.sha256]
        seen = drawing[..., 3] > 0
        assert np.array_equal(picture[seen], drawing[seen])
        assert np.array_equal(picture[..., 3], drawing[..., 3])
        if one["shown"]:
            _lay(whole, picture, one["matrix"], one["opacity"])
    painted = straight(render_package(package)).astype(float)
    painted[..., :3] *= painted[..., 3:] / 255
    assert np.abs(whole - painted).max() <= 6, "one resampling against another; nothing is out of place"
    assert np.abs(whole - painted).mean() < 0.05


def _lay(whole, picture, matrix, opacity):
    """Lay a picture under a map on premultiplied pixels."""
    a, b, c, d, e, f = matrix
    ready = picture.astype(float)
    ready[..., :3] *= ready[..., 3:] / 255
    shift = np.array([[a, c, e + (a + c) / 2 - 0.5], [b, d, f + (b + d) / 2 - 0.5]])
    placed = cv2.warpAffine(ready, shift, whole.shape[1::-1], flags=cv2.INTER_LINEAR) * opacity
    whole[:] = placed + whole * (1 - placed[..., 3:] / 255)


def hashed(folder, *words):
    """The frames of a hash of all its lists, and the painted ones."""
    assert main(["atlas", str(ASSETS / "tansy.umbrite"), "--take", "Deliver", "--frames", "0..12", "--scale", "0.2", "--hash", *words, str(folder / "it.png"), str(folder / "it.json"), "--quiet"]) == 0  # fmt: skip
    first = json.loads((folder / "it.json").read_text())
    others = [json.loads((folder / name).read_text()) for name in first["meta"].get("related_multi_packs", [])]
    return first, {name: (each["meta"], entry) for each in (first, *others) for name, entry in each["frames"].items()}


def test_a_hash_of_frames_makes_the_take_again_on_one_sheet_or_several(tmp_path):
    package = load(ASSETS / "tansy.umbrite")
    take = get_take(package.document.takes, "Deliver")
    painted = list(pixels_of(Film(package, take, frames_of(take, "0..12"), 0.2)))
    for words, several in (((), False), (("--largest", "512"), True)):
        first, found = hashed(tmp_path, *words)
        assert ("related_multi_packs" in first["meta"]) == several
        order = first["animations"]["Deliver"]
        assert sum(found[name][1]["duration"] for name in order) == round(13 * 1000 / take.rate)
        for name, picture in zip(order, painted, strict=True):
            meta, entry = found[name]
            x, y, wide, tall = (entry["frame"][side] for side in "xywh")
            whole = np.zeros((entry["sourceSize"]["h"], entry["sourceSize"]["w"], 4), np.uint8)
            left, top = entry["spriteSourceSize"]["x"], entry["spriteSourceSize"]["y"]
            whole[top : top + tall, left : left + wide] = read(tmp_path / meta["image"])[y : y + tall, x : x + wide]
            seen = picture[..., 3] > 0
            assert np.array_equal(whole[seen], picture[seen])
            assert np.array_equal(whole[..., 3], picture[..., 3])


@pytest.mark.long
@pytest.mark.skipif(shutil.which("chromium") is None, reason="there is no Chromium here")
def test_the_example_page_plays_a_hash_in_a_browser(tmp_path):
    first, found = hashed(tmp_path)
    page = (ROOT / "docs" / "examples" / "play-a-sheet.html").read_text()
    ask = "<script type=module>while (!window.show) await new Promise(r => setTimeout(r, 25)); window.show(5); fetch('/', {method: 'POST', body: document.body.innerText + stage.toDataURL()})</script>"
    (tmp_path / "play.html").write_text(page + ask)
    text, _, data = said_by(tmp_path, "play.html#it.json").partition("data:image/png;base64,")
    assert "Deliver: 13 frames" in text
    data = base64.b64decode(data)
    (tmp_path / "shown.png").write_bytes(data)
    meta, entry = found[first["animations"]["Deliver"][5]]
    x, y, wide, tall = (entry["frame"][side] for side in "xywh")
    left, top = entry["spriteSourceSize"]["x"], entry["spriteSourceSize"]["y"]
    there = read(tmp_path / "shown.png")[top : top + tall, left : left + wide].astype(int)
    own = read(tmp_path / meta["image"])[y : y + tall, x : x + wide].astype(int)
    solid = own[..., 3] == 255
    assert np.abs(there[solid] - own[solid]).max() <= 1


def test_an_atlas_is_refused_with_a_sentence(tmp_path, capsys):
    for words, sentence in (
        (["it.jpg", "it.json"], "Sheets are written as .png"),
        (["it.png", "it.txt"], "The list of an atlas is written as .json"),
        (["--largest", "128", "it.png", "it.json"], "fits on no sheet of 128 x 128"),
        (["--take", "Fly", "it.png", "it.json"], "no take"),
        (["--take", "Walk", "--scale", "0", "it.png", "it.json"], "can't be made"),
    ):
        paths = [str(tmp_path / word) if word.startswith("it.") else word for word in words]
        assert main(["atlas", WICK, *paths]) == 2
        assert sentence.lower() in capsys.readouterr().err.lower()
    assert not list(tmp_path.iterdir())


def _shaded():
    """Wick with a shade on his trunk, and his cap clipped by his head."""
    puppet = wick_package().puppet
    trunk = puppet.parts[part(puppet, "Trunk")]
    puppet, shade = add_part(puppet, "Shade", trunk.drawing, trunk.placement)
    puppet = change(puppet, shade, joint=trunk.joint, blend="multiply", opacity=0.5)
    cap = part(puppet, "Cap")
    return change(puppet, cap, clip=part(puppet, "Head")), shade, cap


def test_convert_bakes_where_it_is_asked_to(tmp_path, capsys):
    puppet, _, cap = _shaded()
    trunk = part(puppet, "Trunk")
    puppet = trim(puppet, trunk, [0, 200, 200 + 60j, 60j])
    package = load(ASSETS / "wick.umbrite").having(puppet, {})
    save(tmp_path / "it.umbrite", package, b"")
    assert main(["convert", str(tmp_path / "it.umbrite"), str(tmp_path / "plain.glb"), "--take", "Walk"]) == 0
    said = capsys.readouterr().out
    assert "Walk" in said
    assert "Idle" not in said
    assert "no blend modes" in said
    assert "can't clip" in said
    assert main(["convert", str(tmp_path / "it.umbrite"), str(tmp_path / "baked.glb"), "--bake", "--take", "Walk"]) == 0
    said = capsys.readouterr().out
    assert "no blend modes" not in said
    assert "can't clip" not in said
    plain, baked = Scene(tmp_path / "plain.glb"), Scene(tmp_path / "baked.glb")
    assert len(baked.file.meshes) == len(plain.file.meshes) - 1
    assert len(plain.file.animations) == 1
    alpha = [int((scene.sheet(scene.pixels(cap)[0])[..., 3] > 0).sum()) for scene in (plain, baked)]
    assert alpha[1] < alpha[0]

"""Atlases read back by a reader of the tests' own, and shades and clips painted into drawings for those that know neither."""

import json

import cv2
import numpy as np
from PIL import Image

from demo_puppet import ASSETS, part, wick_package
from gltf_reader import Scene
from umbrite.cli import main
from umbrite.files.package import load, save
from umbrite.paint.render import render_package, straight
from umbrite.rig.change import change
from umbrite.rig.edits.looks import trim
from umbrite.rig.edits.parts import add_part

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

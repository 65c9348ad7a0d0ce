"""A pose in open formats looks the same when other renderers draw it, and says where everything is."""

import io
import zipfile

import numpy as np
import pytest
import resvg_py
from PIL import Image, ImageChops

from demo_puppet import ASSETS, control, part
from umbrite.cli import main
from umbrite.files.formats.openraster import read_openraster
from umbrite.files.package import load, save
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.motion.posing import pose_control
from umbrite.paint.export import export_openraster, export_svg
from umbrite.paint.render import render_package, write_png
from umbrite.rig.change import change
from umbrite.rig.edits.looks import trim
from umbrite.rig.edits.shelf import save_pose
from umbrite.rig.model import Point

pytestmark = pytest.mark.usefixtures("qapp")


def posed(name="wick"):
    """A demo in a pose far from rest, one part half transparent, one trimmed, one clipped, one multiplied."""
    package = load(ASSETS / f"{name}.umbrite")
    puppet = package.puppet
    plan = compile_plan(puppet)
    pose = {}
    for i, key in enumerate(k for k, c in puppet.controls.items() if c.kind == "grip"):
        at = evaluate(plan, pose).control_at(puppet.controls[key])
        pose = dict(pose_control(evaluate(plan, pose), pose, key, at + (40 - 60j) * (1 if i % 2 else -0.7)))
    first, second, third = puppet.order[5], puppet.order[8], puppet.order[-3]
    puppet = change(puppet, first, opacity=0.6)
    loop = [Point(0, 0), Point(60, 0), Point(60, 50), Point(0, 50)]
    puppet = trim(puppet, second, [p.z for p in loop], cut=True)
    puppet = change(puppet, third, clip=puppet.order[-4], blend="multiply")
    return package.having(puppet=puppet, pose=pose)


def on_white(image):
    sheet = Image.new("RGBA", image.size, "white")
    sheet.alpha_composite(image.convert("RGBA"))
    return np.asarray(sheet.convert("RGB"), dtype=float)


def painted(package, tmp_path):
    write_png(tmp_path / "pose.png", render_package(package))
    return on_white(Image.open(tmp_path / "pose.png"))


@pytest.mark.parametrize("name", ["wick", "bramble", "inkpot"])
def test_an_svg_drawn_by_resvg_looks_like_the_png(name, tmp_path):
    package = posed(name)
    export_svg(tmp_path / "pose.svg", package)
    drawn = resvg_py.svg_to_bytes(svg_path=str(tmp_path / "pose.svg"))
    other = on_white(Image.open(io.BytesIO(bytes(drawn))))
    assert other.shape == painted(package, tmp_path).shape
    assert np.abs(other - painted(package, tmp_path)).mean() / 255 < 0.01


BLEND = {"svg:multiply": ImageChops.multiply, "svg:screen": ImageChops.screen}


@pytest.mark.parametrize("name", ["wick", "inkpot"])
def test_an_openraster_composed_by_pillow_looks_like_the_png(name, tmp_path):
    package = posed(name)
    export_openraster(tmp_path / "pose.ora", package)
    layered = read_openraster(tmp_path / "pose.ora")
    sheet = Image.new("RGBA", (layered.width, layered.height), "white")
    with zipfile.ZipFile(tmp_path / "pose.ora") as archive:
        text = archive.read("stack.xml").decode()
        merged = on_white(Image.open(io.BytesIO(archive.read("mergedimage.png"))))
    for layer in layered.layers:
        one = Image.new("RGBA", sheet.size)
        picture = Image.fromarray(layer.picture)
        alpha = picture.getchannel("A").point(lambda a, o=layer.opacity: round(a * o))
        picture.putalpha(alpha)
        one.paste(picture, (layer.x, layer.y))
        blend = next(
            (
                work
                for word, work in BLEND.items()
                if f'name="{layer.name}"' in text and word in _line(text, layer.name)
            ),
            None,
        )
        if blend is None:
            sheet.alpha_composite(one)
        else:
            mixed = blend(sheet.convert("RGB"), one.convert("RGB")).convert("RGBA")
            sheet = Image.composite(mixed, sheet, one.getchannel("A"))
    expected = painted(package, tmp_path)
    assert np.abs(on_white(sheet) - expected).mean() / 255 < 0.01
    assert np.abs(merged - expected).mean() / 255 < 0.001


def _line(text, name):
    start = text.index(f'name="{name}"')
    return text[text.rindex("<", 0, start) : text.index("/>", start)]


def test_the_command_line_exports_a_pose_of_the_shelf_and_sets_every_kind_of_control(tmp_path, capsys):
    package = load(ASSETS / "wick.umbrite")
    hand = control(package.puppet, "Far hand")
    moved = pose_control(evaluate(compile_plan(package.puppet), {}), {}, hand, 900 + 600j)
    saved = package.having(puppet=save_pose(package.puppet, "Wave", moved))
    save(tmp_path / "wick.umbrite", saved)
    outs = [
        word for ending in ("png", "svg", "ora", "csv") for word in (f"--{ending}", str(tmp_path / f"out.{ending}"))
    ]
    assert main(["pose", str(tmp_path / "wick.umbrite"), "--pose", "Wave", *outs]) == 0
    assert all((tmp_path / f"out.{ending}").stat().st_size > 500 for ending in ("png", "svg", "ora", "csv"))
    assert main(["pose", str(tmp_path / "wick.umbrite"), "--pose", "Sit"]) == 2
    assert "no pose named 'Sit'" in capsys.readouterr().err
    for ending in ("svg", "ora", "json"):
        assert main(["convert", str(tmp_path / "wick.umbrite"), str(tmp_path / f"again.{ending}")]) == 0
    assert main(["pose", str(tmp_path / "wick.umbrite"), "--svg", str(tmp_path / "none" / "x.svg")]) == 2
    assert part(package.puppet, "Cap")

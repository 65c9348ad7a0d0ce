"""glTF as others read it: by the Khronos validator, and by a reader of the tests' own."""

import json
import os
import shutil
import subprocess
from functools import lru_cache
from pathlib import Path

import numpy as np
import pytest

from demo_puppet import ASSETS
from gltf_reader import Scene, _parts
from umbrite.files.engines.gltf import shown_otherwise, write_gltf
from umbrite.files.engines.gltf_scene import PIXELS_A_UNIT, Wanted
from umbrite.files.file_errors import FileError
from umbrite.files.json_reports import pose_report
from umbrite.files.package import load
from umbrite.motion.animating.playing import placed_over, played_pose
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.motion.scene import scene_of
from umbrite.rig.affine import from_svg, inverse
from umbrite.rig.change import change
from umbrite.rig.takes.keys import put_keys
from umbrite.rig.takes.take import Key, Take

DEMOS = sorted(path.stem for path in ASSETS.glob("*.umbrite"))
FRAMES = 20
VALIDATOR = Path(__file__).parents[1] / "js" / "node_modules" / "gltf-validator"
SAY = """
const fs = require("fs"), validator = require(process.argv[1]);
Promise.all(process.argv.slice(2).map(file =>
  validator.validateBytes(new Uint8Array(fs.readFileSync(file))).then(report => [file, report.issues])
)).then(found => console.log(JSON.stringify(Object.fromEntries(found))));
"""


@lru_cache(maxsize=16)
def demo(name):
    """A demo with its two shortest takes; with all of them in the long form (UMBRITE_MUTATIONS is set there)."""
    package = load(ASSETS / f"{name}.umbrite")
    takes = sorted(package.document.takes, key=lambda take: take.last - take.first)
    acted = [take for take in takes[2:] if take.name == "Look round"]  # with shapes
    return package if "UMBRITE_MUTATIONS" in os.environ else package.having(takes=(*takes[:2], *acted))


@pytest.fixture(scope="module")
def folder(tmp_path_factory):
    """A folder with every demo as .glb."""
    here = tmp_path_factory.mktemp("gltf")
    for name in DEMOS:
        written = write_gltf(here / f"{name}.glb", demo(name))
        assert written.keys.keys() == {take.name for take in demo(name).document.takes}
        assert all(count < written.unthinned[take] for take, count in written.keys.items())
        assert max(written.off.values()) <= 0.1
    return here


def test_the_khronos_validator_finds_nothing(folder):
    if shutil.which("node") is None or not VALIDATOR.is_dir():
        assert "UMBRITE_CI" not in os.environ, "the validator must be there where it counts"
        pytest.skip("the glTF validator needs node and npm: scripts/gltf_validator.sh says how")
    write_gltf(folder / "pointed.gltf", demo("wick"), Wanted(demo("wick").document.takes, visibility=True))
    write_gltf(folder / "merged.glb", demo("tansy"), Wanted(demo("tansy").document.takes, merged=True))
    files = [str(path) for path in sorted([*folder.glob("*.glb"), *folder.glob("*.gltf")])]
    out = subprocess.run(["node", "-e", SAY, str(VALIDATOR), *files], capture_output=True, check=True)
    reports = json.loads(out.stdout)
    assert len(reports) == len(DEMOS) + 2
    for file, issues in reports.items():
        said = [(each["code"], each.get("pointer")) for each in issues["messages"]]
        print(Path(file).name, issues["numErrors"], "errors", issues["numWarnings"], "warnings")
        assert (issues["numErrors"], issues["numWarnings"], issues["numHints"]) == (0, 0, 0), said
        assert {code for code, _ in said} <= {"UNSUPPORTED_EXTENSION", "INCOMPLETE_EXTENSION_SUPPORT"}


@pytest.mark.parametrize("name", DEMOS)
def test_every_vertex_lies_where_the_take_has_it(name, folder):
    package, scene = demo(name), Scene(folder / f"{name}.glb")
    rest = _pixels_at_rest(package, scene)
    for take in package.document.takes:
        number, most = scene.animation(take.name), 0.0
        for frame in np.linspace(take.first, take.last, FRAMES).round():
            values = scene.values(number, (frame - take.first) / take.rate)
            most = max(most, _farthest(package, take, float(frame), rest, scene, scene.places(values)))
        print(f"{name}, {take.name}: {most:.4f} px")
        assert most < 0.1


def _pixels_at_rest(package, scene):
    """The drawing's pixel at every vertex, from where it lies at rest with all parts shown."""
    values = [each._replace(scale=np.where(each.scale == 0, 1.0, each.scale)) for each in scene.values(None, 0)]
    report = pose_report(evaluate(compile_plan(package.puppet), {}))
    found = {}
    for key, placed in scene.places(values).items():
        matrix = report["parts"][package.puppet.parts[key].name]["matrix"]
        found[key] = inverse(from_svg(*matrix))(scene.board(placed))
    return found


def _farthest(package, take, frame, rest, scene, places):
    puppet = package.puppet
    placed = evaluate(compile_plan(puppet), played_pose(take, puppet, frame))
    report = pose_report(placed)
    shown = {key for key, seen in zip(placed.plan.parts, placed.shown[0], strict=True) if seen}
    shown = {key for key in shown if not puppet.parts[key].reference}
    assert set(places) == shown
    most = 0.0
    for key in shown:
        part = puppet.parts[key]
        if part.mesh is not None:
            there = np.array([complex(*z) for z in report["meshes"][part.name]["vertices"]])
        else:
            there = from_svg(*report["parts"][part.name]["matrix"])(rest[key])
        most = max(most, float(np.abs(scene.board(places[key]) - there).max()))
    return most


def test_a_sheet_shows_each_drawing_to_the_bit_where_the_mesh_looks_for_it(folder):
    package, scene = demo("wick"), Scene(folder / "wick.glb")
    pixels, rest = package.pixels(), _pixels_at_rest(package, scene)
    for key, part in package.puppet.parts.items():
        number, at = scene.pixels(key)
        drawing = pixels[part.drawing.sha256]
        corner = at - rest[key]
        assert np.abs(corner - np.round(corner[0])).max() < 0.02
        x, y = round(corner[0].real), round(corner[0].imag)
        here = scene.sheet(number)[y : y + drawing.shape[0], x : x + drawing.shape[1]]
        seen = drawing[..., 3] > 0
        assert np.array_equal(here[..., 3], drawing[..., 3])
        assert np.array_equal(here[seen], drawing[seen])


def test_parts_stand_one_behind_the_other_in_the_draw_order(folder):
    package, scene = demo("inkpot"), Scene(folder / "inkpot.glb")
    places = scene.places(scene.values(None, 0))
    order = [key for key in package.puppet.order if key in places]
    depths = [float(places[key][0, 2]) for key in order]
    assert depths == sorted(depths)
    assert len(set(np.round(depths, 6))) == len(depths)
    assert all(np.ptp(places[key][:, 2]) < 1e-6 for key in order)


def test_what_passes_fades_and_comes_in_a_take_does_so_in_every_frame(tmp_path):
    package = demo("inkpot")
    puppet = package.puppet
    shapes = scene_of(evaluate(compile_plan(puppet), {}))
    one, other, third = [shape.part for shape in shapes if puppet.parts[shape.part].mesh is None][1:4]
    bent = next(shape.part for shape in shapes if puppet.parts[shape.part].mesh is not None)
    take = Take("Looks", 24.0, 0, 20)
    take = put_keys(
        take, 0, {f"{one}.depth": 0.0, f"{third}.visible": -1.0, f"{bent}.visible": -1.0},
        holding=[f"{one}.depth", f"{third}.visible", f"{bent}.visible"],
    )  # fmt: skip
    take = put_keys(
        take, 7, {f"{one}.depth": 30.0, f"{third}.visible": 1.0, f"{bent}.visible": 1.0},
        holding=[f"{one}.depth", f"{third}.visible", f"{bent}.visible"],
    )  # fmt: skip
    take = put_keys(put_keys(take, 4, {f"{other}.opacity": 0.0}), 16, {f"{other}.opacity": -1.0})
    write_gltf(tmp_path / "it.gltf", package.having(takes=(take,)), Wanted((take,), visibility=True))
    scene = Scene(tmp_path / "it.gltf")
    node = next(
        i
        for i, each in enumerate(scene.file.nodes)
        if each.mesh is not None and (each.extras or {}).get("umbrite", {}).get("part") == other
    )
    for frame in range(21):
        values = scene.values(0, frame / 24)
        shapes = scene_of(placed_over(take, puppet, [frame]))
        places = scene.places(values)
        assert set(places) - {other} == {shape.part for shape in shapes} - {other}
        drawn = [shape.part for shape in shapes if puppet.parts[shape.part].mesh is None]
        assert sorted(drawn, key=lambda key: places[key][0, 2]) == drawn
        opacity = next(shape.opacity for shape in shapes if shape.part == other)
        assert values[node].opacity == pytest.approx(opacity, abs=2e-3)


def test_variants_come_and_go_by_the_extension_as_by_scale(tmp_path, folder):
    package = demo("inkpot")
    write_gltf(tmp_path / "it.gltf", package, Wanted(package.document.takes, visibility=True))
    pointed, scaled = Scene(tmp_path / "it.gltf"), Scene(folder / "inkpot.glb")
    assert set(pointed.file.extensionsUsed) == {
        "KHR_animation_pointer", "KHR_materials_unlit", "KHR_node_visibility",
    }  # fmt: skip
    changes = set()
    for take in package.document.takes:
        for frame in range(take.first, take.last + 1, 3):
            time = (frame - take.first) / take.rate
            one = pointed.places(pointed.values(pointed.animation(take.name), time))
            other = scaled.places(scaled.values(scaled.animation(take.name), time))
            assert set(one) == set(other)
            changes.add(frozenset(one))
    assert len(changes) > 1, "something comes and goes in these takes"


@pytest.mark.parametrize("name", ["wick", "inkpot"])
def test_neighbours_in_one_mesh_lie_as_each_in_its_own(name, folder, tmp_path):
    takes = demo(name).document.takes
    write_gltf(tmp_path / "it.glb", demo(name), Wanted(takes, merged=True))
    one, other = Scene(tmp_path / "it.glb"), Scene(folder / f"{name}.glb")
    bends = sum(bool(mesh.weights) for mesh in other.file.meshes)
    assert len(one.file.meshes) <= 2 * bends + 1 < len(other.file.meshes) / 5
    order = [part for node in one.file.nodes if node.mesh is not None for part, *_ in _parts(node, 0)]
    assert order == [key for key in demo(name).puppet.order if key in set(order)]
    for take in takes:
        for time in (0.0, 0.4, 0.9):
            seen, alike = (each.places(each.values(each.animation(take.name), time)) for each in (one, other))
            assert set(seen) == set(alike)
            assert max(np.abs(seen[part] - alike[part]).max() for part in seen) < 1e-6
    write_gltf(tmp_path / "it.glb", demo("inkpot"), Wanted(demo("inkpot").document.takes, visibility=True, merged=True))
    apart = [each.extras["umbrite"] for each in Scene(tmp_path / "it.glb").file.nodes if each.mesh is not None]
    sets = {part for each in demo("inkpot").puppet.sets.values() for v in each.variants for part in v.parts}
    assert sets <= {each.get("part") for each in apart}, "what comes and goes by the extension has a mesh of its own"


def test_small_copies_of_a_sheet_are_those_of_its_pictures(folder):
    scene = Scene(folder / "wick.glb")
    rest = _pixels_at_rest(demo("wick"), scene)
    corners = [(scene.pixels(key)[1] - rest[key])[0] for key in rest]
    assert all(abs(z / 4 - complex(round(z.real / 4), round(z.imag / 4))) < 0.01 for z in corners)
    assert [each.minFilter for each in scene.file.samplers] == [9987]


def test_skew_is_told_exactly_by_two_nodes(tmp_path):
    package = demo("tea-cart")
    body = package.puppet.parts[package.puppet.order[-1]].joint
    keys = {
        f"{body}.skew": (Key(0, -0.4, "straight"), Key(20, 0.6, "straight")),
        f"{body}.scale_x": (Key(0, 0.5, "straight"), Key(20, -1.6, "straight")),
        f"{body}.turn": (Key(0, 0, "straight"), Key(20, 9, "straight")),
    }
    take = Take("Bent", 24.0, 0, 20, tracks=keys)
    package = package.having(takes=(take,))
    write_gltf(tmp_path / "it.glb", package)
    scene = Scene(tmp_path / "it.glb")
    rest = _pixels_at_rest(package, scene)
    names = [node.name for node in scene.file.nodes]
    assert f"{package.puppet.joints[body].name} slant" in names
    for frame in range(21):
        values = scene.values(0, frame / 24)
        places = scene.places(values)
        assert _farthest(package, take, frame, rest, scene, places) < 0.1


def test_what_would_be_wrong_is_refused(tmp_path):
    """A joint is squeezed flat, and another that follows something else than its parent is not."""
    package = demo("wick")
    puppet = package.puppet
    hand = next(limb.target for limb in puppet.limbs.values() if puppet.joints[limb.target].parent is not None)
    parent = puppet.joints[hand].parent
    puppet = change(puppet, hand, also=("",))
    tracks = {
        f"{parent}.scale_y": (Key(0, 0, "straight"), Key(6, -1, "hold"), Key(20, -1, "hold")),
        f"{hand}.follows": (Key(0, 1, "hold"),),
        f"{hand}.x": (Key(0, 0, "straight"), Key(20, 300, "straight")),
    }
    package = package.having(puppet, takes=(Take("Flat", 24.0, 0, 20, tracks=tracks),))
    with pytest.raises(FileError, match='"Flat" can\'t be written as glTF'):
        write_gltf(tmp_path / "it.glb", package)
    assert not list(tmp_path.iterdir())
    with pytest.raises(FileError, match=r"end it with \.glb or \.gltf"):
        write_gltf(tmp_path / "it.obj", package)


def test_what_viewers_show_otherwise_is_listed():
    package = demo("wick")
    assert shown_otherwise(package) == []
    first, second, *_ = package.puppet.order
    puppet = change(change(package.puppet, first, blend="multiply"), second, clip=first)
    one, other = shown_otherwise(package.having(puppet))
    assert puppet.parts[first].name in one
    assert "no blend modes" in one
    assert puppet.parts[second].name in other
    assert "can't clip" in other


@pytest.mark.parametrize("name", DEMOS)
def test_all_places_are_in_units_so_that_viewers_know_how_large_it_is(name, folder):
    puppet, scene = load(ASSETS / f"{name}.umbrite").puppet, Scene(folder / f"{name}.glb")
    large = 2 * max(puppet.width, puppet.height) / PIXELS_A_UNIT
    assert scene.file.nodes[0].scale is None
    for mesh in scene.file.meshes:
        for number in (
            mesh.primitives[0].attributes.POSITION,
            *(each["POSITION"] for each in mesh.primitives[0].targets or []),
        ):
            accessor = scene.file.accessors[number]
            assert max(map(abs, [*accessor.min, *accessor.max])) < large, mesh.name
    for skin in scene.file.skins:
        assert np.abs(scene.array(skin.inverseBindMatrices)).max() < large

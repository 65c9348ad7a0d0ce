"""In comes what the artist sees: masks, clips, blend modes, opacity, profiles and depths; what is not kept is noted."""

import os
import zipfile

import numpy as np
import pytest
from PIL import Image, ImageCms
from psd_tools import PSDImage
from psd_tools.constants import BlendMode, Compression

from umbrite.files.file_errors import FileError
from umbrite.files.formats.any_art import read_here
from umbrite.files.formats.openraster import read_openraster, write_openraster
from umbrite.files.formats.pictures_in import in_order, read_folder
from umbrite.files.layers import Layered, layer_of, puppet_from
from umbrite.files.package import load, save
from umbrite.files.png import encode
from umbrite.files.sandbox.reading import read_art
from umbrite.rig.quantities.bounds import LONGEST

RED, GREEN = (200, 30, 20, 255), (10, 180, 40, 255)


def sheet(width, height, colour=RED):
    return np.full((height, width, 4), colour, np.uint8)


def the_layers(layered):
    return {layer.name: layer for layer in layered.layers}


def add(document, name, box, mode="RGB"):
    """A pixel layer at left, top with width, height."""
    left, top, width, height = box
    colour = GREEN[: len(mode)] if mode != "L" else 90
    return document.create_pixel_layer(Image.new(mode, (width, height), colour), name=name, top=top, left=left)


def test_masks_of_psd_layers_and_groups_cut_away_what_they_cover(tmp_path):
    document = PSDImage.new("RGB", (100, 80))
    arm = add(document, "Arm", (10, 10, 40, 30))
    covered = Image.new("L", (40, 30), 0)
    covered.paste(255, (0, 0, 20, 30))  # the left half shows
    arm.create_mask(covered)
    off = add(document, "Off", (60, 10, 20, 20))
    off.create_mask(Image.new("L", (20, 20), 0))
    off.mask.disabled = True
    document.save(tmp_path / "masked.psd")
    found = the_layers(read_here([tmp_path / "masked.psd"]))
    assert (found["Arm"].x, found["Arm"].y, found["Arm"].width, found["Arm"].height) == (10, 10, 20, 30)
    assert (found["Arm"].picture == sheet(20, 30, GREEN)).all()
    assert (found["Off"].width, found["Off"].height) == (20, 20)


def test_a_psd_without_a_transparency_band_is_no_opaque_rectangle(tmp_path):
    document = PSDImage.new("RGB", (60, 60))
    picture = Image.new("RGBA", (30, 30), (0, 0, 0, 0))
    picture.paste(RED, (5, 5, 15, 25))
    document.create_pixel_layer(picture, name="Lantern", top=10, left=10)
    document.save(tmp_path / "lantern.psd")
    (lantern,) = read_here([tmp_path / "lantern.psd"]).layers
    assert (lantern.x, lantern.y, lantern.width, lantern.height) == (15, 15, 10, 20)


def test_clipped_layers_and_blend_modes_of_a_psd_become_ours(tmp_path):
    document = PSDImage.new("RGB", (100, 80))
    add(document, "Body", (10, 10, 40, 40))
    shade = add(document, "Shade", (20, 20, 60, 40))
    shade.clipping = True
    shade.blend_mode = BlendMode.MULTIPLY
    glow = add(document, "Glow", (20, 20, 20, 20))
    glow.blend_mode = BlendMode.HUE
    document.save(tmp_path / "shaded.psd")
    layered = read_here([tmp_path / "shaded.psd"])
    assert [(layer.name, layer.blend, layer.clips) for layer in layered.layers] == [
        ("Body", "normal", False), ("Shade", "multiply", True), ("Glow", "normal", False)
    ]  # fmt: skip
    assert layered.notes == ("Glow is laid on as hue, which Umbrite does not have; it comes in as normal.",)
    puppet = puppet_from(layered).puppet
    body, shade_part, glow_part = (puppet.parts[key] for key in puppet.order)
    assert (shade_part.clip, shade_part.blend) == (puppet.order[0], "multiply")
    assert (body.clip, glow_part.clip) == (None, None)


@pytest.mark.parametrize("apart", [0, 30])
def test_the_opacity_of_a_psd_group_goes_to_its_layers_and_overlaps_are_told(tmp_path, apart):
    document = PSDImage.new("RGB", (120, 80))
    group = document.create_group(name="Ghost")
    for i, name in enumerate(("One", "Two")):
        group.append(add(document, name, (10 + i * (10 + apart), 10, 20, 20)))
    group.opacity = 51
    document.save(tmp_path / "ghost.psd")
    layered = read_here([tmp_path / "ghost.psd"])
    assert [layer.opacity for layer in layered.layers] == [pytest.approx(0.2)] * 2
    assert any("Ghost is seen through as a whole" in note for note in layered.notes) == (apart == 0)


def test_a_psd_with_damaged_pixels_is_refused_and_names_the_layer(tmp_path):
    """What can't be unpacked would come in black."""
    document = PSDImage.new("RGB", (64, 64))
    noise = Image.fromarray(np.random.default_rng(3).integers(0, 9, (60, 60, 3)).astype(np.uint8))
    document.create_pixel_layer(noise, name="Noise", top=2, left=2, compression=Compression.ZIP)
    path = tmp_path / "noise.psd"
    document.save(path)
    data = bytearray(path.read_bytes())
    packed = PSDImage.open(path)[0]._channels[2].data
    at = bytes(data).index(packed)
    data[at + 10 : at + len(packed) - 10] = bytes(len(packed) - 20)
    path.write_bytes(bytes(data))
    with pytest.raises(FileError, match="layer Noise of noise.psd are damaged"):
        read_here([path])


def test_blend_modes_and_group_opacity_of_openraster_are_read_as_they_are_written(tmp_path):
    made = [
        layer_of(f"L {blend}", sheet(9, 8), 2, 3, blend=blend) for blend in ("multiply", "screen", "overlay", "add")
    ]
    layers = tuple(layer for layer in made if layer is not None)
    write_openraster(tmp_path / "all.ora", Layered("all", 30, 20, layers))
    assert read_openraster(tmp_path / "all.ora").layers == layers
    with zipfile.ZipFile(tmp_path / "group.ora", "w") as out:
        out.writestr(
            "stack.xml",
            '<image w="40" h="30"><stack><stack name="Mist" opacity="0.5"><layer name="a" src="a.png"/>'
            '<layer name="b" src="a.png" composite-op="svg:color-dodge" opacity="0.5"/></stack></stack></image>',
        )
        out.writestr("a.png", encode(sheet(8, 8)))
    layered = read_openraster(tmp_path / "group.ora")
    assert [layer.opacity for layer in layered.layers] == [0.25, 0.5]
    assert "color-dodge" in layered.notes[0]
    assert "Mist" in layered.notes[1]


@pytest.mark.parametrize(
    "names",
    [
        ["1_back", "2_mid", "10_top"],
        ["8-back", "9-mid", "10-top"],
        ["01 back", "2.mid", "(10) top"],
        ["part2", "part9", "part10"],
    ],
)
def test_folders_are_laid_in_natural_order(tmp_path, names):
    for name in reversed(names):
        (tmp_path / f"{name}.png").write_bytes(encode(sheet(6, 6)))
    assert [path.stem for path in sorted(tmp_path.iterdir(), key=in_order)] == names
    layers = [layer.name for layer in read_folder(tmp_path).layers]
    assert layers in (["back", "mid", "top"], names, ["back", "mid", "(10) top"])


def test_grey_of_16_bits_keeps_its_shades(tmp_path):
    deep = np.linspace(0, 65_535, 256).astype(np.uint16).repeat(2).reshape(16, 32)
    Image.fromarray(deep).save(tmp_path / "deep.png")
    (layer,) = read_here([tmp_path / "deep.png"]).layers
    assert np.abs(layer.picture[..., 0].astype(float) - deep / 257).max() <= 1
    assert (layer.picture[..., 3] == 255).all()


def test_colour_profiles_are_brought_to_srgb_and_told(tmp_path):
    """A profile whose red and green are each other's shows at once whether it was heeded."""
    lab = ImageCms.ImageCmsProfile(ImageCms.createProfile("LAB"))
    srgb = ImageCms.ImageCmsProfile(ImageCms.createProfile("sRGB"))
    grey = np.linspace(20, 230, 64).astype(np.uint8).reshape(8, 8)
    picture = Image.merge("RGB", [Image.fromarray(grey)] * 3)
    picture.save(tmp_path / "plain.png", icc_profile=srgb.tobytes())
    plain = read_here([tmp_path / "plain.png"])
    assert plain.notes == ()
    assert (plain.layers[0].picture[..., 0] == grey).all()
    picture.save(tmp_path / "wrong.png", icc_profile=lab.tobytes())  # no profile for such a picture: it is left alone
    assert (read_here([tmp_path / "wrong.png"]).layers[0].picture[..., 0] == grey).all()
    picture.save(tmp_path / "other.png", icc_profile=linear_light(srgb.tobytes()))
    other = read_here([tmp_path / "other.png"])
    assert "brought to sRGB" in other.notes[0]
    shades = other.layers[0].picture[..., 0].astype(float)
    linear = grey / 255
    expected = 255 * np.where(linear <= 0.0031308, 12.92 * linear, 1.055 * linear ** (1 / 2.4) - 0.055)
    assert np.abs(shades - expected).max() < 2.5


def linear_light(profile):
    """The same primaries with a straight tone curve, and another name."""
    out = bytearray(profile)
    count = int.from_bytes(out[128:132], "big")
    for i in range(count):
        entry = 132 + 12 * i
        tag, at, size = bytes(out[entry : entry + 4]), int.from_bytes(out[entry + 4 : entry + 8], "big"), 0
        size = int.from_bytes(out[entry + 8 : entry + 12], "big")
        if tag in (b"rTRC", b"gTRC", b"bTRC"):
            out[at : at + 12] = b"curv" + bytes(8)  # a curve without points is the straight one
        if tag == b"desc":
            out[at : at + size] = (
                bytes(out[at : at + size])
                .replace("sRGB".encode("utf-16-be"), "Lamp".encode("utf-16-be"))
                .replace(b"sRGB", b"Lamp")
            )
    return bytes(out)


def test_groups_of_an_svg_are_the_same_drawn_in_their_own_box(tmp_path):
    shapes = "".join(
        f'<g id="g{i}"><circle cx="{137 + 31.37 * i}" cy="{211 + 57.7 * i}" r="{9 + i}" fill="#37{i}"/>'
        f'<path d="M{40 * i} {33 * i} l17.3 200.7" stroke="#000" stroke-width="0.4"/><rect x="10%" y="{3 * i}%" width="3%" height="9"/></g>'
        for i in range(9)
    )
    text = (
        f'<svg xmlns="http://www.w3.org/2000/svg" viewBox="-20 -30 600 900" width="1200" height="1800">{shapes}</svg>'
    )
    (tmp_path / "boxes.svg").write_text(text)
    from umbrite.files.formats import svg

    boxed = read_here([tmp_path / "boxes.svg"])
    with pytest.MonkeyPatch.context() as patch:
        patch.setattr(svg, "SMALL_CANVAS", 10**9)
        whole = read_here([tmp_path / "boxes.svg"])
    for one, other in zip(boxed.layers, whole.layers, strict=True):
        assert (one.x, one.y, one.width, one.height) == (other.x, other.y, other.width, other.height)
        assert np.abs(one.picture.astype(int) - other.picture.astype(int)).max() <= 1


TOO_LARGE = {
    "a long line": lambda folder: Image.new("L", (1, 110_000)).save(folder / "a.png"),
    "a wide psd": lambda folder: PSDImage.new("L", (300_000, 1)).save(folder / "a.psd"),
}


@pytest.mark.parametrize("kind", TOO_LARGE)
def test_what_could_not_be_kept_is_refused_on_the_way_in(tmp_path, kind):
    TOO_LARGE[kind](tmp_path)
    (path,) = tmp_path.iterdir()
    with pytest.raises(FileError, match=str(LONGEST)):
        read_here([path])


def test_many_wide_pictures_are_laid_in_rows_that_can_be_kept(tmp_path):
    for i in range(60):
        Image.new("L", (2_000, 3 + i), 200).save(tmp_path / f"{i:02d}.png")
    package = puppet_from(read_here([tmp_path]))
    assert package.puppet.width < 3 * 2_000
    save(tmp_path / "kept.umbrite", package)
    assert load(tmp_path / "kept.umbrite") == package


def test_names_that_are_no_text_are_cleaned_at_the_door(tmp_path):
    (tmp_path / os.fsdecode(b"caf\xe9.png")).write_bytes(encode(sheet(5, 5)))
    (tmp_path / "two\nlines\x1b[31m.png").write_bytes(encode(sheet(5, 5)))
    layered = read_art(sorted(tmp_path.iterdir()))
    package = puppet_from(layered)
    names = {part.name for part in package.puppet.parts.values()}
    assert names == {"Caf\N{REPLACEMENT CHARACTER}", "Two lines \N{REPLACEMENT CHARACTER}[31m"} or all(
        name.isprintable() for name in names
    )
    save(tmp_path / "kept.umbrite", package)
    assert load(tmp_path / "kept.umbrite") == package

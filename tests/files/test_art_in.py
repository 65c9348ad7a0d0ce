"""OpenRaster and loose pictures: everything comes in with name, place and order, or nothing does."""

import zipfile
import zlib

import numpy as np
import pytest

from demo_puppet import ASSETS, wick
from umbrite.files.file_errors import FileError
from umbrite.files.formats.openraster import read_openraster, write_openraster
from umbrite.files.formats.pictures_in import read_folder, read_pictures
from umbrite.files.layers import Layered, add_layers, groups_of, layer_of, puppet_from
from umbrite.files.long_work import CancelledError
from umbrite.files.opening import open_any
from umbrite.files.package import Package
from umbrite.files.png import decode, encode
from umbrite.files.sandbox.reading import read_art
from umbrite.rig.document import Document
from umbrite.rig.invariants import invariants


def layer(name, picture, x=0, y=0, opacity=1.0, *, visible=True):
    made = layer_of(name, picture, x, y, opacity=opacity, visible=visible)
    assert made is not None
    return made


def blot(width=8, height=6, colour=(200, 50, 30, 255)):
    return np.full((height, width, 4), colour, np.uint8)


def test_wicks_layers_come_in_as_parts_with_names_places_and_order():
    package = open_any(ASSETS / "wick.ora")
    finished = wick()
    assert invariants(package.puppet) == []
    parts = [package.puppet.parts[key] for key in package.puppet.order]
    wanted = [finished.parts[key] for key in finished.order]
    assert [p.name for p in parts] == [p.name for p in wanted]
    assert [p.placement for p in parts] == [p.placement for p in wanted]
    assert [p.drawing for p in parts] == [p.drawing for p in wanted]
    assert all(joint.parent is None and not joint.pivot_set for joint in package.puppet.joints.values())


def test_the_folder_of_pictures_gives_the_same_puppet_as_the_layered_picture():
    layered, folder = open_any(ASSETS / "wick.ora"), open_any(ASSETS / "wick-pictures")
    assert folder.puppet.parts == layered.puppet.parts
    assert (folder.puppet.width, folder.puppet.height) == (layered.puppet.width, layered.puppet.height)


def test_a_layered_picture_survives_the_round_trip(tmp_path):
    layers = (layer("Back", blot(), 3, 4), layer("Front <&>", blot(5, 5), -2, 0, 0.5, visible=False))
    path = tmp_path / "two.ora"
    write_openraster(path, Layered("two", 30, 20, layers))
    again = read_openraster(path)
    assert (again.width, again.height) == (30, 20)
    for before, after in zip(layers, again.layers, strict=True):
        assert (after.picture == before.picture).all()
        assert after == before


def ora(path, stack, **members):
    with zipfile.ZipFile(path, "w") as out:
        out.writestr("mimetype", "image/openraster")
        out.writestr("stack.xml", stack)
        for name, data in members.items():
            out.writestr(f"{name}.png", data)
    return path


def test_groups_hand_down_place_opacity_and_visibility(tmp_path):
    stack = """<image w="40" h="30"><stack>
      <layer name="Top" src="a.png" x="1" y="2"/>
      <stack name="Arm" x="10" y="5" opacity="0.5" visibility="hidden"><layer name="Hand" src="a.png" opacity="0.5"/></stack>
      <layer src="a.png"/></stack></image>"""
    layers = read_openraster(ora(tmp_path / "g.ora", stack, a=encode(blot()))).layers
    assert [layer.name for layer in layers] == ["Layer", "Hand", "Top"]
    assert (layers[1].x, layers[1].y, layers[1].opacity, layers[1].visible) == (10, 5, 0.25, False)
    assert layers[1].groups == ("Arm",)
    package = puppet_from(read_openraster(tmp_path / "g.ora"))
    hand = next(part for part in package.puppet.parts.values() if part.name == "Hand")
    assert (hand.opacity, hand.visible) == (0.25, False)


HOSTILE = {
    "entities": ('<!DOCTYPE x [<!ENTITY a "aaaa">]><image w="1" h="1"/>', "entities"),
    "no XML": ("<image", "layer list of .* is damaged"),
    "another root": ("<svg/>", "is no OpenRaster"),
    "absurd canvas": ('<image w="99999999" h="5"><stack/></image>', "absurd size"),
    "a word for a number": ('<image w="wide" h="5"><stack/></image>', "damaged: w is wide"),
    "endless number": ('<image w="1e999" h="5"><stack/></image>', "damaged"),
    "a missing picture": ('<image w="9" h="9"><stack><layer src="b.png"/></stack></image>', "lacks b.png"),
    "a path out": ('<image w="9" h="9"><stack><layer src="../../etc/passwd"/></stack></image>', "lacks"),
    "no picture": ('<image w="9" h="9"><stack><layer name="L" src="t.png"/></stack></image>', "no picture that"),
    "deep groups": (f'<image w="9" h="9">{"<stack>" * 80}{"</stack>" * 80}</image>', "more than 50 deep"),
    "nothing in it": ('<image w="9" h="9"><stack/></image>', "no layer that shows anything"),
    "only clear layers": ('<image w="9" h="9"><stack><layer src="c.png"/></stack></image>', "nothing to rig"),
}


@pytest.mark.parametrize("name", HOSTILE)
def test_a_broken_or_hostile_openraster_is_refused_in_one_sentence(tmp_path, name):
    stack, words = HOSTILE[name]
    path = ora(tmp_path / "bad.ora", stack, t=b"just text", c=encode(blot(colour=(0, 0, 0, 0))))
    with pytest.raises(FileError, match=words) as refusal:
        open_any(path)
    assert "\n" not in str(refusal.value)


def test_pictures_of_one_size_keep_their_place_and_others_lie_side_by_side(tmp_path):
    sheet = np.zeros((20, 30, 4), np.uint8)
    sheet[5:9, 10:14] = 255
    for name in ("02 Hand", "10 Arm"):
        (tmp_path / f"{name}.png").write_bytes(encode(sheet))
    puppet = open_any(tmp_path).puppet
    assert [puppet.parts[key].name for key in puppet.order] == ["Hand", "Arm"]
    assert {(p.placement.x, p.placement.y) for p in puppet.parts.values()} == {(10, 5)}
    (tmp_path / "11 Big.png").write_bytes(encode(blot(50, 40)))
    layered = read_folder(tmp_path)
    boxes = [(layer.x, layer.y, layer.x + layer.width, layer.y + layer.height) for layer in layered.layers]
    for i, (left, top, right, bottom) in enumerate(boxes):
        assert 0 < left < right < layered.width
        assert 0 < top < bottom < layered.height
        assert all(left >= r or right <= x or top >= b or bottom <= y for x, y, r, b in boxes[:i])
    assert layered.width < 200


def test_what_is_no_art_is_told_by_name(tmp_path):
    text = tmp_path / "notes.txt"
    text.write_text("buy lamp oil")
    fake = tmp_path / "fake.png"
    fake.write_text("buy lamp oil")
    with pytest.raises(FileError, match=r"can't open notes\.txt here: it reads"):
        open_any(text)
    with pytest.raises(FileError, match=r"fake\.png is no picture"):
        open_any(fake)
    with pytest.raises(FileError, match="isn't there"):
        open_any(tmp_path / "missing.ora")
    (tmp_path / "empty").mkdir()
    with pytest.raises(FileError, match="no PNG or WebP picture in the folder empty"):
        read_art([tmp_path / "empty"])
    cut = tmp_path / "cut.png"
    cut.write_bytes(encode(np.random.default_rng(1).integers(0, 255, (80, 80, 4), np.uint8))[:900])
    with pytest.raises(FileError, match=r"cut\.png is damaged"):
        read_pictures([cut])


def test_a_picture_that_is_too_large_is_not_unpacked():
    data = bytearray(encode(blot()))
    data[16:24] = (11_500).to_bytes(4, "big") * 2  # the header's width and height, with a sum that fits
    data[29:33] = zlib.crc32(data[12:29]).to_bytes(4, "big")
    with pytest.raises(FileError, match="too large"):
        decode(bytes(data), "huge.png")


def test_added_layers_lie_in_front_and_clear_ones_are_left_out():
    package = Package(Document(), {})
    assert layer_of("Clear", blot(colour=(9, 9, 9, 0))) is None
    package, first = add_layers(package, [layer("Arm", blot())])
    package, second = add_layers(package, [layer("Arm", blot(), 50, 0)])
    assert package.puppet.order == (*first, *second)
    assert [part.name for part in package.puppet.parts.values()] == ["Arm", "Arm 2"]
    assert len(package.art) == 1


def test_groups_become_carriers_where_that_is_wanted(tmp_path):
    stack = """<image w="40" h="30"><stack>
      <stack name="Arm"><layer name="Upper" src="a.png"/><stack name="Lower"><layer name="Hand" src="a.png"/>
      <layer name="Fore" src="a.png"/></stack></stack><layer name="Body" src="a.png"/></stack></image>"""
    layered = read_openraster(ora(tmp_path / "g.ora", stack, a=encode(blot())))
    puppet = puppet_from(layered, carriers=groups_of(layered.layers)).puppet
    assert invariants(puppet) == []
    parents = {joint.name: joint.parent and puppet.joints[joint.parent].name for joint in puppet.joints.values()}
    assert parents == {"Body": None, "Hand": "Lower", "Fore": "Lower", "Upper": "Arm", "Lower": "Arm", "Arm": None}


def test_reading_is_watched_and_can_be_cancelled_at_any_layer():
    seen = []

    def watch(done, of, name):
        seen.append((done, of, name))
        if done == 3:
            raise CancelledError("Stopped.")

    with pytest.raises(CancelledError):
        read_art([ASSETS / "wick.ora"], watch)
    asked = [(done, of) for done, of, _ in seen if of > 1]  # in between it is asked whether to go on
    assert list(dict.fromkeys(asked)) == [(0, 24), (1, 24), (2, 24), (3, 24)]
    with pytest.raises(CancelledError):
        read_art([ASSETS / "wick-pictures"], watch)

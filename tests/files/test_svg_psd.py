"""SVG with named groups and layered PSD come in as layers; broken and hostile ones are refused in one sentence."""

import numpy as np
import pytest
from PIL import Image
from psd_tools import PSDImage
from psd_tools.constants import BlendMode

from umbrite.files.file_errors import FileError
from umbrite.files.opening import open_any
from umbrite.files.sandbox.reading import read_art
from umbrite.rig.invariants import invariants

HEAD = '<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" xmlns:inkscape="http://www.inkscape.org/namespaces/inkscape"'
BODY = """ width="200" height="100">
  <defs><linearGradient id="g"><stop offset="0" stop-color="red"/><stop offset="1" stop-color="blue"/></linearGradient></defs>
  <g id="g1" inkscape:label="Trunk"><rect x="20" y="10" width="60" height="80" fill="url(#g)"/></g>
  <g id="g2" inkscape:label="Near arm" transform="translate(100,0)">
    <g id="upper"><circle cx="20" cy="30" r="15" fill="green"/></g>
    <g id="hand" opacity="0.5"><rect x="10" y="60" width="20" height="20"/></g>
  </g>
  <circle cx="190" cy="90" r="5"/>
</svg>"""


def svg(tmp_path, text):
    path = tmp_path / "drawing.svg"
    path.write_text(text)
    return path


def test_named_groups_of_an_svg_become_layers_where_they_lie(tmp_path):
    layered = read_art([svg(tmp_path, HEAD + BODY)])
    assert (layered.width, layered.height) == (200, 100)
    assert [(layer.name, layer.groups) for layer in layered.layers] == [
        ("Trunk", ()), ("upper", ("Near arm",)), ("hand", ("Near arm",)), ("Drawing", ())
    ]  # fmt: skip
    trunk, upper, hand, loose = layered.layers
    assert (trunk.x, trunk.y, trunk.width, trunk.height) == (20, 10, 60, 80)
    assert (upper.x, upper.y) == (105, 15)
    assert (hand.x, hand.y, hand.width) == (110, 60, 20)
    assert hand.picture[10, 10, 3] == pytest.approx(128, abs=2)
    assert (trunk.picture[40, 2, :3] != trunk.picture[40, 57, :3]).any()  # the gradient came along
    assert loose.x == 185
    assert invariants(open_any(tmp_path / "drawing.svg").puppet) == []


def test_sizes_in_units_or_from_the_view_box(tmp_path):
    shape = '><g id="a"><rect width="5" height="5"/></g></svg>'
    assert read_art([svg(tmp_path, HEAD + ' viewBox="0 0 50 40"' + shape)]).width == 50
    assert read_art([svg(tmp_path, HEAD + ' width="1in" height="2in" viewBox="0 0 9 9"' + shape)]).height == 192


def test_what_is_hidden_comes_in_hidden_and_what_is_blended_is_blended(tmp_path):
    shape = '<rect width="9" height="9"/>'
    text = (
        f'<style>.h{{display:none}}</style><g id="a" display="none">{shape}</g><g id="b" style="fill:red;display:none">{shape}</g><g class="h" id="c">{shape}</g>'
        f'<g style="visibility:hidden"><g id="d">{shape}</g></g><g id="e" style="mix-blend-mode:multiply">{shape}</g><g id="f" style="mix-blend-mode:hue">{shape}</g>'
        '<g id="g"><rect x="90" width="9" height="9"/></g>'
    )
    layered = read_art([svg(tmp_path, f'{HEAD} width="20" height="20">{text}</svg>')])
    assert [layer.name for layer in layered.layers if not layer.visible] == ["a", "b", "c", "d"]
    assert [layer.blend for layer in layered.layers if layer.visible] == ["multiply", "normal"]
    assert [note.partition(" ")[0] for note in layered.notes] == ["f", "1"]  # laid on as hue; what lies beside the page


HOSTILE = {
    "an external picture": (' width="9" height="9"><image xlink:href="../../etc/passwd"/></svg>', "refers to another file"),
    "a web picture": (' width="9" height="9"><image href="//elsewhere/a.png"/></svg>', "refers to another file"),
    "a huge size": (' width="1e8" height="9"><g id="a"/></svg>', "usable size"),
    "too many pixels": (' width="50000" height="50000"><g id="a"><rect width="9" height="9"/></g></svg>', "too large"),
    "no size": ("><g/></svg>", "usable size"),
    "a word": (' width="wide" height="9"><g/></svg>', "usable size"),
    "half a file": (' width="9" height="9"><g><rect', "is damaged"),
    "nothing in it": (' width="9" height="9"></svg>', "no layer that shows anything"),
    "deep groups": (f' width="9" height="9">{"<g>" * 70}{"</g>" * 70}</svg>', "more than 50 deep"),
}  # fmt: skip


@pytest.mark.parametrize("name", HOSTILE)
def test_a_hostile_svg_is_refused_in_one_sentence(tmp_path, name):
    body, words = HOSTILE[name]
    with pytest.raises(FileError, match=words) as refusal:
        open_any(svg(tmp_path, HEAD + body))
    assert "\n" not in str(refusal.value)


def test_entities_and_other_xml_are_refused(tmp_path):
    with pytest.raises(FileError, match="entities"):
        open_any(svg(tmp_path, '<!DOCTYPE x [<!ENTITY a "aaaa">]>' + HEAD + BODY))
    with pytest.raises(FileError, match="no SVG drawing"):
        open_any(svg(tmp_path, "<page/>"))


def psd(path):
    document = PSDImage.new("RGBA", (120, 80))
    group = document.create_group(name="Arm")
    for name, at, colour in (("Upper", (10, 20), (200, 0, 0, 255)), ("Hand", (50, 30), (0, 200, 0, 255))):
        layer = document.create_pixel_layer(Image.new("RGBA", (30, 20), colour), name=name, top=at[1], left=at[0])
        group.append(layer)
    body = document.create_pixel_layer(Image.new("RGBA", (40, 40), (0, 0, 200, 255)), name="Body", top=5, left=70)
    body.opacity = 102
    body.visible = False
    document.append(body)
    document.save(path)
    return path


def test_layers_of_a_psd_come_in_with_place_opacity_visibility_and_group(tmp_path):
    layered = read_art([psd(tmp_path / "figure.psd")])
    assert (layered.width, layered.height) == (120, 80)
    found = {layer.name: layer for layer in layered.layers}
    assert set(found) == {"Upper", "Hand", "Body"}
    assert (found["Upper"].x, found["Upper"].y, found["Upper"].width) == (10, 20, 30)
    assert found["Hand"].groups == ("Arm",)
    assert (found["Body"].opacity, found["Body"].visible) == (pytest.approx(0.4), False)
    assert (found["Hand"].picture[5, 5] == np.array([0, 200, 0, 255])).all()


def test_broken_psds_are_refused(tmp_path):
    whole = psd(tmp_path / "whole.psd").read_bytes()
    for cut in (10, 40, len(whole) // 2, len(whole) - 30):
        path = tmp_path / "cut.psd"
        path.write_bytes(whole[:cut])
        try:
            package = open_any(path)
        except FileError as refusal:
            assert "\n" not in str(refusal)
        else:
            assert len(package.puppet.parts) == 3  # a cut in the last, merged picture does no harm
    (tmp_path / "text.psd").write_text("buy lamp oil")
    with pytest.raises(FileError, match="no PSD picture"):
        open_any(tmp_path / "text.psd")
    with pytest.raises(FileError, match="opened one at a time"):
        read_art([tmp_path / "whole.psd", tmp_path / "cut.psd"])


def test_blend_modes_with_their_letters_the_wrong_way_round_are_understood(tmp_path):
    document = PSDImage.new("RGB", (40, 30))
    for name, blend in (("Body", BlendMode.NORMAL), ("Shade", BlendMode.MULTIPLY)):
        layer = document.create_pixel_layer(Image.new("RGBA", (9, 8), (200, 50, 30, 128)), name=name, top=3, left=4)
        layer.blend_mode = blend
    document.save(tmp_path / "right.psd")
    data = (tmp_path / "right.psd").read_bytes()
    (tmp_path / "turned.psd").write_bytes(data.replace(b"8BIMnorm", b"8BIMmron").replace(b"8BIMmul ", b"8BIM lum"))
    right, turned = (read_art([tmp_path / f"{name}.psd"]).layers for name in ("right", "turned"))
    assert turned == right
    assert [layer.blend for layer in turned] == ["normal", "multiply"]

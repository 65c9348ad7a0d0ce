"""OpenRaster and loose pictures: everything comes in with name, place and order, or nothing does."""

import zipfile

import numpy as np

from umbrite.files.formats.openraster import read_openraster, write_openraster
from umbrite.files.layers import Layered, groups_of, layer_of, puppet_from
from umbrite.files.png import encode
from umbrite.rig.invariants import invariants


def layer(name, picture, x=0, y=0, opacity=1.0, *, visible=True):
    made = layer_of(name, picture, x, y, opacity=opacity, visible=visible)
    assert made is not None
    return made


def blot(width=8, height=6, colour=(200, 50, 30, 255)):
    return np.full((height, width, 4), colour, np.uint8)


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


def test_groups_become_carriers_where_that_is_wanted(tmp_path):
    stack = """<image w="40" h="30"><stack>
      <stack name="Arm"><layer name="Upper" src="a.png"/><stack name="Lower"><layer name="Hand" src="a.png"/>
      <layer name="Fore" src="a.png"/></stack></stack><layer name="Body" src="a.png"/></stack></image>"""
    layered = read_openraster(ora(tmp_path / "g.ora", stack, a=encode(blot())))
    puppet = puppet_from(layered, carriers=groups_of(layered.layers)).puppet
    assert invariants(puppet) == []
    parents = {joint.name: joint.parent and puppet.joints[joint.parent].name for joint in puppet.joints.values()}
    assert parents == {"Body": None, "Hand": "Lower", "Fore": "Lower", "Upper": "Arm", "Lower": "Arm", "Arm": None}

"""Edits one by one: what riggers rely on, on Wick's own rig and on small puppets."""

import math

import pytest
from hypothesis import given
from hypothesis import strategies as st
from msgspec.structs import replace

from umbrite.rig.change import change, put
from umbrite.rig.edits.bones import add_bone
from umbrite.rig.edits.limbs import make_limb
from umbrite.rig.edits.parenting import set_parent
from umbrite.rig.edits.parts import add_part, reorder
from umbrite.rig.edits.pivots import move_pivot
from umbrite.rig.edits.renaming import rename
from umbrite.rig.errors import RigError
from umbrite.rig.invariants import invariants
from umbrite.rig.model import Drawing, Limit, Placement, Point, Puppet
from umbrite.rig.quantities.angles import from_shown, shown_degrees
from umbrite.rig.words.body_words import kind_of_limb

PIVOTS = {
    "Trunk": (300, 300), "Near upper arm": (250, 200), "Near forearm": (180, 280), "Near hand": (200, 380),
    "Near thigh": (280, 400), "Near shin": (300, 500), "Near foot": (280, 600), "Head": (300, 150),
}  # fmt: skip
PARENTS = {
    "Near upper arm": "Trunk", "Near forearm": "Near upper arm", "Near hand": "Near forearm",
    "Near thigh": "Trunk", "Near shin": "Near thigh", "Near foot": "Near shin", "Head": "Trunk",
}  # fmt: skip


def named(puppet, name):
    return next(key for key, joint in puppet.joints.items() if joint.name == name)


@pytest.fixture
def figure():
    """A small figure with pivots and a family, and no limbs yet."""
    puppet = Puppet()
    for name, (x, y) in PIVOTS.items():
        puppet, _ = add_part(puppet, name, Drawing("0" * 64, 40, 60), Placement(x - 15.0, y - 10.0))
        puppet = move_pivot(puppet, named(puppet, name), complex(x, y))
    for child, parent in PARENTS.items():
        puppet = set_parent(puppet, [named(puppet, child)], named(puppet, parent))
    return puppet


@pytest.fixture
def limbed(figure):
    puppet, _ = make_limb(figure, named(figure, "Near upper arm"), named(figure, "Near hand"))
    return make_limb(puppet, named(puppet, "Near foot"), named(puppet, "Near thigh"))[0]


@given(st.floats(-1e4, 1e4))
def test_shown_angles_keep_their_whole_turns_and_come_back(angle):
    assert from_shown(shown_degrees(angle)) == pytest.approx(angle, abs=1e-9)


def test_a_name_may_have_spaces_but_not_be_empty_or_taken(figure):
    head = named(figure, "Head")
    assert rename(figure, head, "  Big   head ").joints[head].name == "Big head"
    with pytest.raises(RigError, match="can't be empty"):
        rename(figure, head, "  ")
    with pytest.raises(RigError, match="is taken"):
        rename(figure, head, "Trunk")


def test_a_circle_is_refused_in_words_and_nothing_changes(figure):
    trunk, hand = named(figure, "Trunk"), named(figure, "Near hand")
    with pytest.raises(RigError, match="Near hand is carried by Near forearm is carried by .*, a circle"):
        set_parent(figure, [trunk], hand)
    with pytest.raises(RigError, match="can't carry itself"):
        set_parent(figure, [trunk], trunk)


def test_the_invariants_notice_what_is_broken(limbed):
    key, limb = next(iter(limbed.limbs.items()))
    trunk = named(limbed, "Trunk")
    broken = {
        "stands away": change(limbed, limb.target, pivot=Point(0, 0)),
        "in a circle": change(limbed, trunk, parent=named(limbed, "Head")),
        "not there": change(limbed, trunk, parent="j999"),
        "no id": put(limbed, "j999", limbed.joints[trunk]),
        "the same name": change(limbed, trunk, name="Head"),
        "one chain": change(limbed, key, joints=(limb.joints[0], named(limbed, "Head"))),
        "leaves out rest": change(limbed, trunk, limit=Limit(0.1, 0.2)),
        "not finite": change(limbed, trunk, pivot=Point(math.inf, 0)),
        "permutation": reorder(limbed, [], 0).__class__(**{**_fields(limbed), "order": limbed.order[1:]}),
    }
    for words, puppet in broken.items():
        assert any(words in sentence for sentence in invariants(puppet)), words


def _fields(puppet):
    return {name: getattr(puppet, name) for name in puppet.__struct_fields__}


@pytest.mark.parametrize(
    ("names", "kind", "name"),
    [
        (["Links Oberschenkel", "Links Unterschenkel", "Links Fuß"], "leg", "Links Oberschenkel – Fuß"),
        (["Cuisse gauche", "Jambe gauche", "Pied gauche"], "leg", "Gauche Cuisse – Pied"),
        (["Near thigh", "Near shin", "Near foot"], "leg", "Near leg"),
        (["Brazo izquierdo", "Antebrazo izquierdo", "Mano izquierda"], "arm", "Izquierdo Brazo – Mano"),
        (["Front upper leg L", "Front lower leg L", "Front paw L"], "leg", "L front leg"),
        (["Schwanz 1", "Schwanz 2"], "tail", "Schwanz 1 – Schwanz 2"),
        (["Piston", "Rod"], "", "Piston limb"),
    ],
)
def test_a_limb_is_told_by_names_in_any_language(names, kind, name):
    puppet = Puppet("It", 900, 900)
    for i, each in enumerate(names):
        puppet, key = add_bone(puppet, 300 + 10j * i + 100j * i, 300 + 110j * (i + 1), None, each)
        if i:
            puppet = set_parent(puppet, [key], list(puppet.joints)[-2])
    first, *_, last = puppet.joints
    puppet, key = make_limb(puppet, first, last)
    limb = puppet.limbs[key]
    assert (limb.kind, limb.name) == (kind, name)
    assert limb.end_hold == ("target" if kind == "leg" else "limb")
    assert kind_of_limb(puppet, replace(limb, kind="")) == kind

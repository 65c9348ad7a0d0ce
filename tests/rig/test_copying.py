"""Copies: complete, independent of the original, mirrored exactly; names in bulk."""

import msgspec
import pytest
from hypothesis import assume, given
from hypothesis import strategies as st
from msgspec.structs import replace

from demo_puppet import joint, part, wick
from strategies import EDITS, puppets
from umbrite.rig.affine import Affine, after
from umbrite.rig.edits.copying import centre_line, copy_branches
from umbrite.rig.edits.renaming import numbered, renamed, replaced, side_swapped
from umbrite.rig.errors import RigError
from umbrite.rig.invariants import invariants
from umbrite.rig.merging.rewiring import Transform
from umbrite.rig.placement import board_from_drawing

WICK = wick()


def other_arm(transform, puppet=WICK):
    return copy_branches(puppet, [joint(puppet, "Near upper arm")], transform)


def test_the_mirrored_arm_brings_limb_limits_target_control_and_lamp_and_refers_to_nothing_old():
    copied, new = other_arm(Transform(line=centre_line(WICK, [joint(WICK, "Near upper arm")])))
    assert invariants(copied) == []
    assert {copied.parts[new[part(WICK, n)]].name for n in ("Near upper arm", "Near hand")} == {
        "Far upper arm 2",
        "Far hand 2",
    }
    old = next(limb for limb in WICK.limbs.values() if limb.name == "Near arm")
    limb = next(item for key, item in copied.limbs.items() if key not in WICK.limbs)
    assert limb.bend == -old.bend
    assert limb.side == "far"
    lower = joint(WICK, "Near forearm")
    one, other = WICK.joints[lower].limit, copied.joints[new[lower]].limit
    assert one is not None
    assert other is not None
    assert (other.smallest, other.largest) == (-one.largest, -one.smallest)
    control = next(item for key, item in copied.controls.items() if key not in WICK.controls)
    assert control.moves == limb.target == new[old.target]
    made = {
        key: value
        for field in ("joints", "parts", "limbs", "controls")
        for key, value in getattr(copied, field).items()
        if key in new.values()
    }
    text = msgspec.json.encode(made).decode()
    assert not any(f'"{key}"' in text for key in new)
    assert copied.joints[new[joint(WICK, "Near upper arm")]].parent == joint(WICK, "Trunk")


# What is turned or spread by computing lies between the places that mirror to the bit; a mirror may round there.
ON_GRID = {name: edit for name, edit in EDITS.items() if not name.startswith(("rest.", "arranging."))}


@given(puppets(ON_GRID), st.data(), st.floats(-500, 1500))
def test_mirrored_twice_is_the_original_to_the_bit(puppet, data, line):
    assume(puppet.joints)
    key = data.draw(st.sampled_from(list(puppet.joints)))
    once, new = copy_branches(puppet, [key], Transform(line=line))
    assert invariants(once) == []
    twice, again = copy_branches(once, [new[key]], Transform(line=line))
    assert invariants(twice) == []
    for old, middle in new.items():
        if middle not in again or old[0] not in "jplc":
            continue
        field = {"j": "joints", "p": "parts", "l": "limbs", "c": "controls"}[old[0]]
        first, second = getattr(puppet, field)[old], getattr(twice, field)[again[middle]]
        if old[0] == "j":
            assert (first.pivot, first.tip, first.limit, first.give) == (
                second.pivot,
                second.tip,
                second.limit,
                second.give,
            )
        elif old[0] == "p":
            assert (first.placement, first.drawing) == (second.placement, second.drawing)
        elif old[0] == "l":
            assert (first.bend, first.tip, first.soften) == (second.bend, second.tip, second.soften)
        else:
            assert (first.offset, first.kind) == (second.offset, second.kind)


@given(puppets(EDITS), st.data(), st.booleans())
def test_a_copy_changes_nothing_that_was_there(puppet, data, mirrored):
    assume(puppet.joints)
    keys = data.draw(st.sets(st.sampled_from(list(puppet.joints)), min_size=1))
    transform = Transform(line=300.0) if mirrored else Transform(shift=40 - 30j)
    copied, new = copy_branches(puppet, keys, transform)
    assert invariants(copied) == []
    for field in ("joints", "parts", "limbs", "controls"):
        for key, item in getattr(puppet, field).items():
            assert getattr(copied, field)[key] == item
    assert [key for key in copied.order if key in puppet.parts] == list(puppet.order)
    assert set(new).isdisjoint(new.values())


def test_a_mirrored_drawing_lies_as_a_looking_glass_shows_it():
    copied, new = other_arm(Transform(line=600.0))
    flip = Affine(0j, -1 + 0j, 1200 + 0j)
    for name in ("Near upper arm", "Lamp pole"):
        key = part(WICK, name)
        wanted = after(flip, board_from_drawing(WICK.parts[key].placement))
        found = board_from_drawing(copied.parts[new[key]].placement)
        assert all(a == pytest.approx(b, abs=1e-9) for a, b in zip(wanted, found, strict=True))


def test_many_names_change_at_once_even_where_they_trade_places():
    keys = [part(WICK, name) for name in ("Near hand", "Far hand")]
    traded = renamed(WICK, side_swapped(WICK, keys))
    assert [traded.parts[key].name for key in keys] == ["Far hand", "Near hand"]
    mitts = renamed(WICK, replaced(WICK, keys, "HAND", "mitt"))
    assert [mitts.parts[key].name for key in keys] == ["Near mitt", "Far mitt"]
    assert [renamed(WICK, numbered(keys, "Glove", 3)).parts[key].name for key in keys] == ["Glove 3", "Glove 4"]
    with pytest.raises(RigError, match="twice"):
        renamed(WICK, {keys[0]: "Cap"})
    with pytest.raises(RigError, match="lose its name"):
        renamed(WICK, replaced(WICK, keys[:1], "Near hand", " "))
    assert replaced(WICK, keys, "", "x") == {}
    assert replace(WICK) == WICK

"""Bones and binding: drawn, from pivots, along lines, dragged, detached; parts bound by name, overlap and nearness."""

import pytest

from demo_puppet import ASSETS, part, wick
from umbrite.files.opening import open_any
from umbrite.files.package import load
from umbrite.rig.change import change
from umbrite.rig.edits.binding import bind_loose_to_nearest, by_name, loose_parts
from umbrite.rig.edits.bones import add_bone
from umbrite.rig.errors import RigError
from umbrite.rig.invariants import invariants

WICK = wick()
UNRIGGED = open_any(ASSETS / "wick.ora")
PICTURES = load(ASSETS / "wick.umbrite").pixels()


def chain():
    puppet, one = add_bone(UNRIGGED.puppet, 100 + 100j, 200 + 100j, None, "Near tail 1")
    puppet, two = add_bone(puppet, 200 + 100j, 280 + 160j, one, "Near tail 2")
    puppet, three = add_bone(puppet, 280 + 160j, 300 + 260j, two, "Near tail 3")
    return puppet, [one, two, three]


def ends(puppet, key):
    item = puppet.joints[key]
    assert item.tip is not None
    return item.pivot.z, item.tip.z


def art(puppet):
    return [(item.name, item.placement) for item in puppet.parts.values()]


def test_parts_are_found_by_name_and_what_nothing_carries_is_listed_and_bound_to_the_nearest():
    puppet, (one, two, _three) = chain()
    puppet = change(puppet, one, name="near_forearm bone")
    assert by_name(puppet, puppet.order, [one, two]) == {part(puppet, "Near forearm"): one}
    loose = loose_parts(puppet)
    assert len(loose) == 24
    nearer, key = add_bone(puppet, 560 + 1000j, 590 + 1200j, None, "Leg bone")
    bound, found = bind_loose_to_nearest(nearer)
    assert loose_parts(bound) == []
    assert found[part(puppet, "Near thigh")] == key
    assert art(bound) == art(puppet)
    assert invariants(bound) == []
    with pytest.raises(RigError, match="no bone yet that unbound parts"):
        bind_loose_to_nearest(UNRIGGED.puppet)

"""A puppet inside a puppet: placed as it does alone, moved as one, kept up to date, and changed in its own file only."""

import math

import numpy as np
import pytest
from hypothesis import HealthCheck, Phase, assume, given, settings
from hypothesis import strategies as st
from msgspec.structs import replace

from all_edits import EDITS, edited
from demo_puppet import ASSETS
from strategies import furnished, poses, puppets
from umbrite.files.native.soundness import fault_of
from umbrite.files.package import load
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.rig.affine import Affine, after
from umbrite.rig.change import change, put, take_out
from umbrite.rig.document import Document
from umbrite.rig.edits.bones import add_bone
from umbrite.rig.edits.limits import set_limit
from umbrite.rig.edits.parenting import set_parent
from umbrite.rig.edits.parts import add_part, nudge_parts, remove_part
from umbrite.rig.edits.renaming import rename
from umbrite.rig.errors import RigError
from umbrite.rig.family import parts_on, users_of
from umbrite.rig.invariants import invariants
from umbrite.rig.merging.guest_edits import add_guest, make_own, place_guest, remove_guest, update_guest
from umbrite.rig.merging.guests import DEEPEST, depth_of, refuse_inside
from umbrite.rig.merging.rewiring import copied_settings
from umbrite.rig.model import Drawing, Placement, Puppet

HOST = load(ASSETS / "wick.umbrite").document
BRAMBLE = load(ASSETS / "bramble.umbrite").document


def placed_maps(puppet, pose, keys):
    """From each of these drawings to the board."""
    plan = compile_plan(puppet)
    found = evaluate(plan, pose).part_maps()
    at = [plan.parts.index(key) for key in keys]
    rows = [np.broadcast_to(field, (1, len(plan.parts)))[0] for field in found]
    return [Affine(*(complex(row[i]) for row in rows)) for i in at]


def gap(one, other):
    """How far two rows of maps differ, by their largest coefficient."""
    return max((abs(a - b) for m, n in zip(one, other, strict=True) for a, b in zip(m, n, strict=True)), default=0.0)


def guest(document, key):
    return document.puppet.guests[key]


def with_cart(scale=1.0):
    """Wick with Bramble as a guest."""
    return add_guest(HOST, BRAMBLE, "bramble.umbrite", 120 - 30j, scale)


@settings(deadline=None, max_examples=40)
@given(st.data())
def test_a_guest_is_where_its_own_evaluation_and_its_root_say_to_a_billionth(data):
    inner = data.draw(puppets().filter(lambda p: p.parts and not any(link.travel for link in p.links.values())))
    scale = data.draw(st.sampled_from([1.0, 0.5, 2.0]))
    document, key = add_guest(HOST, Document(inner), "x.umbrite", 64 + 32j, scale)
    assert invariants(document.puppet) == []
    pose = data.draw(poses(inner, st.floats(-0.5, 0.5)))
    root = guest(document, key).root
    carried = {f"{root}.turn": 0.7, f"{root}.x": 30.0, f"{root}.scale_x": 0.25, f"{root}.scale_y": 0.25}
    there = {**copied_settings(pose, guest(document, key).ids, scale), **carried}
    own = placed_maps(inner, pose, list(inner.parts))
    whole = evaluate(compile_plan(document.puppet), there).joint_map(root)
    onto = Affine(complex(scale), 0j, 64 + 32j)
    composed = [after(whole, after(onto, m)) for m in own]
    flat = placed_maps(document.puppet, there, [guest(document, key).ids[k] for k in inner.parts])
    size = max(1.0, *(abs(c) for m in composed for c in m))
    # Rounding in a distance is its square root in the angle of a limb that is all but straight, more so where a joint of it is slanted.
    slanted = any(name.endswith((".skew", ".scale_x", ".scale_y")) for name in pose)
    assert gap(composed, flat) < (1e-9 if not inner.limbs else 5e-7 if slanted else 3e-8) * size


def test_a_guest_of_a_guest_is_placed_through_both():
    middle, inner = add_guest(BRAMBLE, HOST, "wick.umbrite", 40 + 0j, 0.5)
    document, key = add_guest(HOST, middle, "bramble.umbrite", 10 + 20j, 0.5)
    assert fault_of(document) is None
    assert depth_of(document) == 2
    assert list(document.puppet.guests) == [key]
    own = placed_maps(HOST.puppet, {}, list(HOST.puppet.parts))
    onto = after(Affine(0.5 + 0j, 0j, 10 + 20j), Affine(0.5 + 0j, 0j, 40 + 0j))
    ids, outer = guest(middle, inner).ids, guest(document, key).ids
    flat = placed_maps(document.puppet, {}, [outer[ids[k]] for k in HOST.puppet.parts])
    assert gap([after(onto, m) for m in own], flat) < 1e-9 * 2000


def test_guests_within_guests_end_somewhere_and_none_is_its_own_guest():
    document = Document(add_part(Puppet(name="Box"), "Box", Drawing("0" * 64, 10, 10), Placement(0.0, 0.0))[0])
    with pytest.raises(RigError, match="can't be a guest in itself"):
        add_guest(document, document, "box.umbrite")
    with pytest.raises(RigError, match="Nobody is empty"):
        add_guest(document, Document(Puppet(name="Nobody")), "nobody.umbrite")
    bones, _ = add_bone(Puppet(name="Bones"), 10 + 20j, 10 + 90j)
    alone, _ = add_guest(document, Document(bones), "bones.umbrite")
    assert invariants(alone.puppet) == []
    for i in range(DEEPEST):
        host = Document(add_part(Puppet(name=f"Box {i}"), "Lid", Drawing("0" * 64, 10, 10), Placement(0.0, 0.0))[0])
        document, _ = add_guest(host, document, "box.umbrite")
    assert depth_of(document) == DEEPEST
    with pytest.raises(RigError, match="deep"):
        add_guest(HOST, document, "box.umbrite")


def test_moved_and_scaled_at_rest_and_back_it_is_the_same_and_poses_keep_up():
    document, key = with_cart()
    ids = guest(document, key).ids
    hook = next(ids[limb.target] for limb in BRAMBLE.puppet.limbs.values())
    document = replace(document, pose={f"{hook}.x": 12.0, f"{hook}.turn": 0.3})
    there = place_guest(document, key, 400 + 100j, 2.0)
    assert there.pose == {f"{hook}.x": 24.0, f"{hook}.turn": 0.3}
    assert invariants(there.puppet) == []
    assert place_guest(there, key, 120 - 30j, 1.0) == document


def test_of_two_guests_of_the_same_puppet_each_is_its_own():
    document, one = with_cart()
    document, other = add_guest(document, BRAMBLE, "bramble.umbrite", 500 + 0j)
    assert [guest(document, key).name for key in (one, other)] == ["Bramble", "Bramble 2"]
    moved = place_guest(document, other, 700 + 0j)
    assert all(
        moved.puppet.joints[key] == document.puppet.joints[key]
        for key in guest(document, one).ids.values()
        if key in document.puppet.joints
    )


def test_what_an_update_takes_away_lets_what_the_host_hung_from_it_hang_from_the_whole():
    document, key = with_cart()
    ids = guest(document, key).ids
    plain = BRAMBLE.puppet
    gone, part = next(
        (one.joint, k) for k, one in plain.parts.items()
        if parts_on(plain, one.joint) == [k] and not users_of(plain, one.joint)
    )  # fmt: skip
    puppet, lantern = add_part(document.puppet, "Lantern", Drawing("0" * 64, 10, 10), Placement(0.0, 0.0))
    held = puppet.parts[lantern].joint
    puppet = set_parent(puppet, [held], ids[gone])
    made = update_guest(
        replace(document, puppet=puppet), key, replace(BRAMBLE, puppet=remove_part(BRAMBLE.puppet, part))
    )
    assert made.told[-1:] == ("Lantern follows Bramble as a whole now.",)
    assert made.document.puppet.joints[held].parent == guest(made.document, key).root
    assert ids[gone] not in made.document.puppet.joints
    assert invariants(made.document.puppet) == []


def test_the_host_changes_names_and_looks_of_a_guest_and_what_carries_it_and_nothing_else():
    document, key = with_cart()
    before, one = document.puppet, guest(document, key)
    joint = next(own for own in one.ids.values() if own in before.joints)
    part = next(own for own in one.ids.values() if own in before.parts)
    for allowed in (
        rename(before, joint, "Hoof of the guest"),
        change(before, part, visible=False, locked=True),
        set_parent(before, [one.root], next(iter(HOST.puppet.joints))),
        make_own(before, key),
        remove_guest(before, key)[0],
        place_guest(document, key, 9 + 9j).puppet,
    ):
        refuse_inside(before, allowed)
        assert invariants(allowed) == []
    for refused in (
        nudge_parts(before, [part], 1 + 0j),
        set_limit(before, joint, -1.0, 1.0),
        take_out(before, part),
        set_parent(before, [joint], next(iter(HOST.puppet.joints))),
    ):
        with pytest.raises(RigError, match="guest Bramble"):
            refuse_inside(before, refused)


@pytest.mark.parametrize(
    ("fields", "words"),
    [
        ({"root": "j9999"}, "not there"),
        ({"ids": {"j1": next(iter(HOST.puppet.parts))}}, "another kind"),
        ({"scale": math.nan}, "absurd size"),
    ],
)
def test_a_guest_that_can_not_be_is_no_sound_puppet(fields, words):
    document, key = with_cart()
    puppet = put(document.puppet, key, replace(guest(document, key), **fields))
    assert any(words in fault for fault in invariants(puppet))


@pytest.mark.parametrize("name", sorted(EDITS))
def test_every_edit_of_a_host_leaves_a_sound_puppet_and_a_guest_whole_or_none(name):
    """Edits know nothing of guests: what is left is a guest with all that it is, or no guest; the session refuses the rest."""

    @settings(
        max_examples=6,
        deadline=None,
        suppress_health_check=list(HealthCheck),
        derandomize=True,
        phases=[Phase.generate],
    )
    @given(furnished(), furnished(), st.data())
    def law(host, inner, data):
        assume(host != inner)
        document, key = add_guest(Document(host), Document(inner), "x.umbrite", 40 + 8j)
        try:
            puppet = edited(name, document.puppet, data.draw)
        except RigError:
            return
        assert invariants(puppet) == []
        for guest in puppet.guests.values():
            assert set(guest.ids) == set(document.puppet.guests[key].ids)

    law()

"""Bones and binding: drawn, from pivots, along lines, dragged, detached; parts bound by name, overlap and nearness."""

import cmath
import itertools

import numpy as np
import pytest

from demo_puppet import ASSETS, joint, part, wick
from umbrite.art.bending.bendy import middle_of
from umbrite.art.bone_overlap import by_overlap, under_bone
from umbrite.files.opening import open_any
from umbrite.files.package import load
from umbrite.files.png import decode
from umbrite.rig.change import change
from umbrite.rig.edits.binding import bind, bind_loose_to_nearest, by_name, loose_parts
from umbrite.rig.edits.bones import (
    add_bone,
    attach,
    bones_along,
    bones_from_pivots,
    detach,
    move_bone,
    move_head,
    move_tip,
    spread_along,
)
from umbrite.rig.edits.pivots import is_attached, move_pivot
from umbrite.rig.errors import RigError
from umbrite.rig.family import targets
from umbrite.rig.invariants import invariants

WICK = wick()
UNRIGGED = open_any(ASSETS / "wick.ora")
PICTURES = {key: decode(data, key) for key, data in load(ASSETS / "wick.umbrite").art.items()}


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


def test_a_tip_that_stood_on_a_pivot_goes_with_it():
    boned, _ = bones_from_pivots(WICK, [key for key, one in WICK.joints.items() if one.tip is None])
    free = [key for key in boned.joints if key not in targets(boned)]
    attached = {key for key in free if is_attached(boned, key)}
    assert len(attached) > 5
    for key in free:
        moved = move_pivot(boned, key, boned.joints[key].pivot.z + 9 - 13j)
        assert art(moved) == art(boned)
        lost = {boned.joints[each].parent for each in attached if not is_attached(moved, each)}
        # A bone with two heads on its tip keeps the other one; its own head takes no tip away.
        kept = {boned.joints[each].parent for each in attached if is_attached(moved, each)}
        assert lost <= kept
    assert not is_attached(move_head(boned, min(attached), 3 + 4j, along=False), min(attached))


def test_bones_are_drawn_one_from_the_tip_of_the_other():
    puppet, keys = chain()
    assert [puppet.joints[k].parent for k in keys] == [None, keys[0], keys[1]]
    assert [is_attached(puppet, k) for k in keys] == [False, True, True]
    assert puppet.joints[keys[0]].side == "near"
    assert invariants(puppet) == []
    with pytest.raises(RigError, match="needs a length"):
        add_bone(puppet, 5 + 5j, 5.5 + 5j)


def test_tips_come_from_the_children_s_pivots_and_ends_from_the_art():
    arm = [joint(WICK, f"Far {name}") for name in ("upper arm", "forearm", "hand")]
    puppet, made = bones_from_pivots(WICK, arm)
    assert made == arm
    for upper, lower in itertools.pairwise(arm):
        assert ends(puppet, upper)[1] == puppet.joints[lower].pivot.z
    hand_tip = ends(puppet, arm[2])[1]
    assert abs(hand_tip - puppet.joints[arm[2]].pivot.z) > 40
    moved, _ = bones_from_pivots(change(puppet, arm[1], tip=None), [arm[1]])
    assert ends(moved, arm[2])[1] == hand_tip  # an end's own tip never shifts later
    with pytest.raises(RigError, match="nothing to make bones from"):
        bones_from_pivots(puppet, arm)


@pytest.mark.parametrize("count", [1, 2, 5, 9])
def test_bones_along_a_line_are_of_even_length(count):
    line = [complex(x, 0) for x in range(0, 301, 7)] + [300 + 1j * y for y in range(5, 200, 5)]
    stops = spread_along(line, count)
    assert (stops[0], stops[-1]) == (line[0], line[-1])
    along = [sum(abs(b - a) for a, b in itertools.pairwise(line)) / count] * count
    if count == 5:
        assert abs(stops[1] - stops[0]) == pytest.approx(along[0])
    puppet, keys = bones_along(UNRIGGED.puppet, line, count)
    assert len(keys) == count
    assert all(is_attached(puppet, key) for key in keys[1:])


def test_by_curvature_bones_are_shorter_in_the_bend():
    line = [complex(x, 0) for x in range(0, 200, 2)]
    line += [200 + 40j + 40 * cmath.exp(1j * t) for t in np.linspace(-np.pi / 2, np.pi / 2, 60)]
    line += [complex(x, 80) for x in range(198, 0, -2)]
    stops = spread_along(line, 8, by_curvature=True)
    lengths = [abs(b - a) for a, b in itertools.pairwise(stops)]
    middle = [length for length, z in zip(lengths, stops, strict=False) if z.real > 195]
    assert min(lengths) == min(middle)
    assert min(middle) < 0.5 * max(lengths)
    with pytest.raises(RigError, match="too short"):
        spread_along([0j, 3 + 0j], 4)
    with pytest.raises(RigError, match="between 1 and 60"):
        bones_along(UNRIGGED.puppet, line, 0)


def test_heads_tips_and_whole_bones_move_with_what_they_carry_or_alone_and_never_the_art():
    puppet, (one, two, three) = chain()
    before = art(puppet)
    tipped = move_tip(puppet, one, 220 + 90j)
    assert ends(tipped, two) == (220 + 90j, 300 + 150j)
    assert ends(tipped, three) == (300 + 150j, 320 + 250j)
    alone = move_tip(puppet, one, 220 + 90j, along=False)
    assert ends(alone, two) == ends(puppet, two)
    assert not is_attached(alone, two)
    headed = move_head(puppet, two, 210 + 120j)
    assert ends(headed, one)[1] == ends(headed, two)[0] == 210 + 120j
    assert ends(headed, two)[1] == ends(puppet, two)[1]
    whole = move_bone(puppet, two, 10 - 5j)
    assert ends(whole, three)[0] == 290 + 155j
    assert ends(move_bone(puppet, two, 10 - 5j, along=False), three) == ends(puppet, three)
    for each in (tipped, alone, headed, whole):
        assert art(each) == before
        assert invariants(each) == []


def test_a_bone_is_detached_and_attached_again():
    puppet, (one, two, three) = chain()
    free = detach(puppet, two)
    assert free.joints[two].parent is None
    assert ends(free, two) == ends(puppet, two)
    again = attach(free, two, one)
    assert again.joints[two].parent == one
    assert is_attached(again, two)
    with pytest.raises(RigError, match="free already"):
        detach(free, two)
    with pytest.raises(RigError, match="circle"):
        attach(puppet, one, three)


def test_binding_moves_nothing_and_leaves_no_empty_joint():
    puppet, (one, two, _) = chain()
    cap, head = part(puppet, "Cap"), part(puppet, "Head")
    old = puppet.parts[cap].joint
    bound = bind(puppet, [cap, head], one)
    assert bound.parts[cap].joint == bound.parts[head].joint == one
    assert old not in bound.joints
    assert (art(bound), bound.order) == (art(puppet), puppet.order)
    reparented = change(puppet, puppet.parts[head].joint, parent=puppet.parts[cap].joint)
    after = bind(reparented, [cap], two)
    assert after.joints[after.parts[head].joint].parent == two
    assert invariants(after) == []


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
    with pytest.raises(RigError, match="no bone or family yet"):
        bind_loose_to_nearest(UNRIGGED.puppet)


def test_overlap_tells_which_part_a_bone_belongs_to():
    puppet = UNRIGGED.puppet
    bones = {}
    for name, head, tip in (
        ("Near upper arm", 532 + 652j, 408 + 792j), ("Near forearm", 408 + 792j, 368 + 952j), ("Far shin", 704 + 1196j, 676 + 1412j),
    ):  # fmt: skip
        puppet, bones[name] = add_bone(puppet, head, tip, None, f"{name} bone")
    found = by_overlap(puppet, PICTURES, puppet.order, bones.values())
    for name, bone in bones.items():
        assert found[part(puppet, name)] == bone
    under = under_bone(puppet, PICTURES, 532 + 652j, 408 + 792j)
    assert under[part(puppet, "Near upper arm")] > 0.95
    assert under_bone(puppet, PICTURES, -500 - 500j, -400 - 500j) == {}


@pytest.mark.parametrize("name", ["Scarf tail", "Near thigh", "Lamp pole", "Far coat tail"])
def test_the_middle_line_runs_within_the_part_from_end_to_end(name):
    key = part(WICK, name)
    line = middle_of(WICK, key, PICTURES[WICK.parts[key].drawing.sha256])
    item = WICK.parts[key]
    longest = max(item.drawing.width, item.drawing.height)
    assert abs(line[-1] - line[0]) > 0.6 * longest
    assert abs(line[0] - WICK.joints[item.joint].pivot.z) < abs(line[-1] - WICK.joints[item.joint].pivot.z)
    inner = line[len(line) // 5 : -len(line) // 5]
    shares = [under_bone(WICK, PICTURES, z, z + 0.01, [key]).get(key, 0.0) for z in inner]
    assert min(shares) > 0.9

"""Variant sets: exactly one shows, nothing else is moved by switching, and what is taken out leaves the rest picture alone."""

import pytest
from hypothesis import given
from hypothesis import strategies as st
from msgspec.structs import replace

from demo_puppet import joint, part, varied_wick, wick
from umbrite.files.native.migrations import VERSION, migrated
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.motion.scene import scene_of
from umbrite.motion.switching import next_variant, switched
from umbrite.rig.affine import inverse
from umbrite.rig.change import change
from umbrite.rig.control_kinds import control_at_rest
from umbrite.rig.edits.control_proposals import make_proposed, propose_controls
from umbrite.rig.edits.controls import make_chooser, remove_control
from umbrite.rig.edits.limbs import make_limb, remove_limb
from umbrite.rig.edits.looks import trim
from umbrite.rig.edits.parts import remove_part
from umbrite.rig.edits.shelf import by_names, from_names, mirrored
from umbrite.rig.edits.variants.branches import copy_as_variant, limb_of, parts_of
from umbrite.rig.edits.variants.drawings import More, add_drawings, corner_by_pivot, lay_on
from umbrite.rig.edits.variants.sets import (
    get_variant,
    make_set,
    order_variant,
    remove_set,
    remove_variant,
    rename_variant,
    set_carries,
    set_of,
    set_rest,
)
from umbrite.rig.errors import RigError
from umbrite.rig.family import branch
from umbrite.rig.invariants import invariants
from umbrite.rig.placement import around_parts, board_from_drawing, middle_of_part

WICK = wick()
PARTS = [part(WICK, name) for name in ("Cap", "Mouth", "Scarf tail")]
SET, KEY = make_set(WICK, PARTS, "Things")
ARMS, ARM_SET, SECOND = copy_as_variant(WICK, joint(WICK, "Far upper arm"))


def seen(puppet, pose):
    plan = compile_plan(puppet)
    shown = evaluate(plan, pose).shown[0].tolist()
    return {key for key, one in zip(plan.parts, shown, strict=True) if one}


def rest_picture(puppet):
    return [(shape.sha256, shape.matrix) for shape in scene_of(evaluate(compile_plan(puppet), {}))]


@given(st.sampled_from([0.0, 1.0, 2.0, 3.0, 7.0, -2.0]))
def test_exactly_one_shows(value):
    shown = {2.0: 1, 3.0: 2}.get(value, 0)  # what there is none of shows the one at rest
    assert set(PARTS) & seen(SET, {f"{KEY}.shows": value}) == {PARTS[shown]}
    others = set(WICK.parts) - set(PARTS)
    assert others == others & seen(SET, {f"{KEY}.shows": value})


@given(st.sampled_from([1, 2, 3]), st.sampled_from([1, 2, 3]), st.floats(-0.5, 0.5))
def test_switching_and_switching_back_is_equal_and_moves_nothing(one, other, turn):
    plan = compile_plan(SET)
    pose = {f"{joint(WICK, 'Head')}.turn": turn} if turn else {}
    start, _ = switched(evaluate(plan, pose), pose, KEY, one)
    there, _ = switched(evaluate(plan, start), start, KEY, other)
    back, _ = switched(evaluate(plan, there), there, KEY, one)
    assert back == start
    before, after = evaluate(plan, start), evaluate(plan, there)
    assert (before.maps.t == after.maps.t).all()
    assert (before.turns == after.turns).all()
    assert after.chosen(KEY).number == other


def test_what_can_not_be_a_variant_is_refused():
    with pytest.raises(RigError, match="two or more"):
        make_set(WICK, PARTS[:1])
    with pytest.raises(RigError, match="belongs to Things already"):
        make_set(SET, [PARTS[0], part(WICK, "Eyes")])
    with pytest.raises(RigError, match="carry one another"):
        make_set(WICK, [joint(WICK, "Far upper arm"), joint(WICK, "Far hand")])
    with pytest.raises(RigError, match="no such variant"):
        set_rest(SET, KEY, 9)
    with pytest.raises(RigError, match="another variant"):
        rename_variant(SET, KEY, 1, "Mouth")
    with pytest.raises(RigError, match="chooser already"):
        make_chooser(make_chooser(SET, KEY)[0], KEY)


def test_what_is_taken_out_leaves_the_rest_picture_alone():
    before = rest_picture(SET)
    assert rest_picture(remove_set(SET, KEY)) == before
    for number in (2, 3):
        assert rest_picture(remove_variant(SET, KEY, number)) == before
    without = remove_variant(SET, KEY, 1)
    assert without.sets[KEY].rest == 2
    chosen, chooser = make_chooser(SET, KEY)
    assert chooser not in remove_set(chosen, KEY).controls
    fewer = remove_part(SET, PARTS[2])
    assert invariants(fewer) == []
    assert fewer.sets[KEY].variants[2].parts == ()


def test_a_copied_branch_is_a_variant_of_its_own_with_its_limb():
    assert invariants(ARMS) == []
    one, other = ARMS.sets[ARM_SET].variants
    assert other.number == SECOND
    first, second = limb_of(ARMS, one), limb_of(ARMS, other)
    assert first is not None
    assert second is not None
    assert set(first.joints).isdisjoint(second.joints)
    plan = compile_plan(ARMS)
    placed = evaluate(plan, {f"{ARM_SET}.shows": float(SECOND)})
    assert not placed.there[0, placed.plan.place[one.joints[0]]]
    assert placed.there[0, placed.plan.place[other.joints[0]]]
    assert rest_picture(ARMS) == rest_picture(WICK)
    third, key, number = copy_as_variant(ARMS, one.joints[0])
    assert (key, number) == (ARM_SET, 3)
    assert set_of(third, third.sets[key].variants[2].joints[0]) is not None


@pytest.mark.parametrize("carries", [True, False])
def test_the_place_of_the_hand_is_taken_over_where_the_set_carries_it(carries):
    puppet = set_carries(ARMS, ARM_SET, on=carries)
    one, other = (limb_of(puppet, variant) for variant in puppet.sets[ARM_SET].variants)
    assert one is not None
    assert other is not None
    plan = compile_plan(puppet)
    pose = {f"{one.target}.x": -60.0, f"{one.target}.y": -90.0, f"{joint(WICK, 'Body')}.y": 20.0}
    placed = evaluate(plan, pose)
    changed, away = switched(placed, pose, ARM_SET, SECOND)
    there = evaluate(plan, changed)
    assert away < 1
    same = abs(there.pivot(other.target) - placed.pivot(one.target)) < 1e-6
    assert same == carries
    far = {f"{one.target}.x": 900.0}
    assert (switched(evaluate(plan, far), far, ARM_SET, SECOND)[1] > 100) == carries


def test_stepping_goes_around_and_a_mirrored_pose_takes_the_variant_of_the_other_side():
    plan = compile_plan(SET)
    assert [next_variant(evaluate(plan, {}), KEY, by) for by in (1, -1, 3)] == [2, 3, 1]
    puppet, near = make_set(WICK, [part(WICK, "Near hand"), part(WICK, "Near foot")], "Near hands")
    puppet, far = make_set(puppet, [part(WICK, "Far foot"), part(WICK, "Far hand")], "Far hands")
    for key, names in ((near, ("Open", "Fist")), (far, ("Fist", "Open"))):
        for number, name in enumerate(names, start=1):
            puppet = rename_variant(puppet, key, number, name)
    assert mirrored(puppet, {f"{near}.shows": 2.0}) == {f"{far}.shows": 1.0}
    assert get_variant(puppet, far, 1).name == "Fist"


def test_old_choosers_become_sets():
    raw = {
        "version": 2,
        "document": {
            "puppet": {
                "controls": {"c7": {"name": "Eyes", "choices": [{"name": "Open", "parts": ["p1"]}, {"name": "Shut", "parts": ["p2"]}]}, "c8": {"name": "Hand"}},
                "links": {"k1": {"drives": "c7.value"}},
                "poses": [{"name": "Sleep", "channels": {"c7.value": 1.0}}],
                "next_id": 12,
            },
            "pose": {"c7.value": 1.0},
            "takes": [{"name": "T", "tracks": {"c7.value": [{"frame": 0, "value": 0.0}, {"frame": 4, "value": 1.0}]}}],
        },
    }  # fmt: skip
    document = migrated(raw)["document"]
    assert migrated(raw)["version"] == VERSION
    puppet = document["puppet"]
    assert puppet["sets"]["s12"]["variants"][1] == {"name": "Shut", "parts": ["p2"], "number": 2}
    assert puppet["controls"]["c7"] == {"name": "Eyes", "chooses": "s12"}
    assert puppet["links"]["k1"]["drives"] == "s12.shows"
    assert document["pose"] == puppet["poses"][0]["channels"] == {"s12.shows": 2.0}
    assert [key["value"] for key in document["takes"][0]["tracks"]["s12.shows"]] == [0.0, 2.0]
    assert raw["document"]["pose"] == {"c7.value": 1.0}, "what was read is not changed"
    assert change(SET, KEY, name="Other").sets[KEY].name == "Other"


def test_make_controls_puts_a_chooser_beside_each_set_that_has_none():

    puppet = varied_wick()
    for key in [key for key, control in puppet.controls.items() if control.chooses]:
        puppet = remove_control(puppet, key)
    proposed = [each for each in propose_controls(puppet) if each.control.kind == "chooser"]
    assert [each.control.name for each in proposed] == [one.name for one in puppet.sets.values()]
    made, keys = make_proposed(puppet, proposed)
    spots = [control_at_rest(made, made.controls[key]) for key in keys]
    for i, key in enumerate(keys):
        control = made.controls[key]
        one = made.sets[control.chooses]
        box = around_parts(made, [part for variant in one.variants for part in variant.parts] or made.order)
        assert not box.left < spots[i].real < box.right  # beside, not over it
        assert all(abs(spots[i] - other) >= 60 for other in spots[:i])
    assert not [each for each in propose_controls(made) if each.control.kind == "chooser"]


def test_a_drawing_added_late_keeps_the_trims_where_they_lie_on_the_board():
    puppet = wick()
    hand = part(puppet, "Near hand")
    puppet = trim(puppet, hand, [400 + 900j, 430 + 900j, 430 + 940j])
    drawing = replace(puppet.parts[hand].drawing, sha256="0" * 64, width=puppet.parts[hand].drawing.width + 20)
    puppet, _, (new,) = add_drawings(puppet, hand, [More("Fist", drawing)])
    before, after = puppet.parts[hand], puppet.parts[new]
    for old, late in zip(before.trims[0].points, after.trims[0].points, strict=True):
        places = [board_from_drawing(each.placement)(p.z) for each, p in ((before, old), (after, late))]
        assert abs(places[0] - places[1]) < 0.1


def test_a_branch_as_a_variant_is_seen_with_all_its_parts_and_of_sets_inside_with_the_one_at_rest():
    puppet = ARMS
    hand = part(puppet, "Far hand")
    puppet, _, made = add_drawings(puppet, hand, [More("fist", replace(puppet.parts[hand].drawing, width=40))])
    variants = puppet.sets[ARM_SET].variants
    names = [{puppet.parts[key].name for key in parts_of(puppet, variant)} for variant in variants]
    assert names[0] == {"Far upper arm", "Far forearm", "Far hand"}
    assert made[0] not in parts_of(puppet, variants[0]), "what does not show at rest is not in the picture"
    assert all(name.endswith("2") for name in names[1]), "and the copy's own parts stand for the copy"
    assert len(names[1]) == 3


def test_a_late_drawing_is_laid_on_by_the_pivot_or_the_middle():
    hand = part(WICK, "Far hand")
    drawing = replace(WICK.parts[hand].drawing, width=80, height=140)
    puppet, key, (new,) = add_drawings(WICK, hand, [More("long", drawing)])
    pivot = puppet.joints[puppet.parts[hand].joint].pivot.z

    def share(name):
        at = inverse(board_from_drawing(puppet.parts[name].placement))(pivot)
        return complex(at.real / puppet.parts[name].drawing.width, at.imag / puppet.parts[name].drawing.height)

    assert middle_of_part(puppet.parts[new]) == pytest.approx(middle_of_part(puppet.parts[hand]), abs=1e-6)
    puppet = lay_on(puppet, [new], "pivot")
    assert share(new) == pytest.approx(share(hand), abs=1e-6), "the wrist lies on the wrist"
    puppet = lay_on(puppet, [new], "middle")
    assert middle_of_part(puppet.parts[new]) == pytest.approx(middle_of_part(puppet.parts[hand]), abs=1e-6)
    with pytest.raises(RigError, match="no drawing at rest"):
        lay_on(puppet, [hand], "middle")
    assert corner_by_pivot(WICK, hand, WICK.parts[hand].drawing) == pytest.approx(0, abs=1e-6)
    away = part(WICK, "Mouth")
    far = change(WICK, away, placement=replace(WICK.parts[away].placement, x=9_000.0))
    assert corner_by_pivot(far, away, drawing) is None
    assert key in puppet.sets


def test_poses_go_to_other_puppets_by_the_names_of_their_variants():
    names = by_names(SET, {f"{KEY}.shows": 3.0})
    assert names == {"set/Things/shows": SET.sets[KEY].variants[2].name}
    turned = order_variant(SET, KEY, 3, 0)
    other = change(
        turned, KEY, variants=tuple(replace(v, number=v.number + 10) for v in turned.sets[KEY].variants), rest=11
    )
    assert from_names(other, names) == ({f"{KEY}.shows": 13.0}, [])
    assert from_names(SET, {"set/Things/shows": 2.0}) == ({f"{KEY}.shows": 2.0}, []), "old files tell the number"
    assert from_names(SET, {"set/Things/shows": "None such"}) == ({}, ["Things None such"])


def test_a_set_takes_the_hands_place_over_once_its_second_branch_has_a_limb():
    limb = next(key for key, one in WICK.limbs.items() if one.name == "Near arm")
    root, end = WICK.limbs[limb].joints[0], WICK.limbs[limb].end
    bare = remove_limb(WICK, limb)
    puppet, key, number = copy_as_variant(bare, root)
    other = get_variant(puppet, key, number).joints[0]
    puppet, _ = make_limb(puppet, root, end)
    assert not puppet.sets[key].carries
    puppet, _ = make_limb(puppet, other, branch(puppet, other)[branch(bare, root).index(end)])
    assert puppet.sets[key].carries

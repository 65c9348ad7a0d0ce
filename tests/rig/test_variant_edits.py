"""Variant sets: exactly one shows, nothing else is moved by switching, and what is taken out leaves the rest picture alone."""

from hypothesis import given
from hypothesis import strategies as st

from demo_puppet import joint, part, wick
from umbrite.files.native.migrations import VERSION, migrated
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.motion.switching import next_variant, switched
from umbrite.rig.change import change
from umbrite.rig.edits.limbs import make_limb, remove_limb
from umbrite.rig.edits.shelf import mirrored
from umbrite.rig.edits.variants.branches import copy_as_variant
from umbrite.rig.edits.variants.sets import get_variant, make_set, rename_variant
from umbrite.rig.family import branch

WICK = wick()
PARTS = [part(WICK, name) for name in ("Cap", "Mouth", "Scarf tail")]
SET, KEY = make_set(WICK, PARTS, "Things")
ARMS, ARM_SET, SECOND = copy_as_variant(WICK, joint(WICK, "Far upper arm"))


def seen(puppet, pose):
    plan = compile_plan(puppet)
    shown = evaluate(plan, pose).shown[0].tolist()
    return {key for key, one in zip(plan.parts, shown, strict=True) if one}


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

"""Edits one by one: what riggers rely on, on Wick's own rig and on small puppets."""

import math

import pytest
from hypothesis import given
from hypothesis import strategies as st
from msgspec.structs import replace

from umbrite.checking.puppet_findings import findings
from umbrite.rig.change import change, put
from umbrite.rig.control_kinds import control_at_rest
from umbrite.rig.dependencies import ranked
from umbrite.rig.edits.bones import add_bone
from umbrite.rig.edits.control_proposals import make_proposed, propose_controls
from umbrite.rig.edits.controls import add_controls, remove_control
from umbrite.rig.edits.limbs import make_limb, set_bend_side
from umbrite.rig.edits.limits import mended
from umbrite.rig.edits.parenting import carry_together, remove_carrier, set_parent
from umbrite.rig.edits.parts import add_part, place_part, remove_part, reorder, ride_on
from umbrite.rig.edits.pivots import move_pivot
from umbrite.rig.edits.renaming import rename
from umbrite.rig.errors import RigError
from umbrite.rig.family import children
from umbrite.rig.invariants import invariants
from umbrite.rig.limb_shape import limb_tip
from umbrite.rig.model import Drawing, Joint, Limit, Placement, Point, Puppet, point
from umbrite.rig.quantities.angles import MOST_TURN, angle_text, from_shown, shown_degrees
from umbrite.rig.words.body_words import kind_of_limb
from umbrite.rig.words.names import core_of, side_of, tidy, unique, words_of

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


def test_angles_are_shown_counterclockwise_with_a_real_minus():
    assert angle_text(math.radians(34)) == "−34.0°"
    assert angle_text(-0.0001) == "0.0°"


@pytest.mark.parametrize(
    ("name", "side", "core"),
    [
        ("near_upper-arm", "near", "upper arm"),
        ("FarHand", "far", "hand"),
        ("L_leg", "far", "leg"),
        ("Arm right", "near", "arm"),
        ("Head", "middle", "head"),
        ("left right", "middle", ""),
    ],
)
def test_names_tell_their_side(name, side, core):
    assert (side_of(name), core_of(name)) == (side, core)


def test_names_are_tidied_numbered_and_unique():
    assert tidy(" near_hand ") == "Near hand"
    assert tidy("") == "Unnamed"
    assert words_of("scarf tail 02") == ("scarf", "tail", "02")
    assert unique("Eye", ["Eye", "Eye 2"]) == "Eye 3"


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


def test_a_carrier_goes_over_the_uppermost_of_what_is_chosen(figure):
    thigh, shin, head = (named(figure, name) for name in ("Near thigh", "Near shin", "Head"))
    puppet, key = carry_together(figure, [shin, head, thigh], "Bits", 300 + 400j)
    assert children(puppet, key) == [thigh, head]
    assert puppet.joints[key].parent == named(figure, "Trunk")
    assert remove_carrier(puppet, key).joints[thigh] == figure.joints[thigh]


def test_hands_follow_the_body_and_feet_the_master_or_the_board(figure, limbed):
    arm, leg = limbed.limbs.values()
    assert limbed.joints[arm.target].parent == named(limbed, "Trunk")
    assert limbed.joints[leg.target].parent is None
    assert (arm.end_hold, leg.end_hold) == ("limb", "target")
    mastered, master = carry_together(figure, children(figure, None), "Master", 0j, role="master")
    mastered, key = make_limb(mastered, named(mastered, "Near thigh"), named(mastered, "Near foot"))
    assert mastered.joints[mastered.limbs[key].target].parent == master


def test_a_straight_leg_gets_the_side_its_foot_points_to_and_a_finding(figure):
    straight = move_pivot(figure, named(figure, "Near shin"), 280 + 500j)
    puppet, key = make_limb(straight, named(straight, "Near thigh"), named(straight, "Near foot"))
    assert puppet.limbs[key].bend == 1
    assert "limb-straight" in {f.code for f in findings(puppet)}
    chosen = set_bend_side(puppet, key, -1)
    assert chosen.limbs[key].bend == -1
    assert "limb-straight" not in {f.code for f in findings(chosen)}


def test_moving_the_wrist_takes_the_target_along_and_the_elbow_its_side(limbed):
    arm_key = next(iter(limbed.limbs))
    moved = move_pivot(limbed, named(limbed, "Near hand"), 220 + 400j)
    limb = moved.limbs[arm_key]
    assert moved.joints[limb.target].pivot == Point(220, 400)
    across = move_pivot(limbed, named(limbed, "Near forearm"), 330 + 280j)
    assert across.limbs[arm_key].bend == 1
    by_target = move_pivot(limbed, limb.target, 210 + 390j)
    assert limb_tip(by_target, by_target.limbs[arm_key]) == 210 + 390j


def test_limbs_that_can_not_be_are_refused_with_what_would_work(figure, limbed):
    with pytest.raises(RigError, match="has no tip to reach with"):
        make_limb(figure, named(figure, "Head"), named(figure, "Head"))
    with pytest.raises(RigError, match="held by the limb Near arm already"):
        make_limb(limbed, named(limbed, "Near upper arm"), named(limbed, "Near hand"))
    flat = move_pivot(figure, named(figure, "Near forearm"), 250 + 200j)
    with pytest.raises(RigError, match="has no length"):
        make_limb(flat, named(flat, "Near upper arm"), named(flat, "Near hand"))


def test_a_target_may_ride_on_another_limb_but_not_on_its_own(limbed):
    arm, leg = limbed.limbs
    foot = named(limbed, "Near foot")
    follows = set_parent(limbed, [limbed.limbs[arm].target], foot)
    assert ranked(follows)[arm] > ranked(follows)[leg]
    with pytest.raises(RigError, match="would have to wait for itself: .* needs "):
        set_parent(limbed, [limbed.limbs[arm].target], named(limbed, "Near hand"))
    with pytest.raises(RigError, match="wait for itself"):
        set_parent(follows, [follows.limbs[leg].target], named(limbed, "Near hand"))


def test_a_limb_is_not_taken_apart_by_other_edits(limbed):
    with pytest.raises(RigError, match="held by the limb Near arm; remove the limb first"):
        set_parent(limbed, [named(limbed, "Near forearm")], named(limbed, "Trunk"))
    with pytest.raises(RigError, match="used by the limb Near leg"):
        remove_part(limbed, next(k for k, p in limbed.parts.items() if p.name == "Near shin"))


@pytest.mark.parametrize(
    ("ends", "limit", "note"),
    [
        ((-0.5, 1.0), Limit(-0.5, 1.0), ""),
        ((1.0, -0.5), Limit(-0.5, 1.0), "swapped"),
        ((0.2, 1.0), Limit(0.0, 1.0), "left out the rest pose"),
        ((-9.0, 18.85), Limit(-9.0, 18.85), ""),
        ((-9e3, 9e3), Limit(-MOST_TURN, MOST_TURN), ""),
    ],
)
def test_limits_are_mended_and_it_is_said(ends, limit, note):
    found, said = mended(*ends)
    assert found == limit
    assert note in said


def test_controls_are_proposed_for_limbs_carriers_and_master_once(limbed):
    body, _ = carry_together(limbed, [named(limbed, "Trunk")], "Body", 300 + 400j)
    puppet, _ = carry_together(body, children(body, None), "Master", 300 + 650j, role="master")
    made, keys = make_proposed(puppet, propose_controls(puppet))
    kinds = {made.controls[key].name: made.controls[key].kind for key in keys}
    assert kinds == {
        "Near hand": "grip", "Near foot": "grip", "Body": "grip", "Master": "master", "Head": "knob", "Trunk": "knob"
    }  # fmt: skip
    assert propose_controls(made) == []
    assert control_at_rest(made, made.controls[keys[0]]) == 200 + 380j
    with pytest.raises(RigError, match="moves that already"):
        add_controls(made, [made.controls[keys[0]]])
    assert len(propose_controls(remove_control(made, keys[0]))) == 1


def test_an_unset_pivot_goes_along_with_its_drawing_and_a_set_one_stays():
    puppet, key = add_part(Puppet(), "Leaf", Drawing("0" * 64, 10, 10), Placement(0, 0))
    joint = puppet.parts[key].joint
    moved = place_part(puppet, key, Placement(100, 0))
    assert moved.joints[joint].pivot == Point(105, 5)
    kept = place_part(move_pivot(puppet, joint, 1j), key, Placement(100, 0))
    assert kept.joints[joint].pivot == Point(0, 1)


def test_a_part_can_ride_on_another_joint_and_its_bare_joint_goes(figure):
    eye, key = add_part(figure, "Eye", Drawing("0" * 64, 9, 9), Placement(300, 150))
    riding = ride_on(eye, key, named(eye, "Head"))
    assert riding.joints == figure.joints
    assert riding.parts[key].joint == named(figure, "Head")


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
    ("names", "limb"),
    [
        (("L upper arm", "L forearm"), "L arm"),
        (("Near upper arm", "Near forearm"), "Near arm"),
        (("upper_arm.R", "forearm.R"), "R arm"),
        (("Near tentacle 1", "Near tentacle 2"), "Near tentacle 1 limb"),
    ],
)
def test_made_limbs_take_the_word_that_the_art_has_for_its_side(names, limb):
    puppet = Puppet(
        joints={
            "j1": Joint(names[0], point(0j), pivot_set=True),
            "j2": Joint(names[1], point(100 + 0j), "j1", pivot_set=True, tip=point(200 + 20j)),
        },
        next_id=3,
    )
    made, key = make_limb(puppet, "j1", "j2")
    assert made.limbs[key].name == limb


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

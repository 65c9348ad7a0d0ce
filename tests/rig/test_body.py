"""The body is found by what carries limbs, whatever it is called, and gets a carrier and a grip that move it over planted feet."""

import pytest

from art.characters import character
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.motion.posing import body_of, pose_control
from umbrite.motion.scene import scene_of
from umbrite.rig.edits.control_proposals import make_proposed, propose_controls
from umbrite.rig.edits.limbs import make_limbs, propose_limbs
from umbrite.rig.edits.parenting import carry_together, set_parent
from umbrite.rig.edits.pivots import move_pivot
from umbrite.rig.edits.renaming import rename
from umbrite.rig.family import body_carrier, body_joint, children, loose_bodies
from umbrite.rig.words.body_words import kind_of
from umbrite.rig.words.names import core_of, side_of, swapped

BODIES = ("biped", "stout", "long", "quadruped")


def family(seed, body):
    """A generated character with its true family and pivots, a master, and its limbs."""
    known = character(seed, body, "plain")
    puppet = known.puppet
    for part, parent in known.parents.items():
        puppet = move_pivot(puppet, puppet.parts[part].joint, known.pivots[part])
        if parent:
            puppet = set_parent(puppet, [puppet.parts[part].joint], puppet.parts[parent].joint)
    return make_limbs(puppet, propose_limbs(puppet))[0]


def with_master(puppet):
    return carry_together(puppet, children(puppet, None), "Master", 0j, role="master")[0]


@pytest.mark.parametrize("body", BODIES)
@pytest.mark.parametrize("seed", [71, 72])
def test_limbs_are_told_by_names(seed, body):
    puppet = family(seed, body)
    assert len(puppet.limbs) == 4
    assert propose_limbs(puppet) == []
    for limb in puppet.limbs.values():
        assert len(limb.joints) == 2
        assert limb.end is not None


@pytest.mark.parametrize("body", BODIES)
@pytest.mark.parametrize("named", [True, False])
def test_make_controls_gives_a_grip_that_moves_the_body_over_planted_feet(body, named):
    """With names that tell nothing too: it is found by what it carries."""
    puppet = with_master(family(73, body))
    if not named:
        for i, key in enumerate(list(puppet.joints)):
            puppet = rename(puppet, key, f"Layer {i}")
    rest = [(shape.part, shape.matrix) for shape in scene_of(evaluate(compile_plan(puppet), {}))]
    puppet, _ = make_proposed(puppet, propose_controls(puppet))
    placed = evaluate(compile_plan(puppet), {})
    assert [(shape.part, shape.matrix) for shape in scene_of(placed)] == rest  # nothing moved
    carrier = body_carrier(puppet)
    assert carrier is not None
    key, grip = next((key, c) for key, c in puppet.controls.items() if c.moves == carrier)
    assert (grip.kind, grip.shape) == ("grip", "shield")
    feet = [limb.target for limb in puppet.limbs.values() if limb.end_hold == "target"]
    pose = pose_control(placed, {}, key, placed.control_at(grip) + 20 + 30j)
    after = evaluate(compile_plan(puppet), pose)
    body_key = body_joint(puppet)
    assert body_key is not None
    assert abs(after.pivot(body_key) - placed.pivot(body_key) - (20 + 30j)) < 1e-6
    for foot in feet:
        assert after.pivot(foot) == pytest.approx(placed.pivot(foot))
    assert body_of(puppet, body_key) == carrier
    assert not any(each.over for each in propose_controls(puppet))  # asked again, it is there


def test_hips_and_trunk_beside_each_other_get_one_body():
    puppet = family(74, "biped")
    trunk = next(key for key, joint in puppet.joints.items() if joint.name.lower() == "trunk")
    puppet = with_master(set_parent(puppet, [trunk], None))
    assert body_joint(puppet) is None
    assert {puppet.joints[key].name.lower() for key in loose_bodies(puppet)} == {"hips", "trunk"}
    puppet, _ = make_proposed(puppet, propose_controls(puppet))
    carrier = body_carrier(puppet)
    assert carrier is not None
    assert {puppet.joints[key].name.lower() for key in children(puppet, carrier)} == {"hips", "trunk"}


def test_a_puppet_without_limbs_has_no_body():
    known = character(75, "serpent", "plain")
    assert body_joint(known.puppet) is None
    assert loose_bodies(known.puppet) == []
    assert not any(each.over for each in propose_controls(known.puppet))


@pytest.mark.parametrize(
    ("name", "kind", "side"),
    [
        ("arm_lower_L", "forearm", "far"), ("LoArm.L", "forearm", "far"), ("UpLeg.R", "thigh", "near"), ("leg1_lower_R", "shin", "near"),
        ("hindleg_lower_near", "shin", "near"), ("hind leg upper", "thigh", "middle"), ("avant-bras gauche", "forearm", "far"),
        ("brazo_der", "upper arm", "near"), ("der Arm", "upper arm", "middle"), ("arm_front", "upper arm", "near"), ("arm_back", "upper arm", "far"),
        ("Front leg", "thigh", "middle"), ("KneeDisc.R", "", "near"), ("Elbow patch", "", "middle"), ("Cap", "face", "middle"),
        ("Lower jaw", "face", "middle"), ("Upper body", "trunk", "middle"), ("Mund lächelnd", "face", "middle"), ("ojo_abierto_izq", "eye", "far"),
        ("Umhang", "garment", "middle"), ("Cloak", "garment", "middle"), ("Hose", "skirt", "middle"), ("Tentakel 3", "tentacle", "middle"),
    ],
)  # fmt: skip
def test_a_name_tells_a_kind_and_a_side_wherever_its_words_stand(name, kind, side):
    assert (kind_of(name), side_of(name)) == (kind, side)
    if side != "middle" and name.isascii() and "gauche" not in name:
        assert side_of(swapped(name)) not in {side, "middle"}
        assert core_of(swapped(name)) == core_of(name)
        assert swapped(swapped(name)) == name


def test_no_letter_of_a_word_is_a_side():
    assert swapped("Mund lächelnd") == "Mund lächelnd"

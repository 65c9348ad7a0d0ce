"""The body is found by what carries limbs, whatever it is called, and gets a carrier and a grip that move it over planted feet."""

import pytest

from art.characters import character
from umbrite.rig.edits.limbs import make_limbs, propose_limbs
from umbrite.rig.edits.parenting import set_parent
from umbrite.rig.edits.pivots import move_pivot
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

"""Findings about variant sets: each fault is noticed, a sound set has none."""

from msgspec.structs import replace

from demo_puppet import joint, part, varied_wick
from umbrite.checking.puppet_findings import findings
from umbrite.rig.edits.controls import make_chooser, make_control
from umbrite.rig.edits.limbs import remove_limb
from umbrite.rig.edits.links import add_link
from umbrite.rig.edits.variants.branches import copy_as_variant, limb_of
from umbrite.rig.edits.variants.sets import set_of

WICK = varied_wick()
EYES = next(key for key, one in WICK.sets.items() if one.name == "Eyes")


def codes(puppet):
    return {each.code for each in findings(puppet) if each.code.startswith(("variant", "set"))}


def test_what_a_link_never_comes_to_and_a_branch_without_a_limb_are_noticed():
    bare = replace(WICK, controls={k: c for k, c in WICK.controls.items() if c.chooses != EYES})
    puppet, slider = make_control(bare, "slider", joint(WICK, "Head"))
    short, _ = add_link(puppet, f"{slider}.value", f"{EYES}.shows", [(-1.0, 0.0), (1.0, 2.0)])
    assert codes(short) == {"variant-never"}
    assert codes(make_chooser(short, EYES)[0]) == set()
    puppet, key, number = copy_as_variant(WICK, joint(WICK, "Near thigh"))
    variant = next(each for each in puppet.sets[key].variants if each.number == number)
    limb = limb_of(puppet, variant)
    without = remove_limb(puppet, next(k for k, each in puppet.limbs.items() if each is limb))
    assert "variant-unlimbed" in codes(without)
    assert set_of(puppet, part(WICK, "Cap")) is None

"""Groups that are variant sets: proposed by name or by what is seen, made into sets, written and read back."""

import numpy as np

from umbrite.files.layers import Layer, Layered, layer_of, parts_from
from umbrite.files.variant_layers import in_sets, named_by_groups, sets_proposed, with_named_groups
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.rig.invariants import invariants
from umbrite.rig.words.names import side_of


def layer(name, *groups, visible=True, x=10):
    picture = np.full((20, 30, 4), 255, np.uint8)
    made = layer_of(name, picture, x, 10, groups=groups, visible=visible)
    assert made is not None
    return made


LAYERS = (
    layer("Head"),
    layer("open", "Face", "Mouth"), layer("closed", "Face", "Mouth", visible=False), layer("oh", "Face", "Mouth", visible=False),
    layer("eyes: half", visible=False), layer("eyes: open"), layer("eyes: shut", visible=False),
    layer("Left", "Arms"), layer("Right", "Arms"),
    layer("One", "Hats", visible=False), layer("Two", "Hats"),
)  # fmt: skip


def made():
    layered = with_named_groups(Layered("P", 100, 100, LAYERS))
    package, of = parts_from(layered)
    return in_sets(package.puppet, of, sets_proposed(layered.layers))


def test_their_parts_ride_on_one_joint_and_what_was_seen_shows():
    puppet = made()
    assert invariants(puppet) == []
    sets = {one.name: one for one in puppet.sets.values()}
    assert set(sets) == {"Mouth", "Eyes", "Hats"}
    assert [variant.name for variant in sets["Eyes"].variants] == ["Open", "Half", "Shut"]
    for one in sets.values():
        assert len({puppet.parts[part].joint for variant in one.variants for part in variant.parts}) == 1
    plan = compile_plan(puppet)
    shown = evaluate(plan, {}).shown[0].tolist()
    seen = {puppet.parts[key].name for key, on in zip(plan.parts, shown, strict=True) if on}
    assert len(seen) == 6
    assert {"Head", "Left", "Right", "Two"} <= seen


def test_groups_name_what_lies_in_them():
    def layer(name, *groups):
        return Layer(name, b"", 4, 4, 0, 0, groups=groups)

    layers = [
        layer("upper", "Body", "Arm L"), layer("lower", "Body", "Arm L"), layer("hand", "Body", "Left arm"), layer("open", "Mouth"), layer("shut", "Mouth"),
        layer("Eye", "Head"), layer("blob", "Group 3"),
    ]  # fmt: skip
    named = named_by_groups(Layered("Figure", 10, 10, tuple(layers)))
    assert [one.name for one in named.layers] == [
        "Arm L upper",
        "Arm L lower",
        "Left hand",
        "open",
        "shut",
        "Eye",
        "blob",
    ]
    assert [side_of(one.name) for one in named.layers[:3]] == ["far", "far", "far"]

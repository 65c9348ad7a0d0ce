"""Drawings that take turns by their names, within a build."""

import pytest

from umbrite.art.building.named_variants import named_sets, with_named_sets
from umbrite.rig.edits.parts import add_part
from umbrite.rig.invariants import invariants
from umbrite.rig.model import Drawing, Placement, Puppet


def face(names):
    """Parts of 40 by 30 pixels with their corners at these places."""
    puppet = Puppet()
    for i, (name, (x, y)) in enumerate(names.items()):
        puppet, _ = add_part(puppet, name, Drawing(f"{i:064x}", 40, 30), Placement(x, y))
    return puppet


def told(puppet):
    return {one.name: [puppet.parts[key].name for key, _ in one.parts] for one in named_sets(puppet)}


def test_mouths_and_eyes_that_are_called_alike_and_lie_over_one_another_take_turns():
    puppet = face(
        {
            "Head": (0, 0), "Mouth ah": (10, 50), "mouth_oh": (12, 48), "Mouth closed": (10, 52),
            "Eyes half": (8, 10), "Eyes open": (8, 10), "Near hand": (300, 300), "Near hand fist": (302, 302), "Far hand": (500, 300),
        }
    )  # fmt: skip
    assert told(puppet) == {
        "Mouth": ["Mouth closed", "Mouth ah", "mouth_oh"], "Eyes": ["Eyes open", "Eyes half"], "Near hand": ["Near hand", "Near hand fist"],
    }  # fmt: skip
    made, sets = with_named_sets(puppet, named_sets(puppet), turns=True, choosers=True)
    assert invariants(made) == []
    assert [one.name for one in made.sets.values()] == ["Mouth", "Eyes", "Near hand"]
    mouth = made.sets[sets[0]]
    assert {v.name for v in mouth.variants} == {"Closed", "Ah", "Oh"}
    assert next(v.name for v in mouth.variants if v.number == mouth.rest) == "Closed"
    assert len({made.parts[key].joint for v in mouth.variants for key in v.parts}) == 1
    assert sum(control.kind == "chooser" for control in made.controls.values()) == 3
    plain, none = with_named_sets(puppet, named_sets(puppet), turns=False, choosers=True)
    assert (none, dict(plain.sets)) == ([], {})


@pytest.mark.parametrize(
    "names",
    [
        {"Eye": (0, 0), "Eye pupil": (2, 2), "Eye white": (0, 0)},
        {"Eye left": (0, 0), "Eye right": (60, 0)},
        {"Hand 1": (0, 0), "Hand 2": (200, 0)},
        {"Arm upper": (0, 0), "Arm lower": (10, 10)},
        {"Mouth": (0, 0), "Nose": (0, 0)},
    ],
)
def test_what_only_sounds_alike_or_lies_apart_does_not(names):
    assert told(face(names)) == {}


def test_each_side_has_its_own_set():
    puppet = face({"Hand L open": (0, 0), "Hand R open": (200, 0), "Hand L fist": (2, 2), "Hand R fist": (202, 2)})
    assert sorted(map(len, told(puppet).values())) == [2, 2]


def test_camel_case_plurals_and_a_side_behind_tell_drawings_apart():
    puppet = face(
        {
            "MouthOpen": (10, 50), "MouthShut": (12, 48), "Mouth_ah": (10, 52), "ojo_abierto_izq": (60, 10), "ojo_cerrado_izq": (60, 10),
            "Mund lächelnd": (300, 50), "Mund offen": (302, 50),
        }
    )  # fmt: skip
    found = told(puppet)
    assert found["Mouth"] == ["MouthOpen", "MouthShut", "Mouth_ah"]
    assert [names for name, names in found.items() if "ojo" in name.casefold()] == [
        ["ojo_abierto_izq", "ojo_cerrado_izq"]
    ]
    assert found["Mund"] == ["Mund offen", "Mund lächelnd"]
    assert {words for one in named_sets(puppet) for _, words in one.parts} >= {"closed"}

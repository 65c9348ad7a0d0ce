"""Drawings that take turns by their names, within a build."""

from umbrite.art.building.named_variants import named_sets
from umbrite.rig.edits.parts import add_part
from umbrite.rig.model import Drawing, Placement, Puppet


def face(names):
    """Parts of 40 by 30 pixels with their corners at these places."""
    puppet = Puppet()
    for i, (name, (x, y)) in enumerate(names.items()):
        puppet, _ = add_part(puppet, name, Drawing(f"{i:064x}", 40, 30), Placement(x, y))
    return puppet


def told(puppet):
    return {one.name: [puppet.parts[key].name for key, _ in one.parts] for one in named_sets(puppet)}


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

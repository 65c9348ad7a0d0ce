"""Find joints on whole generated characters, in all styles of names; and what is seen of parts."""

from typing import NamedTuple

import numpy as np
import pytest

from art.characters import BODIES, _pieces, character, with_a_backing
from art.group_layouts import LAYOUTS, names_in_groups
from umbrite.art.joint_finding import find_joints
from umbrite.rig.words.body_words import fits_below, kind_of
from umbrite.rig.words.names import side_of, swapped
from umbrite.rig.words.word_table import meaning, says_nothing


class Figures(NamedTuple):
    """Shares of right parents, of right ones among those that are called sure; how far pivots lie off, in widths."""

    right: float
    sure: float
    median: float
    most: float


def figures(seeds, style):
    right, sure, off = [], [], []
    for seed in seeds:
        for body in BODIES:
            one = character(seed, body, style)
            found = {p.part: p for p in find_joints(one.puppet, one.pictures)}
            for key, parent in one.parents.items():
                proposal = found.get(key)
                good = (proposal.parent if proposal else "") == parent
                right.append(good)
                if proposal is not None and proposal.confidence > 0.8:
                    sure.append(good)
                if proposal is not None and good:
                    off.append(abs(proposal.pivot - one.pivots[key]) / one.widths[key])
    return Figures(float(np.mean(right)), float(np.mean(sure)), float(np.median(off)), float(np.quantile(off, 0.9)))


def test_robes_capes_and_hair_carry_nothing_and_a_disc_lies_on_a_joint():
    """Without names: what covers the body is no root by that alone."""
    for seed in (40, 41):
        one = character(seed, "robed", "default")
        found = {p.part: p.parent for p in find_joints(one.puppet, one.pictures)}
        robe = next(key for key, piece in one.pieces.items() if piece == "robe")
        assert robe not in found.values()
        assert one.pieces[found[robe]] == "trunk"
        right = [found.get(key, "") == parent for key, parent in one.parents.items()]
        assert np.mean(right) > 0.9
    for what, on in (("cape", "trunk"), ("back hair", "head")):
        for seed in (363, 366):
            one = with_a_backing(seed, what, "default")
            found = {p.part: p.parent for p in find_joints(one.puppet, one.pictures)}
            assert {one.pieces[child]: one.pieces[parent] for child, parent in found.items()}[what] == on
            assert [found.get(key, "") == parent for key, parent in one.parents.items()].count(False) == 0
    one = character(40, "robot", "default")
    found = {p.part: p for p in find_joints(one.puppet, one.pictures)}
    for key, piece in one.pieces.items():
        if piece.endswith("knee disc"):
            assert key not in {p.parent for p in found.values()}
            assert abs(found[key].pivot - one.pivots[key]) < 0.2 * one.widths[key]


@pytest.mark.parametrize("seed", [321, 322, 323])
def test_without_names_no_piece_hangs_from_its_twin(seed):
    for body in ("beetle", "longneck", "quadruped"):
        one = character(seed, body, "default")
        for found in find_joints(one.puppet, one.pictures):
            child, parent = one.pieces[found.part], one.pieces[found.parent]
            assert side_of(child) == "middle" or swapped(child) != parent


LEAST = {"plain": 0.97, "joined": 0.97, "sided": 0.95, "german": 0.95, "neutral": 0.88, "default": 0.88}


# Seeds that nothing was tuned on.
@pytest.mark.parametrize(
    ("style", "seeds"),
    [
        *((style, range(200, 201)) for style in ("joined", "default")),
        *(pytest.param(style, range(200, 212), marks=pytest.mark.long) for style in LEAST),
    ],
)
def test_characters_hang_together_as_they_were_made(style, seeds):
    found = figures(seeds, style)
    print(f"{style}: {found}")
    assert found.right >= LEAST[style]
    assert found.sure >= 0.95
    assert found.median < 0.03
    assert found.most < 0.08


@pytest.mark.parametrize("layout", LAYOUTS)
def test_layers_in_groups_are_called_what_they_are(layout):
    """However the groups are laid: kind, side, and which leg of several."""
    which = {"hind", "front", "first", "second", "third"}
    for body in ("biped", "quadruped", "beetle"):
        pieces = [piece for piece in _pieces(body, np.random.default_rng(2)) if piece.side]
        for key, name in names_in_groups(pieces, layout).items():
            if layout == "german" and body == "beetle":
                continue  # it has no words for these legs
            assert kind_of(name) == kind_of(key), name
            assert side_of(name) == side_of(key), name
            assert which & set(meaning(name)) == which & set(meaning(key)), name


@pytest.mark.parametrize(
    ("name", "kind", "side"),
    [
        ("upperarm", "upper arm", "middle"), ("LowerLeg", "shin", "middle"), ("hindleg.L", "thigh", "far"),
        ("RIGHTARM", "upper arm", "near"), ("LUpperArm", "upper arm", "far"), ("eyeball", "eye", "middle"),
        ("Oberschenkel links", "thigh", "far"), ("Fuß_rechts", "foot", "near"), ("avambraccio sinistro", "forearm", "far"),
        ("głowa", "head", "middle"), ("muslo derecho", "thigh", "near"), ("tête", "head", "middle"), ("mão esquerda", "hand", "far"),
        ("migi jouwan", "upper arm", "near"), ("legend", "", "middle"),
    ],
)  # fmt: skip
def test_words_are_understood_joined_and_in_other_languages(name, kind, side):
    assert kind_of(name) == kind
    assert side_of(name) == side


@pytest.mark.parametrize(
    "name", ["Layer 7", "Layer 12 copy", "Shape 3", "Group 1 copy 2", "Ebene 4", "image_0007", "12"]
)
def test_names_that_programs_give_say_nothing(name):
    assert says_nothing(name)
    assert fits_below(name, "Layer 1") == fits_below("Layer 2", name) == 0.0
    assert not says_nothing("tail 1")
    assert fits_below("spine_02", "spine_01") == 1.0

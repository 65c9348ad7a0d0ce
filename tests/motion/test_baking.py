"""Takes baked for others: maps taken apart are whole again, keys are the fewest, and skins put vertices where bending does."""

import itertools

import numpy as np
from hypothesis import given
from hypothesis import strategies as st

from demo_puppet import varied_wick
from strategies import poses, puppets
from umbrite.motion.baking import skins
from umbrite.motion.baking.moves import relative, taken_apart
from umbrite.motion.baking.node_tree import node_maps, node_tree
from umbrite.motion.baking.skins import Seen, skin_of, skinned
from umbrite.motion.baking.thinning import between, fewest_keys
from umbrite.motion.bends.bending import bend_of, bent, bone_maps
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.rig.affine import Affine, after, linear
from umbrite.rig.takes.take import Key, Take

small = st.floats(-3, 3, allow_nan=False)
factors = st.one_of(st.floats(0.05, 3), st.floats(-3, -0.05))


def _one(told):
    maps = told[0].map()
    for inner in told[1:]:
        maps = after(maps, inner.map())
    return maps


@given(st.lists(st.tuples(small, factors, factors, small, small, small), min_size=1, max_size=8))
def test_maps_that_are_taken_apart_are_whole_again(rows):
    turn, wide, tall, skew, x, y = np.array(rows).T
    local = Affine(*linear(turn, wide, tall, skew), x + 1j * y)
    told = taken_apart(local)
    again = _one(told)
    for one, other in zip(again, local, strict=True):
        assert np.abs(one - other).max() < 1e-9
    assert len(told) == (2 if np.abs(skew).max() > 1e-7 else 1)


@given(
    rows=st.lists(st.tuples(small, factors), min_size=1, max_size=8), no_width=st.booleans(), no_height=st.booleans()
)
def test_what_is_squeezed_flat_is_told_too(rows, *, no_width, no_height):
    turn, size = np.array(rows).T
    zero = 0 * turn
    local = Affine(*linear(turn, zero if no_width else size, zero if no_height else size, zero), zero + 1j)
    again = _one(taken_apart(local))
    for one, other in zip(again, local, strict=True):
        assert np.abs(one - other).max() < 1e-9


def test_turns_and_scales_through_nothing_go_on_without_jumps():
    """A skew through 0, a turn over two rounds and a width through 0 are smooth in all that is told."""
    share = np.linspace(0, 1, 101)
    skewed = taken_apart(Affine(*linear(13 * share, 1 + share, 1 - share / 2, 0.5 - share), 0j * share))
    assert len(skewed) == 2
    mirrored = taken_apart(Affine(*linear(0.3 + 0 * share, 1 - 2 * share, 1 + 0 * share, 0 * share), 0j * share))
    for moves in (*skewed, *mirrored):
        assert np.abs(np.diff(moves.turn)).max() < 0.2
        assert np.abs(np.diff(moves.scale, axis=0)).max() < 0.05
    assert mirrored[0].scale[-1, 0] < 0


@given(st.data())
def test_a_tree_of_nodes_lies_where_the_puppet_does(data):
    puppet = data.draw(puppets())
    pose = data.draw(poses(puppet, st.floats(-0.9, 3)))
    tracks = {name: (Key(0, 0.0, "straight"), Key(4, value, "straight")) for name, value in pose.items()}
    tree = node_tree(puppet, [Take("Take", 24.0, 0, 4, tracks=tracks)])
    maps = node_maps(tree.nodes, [node.moves for node in tree.nodes])
    placed = tree.played[1]
    span, plan = tree.spans[0], placed.plan
    flat = np.abs(np.abs(placed.maps.a) ** 2 - np.abs(placed.maps.b) ** 2).min() < 1e-9
    for key, card in tree.cards.items():
        place = plan.parts.index(key)
        truth = Affine(*(field[:, place] for field in placed.part_maps()))
        here = after(Affine(*(field[span] for field in maps[card.node])), card.drawing)
        size = 1 + max(float(np.abs(field).max()) for field in truth)
        for one, other in zip(here, truth, strict=True):
            assert flat or np.abs(one - other).max() < 1e-6 * size


@given(
    st.lists(st.lists(st.integers(-6, 6), min_size=2, max_size=2), min_size=1, max_size=8),
    st.sampled_from([0.1, 1.0, 2.5]),
)
def test_keys_are_the_fewest_and_near_enough(rows, room):
    values = np.array(rows, dtype=float)
    keys = fewest_keys(values, room)
    assert np.abs(between(values, keys) - values).max() <= room + 1e-12
    if len(keys) == 1:
        return
    last = len(values) - 1
    for count in range(len(keys) - 2):
        for some in itertools.combinations(range(1, last), count):
            tried = np.array([0, *some, last])
            assert np.abs(between(values, tried) - values).max() > room - 1e-12


def test_a_skin_puts_vertices_where_bending_does(monkeypatch):
    puppet = varied_wick()
    key = next(key for key, part in puppet.parts.items() if part.mesh is not None)
    bend = bend_of(puppet, key)
    assert bend is not None
    random = np.random.default_rng(7)
    for size in (0.4, 1.2, np.pi):
        turns = random.uniform(-size, size, (len(bend.bones), 30)) if size < 2 else np.full((9, 30), size)
        pose = {f"{bone}.turn": turn for bone, turn in zip(bend.bones, turns, strict=False) if bone is not None}
        pose |= {f"{puppet.parts[key].joint}.scale_x": random.uniform(-0.3, 0.5, 30)}
        placed = evaluate(compile_plan(puppet), pose)
        seen = Seen(bone_maps(placed, bend), bent(placed, bend))
        skin, shares = skin_of(bend, seen, 0.02)
        assert np.abs(skinned(skin, seen.maps, shares) - seen.places).max() <= 0.02
        assert np.allclose(skin.weights.sum(axis=1), 1)
        assert len(skin.shapes) < 30
        monkeypatch.setattr(skins, "LEAST_BLEND", 2.0)  # as if all blends shrank to nothing
        skin, shares = skin_of(bend, seen, 0.02)
        assert set(skin.bones[:, 0].tolist()) == {bend.root}
        assert np.abs(skinned(skin, seen.maps, shares) - seen.places).max() <= 0.02
        monkeypatch.undo()


def test_what_turns_on_a_mirrored_carrier_is_told_exactly():
    """A figure that faces the other way: mirrored by exactly -1 for some of the frames."""
    turns, mirrored = np.linspace(0, 2, 9), np.arange(9) % 2 == 1
    carrier = Affine(np.where(mirrored, 0, 1) + 0j, np.where(mirrored, 1, 0) + 0j, np.full(9, 30 + 4j))
    own = after(carrier, Affine(np.exp(1j * turns), np.zeros(9, complex), np.full(9, 5 + 0j)))
    again = after(carrier, relative(own, carrier))
    assert all(np.allclose(one, other) for one, other in zip(again, own, strict=True))


def test_what_hangs_from_a_flat_carrier_keeps_its_last_place():
    carrier = Affine(np.array([1, 0.5, 1 + 0j]), np.array([0, 0.5, 0j]), np.array([0, 0, 5j]))
    own = Affine(np.array([1j, 1j, 1j]), np.zeros(3, complex), np.array([1, 2, 3 + 0j]))
    found = relative(own, carrier)
    assert found.t.tolist() == [1, 1, 3 - 5j]

"""A rig put together otherwise goes on to show what its pose showed, or comes nearer to it than the pose as it was."""

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st
from msgspec.structs import replace
from scipy.interpolate import CubicSpline

from demo_puppet import joint, wick
from strategies import RIG_EDITS, edited, puppets
from takes_strategies import looks_as_before_or_is_told
from umbrite.motion.baking import few_keys
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.motion.rest_changes.picture_kept import Rest, how_far
from umbrite.motion.rest_changes.takes_kept import differences, kept_document, kept_pose
from umbrite.rig.change import change
from umbrite.rig.document import Document, settled
from umbrite.rig.edits.limbs import extend_limb, remove_limb, set_end_hold
from umbrite.rig.edits.parenting import set_parent
from umbrite.rig.edits.shelf import save_pose
from umbrite.rig.errors import RigError
from umbrite.rig.invariants import invariants
from umbrite.rig.takes.take import Key, Take
from umbrite.rig.takes.take_layers import lay_over
from umbrite.rig.takes.take_list import take_faults

PUPPET = wick()
PLAN = compile_plan(PUPPET)
REWIRED = {
    "head": lambda _: set_parent(PUPPET, [joint(PUPPET, "Head")], joint(PUPPET, "Hips")),
    "root": lambda key: set_parent(PUPPET, [PUPPET.limbs[key].joints[0]], None),
    "target": lambda key: set_parent(PUPPET, [PUPPET.limbs[key].target], joint(PUPPET, "Head")),
    "off": lambda key: change(PUPPET, key, enabled=False),
    "removed": lambda key: remove_limb(PUPPET, key),
    "end of limb": lambda key: set_end_hold(PUPPET, key, "limb"),
    "end of target": lambda key: set_end_hold(PUPPET, key, "target"),
    "end at toe": lambda key: set_end_hold(PUPPET, key, "toe"),
}  # fmt: skip
moves = st.floats(-70, 70)


def a_pose(x, y, turn):
    """All limbs moved and turned, bent but for what a knee may not do, and the body leaning."""
    pose = {f"{joint(PUPPET, name)}.turn": turn / 2 for name in ("Trunk", "Head")}
    for limb in PUPPET.limbs.values():
        pose |= {f"{limb.target}.x": x, f"{limb.target}.y": -abs(y) - 10, f"{limb.target}.turn": turn}
    return pose


@given(st.sampled_from(sorted(REWIRED)), st.sampled_from(sorted(PUPPET.limbs)), moves, moves, st.floats(-0.4, 0.4))
def test_what_a_pose_shows_stays(way, key, x, y, turn):
    pose = a_pose(x, y, turn)
    before, puppet = evaluate(PLAN, pose), REWIRED[way](key)
    plan = compile_plan(puppet)
    far = how_far(before, evaluate(plan, kept_pose(Rest(PLAN, plan), pose)[0]))[0]
    limb = PUPPET.limbs[key]
    straight = before.limbs.distance[0].max() > 1e-6  # out of reach: other targets give such a limb no more
    assert far < 1e-3 or (straight and far <= how_far(before, evaluate(plan, pose))[0]), limb.name


@pytest.mark.parametrize("key", sorted(PUPPET.limbs))
def test_a_limb_that_is_extended_comes_nearer(key):
    pose = a_pose(30, 40, 0.2)
    before, puppet = evaluate(PLAN, pose), extend_limb(PUPPET, key)
    plan = compile_plan(puppet)
    moved, plain = (how_far(before, evaluate(plan, one))[0] for one in (kept_pose(Rest(PLAN, plan), pose)[0], pose))
    assert moved < 0.01 < plain


def test_what_is_far_is_measured_at_the_corners_of_drawings():
    key = joint(PUPPET, "Head")
    rest = evaluate(PLAN, {})
    assert how_far(rest, evaluate(PLAN, {f"{key}.x": 3.0, f"{key}.y": 4.0}))[0] == pytest.approx(5.0)
    several = {f"{key}.x": np.array([0.0, 7.0])}
    assert how_far(evaluate(PLAN, {"": np.zeros(2)}), evaluate(PLAN, several)).max() == pytest.approx(7.0)


@st.composite
def animated(draw):
    """A puppet, and a take that moves some of what it has: limbs, joints, the draw order."""
    puppet = draw(puppets())
    names = [f"{key}.{what}" for key in puppet.joints for what in ("x", "y", "turn", "scale_x")]
    names += [f"{key}.{what}" for key in puppet.limbs for what in ("bend", "blend")]
    names += [f"{key}.{what}" for key in puppet.parts for what in ("depth", "opacity")]
    size = {"x": 80.0, "y": 80.0, "turn": 1.2, "scale_x": 0.4, "depth": 5.0}
    tracks = {}
    for name in draw(st.lists(st.sampled_from(names), min_size=1, max_size=6, unique=True)):
        frames = sorted(draw(st.sets(st.integers(0, 12), min_size=1, max_size=4)))
        ways = ["smooth", "straight", "hold"] if not name.endswith((".bend", ".blend")) else ["hold"]
        tracks[name] = tuple(
            Key(float(at), draw(st.floats(-1, 1)) * size.get(name.split(".")[1], 1.0), draw(st.sampled_from(ways)))
            for at in frames
        )
    take = Take("Take", 24.0, 0, 12, draw(st.booleans()), tracks)
    if draw(st.booleans()):
        way = draw(st.sampled_from(["adds", "replaces"]))
        take = lay_over(take, replace(take, name="Over"), way, draw(st.integers(0, 6)), draw(st.floats(0, 1)))
    pose = {name: track[0].value for name, track in tracks.items()}
    return Document(save_pose(puppet, "Saved", pose), pose, (take,))


@given(animated(), st.sampled_from(sorted(RIG_EDITS)), st.data())
def test_after_any_edit_of_the_rest_takes_look_as_before_or_it_is_told(before, name, data):
    try:
        puppet = edited(name, before.puppet, data.draw)
    except RigError:
        return
    document = replace(before, puppet=puppet)
    kept = kept_document(before, document)
    told = (*kept.differs, *(differences(before, document) if kept.document is document else ()))
    kept = kept._replace(document=settled(kept.document, before))
    assert invariants(kept.document.puppet) == []
    assert list(take_faults(kept.document.takes)) == []
    looks_as_before_or_is_told(before, kept.document, told)
    shown = how_far(*(evaluate(compile_plan(each.puppet), each.pose) for each in (before, kept.document)))[0]
    assert shown <= 0.1 or any(each.kind == "pose" and not each.name for each in told)


def test_the_slopes_of_a_way_are_those_of_the_spline_through_it():
    chance = np.random.default_rng(7)
    for count in (4, 5, 7, 60):
        frames = np.sort(chance.uniform(0, 90, count)) + np.arange(count)
        values = 40 * np.sin(frames / 9)
        ends = [np.gradient(values[three], frames[three], edge_order=2) for three in (slice(3), slice(-3, None))]
        whole = CubicSpline(frames, values, bc_type=((1, ends[0][0]), (1, ends[1][-1])))
        assert few_keys._slopes(frames, values) == pytest.approx(whole(frames, 1), abs=1e-9)

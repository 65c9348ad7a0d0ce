"""A drawing cut in two: at rest it is the drawing itself; bent, it is as if it had been drawn as two pieces with round ends."""

import cv2
import numpy as np
import pytest

from umbrite.art.bone_cutting import cut_at_bone
from umbrite.art.building.body_plan import plan_named
from umbrite.art.building.plan_bones import plan_bones
from umbrite.art.cutting import cut_drawing, is_loop, one_picture
from umbrite.rig.errors import RigError
from umbrite.rig.placement import Box

WIDE, TALL, FINER = 420, 420, 4
AT, JOINT, END = 210 + 70j, 210 + 210j, 210 + 350j
BEND = np.radians(60)


def texture(seed):
    """Grain in the paper, (rows, columns, 3), around one colour; over twice the room, so that it can be turned."""
    rng = np.random.default_rng(seed)
    noise = cv2.resize(rng.normal(0, 1, (60, 60)).astype(np.float32), (WIDE, TALL), interpolation=cv2.INTER_CUBIC)
    return np.clip(np.array([170, 110, 70]) + 9 * noise[..., None], 0, 255)


def capsule(one, other, radii, grain, line):
    """A limb from one end to the other, with an outline so wide, antialiased."""
    rows, columns = np.indices((TALL * FINER, WIDE * FINER))
    z = (columns + 0.5) / FINER + 1j * (rows + 0.5) / FINER
    way = other - one
    along = np.clip(((z - one) * np.conj(way)).real / abs(way) ** 2, 0, 1)
    depth = radii[0] + (radii[1] - radii[0]) * along - np.abs(z - one - way * along)
    small = [
        cv2.resize(f.astype(np.float32), (WIDE, TALL), interpolation=cv2.INTER_AREA) for f in (depth > 0, depth > line)
    ]
    colours = grain * small[1][..., None] + np.array([40, 30, 30]) * (1 - small[1][..., None]) if line else grain
    return np.dstack([np.round(colours), np.round(small[0] * 255)]).astype(np.uint8)


def turned(about, turn):
    """The 2 x 3 map of a turn about a point."""
    c, s = np.cos(turn), np.sin(turn)
    return np.array(
        [[c, -s, about.real - c * about.real + s * about.imag], [s, c, about.imag - s * about.real - c * about.imag]]
    )


STILL = np.array([[1.0, 0, 0], [0, 1, 0]])


def bent(kept, piece, about, turn):
    return one_picture([(kept, STILL), (piece, turned(about, turn))], (WIDE, TALL))


def on_white(picture):
    alpha = picture[..., 3:] / 255.0
    return picture[..., :3] * alpha + 255 * (1 - alpha)


def around(about, reach):
    rows, columns = np.indices((TALL, WIDE))
    return np.abs(columns + 0.5 + 1j * (rows + 0.5) - about) < reach


LIMBS = {
    "capsule": ((40.0, 40.0), None, 0.0), "tapered": ((46.0, 30.0), None, 0.0), "textured": ((40.0, 40.0), 3, 0.0),
    "tapered, textured": ((46.0, 28.0), 4, 0.0), "outlined": ((40.0, 40.0), 5, 5.0),
}  # fmt: skip


def limb(name):
    """The limb in one piece, and the same as two: the upper one behind, the lower one with a round end in front."""
    (first, last), seed, line = LIMBS[name]
    grain = np.broadcast_to(np.array([170.0, 110, 70]), (TALL, WIDE, 3)) if seed is None else texture(seed)
    middle = (first + last) / 2
    whole = capsule(AT, END, (first, last), grain, line)
    upper = capsule(AT, JOINT, (first, middle), grain, line)
    lower = capsule(JOINT, END, (middle, last), grain, line)
    if line:  # as a draughtsman does it: no line across the limb where the piece in front begins
        inside = around(JOINT, middle - line) | (np.indices((TALL, WIDE))[0] > JOINT.imag)
        clean = capsule(JOINT, END, (middle, last), grain, 0.0)
        lower = np.where(inside[..., None] & (np.indices((TALL, WIDE))[0] < JOINT.imag)[..., None], clean, lower)
        lower[~inside, 3] = 0
    return whole, upper, lower, middle


def across(slant=0.0):
    way = 90 * complex(np.cos(slant), np.sin(slant))
    return [JOINT - way, JOINT, JOINT + way]


@pytest.mark.parametrize("name", LIMBS)
@pytest.mark.parametrize("turn", [BEND, -BEND])
def test_a_cut_limb_bends_as_if_it_had_been_drawn_in_two_pieces(name, turn):
    whole, upper, lower, radius = limb(name)
    cut = cut_drawing(whole, across())
    assert cut.pivot == pytest.approx(JOINT, abs=1.5)
    assert cut.radius == pytest.approx(radius, abs=2)
    rest = one_picture([(cut.kept, STILL), (cut.piece, STILL)], (WIDE, TALL))
    assert np.array_equal(rest[..., 3], whole[..., 3]), "at rest it is the drawing itself"
    assert np.abs(on_white(rest) - on_white(whole)).max() <= 1
    ours, drawn = bent(cut.kept, cut.piece, cut.pivot, turn), bent(upper, lower, JOINT, turn)
    near = around(JOINT, 1.6 * radius)
    off = np.abs(on_white(ours) - on_white(drawn))[near].mean()
    print(f"{name}: {off:.2f} of 255 around the joint")
    assert off < 3
    inside = around(JOINT, radius - 3)
    assert ours[inside, 3].min() >= 250, "no gap"


@pytest.mark.parametrize("name", LIMBS)
def test_a_limb_is_cut_at_a_bone_in_its_middle_though_the_head_stands_beside_it(name):
    whole, upper, lower, radius = limb(name)
    for beside in (0.0, -7.0):
        cut = cut_at_bone(whole, [(JOINT + beside, END)], [(AT, JOINT + beside)])
        assert cut.pivot == pytest.approx(JOINT, abs=1)
        rest = one_picture([(cut.kept, STILL), (cut.piece, STILL)], (WIDE, TALL))
        assert np.abs(on_white(rest) - on_white(whole)).max() <= 1
        ours, drawn = bent(cut.kept, cut.piece, cut.pivot, BEND), bent(upper, lower, JOINT, BEND)
        assert np.abs(on_white(ours) - on_white(drawn))[around(JOINT, 1.6 * radius)].mean() < 3


@pytest.mark.parametrize("line", [0.0, 5.0])
@pytest.mark.parametrize("x", [230, 265, 285])
def test_an_arm_over_a_body_is_cut_at_its_bones_and_the_body_filled_behind_it(line, x):
    """Within the body, over its edge, half beside it: with the outlines that the two would have if they had been drawn apart."""
    cloth, skin = (np.broadcast_to(np.array(colour), (TALL, WIDE, 3)) for colour in ((80.0, 120, 160), (200.0, 90, 60)))
    shoulder, elbow, wrist = x + 110j, x + 20 + 220j, x + 5 + 330j
    body = capsule(210 + 120j, 210 + 320j, (80, 80), cloth, line)
    upper, lower = capsule(shoulder, elbow, (26, 22), skin, line), capsule(elbow, wrist, (22, 18), skin, line)
    whole = one_picture([(each, STILL) for each in (body, upper, lower)], (WIDE, TALL))
    arm = cut_at_bone(whole, [(shoulder, elbow), (elbow, wrist)], [(210 + 320j, 210 + 100j)])
    hand = cut_at_bone(arm.piece, [(elbow, wrist)], [(shoulder, elbow)])
    rest = one_picture([(each, STILL) for each in (arm.kept, hand.kept, hand.piece)], (WIDE, TALL))
    assert np.abs(on_white(rest) - on_white(whole)).max() <= 1
    behind = (arm.piece[..., 3] > 250) & (body[..., 3] == 255)
    assert arm.kept[behind, 3].mean() > 245, "the body is whole behind the arm"
    pictures = []
    for parts, (one, other) in (
        ((arm.kept, hand.kept, hand.piece), (arm.pivot, hand.pivot)),
        ((body, upper, lower), (shoulder, elbow)),
    ):
        lift = turned(one, -0.9)
        bend = (np.vstack([lift, [0, 0, 1]]) @ np.vstack([turned(other, -0.8), [0, 0, 1]]))[:2]
        pictures.append(on_white(one_picture(list(zip(parts, (STILL, lift, bend), strict=True)), (WIDE, TALL))))
    off = np.abs(pictures[0] - pictures[1]).mean()
    print(f"outline {line}, at {x}: {off:.2f} of 255")
    assert off < 3


@pytest.mark.parametrize("slant", [-0.5, -0.2, 0.3, 0.6])
def test_a_slanting_line_makes_no_gap_and_leaves_the_picture_as_it_is(slant):
    whole, *_ = limb("tapered, textured")
    cut = cut_drawing(whole, across(slant))
    rest = one_picture([(cut.kept, STILL), (cut.piece, STILL)], (WIDE, TALL))
    assert np.abs(on_white(rest) - on_white(whole)).max() <= 1
    for turn in (-BEND, BEND):
        ours = bent(cut.kept, cut.piece, cut.pivot, turn)
        assert ours[around(cut.pivot, 25), 3].min() >= 250


def figure():
    """A body with an arm over it on one layer, and the body alone."""
    grain = np.broadcast_to(np.array([80.0, 120, 160]), (TALL, WIDE, 3))
    body = capsule(210 + 120j, 210 + 320j, (90, 90), grain, 0.0)
    arm = capsule(250 + 120j, 240 + 260j, (24, 20), np.broadcast_to(np.array([200.0, 90, 60]), (TALL, WIDE, 3)), 0.0)
    return one_picture([(body, STILL), (arm, STILL)], (WIDE, TALL)), body


def test_a_loop_takes_an_arm_out_of_a_body_which_is_filled_behind_it():
    whole, body = figure()
    angles = np.linspace(0, 2 * np.pi, 60)
    axis = (240 + 260j) - (250 + 120j)
    unit = axis / abs(axis)
    half = abs(axis) / 2 + 40
    loop = [complex((250 + 120j + 240 + 260j) / 2 + unit * (half * np.cos(a) + 1j * 40 * np.sin(a))) for a in angles]
    assert is_loop(loop)
    cut = cut_drawing(whole, loop)
    rest = one_picture([(cut.kept, STILL), (cut.piece, STILL)], (WIDE, TALL))
    assert np.abs(on_white(rest) - on_white(whole)).max() <= 1
    hidden = (cut.piece[..., 3] > 250) & (body[..., 3] == 255)
    assert cut.kept[hidden, 3].mean() > 250, "the body is whole behind the arm"
    off = np.abs(cut.kept[..., :3].astype(int) - body[..., :3])[hidden].mean()
    assert off < 12


def test_a_line_follows_an_edge_that_is_near():
    whole, *_ = limb("capsule")
    edge = JOINT.imag + 9
    sleeve = whole.copy()
    sleeve[int(edge) :, :, :3] = (60, 90, 150)
    cut = cut_drawing(sleeve, across())
    assert cut.pivot.imag == pytest.approx(edge, abs=2.0)
    assert cut_drawing(sleeve, across(), follow=False).pivot.imag == pytest.approx(JOINT.imag, abs=1)
    plain = cut_drawing(whole, across())
    assert plain.pivot.imag == pytest.approx(JOINT.imag, abs=1)


@pytest.mark.parametrize(
    ("path", "words"),
    [
        ([10 + 10j, 60 + 10j], "in two"), ([JOINT, JOINT], "only a point"), ([JOINT], "only a point"),
        ([5 + 5j, 30 + 5j, 30 + 30j, 5 + 30j, 5 + 6j], "in two"), ([0j, 419, 419 + 419j, 419j, 1j], "in two"),
    ],
)  # fmt: skip
def test_what_makes_no_two_pieces_is_refused(path, words):
    whole, *_ = limb("capsule")
    with pytest.raises(RigError, match=words):
        cut_drawing(whole, path)


@pytest.mark.parametrize("name", ["Biped", "Quadruped", "Bird", "Hand"])
@pytest.mark.parametrize("facing", [1, -1])
def test_the_bones_of_a_plan_lie_in_the_figures_box_and_hang_together(name, facing):
    box = Box(100, 50, 700, 1250)
    bones = plan_bones(plan_named(name), box, facing)
    names = [bone.name for bone in bones]
    assert len(set(names)) == len(names) > 3
    assert sum(not bone.on for bone in bones) == 1
    for i, bone in enumerate(bones):
        assert not bone.on or bone.on in names[:i]
        assert abs(bone.tip - bone.head) > 5
        for z in (bone.head, bone.tip):
            assert -60 < z.real - box.left < box.width + 60
            assert -60 < z.imag - box.top < box.height + 60
    one_below = {one.on: one for one in bones if sum(other.on == one.on for other in bones) == 1}
    assert all(one_below[bone.name].head == bone.tip for bone in bones if bone.name in one_below)

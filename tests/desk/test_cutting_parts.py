"""Flat art cut into pieces in the window: along a line, at the bones, and made one again."""

import itertools
from collections.abc import Callable

import cv2
import numpy as np
import pytest
from PySide6.QtCore import QEvent, Qt
from PySide6.QtGui import QImage, QKeyEvent
from PySide6.QtWidgets import QApplication

from umbrite.desk.session.stations import LIMBS, PARTS
from umbrite.files.layers import layer_of
from umbrite.files.package import Package, save
from umbrite.files.png import fingerprint
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.paint.render import render
from umbrite.rig.change import change
from umbrite.rig.document import Document
from umbrite.rig.edits.bones import add_bone
from umbrite.rig.edits.parts import add_part
from umbrite.rig.invariants import invariants
from umbrite.rig.model import Drawing, Placement, Point, Puppet, Trim

Act = Callable[[str], None]


def flat_figure():
    """A walk-on on one layer: body, head, two arms out and two legs."""
    canvas = np.zeros((900, 700, 4), np.uint8)
    for one, other, half in (
        ((350, 300), (350, 480), 80), ((350, 130), (350, 180), 60), ((350, 180), (350, 300), 26), ((290, 290), (140, 330), 28), ((140, 330), (40, 420), 26),
        ((410, 290), (560, 330), 28), ((560, 330), (660, 420), 26), ((310, 500), (290, 680), 34), ((290, 680), (290, 850), 30),
        ((390, 500), (410, 680), 34), ((410, 680), (410, 850), 30),
    ):  # fmt: skip
        cv2.line(canvas, one, other, (70, 110, 160, 255), 2 * half, cv2.LINE_AA)
    return canvas


@pytest.fixture
def figure(window, tmp_path):
    """The walk-on as one part, opened."""
    layer = layer_of("Walker", flat_figure())
    assert layer is not None
    drawing = Drawing(fingerprint(layer.png), layer.width, layer.height)
    puppet, _ = add_part(Puppet(width=700, height=900), "Walker", drawing, Placement(layer.x, layer.y))
    save(tmp_path / "walker.umbrite", Package(Document(puppet), {drawing.sha256: layer.png}))
    window.files.open(tmp_path / "walker.umbrite")
    window.session.workspace.go_to(PARTS)
    return window


def seen(window, puppet=None):
    placed = evaluate(compile_plan(puppet or window.session.puppet), {})
    image = render(placed, window.session.file.pictures).convertToFormat(QImage.Format.Format_RGBA8888)
    return np.frombuffer(image.constBits(), np.uint8).reshape(image.height(), -1, 4)[:, : image.width()].astype(int)


def test_a_line_across_a_leg_makes_two_that_turn_on_each_other(figure, hand, act):
    session = figure.session
    before, first = seen(figure), session.puppet.order[0]
    act("cut")
    hand.drag(230 + 680j, 345 + 680j)
    assert session.history.undo_name == "Cut Walker"
    puppet = session.puppet
    (piece,) = session.selection.of("part")
    joint = puppet.joints[puppet.parts[piece].joint]
    assert joint.parent == puppet.parts[first].joint
    assert joint.pivot.z == pytest.approx(290 + 680j, abs=6)
    assert joint.pivot_set
    assert puppet.order.index(piece) == puppet.order.index(first) + 1
    assert np.abs(seen(figure) - before).max() <= 1, "nothing has moved at rest"
    assert invariants(puppet) == []
    whole = next(part for part in puppet.parts.values() if part.reference)
    assert not whole.visible
    assert whole.name == "Walker whole"
    hand.drag(450 + 680j, 360 + 680j)
    assert len(session.puppet.parts) == 4, "the other leg too; the whole is kept once"
    act("undo")
    act("undo")
    assert len(session.puppet.parts) == 1


def test_a_line_that_does_not_divide_is_refused_and_esc_takes_it_back(figure, hand, act):
    session = figure.session
    before = session.puppet
    act("cut")
    hand.drag(20 + 20j, 120 + 20j)
    assert "no part under this line" in figure.frame.hints.message
    hand.press(230 + 680j)
    hand.move(345 + 680j)
    figure.board.grab()
    figure.board.cancel()
    assert session.puppet is before


def test_a_flat_figure_is_cut_at_its_bones_and_joined_again(figure, act):
    session = figure.session
    before = seen(figure)
    puppet = session.puppet
    chains = [
        [(350, 500), (350, 230)], [(350, 215), (350, 100)], [(310, 510), (290, 680), (290, 860)], [(390, 510), (410, 680), (410, 860)],
        [(265, 297), (140, 330), (30, 430)], [(435, 297), (560, 330), (670, 430)],
    ]  # fmt: skip
    root = None
    for chain in chains:
        parent = root
        for one, other in itertools.pairwise(chain):
            puppet, bone = add_bone(puppet, complex(*one), complex(*other), parent)
            root = root or bone
            parent = bone
    session.edit("Bones", puppet=puppet)
    key = puppet.order[0]
    session.selection.select([key])
    act("cut-bones")
    assert session.puppet is puppet_before(session), "nothing is cut yet"
    assert session.drafts.now.cuts is not None
    assert len(session.drafts.now.cuts.cuts) == 9
    press_enter(figure)
    pieces = [k for k, part in session.puppet.parts.items() if not part.reference]
    assert len(pieces) == 10, figure.frame.hints.message
    assert len({session.puppet.parts[k].joint for k in pieces}) == 10, "each on its bone"
    assert np.abs(seen(figure) - before).max() <= 1
    assert invariants(session.puppet) == []
    session.selection.select(pieces)
    act("join")
    left = [k for k, part in session.puppet.parts.items() if not part.reference]
    assert len(left) == 1
    assert np.abs(seen(figure) - before).max() <= 2
    act("undo")
    assert len([k for k, part in session.puppet.parts.items() if not part.reference]) == 10


def press_enter(window):
    for kind in (QEvent.Type.KeyPress, QEvent.Type.KeyRelease):
        QApplication.sendEvent(window.board, QKeyEvent(kind, Qt.Key.Key_Return, Qt.KeyboardModifier.NoModifier))


def puppet_before(session):
    return session.history.now.puppet


def test_a_pencilled_cut_is_left_out_by_a_click_and_all_are_rubbed_out_by_esc(figure, hand, act):
    session = figure.session
    puppet, body = add_bone(session.puppet, 350 + 480j, 350 + 240j, None)
    puppet, arm = add_bone(puppet, 265 + 297j, 140 + 330j, body)
    puppet, _ = add_bone(puppet, 140 + 330j, 30 + 430j, arm)
    session.edit("Bones", puppet=puppet)
    before = session.puppet
    act("cut-bones")
    draft = session.drafts.now.cuts
    assert draft is not None
    plain = figure.board.grab().toImage()
    one = next(cut for cut in draft.cuts if cut.bone == arm)
    hand.click(sum(one.ends) / 2)
    assert [cut.left_out for cut in session.drafts.now.cuts.cuts] == [cut.bone == arm for cut in draft.cuts]
    assert figure.board.grab().toImage() != plain
    press_enter(figure)
    riding = {part.joint for part in session.puppet.parts.values() if not part.reference}
    assert arm not in riding
    assert len(riding) == 2
    act("undo")
    act("cut-bones")
    QApplication.sendEvent(
        figure.board, QKeyEvent(QEvent.Type.KeyPress, Qt.Key.Key_Escape, Qt.KeyboardModifier.NoModifier)
    )
    assert session.drafts.now.cuts is None
    assert session.puppet == before


def test_what_bends_is_not_cut_before_it_is_stiff_again(figure, hand, act):
    session = figure.session
    session.selection.select([session.puppet.order[0]])
    act("bend")
    session.workspace.go_to(PARTS)
    act("cut")
    hand.drag(230 + 680j, 345 + 680j)
    assert "it is not cut" in figure.frame.hints.message
    act("undo")
    hand.drag(230 + 680j, 345 + 680j)
    assert session.history.undo_name == "Cut Walker"


def test_trimmed_parts_and_shared_drawings_are_refused_with_what_to_do(figure, hand, act):
    session = figure.session
    key, before = session.puppet.order[0], session.puppet
    act("cut")
    for fields, words in (
        ({"trims": (Trim((Point(0, 0), Point(5, 0), Point(5, 5))),)}, "Remove all trims first"), ({"shares": "s1"}, "drawing of its own first"),
    ):  # fmt: skip
        odd = change(before, key, **fields)
        session.edit("Odd", puppet=odd)
        hand.drag(230 + 680j, 345 + 680j)
        assert words in figure.frame.hints.message
        assert session.puppet is odd


def test_a_plans_bones_are_laid_over_a_flat_figure_and_cut_it(figure, act):
    session = figure.session
    before = seen(figure)
    act("plan-bones-biped")
    assert session.workspace.station is LIMBS
    assert {"Trunk", "Near thigh", "Far forearm"} <= {joint.name for joint in session.puppet.joints.values()}
    assert next(j for j in session.puppet.joints.values() if j.name == "Near thigh").side == "near"
    # Drawn to the figure's own joints, as a person drags them.
    own = {
        "upper arm": (265 + 297j, 140 + 330j), "forearm": (140 + 330j, 70 + 394j), "hand": (70 + 394j, 40 + 422j),
        "thigh": (310 + 510j, 290 + 680j), "shin": (290 + 680j, 290 + 800j), "foot": (290 + 800j, 290 + 850j),
    }  # fmt: skip
    puppet = session.puppet
    for key, bone in session.puppet.joints.items():
        side, _, what = bone.name.partition(" ")
        if what in own:
            ends = [z if side == "Near" else complex(700 - z.real, z.imag) for z in own[what]]
            puppet = change(puppet, key, pivot=Point(ends[0].real, ends[0].imag), tip=Point(ends[1].real, ends[1].imag))
    session.edit("Drag the bones", puppet=puppet)
    act("cut-bones")
    press_enter(figure)
    pieces = [part.name for part in session.puppet.parts.values() if not part.reference]
    assert {"Near upper arm", "Far forearm", "Near thigh", "Far shin", "Head"} <= set(pieces), (
        figure.frame.hints.message
    )
    assert np.abs(seen(figure) - before).max() <= 1
    assert invariants(session.puppet) == []

"""Build by plan in the window: the figure beside the puppet, corrected by hand, and the whole rig in one step."""

from collections.abc import Callable
from contextlib import contextmanager
from pathlib import Path

import pytest
from PySide6.QtCore import QEvent, QPointF, Qt
from PySide6.QtGui import QKeyEvent, QMouseEvent
from PySide6.QtWidgets import QApplication

from art.characters import character
from umbrite.desk.session.stations import PIVOTS, REHEARSE
from umbrite.files.long_work import CancelledError, here
from umbrite.files.package import Package, save
from umbrite.files.png import encode, fingerprint
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.motion.scene import scene_of
from umbrite.rig.change import change
from umbrite.rig.document import Document
from umbrite.rig.edits.limbs import remove_limb
from umbrite.rig.invariants import invariants
from umbrite.rig.limb_shape import bends_to
from umbrite.rig.model import Drawing
from umbrite.rig.placement import middle_of_part

Act = Callable[[str], None]


@pytest.fixture
def walker(window, tmp_path):
    """A walk-on whose layers nobody has named, loose; each part's truth is its piece in `window.truth`."""
    one = character(60, "biped", "default")
    puppet, art = one.puppet, {}
    for key, part in one.puppet.parts.items():
        data = encode(one.pictures[part.drawing.sha256])
        sha = fingerprint(data)
        art[sha] = data
        puppet = change(puppet, key, drawing=Drawing(sha, part.drawing.width, part.drawing.height))
    save(tmp_path / "walker.umbrite", Package(Document(puppet), art))
    window.files.open(tmp_path / "walker.umbrite")
    window.truth = {piece: key for key, piece in one.pieces.items()}
    return window


def drag(figure, start, end):
    kinds = (
        (QEvent.Type.MouseButtonPress, start), (QEvent.Type.MouseMove, (start + end) / 2),
        (QEvent.Type.MouseMove, end), (QEvent.Type.MouseButtonRelease, end),
    )  # fmt: skip
    for kind, at in kinds:
        button = Qt.MouseButton.LeftButton
        held = button if kind != QEvent.Type.MouseButtonRelease else Qt.MouseButton.NoButton
        event = QMouseEvent(kind, at, QPointF(figure.mapToGlobal(at)), button, held, Qt.KeyboardModifier.NoModifier)
        QApplication.sendEvent(figure, event)


def spot(figure, place):
    return next(card.box.center() for card in figure.cards if card.place == place)


def test_two_gestures_rig_a_walk_on_that_nobody_has_named(walker, act):
    session, sheet, truth = walker.session, walker.frame.plan_sheet, walker.truth
    before = session.puppet
    act("plan")
    assert sheet.isVisible()
    assert session.workspace.station is PIVOTS
    assert session.puppet is before, "nothing is made yet"
    draft = session.drafts.now.plan
    assert draft is not None
    assert draft.filled.plan.name == "Biped"
    assert {name.lower(): key for name, key in draft.filled.pieces.items()} == truth
    assert "Biped, 18 places filled" in walker.frame.hints.message
    sheet.grab()
    boxes = [card.box for card in sheet.figure.cards]
    assert not any(a.intersects(b) for i, a in enumerate(boxes) for b in boxes[:i]), "no card lies on another"
    assert all(sheet.figure.rect().toRectF().contains(box) for box in boxes)
    QApplication.sendEvent(
        walker.board, QKeyEvent(QEvent.Type.KeyPress, Qt.Key.Key_Return, Qt.KeyboardModifier.NoModifier)
    )
    puppet = session.puppet
    assert not sheet.isVisible()
    assert len(puppet.limbs) == 4
    assert invariants(puppet) == []
    assert session.workspace.station is REHEARSE
    assert session.history.undo_name == "Build a Biped"
    was, now = (scene_of(evaluate(compile_plan(p), {})) for p in (before, puppet))
    assert [(a.part, a.matrix) for a in was] == [(a.part, a.matrix) for a in now]
    act("undo")
    assert session.puppet == before


def test_pieces_are_dragged_between_places_and_from_and_to_the_board(walker, hand, act):
    session, sheet, truth = walker.session, walker.frame.plan_sheet, walker.truth
    act("plan")
    figure = sheet.figure
    filled = lambda: session.drafts.now.plan.filled.pieces  # noqa: E731
    drag(figure, spot(figure, "Near hand"), spot(figure, "Far hand"))
    assert filled()["Far hand"] == truth["near hand"]
    assert "set by hand" in figure.words(
        session.drafts.now.plan, next(c for c in figure.cards if c.place == "Far hand")
    )
    # A piece on the board onto a place.
    head = middle_of_part(session.puppet.parts[truth["far hand"]])
    goal = walker.board.mapFromGlobal(figure.mapToGlobal(spot(figure, "Far hand")))
    hand.drag(head, walker.board.camera.board(complex(goal.x(), goal.y())))
    assert filled()["Far hand"] == truth["far hand"]
    # And a place onto a piece of the board.
    on_board = walker.board.camera.point(middle_of_part(session.puppet.parts[truth["near hand"]]))
    drag(figure, spot(figure, "Near hand"), QPointF(figure.mapFromGlobal(walker.board.mapToGlobal(on_board))))
    assert filled()["Near hand"] == truth["near hand"]
    assert session.history.undo_name is None, "looking and correcting is no step"


def test_another_plan_the_other_facing_and_what_is_left_out(walker, act):
    session, sheet = walker.session, walker.frame.plan_sheet
    act("plan")
    sheet.plan.setCurrentIndex(sheet.plan.findData("Bird"))
    sheet.plan.activated.emit(sheet.plan.currentIndex())
    assert session.drafts.now.plan.filled.plan.name == "Bird"
    sheet.plan.setCurrentIndex(sheet.plan.findData("Biped"))
    sheet.plan.activated.emit(sheet.plan.currentIndex())
    looks = session.drafts.now.plan.filled.facing
    sheet.facing.click()
    assert session.drafts.now.plan.filled.facing == -looks
    assert ("right" in sheet.facing.text()) == (looks < 0)
    for name in ("limbs", "controls"):
        sheet.ticks[name].click()
    sheet.make.click()
    assert not session.puppet.limbs
    assert not session.puppet.controls
    assert any(joint.limit for joint in session.puppet.joints.values())
    assert session.workspace.station is PIVOTS
    act("plan")
    sheet.make.click()
    assert len(session.puppet.limbs) == 4, "what was left out is made later"
    act("plan")
    sheet.make.click()
    assert "Nothing is missing" in walker.frame.hints.message


def test_esc_rubs_it_out_and_an_edit_lets_it_go(walker, act):
    session, sheet = walker.session, walker.frame.plan_sheet
    before = session.puppet
    act("plan")
    QApplication.sendEvent(sheet, QKeyEvent(QEvent.Type.KeyPress, Qt.Key.Key_Escape, Qt.KeyboardModifier.NoModifier))
    assert not sheet.isVisible()
    assert "discarded" in walker.frame.hints.message
    act("plan")
    session.edit("Name", puppet=change(before, before.order[0], name="Somebody"))
    assert not sheet.isVisible()


def test_a_finished_puppet_is_kept_as_a_plan_and_offered_for_the_next(walker, act):
    session, sheet = walker.session, walker.frame.plan_sheet
    assert not walker.actions_by_id["keep-plan"].isEnabled()
    act("plan")
    sheet.make.click()
    act("keep-plan")
    assert "Walker is a body plan now" in walker.frame.hints.message
    assert (Path(walker.settings.fileName()).parent / "body plans" / "Walker.json").exists()
    act("undo")
    act("plan")
    assert session.drafts.now.plan.filled.plan.name == "Walker"
    assert sheet.plan.count() == 10
    (Path(walker.settings.fileName()).parent / "body plans" / "Odd.json").write_text("{}")
    sheet.leave.click()
    act("plan")
    assert sheet.plan.count() == 10, "what is no plan is passed over"


def test_the_rig_is_laid_on_other_art_as_a_new_puppet(walker, act, tmp_path, answers, monkeypatch):
    session, sheet = walker.session, walker.frame.plan_sheet
    art = tmp_path / "walker.umbrite"
    other = tmp_path / "other.umbrite"
    other.write_bytes(art.read_bytes())
    assert not walker.actions_by_id["lay-rig"].isEnabled()
    act("plan")
    sheet.make.click()
    rigged = session.puppet
    answers.open_path, answers.unsaved = other, "drop"
    act("lay-rig")
    assert "18 places filled" in walker.frame.hints.message
    assert sheet.isVisible()
    assert sheet.make.text() == "Transfer rig"
    assert not session.puppet.limbs, "nothing is made yet"
    figure, draft = sheet.figure, session.drafts.now.plan
    assert draft is not None
    assert draft.rig is not None
    assert not figure.badges, "bend sides are the rig's own"
    hands = [
        next(key for place, key in draft.filled.pieces.items() if place.lower() == name)
        for name in ("near hand", "far hand")
    ]
    cards = [next(card.box.center() for card in figure.cards if card.part == key) for key in hands]
    drag(figure, cards[0], cards[1])  # wrong, to be corrected
    assert session.drafts.now.plan.filled.pieces != draft.filled.pieces
    drag(figure, next(card.box.center() for card in figure.cards if card.part == hands[1]), cards[1])
    before, draft, seen, patient = session.history.now, session.drafts.now.plan, [], session.watching
    monkeypatch.setattr(session, "doing", here)  # step by step
    for watching in (impatient(seen), patient):
        assert session.history.now is before
        assert session.drafts.now.plan is draft, "what was corrected outlives a stop"
        session.watching = watching
        enter = QKeyEvent(QEvent.Type.KeyPress, Qt.Key.Key_Return, Qt.KeyboardModifier.NoModifier)
        QApplication.sendEvent(walker.board, enter)
    assert len(seen) == 3
    assert "pieces found their places" in walker.frame.hints.message
    assert session.history.undo_name == "Transfer the rig of Puppet"
    assert session.file.path is None, "a new puppet, not saved yet"
    assert len(session.puppet.limbs) == 4
    assert {limb.name for limb in session.puppet.limbs.values()} == {limb.name for limb in rigged.limbs.values()}
    assert session.workspace.station is REHEARSE
    assert other.read_bytes() == art.read_bytes()
    answers.open_path = tmp_path / "none.png"
    act("lay-rig")
    assert "isn't there" in walker.frame.hints.message
    assert len(session.puppet.limbs) == 4


def test_bend_sides_and_the_ground_are_turned_by_a_click_on_their_signs(walker, act):
    session, figure = walker.session, walker.frame.plan_sheet.figure
    act("plan")
    badges = {(badge.name, badge.kind): badge for badge in figure.badges}
    assert sorted(name for name, kind in badges if kind == "bend") == [
        "Far forearm",
        "Far shin",
        "Near forearm",
        "Near shin",
    ]
    knee, foot = badges["Near shin", "bend"], badges["Near foot", "ground"]
    assert foot.on
    assert not badges["Near hand", "ground"].on
    before = session.drafts.now.plan
    assert before is not None
    for badge in (knee, foot):
        drag(figure, badge.box.center(), badge.box.center())
    turned = {(badge.name, badge.kind): badge for badge in figure.badges}
    assert turned["Near shin", "bend"].way == -knee.way
    assert not turned["Near foot", "ground"].on
    assert session.drafts.now.plan.filled is before.filled, "the card below was not clicked"
    figure.hot_badge = turned["Near shin", "bend"]
    assert "a click turns it" in figure.words(before, None)
    figure.grab()
    walker.frame.plan_sheet.make.click()
    legs = {limb.name: limb for limb in session.puppet.limbs.values() if "leg" in limb.name}
    assert legs["Near leg"].end_hold == "limb"
    assert legs["Far leg"].end_hold == "target"
    near, way = legs["Near leg"], turned["Near shin", "bend"].way
    down = session.puppet.joints[near.target].pivot.z - session.puppet.joints[near.joints[0]].pivot.z
    assert (way.conjugate() * down).imag * near.bend > 0, "as the sign shows it"
    assert bends_to(session.puppet, near) == near.bend


def test_on_a_built_puppet_the_sheet_says_what_differs(walker, act):
    session, sheet, truth = walker.session, walker.frame.plan_sheet, walker.truth
    act("plan")
    assert sheet.differs.isHidden()
    sheet.make.click()
    act("plan")
    assert sheet.differs.isHidden()
    sheet.leave.click()
    limb = next(key for key, one in session.puppet.limbs.items() if one.name == "Near arm")
    session.edit("Without", puppet=remove_limb(session.puppet, limb))
    act("plan")
    assert "a limb Near upper arm" in sheet.differs.text()
    assert truth
    sheet.make.click()
    assert "Near arm" in {one.name for one in session.puppet.limbs.values()}


def impatient(seen):
    """Long work is stopped when it tells of its third step."""

    @contextmanager
    def watching(_what):
        def watch(done, of, name):
            seen.append((done, of, name))
            if done == 2:
                raise CancelledError("Stopped. Nothing was added or changed.")

        yield watch

    return watching


@pytest.mark.parametrize("what", ["plan", "find-joints"])
def test_long_looking_is_watched_and_stopped_without_a_trace(what, walker, act, monkeypatch):
    session, seen = walker.session, []
    monkeypatch.setattr(session, "watching", impatient(seen))
    monkeypatch.setattr(session, "doing", here)
    before = session.history.now
    act(what)
    assert [done for done, _, _ in seen] == [0, 1, 2]
    assert session.drafts.now.plan is None
    assert not session.drafts.now.proposals
    assert session.history.now is before
    assert walker.frame.hints.message.startswith("Stopped.")

"""What is used again, in the window: branches by clipboard and library, guests, and stages of the work."""

from collections.abc import Callable

import pytest
from msgspec.structs import replace
from PySide6.QtCore import QMimeData, QPointF, Qt
from PySide6.QtGui import QDropEvent, QGuiApplication

from demo_puppet import ASSETS
from umbrite.desk.board.input.drops import BRANCH
from umbrite.desk.commands.sharing import guest_commands
from umbrite.desk.session.session import attempt
from umbrite.desk.session.stations import CONTROLS, LIMBS, PARTS, TAKES
from umbrite.files.package import MIMETYPE, load, save
from umbrite.motion.animating.walking import legs_of
from umbrite.rig.edits.parts import nudge_parts
from umbrite.rig.invariants import invariants
from umbrite.rig.merging.guests import guest_of

Act = Callable[[str], None]


def joint(puppet, name):
    return next(key for key, one in puppet.joints.items() if one.name == name)


def part(puppet, name):
    return next(key for key, one in puppet.parts.items() if one.name == name)


def said(window):
    words = []
    window.session.said.connect(words.append)
    return words


# The clipboard


def test_controls_and_links_go_by_names_and_a_take_too(wick_window, act):
    session = wick_window.session
    session.workspace.go_to(CONTROLS)
    grips = [key for key, one in session.puppet.controls.items() if one.name in {"Near hand", "Far hand"}]
    session.selection.select(grips)
    act("clip-copy")
    session.edit("Without", puppet=replace(session.puppet, controls={}, responses={}))
    act("clip-paste")
    assert sorted(one.name for one in session.puppet.controls.values()) == ["Far hand", "Near hand"]
    session.workspace.go_to(TAKES)
    session.timeline.choose("Idle")
    act("clip-take")
    session.workspace.go_to(PARTS)
    act("clip-paste")
    assert session.history.now.takes[-1].name == "Idle 2"
    assert session.history.now.takes[-1].tracks == session.history.now.takes[0].tracks


@pytest.mark.parametrize(
    "text",
    [
        "",
        "{}",
        '{"format": "umbrite-by-names", "height": -3}',
        '{"format": "umbrite-by-names", "height": 10, "controls": [[]]}',
        "x" * 1000,
    ],
)
def test_what_is_no_clip_is_refused_with_a_sentence_and_changes_nothing(wick_window, act, text):
    session, words = wick_window.session, said(wick_window)
    session.workspace.go_to(PARTS)
    before = session.history.now
    QGuiApplication.clipboard().setText(text)
    act("clip-paste")
    assert session.history.now is before
    assert words
    mime = QMimeData()
    mime.setData(MIMETYPE, b"PK no package")
    QGuiApplication.clipboard().setMimeData(mime)
    act("clip-paste")
    assert session.history.now is before
    assert "can't be opened" in words[-1] or "no " in words[-1]


# The library


def drop(window, path, at):
    """Let a branch of the library go over the board."""
    data = QMimeData()
    data.setData(BRANCH, str(path).encode())
    place = QPointF(window.board.camera.point(at))
    event = QDropEvent(place, Qt.DropAction.CopyAction, data, Qt.MouseButton.LeftButton, Qt.KeyboardModifier.NoModifier)
    window.board.dropEvent(event)


def test_a_branch_kept_in_the_library_is_dragged_onto_a_joint_of_another_puppet(wick_window, act):
    session = wick_window.session
    session.workspace.go_to(LIMBS)
    session.selection.select([joint(session.puppet, "Near upper arm")])
    act("library")
    wick_window.library.keep_button.click()
    assert wick_window.reuse.entries()[0].name == "Near upper arm"
    assert wick_window.library.list.item(0).text() == "Near upper arm"
    path = wick_window.reuse.entries()[0].path
    assert load(path).puppet.limbs
    wick_window.files.open(ASSETS / "bramble.umbrite")
    session.workspace.go_to(LIMBS)
    before = session.history.now
    neck = joint(session.puppet, "Body")
    at = session.puppet.joints[neck].pivot.z
    under = next(key for key, one in session.puppet.joints.items() if one.pivot.z == at)
    drop(wick_window, path, at)
    arm = joint(session.puppet, "Near upper arm")
    assert session.puppet.joints[arm].pivot.z == pytest.approx(at, abs=1e-3)
    assert session.puppet.joints[arm].parent is not None
    assert invariants(session.puppet) == []
    session.step(-1)
    assert session.history.now == before
    assert under


def test_shipped_branches_have_pictures_and_own_ones_are_named_and_thrown_away(wick_window, act):
    session, panel, words = wick_window.session, wick_window.library, said(wick_window)
    act("library")
    assert panel.list.count() >= 5
    session.workspace.go_to(PARTS)
    session.selection.select([part(session.puppet, "Head")])
    act("keep-branch")
    panel.refresh()
    panel.list.item(0).setSelected(True)
    panel.edit_name()
    panel.name_line.setText("Wick's head")
    panel.name_line.returnPressed.emit()
    assert panel.list.item(0).text() == "Wick's head"
    panel.list.item(0).setSelected(True)
    for wrong in ("../out", ".hidden", "x" * 300):
        panel.edit_name()
        panel.name_line.setText(wrong)
        panel.name_line.returnPressed.emit()
        assert panel.list.item(0).text() == "Wick's head", wrong
        assert words.pop().endswith("."), wrong
        assert panel.chosen() is not None
    panel.list.clearSelection()
    panel.list.item(panel.list.count() - 1).setSelected(True)
    count = len(session.puppet.parts)
    panel.bring_button.click()
    assert len(session.puppet.parts) > count


# Guests


@pytest.fixture
def scene(window, tmp_path):
    """Wick in a file of his own, beside the tea cart's."""
    for name in ("wick", "tea-cart"):
        save(tmp_path / f"{name}.umbrite", load(ASSETS / f"{name}.umbrite"))
    window.files.open(tmp_path / "wick.umbrite")
    window.session.workspace.go_to(PARTS)
    return window


def with_guest(window, answers, act, tmp_path):
    answers.open_path = tmp_path / "tea-cart.umbrite"
    act("guest")
    (key,) = window.session.puppet.guests
    return key


def test_a_guest_is_taken_in_dragged_as_one_and_nothing_of_it_is_changed_here(scene, answers, act, hand, tmp_path):
    session, words = scene.session, said(scene)
    key = with_guest(scene, answers, act, tmp_path)
    guest = session.puppet.guests[key]
    assert guest.source == "tea-cart.umbrite"
    box = part(session.puppet, "Box")
    start = session.puppet.parts[box].placement
    session.selection.select([])
    middle = complex(start.x + 30, start.y + 150)
    hand.drag(middle, middle + 60 - 20j)
    moved = session.puppet.guests[key]
    shift = moved.at.z - guest.at.z
    assert abs(shift - (60 - 20j)) < 6
    assert all(
        session.puppet.joints[own].pivot.z - session.history._steps[-2].state.puppet.joints[own].pivot.z == shift
        for own in guest.ids.values()
        if own in session.puppet.joints
    )
    before = session.history.now
    attempt(session, lambda: session.edit("Nudge", puppet=nudge_parts(session.puppet, [box], 5 + 0j)))
    assert session.history.now is before
    assert "guest Tea cart" in words[-1]
    act("delete")
    assert not session.puppet.guests
    assert all(each.name != "Box" for each in session.puppet.parts.values())


def test_a_guest_is_told_to_be_newer_on_opening_and_found_from_another_folder(scene, answers, act, tmp_path, qtbot):
    session = scene.session
    key = with_guest(scene, answers, act, tmp_path)
    (tmp_path / "scenes").mkdir()
    answers.save_path = tmp_path / "scenes" / "wick.umbrite"
    act("save-as")
    assert session.puppet.guests[key].source == "../tea-cart.umbrite"
    assert load(answers.save_path).document == session.history.now
    assert session.history.is_saved
    assert scene.reuse.newer(key) is False
    package = load(tmp_path / "tea-cart.umbrite")
    save(tmp_path / "tea-cart.umbrite", package.having(replace(package.puppet, name="Coffee cart")))
    scene.files.open(answers.save_path)
    qtbot.waitUntil(lambda: "Tea cart changed in a file of its own" in scene.frame.hints.message)


def test_a_guest_is_copied_whole_and_plans_and_walks_leave_it_alone(scene, answers, act, tmp_path):
    session = scene.session
    key = with_guest(scene, answers, act, tmp_path)
    session.selection.select([part(session.puppet, "Box")])
    act("copy")
    assert [guest.name for guest in session.puppet.guests.values()] == ["Tea cart", "Tea cart 2"]
    other = next(each for each in session.puppet.guests if each != key)
    assert session.puppet.guests[other].at != session.puppet.guests[key].at
    assert scene.reuse.newer(other) is False
    place = guest_commands.place(session, other, 700 + 0j)
    assert place is None
    assert invariants(session.puppet) == []
    act("clip-copy")
    act("clip-paste")
    assert len(session.puppet.guests) == 3
    strange = {own for guest in session.puppet.guests.values() for own in guest.ids.values()}
    act("plan")
    assert strange.isdisjoint(session.drafts.now.plan.pieces.keys)
    answers.open_path = ASSETS / "bramble.umbrite"
    act("guest")
    strange = {own for guest in session.puppet.guests.values() for own in guest.ids.values()}
    assert strange.isdisjoint(legs_of(session.puppet))
    assert len(legs_of(session.puppet)) == 2


def test_a_puppet_that_holds_this_one_is_refused_and_so_is_this_one(scene, answers, act, tmp_path):
    session, words = scene.session, said(scene)
    with_guest(scene, answers, act, tmp_path)
    assert scene.files.save()
    scene.files.open(tmp_path / "tea-cart.umbrite")
    answers.open_path = tmp_path / "wick.umbrite"
    act("guest")
    assert not session.puppet.guests
    assert "Tea cart is a guest in Wick" in words[-1]
    answers.open_path = tmp_path / "tea-cart.umbrite"
    act("guest")
    assert "circle" in words[-1]


def test_the_card_places_spreads_hides_lays_a_take_in_and_makes_it_ours(scene, answers, act, tmp_path):
    session, card = scene.session, scene.details.guest
    key = with_guest(scene, answers, act, tmp_path)
    card.share.setValue(50)
    card.across.setValue(300)
    guest = session.puppet.guests[key]
    assert (guest.scale, guest.at.x) == (0.5, 300)
    card.spread.click()
    card.hidden.click()
    guest = session.puppet.guests[key]
    assert guest.spread
    assert {session.puppet.controls[own].shown for own in guest.ids.values() if own in session.puppet.controls} == {
        "never"
    }
    card.takes.setCurrentText("Roll")
    session.timeline.choose("Idle")
    card.lay.click()
    master = next(
        own
        for inner, own in guest.ids.items()
        if session.puppet.joints.get(own) and session.puppet.joints[own].name.startswith("Master")
    )
    assert f"{master}.x" in session.timeline.take.tracks
    rows = scene.timeline.sheet.ground.rows
    head = next(i for i, row in enumerate(rows) if row.kind == "head" and row.label == "Tea cart")
    mine = set(guest.ids.values())
    assert {row.key in mine or row.key == guest.root for row in rows[head + 1 :] if row.kind == "thing"} == {True}
    guest_commands.pick(session, key)
    card.own_button.click()
    assert not session.puppet.guests
    assert guest_of(session.puppet, master) is None


# Stages


def test_a_stage_is_kept_compared_lit_gone_back_to_and_undone(wick_window, act):
    session, panel = wick_window.session, wick_window.versions
    session.workspace.go_to(PARTS)
    act("stages")
    panel.keep_button.click()
    kept = session.history.now
    act("select-all")
    cap = part(session.puppet, "Cap")
    session.edit("Move", puppet=nudge_parts(session.puppet, [cap], 9 + 0j))
    panel.list.item(0).setSelected(True)
    told = [panel.told.item(i).text() for i in range(panel.told.count())]
    assert told == ["Cap: place."]
    assert session.drafts.now.beside == replace(kept, versions=())
    picture = wick_window.board.grab().toImage()
    panel.told.item(0).setSelected(True)
    assert session.selection.keys == (cap,)
    panel.list.clearSelection()
    assert session.drafts.now.beside is None
    assert wick_window.board.grab().toImage() != picture
    moved = session.history.now
    panel.list.item(0).setSelected(True)
    panel.back_button.click()
    assert session.history.now == kept
    session.step(-1)
    assert session.history.now == moved


def test_a_stage_is_renamed_and_gives_a_branch_and_a_new_puppet(wick_window, answers, act):
    session, panel = wick_window.session, wick_window.versions
    session.workspace.go_to(PARTS)
    act("keep-stage")
    act("stages")
    panel.list.item(0).setText("With his cap")
    assert session.history.now.versions[0].name == "With his cap"
    session.selection.select([part(session.puppet, "Cap")])
    act("delete")
    panel.list.item(0).setSelected(True)
    panel.take_branch(joint(session.history.now.versions[0].document.puppet, "Cap"))
    assert session.puppet.joints[session.puppet.parts[part(session.puppet, "Cap")].joint].parent == joint(
        session.puppet, "Head"
    )
    assert invariants(session.puppet) == []
    answers.unsaved = "drop"
    panel.list.item(0).setSelected(True)
    panel.new_button.click()
    assert session.file.path is None
    assert not session.history.is_saved
    assert session.history.now.versions == ()
    assert {"Cap"} <= {each.name for each in session.puppet.parts.values()}

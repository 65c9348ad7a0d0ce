"""What is seen is what is kept: no field, take or save changes or loses anything that it does not say."""

import numpy as np
import pytest
from PySide6.QtWidgets import QComboBox, QDoubleSpinBox

from demo_puppet import ASSETS, joint
from desk.test_rehearsing import grip
from takes_strategies import looks_as_before_or_is_told
from umbrite.desk.commands.takes.take_commands import rename_take
from umbrite.desk.panels.selecting_list import KEY
from umbrite.desk.session.stations import REHEARSE, TAKES
from umbrite.motion.animating.playing import placed_over
from umbrite.motion.passing import drawn_at
from umbrite.motion.rest_changes.picture_kept import places_differ
from umbrite.rig.takes.keys import put_keys
from umbrite.rig.takes.take import Take

FRAMES = list(range(25))


def places(session):
    """Where all joints are in every frame of the take that is looked at."""
    take = session.timeline.take
    return np.stack(list(placed_over(take, session.history.now.puppet, FRAMES).maps))


@pytest.fixture
def stepping(wick_window):
    """A take with keys of a foot at 0, 12 and 20, the playhead at 12, and another pose in Rehearse."""
    session = wick_window.session
    foot = next(limb.target for limb in session.puppet.limbs.values() if limb.name == "Near leg")
    take = Take("Step", last=24)
    for frame, x in ((0, 0.0), (12, 120.0), (20, 40.0)):
        take = put_keys(take, frame, {f"{foot}.x": x, f"{foot}.y": -x / 3})
    session.edit("A pose of Rehearse", pose={f"{foot}.x": -60.0, f"{joint(session.puppet, 'Head')}.turn": 0.3})
    session.edit("A take", takes=(take,))
    session.workspace.go_to(TAKES)
    session.timeline.choose("Step")
    session.timeline.go_to(12.0)
    return wick_window


def change_of(field):
    """Another value of a field than it shows, put in as a person would; whether there is one."""
    if isinstance(field, QComboBox):
        other = next((i for i in range(field.count()) if i != field.currentIndex()), None)
        if other is not None:
            field.setCurrentIndex(other)
            field.activated.emit(other)
        return other is not None
    if isinstance(field, QDoubleSpinBox):
        field.setValue(field.value() + 7 if field.value() + 7 <= field.maximum() else field.value() - 7)
    else:
        field.setText(f"{field.text()} II")
        field.setModified(True)
        field.editingFinished.emit()
    return True


# What is posed, and what is meant to change how all frames look.
POSED = {"Posed by", "Blend"}


@pytest.mark.parametrize("kind", ["part", "joint", "limb", "control"])
def test_no_field_makes_keys_of_what_nobody_posed(kind, stepping):
    """With fields that write the puppet alone take and pose look as before, or it is told; where nothing is placed elsewhere they are the same."""
    session, details = stepping.session, stepping.details
    puppet = session.puppet
    key = {
        "part": next(iter(puppet.parts)),
        "joint": joint(puppet, "Near shin"),
        "limb": next(key for key, limb in puppet.limbs.items() if limb.name == "Near leg"),
        "control": next(key for key, one in puppet.controls.items() if one.name == "Near foot"),
    }[kind]
    tried = 0
    for field in details.sections[kind].fields:
        if field.accessibleName() in POSED:
            continue
        session.selection.select([key])
        details.sections[kind].show_for([key])
        before = session.history.now
        if not field.isEnabled() or not change_of(field) or session.history.now is before:
            continue
        tried += 1
        now, last = session.history.now, session.rests.last
        looks_as_before_or_is_told(before, now, last.kept.differs if last is not None else ())
        if not places_differ(before.puppet, now.puppet):
            assert (now.takes, now.pose) == (before.takes, before.pose), field.accessibleName()
        session.step(-1)
    assert tried >= 3


def test_renaming_a_limb_in_takes_moves_no_frame(stepping):
    session = stepping.session
    session.selection.select([next(iter(session.puppet.limbs))])
    before = places(session)
    name = next(f for f in stepping.details.sections["limb"].fields if f.accessibleName() == "Name")
    assert change_of(name)
    assert session.history.undo_name.startswith("Name of")
    assert (places(session) == before).all()


def test_changes_that_are_not_kept_wait_with_their_take(stepping, hand, answers, tmp_path, act):
    session = stepping.session
    session.timeline.set_keying(on=False)
    hand.drag(grip(stepping, "Body"), grip(stepping, "Body") + 30 + 20j)
    unkept, seen = session.timeline.unkept, session.pose
    assert unkept
    act("new-take")
    assert (session.timeline.take.name, session.timeline.unkept) == ("Take 2", {})
    assert session.timeline.waiting == len(unkept)
    rename_take(session, "Other")
    assert session.timeline.take.name == "Other"
    stepping.timeline.takes.setCurrentIndex(stepping.timeline.takes.findText("Step"))
    stepping.timeline.takes.activated.emit(0)
    assert (session.timeline.frame, session.timeline.unkept, session.pose) == (12.0, unkept, seen)
    rename_take(session, "Steps")
    assert (session.timeline.take.name, session.timeline.frame, session.timeline.unkept) == ("Steps", 12.0, unkept)
    answers.save_path = tmp_path / "wick.umbrite"
    act("save-as")
    assert f"without {len(unkept)} pending changes" in stepping.frame.hints.message
    answers.unsaved = "stay"
    act("new")
    assert answers.asked[-1].startswith("unsaved"), "what is not kept is asked about"
    assert session.timeline.unkept == unkept
    answers.unsaved = "save"
    session.timeline.choose("Other")
    act("new")
    assert not session.puppet.parts
    stepping.files.open(tmp_path / "wick.umbrite")
    saved = next(take for take in session.history.now.takes if take.name == "Steps")
    assert any(key.frame == 12.0 for name in unkept for key in saved.tracks[name])


def test_an_edit_in_the_middle_of_a_save_is_not_in_the_file_and_not_said_to_be(
    wick_window, answers, tmp_path, monkeypatch
):
    session = wick_window.session
    session.workspace.go_to(REHEARSE)
    write = wick_window.files._save_to.__globals__["save"]

    def slowly(path, package, preview, step):
        session.edit("Meanwhile", pose={f"{joint(session.puppet, 'Head')}.turn": 0.2})
        write(path, package, preview, step)

    monkeypatch.setitem(wick_window.files._save_to.__globals__, "save", slowly)
    monkeypatch.setitem(wick_window.files._save_to.__globals__, "in_thread", lambda work, watch: work(watch))
    answers.save_path = tmp_path / "wick.umbrite"
    assert wick_window.files.save_as()
    assert not session.history.is_saved
    session.step(-1)
    assert session.history.is_saved


def test_what_belongs_to_a_guest_is_refused_by_a_sentence_in_every_field(window):
    window.files.open(ASSETS / "wick-and-cart.umbrite")
    session = window.session
    guest = next(iter(session.puppet.guests.values()))
    own = next(key for key in guest.ids.values() if key in session.puppet.parts)
    before = session.history.now
    for section, key in (("part", own), ("joint", session.puppet.parts[own].joint)):
        for field in window.details.sections[section].fields:
            field.show_for(session.puppet, [key])
            change_of(field)  # nothing escapes from a slot: the test would fail at its end
            if session.history.now is not before:
                session.step(-1)
    assert "guest" in window.frame.hints.message


def test_draw_order_and_looks_are_keyed_in_a_take_and_hold_from_there_on(stepping):
    window, session = stepping, stepping.session
    hand, rest = drawn_at(session.placed)[-1], session.puppet
    session.selection.select([hand])
    for action in ("rear", "forward", "forward"):
        window.actions_by_id[action].trigger()
    field = next(each for each in window.details.looks.fields if each.accessibleName() == "Opacity now")
    field.setValue(40)
    assert session.puppet is rest
    assert drawn_at(session.placed).index(hand) == 2
    window.docks["Depth"].show()
    rows = [window.depth_rail.item(i).data(KEY) for i in range(window.depth_rail.count())]
    assert hand in rows[-3:]
    found = placed_over(session.timeline.take, rest, FRAMES)
    assert [drawn_at(found, frame).index(hand) for frame in (0, 11, 12, 24)] == [len(rest.order) - 1] * 2 + [2] * 2
    assert found.opacities()[12, found.plan.owners[hand]] == pytest.approx(0.4)
    session.step(-4)
    assert session.timeline.take.tracks.keys().isdisjoint({f"{hand}.depth", f"{hand}.opacity"})

"""What a few numbers make of a take: seen while they are set, one step when it is accepted, nothing when it is not."""

from collections.abc import Callable

import numpy as np
import pytest
from PySide6.QtCore import QPointF, Qt

from demo_puppet import control, joint
from desk.test_rehearsing import grip
from desk.test_takes_station import drag, hand_channels, take, timed
from umbrite.desk.commands.takes.recipes import RECIPES
from umbrite.desk.dialogs.adjuster import Adjuster
from umbrite.motion.animating.playing import placed_over
from umbrite.motion.scene import corners_of
from umbrite.rig.errors import RigError

Act = Callable[[str], None]
Open = Callable[[str], Adjuster]
__all__ = ["timed"]


@pytest.fixture
def opened(timed, qtbot):
    def make(recipe):
        dialog = Adjuster(timed.session, RECIPES[recipe](timed.session), timed)
        qtbot.addWidget(dialog)
        return dialog

    return make


def put(dialog, **values):
    """Move sliders to values in their own units."""
    units = {setting.key: setting.unit for setting in dialog.recipe.settings if hasattr(setting, "unit")}
    for key, value in values.items():
        dialog.sliders[key].setValue(round(value / units[key]))


def test_a_walk_is_tried_live_and_made_as_one_step(timed, opened):
    session, before = timed.session, timed.session.history.now
    dialog = opened("walk")
    put(dialog, stride=0.3)
    at_rest = session.pose
    for _ in range(4):
        dialog.step()
    assert session.pose != at_rest, "it walks on the board"
    put(dialog, stride=1.95)
    assert "too long" in dialog.words.text()
    dialog.reject()
    assert session.history.now is before
    dialog = opened("walk")
    put(dialog, stride=0.35)
    dialog.accept()
    assert [each.name for each in session.history.now.takes] == ["Take 1", "Walk"]
    assert take(timed).name == "Walk"
    assert session.history.undo_name == "Start a walk"
    assert session.checks.found == []


def test_a_walk_that_follows_the_master_is_baked_before_a_foot_is_corrected(timed, opened, act):
    session = timed.session
    dialog = opened("walk")
    dialog.choices["way"].setCurrentIndex(2)
    put(dialog, stride=0.35)
    dialog.accept()
    foot = session.puppet.controls[control(session.puppet, "Near foot")].moves
    session.timeline.go_to(20.0)
    assert session.pose.get(f"{foot}.x")
    with pytest.raises(RigError, match="Bake the walk"):
        session.edit("Pose", pose={**session.pose, f"{foot}.x": 0.0})
    act("bake-walk")
    session.edit("Pose", pose={**session.pose, f"{foot}.y": -30.0})
    assert session.pose[f"{foot}.y"] == -30.0


def test_delay_spread_scatter_and_ease_are_seen_while_they_are_set(timed, opened):
    session = timed.session
    leader, follower = (f"{joint(session.puppet, name)}.turn" for name in ("Trunk", "Head"))
    session.timeline.go_to(10.0)
    session.edit("Nod", pose={**session.pose, leader: 0.2, follower: 0.2})
    session.selection.select([])
    with pytest.raises(RigError, match="leads"):
        opened("delay")
    session.selection.select([joint(session.puppet, "Trunk")])
    dialog = opened("delay")
    put(dialog, by=1.5)
    shown = session.timeline.shown
    assert shown is not None
    assert 13.0 in [key.frame for key in shown.tracks[follower]], "two joints down the chain, fractions of frames too"
    assert 13.0 not in [key.frame for key in take(timed).tracks[follower]], "nothing is made yet"
    dialog.accept()
    assert 13.0 in [key.frame for key in take(timed).tracks[follower]]
    assert 10.0 in [key.frame for key in take(timed).tracks[leader]]

    session.timeline.select({(leader, 10.0), (follower, 13.0)})
    dialog = opened("spread")
    put(dialog, by=4)
    dialog.accept()
    frames = {take(timed).tracks[leader][-1].frame, take(timed).tracks[follower][-1].frame}
    assert frames in ({14.0, 13.0}, {10.0, 17.0})

    dialog = opened("ease")
    put(dialog, share=0.2)
    dialog.accept()
    tracks = take(timed).tracks
    eased = {
        (key.interpolation, key.out) for name, track in tracks.items() if not name.endswith(".shows") for key in track
    }
    assert eased == {("eased", 0.2)}

    channels = hand_channels(timed)
    session.timeline.select({(name, key.frame) for name in channels for key in take(timed).tracks[name]})
    dialog = opened("scatter")
    dialog.accept()
    assert session.history.undo_name == f"Scatter {2 * len(channels)} keys"
    session.timeline.select(())
    for recipe in ("scatter", "spread"):
        with pytest.raises(RigError, match="Select keys"):
            opened(recipe)


def test_a_hand_follows_the_head_from_the_lamp_on(timed, opened):
    session = timed.session
    hand, head = control(session.puppet, "Far hand"), control(session.puppet, "Head")
    moves = session.puppet.controls[hand].moves
    session.timeline.go_to(24.0)
    session.selection.select([])
    with pytest.raises(RigError, match="Select what should follow"):
        opened("follow")
    session.selection.select([hand, head])
    before = session.placed.pivot(moves)
    dialog = opened("follow")
    box = dialog.choices["to"]
    assert [box.itemText(i) for i in range(box.count())] == ["Head", "The board", "Trunk"]
    box.setCurrentIndex(2)
    assert "already" in dialog.words.text()
    box.setCurrentIndex(0)
    dialog.accept()
    assert session.placed.pivot(moves) == pytest.approx(before)
    assert session.puppet.joints[moves].also == (joint(session.puppet, "Head"),)
    assert [key.value for key in take(timed).tracks[f"{moves}.follows"]] == [0.0, 1.0]
    session.edit("Nod", pose={**session.pose, f"{joint(session.puppet, 'Head')}.turn": 0.5})
    assert abs(session.placed.pivot(moves) - before) > 30, "the head carries it"
    session.timeline.go_to(10.0)
    assert session.placed.carrier_map(moves) != session.placed.joint_map(joint(session.puppet, "Head"))
    assert session.history.undo_name == "Nod"


def test_the_bend_turns_at_the_lamp(timed, opened):
    session = timed.session
    limb = next(key for key, each in session.puppet.limbs.items() if each.name == "Far arm")
    session.selection.select([])
    with pytest.raises(RigError, match="hand or foot"):
        opened("bend")
    session.selection.select([control(session.puppet, "Far hand")])
    session.timeline.go_to(20.0)
    dialog = opened("bend")
    put(dialog, over=5)
    dialog.accept()
    assert [(key.frame, key.value) for key in take(timed).tracks[f"{limb}.bend"]] == [(15.0, 0.0), (20.0, 1.0)]


def test_a_take_is_laid_over_keyed_by_itself_slid_and_made_one(timed, opened, act, hand, qtbot):
    """Take 1, with the hand up at 24, over a take at rest."""
    session, sheet = timed.session, timed.timeline.sheet
    act("new-take-rest")
    dialog = opened("lay-over")
    put(dialog, amount=50)
    dialog.accept()
    whole = take(timed)
    assert [layer.take.name for layer in whole.layers] == ["Take 1"]
    assert timed.frame.hints.message.startswith(f"Take 1 is a layer of {whole.name} now.")
    session.timeline.go_to(24.0)
    hand_at = session.puppet.controls[control(session.puppet, "Far hand")].moves
    half = session.placed.pivot(hand_at)
    rows = {each.key: i for i, each in enumerate(sheet.ground.rows) if each.kind == "layer"}

    def click(name, x):
        at = QPointF(x, sheet.ground.box_of(rows[name]).center().y()).toPoint()
        qtbot.mouseClick(sheet, Qt.MouseButton.LeftButton, pos=at)

    click("Take 1", 12)
    assert abs(session.placed.pivot(hand_at) - half) > 50, "off"
    act("undo")
    click("Take 1", 60)
    assert session.timeline.layer == "Take 1"
    timed.timeline.amount.setValue(100)
    full = session.placed.pivot(hand_at)
    assert abs(full - half) > 50
    hand.drag(grip(timed, "Far hand"), grip(timed, "Far hand") + 40)
    assert abs(session.placed.pivot(hand_at) - full - 40) < 1
    assert not take(timed).tracks, "what is posed is keyed in the open layer"
    click("", 60)
    assert session.timeline.layer == ""
    frames = np.arange(49)
    before = corners_of(placed_over(take(timed), session.puppet, frames))
    at = sheet.ground.x_of(10)
    y = sheet.ground.box_of(rows["Take 1"]).center().y()
    drag(qtbot, timed, QPointF(at, y).toPoint(), QPointF(at + 6 * sheet.ground.scale(), y).toPoint())
    assert take(timed).layers[0].take.first == 6
    act("undo")
    act("make-one")
    assert not take(timed).layers
    assert np.abs(corners_of(placed_over(take(timed), session.puppet, frames)) - before).max() < 0.1

"""The rig changes after the animation has begun: a walk, then a pivot, a bone, the rest; a draw order, a wave laid over; and out of the house."""

from collections.abc import Callable

import av
import numpy as np
import pytest
from PySide6.QtCore import QPointF, Qt

from demo_puppet import ASSETS, joint
from gltf_reader import Scene
from journeys.test_first_light import puppet, type_path
from journeys.test_limbs_and_controls import grip
from journeys.test_takes_on_the_tape import in_sight, lamp_to, row_of, take, then_accept
from umbrite.checking.workout import workout
from umbrite.desk.dialogs.gltf_dialog import GltfDialog
from umbrite.motion.animating.playing import placed_over
from umbrite.motion.passing import drawn_at
from umbrite.motion.plan import compile_plan
from umbrite.motion.rest_changes.picture_kept import Rest, how_far

pytestmark = pytest.mark.journey
FRAMES = np.arange(0, 26.5, 0.5)
WALK = "Walk 2"


def played(window):
    one = next(each for each in window.session.history.now.takes if each.name == WALK)
    return placed_over(one, puppet(window), FRAMES)


def keeps_its_picture(window, work: Callable[[], object], posed=lambda: None):
    """The walk looks at every half frame as it did before something is done."""
    before = played(window)
    work()
    rest = Rest(before.plan, compile_plan(puppet(window)), posed())
    assert how_far(before, played(window), rest).max() < 0.1


def test_a_walk_lives_on_while_its_rig_changes(person, window, tmp_path, capsys):
    session = window.session
    window.files.open(ASSETS / "wick.umbrite")
    begun = person.gestures
    person.key("ctrl+6")
    person.settle(300)
    then_accept(person)
    window.actions_by_id["walk"].trigger()
    assert take(window).name == WALK
    person.focus(window)
    keeps_its_picture(window, lambda: put_a_pivot_right(person))
    keeps_its_picture(window, lambda: lengthen_an_arm(person))
    posed = []
    keeps_its_picture(window, lambda: posed.append(make_a_pose_the_rest(person)), lambda: posed[0])
    key_the_draw_order_and_lay_a_wave_over(person)
    session.checks.finish()
    assert session.checks.found == []
    pictures = session.file.pictures.of(puppet(window))
    assert workout(puppet(window), pictures, steps=24, takes=session.history.now.takes[-1:]).noticed == []
    with capsys.disabled():
        print(f"\na walk, its rig changed, a layer: {person.gestures - begun} gestures", end=" ")
    out_as_film_and_gltf(person, tmp_path)


def put_a_pivot_right(person):
    """The pivot of the near thigh, by its rivet."""
    window = person.window
    person.key("ctrl+2")
    key = joint(puppet(window), "Near thigh")
    window.session.selection.select([key])
    person.settle(100)
    thigh = puppet(window).joints[key].pivot.z
    person.drag(person.board(thigh), person.board(thigh + 14 - 10j))
    assert abs(puppet(window).joints[key].pivot.z - thigh) > 8


def lengthen_an_arm(person):
    """The far upper arm, by its length in Details: what it carries goes out along it."""
    window = person.window
    person.key("ctrl+3")
    window.session.selection.select([joint(puppet(window), "Far upper arm")])
    person.settle(100)
    field = next(each for each in window.details.sections["joint"].fields if each.accessibleName() == "Length")
    type_into(person, field, f"{field.value() + 12:.0f}")
    assert window.session.history.undo_name.startswith("Length")


def type_into(person, field, text):
    person.window.details.ensureWidgetVisible(field)
    person.settle(250)
    person.click(person.middle(field))
    person.key("ctrl+a")
    person.type(text)
    person.key("Return")


def make_a_pose_the_rest(person):
    """The head is turned a little; the pose that has become the rest."""
    window = person.window
    person.key("ctrl+5")
    head = grip(window, "Head")
    person.drag(person.board(head), person.board(head + 14 + 10j))
    person.settle(100)
    placed = window.session.placed
    window.actions_by_id["make-rest"].trigger()
    assert window.session.history.undo_name == "Make this pose the rest pose"
    return placed


def key_the_draw_order_and_lay_a_wave_over(person):
    """From frame 10 on what is in front passes behind all; from there a wave comes and goes."""
    window, session = person.window, person.window.session
    person.key("ctrl+6")
    session.timeline.choose(WALK)
    lamp_to(person, 10.0)
    session.selection.select([drawn_at(session.placed)[-1]])
    person.key("shift+Page_Down")
    person.until(lambda: session.history.undo_name.endswith("to the back"))
    then_accept(person, lambda dialog: dialog.choices["take"].setCurrentText("Lamp up"))
    window.actions_by_id["lay-over"].trigger()
    assert [each.take.name for each in take(window).layers] == ["Lamp up"]
    window.resizeDocks([window.docks["Tape"]], [340], Qt.Orientation.Vertical)
    person.settle(200)
    in_sight(person, 0)
    sheet, number = window.timeline.sheet, row_of(window, "Lamp up")
    person.click(sheet.mapToGlobal(QPointF(90, sheet.ground.box_of(number).center().y()).toPoint()))
    assert session.timeline.layer == "Lamp up"
    for frame, amount in ((10.0, "0"), (16.0, "60"), (23.0, "0")):
        if frame != session.timeline.frame:
            lamp_to(person, frame)
        type_into(person, window.timeline.amount, amount)
    assert [key.value for key in take(window).layers[0].take.tracks["amount"]] == [0.0, 0.6, 0.0]


def out_as_film_and_gltf(person, folder):
    """As WebM, and as glTF by a command that is found by typing."""
    window, film, model = person.window, folder / "walk.webm", folder / "walk.glb"
    then_accept(person)
    type_path(person, film)
    window.actions_by_id["film-webm"].trigger()
    person.until(film.exists)
    with av.open(str(film)) as found:
        assert sum(1 for _ in found.decode(video=0)) == take(window).last - take(window).first

    def go_on(_dialog):
        type_path(person, model)
        person.key("Return")

    person.in_dialog(GltfDialog, go_on)
    person.focus(window)
    person.key("ctrl+k")
    person.settle(300)
    person.type("glTF")
    person.settle(200)
    person.key("Return")
    person.until(model.exists)
    assert WALK in [each.name for each in Scene(model).file.animations]

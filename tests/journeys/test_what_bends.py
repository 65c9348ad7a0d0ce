"""What bends, in the real window, on art that no demo drew: a scarf that swings, weights by the pen, a leg held at both ends, one drawing over a skeleton."""

import numpy as np
import pytest
from msgspec.structs import replace
from PySide6.QtCore import QPoint
from PySide6.QtWidgets import QApplication

from journeys.test_first_light import puppet
from journeys.test_strangers import at_control
from umbrite.desk.board.input.pen import PenPoint, SimulatedPen
from umbrite.desk.session.stations import LIMBS, REHEARSE
from umbrite.files.formats.any_art import read_here
from umbrite.files.formats.openraster import write_openraster
from umbrite.files.layers import Layered, layer_of, puppet_from
from umbrite.motion.scene import Bent, scene_of
from umbrite.rig.edits.parenting import set_parent
from umbrite.rig.edits.pivots import move_pivot
from umbrite.rig.mesh import weights_of

pytestmark = pytest.mark.journey
Y, X = np.mgrid[0:800, 0:900]


def opened(window, path, **inside):
    """The window with layered art of plain shapes, back to front, just read."""
    layers = []
    for i, (name, shape) in enumerate(inside.items()):
        picture = np.zeros((800, 900, 4), np.uint8)
        picture[shape] = (200 - 50 * i, 90 + 40 * i, 70, 255)
        made = layer_of(name.replace("_", " "), picture)
        assert made is not None
        layers.append(made)
    write_openraster(path, Layered(path.stem, 900, 800, tuple(layers)))
    window.session.open(puppet_from(read_here([path])), None)


def capsule(one, other, radius):
    z, a, b = X + 1j * Y, complex(*one), complex(*other)
    share = np.clip(((z - a) * np.conj(b - a)).real / abs(b - a) ** 2, 0, 1)
    return np.abs(z - a - (b - a) * share) < radius


def mesh_named(window, name):
    found = next(part.mesh for part in puppet(window).parts.values() if part.name == name)
    assert found is not None
    return found


def bent(window):
    return [item.part for item in scene_of(window.session.placed) if isinstance(item, Bent)]


def test_a_flat_scarf_swings_after_three_gestures(person, window, tmp_path):
    wave = np.abs(Y - 300 - 30 * np.sin(X / 60)) < 26
    opened(window, tmp_path / "scarf.ora", Scarf=wave & (X > 250) & (X < 760), Body=capsule((200, 250), (200, 600), 90))
    person.key("ctrl+1")
    person.settle(200)
    window.docks["Details"].raise_()
    begun = person.gestures
    person.click(person.board(500 + 300j + 30j * np.sin(500 / 60)))
    person.key("shift+v")
    person.until(lambda: window.session.workspace.station is LIMBS)
    person.settle(300)
    person.click(person.middle(window.details.bendy.buttons["Swing"]))
    assert person.gestures - begun == 3
    mesh = mesh_named(window, "Scarf")
    assert len(mesh.joints) >= 3
    assert all(puppet(window).joints[key].loose for key in mesh.joints)
    person.key("ctrl+5")
    window.actions_by_id["dangle"].trigger()
    window.session.edit("Shove", pose={f"{puppet(window).joints[mesh.joints[0]].parent or mesh.joints[0]}.x": 60.0})
    person.until(lambda: bool(bent(window)))


def test_weights_are_painted_with_a_pen(person, window, tmp_path):
    opened(window, tmp_path / "tail.ora", Tail=capsule((150, 400), (750, 380), 40))
    person.key("ctrl+1")
    person.click(person.board(450 + 390j))
    person.key("shift+v")
    person.settle(200)
    person.key("shift+q")
    person.until(window.frame.weight_card.isVisible)
    window.session.brushing.set_sways(on=False)
    mesh = mesh_named(window, "Tail")
    rivet = puppet(window).joints[mesh.joints[1]].pivot.z
    person.click(person.board(rivet))
    assert window.session.brushing.bone == mesh.joints[1]
    board = window.board
    line = [board.camera.point(complex(620 + 14 * i, 372 + 3 * i)) for i in range(6)]
    before = weights_of(mesh)[:, 1].sum()
    SimulatedPen(board).stroke([PenPoint(at, 0.4 + 0.1 * i) for i, at in enumerate(line)])
    assert weights_of(mesh_named(window, "Tail"))[:, 1].sum() > before + 0.5
    person.key("ctrl+z")
    assert mesh_named(window, "Tail") == mesh


def test_a_leg_is_held_at_both_ends(person, window, tmp_path):
    opened(
        window, tmp_path / "leg.ora", Leg=capsule((450, 260), (455, 640), 24), Foot=capsule((455, 655), (540, 670), 22),
        Body=capsule((380, 180), (560, 200), 90),
    )  # fmt: skip
    session = window.session
    person.key("ctrl+1")
    person.settle(100)
    person.click(person.board(452 + 450j))
    person.key("shift+v")
    person.settle(300)
    mesh = mesh_named(window, "Leg")
    foot = next(part.joint for part in puppet(window).parts.values() if part.name == "Foot")
    body = next(part.joint for part in puppet(window).parts.values() if part.name == "Body")
    session.selection.select([mesh.joints[-1], foot])
    session.edit(
        "Hang",
        puppet=set_parent(
            set_parent(move_pivot(puppet(window), foot, 455 + 645j), [foot], mesh.joints[-1]), [mesh.joints[0]], body
        ),
    )
    person.key("l")
    first = puppet(window).joints[mesh.joints[0]].pivot.z
    person.drag(person.board(first), person.board(455 + 645j))
    (limb,) = puppet(window).limbs
    assert len(puppet(window).limbs[limb].joints) == len(mesh.joints)
    session.edit(
        "Stretch", puppet=replace(puppet(window), limbs={limb: replace(puppet(window).limbs[limb], stretch=0.3)})
    )
    person.key("ctrl+4")
    person.key("k")
    person.settle(100)
    person.key("Return")
    person.key("ctrl+5")
    person.until(lambda: session.workspace.station is REHEARSE)
    person.settle(200)
    bow = next(key for key, each in puppet(window).controls.items() if each.kind == "bow")
    ends = session.placed.pivot(foot), session.placed.pivot(mesh.joints[0])
    start = at_control(person, bow)
    person.drag(start, start + QPoint(45, 0))
    assert at_control(person, bow).x() > start.x() + 20
    assert session.placed.pivot(foot) == pytest.approx(ends[0], abs=0.05)
    assert session.placed.pivot(mesh.joints[0]) == pytest.approx(ends[1], abs=1e-6)
    grip = next(key for key, each in puppet(window).controls.items() if each.moves == puppet(window).limbs[limb].target)
    place = at_control(person, grip)
    person.drag(place, place + QPoint(30, -25))
    assert abs(session.placed.pivot(foot) - ends[0]) > 30
    assert bent(window)


def test_one_whole_drawing_bends_over_a_skeleton_drawn_by_hand(person, window, tmp_path):
    limbs = {"trunk": ((450, 250), (450, 430)), "near arm": ((450, 270), (250, 380)), "far arm": ((450, 270), (650, 380)),
             "near leg": ((450, 430), (380, 680)), "far leg": ((450, 430), (520, 680))}  # fmt: skip
    shape = np.hypot(X - 450, Y - 170) < 80
    for one, other in limbs.values():
        shape |= capsule(one, other, 38)
    opened(window, tmp_path / "figure.ora", Figure=shape)
    person.key("ctrl+3")
    person.settle(200)
    person.key("e")
    trunk, *others = limbs.values()
    person.drag(person.board(complex(*trunk[1])), person.board(complex(*trunk[0])))
    person.key("Escape")
    for one, other in others:
        start = complex(*one) + (complex(*other) - complex(*one)) * 0.12
        person.drag(person.board(start), person.board(complex(*other)))
        person.key("Escape")
    bones = [key for key, each in puppet(window).joints.items() if each.tip is not None]
    assert len(bones) == 5
    for key in bones[1:]:
        if puppet(window).joints[key].parent != bones[0]:
            window.session.edit("Hang", puppet=set_parent(puppet(window), [key], bones[0]))
    figure = next(iter(puppet(window).parts))
    window.session.selection.select([figure, *bones])
    assert window.actions_by_id["bend-over"].isEnabled()
    window.actions_by_id["bend-over"].trigger()
    mesh = mesh_named(window, "Figure")
    assert set(mesh.joints) == set(bones)
    person.key("ctrl+5")
    person.settle(300)
    hand = 260 + 375j
    person.drag(person.board(hand), person.board(hand - 90j))
    QApplication.processEvents()
    assert bent(window) == [figure]
    assert person.gestures < 40

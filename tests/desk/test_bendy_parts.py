"""Parts that bend, in the window: one gesture makes them so, weights are painted by mouse and pen, legs are held at both ends."""

import re
import threading
from collections.abc import Callable

import numpy as np
import pytest
from PySide6.QtCore import QPointF, Qt

from demo_puppet import part, wick_package
from umbrite.desk.board.input.pen import PenPoint, SimulatedPen
from umbrite.desk.session.stations import LIMB, LIMBS, PARTS
from umbrite.files.package import Package
from umbrite.files.png import encode
from umbrite.motion.scene import Bent, mesh_places, scene_of
from umbrite.paint import bent_shapes, triangles
from umbrite.rig.document import Document
from umbrite.rig.mesh import weights_of

Act = Callable[[str], None]


def mesh_of(session, name):
    found = session.puppet.parts[part(session.puppet, name)].mesh
    assert found is not None
    return found


@pytest.fixture
def scarf(plain_window, act):
    """The demo, the lamp pole of which has just been made to bend."""
    session = plain_window.session
    session.workspace.go_to(PARTS)
    session.selection.select([part(session.puppet, "Lamp pole")])
    act("bend")
    return plain_window


def test_the_card_tells_how_long_a_bent_part_takes(scarf, qtbot):
    qtbot.waitUntil(lambda: "…" not in scarf.details.bendy.about.text())
    assert re.search(r"triangles, \d+\.\d ms", scarf.details.bendy.about.text())


def test_one_gesture_makes_a_part_bend_and_one_more_makes_it_swing(scarf, act):
    session = scarf.session
    mesh = mesh_of(session, "Lamp pole")
    assert session.workspace.station is LIMBS
    assert 3 <= len(mesh.joints) <= 12
    assert f"bends in {len(mesh.joints)} joints" in scarf.frame.hints.message
    assert session.history.undo_name == "Bend Lamp pole"
    scarf.details.bendy.buttons["Swing"].click()
    assert all(session.puppet.joints[key].loose for key in mesh.joints)
    assert "triangles" in scarf.details.bendy.about.text()
    scarf.details.bendy.buttons["Stop swinging"].click()
    assert session.puppet.parts[part(session.puppet, "Lamp pole")].mesh is None
    act("undo")
    assert mesh_of(session, "Lamp pole") == mesh
    assert not scarf.details.bendy.isHidden()


def test_density_and_squash_are_set_in_details(scarf):
    session, card = scarf.session, scarf.details.bendy
    before = len(mesh_of(session, "Lamp pole").arrays.triangles)
    card.density.setValue(60)
    card.density.sliderReleased.emit()
    assert len(mesh_of(session, "Lamp pole").arrays.triangles) > 1.6 * before
    card.squash.setValue(70)
    card.squash.sliderReleased.emit()
    assert mesh_of(session, "Lamp pole").keeps_area == pytest.approx(0.7)
    assert session.history.undo_name == "Squash of Lamp pole"


def test_the_number_of_joints_is_set_in_details_and_grips_stand_along_it(scarf, act):
    session, card = scarf.session, scarf.details.bendy
    key = part(session.puppet, "Lamp pole")
    card.joints.setValue(6)
    card.joints.editingFinished.emit()
    assert len(mesh_of(session, "Lamp pole").joints) == 6
    assert session.history.undo_name == "Bend Lamp pole in 6 joints"
    assert not card.isHidden()
    steps = session.history.now
    card.joints.editingFinished.emit()
    assert session.history.now is steps, "the same number is no step"
    card.buttons["Three grips"].click()
    assert [session.puppet.limbs[k].name for k in session.puppet.limbs][-3:] == [
        f"Lamp pole {i} of 3" for i in (1, 2, 3)
    ]
    assert "Lamp pole 1 of 3" in scarf.frame.hints.message
    card.joints.setValue(9)
    card.joints.editingFinished.emit()
    assert "is used by" in scarf.frame.hints.message
    assert card.joints.value() == 6
    act("undo")
    act("grip-tip")
    limb = next(limb for limb in session.puppet.limbs.values() if limb.name == "Lamp pole tip")
    assert limb.joints == mesh_of(session, "Lamp pole").joints
    act("undo")
    act("undo")
    assert session.puppet.parts[key].mesh is not None
    assert len(mesh_of(session, "Lamp pole").joints) == 12


def test_find_limits_tells_where_a_bendy_part_folds(scarf):
    session = scarf.session
    bone = mesh_of(session, "Lamp pole").joints[4]
    session.selection.select([bone])
    scarf.find_limits()
    (found,) = session.drafts.now.found_limits
    assert (found.reason_smallest, found.reason_largest) == ("fold", "fold")
    assert -np.pi < found.smallest < -0.5
    scarf.grab()


def test_a_pen_paints_as_hard_as_it_presses_and_locked_bones_stay(scarf, act):
    session, board = scarf.session, scarf.board
    act("weigh-tool")
    brushing = session.brushing
    brushing.set_sways(on=False)
    mesh = mesh_of(session, "Lamp pole")
    brushing.choose(mesh.joints[1])
    brushing.lock(mesh.joints[5], on=True)
    between = [session.puppet.joints[mesh.joints[i]].pivot.z for i in (5, 6)]
    at = board.camera.point(sum(between) / 2)
    gained = []
    for pressure in (0.2, 1.0):
        SimulatedPen(board).stroke([PenPoint(at, pressure), PenPoint(at + QPointF(1, 14), pressure)])
        after = weights_of(mesh_of(session, "Lamp pole"))
        gained.append(after[:, 1].sum() - weights_of(mesh)[:, 1].sum())
        assert np.abs(after[:, 5] - weights_of(mesh)[:, 5]).max() < 1e-9, "locked"
        act("undo")
    assert 0 < gained[0] < 0.6 * gained[1]


def test_a_number_is_typed_for_vertices_in_a_box(scarf, hand, act):
    session, card = scarf.session, scarf.frame.weight_card
    act("weigh-tool")
    brushing = session.brushing
    brushing.set_sways(on=False)
    mesh = mesh_of(session, "Lamp pole")
    brushing.choose(mesh.joints[3])
    assert not card.number.isEnabled()
    at = session.puppet.joints[mesh.joints[4]].pivot.z
    hand.drag(at - 60 - 40j, at + 60 + 40j, Qt.KeyboardModifier.AltModifier)
    selected = sorted(brushing.vertices)
    assert len(selected) > 3
    card.number.setValue(30)
    card.number.editingFinished.emit()
    after = weights_of(mesh_of(session, "Lamp pole"))
    assert after[selected, 3] == pytest.approx(np.full(len(selected), 0.3))
    others = [i for i in range(len(after)) if i not in set(selected)]
    assert np.abs(after[others] - weights_of(mesh)[others]).max() < 1e-9
    scarf.board.grab()
    hand.press(at, Qt.KeyboardModifier.AltModifier)
    hand.release(at, Qt.KeyboardModifier.AltModifier)
    assert brushing.vertices == frozenset()


def test_points_of_the_mesh_are_moved_added_and_taken_out_by_hand(scarf, hand, act):
    session = scarf.session
    act("mesh-points")
    brushing = session.brushing
    mesh = mesh_of(session, "Lamp pole")
    places = mesh_places(session.placed)[part(session.puppet, "Lamp pole")]
    middle = sum(session.puppet.joints[mesh.joints[i]].pivot.z for i in (3, 4)) / 2
    inner = int(np.abs(places - middle).argmin())
    hand.drag(complex(places[inner]), complex(places[inner]) + 9 + 7j)
    moved = mesh_of(session, "Lamp pole")
    off = moved.arrays.vertices - mesh.arrays.vertices
    assert np.abs(off[inner] - (9 + 7j)) < 2.5
    assert np.count_nonzero(np.abs(off) > 1e-9) == 1
    assert session.history.undo_name == "Move points of the mesh"
    triangle = places[mesh.arrays.triangles[np.argmax(_areas(mesh))]]
    hand.click(complex(triangle.mean()))
    assert len(mesh_of(session, "Lamp pole").arrays.vertices) == len(places) + 1
    assert brushing.vertices == {len(places)}
    scarf.board.grab()
    act("delete")
    assert len(mesh_of(session, "Lamp pole").arrays.vertices) == len(places)
    assert part(session.puppet, "Lamp pole") in session.puppet.parts
    act("delete")
    assert "Pick points" in scarf.frame.hints.message
    for _ in range(3):
        act("undo")
    assert mesh_of(session, "Lamp pole") == mesh
    assert not any(isinstance(item, Bent) for item in scene_of(session.placed)), "it hangs still meanwhile"


def test_what_would_cut_a_piece_off_is_refused_and_all_is_as_it_was(scarf, hand, act):
    session = scarf.session
    act("mesh-points")
    mesh = mesh_of(session, "Lamp pole")
    places = mesh_places(session.placed)[part(session.puppet, "Lamp pole")]
    middle = places.imag.mean()
    rim = min(range(len(places)), key=lambda i: places[i].real + abs(places[i].imag - middle))
    hand.drag(complex(places[rim]), complex(places[rim]) + 14)
    assert "beside the mesh" in scarf.frame.hints.message
    assert mesh_of(session, "Lamp pole") == mesh
    session.brushing.select(np.argsort(places.imag)[:12].tolist())
    session.say("")
    act("delete")
    assert "beside the mesh" in scarf.frame.hints.message
    assert mesh_of(session, "Lamp pole") == mesh


def _areas(mesh):
    arrays = mesh.arrays
    a, b, c = arrays.vertices[arrays.triangles].T
    return np.asarray((np.conj(b - a) * (c - a)).imag)


def test_the_part_sways_meanwhile_and_is_still_afterwards(scarf, qtbot, act):
    session = scarf.session
    settled = session.history.now
    act("weigh-tool")
    qtbot.waitUntil(lambda: any(isinstance(item, Bent) for item in scene_of(session.placed)), timeout=3_000)
    session.workspace.take_tool(LIMB)
    assert not any(isinstance(item, Bent) for item in scene_of(session.placed))
    assert session.history.now is settled, "swaying is no edit"


def test_an_exchanged_drawing_keeps_its_mesh_or_gets_another_and_that_is_said(scarf, answers, tmp_path, act):
    session = scarf.session
    key = part(session.puppet, "Lamp pole")
    session.selection.select([key])
    mesh, drawing = mesh_of(session, "Lamp pole"), session.puppet.parts[key].drawing
    same = session.file.pictures.pixels(drawing.sha256).copy()
    same[..., 0] = 90
    for picture, words in ((same, "as they were"), (np.full_like(same, 200), "made anew")):
        (tmp_path / "pole.png").write_bytes(encode(picture))
        answers.add_paths = [tmp_path / "pole.png"]
        act("exchange")
        assert words in scarf.frame.hints.message
        assert (mesh_of(session, "Lamp pole") == mesh) == (words == "as they were")
        assert mesh_of(session, "Lamp pole").joints == mesh.joints


def test_what_paints_bends_is_made_ready_before_the_first_one_waits_for_it(wick_window, monkeypatch):
    ready = threading.Event()
    monkeypatch.setattr(bent_shapes, "get_ready", ready.set)
    wick_window.session.open(wick_package(), None)
    wick_window._warming.finish()
    assert ready.wait(5)
    ready.clear()
    wick_window.session.open(Package(Document(), {}), None)
    assert wick_window._warming.waiting == []
    triangles.get_ready()
    assert triangles._loom.cache_info().currsize == 1

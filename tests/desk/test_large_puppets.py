"""Large puppets: marks that stand still are ready pictures, panels follow when a drag pauses, large drawings arrive in threads."""

import threading

import numpy as np
import pytest
from msgspec.structs import replace
from PySide6.QtWidgets import QApplication

from umbrite.desk.session.stations import PIVOTS
from umbrite.files.package import Package, load
from umbrite.files.png import encode, fingerprint
from umbrite.paint import levels
from umbrite.paint.levels import Pictures
from umbrite.rig.document import Document
from umbrite.rig.edits.parenting import set_parent
from umbrite.rig.edits.parts import add_part
from umbrite.rig.edits.pivots import move_pivot
from umbrite.rig.model import Drawing, Placement, Puppet


def row_of_lanterns(count):
    """Lanterns on a string, each carried by the one before."""
    picture = np.full((30, 20, 4), (210, 120, 40, 255), np.uint8)
    data = encode(picture)
    drawing, puppet = Drawing(fingerprint(data), 20, 30), Puppet("Lanterns", 1200, 900)
    for i in range(count):
        at = complex(40 + 95 * (i % 12), 40 + 110 * (i // 12))
        puppet, _ = add_part(puppet, f"Lantern {i}", drawing, Placement(at.real, at.imag))
        key = list(puppet.joints)[-1]
        puppet = move_pivot(puppet, key, at + 10 + 3j)
        if i:
            puppet = set_parent(puppet, [key], list(puppet.joints)[-2])
    return Package(Document(puppet), {drawing.sha256: data})


def opened(window, count):
    window.session.open(row_of_lanterns(count), None)
    window.session.workspace.go_to(PIVOTS)
    window.session.workspace.set_view("cords", on=True)


def seen(window):
    assert window.actions_by_id  # the tools over the board are up to date
    QApplication.processEvents()
    image = window.board.grab().toImage().convertToFormat(window.board.grab().toImage().Format.Format_RGB32)
    return np.frombuffer(image.constBits(), np.uint8).reshape(image.height(), -1).copy()


def test_marks_in_a_drag_are_those_that_are_painted_anew(window, hand):
    opened(window, 60)
    session, board = window.session, window.board
    before = seen(window)
    joint = list(session.puppet.joints)[30]
    pivot = session.puppet.joints[joint].pivot.z
    hand.press(pivot)
    for i in range(5):
        hand.move(pivot + (9 + 4 * i) * (1 + 1j))
        during = seen(window)
    assert (during != before).any()
    hand.release(pivot + 25 * (1 + 1j))
    after = seen(window)
    board._standing = type(board)(session)._standing  # as if nothing had been kept
    assert (seen(window) == after).all()
    session.step(-1)
    session.selection.select([])
    assert (seen(window) == before).all()


@pytest.fixture
def heavy(monkeypatch):
    monkeypatch.setattr(levels, "LARGE", 1_000)
    random = np.random.default_rng(2)
    pictures = [random.integers(0, 255, (60, 50, 4)).astype(np.uint8) for _ in range(5)]
    return {fingerprint(data): data for data in map(encode, pictures)}


def test_nobody_waits_for_large_drawings_and_each_arrives(heavy):
    arrived = threading.Semaphore(0)
    patient, live = Pictures(lambda: heavy), Pictures(lambda: heavy, arrived.release)
    for sha256 in heavy:
        assert live.level(sha256, 0.4) is None
    for _ in heavy:
        assert arrived.acquire(timeout=10)
    for sha256 in heavy:
        there, waited = live.level(sha256, 0.4), patient.level(sha256, 0.4)
        assert there is not None
        assert waited is not None
        assert there.image == waited.image
        assert live.level(sha256, 1.0) is not None  # the nearest one that is there, for now
    live.stop()


def test_a_heavy_puppet_is_shown_and_saved_with_its_preview(window, answers, heavy, act, qtbot, tmp_path):
    puppet = Puppet("Heavy", 400, 300)
    for i, sha256 in enumerate(heavy):
        puppet, _ = add_part(puppet, f"Slab {i}", Drawing(sha256, 50, 60), Placement(60.0 * i, 20.0))
    window.session.open(Package(Document(puppet), heavy), None)
    QApplication.processEvents()
    pictures = window.session.file.pictures
    qtbot.waitUntil(lambda: all(pictures.level(sha256, 1.0) is not None for sha256 in heavy), timeout=5_000)
    qtbot.wait(200)  # until the board has been told
    shown = seen(window)
    window.session.edit(
        "Hide", puppet=replace(puppet, parts={k: replace(p, visible=False) for k, p in puppet.parts.items()})
    )
    assert (seen(window) != shown).mean() > 0.05
    window.session.step(-1)
    answers.save_path = tmp_path / "heavy.umbrite"
    act("save-as")
    assert load(tmp_path / "heavy.umbrite").art == heavy


def test_of_many_drawings_only_those_on_the_board_and_those_seen_just_now_are_kept(monkeypatch):
    art = {}
    for i in range(12):
        picture = np.full((100, 100, 4), i + 1, np.uint8)
        art[f"drawing {i}"] = encode(picture)
    monkeypatch.setattr(levels, "SMALL", 200_000)
    monkeypatch.setattr(levels, "JUST_NOW", 0.0)
    pictures = Pictures(lambda: art)
    pictures.hold(["drawing 0", "drawing 1"])
    first = pictures.level("drawing 0", 1.0)
    for name in art:
        pictures.level(name, 1.0)
    assert sum(map(len, pictures._levels.values())) <= 5
    assert pictures.level("drawing 0", 1.0) is first, "what is on the board stays"
    again = pictures.level("drawing 5", 1.0)
    assert again is not None
    assert again.image.pixelColor(50, 50).alpha() == 6, "and what went comes back"

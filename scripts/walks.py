"""Walks the four walk-throughs of the guide in a real window, with keys and the pointer, and takes their pictures. Run as `walks.py FOLDER`.

Each step is what the page tells a person to do; where one does not come out as the page says, this fails.
"""

import sys
import tempfile
import time
from collections.abc import Callable
from pathlib import Path

from PIL import Image
from PySide6.QtCore import QPoint, QPointF, QSettings, Qt
from PySide6.QtGui import QMouseEvent
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QApplication, QWidget

from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import LIMBS, PARTS, REHEARSE, TAKES
from umbrite.desk.theme.look import dress
from umbrite.desk.window import Window
from umbrite.motion.scene import Bent, scene_of
from umbrite.rig.change import change
from umbrite.rig.model import Puppet

DEMO = Path(__file__).parent.parent / "src" / "umbrite" / "demo" / "assets"
LEFT, NONE = Qt.MouseButton.LeftButton, Qt.KeyboardModifier.NoModifier
SHIFT, CTRL = Qt.KeyboardModifier.ShiftModifier, Qt.KeyboardModifier.ControlModifier


class Walker:
    """A person at the window, and where the pictures go."""

    def __init__(self, folder: Path, name: str) -> None:
        self.folder, self.name, self.pictures = folder, name, 0
        settings = QSettings(str(Path(tempfile.mkdtemp()) / "settings.ini"), QSettings.Format.IniFormat)
        self.window = Window(Session(), settings)
        self.window.resize(1180, 740)
        self.window.show()
        self.settle()

    @property
    def session(self) -> Session:
        return self.window.session

    @property
    def puppet(self) -> Puppet:
        return self.session.puppet

    def settle(self, seconds: float = 0.15) -> None:
        end = time.monotonic() + seconds
        while time.monotonic() < end:
            QApplication.processEvents()

    def key(self, key: Qt.Key, keys: Qt.KeyboardModifier = NONE) -> None:
        self.window.activateWindow()
        self.window.board.setFocus()
        self.settle(0.1)
        QTest.keyClick(self.window.board, key, keys)
        self.settle()

    def pointer(self, at: complex, kind: QMouseEvent.Type, *, held: bool) -> None:
        place = self.window.board.camera.point(at)
        button = LEFT if kind != QMouseEvent.Type.MouseMove else Qt.MouseButton.NoButton
        buttons = LEFT if held else Qt.MouseButton.NoButton
        event = QMouseEvent(kind, place, QPointF(self.window.board.mapToGlobal(place)), button, buttons, NONE)
        QApplication.sendEvent(self.window.board, event)

    def hover(self, at: complex) -> None:
        self.pointer(at, QMouseEvent.Type.MouseMove, held=False)
        self.settle()

    def drag(self, start: complex, end: complex, *, release: bool = True) -> None:
        self.pointer(start, QMouseEvent.Type.MouseMove, held=False)
        self.pointer(start, QMouseEvent.Type.MouseButtonPress, held=True)
        for i in range(1, 9):
            self.pointer(start + (end - start) * i / 8, QMouseEvent.Type.MouseMove, held=True)
        if release:
            self.release(end)

    def release(self, at: complex) -> None:
        self.pointer(at, QMouseEvent.Type.MouseButtonRelease, held=False)
        self.settle()

    def click(self, at: complex) -> None:
        self.drag(at, at)

    def control(self, name: str) -> complex:
        key = next(key for key, each in self.puppet.controls.items() if each.name == name)
        return self.session.placed.control_at(self.puppet.controls[key])

    def joint(self, name: str) -> str:
        return next(key for key, each in self.puppet.joints.items() if each.name == name)

    def part(self, name: str) -> str:
        return next(key for key, each in self.puppet.parts.items() if each.name == name)

    def picture(self, of: QWidget | None = None) -> None:
        """The next picture of this walk: the window, or a part of it."""
        self.settle(0.3)
        self.pictures += 1
        path = self.folder / f"{self.name}-{self.pictures}.png"
        (of or self.window).grab().save(str(path))
        with Image.open(path) as image:
            few = image.convert("RGB").resize((image.width * 5 // 8, image.height * 5 // 8), Image.Resampling.LANCZOS)
        few.save(path, optimize=True)  # in their true colours: a palette turns ochre to red

    def close(self) -> None:
        self.window.board.cancel()
        self.session.history.mark_saved()
        self.window.close()


def biped_by_hand(walk: Walker) -> None:
    """Pieces to a puppet whose every step is looked at."""
    walk.window.files.open(DEMO / "wick.ora", ask=False)
    walk.key(Qt.Key.Key_N)
    proposals = walk.session.drafts.now.proposals
    assert len(proposals) == 23
    knee = next(p.pivot for p in proposals if walk.puppet.parts[p.part].name == "Near shin")
    walk.hover(knee)
    walk.picture()
    walk.key(Qt.Key.Key_Return)
    assert sum(joint.parent is not None for joint in walk.puppet.joints.values()) == 23
    walk.key(Qt.Key.Key_M)
    walk.key(Qt.Key.Key_3, CTRL)
    assert walk.session.workspace.station is LIMBS
    walk.key(Qt.Key.Key_F, SHIFT)
    walk.picture()
    walk.key(Qt.Key.Key_Return)
    assert len(walk.puppet.limbs) == 4
    walk.session.selection.select([walk.joint("Near shin"), walk.joint("Near forearm")])
    walk.key(Qt.Key.Key_N, SHIFT)
    walk.picture()
    walk.key(Qt.Key.Key_Return)
    walk.key(Qt.Key.Key_Escape)
    walk.key(Qt.Key.Key_4, CTRL)
    walk.key(Qt.Key.Key_K)
    walk.key(Qt.Key.Key_Return)
    assert {"Near hand", "Far foot"} <= {each.name for each in walk.puppet.controls.values()}
    walk.key(Qt.Key.Key_5, CTRL)
    assert walk.session.workspace.station is REHEARSE
    walk.window.board.fit_all()
    start = walk.control("Far hand")
    walk.drag(start, start - 330j + 20)
    start = walk.control("Far foot")
    walk.drag(start, start + 120 - 130j, release=False)
    walk.picture()
    walk.release(start + 120 - 130j)
    assert abs(walk.control("Far hand").imag - start.imag) > 200


def unnamed_art(walk: Walker) -> None:
    """A goat whose layers are called Layer 1 and so on."""
    walk.window.files.open(DEMO / "bramble.ora", ask=False)
    puppet = walk.puppet
    for i, key in enumerate(puppet.parts):
        named = change(puppet, key, name=f"Layer {i + 1}")
        puppet = change(named, puppet.parts[key].joint, name=f"Layer {i + 1}")
    walk.session.edit("Forget names", puppet=puppet)
    walk.picture()
    walk.key(Qt.Key.Key_Y, SHIFT)
    assert walk.session.drafts.now.plan is not None
    walk.picture()
    walk.key(Qt.Key.Key_Return)
    assert len(walk.puppet.limbs) >= 4
    walk.key(Qt.Key.Key_5, CTRL)
    walk.window.board.fit_all()
    feet = [name for name in (each.name for each in walk.puppet.controls.values()) if "hoof" in name or "foot" in name]
    start = walk.control(feet[0])
    walk.drag(start, start + 90 - 120j, release=False)
    walk.picture()
    walk.release(start + 90 - 120j)


def a_take(walk: Walker) -> None:
    """Wick lifts his hand, and lets it fall."""
    walk.window.files.open(DEMO / "wick.umbrite")
    walk.key(Qt.Key.Key_6, CTRL)
    assert walk.session.workspace.station is TAKES
    walk.window.actions_by_id["new-take"].trigger()
    walk.key(Qt.Key.Key_K, SHIFT)
    take = walk.session.timeline.take
    assert take is not None
    assert take.tracks
    sheet = walk.window.timeline.sheet
    walk.window.resizeDocks([walk.window.docks["Tape"]], [190], Qt.Orientation.Vertical)
    walk.settle()
    walk.window.board.fit_all()

    def lamp(frame: float) -> None:
        here = QPoint(round(sheet.ground.x_of(walk.session.timeline.frame)), 10)
        there = QPoint(round(sheet.ground.x_of(frame)), 10)
        QTest.mousePress(sheet, LEFT, NONE, here)
        for i in range(1, 7):
            at = QPointF(here + (there - here) * (i / 6))
            moved = QMouseEvent(
                QMouseEvent.Type.MouseMove, at, QPointF(sheet.mapToGlobal(at)), Qt.MouseButton.NoButton, LEFT, NONE
            )
            QApplication.sendEvent(sheet, moved)
        QTest.mouseRelease(sheet, LEFT, NONE, there)
        walk.settle()
        assert walk.session.timeline.frame == frame

    lamp(16)
    start = walk.control("Far hand")
    walk.drag(start, start + 70 - 420j)
    start = walk.control("Head")
    walk.drag(start + 14, start + 12 - 10j)
    walk.picture()
    lamp(32)
    start = walk.control("Far hand")
    walk.drag(start, start - 60 + 400j)
    walk.window.actions_by_id["ghosts"].trigger()
    lamp(20)
    walk.picture()
    walk.key(Qt.Key.Key_Space)
    assert walk.window.timeline.player.playing
    walk.settle(0.4)
    walk.key(Qt.Key.Key_Space)
    assert not walk.window.timeline.player.playing


def a_bendy_scarf(walk: Walker) -> None:
    """The end of Wick's scarf is one drawing; it bends, and swings after him."""
    walk.window.files.open(DEMO / "wick.ora", ask=False)
    walk.key(Qt.Key.Key_Y, SHIFT)
    walk.key(Qt.Key.Key_Return)
    assert len(walk.puppet.limbs) == 4
    walk.key(Qt.Key.Key_1, CTRL)
    assert walk.session.workspace.station is PARTS
    walk.session.selection.select([walk.part("Scarf tail")])
    walk.key(Qt.Key.Key_V, SHIFT)
    assert walk.session.workspace.station is LIMBS
    assert walk.puppet.parts[walk.part("Scarf tail")].mesh is not None
    walk.window.docks["Details"].raise_()
    walk.window.board.fit_selection()
    walk.picture()
    button = walk.window.details.bendy.buttons["Swing"]
    QTest.mouseClick(button, LEFT)
    walk.settle()
    mesh = walk.puppet.parts[walk.part("Scarf tail")].mesh
    assert mesh is not None
    assert all(walk.puppet.joints[key].loose for key in mesh.joints)
    walk.key(Qt.Key.Key_5, CTRL)
    walk.window.board.fit_all()
    walk.key(Qt.Key.Key_H, SHIFT)
    start = walk.control("Body")
    walk.drag(start, start + 110 + 60j, release=False)
    for i in range(6):
        walk.pointer(start + 110 + 60j + 4 * (i % 2), QMouseEvent.Type.MouseMove, held=True)
        walk.settle(0.04)
    walk.picture()
    assert any(isinstance(shape, Bent) for shape in scene_of(walk.session.placed))
    walk.release(start + 110 + 60j)


WALKS: tuple[Callable[[Walker], None], ...] = (biped_by_hand, unnamed_art, a_take, a_bendy_scarf)


def main() -> None:
    app = QApplication(sys.argv[:1])
    dress(app)
    folder = Path(sys.argv[1])
    folder.mkdir(parents=True, exist_ok=True)
    for work in WALKS:
        walk = Walker(folder, work.__name__.replace("_", "-"))
        work(walk)
        print(f"{walk.name}: {walk.pictures} pictures")
        walk.close()


if __name__ == "__main__":
    main()

"""Large puppets in the real window: drags, renames and the heavy puppet, with memory. Run by `make bench`."""

import gc
import statistics
import subprocess
import sys
import tempfile
import time
from collections.abc import Callable
from pathlib import Path

import numpy as np
from bench import figure, pictures, pixmap_drag
from PySide6.QtCore import QEvent, QPointF, QSettings, Qt, QTimer
from PySide6.QtGui import QMouseEvent
from PySide6.QtWidgets import QApplication

from umbrite.desk.panels.family_tree import rows
from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import PARTS, PIVOTS, REHEARSE
from umbrite.desk.window import Window
from umbrite.files.package import Package, load, save
from umbrite.files.png import encode, fingerprint
from umbrite.motion.scene import scene_of
from umbrite.paint.render import render_package, write_png
from umbrite.rig.document import Document
from umbrite.rig.edits.parts import add_part
from umbrite.rig.edits.renaming import rename
from umbrite.rig.model import Drawing, Placement, Puppet

SIZES = (10, 100, 300, 1000)
STEPS = 120
LEFT, NONE = Qt.MouseButton.LeftButton, Qt.MouseButton.NoButton


class Desk:
    """A window with a puppet in it, a pointer over its board, and a watch over how long it stands still."""

    def __init__(self, folder: Path) -> None:
        self.session = Session()
        settings = QSettings(str(folder / "settings.ini"), QSettings.Format.IniFormat)
        self.window = Window(self.session, settings, keep_in=folder)
        self.window.resize(1280, 800)
        self.window.show()
        self.beat, self.longest = time.perf_counter(), 0.0
        self._timer = QTimer()
        self._timer.timeout.connect(self.tick)
        self._timer.start(5)
        self.live(0.2)

    def tick(self) -> None:
        now = time.perf_counter()
        self.longest, self.beat = max(self.longest, now - self.beat), now

    def live(self, seconds: float, until: Callable[[], bool] = lambda: False) -> None:
        end = time.perf_counter() + seconds
        while time.perf_counter() < end and not until():
            QApplication.processEvents()
            time.sleep(0.002)

    def send(self, kind: QEvent.Type, at: complex, held: Qt.MouseButton = LEFT) -> None:
        board = self.window.board
        place = board.camera.point(at)
        button = NONE if kind == QEvent.Type.MouseMove else LEFT
        event = QMouseEvent(
            kind, place, QPointF(board.mapToGlobal(place)), button, held, Qt.KeyboardModifier.NoModifier
        )
        QApplication.sendEvent(board, event)

    def drag(self, start: complex, step: complex) -> tuple[float, float]:
        """Median and 95th percentile of a step of a drag, from the event to the painted window, in ms."""
        before = self.session.history.now
        self.send(QEvent.Type.MouseButtonPress, start)
        times = []
        for i in range(STEPS):
            begin = time.perf_counter()
            self.send(QEvent.Type.MouseMove, start + 6 + i * step)
            QApplication.processEvents()
            times.append((time.perf_counter() - begin) * 1e3)
        self.send(QEvent.Type.MouseButtonRelease, start + 6 + STEPS * step, NONE)
        QApplication.processEvents()
        assert self.session.history.now is not before, "the drag grasped nothing"
        return statistics.median(times), sorted(times)[int(STEPS * 0.95)]


def measured(parts: int) -> dict[str, tuple[float, float]]:
    """What a puppet of so many small parts takes, in ms: median and 95th percentile."""
    drawing, art = pictures()
    with tempfile.TemporaryDirectory() as folder:
        desk = Desk(Path(folder))
        session = desk.session
        session.open(Package(Document(figure(parts, min(8, parts // 4), drawing)), art), None)
        found = {}
        key = session.puppet.order[-1]
        place = session.puppet.parts[key].placement
        for station, at in ((PARTS, complex(place.x + 48, place.y + 96)), (PIVOTS, None)):
            session.workspace.go_to(station)
            joint = session.puppet.parts[key].joint
            session.selection.select([key if station is PARTS else joint])
            desk.live(0.3)
            found[f"drag of a {'part' if at is not None else 'pivot'}"] = desk.drag(
                session.puppet.joints[joint].pivot.z if at is None else at, 1 + 0.5j
            )
        session.workspace.go_to(REHEARSE)
        desk.live(0.3)
        limb = next(iter(session.puppet.limbs.values()))
        low = next(key for key, part in session.puppet.parts.items() if part.joint == limb.joints[-1])
        box = next(shape.box for shape in scene_of(session.placed) if shape.part == low)
        found["drag of a pose"] = desk.drag(complex(box.left + box.right, box.top + box.bottom) / 2, 1 + 0.5j)
        session.workspace.go_to(PARTS)
        desk.live(0.3)
        joint = list(session.puppet.joints)[5]
        times = []
        for i in range(12):
            begin = time.perf_counter()
            session.edit("Rename", puppet=rename(session.puppet, joint, f"Name {i}"))
            QApplication.processEvents()
            times.append((time.perf_counter() - begin) * 1e3)
            desk.live(0.2)
        found["rename"] = statistics.median(times), max(times)
        begin = time.perf_counter()
        list(rows(session.puppet))
        found["rows of the family"] = ((time.perf_counter() - begin) * 1e3,) * 2
        desk.window.session.file.pictures.stop()
        desk.window.keeper.close()
        return found


def memory() -> str:
    words = {
        line.split()[0]: line.split()[1]
        for line in Path("/proc/self/status").read_text().splitlines()
        if line.startswith("Vm")
    }
    return f"{int(words['VmRSS:']) / 1e6:.2f} GB now, {int(words['VmHWM:']) / 1e6:.2f} GB at most"


def heavy(folder: Path) -> Path:
    """Forty drawings of 2,000 x 3,000 px with grain, more than 500 MB."""
    random = np.random.default_rng(5)
    y, x = np.mgrid[0:3000, 0:2000]
    inside = ((x - 1000) / 980) ** 2 + ((y - 1500) / 1480) ** 2 < 1
    puppet, art = Puppet("Heavy", 6000, 6000), {}
    for i in range(40):
        pixels = np.zeros((3000, 2000, 4), np.uint8)
        pixels[..., :3] = random.integers(0, 200, 3) + random.integers(0, 40, (3000, 2000, 3))
        pixels[..., 3] = 255
        pixels[~inside] = 0
        data = encode(pixels)
        drawing = Drawing(fingerprint(data), 2000, 3000)
        art[drawing.sha256] = data
        at = random.integers(0, (4000, 3000))
        puppet, _ = add_part(puppet, f"Slab {i}", drawing, Placement(float(at[0]), float(at[1])))
    save(folder / "heavy.umbrite", Package(Document(puppet), art))
    return folder / "heavy.umbrite"


def bench_heavy(path: Path) -> None:
    """The heavy puppet in the window: opened, saved, dragged."""
    desk = Desk(path.parent)
    session, window = desk.session, desk.window
    desk.longest, begin = 0.0, time.perf_counter()
    window.files.open(path)
    QApplication.processEvents()
    print(f"heavy puppet, first picture: {time.perf_counter() - begin:.1f} s")
    known = session.file.pictures._levels
    desk.live(90, lambda: sum(len(levels) > 0 for levels in known.values()) == 40)
    desk.live(0.3)
    print(
        f"  all drawings there: {time.perf_counter() - begin:.1f} s, the window stood still for {desk.longest * 1e3:.0f} ms at most"
    )
    print(f"  memory: {memory()}")
    session.edit("Rename", puppet=rename(session.puppet, next(iter(session.puppet.joints)), "Other"))
    desk.live(0.3)
    desk.tick()
    desk.longest, begin = 0.0, time.perf_counter()
    window.files.save()
    desk.tick()
    print(
        f"  save: {time.perf_counter() - begin:.1f} s, the window stood still for {desk.longest * 1e3:.0f} ms at most"
    )
    session.workspace.go_to(PARTS)
    key = session.puppet.order[-1]
    session.selection.select([key])
    window.board.fit_selection()
    window.board.zoom_by(0.4 / window.board.camera.zoom)
    desk.live(1.5)
    place = session.puppet.parts[key].placement
    middle, high = desk.drag(complex(place.x + 1000, place.y + 1500), 4 + 2j)
    print(f"  drag of a part at 40 %: {middle:.1f} ms, 95th percentile {high:.1f} ms")
    print(f"  memory: {memory()}")
    session.file.pictures.stop()
    window.keeper.close()


def bench_export(path: Path) -> None:
    """The heavy puppet's picture, as from the command line."""
    begin = time.perf_counter()
    write_png(path.with_suffix(".png"), render_package(load(path)))
    print(f"heavy puppet to PNG: {time.perf_counter() - begin:.1f} s, memory: {memory()}")


def main() -> None:
    app = QApplication.instance() or QApplication([])
    gc.freeze()  # as the program does
    if len(sys.argv) > 2:
        {"heavy": bench_heavy, "export": bench_export}[sys.argv[1]](Path(sys.argv[2]))
        return
    table = {parts: measured(parts) for parts in SIZES}
    print(f"{'ms: median / 95th percentile':<30}" + "".join(f"{parts:>8} parts" for parts in SIZES))
    for what in table[SIZES[0]]:
        print(f"{what:<30}" + "".join(f"{table[p][what][0]:>7.1f}/{table[p][what][1]:>6.1f}" for p in SIZES))
    base = pixmap_drag() * 1e3
    print(f"the same as multiples of a drag of 60 pixmap items, {base:.2f} ms")
    for what in ("drag of a pivot", "rename"):
        print(
            f"{what:<30}" + "".join(f"{table[p][what][0] / base:>7.1f}/{table[p][what][1] / base:>6.1f}" for p in SIZES)
        )
    sys.stdout.flush()
    with tempfile.TemporaryDirectory() as folder:
        path = heavy(Path(folder))
        for what in ("heavy", "export"):  # each with a memory of its own
            subprocess.run([sys.executable, __file__, what, str(path)], check=True)
    del app


if __name__ == "__main__":
    main()

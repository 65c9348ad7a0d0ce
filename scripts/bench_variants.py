"""Variants: switching among many from the event to the painted board, and what many cost in memory; each figure in the run that prints it."""

import sys
import tempfile
import time
from pathlib import Path

import numpy as np
from bench_rows import head, show
from msgspec.structs import replace
from PySide6.QtCore import QSettings
from PySide6.QtWidgets import QApplication
from soak import memory

from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import REHEARSE
from umbrite.desk.theme.look import dress
from umbrite.desk.window import Window
from umbrite.files.package import Package, load
from umbrite.files.png import encode, fingerprint
from umbrite.rig.edits.variants.drawings import More, add_drawings
from umbrite.rig.model import Drawing

WICK = Path(__file__).parent.parent / "src" / "umbrite" / "demo" / "assets" / "wick.umbrite"
AIM, MEMORY_AIM = 16.0, 300.0  # milliseconds, megabytes


def with_many(count: int, wide: int, tall: int) -> tuple[Package, str]:
    """Wick with so many more mouths, no two the same; and the set they belong to."""
    package, random = load(WICK), np.random.default_rng(3)
    art, more = {}, []
    y, x = np.mgrid[0:tall, 0:wide]
    for i in range(count):
        picture = np.zeros((tall, wide, 4), np.uint8)
        inside = ((x / wide - 0.5) ** 2 + (y / tall - 0.5) ** 2) < random.uniform(0.05, 0.24)
        picture[inside] = (*random.integers(40, 200, 3), 255)
        picture[i % tall, i // tall, 3] = 255
        data = encode(picture)
        art[fingerprint(data)] = data
        more.append(More(f"Number {i}", Drawing(fingerprint(data), wide, tall)))
    mouth = next(key for key, part in package.puppet.parts.items() if part.name == "Mouth")
    puppet, key, _ = add_drawings(package.puppet, mouth, more)
    return replace(package.having(puppet), art={**package.art, **art}), key


def shown(package: Package) -> Window:
    folder = Path(tempfile.mkdtemp())
    window = Window(Session(), QSettings(str(folder / "settings.ini"), QSettings.Format.IniFormat))
    window.resize(1280, 800)
    window.show()
    window.session.open(package, None)
    window.session.workspace.go_to(REHEARSE)
    settle(0.6)
    return window


def settle(lasting: float) -> None:
    until = time.monotonic() + lasting
    while time.monotonic() < until:
        QApplication.processEvents()


def bench_switching() -> None:
    package, key = with_many(200, 90, 60)
    window = shown(package)
    window.session.selection.select([key])
    settle(0.3)
    rounds: list[list[float]] = [[], []]
    for found in rounds:
        for _ in range(len(package.puppet.sets[key].variants)):
            begun = time.perf_counter()
            window.actions_by_id["variant-on"].trigger()
            window.board.repaint()
            found.append(time.perf_counter() - begun)
            QApplication.processEvents()
    for name, found in zip(("first time", "seen before"), rounds, strict=True):
        show(f"switch among 205 drawings, to the painted board, {name}", found, f"aim {AIM:g} ms at the 95th")
    close(window)


def bench_memory() -> None:
    close(shown(load(WICK)))
    before = memory()
    package, key = with_many(500, 400, 400)
    held = memory()
    window = shown(package)
    settle(1.0)
    print(
        f"500 more drawings of 400x400 px: {memory() - before:.0f} MB more with the window open, "
        f"{held - before:.0f} of it to make them (aim {MEMORY_AIM:g} MB; unpacked all would be {500 * 0.64:.0f})"
    )
    window.session.selection.select([key])
    for _ in range(500):
        window.actions_by_id["variant-on"].trigger()
        window.board.repaint()
    settle(0.5)
    print(f"and when each of them has been shown once: {memory() - before:.0f} MB more")
    close(window)


def close(window: Window) -> None:
    window.session.history.mark_saved()
    window.close()
    settle(0.1)


def main() -> None:
    app = QApplication(sys.argv[:1])
    dress(app)
    bench_memory()
    head()
    bench_switching()


if __name__ == "__main__":
    main()

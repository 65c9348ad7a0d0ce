"""Takes: sampling, opening and dragging many keys, playing in the window, rendering beside the raw painter; medians and 95th percentiles."""

import gc
import statistics
import sys
import tempfile
import time
from collections.abc import Callable
from pathlib import Path

import numpy as np
from bench import figure, in_turn, pictures, pixmap_drag
from bench_rows import head, show
from msgspec.structs import replace
from PySide6.QtCore import QSettings
from PySide6.QtWidgets import QApplication

from umbrite.desk.commands.takes import changes
from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import TAKES
from umbrite.desk.theme.look import dress
from umbrite.desk.window import Window
from umbrite.files.package import Package, load, save
from umbrite.motion.animating.playing import placed_over
from umbrite.motion.animating.stepping import channels_over
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.motion.rest_changes.takes_kept import kept_document
from umbrite.motion.sampling import sample
from umbrite.paint.levels import Pictures
from umbrite.paint.render import canvas_of, render_on
from umbrite.paint.take_export import Film, frames_of, images
from umbrite.rig.change import change
from umbrite.rig.document import Document
from umbrite.rig.edits.parenting import set_parent
from umbrite.rig.edits.pivots import move_pivot
from umbrite.rig.takes.take import Key, Take
from umbrite.rig.takes.take_layers import lay_over

DEMOS = Path(__file__).parent.parent / "src" / "umbrite" / "demo" / "assets"


def times(work: Callable[[], object], count: int) -> list[float]:
    found = []
    for _ in range(count):
        begun = time.perf_counter()
        work()
        found.append(time.perf_counter() - begun)
    return found


def busy_take(joints: list[str], tracks: int, keys: int, last: int) -> Take:
    """A take with this many tracks and keys each, at random."""
    random = np.random.default_rng(5)
    channels = [f"{joint}.{what}" for joint in joints for what in ("turn", "x", "y")][:tracks]
    places = np.linspace(0, last, keys).round(2)
    return Take(
        "Busy", 24.0, 0, last, loop=False,
        tracks={
            name: tuple(Key(float(at), float(v)) for at, v in zip(places, random.normal(0, 0.1, keys), strict=True))
            for name in channels
        },
    )  # fmt: skip


def bench_sampling() -> None:
    drawing, _ = pictures()
    puppet = figure(80, 12, drawing)
    take, frames = busy_take(list(puppet.joints), 200, 50, 1000), np.arange(1000.0)
    plan = compile_plan(puppet)
    show("sample 1,000 frames of 200 tracks", times(lambda: sample(take, puppet, frames), 15))
    twice = lay_over(
        lay_over(take, replace(take, name="One"), "adds", 0), replace(take, name="Two"), "replaces", 0, 0.5
    )
    show("the same under two layers as large", times(lambda: channels_over(twice, puppet, frames), 15))
    both = times(lambda: evaluate(plan, sample(take, puppet, frames)), 15)
    show("sample and evaluate 1,000 frames of 80 joints", both, "30 ms is the aim")


def bench_carrying() -> None:
    """Ten takes carried over an edit of the rest: a pivot moved, a joint hung from elsewhere, a limb switched off."""
    drawing, _ = pictures()
    puppet = figure(80, 12, drawing)
    joints = list(puppet.joints)
    takes = tuple(replace(busy_take(joints, 200, 12, 300), name=f"Take {i}") for i in range(10))
    document = Document(puppet, takes=takes)
    edits = {
        "a pivot moved": move_pivot(puppet, joints[1], puppet.joints[joints[1]].pivot.z + 6),
        "a joint hung from elsewhere": set_parent(puppet, [joints[60]], None),
        "a limb switched off": change(puppet, next(iter(puppet.limbs)), enabled=False),
    }
    for name, edited in edits.items():
        took = times(lambda edited=edited: kept_document(document, replace(document, puppet=edited)), 3)
        show(f"10 takes of 300 frames of 80 joints carried over: {name}", took, "2,000 ms is the aim")


def bench_many_keys(folder: Path) -> None:
    """A document of 50,000 keys, opened, and a key among them dragged in the window."""
    package = load(DEMOS / "wick.umbrite")
    take = busy_take(list(package.puppet.joints), 84, 600, 2000)
    file = folder / "busy.umbrite"
    save(file, Package(replace(package.document, takes=(take,)), package.art))
    show("open a document with 50,000 keys", times(lambda: load(file), 5), "500 ms is the aim")
    window = Window(Session(), QSettings(str(folder / "s.ini"), QSettings.Format.IniFormat), keep_in=folder)
    window.resize(1280, 800)
    window.show()
    window.files.open(file)
    window.session.workspace.go_to(TAKES)
    QApplication.processEvents()
    channel = next(iter(take.tracks))
    spots = frozenset({(channel, take.tracks[channel][250].frame)})
    window.session.timeline.select(spots)
    by = iter(range(1, 10_000))

    def drag() -> None:
        changes.preview(window.session, changes.moved(spots, 0.1 + next(by) * 0.01))
        QApplication.processEvents()

    drag()
    found = times(drag, 30)
    note = f"{statistics.median(found) / pixmap_drag():.1f} times the pixmap items, 6 is the aim"
    show("drag a key among 50,000, event to painted window", found, note)
    window.session.spring_back()
    window.session.history.mark_saved()
    window.close()


def bench_playing(folder: Path) -> None:
    """A frame of a demo's take in the window: the lamp moved, the board and the tape painted."""
    for size in ((1280, 800), (2560, 1600)):
        for name in ("wick", "bramble", "inkpot"):
            window = Window(Session(), QSettings(str(folder / "s.ini"), QSettings.Format.IniFormat), keep_in=folder)
            window.resize(*size)
            window.show()
            window.files.open(DEMOS / f"{name}.umbrite")
            window.session.workspace.go_to(TAKES)
            take = window.session.history.now.takes[1]
            window.session.timeline.choose(take.name)
            QApplication.processEvents()
            at = iter(list(range(take.first, take.last)) * 10)

            def step(window: Window = window, at: object = at) -> None:
                window.session.timeline.go_to(float(next(at)))  # type: ignore[call-overload]
                QApplication.processEvents()

            window.session.checks.seams.queue.stop()  # what is looked at once after opening
            window.session.timeline.set_playing(on=True)
            step()
            length = take.last - take.first
            show(f"play {name} at {size[0]} x {size[1]}: first round", times(step, length - 1), take.name)
            show(
                f"  and again, with what was kept: {name}, {size[0]}",
                times(step, min(60, length)),
                "10 ms, large 24 ms, are the aims",
            )
            window.session.history.mark_saved()
            window.close()


def bench_rendering() -> None:
    """Frames of an export beside the painter alone, in the same run."""
    package = load(DEMOS / "wick.umbrite")
    take = package.document.takes[1]
    film = Film(package, take, frames_of(take))
    placed = placed_over(take, package.puppet, film.frames)
    unpacked, image = Pictures(lambda: package.art), canvas_of(package.puppet, 1.0)

    def written() -> None:
        for _ in images(film):
            pass  # written as they come, as films are

    def raw() -> None:
        for i in range(len(film.frames)):
            render_on(image, placed, unpacked, 1.0, i)

    ours, painter = (min(found) for found in in_turn(written, raw, count=9))
    unpacked.stop()
    count = len(film.frames)
    print(
        f"render a take: {count / ours:.1f} frames a second; the raw painter {count / painter:.1f}: {painter / ours:.0%}"
    )


def main() -> None:
    app = QApplication(sys.argv[:1])
    dress(app)
    gc.freeze()  # as the program does
    head()
    bench_sampling()
    bench_carrying()
    with tempfile.TemporaryDirectory() as name:
        bench_many_keys(Path(name))
        bench_playing(Path(name))
    bench_rendering()


if __name__ == "__main__":
    main()

"""What performing costs: pointer to board beside a plain drag, samples of a minute, keys and distance after thinning; and a tape with a sound. Run by `make bench`."""

import statistics
import time
from collections.abc import Callable

import numpy as np
from bench import VIEW, WICK
from bench_rows import head, show
from PySide6.QtCore import QEvent, QPointF, Qt
from PySide6.QtGui import QMouseEvent
from PySide6.QtWidgets import QApplication

from umbrite.desk.board.board import Board
from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import TAKES
from umbrite.files.package import load
from umbrite.motion.animating.stepping import channels_over
from umbrite.motion.performing.kept_takes import Shaping, performed
from umbrite.motion.performing.recorded import Recorded
from umbrite.rig.takes.take import Take

SECONDS, MOVES = 60.0, 120  # a minute, and moves of a pointer in a second
PATHS = 40
FIRST = 4  # moves within three pixels, which are no drag yet


def opened() -> tuple[Session, Board]:
    """Wick in Takes with a long take without keys."""
    session = Session()
    board = Board(session)
    board.resize(*VIEW)
    board.show()
    QApplication.processEvents()
    session.open(load(WICK), WICK)
    session.workspace.go_to(TAKES)
    session.edit("A take", takes=(Take("Long", last=round((SECONDS + 5) * 24)),))
    session.timeline.choose("Long")
    return session, board


def sender(board: Board) -> Callable[[QEvent.Type, complex], None]:
    """Sends pointer events at board points."""
    left, none, keys = Qt.MouseButton.LeftButton, Qt.MouseButton.NoButton, Qt.KeyboardModifier.NoModifier

    def send(kind: QEvent.Type, at: complex) -> None:
        place = board.camera.point(at)
        held = none if kind == QEvent.Type.MouseButtonRelease else left
        QApplication.sendEvent(board, QMouseEvent(kind, place, QPointF(board.mapToGlobal(place)), left, held, keys))

    return send


def a_minute() -> None:
    """A hand that goes about: each move to the painted board, plain and performed; then a minute of a quick mouse, of whose moves each is recorded."""
    session, board = opened()
    send = sender(board)
    hand = next(each for each in session.puppet.controls.values() if each.name == "Near hand")
    start = session.placed.control_at(hand)

    def drag(seconds: float, *, performing: bool, painted: bool) -> tuple[list[float], int]:
        """Each move in seconds, and how many moves came while it was recorded."""
        send(QEvent.Type.MouseButtonPress, start)
        if performing:
            session.performing.get_ready(at_once=True)
            session.performing._counting.stop()
            session.performing._run()
        times, begun = list[float](), time.perf_counter()
        for i in range(round(seconds * MOVES)):
            while time.perf_counter() - begun < i / MOVES:
                QApplication.processEvents()
            at = start + 80 * np.sin(i / MOVES * 2.1) - 60j * (1 - np.cos(i / MOVES * 1.7))
            before = time.perf_counter()
            send(QEvent.Type.MouseMove, complex(at))
            if painted:
                QApplication.processEvents()
                board.repaint()
            times.append(time.perf_counter() - before)
            if performing and not session.performing.running:
                break
        send(QEvent.Type.MouseButtonRelease, start)
        return times, len(times)

    times, _ = drag(5.0, performing=False, painted=True)
    session.step(-1)
    plain = show("drag at the playhead: event to painted board", times)
    times, _ = drag(5.0, performing=True, painted=True)
    session.performing.cancel()
    show("the same while it is performed", times, f"{statistics.median(times) / plain:.2f} of the drag, aim: 1")
    times, sent = drag(SECONDS, performing=True, painted=False)
    made = session.performing.made
    samples = made.recorded.samples if made is not None else {}
    recorded = min((len(clocks) for name, (clocks, _) in samples.items() if name.endswith((".x", ".y"))), default=0)
    lost = max(0, sent - recorded - FIRST)
    show(
        f"a move of a mouse of {MOVES} moves a second, recorded",
        times,
        f"{lost} of {sent:,} lost in {SECONDS:.0f} s, aim: 0",
    )


def paths() -> None:
    """Gentle paths that were not used while this was made: keys in shares of frames, and how far the picture is off."""
    puppet = load(WICK).puppet
    moves = next(each.moves for each in puppet.controls.values() if each.name == "Near hand")
    shares, offs, times = [], [], []
    for seed in range(1000, 1000 + PATHS):
        chance = np.random.default_rng(seed)
        clock = np.arange(0, 241, 0.2)
        wide, slow, phase = (
            chance.uniform(20, 90, (2, 3)),
            chance.uniform(0.05, 0.4, (2, 3)),
            chance.uniform(0, 6, (2, 3)),
        )

        def at(
            clock: np.ndarray, wide: np.ndarray = wide, slow: np.ndarray = slow, phase: np.ndarray = phase
        ) -> np.ndarray:
            return np.asarray(
                (wide[..., None] * np.sin(2 * np.pi * slow[..., None] * clock / 24 + phase[..., None])).sum(axis=1)
            )

        across, down = at(clock)
        recorded = Recorded({f"{moves}.x": (clock, across), f"{moves}.y": (clock, down)}, 240.0)
        begun = time.perf_counter()
        made = performed(Take("Pass", last=240), puppet, recorded, Shaping())
        times.append(time.perf_counter() - begun)
        frames = np.arange(241)
        found, wanted = channels_over(made, puppet, frames), at(frames.astype(float))
        offs.append(np.hypot(found[f"{moves}.x"] - wanted[0], found[f"{moves}.y"] - wanted[1]).max())
        shares.append(len(made.tracks[f"{moves}.x"]) / 240)
    note = f"{statistics.median(shares):.1%} of the frames (most {max(shares):.1%}), at most {max(offs):.2f} px off"
    show("10 s of a hand thinned to keys", times, note)


def main() -> None:
    app = QApplication.instance() or QApplication([])
    head()
    paths()
    a_minute()
    assert app is not None


if __name__ == "__main__":
    main()

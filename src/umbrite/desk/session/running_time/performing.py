"""Performing: while time runs, what is posed is recorded with the moments at which the hand was there, and becomes keys at the end.

From `ready` it waits for what is to be performed, `counts` to three, then `runs`; at last the pass is a draft whose keys are seen and set before
they are kept. What is posed by any way (drags, keys, wheels, devices) comes in by `dragged` and `set_values`; the take plays on below it.
"""

from collections.abc import Callable, Mapping
from typing import Literal, NamedTuple

import numpy as np
from PySide6.QtCore import QObject, QTimer, Signal

from umbrite.desk.session.running_time.player import Player
from umbrite.desk.session.timeline import Timeline
from umbrite.motion.performing.recorded import Recorded
from umbrite.motion.placed import Placed
from umbrite.rig.channels import neutral, with_values
from umbrite.rig.model import EMPTY_POSE, Pose

State = Literal["off", "ready", "counts", "runs", "shaped"]
COUNT, BEAT = 3, 700  # numbers, and milliseconds for each
BEFORE = 24.0  # frames that play before a span in which it is recorded
SMOOTH = 0.25  # at first


class Pass(NamedTuple):
    """What was recorded, in which take and layer of it, in which span it counts, and how many board pixels a pixel of the screen was."""

    recorded: Recorded
    take: str
    layer: str = ""
    span: tuple[float, float] | None = None
    pixel: float = 1.0


class Performing(QObject):
    """See the module. `shown` gives the pose that is seen, `placed` where everything is in a pose."""

    changed = Signal()
    ran = Signal()  # a pass has come to its end
    abandoned = Signal()  # something else is looked at while a pass waits to be kept

    def __init__(
        self,
        timeline: Timeline,
        player: Player,
        shown: Callable[[], Pose],
        placed: Callable[[Pose], Placed],
        parent: QObject | None = None,
    ) -> None:
        super().__init__(parent)
        self._timeline, self._player, self._shown_pose, self._placed = timeline, player, shown, placed
        self.state: State = "off"
        self.left = 0  # to count
        self.smooth = SMOOTH
        self.made: Pass | None = None
        self.moment: float | None = None  # of what comes in, where it has one of its own
        self.pixel = 1.0  # of the screen, in board pixels
        self._held: Pose = EMPTY_POSE  # of what is performed: as it was when it began
        self._live: dict[str, float] = {}
        self._samples: dict[str, list[tuple[float, float]]] = {}
        self._began, self._take = 0.0, ""
        self._grounded: tuple[float, Pose] | None = None  # the clock and the ground of the drag's next step
        self._counting = QTimer(self)
        self._counting.setInterval(BEAT)
        self._counting.timeout.connect(self._count)
        self._showing = QTimer(self)
        self._showing.setSingleShot(True)
        self._showing.timeout.connect(self._show)
        player.ended.connect(self.end)
        timeline.changed.connect(self._on_timeline)

    @property
    def active(self) -> bool:
        """Whether a pass is prepared or recorded."""
        return self.state in {"ready", "counts", "runs"}

    @property
    def running(self) -> bool:
        return self.state == "runs"

    def get_ready(self, *, at_once: bool) -> None:
        """Begin to count, or wait until something is pressed."""
        self._player.stop()
        self._clear()
        self._turn("ready")
        if at_once:
            self.count()

    def count(self) -> None:
        """Count to three, then let time run."""
        if self.state == "ready":
            self.left = COUNT
            self._counting.start()
            self._turn("counts")

    def _count(self) -> None:
        self.left -= 1
        if self.left > 0:
            self.changed.emit()
            return
        self._counting.stop()
        self._run()

    def _run(self) -> None:
        take = self._timeline.take
        if take is None:
            self.cancel()
            return
        at, span = self._timeline.frame, self._timeline.span
        start = at if take.first <= at < take.last else float(take.first)
        if span is not None:
            start = max(float(take.first), span[0] - BEFORE)
        shown, plain = self._shown_pose(), with_values(self._plain(self._timeline.frame), self._timeline.unkept)
        self._clear()
        self._began, self._take = start, take.name
        self._turn("runs")
        self._player.start(start, bare=False)
        held = changed_values(plain, shown)  # by a hand that is on something already
        self._held = {name: plain.get(name, neutral(name)) for name in held}
        self._record(held, start, shown)

    # What comes in

    def ground(self) -> tuple[Placed, Pose]:
        """Upon what a drag works: the take at this moment, with what is dragged as it was when the drag began."""
        pose = self._ground_pose()
        return self._placed(pose), pose

    def _ground_pose(self) -> Pose:
        clock = self._player.frame_at(self.moment)
        self._grounded = clock, with_values(self._plain(self._in_take(clock)), {**self._live, **self._held})
        return self._grounded[1]

    def dragged(self, pose: Pose) -> None:
        """A drag poses the ground like this: what differs is recorded; what does not any more has gone back to where it was."""
        if self._grounded is None:
            self._ground_pose()
        assert self._grounded is not None
        (clock, ground), self._grounded = self._grounded, None
        differing = changed_values(ground, pose)
        for name in differing.keys() - self._held.keys():
            self._held = {**self._held, name: ground.get(name, neutral(name))}
        self._record({name: differing.get(name, held) for name, held in self._held.items()}, clock, ground)

    def set_values(self, values: Mapping[str, float]) -> None:
        """Values that come by keys, wheels and devices."""
        clock = self._player.frame_at(self.moment)
        plain = with_values(self._plain(self._in_take(clock)), self._live)
        self._record(values, clock, plain)

    def value_now(self, name: str) -> float:
        """What a channel shows now."""
        return self._shown_pose().get(name, neutral(name)) if name not in self._live else self._live[name]

    def _record(self, values: Mapping[str, float], clock: float, before: Pose) -> None:
        for name, value in values.items():
            samples = self._samples.setdefault(name, [(clock, before.get(name, neutral(name)))])
            samples.append((max(clock, samples[-1][0]), value))
            self._live[name] = value
        if not self._showing.isActive():
            self._showing.start(0)  # when all that has come in is recorded

    def _plain(self, frame: float) -> Pose:
        return self._timeline.plain_pose(frame)

    def _in_take(self, clock: float) -> float:
        take = self._timeline.take
        if take is None or not take.loop:
            return clock if take is None else min(clock, float(take.last))
        return take.first + (clock - take.first) % (take.last - take.first)

    def _show(self) -> None:
        if self.running:
            self._timeline.show_live(dict(self._live))

    # The end

    def _on_timeline(self) -> None:
        take, span = self._timeline.take, self._timeline.span
        elsewhere = take is None or take.name != self._take
        if self.state == "shaped" and elsewhere:
            self.abandoned.emit()
        elif self.running and elsewhere:
            self.cancel()
        elif (self.running and not self._player.playing) or (
            self.running and span is not None and self._player.frame_at() > span[1] + 1
        ):
            self.end()

    def end(self) -> None:
        """The pass is over: what was recorded waits to be kept. Without anything recorded there is nothing."""
        if not self.running:
            if self.active:
                self.cancel()
            return
        until = self._player.frame_at(self.moment)
        span = self._timeline.span
        samples = {
            name: (np.array([clock for clock, _ in each]), np.array([value for _, value in each]))
            for name, each in self._samples.items()
        }
        until = max([until, *(float(clocks[-1]) for clocks, _ in samples.values())])
        began = self._began
        self._turn("off")
        self._player.stop()
        self._clear()
        if samples:
            self.made = Pass(Recorded(samples, until), self._take, self._timeline.layer, span, self.pixel)
            self._timeline.go_to(began)
            self._turn("shaped")
        self.ran.emit()

    def cancel(self) -> None:
        """Let the pass go: nothing was performed."""
        was = self.state
        self._counting.stop()
        self._turn("off")
        if was == "runs":
            self._player.stop()
            self._timeline.go_to(self._began)
        self._clear()

    def done(self) -> None:
        """What was recorded is kept, or not wanted."""
        self.made = None
        self._turn("off")

    def set_smooth(self, share: float) -> None:
        """How much the pass is smoothed, from 0 to 1."""
        self.smooth = min(max(share, 0.0), 1.0)
        self.changed.emit()

    def _clear(self) -> None:
        self._held, self._live, self._samples, self.made, self.moment = EMPTY_POSE, {}, {}, None, None
        self._grounded = None
        self._showing.stop()
        self._timeline.show_live(EMPTY_POSE)

    def _turn(self, state: State) -> None:
        self.state = state
        self.changed.emit()


def changed_values(ground: Pose, pose: Pose) -> dict[str, float]:
    """What a pose has other than another."""
    values = {name: pose.get(name, neutral(name)) for name in {*ground, *pose}}
    return {name: value for name, value in values.items() if value != ground.get(name, neutral(name))}

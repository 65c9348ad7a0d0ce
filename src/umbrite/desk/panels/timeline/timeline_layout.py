"""Where everything is on the timeline: rows, frames, keys, threads, and the points of curves. Widget pixels."""

import itertools
from bisect import bisect_left, bisect_right
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QPointF, QRectF

from umbrite.desk.panels.timeline.segments import frame_of
from umbrite.desk.panels.timeline.timeline_rows import Row, keys_in, layer_rows, rows_of, sound_rows
from umbrite.desk.session.session import Session
from umbrite.motion.sampling import sample, slopes_at
from umbrite.rig.channels import shown_unit
from umbrite.rig.model import Puppet
from umbrite.rig.takes.sounds import marked_frames
from umbrite.rig.takes.take import Key, Spot, Take

NAMES, RULER, EDGE = 168, 38, 18
CLAMP = 8  # at the ruler's lower edge, for the ends of what is picked
TALL = {"sound": 40, "layer": 22, "all": 22, "head": 20, "thing": 22, "channel": 22, "curve": 132}
REACH, TANGENT = 7.0, 34.0
AIR = 14.0  # above and below a curve
MOST_ZOOM = 60.0
SNAP = 7.0  # pixels about a mark of the sound
MOST_POINTS = 600


class Tangent(NamedTuple):
    """A handle of a key in a curve: which way it shows, and where its end is."""

    channel: str
    frame: float
    way: int  # -1 comes in, 1 goes out
    at: QPointF


class TimelineLayout:
    """See the module. `top` is where the ruler is, `held` the frames from edge to edge while a fold is dragged."""

    def __init__(self, session: Session) -> None:
        self.session = session
        self.rows: list[Row] = []
        self.unfolded: set[str] = set()
        self.drawn: set[str] = set()
        self.width, self.top = 800.0, 0.0
        self.held: tuple[float, float] | None = None
        self.ranges: dict[str, tuple[float, float]] = {}  # chosen, by thing; else all of its curves is seen
        self.fixed: dict[str, tuple[float, float]] = {}  # while a curve is dragged
        self._tops: list[float] = [RULER]
        self._puppet: Puppet | None = None
        self._made_from: tuple[list[str] | None, list[str], list[str], list[str]] | None = None
        self._zoom, self._start = 1.0, 0.0

    @property
    def take(self) -> Take | None:
        """The take whose keys are shown, or the open layer over it, as a running drag shows it."""
        whole = self.whole
        return None if whole is None else self.session.timeline.level(whole)

    @property
    def whole(self) -> Take | None:
        """The current take with all its layers, as a running drag shows it."""
        return self.session.timeline.shown

    def refresh(self) -> bool:
        """The rows anew; whether there are others."""
        puppet, take = self.session.puppet, self.take
        channels = None if take is None else list(take.tracks)
        layers = [] if self.whole is None else [each.take.name for each in self.whole.layers]
        heard = sound_rows(self.whole)
        made_from = (channels, sorted(self.unfolded), sorted(self.drawn), [*layers, *(row.key for row in heard)])
        if puppet is self._puppet and made_from == self._made_from:
            return False
        self._puppet, self._made_from = puppet, made_from
        rows = [*heard, *layer_rows(self.whole), *rows_of(puppet, take, self.unfolded, self.drawn)]
        if rows == self.rows:
            return False
        self.rows = rows
        self._tops = list(itertools.accumulate((TALL[row.kind] for row in rows), initial=RULER))
        return True

    @property
    def height(self) -> int:
        return int(self._tops[-1]) + 8

    # Frames

    def span(self) -> tuple[float, float]:
        """The frames from edge to edge."""
        if self.held is not None:
            return self.held
        take = self.whole
        return (float(take.first), float(take.last)) if take is not None else (0.0, 48.0)

    def ends(self) -> tuple[float, float]:
        """The first and last frame of what is shown: of the open layer, or the take."""
        take = self.take
        return (float(take.first), float(take.last)) if take is not None and self.whole is not take else self.span()

    def scale(self) -> float:
        """Pixels a frame."""
        first, last = self.span()
        return max(self.width - NAMES - 2 * EDGE, 50) / (last - first) * self._zoom

    def x_of(self, frame: float) -> float:
        """Where a frame is."""
        start = self.span()[0] if self._zoom == 1.0 else self._start
        return NAMES + EDGE + (frame - start) * self.scale()

    def places(self, frames: list[float]) -> NDArray[np.float64]:
        """Where many frames are, shape (frames,)."""
        start = self.span()[0] if self._zoom == 1.0 else self._start
        return np.asarray(NAMES + EDGE + (np.array(frames) - start) * self.scale(), dtype=np.float64)

    def frame_at(self, x: float) -> float:
        """The frame at a place, not rounded."""
        start = self.span()[0] if self._zoom == 1.0 else self._start
        return start + (x - NAMES - EDGE) / self.scale()

    def snapped(self, frame: float) -> float:
        """The whole frame at a place; that of a mark of the sound which lies near."""
        take = self.whole
        marked: list[float] = marked_frames(take) if take is not None else []
        near = [each for each in marked if abs(each - frame) * self.scale() <= SNAP]
        nearest = min(near, key=lambda each: abs(each - frame), default=frame)
        return float(round(nearest))

    def zoom(self, factor: float, x: float) -> None:
        """Closer to the frames about a place, or further."""
        under = self.frame_at(x)
        self._zoom = min(max(self._zoom * factor, 1.0), MOST_ZOOM)
        self._start = under - (x - NAMES - EDGE) / self.scale()

    # Rows

    def box_of(self, number: int) -> QRectF:
        """A row's place."""
        return QRectF(0, self._tops[number], self.width, TALL[self.rows[number].kind])

    def row_at(self, y: float) -> int | None:
        number = bisect_right(self._tops, y) - 1
        return number if 0 <= number < len(self.rows) else None

    def rows_between(self, top: float, bottom: float) -> range:
        """The rows that are seen."""
        first = max(bisect_right(self._tops, top) - 1, 0)
        return range(first, min(bisect_left(self._tops, bottom), len(self.rows)))

    def spots(self, row: Row, frame: float) -> frozenset[Spot]:
        """The keys of a row at a frame."""
        take = self.take
        tracks = take.tracks if take is not None else {}
        found = set()
        for name in row.channels:
            track = tracks.get(name, ())
            at = bisect_left(track, frame, key=_frame)
            if at < len(track) and track[at].frame == frame:
                found.add((name, frame))
        return frozenset(found)

    def key_mark_at(self, at: QPointF) -> tuple[Row, float] | None:
        """The row and frame of the key at a place."""
        number, take = self.row_at(at.y()), self.take
        if number is None or take is None or at.x() < NAMES or self.rows[number].kind == "curve":
            return None
        row = self.rows[number]
        keys = keys_in(take, row)
        first = bisect_left(keys, self.frame_at(at.x() - REACH), key=frame_of)
        last = bisect_right(keys, self.frame_at(at.x() + REACH), key=frame_of)
        near = [(abs(self.x_of(frame) - at.x()), frame) for frame, _ in keys[first:last]]
        return (row, min(near)[1]) if near else None

    def segment_at(self, at: QPointF) -> tuple[Row, Key] | None:
        """The row and the key from which the thread at a place comes."""
        number, take = self.row_at(at.y()), self.take
        if number is None or take is None or at.x() < NAMES:
            return None
        row = self.rows[number]
        if row.kind in {"all", "curve", "layer", "sound"} or abs(self.box_of(number).center().y() - at.y()) > REACH:
            return None
        keys = keys_in(take, row)
        before = bisect_left(keys, self.frame_at(at.x()), key=frame_of) - 1
        return (row, keys[before][1]) if 0 <= before < len(keys) - 1 else None

    def selected_span(self) -> tuple[float, float] | None:
        """The first and last frame of what is picked, where that is more than one."""
        frames = [frame for _, frame in self.session.timeline.selected]
        return (min(frames), max(frames)) if frames and min(frames) < max(frames) else None

    def layer_at(self, at: QPointF) -> str | None:
        """The layer whose bar is at a place, by its name."""
        number, whole = self.row_at(at.y()), self.whole
        if number is None or whole is None or at.x() < NAMES or self.rows[number].kind != "layer":
            return None
        name = self.rows[number].key
        found = next((each.take for each in whole.layers if each.take.name == name), None)
        inside = found is not None and self.x_of(found.first) - REACH <= at.x() <= self.x_of(found.last) + REACH
        return name if inside else None

    # Curves

    def points(self, row: Row) -> dict[str, list[tuple[float, float]]]:
        """The curves of a row over what is seen of the timeline: frames and values as people read them."""
        take = self.take
        if take is None:
            return {}
        first, last = self.frame_at(NAMES), self.frame_at(self.width)
        count = int(min(max(self.width - NAMES, 2), MOST_POINTS))
        frames = [first + (last - first) * i / (count - 1) for i in range(count)]
        found = sample(take, self.session.puppet, frames, row.channels)
        return {
            name: list(zip(frames, (values * shown_unit(name)).tolist(), strict=True)) for name, values in found.items()
        }

    def range_of(self, row: Row) -> tuple[float, float]:
        """The least and the greatest value that a curve row shows, as people read them."""
        if (known := self.fixed.get(row.key, self.ranges.get(row.key))) is not None:
            return known
        take = self.take
        if take is None:
            return -1.0, 1.0
        frames = [take.first + (take.last - take.first) * i / 199 for i in range(200)]
        every = [
            v
            for name, values in sample(take, self.session.puppet, frames, row.channels).items()
            for v in (values * shown_unit(name)).tolist()
        ]
        low, high = min(every, default=-1.0), max(every, default=1.0)
        room = max((high - low) * 0.06, 0.5)
        return low - room, high + room

    def y_of(self, number: int, value: float) -> float:
        """Where a value as people read it is in a curve row."""
        box, (low, high) = self.box_of(number), self.range_of(self.rows[number])
        return box.bottom() - AIR - (value - low) / (high - low) * (box.height() - 2 * AIR)

    def value_at(self, number: int, y: float) -> float:
        """The value at a place of a curve row."""
        box, (low, high) = self.box_of(number), self.range_of(self.rows[number])
        return low + (box.bottom() - AIR - y) / (box.height() - 2 * AIR) * (high - low)

    def per_pixel(self, number: int) -> float:
        """How much of a value a pixel is."""
        low, high = self.range_of(self.rows[number])
        return (high - low) / (TALL["curve"] - 2 * AIR)

    def place_of(self, number: int, channel: str, key: Key) -> QPointF:
        """Where a key stands in a curve."""
        return QPointF(self.x_of(key.frame), self.y_of(number, key.value * shown_unit(channel)))

    def tangents(self, number: int) -> list[Tangent]:
        """The slopes of the picked keys of a curve row."""
        take, row = self.take, self.rows[number]
        selected = {spot for spot in self.session.timeline.selected if spot[0] in row.channels}
        if take is None or len(selected) > 40:
            return []
        found = []
        for name, frame in sorted(selected):
            track = take.tracks.get(name, ())
            at = next((i for i, key in enumerate(track) if key.frame == frame), None)
            if at is None:
                continue
            middle = self.place_of(number, name, track[at])
            for way, slope in zip((-1, 1), slopes_at(take, self.session.puppet, name, frame), strict=True):
                ends = (way < 0 and at == 0) or (way > 0 and at == len(track) - 1)
                if ends and not take.loop:
                    continue
                step = QPointF(self.scale(), -slope * shown_unit(name) / self.per_pixel(number))
                length = (step.x() ** 2 + step.y() ** 2) ** 0.5
                found.append(Tangent(name, frame, way, middle + step * (way * TANGENT / length)))
        return found

    def tangent_at(self, at: QPointF) -> Tangent | None:
        """The handle of a slope at a place."""
        number = self.row_at(at.y())
        if number is None or self.rows[number].kind != "curve":
            return None
        near = [((tangent.at - at).manhattanLength(), tangent) for tangent in self.tangents(number)]
        best = min(near, key=lambda item: item[0], default=None)
        return best[1] if best is not None and best[0] <= REACH + 2 else None

    def key_at(self, at: QPointF) -> tuple[int, str, Key] | None:
        """The curve row, the channel and the key at a place."""
        number, take = self.row_at(at.y()), self.take
        if number is None or take is None or self.rows[number].kind != "curve" or at.x() < NAMES:
            return None
        near = [
            ((self.place_of(number, name, key) - at).manhattanLength(), i, name, key)
            for i, name in enumerate(self.rows[number].channels)
            for key in take.tracks.get(name, ())
            if abs(self.x_of(key.frame) - at.x()) <= REACH
        ]
        best = min(near, key=lambda item: item[:2], default=None)
        return (number, best[2], best[3]) if best is not None and best[0] <= REACH + 4 else None


def _frame(key: Key) -> float:
    return key.frame

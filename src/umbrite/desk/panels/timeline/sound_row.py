"""The row of a sound on the tape: its wave in ink, its ends that trim it, and its marks."""

from functools import lru_cache
from typing import NamedTuple

import numpy as np
from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QPolygonF

from umbrite.desk.panels.timeline.timeline_layout import NAMES, TimelineLayout
from umbrite.desk.theme import look, marks
from umbrite.desk.theme.inked import Inked
from umbrite.desk.theme.language import tr
from umbrite.rig.takes.sounds import heard_frames, marked_frames
from umbrite.rig.takes.take import Sound, Take
from umbrite.sound.waveform import Wave, peaks

GRIP = 6.0  # pixels beside an end at which it is taken hold of
AIR, FLAG = 4.0, 7.0
KEPT = 16


class Seen(NamedTuple):
    """What is drawn of a wave: the sound, its place, and what is seen of it."""

    sha256: str
    left: int
    right: int
    start: float
    end: float
    top: float
    height: float


def paint_sound(painter: Inked, ground: TimelineLayout, box: QRectF) -> None:
    """The sound of the whole take in its row."""
    take = ground.whole
    if take is None or take.sound is None:
        return
    theme, sound = painter.theme, take.sound
    picture = look.icon(theme, "rig-sound").pixmap(16, 16)
    painter.drawPixmap(26, round(box.center().y() - 8), picture)
    painter.save()
    painter.setClipRect(QRectF(NAMES, box.top(), ground.width - NAMES, box.height()))
    first, last = heard_frames(take)
    bar = QRectF(QPointF(ground.x_of(first), box.top() + 2), QPointF(ground.x_of(last), box.bottom() - 2))
    painter.setPen(Qt.PenStyle.NoPen)
    painter.setBrush(look.with_alpha(theme.teal, 34))
    painter.drawRoundedRect(bar, 4, 4)
    wave = ground.session.sounds.wave(sound)
    if wave is None:
        words = ground.session.sounds.faults.get(sound.sha256, tr("Reading the sound"))
        painter.setPen(theme.quiet)
        painter.setFont(look.font(8.5))
        painter.drawText(bar.adjusted(10, 0, -6, 0), Qt.AlignmentFlag.AlignVCenter, words)
    else:
        painter.setBrush(theme.ink)
        painter.drawPolygon(_outline(_Shown(wave, _seen(ground, take, sound, bar))))
    for x in (bar.left(), bar.right()):  # what trims it
        painter.setPen(marks.pen(theme.ink, 2.2))
        painter.drawLine(QPointF(x, bar.top() + 3), QPointF(x, bar.bottom() - 3))
    _marks(painter, ground, take, box)
    painter.restore()


def _seen(ground: TimelineLayout, take: Take, sound: Sound, bar: QRectF) -> Seen:
    left, right = round(max(bar.left(), NAMES)), round(min(bar.right(), ground.width))
    at = [(ground.frame_at(x) - sound.at) / take.rate for x in (left, max(right, left + 1))]
    return Seen(sound.sha256, left, max(right, left + 1), at[0], at[1], bar.top() + AIR, bar.height() - 2 * AIR)


class _Shown:
    """A wave and what is seen of it; equal where the same is seen."""

    def __init__(self, wave: Wave, seen: Seen) -> None:
        self.wave, self.seen = wave, seen

    def __eq__(self, other: object) -> bool:
        return isinstance(other, _Shown) and self.seen == other.seen

    def __hash__(self) -> int:
        return hash(self.seen)


@lru_cache(maxsize=KEPT)
def _outline(shown: _Shown) -> QPolygonF:
    seen = shown.seen
    found = peaks(shown.wave, seen.start, seen.end, seen.right - seen.left)
    middle, half = seen.top + seen.height / 2, seen.height / 2
    least = np.maximum(np.abs(found).max(), 0.05)
    low, high = middle - found[:, 0] / least * half + 0.5, middle - found[:, 1] / least * half - 0.5
    xs = seen.left + np.arange(len(found)) + 0.5
    upper = [QPointF(x, y) for x, y in zip(xs.tolist(), high.tolist(), strict=True)]
    lower = [QPointF(x, y) for x, y in zip(xs.tolist(), low.tolist(), strict=True)]
    return QPolygonF([*upper, *lower[::-1]])


def _marks(painter: Inked, ground: TimelineLayout, take: Take, box: QRectF) -> None:
    """A small flag for each mark."""
    painter.setBrush(painter.theme.vermilion)
    for frame in marked_frames(take):
        x = ground.x_of(frame)
        if x < NAMES - FLAG or x > ground.width:
            continue
        painter.setPen(marks.pen(painter.theme.vermilion, 1.4))
        painter.drawLine(QPointF(x, box.top() + 2), QPointF(x, box.bottom() - 2))
        painter.setPen(Qt.PenStyle.NoPen)
        top = box.top() + 2
        painter.drawPolygon(QPolygonF([QPointF(x, top), QPointF(x + FLAG, top + FLAG / 2), QPointF(x, top + FLAG)]))


def grasped(ground: TimelineLayout, at: QPointF) -> str | None:
    """What of the sound lies at a place: "starts", "ends", "sound"; None where it does not."""
    number, take = ground.row_at(at.y()), ground.whole
    if number is None or take is None or take.sound is None or ground.rows[number].kind != "sound" or at.x() < NAMES:
        return None
    first, last = (ground.x_of(frame) for frame in heard_frames(take))
    if abs(at.x() - first) <= GRIP:
        return "starts"
    if abs(at.x() - last) <= GRIP:
        return "ends"
    return "sound" if first < at.x() < last else None

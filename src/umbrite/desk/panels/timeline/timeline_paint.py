"""Paints the paper timeline: its ruler, rows, threads, keys and the playhead."""

from bisect import bisect_left

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QPolygonF

from umbrite.desk.panels.timeline import curve_paint
from umbrite.desk.panels.timeline.held_words import held_words
from umbrite.desk.panels.timeline.segments import frame_of, segment
from umbrite.desk.panels.timeline.sound_row import paint_sound
from umbrite.desk.panels.timeline.timeline_layout import CLAMP, NAMES, RULER, TimelineLayout
from umbrite.desk.panels.timeline.timeline_rows import Row, keys_in, row_words
from umbrite.desk.theme import look, marks
from umbrite.desk.theme.inked import Inked
from umbrite.desk.theme.language import tr
from umbrite.desk.theme.thumbnails import variant_picture
from umbrite.motion.layering import amount_of
from umbrite.rig.channels import is_stepped
from umbrite.rig.ids import owner_of
from umbrite.rig.model import Puppet
from umbrite.rig.remembered import remembered
from umbrite.rig.takes.take import Key, Layer, Take

Floats = NDArray[np.float64]

KEY_MARK, CLOSE, CARD = 5.0, 4.0, 16
AMOUNTS = 80  # looks at how much a layer counts
LEFT = {"sound": 48, "layer": 44, "all": 8, "head": 8, "thing": 26, "channel": 46, "curve": 46}
STEPS = (1, 2, 5, 10, 20, 50, 100, 200, 500, 1000)


def paint(painter: Inked, ground: TimelineLayout, seen: QRectF, box: QRectF | None) -> None:
    """What lies in `seen` but the playhead; with the box that is being drawn."""
    _grid(painter, ground, seen)
    for number in ground.rows_between(seen.top(), seen.bottom()):
        _row(painter, ground, number, seen)
    painter.save()
    painter.translate(0, ground.top)
    _ruler(painter, ground)
    painter.restore()
    if box is not None:
        painter.setPen(marks.pen(painter.theme.ink, 1.2, Qt.PenStyle.DashLine))
        painter.setBrush(look.with_alpha(painter.theme.selected, 40))
        painter.drawRect(box)


def paint_playhead(painter: Inked, ground: TimelineLayout, seen: QRectF) -> None:
    """The lamp where it is now."""
    painter.save()
    painter.translate(0, ground.top)
    _playhead(painter, ground, seen)
    painter.restore()


def _ticks(ground: TimelineLayout) -> list[int]:
    """The frames that are numbered: so many that their numbers have room."""
    scale = ground.scale()
    step = next((n for n in STEPS if n * scale > 44), 5000)
    frame, found = int(ground.frame_at(NAMES)) // step * step, []
    while ground.x_of(frame) < ground.width:
        if ground.x_of(frame) > NAMES:
            found.append(frame)
        frame += step
    return found


def _grid(painter: Inked, ground: TimelineLayout, seen: QRectF) -> None:
    painter.setPen(marks.pen(painter.theme.rule, 1))
    for frame in _ticks(ground):
        x = ground.x_of(frame)
        painter.drawLine(QPointF(x, seen.top()), QPointF(x, seen.bottom()))


def _span(painter: Inked, ground: TimelineLayout) -> None:
    """The frames in which a pass is recorded, on the ruler."""
    if (span := ground.session.timeline.span) is None:
        return
    left, right = ground.x_of(span[0]), ground.x_of(span[1])
    painter.fillRect(QRectF(left, 1, right - left, RULER - CLAMP - 1), look.with_alpha(painter.theme.vermilion, 50))
    painter.setPen(marks.pen(painter.theme.vermilion, 1.6))
    for x in (left, right):
        painter.drawLine(QPointF(x, 1), QPointF(x, RULER - CLAMP))


def _ruler(painter: Inked, ground: TimelineLayout) -> None:
    painter.fillRect(QRectF(0, 0, ground.width, RULER), painter.theme.panel)
    _span(painter, ground)
    first, last = ground.span()
    take = ground.take
    painter.setFont(look.font(9))
    seconds = ground.session.workspace.views["seconds"] and take is not None
    for frame in _ticks(ground):
        x = ground.x_of(frame)
        painter.setPen(marks.pen(painter.theme.line, 1))
        painter.drawLine(QPointF(x, RULER - CLAMP - 7), QPointF(x, RULER - CLAMP))
        painter.setPen(painter.theme.ink if first <= frame <= last else painter.theme.dim)
        words = tr("{seconds} s", seconds=f"{frame / take.rate:.2f}") if seconds and take else str(frame)
        painter.drawText(QRectF(x - 24, 4, 48, 16), Qt.AlignmentFlag.AlignCenter, words)
    ends = (float(take.first), float(take.last)) if take is not None else (first, last)
    low = RULER - CLAMP
    for end, way in zip(ends, (1, -1), strict=True):  # the folds at which it begins and ends
        x = ground.x_of(end)
        fold = QPolygonF([QPointF(x, low), QPointF(x, low - 13), QPointF(x - way * 9, low)])
        painter.setPen(marks.pen(painter.theme.ink, 1.2))
        painter.setBrush(painter.theme.brass_pale)
        painter.drawPolygon(fold)
    _clamp(painter, ground)
    painter.setPen(marks.pen(painter.theme.line, 1))
    painter.drawLine(QPointF(0, RULER), QPointF(ground.width, RULER))


def _clamp(painter: Inked, ground: TimelineLayout) -> None:
    """A bar over what is picked, with a jaw at each end to stretch it by."""
    span = ground.selected_span()
    if span is None:
        return
    start, end = ground.x_of(span[0]), ground.x_of(span[1])
    y = RULER - CLAMP / 2
    painter.setPen(marks.pen(painter.theme.selected, 3.0))
    painter.drawLine(QPointF(start, y), QPointF(end, y))
    painter.setPen(marks.pen(painter.theme.ink, 1.2))
    painter.setBrush(painter.theme.selected)
    for x in (start, end):
        painter.drawRoundedRect(QRectF(x - 4, RULER - CLAMP, 8, CLAMP - 1), 2, 2)


def _row(painter: Inked, ground: TimelineLayout, number: int, seen: QRectF) -> None:
    row, box = ground.rows[number], ground.box_of(number)
    if row.kind == "head":
        painter.fillRect(box, painter.theme.panel)
    painter.setPen(marks.pen(painter.theme.rule, 1))
    painter.drawLine(box.bottomLeft(), box.bottomRight())
    if row.kind == "curve":
        curve_paint.paint(painter, ground, number, seen)
        return
    _name(painter, ground, row, box)
    if row.kind == "sound":
        paint_sound(painter, ground, box)
        return
    if row.kind == "layer":
        _layer(painter, ground, row, box)
        return
    if ground.take is None or not row.channels:
        return
    painter.save()
    painter.setClipRect(QRectF(NAMES, seen.top(), ground.width - NAMES, seen.height()).intersected(seen))
    _keys(painter, ground, row, box.center().y(), seen)
    painter.restore()


def _name(painter: Inked, ground: TimelineLayout, row: Row, box: QRectF) -> None:
    theme, left = painter.theme, LEFT[row.kind]
    painter.setPen(theme.quiet if row.kind in {"head", "channel"} else theme.ink)
    painter.setFont(look.font(9.0 if row.kind in {"head", "channel"} else 10.5))
    words = row_words(row)
    room = QRectF(left, box.top(), NAMES - left - 4, box.height())
    short = painter.fontMetrics().elidedText(words, Qt.TextElideMode.ElideRight, int(room.width()))
    painter.drawText(room, Qt.AlignmentFlag.AlignVCenter, short)
    opened = row.key in (ground.unfolded if row.kind == "thing" else ground.drawn)
    if row.kind in {"thing", "channel"} and row.channels:
        picture = look.icon(theme, "chevron-down" if opened else "chevron-right").pixmap(14, 14)
        painter.drawPixmap(left - 18, round(box.center().y() - 7), picture)
    if row.kind == "channel" and opened:
        curve = next(each for each in ground.rows if each.kind == "curve" and row.key in each.channels)
        painter.setPen(curve_paint.stroke(theme, curve.channels.index(row.key)))
        painter.drawLine(QPointF(6, box.center().y()), QPointF(24, box.center().y()))


@remembered
def _amounts(whole: Take, layer: Layer, puppet: Puppet) -> tuple[Floats, Floats]:
    """How much a layer counts, up to all of it, at frames along its bar."""
    frames = np.linspace(layer.take.first, _bar_end(whole, layer.take), AMOUNTS)
    return frames, np.minimum(amount_of(whole, layer, puppet, frames), 1.0)


def _bar_end(whole: Take, take: Take) -> float:
    """The frame to which the bar of a layer goes: a loop counts to the end of all."""
    return float(whole.last if take.loop else take.last)


def _layer(painter: Inked, ground: TimelineLayout, row: Row, box: QRectF) -> None:
    """A layer folded into a bar from its first frame to its last, as high as it counts; open or not, on or off."""
    theme, whole, session = painter.theme, ground.whole, ground.session
    if whole is None:
        return
    layer = next((each for each in whole.layers if each.take.name == row.key), None)
    opened = session.timeline.layer == row.key
    picture = look.icon(theme, "chevron-down" if opened else "chevron-right").pixmap(14, 14)
    painter.drawPixmap(LEFT["layer"] - 18, round(box.center().y() - 7), picture)
    if layer is not None:
        eye = look.icon(theme, "eye-off" if layer.off else "eye").pixmap(14, 14)
        painter.drawPixmap(8, round(box.center().y() - 7), eye)
    take = whole if layer is None else layer.take
    last = _bar_end(whole, take)
    bar = QRectF(ground.x_of(take.first), box.top() + 3, 0, box.height() - 6)
    bar.setRight(max(ground.x_of(last), bar.left() + 4))
    painter.save()
    painter.setClipRect(QRectF(NAMES, box.top(), ground.width - NAMES, box.height()))
    painter.setPen(marks.pen(theme.selected if opened else theme.line, 1.6 if opened else 1.0))
    painter.setBrush(theme.panel)
    painter.drawRoundedRect(bar, 4, 4)
    if layer is not None and not layer.off:
        frames, amount = _amounts(whole, layer, session.puppet)
        inner = bar.adjusted(1.5, 1.5, -1.5, -1.5)
        edge = [
            QPointF(ground.x_of(f), inner.bottom() - a * inner.height()) for f, a in zip(frames, amount, strict=True)
        ]
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(look.with_alpha(theme.teal, 70))
        painter.drawPolygon(
            QPolygonF([QPointF(edge[0].x(), inner.bottom()), *edge, QPointF(edge[-1].x(), inner.bottom())])
        )
    words = (
        tr("The take itself")
        if layer is None
        else tr("off")
        if layer.off
        else tr("is added")
        if layer.way == "adds"
        else tr("takes over")
    )
    painter.setPen(theme.ink if opened else theme.quiet)
    painter.setFont(look.font(8.5))
    painter.drawText(bar.adjusted(8, 0, -4, 0), Qt.AlignmentFlag.AlignVCenter, words)
    painter.restore()


def _keys(painter: Inked, ground: TimelineLayout, row: Row, y: float, seen: QRectF) -> None:
    take, timeline = ground.take, ground.session.timeline
    if take is None:
        return
    first, last = ground.frame_at(max(seen.left(), NAMES) - 20), ground.frame_at(seen.right() + 20)
    keys = keys_in(take, row)
    begin = max(bisect_left(keys, first, key=frame_of) - 1, 0)
    keys = keys[begin : bisect_left(keys, last, key=frame_of) + 1]
    if keys:
        places = ground.places([frame for frame, _ in keys])
        shown = [name for name in row.channels if name.endswith(".shows")]
        if shown and row.kind != "all":
            _cards(painter, ground, take, shown[0], y)
        elif row.kind != "all" and all(is_stepped(ground.session.puppet, name) for name in row.channels):
            _labels(painter, ground, take, row.channels[0], y)
        elif row.kind != "all":
            _segments(painter, keys, places, y)
            _around(painter, ground, take, keys, y)
        radius = KEY_MARK if row.kind != "channel" else 4.0
        for first_x, last_x in _runs(places):
            if last_x > first_x:
                marks.strip(painter, QRectF(first_x - radius, y - radius, last_x - first_x + 2 * radius, 2 * radius))
            else:
                marks.key_mark(painter, QPointF(first_x, y), radius, lit=False)
        own = set(row.channels) if timeline.selected else set()
        for frame in {frame for name, frame in timeline.selected if name in own}:
            marks.key_mark(painter, QPointF(ground.x_of(frame), y), radius, lit=True)
    if timeline.unkept and any(name in timeline.unkept for name in row.channels):
        marks.key_mark(painter, QPointF(ground.x_of(timeline.frame), y), KEY_MARK, lit=False, unkept=True)


def _cards(painter: Inked, ground: TimelineLayout, take: Take, name: str, y: float) -> None:
    """Which variant shows, as its thumbnail from each key to the next: it is held until then."""
    session = ground.session
    one = session.puppet.sets.get(owner_of(name))
    track = take.tracks.get(name, ())
    if one is None:
        return
    for i, key in enumerate(track):
        start = ground.x_of(key.frame)
        end = ground.x_of(track[i + 1].frame if i + 1 < len(track) else take.last)
        variant = next((v for v in one.variants if v.number == (round(key.value) or one.rest)), one.variants[0])
        box = QRectF(start, y - 9, max(end - start, 2), 18)
        painter.setPen(marks.pen(painter.theme.line, 1))
        painter.setBrush(painter.theme.panel)
        painter.drawRect(box)
        picture = variant_picture(session.workspace.theme, session.file.pictures, session.puppet, variant, CARD)
        if picture is not None and box.width() > CARD + 6:
            painter.drawPixmap(QPointF(start + 6, y - CARD / 2), picture)
        if box.width() > 2 * CARD + 30:
            painter.setPen(painter.theme.quiet)
            painter.setFont(look.font(8.5))
            room = box.adjusted(CARD + 10, 0, -2, 0)
            short = painter.fontMetrics().elidedText(variant.name, Qt.TextElideMode.ElideRight, int(room.width()))
            painter.drawText(room, Qt.AlignmentFlag.AlignVCenter, short)


def _labels(painter: Inked, ground: TimelineLayout, take: Take, name: str, y: float) -> None:
    """What a value that is held means, in words from each key to the next."""
    puppet, track = ground.session.puppet, take.tracks.get(name, ())
    painter.setFont(look.font(8.5))
    for i, key in enumerate(track):
        start = ground.x_of(key.frame)
        end = ground.x_of(track[i + 1].frame if i + 1 < len(track) else take.last)
        box = QRectF(start, y - 9, max(end - start, 2), 18)
        painter.setPen(marks.pen(painter.theme.line, 1))
        painter.setBrush(painter.theme.panel)
        painter.drawRect(box)
        painter.setPen(painter.theme.quiet)
        room = box.adjusted(8, 0, -2, 0)
        words = held_words(puppet, name, key.value)
        short = painter.fontMetrics().elidedText(words, Qt.TextElideMode.ElideRight, int(room.width()))
        painter.drawText(room, Qt.AlignmentFlag.AlignVCenter, short)


def _runs(places: Floats) -> list[tuple[float, float]]:
    """Where keys begin and end that stand so close that they would hide each other; the others alone."""
    gaps = np.flatnonzero(np.diff(places) >= CLOSE)
    starts, ends = np.concatenate([[0], gaps + 1]), np.concatenate([gaps, [len(places) - 1]])
    return list(zip(places[starts].tolist(), places[ends].tolist(), strict=True))


def _segments(painter: Inked, keys: list[tuple[float, Key]], places: Floats, y: float) -> None:
    """Threads between keys; where keys stand so close that none can be seen, one line is enough for all of them."""
    painter.setPen(marks.pen(painter.theme.teal, 1.8))
    painter.setBrush(Qt.BrushStyle.NoBrush)
    wide = np.flatnonzero(np.diff(places) >= 2 * KEY_MARK).tolist()
    close = 0
    for at in wide:
        if at > close:
            painter.drawLine(QPointF(places[close], y), QPointF(places[at], y))
        painter.drawPath(segment(keys[at][1], QPointF(places[at], y), QPointF(places[at + 1], y)))
        close = at + 1
    if close < len(places) - 1:
        painter.drawLine(QPointF(places[close], y), QPointF(places[-1], y))


def _around(painter: Inked, ground: TimelineLayout, take: Take, keys: list[tuple[float, Key]], y: float) -> None:
    """In a loop the thread goes on from the last key to the fold, and comes in from the other one."""
    if not take.loop or len(keys) < 2:
        return
    painter.setPen(marks.pen(painter.theme.teal, 1.4, Qt.PenStyle.DotLine))
    for end, key in ((float(take.first), keys[0]), (float(take.last), keys[-1])):
        if abs(key[0] - end) > 1e-6:
            painter.drawLine(QPointF(ground.x_of(end), y), QPointF(ground.x_of(key[0]), y))


def _playhead(painter: Inked, ground: TimelineLayout, seen: QRectF) -> None:
    frame = ground.session.timeline.frame
    x = ground.x_of(frame)
    if x < NAMES:
        return
    painter.setPen(marks.pen(painter.theme.selected, 2.0))
    painter.drawLine(QPointF(x, 14), QPointF(x, max(seen.bottom() - ground.top, 14)))
    marks.glow(painter, QPointF(x, 12), 13)
    painter.setPen(marks.pen(painter.theme.ink, 1.4))
    painter.setBrush(painter.theme.selected)
    painter.drawEllipse(QPointF(x, 12), 6, 8)
    painter.setFont(look.font(9.5))
    painter.setPen(painter.theme.ink)
    painter.drawText(QPointF(x + 9, 16), f"{frame:g}")

"""What a press on the timeline begins, and what a drag of it does.

In the ruler: with Shift the span in which a pass is recorded (a click takes it away); else the playhead, the folds where the take begins and ends, the jaws of what is selected. On rows: a key is selected and
dragged (Ctrl copies it, Alt takes everything later along), a thread is eased, the bare timeline is boxed. In a curve: keys go across and up
and down (Shift: only one of them), hold on to the values of their neighbours and to 0 unless Alt is held; tangents bend it, with Alt on
one side only.
"""

from collections.abc import Callable

from PySide6.QtCore import QPointF, QRectF, Qt

from umbrite.desk.commands.takes import changes, sound_commands
from umbrite.desk.commands.takes.changes import Change
from umbrite.desk.panels.timeline.sound_row import grasped
from umbrite.desk.panels.timeline.timeline_layout import CLAMP, NAMES, RULER, Tangent, TimelineLayout
from umbrite.desk.panels.timeline.timeline_rows import Row, keys_in
from umbrite.desk.session.session import Session, attempt
from umbrite.rig.channels import shown_unit
from umbrite.rig.takes.take import Key, Spot

Keys = Qt.KeyboardModifier
MOST_EASE, HOLDS, FROM = 0.5, 6.0, 3.0
Drag = Callable[[QPointF, Keys], Change | None]


class TimelinePresses:
    """See the module. `box` is the box that is being drawn; `at` where it was pressed."""

    def __init__(self, session: Session, ground: TimelineLayout) -> None:
        self.session, self.ground = session, ground
        self.box: QRectF | None = None
        self._boxing = False
        self._drag: Drag | None = None
        self._change: Change | None = None
        self._at = QPointF()
        self._deselect: frozenset[Spot] = frozenset()

    @property
    def down(self) -> bool:
        return self._drag is not None or self._boxing

    @property
    def dragging(self) -> bool:
        """Whether a drag has changed something that is not settled."""
        return self._change is not None

    def press(self, at: QPointF, modifiers: Keys) -> None:
        """The left button goes down, right of the names."""
        self.forget()
        self._at = at
        if at.y() - self.ground.top < RULER:
            self._drag = self._spanning(at) if modifiers & Keys.ShiftModifier else self._on_ruler(at)
            return
        if (of_sound := grasped(self.ground, at)) is not None:
            self._drag = self._sounding(of_sound)
            return
        tangent, point = self.ground.tangent_at(at), self.ground.key_at(at)
        found, between = self.ground.key_mark_at(at), self.ground.segment_at(at)
        if tangent is not None:
            self._drag = self._bending(tangent)
        elif point is not None:
            number, name, key = point
            self._pick(frozenset({(name, key.frame)}), modifiers)
            self._drag = self._raising(number, name, key)
        elif (layer := self.ground.layer_at(at)) is not None:
            self.session.timeline.open_layer(layer)
            self._drag = self._sliding()
        elif found is not None:
            row, frame = found
            self._pick(self.ground.spots(row, frame), modifiers)
            self._drag = self._moving(frame, modifiers)
        elif between is not None:
            row, key = between
            self._drag = self._easing(self.ground.spots(row, key.frame), key)
        else:
            self._boxing = True

    def move(self, at: QPointF, modifiers: Keys) -> None:
        """The pointer goes on with the button down."""
        if self._boxing:
            self.box = QRectF(self._at, at).normalized()
        elif self._drag is not None:
            drag = self._drag
            attempt(self.session, lambda: self._show(drag(at, modifiers)))

    def _show(self, change: Change | None) -> None:
        self._change = change
        if change is not None:
            changes.preview(self.session, change)

    def release(self, at: QPointF, modifiers: Keys) -> None:
        """The button goes up: what was dragged becomes a step."""
        if self._change is not None or self._boxing:
            self.move(at, modifiers)
        change, box, boxing, deselect = self._change, self.box, self._boxing, self._deselect
        self.forget()
        if boxing:
            self._selection_box(box, keep=bool(modifiers & Keys.ShiftModifier))
        elif change is not None and (at - self._at).manhattanLength() > FROM:
            attempt(self.session, lambda: changes.settle(self.session, change))
        elif change is not None:
            self.session.spring_back()
        elif deselect:
            self.session.timeline.select(self.session.timeline.selected - deselect)

    def cancel(self) -> None:
        """Put back what a drag did."""
        self.forget()
        self.session.spring_back()

    def forget(self) -> None:
        """Nothing is pressed any more."""
        self._drag = self._change = self.box = self.ground.held = None
        self.ground.fixed = {}
        self._boxing, self._deselect = False, frozenset()

    # The ruler

    def _on_ruler(self, at: QPointF) -> Drag:
        ground, take = self.ground, self.ground.take
        y = at.y() - ground.top
        span = ground.selected_span()
        if span is not None and y > RULER - CLAMP - 1:
            for frame, other in (span, span[::-1]):
                if abs(ground.x_of(frame) - at.x()) <= 7:
                    return self._stretching(frame, other)
        first, last = ground.ends()
        if take is not None and y > RULER - CLAMP - 14:
            for end, frame in (("first", first), ("last", last)):
                if abs(ground.x_of(frame) - at.x()) < 9:
                    ground.held = ground.span()
                    return lambda to, _: changes.with_end(end, round(ground.frame_at(to.x())))
        self._to_playhead(at)
        return self._playhead

    def _playhead(self, at: QPointF, _: Keys) -> None:
        self._to_playhead(at)

    def _to_playhead(self, at: QPointF) -> None:
        self.session.timeline.go_to(self.ground.snapped(self.ground.frame_at(at.x())))

    def _spanning(self, at: QPointF) -> Drag:
        start, timeline = float(round(self.ground.frame_at(at.x()))), self.session.timeline
        timeline.set_span(None)

        def drag(to: QPointF, _: Keys) -> None:
            end = float(round(self.ground.frame_at(to.x())))
            timeline.set_span((min(start, end), max(start, end)) if abs(end - start) >= 1 else None)

        return drag

    def _sounding(self, what: str) -> Drag:
        """The sound, moved by whole frames, or trimmed at an end."""
        ground = self.ground

        def drag(at: QPointF, _: Keys) -> Change | None:
            if what != "sound":
                return sound_commands.trimmed(what, ground.frame_at(at.x()))
            by = float(round((at.x() - self._at.x()) / ground.scale()))
            return sound_commands.slid(by) if by or self._change else None

        return drag

    def _stretching(self, frame: float, about: float) -> Drag:
        spots = self.session.timeline.selected
        length = frame - about

        def drag(at: QPointF, _: Keys) -> Change:
            to = round(self.ground.frame_at(at.x())) - about
            least = 1.0 if length > 0 else -1.0  # they stay in their order, and apart
            to = max(to, least) if length > 0 else min(to, least)
            return changes.stretched(spots, about, to / length)

        return drag

    # Rows

    def _pick(self, spots: frozenset[Spot], modifiers: Keys) -> None:
        timeline = self.session.timeline
        if modifiers & Keys.ShiftModifier and spots <= timeline.selected:
            self._deselect = spots  # unless they are dragged now
        elif modifiers & Keys.ShiftModifier:
            timeline.select(timeline.selected | spots)
        elif not spots <= timeline.selected:
            timeline.select(spots)

    def _moving(self, frame: float, modifiers: Keys) -> Drag:
        spots, take = self.session.timeline.selected, self.ground.take
        if modifiers & Keys.AltModifier and take is not None:
            least = min((f for _, f in spots), default=frame)
            spots = frozenset((c, k.frame) for c, track in take.tracks.items() for k in track if k.frame >= least)
        copy = bool(modifiers & Keys.ControlModifier)

        def drag(at: QPointF, _: Keys) -> Change | None:
            by = self.ground.snapped(frame + (at.x() - self._at.x()) / self.ground.scale()) - round(frame)
            return changes.moved(spots, by, copy=copy) if spots and (by or self._change) else None

        return drag

    def _sliding(self) -> Drag:
        """The open layer, earlier or later as a whole."""

        def drag(at: QPointF, _: Keys) -> Change | None:
            by = round((at.x() - self._at.x()) / self.ground.scale())
            return changes.slid(by) if by or self._change else None

        return drag

    def _easing(self, spots: frozenset[Spot], key: Key) -> Drag:
        """Sideways eases more at the one end and less at the other; up and down more or less at both."""
        out, into = (key.out, key.into) if key.interpolation == "eased" else (0.25, 0.25)

        def drag(at: QPointF, _: Keys) -> Change:
            across, up = (at.x() - self._at.x()) / 160, (self._at.y() - at.y()) / 100
            shares = (min(max(share, 0.0), MOST_EASE) for share in (out + across + up, into - across + up))
            return changes.eased(spots, *shares)

        return drag

    def _selection_box(self, box: QRectF | None, *, keep: bool) -> None:
        ground, take = self.ground, self.ground.take
        found: set[Spot] = set(self.session.timeline.selected) if keep else set()
        if box is not None and take is not None:
            for number in ground.rows_between(box.top(), box.bottom()):
                row = ground.rows[number]
                if row.kind == "curve":
                    found |= {
                        (name, key.frame)
                        for name in row.channels
                        for key in take.tracks.get(name, ())
                        if box.contains(ground.place_of(number, name, key))
                    }
                elif row.kind != "all":
                    found |= self._in_box(box, number, row)
        self.session.timeline.select(found)

    def _in_box(self, box: QRectF, number: int, row: Row) -> set[Spot]:
        take, y = self.ground.take, self.ground.box_of(number).center().y()
        found: set[Spot] = set()
        for frame, _ in keys_in(take, row) if take is not None else ():
            if box.contains(QPointF(self.ground.x_of(frame), y)):
                found |= self.ground.spots(row, frame)
        return found

    # Curves

    def _raising(self, number: int, name: str, key: Key) -> Drag:
        ground, spots = self.ground, self.session.timeline.selected
        row = ground.rows[number]
        ground.fixed = {row.key: ground.range_of(row)}  # the axis stands still meanwhile
        start, unit = key.value * shown_unit(name), ground.per_pixel(number)
        held = self._values_beside(row, spots)

        def drag(at: QPointF, modifiers: Keys) -> Change | None:
            across, up = at.x() - self._at.x(), (self._at.y() - at.y()) * unit
            if modifiers & Keys.ShiftModifier:
                across, up = (across, 0.0) if abs(across) > abs(at.y() - self._at.y()) else (0.0, up)
            if up and not modifiers & Keys.AltModifier:
                up = _held(start + up, held, HOLDS * unit) - start
            more = {channel: up / shown_unit(channel) for channel, _ in spots}
            return changes.raised(spots, float(round(across / ground.scale())), more) if spots else None

        return drag

    def _values_beside(self, row: Row, moving: frozenset[Spot]) -> list[float]:
        """The values that a dragged key holds on to: 0, and those of keys that stay."""
        take = self.ground.take
        tracks = take.tracks if take is not None else {}
        return [0.0] + [
            key.value * shown_unit(name)
            for name in row.channels
            for key in tracks.get(name, ())
            if (name, key.frame) not in moving
        ]

    def _bending(self, tangent: Tangent) -> Drag:
        ground, puppet = self.ground, self.session.puppet
        number = ground.row_at(tangent.at.y()) or 0
        row, take = ground.rows[number], ground.take
        ground.fixed = {row.key: ground.range_of(row)}
        key = next(k for k in (take.tracks[tangent.channel] if take else ()) if k.frame == tangent.frame)
        middle = ground.place_of(number, tangent.channel, key)

        def drag(at: QPointF, modifiers: Keys) -> Change:
            across = max((at.x() - middle.x()) * tangent.way, 4.0) / ground.scale()
            up = (middle.y() - at.y()) * tangent.way * ground.per_pixel(number)
            slope = up / across / shown_unit(tangent.channel)
            ways = (tangent.way,) if modifiers & Keys.AltModifier else (-1, 1)
            return changes.bent(puppet, (tangent.channel, tangent.frame), slope, ways)

        return drag

    def on_something(self, at: QPointF) -> bool:
        """Whether a press would take hold of something other than the playhead or a box."""
        if at.y() - self.ground.top < RULER or at.x() < NAMES:
            return False
        if grasped(self.ground, at) is not None:
            return True
        ways = (
            self.ground.tangent_at,
            self.ground.key_at,
            self.ground.key_mark_at,
            self.ground.segment_at,
            self.ground.layer_at,
        )
        return any(way(at) is not None for way in ways)


def _held(value: float, at: list[float], reach: float) -> float:
    best = min(at, key=lambda each: abs(each - value))
    return best if abs(best - value) <= reach else value

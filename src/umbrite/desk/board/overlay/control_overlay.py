"""Controls over the art: where they are, how plainly they show, their labels, and the proposed ones."""

import cmath
import math

from PySide6.QtCore import QPointF, QRectF, Qt

from umbrite.desk.board import handles
from umbrite.desk.board.camera import Camera
from umbrite.desk.board.control_places import (
    bead_at,
    cells,
    is_small,
    is_valued,
    notches,
    point_of,
    proposed_controls,
    seen_places,
    shown_size,
)
from umbrite.desk.board.overlay.control_shapes import Held, colour_of, paint_control, paint_master_points
from umbrite.desk.board.overlay.kept_controls import (
    MORE,
    Bed,
    Row,
    card_of,
    kept_row,
    paint_bed,
    paint_more,
    painted_row,
)
from umbrite.desk.board.overlay.sight import Sight
from umbrite.desk.board.seen import controls_seen
from umbrite.desk.session.session import Session
from umbrite.desk.theme import look, marks
from umbrite.desk.theme.inked import Inked
from umbrite.desk.theme.language import tr
from umbrite.motion.posing import turned_with
from umbrite.rig.control_kinds import traits
from umbrite.rig.model import Control

# Widget pixels from the pointer within which controls are plain, and beyond which faint.
NEAR_POINTER, FAR_POINTER = 160.0, 420.0


FAINT, GHOST = 0.34, 0.28
GRASPED = {"turn": "Turn {name}", "ring": "Turn {name}", "scale": "Scale {name}"}  # what the handles of a control do
SLOT_LABEL = 22.0  # widget pixels below a slot
MARK = 9.0  # so wide is a control that makes room
LEADER = 5.0  # widget pixels from which on a line leads to where a control stands
NEAR_RING = 22.0  # widget pixels outside a ring within which it is seen
FAN, DROP = 5.0, 3.0  # degrees from card to card; pixels by which outer ones hang lower


def paint(painter: Inked, sight: Sight) -> None:
    """All controls, the largest first, and the label of the one under the pointer."""
    session, camera, feedback, hover, pointer, within, *_ = sight
    places = seen_places(session, camera)
    opened = session.workspace.opened if session.workspace.station.posed else ""
    order = sorted(controls_seen(session).items(), key=lambda item: (item[0] == opened, -item[1].size))
    for key, control in order:
        at = places[key]
        lit = key in feedback.lit or key in session.selection.keys
        hot = hover is not None and hover.key == key
        strength = _strength(session, control, at, pointer, plain=lit or hot)
        if strength > 0:
            size = shown_size(control, camera)
            if not (lit or hot or traits(control).whole) and is_small(
                session, camera
            ):  # a mark, until the pointer is near
                size = MARK + max(size - MARK, 0.0) * _nearness(at, pointer)
            painter.setOpacity(strength)
            _one(painter, sight, key, at, Held(size, 0.0, lit, hot, strength))
            painter.setOpacity(1.0)
    _proposed(painter, sight)
    told = hover is not None and hover.key in session.puppet.controls and hover.key != opened
    if hover is not None and told and not feedback.readout:
        name = session.puppet.controls[hover.key].name
        words = {kind: tr(text, name=name) for kind, text in GRASPED.items()}
        marks.label(painter, pointer, words.get(hover.kind, name), within)


def _strength(session: Session, control: Control, at: QPointF, pointer: QPointF, *, plain: bool) -> float:
    """How plainly a control shows: in Rehearse it fades in near the pointer; where it is built it is always seen."""
    if plain:
        return 1.0
    if not session.workspace.station.posed:
        return 0.45 if control.shown in {"ghosted", "never"} else 1.0
    if control.shown == "never" or control.locked:
        return 0.0
    share = _nearness(at, pointer)
    if control.shown == "near":
        return share
    return GHOST if control.shown == "ghosted" else FAINT + (1 - FAINT) * share


def _nearness(at: QPointF, pointer: QPointF) -> float:
    """1 near the pointer, 0 far from it."""
    off = pointer - at
    return min(1.0, max(0.0, (FAR_POINTER - math.hypot(off.x(), off.y())) / (FAR_POINTER - NEAR_POINTER)))


def _one(painter: Inked, sight: Sight, key: str, at: QPointF, held: Held) -> None:
    session, camera = sight.session, sight.camera
    control = session.puppet.controls[key]
    _leader(painter, camera.point(session.placed.control_at(control)), at, held.strength)
    if is_valued(control):
        _valued(painter, session, camera, key, lit=held.lit or held.hot)
    else:
        turn = _turn_of(session, control) if traits(control).whole else 0.0
        paint_control(painter, control, at, held._replace(turn=turn))
        if session.workspace.station.posed:
            _turning_ring(painter, sight, key, at)
        if traits(control).whole and session.workspace.station.posed:
            horn, bead = handles.master_points(session, key, camera)
            paint_master_points(painter, camera.point(horn), camera.point(bead), held.strength)
    painter.setOpacity(held.strength)
    if control.label:
        low = SLOT_LABEL if traits(control).beside and not traits(control).two_values else held.size * 0.5 + 12
        marks.small_label(painter, at + QPointF(0, low), control.label)
    if control.locked:
        _padlock(painter, at + QPointF(held.size * 0.42, -held.size * 0.42))


def _turn_of(session: Session, control: Control) -> float:
    axis = complex(session.placed.joint_map(control.moves).direction(1 + 0j))
    return cmath.phase(axis) if abs(axis) > 0 else 0.0


def _leader(painter: Inked, stands: QPointF, shown: QPointF, strength: float) -> None:
    """From a control that was pulled aside to where it stands."""
    way = stands - shown
    if math.hypot(way.x(), way.y()) < LEADER:
        return
    painter.setOpacity(strength)
    for colour, width in ((painter.theme.paper, 3.4), (painter.theme.ink, 1.2)):
        painter.setPen(marks.pen(colour, width))
        painter.drawLine(shown, stands)
    painter.setBrush(painter.theme.ink)
    painter.drawEllipse(stands, 2.2, 2.2)


def _turning_ring(painter: Inked, sight: Sight, key: str, at: QPointF) -> None:
    """The thin ring that turns what a grip moves: it is there when the pointer comes near, and plain under it."""
    control = sight.session.puppet.controls[key]
    radius = handles.ring_radius(control, sight.camera)
    off = sight.pointer - at
    hot = sight.hover is not None and sight.hover.key == key and sight.hover.kind == "ring"
    moved = sight.dragging and key in sight.feedback.lit
    if not hot and (moved or math.hypot(off.x(), off.y()) > radius + NEAR_RING):
        return
    if turned_with(sight.session.placed, control) is None:
        return
    painter.setOpacity(1.0 if hot else 0.75)
    painter.setBrush(Qt.BrushStyle.NoBrush)
    for colour, width in (
        (painter.theme.paper, 4.6 if hot else 3.4),
        (painter.theme.selected if hot else painter.theme.ink, 2.6 if hot else 1.1),
    ):
        painter.setPen(marks.pen(colour, width))
        painter.drawEllipse(at, radius, radius)
    painter.setOpacity(1.0)


def _valued(painter: Inked, session: Session, camera: Camera, key: str, *, lit: bool) -> None:
    """A slot with a bead, a tile with a bead, or a strip of thumbnails."""
    control = session.puppet.controls[key]
    colour = colour_of(painter.theme, control)
    if traits(control).chooses:
        _cells(painter, session, camera, key, lit=lit)
        return
    at = camera.point(session.placed.control_at(control))
    half = shown_size(control, camera) / 2
    two, ratio = traits(control).two_values, painter.device().devicePixelRatioF()
    places = [point_of(session, camera, key, notch) - at for notch in notches(session, key)]
    marked = tuple((round(place.x(), 1), round(place.y(), 1)) for place in places)
    paint_bed(painter, Bed(painter.theme.name, half, two, control.side, ratio, lit, marked), at)
    bead = bead_at(session, camera, key)
    painter.setPen(marks.pen(painter.theme.ink, 1.8))
    painter.setBrush(colour.lighter(150 if lit else 130))
    painter.drawEllipse(bead, 7.5, 7.5)


def _cells(painter: Inked, session: Session, camera: Camera, key: str, *, lit: bool) -> None:
    puppet = session.puppet
    one = puppet.sets.get(puppet.controls[key].chooses)
    if one is None:
        return
    chosen = one.variants.index(session.placed.chosen(puppet.controls[key].chooses))
    boxes = cells(session, camera, key)
    opened = session.workspace.opened == key and session.workspace.station.posed
    places = [i for i, box in enumerate(boxes) if not box.isEmpty() and i < len(one.variants)]
    first, pictures = boxes[places[0]], session.file.pictures
    row = Row(
        tuple(one.variants[i] for i in places), chosen - places[0], first.width(), places[0] > 0,
        places[-1] < len(one.variants) - 1, lit, painter.device().devicePixelRatioF(),
    )  # fmt: skip
    if not opened:
        paint_row = painted_row if pictures.arriving else kept_row
        picture = paint_row(painter.theme, pictures, puppet, row)
        painter.drawPixmap(QPointF(round(first.left() - MORE), round(first.top())), picture)
        return
    middle = (places[0] + places[-1]) / 2
    for i in places:
        box = boxes[i]
        painter.save()  # a hand of cards: each turned a little further about its lower edge
        painter.translate(box.center().x(), box.bottom())
        painter.rotate((i - middle) * FAN)
        painter.translate(-box.center().x(), -box.bottom() + abs(i - middle) * DROP)
        painter.drawPixmap(box.topLeft(), card_of(painter.theme, pictures, puppet, row, i - places[0]))
        _card_name(painter, box, f"{i + 1} {one.variants[i].name}")
        painter.restore()
    paint_more(painter, first.united(boxes[places[-1]]), before=row.before, after=row.after)


def _card_name(painter: Inked, box: QRectF, words: str) -> None:
    painter.setFont(look.font(8.5))
    room = QRectF(box.left() - 4, box.bottom() + 1, box.width() + 8, 14)
    short = painter.fontMetrics().elidedText(words, Qt.TextElideMode.ElideRight, int(room.width()))
    painter.setPen(Qt.PenStyle.NoPen)
    painter.setBrush(look.with_alpha(painter.theme.paper, 225))
    painter.drawRoundedRect(room, 3, 3)
    painter.setPen(painter.theme.ink)
    painter.drawText(room, Qt.AlignmentFlag.AlignCenter, short)


def _padlock(painter: Inked, at: QPointF) -> None:
    painter.setPen(marks.pen(painter.theme.ink, 1.6))
    painter.setBrush(Qt.BrushStyle.NoBrush)
    painter.drawArc(QRectF(at.x() - 4, at.y() - 8, 8, 10), 0, 180 * 16)
    painter.setBrush(painter.theme.brass_pale)
    painter.drawRoundedRect(QRectF(at.x() - 6, at.y() - 3, 12, 9), 2, 2)


def _proposed(painter: Inked, sight: Sight) -> None:
    """Proposed controls: dashed shapes; those that are left out are faint and crossed."""
    session, camera, _, hover, pointer, within, *_ = sight
    for proposed_control in proposed_controls(session):
        control = proposed_control.proposed.control
        at = camera.point(proposed_control.at)
        hot = hover is not None and hover.kind == "proposed" and hover.key == str(proposed_control.number)
        strength = 0.25 if proposed_control.left_out else 0.72
        paint_control(painter, control, at, Held(shown_size(control, camera), 0.0, hot, hot, strength))
        painter.setPen(marks.pen(painter.theme.ink, 1.6, Qt.PenStyle.DashLine))
        painter.setBrush(look.with_alpha(painter.theme.paper, 215))
        painter.drawEllipse(at, 10, 10)
        painter.setPen(marks.pen(painter.theme.ink, 2.2))
        if proposed_control.left_out:
            painter.drawLine(at + QPointF(-4, -4), at + QPointF(4, 4))
            painter.drawLine(at + QPointF(-4, 4), at + QPointF(4, -4))
        else:
            painter.drawPolyline([at + QPointF(-5, 0), at + QPointF(-1.5, 4), at + QPointF(5, -4)])
        if hot:
            kind = traits(control).word
            words = (
                "{name}: {kind}, click to include" if proposed_control.left_out else "{name}: {kind}, click to exclude"
            )
            marks.label(painter, pointer, tr(words, name=control.name, kind=tr(kind)), within)

"""Where controls lie on the screen: sizes, beads of sliders and pads, cells of choosers; and values from places."""

from collections.abc import Iterator, Mapping
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QPointF, QRectF

from umbrite.desk.board.camera import Camera
from umbrite.desk.board.seen import controls_seen, joints_seen
from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import CONTROLS
from umbrite.rig.channels import CONTROL_CHANNELS
from umbrite.rig.control_kinds import span_of, traits
from umbrite.rig.edits.control_proposals import Proposed, propose_controls
from umbrite.rig.edits.responses.stops import response_of
from umbrite.rig.model import Control, Point
from umbrite.rig.remembered import remembered_by

SNAP = 6.0  # widget pixels from a notch within which a bead comes to lie on it
LEAST_SIZE = 24.0  # widget pixels


# Between controls, and how far they are pulled from where they stand, in widget pixels.
GAP, FARTHEST, ROUNDS = 4.0, 44.0, 24
CELL = 30.0  # at least so wide is a chooser's cell
MOST_CELLS = 9  # of a chooser; the wheel and the keys go on to the others
SMALL = 450.0  # a puppet shown less high and wide than this is small: its controls make room
CARD = 62.0  # and so wide a card, while it spreads them like a hand of cards


def shown_size(control: Control, camera: Camera) -> float:
    """A control's width in widget pixels; never smaller than what a finger finds."""
    size = control.size * camera.grasp if control.on_screen else control.size * camera.zoom
    return max(size, LEAST_SIZE * camera.grasp)


def is_small(session: Session, camera: Camera) -> bool:
    """Whether the puppet is posed so small on the screen that controls would cover it."""
    puppet = session.puppet
    return session.workspace.station.posed and max(puppet.width, puppet.height) * camera.zoom < SMALL


def with_controls(session: Session, camera: Camera, box: QRectF) -> QRectF:
    """A box of the board, widened so that it holds all controls as they are shown by this camera."""
    for control in controls_seen(session).values():  # some have their size on the screen
        at = session.placed.control_at(control)
        half = shown_size(control, camera) / 2 / camera.zoom
        box = box.united(QRectF(at.real - half, at.imag - half * 0.6, 2 * half, 1.2 * half))
    return box


def _placed_and_camera(session: Session, camera: Camera) -> tuple[object, ...]:
    return session.placed, camera


@remembered_by(_placed_and_camera)
def seen_places(session: Session, camera: Camera) -> Mapping[str, QPointF]:
    """Where controls are shown, in widget pixels: where they stand, pulled apart where they would lie on each other.

    Masters, sliders, pads and choosers stay where they stand.
    """
    controls, seen, placed = session.puppet.controls, controls_seen(session), session.placed
    places = {key: camera.point(placed.control_at(control)) for key, control in controls.items()}
    free = [key for key, control in seen.items() if not (traits(control).whole or is_valued(control))]
    if len(free) < 2:
        return places
    at = np.array([complex(places[key].x(), places[key].y()) for key in free])
    half = np.array([shown_size(controls[key], camera) / 2 for key in free])
    shown = _apart(at, half[:, None] + half[None, :] + GAP)
    return places | {key: QPointF(z.real, z.imag) for key, z in zip(free, shown.tolist(), strict=True)}


def _apart(at: NDArray[np.complex128], room: NDArray[np.float64]) -> NDArray[np.complex128]:
    """Points pushed apart until each pair has its room, or they have gone as far as they may; where they coincide, side by side."""
    shown = at.copy()
    count = len(at)
    # Points on one spot leave it in directions of their own, the same each time.
    ways = np.exp(2j * np.pi * np.arange(count) / count)
    for _ in range(ROUNDS):
        off = shown[None, :] - shown[:, None]
        away = np.abs(off)
        close = (away < room) & ~np.eye(count, dtype=bool)
        if not close.any():
            break
        along = np.where(away > 1e-6, off / np.maximum(away, 1e-9), ways[None, :] - ways[:, None])
        push = np.where(close, (room - away) / 2, 0.0)
        shown = shown - (push * along).sum(axis=1) * 0.7
        gone = shown - at
        shown = at + gone * np.minimum(1.0, FARTHEST / np.maximum(np.abs(gone), 1e-9))
    return shown


def _share(low: float, high: float, value: float) -> float:
    return min(max((value - low) / (high - low), 0.0), 1.0) if high > low else 0.5


def bead_at(session: Session, camera: Camera, key: str) -> QPointF:
    """The widget point of a slider's or pad's bead."""
    control = session.puppet.controls[key]
    value = session.placed.control_value
    return point_of(
        session, camera, key, Point(value(key), value(key, "value_y") if traits(control).two_values else 0.0)
    )


def values_at(session: Session, camera: Camera, key: str, at: complex, *, snaps: bool = True) -> dict[str, float]:
    """The channel values with which a bead lies nearest to a board point, on a notch where one is near; pads count upwards."""
    control = session.puppet.controls[key]
    least, most = span_of(control)
    half = shown_size(control, camera) / 2
    off = camera.point(at) - camera.point(session.placed.control_at(control))
    found = {f"{key}.value": least.x + (most.x - least.x) * _share(-half, half, off.x())}
    if traits(control).two_values:
        found[f"{key}.value_y"] = least.y + (most.y - least.y) * _share(-half, half, -off.y())
    place = QPointF(*(found.get(f"{key}.{what}", 0.0) for what in CONTROL_CHANNELS))
    on_slot = point_of(session, camera, key, Point(place.x(), place.y()))
    for notch in notches(session, key) if snaps else ():
        away = point_of(session, camera, key, notch) - on_slot
        if abs(complex(away.x(), away.y())) <= SNAP:
            return {
                name: value for name, value in ((f"{key}.value", notch.x), (f"{key}.value_y", notch.y)) if name in found
            }
    return found


def notches(session: Session, key: str) -> list[Point]:
    """The values of a slider or pad at which poses are kept, and the neutral one; none where it calls nothing forth."""
    response = response_of(session.puppet, f"{key}.value")
    if response is None:
        return []
    return [Point(0.0, 0.0), *(stop.at for stop in session.puppet.responses[response].stops)]


def point_of(session: Session, camera: Camera, key: str, at: Point) -> QPointF:
    """The widget point at which a slider's or pad's bead lies at a value."""
    control = session.puppet.controls[key]
    middle = camera.point(session.placed.control_at(control))
    least, most = span_of(control)
    half = shown_size(control, camera) / 2
    across = _share(least.x, most.x, at.x) * 2 - 1
    up = _share(least.y, most.y, at.y) * 2 - 1 if traits(control).two_values else 0.0
    return middle + QPointF(across * half, -up * half)


def cells(session: Session, camera: Camera, key: str) -> list[QRectF]:
    """The widget boxes of the variants that a chooser names, side by side; of many, or where the puppet is small, only those about
    the one that shows, the rest empty.
    """
    control = session.puppet.controls[key]
    one = session.puppet.sets.get(control.chooses)
    there = max(len(one.variants) if one is not None else 0, 1)
    count, first = min(there, MOST_CELLS), 0
    spread = session.workspace.opened == key and session.workspace.station.posed
    if not spread and is_small(session, camera):
        count = 1
    if one is not None and there > count:
        place = one.variants.index(session.placed.chosen(control.chooses))
        first = min(max(place - count // 2, 0), there - count)
    wide = max(shown_size(control, camera) / count, CELL) if count > 1 else CELL
    middle = camera.point(session.placed.control_at(control))
    left = middle.x() - wide * count / 2
    if spread:
        grown = max(wide, CARD)
        if control.offset.x < 0:  # away from what it chooses, so that this can be seen
            left -= (grown - wide) * count
        wide = grown
    boxes = [QRectF(left + i * wide, middle.y() - wide / 2, wide, wide) for i in range(count)]
    return [*[QRectF()] * first, *boxes, *[QRectF()] * (there - first - count)]


def shape_box(session: Session, camera: Camera, key: str) -> QRectF:
    """The widget box in which a slider, pad or chooser can be pressed."""
    control = session.puppet.controls[key]
    if traits(control).chooses:
        boxes = [box for box in cells(session, camera, key) if not box.isEmpty()]
        return boxes[0].united(boxes[-1])
    half = shown_size(control, camera) / 2 + 9
    middle = camera.point(session.placed.control_at(control))
    tall = half if traits(control).two_values else 12.0
    return QRectF(middle.x() - half, middle.y() - tall, 2 * half, 2 * tall)


def is_valued(control: Control) -> bool:
    return bool(traits(control).beside)


class ProposedControl(NamedTuple):
    """A proposed control where it would stand, and whether it is left out."""

    number: int
    proposed: Proposed
    at: complex
    left_out: bool


def proposed_controls(session: Session) -> Iterator[ProposedControl]:
    """The proposed controls while they are looked at, in Controls; those of branches that do not show are made along with them."""
    if session.workspace.station is not CONTROLS or session.drafts.now.left_out is None:
        return
    there = joints_seen(session)
    for i, proposed in enumerate(propose_controls(session.puppet)):
        control = proposed.control
        if control.moves not in there:
            continue
        pivot = session.puppet.joints[control.moves].pivot.z
        at = complex(session.placed.joint_map(control.moves)(pivot + control.offset.z))
        yield ProposedControl(i, proposed, at, control.name in session.drafts.now.left_out)

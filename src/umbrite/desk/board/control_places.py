"""Where controls lie on the screen: sizes, beads of sliders and pads, cells of choosers; and values from places."""

from collections.abc import Iterator
from typing import NamedTuple

from PySide6.QtCore import QPointF, QRectF

from umbrite.desk.board.camera import Camera
from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import CONTROLS
from umbrite.rig.control_kinds import span_of, traits
from umbrite.rig.edits.control_proposals import Proposed, propose_controls
from umbrite.rig.model import Control

LEAST_SIZE = 24.0  # widget pixels


CELL = 30.0  # at least so wide is a chooser's cell


def shown_size(control: Control, camera: Camera) -> float:
    """A control's width in widget pixels; never smaller than what a finger finds."""
    return max(control.size if control.on_screen else control.size * camera.zoom, LEAST_SIZE)


def _share(low: float, high: float, value: float) -> float:
    return min(max((value - low) / (high - low), 0.0), 1.0) if high > low else 0.5


def bead_at(session: Session, camera: Camera, key: str) -> QPointF:
    """The widget point of a slider's or pad's bead."""
    control = session.puppet.controls[key]
    middle = camera.point(session.placed.control_at(control))
    least, most = span_of(control)
    half = shown_size(control, camera) / 2
    across = _share(least.x, most.x, session.placed.control_value(key)) * 2 - 1
    if not traits(control).two_values:
        return middle + QPointF(across * half, 0)
    up = _share(least.y, most.y, session.placed.control_value(key, "value_y")) * 2 - 1
    return middle + QPointF(across * half, -up * half)


def values_at(session: Session, camera: Camera, key: str, at: complex) -> dict[str, float]:
    """The channel values with which a bead lies nearest to a board point; pads count upwards."""
    control = session.puppet.controls[key]
    least, most = span_of(control)
    half = shown_size(control, camera) / 2
    off = camera.point(at) - camera.point(session.placed.control_at(control))
    found = {f"{key}.value": least.x + (most.x - least.x) * _share(-half, half, off.x())}
    if traits(control).two_values:
        found[f"{key}.value_y"] = least.y + (most.y - least.y) * _share(-half, half, -off.y())
    return found


def cells(session: Session, camera: Camera, key: str) -> list[QRectF]:
    """The widget boxes of a chooser's choices, side by side."""
    control = session.puppet.controls[key]
    count = max(len(control.choices), 1)
    wide = max(shown_size(control, camera) / count, CELL)
    middle = camera.point(session.placed.control_at(control))
    left = middle.x() - wide * count / 2
    return [QRectF(left + i * wide, middle.y() - wide / 2, wide, wide) for i in range(count)]


def shape_box(session: Session, camera: Camera, key: str) -> QRectF:
    """The widget box in which a slider, pad or chooser can be pressed."""
    control = session.puppet.controls[key]
    if traits(control).chooses:
        boxes = cells(session, camera, key)
        return boxes[0].united(boxes[-1])
    half = shown_size(control, camera) / 2 + 9
    middle = camera.point(session.placed.control_at(control))
    tall = half if traits(control).two_values else 12.0
    return QRectF(middle.x() - half, middle.y() - tall, 2 * half, 2 * tall)


def is_valued(control: Control) -> bool:
    return bool(traits(control).values)


class Pencil(NamedTuple):
    """A proposed control where it would stand, and whether it is left out."""

    number: int
    proposed: Proposed
    at: complex
    left_out: bool


def pencils(session: Session) -> Iterator[Pencil]:
    """The proposed controls while they are looked at, in Controls."""
    if session.stage.station is not CONTROLS or session.drafts.now.left_out is None:
        return
    for i, proposed in enumerate(propose_controls(session.puppet)):
        control = proposed.control
        pivot = session.puppet.joints[control.moves].pivot.z
        at = complex(session.placed.joint_map(control.moves)(pivot + control.offset.z))
        yield Pencil(i, proposed, at, control.name in session.drafts.now.left_out)

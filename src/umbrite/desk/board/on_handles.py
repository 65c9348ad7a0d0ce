"""What wheel and number keys do to what lies under the pointer: limits, choosers, parts of which one shows."""

from PySide6.QtCore import QPointF

from umbrite.desk.board.camera import Camera
from umbrite.desk.board.handles import Handle
from umbrite.desk.board.picking import parts_at
from umbrite.desk.commands import limit_commands
from umbrite.desk.commands.sets import variant_commands
from umbrite.desk.session.session import Session
from umbrite.rig.edits.variants.sets import set_of
from umbrite.rig.family import ancestors


def wheel(session: Session, hover: Handle | None, steps: float, *, shift: bool) -> bool:
    """Turn a limit's end, or go on in a chooser's variants; whether the wheel was meant for that."""
    if hover is None or not steps:
        return False
    if hover.kind == "limit":
        limit_commands.wheel(session, hover.key, hover.detail, steps * (5 if shift else 1))
        return True
    if (key := chooser_at(session, hover)) and session.workspace.station.posed:
        variant_commands.step_set(session, key, -1 if steps > 0 else 1)
        return True
    return False


def chooser_at(session: Session, hover: Handle | None) -> str:
    """The set that the chooser under the pointer names; an empty text where there is none."""
    control = session.puppet.controls.get(hover.key) if hover is not None else None
    return control.chooses if control is not None else ""


def set_under(session: Session, camera: Camera, hover: Handle | None, pointer: QPointF) -> str:
    """The set of the chooser, or else of the part, that lies under the pointer, or of the branch in which that lies."""
    if key := chooser_at(session, hover):
        return key
    puppet, at = session.puppet, camera.board(complex(pointer.x(), pointer.y()))
    for part in parts_at(session, at, 0.0)[:1]:
        joint = puppet.parts[part].joint
        for member in (part, joint, *ancestors(puppet, joint)):
            if (found := set_of(puppet, member)) is not None:
                return found[0]
    return ""

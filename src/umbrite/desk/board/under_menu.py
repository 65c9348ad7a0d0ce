"""What lies under the pointer, as a menu to pick from: for whatever a click does not reach."""

from PySide6.QtGui import QIcon
from PySide6.QtWidgets import QMenu, QWidget

from umbrite.desk.board.camera import Camera
from umbrite.desk.board.handles import handles_at
from umbrite.desk.board.picking import all_parts_at, parts_at
from umbrite.desk.board.press_rules.press import REACH
from umbrite.desk.session.session import Session
from umbrite.desk.theme import look
from umbrite.desk.theme.thumbnails import thumbnail


def pick_under(session: Session, camera: Camera, z: complex) -> None:
    """Select what lies in front at a board point, unless something there is selected already; nothing where nothing lies."""
    joints = session.workspace.station.picks == "joint"
    found = [h.key for h in handles_at(session, camera, z) if h.kind in {"control", "pivot", "hook"}]
    parts = parts_at(session, z, REACH / camera.zoom)
    found += [session.puppet.parts[key].joint if joints else key for key in parts]
    if not any(key in session.selection.keys for key in found):
        session.selection.select(found[:1])


def menu_under(parent: QWidget, session: Session, camera: Camera, z: complex) -> QMenu | None:
    """Everything under a board point, front first, to select from; None where nothing lies."""
    under = all_parts_at(session, z, REACH / camera.zoom)
    controls = [h.key for h in handles_at(session, camera, z) if h.kind == "control"]
    if not under and not controls:
        return None
    menu = QMenu(parent)
    for key in controls:
        action = menu.addAction(look.icon(session.workspace.theme, "rig-controls"), session.puppet.controls[key].name)
        action.triggered.connect(lambda _checked=False, chosen=key: session.selection.select([chosen]))
    for key in under:
        part = session.puppet.parts[key]
        chosen = part.joint if session.workspace.station.picks == "joint" else key
        picture = QIcon(thumbnail(session.workspace.theme, session.file.pictures, part.drawing, 28))
        action = menu.addAction(picture, part.name)
        action.triggered.connect(lambda _checked=False, chosen=chosen: session.selection.select([chosen]))
    return menu

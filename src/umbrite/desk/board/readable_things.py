"""The board for those who hear it: what lies on it at a station, front first, with its place and state."""

from collections.abc import Hashable, Iterator

from PySide6.QtCore import QRect, QRectF

from umbrite.desk.board.camera import Camera
from umbrite.desk.board.control_places import is_valued, seen_places, shape_box, shown_size
from umbrite.desk.board.seen import controls_seen, joints_seen, limbs_seen
from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import LIMBS
from umbrite.desk.theme.language import tr
from umbrite.desk.theme.readable import Readable
from umbrite.motion.scene import around, scene_of
from umbrite.paint.painter import rect_of
from umbrite.rig.change import exists, thing
from umbrite.rig.control_kinds import traits
from umbrite.rig.family import targets
from umbrite.rig.ids import id_kind
from umbrite.rig.placement import Box

REACH = 9  # widget pixels about a point
MOST_NAMES = 3  # of what is selected that are said


def readable_things(session: Session) -> list[Readable]:
    """What lies on the board at the present station: controls where they are used, then what a click on the art selects."""
    station = session.workspace.station
    found = list(_controls(session)) if station.controls and not session.workspace.views["bare"] else []
    if station.picks == "part":
        return [*found, *_parts(session)]
    return found if station.controls else [*_joints(session), *_limbs(session)]


def place_of(session: Session, camera: Camera, key: Hashable) -> QRect:
    """The box of such a thing in widget pixels; empty where it is not there any more."""
    puppet = session.puppet
    if not isinstance(key, str) or not exists(puppet, key):
        return QRect()
    match id_kind(key):
        case "control":
            if is_valued(puppet.controls[key]):
                return shape_box(session, camera, key).toAlignedRect()
            at, half = seen_places(session, camera)[key], shown_size(puppet.controls[key], camera) / 2
            return QRectF(at.x() - half, at.y() - half, 2 * half, 2 * half).toAlignedRect()
        case "part":
            shapes = scene_of(session.placed, references=True)
            box = rect_of(around(shape for shape in shapes if shape.part == key))
            return camera.transform().mapRect(box).toAlignedRect()
        case _:
            joint = puppet.limbs[key].target if key in puppet.limbs else key
            at = camera.point(session.placed.pivot(joint))
            return QRectF(at.x() - REACH, at.y() - REACH, 2 * REACH, 2 * REACH).toAlignedRect()


def selection_words(session: Session) -> str:
    """What is selected, in a sentence."""
    keys = session.selection.keys
    names = [thing(session.puppet, key).name for key in keys[:MOST_NAMES]]
    if not names:
        return tr("Nothing selected")
    if len(keys) == 1:
        return tr("{name} selected", name=names[0])
    more = ", …" if len(keys) > MOST_NAMES else ""
    return tr("{count} selected: {names}", count=len(keys), names=", ".join(names) + more)


def _at(place: complex) -> str:
    return tr("at {x}, {y}", x=round(place.real), y=round(place.imag))


def _middle(box: Box) -> complex:
    return complex(box.left + box.right, box.top + box.bottom) / 2


def _controls(session: Session) -> Iterator[Readable]:
    placed, selected = session.placed, set(session.selection.keys)
    for key, control in controls_seen(session).items():
        kind = traits(control)
        words = [tr(kind.word).capitalize(), _at(placed.control_at(control))]
        if kind.chooses and control.chooses in session.puppet.sets:
            words.append(tr("shows {name}", name=placed.chosen(control.chooses).name))
        elif kind.values:
            numbers = ", ".join(f"{placed.control_value(key, name):.2f}" for name in kind.values)
            words.append(tr("value {number}", number=numbers))
        if control.locked:
            words.append(tr("locked"))
        yield Readable(key, control.name, ", ".join(words), key in selected)


def _parts(session: Session) -> Iterator[Readable]:
    puppet, selected = session.puppet, set(session.selection.keys)
    for shape in reversed(scene_of(session.placed, references=True)):
        part = puppet.parts[shape.part]
        words = [tr("Part on {joint}", joint=puppet.joints[part.joint].name), _at(_middle(shape.box))]
        words += [tr("locked")] if part.locked else []
        words += [tr("reference picture")] if part.reference else []
        yield Readable(shape.part, part.name, ", ".join(words), not selected.isdisjoint({shape.part, part.joint}))


def _joints(session: Session) -> Iterator[Readable]:
    puppet, hooks, selected = session.puppet, targets(session.puppet), set(session.selection.of("joint"))
    for key, joint in joints_seen(session).items():
        if key in hooks:
            continue
        words = [tr("Pivot"), _at(session.placed.pivot(key))]
        words.append(tr("parent {name}", name=puppet.joints[joint.parent].name) if joint.parent else tr("no parent"))
        words += [] if joint.pivot_set else [tr("not set")]
        words += [tr("fixed")] if joint.fixed else []
        yield Readable(key, joint.name, ", ".join(words), key in selected)


def _limbs(session: Session) -> Iterator[Readable]:
    selected = set(session.selection.keys)
    if session.workspace.station is not LIMBS:
        return
    for key, limb in limbs_seen(session).items():
        count = len(limb.joints)
        words = [tr("Limb of {count} joints", count=count), tr("target"), _at(session.placed.pivot(limb.target))]
        words += [] if limb.enabled else [tr("switched off")]
        yield Readable(key, limb.name, ", ".join(words), not selected.isdisjoint({key, limb.target}))

"""Placing parts: moved, scaled by their frame, selected in a box, trimmed."""

from collections.abc import Callable

from umbrite.desk.board.gestures.gesture import Feedback, Gesture, distance_text, finish, straightened
from umbrite.desk.board.gestures.guide_gestures import snapped_way, way_to_outlines
from umbrite.desk.board.part_frame import Frame, dragged, shown_shift
from umbrite.desk.commands.building import cut_commands
from umbrite.desk.commands.labels import count_text
from umbrite.desk.commands.parts.locks import unlocked
from umbrite.desk.commands.sharing.guest_commands import moved_parts, scaled_guests
from umbrite.desk.session.session import Session
from umbrite.desk.theme.language import tr
from umbrite.rig.edits.arranging import transform_parts
from umbrite.rig.edits.looks import trim
from umbrite.rig.edits.variants.sets import set_of
from umbrite.rig.errors import RigError
from umbrite.rig.merging.guests import guest_of
from umbrite.rig.model import Puppet


def drag_parts(session: Session, keys: list[str], press: complex) -> Gesture:
    """Move the drawings of parts at rest; Shift keeps to one axis, Ctrl snaps to other parts."""
    start, now = session.puppet, session.history.now
    keys = unlocked(start, keys)
    faint = _at_rest_of(start, keys)
    name = tr("Move {name}", name=count_text(session, keys))
    event = yield Feedback()
    while event.kind == "move":
        moved = straightened(press, event)
        # Whole pixels keep drawings as crisp as they came.
        moved = snapped_way(start, keys, complex(round(moved.real), round(moved.imag)), event.zoom)
        if event.ctrl:
            moved = way_to_outlines(start, keys, moved, event.zoom)
        session.preview(puppet=moved_parts(now, keys, moved))
        event = yield Feedback(readout=distance_text(moved), faint=faint)
    finish(session, event, name)


def _at_rest_of(puppet: Puppet, keys: list[str]) -> tuple[str, ...]:
    """What shows at rest of the sets whose drawings are dragged, to lay them on."""
    found: list[str] = []
    for key in keys:
        if (own := set_of(puppet, key)) is not None:
            one = puppet.sets[own[0]]
            found += next((v.parts for v in one.variants if v.number == one.rest and v != own[1]), ())
    return tuple(found)


def drag_frame(session: Session, frame: Frame, grasp: str, press: complex) -> Gesture:
    """Scale, skew or turn the selected parts as one thing by a handle of their frame."""
    off = shown_shift(session)  # fanned out, the frame is shown elsewhere
    start, now = session.puppet, session.history.now
    keys = unlocked(start, session.selection.of("part"))
    faint = _at_rest_of(start, keys)
    verb = "Turn" if grasp == "spin" else "Scale"
    if grasp == "spin" and any(guest_of(start, key) is not None for key in keys):
        raise RigError(
            tr("A guest is turned as one in a pose: drag the ring or the end of its own control in Rehearse.")
        )
    event = yield Feedback()
    while event.kind == "move":
        m, words = dragged(frame, grasp, press - off, event.at - off, shift=event.shift, ctrl=event.ctrl)
        verb = "Skew" if words.startswith("skew") else verb
        session.preview(puppet=scaled_guests(now, keys, m) or transform_parts(start, keys, m))
        event = yield Feedback(readout=words, faint=faint)
    finish(session, event, f"{verb} {count_text(session, keys)}")


def drag_box(session: Session, press: complex, found: Callable[[complex, complex], list[str]]) -> Gesture:
    """Select what lies in a box; with Shift in addition to what is selected."""
    before = session.selection.keys
    event = yield Feedback()
    while event.kind == "move":
        inside = found(press, event.at)
        session.selection.select([*before, *inside] if event.shift else inside)
        event = yield Feedback(box=(press, event.at))
    if event.kind == "cancel":
        session.selection.select(before)


def draw_cut(session: Session, press: complex, under: Callable[[complex], list[str]]) -> Gesture:
    """Draw the line or the loop along which a part is cut in two: the selected one where the line meets it, else the one that it meets."""
    path = [press]
    event = yield Feedback(line=tuple(path))
    while event.kind == "move":
        if abs(event.at - path[-1]) * event.zoom > 2:
            path.append(event.at)
        event = yield Feedback(line=tuple(path))
    if event.kind != "release":
        return
    met = [found for z in path if (found := under(z))]
    if not met:
        raise RigError(tr("There is no part under this line. Draw it across the part that should be two."))
    chosen = [key for key in session.selection.only("part")[:1] if any(key in found for found in met)]
    tops = [found[0] for found in met]
    key = chosen[0] if chosen else max(set(tops), key=tops.count)
    off = complex(session.placed.joint_map(session.puppet.parts[key].joint).t)
    cut_commands.cut(session, key, [z - off for z in path])


def draw_trim(session: Session, key: str, press: complex) -> Gesture:
    """Draw a loop around what of a part should go; Ctrl brings back what lies in it."""
    start, off = session.puppet, complex(session.placed.joint_map(session.puppet.parts[key].joint).t)
    loop = [press]
    cut = True
    event = yield Feedback(loop=tuple(loop))
    while event.kind == "move":
        cut = not event.ctrl
        if abs(event.at - loop[-1]) * event.zoom > 2:
            loop.append(event.at)
        event = yield Feedback(tr("cut away") if cut else tr("restore"), loop=tuple(loop))
    if event.kind == "release":
        puppet = trim(start, key, [z - off for z in loop], cut=cut)
        session.edit(tr("Trim {name}" if cut else "Restore some of {name}", name=start.parts[key].name), puppet=puppet)

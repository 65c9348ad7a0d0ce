"""Gestures of the stations that build the rig: placing parts, pivots, cords, limbs, limits, and controls."""

import math
from collections.abc import Callable, Iterable

from umbrite.desk.bending import ghosts, joined, marks
from umbrite.desk.gestures.base import Feedback, Gesture, Ghost, distance_text, finish, straightened
from umbrite.desk.gestures.guides import snapped_point, snapped_way
from umbrite.desk.part_frame import Frame, dragged, shown_shift
from umbrite.desk.session import Session
from umbrite.motion.matching import switch_follows
from umbrite.motion.posing import angle_between
from umbrite.rig.affine import inverse
from umbrite.rig.angles import angle_text
from umbrite.rig.change import change, thing
from umbrite.rig.edits.arranging import transform_parts
from umbrite.rig.edits.limbs import make_limb
from umbrite.rig.edits.limits import mended, set_limit
from umbrite.rig.edits.looks import trim
from umbrite.rig.edits.parenting import set_parent
from umbrite.rig.edits.parts import nudge_parts
from umbrite.rig.edits.pivots import move_limb_tip, move_pivot
from umbrite.rig.family import parts_on, path
from umbrite.rig.limb_shape import limb_tip
from umbrite.rig.model import Limit, point

# The joint under a board point, for gestures that end on one.
JointAt = Callable[[complex], str | None]
PIVOT_SNAP = 10.0  # widget pixels
LIMIT_STEP = math.radians(5)


def count_text(session: Session, keys: Iterable[str]) -> str:
    """'Near hand', or '3 parts' for several."""
    names = [thing(session.puppet, key).name for key in keys]
    return names[0] if len(names) == 1 else f"{len(names)} parts"


def drag_parts(session: Session, keys: list[str], press: complex) -> Gesture:
    """Move the drawings of parts at rest; Shift keeps to one axis."""
    start = session.puppet
    name = f"Move {count_text(session, keys)}"
    event = yield Feedback()
    while event.kind == "move":
        way = straightened(press, event)
        # Whole pixels keep drawings as crisp as they came.
        way = snapped_way(start, keys, complex(round(way.real), round(way.imag)), event.zoom)
        session.preview(puppet=nudge_parts(start, keys, way))
        event = yield Feedback(readout=distance_text(way))
    finish(session, event, name)


def drag_frame(session: Session, frame: Frame, grasp: str, press: complex) -> Gesture:
    """Scale, skew or turn the selected parts as one thing by a handle of their frame."""
    off = shown_shift(session)  # fanned out, the frame is shown elsewhere
    start, keys = session.puppet, session.selected("p")
    verb = "Turn" if grasp == "spin" else "Scale"
    event = yield Feedback()
    while event.kind == "move":
        m, words = dragged(frame, grasp, press - off, event.at - off, shift=event.shift, ctrl=event.ctrl)
        verb = "Skew" if words.startswith("skew") else verb
        session.preview(puppet=transform_parts(start, keys, m))
        event = yield Feedback(readout=words)
    finish(session, event, f"{verb} {count_text(session, keys)}")


def drag_box(session: Session, press: complex, found: Callable[[complex, complex], list[str]]) -> Gesture:
    """Select what lies in a box; with Shift in addition to what is selected."""
    before = session.selection
    event = yield Feedback()
    while event.kind == "move":
        inside = found(press, event.at)
        session.select([*before, *inside] if event.shift else inside)
        event = yield Feedback(box=(press, event.at))
    if event.kind == "cancel":
        session.select(before)


def draw_trim(session: Session, key: str, press: complex) -> Gesture:
    """Draw a loop around what of a part shall go; Ctrl brings back what lies in it."""
    start, off = session.puppet, complex(session.placed.joint_map(session.puppet.parts[key].joint).t)
    loop = [press]
    cut = True
    event = yield Feedback(loop=tuple(loop))
    while event.kind == "move":
        cut = not event.ctrl
        if abs(event.at - loop[-1]) * event.zoom > 2:
            loop.append(event.at)
        event = yield Feedback("cut away" if cut else "bring back", loop=tuple(loop))
    if event.kind == "release":
        puppet = trim(start, key, [z - off for z in loop], cut=cut)
        session.edit(f"{'Trim' if cut else 'Bring back of'} {start.parts[key].name}", puppet=puppet)


def drag_pivot(session: Session, key: str, press: complex) -> Gesture:
    """Move a pivot; the art stays, and ghosts show how the joint would bend. Shift keeps to one axis, Ctrl snaps."""
    start, placed = session.puppet, session.placed
    joint = start.joints[key]
    shown = placed.pivot(key)
    rest_from_board = inverse(placed.joint_map(key))
    others = {k: placed.pivot(k) for k in start.joints if k != key}
    bend = joined(session, key)
    event = yield Feedback(lit=(key,))
    while event.kind == "move":
        at = shown + straightened(press, event)
        if event.ctrl and others:
            near = min(others, key=lambda k: abs(others[k] - at))
            at = others[near] if abs(others[near] - at) * event.zoom < PIVOT_SNAP * 2 else at
        to = snapped_point(start, complex(rest_from_board(at)), event.zoom)
        to = complex(round(to.real, 3), round(to.imag, 3))  # no tails of rounding in the file
        session.preview(puppet=move_pivot(start, key, to))
        event = yield Feedback(
            f"x {to.real:.1f}, y {to.imag:.1f}", lit=(key,), ghosts=ghosts(bend, to), marks=marks(bend, to)
        )
    finish(session, event, f"Move pivot of {joint.name}")


def slide_art(session: Session, key: str, press: complex) -> Gesture:
    """Slide the drawings of a joint under its pivot, which stays."""
    start = session.puppet
    parts = parts_on(start, key)
    pivot = start.joints[key].pivot.z
    fixed = start if start.joints[key].pivot_set else move_pivot(start, key, pivot)
    event = yield Feedback(lit=(key,))
    while event.kind == "move":
        way = straightened(press, event)
        way = complex(round(way.real), round(way.imag))
        session.preview(puppet=nudge_parts(fixed, parts, way))
        bend = joined(session, key)
        event = yield Feedback(
            distance_text(way), lit=(key,), ghosts=ghosts(bend, pivot), marks=marks(bend, pivot)
        )
    finish(session, event, f"Slide {start.joints[key].name} under its pivot")


def sway(session: Session, key: str, press: complex) -> Gesture:
    """Try a pivot: turn a joint, or squash it with Shift; it springs back, and its swept ghost stays for comparing."""
    pivot = session.placed.pivot(key)
    turned, last, least, most = 0.0, press, 0.0, 0.0
    event = yield Feedback(lit=(key,))
    while event.kind == "move":
        if event.shift:
            factor = max(0.2, min(2.5, abs(event.at - pivot) / max(abs(press - pivot), 1.0)))
            session.preview(trial={f"{key}.scale_y": factor - 1, f"{key}.scale_x": 1 / factor - 1})
            event = yield Feedback(f"squashed to {factor * 100:.0f} %", lit=(key,))
            continue
        turned += angle_between(pivot, last, event.at)
        last = event.at
        least, most = min(least, turned), max(most, turned)
        session.preview(trial=trial_of(session, key, turned))
        event = yield Feedback(angle_text(turned), lit=(key,), ghosts=(Ghost(key, pivot, -turned),))
    session.spring_back()
    session.swept = tuple(Ghost(key, pivot, turn) for turn in (least, most) if abs(turn) > 0.02)
    session.say(f"{session.puppet.joints[key].name} sprang back; nothing was changed.")


def draw_cord(session: Session, keys: list[str], joint_at: JointAt) -> Gesture:
    """Hang joints from the joint where the cord is let go; on the bare board nothing happens."""
    start = session.puppet
    origin = session.placed.pivot(keys[0])
    name = count_text(session, keys) if len(keys) == 1 else f"{len(keys)} joints"
    event = yield Feedback(cord=(origin, origin), lit=tuple(keys))
    while event.kind == "move":
        found = joint_at(event.at)
        over = found if found not in keys else None
        text = f"{name} to {start.joints[over].name}" if over else f"{name} to ..."
        event = yield Feedback(text, (origin, event.at), (*keys, over) if over else tuple(keys))
    over = joint_at(event.at)
    if event.kind == "cancel" or over in keys:
        return
    if over is None:
        session.say("Nothing was hung: let the cord go on a rivet or on a part that shall carry it.")
        return
    puppet = set_parent(start, keys, over)
    session.edit(f"Hang {name} from {start.joints[over].name}", puppet=puppet)
    session.say(f"{name} hangs from {start.joints[over].name} now. Nothing has moved.")


def draw_limb(session: Session, first: str, joint_at: JointAt) -> Gesture:
    """Make a limb from one joint to another, in any order; the joints between light up meanwhile."""
    puppet = session.puppet
    origin = session.placed.pivot(first)
    event = yield Feedback(cord=(origin, origin), lit=(first,))
    while event.kind == "move":
        over = joint_at(event.at)
        chain = _chain(session, first, over)
        names = [puppet.joints[key].name for key in chain]
        text = f"{names[0]} to {names[-1]}" if len(names) > 1 else "Drag on to the end of the limb"
        event = yield Feedback(text, (origin, event.at), tuple(chain))
    over = joint_at(event.at)
    if event.kind == "cancel":
        return
    if over is None:
        session.say("No limb was made: let go on the joint where the limb ends, such as a wrist or an ankle.")
        return
    puppet, key = make_limb(puppet, first, over)
    limb = puppet.limbs[key]
    session.edit(f"Make limb {limb.name}", puppet=puppet)
    session.select([key])
    follows = puppet.joints[limb.target].parent
    where = f"follows {puppet.joints[follows].name}" if follows else "stays on the board"
    session.say(f"{limb.name} is a limb now; its target {where}. Look at its bend side in Details.")


def drag_limb_tip(session: Session, key: str, press: complex) -> Gesture:
    """Put the point with which a limb reaches, and its target, elsewhere; the art stays. A limb that ends at a joint moves its pivot."""
    start = session.puppet
    tip = limb_tip(start, start.limbs[key])
    event = yield Feedback(lit=(key,))
    while event.kind == "move":
        to = snapped_point(start, tip + straightened(press, event), event.zoom)
        session.preview(puppet=move_limb_tip(start, key, to))
        event = yield Feedback(readout=f"x {to.real:.1f}, y {to.imag:.1f}", lit=(key,))
    finish(session, event, f"Move tip of {start.limbs[key].name}")


def draw_follows(session: Session, key: str, joint_at: JointAt) -> Gesture:
    """Draw a cord from a target's hook to what the target shall follow; on the bare board it stays on the board."""
    limb = session.puppet.limbs[key]
    origin = session.placed.pivot(limb.target)
    event = yield Feedback(cord=(origin, origin), lit=(key,))
    while event.kind == "move":
        over = joint_at(event.at)
        name = session.puppet.joints[over].name if over is not None else "the board"
        event = yield Feedback(f"{limb.name} follows {name}", (origin, event.at), (over,) if over else ())
    if event.kind == "cancel":
        return
    over = joint_at(event.at)
    now = session.history.now
    puppet, pose = switch_follows(now.puppet, now.pose, key, over)
    name = puppet.joints[over].name if over is not None else "the board"
    session.edit(f"Target follows {name}", puppet=puppet, pose=pose)
    session.select([key])
    session.say(f"The target of {limb.name} follows {name} now. Nothing has moved, also in the pose.")


def _chain(session: Session, first: str, over: str | None) -> list[str]:
    if over is None or over == first:
        return [first]
    try:
        return path(session.puppet, first, over)
    except ValueError:
        return [first]


def limit_direction(session: Session, key: str) -> complex:
    """The direction at rest, from its pivot, in which a joint's fan shows zero: along its bone or its art."""
    puppet = session.puppet
    joint = puppet.joints[key]
    ahead = _ahead(session, key)
    way = ahead - joint.pivot.z
    return way / abs(way) if abs(way) > 1e-6 else 1j


def _ahead(session: Session, key: str) -> complex:
    puppet = session.puppet
    joint = puppet.joints[key]
    if joint.tip is not None:
        return joint.tip.z
    for limb in puppet.limbs.values():
        chain = [*limb.joints, *([limb.end] if limb.end else [])]
        if key in chain[:-1]:
            return puppet.joints[chain[chain.index(key) + 1]].pivot.z
    maps = session.placed.plan
    middles = [
        maps.part_map.a[i] * size + maps.part_map.b[i] * size.conjugate() + maps.part_map.t[i]
        for i, part in enumerate(maps.parts)
        if puppet.parts[part].joint == key
        for size in [complex(puppet.parts[part].drawing.width / 2, puppet.parts[part].drawing.height / 2)]
    ]
    children = [j.pivot.z for j in puppet.joints.values() if j.parent == key]
    found = [z for z in [*children, *middles] if abs(z - joint.pivot.z) > 8]
    return complex(found[0]) if found else joint.pivot.z + 1j


def trial_of(session: Session, key: str, turn: float) -> dict[str, float]:
    """A pose that shows one joint turned, with its limb following its joints meanwhile."""
    trial = {f"{key}.turn": turn}
    for limb_key, limb in session.puppet.limbs.items():
        if key in limb.joints:
            trial[f"{limb_key}.blend"] = 1.0
    return trial


def drag_limit(session: Session, key: str, end: str) -> Gesture:
    """Drag the "smallest" or "largest" end of a fan; the part shows itself at that limit meanwhile.

    Shift steps by 5 degrees, Ctrl sets both ends alike.
    """
    start = session.puppet
    joint = start.joints[key]
    pivot = session.placed.pivot(key)
    carrier = session.placed.carrier_map(key)
    zero = pivot + carrier.direction(limit_direction(session, key))
    before = joint.limit or Limit(-math.pi / 4, math.pi / 4)
    note = ""
    event = yield Feedback(limit_end=(key, end))
    while event.kind == "move":
        angle = angle_between(pivot, zero, event.at)
        if abs(carrier.b) > abs(carrier.a):
            angle = -angle
        if event.shift:
            angle = round(angle / LIMIT_STEP) * LIMIT_STEP
        angle = _on_its_side(angle, end, before)
        both = {"smallest": before.smallest, "largest": before.largest, end: angle}
        if event.ctrl:
            both = {"smallest": -abs(angle), "largest": abs(angle)}
        limit, note = mended(**both)
        puppet = set_limit(start, key, limit.smallest, limit.largest)
        shown = limit.smallest if end == "smallest" else limit.largest
        session.preview(puppet=puppet, trial=trial_of(session, key, shown))
        event = yield Feedback(f"{joint.name} {angle_text(shown)}", limit_end=(key, end))
    finish(session, event, f"Limit {joint.name}")
    if note and event.kind == "release":
        session.say(note)


def _on_its_side(angle: float, end: str, before: Limit) -> float:
    """Past half a turn an end stays at half a turn instead of jumping round; rest stays inside."""
    old = before.smallest if end == "smallest" else before.largest
    if end == "smallest" and angle > 0:
        return -math.pi if old < -math.pi / 2 and angle > math.pi / 2 else 0.0
    if end == "largest" and angle < 0:
        return math.pi if old > math.pi / 2 and angle < -math.pi / 2 else 0.0
    return angle


def drag_control_place(session: Session, key: str, press: complex) -> Gesture:
    """Put a control elsewhere beside what it moves; what it moves stays."""
    start = session.puppet
    control = start.controls[key]
    event = yield Feedback(lit=(key,))
    while event.kind == "move":
        way = straightened(press, event)
        session.preview(puppet=change(start, key, offset=point(control.offset.z + way)))
        event = yield Feedback(readout=distance_text(control.offset.z + way), lit=(key,))
    finish(session, event, f"Place control {control.name}")

"""Pivots and cords: dragged, tried by swaying, and hung from what should carry them."""

from functools import partial

from umbrite.desk.board.gestures.bend_preview import ghosts, joined, marks
from umbrite.desk.board.gestures.gesture import Feedback, Gesture, JointAt, distance_text, finish, straightened
from umbrite.desk.board.gestures.guide_gestures import snapped_point
from umbrite.desk.commands.labels import count_text
from umbrite.desk.commands.stillness import rewire
from umbrite.desk.session.drafts import Ghost
from umbrite.desk.session.session import Session
from umbrite.desk.theme.language import tr
from umbrite.motion.posing import angle_between, trial_of
from umbrite.rig.affine import inverse
from umbrite.rig.edits.parenting import set_parent
from umbrite.rig.edits.parts import nudge_parts
from umbrite.rig.edits.pivots import move_pivot
from umbrite.rig.family import parts_on
from umbrite.rig.quantities.angles import angle_text

PIVOT_SNAP = 10.0  # widget pixels


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
        words = f"x {to.real:.1f}, y {to.imag:.1f}"
        event = yield Feedback(words, lit=(key,), ghosts=ghosts(bend, to), marks_in_pause=partial(marks, bend, to))
    finish(session, event, tr("Move pivot of {name}", name=joint.name))


def slide_art(session: Session, key: str, press: complex) -> Gesture:
    """Slide the drawings of a joint under its pivot, which stays."""
    start = session.puppet
    parts = parts_on(start, key)
    pivot = start.joints[key].pivot.z
    fixed = start if start.joints[key].pivot_set else move_pivot(start, key, pivot)
    bend = joined(session, key)
    event = yield Feedback(lit=(key,))
    while event.kind == "move":
        moved = straightened(press, event)
        moved = complex(round(moved.real), round(moved.imag))
        session.preview(puppet=nudge_parts(fixed, parts, moved))
        event = yield Feedback(
            distance_text(moved), lit=(key,), ghosts=ghosts(bend, pivot),
            marks_in_pause=lambda: marks(joined(session, key), pivot),
        )  # fmt: skip
    finish(session, event, tr("Slide {name} under its pivot", name=start.joints[key].name))


def sway(session: Session, key: str, press: complex) -> Gesture:
    """Try a pivot: turn a joint, or squash it with Shift; it springs back, and its swept ghost stays for comparing."""
    pivot = session.placed.pivot(key)
    turned, last, least, most = 0.0, press, 0.0, 0.0
    event = yield Feedback(lit=(key,))
    while event.kind == "move":
        if event.shift:
            factor = max(0.2, min(2.5, abs(event.at - pivot) / max(abs(press - pivot), 1.0)))
            session.preview(trial={f"{key}.scale_y": factor - 1, f"{key}.scale_x": 1 / factor - 1})
            event = yield Feedback(tr("squashed to {percent} %", percent=f"{factor * 100:.0f}"), lit=(key,))
            continue
        turned += angle_between(pivot, last, event.at)
        last = event.at
        least, most = min(least, turned), max(most, turned)
        session.preview(trial=trial_of(session.puppet, key, turned))
        event = yield Feedback(angle_text(turned), lit=(key,), ghosts=(Ghost(key, pivot, -turned),))
    session.spring_back()
    session.drafts.put(
        session.drafts.now._replace(swept=tuple(Ghost(key, pivot, turn) for turn in (least, most) if abs(turn) > 0.02))
    )
    session.say(tr("{name} was not changed.", name=session.puppet.joints[key].name))


def draw_cord(session: Session, keys: list[str], joint_at: JointAt) -> Gesture:
    """Hang joints from the joint where the cord is let go; on the bare board nothing happens."""
    start = session.puppet
    origin = session.placed.pivot(keys[0])
    name = count_text(session, keys) if len(keys) == 1 else tr("{count} joints", count=len(keys))
    event = yield Feedback(cord=(origin, origin), lit=tuple(keys))
    while event.kind == "move":
        found = joint_at(event.at)
        over = found if found not in keys else None
        text = tr("{name} to {other}", name=name, other=start.joints[over].name if over else "...")
        event = yield Feedback(text, (origin, event.at), (*keys, over) if over else tuple(keys))
    over = joint_at(event.at)
    if event.kind == "cancel" or over in keys:
        return
    if over is None:
        session.say(tr("Nothing was parented. Drop it on a rivet or on a part."))
        return
    step = tr("Parent {name} to {name2}", name=name, name2=start.joints[over].name)
    moved = rewire(session, step, set_parent(start, keys, over)) or tr("Nothing has moved.")
    session.say(
        tr("{name2} is the parent of {name} now. {moved}", name=name, name2=start.joints[over].name, moved=moved)
    )

"""Gestures for bones: drawing them, drawing a line for many, dragging heads, tips and whole bones, binding by hand or loop."""

import cmath
from collections.abc import Callable

from umbrite.desk.board.gestures.gesture import Feedback, Gesture, distance_text, finish
from umbrite.desk.commands import bone_commands
from umbrite.desk.session.session import Session
from umbrite.desk.theme.language import tr
from umbrite.rig.edits.bones import SHORTEST, move_bone, move_head, move_tip
from umbrite.rig.quantities.angles import angle_text

SNAP = 10.0  # widget pixels


JointAt = Callable[[complex], str | None]


def starting_at(session: Session, at: complex, zoom: float) -> tuple[complex, str | None]:
    """Where a new bone begins and what carries it: a tip or rivet nearby, the chain's tip, or a free place."""
    puppet = session.puppet
    near: list[tuple[float, complex, str]] = []
    for key, joint in puppet.joints.items():
        for rank, point in ((0.0, joint.tip), (0.5, joint.pivot)):
            if point is not None and abs(point.z - at) * zoom <= SNAP:
                near.append((abs(point.z - at) * zoom + rank, point.z, key))
    if near:
        _, place, key = min(near)
        return place, key
    chain = session.drafts.now.bones.chain
    tip = puppet.joints[chain].tip if chain is not None and chain in puppet.joints else None
    return (tip.z, chain) if tip is not None else (at, None)


def draw_bone(session: Session, press: complex, zoom: float) -> Gesture:
    """A bone from a tip, a rivet or a free place to where it is let go; Shift keeps to steps of 15 degrees."""
    start, parent = starting_at(session, press, zoom)
    event = yield Feedback(bone=(start, press))
    to = press
    while event.kind == "move":
        to = event.at
        if event.shift and abs(to - start) > 0:
            step = cmath.pi / 12
            to = start + cmath.rect(abs(to - start), round(cmath.phase(to - start) / step) * step)
        words = f"{abs(to - start):.0f} px, {angle_text(cmath.phase(to - start) if to != start else 0.0, 0)}"
        event = yield Feedback(readout=words, bone=(start, to))
    if event.kind == "release" and abs(to - start) >= SHORTEST:
        bone_commands.add(session, start, to, parent)


def draw_line(session: Session, press: complex, zoom: float) -> Gesture:
    """A freehand line along which bones are laid."""
    start, parent = starting_at(session, press, zoom)
    line = [start]
    event = yield Feedback(line=tuple(line))
    while event.kind == "move":
        if abs(event.at - line[-1]) * zoom > 3:
            line.append(event.at)
        event = yield Feedback(readout=tr("Release where the chain ends"), line=tuple(line))
    if event.kind == "release":
        bone_commands.along(session, line, parent)


def drag_bone(session: Session, key: str, grasp: str, press: complex) -> Gesture:
    """Move a bone's head, its tip or the whole; what it carries goes along, with Shift it stays."""
    start = session.puppet
    joint = start.joints[key]
    event = yield Feedback(lit=(key,))
    while event.kind == "move":
        moved, along = event.at - press, not event.shift
        if grasp == "head":
            puppet = move_head(start, key, joint.pivot.z + moved, along=along)
        elif grasp == "tip" and joint.tip is not None:
            puppet = move_tip(start, key, joint.tip.z + moved, along=along)
        else:
            puppet = move_bone(start, key, moved, along=along)
        session.preview(puppet=puppet)
        event = yield Feedback(readout=distance_text(moved), lit=(key,))
    words = {"head": tr("Move head of {name}", name=joint.name), "tip": tr("Move tip of {name}", name=joint.name)}
    finish(session, event, words.get(grasp, tr("Move bone {name}", name=joint.name)))


def bind_by_cord(session: Session, parts: list[str], press: complex, joint_at: JointAt) -> Gesture:
    """Draw a cord from a part to the bone that it should ride on."""
    event = yield Feedback(cord=(press, press))
    own = {session.puppet.parts[part].joint for part in parts}
    name = session.puppet.parts[parts[0]].name if len(parts) == 1 else tr("{count} parts", count=len(parts))
    while event.kind == "move":
        found = joint_at(event.at)
        over = found if found not in own else None
        text = tr("{name} to {other}", name=name, other=session.puppet.joints[over].name if over else "...")
        event = yield Feedback(text, (press, event.at), (over,) if over else ())
    over = joint_at(event.at)
    if event.kind == "cancel" or over in own:
        return
    if over is None:
        session.say(tr("Nothing was bound. Drop it on a bone, a rivet or a part that has a parent."))
        return
    bone_commands.bind_to(session, parts, over)


def bind_by_loop(
    session: Session, bone: str, press: complex, inside: Callable[[tuple[complex, ...]], list[str]]
) -> Gesture:
    """Draw a loop around parts that the selected bone should carry."""
    loop = [press]
    event = yield Feedback(loop=tuple(loop))
    name = session.puppet.joints[bone].name
    while event.kind == "move":
        loop.append(event.at)
        count = len(inside(tuple(loop)))
        event = yield Feedback(readout=tr("{count} parts to {name}", count=count, name=name), loop=tuple(loop))
    if event.kind == "cancel":
        return
    found = inside(tuple(loop))
    if found:
        bone_commands.bind_to(session, found, bone)
    else:
        session.say(tr("No part lies fully inside the loop, so nothing was bound to {name}.", name=name))

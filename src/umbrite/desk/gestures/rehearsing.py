"""Gestures of Rehearse: controls and the art itself, dragged; only the pose changes."""

import cmath
import math

from umbrite.desk.gestures.base import Feedback, Gesture, distance_text, finish, straightened
from umbrite.desk.session import Session
from umbrite.motion.posing import (
    angle_between,
    body_of,
    limb_of,
    move_joint_to,
    scale_joint_to,
    turn_joint_by,
)
from umbrite.rig.angles import angle_text
from umbrite.rig.poses import value

SMALLEST_SCALE = 0.05


def drag_joint(session: Session, key: str, press: complex, name: str, lit: str = "") -> Gesture:
    """Move a joint (a target or a carrier) with the pointer; Shift keeps to one axis."""
    placed, pose = session.placed, session.pose
    start = placed.pivot(key)
    event = yield Feedback(lit=(lit,))
    while event.kind == "move":
        way = straightened(press, event)
        session.preview(pose=move_joint_to(placed, pose, key, start + way))
        event = yield Feedback(readout=distance_text(way), lit=(lit,))
    finish(session, event, name)


def drag_control(session: Session, key: str, press: complex) -> Gesture:
    """Move what a grip or the master moves, turn what a knob turns."""
    control = session.puppet.controls[key]
    name = f"Pose {control.name}"
    if control.kind == "knob":
        return turn_joint(session, control.moves, press, name)
    return drag_joint(session, control.moves, press, name, key)


def turn_joint(session: Session, key: str, press: complex, name: str) -> Gesture:
    """Turn a joint about its pivot, within its limit; Shift steps by 5 degrees."""
    placed, pose = session.placed, session.pose
    pivot = placed.pivot(key)
    turned, last = 0.0, press
    event = yield Feedback()
    while event.kind == "move":
        # Small steps add up, so that turning on past half a turn doesn't jump.
        turned += angle_between(pivot, last, event.at)
        last = event.at
        step = cmath.pi / 36
        angle = round(turned / step) * step if event.shift else turned
        after = turn_joint_by(placed, pose, key, angle)
        session.preview(pose=after)
        event = yield Feedback(readout=angle_text(value(after, key, "turn")))
    finish(session, event, name)


def swing_limb(session: Session, joint: str, target: str, press: complex, name: str) -> Gesture:
    """Turn a joint of a limb alone: the target goes round that joint's pivot, and the limb follows."""
    placed, pose = session.placed, session.pose
    pivot, start = placed.pivot(joint), placed.pivot(target)
    event = yield Feedback()
    while event.kind == "move":
        turned = angle_between(pivot, press, event.at)
        to = pivot + (start - pivot) * cmath.exp(1j * turned)
        session.preview(pose=move_joint_to(placed, pose, target, to))
        event = yield Feedback(readout=angle_text(session.placed.turn(joint)))
    finish(session, event, name)


def turn_about(session: Session, joint: str, pin: complex, press: complex) -> Gesture:
    """Turn a joint about a point for this once; its own pivot stays what it is. A limb's target goes round the point."""
    placed, pose = session.placed, session.pose
    found = limb_of(session.puppet, joint)
    key = found[1].target if found is not None else joint
    start = placed.pivot(key)
    turned, last = 0.0, press
    event = yield Feedback()
    while event.kind == "move":
        turned += angle_between(pin, last, event.at)
        last = event.at
        step = cmath.pi / 36
        angle = round(turned / step) * step if event.shift else turned
        after = pose
        if found is None:
            after = turn_joint_by(placed, pose, key, angle)
            # A limit that stops the turn stops the way round the pin too.
            done = abs(value(after, key, "turn") - value(pose, key, "turn"))
            angle = math.copysign(min(abs(angle), done), angle)
        session.preview(pose=move_joint_to(placed, after, key, pin + (start - pin) * cmath.exp(1j * angle)))
        event = yield Feedback(readout=angle_text(angle))
    finish(session, event, f"Turn {session.puppet.joints[joint].name} about the pin")


def scale_control(session: Session, key: str, press: complex) -> Gesture:
    """Scale what a master moves, about its pivot."""
    control = session.puppet.controls[key]
    placed, pose = session.placed, session.pose
    pivot = placed.pivot(control.moves)
    before = 1 + value(pose, control.moves, "scale_x")
    event = yield Feedback(lit=(key,))
    while event.kind == "move":
        reach = abs(press - pivot)
        factor = max(SMALLEST_SCALE, before * abs(event.at - pivot) / reach) if reach > 1e-6 else before
        session.preview(pose=scale_joint_to(pose, control.moves, factor))
        event = yield Feedback(readout=f"{factor * 100:.0f} %", lit=(key,))
    finish(session, event, f"Scale {control.name}")


def turn_control(session: Session, key: str, press: complex) -> Gesture:
    """Turn what a master moves."""
    control = session.puppet.controls[key]
    return turn_joint(session, control.moves, press, f"Turn {control.name}")


def drag_art(session: Session, part: str, press: complex, *, turn_only: bool) -> Gesture:
    """Drag the art itself: a hand its limb, a torso its carrier, a head turns. `turn_only` turns whatever it is."""
    puppet = session.puppet
    joint = puppet.parts[part].joint
    name = f"Pose {puppet.joints[joint].name}"
    found = limb_of(puppet, joint)
    if turn_only:
        if found is not None and joint in found[1].joints:
            return swing_limb(session, joint, found[1].target, press, name)
        return turn_joint(session, joint, press, name)
    if found is not None:
        return drag_joint(session, found[1].target, press, f"Pose {found[1].name}")
    if (body := body_of(puppet, joint)) is not None:
        return drag_joint(session, body, press, f"Pose {puppet.joints[body].name}")
    return turn_joint(session, joint, press, name)

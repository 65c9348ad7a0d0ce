"""Posing: controls, rings and the art are dragged and turned, in Rehearse and at the playhead; what steps is chosen by a click."""

import cmath
import math
from collections.abc import Sequence

from umbrite.desk.board.camera import Camera
from umbrite.desk.board.control_places import bead_at, cells, values_at
from umbrite.desk.board.gestures.gesture import Feedback, Gesture, distance_text, finish, ground, straightened
from umbrite.desk.commands.labels import some_names
from umbrite.desk.commands.sets import variant_commands
from umbrite.desk.session.session import Session
from umbrite.desk.theme.language import tr
from umbrite.motion.evaluate import evaluate
from umbrite.motion.posing import (
    SMALLEST,
    Squash,
    angle_between,
    body_of,
    bow_to,
    drag_joint_to,
    limb_of,
    pose_control,
    scale_joint_to,
    squashed,
    stopped_by,
    turn_joint_by,
    turn_of_step,
    turned_with,
)
from umbrite.rig.channels import CONTROL_CHANNELS, value, with_values
from umbrite.rig.control_kinds import span_of, traits
from umbrite.rig.model import Control, Pose
from umbrite.rig.quantities.angles import angle_text


def refused(session: Session, why: str) -> Gesture:
    """A drag of what can't be dragged: the reason is said, and nothing moves."""
    session.say(why)
    event = yield Feedback()
    while event.kind == "move":
        event = yield Feedback()


TURN_STEP = math.radians(5)
# So many widget pixels from a pivot the pointer turns as far as it goes round; nearer it would whirl.
LEVER = 26.0


def drag_joint(session: Session, key: str, press: complex, name: str, lit: str = "") -> Gesture:
    """Move a joint (a target or a carrier) with the pointer; Shift keeps to one axis."""
    if session.puppet.joints[key].fixed:
        yield from refused(
            session,
            tr(
                "{name} is fixed, so it can't be moved by hand. Set Moving to Free in Details.",
                name=session.puppet.joints[key].name,
            ),
        )
        return
    placed, pose = session.placed, session.pose
    start = placed.pivot(key)
    event = yield Feedback(lit=(lit,))
    while event.kind == "move":
        way = straightened(press, event)
        session.preview(pose=drag_joint_to(*ground(session, placed, pose), key, start + way))
        event = yield Feedback(readout=distance_text(way) + stops(session), lit=(lit,))
    finish(session, event, name)


def stops(session: Session) -> str:
    """Which limits keep limbs back just now, for the readout; nothing where none does."""
    names = [session.puppet.joints[key].name for key in stopped_by(session.placed)]
    return tr("  stopped by the limit of {names}", names=some_names(names)) if names else ""


def drag_controls(session: Session, keys: Sequence[str], press: complex, camera: Camera) -> Gesture:
    """Drag one control, and with it the others that are selected: each by the same way, turn, or share of its slot.

    The first of `keys` is the one under the pointer. Shift keeps grips to one axis and steps knobs and sliders.
    """
    puppet, pose = session.puppet, session.pose
    first = puppet.controls[keys[0]]
    name = tr("Pose {name}", name=first.name) + (tr(" and {count} more", count=len(keys) - 1) if len(keys) > 1 else "")
    start = session.placed
    at = {key: start.control_at(puppet.controls[key]) for key in keys}
    values = {key: [start.control_value(key, c) for c in CONTROL_CHANNELS] for key in keys}
    hold = bead_offset(session, camera, keys[0], press)
    turned, last, text = 0.0, press, ""
    event = yield Feedback(lit=tuple(keys))
    while event.kind == "move":
        way = straightened(press, event)
        pivot = start.pivot(first.moves)
        turned, last = turned + turn_of_step(pivot, last, event.at, LEVER / camera.zoom), event.at
        angle = round(turned / TURN_STEP) * TURN_STEP if event.shift else turned
        shares = _shares(session, camera, keys[0], event.at - hold, values, steps=event.shift)
        base, after = ground(session, start, pose)
        for key in _carriers_first(session, keys):
            control = puppet.controls[key]
            if traits(control).moves:
                placed = base if len(keys) == 1 else evaluate(base.plan, after)
                after = pose_control(placed, after, key, at[key] + way)
            elif traits(control).bows:
                after = bow_to(base, after, control, at[key] + way)
            elif traits(control).turns:
                after = turn_joint_by(base, after, control.moves, angle)
            else:
                after = with_values(after, _moved_values(control, key, values[key], shares))
        session.preview(pose=after)
        text = _words(first, way, after, keys[0]) + stops(session)
        event = yield Feedback(readout=text, lit=tuple(keys))
    finish(session, event, name)


def bead_offset(session: Session, camera: Camera, key: str, press: complex) -> complex:
    """From a slider's or pad's bead to the press on it, so that it does not jump; elsewhere it comes to the pointer."""
    control = session.puppet.controls[key]
    if not traits(control).beside:
        return 0j
    bead = bead_at(session, camera, key)
    off = press - camera.board(complex(bead.x(), bead.y()))
    return off if abs(off) * camera.zoom < 12 else 0j


def _shares(
    session: Session, camera: Camera, key: str, at: complex, values: dict[str, list[float]], *, steps: bool
) -> tuple[float, float]:
    """How far the dragged bead has come, as shares of its span."""
    control = session.puppet.controls[key]
    if not traits(control).beside:
        return 0.0, 0.0
    least, most = span_of(control)
    found = values_at(session, camera, key, at)
    shares = []
    for i, (channel, low, high) in enumerate(zip(CONTROL_CHANNELS, (least.x, least.y), (most.x, most.y), strict=True)):
        to = found.get(f"{key}.{channel}", values[key][i])
        if steps and high > low:
            to = low + round((to - low) / (high - low) * 10) / 10 * (high - low)
        shares.append((to - values[key][i]) / (high - low) if high > low else 0.0)
    return shares[0], shares[1]


def _moved_values(control: Control, key: str, before: list[float], shares: tuple[float, float]) -> dict[str, float]:
    least, most = span_of(control)
    moved = {}
    for channel, value_now, share, low, high in zip(
        CONTROL_CHANNELS, before, shares, (least.x, least.y), (most.x, most.y), strict=True
    ):
        if channel == "value" or traits(control).two_values:
            moved[f"{key}.{channel}"] = min(max(value_now + share * (high - low), low), high)
    return {} if traits(control).chooses else moved


def _carriers_first(session: Session, keys: Sequence[str]) -> list[str]:
    """Controls in the order in which what they move is placed, so that carried ones are put right last."""
    place = session.placed.plan.place
    return sorted(keys, key=lambda key: place[session.puppet.controls[key].moves])


def _words(control: Control, way: complex, pose: Pose, key: str) -> str:
    if traits(control).moves or traits(control).bows:
        return distance_text(way)
    if traits(control).turns:
        return angle_text(value(pose, control.moves, "turn"))
    if traits(control).chooses:
        return control.name
    numbers = [value(pose, key, "value"), *([value(pose, key, "value_y")] if traits(control).two_values else [])]
    return ", ".join(f"{number:+.2f}" for number in numbers).replace("-", "\N{MINUS SIGN}")


def choose_at(session: Session, camera: Camera, key: str, at: complex) -> None:
    """A click on a chooser's cell, or beside a slider's bead."""
    control = session.puppet.controls[key]
    place = camera.point(at)
    if traits(control).chooses:
        number = next((i for i, box in enumerate(cells(session, camera, key)) if box.contains(place)), None)
        if number is None:
            return
        variant_commands.at_place(session, control.chooses, number)
    else:
        session.edit(
            tr("Set {name}", name=control.name), pose=with_values(session.pose, values_at(session, camera, key, at))
        )


def turn_grip(session: Session, key: str, press: complex) -> Gesture:
    """Turn what a grip moves, or the hand or foot that reaches with it: a drag of the ring around it."""
    control = session.puppet.controls[key]
    joint = turned_with(session.placed, control)
    assert joint is not None, "a grip that turns nothing has no ring"
    return turn_joint(session, joint, press, tr("Turn {name}", name=control.name), key)


def turn_joint(session: Session, key: str, press: complex, name: str, lit: str = "") -> Gesture:
    """Turn a joint about its pivot, within its limit; Shift steps by 5 degrees."""
    placed, pose = session.placed, session.pose
    pivot = placed.pivot(key)
    turned, last = 0.0, press
    event = yield Feedback(lit=(lit,) if lit else ())
    while event.kind == "move":
        # Small steps add up, so that turning on past half a turn doesn't jump.
        turned += turn_of_step(pivot, last, event.at, LEVER / event.zoom)
        last = event.at
        angle = round(turned / TURN_STEP) * TURN_STEP if event.shift else turned
        after = turn_joint_by(*ground(session, placed, pose), key, angle)
        session.preview(pose=after)
        event = yield Feedback(readout=angle_text(value(after, key, "turn")), lit=(lit,) if lit else ())
    finish(session, event, name)


def swing_limb(session: Session, joint: str, target: str, press: complex, name: str) -> Gesture:
    """Turn a joint of a limb alone: the target goes round that joint's pivot, and the limb follows."""
    placed, pose = session.placed, session.pose
    pivot, start = placed.pivot(joint), placed.pivot(target)
    event = yield Feedback()
    while event.kind == "move":
        turned = angle_between(pivot, press, event.at)
        to = pivot + (start - pivot) * cmath.exp(1j * turned)
        session.preview(pose=drag_joint_to(*ground(session, placed, pose), target, to))
        event = yield Feedback(readout=angle_text(session.placed.turn(joint)))
    finish(session, event, name)


def turn_about(session: Session, joint: str, pin: complex, press: complex) -> Gesture:
    """Turn a joint about a point for this once; its own pivot stays what it is. A limb's target goes round the point."""
    if session.performing.active:
        yield from refused(session, tr("A pass can't be recorded about a pin. Use a control."))
        return
    placed, pose = session.placed, session.pose
    found = limb_of(session.puppet, joint)
    key = found[1].target if found is not None else joint
    start = placed.pivot(key)
    turned, last = 0.0, press
    event = yield Feedback()
    while event.kind == "move":
        turned += angle_between(pin, last, event.at)
        last = event.at
        angle = round(turned / TURN_STEP) * TURN_STEP if event.shift else turned
        after = pose
        if found is None:
            after = turn_joint_by(placed, pose, key, angle)
            # A limit that stops the turn stops the way round the pin too.
            done = abs(value(after, key, "turn") - value(pose, key, "turn"))
            angle = math.copysign(min(abs(angle), done), angle)
        session.preview(pose=drag_joint_to(placed, after, key, pin + (start - pin) * cmath.exp(1j * angle)))
        event = yield Feedback(readout=angle_text(angle))
    finish(session, event, tr("Turn {name} about the pin", name=session.puppet.joints[joint].name))


def scale_control(session: Session, key: str, press: complex) -> Gesture:
    """Scale what a master moves, about its pivot."""
    control = session.puppet.controls[key]
    placed, pose = session.placed, session.pose
    pivot = placed.pivot(control.moves)
    before = 1 + value(pose, control.moves, "scale_x")
    event = yield Feedback(lit=(key,))
    while event.kind == "move":
        reach = abs(press - pivot)
        factor = max(SMALLEST, before * abs(event.at - pivot) / reach) if reach > 1e-6 else before
        session.preview(pose=scale_joint_to(*ground(session, placed, pose), control.moves, factor))
        event = yield Feedback(readout=f"{factor * 100:.0f} %", lit=(key,))
    finish(session, event, tr("Scale {name}", name=control.name))


def squash(session: Session, key: str, press: complex, *, slant: bool) -> Gesture:
    """Scale what a joint carries about its pivot, so that what was pressed goes with the pointer; `slant` skews it. Shift keeps its shape."""
    placed, pose = session.placed, session.pose
    name = tr("Slant {name}" if slant else "Squash {name}", name=session.puppet.joints[key].name)
    event = yield Feedback(lit=(key,))
    while event.kind == "move":
        how: Squash = "slant" if slant else "even" if event.shift else "each"
        session.preview(pose=squashed(*ground(session, placed, pose), key, (press, event.at), how, LEVER / event.zoom))
        wide, tall, skew = (session.placed.value(key, what) for what in ("scale_x", "scale_y", "skew"))
        text = f"{skew:+.2f}" if slant else f"{100 + wide * 100:.0f} x {100 + tall * 100:.0f} %"
        event = yield Feedback(readout=text.replace("-", "\N{MINUS SIGN}"), lit=(key,))
    finish(session, event, name)


def turn_control(session: Session, key: str, press: complex) -> Gesture:
    """Turn what a master moves."""
    control = session.puppet.controls[key]
    return turn_joint(session, control.moves, press, tr("Turn {name}", name=control.name))


def drag_art(session: Session, joint: str, press: complex, *, turn_only: bool) -> Gesture:
    """Drag the art that a joint carries: a hand its limb, a torso its carrier, a head turns. `turn_only` turns whatever it is."""
    puppet = session.puppet
    name = tr("Pose {name}", name=puppet.joints[joint].name)
    found = limb_of(puppet, joint)
    if turn_only:
        if found is not None and joint in found[1].joints:
            return swing_limb(session, joint, found[1].target, press, name)
        return turn_joint(session, joint, press, name)
    if found is not None and session.placed.value(found[0], "blend") >= 1:  # its target moves nothing
        return turn_joint(session, joint, press, name)
    if found is not None:
        return drag_joint(session, found[1].target, press, tr("Pose {name}", name=found[1].name))
    if (body := body_of(puppet, joint)) is not None:
        return drag_joint(session, body, press, tr("Pose {name}", name=puppet.joints[body].name))
    return turn_joint(session, joint, press, name)

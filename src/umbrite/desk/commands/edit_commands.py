"""What is selected: more of it, fewer of it, or nudged."""

import math

from umbrite.desk.commands.labels import label_of
from umbrite.desk.commands.parts.locks import unlocked
from umbrite.desk.commands.sharing.guest_commands import moved_parts
from umbrite.desk.session.session import Session
from umbrite.desk.theme.language import tr
from umbrite.motion.posing import drag_joint_to, turn_joint_by, turned_with
from umbrite.motion.switching import next_variant, switched
from umbrite.rig.change import change
from umbrite.rig.control_kinds import span_of, traits
from umbrite.rig.edits.pivots import move_pivot
from umbrite.rig.family import branch, children, targets
from umbrite.rig.model import Pose, point


def select_everything(session: Session) -> None:
    kind = session.workspace.station.selects_all
    if kind == "part":
        session.selection.select(key for key, part in session.puppet.parts.items() if not part.locked)
    elif kind != "joint":
        session.selection.select(session.puppet.controls)
    else:
        hooks = targets(session.puppet)
        session.selection.select(key for key in session.puppet.joints if key not in hooks)


def walk_up(session: Session) -> None:
    puppet = session.puppet
    ups = [puppet.joints[key].parent for key in session.selection.of("joint")]
    session.selection.select(key for key in ups if key is not None) if any(ups) else session.say(
        tr("Nothing carries this one.")
    )


def walk_down(session: Session) -> None:
    hooks = targets(session.puppet)
    downs = [k for key in session.selection.of("joint") for k in children(session.puppet, key)[:1] if k not in hooks]
    session.selection.select(downs) if downs else session.say(tr("This one carries nothing."))


def select_branch(session: Session) -> None:
    hooks = targets(session.puppet)
    session.selection.select(
        k for key in session.selection.of("joint") for k in branch(session.puppet, key) if k not in hooks
    )


def nudge(session: Session, by: complex) -> None:
    """Arrow keys: one step of parts, pivots, controls, or of the pose, as the station is."""
    puppet, nudged = session.puppet, session.workspace.station.nudges
    if nudged == "part" and session.selection.of("part"):
        keys = unlocked(puppet, session.selection.of("part"))
        moved = moved_parts(session.history.now, keys, by)
        session.edit(tr("Nudge {keys}", keys=label_of(session, keys)), puppet=moved)
    elif nudged == "joint" and session.selection.of("joint"):
        keys = session.selection.of("joint")
        for key in keys:
            puppet = move_pivot(puppet, key, puppet.joints[key].pivot.z + by)
        session.edit(tr("Nudge pivot of {keys}", keys=label_of(session, keys)), puppet=puppet)
    elif nudged == "control":
        _nudge_controls(session, by)


def _nudge_controls(session: Session, by: complex) -> None:
    puppet, pose = session.puppet, session.pose
    keys = session.selection.only("control")
    if not keys:
        return
    name = label_of(session, keys)
    if session.workspace.station.posed:
        for key in keys:
            if traits(puppet.controls[key]).turns:
                pose = turn_joint_by(session.placed, pose, puppet.controls[key].moves, math.radians(by.real + by.imag))
            elif traits(puppet.controls[key]).beside:
                pose = _stepped(session, pose, key, by)
            else:
                moves = puppet.controls[key].moves
                pose = drag_joint_to(session.placed, pose, moves, session.placed.pivot(moves) + by)
        session.edit(tr("Nudge {name}", name=name), pose=pose)
    else:
        for key in keys:
            puppet = change(puppet, key, offset=point(puppet.controls[key].offset.z + by))
        session.edit(tr("Nudge {name}", name=name), puppet=puppet)


def _stepped(session: Session, pose: Pose, key: str, by: complex) -> Pose:
    """A slider or pad a hundredth of its way on for each pixel, upwards counting more; a chooser one variant on."""
    control = session.puppet.controls[key]
    if traits(control).chooses:
        vector = (by.real > 0) - (by.real < 0)
        number = next_variant(session.placed, control.chooses, vector) if vector else 0
        return switched(session.placed, pose, control.chooses, number)[0] if vector else pose
    least, most = span_of(control)
    share = by.real * (most.x - least.x) / 100
    found = {f"{key}.value": (session.placed.control_value(key) + share, least.x, most.x)}
    if traits(control).two_values:
        up = session.placed.control_value(key, "value_y") - by.imag * (most.y - least.y) / 100
        found[f"{key}.value_y"] = (up, least.y, most.y)
    return {**pose, **{name: min(max(now, low), high) for name, (now, low, high) in found.items()}}


def turn_by_keys(session: Session, angle: float) -> None:
    """Turn what the picked grips and knobs turn, in Rehearse."""
    puppet, pose = session.puppet, session.pose
    keys = session.selection.only("control") if session.workspace.station.posed else []
    knobs = [puppet.controls[key].moves for key in keys if traits(puppet.controls[key]).turns]
    joints = [
        *knobs,
        *(joint for key in keys if (joint := turned_with(session.placed, puppet.controls[key])) is not None),
    ]
    if joints:
        for joint in dict.fromkeys(joints):
            pose = turn_joint_by(session.placed, pose, joint, angle)
        session.edit(tr("Turn {keys}", keys=label_of(session, keys)), pose=pose)


def walk(session: Session, step: int) -> bool:
    """Pick the next thing that can be worked on the board, or the one before; whether there was one."""
    keys = _walked(session)
    chosen = [keys.index(key) for key in session.selection.keys if key in keys]
    at = chosen[-1] + step if chosen else 0 if step > 0 else len(keys) - 1
    if not 0 <= at < len(keys):
        return False
    session.selection.select([keys[at]])
    return True


def _walked(session: Session) -> list[str]:
    """What Tab walks here, in order: parts from the front, joints from the root, controls that may be touched."""
    puppet, station = session.puppet, session.workspace.station
    if station.selects_all == "part":
        return list(reversed(puppet.order))
    if station.selects_all == "joint":
        hooks = targets(puppet)
        return [key for key in puppet.joints if key not in hooks]
    if station.posed and session.workspace.views["bare"]:
        return []
    return [key for key, control in puppet.controls.items() if not (station.posed and control.locked)]

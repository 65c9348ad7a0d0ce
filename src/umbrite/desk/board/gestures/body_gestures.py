"""Dragging any point of the puppet with the whole body giving way; hold points, set by clicks, stay on the board."""

from umbrite.desk.board.gestures.gesture import Feedback, Gesture, distance_text, finish, straightened
from umbrite.desk.board.gestures.pose_gestures import refused
from umbrite.desk.session.session import Session
from umbrite.desk.theme.language import tr
from umbrite.motion.evaluate import evaluate
from umbrite.motion.whole_body import HoldPoint, begin, drag, let_go
from umbrite.rig.affine import inverse
from umbrite.rig.control_kinds import traits
from umbrite.rig.family import ancestors, is_carrier
from umbrite.rig.words.body_words import kind_of_limb

NEAR = 14.0  # widget pixels


def switch_hold(session: Session, joint: str, at: complex, zoom: float) -> None:
    """Put a hold point where the art was clicked, or take one away that is there."""
    placed = session.placed
    for hold in session.drafts.now.holds:
        if abs(complex(placed.joint_map(hold.joint)(hold.at)) - at) * zoom <= NEAR:
            session.drafts.put(
                session.drafts.now._replace(holds=tuple(other for other in session.drafts.now.holds if other != hold))
            )
            session.say(tr("The hold point was removed."))
            return
    rest = complex(inverse(placed.joint_map(joint))(at))
    session.drafts.put(session.drafts.now._replace(holds=(*session.drafts.now.holds, HoldPoint(joint, rest))))
    name = session.puppet.joints[joint].name
    session.say(tr("{name} is held here while you drag the body. Click the hold point again to remove it.", name=name))


def default_holds(session: Session) -> tuple[HoldPoint, ...]:
    """What is held where nothing was chosen: the feet, by both their ends' pivots."""
    puppet = session.puppet
    standing = [limb for limb in puppet.limbs.values() if limb.end is not None and limb.end_hold == "target"]
    legs = [limb for limb in standing if kind_of_limb(puppet, limb) == "leg"]
    feet = [limb.end for limb in legs or standing if limb.end is not None]
    return tuple(HoldPoint(key, puppet.joints[key].pivot.z) for key in feet)


def drag_body(session: Session, joint: str, press: complex) -> Gesture:
    """Drag a point of the art; all joints and the body's carrier give way, holds stay, limits hold."""
    if session.performing.active:
        yield from refused(session, tr("The whole body can't be dragged into a pass. Use a control."))
        return
    puppet, pose, placed = session.puppet, session.pose, session.placed
    holds = tuple(hold for hold in session.drafts.now.holds or default_holds(session))
    grip = HoldPoint(joint, complex(inverse(placed.joint_map(joint))(press)))
    moved = {control.moves for control in puppet.controls.values() if traits(control).moves}
    up = ancestors(puppet, joint)
    carrier = next((key for key in up if key in moved and not puppet.joints[key].role), None)
    if carrier is None:
        carrier = next((key for key in up if is_carrier(puppet, key) and not puppet.joints[key].role), None)
    body = begin(placed, pose, grip, [hold for hold in holds if hold.joint != joint], carrier)
    free = pose
    event = yield Feedback()
    while event.kind == "move":
        way = straightened(press, event)
        free = drag(body, press + way)
        session.preview(pose=free)
        away = abs(complex(evaluate(body.plan, free).joint_map(joint)(grip.at)) - press - way)
        words = distance_text(way) + (tr(", {away} px out of reach", away=f"{away:.0f}") if away > 1 else "")
        event = yield Feedback(readout=words)
    if event.kind == "release":
        session.preview(pose=let_go(body, free))
    finish(session, event, tr("Drag the body by {name}", name=puppet.joints[joint].name))

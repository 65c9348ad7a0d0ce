"""Limbs drawn from joint to joint; their tips moved, their targets hung from what they should follow."""

from umbrite.desk.board.gestures.gesture import Feedback, Gesture, JointAt, finish, straightened
from umbrite.desk.board.gestures.guide_gestures import snapped_point
from umbrite.desk.commands.stillness import rewire
from umbrite.desk.session.session import Session
from umbrite.desk.theme.language import tr
from umbrite.rig.edits.limbs import make_limb, make_tip_limb
from umbrite.rig.edits.parenting import set_parent
from umbrite.rig.edits.pivots import move_limb_tip
from umbrite.rig.family import path
from umbrite.rig.limb_shape import limb_tip


def draw_limb(session: Session, first: str, joint_at: JointAt, tip_at: JointAt, from_tip: str | None = None) -> Gesture:
    """Make a limb from one joint to another, in any order; the joints between light up meanwhile.

    At the drawn tip of a bone, where it begins (`from_tip`) or ends, the limb reaches with that tip.
    """
    puppet = session.puppet
    origin = session.placed.pivot(first)
    event = yield Feedback(cord=(origin, origin), lit=(first,))
    while event.kind == "move":
        over = joint_at(event.at)
        chain = _chain(session, first, over)
        names = [puppet.joints[key].name for key in chain]
        if len(chain) > 1 and chain[-1] in {from_tip, tip_at(event.at)}:
            text = tr("{name} to the tip of {other}", name=names[0], other=names[-1])
        elif len(names) > 1:
            text = tr("{name} to {other}", name=names[0], other=names[-1])
        else:
            text = tr("Drag on to the end of the limb")
        event = yield Feedback(text, (origin, event.at), tuple(chain))
    over = joint_at(event.at)
    if event.kind == "cancel":
        return
    if over is None:
        session.say(tr("No limb was made. Release on the joint where the limb ends, such as a wrist."))
        return
    chain = _chain(session, first, over)
    on_tip = len(chain) > 1 and chain[-1] in {from_tip, tip_at(event.at)}
    puppet, key = make_tip_limb(puppet, chain) if on_tip else make_limb(puppet, first, over)
    limb = puppet.limbs[key]
    session.edit(tr("Make limb {name}", name=limb.name), puppet=puppet)
    session.selection.select([key])
    follows = puppet.joints[limb.target].parent
    where = tr("follows {name}", name=puppet.joints[follows].name) if follows else tr("stays on the board")
    session.say(
        tr("{name} is a limb now; its target {where}. Look at its bend side in Details.", name=limb.name, where=where)
    )


def drag_limb_tip(session: Session, key: str, press: complex) -> Gesture:
    """Put the point with which a limb reaches, and its target, elsewhere; the art stays. A limb that ends at a joint moves its pivot."""
    start = session.puppet
    tip = limb_tip(start, start.limbs[key])
    event = yield Feedback(lit=(key,))
    while event.kind == "move":
        to = snapped_point(start, tip + straightened(press, event), event.zoom)
        session.preview(puppet=move_limb_tip(start, key, to))
        event = yield Feedback(readout=f"x {to.real:.1f}, y {to.imag:.1f}", lit=(key,))
    finish(session, event, tr("Move tip of {name}", name=start.limbs[key].name))


def draw_follows(session: Session, key: str, joint_at: JointAt) -> Gesture:
    """Draw a cord from a target's hook to what the target should follow; on the bare board it stays on the board."""
    limb = session.puppet.limbs[key]
    origin = session.placed.pivot(limb.target)
    event = yield Feedback(cord=(origin, origin), lit=(key,))
    while event.kind == "move":
        over = joint_at(event.at)
        name = session.puppet.joints[over].name if over is not None else tr("the board")
        event = yield Feedback(
            tr("{limb} follows {name}", limb=limb.name, name=name), (origin, event.at), (over,) if over else ()
        )
    if event.kind == "cancel":
        return
    over = joint_at(event.at)
    puppet = set_parent(session.puppet, [limb.target], over)
    name = puppet.joints[over].name if over is not None else tr("the board")
    moved = rewire(session, tr("Target follows {name}", name=name), puppet) or tr("Nothing has moved.")
    session.selection.select([key])
    session.say(tr("The target of {name} follows {name2} now.", name=limb.name, name2=name) + f" {moved}")


def _chain(session: Session, first: str, over: str | None) -> list[str]:
    if over is None or over == first:
        return [first]
    try:
        return path(session.puppet, first, over)
    except ValueError:
        return [first]

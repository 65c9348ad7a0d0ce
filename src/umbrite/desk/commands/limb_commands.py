"""Limbs made, extended and turned to their other side."""

from collections.abc import Sequence

from msgspec.structs import replace

from umbrite.desk.commands.labels import label_of, some_names
from umbrite.desk.commands.stillness import rewire
from umbrite.desk.session.drafts import ProposedLimb
from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import LIMB, LIMBS
from umbrite.desk.theme.language import tr
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.motion.rest_changes.resting import make_rest, rest_posed
from umbrite.rig.change import change
from umbrite.rig.edits.limbs import extend_limb, make_limb, make_limbs, propose_limbs, set_bend_side
from umbrite.rig.errors import RigError
from umbrite.rig.limb_shape import bends_to
from umbrite.rig.model import Pose, Puppet


# Limbs and limits
def chosen_limbs(session: Session) -> list[str]:
    """The selected limbs, or those that the selected joints belong to."""
    limbs = session.puppet.limbs
    chosen = session.selection.only("limb")
    joints = set(session.selection.of("joint"))
    return chosen or [key for key, limb in limbs.items() if joints & {*limb.joints, limb.end, limb.target}]


def needs_named_limbs(session: Session) -> str:
    if propose_limbs(session.puppet):
        return ""
    return tr("Find joints first: arms and legs are found by names such as thigh, shin and foot.")


def propose_from_names(session: Session) -> None:
    """Pencil all arms and legs that the names tell: each can be left out before they are made."""
    found = tuple(ProposedLimb(root, end) for root, end in propose_limbs(session.puppet))
    session.workspace.go_to(LIMBS)
    session.workspace.take_tool(LIMB)
    session.selection.select([])
    session.drafts.put(session.drafts.now._replace(limbs=found))
    count = f"{len(found)} limb{' is' if len(found) == 1 else 's are'}"
    session.say(tr("{count} proposed. Click one to exclude it; Enter makes them, Esc discards them.", count=count))


def leave_or_take(session: Session, number: int) -> None:
    """Leave a proposed limb out, or take it in again."""
    limbs = list(session.drafts.now.limbs)
    limb = limbs[number] = limbs[number]._replace(left_out=not limbs[number].left_out)
    session.drafts.put(session.drafts.now._replace(limbs=tuple(limbs)))
    way = f"{session.puppet.joints[limb.root].name} to {session.puppet.joints[limb.end].name}"
    session.say(
        tr("{way} is {ending}. Enter makes the others.", way=way, ending="left out" if limb.left_out else "in again")
    )


def accept_proposed(session: Session) -> None:
    """Make the proposed limbs that are not left out, in one step; a refusal leaves all of them proposed."""
    wanted = [(limb.root, limb.end) for limb in session.drafts.now.limbs if not limb.left_out]
    if not wanted:
        raise RigError(tr("All proposed limbs are excluded. Click one to include it, or discard them with Esc."))
    puppet, made = make_limbs(session.puppet, wanted)
    names = ", ".join(puppet.limbs[key].name for key in made)
    session.drafts.put(session.drafts.now._replace(limbs=()))
    session.edit(
        tr("Make {count} limb{ending} from names", count=len(made), ending="s" if len(made) > 1 else ""), puppet=puppet
    )
    session.selection.select(made)
    session.say(
        tr("{names}: drag a hook to what it should follow, T turns a bend side. Next: Make controls, K.", names=names)
    )


def rub_out(session: Session) -> None:
    session.drafts.put(session.drafts.now._replace(limbs=()))
    session.say(tr("The proposed limbs were discarded."))


def turn_side(session: Session) -> None:
    puppet = session.puppet
    keys = chosen_limbs(session)
    for key in keys:
        puppet = set_bend_side(puppet, key, -puppet.limbs[key].bend)
    _sided(session, tr("Turn bend side of {keys}", keys=label_of(session, keys)), puppet, keys)


def choose_side(session: Session, key: str, bend: int) -> None:
    name = session.puppet.limbs[key].name
    _sided(session, tr("Bend side of {name}", name=name), set_bend_side(session.puppet, key, bend), [key])


def _tried_out(session: Session) -> Pose | None:
    """The pose of Rehearse with the values that it has: whoever turns a knee wants to see it turned there, while takes look as before."""
    return None if session.workspace.station.timed else dict(session.history.now.pose)


def _sided(session: Session, step: str, puppet: Puppet, keys: Sequence[str]) -> None:
    session.edit(step, puppet=puppet, pose=_tried_out(session))
    against = [puppet.limbs[key].name for key in keys if bends_to(puppet, puppet.limbs[key]) != puppet.limbs[key].bend]
    if against:
        session.say(
            tr(
                "Drawn bent to the other side: {names}. That stays as it is drawn; Alt+Shift+T turns the drawn bend over.",
                names=some_names(against),
            )
        )


def turn_over(session: Session) -> None:
    """Let limbs be bent to their other side at rest: the art of their joints moves there, which no choice of a side does by itself."""
    keys = chosen_limbs(session)
    before = free = session.puppet
    for key in keys:
        for joint in before.limbs[key].joints:
            free = change(free, joint, limit=None)
    placed = evaluate(compile_plan(free), {f"{key}.bend": 1.0 for key in keys})
    puppet, _ = make_rest(placed)
    for key in keys:
        limb = before.limbs[key]
        bend = bends_to(puppet, puppet.limbs[key])
        if bend == bends_to(before, limb):
            raise RigError(tr("{name} is drawn straight; T alone turns its bend side.", name=limb.name))
        puppet = change(puppet, key, bend=bend, side_chosen=True)
        for joint in limb.joints:  # a middle joint turns the other way round now
            limit = before.joints[joint].limit
            mirrored = limit and replace(limit, smallest=-limit.largest, largest=-limit.smallest)
            puppet = change(puppet, joint, limit=limit if joint == limb.joints[0] else mirrored)
    session.edit(
        tr("Turn the drawn bend of {keys} over", keys=label_of(session, keys)),
        puppet=puppet,
        pose=_tried_out(session),
        rest=rest_posed(placed, puppet),
    )
    session.say(
        tr("Bent to the other side at rest: {names}.", names=some_names([puppet.limbs[key].name for key in keys]))
    )


def extend(session: Session) -> None:
    """Take the end of the selected limb into it."""
    key = chosen_limbs(session)[0]
    limb = session.puppet.limbs[key]
    puppet = extend_limb(session.puppet, key)
    moved = rewire(session, tr("Extend {name}", name=limb.name), puppet) or tr("Nothing has moved.")
    session.selection.select([key])
    session.say(
        tr(
            "{name} bends in {count} joints now; its target stands at the new tip. {moved}",
            name=limb.name,
            count=len(puppet.limbs[key].joints),
            moved=moved,
        )
    )


def needs_two_joints(session: Session) -> str:
    return (
        ""
        if len(session.selection.of("joint")) == 2
        else tr("Select both ends of the limb first, such as shoulder and wrist.")
    )


def limb_between(session: Session) -> None:
    """A limb between the two selected joints, in any order."""
    one, other = session.selection.of("joint")
    puppet, key = make_limb(session.puppet, one, other)
    session.edit(tr("Make limb {name}", name=puppet.limbs[key].name), puppet=puppet)
    session.workspace.go_to(LIMBS)
    session.selection.select([key])

"""What actions do to the session: one function each, named by what it does. No widgets here."""

from collections.abc import Sequence

from umbrite.desk.session import Session
from umbrite.motion.posing import move_joint_to
from umbrite.motion.resting import make_rest
from umbrite.rig.change import change, exists, take_out, thing
from umbrite.rig.channels import known_only, without
from umbrite.rig.control_kinds import VALUED
from umbrite.rig.edits.controls import remove_control
from umbrite.rig.edits.limbs import remove_limb, set_bend_side, without_users
from umbrite.rig.edits.limits import free_limit
from umbrite.rig.edits.parenting import carry_together, remove_carrier, set_parent
from umbrite.rig.edits.parts import nudge_parts, remove_part, reorder, step_order
from umbrite.rig.edits.pivots import move_pivot
from umbrite.rig.errors import RigError
from umbrite.rig.family import ancestors, branch, children, targets
from umbrite.rig.model import Puppet, point
from umbrite.rig.placement import board_from_drawing


def label_of(session: Session, keys: Sequence[str]) -> str:
    """A name for one thing, a count for several."""
    if len(keys) == 1:
        return str(thing(session.puppet, keys[0]).name)
    return f"{len(keys)} things"


# Reasons why something can't be done now; an empty string where it can.


def needs_parts(session: Session) -> str:
    return "" if session.puppet.parts else "There are no parts yet. Open a layered picture first."


def needs_chosen_parts(session: Session) -> str:
    return "" if session.selected("p") else "Select one or more parts first."


def needs_chosen_joints(session: Session) -> str:
    return "" if session.selected("j") else "Select one or more joints first."


def needs_selection(session: Session) -> str:
    return "" if session.selection else "Select something first."


def needs_limb(session: Session) -> str:
    return "" if chosen_limbs(session) else "Select a limb first: click its hook, or one of its joints."


def needs_limit(session: Session) -> str:
    limited = any(session.puppet.joints[key].limit for key in session.selected("j"))
    return "" if limited else "Select a joint that has a limit first."


def needs_no_master(session: Session) -> str:
    if any(joint.role == "master" for joint in session.puppet.joints.values()):
        return "This puppet has a master already."
    return needs_parts(session)


def needs_pose(session: Session) -> str:
    return "" if session.pose else "The puppet is at rest."


def needs_undo(session: Session) -> str:
    return "" if session.history.undo_name is not None else "There is nothing to undo."


def needs_redo(session: Session) -> str:
    return "" if session.history.redo_name is not None else "There is nothing to do again."


# Order


def _ordered(session: Session, word: str, puppet: Puppet) -> None:
    session.edit(f"{word} {label_of(session, session.selected('p'))}", puppet=puppet)


def to_front(session: Session) -> None:
    _ordered(
        session, "To the front:", reorder(session.puppet, session.selected("p"), len(session.puppet.order))
    )


def to_back(session: Session) -> None:
    _ordered(session, "To the back:", reorder(session.puppet, session.selected("p"), 0))


def one_forward(session: Session) -> None:
    _ordered(session, "Forward:", step_order(session.puppet, session.selected("p"), 1))


def one_back(session: Session) -> None:
    _ordered(session, "Back:", step_order(session.puppet, session.selected("p"), -1))


# Family


def free_joints(session: Session) -> None:
    keys = session.selected("j")
    session.edit(f"Free {label_of(session, keys)}", puppet=set_parent(session.puppet, keys, None))


def carry(session: Session) -> str:
    """Put a carrier over the selected joints, pivot on the first of them; returns its id."""
    keys = session.selected("j")
    pivot = session.puppet.joints[keys[0]].pivot.z
    puppet, key = carry_together(session.puppet, keys, "Carrier", pivot)
    session.edit(f"Carry {label_of(session, keys)} together", puppet=puppet)
    session.select([key])
    return key


def ground_of(puppet: Puppet) -> complex:
    """The middle of the feet on the ground: below the lowest art."""
    corners = [
        board_from_drawing(part.placement)(complex(x * part.drawing.width, y * part.drawing.height))
        for part in puppet.parts.values()
        for x in (0, 1)
        for y in (0, 1)
    ]
    low = max(z.imag for z in corners)
    feet = [
        puppet.joints[limb.end].pivot.z.real
        for limb in puppet.limbs.values()
        if limb.end_hold == "target" and limb.end
    ]
    near = feet or [z.real for z in corners if z.imag > low - 0.08 * puppet.height]
    return complex(round((min(near) + max(near)) / 2), round(low))


def put_master(session: Session) -> str:
    """The carrier of everything, pivot on the ground between the feet; returns its id."""
    puppet = session.puppet
    puppet, key = carry_together(puppet, children(puppet, None), "Master", ground_of(puppet), role="master")
    session.edit("Put a master over everything", puppet=puppet)
    session.select([key])
    return key


# Limbs and limits


def chosen_limbs(session: Session) -> list[str]:
    """The selected limbs, or those that the selected joints belong to."""
    limbs = session.puppet.limbs
    chosen = [key for key in session.selection if key[0] == "l"]
    joints = set(session.selected("j"))
    return chosen or [key for key, limb in limbs.items() if joints & {*limb.joints, limb.end, limb.target}]


def turn_side(session: Session) -> None:
    puppet = session.puppet
    keys = chosen_limbs(session)
    for key in keys:
        puppet = set_bend_side(puppet, key, -puppet.limbs[key].bend)
    session.edit(f"Turn bend side of {label_of(session, keys)}", puppet=puppet)


def choose_side(session: Session, key: str, bend: int) -> None:
    name = session.puppet.limbs[key].name
    session.edit(f"Bend side of {name}", puppet=set_bend_side(session.puppet, key, bend))


def free_limits(session: Session) -> None:
    puppet = session.puppet
    keys = [key for key in session.selected("j") if puppet.joints[key].limit]
    for key in keys:
        puppet = free_limit(puppet, key)
    session.edit(f"Remove limit of {label_of(session, keys)}", puppet=puppet)


# Controls and posing


def channel_owners(session: Session) -> list[str]:
    """What a reset of the selection puts back: joints, and what selected controls and limbs move."""
    puppet = session.puppet
    keys = list(session.selected("j"))
    chosen = [key for key in session.selection if key[0] == "c"]
    keys += [
        *chosen,
        *(puppet.controls[key].moves for key in chosen if puppet.controls[key].kind not in VALUED),
    ]
    for limb_key in [key for key in session.selection if key[0] == "l"]:
        keys += [limb_key, puppet.limbs[limb_key].target]
    for joint in list(keys):
        for limb_key, limb in puppet.limbs.items():
            if joint in limb.joints or joint == limb.end:
                keys += [limb_key, limb.target]
    return list(dict.fromkeys(keys))


def reset_selected(session: Session) -> None:
    keys = channel_owners(session)
    session.edit(f"Reset {label_of(session, session.selection)}", pose=without(session.pose, keys))


def reset_all(session: Session) -> None:
    session.edit("Reset the pose", pose={})


def make_pose_the_rest(session: Session) -> None:
    """What is seen becomes the rest pose; what else changed is said."""
    puppet, words = make_rest(session.placed, session.pose)
    session.edit("Make this pose the rest", puppet=puppet, pose={})
    session.say("This is the rest pose now. " + " ".join(words))


# Everything else


def delete(session: Session) -> None:
    """Remove what is selected; refused with the name of the user where something else needs it."""
    try:
        puppet = _without(session.puppet, session.selection)
    except RigError as error:
        used = " is used by " in str(error)
        raise RigError(f"{error} Shift+Delete takes it along." if used else str(error)) from None
    _removed(session, puppet, "")


def delete_with_users(session: Session) -> None:
    """Remove what is selected together with the limbs and controls that use it, which are named."""
    puppet, gone = without_users(session.puppet, session.selected("j"))
    left = [key for key in session.selection if exists(puppet, key)]
    _removed(session, _without(puppet, left), f" with {', '.join(gone)}" if gone else "")


def _removed(session: Session, puppet: Puppet, along: str) -> None:
    name = label_of(session, session.selection)
    session.edit(f"Remove {name}", puppet=puppet, pose=known_only(session.pose, puppet))
    if along:
        session.say(f"{name} was removed{along}. Undo brings all of it back.")


def _without(puppet: Puppet, keys: Sequence[str]) -> Puppet:
    hooks = targets(puppet)
    for key in keys:
        if not exists(puppet, key):
            continue
        if key[0] == "c":
            puppet = remove_control(puppet, key)
        elif key[0] == "k":
            puppet = take_out(puppet, key)
        elif key[0] == "l":
            puppet = remove_limb(puppet, key)
        elif key[0] == "p":
            puppet = remove_part(puppet, key)
        elif key in hooks:
            puppet = remove_limb(puppet, hooks[key])
        else:
            puppet = _without_joint(puppet, key)
    return puppet


def _without_joint(puppet: Puppet, key: str) -> Puppet:
    parts = [part for part in puppet.order if puppet.parts[part].joint == key]
    if not parts:
        return remove_carrier(puppet, key)
    for part in parts:
        puppet = remove_part(puppet, part)
    return puppet


def select_everything(session: Session) -> None:
    if session.station == "Parts":
        session.select(session.puppet.parts)
    elif session.station in {"Controls", "Rehearse"}:
        session.select(session.puppet.controls)
    else:
        hooks = targets(session.puppet)
        session.select(key for key in session.puppet.joints if key not in hooks)


def walk_up(session: Session) -> None:
    puppet = session.puppet
    ups = [puppet.joints[key].parent for key in session.selected("j")]
    session.select(key for key in ups if key is not None) if any(ups) else session.say(
        "Nothing carries this one."
    )


def walk_down(session: Session) -> None:
    hooks = targets(session.puppet)
    downs = [k for key in session.selected("j") for k in children(session.puppet, key)[:1] if k not in hooks]
    session.select(downs) if downs else session.say("This one carries nothing.")


def select_branch(session: Session) -> None:
    hooks = targets(session.puppet)
    session.select(k for key in session.selected("j") for k in branch(session.puppet, key) if k not in hooks)


def nudge(session: Session, by: complex) -> None:
    """Arrow keys: one step of parts, pivots, controls, or of the pose, as the station is."""
    puppet = session.puppet
    if session.station == "Parts" and session.selected("p"):
        keys = session.selected("p")
        session.edit(f"Nudge {label_of(session, keys)}", puppet=nudge_parts(puppet, keys, by))
    elif session.station == "Pivots" and session.selected("j"):
        keys = session.selected("j")
        for key in keys:
            puppet = move_pivot(puppet, key, puppet.joints[key].pivot.z + by)
        session.edit(f"Nudge pivot of {label_of(session, keys)}", puppet=puppet)
    elif session.station in {"Controls", "Rehearse"}:
        _nudge_controls(session, by)


def _nudge_controls(session: Session, by: complex) -> None:
    puppet, pose = session.puppet, session.pose
    keys = [key for key in session.selection if key[0] == "c"]
    if not keys:
        return
    name = label_of(session, keys)
    if session.rehearsing:
        for key in keys:
            moves = puppet.controls[key].moves
            pose = move_joint_to(session.placed, pose, moves, session.placed.pivot(moves) + by)
        session.edit(f"Nudge {name}", pose=pose)
    else:
        for key in keys:
            puppet = change(puppet, key, offset=point(puppet.controls[key].offset.z + by))
        session.edit(f"Nudge {name}", puppet=puppet)


def hang_from(session: Session, keys: Sequence[str], parent: str | None) -> None:
    """Re-parent by the family panel; a limb's row stands for its target."""
    puppet = session.puppet
    joints = [puppet.limbs[key].target if key[0] == "l" else key for key in keys]
    parent = puppet.limbs[parent].target if parent is not None and parent[0] == "l" else parent
    if parent is not None and set(joints) & {parent, *ancestors(puppet, parent)} and len(joints) > 1:
        raise RigError("Some of these carry the place where you let go. Drag fewer, or let go elsewhere.")
    after = set_parent(puppet, joints, parent)
    where = f"from {puppet.joints[parent].name}" if parent is not None else "from nothing"
    session.edit(f"Hang {label_of(session, joints)} {where}", puppet=after)


def reset_branch(session: Session) -> None:
    """Put the selected joints back to rest, with all that they carry and what their limbs reach for."""
    puppet = session.puppet
    keys = {k for key in session.selected("j") for k in branch(puppet, key)}
    limbs = [key for key, limb in puppet.limbs.items() if keys & {*limb.joints, limb.end}]
    keys |= {*limbs, *(puppet.limbs[key].target for key in limbs)}
    session.edit(
        f"Reset the branch of {label_of(session, session.selected('j'))}", pose=without(session.pose, keys)
    )


def needs_holds(session: Session) -> str:
    return "" if session.holds else "No point is held. Take Whole body and click on the art to hold it there."


def free_holds(session: Session) -> None:
    session.holds = ()
    session.view_changed.emit()

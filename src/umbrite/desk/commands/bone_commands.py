"""Bones at the desk: drawn one after the other, along lines, bound to what lies under them; named and bound in place."""

from collections.abc import Sequence

from umbrite.art.bending.bendy import middle_of
from umbrite.art.bone_overlap import by_overlap, fits, under_bone
from umbrite.art.pictures import Picture
from umbrite.desk.commands.labels import label_of
from umbrite.desk.commands.stillness import rewire
from umbrite.desk.session.drafts import Boning, Line
from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import LIMBS
from umbrite.desk.theme.language import tr
from umbrite.rig.change import exists
from umbrite.rig.edits.binding import bind, bind_loose_to_nearest, by_name, loose_parts, unbound
from umbrite.rig.edits.bones import add_bone, attach, bones_along, bones_from_pivots, detach, equal_length, named
from umbrite.rig.edits.parenting import set_parent
from umbrite.rig.family import ancestors, parts_on, targets
from umbrite.rig.model import Puppet

GOOD = 0.25  # so well a part has to fit a bone to be bound to it unasked


CROSSED = 0.2  # of a bone's length: what it crosses is offered


def pictures_of(session: Session, parts: Sequence[str] | None = None) -> dict[str, Picture]:
    keys = session.puppet.parts if parts is None else parts
    drawings = [session.puppet.parts[key].drawing.sha256 for key in keys]
    return {sha256: session.file.pictures.pixels(sha256) for sha256 in drawings}


def add(session: Session, head: complex, tip: complex, parent: str | None) -> None:
    """A bone as one step: it takes the part that fits it best, unless that rides on another bone, and its name."""
    puppet = session.puppet
    pictures = pictures_of(session)
    part = _best_part(puppet, pictures, head, tip)
    own = None if part is None else puppet.parts[part].joint
    if parent is None and own is not None:
        parent = puppet.joints[own].parent
    name = puppet.parts[part].name if part is not None else "Bone"
    puppet, key = add_bone(puppet, head, tip, parent)
    if part is not None:
        puppet = bind(puppet, [part], key)
    puppet = named(puppet, key, name)
    crossed = _crossed(puppet, pictures, key, head, tip)
    session.edit(tr("Draw bone {name}", name=puppet.joints[key].name), puppet=puppet)
    session.selection.select([key])
    session.drafts.put(session.drafts.now._replace(bones=Boning(chain=key, card=key)))
    carries = tr("carries {name}", name=puppet.parts[part].name) if part is not None else tr("carries nothing yet")
    asks = tr(" It crosses {names}, which nothing carries: tick it to bind it too.", names=crossed) if crossed else ""
    session.say(
        tr(
            "{name} {carries}.{asks} Go on from its tip; Esc or a double click ends the chain.",
            name=puppet.joints[key].name,
            carries=carries,
            asks=asks,
        )
    )


def _best_part(puppet: Puppet, pictures: dict[str, Picture], head: complex, tip: complex) -> str | None:
    free = [
        key for key in under_bone(puppet, pictures, head, tip) if puppet.joints[puppet.parts[key].joint].tip is None
    ]
    good = {key: fits(puppet, pictures, key, head, tip) for key in free}
    best = max(good, key=good.__getitem__, default=None)
    return best if best is not None and good[best] >= GOOD else None


def _crossed(puppet: Puppet, pictures: dict[str, Picture], key: str, head: complex, tip: complex) -> str:
    """The names of parts under a bone that nothing carries."""
    loose = set(loose_parts(puppet)) - set(parts_on(puppet, key))
    under = under_bone(puppet, pictures, head, tip, loose)
    return ", ".join(puppet.parts[part].name for part, share in under.items() if share >= CROSSED)


def candidates(session: Session, key: str) -> list[tuple[str, bool]]:
    """What a bone's card offers: parts under it, the most covered first, and whether they ride on it."""
    puppet = session.puppet
    joint = puppet.joints[key]
    bound = parts_on(puppet, key)
    tip = joint.tip
    under = under_bone(puppet, pictures_of(session), joint.pivot.z, tip.z) if tip is not None else {}
    offered = [part for part, share in under.items() if share >= CROSSED and part not in bound]
    return [(part, True) for part in bound] + [(part, False) for part in offered[:5]]


def set_bound(session: Session, key: str, part: str, *, on: bool) -> None:
    """Tick or untick a part on a bone's card; unticked it hangs from what carries the bone, on a joint of its own."""
    puppet = session.puppet
    name, bone = puppet.parts[part].name, puppet.joints[key].name
    if on:
        session.edit(tr("Bind {name} to {bone}", name=name, bone=bone), puppet=bind(puppet, [part], key))
    else:
        session.edit(tr("Unbind {name} from {bone}", name=name, bone=bone), puppet=unbound(puppet, part))


def end_chain(session: Session) -> None:
    session.drafts.put(session.drafts.now._replace(bones=Boning()))
    session.say(tr("The chain is ended. Press on a tip or a rivet to branch off, or anywhere to draw a free bone."))


# Lines
def along(session: Session, points: Sequence[complex], parent: str | None, part: str | None = None) -> None:
    """A chain along a drawn line, or along the middle of a part; the card changes the number afterwards."""
    name = session.puppet.parts[part].name if part is not None else "Chain"
    count = 5 if part is None else 4
    _make_along(session, Line(tuple(points), parent, part, name, count, by_curvature=False))


def _make_along(session: Session, line: Line) -> None:
    puppet = session.puppet
    puppet, keys = bones_along(
        puppet, line.points, line.bones, line.parent, f"{line.name} bone", by_curvature=line.by_curvature
    )
    if line.part is not None and line.bones == 1:
        puppet = bind(puppet, [line.part], keys[0])
    session.edit(tr("Make {count} bones along {name}", count=len(keys), name=line.name), puppet=puppet)
    session.selection.select(keys)
    made = line._replace(made=session.puppet)
    session.drafts.put(session.drafts.now._replace(bones=Boning(card=keys[-1], line=made)))


def change_line(session: Session, *, count: int | None = None, by_curvature: bool | None = None) -> None:
    """Make the bones along the last line anew, as the same step of undo."""
    line = session.drafts.now.bones.line
    if line is None:
        return
    wanted = line._replace(
        bones=line.bones if count is None else count,
        by_curvature=line.by_curvature if by_curvature is None else by_curvature,
    )
    if wanted != line:
        if session.puppet is not line.made:
            session.say(tr("Something else was changed since. Undo that first, or draw the line again."))
            return
        session.step(-1)
        _make_along(session, wanted)


def middle_of_part(session: Session) -> None:
    """Bones along the middle line of the selected part."""
    part = session.selection.of("part")[0]
    joint = session.puppet.joints[session.puppet.parts[part].joint]
    puppet = session.puppet
    picture = pictures_of(session, [part])[puppet.parts[part].drawing.sha256]
    points = session.apart(tr("Looking for its middle line"), lambda _: middle_of(puppet, part, picture))
    session.workspace.go_to(LIMBS)
    along(session, points, joint.parent, part)
    session.say(
        tr(
            "Change their number on the card. Cut the drawing into pieces for them, or bind whole parts to single bones."
        )
    )


# Commands
def from_pivots(session: Session) -> None:
    """Tips for the selected joints, or for all: from each pivot to its child's."""
    keys = session.selection.of("joint") or [k for k in session.puppet.joints if k not in targets(session.puppet)]
    puppet, made = bones_from_pivots(session.puppet, keys)
    session.edit(tr("Make {count} bones from pivots", count=len(made)), puppet=puppet)
    session.say(tr("{count} joints are bones now. Alt+drag moves heads, tips and whole bones.", count=len(made)))


def needs_bones(session: Session) -> str:
    found = [key for key in session.selection.of("joint") if session.puppet.joints[key].tip is not None]
    return "" if found else tr("Select one or more bones first.")


def needs_two(session: Session) -> str:
    return (
        ""
        if len(session.selection.of("joint")) == 2
        else tr("Select the bone first, then with Shift the one that should carry it.")
    )


def needs_loose(session: Session) -> str:
    return "" if loose_parts(session.puppet) else tr("Every part is carried by something.")


def needs_any_bone(session: Session) -> str:
    return (
        ""
        if any(j.tip is not None for j in session.puppet.joints.values())
        else tr("Draw bones first, or make them from the pivots.")
    )


def bind_by_name(session: Session) -> None:
    _bind_found(session, by_name(session.puppet, _parts(session), _bones(session)), "by name")


def bind_by_overlap(session: Session) -> None:
    puppet = session.puppet
    free = [key for key in _parts(session) if puppet.joints[puppet.parts[key].joint].tip is None]
    _bind_found(session, by_overlap(puppet, pictures_of(session), free, _bones(session)), "by overlap")


def _parts(session: Session) -> list[str]:
    chosen = session.selection.only("part")
    return chosen or list(session.puppet.order)


def _bones(session: Session) -> list[str]:
    hooks = targets(session.puppet)
    return [key for key, joint in session.puppet.joints.items() if joint.tip is not None and key not in hooks]


def _bind_found(session: Session, found: dict[str, str], how: str) -> None:
    puppet = session.puppet
    for part, bone in found.items():
        if exists(puppet, bone):
            puppet = bind(puppet, [part], bone)
    if not found:
        session.say(
            tr(
                "No part fits a bone {how}. Draw a cord from the part to its bone with Bind, or tick it on the bone's card.",
                how=how,
            )
        )
        return
    session.edit(tr("Bind {count} parts {how}", count=len(found), how=how), puppet=puppet)
    names = ", ".join(puppet.parts[part].name for part in list(found)[:4])
    session.say(
        tr(
            "{count} parts bound {how}: {names}{ending}. {still_loose}",
            count=len(found),
            how=how,
            names=names,
            ending=tr(" and more") if len(found) > 4 else "",
            still_loose=_still_loose(puppet),
        )
    )


def _still_loose(puppet: Puppet) -> str:
    loose = [puppet.parts[key].name for key in loose_parts(puppet)]
    if not loose:
        return tr("Nothing is unbound.")
    more = tr(" and more") if len(loose) > 4 else ""
    return tr("Nothing carries {names} yet.", names=", ".join(loose[:4]) + more)


def bind_nearest(session: Session) -> None:
    puppet, found = bind_loose_to_nearest(session.puppet)
    session.edit(tr("Bind {count} loose parts to the nearest", count=len(found)), puppet=puppet)
    lines = [f"{puppet.parts[part].name} to {puppet.joints[joint].name}" for part, joint in list(found.items())[:4]]
    session.say("; ".join(lines) + (tr("; and more.") if len(found) > 4 else "."))


def select_loose(session: Session) -> None:
    """Show what nothing carries."""
    loose = loose_parts(session.puppet)
    session.selection.select(session.puppet.parts[key].joint for key in loose)
    session.say(_still_loose(session.puppet))


def detach_bones(session: Session) -> None:
    puppet, keys = session.puppet, session.selection.of("joint")
    for key in keys:
        puppet = detach(puppet, key)
    session.edit(tr("Detach {keys}", keys=label_of(session, keys)), puppet=puppet)


def attach_bone(session: Session) -> None:
    one, other = session.selection.of("joint")
    puppet = attach(session.puppet, one, other)
    session.edit(
        tr("Attach {name} to {name2}", name=puppet.joints[one].name, name2=puppet.joints[other].name), puppet=puppet
    )


def same_length(session: Session) -> None:
    puppet, keys = (
        session.puppet,
        [k for k in session.selection.of("joint") if session.puppet.joints[k].tip is not None],
    )
    for key in keys:
        puppet = equal_length(puppet, key)
    session.edit(tr("Same length on the other side of {keys}", keys=label_of(session, keys)), puppet=puppet)


def bind_to(session: Session, parts: Sequence[str], joint: str) -> None:
    """Bind parts to a bone by hand; to a joint without a tip they are hung by their own joints."""
    puppet = session.puppet
    name = puppet.joints[joint].name
    label = puppet.parts[parts[0]].name if len(parts) == 1 else f"{len(parts)} parts"
    if puppet.joints[joint].tip is not None:
        after = bind(puppet, parts, joint)
    else:
        own = [puppet.parts[part].joint for part in parts]
        after = set_parent(puppet, [k for k in own if k != joint and k not in ancestors(puppet, joint)], joint)
    moved = rewire(session, tr("Bind {label} to {name}", label=label, name=name), after) or tr("Nothing has moved.")
    loose = _still_loose(after)
    session.say(tr("{label} rides on {name} now. {moved} {after}", label=label, name=name, moved=moved, after=loose))

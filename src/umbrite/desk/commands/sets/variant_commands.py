"""Which variant shows: chosen, stepped through; sets made of drawings and of branches."""

from collections.abc import Callable, Sequence
from typing import Literal

from umbrite.desk.commands.labels import label_of
from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import CONTROLS
from umbrite.desk.theme.language import tr
from umbrite.motion.switching import OUT_OF_REACH, next_variant, shows, switched
from umbrite.rig.edits.controls import make_chooser
from umbrite.rig.edits.variants.branches import copy_as_variant, hands_carried
from umbrite.rig.edits.variants.drawings import lay_on
from umbrite.rig.edits.variants.sets import (
    get_set,
    get_variant,
    make_set,
    order_variant,
    remove_set,
    remove_variant,
    rename_variant,
    set_carries,
    set_of,
    set_rest,
)
from umbrite.rig.errors import RigError
from umbrite.rig.family import ancestors
from umbrite.rig.ids import id_kind
from umbrite.rig.model import Puppet


def needs_variants(session: Session) -> str:
    return "" if sets_selected(session) else tr("Select a part, a chooser or a branch of a variant set first.")


def needs_choice(session: Session) -> str:
    several = len(session.selection.of("part")) > 1 or sets_selected(session)
    return "" if several else tr("Select a part of a set, or several parts with Shift, first.")


def needs_drawing(session: Session) -> str:
    parts = session.selection.of("part")
    fits = parts and all(set_of(session.puppet, key) for key in parts)
    return "" if fits else tr("Select a drawing of a variant set first.")


def needs_branch(session: Session) -> str:
    return "" if session.selection.of("joint") else tr("Select the joint with which the branch begins first.")


def needs_branches(session: Session) -> str:
    several = len(session.selection.of("joint")) > 1
    return "" if several else tr("Select the joints with which the branches begin first, with Shift.")


def sets_selected(session: Session) -> list[str]:
    """The sets of what is selected: of choosers, of parts and joints, or of the branch in which they lie."""
    puppet, found = session.puppet, []
    for key in session.selection.keys:
        if id_kind(key) == "set":
            found.append(key)
        elif key in puppet.controls:
            found.append(puppet.controls[key].chooses)
        else:
            joint = puppet.parts[key].joint if key in puppet.parts else key
            members = [key, joint, *(ancestors(puppet, joint) if joint in puppet.joints else [])]
            own = next((one for member in members if (one := set_of(puppet, member)) is not None), None)
            found.append(own[0] if own else "")
    return list(dict.fromkeys(key for key in found if key))


def choose(session: Session, key: str, number: int) -> None:
    """Show a variant of a set, and those of the same name in the sets of other choosers that are picked."""
    puppet = session.puppet
    name = get_variant(puppet, key, number).name
    wanted = [(key, number)]
    for other in sets_selected(session):
        same = next((each.number for each in puppet.sets[other].variants if each.name == name), None)
        if other != key and same is not None and key in sets_selected(session):
            wanted.append((other, same))
    if not session.workspace.station.posed:  # where the rig is built it is only looked at
        for each, which in wanted:
            session.workspace.show_variants(shows(session.placed, each, which))
        return
    pose, placed, away = session.pose, session.placed, 0.0
    for each, which in wanted:
        pose, off = switched(placed, pose, each, which)
        away = max(away, off)
    session.edit(tr("Show {name} of {set}", name=name, set=puppet.sets[key].name), pose=pose)
    far = tr("{name} shows; it can't reach where the hand was, {away} px are missing.", name=name, away=f"{away:.0f}")
    session.say(far if away > OUT_OF_REACH else tr("{name} shows.", name=name))


def step(by: int) -> Callable[[Session], None]:
    """An action that shows the next variant of the sets that are selected, or the one before."""

    def work(session: Session) -> None:
        keys = sets_selected(session)
        if not keys:
            raise RigError(needs_variants(session))
        step_set(session, keys[0], by)

    return work


def step_set(session: Session, key: str, by: int) -> None:
    """Show the variant of a set that comes so many places further."""
    choose(session, key, next_variant(session.placed, key, by))


def at_place(session: Session, key: str, place: int) -> None:
    """Show the variant at a place of a set, counted from 0; nothing where there are fewer."""
    variants = get_set(session.puppet, key).variants
    if place < len(variants):
        choose(session, key, variants[place].number)


# Sets


def make_from_selected(session: Session) -> None:
    """A set of the selected parts, of which one shows."""
    parts = session.selection.of("part")
    puppet, key = make_set(session.puppet, parts)
    _made(session, puppet, key, parts)


def branches_from_selected(session: Session) -> None:
    """A set of the selected branches, of which one shows with all that it carries."""
    joints = session.selection.of("joint")
    puppet, key = make_set(session.puppet, joints)
    _made(session, hands_carried(session.puppet, puppet), key, joints)


def _made(session: Session, puppet: Puppet, key: str, members: Sequence[str]) -> None:
    name = puppet.sets[key].name
    session.edit(tr("Make the set {name}", name=name), puppet=puppet)
    session.say(
        tr(
            "One of {count} shows at a time now. [ and ] go through {name}; K makes a chooser of it.",
            count=len(members),
            name=name,
        )
    )


def copy_branch(session: Session) -> None:
    """A copy of the selected branch as one more variant beside it; where the rig is built it is the one to look at from now on."""
    joints = session.selection.of("joint")
    if not joints:
        raise RigError(tr("Select the joint with which the branch begins first."))
    puppet, key, number = copy_as_variant(session.puppet, joints[0])
    session.edit(tr("Copy {name} as a variant", name=session.puppet.joints[joints[0]].name), puppet=puppet)
    if not session.workspace.station.posed:
        choose(session, key, number)
    session.selection.select(get_variant(session.puppet, key, number).joints)
    session.say(tr("The copy is a variant of its own: bend it, and give it other drawings."))


def take_out(session: Session) -> None:
    """What is selected is taken out of its sets, or a whole set is given up where a chooser or the set is selected."""
    puppet = session.puppet
    count = 0
    for key in session.selection.keys:
        found = set_of(puppet, key)
        whole = puppet.controls[key].chooses if key in puppet.controls else key
        if whole in puppet.sets:
            puppet = remove_set(puppet, whole)
            count += 1
        elif found is not None:
            puppet = remove_variant(puppet, found[0], found[1].number)
            count += 1
    if not count:
        raise RigError(needs_variants(session))
    session.edit(tr("Remove {count} from their sets", count=count), puppet=puppet)


def chooser(session: Session) -> None:
    """A chooser for each set of what is selected; a set is made where several parts are in none yet."""
    keys, puppet = sets_selected(session), session.puppet
    if not keys:
        puppet, key = make_set(puppet, session.selection.of("part"))
        keys = [key]
    made = []
    for key in keys:
        puppet, control = make_chooser(puppet, key)
        made.append(control)
    session.edit(tr("Make {name}", name=puppet.controls[made[0]].name), puppet=puppet)
    session.workspace.go_to(CONTROLS)
    session.selection.select(made)
    session.say(tr("One of these parts shows at a time now; click its thumbnail in Rehearse."))


def lay_by(by: Literal["pivot", "middle"]) -> Callable[[Session], None]:
    """An action that lays the selected drawings of a set on the one at rest."""

    def work(session: Session) -> None:
        keys = session.selection.of("part")
        puppet = lay_on(session.puppet, keys, by)
        session.edit(tr("Align {part}", part=label_of(session, keys)), puppet=puppet)

    return work


def rename(session: Session, key: str, number: int, name: str) -> None:
    session.edit(tr("Name {name}", name=name), puppet=rename_variant(session.puppet, key, number, name))


def rest_here(session: Session) -> None:
    """The variant that shows of each selected set is the one at rest from now on."""
    puppet = session.puppet
    for key in sets_selected(session):
        puppet = set_rest(puppet, key, session.placed.chosen(key).number)
    session.edit(tr("Use this variant at rest"), puppet=puppet)


def rest_of(session: Session, key: str, number: int) -> None:
    name = get_variant(session.puppet, key, number).name
    session.edit(tr("Show {name} at rest", name=name), puppet=set_rest(session.puppet, key, number))


def remove(session: Session, key: str, number: int) -> None:
    """Take a variant out of its set; what was not seen at rest stays hidden."""
    name = get_variant(session.puppet, key, number).name
    session.edit(tr("Remove {name} from its set", name=name), puppet=remove_variant(session.puppet, key, number))


def move_in_set(session: Session, key: str, number: int, place: int) -> None:
    session.edit(tr("Order the variants"), puppet=order_variant(session.puppet, key, number, place))


def carry_hand(session: Session, key: str, *, on: bool) -> None:
    session.edit(tr("Keep the hand's place"), puppet=set_carries(session.puppet, key, on=on))

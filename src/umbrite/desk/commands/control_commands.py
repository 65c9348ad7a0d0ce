"""Controls: the proposed set looked at and made, single ones, and what animators may touch."""

from collections.abc import Callable, Sequence

from msgspec.structs import replace

from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import CONTROLS
from umbrite.desk.theme.language import tr
from umbrite.rig.control_kinds import traits
from umbrite.rig.edits.control_proposals import make_proposed, propose_controls
from umbrite.rig.edits.controls import make_control
from umbrite.rig.edits.links import add_link
from umbrite.rig.ids import id_kind
from umbrite.rig.model import ControlKind, Puppet


def needs_proposals(session: Session) -> str:
    if propose_controls(session.puppet):
        return ""
    if session.puppet.controls:
        return tr("Every limb and carrier has its control already.")
    return tr("Make a limb or a master first; controls are made from them.")


def make_controls(session: Session) -> None:
    """Pencil the proposed controls in place; asked again, make those that are not left out."""
    if session.drafts.now.left_out is None or session.workspace.station is not CONTROLS:
        session.workspace.go_to(CONTROLS)
        session.drafts.put(session.drafts.now._replace(left_out=frozenset()))
        count = len(propose_controls(session.puppet))
        session.say(
            tr(
                "{count} controls are proposed. Click one to exclude it; Enter makes them, Esc discards them.",
                count=count,
            )
        )
        return
    take_all(session)


def take_all(session: Session) -> None:
    """Make the proposed controls that are not left out, in one step."""
    left = session.drafts.now.left_out or frozenset()
    wanted = [p for p in propose_controls(session.puppet) if p.control.name not in left]
    session.drafts.put(session.drafts.now._replace(left_out=None))
    if not wanted:
        session.say(tr("All proposed controls are excluded; none was made."))
        return
    puppet, made = make_proposed(session.puppet, wanted)
    session.edit(
        tr("Make {count} control{ending}", count=len(made), ending="s" if len(made) > 1 else ""), puppet=puppet
    )
    session.say(tr("{count} controls made. Rehearse with them: Ctrl+5.", count=len(made)))


def rub_out(session: Session) -> None:
    session.drafts.put(session.drafts.now._replace(left_out=None))
    session.say(tr("The proposed controls were discarded."))


def leave_or_take(session: Session, number: int) -> None:
    """Leave a proposed control out, or take it again."""
    name = propose_controls(session.puppet)[number].control.name
    left = session.drafts.now.left_out or frozenset()
    session.drafts.put(session.drafts.now._replace(left_out=left ^ {name}))
    word = tr("is included again") if name in left else tr("is excluded")
    session.say(tr("{name} {word}. Enter makes the others.", name=name, word=word))


def needs_one_joint(session: Session) -> str:
    return (
        ""
        if session.selection.of("joint")
        else tr("Select what the control should move first: a part, a rivet or a carrier.")
    )


def needs_several_parts(session: Session) -> str:
    return "" if len(session.selection.of("part")) > 1 else tr("Select the parts to choose from first, with Shift.")


def make(kind: ControlKind) -> Callable[[Session], None]:
    """An action that makes one control of a kind for each selected joint."""

    def work(session: Session) -> None:
        puppet, made = session.puppet, []
        for joint in session.selection.of("joint"):
            puppet, key = make_control(puppet, kind, joint)
            made.append(key)
        session.edit(tr("Make {kind} {made}", kind=kind, made=label_of_new(puppet, made)), puppet=puppet)
        session.workspace.go_to(CONTROLS)
        session.selection.select(made)

    return work


def label_of_new(puppet: Puppet, keys: Sequence[str]) -> str:
    return puppet.controls[keys[0]].name if len(keys) == 1 else tr("for {count} joints", count=len(keys))


def set_controls_only(session: Session, *, on: bool) -> None:
    """Let animators touch controls only, or the art too."""
    step = tr("Lock all but controls") if on else tr("Unlock all but controls")
    session.edit(step, puppet=replace(session.puppet, controls_only=on))


def switch_controls_only(session: Session) -> None:
    set_controls_only(session, on=not session.puppet.controls_only)
    words = (
        tr("Only controls can be dragged in Rehearse now.")
        if session.puppet.controls_only
        else tr("The art can be dragged in Rehearse again.")
    )
    session.say(words)


def needs_two_joints(session: Session) -> str:
    return "" if len(_linkable(session)) == 2 else tr("Select what leads first, then Shift+click what should follow.")


def _linkable(session: Session) -> list[str]:
    puppet = session.puppet
    found = [puppet.parts[key].joint if id_kind(key) == "part" else key for key in session.selection.keys]
    return [key for key in dict.fromkeys(found) if id_kind(key) in {"joint", "control"}]


def link(session: Session) -> None:
    """Let the turn of the second selected thing follow the first: a control's value, or the turn of a joint."""
    one, other = _linkable(session)
    puppet = session.puppet
    source = (
        f"{one}.value"
        if id_kind(one) == "control" and traits(puppet.controls[one]).beside
        else f"{_joint(puppet, one)}.turn"
    )
    drives = f"{_joint(puppet, other)}.turn"
    there = next((key for key, one in puppet.links.items() if (one.source, one.drives) == (source, drives)), None)
    if there is not None:
        session.selection.select([there])
        name = puppet.links[there].name
        session.say(
            tr("These are linked already, by {name}; here is its curve. A second link would add to it.", name=name)
        )
        return
    puppet, key = add_link(puppet, source, drives, [(-1.0, -0.5), (0.0, 0.0), (1.0, 0.5)])
    session.edit(tr("Link {name}", name=puppet.links[key].name), puppet=puppet)
    session.selection.select([key])
    session.say(tr("Drag the points of the curve in Details; choose there which values are linked."))


def _joint(puppet: Puppet, key: str) -> str:
    return puppet.controls[key].moves if id_kind(key) == "control" else key

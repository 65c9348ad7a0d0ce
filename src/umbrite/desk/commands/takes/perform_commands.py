"""Perform: while time runs, what is dragged, pressed or sent becomes keys, which are seen before they are kept."""

from collections.abc import Iterable

from umbrite.desk.commands.labels import some_names
from umbrite.desk.commands.takes.changes import needs_take
from umbrite.desk.session.running_time.performing import Pass
from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import TAKES
from umbrite.desk.theme.language import tr
from umbrite.motion.animating.stepping import cycle_of
from umbrite.motion.performing.kept_takes import Shaping, performed
from umbrite.rig.change import thing
from umbrite.rig.errors import RigError
from umbrite.rig.ids import owner_of
from umbrite.rig.takes import take_list
from umbrite.rig.takes.take import Take


def needs_performable(session: Session) -> str:
    take = session.timeline.take
    if take is not None and cycle_of(take, session.puppet) is not None:
        return tr("This take walks by itself. Use 'Bake walk to keys' first.")
    return needs_take(session)


def perform(session: Session) -> None:
    """Get ready for a pass, or end the one that runs; one that waits to be kept is kept. With controls selected the count begins at once."""
    performing = session.performing
    if performing.state == "shaped":
        keep(session)
    if performing.active:
        performing.end()
        return
    if why := needs_performable(session):
        raise RigError(why)
    session.workspace.go_to(TAKES)
    chosen = bool(session.selection.of("control"))
    performing.get_ready(at_once=chosen)
    session.say(
        tr("Drag your control when time runs; releasing it ends the pass. Esc discards it.")
        if chosen
        else tr("Press and hold a control: after a count of three you are recorded.")
    )


def pass_as_take(session: Session, made: Pass) -> Take:
    """The take of a pass with its keys, as smooth as is set. Raises RigError where the take is gone."""
    within = max(1.0, made.pixel / 2)  # where the hand was is known no better than to a pixel of the screen
    how = Shaping(session.performing.smooth, made.span, made.layer, within)
    return performed(take_list.get_take(session.history.now.takes, made.take), session.puppet, made.recorded, how)


def keys_made(session: Session, take: Take, made: Pass) -> int:
    """How many frames have keys in a pass: of the channel that has most."""
    level = session.timeline.level(take)
    return max((len(level.tracks.get(name, ())) for name in made.recorded.samples), default=0)


def preview(session: Session, made: Pass) -> Take:
    """Show the take with the pass."""
    take = pass_as_take(session, made)
    session.preview(takes=take_list.put_take(session.history.now.takes, take.name, take))
    return take


def keep(session: Session) -> None:
    """Keep the pass: one step of undo. It goes where its take is gone."""
    made, takes = session.performing.made, session.history.now.takes
    if made is None:
        return
    if all(each.name != made.take for each in takes):
        discard(session)
        return
    takes = take_list.put_take(takes, made.take, pass_as_take(session, made))
    session.performing.done()
    session.edit(tr("Perform {names}", names=some_names(_names(session, made.recorded.samples))), takes=takes)
    session.say(tr("The pass was keyed. Perform again to add the next one."))


def _names(session: Session, channels: Iterable[str]) -> list[str]:
    """What was performed, by the controls that move it where there are some."""
    puppet = session.puppet
    by_control = {each.moves: each.name for each in puppet.controls.values()}
    owners = dict.fromkeys(map(owner_of, channels))
    return [by_control.get(key) or thing(puppet, key).name for key in owners]


def discard(session: Session) -> None:
    """Let a pass go that is prepared, recorded or shaped: the take is as it was before."""
    session.performing.cancel()
    session.spring_back()
    session.say(tr("The pass was discarded."))

"""Changes of the take that is looked at: shown while they are dragged, and settled as one step each."""

from collections.abc import Callable, Collection, Mapping
from typing import NamedTuple

from umbrite.desk.session.session import Session
from umbrite.desk.theme.language import tr
from umbrite.motion.sampling import slopes_at
from umbrite.rig.channels import shown_unit
from umbrite.rig.errors import RigError
from umbrite.rig.model import Puppet
from umbrite.rig.takes import keys as key_edits
from umbrite.rig.takes import take_list
from umbrite.rig.takes.take import Interpolation, Spot, Take
from umbrite.rig.takes.take_layers import shifted


class Change(NamedTuple):
    """A change in the making: what the step is called, what becomes of a take, and which keys are picked afterwards, if others.

    It is about the take whose keys are shown, or about the `whole` one.
    """

    step: str
    how: Callable[[Take], Take]
    selected: frozenset[Spot] | None = None
    whole: bool = False


def needs_take(session: Session) -> str:
    return (
        ""
        if session.timeline.take is not None
        else tr("There is no take yet. Pose something in Takes, or make a take.")
    )


def current_take(session: Session) -> Take:
    """The take that is looked at, settled. Raises RigError where there is none."""
    take = session.timeline.take
    if take is None:
        raise RigError(needs_take(session))
    return take


def put_take(session: Session, step: str, take: Take) -> None:
    """Another take in the place of the one that is looked at, as a step."""
    was = current_take(session)
    session.edit(step, takes=take_list.put_take(session.history.now.takes, was.name, take))


def keyed_take(session: Session) -> Take:
    """The take whose keys are shown: the current one, or the layer over it that is open. Raises RigError where there is none."""
    return session.timeline.level(current_take(session))


def with_keyed(session: Session, take: Take) -> take_list.Takes:
    """The takes with another one in the place of the one whose keys are shown."""
    whole = current_take(session)
    return take_list.put_take(session.history.now.takes, whole.name, session.timeline.with_level(whole, take))


def put_keyed(session: Session, step: str, take: Take) -> None:
    """Another take in the place of the one whose keys are shown, as a step."""
    session.edit(step, takes=with_keyed(session, take))


def preview(session: Session, change: Change) -> None:
    """Show a change while it is dragged."""
    session.preview(takes=_changed(session, change))


def settle(session: Session, change: Change) -> None:
    """Make a change a step; picked keys stay picked where they are now."""
    session.edit(change.step, takes=_changed(session, change))
    if change.selected is not None:
        session.timeline.select(change.selected)


def _changed(session: Session, change: Change) -> take_list.Takes:
    if not change.whole:
        return with_keyed(session, change.how(keyed_take(session)))
    take = current_take(session)
    return take_list.put_take(session.history.now.takes, take.name, change.how(take))


def moved(spots: Collection[Spot], by: float, *, copy: bool = False) -> Change:
    """Keys so many frames later, or copies of them."""
    selected = frozenset((channel, frame + by) for channel, frame in spots)
    if copy:
        start = min(frame for _, frame in spots)

        def copied(take: Take) -> Take:
            return key_edits.paste_keys(take, key_edits.clip_of(take, spots), start + by)

        return Change(tr("Copy {count} keys", count=len(spots)), copied, selected)
    step = tr("Move {count} keys", count=len(spots))
    return Change(step, lambda take: key_edits.move_keys(take, spots, by), selected)


def raised(spots: Collection[Spot], by: float, up: Mapping[str, float]) -> Change:
    """Keys so many frames later, their values more by as much as `up` tells for each channel."""

    def how(take: Take) -> Take:
        here = {spot: key.value for spot in spots if (key := key_edits.key_at(take, *spot)) is not None}
        values = {spot: value + up.get(spot[0], 0.0) for spot, value in here.items()}
        return key_edits.move_keys(key_edits.set_values(take, values), spots, by)

    selected = frozenset((channel, frame + by) for channel, frame in spots)
    return Change(tr("Drag {count} keys", count=len(spots)), how, selected)


def valued(spots: Collection[Spot], value: float) -> Change:
    """Keys with one value, as people read it."""

    def how(take: Take) -> Take:
        return key_edits.set_values(take, {spot: value / shown_unit(spot[0]) for spot in spots})

    return Change(tr("Type a value for {count} keys", count=len(spots)), how)


def eased(spots: Collection[Spot], out: float, into: float) -> Change:
    """The ways from keys to the next ones set off and come in slowly, by two shares."""
    interpolation: Interpolation = "eased" if out + into > 0 else "straight"

    def how(take: Take) -> Take:
        return key_edits.set_interpolation(take, spots, interpolation, out, into)

    return Change(tr("Ease {count} keys", count=len(spots)), how)


def stretched(spots: Collection[Spot], about: float, factor: float) -> Change:
    """Keys further from a frame, or nearer to it, by a factor."""

    def how(take: Take) -> Take:
        return key_edits.stretch_keys(take, spots, about, factor)

    selected = frozenset((channel, about + (frame - about) * factor) for channel, frame in spots)
    return Change(tr("Stretch {count} keys", count=len(spots)), how, selected)


def bent(puppet: Puppet, spot: Spot, slope: float, ways: Collection[int]) -> Change:
    """A channel comes to a key (-1 in `ways`) and goes on from it (1) with a slope, per frame; the other ends of these ways stay."""

    def how(take: Take) -> Take:
        channel, frame = spot
        track = take.tracks[channel]
        at = next(i for i, key in enumerate(track) if key.frame == frame)
        before, after = at - 1, at + 1
        if take.loop:  # what stands at its end stands at its beginning too
            before, after = before % len(track), after % len(track)
        if -1 in ways and 0 <= before < len(track) and before != at:
            out = slopes_at(take, puppet, channel, track[before].frame)[1]
            take = key_edits.set_interpolation(take, [(channel, track[before].frame)], "free", out, slope)
        if 1 in ways and 0 <= after < len(track) and after != at:
            into = slopes_at(take, puppet, channel, track[after].frame)[0]
            take = key_edits.set_interpolation(take, [spot], "free", slope, into)
        return take

    return Change(tr("Bend a curve"), how)


def slid(by: int) -> Change:
    """The open layer with all its keys so many frames later."""
    return Change(tr("Move the layer by {count} frames", count=by), lambda take: shifted(take, by))


def with_end(end: str, frame: int) -> Change:
    """The take's beginning ("first") or end elsewhere."""
    word = tr("beginning") if end == "first" else tr("end")

    def how(take: Take) -> Take:
        return take_list.set_time(take, first=frame) if end == "first" else take_list.set_time(take, last=frame)

    return Change(tr("Put the {word} at frame {frame}", word=word, frame=frame), how)

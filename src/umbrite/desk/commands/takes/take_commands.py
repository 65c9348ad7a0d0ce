"""Takes made and named, keys put, moved, eased, delayed: each one step of undo."""

from collections.abc import Callable, Collection, Sequence

import msgspec
from msgspec.structs import replace
from PySide6.QtGui import QGuiApplication

from umbrite.desk.commands.sets.variant_commands import needs_variants, sets_selected
from umbrite.desk.commands.takes.changes import current_take, keyed_take, put_keyed, put_take
from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import TAKES
from umbrite.desk.theme.language import tr
from umbrite.motion.animating.idling import spoken
from umbrite.rig.channels import known_only, neutral
from umbrite.rig.edits.shelf import by_names, from_names, get_pose
from umbrite.rig.errors import RigError
from umbrite.rig.family import branch
from umbrite.rig.ids import owner_of
from umbrite.rig.model import Pose
from umbrite.rig.takes import keys as key_edits
from umbrite.rig.takes import take_list
from umbrite.rig.takes.reach import of_kinds
from umbrite.rig.takes.take import Interpolation, Key, Spot

SCATTER = 3.0  # frames, at most apart


# Reasons


def needs_keys(session: Session) -> str:
    return "" if session.timeline.selected else tr("Select keys on the tape first.")


def needs_unkept(session: Session) -> str:
    return "" if session.timeline.unkept else tr("There are no pending changes here.")


def needs_carried(session: Session) -> str:
    return "" if session.carried_last is not None else tr("The last step changed no takes or poses.")


def set_interpolation(
    session: Session, spots: Collection[Spot], interpolation: Interpolation, share: float = 0.0
) -> None:
    """Another way from these keys to the next ones."""
    take = key_edits.set_interpolation(keyed_take(session), spots, interpolation, share, share)
    put_keyed(session, tr("Interpolation of {count} keys", count=len(spots)), take)


def remove_selected(session: Session) -> None:
    """Remove the picked keys."""
    spots = session.timeline.selected
    take = key_edits.remove_keys(keyed_take(session), spots)
    session.timeline.select(())
    put_keyed(session, tr("Remove {count} keys", count=len(spots)), take)


# Keys at the playhead


def key_everything(session: Session) -> None:
    """Key all channels that the take or the pose names, at the playhead, with the values that they have there."""
    session.workspace.go_to(TAKES)
    take = session.timeline.take
    names = {*session.pose, *(take.tracks if take is not None else {})}
    names |= {f"{c.moves}.{what}" for c in session.puppet.controls.values() for what in ("x", "y", "turn")}
    names |= {f"{key}.shows" for key in session.puppet.sets}
    _key(session, names, tr("Key all"))


def key_selected(session: Session) -> None:
    """Key what is selected, at the playhead."""
    session.workspace.go_to(TAKES)
    puppet = session.puppet
    owners = set(session.selection.of("joint")) | set(session.selection.keys)
    take = session.timeline.take
    known = {*session.pose, *(take.tracks if take is not None else {})}
    names = {name for name in known if owner_of(name) in owners}
    names |= {f"{key}.{what}" for key in owners if key in puppet.joints for what in ("x", "y", "turn")}
    _key(session, names, tr("Key selected"))


def _key(session: Session, names: Collection[str], step: str) -> None:
    names = of_kinds(names, session.timeline.kinds)
    if not names:
        raise RigError(tr("There is nothing to key: nothing is posed or controlled, or no kind of value is chosen."))
    values = {name: session.pose.get(name, 0.0) for name in sorted(names)}
    session.timeline.let_go()
    session.edit(step, takes=session.timeline.with_keys(session.history.now, values))
    frame = f"{session.timeline.frame:g}"
    session.say(tr("{count} channels are keyed at frame {frame}.", count=len(values), frame=frame))


def keep_unkept(session: Session) -> None:
    """Make keys of what stands unkept at the playhead."""
    takes = session.timeline.kept(session.history.now)
    if takes is None:
        raise RigError(needs_unkept(session))
    session.edit(tr("Key the changes at frame {frame}", frame=f"{session.timeline.frame:g}"), takes=takes)


def keep_all_unkept(session: Session) -> None:
    """Make keys of what stands unkept in any take."""
    if session.timeline.unkept:
        keep_unkept(session)
    for name in session.timeline.aside:
        session.timeline.choose(name)
        keep_unkept(session)


def switch_keying(session: Session) -> None:
    """Key as one poses, or leave changes unkept until they are kept."""
    session.timeline.set_keying(on=not session.timeline.keying)
    session.say(
        tr("Auto-key is on: what you pose is keyed.")
        if session.timeline.keying
        else tr("Auto-key is off: Enter keys a pending change, moving the playhead discards it.")
    )


def drop_pose(session: Session, name: str, frame: float) -> None:
    """A pose of the shelf at a frame: all that is known of the take keyed there, or the part that the pose is for."""
    saved = get_pose(session.puppet, name)
    session.workspace.go_to(TAKES)
    session.timeline.go_to(frame)
    pose = known_only(saved.channels, session.puppet)
    take = session.timeline.take
    names = {*pose, *(take.tracks if take is not None else {})}
    names |= {f"{c.moves}.{what}" for c in session.puppet.controls.values() for what in ("x", "y", "turn")}
    names |= {f"{key}.shows" for key in session.puppet.sets}
    if saved.about:
        names = {channel for channel in names if owner_of(channel) in saved.about}
    names = of_kinds(names, session.timeline.kinds)
    values = {channel: pose.get(channel, neutral(channel)) for channel in sorted(names)}
    session.edit(
        tr("Key {name} at frame {frame}", name=name, frame=f"{frame:g}"),
        takes=session.timeline.with_keys(session.history.now, values),
    )


def more_ghosts(by: int) -> Callable[[Session], None]:
    """An action that shows more or fewer ghosts."""

    def work(session: Session) -> None:
        session.timeline.set_ghosts(session.timeline.ghosts + by)
        session.say(tr("{count} ghosts before and after the playhead.", count=session.timeline.ghosts))

    return work


def speak(session: Session, shapes: Sequence[tuple[float, str]], source: str) -> None:
    """The variants of the selected set at frames, by names, as a list tells."""
    keys = sets_selected(session)
    if not keys:
        raise RigError(needs_variants(session))
    session.workspace.go_to(TAKES)
    take = spoken(current_take(session), session.puppet, keys[0], shapes)
    put_take(session, tr("Shapes of {name} from {source}", name=session.puppet.sets[keys[0]].name, source=source), take)
    session.say(tr("{count} frames were read from {source}.", count=len(shapes), source=source))


# Time


def step_by(frames: int) -> Callable[[Session], None]:
    """An action that moves the playhead."""

    def work(session: Session) -> None:
        take = current_take(session)
        at = session.timeline.frame + frames
        if take.loop:
            at = take.first + (at - take.first) % (take.last - take.first)
        session.timeline.go_to(float(round(min(max(at, take.first), take.last))))

    return work


def to_end(end: str) -> Callable[[Session], None]:
    """An action that moves the playhead to the beginning or the end."""

    def work(session: Session) -> None:
        take = current_take(session)
        session.timeline.go_to(float(take.first if end == "first" else take.last))

    return work


def to_key(step: int) -> Callable[[Session], None]:
    """An action that moves the playhead to the next key, or the one before."""

    def work(session: Session) -> None:
        take, here = keyed_take(session), session.timeline.frame
        frames = sorted({key.frame for track in take.tracks.values() for key in track})
        ahead = [frame for frame in frames if (frame > here if step > 0 else frame < here)]
        if not ahead:
            raise RigError(tr("There is no key that way."))
        session.timeline.go_to(ahead[0] if step > 0 else ahead[-1])

    return work


def stretch_selected(factor: float) -> Callable[[Session], None]:
    """An action that takes the picked keys apart or together, about the earliest of them."""

    def work(session: Session) -> None:
        selected = session.timeline.selected
        first = min((frame for _, frame in selected), default=0.0)
        take = key_edits.stretch_keys(keyed_take(session), selected, first, factor)
        put_keyed(session, tr("Stretch {count} keys", count=len(selected)), take)
        session.timeline.select({(channel, first + (frame - first) * factor) for channel, frame in selected})

    return work


# The clipboard


class _Clip(msgspec.Struct):
    format: str
    tracks: dict[str, tuple[Key, ...]]


CLIP = "umbrite-keys"


def copy_keys(session: Session) -> None:
    """The picked keys by names, as text on the clipboard: other takes and other puppets can take them."""
    clip = key_edits.clip_of(keyed_take(session), session.timeline.selected)
    names = {channel: next(iter(by_names(session.puppet, {channel: 1.0})), "") for channel in clip}
    told = _Clip(CLIP, {names[channel]: track for channel, track in clip.items() if names[channel]})
    QGuiApplication.clipboard().setText(msgspec.json.encode(told).decode())
    session.say(tr("{count} keys are on the clipboard.", count=sum(map(len, clip.values()))))


def cut_keys(session: Session) -> None:
    """The picked keys onto the clipboard, and out of the take."""
    copy_keys(session)
    remove_selected(session)


def paste_keys(session: Session) -> None:
    """Keys from the clipboard, the earliest at the playhead, as far as the names are known here."""
    try:
        found = msgspec.json.decode(QGuiApplication.clipboard().text().encode(), type=_Clip)
    except (msgspec.DecodeError, UnicodeError):
        found = _Clip("", {})
    if found.format != CLIP or not found.tracks:
        raise RigError(tr("There are no keys on the clipboard. Copy some from a tape first."))
    clip: dict[str, tuple[Key, ...]] = {}
    for name, track in found.tracks.items():
        here, _ = from_names(session.puppet, {name: 1.0})
        clip |= dict.fromkeys(here, track)
    if not clip:
        raise RigError(tr("This puppet has nothing of the names that these keys are for."))
    take = key_edits.paste_keys(keyed_take(session), clip, session.timeline.frame)
    if fault := next(take_list.take_faults((take,)), None):
        raise RigError(tr("These keys can't be pasted: {fault}.", fault=fault))
    put_keyed(session, tr("Paste keys"), take)
    at = session.timeline.frame
    session.timeline.select({(name, key.frame + at) for name, track in clip.items() for key in track})


# Whole takes


def new_take(session: Session) -> None:
    """One more take; what is posed in Rehearse is its first key."""
    _new_take(session, session.history.now.pose)


def new_take_at_rest(session: Session) -> None:
    """One more take, without keys."""
    _new_take(session, {})


def _new_take(session: Session, pose: Pose) -> None:
    takes = take_list.add_take(
        session.history.now.takes, tr("Take {count}", count=len(session.history.now.takes) + 1), pose
    )
    session.workspace.go_to(TAKES)
    session.edit(tr("Make {name}", name=takes[-1].name), takes=takes)
    session.timeline.choose(takes[-1].name)
    session.say(tr("{name}: pose here, then go to another frame.", name=takes[-1].name))


def copy_take(session: Session) -> None:
    take = current_take(session)
    takes = take_list.copy_take(session.history.now.takes, take.name)
    session.edit(tr("Copy {name}", name=take.name), takes=takes)
    session.timeline.choose(takes[[each.name for each in takes].index(take.name) + 1].name)


def remove_take(session: Session) -> None:
    take = current_take(session)
    session.edit(tr("Remove {name}", name=take.name), takes=take_list.remove_take(session.history.now.takes, take.name))
    session.timeline.choose("")


def rename_take(session: Session, text: str) -> None:
    """Give the take another name; it stays the one that is looked at, with what is not kept there yet."""
    take = current_take(session)
    takes = take_list.rename_take(session.history.now.takes, take.name, text)
    session.timeline.follow(text.strip())
    session.edit(tr("Name {strip}", strip=text), takes=takes)


def set_rate(session: Session, rate: float) -> None:
    """Another rate. Frames stay what they are; whether seconds should instead is asked, where there is something to move."""
    take = current_take(session)
    put_take(session, tr("{rate} frames per second", rate=f"{rate:g}"), take_list.set_time(take, rate=rate))
    if not take.tracks or rate == take.rate:
        return
    length = take.last - take.first
    session.asking(
        tr("{name} now takes {now} s instead of {was} s.", name=take.name, now=f"{length / rate:.2f}", was=f"{length / take.rate:.2f}"),
        tr("All keys stayed on their frames. They can be moved instead, so that the take lasts as long as before."),
        {
            tr("Keep the frames"): lambda: None,
            tr("Keep the seconds"): lambda: _keep_seconds(session, take.name, take.rate, rate),
        },
    )  # fmt: skip


def _keep_seconds(session: Session, name: str, before: float, rate: float) -> None:
    """The keys of a take that runs at another rate now as many seconds from its beginning as before."""
    take = next((each for each in session.history.now.takes if each.name == name), None)
    if take is None or take.rate != rate:
        session.say(tr("{name} has changed since. Set its rate again.", name=name))
        return
    made = key_edits.paced(take, rate / before)
    put_take(session, tr("Keep the seconds of {name}", name=name), made)
    if off := len(key_edits.between_frames(made)):
        session.say(tr("{count} keys lie between frames now. Takes > Keys on whole frames puts them there.", count=off))


def put_on_frames(session: Session) -> None:
    """The selected keys, or all, on the nearest whole frames."""
    take = keyed_take(session)
    off = key_edits.between_frames(take)
    spots = (off & session.timeline.selected) or off
    if not spots:
        session.say(tr("All keys are on whole frames already."))
        return
    put_keyed(session, tr("{count} keys on whole frames", count=len(spots)), key_edits.on_frames(take, spots))


def close_loop(session: Session) -> None:
    """The last frame becomes the first one again, and the take goes round."""
    put_take(session, tr("Close the loop"), key_edits.close_loop(current_take(session)))
    session.say(tr("The take is a loop: its last frame is its first one again."))


def open_loop(session: Session) -> None:
    """Play a loop once only."""
    put_take(session, tr("Play once"), replace(current_take(session), loop=False))


def switch_loop(session: Session) -> None:
    open_loop(session) if current_take(session).loop else close_loop(session)


def chain_groups(session: Session) -> list[list[str]]:
    """The keyed channels of a selected joint and of what hangs from it, joint by joint as far from it as they are."""
    puppet, take = session.puppet, keyed_take(session)
    tops = session.selection.of("joint")
    if not tops:
        raise RigError(tr("Select the joint that leads first; its children follow."))
    depth: dict[str, int] = {}
    for key in branch(puppet, tops[0]):
        depth[key] = 0 if key == tops[0] else depth.get(str(puppet.joints[key].parent), 0) + 1
    most = max(depth.values())
    groups = [[n for n in take.tracks if depth.get(owner_of(n)) == level] for level in range(most + 1)]
    if not any(groups[1:]):
        raise RigError(tr("No child of this joint is keyed. Key the chain first."))
    return groups


def mirror_selected(session: Session) -> None:
    """The picked keys in the opposite order of time."""
    take = key_edits.mirror_keys(keyed_take(session), session.timeline.selected)
    put_keyed(session, tr("Reverse {count} keys", count=len(session.timeline.selected)), take)

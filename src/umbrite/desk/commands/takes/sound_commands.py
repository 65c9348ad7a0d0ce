"""The sound under a take: laid there, moved, trimmed, marked, taken away."""

from pathlib import Path

from msgspec.structs import replace
from PySide6.QtCore import Qt

from umbrite.desk.commands.takes.changes import Change, current_take, needs_take, put_take
from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import TAKES
from umbrite.desk.theme.language import tr
from umbrite.files.takes.sounded import sound_file
from umbrite.rig.errors import RigError
from umbrite.rig.takes import sounds
from umbrite.rig.takes.take import Take
from umbrite.rig.takes.take_list import Takes, add_take
from umbrite.rig.takes.take_list import put_take as with_take
from umbrite.sound.loudness import accents


def needs_sound(session: Session) -> str:
    take = session.timeline.take
    if take is not None and take.sound is not None:
        return ""
    return needs_take(session) or tr("{name} has no sound yet. Add one first.", name=take.name if take else "")


def lay(session: Session, path: Path) -> None:
    """Lay a sound file under the current take, from its first frame on; a first take is made where there is none."""
    session.workspace.go_to(TAKES)
    sound, data, samples = session.apart(tr("Reading {name}", name=path.name), lambda watch: sound_file(path, watch))
    takes: Takes = session.history.now.takes
    if not takes:
        frames = max(24, round(samples.seconds * 24))
        takes = add_take((), tr("Take {count}", count=1))
        takes = (replace(takes[0], last=frames),)
    take = session.timeline.of(takes) or takes[0]
    session.file.add_art({sound.sha256: data})
    session.sounds.take_in(sound, samples)
    laid = sounds.lay_sound(take, replace(sound, at=float(take.first)))
    session.edit(tr("Add {name} to {take}", name=sound.name, take=take.name), takes=with_take(takes, take.name, laid))
    session.say(
        tr("{name} lasts {seconds} s. Drag its row to move it, its ends to trim it.", name=sound.name, seconds=f"{sound.seconds:.1f}")
    )  # fmt: skip


def remove(session: Session) -> None:
    take = current_take(session)
    name = sounds.sound_of(take).name
    put_take(session, tr("Remove {name}", name=name), sounds.remove_sound(take))


def mark_here(session: Session) -> None:
    """Mark the sound at the playhead, or take the mark away that is there."""
    take = current_take(session)
    playing = session.player.playing
    frame = session.player.frame_in_take() if playing else session.timeline.frame
    put_take(session, tr("Mark the sound"), sounds.mark(take, frame, also_away=not playing))


def is_tap(session: Session, key: int) -> bool:
    """Whether a key marks the sound: M while it plays."""
    take = session.timeline.take
    return key == Qt.Key.Key_M and session.player.playing and take is not None and take.sound is not None


def mark_accents(session: Session) -> None:
    """Marks where the sound begins loudly, in the place of those that it has."""
    take = current_take(session)
    sound = sounds.sound_of(take)
    found = accents(session.sounds.now(sound))
    if not found:
        raise RigError(
            tr("{name} has no accents that stand out. Mark it by hand with M while it plays.", name=sound.name)
        )
    put_take(session, tr("Mark {count} accents", count=len(found)), sounds.with_marks(take, found))
    session.say(tr("{count} accents are marked. Keys that are dragged snap to them.", count=len(found)))


def lengthen(session: Session) -> None:
    """Let the take end where its sound ends."""
    take = current_take(session)
    last = round(sounds.heard_frames(take)[1])
    put_take(session, tr("End the take with its sound"), replace(take, last=max(last, take.first + 1)))


def slid(by: float) -> Change:
    """The sound so many frames later."""
    step = tr("Move the sound by {count} frames", count=f"{by:g}")
    return Change(step, lambda take: sounds.move_sound(take, sounds.sound_of(take).at + by), whole=True)


def trimmed(end: str, frame: float) -> Change:
    """The sound heard from ("starts") or to ("ends") a frame."""

    def how(take: Take) -> Take:
        second = sounds.second_at(take, frame)
        return sounds.trim_sound(take, starts=second) if end == "starts" else sounds.trim_sound(take, ends=second)

    return Change(tr("Trim the sound"), how, whole=True)

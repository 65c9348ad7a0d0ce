"""Poses of the shelf: applied, saved, mirrored, copied and pasted."""

import json

import msgspec
from PySide6.QtGui import QGuiApplication

from umbrite.desk.commands.labels import label_of
from umbrite.desk.commands.pose_commands import channel_owners
from umbrite.desk.session.session import Session, settled_pose
from umbrite.desk.theme.language import tr
from umbrite.rig.channels import known_only
from umbrite.rig.edits.shelf import blended, by_names, from_names, get_pose, mirrored, save_pose
from umbrite.rig.errors import RigError
from umbrite.rig.model import SavedPose
from umbrite.rig.quantities.bounds import LARGEST

FORMAT = "umbrite-pose"


def chosen_ids(session: Session, saved: SavedPose, *, only_selected: bool) -> set[str] | None:
    """The ids whose channels a pose should change: those that it is for, and of these the selected ones; None for all."""
    own = set(saved.about) if saved.about else None
    chosen = set(channel_owners(session)) if only_selected and session.selection.keys else None
    if own is None or chosen is None:
        return chosen if own is None else own
    return own & chosen


def apply(session: Session, name: str, *, only_selected: bool = False) -> None:
    """Take up a pose of the shelf, whole, for the part that it is for, or for what is selected."""
    saved = get_pose(session.puppet, name)
    only = chosen_ids(session, saved, only_selected=only_selected)
    pose = known_only(saved.channels, session.puppet)
    session.edit(tr("Pose {name}", name=name), pose=blended(settled_pose(session), pose, 1.0, only))


def save(session: Session) -> str:
    """Put the present pose on the shelf; its name."""
    count = len(session.puppet.poses) + 1
    return _saved(session, tr("Pose {count}", count=count), ())


def save_part(session: Session) -> str:
    """Put the pose of what is selected on the shelf, and of nothing else: a hand, a face; its name."""
    about = tuple(channel_owners(session))
    if not about:
        raise RigError(tr("Select what the pose should be for first: controls, or pieces of the puppet."))
    return _saved(session, label_of(session, session.selection.keys), about)


def _saved(session: Session, name: str, about: tuple[str, ...]) -> str:
    puppet = save_pose(session.history.now.puppet, name, settled_pose(session), about)
    name = puppet.poses[-1].name
    session.edit(tr("Save {name}", name=name), puppet=puppet)
    part = tr(" for this part only") if about else ""
    session.say(tr("{name} was saved{part}. Double click its name to rename it.", name=name, part=part))
    return name


def mirror(session: Session) -> None:
    session.edit(tr("Mirror the pose"), pose=mirrored(session.puppet, settled_pose(session)))


class _Text(msgspec.Struct):
    format: str
    channels: dict[str, float | str]


def text_of(session: Session) -> str:
    """The present pose by names, as text that other puppets and other programs can read."""
    names = by_names(session.puppet, settled_pose(session))
    return json.dumps({"format": FORMAT, "channels": names}, indent=1, ensure_ascii=False)


def copy(session: Session) -> None:
    """The present pose by names, as text on the clipboard."""
    QGuiApplication.clipboard().setText(text_of(session))
    count = len(by_names(session.puppet, settled_pose(session)))
    session.say(tr("The pose is on the clipboard: {count} values by name.", count=count))


def paste(session: Session) -> None:
    """Take up a pose from the clipboard, as far as the names are known here."""
    channels = _channels_of(QGuiApplication.clipboard().text())
    if channels is None:
        raise RigError(tr("There is no pose on the clipboard. Copy one here or in another window first."))
    _take(session, channels, tr("Paste pose"))


def take_up(session: Session, text: str) -> None:
    """Take up a pose that is text, as far as its names are known here. Refuses what is no pose."""
    channels = _channels_of(text)
    if channels is None:
        raise RigError(tr("This file holds no pose. Export a pose file here or in another window first."))
    _take(session, channels, tr("Load pose"))


def _channels_of(text: str) -> dict[str, float | str] | None:
    try:
        found = msgspec.json.decode(text.encode(), type=_Text)
    except (msgspec.DecodeError, UnicodeError, RecursionError):
        return None
    sound = all(isinstance(value, str) or abs(value) < LARGEST for value in found.channels.values())
    return dict(found.channels) if found.format == FORMAT and sound else None


def _take(session: Session, channels: dict[str, float | str], step: str) -> None:
    pose, missing = from_names(session.puppet, channels)
    session.edit(step, pose=pose)
    words = (
        tr(" This puppet has no {names}.", names=", ".join(missing[:4]) + (tr(" and more") if len(missing) > 4 else ""))
        if missing
        else ""
    )
    session.say(tr("Pose loaded: {count} values.{words}", count=len(pose), words=words))

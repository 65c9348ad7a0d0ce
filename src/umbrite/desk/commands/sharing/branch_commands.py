"""Branches, controls, links and takes from one puppet to another: by the system's clipboard, by the library, larger and smaller.

On the clipboard a branch is a whole package, as in a file, and a picture for all other programs; controls, links and takes are text by names.
"""

from collections.abc import Callable

import msgspec
from msgspec.structs import replace
from PySide6.QtCore import QMimeData
from PySide6.QtGui import QGuiApplication

from umbrite.desk.commands import shelf_commands
from umbrite.desk.commands.labels import count_text, label_of
from umbrite.desk.commands.sharing.guest_commands import guest_selected
from umbrite.desk.commands.takes.changes import current_take
from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import PARTS
from umbrite.desk.theme.language import tr
from umbrite.files.native.kept_beside import art_named
from umbrite.files.package import MIMETYPE, Package, from_bytes, part_of, to_bytes
from umbrite.paint.render import close_picture, close_png
from umbrite.rig.errors import RigError
from umbrite.rig.family import branch
from umbrite.rig.invariants import invariants
from umbrite.rig.merging.branch_alone import branch_alone
from umbrite.rig.merging.branch_merging import merge
from umbrite.rig.merging.resizing import resize_branch
from umbrite.rig.merging.rewiring import Transform
from umbrite.rig.model import Puppet
from umbrite.rig.versions.along_by_names import FORMAT, Clip, clip_of, with_clip

MOST_TEXT = 20_000_000  # characters of a clipboard that are looked at
STEP = 1.1  # by how much a branch is made larger at once


def needs_branch(session: Session) -> str:
    return "" if session.selection.of("joint") else tr("Select a part or a joint first; its branch goes along.")


def needs_something(session: Session) -> str:
    if session.workspace.station.posed:
        return "" if session.puppet.parts else tr("There are no parts yet. Open a layered picture first.")
    if session.selection.of("joint") or session.selection.only("control") or session.selection.only("link"):
        return ""
    return tr("Select a part, a joint, controls or links first.")


def selected_branch(session: Session) -> Package:
    """The branches of what is selected, as a package of their own, with a canvas that shows them where they are."""
    guest = guest_selected(session)
    keys = session.selection.of("joint") if guest is None else [session.puppet.guests[guest].root]
    tops = tops_of(session.puppet, keys)
    whole = session.file.package()
    return part_of(whole, branch_alone(whole.document, tops))


def tops_of(puppet: Puppet, keys: list[str]) -> list[str]:
    """Those of the joints that no other of them carries."""
    below = {each for key in keys for each in branch(puppet, key)[1:]}
    return [key for key in keys if key not in below]


def copy(session: Session) -> None:
    """What is selected onto the clipboard: a branch as a package and a picture, controls and links by names; a pose where one poses."""
    if session.workspace.station.posed:
        shelf_commands.copy(session)
        return
    named = [*session.selection.only("control"), *session.selection.only("link")]
    if named:
        _put_text(clip_of(session.history.now, named))
        session.say(tr("{what} on the clipboard, by names.", what=count_text(session, named)))
        return
    package = selected_branch(session)
    mime = QMimeData()
    mime.setData(MIMETYPE, to_bytes(package, close_png(package) if package.puppet.parts else None))
    if package.puppet.parts:
        mime.setImageData(close_picture(package))
    QGuiApplication.clipboard().setMimeData(mime)
    session.say(
        tr("{name} is on the clipboard: {count} parts. Paste it here or in another window.",
           name=package.puppet.name, count=len(package.puppet.parts))
    )  # fmt: skip


def _put_text(clip: Clip) -> None:
    QGuiApplication.clipboard().setText(msgspec.json.encode(clip).decode())


def copy_take(session: Session) -> None:
    """The take that is looked at onto the clipboard, by names."""
    take = current_take(session)
    _put_text(clip_of(session.history.now, take=take))
    session.say(tr("The take {name} is on the clipboard, by names.", name=take.name))


def paste(session: Session) -> None:
    """What the clipboard holds: a branch, controls and links or a take by names, or a pose."""
    mime = QGuiApplication.clipboard().mimeData()
    if mime.hasFormat(MIMETYPE):
        onto = session.selection.of("joint")
        bring(session, from_bytes(bytes(mime.data(MIMETYPE).data())), onto[0] if len(onto) == 1 else None)
        return
    clip = _clip_in(mime.text()[:MOST_TEXT] if mime.hasText() else "")
    if clip is not None:
        _paste_clip(session, clip)
    elif session.workspace.station.posed:
        shelf_commands.paste(session)
    else:
        raise RigError(
            tr("There is no branch, control, link or take on the clipboard. Copy one here or in another window first.")
        )


def _clip_in(text: str) -> Clip | None:
    if FORMAT not in text[:200]:
        return None
    try:
        return msgspec.json.decode(text.encode(), type=Clip)
    except (msgspec.DecodeError, msgspec.ValidationError, UnicodeError, RecursionError):
        return None


def _paste_clip(session: Session, clip: Clip) -> None:
    document, made, missing = with_clip(session.history.now, clip)
    if clip.take is not None and (sound := clip.take.sound) is not None and sound.sha256 not in session.file.art:
        # Text carries no sound: it stays with the puppet that has it.
        silent = replace(document.takes[-1], sound=None)
        document = replace(document, takes=(*document.takes[:-1], silent))
        missing = [*missing, sound.name]
    if fault := next(iter(invariants(document.puppet)), None):
        raise RigError(tr("What is on the clipboard can't be used here: {fault}.", fault=fault))
    name = tr("Paste the take {name}", name=clip.take.name) if clip.take is not None else tr("Paste by names")
    session.edit(name, whole=document)
    if clip.take is not None:
        session.timeline.choose(document.takes[-1].name)
    session.selection.select(made)
    lost = tr(" This puppet has no {names}.", names=", ".join(missing[:4])) if missing else ""
    what = clip.take.name if clip.take is not None else count_text(session, made)
    session.say(tr("Pasted: {what}.{lost}", what=what, lost=lost))


def bring(session: Session, package: Package, onto: str | None = None, at: complex | None = None) -> None:
    """Another puppet's branch into this one, as large as the canvases are to each other; hanging from `onto`, its first pivot `at` a place
    of the board. What is brought is selected.
    """
    other, puppet = package.document, session.puppet
    tops = [key for key, joint in other.puppet.joints.items() if joint.parent is None]
    scale = puppet.height / other.puppet.height if puppet.joints else 1.0
    root = _leading(other.puppet, tops)
    pivot = other.puppet.joints[root].pivot.z if root else 0j
    shift = _shift(session, pivot * scale, onto) if at is None else at - pivot * scale
    before = session.history.now
    made = merge(before, other, Transform(shift, scale=scale), onto)
    session.file.add_art(art_named(other, package.art))
    document = made.document
    if not puppet.joints:  # an empty puppet takes the canvas of what comes first
        canvas = replace(document.puppet, width=other.puppet.width, height=other.puppet.height)
        document = replace(document, puppet=canvas)
    session.edit(tr("Insert {name}", name=other.puppet.name), whole=document)
    if session.workspace.station is PARTS:
        session.selection.select(made.ids[key] for key in other.puppet.parts)
    else:
        session.selection.select(made.ids[key] for key in tops)
    where = tr(", on {name}", name=session.puppet.joints[onto].name) if onto is not None else ""
    session.say(
        tr("{name} was inserted{where}: {count} parts. Ctrl+Alt+Up and Down scale it.",
           name=other.puppet.name, where=where, count=len(other.puppet.parts))
    )  # fmt: skip


def _leading(puppet: Puppet, tops: list[str]) -> str:
    """The free joint that carries most of what is brought, by whose pivot it is put; targets are free too."""
    return max(tops, key=lambda key: len(branch(puppet, key)), default="")


def _shift(session: Session, pivot: complex, onto: str | None) -> complex:
    """Where a pasted branch goes: its pivot onto the tip of the bone that it hangs from; where that has none, it lies as it lay."""
    tip = None if onto is None else session.puppet.joints[onto].tip
    return 0j if tip is None else tip.z - pivot


def resize(factor: float) -> Callable[[Session], None]:
    """An action that makes the selected branches larger or smaller about their pivots."""

    def work(session: Session) -> None:
        document = session.history.now
        keys = tops_of(session.puppet, session.selection.of("joint"))
        hooks = {limb.target for limb in session.puppet.limbs.values()}
        keys = [key for key in keys if key not in hooks] or keys
        for key in keys:
            document = resize_branch(document, [key], factor, document.puppet.joints[key].pivot.z)
        word = tr("larger") if factor > 1 else tr("smaller")
        session.edit(tr("Make {name} {word}", name=label_of(session, keys), word=word), whole=document)

    return work

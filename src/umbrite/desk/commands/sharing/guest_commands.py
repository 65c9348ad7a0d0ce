"""What is done with guests: moved and scaled as one, spread over depths, their controls hidden, their takes laid in, made ours, removed."""

import math
import os
from collections.abc import Iterable
from pathlib import Path

from msgspec.structs import replace

from umbrite.desk.commands.takes.changes import current_take, put_take
from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import TAKES
from umbrite.desk.theme.language import tr
from umbrite.files.native.kept_beside import art_named
from umbrite.files.package import Package
from umbrite.motion.animating.laying_in import lay_in
from umbrite.rig.affine import Affine
from umbrite.rig.change import change
from umbrite.rig.document import Document
from umbrite.rig.edits.parts import nudge_parts
from umbrite.rig.errors import RigError
from umbrite.rig.merging.guest_edits import (
    add_guest,
    make_own,
    place_guest,
    remove_guest,
    set_hidden,
    set_spread,
    update_guest,
)
from umbrite.rig.merging.guests import get_guest, guest_of
from umbrite.rig.model import Puppet


def guest_selected(session: Session) -> str | None:
    """The guest to which all that is selected belongs; None where there is none, or more than one."""
    puppet = session.puppet
    found = {guest_of(puppet, key) for key in session.selection.keys} if puppet.guests else set()
    return found.pop() if len(found) == 1 else None


def needs_guest(session: Session) -> str:
    return "" if guest_selected(session) is not None else tr("Select something of a guest first.")


def chosen(session: Session) -> str:
    """The guest that is meant. Raises RigError where none is selected."""
    key = guest_selected(session)
    if key is None:
        raise RigError(needs_guest(session))
    return key


def take_in(session: Session, package: Package, source: str, at: complex | None = None, onto: str | None = None) -> str:
    """Another puppet as a guest, standing on the ground of this one beside its middle or `at` a place, as large as it is drawn; its id."""
    before, other = session.history.now, package.document
    place = complex(0, before.puppet.height - other.puppet.height) if at is None else at - _standing(other)
    document, key = add_guest(before, other, source, complex(round(place.real), round(place.imag)), onto=onto)
    guest = document.puppet.guests[key]
    # A click on any of it picks it as a whole.
    document = replace(document, puppet=change(document.puppet, guest.root, catches=True))
    session.file.add_art(art_named(other, package.art))
    session.edit(tr("Insert {name} as a guest", name=guest.name), whole=document)
    pick(session, key)
    session.say(
        tr("{name} is a guest: {count} parts, moved as one. Its own file stays what it is.",
           name=guest.name, count=len(other.puppet.parts))
    )  # fmt: skip
    return key


def _standing(other: Document) -> complex:
    """The foot of another puppet's canvas, by which it is put on a place."""
    return complex(other.puppet.width / 2, other.puppet.height)


def pick(session: Session, key: str) -> None:
    """Select a guest: all its parts where parts are placed, else what it hangs from."""
    guest = get_guest(session.puppet, key)
    parts = [own for own in guest.ids.values() if own in session.puppet.parts]
    session.selection.select(
        parts if session.workspace.station.picks == "part" and not session.workspace.station.posed else [guest.root]
    )


def moved_parts(document: Document, keys: Iterable[str], way: complex) -> Puppet:
    """Parts moved at rest, guests as a whole."""
    keys = list(keys)
    guests = {key: guest_of(document.puppet, key) for key in keys}
    for guest in dict.fromkeys(each for each in guests.values() if each is not None):
        document = place_guest(document, guest, document.puppet.guests[guest].at.z + way)
    return nudge_parts(document.puppet, [key for key in keys if guests[key] is None], way)


def scaled_guests(document: Document, keys: Iterable[str], m: Affine[complex]) -> Puppet | None:
    """Guests whose parts are taken by a map of the board: moved and scaled as one, evenly and unturned. None where a part is no guest's."""
    guests = {guest_of(document.puppet, key) for key in keys}
    if None in guests or not guests:
        return None
    scale = math.sqrt(abs(abs(m.a) ** 2 - abs(m.b) ** 2))
    for key in guests:
        guest = get_guest(document.puppet, str(key))
        document = place_guest(document, str(key), complex(m(guest.at.z)), guest.scale * scale)
    return document.puppet


def place(session: Session, key: str, at: complex | None = None, scale: float | None = None) -> None:
    """Put a guest elsewhere, or make it larger or smaller about where it stands."""
    now, guest = session.history.now, get_guest(session.puppet, key)
    if scale is not None:
        foot = session.puppet.joints[guest.root].pivot.z
        at = foot + (guest.at.z - foot) * (scale / guest.scale)
    session.edit(tr("Place {name}", name=guest.name), whole=place_guest(now, key, at, scale))


def spread(session: Session, key: str, *, on: bool) -> None:
    name = get_guest(session.puppet, key).name
    step = tr("Spread {name} over depths", name=name) if on else tr("{name} at one depth", name=name)
    session.edit(step, puppet=set_spread(session.puppet, key, spread=on))


def hide(session: Session, key: str, *, on: bool) -> None:
    name = get_guest(session.puppet, key).name
    step = tr("Hide the controls of {name}", name=name) if on else tr("Show the controls of {name}", name=name)
    session.edit(step, whole=set_hidden(session.history.now, key, hidden=on))


def update(session: Session, key: str, package: Package) -> None:
    """A guest as its file has it now."""
    name = get_guest(session.puppet, key).name
    made = update_guest(session.history.now, key, package.document)
    session.file.add_art(art_named(package.document, package.art))
    session.carry(tr("Update {name}", name=name), made.document)
    session.say(tr("{name} is as its file has it. {told}", name=name, told=" ".join(made.told)))


def own(session: Session) -> None:
    """Let the selected guest be this puppet's own."""
    key = chosen(session)
    name = get_guest(session.puppet, key).name
    session.edit(tr("Detach {name} from its file", name=name), puppet=make_own(session.puppet, key))
    session.say(tr("{name} is no guest any more: all of it can be changed here.", name=name))


def remove(session: Session) -> None:
    """Take the selected guest out, with all that it is."""
    key = chosen(session)
    name = get_guest(session.puppet, key).name
    puppet, told = remove_guest(session.puppet, key)
    session.edit(tr("Remove {name}", name=name), puppet=puppet)
    if told:
        session.say(" ".join(told))


def lay_take(session: Session, key: str, name: str) -> None:
    """A take of a guest's own into the take that is looked at, from the playhead on."""
    session.workspace.go_to(TAKES)
    take = current_take(session)
    made = lay_in(take, session.puppet, key, name, session.timeline.frame)
    put_take(session, tr("Insert {name}", name=name), made)
    session.say(tr("{name} was inserted at the current frame.", name=name))


def keep_sources(session: Session, path: Path) -> None:
    """Where guests come from, seen from where the file is saved now: their own files stay where they are."""
    here, document = session.file.path, session.history.now
    puppet = document.puppet
    for key, guest in document.puppet.guests.items():
        known = Path(guest.source) if here is None else here.parent / guest.source
        if known.is_absolute() and (source := source_from(known, path)) != guest.source:
            puppet = change(puppet, key, source=source)
    if puppet is not document.puppet:
        session.edit(tr("Where guests come from"), whole=replace(document, puppet=puppet))


def source_from(path: Path, file: Path | None) -> str:
    """Where a guest came from, as its host's file tells it: from its own folder on, where that can be."""
    path = path.resolve()
    return str(path) if file is None else Path(os.path.relpath(path, file.resolve().parent)).as_posix()

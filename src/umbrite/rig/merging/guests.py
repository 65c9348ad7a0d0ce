"""Guests: a puppet inside a puppet as one thing, by reference and with a copy inside.

All that a guest is stands in its host among the host's own things, under ids that lead back to the guest's, so that one plan places
everything, poses and takes hold its channels, and the host's limbs may reach for its joints. The copy inside tells what it is meant to be:
the host may change names, what is shown or locked, looks of controls and the draw order (see `FREE`); all else is changed in the guest's
own file. When a guest is moved, scaled or brought up to date, it is made from a copy anew, and what the host has changed stays, each field
for itself. It hangs from a carrier of its own, its `root`, by which it is moved, turned and scaled as one and carried by any joint.
A guest's own guests are a part of it, and no guests of the host.
"""

import hashlib
from collections.abc import Mapping
from functools import lru_cache

import msgspec
from msgspec.structs import replace

from umbrite.rig.change import exists, thing
from umbrite.rig.document import Document
from umbrite.rig.errors import MissingError, RigError
from umbrite.rig.ids import id_kind
from umbrite.rig.mesh_arrays import read_arrays, whole
from umbrite.rig.model import Guest, Puppet

DEEPEST = 8  # guests within guests
# What a host may change of a guest's things, by kind.
FREE: Mapping[str, tuple[str, ...]] = {
    "joint": ("name", "catches", "also"),
    "part": ("name", "visible", "locked", "opacity", "label"),
    "limb": ("name", "enabled"),
    "control": ("name", "shown", "locked", "size", "colour", "label", "offset", "shape", "on_screen"),
    "link": ("name",),
    "set": ("name", "rest", "carries"),
    "shape": ("name",),
    "response": ("name",),
}  # fmt: skip


def get_guest(puppet: Puppet, key: str) -> Guest:
    """The guest of that id. Raises MissingError where the puppet has none."""
    try:
        return puppet.guests[key]
    except KeyError:
        raise MissingError(f"There is no guest with the id {key}; it may have been removed.") from None


def guest_of(puppet: Puppet, key: str) -> str | None:
    """The guest to which a thing belongs, its root too; None for the host's own."""
    return next((k for k, one in puppet.guests.items() if key == one.root or key in owned(one)), None)


def owned(guest: Guest) -> frozenset[str]:
    """The ids here of all that a guest is, without its root."""
    return _owned(tuple(guest.ids.values()))


@lru_cache(maxsize=64)
def _owned(ids: tuple[str, ...]) -> frozenset[str]:
    return frozenset(ids)


def packed(document: Document) -> tuple[bytes, str]:
    """A document as a guest keeps it, and its fingerprint: without stages and sounds, with all that its meshes and its own guests hold."""
    silent = tuple(replace(take, sound=None) if take.sound is not None else take for take in document.takes)
    alone = replace(document, versions=(), takes=silent, pose=dict(sorted(document.pose.items())))
    data = msgspec.json.encode(alone, enc_hook=whole)
    return data, hashlib.sha256(data).hexdigest()


def unpacked(guest: Guest) -> Document:
    """A guest as it was taken in. Raises RigError where its copy can't be read."""
    try:
        return _unpacked(guest.data)
    except (
        msgspec.MsgspecError,
        UnicodeDecodeError,
        RecursionError,
        MemoryError,
        LookupError,
        TypeError,
        AttributeError,
    ):
        raise RigError(f"The copy of {guest.name} inside this puppet is damaged. Take it in anew.") from None


@lru_cache(maxsize=32)
def _unpacked(data: bytes) -> Document:
    try:
        return msgspec.json.decode(data, type=Document, dec_hook=read_arrays)
    except msgspec.ValidationError:  # as it was kept before arrays were values
        raw = msgspec.json.decode(data)
        for part in raw["puppet"]["parts"].values():
            if mesh := part.get("mesh"):
                mesh["sha256"] = [mesh["sha256"], mesh.pop("data")]
        return msgspec.convert(raw, type=Document, dec_hook=read_arrays)


def depth_of(document: Document) -> int:
    """How many guests stand within one another in a document: 0 for one without guests. Counts no further than is allowed."""
    found, level = 0, [document.puppet]
    while level and found <= DEEPEST:
        level = [unpacked(guest).puppet for puppet in level for guest in puppet.guests.values()]
        found += bool(level)
    return found


def refuse_inside(before: Puppet, after: Puppet) -> None:
    """Raise RigError where an edit has changed of a guest what is changed in its own file alone."""
    for key, guest in before.guests.items():
        later = after.guests.get(key)
        if later is None:
            left = sum(exists(after, own) for own in guest.ids.values())
            if 0 < left < len(guest.ids):
                raise RigError(
                    f"That belongs to the guest {guest.name}, which goes as a whole. Remove the guest, or make it this puppet's own first."
                )
            continue
        if replace(later, name=guest.name, spread=guest.spread) != guest:
            continue  # made anew from its copy
        for own in guest.ids.values():
            was, now = thing(before, own), thing(after, own)
            if now is was or now == was:
                continue
            free = {field: getattr(now, field) for field in FREE[id_kind(own) or ""]}
            if replace(was, **free) != now:
                raise RigError(
                    f"{was.name} belongs to the guest {guest.name}, which is changed in its own file. "
                    "Open that, or make the guest this puppet's own first."
                )

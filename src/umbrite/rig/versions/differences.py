"""What differs between two states of one document, in words and by ids. Ids are never given twice, so that what has the same id is the same
thing.
"""

from collections.abc import Iterable, Mapping
from difflib import SequenceMatcher
from typing import Any, NamedTuple

from umbrite.rig.change import things
from umbrite.rig.document import Document
from umbrite.rig.ids import FIELDS, Kind, owner_of
from umbrite.rig.model import Puppet

KINDS: Mapping[Kind, str] = {
    "part": "part", "joint": "joint", "limb": "limb", "control": "control", "link": "link", "set": "set", "guest": "guest",
    "shape": "shape", "response": "response",
}  # fmt: skip
# What people call the fields of things; several fields of one word are one change.
WORDS: Mapping[str, str] = {
    "name": "name", "joint": "what it rides on", "drawing": "drawing", "placement": "place", "opacity": "opacity", "visible": "visibility",
    "locked": "lock", "shares": "shared drawing", "label": "colour word", "blend": "blend", "clip": "clip", "clip_outside": "clip",
    "reference": "reference", "trims": "trims", "mesh": "mesh", "shade": "shade", "fixed": "lock", "sizes": "size range", "pivot": "pivot", "parent": "parent", "tip": "tip", "side": "side",
    "limit": "limit", "pivot_set": "pivot", "give": "give", "role": "role", "catches": "clicks", "loose": "swing", "also": "what it follows",
    "joints": "joints", "target": "target", "end": "end", "bend": "bend side", "end_hold": "end hold", "toe": "toe", "enabled": "in use",
    "soften": "soften", "stretch": "stretch", "side_chosen": "bend side", "kind": "kind", "moves": "what it moves", "shape": "shape",
    "offset": "place", "size": "size", "axes": "axes", "least": "range", "most": "range", "on_screen": "size", "colour": "colour",
    "shown": "when it shows", "chooses": "set", "source": "source", "drives": "what it drives", "points": "curve", "smooth": "curve",
    "travel": "source", "variants": "variants", "rest": "variant at rest", "carries": "switching", "root": "root", "sha256": "version",
    "ids": "version", "at": "place", "scale": "size", "spread": "depth", "hidden": "controls", "data": "version", "part": "part", "driver": "what drives it",
    "stops": "stops",
}  # fmt: skip


class Difference(NamedTuple):
    """One thing that differs: in a sentence, and the ids that it is about, as far as they are there after."""

    text: str
    keys: tuple[str, ...] = ()


def differences(before: Document, after: Document) -> list[Difference]:
    """What has changed from one state to the other: things that came, went, or are different, then order, poses, takes. Empty where
    nothing has.
    """
    one, other = before.puppet, after.puppet
    found: list[Difference] = []
    within = _within_guests(one, other)
    for kind in KINDS:
        was, now = things(one, kind), things(other, kind)
        if was is now:
            continue
        came = [key for key in now if key not in was and key not in within]
        gone = [key for key in was if key not in now and key not in within]
        if came:
            found.append(Difference(f"New: {_named(now, came, KINDS[kind])}.", tuple(came)))
        if gone:
            found.append(Difference(f"Gone: {_named(was, gone, KINDS[kind])}."))
        changed = [
            key for key in now if key in was and key not in within and now[key] is not was[key] and now[key] != was[key]
        ]
        found += [Difference(_changed(was[key], now[key]), _lit(other, key)) for key in changed]
    found += _whole(one, other)
    found += _poses(before, after)
    found += _takes(before, after)
    return found


def _within_guests(one: Puppet, other: Puppet) -> set[str]:
    """What is told by telling of a guest: all that guests are which came, went or are different."""
    changed = [key for key in {*one.guests, *other.guests} if one.guests.get(key) != other.guests.get(key)]
    both = [guest for puppet in (one, other) for key in changed if (guest := puppet.guests.get(key)) is not None]
    return {key for guest in both for key in (guest.root, *guest.ids.values())}


def _lit(puppet: Puppet, key: str) -> tuple[str, ...]:
    """What stands for a thing on the board: of a guest its parts."""
    if key not in puppet.guests:
        return (key,)
    return tuple(own for own in puppet.guests[key].ids.values() if own in puppet.parts)


def _named(items: Mapping[str, Any], keys: list[str], kind: str) -> str:
    names = [items[key].name for key in keys]
    word = kind if len(names) == 1 else f"{len(names)} {kind}s"
    return f"{word} {', '.join(names[:4])}{' and more' * (len(names) > 4)}"


def _changed(was: Any, now: Any) -> str:
    fields = [field for field in was.__struct_fields__ if getattr(was, field) != getattr(now, field)]
    words = dict.fromkeys(WORDS.get(field, field) for field in fields)
    label = f"{was.name}, now {now.name}" if was.name != now.name else now.name
    others = [word for word in words if word != "name"]
    return f"{label}: {', '.join(others)}." if others else f"{label}."


def _whole(one: Puppet, other: Puppet) -> list[Difference]:
    found = []
    if one.name != other.name:
        found.append(Difference(f"The puppet {one.name} is called {other.name}."))
    if (one.width, one.height) != (other.width, other.height):
        found.append(Difference(f"The canvas is {other.width} × {other.height}, was {one.width} × {one.height}."))
    shared = set(one.order) & set(other.order)
    was = [key for key in one.order if key in shared]
    now = [key for key in other.order if key in shared]
    kept = SequenceMatcher(None, was, now, autojunk=False).get_matching_blocks()
    stays = {key for block in kept for key in now[block.b : block.b + block.size]}
    moved = tuple(key for key in now if key not in stays)
    if moved:
        found.append(Difference(f"The draw order, of {len(moved)} parts.", moved))
    return found


def _poses(before: Document, after: Document) -> list[Difference]:
    one = {pose.name: pose for pose in before.puppet.poses}
    other = {pose.name: pose for pose in after.puppet.poses}
    found = _row("pose", one, other)
    if before.pose != after.pose:
        owners = {
            owner_of(name)
            for name in before.pose.keys() | after.pose.keys()
            if before.pose.get(name) != after.pose.get(name)
        }
        known = tuple(key for kind in FIELDS for key in things(after.puppet, kind) if key in owners)
        found.append(Difference("The pose in which it was left.", known))
    return found


def _takes(before: Document, after: Document) -> list[Difference]:
    one, other = ({take.name: take for take in document.takes} for document in (before, after))
    return _row("take", one, other)


def _row(kind: str, one: Mapping[str, Any], other: Mapping[str, Any]) -> list[Difference]:
    found = []
    came, gone = [name for name in other if name not in one], [name for name in one if name not in other]
    changed = [name for name in other if name in one and one[name] != other[name]]
    for word, names in (("New", came), ("Gone", gone), ("Different", changed)):
        if names:
            found.append(Difference(f"{word}: {kind}{'s' * (len(names) > 1)} {_some(names)}."))
    return found


def _some(names: Iterable[str]) -> str:
    listed = list(names)
    return f"{', '.join(listed[:4])}{' and more' * (len(listed) > 4)}"

"""Ids: a letter that tells the kind of thing, and a number that is never given twice in a puppet.

Nobody else looks at the letter: `id_kind` is asked.
"""

from typing import Literal

Kind = Literal["joint", "part", "limb", "control", "link", "set", "guest", "shape", "response"]
KINDS: dict[str, Kind] = {
    "j": "joint", "p": "part", "l": "limb", "c": "control", "k": "link", "s": "set", "g": "guest", "h": "shape", "r": "response",
}  # fmt: skip
LONGEST_NUMBER = 9  # digits
LETTERS: dict[Kind, str] = {kind: letter for letter, kind in KINDS.items()}
# Where a puppet keeps the things of a kind.
FIELDS: dict[Kind, str] = {kind: f"{kind}s" for kind in LETTERS}


def id_kind(key: str) -> Kind | None:
    """What kind of thing an id names; None for what is no id. Whether a puppet has that thing is another question."""
    return KINDS.get(key[:1])


def numbered_id(of: Kind, number: int) -> str:
    """The id of a kind with this number."""
    return f"{LETTERS[of]}{number}"


def is_id(key: str, of: Kind, below: int) -> bool:
    """Whether this is a well-formed id of a kind, with a number from 1 on and less than `below`."""
    number = key[1:]
    well_formed = number.isascii() and number.isdecimal() and len(number) <= LONGEST_NUMBER
    return id_kind(key) == of and well_formed and 0 < int(number) < below


def owner_of(channel: str) -> str:
    """The id whose value a channel's name means; a bare id (what a link by travel follows) stands for itself."""
    return channel.partition(".")[0]

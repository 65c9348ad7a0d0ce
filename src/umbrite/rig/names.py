"""Names: made clean from file and layer names, kept unique, and read for the side they tell."""

import re
from collections.abc import Iterable

from umbrite.rig.change import KINDS, change, thing
from umbrite.rig.errors import RigError
from umbrite.rig.model import Puppet, Side

# "left" and "right" are the character's own; without a facing the right side counts as the near one.
_SIDE_WORDS: dict[str, Side] = {
    "near": "near",
    "far": "far",
    "r": "near",
    "right": "near",
    "l": "far",
    "left": "far",
}
_WORDS = re.compile(r"[A-Za-z]+|\d+|[^\W\d_]+")


def words_of(name: str) -> list[str]:
    """Lower-case words; spaces, underscores, hyphens and camel case divide."""
    spaced = re.sub(r"(?<=[a-z])(?=[A-Z])", " ", name)
    return [word.lower() for word in _WORDS.findall(spaced)]


def side_of(name: str) -> Side:
    """The side that a name tells: near, far, or middle where it tells none."""
    found = {_SIDE_WORDS[word] for word in words_of(name) if word in _SIDE_WORDS}
    return found.pop() if len(found) == 1 else "middle"


def tidy(name: str) -> str:
    """A layer or file name as people would write it: 'near_upper-arm' becomes 'Near upper arm'."""
    text = re.sub(r"[\s_]+", " ", name).strip()
    return (text[:1].upper() + text[1:])[:120] or "Unnamed"


def unique(name: str, taken: Iterable[str]) -> str:
    """The name itself, or the name with the next free number behind it."""
    used = set(taken)
    if name not in used:
        return name
    number = 2
    while f"{name} {number}" in used:
        number += 1
    return f"{name} {number}"


def names_like(puppet: Puppet, letter: str) -> list[str]:
    """All names in use for one kind of thing."""
    return [item.name for item in getattr(puppet, KINDS[letter]).values()]


def rename(puppet: Puppet, key: str, name: str) -> Puppet:
    """Give a joint, part, limb or control another name. Refuses an empty one and one that is taken."""
    name = " ".join(name.split())
    old = thing(puppet, key)
    if not name:
        raise RigError(f"A name can't be empty, so {old.name} keeps its own. Type at least one letter.")
    if name != old.name and name in names_like(puppet, key[0]):
        raise RigError(f"The name {name} is taken, so {old.name} keeps its own. Choose another one.")
    return change(puppet, key, name=name)


def core_of(name: str) -> str:
    """The name without its side: 'Near upper arm' gives 'upper arm'."""
    return " ".join(word for word in words_of(name) if word not in _SIDE_WORDS)


_SWAPS = {
    "near": "far", "far": "near", "left": "right", "right": "left", "l": "r", "r": "l",
    "Near": "Far", "Far": "Near", "Left": "Right", "Right": "Left", "L": "R", "R": "L",
    "NEAR": "FAR", "FAR": "NEAR", "LEFT": "RIGHT", "RIGHT": "LEFT",
}  # fmt: skip


def swapped(name: str) -> str:
    """The name of the other side: 'Near hand' gives 'Far hand'; a name without a side stays as it is."""
    words = re.split(r"([A-Za-z]+)", re.sub(r"(?<=[a-z])(?=[A-Z])", "\0", name))
    return "".join(_SWAPS.get(word, word) for word in words).replace("\0", "")


def renamed(puppet: Puppet, names: dict[str, str]) -> Puppet:
    """Give many things new names at once; they may take each other's. Refuses empty names and names given twice."""
    for letter in KINDS:
        keys = {key: " ".join(name.split()) for key, name in names.items() if key[0] == letter}
        left = [thing(puppet, key).name for key in getattr(puppet, KINDS[letter]) if key not in keys]
        for key, name in keys.items():
            if not name:
                raise RigError(
                    f"{thing(puppet, key).name} would lose its name. Leave at least one letter in it."
                )
            if name in left:
                raise RigError(
                    f"The name {name} would be there twice. Give one of them a number or another name."
                )
            left.append(name)
        for key, name in keys.items():
            puppet = change(puppet, key, name=name)
    return puppet


def replaced(puppet: Puppet, keys: Iterable[str], find: str, put_in: str) -> dict[str, str]:
    """New names with a text put in for another, whatever its case; only the names that change."""
    if not find:
        return {}
    pattern = re.compile(re.escape(find), re.IGNORECASE)
    names = {key: str(thing(puppet, key).name) for key in keys}
    return {key: new for key, name in names.items() if (new := pattern.sub(lambda _: put_in, name)) != name}


def numbered(keys: Iterable[str], stem: str, first: int = 1) -> dict[str, str]:
    """New names of one stem, numbered in the order given."""
    return {key: f"{stem} {first + i}".strip() for i, key in enumerate(keys)}


def side_swapped(puppet: Puppet, keys: Iterable[str]) -> dict[str, str]:
    """New names with the other side; only the names that tell one."""
    names = {key: str(thing(puppet, key).name) for key in keys}
    return {key: swapped(name) for key, name in names.items() if swapped(name) != name}

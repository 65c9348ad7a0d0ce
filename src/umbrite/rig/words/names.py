"""Names: made clean from file and layer names, kept unique, and read for the side they tell."""

import re
from collections.abc import Iterable
from functools import lru_cache

from umbrite.rig.errors import readable
from umbrite.rig.model import Side
from umbrite.rig.words.word_table import BEHIND, LATIN, meaning, pieces

# "left" and "right" are the character's own; without a facing the right side counts as the near one.
_SIDE_WORDS: dict[str, Side] = {"near": "near", "far": "far", "r": "near", "right": "near", "l": "far", "left": "far"}


@lru_cache(maxsize=8_192)
def words_of(name: str) -> tuple[str, ...]:
    """Lower-case words; spaces, underscores, hyphens and camel case divide."""
    return tuple(word.lower() for word in pieces(name))


@lru_cache(maxsize=8_192)
def side_of(name: str) -> Side:
    """The side that a name tells: near, far, or middle where it tells none."""
    words = meaning(name)
    found = {_SIDE_WORDS[word] for word in words if word in _SIDE_WORDS}
    if not found and _is_arm(words):
        found = {_DEPTH_WORDS[word] for word in words if word in _DEPTH_WORDS}
    return found.pop() if len(found) == 1 else "middle"


def _is_arm(words: Iterable[str]) -> bool:
    """Whether a name is about an arm, of which the front one is the near one; legs may be front and hind ones of one side."""
    return not _ARM_WORDS.isdisjoint(words)


_ARM_WORDS = frozenset({"arm", "forearm", "hand", "elbow", "shoulder", "sleeve"})
_DEPTH_WORDS: dict[str, Side] = {"front": "near", "back": "far"}


def _is_side(word: str) -> bool:
    """Whether a word tells a side and nothing else, in any language."""
    return all(piece in _SIDE_WORDS for piece in meaning(word))


@lru_cache(maxsize=8_192)
def side_word(name: str) -> str:
    """The word with which a name tells its side, as it is written there; empty where it tells none."""
    found = next((word for word in pieces(name) if _is_side(word)), "")
    if not found and side_of(name) != "middle":
        return next((word for word in pieces(name) if word.lower() in {*_DEPTH_WORDS, *BEHIND}), "")
    return found


def tells_left_and_right(names: Iterable[str]) -> bool:
    """Whether most names that tell a side speak of left and right, not of near and far."""
    told = [word.lower() for name in names if (word := side_word(name))]
    return sum(word not in ("near", "far") for word in told) * 2 > len(told)


def tidy(name: str) -> str:
    """A layer or file name as people would write it: 'near_upper-arm' becomes 'Near upper arm'."""
    text = readable(re.sub(r"[\s_]+", " ", name), 10_000)
    return (text[:1].upper() + text[1:])[:120].strip() or "Unnamed"


def unique(name: str, taken: Iterable[str]) -> str:
    """The name itself, or the name with the next free number behind it."""
    used = set(taken)
    if name not in used:
        return name
    number = 2
    while f"{name} {number}" in used:
        number += 1
    return f"{name} {number}"


def first_free(names: Iterable[str], taken: Iterable[str]) -> str:
    """The first of these names that is not taken, or the last of them with the next free number behind it."""
    wanted, used = list(names), set(taken)
    return next((name for name in wanted if name not in used), None) or unique(wanted[-1], used)


def core_of(name: str) -> str:
    """The name without its side: 'Near upper arm' gives 'upper arm'."""
    side = side_word(name).lower()
    return " ".join(word for word in words_of(name) if not _is_side(word) and word != side)


def bare_name(name: str) -> str:
    """The same as it is written: 'Links Oberschenkel' gives 'Oberschenkel'."""
    return " ".join(word for word in re.split(r"[\s_-]+", name) if not _is_side(word)) or name


_SWAPS = {
    "near": "far", "far": "near", "left": "right", "right": "left", "l": "r", "r": "l",
    "Near": "Far", "Far": "Near", "Left": "Right", "Right": "Left", "L": "R", "R": "L",
    "NEAR": "FAR", "FAR": "NEAR", "LEFT": "RIGHT", "RIGHT": "LEFT",
}  # fmt: skip


_SWAPS_OF_ARMS = {"front": "back", "back": "front", "Front": "Back", "Back": "Front", "der": "izq", "izq": "der"}


def swapped(name: str) -> str:
    """The name of the other side: 'Near hand' gives 'Far hand'; a name without a side stays as it is."""
    words = re.split(rf"({LATIN}+)", re.sub(r"(?<=[a-z])(?=[A-Z])", "\0", name))
    other = "".join(_SWAPS.get(word, word) for word in words).replace("\0", "")
    if other == name and side_of(name) != "middle":
        other = "".join(_SWAPS_OF_ARMS.get(word, word) for word in words).replace("\0", "")
    return other

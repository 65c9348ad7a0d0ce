"""Drawings that take turns, told by their names: `Mouth ah`, `Mouth oh`, `Mouth closed` lie in one place and are called alike.

A set is proposed for parts whose names begin alike with a word for what is drawn several times over (mouths, eyes, hands), differ in what
follows, and whose drawings lie over one another. Which of them shows at rest is told by name too.
"""

from typing import NamedTuple

from umbrite.rig.change import change, take_out
from umbrite.rig.edits.controls import make_chooser
from umbrite.rig.edits.variants.sets import make_set, order_variant, rename_variant, set_of, set_rest
from umbrite.rig.family import children, parts_on, users_of
from umbrite.rig.model import Puppet
from umbrite.rig.placement import Box, around_parts
from umbrite.rig.words.names import side_word, tidy
from umbrite.rig.words.variant_words import DRAWN_OFTEN, STATES
from umbrite.rig.words.word_table import FOREIGN, pieces, plain

ALIKE = 0.3  # of the smaller drawing's box must lie over the first one
AT_REST = ("", "open", "neutral", "rest", "normal", "smile", "closed", "1", "a")


class NamedSet(NamedTuple):
    """A set that names propose: what it is called, its parts with the words that tell them apart, the one that shows at rest first."""

    name: str
    parts: tuple[tuple[str, str], ...]

    @property
    def late(self) -> tuple[str, ...]:
        """The parts that do not show at rest."""
        return tuple(key for key, _ in self.parts[1:])


def named_sets(puppet: Puppet) -> list[NamedSet]:
    """The sets that the names of loose parts propose, in draw order."""
    free = [
        key for key in puppet.order
        if puppet.parts[key].visible and not puppet.parts[key].reference and set_of(puppet, key) is None
    ]  # fmt: skip
    groups: dict[str, list[tuple[str, str]]] = {}
    for key in free:
        if (found := _split(tidy(puppet.parts[key].name))) is not None:
            groups.setdefault(found[0], []).append((key, found[1]))
    made = []
    for name, members in groups.items():
        rest = min(members, key=lambda each: _at_rest(each[1]))
        box = around_parts(puppet, [rest[0]])
        over = [each for each in members if each == rest or _lies_over(around_parts(puppet, [each[0]]), box)]
        if len(over) > 1 and len({words for _, words in over}) == len(over):
            made.append(NamedSet(name, (rest, *(each for each in over if each != rest))))
    return made


def _split(name: str) -> tuple[str, str] | None:
    """What a name has in common with others, its side with it, and what tells it from them; None for one that is not of that kind."""
    words = pieces(name)
    at = max((i for i, word in enumerate(words) if _drawn_often(word)), default=None)
    if at is None:
        return None
    side = side_word(name)
    told = [SAME.get(word.casefold(), word) for word in words[at + 1 :] if word != side]
    if not all(word.casefold() in STATES or word.isdecimal() for word in told):
        return None
    base = " ".join(words[: at + 1])
    return (base if not side or side in words[: at + 1] else f"{side} {base}"), " ".join(told)


# Words of one meaning: the sets of both eyes are of the same states.
SAME = {"shut": "closed"}


def _drawn_often(word: str) -> bool:
    """Whether a word, or its singular or plural, is for what is drawn several times over, in any of the languages."""
    low = word.casefold()
    english = FOREIGN.get(plain(word).lower(), low)
    return any(form in DRAWN_OFTEN for form in (low, f"{low}s", low.removesuffix("s"), english))


# What states are called in the other languages of names, for telling which one shows at rest.
_STATES_MEAN = {
    **dict.fromkeys(("offen", "ouvert", "ouverte", "abierto", "abierta", "aperto", "aperta"), "open"),
    **dict.fromkeys(("zu", "geschlossen", "fermé", "fermée", "cerrado", "cerrada", "chiuso", "chiusa"), "closed"),
    "lächelnd": "smile", "ruhe": "rest",
}  # fmt: skip


def _at_rest(words: str) -> int:
    low = _STATES_MEAN.get(words.casefold(), words.casefold())
    return AT_REST.index(low) if low in AT_REST else len(AT_REST)


def _lies_over(one: Box, other: Box) -> bool:
    wide = min(one.right, other.right) - max(one.left, other.left)
    tall = min(one.bottom, other.bottom) - max(one.top, other.top)
    smaller = min(one.width * one.height, other.width * other.height)
    return wide > 0 and tall > 0 and wide * tall >= ALIKE * max(smaller, 1.0)


def with_named_sets(puppet: Puppet, sets: list[NamedSet], *, turns: bool, choosers: bool) -> tuple[Puppet, list[str]]:
    """The puppet in which these parts all ride on the joint of the one at rest, and take `turns`. Returns the ids of the sets."""
    made: list[str] = []
    for each in sets:
        rest, words = each.parts[0]
        joint = puppet.parts[rest].joint
        for key in each.late:
            left = puppet.parts[key].joint
            puppet = change(puppet, key, joint=joint)
            if (
                left != joint
                and not parts_on(puppet, left)
                and not children(puppet, left)
                and not users_of(puppet, left)
            ):
                puppet = take_out(puppet, left)
        if not turns:
            continue
        keys = [key for key, _ in each.parts]
        puppet, one = make_set(puppet, sorted(keys, key=puppet.order.index), each.name)
        for variant in puppet.sets[one].variants:
            told = dict(each.parts)[variant.parts[0]]
            puppet = rename_variant(puppet, one, variant.number, (told or words or "Rest").capitalize())
        number = next(v.number for v in puppet.sets[one].variants if v.parts[0] == rest)
        puppet = order_variant(set_rest(puppet, one, number), one, number, 0)
        if choosers:
            puppet, _ = make_chooser(puppet, one)
        made.append(one)
    return puppet, made

"""What names tell about bodies: which kind of piece a name means, and what such a piece usually hangs from."""

from collections.abc import Iterable, Sequence
from functools import lru_cache

from umbrite.rig.model import Limb, LimbKind, Puppet
from umbrite.rig.words.names import bare_name, core_of, side_of, side_word, words_of
from umbrite.rig.words.word_table import meaning, says_nothing

# Phrases come before single words; the last matching word of a name counts most ("boot buckle" is a buckle).
_KINDS: dict[str, str] = {
    "upper arm": "upper arm", "lower arm": "forearm", "fore arm": "forearm", "forearm": "forearm", "arm": "upper arm",
    "shoulder": "upper arm", "sleeve": "upper arm", "elbow": "forearm",
    "hand": "hand", "fist": "hand", "palm": "hand", "wrist": "hand", "glove": "hand", "mitten": "hand",
    "finger": "finger", "fingers": "finger", "thumb": "finger",
    "upper leg": "thigh", "lower leg": "shin", "thigh": "thigh", "leg": "thigh", "haunch": "thigh",
    "shin": "shin", "calf": "shin", "shank": "shin", "knee": "shin", "cannon": "shin",
    "foot": "foot", "boot": "foot", "shoe": "foot", "paw": "foot", "hoof": "foot", "ankle": "foot", "toe": "toe", "toes": "toe",
    "hips": "hips", "hip": "hips", "pelvis": "hips", "waist": "hips", "rump": "hips",
    "trunk": "trunk", "torso": "trunk", "body": "trunk", "chest": "trunk", "belly": "trunk", "bust": "trunk", "barrel": "trunk",
    "neck": "neck", "head": "head", "skull": "head", "mantle": "head",
    "eye": "eye", "eyes": "eye", "pupil": "pupil", "pupils": "pupil", "eyelid": "eye", "eyelids": "eye",
    "brow": "face", "brows": "face", "mouth": "face", "lips": "face", "jaw": "face", "nose": "face", "snout": "face",
    "muzzle": "face", "beak": "face", "ear": "face", "ears": "face", "horn": "face", "horns": "face", "antler": "face",
    "hair": "face", "plait": "face", "braid": "face", "pigtail": "face", "ponytail": "face", "fringe": "face", "beard": "face", "cap": "face", "hat": "face", "hood": "face", "crown": "face",
    "glasses": "face", "moustache": "face", "cheek": "face", "cheeks": "face",
    "eyeball": "eye", "eye ball": "eye", "eye lid": "eye", "hind leg": "thigh", "front leg": "thigh", "scarf": "collar", "collar": "collar", "tie": "collar", "necklace": "collar",
    "scarf tail": "loose end", "scarf end": "loose end", "tie end": "loose end", "ribbon": "loose end",
    "coat tail": "skirt", "skirt": "skirt", "kilt": "skirt", "belt": "belt", "buckle": "belt",
    "robe": "garment", "cape": "garment", "cloak": "garment", "dress": "garment", "gown": "garment", "coat": "garment", "jacket": "garment", "tunic": "garment",
    "trousers": "skirt", "pants": "skirt", "shorts": "skirt", "claw": "toe", "claws": "toe", "tentacle": "tentacle", "curl": "face", "curls": "face",
    "tail": "tail", "wing": "wing", "fin": "fin", "fluke": "fin", "flukes": "fin", "satchel": "load", "bag": "load", "pack": "load", "saddle": "load", "apron": "load",
    "pole": "held", "lamp": "held", "lantern": "held", "staff": "held", "stick": "held", "cup": "held", "kettle": "held",
    "teapot": "held", "sword": "held", "broom": "held",
}  # fmt: skip

# Which limb a piece belongs to.
_LIMBS: dict[str, LimbKind] = {
    "thigh": "leg", "shin": "leg", "foot": "leg", "toe": "leg", "upper arm": "arm", "forearm": "arm", "hand": "arm", "finger": "arm",
    "tail": "tail", "wing": "wing", "neck": "neck",
}  # fmt: skip
# Where names give several, the first of these counts.
_LIMB_KINDS: tuple[LimbKind, ...] = ("leg", "arm", "tail", "wing", "neck")

# What a kind hangs from, the most usual first.
_PARENTS: dict[str, tuple[str, ...]] = {
    "trunk": ("hips",), "neck": ("trunk", "hips"), "head": ("neck", "trunk"), "eye": ("head",), "pupil": ("eye", "head"),
    "face": ("head",), "collar": ("neck", "trunk", "head"), "loose end": ("collar", "loose end"),
    "upper arm": ("trunk", "hips", "head"), "forearm": ("upper arm",), "hand": ("forearm", "upper arm"), "finger": ("hand",),
    "thigh": ("hips", "trunk"), "shin": ("thigh",), "foot": ("shin", "thigh"), "toe": ("foot",),
    "tail": ("hips", "trunk"), "fin": ("tail", "trunk"), "wing": ("trunk",), "skirt": ("hips",), "belt": ("hips", "trunk"),
    "garment": ("trunk", "hips", "neck"), "tentacle": ("head", "trunk"), "load": ("trunk", "hips"), "held": ("hand", "upper arm"),
}  # fmt: skip


@lru_cache(maxsize=8_192)
def kind_of(name: str) -> str:
    """The kind of piece that a name means ("thigh", "face", ...); empty where it tells none.

    Upper and lower count wherever they stand; what lies on a joint, such as a disc, is no piece of the body.
    """
    words = meaning(name)
    if (
        len(words) > 1
        and any(word in _ON_JOINTS for word in words)
        and any(word in _KINDS for word in words if word not in _ON_JOINTS)
    ):
        return ""
    kind = _kind_in(words)
    for modifiers, of in ((_UPPER, _UPPER_KINDS), (_LOWER, _LOWER_KINDS)):
        if kind in of and not modifiers.isdisjoint(words):
            return of[kind]
    return "forearm" if kind == "upper arm" and "fore" in words else kind


# Words that tell which half of a limb a piece is, wherever they stand, and what they make of a kind.
_UPPER, _LOWER = frozenset({"upper", "up", "top"}), frozenset({"lower", "low", "lo"})
_UPPER_KINDS = {"forearm": "upper arm", "shin": "thigh"}
_LOWER_KINDS = {"upper arm": "forearm", "thigh": "shin"}
# What covers a joint, or is fixed to a piece.
_ON_JOINTS = frozenset({"disc", "disk", "hinge", "pad", "patch", "cap", "bolt", "screw", "cover"})


def _kind_in(words: Sequence[str]) -> str:
    for i in range(len(words) - 1, -1, -1):
        for phrase in (" ".join(words[max(i - 1, 0) : i + 1]), words[i]):
            if phrase in _KINDS:
                return _KINDS[phrase]
    return ""


def limb_kind(names: Iterable[str]) -> LimbKind:
    """What kind of limb pieces of these names make, in any language; empty if the names don't say."""
    told = {_LIMBS.get(kind_of(name), "") for name in names}
    return next((kind for kind in _LIMB_KINDS if kind in told), "")


def kind_of_limb(puppet: Puppet, limb: Limb) -> LimbKind:
    """What kind a limb is: as stored when it was made, or else from the names of its joints."""
    joints = (*limb.joints, *([limb.end] if limb.end is not None else []))
    return limb.kind or limb_kind(puppet.joints[key].name for key in joints)


def limb_name(names: Sequence[str]) -> str:
    """What people call a limb over pieces of these names: its side as the art has it, what makes it different, and its kind.

    Where the names are of another language than English the pieces at both its ends say what it is.
    """
    kind = limb_kind(names)
    sides = {side_of(name) for name in names} - {"middle"}
    side = next(filter(None, map(side_word, names)), "") if len(sides) == 1 else ""
    if kind and not any(kind_of(name) in _LIMBS and meaning(name) == words_of(name) for name in names):
        ends = dict.fromkeys(bare_name(name) for name in (names[0], names[-1]))
        text = " ".join(filter(None, [side, " – ".join(ends)]))
    elif kind:
        # What all names share before it, besides the side, makes limbs different: front, hind, first.
        shared = [word for word in words_of(names[0]) if all(word in words_of(name) for name in names[1:])]
        which = [
            word for word in shared if word.isalpha() and side_of(word) == "middle" and kind_of(word) not in _LIMBS
        ]
        text = " ".join(filter(None, [side, *which, kind]))
    else:
        text = " ".join(filter(None, [side, core_of(names[0]) or names[0], "limb"]))
    return text[:1].upper() + text[1:]


def fits_below(child: str, parent: str) -> float:
    """How well names say that a piece hangs from another: 1 as usual, less for second choices, 0 unknown, -1 the reverse."""
    one, other = kind_of(child), kind_of(parent)
    if (before := _number_before(child, parent)) is not None:
        return before
    if _piece_of(child, parent):
        return 1.0
    if not one or not other:
        return 0.0
    if other in _PARENTS.get(one, ()):
        return 1.0 - 0.4 * _PARENTS[one].index(other)
    return -1.0 if one in _above(other) else -0.5


def _number_before(child: str, parent: str) -> float | None:
    """Numbered pieces of one name are a chain: 'tail 2' hangs from 'tail 1'; None where names are not of that form."""
    if says_nothing(child) or says_nothing(parent):
        return None
    if side_of(child) != side_of(parent):
        return None
    one, other = core_of(child).split(), core_of(parent).split()
    numbers = [int(words[-1]) if words and words[-1].isdecimal() else None for words in (one, other)]
    stems = [words[:-1] if number is not None else words for words, number in zip((one, other), numbers, strict=True)]
    if stems[0] != stems[1] or one == other or not stems[0]:
        return None
    step = (numbers[0] or 1) - (numbers[1] or 1)
    return 1.0 if step == 1 else -1.0 if step == -1 else -0.5


def _piece_of(child: str, parent: str) -> bool:
    """A piece named after another: the scarf tail hangs from the scarf, unless the words mean a kind of their own."""
    whole, piece = meaning(parent), meaning(child)
    return not says_nothing(parent) and (
        bool(whole) and len(piece) > len(whole) and piece[: len(whole)] == whole and " ".join(piece[-2:]) not in _KINDS
    )


def _above(kind: str) -> set[str]:
    """All kinds that may carry a kind, however far up."""
    found: set[str] = set()
    left = [kind]
    while left:
        for parent in _PARENTS.get(left.pop(), ()):
            if parent not in found:
                found.add(parent)
                left.append(parent)
    return found


def root_rank(name: str) -> float:
    """How fit a piece is to carry all others, by its name: 3 hips, 2 trunk, 1 any that names no kind, others below.

    Of the others those with fewer kinds above them come first: an upper arm before a hand.
    """
    kind = kind_of(name)
    return {"hips": 3.0, "trunk": 2.0, "": 1.0}.get(kind, 0.9 - 0.05 * len(_above(kind)))

"""Find limits for joints of a puppet: the seam of a joint's parts with those that carry them, and its limb's bend side."""

import math
from collections.abc import Iterable, Mapping
from types import MappingProxyType
from typing import NamedTuple

from umbrite.art.limit_finding import Onset, Reason, SeamTurning
from umbrite.art.masks import Sheet, sheet_of_part
from umbrite.art.pictures import Picture
from umbrite.rig.change import get_joint
from umbrite.rig.edits.variants.sets import set_of
from umbrite.rig.family import ancestors, parts_on, targets, toes
from umbrite.rig.limb_shape import drawn_bend
from umbrite.rig.model import Limb, Puppet


class FoundLimit(NamedTuple):
    """How far a joint turns before something looks wrong: radians from rest, and why no farther."""

    joint: str
    smallest: float
    largest: float
    reason_smallest: Reason
    reason_largest: Reason


NO_FOLDS: Mapping[str, tuple[float, float]] = MappingProxyType({})
REASONS: Mapping[Reason, str] = {
    "gap": "a gap opens in the seam",
    "edge": "an edge of the part behind shows",
    "side": "the limb would bend against its side",
    "fold": "the drawing folds over",
    "free": "nothing shows all the way",
}


def find_limits(
    puppet: Puppet,
    pictures: Mapping[str, Picture],
    keys: Iterable[str] | None = None,
    folds: Mapping[str, tuple[float, float]] = NO_FOLDS,
) -> list[FoundLimit]:
    """What limits the art and the limbs suggest, for the joints that have both a drawing and something with a drawing above.

    Of variants each is looked at in turn, and the narrowest limit holds for all. `folds` tells at which turns the drawing of a part that
    bends folds over (`motion.folding`). `pictures` gives RGBA pixels by drawing fingerprint. Joints of `keys` that have neither a seam
    nor a fold to look at are left out.
    """
    hooks = {*targets(puppet), *toes(puppet)}
    found = []
    for key in puppet.joints if keys is None else keys:
        get_joint(puppet, key)
        if key in hooks:
            continue
        looked_at = [(seam.onset(-1), seam.onset(+1)) for seam in _seams(puppet, pictures, key)]
        if key in folds:
            looked_at.append((_fold(folds[key][0]), _fold(folds[key][1])))
        if not looked_at:
            continue
        small = max((low for low, _ in looked_at), key=lambda onset: onset.turn)
        large = min((high for _, high in looked_at), key=lambda onset: onset.turn)
        side = _against_side(puppet, key)
        if side is not None and side.turn <= 0 and side.turn > small.turn:
            small = side
        if side is not None and side.turn >= 0 and side.turn < large.turn and small is not side:
            large = side
        found.append(FoundLimit(key, small.turn, large.turn, small.reason, large.reason))
    return found


def _fold(turn: float) -> Onset:
    return Onset(turn, "fold" if abs(turn) < math.pi - 1e-9 else "free")


def gap_turns(puppet: Puppet, pictures: Mapping[str, Picture], key: str) -> tuple[float, float] | None:
    """The turns from rest (negative, positive) at which a gap opens in a joint's seam; None where there is no seam."""
    seams = _seams(puppet, pictures, key)
    if not seams:
        return None
    return max(seam.onset(-1, "gap").turn for seam in seams), min(seam.onset(+1, "gap").turn for seam in seams)


GAP_SLACK = math.radians(1.5)


def gap_opens(puppet: Puppet, pictures: Mapping[str, Picture], key: str) -> float | None:
    """The turn from rest at which a gap opens within a joint's limit, the nearer one; None where none does."""
    end = gap_within(puppet, pictures, key)
    if end is None:
        return None
    turns = gap_turns(puppet, pictures, key) or (end, end)
    return min((turn for turn in turns if abs(turn) < abs(end) + GAP_SLACK), key=abs, default=end)


def gap_within(puppet: Puppet, pictures: Mapping[str, Picture], key: str) -> float | None:
    """The end of a joint's limit at which a gap is open, if there is one; looks at the two ends only."""
    limit = get_joint(puppet, key).limit
    seams = _seams(puppet, pictures, key) if limit is not None else []
    if limit is None:
        return None
    for turn in (limit.smallest + GAP_SLACK, limit.largest - GAP_SLACK):
        if abs(turn) > GAP_SLACK and any(seam.fault(turn) == "gap" for seam in seams):
            return turn
    return None


def _seams(puppet: Puppet, pictures: Mapping[str, Picture], key: str) -> list[SeamTurning]:
    """The seam between a joint's drawings and those above it, once for each variant of either, the other being at rest."""
    child = _own_parts(puppet, key)
    above = next((found for up in ancestors(puppet, key) if (found := _own_parts(puppet, up))), [])
    lower, upper = _in_turn(puppet, child), _in_turn(puppet, above)
    pairs = [(each, upper[0]) for each in lower] + [(lower[0], each) for each in upper[1:]]
    seams = (_seam(puppet, pictures, key, *pair) for pair in pairs if all(pair))
    return [seam for seam in seams if seam is not None]


def _in_turn(puppet: Puppet, parts: list[str]) -> list[list[str]]:
    """What shows of these parts at rest first, and then with each other variant of their sets."""
    sets = {part: own for part in parts if (own := set_of(puppet, part)) is not None}
    resting = {key: puppet.sets[key].rest for key, _ in sets.values()}
    ways = [resting]
    ways += [{**resting, key: v.number} for key, v in dict.fromkeys(sets.values()) if v.number != resting[key]]
    return [[p for p in parts if p not in sets or way[sets[p][0]] == sets[p][1].number] for way in ways]


def _seam(
    puppet: Puppet, pictures: Mapping[str, Picture], key: str, child: list[str], above: list[str]
) -> SeamTurning | None:
    front = max(child, key=puppet.order.index), max(above, key=puppet.order.index)
    behind = puppet.order.index(front[0]) < puppet.order.index(front[1])
    seam = SeamTurning(
        _sheets(puppet, pictures, child),
        _sheets(puppet, pictures, above),
        puppet.joints[key].pivot.z,
        child_behind=behind,
    )
    return None if seam.empty else seam


def _own_parts(puppet: Puppet, key: str) -> list[str]:
    """What of a joint's drawings makes its shape: no references, no shades and lights, nothing hidden."""
    parts = ((part, puppet.parts[part]) for part in parts_on(puppet, key))
    return [
        key
        for key, part in parts
        if part.visible and not part.reference and part.blend == "normal" and part.clip is None
    ]


def _sheets(puppet: Puppet, pictures: Mapping[str, Picture], parts: Iterable[str]) -> list[Sheet]:
    found = (puppet.parts[part] for part in parts)
    return [sheet_of_part(part, pictures[part.drawing.sha256]) for part in found]


def _against_side(puppet: Puppet, key: str) -> Onset | None:
    """The turn of a limb's middle joint at which the limb is straight, and beyond which it bends to the other side."""
    limb = next((limb for limb in puppet.limbs.values() if key in limb.joints[1:]), None)
    if limb is None or len(limb.joints) != 2:
        return None
    bent = _signed_bend(puppet, limb)
    return Onset(-bent if bent else -limb.bend * 1e-12, "side")


def _signed_bend(puppet: Puppet, limb: Limb) -> float:
    """The bend as drawn, which is to the side to which it bends; 0 for what is drawn folded over."""
    bent = drawn_bend(puppet, limb)
    return bent if abs(bent) < math.pi else 0.0

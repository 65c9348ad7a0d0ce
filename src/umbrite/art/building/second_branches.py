"""Limbs that are drawn twice, such as a raised arm beside the one that hangs: a second branch from the same joint, of which one shows.

A plan has one place for each piece, so the second arm is left over. It is one if its first piece turns on the same piece as the first
arm's, about the same point, and the pieces go on from each other as those of the plan do, each about as large.
"""

import contextlib
import math
from collections.abc import Sequence
from typing import NamedTuple

from umbrite.art.building.body_plan import Place
from umbrite.art.building.placing import Filled, carrying
from umbrite.art.building.plan_limbs import SIDES, way_of
from umbrite.art.contacts import Pieces
from umbrite.rig.change import change, names_like
from umbrite.rig.edits.limbs import make_limb, set_bend_side
from umbrite.rig.edits.pivots import join_parts
from umbrite.rig.edits.renaming import renamed
from umbrite.rig.edits.variants.branches import hands_carried
from umbrite.rig.edits.variants.sets import make_set, rename_variant
from umbrite.rig.errors import RigError
from umbrite.rig.limb_shape import STRAIGHT, drawn_bend
from umbrite.rig.model import Puppet
from umbrite.rig.placement import middle_of_part
from umbrite.rig.words.body_words import kind_of
from umbrite.rig.words.names import unique
from umbrite.rig.words.word_table import says_nothing

ABOUT = 0.7  # of its width from the first limb's pivot may the second one turn
AS_LARGE = math.log(1.7)
ENOUGH = 0.15  # how good an overlap must be to go on from
HIGHER = 0.25  # of its length from where it begins is a branch that is raised


class Second(NamedTuple):
    """A limb drawn a second time: the places that it stands beside, root to end, and its pieces."""

    places: tuple[Place, ...]
    parts: tuple[str, ...]


def second_branches(puppet: Puppet, pieces: Pieces, filled: Filled) -> list[Second]:
    """The limbs of the plan for which pieces that are left over make a second one. Each piece is in one of them at most."""
    left, found = list(filled.left), []
    for limb in filled.plan.limbs:
        for side in SIDES:
            way = way_of(filled, limb, side)
            parts: list[str] = []
            for place in way:
                first = filled.pieces[place.name]
                above = parts[-1] if parts else carrying(filled, place)
                if above is None or (not parts and (first, above) not in pieces.contacts):
                    break
                near = None if parts else pieces.contacts[first, above].pivots[0]
                fits = [
                    key for key in left if key not in parts
                    and _goes_on(puppet, pieces, key, above, near) and _alike(puppet, pieces, key, first)
                ]  # fmt: skip
                if not fits:
                    break
                parts.append(max((pieces.contacts[key, above].goods[0], key) for key in fits)[1])
            if len(parts) > 1:
                found.append(Second(tuple(way[: len(parts)]), tuple(parts)))
                left = [key for key in left if key not in parts]
    return found


def _carrier(puppet: Puppet, part: str) -> str | None:
    """The piece from which a piece hangs."""
    above = puppet.joints[puppet.parts[part].joint].parent
    return next((key for key, one in puppet.parts.items() if one.joint == above), None)


def _goes_on(puppet: Puppet, pieces: Pieces, key: str, above: str, near: complex | None) -> bool:
    """Whether a piece turns on another one, about a place where one is given."""
    contact = pieces.contacts.get((key, above))
    if contact is None or contact.goods[0] < ENOUGH or puppet.joints[puppet.parts[key].joint].parent is not None:
        return False
    return near is None or abs(contact.pivots[0] - near) < ABOUT * pieces.widths[key]


def _alike(puppet: Puppet, pieces: Pieces, key: str, first: str) -> bool:
    """Whether a piece is about as large as another one, and not called otherwise."""
    names = [puppet.parts[one].name for one in (key, first)]
    kinds = [kind_of(name) for name in names if not says_nothing(name)]
    large = abs(math.log(max(pieces.areas[key], 1.0) / max(pieces.areas[first], 1.0))) < 2 * AS_LARGE
    return large and len(set(kinds)) < 2


def with_second(puppet: Puppet, pieces: Pieces, second: Second, first: str, *, names: bool) -> Puppet:
    """The puppet with a second branch hung beside the one whose first part is `first`, and called after it."""
    above = _carrier(puppet, first)
    word = _pose_word(_goes_up(puppet, second.parts, first)).lower()
    for place, key in zip(second.places, second.parts, strict=True):
        assert above is not None
        pivot = pieces.contacts[key, above].pivots[0]
        pivot = puppet.joints[puppet.parts[first].joint].pivot.z if key == second.parts[0] else pivot
        puppet = join_parts(puppet, key, above, pivot)
        joint = puppet.parts[key].joint
        puppet = change(puppet, joint, side=place.side)
        if names and says_nothing(puppet.parts[key].name):
            own = unique(f"{place.name} {word}", [*names_like(puppet, "part"), *names_like(puppet, "joint")])
            puppet = renamed(puppet, {key: own, joint: own})
        above = key
    return puppet


def _goes_up(puppet: Puppet, parts: Sequence[str], first: str) -> float:
    """How much a branch goes up from where it begins, -1 to 1."""
    way = middle_of_part(puppet.parts[parts[-1]]) - puppet.joints[puppet.parts[first].joint].pivot.z
    return -way.imag / max(abs(way), 1e-9)


def _pose_word(up: float) -> str:
    return "Raised" if up > HIGHER else "Hanging" if up < -HIGHER else "Held out"


def with_turns(puppet: Puppet, second: Second, firsts: Sequence[str], *, limbs: bool) -> tuple[Puppet, str | None]:
    """The puppet with a limb for a second branch, and a set in which it and the first one take turns, the hand's place carried over; and
    the limb's id. `firsts` are the parts of the first one.
    """
    root, joints = puppet.parts[firsts[0]].joint, [puppet.parts[key].joint for key in second.parts]
    beside, limb = next((one for one in puppet.limbs.values() if root in one.joints), None), None
    if limbs and beside is not None:
        with contextlib.suppress(RigError):
            puppet, limb = make_limb(puppet, joints[0], joints[-1])
            if abs(drawn_bend(puppet, puppet.limbs[limb])) < STRAIGHT:
                puppet = set_bend_side(puppet, limb, beside.bend)
    before = puppet
    puppet, key = make_set(puppet, [root, joints[0]], second.places[0].name if beside is None else beside.name)
    words = [_pose_word(_goes_up(puppet, parts, firsts[0])) for parts in (firsts, second.parts)]
    words = words if words[0] != words[1] else ["First", "Second"]
    for variant, word in zip(puppet.sets[key].variants, words, strict=True):
        puppet = rename_variant(puppet, key, variant.number, word)
    return hands_carried(before, puppet), limb

"""The limbs that a filled body plan asks for: from which piece to which, to which side they bend, and which stand on the ground.

A limb that is drawn bent keeps its side, so that nothing moves at rest; the plan decides for straight ones, and a person for all.
"""

import math
from collections.abc import Sequence
from typing import NamedTuple

from umbrite.art.building.body_plan import Place, PlanLimb, places_of
from umbrite.art.building.placing import Filled
from umbrite.rig.edits.limbs import make_limb, make_tip_limb, set_bend_side, set_end_hold
from umbrite.rig.edits.parenting import set_parent
from umbrite.rig.edits.pivots import set_tip
from umbrite.rig.errors import RigError
from umbrite.rig.family import ancestors
from umbrite.rig.limb_shape import STRAIGHT, drawn_bend, far_end
from umbrite.rig.model import Puppet

SIDES = ("near", "far", "middle")


class Wishes(NamedTuple):
    """What should be made; each can be left out. `only` are parts that it is made for, such as those of one leg; without any it is for all.

    With `elsewhere`, pivots that were set move to where an exchanged drawing turns now. `turned` are limbs that bend to the other side than
    they are drawn or the plan says, `replanted` those whose end stands on the ground where the plan's does not, or the other way round, both by
    `limb_key`.
    """

    names: bool = True
    limbs: bool = True
    master: bool = True
    limits: bool = True
    loose: bool = True
    controls: bool = True
    variants: bool = True
    elsewhere: bool = False
    turned: frozenset[str] = frozenset()
    replanted: frozenset[str] = frozenset()
    only: frozenset[str] = frozenset()

    def meant(self, part: str) -> bool:
        """Whether something should be made for a part."""
        return not self.only or part in self.only


class _Said(NamedTuple):
    """Sentences about limbs that could not be made, and the names of those that are drawn bent to the other side; and what is wished."""

    told: list[str]
    against: list[str]
    wishes: Wishes


def limb_key(limb: PlanLimb, side: str) -> str:
    """How wishes call a limb of a plan on one side."""
    return f"{limb.first}/{limb.last}/{side}"


def way_of(filled: Filled, limb: PlanLimb, side: str) -> list[Place]:
    """The places of a limb on one side from the first to the last that have a piece; none where its first has not."""
    places = {one.name: one for one in places_of(filled.plan)}
    last = next((p for p in places.values() if p.row.name == limb.last and p.side == side), None)
    first = next((p for p in places.values() if p.row.name == limb.first and p.side == side), None)
    if first is None or last is None or first.name not in filled.pieces:
        return []
    way = [last]
    while way[-1].name != first.name and way[-1].on:
        way.append(places[way[-1].on])
    return [place for place in reversed(way) if place.name in filled.pieces]


def plan_limbs(
    puppet: Puppet, filled: Filled, mine: Sequence[str], wishes: Wishes, told: list[str]
) -> tuple[Puppet, list[str]]:
    """The puppet with the limbs of its plan, and their ids. `mine` are the places that are meant; what could not be made, or bends otherwise
    than such bodies do, is told.
    """
    limbs: list[str] = []
    for limb in filled.plan.limbs:
        said, pair = _Said(told, [], wishes), []
        for side in SIDES:
            puppet, made = _limb(puppet, filled, limb, side, mine, said)
            pair += made
        limbs += pair
        if len(said.against) == len(pair) > 0:  # of a figure seen from the front one of two always is
            told.append(
                f"{' and '.join(said.against)} bend otherwise than in most such bodies, as they are drawn. Alt+Shift+T turns a drawn bend over."
            )
    return puppet, limbs


def _limb(
    puppet: Puppet, filled: Filled, limb: PlanLimb, side: str, mine: Sequence[str], said: _Said
) -> tuple[Puppet, list[str]]:
    """A limb of the plan on one side, from its first piece to the last that is there; none where it would have one joint only, or where
    a piece of it is not on one of the places that are meant.

    It is said where that is refused, and where it is drawn bent to the other side.
    """
    way = way_of(filled, limb, side)
    joints = [puppet.parts[filled.pieces[place.name]].joint for place in way]
    held = {joint for one in puppet.limbs.values() for joint in (*one.joints, one.end)}
    if len(joints) < 2 or not held.isdisjoint(joints) or any(place.name not in mine for place in way):
        return puppet, []
    if joints[0] not in ancestors(puppet, joints[-1]):
        return puppet, []  # hung otherwise by hand
    try:
        if way[-1].row.name == limb.last:
            puppet, key = make_limb(puppet, joints[0], joints[-1])
        else:
            puppet = set_tip(puppet, joints[-1], far_end(puppet, joints[-1]))
            puppet, key = make_tip_limb(puppet, joints)
        puppet = _bent(puppet, key, limb, side, filled.facing, said)
        puppet = _planted(puppet, key, on=limb.planted != (limb_key(limb, side) in said.wishes.replanted))
    except RigError as error:
        prefix = "" if side == "middle" else f"{side.capitalize()} "
        said.told.append(f"{prefix}{limb.first} to {limb.last}: {error}")
        return puppet, []
    return puppet, [key]


def _bent(puppet: Puppet, key: str, limb: PlanLimb, side: str, facing: int, said: _Said) -> Puppet:
    """The limb bending to the side that a person wants, that is drawn, or that the plan says."""
    made = puppet.limbs[key]
    wanted, drawn = _bend(puppet, key, limb, facing), drawn_bend(puppet, made)
    if limb_key(limb, side) in said.wishes.turned:
        return set_bend_side(puppet, key, -(wanted if abs(drawn) < STRAIGHT else made.bend))
    if abs(drawn) < STRAIGHT:
        return set_bend_side(puppet, key, wanted)
    if (drawn > 0) != (wanted > 0):  # the picture at rest says otherwise, and it should not move
        said.against.append(made.name)
    return puppet


def _planted(puppet: Puppet, key: str, *, on: bool) -> Puppet:
    """The limb with its end on the ground, keeping the angle of its target, which the master carries; or with an end that it turns."""
    made = puppet.limbs[key]
    if not on:
        return set_end_hold(puppet, key, "limb") if made.end_hold == "target" else puppet
    if made.end is not None and made.end_hold != "target":
        puppet = set_end_hold(puppet, key, "target")
    master = next((joint for joint, one in puppet.joints.items() if one.role == "master"), None)
    return set_parent(puppet, [made.target], master)


def _bend(puppet: Puppet, key: str, limb: PlanLimb, facing: int) -> int:
    """The bend side by which a limb's middle goes to where the plan says, seen from where the figure looks."""
    made = puppet.limbs[key]
    way = puppet.joints[made.target].pivot.z - puppet.joints[made.joints[0]].pivot.z
    ahead = complex(facing if limb.bend == "ahead" else -facing, 0)
    return 1 if (ahead.conjugate() * way).imag >= 0 else -1


def bulge_of(pivots: Sequence[complex], limb: PlanLimb, facing: int) -> complex:
    """To where a limb's middle goes, as a unit vector of the board: as its pivots lie, root to end, where they are not in a line; else as
    its plan says.
    """
    way = pivots[-1] - pivots[0]
    aside = pivots[len(pivots) // 2] - pivots[0]
    across = (way.conjugate() * aside).imag / abs(way) if way else 0.0
    if abs(across) > math.tan(STRAIGHT) / 4 * abs(way):
        normal = way / abs(way) * 1j
        return normal if across > 0 else -normal
    return complex(facing if limb.bend == "ahead" else -facing)

"""The rig that a filled body plan asks for: family and pivots, carriers, limbs, limits, loose rows, controls. Nothing moves at rest.

On a puppet that has some of it already only what is missing is made: joints that hang from something by a pivot that was set stay as
they are, and so do limbs, limits and controls.
"""

import math
from collections.abc import Mapping, Sequence
from typing import NamedTuple

from umbrite.art.building.body_plan import Place, PlanLimb, places_of
from umbrite.art.building.placing import Filled, ends_of
from umbrite.art.joint_finding import Pieces, Proposal, joints_among
from umbrite.art.joint_limits import find_limits
from umbrite.art.pictures import Picture
from umbrite.rig.change import change, names_like
from umbrite.rig.edits.control_proposals import make_proposed, propose_controls
from umbrite.rig.edits.limbs import make_limb, make_tip_limb, set_bend_side, set_end_hold
from umbrite.rig.edits.limits import set_limit, set_loose
from umbrite.rig.edits.parenting import carry_together, set_parent
from umbrite.rig.edits.pivots import join_parts, move_pivot, set_tip
from umbrite.rig.edits.renaming import renamed
from umbrite.rig.errors import RigError
from umbrite.rig.family import ancestors, children
from umbrite.rig.limb_shape import drawn_bend, far_end
from umbrite.rig.model import Loose, Puppet
from umbrite.rig.placement import ground_of, middle_of_part
from umbrite.rig.words.names import unique
from umbrite.rig.words.word_table import says_nothing

FAR_APART = 0.8  # widths between the ends of a piece that is long enough to have two
SWING = Loose(2.0, 0.3, 0.6, 0.7)


class Wishes(NamedTuple):
    """What shall be made; each can be left out. `only` are parts that it is made for, such as those of one leg; without any it is for all."""

    names: bool = True
    limbs: bool = True
    master: bool = True
    limits: bool = True
    loose: bool = True
    controls: bool = True
    only: frozenset[str] = frozenset()

    def meant(self, part: str) -> bool:
        """Whether something shall be made for a part."""
        return not self.only or part in self.only


class Built(NamedTuple):
    """The puppet with its rig, and what was made: parts that ride on others without a place of their own, limbs, controls, and sentences
    about what could not be made or is not as the plan says.
    """

    puppet: Puppet
    riding: tuple[tuple[str, str], ...]
    limbs: tuple[str, ...]
    controls: tuple[str, ...]
    told: tuple[str, ...] = ()


class _Said(NamedTuple):
    """Sentences about limbs that could not be made, and the names of those that are drawn bent to the other side."""

    told: list[str]
    against: list[str]


def build_rig(
    puppet: Puppet,
    pieces: Pieces,
    filled: Filled,
    pictures: Mapping[str, Picture],
    wishes: Wishes = Wishes(),  # noqa: B008  a frozen value
) -> Built:
    """The rig of a plan on the pieces that stand on its places. `pictures` gives RGBA pixels by drawing fingerprint."""
    told: list[str] = []
    placed = [
        place for place in places_of(filled.plan)
        if place.name in filled.pieces and wishes.meant(filled.pieces[place.name])
    ]  # fmt: skip
    if wishes.names:
        puppet = _named(puppet, {place.name: filled.pieces[place.name] for place in placed})
    for place in placed:
        puppet = change(puppet, puppet.parts[filled.pieces[place.name]].joint, side=place.side)
    puppet = _joined(puppet, pieces, filled, placed, told)
    left = [part for part in filled.left if wishes.meant(part)]
    puppet, riding = _with_riders(puppet, pieces, filled, left, told)
    if wishes.master and not wishes.only and all(joint.role != "master" for joint in puppet.joints.values()):
        puppet, _ = carry_together(puppet, children(puppet, None), "Master", ground_of(puppet), role="master")
    limbs: list[str] = []
    for limb in filled.plan.limbs if wishes.limbs else ():
        said = _Said(told, [])
        pair: list[str] = []
        for side in ("near", "far", "middle"):
            mine = [place.name for place in placed]
            puppet, made = _limb(puppet, filled, limb, side, mine, said)
            pair += made
        limbs += pair
        if len(said.against) == len(pair) > 0:  # of a figure seen from the front one of two always is
            told.append(
                f"{' and '.join(said.against)} bend otherwise than in most such bodies. T turns a bend side."
            )
    if wishes.loose:
        puppet = _loose(puppet, filled, placed)
    if wishes.limits:
        puppet = _limited(puppet, pictures, filled, placed)
    controls: list[str] = []
    own = {puppet.parts[filled.pieces[place.name]].joint for place in placed}
    own |= {puppet.limbs[key].target for key in limbs}
    proposed = [one for one in propose_controls(puppet) if not wishes.only or one.control.moves in own]
    if wishes.controls and proposed:
        puppet, controls = make_proposed(puppet, proposed)
    return Built(puppet, tuple(riding), tuple(limbs), tuple(controls), tuple(told))


def _named(puppet: Puppet, pieces: Mapping[str, str]) -> Puppet:
    """Parts and joints whose names say nothing take those of their places."""
    names: dict[str, str] = {}
    taken = {of: list(names_like(puppet, of)) for of in ("part", "joint")}
    for place, key in pieces.items():
        part = puppet.parts[key]
        if says_nothing(part.name):
            names[key] = unique(place, taken["part"])
            taken["part"].append(names[key])
            if says_nothing(puppet.joints[part.joint].name):
                names[part.joint] = unique(place, taken["joint"])
                taken["joint"].append(names[part.joint])
    return renamed(puppet, names) if names else puppet


def carrying(filled: Filled, place: Place) -> str | None:
    """The piece on the nearest place above that has one."""
    above = {one.name: one.on for one in places_of(filled.plan)}
    name = place.on
    while name:
        if name in filled.pieces:
            return filled.pieces[name]
        name = above[name]
    return None


def pivot_between(puppet: Puppet, pieces: Pieces, part: str, parent: str) -> complex:
    """Where a part turns on another: as Find joints sees it where they overlap, else the end of it that is nearer."""
    if (part, parent) in pieces.contacts:
        return pieces.contacts[part, parent].pivots[0]
    middle, other = middle_of_part(puppet.parts[part]), middle_of_part(puppet.parts[parent])
    sheet = pieces.sheets[part]
    box = sheet.box
    reach = max(box.width, box.height) / 2
    way = other - middle
    return middle + way / max(abs(way), 1e-9) * min(reach, abs(way))


def _at_its_other_end(pieces: Pieces, filled: Filled, place: Place, pivot: complex) -> complex:
    """A pivot, or where that lies at the end at which the next piece of the plan hangs, the other end: a wing that lies on the body with all
    of its length turns where it begins.
    """
    part = filled.pieces[place.name]
    below = [
        filled.pieces[one.name] for one in places_of(filled.plan)
        if one.on == place.name and one.name in filled.pieces and (filled.pieces[one.name], part) in pieces.contacts
    ]  # fmt: skip
    if len(below) != 1:
        return pivot
    after = pieces.contacts[below[0], part].pivots[0]
    ends = ends_of(pieces.sheets[part])
    if ends is None or abs(ends[0] - ends[1]) < FAR_APART * pieces.widths[part]:
        return pivot
    first = max(ends, key=lambda end: abs(end - after))
    nearer = abs(pivot - first) > abs(pivot - after)
    return first if nearer else pivot


def _joined(puppet: Puppet, pieces: Pieces, filled: Filled, placed: list[Place], told: list[str]) -> Puppet:
    """The pieces on the plan's places, hung from each other."""
    for place in placed:
        part, parent = filled.pieces[place.name], carrying(filled, place)
        joint = puppet.parts[part].joint
        if parent is None:
            if not puppet.joints[joint].pivot_set:
                puppet = move_pivot(puppet, joint, middle_of_part(puppet.parts[part]))
            continue
        if _stands(puppet, joint):
            continue
        try:
            pivot = pivot_between(puppet, pieces, part, parent)
            puppet = join_parts(puppet, part, parent, _at_its_other_end(pieces, filled, place, pivot))
        except RigError as error:
            told.append(str(error))
    return puppet


def _stands(puppet: Puppet, joint: str) -> bool:
    """Whether a joint was hung and set by hand, so that it stays."""
    return puppet.joints[joint].pivot_set and puppet.joints[joint].parent is not None


def _with_riders(
    puppet: Puppet, pieces: Pieces, filled: Filled, left: Sequence[str], told: list[str]
) -> tuple[Puppet, list[tuple[str, str]]]:
    """What has no place of its own rides on what it lies on, as Find joints sees it, else on the nearest piece that has a place."""
    proposals = {one.part: one for one in joints_among(puppet, pieces)}
    standing = set(filled.pieces.values())
    riding: list[tuple[str, str]] = []
    for part in left:
        joint = puppet.parts[part].joint
        if _stands(puppet, joint):
            continue
        parent, pivot = _carrier_of(puppet, pieces, part, standing, proposals)
        if parent is None or puppet.parts[parent].joint == joint:
            continue
        try:
            puppet = join_parts(puppet, part, parent, pivot)
        except RigError as error:
            told.append(str(error))
            continue
        riding.append((part, parent))
    return puppet, riding


def _carrier_of(
    puppet: Puppet, pieces: Pieces, part: str, standing: set[str], proposals: Mapping[str, Proposal]
) -> tuple[str | None, complex]:
    middle = middle_of_part(puppet.parts[part])
    found = proposals.get(part)
    joint = puppet.parts[part].joint
    if found is not None and joint not in ancestors(puppet, puppet.parts[found.parent].joint):
        return found.parent, found.pivot
    lying = [
        (contact.goods[0], other)
        for (one, other), contact in pieces.contacts.items()
        if one == part and other in standing
    ]
    if lying:
        _, parent = max(lying)
        return parent, pieces.contacts[part, parent].pivots[0]
    nearest = min(standing, key=lambda key: abs(middle_of_part(puppet.parts[key]) - middle), default=None)
    return nearest, middle


def _limb(
    puppet: Puppet,
    filled: Filled,
    limb: PlanLimb,
    side: str,
    mine: Sequence[str],
    said: _Said,
) -> tuple[Puppet, list[str]]:
    """A limb of the plan on one side, from its first piece to the last that is there; none where it would have one joint only, or where
    a piece of it is not on one of the places that are meant.

    It is said where that is refused, and where it is drawn bent to the other side.
    """
    places = {one.name: one for one in places_of(filled.plan)}
    prefix = "" if side == "middle" else f"{side.capitalize()} "
    last = next((p for p in places.values() if p.row.name == limb.last and p.side == side), None)
    first = next((p for p in places.values() if p.row.name == limb.first and p.side == side), None)
    if first is None or last is None or first.name not in filled.pieces:
        return puppet, []
    way = [last]
    while way[-1].name != first.name and way[-1].on:
        way.append(places[way[-1].on])
    joints = [puppet.parts[filled.pieces[p.name]].joint for p in reversed(way) if p.name in filled.pieces]
    held = {joint for one in puppet.limbs.values() for joint in (*one.joints, one.end)}
    if any(p.name in filled.pieces and p.name not in mine for p in way):
        return puppet, []
    if len(joints) < 2 or not held.isdisjoint(joints):
        return puppet, []
    if joints[0] not in ancestors(puppet, joints[-1]):
        return puppet, []  # hung otherwise by hand
    try:
        if last.name in filled.pieces:
            puppet, key = make_limb(puppet, joints[0], joints[-1])
        else:
            puppet = set_tip(puppet, joints[-1], far_end(puppet, joints[-1]))
            puppet, key = make_tip_limb(puppet, joints)
        made = puppet.limbs[key]
        wanted, drawn = _bend(puppet, key, limb, filled.facing), drawn_bend(puppet, made)
        if drawn == 0:
            puppet = set_bend_side(puppet, key, wanted)
        elif (drawn > 0) != (wanted > 0):  # the picture at rest says otherwise, and it shall not move
            said.against.append(made.name)
        if limb.planted and made.end is not None and made.end_hold != "target":
            puppet = set_end_hold(puppet, key, "target")
        if limb.planted:
            puppet = set_parent(puppet, [made.target], _master(puppet))
    except RigError as error:
        said.told.append(f"{prefix}{limb.first} to {limb.last}: {error}")
        return puppet, []
    return puppet, [key]


def _master(puppet: Puppet) -> str | None:
    return next((key for key, joint in puppet.joints.items() if joint.role == "master"), None)


def _bend(puppet: Puppet, key: str, limb: PlanLimb, facing: int) -> int:
    """The bend side by which a limb's middle goes to where the plan says, seen from where the figure looks."""
    made = puppet.limbs[key]
    way = puppet.joints[made.target].pivot.z - puppet.joints[made.joints[0]].pivot.z
    ahead = complex(facing if limb.bend == "ahead" else -facing, 0)
    return 1 if (ahead.conjugate() * way).imag >= 0 else -1


def _loose(puppet: Puppet, filled: Filled, placed: list[Place]) -> Puppet:
    """Rows that hang loose swing, where no limb turns them."""
    held = {joint for one in puppet.limbs.values() for joint in (*one.joints, one.end, one.target)}
    for place in placed:
        joint = puppet.parts[filled.pieces[place.name]].joint
        if place.row.loose and joint not in held and puppet.joints[joint].loose is None:
            puppet = set_loose(puppet, joint, SWING)
    return puppet


def _limited(puppet: Puppet, pictures: Mapping[str, Picture], filled: Filled, placed: list[Place]) -> Puppet:
    """Limits found from the art, for pieces on places that have none yet."""
    keys = [puppet.parts[filled.pieces[place.name]].joint for place in placed if carrying(filled, place)]
    keys = [key for key in keys if puppet.joints[key].limit is None]
    for found in find_limits(puppet, pictures, keys):
        if found.smallest > -math.pi or found.largest < math.pi:
            puppet = set_limit(puppet, found.joint, found.smallest, found.largest)
    return puppet

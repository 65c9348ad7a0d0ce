"""The rig that a filled body plan asks for: family and pivots, carriers, limbs, limits, loose rows, controls. Nothing moves at rest.

On a puppet that has some of it already only what is missing is made: joints that hang from something by a pivot that was set stay as
they are, and so do limbs, limits and controls.
"""

import contextlib
import math
from collections.abc import Mapping, Sequence
from types import MappingProxyType
from typing import NamedTuple

import cv2

from umbrite.art.building.body_plan import Place, Turns, places_of
from umbrite.art.building.named_variants import named_sets, with_named_sets
from umbrite.art.building.placing import Filled, carrying
from umbrite.art.building.plan_limbs import Wishes, plan_limbs
from umbrite.art.building.second_branches import second_branches, with_second, with_turns
from umbrite.art.contacts import Pieces
from umbrite.art.joint_finding import Proposal, joints_among
from umbrite.art.masks import Sheet, bar_of
from umbrite.art.pictures import Picture
from umbrite.art.stacking import restacked
from umbrite.rig.change import change, names_like
from umbrite.rig.edits.control_proposals import make_proposed, propose_controls
from umbrite.rig.edits.controls import make_chooser
from umbrite.rig.edits.limits import set_limit, set_loose
from umbrite.rig.edits.parenting import carry_together, master_name
from umbrite.rig.edits.pivots import join_parts, keep_limbs, move_pivot
from umbrite.rig.edits.renaming import renamed
from umbrite.rig.errors import RigError
from umbrite.rig.family import ancestors, children
from umbrite.rig.limb_shape import bends, bends_to, limb_points
from umbrite.rig.model import Loose, Puppet
from umbrite.rig.placement import ground_of, middle_of_part
from umbrite.rig.words.names import unique
from umbrite.rig.words.word_table import says_nothing

ROUND, ON_PIVOT = 0.75, 0.3  # how round a disc is, and how far of its size its middle lies from a pivot at most
ELSEWHERE = 0.08  # of a piece's length, as far as a pivot must be off to be one that does not fit any more
FIRM = 0.6  # how good an overlap must be to tell so
FAR_APART = 0.8  # widths between the ends of a piece that is long enough to have two
NO_PICTURES: Mapping[str, Picture] = MappingProxyType({})
SWING = Loose(2.0, 0.3, 0.6, 0.7)


class Built(NamedTuple):
    """The puppet with its rig, and what was made: parts that ride on others without a place of their own, limbs, controls, and sentences
    about what could not be made or is not as the plan says.
    """

    puppet: Puppet
    riding: tuple[tuple[str, str], ...]
    limbs: tuple[str, ...]
    controls: tuple[str, ...]
    told: tuple[str, ...] = ()


def build_rig(
    puppet: Puppet,
    pieces: Pieces,
    filled: Filled,
    wishes: Wishes = Wishes(),  # noqa: B008  a frozen value
    pictures: Mapping[str, Picture] = NO_PICTURES,
) -> Built:
    """The rig of a plan on the pieces that stand on its places. With the `pictures` (RGBA, by drawing fingerprint) what lies wrong in the draw
    order is put right where nobody can see a difference at rest.
    """
    told: list[str] = []
    placed = [
        place for place in places_of(filled.plan)
        if place.name in filled.pieces and wishes.meant(filled.pieces[place.name])
    ]  # fmt: skip
    seen = {one.part: one for one in joints_among(puppet, pieces)}  # by the names that the art came with
    if wishes.names:
        puppet = _named(puppet, {place.name: filled.pieces[place.name] for place in placed})
    for place in placed:
        puppet = change(puppet, puppet.parts[filled.pieces[place.name]].joint, side=place.side)
    puppet = _joined(puppet, pieces, filled, placed, (seen, told))
    seconds = [] if wishes.only else second_branches(puppet, pieces, filled)
    for second in seconds:
        puppet = with_second(puppet, pieces, second, filled.pieces[second.places[0].name], names=wishes.names)
    second_parts = {part for second in seconds for part in second.parts}
    left = [part for part in filled.left if wishes.meant(part) and part not in second_parts]
    puppet, riding = _with_riders(puppet, pieces, filled, left, told)
    if wishes.elsewhere:
        puppet = _moved_elsewhere(puppet, pieces, filled, wishes)
    takes_turns = [] if wishes.only else named_sets(puppet)
    puppet, _ = with_named_sets(puppet, takes_turns, turns=wishes.variants, choosers=False)
    if wishes.master and not wishes.only and all(joint.role != "master" for joint in puppet.joints.values()):
        puppet, _ = carry_together(
            puppet, children(puppet, None), master_name(puppet), ground_of(puppet), role="master"
        )
    limbs: list[str] = []
    if wishes.limbs:
        puppet, limbs = plan_limbs(puppet, filled, [place.name for place in placed], wishes, told)
    for second in seconds if wishes.variants else ():
        firsts = [filled.pieces[place.name] for place in second.places]
        puppet, limb = with_turns(puppet, second, firsts, limbs=wishes.limbs)
        limbs += [limb] if limb is not None else []
        told.append(
            f"{puppet.parts[second.parts[0]].name} and {puppet.parts[firsts[0]].name} take turns: only one of them is shown at a time."
        )
    if wishes.loose:
        puppet = _loose(puppet, filled, placed)
    if wishes.limits:
        turning = [(place, filled.pieces[place.name]) for place in placed if carrying(filled, place)]
        turning += [pair for second in seconds for pair in zip(second.places, second.parts, strict=True)]
        puppet = _limited(puppet, turning)
    if pictures and not wishes.only:
        puppet = restacked(puppet, pictures)
    controls: list[str] = []
    if wishes.controls:
        own = {puppet.parts[filled.pieces[place.name]].joint for place in placed}
        puppet, controls = _controlled(puppet, own | {puppet.limbs[key].target for key in limbs}, wishes)
    return Built(puppet, tuple(riding), tuple(limbs), tuple(controls), tuple(told))


def _controlled(puppet: Puppet, own: set[str], wishes: Wishes) -> tuple[Puppet, list[str]]:
    """The controls that are proposed, and a chooser for each set that has none; for some parts only those of their own joints."""
    controls: list[str] = []
    proposed = [one for one in propose_controls(puppet) if not wishes.only or one.control.moves in own]
    if proposed:
        puppet, controls = make_proposed(puppet, proposed)
    chosen = {control.chooses for control in puppet.controls.values()}
    for key in puppet.sets if wishes.variants and not wishes.only else ():
        if key not in chosen:
            puppet, control = make_chooser(puppet, key)
            controls.append(control)
    return puppet, controls


def _moved_elsewhere(puppet: Puppet, pieces: Pieces, filled: Filled, wishes: Wishes) -> Puppet:
    """Pivots where exchanged drawings turn now."""
    for part, pivot in pivots_elsewhere(puppet, pieces, filled).items():
        if wishes.meant(part):
            puppet = keep_limbs(move_pivot(puppet, puppet.parts[part].joint, pivot))
    return puppet


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


def pivots_elsewhere(puppet: Puppet, pieces: Pieces, filled: Filled) -> dict[str, complex]:
    """Parts that hang where the plan has them, but whose drawings turn elsewhere now: by how they overlap, with the pivot that this tells.

    Those that were exchanged for other drawings are among them; what is bent or lies only a little elsewhere is not.
    """
    found = {}
    for place in places_of(filled.plan):
        part, parent = filled.pieces.get(place.name), carrying(filled, place)
        if (
            part is None
            or parent is None
            or (part, parent) not in pieces.contacts
            or puppet.parts[part].mesh is not None
        ):
            continue
        joint, contact = puppet.joints[puppet.parts[part].joint], pieces.contacts[part, parent]
        if (
            not _stands(puppet, puppet.parts[part].joint)
            or joint.parent != puppet.parts[parent].joint
            or contact.goods[0] < FIRM
        ):
            continue
        pivot = _at_its_other_end(pieces, filled, place, contact.pivots[0])
        box = pieces.sheets[part].box
        if abs(pivot - joint.pivot.z) > ELSEWHERE * max(box.width, box.height):
            found[part] = pivot
    return found


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
    ends = _ends_of(pieces.sheets[part])
    if ends is None or abs(ends[0] - ends[1]) < FAR_APART * pieces.widths[part]:
        return pivot
    first = max(ends, key=lambda end: abs(end - after))
    nearer = abs(pivot - first) > abs(pivot - after)
    return first if nearer else pivot


def _joined(
    puppet: Puppet, pieces: Pieces, filled: Filled, placed: list[Place], known: tuple[Mapping[str, Proposal], list[str]]
) -> Puppet:
    """The pieces on the plan's places, hung from each other; `known` is what Find joints saw, and takes sentences."""
    seen, told = known
    for place in placed:
        part, parent = filled.pieces[place.name], carrying(filled, place)
        joint = puppet.parts[part].joint
        found = seen.get(part) if parent is None and place.on else None
        if found is not None and not _stands(puppet, joint) and found.parent != part:
            # Nothing of the plan carries it, such as feet below a robe: it hangs where Find joints hangs it.
            with contextlib.suppress(RigError):
                puppet = join_parts(puppet, part, found.parent, found.pivot)
            continue
        if parent is None:
            if not puppet.joints[joint].pivot_set:
                puppet = move_pivot(puppet, joint, middle_of_part(puppet.parts[part]))
            continue
        if _stands(puppet, joint):
            continue
        try:
            if (between := _between(part, parent, pieces, filled, seen)) is not None:
                puppet = join_parts(puppet, part, between.parent, between.pivot)
                continue
            pivot = pivot_between(puppet, pieces, part, parent)
            puppet = join_parts(puppet, part, parent, _at_its_other_end(pieces, filled, place, pivot))
        except RigError as error:
            told.append(str(error))
    return puppet


def _between(
    part: str, parent: str, pieces: Pieces, filled: Filled, proposals: Mapping[str, Proposal]
) -> Proposal | None:
    """How a piece hangs from one without a place that hangs from what should carry both, such as the upper of two pieces of a neck."""
    found = proposals.get(part)
    if found is None or found.parent not in filled.left:
        return None
    above = proposals.get(found.parent)
    beside = pieces.contacts.get((part, parent))
    better = beside is None or beside.goods[0] < pieces.contacts[part, found.parent].goods[0]
    return found if above is not None and above.parent == parent and better else None


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
        parent, pivot = _at_a_joint(puppet, pieces, part, standing) or _carrier_of(
            puppet, pieces, part, standing, proposals
        )
        if parent is None or puppet.parts[parent].joint == joint:
            continue
        try:
            puppet = join_parts(puppet, part, parent, pivot)
        except RigError as error:
            told.append(str(error))
            continue
        riding.append((part, parent))
    return puppet, riding


def _at_a_joint(puppet: Puppet, pieces: Pieces, part: str, standing: set[str]) -> tuple[str, complex] | None:
    """For a small piece whose middle lies on a pivot, such as a disc over an elbow: the piece that turns there, and that pivot; else None."""
    middle, box = middle_of_part(puppet.parts[part]), pieces.sheets[part].box
    size = max(box.width, box.height)
    if min(box.width, box.height) < ROUND * size:
        return None
    near = []
    for other in standing:
        joint = puppet.joints[puppet.parts[other].joint]
        if joint.parent is not None and joint.pivot_set and size < 1.6 * pieces.widths[other]:
            near.append((abs(joint.pivot.z - middle), other))
    if not near or min(near)[0] > ON_PIVOT * size:
        return None
    other = min(near)[1]
    return other, puppet.joints[puppet.parts[other].joint].pivot.z


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


def _loose(puppet: Puppet, filled: Filled, placed: list[Place]) -> Puppet:
    """Rows that hang loose swing, where no limb turns them."""
    held = {joint for one in puppet.limbs.values() for joint in (*one.joints, one.end, one.target)}
    for place in placed:
        joint = puppet.parts[filled.pieces[place.name]].joint
        if place.row.loose and joint not in held and puppet.joints[joint].loose is None:
            puppet = set_loose(puppet, joint, SWING)
    return puppet


def _limited(puppet: Puppet, turning: Sequence[tuple[Place, str]]) -> Puppet:
    """The ranges of the plan, for pieces on places that have no limit yet: wide enough to move in. What the art shows within them is a finding."""
    for place, part in turning:
        key = puppet.parts[part].joint
        if place.row.turns is None or puppet.joints[key].limit is not None:
            continue
        if (ends := range_of(puppet, key, place.row.turns)) is not None:
            puppet = set_limit(puppet, key, *ends)
    return puppet


def range_of(puppet: Puppet, key: str, turns: Turns) -> tuple[float, float] | None:
    """The smallest and largest turn from rest (radians) that a plan's range means for a joint; None for a hinge that no limb bends."""
    most, back = math.radians(turns.most), math.radians(turns.back)
    if turns.kind != "hinge":
        return -most, most
    limb = next((limb for limb in puppet.limbs.values() if key in limb.joints[1:]), None)
    if limb is None:
        return None
    points = limb_points(puppet, limb)
    at = limb.joints.index(key)
    (drawn,) = bends([points[at] - points[at - 1], points[at + 1] - points[at]])
    side = bends_to(puppet, limb)
    ends = side * (-back - side * drawn), side * (most - side * drawn)
    return min(*ends, 0.0), max(*ends, 0.0)


def _ends_of(sheet: Sheet) -> tuple[complex, complex] | None:
    """The middles of the two round ends that a long piece would have, on the board; None for one that shows nothing."""
    if (bar := bar_of(sheet.alpha)) is None:
        return None
    corners = cv2.boxPoints(bar)
    z = corners[:, 0] + 1j * corners[:, 1] + 0.5 + 0.5j
    one, other = (z[1] - z[0]), (z[2] - z[1])
    long, wide = (one, other) if abs(one) >= abs(other) else (other, one)
    way = long / max(abs(long), 1e-9) * max(abs(long) - abs(wide), 0.0) / 2
    middle = z.mean()
    return complex(sheet.board(complex(middle - way))), complex(sheet.board(complex(middle + way)))

"""A rig laid on other art: the same family, limbs, limits, controls, links, poses and takes, in the proportions of the other drawings.

Which piece takes the place of which is found as for a body plan: the rig is its own plan. Each piece of the rig is mapped onto the piece
that takes its place by their frames, and pivots and tips go along; where the other art turns elsewhere, as Find joints sees it, the
pivot goes there. What carries no drawing is mapped as the whole figure is. Lengths in pixels grow with the figure. A figure that looks to
the other side gets the rig mirrored.
"""

import math
from collections.abc import Callable, Collection, Iterable, Mapping
from typing import Any, NamedTuple, TypedDict, TypeVar

from msgspec.structs import replace

from umbrite.art.bending.bendy import mesh_for
from umbrite.art.building.body_plan import BodyPlan
from umbrite.art.building.own_plan import plan_with_places
from umbrite.art.building.placing import Filled, fill, pieces_to_place
from umbrite.art.contacts import Pieces
from umbrite.art.joint_finding import joints_among
from umbrite.art.joint_limits import gap_turns, gap_within
from umbrite.art.masks import sheet_of_part
from umbrite.art.pictures import Picture
from umbrite.rig.change import change, put, take_out
from umbrite.rig.document import Document, settled
from umbrite.rig.driving.rules import rules
from umbrite.rig.edits.parts import add_part, reorder
from umbrite.rig.edits.pivots import join_parts, keep_limbs
from umbrite.rig.errors import RigError, Watch, unwatched
from umbrite.rig.family import branch, children, in_guests, parts_on, users_of
from umbrite.rig.ids import owner_of
from umbrite.rig.limb_shape import drawn_bend, limb_tip
from umbrite.rig.merging.branch_alone import branch_joints
from umbrite.rig.merging.guest_edits import place_guest
from umbrite.rig.merging.rewiring import copied_settings, copied_take, factor_of, grown
from umbrite.rig.mesh import moves_at, with_keeping
from umbrite.rig.model import Limit, Point, Pose, Puppet, Variant, point
from umbrite.rig.placement import Box
from umbrite.rig.takes.take import Take
from umbrite.rig.takes.take_layers import each_level
from umbrite.rig.words.word_table import says_nothing

ELSEWHERE = 0.015  # of a piece's length: as far from where it is mapped to must a pivot of the other art lie to count
FIRM = 0.3  # how well an overlap must tell where a piece turns
FEW = 5  # names are told, of many the first
STIFF = math.radians(10)  # a limit is not narrowed to less than this
Thing = TypeVar("Thing")
Onto = Callable[[complex], complex]


class Laid(NamedTuple):
    """The other art with the rig; which part of the rig each part of the art has taken the place of, and how sure that is; parts of the rig
    that found none, parts of the art that only ride along, and sentences about what could not be kept.
    """

    document: Document
    pairs: dict[str, str]  # parts of the rig, to parts of the art
    sure: dict[str, float]  # by parts of the rig
    missing: tuple[str, ...]
    riding: tuple[str, ...]
    told: tuple[str, ...]


class _Fit(NamedTuple):
    """From the rig's board to the other's: for each part of the rig, for what carries none, how much larger, and whether mirrored."""

    parts: dict[str, Onto]
    whole: Onto
    scale: float
    mirrored: bool


def rig_plan(
    rig: Puppet, rig_pieces: Pieces, art: Puppet, new: Pieces
) -> tuple[BodyPlan, dict[str, str], dict[str, str], int]:
    """A rig as the plan of other art: the plan, the rig's part on each place, the parts of the art that stand on places by their names, and to
    which side the rig looks. Raises RigError for a rig without a family.
    """
    plan, standing, ahead = plan_with_places(rig, rig_pieces, rig.name or "rig")
    names = {art.parts[key].name: key for key in new.keys if not says_nothing(art.parts[key].name)}
    called = {place: names[name] for place, key in standing.items() if (name := rig.parts[key].name) in names}
    return plan, standing, called, ahead


def lay_rig(
    rig: Document,
    rig_pictures: Mapping[str, Picture],
    art: Puppet,
    art_pictures: Mapping[str, Picture],
    decided: Filled | None = None,
    *,
    watch: Watch = unwatched,
) -> Laid:
    """Lay the rig of a document on loose art. Pictures give RGBA pixels by drawing fingerprint; `decided` is the filled plan of the rig, where
    a person has looked at it and corrected it; `watch` is told how far it is, and may stop it.

    Raises RigError for a rig without a family, and art that has no two pieces.
    """
    old, new = pieces_to_place(rig.puppet, rig_pictures, watch), pieces_to_place(art, art_pictures, watch)
    plan, standing, called, ahead = rig_plan(rig.puppet, old, art, new)
    filled = decided or fill(art, new, [plan], called)[0]
    pairs = {standing[place]: key for place, key in filled.pieces.items() if place in standing}
    if len(pairs) < 2:
        raise RigError("Nothing of this art looks like the rig's pieces. Choose another rig, or name the layers.")
    pairs |= _by_name(rig.puppet, art, pairs)
    boxes = (
        {
            key: sheet_of_part(rig.puppet.parts[key], rig_pictures[rig.puppet.parts[key].drawing.sha256]).box
            for key in pairs
        },
        {key: sheet_of_part(art.parts[key], art_pictures[art.parts[key].drawing.sha256]).box for key in pairs.values()},
    )
    fit = _fit(boxes, pairs, mirrored=ahead != filled.facing)
    told: list[str] = []
    puppet = _with_art(rig.puppet, art, pairs)
    puppet = _mapped(rig.puppet, puppet, fit, _pivots(rig.puppet, old, new, pairs, fit))
    puppet, missing = _without(puppet, rig.puppet, pairs, told)
    puppet = _with_drawn_variants(puppet, told)
    puppet = _with_meshes(puppet, rig.puppet, pairs, art_pictures)
    puppet = _with_shapes(puppet, rig.puppet, mirrored=fit.mirrored)
    puppet = _without_idle(puppet, rig.puppet)
    puppet, riding = _with_riders(puppet, art, new, pairs)
    puppet = _narrowed(rig.puppet, puppet, {**rig_pictures, **art_pictures}, told, watch)
    puppet = replace(puppet, width=art.width, height=art.height, guides=(), meant=())
    document = _with_guests(_timed(rig, replace(rig, puppet=puppet), fit), rig.puppet, fit, told)
    document = _showing_what_is_there(document)
    sure = {standing[place]: filled.sure[place] for place in filled.pieces if place in standing}
    return Laid(settled(document, Document()), pairs, sure, tuple(missing), tuple(riding), tuple(told))


def _by_name(rig: Puppet, art: Puppet, pairs: Mapping[str, str]) -> dict[str, str]:
    """What of the rig a plan does not look at, such as other variants and shades, with what in the art is called the same."""
    left = {part.name: key for key, part in art.parts.items() if key not in set(pairs.values())}
    strange = in_guests(rig)
    return {
        key: left[part.name]
        for key, part in rig.parts.items()
        if key not in pairs and key not in strange and part.name in left
    }


def _with_meshes(puppet: Puppet, rig: Puppet, pairs: Mapping[str, str], pictures: Mapping[str, Picture]) -> Puppet:
    """Parts that bend do so again: by their own mesh where the drawing is the same, else by one made for the other drawing."""
    for key in pairs:
        mesh = rig.parts[key].mesh
        if mesh is None:
            continue
        drawing = puppet.parts[key].drawing
        if drawing.sha256 != rig.parts[key].drawing.sha256:
            made = mesh_for(puppet, key, pictures[drawing.sha256], mesh.joints)
            mesh = with_keeping(made, mesh.keeps_area)
        puppet = change(puppet, key, mesh=mesh)
    return puppet


def _with_shapes(puppet: Puppet, rig: Puppet, *, mirrored: bool) -> Puppet:
    """The shapes of parts that bend again, by where their points lie in the drawings; the others are gone, and what calls them forth."""
    for key, shape in rig.shapes.items():
        old, part = rig.parts[shape.part], puppet.parts.get(shape.part)
        puppet = replace(puppet, shapes={**puppet.shapes, key: shape})
        if part is None or part.mesh is None or old.mesh is None:
            puppet = take_out(puppet, key)
            continue
        if part.mesh.arrays == old.mesh.arrays:
            continue
        wide, tall = (part.drawing.width / old.drawing.width, part.drawing.height / old.drawing.height)
        turned = mirrored and part.drawing.sha256 != old.drawing.sha256
        there = part.mesh.arrays.vertices
        across = part.drawing.width - there.real if turned else there.real
        moves = moves_at(shape.moves, old.mesh, across / wide + 1j * there.imag / tall)
        sign = -1 if turned else 1
        puppet = change(puppet, key, moves=tuple(point(complex(m.x * wide * sign, m.y * tall)) for m in moves))
    return puppet


def _without_idle(puppet: Puppet, rig: Puppet) -> Puppet:
    """Without sliders and pads that moved something in the rig, and have nothing left to move."""

    def read(one: Puppet) -> set[str]:
        return {owner_of(name) for rule in rules(one).values() if rule.drives for name in rule.reads}

    for key in read(rig) - read(puppet):
        if key in puppet.controls:
            puppet = take_out(puppet, key)
    return puppet


def _around(boxes: Iterable[Box]) -> Box:
    first, *others = boxes
    for box in others:
        first = first.join(box)
    return first


def _box_map(one: Box, other: Box, *, mirrored: bool) -> Onto:
    """The map that lays a box on another one."""
    wide, tall = other.width / max(one.width, 1e-9), other.height / max(one.height, 1e-9)

    def onto(z: complex) -> complex:
        x = (z.real - one.left) * wide
        return complex(other.right - x if mirrored else other.left + x, other.top + (z.imag - one.top) * tall)

    return onto


def _fit(boxes: tuple[Mapping[str, Box], Mapping[str, Box]], pairs: Mapping[str, str], *, mirrored: bool) -> _Fit:
    old, new = boxes
    parts = {key: _box_map(old[key], new[other], mirrored=mirrored) for key, other in pairs.items()}
    one, other = _around(old.values()), _around(new.values())
    scale = ((other.width**2 + other.height**2) / max(one.width**2 + one.height**2, 1e-9)) ** 0.5
    return _Fit(parts, _box_map(one, other, mirrored=mirrored), scale, mirrored)


def _with_art(rig: Puppet, art: Puppet, pairs: Mapping[str, str]) -> Puppet:
    """The rig's parts with the drawings of the art, where those lie."""
    puppet = replace(rig, shapes={})  # they come back on the meshes of the art
    for key, other in pairs.items():
        drawn = art.parts[other]
        puppet = change(
            puppet, key, drawing=drawn.drawing, placement=drawn.placement, trims=drawn.trims, mesh=None,
            shares="", opacity=drawn.opacity, visible=drawn.visible,
        )  # fmt: skip
    return puppet


def _part_of(rig: Puppet, joint: str, fit: _Fit) -> str | None:
    """The part on a joint that has found its like."""
    return next((key for key in parts_on(rig, joint) if key in fit.parts), None)


def _onto(rig: Puppet, joint: str, fit: _Fit) -> Onto:
    key = _part_of(rig, joint, fit)
    return fit.whole if key is None else fit.parts[key]


def _pivots(rig: Puppet, old: Pieces, new: Pieces, pairs: Mapping[str, str], fit: _Fit) -> dict[str, complex]:
    """Pivots where the other art turns elsewhere than it would by the frames alone."""
    found = {}
    for key, other in pairs.items():
        joint = rig.parts[key].joint
        above = rig.joints[joint].parent
        parent = _part_of(rig, above, fit) if above is not None else None
        if parent is None or (key, parent) not in old.contacts or (other, pairs[parent]) not in new.contacts:
            continue
        before, after = old.contacts[key, parent], new.contacts[other, pairs[parent]]
        if min(before.goods[0], after.goods[0]) < FIRM:
            continue
        mapped, turns = fit.parts[key](before.pivots[0]), after.pivots[0]
        box = new.sheets[other].box
        if abs(turns - mapped) > ELSEWHERE * max(box.width, box.height):
            found[joint] = turns + fit.parts[key](rig.joints[joint].pivot.z) - mapped
    return found


def _mapped(rig: Puppet, puppet: Puppet, fit: _Fit, elsewhere: Mapping[str, complex]) -> Puppet:
    """Joints, limbs, limits, controls and links in the proportions of the other art."""
    strange = in_guests(rig)
    pivots = {key: elsewhere.get(key, _onto(rig, key, fit)(joint.pivot.z)) for key, joint in rig.joints.items()}
    for key, joint in _of_its_own(rig.joints, strange | {guest.root for guest in rig.guests.values()}):
        tip = None if joint.tip is None else point(_tip(rig, key, fit, pivots))
        limit = joint.limit
        if limit is not None and fit.mirrored:
            limit = Limit(-limit.largest, -limit.smallest, limit.soft)
        puppet = change(puppet, key, pivot=point(pivots[key]), tip=tip, limit=limit)
    for key, limb in _of_its_own(rig.limbs, strange):
        at = None if limb.tip is None else point(_near_tip(rig, limb.joints[-1], limb.tip.z, fit, puppet))
        puppet = change(puppet, key, tip=at, bend=-limb.bend if fit.mirrored else limb.bend)
        target = puppet.limbs[key].target
        puppet = change(puppet, target, pivot=point(limb_tip(puppet, puppet.limbs[key])))
        if (drawn := drawn_bend(puppet, puppet.limbs[key])) != 0:  # else the picture would move at rest
            puppet = change(puppet, key, bend=1 if drawn > 0 else -1)
    for key, control in _of_its_own(rig.controls, strange):
        offset = control.offset.z * fit.scale
        offset = -offset.conjugate() if fit.mirrored else offset
        puppet = put(puppet, key, replace(grown(control, fit.scale, mirrored=fit.mirrored), offset=point(offset)))
    for key, link in _of_its_own(rig.links, strange):
        across, up = (factor_of(name, fit.scale, mirrored=fit.mirrored) for name in (link.source, link.drives))
        points = [Point(p.x * across, p.y * up) for p in link.points]
        puppet = change(puppet, key, points=tuple(sorted(points, key=lambda p: p.x)))
    for key, one in _of_its_own(rig.responses, strange):
        across = factor_of(one.driver, fit.scale, mirrored=fit.mirrored)
        stops = [
            replace(stop, at=Point(stop.at.x * across, stop.at.y), channels=_scaled(stop.channels, fit, strange))
            for stop in one.stops
        ]
        puppet = change(puppet, key, stops=tuple(sorted(stops, key=lambda stop: (stop.at.x, stop.at.y))))
    poses = tuple(replace(pose, channels=_scaled(pose.channels, fit, strange)) for pose in rig.poses)
    return replace(puppet, poses=poses)


def _of_its_own(things: Mapping[str, Thing], strange: Collection[str]) -> list[tuple[str, Thing]]:
    """What of a rig is not of its guests."""
    return [(key, one) for key, one in things.items() if key not in strange]


def _with_guests(document: Document, rig: Puppet, fit: _Fit, told: list[str]) -> Document:
    """The guests as they are, in the figure's new size, where what carries them has gone."""
    for key, guest in rig.guests.items():
        root = rig.joints[guest.root]
        onto = fit.whole if root.parent is None else _onto(rig, root.parent, fit)
        at = onto(root.pivot.z) - (root.pivot.z - guest.at.z) * fit.scale
        document = place_guest(document, key, at, guest.scale * fit.scale)
    if rig.guests and fit.mirrored:
        told.append(
            f"The figure now faces the other way; these guests still face as before: {_names(rig.guests.values())}."
        )
    return document


def _names(things: Collection[Any]) -> str:
    """The names of some things, the first of many."""
    names = [one.name for one in things]
    return ", ".join(names) if len(names) <= FEW else f"{', '.join(names[: FEW - 1])} and {len(names) - FEW + 1} more"


def _narrowed(rig: Puppet, puppet: Puppet, pictures: Mapping[str, Picture], told: list[str], watch: Watch) -> Puppet:
    """Limits end where a gap opens in the other art that the rig's own art has not. What a limb needs to bend stays, and is told."""
    bending = {joint for limb in puppet.limbs.values() for joint in (*limb.joints, limb.end)}
    less, open_ = [], []
    for number, (key, joint) in enumerate(puppet.joints.items()):
        watch(number, len(puppet.joints), joint.name)
        limit = joint.limit
        if limit is None or gap_within(puppet, pictures, key) is None or gap_within(rig, pictures, key) is not None:
            continue
        low, high = gap_turns(puppet, pictures, key) or (limit.smallest, limit.largest)
        ends = min(max(limit.smallest, low), 0.0), max(min(limit.largest, high), 0.0)
        if key in bending or ends[1] - ends[0] < STIFF:
            open_.append(joint.name)
            continue
        less.append(joint.name)
        puppet = change(puppet, key, limit=Limit(*ends, limit.soft))
    if less:
        told.append(f"Limits are narrower here, so that no gap opens: {', '.join(less)}.")
    if open_:
        told.append(f"A gap opens within the limits of {', '.join(open_)}: see Findings.")
    return puppet


def _tip(rig: Puppet, key: str, fit: _Fit, pivots: Mapping[str, complex]) -> complex:
    """A bone's tip: on the head of what goes on from it, else as its piece is mapped, and as far from where its pivot has gone."""
    tip = rig.joints[key].tip
    assert tip is not None
    for child in children(rig, key):
        if abs(rig.joints[child].pivot.z - tip.z) < 1e-6:
            return pivots[child]
    onto = _onto(rig, key, fit)
    return pivots[key] + onto(tip.z) - onto(rig.joints[key].pivot.z)


def _near_tip(rig: Puppet, joint: str, tip: complex, fit: _Fit, puppet: Puppet) -> complex:
    """The tip of a limb that ends in no joint."""
    own = rig.joints[joint].tip
    if own is not None and abs(own.z - tip) < 1e-6:
        return puppet.joints[joint].tip.z  # type: ignore[union-attr]
    onto = _onto(rig, joint, fit)
    return puppet.joints[joint].pivot.z + onto(tip) - onto(rig.joints[joint].pivot.z)


def _timed(rig: Document, document: Document, fit: _Fit) -> Document:
    """Pose and takes in the other proportions."""
    strange = in_guests(rig.puppet)

    def timed(take: Take) -> Take:
        theirs = {name: track for name, track in take.tracks.items() if owner_of(name) in strange}
        mine = copied_take(replace(take, layers=()), {}, fit.scale, mirrored=fit.mirrored)
        return replace(take, tracks={**mine.tracks, **theirs}, stiff=mine.stiff)

    takes = [each_level(take, timed) for take in rig.takes]
    return replace(document, pose=_scaled(rig.pose, fit, strange), takes=tuple(takes))


def _scaled(channels: Mapping[str, float], fit: _Fit, strange: Collection[str]) -> Pose:
    """Channel values in the other proportions; those of guests, which are scaled with them, stay as they are."""
    theirs = {name: value for name, value in channels.items() if owner_of(name) in strange}
    return {**copied_settings(channels, {}, fit.scale, mirrored=fit.mirrored), **theirs}


def _without(puppet: Puppet, rig: Puppet, pairs: Mapping[str, str], told: list[str]) -> tuple[Puppet, list[str]]:
    """The puppet without the rig's parts for which the other art has nothing; their joints stay, so that nothing that needs them is lost."""
    strange = in_guests(rig)
    missing = [key for key in rig.parts if key not in pairs and key not in strange]
    for key in missing:
        puppet = take_out(puppet, key)
    bare = [
        key for key in (rig.parts[one].joint for one in missing)
        if key in puppet.joints and not parts_on(puppet, key) and not children(puppet, key) and not _is_used(puppet, key)
    ]  # fmt: skip
    for key in dict.fromkeys(bare):
        puppet = take_out(puppet, key)
    if missing:
        told.append(f"No drawing was found for {_names([rig.parts[key] for key in missing])}.")
    return keep_limbs(puppet), missing


def _with_drawn_variants(puppet: Puppet, told: list[str]) -> Puppet:
    """The puppet without variants for which the other art has no drawing, and all that only they have; a set of one is none."""
    single = []
    for key, one in list(puppet.sets.items()):
        drawn = [each for each in one.variants if _is_drawn(puppet, each)]
        if len(drawn) == len(one.variants):
            continue
        for variant in one.variants:
            if variant not in drawn and variant.joints:
                puppet = _without_branch(puppet, variant)
        if len(drawn) < 2:
            single.append(one)
            puppet = take_out(puppet, key)
        else:
            told.append(f"{one.name} has {len(drawn)} of {len(one.variants)} variants here.")
            rest = one.rest if any(each.number == one.rest for each in drawn) else drawn[0].number
            puppet = change(puppet, key, variants=tuple(drawn), rest=rest)
    if single:
        told.append(f"There is only one drawing here for {_names(single)}, so there is nothing to choose.")
    return puppet


def _is_drawn(puppet: Puppet, variant: Variant) -> bool:
    below = {key for joint in variant.joints for key in branch(puppet, joint)}
    return bool(variant.parts) or any(part.joint in below for part in puppet.parts.values())


def _without_branch(puppet: Puppet, variant: Variant) -> Puppet:
    """The puppet without the joints of a branch that carries no drawing, its limbs and controls."""
    joints = branch_joints(puppet, variant.joints)
    gone = [key for key, control in puppet.controls.items() if control.moves in joints]
    gone += [key for key, limb in puppet.limbs.items() if not joints.isdisjoint((*limb.joints, limb.target))]
    for key in (*gone, *joints):
        puppet = take_out(puppet, key)
    return puppet


def _showing_what_is_there(document: Document) -> Document:
    """Poses and takes that show no variant which is not there."""
    sets = document.puppet.sets

    def there(name: str, value: float) -> bool:
        key, _, what = name.partition(".")
        numbers = {0, *(each.number for each in sets[key].variants)} if key in sets else {round(value)}
        return what != "shows" or round(value) in numbers

    def kept(channels: Mapping[str, float]) -> Pose:
        return {name: value for name, value in channels.items() if there(name, value)}

    def seen(take: Take) -> Take:
        tracks = {name: tuple(key for key in track if there(name, key.value)) for name, track in take.tracks.items()}
        return replace(take, tracks={name: track for name, track in tracks.items() if track})

    takes = [each_level(take, seen) for take in document.takes]
    poses = tuple(replace(pose, channels=kept(pose.channels)) for pose in document.puppet.poses)
    puppet = replace(document.puppet, poses=poses)
    return replace(document, puppet=puppet, pose=kept(document.pose), takes=tuple(takes))


def _is_used(puppet: Puppet, joint: str) -> bool:
    driven = (owner_of(name) for rule in rules(puppet).values() for name in (*rule.reads, rule.waits, *rule.drives))
    return bool(users_of(puppet, joint)) or joint in driven


def _with_riders(puppet: Puppet, art: Puppet, new: Pieces, pairs: Mapping[str, str]) -> tuple[Puppet, list[str]]:
    """Parts of the art that have no like in the rig, riding on what they lie on, where they lay in the draw order."""
    back = {other: key for key, other in pairs.items()}
    parents = {one.part: one for one in joints_among(art, new)}
    riding = []
    for other in art.order:
        if other in back:
            continue
        drawn = art.parts[other]
        puppet, key = add_part(puppet, drawn.name, drawn.drawing, drawn.placement)
        puppet = put(
            puppet,
            key,
            replace(drawn, name=puppet.parts[key].name, joint=puppet.parts[key].joint, clip=back.get(drawn.clip or "")),
        )
        back[other] = key
        riding.append(key)
        below = [back[one] for one in art.order[: art.order.index(other)] if one in back]
        puppet = reorder(puppet, [key], puppet.order.index(below[-1]) + 1 if below else 0)
        proposal = parents.get(other)
        if proposal is not None and proposal.parent in back:
            puppet = join_parts(puppet, key, back[proposal.parent], proposal.pivot)
    return puppet, riding


class PairTold(TypedDict):
    """A piece of the art that took the place of one of the rig's."""

    rig: str
    art: str
    confidence: float


class PairsTold(TypedDict):
    """What took the place of what."""

    pairs: list[PairTold]
    missing: list[str]
    riding: list[str]
    notes: list[str]


def pairs_report(rig: Puppet, art: Puppet, laid: Laid) -> PairsTold:
    """What took the place of what, by names."""
    return {
        "pairs": [
            {"rig": rig.parts[key].name, "art": art.parts[other].name, "confidence": laid.sure.get(key, 1.0)}
            for key, other in laid.pairs.items()
        ],
        "missing": [rig.parts[key].name for key in laid.missing],
        "riding": [laid.document.puppet.parts[key].name for key in laid.riding],
        "notes": list(laid.told),
    }

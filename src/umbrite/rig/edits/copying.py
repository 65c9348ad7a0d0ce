"""Copies of parts and whole branches, moved or mirrored, with everything in them rewired to the copies.

What lies wholly within the copied joints comes along: parts, limbs with their targets and toe targets, limits, controls
and links. What a copy hangs from or follows outside stays what it was, unless the other side of it is there by name
("near" becomes "far"), which is taken then. Mirroring is exact: places are reflected in a vertical line, turns and bend
sides change sign, and mirrored twice is the original to the bit.
"""

from collections.abc import Iterable
from typing import Any, NamedTuple

from msgspec.structs import replace

from umbrite.rig.change import change, get_joint, new_id, require_finite
from umbrite.rig.channels import CHANNEL_KINDS, channel
from umbrite.rig.control_kinds import traits
from umbrite.rig.dependencies import refuse_circles
from umbrite.rig.errors import RigError
from umbrite.rig.family import branch
from umbrite.rig.ids import id_kind, owner_of
from umbrite.rig.mesh import rewired
from umbrite.rig.model import (
    Control,
    Joint,
    Limb,
    Limit,
    Part,
    Placement,
    Point,
    Puppet,
    Side,
    VariantSet,
    on_grid,
    point,
)
from umbrite.rig.words.names import swapped, unique

OTHER: dict[Side, Side] = {"near": "far", "far": "near", "middle": "middle"}


class Way(NamedTuple):
    """How a copy lies: shifted, or reflected in the vertical line through `line` (None: not mirrored)."""

    shift: complex = 0j
    line: float | None = None

    def point(self, p: Point) -> Point:
        """A board point (pixels, y down) where the copy has it."""
        if self.line is not None:
            return Point(2 * self.line - p.x, p.y)
        return Point(p.x + self.shift.real, p.y + self.shift.imag)

    def vector(self, p: Point) -> Point:
        """A board vector as the copy has it: mirrored, never shifted."""
        return Point(-p.x, p.y) if self.line is not None else p

    def placement(self, p: Placement) -> Placement:
        """The place of the same drawing; mirrored ones are turned over, which changes turn, skew and the sign of scale."""
        at = self.point(Point(p.x, p.y))
        if self.line is None:
            return replace(p, x=at.x, y=at.y)
        # Mirror after (turn, skew, scale) = (turn back, skew back, scale) after mirror of the drawing's own x.
        return Placement(at.x, at.y, -p.turn, -p.scale_x, p.scale_y, -p.skew)

    def limit(self, limit: Limit | None) -> Limit | None:
        """A limit (radians) as the copy has it: mirrored copies turn the other way."""
        if limit is None or self.line is None:
            return limit
        return Limit(-limit.largest, -limit.smallest, limit.soft)


def copy_branches(
    puppet: Puppet, keys: Iterable[str], way: Way, *, sides: bool = True, linked: bool = False
) -> tuple[Puppet, dict[str, str]]:
    """Copy joints with all that they carry, and what belongs to them. Nothing that was there changes.

    With `linked` the copies share their drawings with the originals from now on: exchanged once, exchanged in all.
    `sides` swaps near and far in names and marks. Copies of parts lie beside their originals in the draw order: behind
    them for far ones, else in front. Returns the puppet and the map from old to new ids.
    Refuses an empty choice.
    """
    require_finite(way.shift, way.line or 0.0, what="A copy's place")
    way = Way(point(way.shift).z, None if way.line is None else on_grid(way.line))
    joints = _all_joints(puppet, keys)
    if not joints:
        raise RigError("A copy needs something to copy. Select one or more parts or joints first.")
    if linked:
        puppet = _sharing(puppet, joints)
    before = puppet
    new: dict[str, str] = {}
    parts = [key for key in puppet.order if puppet.parts[key].joint in joints]
    limbs = [
        key
        for key, limb in puppet.limbs.items()
        if joints.issuperset((*limb.joints, limb.target, *((limb.end,) if limb.end else ())))
    ]
    controls = [key for key, control in puppet.controls.items() if control.moves in joints]
    sets = [key for key, one in puppet.sets.items() if _is_whole(puppet, one, joints)]
    controls = [
        key for key in controls if not before.controls[key].chooses or before.controls[key].chooses in sets
    ]
    for key in (*(k for k in puppet.joints if k in joints), *parts, *limbs, *sets, *controls):
        puppet, new[key] = new_id(puppet, id_kind(key) or "joint")
    names = _Names(before, sides=sides)
    copies = {new[k]: _part(before, k, new, way, names, linked=linked) for k in parts}
    made: dict[str, dict[str, Any]] = {
        "joints": {new[k]: _joint(before, k, new, way, names) for k in before.joints if k in joints},
        "parts": dict(copies),
        "limbs": {new[k]: _limb(before, k, new, way, names) for k in limbs},
        "sets": {new[k]: _set(before, k, new, names) for k in sets},
        "controls": {new[k]: _control(before, k, new, way, names) for k in controls},
    }
    puppet = replace(puppet, **{field: {**getattr(puppet, field), **items} for field, items in made.items()})
    puppet = replace(puppet, order=_order(before, parts, new, copies))
    puppet = _links(before, puppet, new, way, names)
    refuse_circles(puppet)
    return puppet, new


def _sharing(puppet: Puppet, joints: set[str]) -> Puppet:
    for key, part in puppet.parts.items():
        if part.joint in joints and not part.shares:
            puppet = change(puppet, key, shares=key)
    return puppet


def _all_joints(puppet: Puppet, keys: Iterable[str]) -> set[str]:
    """The branches of `keys`, and targets and toe targets of limbs that lie wholly in them."""
    found: set[str] = set()
    for key in keys:
        get_joint(puppet, key)
        found.update(branch(puppet, key))
    for limb in puppet.limbs.values():
        if found.issuperset(limb.joints) and (limb.end is None or limb.end in found):
            found.add(limb.target)
            if limb.toe is not None:
                found.add(limb.toe)
    return found


class _Names:
    """New names: sides swapped where wanted, and never one that is taken."""

    def __init__(self, puppet: Puppet, *, sides: bool) -> None:
        self.sides = sides
        self.taken = {
            field: {item.name for item in getattr(puppet, field).values()}
            for field in ("joints", "parts", "limbs", "controls", "links", "sets")
        }

    def new(self, field: str, name: str) -> str:
        """A name for a copy that nothing of that field has yet, with the side swapped where sides are."""
        name = unique(swapped(name) if self.sides else name, self.taken[field])
        self.taken[field].add(name)
        return name

    def side(self, side: Side) -> Side:
        """The side of the body on which the copy is."""
        return OTHER[side] if self.sides else side


def _outside(puppet: Puppet, key: str | None, new: dict[str, str], names: _Names) -> str | None:
    """What a copy refers to: the copy of it, or else its other side by name, or else the same."""
    if not key or key in new:
        return new[key] if key else None
    if names.sides:
        other = swapped(puppet.joints[key].name)
        found = next((k for k, joint in puppet.joints.items() if joint.name == other), None)
        if found is not None and other != puppet.joints[key].name:
            return found
    return key


def _joint(puppet: Puppet, key: str, new: dict[str, str], way: Way, names: _Names) -> Joint:
    joint = puppet.joints[key]
    return replace(
        joint,
        name=names.new("joints", joint.name),
        pivot=way.point(joint.pivot),
        tip=None if joint.tip is None else way.point(joint.tip),
        parent=_outside(puppet, joint.parent, new, names),
        side=names.side(joint.side),
        limit=way.limit(joint.limit),
        role="",
        also=tuple(_outside(puppet, each, new, names) or "" for each in joint.also),
    )


def _part(puppet: Puppet, key: str, new: dict[str, str], way: Way, names: _Names, *, linked: bool) -> Part:
    part = puppet.parts[key]
    return replace(
        part,
        name=names.new("parts", part.name),
        joint=new[part.joint],
        placement=way.placement(part.placement),
        shares=part.shares if linked else "",
        clip=None if part.clip is None else new.get(part.clip, part.clip),
        mesh=None if part.mesh is None else rewired(part.mesh, new),
    )


def _limb(puppet: Puppet, key: str, new: dict[str, str], way: Way, names: _Names) -> Limb:
    limb = puppet.limbs[key]
    return replace(
        limb,
        name=names.new("limbs", limb.name),
        joints=tuple(new[joint] for joint in limb.joints),
        target=new[limb.target],
        end=None if limb.end is None else new[limb.end],
        toe=None if limb.toe is None else new.get(limb.toe, limb.toe),
        tip=None if limb.tip is None else way.point(limb.tip),
        bend=-limb.bend if way.line is not None else limb.bend,
        side=names.side(limb.side),
    )


def _control(puppet: Puppet, key: str, new: dict[str, str], way: Way, names: _Names) -> Control:
    control = puppet.controls[key]
    return replace(
        control,
        name=names.new("controls", control.name),
        moves=new[control.moves],
        offset=way.vector(control.offset),
        **_range(control, way),
        side=names.side(control.side),
        chooses=new.get(control.chooses, ""),
    )


def _is_whole(puppet: Puppet, one: VariantSet, joints: set[str]) -> bool:
    """Whether all variants of a set lie in what is copied."""
    return all(
        joints.issuperset(variant.joints)
        and all(puppet.parts[part].joint in joints for part in variant.parts)
        for variant in one.variants
    ) and any(variant.parts or variant.joints for variant in one.variants)


def _set(puppet: Puppet, key: str, new: dict[str, str], names: _Names) -> VariantSet:
    one = puppet.sets[key]
    variants = (
        replace(
            variant,
            parts=tuple(new[part] for part in variant.parts),
            joints=tuple(new[joint] for joint in variant.joints),
        )
        for variant in one.variants
    )
    return replace(one, name=names.new("sets", one.name), variants=tuple(variants))


def _range(control: Control, way: Way) -> dict[str, Point]:
    """The range of what moves, mirrored where the copy is."""
    if way.line is None or traits(control).beside or control.least is None or control.most is None:
        return {}
    return {"least": Point(-control.most.x, control.least.y), "most": Point(-control.least.x, control.most.y)}


def _order(before: Puppet, parts: list[str], new: dict[str, str], made: dict[str, Part]) -> tuple[str, ...]:
    """Copies together: behind everything copied where they are far ones, in front of all of it where they are not."""
    if not parts:
        return before.order
    copies = [new[key] for key in parts]
    far = sum("far" in made[key].name.lower().split() for key in copies) * 2 > len(copies)
    places = [before.order.index(key) for key in parts]
    at = min(places) if far else max(places) + 1
    return (*before.order[:at], *copies, *before.order[at:])


def _links(before: Puppet, puppet: Puppet, new: dict[str, str], way: Way, names: _Names) -> Puppet:
    for link in before.links.values():
        driven, followed = channel(link.drives), channel(link.source)
        if driven is None or driven.owner not in new:
            continue
        # A link by travel follows the way along x, which a mirror turns round.
        sign_x = CHANNEL_KINDS["x"].mirrored if followed is None else followed.kind.mirrored
        sign_x = sign_x if way.line is not None and owner_of(link.source) in new else 1
        sign_y = driven.kind.mirrored if way.line is not None else 1
        points = [Point(p.x * sign_x, p.y * sign_y) for p in link.points]
        source = new.get(owner_of(link.source), owner_of(link.source))
        puppet, key = new_id(puppet, "link")
        copy = replace(
            link,
            name=names.new("links", link.name),
            source=source if followed is None else followed.of_owner(source).name,
            drives=driven.of_owner(new[driven.owner]).name,
            points=tuple(sorted(points, key=lambda p: p.x)),
        )
        puppet = replace(puppet, links={**puppet.links, key: copy})
    return puppet


def centre_line(puppet: Puppet, keys: Iterable[str]) -> float:
    """The vertical line in which the other side is mirrored: through what carries the branches, else the canvas's middle."""
    for key in keys:
        parent = get_joint(puppet, key).parent
        if parent is not None:
            return puppet.joints[parent].pivot.x
    return puppet.width / 2

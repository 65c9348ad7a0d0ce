"""How things look once more elsewhere: their references rewired to the copies, their places shifted, scaled or mirrored.

Mirroring is exact: places are reflected in a vertical line, turns and bend sides change sign, and mirrored twice is the original to the
bit. What is scaled grows about the board's corner with all that is measured in pixels; turns, shares and factors stay. `new` leads
from old ids to the copies'.
"""

from collections.abc import Mapping
from typing import Any, NamedTuple

from msgspec.structs import replace

from umbrite.rig.channels import CHANNEL_KINDS, Settings, channel
from umbrite.rig.control_kinds import traits
from umbrite.rig.ids import FIELDS, owner_of
from umbrite.rig.mesh import rewired
from umbrite.rig.model import (
    Control,
    Guest,
    Joint,
    Limb,
    Limit,
    Link,
    Part,
    Placement,
    Point,
    Puppet,
    Response,
    Shape,
    Side,
    VariantSet,
    point,
)
from umbrite.rig.takes.take import AMOUNT, Key, Take
from umbrite.rig.takes.take_layers import each_level
from umbrite.rig.words.names import swapped, unique

Copies = dict[str, dict[str, Any]]  # by the puppet's field, then by id
OTHER: dict[Side, Side] = {"near": "far", "far": "near", "middle": "middle"}


class Transform(NamedTuple):
    """How a copy lies: made `scale` times as large about the board's corner and then shifted, or reflected in the vertical line through
    `line` (None: not mirrored).
    """

    shift: complex = 0j
    line: float | None = None
    scale: float = 1.0

    def point(self, p: Point) -> Point:
        """A board point (pixels, y down) where the copy has it."""
        if self.line is not None:
            return Point(2 * self.line - p.x, p.y)
        if self.scale != 1:
            return point(p.z * self.scale + self.shift)
        return Point(p.x + self.shift.real, p.y + self.shift.imag)

    def vector(self, p: Point) -> Point:
        """A board vector as the copy has it: mirrored and scaled, never shifted."""
        if self.scale != 1:
            return point(p.z * self.scale)
        return Point(-p.x, p.y) if self.line is not None else p

    def placement(self, p: Placement) -> Placement:
        """The place of the same drawing; mirrored ones are turned over, which changes turn, skew and the sign of scale."""
        at = self.point(Point(p.x, p.y))
        if self.line is None:
            return replace(p, x=at.x, y=at.y, scale_x=p.scale_x * self.scale, scale_y=p.scale_y * self.scale)
        # Mirror after (turn, skew, scale) = (turn back, skew back, scale) after mirror of the drawing's own x.
        return Placement(at.x, at.y, -p.turn, -p.scale_x, p.scale_y, -p.skew)

    def limit(self, limit: Limit | None) -> Limit | None:
        """A limit (radians) as the copy has it: mirrored copies turn the other way."""
        if limit is None or self.line is None:
            return limit
        return Limit(-limit.largest, -limit.smallest, limit.soft)


class Names:
    """New names: sides swapped where wanted, and never one that is taken."""

    def __init__(self, puppet: Puppet, *, sides: bool) -> None:
        self.sides = sides
        self.taken = {field: {item.name for item in getattr(puppet, field).values()} for field in FIELDS.values()}

    @classmethod
    def plain(cls) -> "Names":
        """Names as they are: for things that are looked at, and not put beside others."""
        return _Plain(Puppet(), sides=False)

    def new(self, field: str, name: str) -> str:
        """A name for a copy that nothing of that field has yet, with the side swapped where sides are."""
        name = unique(swapped(name) if self.sides else name, self.taken[field])
        self.taken[field].add(name)
        return name

    def side(self, side: Side) -> Side:
        """The side of the body on which the copy is."""
        return OTHER[side] if self.sides else side


class _Plain(Names):
    def new(self, field: str, name: str) -> str:  # noqa: ARG002
        return name


def _outside(puppet: Puppet, key: str | None, new: Mapping[str, str], names: Names) -> str | None:
    """What a copy refers to: the copy of it, or else its other side by name, or else the same."""
    if not key or key in new:
        return new[key] if key else None
    if names.sides:
        other = swapped(puppet.joints[key].name)
        found = next((k for k, joint in puppet.joints.items() if joint.name == other), None)
        if found is not None and other != puppet.joints[key].name:
            return found
    return key


def copied_things(
    puppet: Puppet, new: Mapping[str, str], transform: Transform, names: Names, *, linked: bool = False
) -> Copies:
    """All things that `new` leads from, once more under the ids that it leads to, in its order. With `linked` parts share their drawings
    with what shares them already, else with nothing.
    """

    def of(field: str) -> list[str]:
        there = getattr(puppet, field)
        return [key for key in new if key in there]

    return {
        "joints": {new[k]: copied_joint(puppet, k, new, transform, names) for k in of("joints")},
        "parts": {new[k]: copied_part(puppet, k, new, transform, names, linked=linked) for k in of("parts")},
        "limbs": {new[k]: copied_limb(puppet, k, new, transform, names) for k in of("limbs")},
        "sets": {new[k]: copied_set(puppet, k, new, names) for k in of("sets")},
        "controls": {new[k]: copied_control(puppet, k, new, transform, names) for k in of("controls")},
        "links": {new[k]: copied_link(puppet, k, new, transform, names) for k in of("links")},
        "shapes": {new[k]: copied_shape(puppet, k, new, names) for k in of("shapes")},
        "responses": {new[k]: copied_response(puppet, k, new, transform, names) for k in of("responses")},
        "guests": {new[k]: copied_guest(puppet.guests[k], new, transform, names) for k in of("guests")},
    }


def copied_joint(puppet: Puppet, key: str, new: Mapping[str, str], transform: Transform, names: Names) -> Joint:
    """A joint once more. What carries it outside of the copy carries the copy too; it is no master."""
    joint = puppet.joints[key]
    return replace(
        joint,
        name=names.new("joints", joint.name),
        pivot=transform.point(joint.pivot),
        tip=None if joint.tip is None else transform.point(joint.tip),
        parent=_outside(puppet, joint.parent, new, names),
        side=names.side(joint.side),
        limit=transform.limit(joint.limit),
        role="",
        also=tuple(_outside(puppet, each, new, names) or "" for each in joint.also),
    )


def copied_part(
    puppet: Puppet, key: str, new: Mapping[str, str], transform: Transform, names: Names, *, linked: bool
) -> Part:
    """A part once more, on the copy of its joint, bending over the copies of what it bends over."""
    part = puppet.parts[key]
    return replace(
        part,
        name=names.new("parts", part.name),
        joint=new[part.joint],
        placement=transform.placement(part.placement),
        shares=part.shares if linked else "",
        clip=None if part.clip is None else new.get(part.clip, part.clip),
        mesh=None if part.mesh is None else rewired(part.mesh, new),
    )


def copied_limb(puppet: Puppet, key: str, new: Mapping[str, str], transform: Transform, names: Names) -> Limb:
    """A limb once more; its joints and target are in the copy."""
    limb = puppet.limbs[key]
    return replace(
        limb,
        name=names.new("limbs", limb.name),
        joints=tuple(new[joint] for joint in limb.joints),
        target=new[limb.target],
        end=None if limb.end is None else new[limb.end],
        toe=None if limb.toe is None else new.get(limb.toe, limb.toe),
        tip=None if limb.tip is None else transform.point(limb.tip),
        bend=-limb.bend if transform.line is not None else limb.bend,
        side=names.side(limb.side),
    )


def copied_control(puppet: Puppet, key: str, new: Mapping[str, str], transform: Transform, names: Names) -> Control:
    """A control once more; what it moves is in the copy."""
    control = puppet.controls[key]
    return replace(
        grown(control, transform.scale, mirrored=transform.line is not None),
        name=names.new("controls", control.name),
        moves=new[control.moves],
        offset=transform.vector(control.offset),
        side=names.side(control.side),
        chooses=new.get(control.chooses, ""),
    )


def copied_set(puppet: Puppet, key: str, new: Mapping[str, str], names: Names) -> VariantSet:
    """A set once more; all its variants are in the copy."""
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


def copied_guest(guest: Guest, new: Mapping[str, str], transform: Transform, names: Names) -> Guest:
    """A guest once more, of the same puppet; all of it is in the copy."""
    return replace(
        guest,
        name=names.new("guests", guest.name),
        root=new[guest.root],
        ids={inner: new[key] for inner, key in guest.ids.items()},
        at=transform.point(guest.at),
        scale=guest.scale * transform.scale,
    )


def copied_link(puppet: Puppet, key: str, new: Mapping[str, str], transform: Transform, names: Names) -> Link:
    """A link once more. What it drives is in the copy; what it follows outside of it stays what it was."""
    link = puppet.links[key]
    owner, mirrored = owner_of(link.source), transform.line is not None
    across = factor_of(link.source, transform.scale, mirrored=mirrored) if owner in new else 1.0
    up = factor_of(link.drives, transform.scale, mirrored=mirrored)
    points = [Point(p.x * across, p.y * up) for p in link.points]
    return replace(
        link,
        name=names.new("links", link.name),
        source=renamed_channel(link.source, new),
        drives=renamed_channel(link.drives, new),
        points=tuple(sorted(points, key=lambda p: p.x)),
    )


def copied_shape(puppet: Puppet, key: str, new: Mapping[str, str], names: Names) -> Shape:
    """A shape once more, of the copy of its part: it moves the same points of the same drawing."""
    shape = puppet.shapes[key]
    return replace(shape, name=names.new("shapes", shape.name), part=new[shape.part])


def copied_response(puppet: Puppet, key: str, new: Mapping[str, str], transform: Transform, names: Names) -> Response:
    """A response once more. What it moves is in the copy; what drives it from outside of it drives the copy too."""
    response = puppet.responses[key]
    mirrored = transform.line is not None
    across = factor_of(response.driver, transform.scale, mirrored=mirrored) if owner_of(response.driver) in new else 1.0
    stops = [
        replace(
            stop,
            at=Point(stop.at.x * across, stop.at.y),
            channels=copied_settings(
                {name: value for name, value in stop.channels.items() if owner_of(name) in new},
                new,
                transform.scale,
                mirrored=mirrored,
            ),
        )
        for stop in response.stops
    ]
    return replace(
        response,
        name=names.new("responses", response.name),
        driver=renamed_channel(response.driver, new),
        stops=tuple(sorted(stops, key=lambda stop: (stop.at.x, stop.at.y))),
    )


def renamed_channel(name: str, new: Mapping[str, str]) -> str:
    """A channel's name, or the bare id that a link by travel follows, with the copy's id where it is copied."""
    owner, dot, what = name.partition(".")
    return f"{new.get(owner, owner)}{dot}{what}"


def factor_of(name: str, scale: float, *, mirrored: bool = False) -> float:
    """By what a channel's values are multiplied in a copy so many times as large, or mirrored. A bare id stands for the way of a joint
    along x.
    """
    if name == AMOUNT:
        return 1.0
    known = channel(name)
    kind = CHANNEL_KINDS["x"] if known is None else known.kind
    return (scale if kind.unit == "pixels" else 1.0) * (kind.mirrored if mirrored else 1)


def copied_settings(settings: Settings, new: Mapping[str, str], scale: float, *, mirrored: bool = False) -> Settings:
    """Channel values for a copy."""
    return {
        renamed_channel(name, new): value * factor_of(name, scale, mirrored=mirrored)
        for name, value in settings.items()
    }


def copied_take(take: Take, new: Mapping[str, str], scale: float, *, mirrored: bool = False) -> Take:
    """A take for a copy."""

    def copied(one: Take) -> Take:
        tracks = {
            renamed_channel(name, new): tuple(_key(key, factor_of(name, scale, mirrored=mirrored)) for key in track)
            for name, track in one.tracks.items()
        }
        return replace(one, tracks=tracks, stiff=tuple(new.get(key, key) for key in one.stiff))

    return each_level(take, copied)


def _key(key: Key, by: float) -> Key:
    slopes = {"out": key.out * by, "into": key.into * by} if key.interpolation == "free" else {}
    return replace(key, value=key.value * by, **slopes)


def grown(control: Control, scale: float, *, mirrored: bool = False) -> Control:
    """A control for what is so many times as large, or mirrored: its size, unless it is the screen's, and the range of what it moves."""
    least, most, kind = control.least, control.most, traits(control)
    if not kind.beside and least is not None and most is not None:
        least, most = (Point(-most.x, least.y), Point(-least.x, most.y)) if mirrored else (least, most)
        if scale != 1 and kind.moves:
            least, most = (Point(end.x * scale, end.y * scale) for end in (least, most))
    size = control.size if control.on_screen or scale == 1 else control.size * scale
    return replace(control, size=size, least=least, most=most)

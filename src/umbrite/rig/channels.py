"""Channels: the values that a pose sets and a link drives, each with its owner, unit, rest, and what a mirror does to it.

In poses and files a channel goes by its name, `<id>.<what>`; `channel` gives the value behind a name, and nobody else takes
names apart. Joints have x, y (pixels in the parent's frame), turn (radians), scale_x, scale_y (factors less 1, so that rest
is 0) and skew (pixels sideways per pixel down), and follows: 0 rides on the parent, 1 and more on the others that it may follow. Limbs have blend: 0 reaches for the target (IK), 1 takes the joints' own turns
(FK); bend: 0 bends to the limb's side, 1 to the other, between them it passes through straight; and bow: how much longer
than it needs to be the limb is, as a share, up to its stretch, so that it bows out more. Variant sets have shows: the
number of the variant that shows, 0 being the one at rest. Sliders and pads
have value, pads value_y too.

Limbs also have stretch and soften (what is added to their own), and hold: what keeps the end's angle, 0 as at rest, else one of HOLDS.
Shapes have amount: 0 is none of the shape, 1 the whole of it. Parts have depth (so many places further forward), opacity (what is added to their own), visible (0 as at rest, 1 shown, -1 hidden) and
clip (0 as at rest, else one of CLIPS).

A `Pose` names what is not at rest and nothing else, so that equal poses compare equal. `Settings` name what they set, rest
included, and say nothing of the rest: poses of the shelf, pasted ones, and keys. `with_values` lays settings over a pose.
"""

import math
from collections.abc import Iterable, Mapping
from functools import lru_cache
from typing import Literal, NamedTuple

from umbrite.rig.change import thing
from umbrite.rig.control_kinds import CONTROL_KINDS, VALUED
from umbrite.rig.ids import Kind, id_kind, owner_of
from umbrite.rig.model import EndHold, Limb, Pose, Puppet, VariantSet

Unit = Literal["pixels", "radians", "factor", "share", "number"]
Settings = Mapping[str, float]


class ChannelKind(NamedTuple):
    """What holds for a channel whoever owns it. `neutral` is its value at rest.

    `stepped` holds its value until the next, `wraps` comes to the same after a whole turn, `mirrored` is -1 where the value
    changes its sign in a mirror. `word` is for people.
    """

    what: str
    of: Kind
    word: str
    unit: Unit
    neutral: float = 0.0
    stepped: bool = False
    wraps: bool = False
    mirrored: Literal[1, -1] = 1


# fmt: off
CHANNEL_KINDS: dict[str, ChannelKind] = {each.what: each for each in (
    ChannelKind("x", "joint", "across", "pixels", mirrored=-1),
    ChannelKind("y", "joint", "up and down", "pixels"),
    ChannelKind("turn", "joint", "turn", "radians", wraps=True, mirrored=-1),
    ChannelKind("scale_x", "joint", "width", "factor"),
    ChannelKind("scale_y", "joint", "height", "factor"),
    ChannelKind("skew", "joint", "skew", "factor", mirrored=-1),
    ChannelKind("follows", "joint", "what it follows", "number", stepped=True),
    ChannelKind("blend", "limb", "own turns or target", "share"),
    ChannelKind("bend", "limb", "bend side", "share"),
    ChannelKind("bow", "limb", "bow", "share"),
    ChannelKind("stretch", "limb", "stretch", "share"),
    ChannelKind("soften", "limb", "soften", "share"),
    ChannelKind("hold", "limb", "end angle", "number", stepped=True),
    ChannelKind("depth", "part", "depth", "number", stepped=True),
    ChannelKind("opacity", "part", "opacity", "share"),
    ChannelKind("visible", "part", "shown or hidden", "number", stepped=True),
    ChannelKind("clip", "part", "clip", "number", stepped=True),
    ChannelKind("shows", "set", "which one shows", "number", stepped=True),
    ChannelKind("amount", "shape", "amount", "share"),
    ChannelKind("value", "control", "value", "number"),
    ChannelKind("value_y", "control", "upright value", "number"),
)}
# fmt: on


def whats(of: Kind) -> tuple[str, ...]:
    """What can be set of a kind of thing, in a fixed order."""
    return tuple(each.what for each in CHANNEL_KINDS.values() if each.of == of)


def _gradual(of: Kind) -> tuple[str, ...]:
    return tuple(what for what in whats(of) if not CHANNEL_KINDS[what].stepped)


JOINT_CHANNELS, LIMB_CHANNELS, CONTROL_CHANNELS = _gradual("joint"), _gradual("limb"), whats("control")
PART_CHANNELS, SHAPE_CHANNELS = whats("part"), whats("shape")
LOOKS = ("shows", *PART_CHANNELS, *SHAPE_CHANNELS)  # that change how parts look, and move nothing
# What numbers of the channels `hold` and `clip` mean, from 1 on.
HOLDS: tuple[EndHold, ...] = ("limb", "target", "toe")
BY_LIMB, TOE = HOLDS.index("limb") + 1, HOLDS.index("toe") + 1  # as values; 0 is as at rest
CLIPS = ("nowhere", "inside", "outside")


class Channel(NamedTuple):
    """One value of one thing."""

    owner: str
    kind: ChannelKind

    @property
    def name(self) -> str:
        """The channel as poses write it: the id of its owner, a dot, the kind of value."""
        return f"{self.owner}.{self.kind.what}"

    def of_owner(self, owner: str) -> "Channel":
        """The same value of another thing."""
        return self._replace(owner=owner)


@lru_cache(maxsize=100_000)
def channel(name: str) -> Channel | None:
    """The channel that goes by a name; None where none can. Whether a puppet has its owner is another question."""
    owner, _, what = name.partition(".")
    found = CHANNEL_KINDS.get(what)
    return Channel(owner, found) if found is not None and id_kind(owner) == found.of else None


def is_channel(puppet: Puppet, name: str) -> bool:
    """Whether a name is that of a channel which this puppet has."""
    found = channel(name)
    return found is not None and (
        found.owner in puppet.joints
        or found.owner in puppet.limbs
        or found.owner in puppet.controls
        or found.owner in puppet.sets
        or found.owner in puppet.parts
        or found.owner in puppet.shapes
    )


def is_stepped(puppet: Puppet, name: str) -> bool:
    """Whether a channel holds each value until the next: which variant shows does."""
    found = channel(name)
    return found is not None and found.kind.stepped and is_channel(puppet, name)


def is_look(name: str) -> bool:
    """Whether a channel changes only how parts look."""
    found = channel(name)
    return found is not None and found.kind.what in LOOKS


def channel_word(puppet: Puppet, name: str) -> str:
    """A channel for people: 'Near hand: turn'."""
    found = channel(name)
    return f"{thing(puppet, owner_of(name)).name}: {found.kind.word if found is not None else ''}"


def linkable_channels(puppet: Puppet, *, sources: bool = False) -> list[str]:
    """The channels that can be driven, or with `sources` followed: controls' values first, then turns and the rest."""
    valued = [(key, control.kind) for key, control in puppet.controls.items() if control.kind in VALUED]
    own = [f"{key}.{what}" for what in CONTROL_CHANNELS for key, of in valued if what in CONTROL_KINDS[of].values]
    turn_first = sorted(JOINT_CHANNELS, key=lambda what: what != "turn")
    joints = [f"{key}.{what}" for key in puppet.joints for what in turn_first]
    limbs = [f"{key}.{what}" for key in puppet.limbs for what in LIMB_CHANNELS]
    sets = [f"{key}.shows" for key in puppet.sets]
    parts = [f"{key}.{what}" for key in puppet.parts for what in ("opacity", "depth")]
    shapes = [f"{key}.amount" for key in puppet.shapes]
    return [*own, *joints, *limbs, *shapes] if sources else [*joints, *limbs, *sets, *own, *parts, *shapes]


def end_hold_of(limb: Limb, number: float) -> EndHold:
    """What keeps the angle of a limb's end where its channel `hold` has this number."""
    told = round(number)
    hold = limb.end_hold if told == 0 else HOLDS[min(max(told, 1), len(HOLDS)) - 1]
    return "target" if hold == "toe" and limb.toe is None else hold


def shown_unit(name: str) -> float:
    """By what a channel's value is multiplied for people: turns are read in degrees, counterclockwise positive."""
    here = channel(name)
    return -180 / math.pi if here is not None and here.kind.unit == "radians" else 1.0


def neutral(name: str) -> float:
    """The value of a channel at rest."""
    found = channel(name)
    return 0.0 if found is None else found.kind.neutral


def shows_value(one: VariantSet, number: int) -> float:
    """What channel `shows` of a set holds while the variant of a number shows."""
    return 0.0 if number == one.rest else float(number)


def with_values(pose: Pose, settings: Settings) -> Pose:
    """The pose with some channels set; what comes to rest is left out, arrays' numbers become plain."""
    return {k: float(v) for k, v in {**pose, **settings}.items() if v != neutral(k)}


def value(pose: Pose, key: str, what: str) -> float:
    """The value of one thing's channel in a pose, at rest where the pose does not name it."""
    return pose.get(f"{key}.{what}", CHANNEL_KINDS[what].neutral)


def without(pose: Pose, keys: Iterable[str]) -> Pose:
    """The pose with everything of these ids back at rest."""
    gone = set(keys)
    return {k: v for k, v in pose.items() if owner_of(k) not in gone}


def known_only(pose: Settings, puppet: Puppet) -> Settings:
    """The pose or settings without channels of things that the puppet does not have; the same object where it has all."""
    if all(is_channel(puppet, name) for name in pose):
        return pose
    return {name: number for name, number in pose.items() if is_channel(puppet, name)}

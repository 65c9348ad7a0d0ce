"""A branch made larger or smaller at rest as one thing: drawings, pivots, tips, controls, limbs, links, and what poses and takes say of it."""

from collections.abc import Iterable

from msgspec.structs import replace

from umbrite.rig.change import change
from umbrite.rig.document import Document
from umbrite.rig.errors import RigError
from umbrite.rig.ids import owner_of
from umbrite.rig.limb_shape import limb_tip
from umbrite.rig.merging.branch_alone import branch_alone
from umbrite.rig.merging.branch_merging import LEAST_SCALE, MOST_SCALE, copies
from umbrite.rig.merging.guests import guest_of
from umbrite.rig.merging.rewiring import Names, Transform, copied_settings, copied_take
from umbrite.rig.model import Puppet, Response, point
from umbrite.rig.takes.take import Take
from umbrite.rig.takes.take_layers import each_level


def resize_branch(document: Document, keys: Iterable[str], scale: float, about: complex) -> Document:
    """The branches of these joints `scale` times as large about a place of the board. What does not hang from them stays.

    Raises RigError for an empty choice, for guests, which have a size of their own, and for proportions beyond all bounds.
    """
    keys = list(keys)
    if not LEAST_SCALE <= scale <= MOST_SCALE:
        raise RigError("A branch can be made a thousandth to a thousand times as large. Choose a scale between.")
    puppet = document.puppet
    alone = branch_alone(document, keys).puppet
    if any(guest_of(puppet, key) is not None for key in alone.joints):
        raise RigError("There is a guest in this branch, which has a size of its own in Details. Resize that.")
    ids = {
        key: key
        for field in ("joints", "parts", "limbs", "sets", "controls", "links", "shapes", "responses")
        for key in getattr(alone, field)
    }
    made = copies(replace(alone, guests={}), ids, Transform(about * (1 - scale), scale=scale), Names.plain())
    joints = {key: replace(puppet.joints[key], pivot=one.pivot, tip=one.tip) for key, one in made["joints"].items()}
    parts = {key: replace(puppet.parts[key], placement=one.placement) for key, one in made["parts"].items()}
    puppet = replace(
        puppet,
        joints={**puppet.joints, **joints},
        parts={**puppet.parts, **parts},
        limbs={**puppet.limbs, **made["limbs"]},
        controls={**puppet.controls, **made["controls"]},
        links={**puppet.links, **made["links"]},
        responses={
            **puppet.responses,
            **{key: _resized(puppet, key, one, set(ids)) for key, one in made["responses"].items()},
        },
    )
    for limb in puppet.limbs.values():  # one that is in the branch in part has its tip elsewhere now
        if puppet.joints[limb.target].pivot.z != (tip := limb_tip(puppet, limb)):
            puppet = change(puppet, limb.target, pivot=point(tip))
    return scaled_values(replace(document, puppet=puppet), frozenset(alone.joints), scale)


def _resized(puppet: Puppet, key: str, made: Response, mine: set[str]) -> Response:
    """A response as it is in a branch of another size; what it moves outside of it stays."""
    stops = (
        replace(new, channels={**{k: v for k, v in old.channels.items() if owner_of(k) not in mine}, **new.channels})
        for old, new in zip(puppet.responses[key].stops, made.stops, strict=True)
    )
    return replace(made, stops=tuple(stops))


def scaled_values(document: Document, mine: frozenset[str], ratio: float) -> Document:
    """Pose, shelf and takes with what they say in pixels of these things multiplied."""
    if ratio == 1:
        return document

    def step(channels: dict[str, float]) -> dict[str, float]:
        own = {name: value for name, value in channels.items() if owner_of(name) in mine}
        return {**channels, **copied_settings(own, {}, ratio)}

    def scaled(take: Take) -> Take:
        own = {name: track for name, track in take.tracks.items() if owner_of(name) in mine}
        made = copied_take(replace(take, tracks=own, layers=()), {}, ratio)
        return replace(take, tracks={**take.tracks, **made.tracks})

    takes = [each_level(take, scaled) for take in document.takes]
    poses = tuple(replace(pose, channels=step(dict(pose.channels))) for pose in document.puppet.poses)
    puppet = replace(document.puppet, poses=poses)
    return replace(document, puppet=puppet, pose=step(dict(document.pose)), takes=tuple(takes))

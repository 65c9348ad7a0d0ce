"""Links: one value follows another by a curve (a wheel turns as the cart moves, an eyelid by a slider)."""

from collections.abc import Sequence
from itertools import pairwise

from msgspec.structs import replace

from umbrite.rig.change import change, get_joint, get_link, new_id, put, require_finite, thing
from umbrite.rig.dependencies import needs
from umbrite.rig.errors import RigError
from umbrite.rig.model import Link, Point, Puppet
from umbrite.rig.names import names_like, unique
from umbrite.rig.poses import CONTROL_CHANNELS, JOINT_CHANNELS, LIMB_CHANNELS


def is_channel(puppet: Puppet, name: str) -> bool:
    key, _, what = name.partition(".")
    return (
        (key in puppet.joints and what in JOINT_CHANNELS)
        or (key in puppet.limbs and what in LIMB_CHANNELS)
        or (key in puppet.controls and what in CONTROL_CHANNELS)
    )


def curve_fault(points: Sequence[Point]) -> str:
    """What is wrong with a curve, to stand behind its name; empty where nothing is."""
    if len(points) < 2:
        return "needs at least two points"
    if any(b.x - a.x < 1e-9 for a, b in pairwise(points)):
        return "goes back or stands still in what it follows"
    return ""


def add_link(
    puppet: Puppet,
    source: str,
    drives: str,
    points: Sequence[tuple[float, float]],
    *,
    smooth: bool = False,
    travel: bool = False,
) -> tuple[Puppet, str]:
    """Let the channel `drives` follow the channel `source` (or, with `travel`, the way of a joint) by a curve.

    Refuses channels that are not there, curves that go back, and circles, naming the loop.
    """
    for name in [drives] if travel else [drives, source]:
        if not is_channel(puppet, name):
            raise RigError(f"There is no value named {name} to link. Choose a joint's or a limb's value.")
    if travel:
        get_joint(puppet, source)
    for x, y in points:
        require_finite(x, y, what="A link's curve")
    curve = tuple(Point(float(x), float(y)) for x, y in sorted(points))
    if fault := curve_fault(curve):
        raise RigError(f"The curve {fault}; nothing was linked. Give it points one behind the other.")
    puppet, key = new_id(puppet, "k")
    name = unique(f"{_owner(puppet, drives)} by {_owner(puppet, source)}", names_like(puppet, "k"))
    puppet = put(puppet, key, Link(name, source, drives, curve, smooth=smooth, travel=travel))
    link_order(puppet)
    return puppet, key


def _owner(puppet: Puppet, channel: str) -> str:
    key = channel.partition(".")[0]
    return str(thing(puppet, key).name)


def link_order(puppet: Puppet) -> tuple[str, ...]:
    """Links in the order in which they can be followed. Raises RigError with the loop in words.

    A link by travel needs all that moves its joint: every channel of what the joint hangs from or waits for.
    """
    order: list[str] = []
    way: list[str] = []
    before = {key: _needed(puppet, link) for key, link in puppet.links.items()} if puppet.links else {}

    def visit(key: str) -> None:
        if key in order:
            return
        if key in way:
            names = [puppet.links[k].name for k in [*way[way.index(key) :], key]]
            raise RigError(
                f"The links go in a circle: {' needs '.join(names)}. Let one of them follow something else."
            )
        way.append(key)
        for other, link in puppet.links.items():
            if link.drives in before[key] or link.drives.partition(".")[0] in before[key]:
                visit(other)
        way.pop()
        order.append(key)

    for key in puppet.links:
        visit(key)
    return tuple(order)


def _needed(puppet: Puppet, link: Link) -> set[str]:
    """The channel that a link follows, or the ids of everything that moves the joint whose travel it follows."""
    if not link.travel:
        return {link.source}
    wants, found, left = needs(puppet), {link.source}, [link.source]
    while left:
        for key in wants.get(left.pop(), ()):
            if key not in found:
                found.add(key)
                left.append(key)
    return found


CHANNEL_WORDS = {
    "turn": "turn", "x": "across", "y": "up and down", "scale_x": "width", "scale_y": "height", "skew": "skew", "value": "value",
    "value_y": "upright value", "blend": "own turns or target", "bend": "bend side",
}  # fmt: skip


def channel_word(puppet: Puppet, channel: str) -> str:
    """A channel for people: 'Near hand: turn'."""
    key, _, what = channel.partition(".")
    return f"{thing(puppet, key).name}: {CHANNEL_WORDS[what]}"


def linkable_channels(puppet: Puppet, *, sources: bool = False) -> list[str]:
    """The channels that can be driven, or with `sources` followed: controls' values first, then turns and the rest."""
    valued = [key for key, control in puppet.controls.items() if control.kind in {"slider", "pad", "chooser"}]
    own = [f"{key}.value" for key in valued]
    own += [f"{key}.value_y" for key in valued if puppet.controls[key].kind == "pad"]
    joints = [
        f"{key}.{what}" for key in puppet.joints for what in ("turn", "x", "y", "scale_x", "scale_y", "skew")
    ]
    limbs = [f"{key}.{what}" for key in puppet.limbs for what in LIMB_CHANNELS]
    return [*own, *joints, *limbs] if sources else [*joints, *limbs, *own]


def set_curve(puppet: Puppet, key: str, points: Sequence[Point]) -> Puppet:
    """Give a link another curve. Refuses one that goes back or has fewer than two points."""
    get_link(puppet, key)
    for point in points:
        require_finite(point.x, point.y, what="A link's curve")
    curve = tuple(sorted(points, key=lambda p: p.x))
    if fault := curve_fault(curve):
        raise RigError(f"The curve {fault}; it stays as it was. Give it points one behind the other.")
    return change(puppet, key, points=curve)


def relink(
    puppet: Puppet,
    key: str,
    *,
    source: str | None = None,
    drives: str | None = None,
    travel: bool | None = None,
) -> Puppet:
    """Let a link follow or drive something else. Refuses what is not there, and circles, naming the loop."""
    link = get_link(puppet, key)
    link = replace(
        link,
        source=link.source if source is None else source,
        drives=link.drives if drives is None else drives,
        travel=link.travel if travel is None else travel,
    )
    for name in [link.drives] if link.travel else [link.drives, link.source]:
        if not is_channel(puppet, name):
            raise RigError(f"There is no value named {name} to link. Choose a joint's or a limb's value.")
    if link.travel:
        get_joint(puppet, link.source)
    if link.source == link.drives:
        raise RigError("A value can't follow itself. Choose another one for it to follow.")
    owner = {name: _owner(puppet, name) for name in (link.drives, link.source)}
    automatic = link.name.rstrip(" 0123456789").endswith(f" by {_owner(puppet, puppet.links[key].source)}")
    changed = put(puppet, key, link)
    link_order(changed)
    if automatic:
        others = [item.name for k, item in puppet.links.items() if k != key]
        changed = change(changed, key, name=unique(f"{owner[link.drives]} by {owner[link.source]}", others))
    return changed

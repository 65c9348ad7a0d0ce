"""Links: one value follows another by a curve (a wheel turns as the cart moves, an eyelid by a slider)."""

from collections.abc import Sequence

from msgspec.structs import replace

from umbrite.rig.change import change, get_joint, get_link, names_like, new_id, put, require_finite, thing
from umbrite.rig.channels import is_channel
from umbrite.rig.driving.dependencies import curve_fault, refuse_circles
from umbrite.rig.errors import RigError
from umbrite.rig.family import parts_on
from umbrite.rig.ids import owner_of
from umbrite.rig.model import Link, Point, Puppet
from umbrite.rig.words.names import unique

ROLLED = 100.0  # board pixels to either side, over which a wheel's curve is drawn


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
        raise RigError(f"The curve {fault}; nothing was linked. Put its points one after the other.")
    puppet, key = new_id(puppet, "link")
    name = unique(f"{_owner(puppet, drives)} by {_owner(puppet, source)}", names_like(puppet, "link"))
    puppet = put(puppet, key, Link(name, source, drives, curve, smooth=smooth, travel=travel))
    refuse_circles(puppet)
    return puppet, key


def _owner(puppet: Puppet, channel: str) -> str:
    key = owner_of(channel)
    return str(thing(puppet, key).name)


def _rolling_radius(puppet: Puppet, drives: str) -> float:
    """Half the size of the largest drawing that a turn turns, board pixels; 0 where it turns none, or is no turn."""
    joint, _, what = drives.rpartition(".")
    parts = [puppet.parts[key] for key in parts_on(puppet, joint)] if what == "turn" else []
    sizes = [
        max(abs(part.drawing.width * part.placement.scale_x), abs(part.drawing.height * part.placement.scale_y))
        for part in parts
    ]
    return max(sizes, default=0.0) / 2


def set_curve(puppet: Puppet, key: str, points: Sequence[Point]) -> Puppet:
    """Give a link another curve. Refuses one that goes back or has fewer than two points."""
    get_link(puppet, key)
    for point in points:
        require_finite(point.x, point.y, what="A link's curve")
    curve = tuple(sorted(points, key=lambda p: p.x))
    if fault := curve_fault(curve):
        raise RigError(f"The curve {fault}; it was not changed. Put its points one after the other.")
    return change(puppet, key, points=curve)


def relink(
    puppet: Puppet, key: str, *, source: str | None = None, drives: str | None = None, travel: bool | None = None
) -> Puppet:
    """Let a link follow or drive something else. A turn that begins to follow a way rolls along it, as a wheel of the size of its drawing.

    Refuses what is not there, and circles, naming the loop.
    """
    link = before = get_link(puppet, key)
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
        if not before.travel and (radius := _rolling_radius(puppet, link.drives)):
            link = replace(
                link, points=(Point(-ROLLED, -ROLLED / radius), Point(0.0, 0.0), Point(ROLLED, ROLLED / radius))
            )
    if link.source == link.drives:
        raise RigError("A value can't follow itself. Choose another one for it to follow.")
    owner = {name: _owner(puppet, name) for name in (link.drives, link.source)}
    automatic = link.name.rstrip(" 0123456789").endswith(f" by {_owner(puppet, puppet.links[key].source)}")
    changed = put(puppet, key, link)
    refuse_circles(changed)
    if automatic:
        others = [item.name for k, item in puppet.links.items() if k != key]
        changed = change(changed, key, name=unique(f"{owner[link.drives]} by {owner[link.source]}", others))
    return changed

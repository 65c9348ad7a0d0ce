"""How parts are shown: blend modes, clips, reference pictures, guides. None of it moves anything."""

from collections.abc import Iterable, Sequence
from typing import Literal

from msgspec.structs import replace

from umbrite.rig.affine import inverse
from umbrite.rig.change import change, get_part, names_like, new_id, put, require_finite
from umbrite.rig.errors import RigError
from umbrite.rig.model import Blend, Guide, Puppet, Trim, on_grid, point
from umbrite.rig.placement import board_from_drawing
from umbrite.rig.words.names import unique

DIMMED = 0.45


MOST_GUIDES = 500


def set_blend(puppet: Puppet, key: str, blend: Blend) -> Puppet:
    """How a part's colours meet what lies behind it."""
    get_part(puppet, key)
    return change(puppet, key, blend=blend)


def set_clip(puppet: Puppet, key: str, by: str | None, *, outside: bool = False) -> Puppet:
    """Show a part only inside (or only outside) another part's opaque area, wherever both are; None shows all of it.

    Refuses a part as its own clip, and circles.
    """
    part = get_part(puppet, key)
    if by == key:
        raise RigError(f"{part.name} can't be clipped by itself. Choose another part.")
    if by is not None:
        get_part(puppet, by)
    return change(puppet, key, clip=by, clip_outside=outside and by is not None)


def shades_of(puppet: Puppet, key: str) -> list[str]:
    """The shades of a part: parts that only darken it, inside its outline."""
    return [
        other
        for other, part in puppet.parts.items()
        if part.clip == key and not part.clip_outside and part.blend == "multiply"
    ]


def make_reference(puppet: Puppet, key: str, *, on: bool = True) -> Puppet:
    """Make a part a picture to work from: dimmed, locked, drawn behind everything, never picked, never exported;
    or a part again, at the depth that it kept.
    """
    get_part(puppet, key)
    return change(puppet, key, reference=on, locked=on, opacity=DIMMED if on else 1.0)


def trim(puppet: Puppet, key: str, loop: Sequence[complex], *, cut: bool = True) -> Puppet:
    """Cut away what of a part lies in a loop of board points at rest, or bring it back; the drawing is kept.

    Refuses a loop without an area, and bringing back where nothing is cut.
    """
    part = get_part(puppet, key)
    back = inverse(board_from_drawing(part.placement))
    points = tuple(point(complex(back(z))) for z in loop)
    require_finite(*(p.z for p in points), what="A trim's loop")
    if len(points) < 3:
        raise RigError("A trim needs a loop around something. Draw around what should go.")
    if not cut and not part.trims:
        raise RigError(f"Nothing of {part.name} was trimmed, so there is nothing to restore.")
    return change(puppet, key, trims=(*part.trims, Trim(points, cut)))


def untrimmed(puppet: Puppet, key: str) -> Puppet:
    """Bring back all that was cut away from a part."""
    get_part(puppet, key)
    return change(puppet, key, trims=())


def at_two_depths(puppet: Puppet, key: str) -> tuple[Puppet, str]:
    """Show a part a second time in front of everything, riding on the same joint and sharing its drawing.

    Trimmed or clipped it brings only a piece of a part in front, such as a far hand. Returns the overlay's id.
    """
    part = get_part(puppet, key)
    shares = part.shares or key
    puppet = change(puppet, key, shares=shares)
    puppet, new = new_id(puppet, "part")
    name = unique(f"{part.name} in front", names_like(puppet, "part"))
    puppet = put(puppet, new, replace(part, name=name, shares=shares))
    return replace(puppet, order=(*puppet.order, new)), new


def set_guides(puppet: Puppet, guides: Iterable[Guide]) -> Puppet:
    """The guides of the board, at most 500; places are put on the grid. Refuses more."""
    found = []
    for guide in guides:
        require_finite(guide.at, what="A guide's place")
        found.append(replace(guide, at=on_grid(guide.at)))
    if len(found) > MOST_GUIDES:
        raise RigError(f"There are {MOST_GUIDES} guides already, more than anybody can tell apart. Clear some first.")
    return replace(puppet, guides=tuple(found))


def snapped(puppet: Puppet, axis: Literal["x", "y"], place: float, reach: float) -> float:
    """The guide of an axis nearest to a place, if it lies within reach; else the place."""
    near = min((g.at for g in puppet.guides if g.axis == axis), key=lambda at: abs(at - place), default=place)
    return near if abs(near - place) <= reach else place

"""More drawings for a part, added whenever it may be: each becomes a variant, and binding, clip and light are as the part has them."""

from collections.abc import Sequence
from typing import Literal, NamedTuple

from msgspec.structs import replace

from umbrite.rig.affine import inverse
from umbrite.rig.change import get_part, names_like, new_id, put
from umbrite.rig.edits.parts import exchange_drawing, place_part
from umbrite.rig.edits.variants.sets import add_variant, make_set, set_of
from umbrite.rig.errors import RigError
from umbrite.rig.model import Drawing, Puppet
from umbrite.rig.placement import board_from_drawing
from umbrite.rig.words.names import unique


class More(NamedTuple):
    """A drawing to add: its name, and where its corner lies in the part's own pixels; without that both have the same middle."""

    name: str
    drawing: Drawing
    corner: complex | None = None


def add_drawings(puppet: Puppet, key: str, more: Sequence[More]) -> tuple[Puppet, str, list[str]]:
    """Parts like this one with other drawings, right in front of it, each a variant of its set, which is made where there is none.

    Gives the set's id and those of the new parts. What was there stays as it is, at rest and posed. Refuses none to add.
    """
    part = get_part(puppet, key)
    if not more:
        raise RigError("There is no drawing to add. Choose one or more pictures.")
    made: list[str] = []
    for each in more:
        puppet, new = new_id(puppet, "part")
        name = unique(f"{part.name} {each.name}", names_like(puppet, "part"))
        puppet = put(puppet, new, replace(part, name=name, shares=""))
        at = puppet.order.index(made[-1] if made else key) + 1
        puppet = replace(puppet, order=(*puppet.order[:at], new, *puppet.order[at:]))
        puppet = exchange_drawing(puppet, new, each.drawing, each.corner)
        made.append(new)
    found = set_of(puppet, key)
    if found is None:
        puppet, one = make_set(puppet, [key, made[0]], part.name)
        puppet = _named(puppet, one, more[0].name)
        left = list(zip(made[1:], more[1:], strict=True))
    else:
        one, left = found[0], list(zip(made, more, strict=True))
    for new, each in left:
        puppet, _ = add_variant(puppet, one, [new], each.name)
    return puppet, one, made


def corner_by_pivot(puppet: Puppet, key: str, drawing: Drawing) -> complex | None:
    """Where another drawing's corner lies in a part's own pixels when both have the pivot at the same share of their sizes.

    None where the pivot lies outside the part's drawing, which then tells nothing.
    """
    part = get_part(puppet, key)
    at = complex(inverse(board_from_drawing(part.placement))(puppet.joints[part.joint].pivot.z))
    wide, tall = at.real / part.drawing.width, at.imag / part.drawing.height
    if not (0 <= wide <= 1 and 0 <= tall <= 1):
        return None
    return at - complex(wide * drawing.width, tall * drawing.height)


def lay_on(puppet: Puppet, keys: Sequence[str], by: Literal["pivot", "middle"]) -> Puppet:
    """Lay drawings of sets on the one that shows at rest: by the pivot of what they ride on, or by their middles.

    Refuses parts that are no drawings of a set, that at rest itself, and a pivot outside of the drawing at rest.
    """
    for key in keys:
        part, found = get_part(puppet, key), set_of(puppet, key)
        resting = (
            next((v.parts for v in puppet.sets[found[0]].variants if v.number == puppet.sets[found[0]].rest), ())
            if found
            else ()
        )
        if found is None or not resting or key in resting:
            raise RigError(f"{part.name} has no drawing at rest to align with. Select another drawing of a set.")
        onto = puppet.parts[resting[0]]
        corner = complex(
            onto.drawing.width - part.drawing.width, onto.drawing.height - part.drawing.height
        ) / 2  # fmt: skip
        if by == "pivot":
            by_pivot = corner_by_pivot(puppet, resting[0], part.drawing)
            if by_pivot is None:
                raise RigError(
                    f"The pivot lies outside of {onto.name}, so it doesn't tell where {part.name} goes. Align it by the middle."
                )
            corner = by_pivot
        at = complex(board_from_drawing(onto.placement)(corner))
        puppet = place_part(puppet, key, replace(part.placement, x=at.real, y=at.imag))
    return puppet


def _named(puppet: Puppet, key: str, name: str) -> Puppet:
    """The two variants of a new set: what was there, and what was added."""
    one = puppet.sets[key]
    first, second = one.variants
    names = ("First", name) if name.casefold() != "first" else ("Usual", name)
    return put(puppet, key, replace(one, variants=(replace(first, name=names[0]), replace(second, name=names[1]))))

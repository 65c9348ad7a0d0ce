"""The bones of a body plan, laid over a drawing in one piece: a first skeleton at which it can be cut, to be drawn to its own joints."""

from collections.abc import Callable
from typing import NamedTuple

from umbrite.art.building.body_plan import BodyPlan, Place, places_of
from umbrite.rig.model import Side
from umbrite.rig.placement import Box

NO_BONES = {"eye", "pupil", "face"}  # kinds of places that a drawing in one piece is not cut at
MOST_IN_A_ROW = 6
EDGE, LEAST = 0.04, 0.05  # of the box; of a plan's diagonal


class PlanBone(NamedTuple):
    """A bone: the place it is for, that of the bone that carries it ("" for none), its side, and its ends on the board."""

    name: str
    on: str
    side: Side
    head: complex
    tip: complex


def plan_bones(plan: BodyPlan, box: Box, facing: int = 1) -> list[PlanBone]:
    """The bones of a plan over a figure that fills a box of the board, looking to the right (+1) or the left (-1); what carries comes first.

    Each goes along its piece, towards the one that hangs from it; where one hangs from one, they meet.
    """
    places = [place for place in places_of(plan) if place.row.kind not in NO_BONES and place.number <= MOST_IN_A_ROW]
    there = {place.name for place in places}
    at = {p.name: complex(p.at.real * facing, p.at.imag) for p in places}
    below: dict[str, list[Place]] = {}
    for place in places:
        below.setdefault(place.on, []).append(place)
    ends: dict[str, tuple[complex, complex]] = {}
    for place in places:
        after = max(below.get(place.name, ()), key=lambda one: one.row.long, default=None)
        here = at[place.name]
        way = at[after.name] - here if after is not None else here - at.get(place.on, here - 1j)
        along = way / (abs(way) or 1.0) * place.row.long / 2
        ends[place.name] = here - along, here + along
    for place in places:
        carried = below.get(place.name, ())
        if len(carried) == 1:
            meeting = (ends[place.name][1] + ends[carried[0].name][0]) / 2
            ends[place.name] = ends[place.name][0], meeting
            ends[carried[0].name] = meeting, ends[carried[0].name][1]
    onto = _fitted([z for pair in ends.values() for z in pair], box)
    return [
        PlanBone(place.name, place.on if place.on in there else "", place.side, *map(onto, ends[place.name]))
        for place in places
    ]


def _fitted(points: list[complex], box: Box) -> Callable[[complex], complex]:
    """From a plan to the board: its points fill a box, but for a thin edge, each way for itself."""
    left, right = min(z.real for z in points), max(z.real for z in points)
    top, low = min(z.imag for z in points), max(z.imag for z in points)
    wide, tall = (
        (1 - 2 * EDGE) * box.width / max(right - left, LEAST),
        (1 - 2 * EDGE) * box.height / max(low - top, LEAST),
    )
    middle, here = (complex(left + right, top + low) / 2, complex(box.left + box.width / 2, box.top + box.height / 2))

    def onto(z: complex) -> complex:
        return here + complex((z - middle).real * wide, (z - middle).imag * tall)

    return onto

"""Body plans: which pieces a kind of body has, what hangs from what, which of them are limbs, and how large they are in proportion.

A plan is a small JSON file that people can read and write. A place with `apart` is a pair: it stands for one on the near side and
one on the far side. A place with `many` is a row of pieces, each hanging from the one before, from `at` to `to`.
"""

from collections.abc import Iterator
from functools import cache
from importlib.resources import files
from typing import Literal

import msgspec

from umbrite.rig.errors import RigError
from umbrite.rig.model import Side, Value

MOST_PLACES = 120
Bend = Literal["ahead", "back"]


class Turns(Value, frozen=True, omit_defaults=True):
    """How far a piece turns where it hangs, in degrees. A ball and a neck turn so far either way from how they are drawn. A hinge bends from straight
    to its limb's side by `most`, and by `back` beyond straight.
    """

    kind: Literal["hinge", "ball", "neck"]
    most: float
    back: float = 0.0


class Row(Value, frozen=True, omit_defaults=True):
    """One line of a plan. `at` is the middle of the piece from the middle of the figure, x ahead and y down, and `long` and `wide` are its
    size, all as shares of the figure's diagonal; `kind` is what names call it (`rig.words`).
    """

    name: str
    kind: str
    at: tuple[float, float]
    long: float
    wide: float
    on: str = ""  # the row that carries it, or one place of a pair (Far hand); empty for the one that carries all
    apart: float | None = None  # of a pair: how far the far one lies ahead and the near one behind the middle of both
    many: int = 1
    to: tuple[float, float] | None = None
    thin: float | None = None  # how wide the last of a row is
    needed: bool = False
    loose: bool = False  # hangs loose
    turns: Turns | None = None  # as far as it likes
    words: tuple[str, ...] = ()  # which names of it have besides the kind, such as hind


class PlanLimb(Value, frozen=True, omit_defaults=True):
    """A limb from a place to another one below it; of pairs one on each side. `bend` is where its middle goes."""

    first: str
    last: str
    bend: Bend = "ahead"
    planted: bool = False  # its end keeps the angle of its target, as feet do


class BodyPlan(Value, frozen=True, omit_defaults=True):
    """A kind of body."""

    name: str
    about: str
    rows: tuple[Row, ...]
    limbs: tuple[PlanLimb, ...] = ()
    profile: bool = True  # it looks to one side, so it may stand mirrored
    format: Literal["body plan 1"] = "body plan 1"


class Place(Value, frozen=True):
    """One piece of a plan, pairs and rows told apart."""

    name: str
    row: Row
    side: Side
    on: str
    at: complex
    wide: float
    number: int  # in its row, from 1


def places_of(plan: BodyPlan) -> tuple[Place, ...]:
    """All places of a plan, what carries before what is carried. Raises RigError for a plan that makes no sense."""
    return _places(plan)


@cache
def _places(plan: BodyPlan) -> tuple[Place, ...]:
    found: dict[str, Place] = {}
    rows: dict[str, Row] = {}
    for row in plan.rows:
        if row.name in rows:
            raise RigError(f"The plan {plan.name} has the place {row.name} twice. Name one of them otherwise.")
        if row.on and row.on not in rows and row.on not in found:
            raise RigError(
                f"In the plan {plan.name}, {row.name} is a child of {row.on}, which does not come before it. Put it first."
            )
        if not _makes_sense(row):
            raise RigError(
                f"The plan {plan.name} gives {row.name} a size or a place that makes no sense. Sizes are shares of the figure, above 0."
            )
        rows[row.name] = row
        for place in _of_row(row, rows):
            found[place.name] = place
    if not found or len(found) > MOST_PLACES:
        raise RigError(f"The plan {plan.name} has {len(found)} places; it needs 1 to {MOST_PLACES}.")
    for limb in plan.limbs:
        if missing := next((name for name in (limb.first, limb.last) if name not in rows), None):
            raise RigError(f"The plan {plan.name} has a limb to {missing}, which is no place of it.")
    return tuple(found.values())


def _makes_sense(row: Row) -> bool:
    """Whether sizes are above nothing and places not far outside the figure."""
    sizes = [row.long, row.wide, *([row.thin] if row.thin is not None else [])]
    spots = [*row.at, *(row.to or ()), row.apart or 0.0]
    turns = row.turns
    return (
        (turns is None or (0 <= turns.back <= 180 and 0 < turns.most <= 360))
        and all(1e-4 <= size <= 10 for size in sizes)
        and all(abs(spot) <= 10 for spot in spots)
        and 1 <= row.many <= MOST_PLACES
    )


def _of_row(row: Row, rows: dict[str, Row]) -> Iterator[Place]:
    sides: tuple[Side, ...] = ("middle",) if row.apart is None else ("near", "far")
    above = rows.get(row.on)
    for side in sides:
        shift = {"middle": 0.0, "near": -1.0, "far": 1.0}[side] * (row.apart or 0.0)
        before = row.on
        if above is not None:
            paired = side if side != "middle" else "near"
            before = _named(above, paired if above.apart is not None else "middle", above.many)
        for i in range(row.many):
            share = i / max(row.many - 1, 1)
            to, thin = row.to or row.at, row.thin or row.wide
            at = complex(*row.at) * (1 - share) + complex(*to) * share + shift
            name = _named(row, side, i + 1)
            yield Place(name, row, side, before, at, row.wide + (thin - row.wide) * share, i + 1)
            before = name


def _named(row: Row, side: Side, number: int) -> str:
    name = row.name if side == "middle" else f"{side.capitalize()} {row.name[:1].lower()}{row.name[1:]}"
    return f"{name} {number}" if row.many > 1 else name


def read_plan(data: bytes) -> BodyPlan:
    """A plan from its JSON. Raises RigError with a sentence where it is none."""
    try:
        plan = msgspec.json.decode(data, type=BodyPlan)
    except (msgspec.DecodeError, UnicodeDecodeError, RecursionError) as error:
        raise RigError(f"This is no body plan: {error}. Choose a file that was saved as one.") from None
    places_of(plan)
    return plan


def plan_bytes(plan: BodyPlan) -> bytes:
    """A plan as a file, one row a line, for people to read."""
    return msgspec.json.format(msgspec.json.encode(plan), indent=1) + b"\n"


@cache
def shipped_plans() -> tuple[BodyPlan, ...]:
    """The plans that ship with the program, by name."""
    folder = files("umbrite.art.building") / "plans"
    found = [read_plan(item.read_bytes()) for item in folder.iterdir() if item.name.endswith(".json")]
    return tuple(sorted(found, key=lambda plan: plan.name))


def plan_named(name: str) -> BodyPlan:
    """A shipped plan. Raises RigError that names all where there is none of that name."""
    plans = {plan.name.lower(): plan for plan in shipped_plans()}
    if name.lower() not in plans:
        known = ", ".join(plan.name for plan in shipped_plans())
        raise RigError(f"There is no body plan {name}. There are: {known}; or give the file of one.")
    return plans[name.lower()]

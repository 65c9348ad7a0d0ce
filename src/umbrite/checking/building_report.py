"""A puppet built from loose art by a body plan, and what is to be said of it."""

from typing import Any, NamedTuple, TypedDict

from msgspec.structs import replace

from umbrite.art.building.body_plan import places_of, plan_named, read_plan, shipped_plans
from umbrite.art.building.placing import fill, pieces_to_place
from umbrite.art.building.plan_rig import build_rig
from umbrite.art.building.transfer import PairsTold
from umbrite.checking.puppet_findings import findings
from umbrite.files.package import Package
from umbrite.rig.model import Puppet


class FaultTold(TypedDict):
    """What the checks notice of a puppet that was just made."""

    severity: str
    text: str


class PlaceTold(TypedDict):
    """A place of the plan, and the piece that took it."""

    place: str
    part: str
    confidence: float


class RidingTold(TypedDict):
    """A piece without a place of its own, and what carries it."""

    part: str
    on: str


class BuiltTold(TypedDict):
    """What was built by a plan."""

    plan: str
    looks: str
    places: list[PlaceTold]
    empty: list[str]
    riding: list[RidingTold]
    limbs: list[str]
    controls: list[str]
    notes: list[str]
    findings: list[FaultTold]


class LaidTold(PairsTold):
    """What took the place of what, and what the checks notice of it."""

    findings: list[FaultTold]


class BuiltPuppet(NamedTuple):
    """A rigged package, and what was built, as plain values."""

    package: Package
    report: BuiltTold


def build_by_plan(package: Package, plan: str | None = None, plan_text: bytes | None = None) -> BuiltPuppet:
    """Build by the plan of a name, by one that is written out, or by the one that fits best. Raises RigError."""
    if plan_text is not None:
        plans = [read_plan(plan_text)]
    else:
        plans = list(shipped_plans()) if plan is None else [plan_named(plan)]
    pictures = package.pixels()
    pieces = pieces_to_place(package.puppet, pictures)
    filled = fill(package.puppet, pieces, plans)[0]
    built = build_rig(package.puppet, pieces, filled, pictures=pictures)
    made = replace(package, document=replace(package.document, puppet=built.puppet))
    return BuiltPuppet(made, building_report(package.puppet, filled, built))


def building_report(puppet: Puppet, filled: Any, built: Any) -> BuiltTold:
    """What was built, by the names that the art came with: places with confidence, what is left over, limbs, controls, findings."""
    names = {key: part.name for key, part in puppet.parts.items()}
    made = built.puppet
    return {
        "plan": filled.plan.name,
        "looks": "right" if filled.facing > 0 else "left",
        "places": [
            {"place": place.name, "part": names[filled.pieces[place.name]], "confidence": filled.sure[place.name]}
            for place in places_of(filled.plan) if place.name in filled.pieces
        ],
        "empty": [p.name for p in places_of(filled.plan) if p.name not in filled.pieces],
        "riding": [{"part": names[part], "on": names[on]} for part, on in built.riding],
        "limbs": [made.limbs[key].name for key in built.limbs],
        "controls": [made.controls[key].name for key in built.controls],
        "notes": list(built.told),
        "findings": findings_told(made),
    }  # fmt: skip


def findings_told(puppet: Puppet) -> list[FaultTold]:
    """What the checks notice of a puppet that was just made."""
    return [{"severity": found.severity, "text": found.text} for found in findings(puppet)]

"""A body plan made from a finished puppet, so that the next of its kind is built at once."""

import math
from collections.abc import Mapping

from umbrite.art.building.body_plan import BodyPlan, PlanLimb, Row, Turns, places_of
from umbrite.art.building.place_scores import Trait, traits_of
from umbrite.art.contacts import Pieces
from umbrite.rig.errors import RigError
from umbrite.rig.family import ancestors, parts_on
from umbrite.rig.limb_shape import bends_to, drawn_bend
from umbrite.rig.model import Limb, Puppet, Side
from umbrite.rig.words.body_words import kind_of
from umbrite.rig.words.names import core_of, tidy

FACES = {"face", "eye"}
ASIDE = 0.12  # of the head's width, beyond which a face looks to a side
BESIDE = 1.0  # more than so many widths apart do arms stand that are seen from the front


def plan_of(puppet: Puppet, pieces: Pieces, name: str) -> BodyPlan:
    """The plan by which this puppet could have been built: a row for each piece or pair of pieces, in proportion, and its limbs.

    Raises RigError for a puppet whose pieces hang from nothing.
    """
    return plan_with_places(puppet, pieces, name)[0]


def plan_with_places(puppet: Puppet, pieces: Pieces, name: str) -> tuple[BodyPlan, dict[str, str], int]:
    """The same with the piece on each place, and to which side the puppet looks. Raises RigError as `plan_of` does."""
    traits = traits_of(pieces)
    on = {key: _carrier(puppet, pieces, key) for key in pieces.keys}
    if sum(above is not None for above in on.values()) < 1:
        raise RigError("Nothing has a parent here yet. Build the family first; then it can be saved as a plan.")
    pairs = _pairs(puppet, pieces)
    front = _seen_from_the_front(puppet, pairs, traits)
    ahead = 1 if front else _ahead(puppet, traits)
    rows: dict[str, Row] = {}
    row_of: dict[str, str] = {}
    for key in sorted(pieces.keys, key=lambda one: len(_above(on, one))):
        if key in row_of:
            continue
        twin = pairs.get(key)
        own = _unique(tidy(core_of(puppet.parts[key].name) if twin else puppet.parts[key].name), rows)
        trait = traits[key]
        at = complex(trait.at.real * ahead, trait.at.imag)
        apart = None
        if twin is not None:
            other = complex(traits[twin].at.real * ahead, traits[twin].at.imag)
            near, far = (at, other) if puppet.joints[puppet.parts[key].joint].side == "near" else (other, at)
            apart, at = round((far - near).real / 2, 4), (near + far) / 2
        above = on[key]
        kind = kind_of(puppet.parts[key].name) or core_of(puppet.parts[key].name)
        rows[own] = Row(
            own, kind, (round(at.real, 4), round(at.imag, 4)), round(trait.long, 4), round(trait.wide, 4),
            on=_on(puppet, row_of, pairs, above, paired=twin is not None), apart=apart, needed=True,
            turns=_turns(puppet, puppet.parts[key].joint),
            loose=puppet.joints[puppet.parts[key].joint].loose is not None,
            words=tuple(word for word in core_of(puppet.parts[key].name).split() if word not in kind.split()),
        )  # fmt: skip
        row_of |= {key: own} if twin is None else {key: own, twin: own}
    limbs: dict[tuple[str, str], PlanLimb] = {}  # of a pair the near one tells how it bends
    for limb in sorted(puppet.limbs.values(), key=lambda limb: limb.side == "far"):
        told = _limb(puppet, limb, row_of, ahead)
        if told is not None:
            limbs.setdefault((told.first, told.last), told)
    made = BodyPlan(name, f"As {puppet.name}.", tuple(rows.values()), tuple(limbs.values()), profile=not front)
    standing = {
        place.name: key for place in places_of(made) for key, row in row_of.items()
        if row == place.row.name and (place.side == "middle" or puppet.joints[puppet.parts[key].joint].side == place.side)
    }  # fmt: skip
    return made, standing, ahead


def _on(puppet: Puppet, row_of: Mapping[str, str], pairs: Mapping[str, str], above: str | None, *, paired: bool) -> str:
    """What carries a row: another row, or for a single piece the one of a pair on which it is."""
    if above is None:
        return ""
    row = row_of[above]
    if paired or above not in pairs:
        return row
    side = puppet.joints[puppet.parts[above].joint].side
    return f"{side.capitalize()} {row[:1].lower()}{row[1:]}"


def _unique(name: str, taken: Mapping[str, Row]) -> str:
    number = 2
    while f"{name} {number}" in taken:
        number += 1
    return name if name not in taken else f"{name} {number}"


def _carrier(puppet: Puppet, pieces: Pieces, key: str) -> str | None:
    """The piece on the nearest joint above that has one."""
    joint = puppet.parts[key].joint
    for above in ancestors(puppet, joint):
        found = [one for one in parts_on(puppet, above) if one in pieces.keys]
        if found:
            return found[0]
    return None


def _above(on: Mapping[str, str | None], key: str) -> list[str]:
    found: list[str] = []
    above = on[key]
    while above is not None:
        found.append(above)
        above = on[above]
    return found


def _ahead(puppet: Puppet, traits: Mapping[str, Trait]) -> int:
    """To which side it looks: where its head, or what else tells it, lies from the middle of the body."""
    for kind in ("face", "eye", "head"):
        found = [traits[key].at.real for key in traits if kind_of(puppet.parts[key].name) == kind]
        body = [traits[key].at.real for key in traits if kind_of(puppet.parts[key].name) in {"head", "trunk"}]
        if found and body and abs(sum(found) / len(found) - body[0]) > 0.01:
            return 1 if sum(found) / len(found) > body[0] else -1
    return 1


def _seen_from_the_front(puppet: Puppet, pairs: Mapping[str, str], traits: Mapping[str, Trait]) -> bool:
    """Whether a figure stands upright with shoulders and hips left and right of its middle, and its face in the middle of its head: then it
    has no other side.
    """
    kinds = {key: kind_of(puppet.parts[key].name) for key in traits}
    middle = {kind: [traits[key].at for key in traits if kinds[key] == kind] for kind in ("head", "trunk")}
    faces = [traits[key].at.real for key in traits if kinds[key] in FACES]
    if not all(middle.values()):
        return False
    up = middle["head"][0] - middle["trunk"][0]
    wide = next(traits[key].wide for key in traits if kinds[key] == "head")
    aside = bool(faces) and abs(sum(faces) / len(faces) - middle["head"][0].real) > ASIDE * wide
    apart = [
        (traits[key].at - traits[twin].at).real / traits[key].wide
        for key, twin in pairs.items()
        if kinds[key] not in FACES and _begins_limb(puppet, key, pairs) and _side(puppet, key) == "near"
    ]
    alike = len({gap > 0 for gap in apart}) == 1
    return abs(up.real) < abs(up.imag) / 2 and not aside and alike and max(map(abs, apart)) > BESIDE


def _side(puppet: Puppet, key: str) -> Side:
    return puppet.joints[puppet.parts[key].joint].side


def _begins_limb(puppet: Puppet, key: str, pairs: Mapping[str, str]) -> bool:
    """Whether no piece of its own side carries a piece."""
    above = {part for joint in ancestors(puppet, puppet.parts[key].joint) for part in parts_on(puppet, joint)}
    return above.isdisjoint(pairs)


def _pairs(puppet: Puppet, pieces: Pieces) -> dict[str, str]:
    """Near and far pieces of one name, either way."""
    sides: dict[tuple[str, Side], str] = {}
    for key in pieces.keys:
        part = puppet.parts[key]
        sides.setdefault((core_of(part.name), puppet.joints[part.joint].side), key)
    found = {}
    for (core, side), key in sides.items():
        if side == "near" and (core, "far") in sides:
            found[key], found[sides[core, "far"]] = sides[core, "far"], key
    return found


def _turns(puppet: Puppet, key: str) -> Turns | None:
    """The range that a joint's limit is: of a limb's middle joint a hinge from straight, else a ball; None where it turns freely."""
    limit = puppet.joints[key].limit
    if limit is None:
        return None
    limb = next((limb for limb in puppet.limbs.values() if key in limb.joints[1:]), None)
    if limb is None or len(limb.joints) != 2:
        return Turns("ball", round(math.degrees(max(-limit.smallest, limit.largest)), 1))
    side, drawn = bends_to(puppet, limb), drawn_bend(puppet, limb)
    ends = sorted(math.degrees(side * end + side * drawn) for end in (limit.smallest, limit.largest))
    return Turns("hinge", round(max(ends[1], 1.0), 1), round(min(max(-ends[0], 0.0), 180.0), 1))


def _limb(puppet: Puppet, limb: Limb, row_of: Mapping[str, str], ahead: int) -> PlanLimb | None:
    """A limb as the plan tells it, by the rows of its first and its last piece."""
    joints = [*limb.joints, *([limb.end] if limb.end is not None else [])]
    pieces = [next((row_of[key] for key in parts_on(puppet, joint) if key in row_of), None) for joint in joints]
    if pieces[0] is None or pieces[-1] is None or pieces[0] == pieces[-1]:
        return None
    way = puppet.joints[limb.target].pivot.z - puppet.joints[limb.joints[0]].pivot.z
    bend = 1 if (drawn_bend(puppet, limb) or limb.bend) > 0 else -1
    return PlanLimb(
        pieces[0], pieces[-1], "ahead" if bend * way.imag * ahead > 0 else "back", planted=limb.end_hold == "target"
    )

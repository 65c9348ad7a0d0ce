"""A rig laid on other art: the same family, limbs, limits, controls, links, poses and takes, in the proportions of the other drawings.

Which piece takes the place of which is found as for a body plan: the rig is its own plan. Each piece of the rig is mapped onto the piece
that takes its place by their frames, and pivots and tips go along; where the other art turns elsewhere, as Find joints sees it, the
pivot goes there. What carries no drawing is mapped as the whole figure is. Lengths in pixels grow with the figure. A figure that looks to
the other side gets the rig mirrored.
"""

import math
from collections.abc import Mapping
from typing import NamedTuple, TypedDict

from msgspec.structs import replace

from umbrite.art.bending.bendy import mesh_for
from umbrite.art.building.body_plan import BodyPlan
from umbrite.art.building.fitted_rig import fit_of, fitted_pivots, mapped, timed, with_guests
from umbrite.art.building.own_plan import plan_with_places
from umbrite.art.building.placing import Filled, fill, pieces_to_place
from umbrite.art.building.unmatched import (
    showing_what_is_there,
    with_drawn_variants,
    with_riders,
    without_idle,
    without_missing,
)
from umbrite.art.contacts import Pieces
from umbrite.art.joint_limits import gap_turns, gap_within
from umbrite.art.masks import sheet_of_part
from umbrite.art.pictures import Picture
from umbrite.rig.change import change, take_out
from umbrite.rig.document import Document, settled
from umbrite.rig.errors import RigError, Watch, unwatched
from umbrite.rig.family import in_guests
from umbrite.rig.mesh import moves_at, with_keeping
from umbrite.rig.model import Limit, Puppet, point
from umbrite.rig.words.word_table import says_nothing

STIFF = math.radians(10)  # a limit is not narrowed to less than this


class Laid(NamedTuple):
    """The other art with the rig; which part of the rig each part of the art has taken the place of, and how sure that is; parts of the rig
    that found none, parts of the art that only ride along, and sentences about what could not be kept.
    """

    document: Document
    pairs: dict[str, str]  # parts of the rig, to parts of the art
    sure: dict[str, float]  # by parts of the rig
    missing: tuple[str, ...]
    riding: tuple[str, ...]
    told: tuple[str, ...]


def rig_plan(
    rig: Puppet, rig_pieces: Pieces, art: Puppet, new: Pieces
) -> tuple[BodyPlan, dict[str, str], dict[str, str], int]:
    """A rig as the plan of other art: the plan, the rig's part on each place, the parts of the art that stand on places by their names, and to
    which side the rig looks. Raises RigError for a rig without a family.
    """
    plan, standing, ahead = plan_with_places(rig, rig_pieces, rig.name or "rig")
    names = {art.parts[key].name: key for key in new.keys if not says_nothing(art.parts[key].name)}
    called = {place: names[name] for place, key in standing.items() if (name := rig.parts[key].name) in names}
    return plan, standing, called, ahead


def lay_rig(
    rig: Document,
    rig_pictures: Mapping[str, Picture],
    art: Puppet,
    art_pictures: Mapping[str, Picture],
    decided: Filled | None = None,
    *,
    watch: Watch = unwatched,
) -> Laid:
    """Lay the rig of a document on loose art. Pictures give RGBA pixels by drawing fingerprint; `decided` is the filled plan of the rig, where
    a person has looked at it and corrected it; `watch` is told how far it is, and may stop it.

    Raises RigError for a rig without a family, and art that has no two pieces.
    """
    old, new = pieces_to_place(rig.puppet, rig_pictures, watch), pieces_to_place(art, art_pictures, watch)
    plan, standing, called, ahead = rig_plan(rig.puppet, old, art, new)
    filled = decided or fill(art, new, [plan], called)[0]
    pairs = {standing[place]: key for place, key in filled.pieces.items() if place in standing}
    if len(pairs) < 2:
        raise RigError("Nothing of this art looks like the rig's pieces. Choose another rig, or name the layers.")
    pairs |= _by_name(rig.puppet, art, pairs)
    boxes = (
        {
            key: sheet_of_part(rig.puppet.parts[key], rig_pictures[rig.puppet.parts[key].drawing.sha256]).box
            for key in pairs
        },
        {key: sheet_of_part(art.parts[key], art_pictures[art.parts[key].drawing.sha256]).box for key in pairs.values()},
    )
    fit = fit_of(boxes, pairs, mirrored=ahead != filled.facing)
    told: list[str] = []
    puppet = _with_art(rig.puppet, art, pairs)
    puppet = mapped(rig.puppet, puppet, fit, fitted_pivots(rig.puppet, old, new, pairs, fit))
    puppet, missing = without_missing(puppet, rig.puppet, pairs, told)
    puppet = with_drawn_variants(puppet, told)
    puppet = _with_meshes(puppet, rig.puppet, pairs, art_pictures)
    puppet = _with_shapes(puppet, rig.puppet, mirrored=fit.mirrored)
    puppet = without_idle(puppet, rig.puppet)
    puppet, riding = with_riders(puppet, art, new, pairs)
    puppet = _narrowed(rig.puppet, puppet, {**rig_pictures, **art_pictures}, told, watch)
    puppet = replace(puppet, width=art.width, height=art.height, guides=(), meant=())
    document = with_guests(timed(rig, replace(rig, puppet=puppet), fit), rig.puppet, fit, told)
    document = showing_what_is_there(document)
    sure = {standing[place]: filled.sure[place] for place in filled.pieces if place in standing}
    return Laid(settled(document, Document()), pairs, sure, tuple(missing), tuple(riding), tuple(told))


def _by_name(rig: Puppet, art: Puppet, pairs: Mapping[str, str]) -> dict[str, str]:
    """What of the rig a plan does not look at, such as other variants and shades, with what in the art is called the same."""
    left = {part.name: key for key, part in art.parts.items() if key not in set(pairs.values())}
    strange = in_guests(rig)
    return {
        key: left[part.name]
        for key, part in rig.parts.items()
        if key not in pairs and key not in strange and part.name in left
    }


def _with_meshes(puppet: Puppet, rig: Puppet, pairs: Mapping[str, str], pictures: Mapping[str, Picture]) -> Puppet:
    """Parts that bend do so again: by their own mesh where the drawing is the same, else by one made for the other drawing."""
    for key in pairs:
        mesh = rig.parts[key].mesh
        if mesh is None:
            continue
        drawing = puppet.parts[key].drawing
        if drawing.sha256 != rig.parts[key].drawing.sha256:
            made = mesh_for(puppet, key, pictures[drawing.sha256], mesh.joints)
            mesh = with_keeping(made, mesh.keeps_area)
        puppet = change(puppet, key, mesh=mesh)
    return puppet


def _with_shapes(puppet: Puppet, rig: Puppet, *, mirrored: bool) -> Puppet:
    """The shapes of parts that bend again, by where their points lie in the drawings; the others are gone, and what calls them forth."""
    for key, shape in rig.shapes.items():
        old, part = rig.parts[shape.part], puppet.parts.get(shape.part)
        puppet = replace(puppet, shapes={**puppet.shapes, key: shape})
        if part is None or part.mesh is None or old.mesh is None:
            puppet = take_out(puppet, key)
            continue
        if part.mesh.arrays == old.mesh.arrays:
            continue
        wide, tall = (part.drawing.width / old.drawing.width, part.drawing.height / old.drawing.height)
        turned = mirrored and part.drawing.sha256 != old.drawing.sha256
        there = part.mesh.arrays.vertices
        across = part.drawing.width - there.real if turned else there.real
        moves = moves_at(shape.moves, old.mesh, across / wide + 1j * there.imag / tall)
        sign = -1 if turned else 1
        puppet = change(puppet, key, moves=tuple(point(complex(m.x * wide * sign, m.y * tall)) for m in moves))
    return puppet


def _with_art(rig: Puppet, art: Puppet, pairs: Mapping[str, str]) -> Puppet:
    """The rig's parts with the drawings of the art, where those lie."""
    puppet = replace(rig, shapes={})  # they come back on the meshes of the art
    for key, other in pairs.items():
        drawn = art.parts[other]
        puppet = change(
            puppet, key, drawing=drawn.drawing, placement=drawn.placement, trims=drawn.trims, mesh=None,
            shares="", opacity=drawn.opacity, visible=drawn.visible,
        )  # fmt: skip
    return puppet


def _narrowed(rig: Puppet, puppet: Puppet, pictures: Mapping[str, Picture], told: list[str], watch: Watch) -> Puppet:
    """Limits end where a gap opens in the other art that the rig's own art has not. What a limb needs to bend stays, and is told."""
    bending = {joint for limb in puppet.limbs.values() for joint in (*limb.joints, limb.end)}
    less, open_ = [], []
    for number, (key, joint) in enumerate(puppet.joints.items()):
        watch(number, len(puppet.joints), joint.name)
        limit = joint.limit
        if limit is None or gap_within(puppet, pictures, key) is None or gap_within(rig, pictures, key) is not None:
            continue
        low, high = gap_turns(puppet, pictures, key) or (limit.smallest, limit.largest)
        ends = min(max(limit.smallest, low), 0.0), max(min(limit.largest, high), 0.0)
        if key in bending or ends[1] - ends[0] < STIFF:
            open_.append(joint.name)
            continue
        less.append(joint.name)
        puppet = change(puppet, key, limit=Limit(*ends, limit.soft))
    if less:
        told.append(f"Limits are narrower here, so that no gap opens: {', '.join(less)}.")
    if open_:
        told.append(f"A gap opens within the limits of {', '.join(open_)}: see Findings.")
    return puppet


class PairTold(TypedDict):
    """A piece of the art that took the place of one of the rig's."""

    rig: str
    art: str
    confidence: float


class PairsTold(TypedDict):
    """What took the place of what."""

    pairs: list[PairTold]
    missing: list[str]
    riding: list[str]
    notes: list[str]


def pairs_report(rig: Puppet, art: Puppet, laid: Laid) -> PairsTold:
    """What took the place of what, by names."""
    return {
        "pairs": [
            {"rig": rig.parts[key].name, "art": art.parts[other].name, "confidence": laid.sure.get(key, 1.0)}
            for key, other in laid.pairs.items()
        ],
        "missing": [rig.parts[key].name for key in laid.missing],
        "riding": [laid.document.puppet.parts[key].name for key in laid.riding],
        "notes": list(laid.told),
    }

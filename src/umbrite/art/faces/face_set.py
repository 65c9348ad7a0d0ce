"""A set of controls for a face, made at once: head turn, lids that blink, brows, gaze within the eyes' outlines, and a mouth that opens.

What a piece is, words tell; where they say nothing its place among the others: eyes stand in a pair, pupils lie in them, brows above them,
the mouth is the lowest in the middle. Everything is an ordinary response: each stop can be posed anew.
"""

from collections.abc import Iterable, Mapping
from typing import Literal, NamedTuple

from umbrite.art.faces.face_pieces import Face, FacePiece
from umbrite.art.faces.head_turn import BESIDE, make_head_turn, with_own_joints
from umbrite.rig.change import change
from umbrite.rig.edits.controls import make_control
from umbrite.rig.edits.responses.stops import add_response, put_stop
from umbrite.rig.model import ControlKind, Point, Puppet
from umbrite.rig.words.names import unique
from umbrite.rig.words.word_table import meaning

Item = Literal["Head turn", "Lids", "Brows", "Gaze", "Mouth"]
ITEMS: tuple[Item, ...] = ("Head turn", "Lids", "Brows", "Gaze", "Mouth")
SHUT = 0.08  # of an eye's height when it is closed
OVER = 1.1  # of an eye's height, over which its lid comes down
LIFT, FROWN = 0.11, 0.07  # of half the head's height by which brows go up and down
GAZE = 0.75  # of the room that a pupil has in its eye
WIDE, NARROW, OPEN, CLOSED = 0.25, -0.3, 0.9, -0.55  # by which a mouth is wider and taller
TALL: Mapping[ControlKind, float] = {
    "pad": 126.0,
    "slider": 58.0,
}  # board pixels that a control takes below one another
EIGHT = [(x, y) for x in (-1, 0, 1) for y in (-1, 0, 1) if x or y]


class Features(NamedTuple):
    """The pieces of a face by what they are."""

    eyes: tuple[FacePiece, ...]
    pupils: Mapping[str, FacePiece]  # each by the first part of the eye in which it lies
    brows: tuple[FacePiece, ...]
    lids: Mapping[str, FacePiece]  # drawn as pieces of their own, each by the first part of its eye
    mouth: FacePiece | None


def features_of(puppet: Puppet, face: Face) -> Features:
    """Which pieces are eyes, pupils, brows, and the mouth."""
    fronts = [piece for piece in face.pieces if piece.role == "feature"]
    words = {piece.parts[0]: set(meaning(puppet.parts[piece.parts[0]].name)) for piece in fronts}

    def told(piece: FacePiece, *names: str) -> bool:
        return not words[piece.parts[0]].isdisjoint(names)

    inside = {
        eye.parts[0]: pupil
        for pupil in fronts
        for eye in fronts
        if pupil is not eye and _lies_in(pupil, eye) and (told(pupil, "pupil", "pupils", "iris") or not pupil.named)
    }
    small = {pupil.parts[0] for pupil in inside.values()}
    eyes = [piece for piece in fronts if told(piece, "eye", "eyes", "eyeball") and piece.parts[0] not in small]
    others = [piece for piece in fronts if not piece.named and piece.parts[0] not in small]
    eyes = eyes or [
        piece
        for piece in others
        if -0.55 < piece.place.imag < 0.2 and (piece.parts[0] in inside or _has_twin(piece, others))
    ]
    if inside:  # of several pairs that in which something lies
        eyes = [piece for piece in eyes if piece.parts[0] in inside] or eyes
    level = min((eye.place.imag for eye in eyes), default=-0.1)
    brows = [piece for piece in fronts if told(piece, "brow", "brows", "eyebrow", "eyebrows")] or [
        piece
        for piece in others
        if piece not in eyes and piece.place.imag < level - 0.08 and piece.size.real > piece.size.imag
    ]
    mouths = [piece for piece in fronts if told(piece, "mouth", "lips")] or [
        piece for piece in others if piece not in eyes and piece.place.imag > 0.3 and not _has_twin(piece, others)
    ]
    mouth = max(mouths, key=lambda piece: piece.place.imag, default=None)
    kept = {eye.parts[0]: inside[eye.parts[0]] for eye in eyes if eye.parts[0] in inside}
    drawn = [piece for piece in fronts if told(piece, "lid", "lids", "eyelid", "eyelids")]
    eyes = [eye for eye in eyes if eye not in drawn]
    lids = {eye.parts[0]: min(drawn, key=lambda lid: abs(lid.place - eye.place)) for eye in eyes if drawn}
    return Features(tuple(eyes), kept, tuple(brows), lids, mouth)


def _lies_in(piece: FacePiece, other: FacePiece) -> bool:
    off = piece.place - other.place
    return (
        abs(off.real) + piece.size.real <= other.size.real * 1.1
        and abs(off.imag) + piece.size.imag <= other.size.imag * 1.1
        and other.size.real < 0.5
    )


def _has_twin(piece: FacePiece, others: Iterable[FacePiece]) -> bool:
    return any(
        other is not piece
        and abs(other.place.imag - piece.place.imag) < 0.06
        and abs(other.place.real - piece.place.real) > 0.2
        for other in others
    )


def items_for(puppet: Puppet, face: Face) -> tuple[Item, ...]:
    """What can be made for a face."""
    found = features_of(puppet, face)
    there: dict[Item, bool] = {
        "Head turn": True, "Lids": bool(found.eyes), "Brows": bool(found.brows), "Gaze": bool(found.pupils),
        "Mouth": found.mouth is not None,
    }  # fmt: skip
    return tuple(item for item in ITEMS if there[item])


def make_face_set(puppet: Puppet, face: Face, wanted: Iterable[Item]) -> tuple[Puppet, list[str]]:
    """The puppet with these controls of a face, and their ids. Nothing moves at rest; what there is nothing for is left out."""
    items = [item for item in items_for(puppet, face) if item in set(wanted)]
    puppet, pieces = with_own_joints(puppet, face)
    face = face._replace(pieces=tuple(pieces), loose=())
    found, made = features_of(puppet, face), []
    down = -face.half.imag
    for item in items:
        kind: ControlKind = "slider" if item in {"Lids", "Brows"} else "pad"
        if item == "Head turn":
            puppet, key = make_head_turn(puppet, face)
        else:
            down += (TALL[kind] - TALL["pad"]) / 2
            puppet, key = _control(puppet, face, kind, item, face.middle + complex(face.half.real + BESIDE, down))
            puppet = _stops(puppet, face, found, item, key)
            down += (TALL["pad"] - TALL[kind]) / 2
        down += TALL[kind]
        made.append(key)
    return puppet, made


def _control(puppet: Puppet, face: Face, kind: ControlKind, name: str, at: complex) -> tuple[Puppet, str]:
    puppet, key = make_control(puppet, kind, face.head, at, linked=False)
    name = unique(name, [one.name for other, one in puppet.controls.items() if other != key])
    low = Point(0.0, -1.0) if name.startswith("Lids") else Point(-1.0, -1.0)
    return change(puppet, key, name=name, label=name, least=low, most=Point(1.0, 1.0)), key


def _stops(puppet: Puppet, face: Face, found: Features, item: Item, key: str) -> Puppet:
    puppet, response = add_response(puppet, f"{key}.value", puppet.controls[key].name)
    tall = face.half.imag
    if item == "Lids":
        return put_stop(puppet, response, Point(1.0, 0.0), _shut(puppet, found, tall), "Closed")
    if item == "Brows":
        up = {f"{brow.joint}.y": -LIFT * tall for brow in found.brows}
        down = {f"{brow.joint}.y": FROWN * tall for brow in found.brows}
        down |= {f"{brow.joint}.turn": 0.22 * (1 if brow.place.real < face.ahead else -1) for brow in found.brows}
        puppet = put_stop(puppet, response, Point(1.0, 0.0), up, "Raised")
        return put_stop(puppet, response, Point(-1.0, 0.0), down, "Frowning")
    for x, y in EIGHT:
        channels: dict[str, float] = {}
        if item == "Gaze":
            for eye in found.eyes:
                if (pupil := found.pupils.get(eye.parts[0])) is not None:
                    channels |= _gaze(face, eye, pupil, complex(x, -y))
        elif found.mouth is not None:
            joint = found.mouth.joint
            channels[f"{joint}.scale_x"] = WIDE if x > 0 else NARROW if x < 0 else 0.0
            channels[f"{joint}.scale_y"] = OPEN if y > 0 else CLOSED if y < 0 else 0.0
        puppet = put_stop(puppet, response, Point(float(x), float(y)), channels)
    return puppet


def _shut(puppet: Puppet, found: Features, tall: float) -> dict[str, float]:
    """Eyes closed: by lids of their own, by what is drawn of them closed, else squashed flat; what lies in them goes along."""
    channels: dict[str, float] = {}
    for eye in found.eyes:
        if (lid := found.lids.get(eye.parts[0])) is not None:  # it comes down over the eye
            channels[f"{lid.joint}.y"] = (eye.place.imag - lid.place.imag) * tall
            channels[f"{lid.joint}.scale_y"] = OVER * eye.size.imag / max(lid.size.imag, 1e-6) - 1
            continue
        drawn = _drawn_closed(puppet, eye)
        channels |= drawn or {f"{eye.joint}.scale_y": SHUT - 1}
        pupil = found.pupils.get(eye.parts[0])
        if pupil is not None and not drawn and puppet.joints[pupil.joint].parent != eye.joint:
            channels[f"{pupil.joint}.scale_y"] = SHUT - 1
    return channels


def _drawn_closed(puppet: Puppet, eye: FacePiece) -> dict[str, float]:
    for key, one in puppet.sets.items():
        if any(part in variant.parts for variant in one.variants for part in eye.parts):
            places = [
                i for i, variant in enumerate(one.variants) if not {"closed", "shut"}.isdisjoint(meaning(variant.name))
            ]
            rest = next(i for i, variant in enumerate(one.variants) if variant.number == one.rest)
            return {f"{key}.shows": float(places[0] - rest)} if places else {}
    return {}


def _gaze(face: Face, eye: FacePiece, pupil: FacePiece, way: complex) -> dict[str, float]:
    """A pupil at the edge of its eye, an ellipse, in a direction."""
    way /= abs(way)
    room = complex(
        max(eye.size.real - pupil.size.real, 0) * face.half.real,
        max(eye.size.imag - pupil.size.imag, 0) * face.half.imag,
    )
    off = (eye.middle - pupil.middle) + GAZE * complex(way.real * room.real, way.imag * room.imag)
    return {f"{pupil.joint}.x": off.real, f"{pupil.joint}.y": off.imag}

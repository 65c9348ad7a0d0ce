"""A head that turns: a pad whose stops are the face on a ball that is turned left, right, up, down, and between.

Pieces go by their angle on the ball and get narrower by its cosine; what comes behind the outline goes behind the head, what comes
before it in front; the neck follows a little. Everything is an ordinary response: each stop can be posed anew.
"""

import cmath
import math
from typing import NamedTuple

from umbrite.art.faces.face_pieces import Face, FacePiece, View
from umbrite.rig.change import change, names_like, new_id, put
from umbrite.rig.edits.controls import make_control
from umbrite.rig.edits.parenting import set_parent
from umbrite.rig.edits.parts import ride_on
from umbrite.rig.edits.responses.stops import add_response, put_stop
from umbrite.rig.family import parts_on
from umbrite.rig.model import Joint, Point, Puppet, point
from umbrite.rig.words.names import unique

YAW: dict[View, float] = {"front": 35.0, "half profile": 25.0, "profile": 14.0}  # degrees at the pad's sides
PITCH: dict[View, float] = {"front": 22.0, "half profile": 18.0, "profile": 14.0}
NARROWEST, WIDEST = 0.3, 1.2  # of a piece's own width
ONWARD = 0.35  # of its angle, where a head seen from the side turns farther that way
ACROSS, DOWN = 0.9, 0.6  # of the way to what the cosine says: a drawn face is flatter than a ball
NECK = 0.06  # of half the head's width
BESIDE = 70.0  # board pixels from the head to its pad
STOPS = {
    (1, 0): "Right", (-1, 0): "Left", (0, 1): "Up", (0, -1): "Down", (1, 1): "Right and up", (-1, 1): "Left and up", (1, -1): "Right and down",
    (-1, -1): "Left and down",
}  # fmt: skip


class Turned(NamedTuple):
    """A piece on the turned ball: where its middle comes, how wide and tall it is seen, and its depth."""

    middle: complex
    wide: float
    tall: float
    depth: float


def turned(face: Face, piece: FacePiece, yaw: float, pitch: float) -> Turned:
    """A piece when the head is turned to the right and up by angles in radians."""
    u, v, z = piece.place.real, piece.place.imag, piece.depth
    across, ahead = u * math.cos(yaw) + z * math.sin(yaw), z * math.cos(yaw) - u * math.sin(yaw)
    down, depth = v * math.cos(pitch) - ahead * math.sin(pitch), ahead * math.cos(pitch) + v * math.sin(pitch)
    off = (complex(across, down) - piece.place) * piece.out
    middle = piece.middle + complex(off.real * face.half.real, off.imag * face.half.imag)
    # Where a piece was drawn already foreshortened, it comes out to its whole width as it turns to the front.
    wide = tall = 1.0
    if piece.role in {"feature", "nose"}:
        wide = 1 + ACROSS * (_foreshortened(math.atan2(u, z), yaw) - 1)
        tall = 1 + DOWN * (_foreshortened(-math.atan2(v, ahead), pitch) - 1)
    elif piece.role == "ear":
        wide = 1 + 0.45 * math.sin(yaw) * (-1 if u > 0 else 1)
    elif piece.role == "hair":
        wide = 1 - 0.1 * abs(math.sin(yaw))
    return Turned(middle, min(max(wide, NARROWEST), WIDEST), min(max(tall, NARROWEST), WIDEST), depth)


def _foreshortened(angle: float, by: float) -> float:
    return math.cos(min(max(angle + by, -1.5), 1.5)) / max(math.cos(angle), 0.2)


def make_head_turn(puppet: Puppet, face: Face) -> tuple[Puppet, str]:
    """The puppet with a pad that turns a head, and the pad's id. Nothing moves at rest; pieces without joints of their own get them."""
    puppet, pieces = with_own_joints(puppet, face)
    at = face.middle + complex(face.half.real + BESIDE, -face.half.imag)
    puppet, pad = make_control(puppet, "pad", face.head, at, linked=False)
    puppet = change(puppet, pad, name=unique("Head turn", [c.name for k, c in puppet.controls.items() if k != pad]))
    puppet, key = add_response(puppet, f"{pad}.value", "Head turn")
    for (across, up), name in STOPS.items():
        yaw, pitch = (math.radians(most[face.view]) * way for most, way in ((YAW, across), (PITCH, up)))
        if face.view != "front" and yaw * face.ahead > 0:  # where it looks already there is little more to turn
            yaw *= ONWARD
        channels = _channels(puppet, face, pieces, yaw, pitch)
        puppet = put_stop(puppet, key, Point(float(across), float(up)), channels, name)
    return puppet, pad


def with_own_joints(puppet: Puppet, face: Face) -> tuple[Puppet, list[FacePiece]]:
    """The puppet with all pieces of a face hanging from the head, each on a joint of its own. Nothing moves."""
    puppet = set_parent(puppet, face.loose, face.head)
    for key in face.loose:  # it turns and narrows about its middle
        puppet = change(puppet, key, pivot_set=True)
    pieces = []
    for piece in face.pieces:
        joint = piece.joint or puppet.parts[piece.parts[0]].joint
        if joint == face.head:
            puppet, joint = _own_joint(puppet, face.head, piece)
        pieces.append(piece._replace(joint=joint))
    return puppet, pieces


def _own_joint(puppet: Puppet, head: str, piece: FacePiece) -> tuple[Puppet, str]:
    part = puppet.parts[piece.parts[0]]
    puppet, key = new_id(puppet, "joint")
    name = unique(part.name, names_like(puppet, "joint"))
    side = puppet.joints[head].side
    puppet = put(puppet, key, Joint(name, point(piece.middle), head, side=side, pivot_set=True))
    return ride_on(puppet, piece.parts[0], key), key


def _channels(puppet: Puppet, face: Face, pieces: list[FacePiece], yaw: float, pitch: float) -> dict[str, float]:
    """What a stop adds: of each piece place and size below what carries it, and its depth; and the neck's share."""
    found: dict[str, float] = {}
    maps: dict[
        str, tuple[complex, complex]
    ] = {}  # of joints that are done: scales across and down, and shift, on the board at rest
    for piece in pieces:
        to = turned(face, piece, yaw, pitch)
        carrier = next((up for up in _above(puppet, piece.joint, face.head) if up in maps), "")
        scale, shift = maps.get(carrier, (1 + 1j, 0j))
        wide, tall = to.wide, to.tall
        whole = (complex(wide, tall), to.middle - _by(complex(wide, tall), piece.middle))
        if carrier and _is_within(pieces, piece, carrier):  # a pupil is as wide as its eye, and goes a little farther
            whole = (scale, shift + (to.middle - piece.middle) * 0.08)
        maps[piece.joint] = whole
        own_scale = complex(whole[0].real / scale.real, whole[0].imag / scale.imag)
        off = whole[1] - shift
        own_shift = complex(off.real / scale.real, off.imag / scale.imag)
        pivot = puppet.joints[piece.joint].pivot.z
        moved = _by(own_scale, pivot) + own_shift - pivot
        found |= {
            f"{piece.joint}.x": moved.real, f"{piece.joint}.y": moved.imag,
            f"{piece.joint}.scale_x": own_scale.real - 1, f"{piece.joint}.scale_y": own_scale.imag - 1,
        }  # fmt: skip
        for part in piece.parts:
            if by := _depth(puppet, face, part, piece, to.depth):
                found[f"{part}.depth"] = float(by)
    neck = puppet.joints[face.head].parent
    if neck is not None and parts_on(puppet, neck) and not puppet.joints[neck].role:
        found[f"{neck}.x"] = NECK * face.half.real * math.sin(yaw)
    return found


def _by(scale: complex, z: complex) -> complex:
    return complex(scale.real * z.real, scale.imag * z.imag)


def _above(puppet: Puppet, key: str, head: str) -> list[str]:
    found, up = [], puppet.joints[key].parent
    while up is not None and up != head:
        found.append(up)
        up = puppet.joints[up].parent
    return found


def _is_within(pieces: list[FacePiece], piece: FacePiece, carrier: str) -> bool:
    """Whether a feature lies on the one that carries it, as a pupil on an eye."""
    over = next(each for each in pieces if each.joint == carrier)
    return over.role == piece.role == "feature" and abs(over.place - piece.place) < 0.3


def _depth(puppet: Puppet, face: Face, part: str, piece: FacePiece, depth: float) -> int:
    """By how many places a part comes forward (or goes back, below 0) where the turn takes it to the other side of the outline."""
    if piece.role not in {"ear", "feature", "nose"}:
        return 0
    place, base = puppet.order.index(part), puppet.order.index(face.base)
    if place > base and depth < -0.12:
        return base - place - 1
    if place < base and depth > 0.25:
        return base - place + 1
    return 0


def ball_lines(face: Face, yaw: float = 0.0, pitch: float = 0.0) -> list[list[complex]]:
    """Lines on the ball for a picture of it: its outline, the middle upright, and the line of the eyes; board points."""
    upright: list[complex] = []
    level: list[complex] = []
    ring = [face.middle + complex(math.cos(t) * face.half.real, math.sin(t) * face.half.imag) for t in _round()]

    for t in (i * math.pi / 24 - math.pi / 2 for i in range(25)):
        for line, (u, v, z) in ((upright, (0.0, math.sin(t), math.cos(t))), (level, (math.sin(t), 0.0, math.cos(t)))):
            across, ahead = u * math.cos(yaw) + z * math.sin(yaw), z * math.cos(yaw) - u * math.sin(yaw)
            line.append(
                face.middle
                + complex(across * face.half.real, (v * math.cos(pitch) - ahead * math.sin(pitch)) * face.half.imag)
            )
    return [ring, upright, level]


def _round() -> list[float]:
    return [cmath.pi * i / 32 for i in range(65)]


def without_piece(face: Face, number: int) -> Face:
    """The face without one of its pieces: it stays as it is when the head turns."""
    left = tuple(piece for i, piece in enumerate(face.pieces) if i != number)
    gone = face.pieces[number].joint
    return face._replace(pieces=left, loose=tuple(key for key in face.loose if key != gone))

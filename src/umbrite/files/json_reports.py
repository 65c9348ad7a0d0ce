"""What scripts may rely on, as plain JSON values: kinds of report, and what they hold.

Board pixels, y down; angles in degrees, counterclockwise positive. Fields may be added, none renamed within a version. `umbrite schema`
prints the JSON Schema of each, made from these types.
"""

import math
from collections.abc import Iterable, Mapping
from typing import TYPE_CHECKING, Any, TypedDict

import numpy as np

from umbrite.motion.placed import Placed
from umbrite.motion.scene import mesh_places, places_of
from umbrite.rig.edits.shelf import CLEAN
from umbrite.rig.model import Puppet
from umbrite.rig.quantities.angles import shown_degrees
from umbrite.rig.takes.take import Take

if TYPE_CHECKING:
    from umbrite.art.joint_finding import Proposal
    from umbrite.art.joint_limits import FoundLimit


# A tip this near to its target has reached it, in board pixels.
REACHED = 0.01
VERSION = 1


class JointTold(TypedDict):
    """One joint: where it is now, and how far it has turned."""

    id: str
    parent: str | None
    pivot: list[float]
    tip: list[float] | None
    angle: float
    turn: float


class PartTold(TypedDict):
    """The map from a drawing's pixels to the board, as in SVG."""

    matrix: list[float]


class LimbTold(TypedDict):
    """Whether a limb's tip has reached its target, and to which side it bends."""

    reached: bool
    distance: float
    bend: int


class ControlTold(TypedDict):
    """Where a control stands."""

    at: list[float]


class MeshTold(TypedDict):
    """The mesh of what bends."""

    vertices: list[list[float]]
    triangles: list[list[int]]


class PoseTold(TypedDict):
    """Where everything is in a pose, by name."""

    joints: dict[str, JointTold]
    parts: dict[str, PartTold]
    limbs: dict[str, LimbTold]
    controls: dict[str, ControlTold]
    meshes: dict[str, MeshTold]
    variants: dict[str, str]


class ProposedJoint(TypedDict):
    """One joint that the art suggests."""

    part: str
    parent: str
    pivot: list[float]
    confidence: float


class FoundTurn(TypedDict):
    """How far a joint turns, and why no further."""

    joint: str
    smallest: float
    largest: float
    reason_smallest: str
    reason_largest: str


class JointsTold(TypedDict):
    """What Find joints proposes."""

    joints: list[ProposedJoint]


class LimitsTold(TypedDict):
    """What Find limits finds."""

    limits: list[FoundTurn]


class TakeTold(TypedDict):
    """A take, what it holds by numbers, and the layers over it."""

    name: str
    rate: float
    first: int
    last: int
    loop: bool
    seconds: float
    tracks: int
    keys: int
    sound: str | None
    layers: "list[LayerTold]"


class LayerTold(TakeTold):
    """A layer of a take."""

    way: str
    off: bool


class TakesTold(TypedDict):
    """The takes of a puppet."""

    takes: list[TakeTold]


class ShelfPose(TypedDict):
    """A pose of the shelf: its name, its folder, and how many channels it sets."""

    name: str
    folder: str
    channels: int


class ShelfTold(TypedDict):
    """The poses of the shelf."""

    poses: list[ShelfPose]


class FrameTold(PoseTold):
    """Where everything is in a frame of a take; channels by the names of what they pose."""

    frame: float
    channels: dict[str, float | str]


class TransformsTold(TypedDict):
    """Where everything is in each frame of a take."""

    take: str
    rate: float
    loop: bool
    stiff: list[str]
    frames: list[FrameTold]


class SheetTold(TypedDict):
    """A sheet: its file beside the list, and its size."""

    file: str
    size: list[int]


class LaidPart(TypedDict):
    """A part's drawing: where it lies on which sheet, and how it is put on the canvas."""

    name: str
    id: str
    sheet: int
    box: list[int]
    matrix: list[float]
    opacity: float
    blend: str
    shown: bool


class LaidFrame(TypedDict):
    """A frame of a take: where it lies on which sheet, and where that stands on the canvas."""

    frame: float
    sheet: int
    box: list[int]
    at: list[int]
    seconds: float


class _Atlas(TypedDict):
    sheets: list[SheetTold]
    canvas: list[int]


class AtlasTold(_Atlas, total=False):
    """Drawings on sheets: of all parts, or of the frames of a take."""

    parts: list[LaidPart]
    take: str
    rate: float
    loop: bool
    frames: list[LaidFrame]


def headed(kind: str, body: Mapping[str, Any]) -> dict[str, Any]:
    """A report as it is written: what it is, and the version of that."""
    return {"format": f"umbrite-{kind}", "version": VERSION, **body}


def pose_report(placed: Placed, frame: int = 0) -> PoseTold:
    """The placement of every joint, part, limb and control of one frame, by name."""
    puppet = placed.plan.puppet
    parts: dict[str, PartTold] = {
        puppet.parts[key].name: {"matrix": list(matrix)} for key, matrix in places_of(placed, frame).items()
    }
    return {
        "joints": {joint.name: _joint(placed, key, frame) for key, joint in puppet.joints.items()},
        "parts": parts,
        "limbs": {
            limb.name: {
                "reached": bool(placed.limbs.distance[frame, i] <= REACHED),
                "distance": float(placed.limbs.distance[frame, i]),
                "bend": int(placed.limbs.bend[frame, i]),
            }
            for i, limb in enumerate(puppet.limbs.values())
        },
        "controls": {c.name: {"at": _xy(placed.control_at(c, frame))} for c in puppet.controls.values()},
        "meshes": {
            puppet.parts[key].name: {
                "vertices": [_xy(z) for z in places.tolist()],
                "triangles": mesh.arrays.triangles.tolist(),
            }
            for key, places in mesh_places(placed, frame).items()
            if (mesh := puppet.parts[key].mesh) is not None
        },
        "variants": {one.name: placed.chosen(key, frame).name for key, one in puppet.sets.items()},
    }


def _joint(placed: Placed, key: str, frame: int) -> JointTold:
    puppet = placed.plan.puppet
    joint = puppet.joints[key]
    here = placed.joint_map(key, frame)
    return {
        "id": key,
        "parent": None if joint.parent is None else puppet.joints[joint.parent].name,
        "pivot": _xy(here(joint.pivot.z)),
        "tip": None if joint.tip is None else _xy(placed.bone_point(key, joint.tip.z, frame)),
        "angle": shown_degrees(float(np.angle(here.a))),
        "turn": shown_degrees(placed.turn(key, frame)),
    }


def _xy(z: complex) -> list[float]:
    return [float(z.real), float(z.imag)]


def joints_report(puppet: Puppet, found: "Iterable[Proposal]") -> list[ProposedJoint]:
    """What Find joints proposes, by names; pivots in board pixels."""
    return [
        {
            "part": puppet.parts[proposal.part].name,
            "parent": puppet.parts[proposal.parent].name,
            "pivot": [proposal.pivot.real, proposal.pivot.imag],
            "confidence": proposal.confidence,
        }
        for proposal in found
    ]


def take_told(take: Take) -> TakeTold:
    """What a take holds."""
    return {
        "name": take.name,
        "rate": take.rate,
        "first": take.first,
        "last": take.last,
        "loop": take.loop,
        "seconds": (take.last - take.first) / take.rate,
        "tracks": len(take.tracks),
        "keys": sum(len(track) for track in take.tracks.values()),
        "sound": None if take.sound is None else take.sound.name,
        "layers": [{**take_told(layer.take), "way": layer.way, "off": layer.off} for layer in take.layers],
    }


def shelf_report(puppet: Puppet) -> list[ShelfPose]:
    """The poses of the shelf, the clean one first, which is always there."""
    poses: list[ShelfPose] = [{"name": CLEAN, "folder": "", "channels": 0}]
    return poses + [{"name": one.name, "folder": one.folder, "channels": len(one.channels)} for one in puppet.poses]


def limits_report(puppet: Puppet, found: "Iterable[FoundLimit]") -> list[FoundTurn]:
    """What Find limits reports, by names; degrees from rest, counterclockwise positive, so that the ends change places."""
    return [
        {
            "joint": puppet.joints[limit.joint].name,
            "smallest": -math.degrees(limit.largest),
            "largest": -math.degrees(limit.smallest),
            "reason_smallest": limit.reason_largest,
            "reason_largest": limit.reason_smallest,
        }
        for limit in found
    ]

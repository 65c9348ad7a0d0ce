"""What scripts may rely on: a pose and the findings as plain JSON values.

Board pixels, y down; angles in degrees, counterclockwise positive. Fields may be added, none renamed.
"""

import math
from collections.abc import Iterable
from typing import TYPE_CHECKING, Any

import numpy as np

from umbrite.motion.placed import Placed
from umbrite.motion.scene import mesh_places, places_of
from umbrite.rig.model import Puppet
from umbrite.rig.quantities.angles import shown_degrees

if TYPE_CHECKING:
    from umbrite.art.joint_finding import Proposal
    from umbrite.art.joint_limits import FoundLimit


# A tip this near to its target has reached it, in board pixels.
REACHED = 0.01


def pose_report(placed: Placed, frame: int = 0) -> dict[str, Any]:
    """The placement of every joint, part, limb and control of one frame, by name."""
    puppet = placed.plan.puppet
    parts = {puppet.parts[key].name: {"matrix": list(matrix)} for key, matrix in places_of(placed, frame).items()}
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


def _joint(placed: Placed, key: str, frame: int) -> dict[str, Any]:
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


def joints_report(puppet: Puppet, found: "Iterable[Proposal]") -> list[dict[str, Any]]:
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


def limits_report(puppet: Puppet, found: "Iterable[FoundLimit]") -> list[dict[str, Any]]:
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

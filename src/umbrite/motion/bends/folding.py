"""How far the joints of a part that bends turn before its drawing folds over itself."""

import math
from collections.abc import Iterable

import numpy as np
from msgspec.structs import replace

from umbrite.motion.bends.bending import bend_of, bent
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.rig.family import ancestors
from umbrite.rig.model import Puppet

STEP = math.radians(1)
TURNED_OVER = 0.002  # of a mesh's area, from which on it is seen


def fold_turns(puppet: Puppet, keys: Iterable[str] | None = None) -> dict[str, tuple[float, float]]:
    """For each joint within a part that bends the turns from rest (negative, positive, radians) at which a piece of the drawing turns
    over; half a turn where none does. Each joint is turned alone, without limbs, limits and links.
    """
    wanted = set(puppet.joints if keys is None else keys)
    free = replace(
        puppet,
        limbs={},
        links={},
        responses={},
        shapes={},
        joints={key: replace(joint, limit=None, loose=None) for key, joint in puppet.joints.items()},
    )
    turns = np.arange(1, round(math.pi / STEP) + 1) * STEP
    found: dict[str, tuple[float, float]] = {}
    for part_key, part in puppet.parts.items():
        bend, mesh = bend_of(free, part_key), part.mesh
        if bend is None or mesh is None:
            continue
        arrays = mesh.arrays
        within = set(mesh.joints)
        for key in mesh.joints:
            if key not in wanted or within.isdisjoint(ancestors(puppet, key)):
                continue
            plan = compile_plan(free)
            ends = []
            for sense in (-1.0, 1.0):
                z = bent(
                    evaluate(plan, {f"{key}.turn": np.asarray(sense * turns, dtype=np.float64)}), bend, mesh.keeps_area
                )
                rest = _areas(bend.rest[None], arrays.triangles)
                over = np.where(_areas(z, arrays.triangles) * rest < 0, np.abs(rest), 0).sum(axis=1)
                folded = np.flatnonzero(over > TURNED_OVER * np.abs(rest).sum())
                ends.append(sense * float(turns[folded[0] - 1] if folded.size and folded[0] else turns[-1]))
            low, high = found.get(key, (-math.pi, math.pi))
            found[key] = max(low, ends[0]), min(high, ends[1])
    return found


def _areas(z: np.ndarray, triangles: np.ndarray) -> np.ndarray:
    """Twice the areas of triangles with their sense, (frames, triangles)."""
    a, b, c = (z[:, triangles[:, i]] for i in range(3))
    return np.asarray((np.conj(b - a) * (c - a)).imag)

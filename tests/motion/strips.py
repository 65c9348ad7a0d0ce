"""Strips that bend over a chain of bones, with a fine regular mesh and weights that are known."""

from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from umbrite.motion.bends.bending import bend_of, bent
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.rig.mesh import mesh_of
from umbrite.rig.model import Drawing, Joint, Part, Placement, Puppet, point

PART = "p90"


class Strip(NamedTuple):
    """A puppet of one part, `long` by `wide` px over so many bones; vertices in rows across, (along, across)."""

    puppet: Puppet
    rest: NDArray[np.complex128]
    triangles: NDArray[np.intp]

    def posed(self, pose):
        """The board points of the vertices in a pose, (along, across)."""
        placed = evaluate(compile_plan(self.puppet), pose)
        bend = bend_of(self.puppet, PART)
        assert bend is not None
        return bent(placed, bend)[0].reshape(self.rest.shape)


def strip(bones, long=500.0, wide=100.0, along=101, across=11):
    """The turn of each joint begins and ends a width from it, or in the middle of the bones where they are shorter."""
    step = long / bones
    zone = min(1.2 * wide, 0.5 * step)
    x, y = np.meshgrid(np.linspace(0, long, along), np.linspace(0, wide, across), indexing="ij")
    z = x + 1j * y
    eased = [np.clip((z.real.ravel() - step * k + zone) / (2 * zone), 0, 1) for k in range(1, bones)]
    shares = np.stack([np.ones(z.size), *(t * t * (3 - 2 * t) for t in eased), np.zeros(z.size)], axis=-1)
    weights = np.clip(shares[:, :-1] - shares[:, 1:], 0, None)
    number = np.arange(z.size).reshape(z.shape)
    a, b, c, d = (some.ravel() for some in (number[:-1, :-1], number[1:, :-1], number[1:, 1:], number[:-1, 1:]))
    triangles = np.concatenate([np.stack([a, b, c], -1), np.stack([a, c, d], -1)])
    keys = [f"j{i + 1}" for i in range(bones)]
    joints = {
        key: Joint(
            f"Bone {i + 1}",
            point(complex(step * i, wide / 2)),
            keys[i - 1] if i else None,
            point(complex(step * (i + 1), wide / 2)),
        )
        for i, key in enumerate(keys)
    }
    mesh = mesh_of(keys, z.ravel(), triangles, weights)
    part = Part("Strip", keys[0], Drawing("0" * 64, int(long), int(wide)), Placement(0, 0), mesh=mesh)
    return Strip(Puppet(joints=joints, parts={PART: part}, order=(PART,), next_id=100), z, triangles)


def areas(places, triangles):
    """The signed area of each triangle."""
    a, b, c = places.ravel()[triangles].T
    return (np.conj(b - a) * (c - a)).imag / 2

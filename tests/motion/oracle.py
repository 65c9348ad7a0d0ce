"""A plain, slow evaluator of one frame, written apart from the fast one: 3x3 matrices, recursion, and search.

Limbs are solved by trying: a fine grid over both turns within their limits, polished around the best. It knows
nothing of the closed form.
"""

import math

import numpy as np

from umbrite.rig.limb_shape import limb_tip


def shift(z):
    return np.array([[1, 0, z.real], [0, 1, z.imag], [0, 0, 1.0]])


def rotation(angle):
    c, s = math.cos(angle), math.sin(angle)
    return np.array([[c, -s, 0], [s, c, 0], [0, 0, 1.0]])


def at(matrix, z):
    x, y, _ = matrix @ np.array([z.real, z.imag, 1.0])
    return complex(x, y)


def local(puppet, pose, key, turn):
    def value(name):
        return pose.get(f"{key}.{name}", 0.0)

    pivot = puppet.joints[key].pivot.z
    scale = np.diag([1 + value("scale_x"), 1 + value("scale_y"), 1.0])
    skew = np.array([[1, value("skew"), 0], [0, 1, 0], [0, 0, 1.0]])
    moved = shift(pivot + complex(value("x"), value("y")))
    return moved @ rotation(turn) @ skew @ scale @ shift(-pivot)


def limited(puppet, key, turn):
    limit = puppet.joints[key].limit
    if limit is None:
        return turn
    if turn < 0:
        return -softly(-turn, -limit.smallest, limit.soft)
    return softly(turn, limit.largest, limit.soft)


def softly(turn, end, soft):
    """Up to the zone as asked; in it the speed falls evenly from 1 to 0, while twice its width is asked for."""
    width = min(soft, end, math.pi - end)
    depth = turn - (end - width)
    if depth <= 0 or width <= 0:
        return min(turn, end)
    return end - width + (depth - depth * depth / (4 * width) if depth < 2 * width else width)


def place(puppet, pose, key):
    """The 3x3 matrix of one joint, board at rest to board as posed."""
    joint = puppet.joints[key]
    turn = limited(puppet, key, pose.get(f"{key}.turn", 0.0))
    for limb in puppet.limbs.values():
        if limb.enabled and key in limb.joints:
            turn = solve(puppet, pose, limb)[limb.joints.index(key)]
        if limb.enabled and key == limb.end and limb.end_hold == "target":
            turn = kept_turn(puppet, pose, limb, key)
    above = np.eye(3) if joint.parent is None else place(puppet, pose, joint.parent)
    return above @ local(puppet, pose, key, turn)


def kept_turn(puppet, pose, limb, key):
    """The turn with which the end has the target's angle, for families without mirrors."""
    carrier = place(puppet, pose, limb.joints[-1])
    wanted = place(puppet, pose, limb.target)
    turn = heading(wanted) - heading(carrier) + pose.get(f"{key}.turn", 0.0)
    return limited(puppet, key, math.remainder(turn, 2 * math.pi))


def heading(matrix):
    """The turn of a matrix that turns and scales evenly."""
    return math.atan2(matrix[1, 0] - matrix[0, 1], matrix[0, 0] + matrix[1, 1])


def solve(puppet, pose, limb):
    """Turns of a limb's two joints by search: the nearest tip within limits and side."""
    root, middle = limb.joints
    parent = puppet.joints[root].parent
    above = np.eye(3) if parent is None else place(puppet, pose, parent)
    goal = at(place(puppet, pose, limb.target), puppet.joints[limb.target].pivot.z)
    spans = [puppet.joints[key].limit for key in limb.joints]
    ranges = [(-math.pi, math.pi) if s is None else (s.smallest, s.largest) for s in spans]
    tip = limb_tip(puppet, limb)

    def error(turns):
        upper = above @ local(puppet, pose, root, turns[0])
        lower = upper @ local(puppet, pose, middle, turns[1])
        points = [at(m, z) for m, z in ((upper, puppet.joints[root].pivot.z), (lower, puppet.joints[middle].pivot.z))]
        end = at(lower, tip)
        first, second = points[1] - points[0], end - points[1]
        cross = (first.conjugate() * second).imag * limb.bend
        against = max(0.0, -cross) / max(abs(first) * abs(second), 1e-9)
        return abs(end - goal) + 1e4 * against

    best = min(
        ((a, b) for a in np.linspace(*ranges[0], 31) for b in np.linspace(*ranges[1], 31)), key=error
    )  # fmt: skip
    step = max(ranges[0][1] - ranges[0][0], ranges[1][1] - ranges[1][0]) / 30
    while step > 1e-7:
        around = [
            (min(max(best[0] + i * step, ranges[0][0]), ranges[0][1]), min(max(best[1] + j * step, ranges[1][0]), ranges[1][1]))
            for i in (-1, -0.5, 0, 0.5, 1)
            for j in (-1, -0.5, 0, 0.5, 1)
        ]  # fmt: skip
        found = min(around, key=error)
        step, best = (step * 0.5, best) if error(found) >= error(best) else (step, found)
    return list(best)

"""A walk for a puppet with legs, as ordinary keys: feet step along the ground, the body bobs over them, arms swing against them.

A planted foot moves evenly backwards under a body that stays where it is, so that a take in which the master travels at the same
speed keeps it on its spot. Which leg steps when is told by the gait; the legs of a pair step half a cycle apart.
"""

import cmath
import itertools

from msgspec.structs import replace

from umbrite.rig.errors import RigError
from umbrite.rig.family import ancestors, body_carrier, in_guests
from umbrite.rig.model import Limb, Puppet
from umbrite.rig.placement import board_from_drawing
from umbrite.rig.takes.take import Gait, Key, Steps, Take, Track
from umbrite.rig.words.body_words import kind_of_limb

# Shares of the cycle in which a foot stands.
ON_GROUND = 0.35  # shares of a leg by which feet may stand at different heights
REACH = 0.98  # of a leg's length, up to which it is straightened
STANCE: dict[Gait, float] = {"walk": 0.6, "trot": 0.5, "tripod": 0.5, "tiptoe": 0.7}


def legs_of(puppet: Puppet) -> list[str]:
    """The limbs that stand on the ground: planted, reaching down, and about as low as the lowest of them. Guests walk by themselves."""
    strange = in_guests(puppet)
    planted = {
        key: limb
        for key, limb in puppet.limbs.items()
        if key not in strange and limb.end_hold == "target" and limb.end is not None and _reaches_down(puppet, limb)
    }
    ground = max((puppet.joints[limb.target].pivot.y for limb in planted.values()), default=0.0)
    return [
        key
        for key, limb in planted.items()
        if puppet.joints[limb.target].pivot.y > ground - ON_GROUND * _length(puppet, limb)
    ]


def _reaches_down(puppet: Puppet, limb: Limb) -> bool:
    root, foot = puppet.joints[limb.joints[0]].pivot.z, puppet.joints[limb.target].pivot.z
    return (foot - root).imag > 0.5 * abs(foot - root)


def phases(puppet: Puppet, legs: list[str], gait: Gait) -> dict[str, float]:
    """When in the cycle each leg sets its foot down, 0 to 1."""
    roots = sorted(legs, key=lambda key: puppet.joints[puppet.limbs[key].joints[0]].pivot.x)
    sides = {key: puppet.limbs[key].side for key in roots}
    for key in roots:  # where names tell no side, the next is of the side that has fewer
        if sides[key] == "middle":
            told = list(sides.values())
            sides[key] = "near" if told.count("near") <= told.count("far") else "far"
    near, far = ([key for key in roots if sides[key] == side] for side in ("near", "far"))
    found = {}
    for place, pair in enumerate(itertools.zip_longest(near, far)):
        begin = {"walk": 0.25 * place, "trot": 0.5 * place, "tripod": 0.5 * place, "tiptoe": 0.0}[gait]
        for i, key in enumerate(pair):
            if key is not None:
                found[key] = (begin + 0.5 * i) % 1.0
    return found


def facing(puppet: Puppet) -> int:
    """1 where the feet point to the right, -1 to the left."""
    ahead = 0.0
    for key in legs_of(puppet):
        foot = puppet.limbs[key].end
        for part in puppet.parts.values():
            if part.joint == foot and foot is not None:
                middle = board_from_drawing(part.placement)(complex(part.drawing.width, part.drawing.height) / 2)
                ahead += complex(middle).real - puppet.joints[foot].pivot.x
    return 1 if ahead >= 0 else -1


def walk(puppet: Puppet, steps: Steps, name: str = "Walk") -> Take:
    """A loop of two steps. Raises RigError where no leg is there, or where sizes make no sense."""
    legs = legs_of(puppet)
    if not legs:
        raise RigError("No leg was found: legs are limbs that reach down and whose feet are planted. Make limbs first.")
    if not (0 < steps.stride <= 2 and 4 <= steps.cycle <= 1000 and 0 <= steps.lift <= 1):
        raise RigError("A walk has a stride above 0, at least 4 frames a cycle, and a lift from 0 to a leg's length.")
    length = leg_length(puppet)
    ahead, stride = facing(puppet), steps.stride * length
    body = body_carrier(puppet)
    drop = lowered(puppet, steps, complex(stride), refuse=True)
    tracks: dict[str, Track] = {}
    for key, begin in phases(puppet, legs, steps.gait).items():
        tracks |= _foot(puppet.limbs[key], steps, begin, (ahead * stride, steps.lift * length))
    if body is not None:
        tracks |= _body(body, steps, ahead, (drop, length))
    tracks |= _arms(puppet, steps, ahead * stride * steps.arms)
    last, master = steps.cycle, master_of(puppet)
    if steps.way == "spot" or master is None:
        return Take(name, 24.0, 0, last, loop=True, tracks=tracks)
    way = cycle_way(puppet, steps)
    if steps.way == "along":
        once = {channel: _unrolled(track, last) for channel, track in tracks.items()}
        for key in legs:  # a foot that the master does not carry goes along by itself
            target = puppet.limbs[key].target
            if master not in ancestors(puppet, target):
                once[f"{target}.x"] = tuple(_further(key, way / last) for key in once[f"{target}.x"])
        once[f"{master}.x"] = (Key(0.0, 0.0, "straight"), Key(float(last), way))
        return Take(name, 24.0, 0, last, loop=False, tracks=once)
    travel = {f"{master}.x": (Key(0.0, 0.0, "eased", 0.3, 0.3), Key(3.0 * last, 3 * way))}
    return Take(name, 24.0, 0, 3 * last, loop=False, tracks=travel, walking=steps)


def master_of(puppet: Puppet) -> str | None:
    """The joint that carries the whole puppet."""
    return next((key for key, joint in puppet.joints.items() if joint.role == "master"), None)


def cycle_way(puppet: Puppet, steps: Steps) -> float:
    """How far a puppet comes with two steps, in board pixels along x. Raises RigError where it has no legs."""
    return facing(puppet) * steps.stride * leg_length(puppet) / STANCE[steps.gait]


def leg_length(puppet: Puppet) -> float:
    """The length of the shortest leg, board pixels; 0 where there is none."""
    return min((_length(puppet, puppet.limbs[key]) for key in legs_of(puppet)), default=0.0)


def lowered(puppet: Puppet, steps: Steps, stride: complex, *, refuse: bool = False) -> float:
    """How far the body must come down so that all feet reach both ends of a step that is a vector of the board; leaning counts.

    Refuses a step that is too long, or takes the longest that there is.
    """
    body = body_carrier(puppet)
    pivot = puppet.joints[body].pivot.z if body is not None else 0j
    leans = cmath.rect(1.0, facing(puppet) * steps.lean) if body is not None else 1 + 0j
    return max(
        _drop(puppet, puppet.limbs[key], end, (pivot, leans), refuse=refuse)
        for key in legs_of(puppet) for end in (stride / 2, -stride / 2)
    )  # fmt: skip


def _length(puppet: Puppet, limb: Limb) -> float:
    points = [puppet.joints[key].pivot.z for key in (*limb.joints, *([limb.end] if limb.end else []))]
    return sum(abs(b - a) for a, b in itertools.pairwise(points))


def _foot(limb: Limb, steps: Steps, begin: float, way: tuple[float, float]) -> dict[str, Track]:
    """Down at the front, evenly back while it stands, lifted to the front again. As it lifts and lands it goes back as fast as the ground, so
    that it rests on that. All on whole frames.
    """
    stride, lift = way
    stance, cycle = STANCE[steps.gait], steps.cycle
    down, up = round(begin * cycle), round((begin + stance) * cycle)
    middle = round((up + down + cycle) / 2)
    speed = stride / (stance * cycle)
    left = stride / 2 - speed * (up - down)
    return {
        f"{limb.target}.x": _around([Key(down, stride / 2, "straight"), Key(up, left, "free", -speed, -speed)], cycle),
        f"{limb.target}.y": _around(
            [Key(down, 0.0, "hold"), Key(up, 0.0, "eased", 0.5, 0.5), Key(middle, -lift, "eased", 0.5, 0.5)], cycle
        ),
    }


def _further(key: Key, speed: float) -> Key:
    """A key of something that goes along besides, by so much a frame."""
    slopes = {"out": key.out + speed, "into": key.into + speed} if key.interpolation == "free" else {}
    return replace(key, value=key.value + speed * key.frame, **slopes)


def _unrolled(track: Track, cycle: int) -> Track:
    """The keys of a loop for one time around that is none: with those that lie before and behind it."""
    every = [replace(key, frame=key.frame + turn * cycle) for turn in (-1, 0, 1) for key in track]
    before = max((i for i, key in enumerate(every) if key.frame <= 0), default=0)
    behind = min((i for i, key in enumerate(every) if key.frame >= cycle), default=len(every) - 1)
    return tuple(every[before : behind + 1])


def _around(keys: list[Key], cycle: int) -> Track:
    """Keys of a cycle, each at its place within it; the take goes round."""
    placed = sorted((replace(key, frame=float(key.frame % cycle)) for key in keys), key=lambda key: key.frame)
    return tuple(placed)


def _drop(puppet: Puppet, limb: Limb, end: complex, leaning: tuple[complex, complex], *, refuse: bool) -> float:
    """How far the body must come down so that a foot reaches a place so far from where it rests, leaning by a turn about a pivot."""
    pivot, leans = leaning
    root = pivot + (puppet.joints[limb.joints[0]].pivot.z - pivot) * leans
    rest = puppet.joints[limb.target].pivot.z - root
    way = complex(abs(rest.real) + abs(end.real), rest.imag + end.imag)
    left = (REACH * _length(puppet, limb)) ** 2 - way.real**2
    if refuse and left <= (0.3 * rest.imag) ** 2:
        raise RigError(f"This stride is too long for {limb.name}. Make it shorter.")
    return float(max(0.0, way.imag - max(left, 0.0) ** 0.5))


def _body(body: str, steps: Steps, ahead: int, down: tuple[float, float]) -> dict[str, Track]:
    """Lowest as the weight comes down on a foot, highest as the legs pass, twice a cycle; leaning ahead."""
    drop, length = down
    heights = (drop + 2 * steps.bob * length, drop)
    bobbing = tuple(Key(float(round(steps.cycle / 4 * i)), heights[i % 2], "eased", 0.4, 0.4) for i in range(4))
    return {f"{body}.y": bobbing, f"{body}.turn": (Key(0.0, ahead * steps.lean),)}


def _rise(puppet: Puppet, limb: Limb, across: float) -> float:
    """How far a hand comes up on the arc of its arm, swung so far ahead or back."""
    way = puppet.joints[limb.target].pivot.z - puppet.joints[limb.joints[0]].pivot.z
    left = (REACH * _length(puppet, limb)) ** 2 - (way.real + across) ** 2
    return float(max(0.0, way.imag - max(left, 0.0) ** 0.5))


def _arms(puppet: Puppet, steps: Steps, reach: float) -> dict[str, Track]:
    """Hands swing against the leg of their side."""
    tracks: dict[str, Track] = {}
    legs = phases(puppet, legs_of(puppet), steps.gait)
    for limb in puppet.limbs.values():
        leg = next((key for key in legs if puppet.limbs[key].side == limb.side), None)
        hand = limb.end is not None and kind_of_limb(puppet, limb) == "arm"
        if hand and leg is not None and steps.arms > 0:
            begin, cycle = round(legs[leg] * steps.cycle), steps.cycle
            ends = ((begin, -reach / 2), (begin + round(cycle / 2), reach / 2))
            tracks[f"{limb.target}.x"] = _around([Key(at, x, "eased", 0.4, 0.4) for at, x in ends], cycle)
            up = [Key(at, -_rise(puppet, limb, x), "eased", 0.4, 0.4) for at, x in ends]
            tracks[f"{limb.target}.y"] = _around(up, cycle)
    return tracks

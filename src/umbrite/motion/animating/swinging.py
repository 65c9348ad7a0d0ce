"""Follow-through: what hangs loose swings after what carries it.

Each loose joint is a damped oscillator that is drawn towards where it would point if it were stiff, and thrown back by the acceleration
of its pivot. A step of time is the exact solution for what draws it during the step, so that the size of the steps does not change how
fast it swings or comes to rest; the same take gives the same swing anywhere. A take begins at rest in its first pose; a loop is run
until it meets itself.
"""

import cmath
import math
from collections.abc import Collection, Mapping
from typing import NamedTuple

import numpy as np
from msgspec.structs import replace
from numpy.typing import NDArray

from umbrite.motion.animating.stepping import channels_over, without_layers
from umbrite.motion.evaluate import evaluate
from umbrite.motion.placed import Placed
from umbrite.motion.plan import compile_plan
from umbrite.rig.errors import RigError
from umbrite.rig.family import children, parts_on
from umbrite.rig.model import Loose, Puppet
from umbrite.rig.remembered import remembered
from umbrite.rig.takes.take import Key, Take

Floats = NDArray[np.float64]
STEPS = 8  # a frame
ROUNDS = 60  # of a loop at most, until it meets itself
MEETS = 1e-4  # radians


class Swings(NamedTuple):
    """How far loose joints swing from where they would be if they were stiff, radians: at `frames`, shape (n,), for each joint."""

    frames: Floats
    offsets: Mapping[str, Floats]


class Step(NamedTuple):
    """One step of an oscillator: from its angle off what draws it, and its speed, to those after the step."""

    angle: tuple[float, float]
    speed: tuple[float, float]


@remembered
def swings_of(take: Take, puppet: Puppet) -> Swings:
    """What swings in a take: the loose joints that are not stiff in it, the carrying ones first."""
    ranks = loose_ranks(puppet, take.stiff)
    frames = np.arange(take.first, take.last + 0.5 / STEPS, 1 / STEPS)
    if not ranks:
        return Swings(frames, {})
    inner = frames[:-1] if take.loop else frames
    channels = channels_over(take, puppet, inner) or {"": np.zeros(len(inner))}
    plan, offsets = compile_plan(puppet), dict[str, Floats]()
    for rank in ranks:
        placed = evaluate(plan._replace(swing={f"{key}.turn": found for key, found in offsets.items()}), channels)
        for key in rank:
            loose = puppet.joints[key].loose or Loose()
            stiff, pivots = np.unwrap(stiff_angles(placed, key)), pivots_of(placed, key)
            thrown = _thrown(pivots, stiff, arm_of(puppet, key), take)
            offsets[key] = _swing(stiff, thrown, take, loose)
    if take.loop:
        offsets = {key: np.append(found, found[0]) for key, found in offsets.items()}
    return Swings(frames, offsets)


def loose_ranks(puppet: Puppet, stiff: Collection[str] = ()) -> list[list[str]]:
    """The loose joints but those that are stiff, by how many others of them carry them."""
    loose = {key for key, joint in puppet.joints.items() if joint.loose is not None and key not in stiff}
    ranks: dict[int, list[str]] = {}
    for key in loose:
        rank, above = 0, puppet.joints[key].parent
        while above is not None:
            rank += above in loose
            above = puppet.joints[above].parent
        ranks.setdefault(rank, []).append(key)
    return [sorted(ranks[rank]) for rank in sorted(ranks)]


def baked(take: Take, puppet: Puppet, chain: Collection[str]) -> Take:
    """The take with the swing of these loose joints as keys at every frame, which can be corrected; they are stiff in it then.

    Raises RigError where none of them swings in this take.
    """
    swings = swings_of(take, puppet)
    swinging = [key for key in swings.offsets if key in chain]
    if not swinging:
        raise RigError("None of these joints swings in this take. Let one swing first.")
    whole = swings.frames[::STEPS]
    channels, tracks = without_layers(take, puppet, whole), dict(take.tracks)
    for key in swinging:
        name = f"{key}.turn"
        values = channels.get(name, np.zeros(len(whole))) + swings.offsets[key][::STEPS]
        if take.loop:
            values[-1] = values[0]
        tracks[name] = tuple(Key(float(f), float(v)) for f, v in zip(whole, values, strict=True))
    return replace(take, tracks=tracks, stiff=tuple(sorted({*take.stiff, *swinging})))


def stiff_angles(placed: Placed, key: str) -> Floats:
    """The angles on the board at which a joint would be if it did not swing, shape (frames,), radians."""
    plan, place = placed.plan, placed.plan.place[key]
    frames, above = np.arange(placed.frames), placed.carriers(key)
    carried = np.angle(placed.maps.a[frames, above] + placed.maps.b[frames, above])
    swung = np.asarray(plan.swing.get(f"{key}.turn", 0.0))
    return np.asarray(carried + placed.channels["turn"][:, place] - swung, dtype=np.float64)


def pivots_of(placed: Placed, key: str) -> NDArray[np.complex128]:
    """Where a joint's pivot is on the board, shape (frames,)."""
    place = placed.plan.place[key]
    pivot = placed.plan.pivot[place]
    maps = placed.maps
    return np.asarray(maps.a[:, place] * pivot + maps.b[:, place] * np.conj(pivot) + maps.t[:, place])


def _thrown(pivots: NDArray[np.complex128], stiff: Floats, arm: complex, take: Take) -> Floats:
    """The turning acceleration, per second squared, by which the movement of its pivot throws a joint back."""
    step = 1 / take.rate / STEPS
    if take.loop:
        speed = (np.roll(pivots, -1) - np.roll(pivots, 1)) / (2 * step)
        pull = (np.roll(speed, -1) - np.roll(speed, 1)) / (2 * step)
    else:
        pull = np.gradient(np.gradient(pivots, step), step)
    return thrown_by(pull, stiff, arm)


def thrown_by(pull: NDArray[np.complex128], stiff: Floats, arm: complex) -> Floats:
    """The turning acceleration that a pivot's acceleration, board pixels per second squared, gives to an arm that hangs from it."""
    way = arm / abs(arm) * np.exp(1j * stiff)
    return np.asarray(-(np.conj(way) * pull).imag / abs(arm), dtype=np.float64)


def arm_of(puppet: Puppet, key: str) -> complex:
    """From a joint's pivot to the middle of what swings, at rest."""
    joint = puppet.joints[key]
    if joint.tip is not None:
        return joint.tip.z - joint.pivot.z or 1 + 0j
    below = children(puppet, key)
    if below and abs(puppet.joints[below[0]].pivot.z - joint.pivot.z) > 1:
        return puppet.joints[below[0]].pivot.z - joint.pivot.z
    for part in parts_on(puppet, key):
        placement, drawing = puppet.parts[part].placement, puppet.parts[part].drawing
        middle = complex(placement.x + drawing.width / 2, placement.y + drawing.height / 2)
        if abs(middle - joint.pivot.z) > 1:
            return middle - joint.pivot.z
    return 100j


def _swing(stiff: Floats, thrown: Floats, take: Take, how: Loose) -> Floats:
    """How far it is from where it would be if it were stiff, at every step."""
    count, turn = len(stiff), _over(stiff, take)
    pull = how.weight / (2 * math.pi * how.frequency) ** 2
    after = np.append(stiff[1:], stiff[0] + turn if take.loop else stiff[-1])
    drawn = ((stiff + after) / 2 + pull * thrown).tolist()
    at, step = stiff.tolist(), step_of(how, 1 / take.rate / STEPS)
    angle, speed = at[0], 0.0
    found = [0.0] * count
    for lap in range(ROUNDS if take.loop else 1):
        begun = (angle - at[0], speed)
        for i in range(count):
            off = min(max(angle - at[i], -how.reach), how.reach)
            found[i], angle = off, at[i] + off
            angle, speed = stepped(step, angle, speed, drawn[i])
        angle -= turn
        met = abs(angle - at[0] - begun[0]) < MEETS and abs(speed - begun[1]) < MEETS * 10
        if lap and met:
            break
    return np.array(found)


def _over(stiff: Floats, take: Take) -> float:
    """By how many whole turns a loop is further when it is round."""
    if not take.loop or len(stiff) < 2:
        return 0.0
    ahead = stiff[-1] + (stiff[-1] - stiff[-2]) - stiff[0]
    return float(round(ahead / (2 * math.pi)) * 2 * math.pi)


def step_of(how: Loose, time: float) -> Step:
    """The exact solution of x'' = w^2 (towards - x) - 2 d w x' after a time, which is linear in where it begins."""
    w, d = 2 * math.pi * how.frequency, how.damping
    root = cmath.sqrt(complex(d * d - 1)) * w
    if abs(root) < 1e-9:
        root = complex(1e-9 * w)
    one, other = -d * w + root, -d * w - root
    grown, faded = cmath.exp(one * time), cmath.exp(other * time)
    gap = other - one
    return Step(
        (((other * grown - one * faded) / gap).real, ((faded - grown) / gap).real),
        ((one * other * (grown - faded) / gap).real, ((other * faded - one * grown) / gap).real),
    )


def stepped(step: Step, angle: float, speed: float, towards: float) -> tuple[float, float]:
    """Angle and speed after a step in which something draws it towards an angle."""
    off = angle - towards
    return (step.angle[0] * off + step.angle[1] * speed + towards, step.speed[0] * off + step.speed[1] * speed)

"""Follow-through: a chain that is loose swings after what carries it, as keys of every frame.

Each joint is a damped oscillator that is drawn towards where it would point if it were stiff, and thrown back by the acceleration of
its pivot. A step of time is the exact solution for what draws it during the step, so that the size of the steps does not change how
fast it swings or comes to rest; the same take gives the same swing anywhere. A loop is run until it meets itself.
"""

import cmath
import math
from collections.abc import Sequence
from typing import NamedTuple

import numpy as np
from msgspec.structs import replace
from numpy.typing import NDArray

from umbrite.motion.sampling import placed_over, sample
from umbrite.rig.errors import RigError
from umbrite.rig.family import children, parts_on
from umbrite.rig.model import Puppet
from umbrite.rig.takes.take import Key, Take

Floats = NDArray[np.float64]
STEPS = 8  # a frame
ROUNDS = 60  # of a loop at most, until it meets itself
MEETS = 1e-4  # radians


class Swing(NamedTuple):
    """How loose a chain is: swings a second, `damping` (1 comes to rest without swinging over), `weight` (how much being moved throws it
    back), and how far it may swing, in radians.
    """

    frequency: float = 2.0
    damping: float = 0.25
    weight: float = 0.6
    reach: float = 0.8


def swung(take: Take, puppet: Puppet, chain: Sequence[str], how: Swing) -> Take:
    """The take with a chain of joints, the carrying ones first, swinging after what carries it: a key for each at every frame.

    Raises RigError for an empty chain, and where the numbers make no sense.
    """
    if not chain:
        raise RigError("Select the joint from which on it shall swing first.")
    if not (how.frequency > 0 and how.damping >= 0 and how.reach > 0):
        raise RigError("A swing has a frequency above 0, a damping of 0 or more, and somewhere to go.")
    frames = np.arange(take.first, take.last + 0.5 / STEPS, 1 / STEPS)
    if take.loop:
        frames = frames[:-1]
    for key in chain:
        channels, placed = sample(take, puppet, frames), placed_over(take, puppet, frames)
        carried, pivots = [], []
        for i in range(len(frames)):
            above = placed.carrier_map(key, i).direction(1 + 0j)
            carried.append(cmath.phase(complex(above)))
            pivots.append(placed.pivot(key, i))
        own = channels.get(f"{key}.turn", np.zeros(len(frames)))
        stiff = np.unwrap(np.array(carried)) + own
        offsets = _swing(stiff, _thrown(np.array(pivots), stiff, puppet, key, take), take, how)
        whole = slice(None, None, STEPS)
        values, at = (own + offsets)[whole], frames[whole]
        track = [Key(float(f), float(v), "smooth") for f, v in zip(at, values, strict=True)]
        if take.loop:
            track.append(Key(float(take.last), track[0].value, "smooth"))
        take = replace(take, tracks={**take.tracks, f"{key}.turn": tuple(track)})
    return take


def _thrown(pivots: NDArray[np.complex128], stiff: Floats, puppet: Puppet, key: str, take: Take) -> Floats:
    """The turning acceleration, per second squared, by which the movement of its pivot throws a joint back."""
    step = 1 / take.rate / STEPS
    if take.loop:
        speed = (np.roll(pivots, -1) - np.roll(pivots, 1)) / (2 * step)
        pull = (np.roll(speed, -1) - np.roll(speed, 1)) / (2 * step)
    else:
        pull = np.gradient(np.gradient(pivots, step), step)
    arm = _arm(puppet, key)
    way = arm / abs(arm) * np.exp(1j * stiff)
    return np.asarray(-(np.conj(way) * pull).imag / abs(arm), dtype=np.float64)


def _arm(puppet: Puppet, key: str) -> complex:
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


def _swing(stiff: Floats, thrown: Floats, take: Take, how: Swing) -> Floats:
    """How far it is from where it would be if it were stiff, at every step."""
    count = len(stiff)
    turn = _over(stiff, take)
    angle, speed = float(stiff[0]), 0.0
    found = np.zeros(count)
    for lap in range(ROUNDS if take.loop else 1):
        begun = (angle - stiff[0], speed)
        for i in range(count):
            off = min(max(angle - float(stiff[i]), -how.reach), how.reach)
            found[i], angle = off, float(stiff[i]) + off
            after = float(stiff[i + 1]) if i + 1 < count else float(stiff[0]) + turn
            towards = (float(stiff[i]) + after) / 2 + how.weight * float(thrown[i]) / (
                2 * math.pi * how.frequency
            ) ** 2
            angle, speed = _step(angle, speed, towards, how, 1 / take.rate / STEPS)
        angle -= turn
        met = abs(angle - stiff[0] - begun[0]) < MEETS and abs(speed - begun[1]) < MEETS * 10
        if lap and met:
            break
    return found


def _over(stiff: Floats, take: Take) -> float:
    """By how many whole turns a loop is further when it is round."""
    if not take.loop or len(stiff) < 2:
        return 0.0
    ahead = stiff[-1] + (stiff[-1] - stiff[-2]) - stiff[0]
    return float(round(ahead / (2 * math.pi)) * 2 * math.pi)


def _step(angle: float, speed: float, towards: float, how: Swing, time: float) -> tuple[float, float]:
    """The exact solution of x'' = w^2 (towards - x) - 2 d w x' after a time."""
    w, d = 2 * math.pi * how.frequency, how.damping
    off = angle - towards
    root = cmath.sqrt(complex(d * d - 1)) * w
    if abs(root) < 1e-9:
        root = complex(1e-9)
    one, other = -d * w + root, -d * w - root
    b = (speed - one * off) / (other - one)
    a = off - b
    grown, faded = a * cmath.exp(one * time), b * cmath.exp(other * time)
    return float((grown + faded).real) + towards, float((one * grown + other * faded).real)

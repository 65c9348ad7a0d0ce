"""What a workout runs through: each control and each limited joint goes through its range and comes back to rest.

A sweep is a set of channels over frames; neighbouring frames are near to each other, so that a jump is a fault.
"""

import itertools
import math
from collections.abc import Iterator, Mapping, Sequence
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from umbrite.motion.animating.playing import swing_at
from umbrite.motion.animating.stepping import channels_over
from umbrite.motion.animating.swinging import swings_of
from umbrite.rig.change import thing
from umbrite.rig.control_kinds import span_of, traits
from umbrite.rig.family import targets
from umbrite.rig.limb_shape import limb_length
from umbrite.rig.model import Control, Puppet
from umbrite.rig.placement import around_parts
from umbrite.rig.takes.take import Take

Floats = NDArray[np.float64]
STEPS = 72
ROUND = 0.42  # how far round its rest a limb's end goes, as a share of the limb's length
BODY = 0.07  # how far a carrier goes, as a share of the figure's height
UNLIMITED = math.radians(35)
MOST_FRAMES = 2_000  # of a take


class Sweep(NamedTuple):
    """One run: what is tried (a control's or a joint's id, or a take by its name), and its channels, (frames,) each."""

    key: str
    channels: Mapping[str, Floats]
    take: str = ""

    def name(self, puppet: Puppet) -> str:
        """What is tried, for people."""
        return self.take or str(thing(puppet, self.key).name)


def sweeps(puppet: Puppet, steps: int = STEPS) -> list[Sweep]:
    """All runs of a puppet, controls first, then joints that no control turns."""
    found = [Sweep(key, _of_control(puppet, key, control, steps)) for key, control in puppet.controls.items()]
    turned = {control.moves for control in puppet.controls.values() if traits(control).turns}
    held = {joint for limb in puppet.limbs.values() for joint in limb.joints if limb.enabled}
    found += [
        Sweep(key, {f"{key}.turn": there_and_back(*_span(puppet, key), steps)})
        for key, joint in puppet.joints.items()
        if joint.limit is not None and key not in turned and key not in held
    ]
    return [sweep for sweep in found if sweep.channels]


def take_sweeps(puppet: Puppet, takes: Sequence[Take]) -> list[Sweep]:
    """The takes as runs, frame by frame, with what hangs loose turned as it has swung."""
    found = []
    for take in (each for each in takes if each.tracks):
        frames = np.arange(take.first, take.last + 1, dtype=np.float64)[:MOST_FRAMES]
        channels = channels_over(take, puppet, frames)
        for name, by in swing_at(swings_of(take, puppet), take, frames).items():
            channels[name] = channels.get(name, np.zeros(len(frames))) + by
        found.append(Sweep("", channels, take.name))
    return [sweep for sweep in found if sweep.channels]


def there_and_back(low: float, high: float, steps: int) -> Floats:
    """From rest to one end, over to the other, and back to rest, with even steps."""
    way = [0.0, high, low, 0.0]
    lengths = [abs(b - a) for a, b in itertools.pairwise(way)]
    whole = sum(lengths) or 1.0
    marks = np.concatenate([[0.0], np.cumsum(lengths)]) / whole
    return np.interp(np.linspace(0, 1, steps), marks, way)


def around(radius: float, steps: int) -> NDArray[np.complex128]:
    """Out from rest, once round it, and back: offsets in the plane."""
    out = max(steps // 6, 2)
    legs = [
        np.linspace(0, 1, out) * radius,
        radius * np.exp(1j * np.linspace(0, 2 * np.pi, steps - 2 * out)),
        np.linspace(1, 0, out) * radius,
    ]
    return np.concatenate(legs).astype(np.complex128)


def _of_control(puppet: Puppet, key: str, control: Control, steps: int) -> dict[str, Floats]:
    moves = control.moves
    if traits(control).turns:
        return {f"{moves}.turn": there_and_back(*_span(puppet, moves), steps)}
    if traits(control).chooses:
        numbers = [0.0, *(float(variant.number) for variant in puppet.sets[control.chooses].variants), 0.0]
        places = np.arange(steps) * len(numbers) // steps
        return {f"{control.chooses}.shows": np.array(numbers)[places]}
    if traits(control).beside:
        least, most = span_of(control)
        found = {f"{key}.value": there_and_back(least.x, most.x, steps)}
        if traits(control).two_values:
            found[f"{key}.value_y"] = np.roll(there_and_back(least.y, most.y, steps), steps // 5)
            found[f"{key}.value_y"][0] = 0.0
        return found
    if traits(control).bows:
        limb = next((key for key, limb in puppet.limbs.items() if moves in limb.joints), None)
        bow = {} if limb is None else {f"{limb}.bow": there_and_back(0.0, puppet.limbs[limb].stretch, steps)}
        return bow if limb is None else {**bow, f"{limb}.bend": there_and_back(0.0, 1.0, steps)}
    return dict(_moving(puppet, control, steps))


def _moving(puppet: Puppet, control: Control, steps: int) -> Iterator[tuple[str, Floats]]:
    limb = next((limb for limb in puppet.limbs.values() if limb.target == control.moves), None)
    radius = ROUND * limb_length(puppet, limb) if limb is not None else BODY * height_of(puppet)
    way = around(radius, steps)
    if control.kind == "aim":
        way = around(240.0, steps)
    for axis, values in (("x", way.real), ("y", way.imag)):
        if control.axes not in {"both", axis}:
            continue
        if control.least is not None and control.most is not None:
            values = np.clip(values, getattr(control.least, axis), getattr(control.most, axis))  # noqa: PLW2901
        yield f"{control.moves}.{axis}", values
    if traits(control).whole:
        yield f"{control.moves}.turn", there_and_back(-0.4, 0.4, steps)
        for axis in "xy":
            yield f"{control.moves}.scale_{axis}", there_and_back(-0.25, 0.25, steps)


def _span(puppet: Puppet, key: str) -> tuple[float, float]:
    limit = puppet.joints[key].limit
    return (limit.smallest, limit.largest) if limit is not None else (-UNLIMITED, UNLIMITED)


def height_of(puppet: Puppet) -> float:
    """The height of the figure at rest, without reference pictures; that of the canvas where there is no art."""
    parts = [key for key, part in puppet.parts.items() if not part.reference]
    return around_parts(puppet, parts).height if parts else float(puppet.height)


def extremes(puppet: Puppet, count: int = 12) -> list[tuple[str, dict[str, float]]]:
    """Poses far from rest to look at, each with a name: limbs at the ends of their ways, the body low and high, limits."""
    found: list[tuple[str, dict[str, float]]] = []
    hooks = targets(puppet)
    ways = (1 + 0j, 1j, -1 + 0j, -1j)
    ends = [limb for limb in puppet.limbs.values() if limb.enabled]
    for i in range(4):
        pose: dict[str, float] = {}
        for k, limb in enumerate(ends):
            by = ways[(i + k) % 4] * ROUND * 1.15 * limb_length(puppet, limb)
            pose |= {f"{limb.target}.x": by.real, f"{limb.target}.y": by.imag}
        found.append((f"All limbs, {('right', 'down', 'left', 'up')[i]} first", pose))
    bodies = [c.moves for c in puppet.controls.values() if c.kind == "grip" and c.moves not in hooks]
    for word, by in (("low", 0.11j), ("high", -0.06j), ("forward", 0.12 + 0.03j), ("back", -0.12 + 0.03j)):
        way = by * height_of(puppet)
        pose = {f"{body}.{axis}": value for body in bodies[:1] for axis, value in (("x", way.real), ("y", way.imag))}
        found.append((f"Body {word}", pose))
    held = {joint for limb in ends for joint in limb.joints}
    for word, end in (("smallest", "smallest"), ("largest", "largest")):
        pose = {
            f"{key}.turn": getattr(joint.limit, end)
            for key, joint in puppet.joints.items()
            if joint.limit is not None and key not in held
        }
        found.append((f"All limits, {word}", pose))
        low = {f"{body}.y": 0.09 * height_of(puppet) for body in bodies[:1]}
        found.append(
            (f"{word.capitalize()} and low", {**pose, **low, **(found[0][1] if end == "largest" else found[2][1])})
        )
    return found[:count]

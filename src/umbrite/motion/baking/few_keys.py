"""Tracks for values that are wanted at many frames, with as few keys as can be, and as few of them changed.

A track whose wanted values are those it had, but for a factor and a number added, keeps its keys and its shape; one that is met by other values at the same keys
keeps its frames; what is left gets few keys with slopes of its own.
"""

from collections.abc import Callable, Iterator, Mapping, Sequence

import numpy as np
from msgspec.structs import replace
from numpy.typing import NDArray

from umbrite.motion.sampling import sample
from umbrite.rig.channels import channel, is_stepped
from umbrite.rig.family import branch, parts_on
from umbrite.rig.ids import owner_of
from umbrite.rig.model import Puppet
from umbrite.rig.placement import board_from_drawing
from umbrite.rig.remembered import remembered
from umbrite.rig.takes.take import Key, Take, Track

Floats = NDArray[np.float64]
SAME = 1e-9
DIGITS = 9  # of values: pixels and radians
MANY = 4  # looks, for a curve
WITHIN = 0.1  # board pixels by which a picture may differ
ROOM = 0.02  # board pixels for one channel at first
TIGHTER, TRIES = 8, 5  # a limb that is nearly straight lifts its knee far for a little way of its target


def looks_at(take: Take) -> Floats:
    """The half frames at which a take is looked at, and the frames of its keys."""
    levels = [take, *(layer.take for layer in take.layers)]
    keys = [key.frame for level in levels for track in level.tracks.values() for key in track]
    inside = [frame for frame in keys if not take.loop or take.first <= frame <= take.last]
    first, last = (take.first, take.last) if take.loop else (min([take.first, *inside]), max([take.last, *inside]))
    return np.unique(np.concatenate([np.arange(np.floor(first), np.ceil(last) + 0.25, 0.5), inside]))


def nearest(
    take: Take, puppet: Puppet, frames: Floats, wanted: Mapping[str, Floats], off: Callable[[Take], float]
) -> Take:
    """A take whose channels have these values at frames, with so many keys that it is `off` by no more than half of WITHIN, or as near as more
    keys bring it.
    """
    room, tried = ROOM, list[tuple[float, Take]]()
    for _ in range(TRIES):
        made = with_values_at(take, puppet, frames, wanted, room)
        tried.append((off(made), made))
        if tried[-1][0] <= WITHIN / 2:
            break
        room /= TIGHTER
    least = min(far for far, _ in tried)
    return next(made for far, made in tried if far <= least + WITHIN / 4)


def with_values_at(take: Take, puppet: Puppet, frames: Floats, wanted: Mapping[str, Floats], room: float) -> Take:
    """A take whose channels have these values at frames, (frames,) each, as near as `room`: board pixels at the farthest corner that a channel moves."""
    reaches = reaches_of(puppet)
    tracks = dict(take.tracks)
    for name, exact in wanted.items():
        values, found = np.round(exact, DIGITS) + 0.0, channel(name)
        unit = found.kind.unit if found is not None else "number"
        far = reaches.get(owner_of(name), 1.0) if unit in {"radians", "factor"} else 1.0
        near = room / far if unit in {"pixels", "radians", "factor"} else room / 100
        track = _track(take, puppet, name, frames, values, near)
        tracks.pop(name, None)
        if track:
            tracks[name] = track
    return replace(take, tracks=tracks)


def _track(take: Take, puppet: Puppet, name: str, frames: Floats, values: Floats, near: float) -> Track:
    """The keys of a channel for its values at frames, as near as `near`."""
    for track in _tries(take, puppet, name, frames, values, near):
        if not track:
            continue
        found = sample(replace(take, tracks={name: track}), puppet, frames)[name]
        if np.abs(found - values).max() <= near:
            return track
    if is_stepped(puppet, name):
        return _held(frames, values)
    return tuple(Key(float(frame), float(value), "straight") for frame, value in zip(frames, values, strict=True))


def _tries(take: Take, puppet: Puppet, name: str, frames: Floats, values: Floats, near: float) -> Iterator[Track]:
    """Tracks from the least changed on."""
    old = take.tracks.get(name, ())
    if np.ptp(values) <= near:
        yield (Key(float(take.first), float(values[0])),)
    if is_stepped(puppet, name):
        return
    if old:
        had = sample(take, puppet, frames)[name]
        middle = had - had.mean()
        factor = float(middle @ values / (middle @ middle)) if middle @ middle > SAME else 0.0
        more = float((values - factor * had).mean())
        # Rounding would leave its trace in every later edit.
        factor = round(factor) if abs(factor - round(factor)) < 1e-9 else factor
        yield tuple(_scaled(key, factor, factor * key.value + more) for key in old)
        inside = [key for key in old if frames[0] <= key.frame <= frames[-1]]
        at = np.interp([key.frame for key in inside], frames, values)
        grown = [_grown(inside, at, i) for i in range(len(inside))]
        yield tuple(_scaled(key, by, float(value)) for key, by, value in zip(inside, grown, at, strict=True))
    yield _curved(frames, values, near / 2)


def _grown(keys: Sequence[Key], values: Floats, i: int) -> float:
    """By how much the way from a key to the next goes farther than it did."""
    if i + 1 >= len(keys):
        return 1.0
    was = keys[i + 1].value - keys[i].value
    return float((values[i + 1] - values[i]) / was) if abs(was) > SAME else 1.0


def _scaled(key: Key, factor: float, value: float) -> Key:
    slopes = {"out": key.out * factor, "into": key.into * factor} if key.interpolation == "free" else {}
    return replace(key, value=value, **slopes)


def _curved(frames: Floats, values: Floats, near: float) -> Track:
    """Few free keys whose slopes are those of the way itself (of the spline through it), each as far from the next as is near enough.

    They stand on whole frames where these do; where the way jumps, it goes straight from look to look.
    """
    if len(frames) < MANY:
        return ()
    slopes = _slopes(frames, values)

    def fits(one: int, other: int) -> bool:
        length = frames[other] - frames[one]
        share = (frames[one : other + 1] - frames[one]) / length
        rest = 1 - share
        way = values[one] * (1 + 2 * share) * rest**2 + values[other] * share**2 * (1 + 2 * rest)
        way += length * share * rest * (slopes[one] * rest - slopes[other] * share)
        return bool(np.abs(way - values[one : other + 1]).max() <= near)

    made: list[Key] = []
    at, last = 0, len(frames) - 1
    while at < last:
        end = _farthest(fits, at, last)
        whole = next(
            (i for i in range(end, max(end - 3, at + 1), -1) if frames[i] == round(frames[i]) and fits(at, i)), end
        )
        free = whole > at + 1
        out, into = (float(slopes[at]), float(slopes[whole])) if free else (0.0, 0.0)
        made.append(Key(float(frames[at]), float(values[at]), "free" if free else "straight", out, into))
        at = whole
    return (*made, Key(float(frames[last]), float(values[last])))


def _slopes(frames: Floats, values: Floats) -> Floats:
    """The slopes of the cubic spline through a way, which has no bend in its speed; at both ends those of a parabola.

    After de Boor, A Practical Guide to Splines, chapter IV: one sweep down and one up. SciPy has it, but takes half a second to load.
    """
    lengths = np.diff(frames)
    rises = (np.diff(values) / lengths).tolist()
    start, end = (np.gradient(values[three], frames[three], edge_order=2) for three in (slice(3), slice(-3, None)))
    slopes, share, h = [float(start[0])], [0.0], lengths.tolist()
    for i in range(1, len(rises)):
        middle = 2 * (h[i - 1] + h[i]) - h[i] * share[-1]
        asked = 3 * (h[i] * rises[i - 1] + h[i - 1] * rises[i])
        slopes.append((asked - h[i] * slopes[-1]) / middle)
        share.append(h[i - 1] / middle)
    slopes.append(float(end[-1]))
    for i in range(len(slopes) - 2, 0, -1):
        slopes[i] -= share[i] * slopes[i + 1]
    return np.array(slopes)


def _farthest(fits: Callable[[int, int], bool], at: int, last: int) -> int:
    """The farthest place to which a way fits, by doubling and then halving the distance."""
    good, size = at + 1, 2
    while at + size <= last and fits(at, at + size):
        good, size = at + size, size * 2
    beyond = min(at + size, last + 1)
    while good + 1 < beyond:
        middle = (good + beyond) // 2
        good, beyond = (middle, beyond) if fits(at, middle) else (good, middle)
    return good


def _held(frames: Floats, values: Floats) -> Track:
    changes = np.flatnonzero(np.concatenate([[True], np.abs(np.diff(values)) > SAME]))
    return tuple(Key(float(frames[i]), float(values[i]), "hold") for i in changes)


@remembered
def reaches_of(puppet: Puppet) -> dict[str, float]:
    """How far the drawings of each joint's branch reach from its pivot at rest, board pixels."""
    found = {}
    for key, joint in puppet.joints.items():
        far = 1.0
        for part in (puppet.parts[each] for below in branch(puppet, key) for each in parts_on(puppet, below)):
            onto = board_from_drawing(part.placement)
            wide, tall = part.drawing.width, part.drawing.height
            far = max(
                far, *(abs(complex(onto(z)) - joint.pivot.z) for z in (0j, wide + 0j, 1j * tall, wide + 1j * tall))
            )
        found[key] = far
    return found

"""From a take and frames to channels, for the one evaluator.

Every way between two keys is made of cubic pieces, compiled once a take. *Smooth* is the monotone cubic of Fritsch and Butland, "A
method for constructing local monotone piecewise cubic interpolants" (1984): it never goes beyond the two keys that it lies between.
*Eased* has the velocity of a trapezoid: it gains speed evenly, keeps it, and loses it evenly.
"""

import itertools
from collections.abc import Collection, Mapping
from threading import Lock
from typing import NamedTuple

import numpy as np
from cachetools import LRUCache
from numpy.typing import ArrayLike, NDArray

from umbrite.rig.channels import is_stepped, with_values
from umbrite.rig.model import EMPTY_POSE, Pose, Puppet
from umbrite.rig.remembered import bounded, remembered
from umbrite.rig.takes.keys import SAME
from umbrite.rig.takes.take import Key, Take, Track

Floats = NDArray[np.float64]
Piece = tuple[float, float, float, float, float]  # where it begins, and the cubic's coefficients from there


TINY = 1e-6  # a share of easing below this is none


class Curve(NamedTuple):
    """A track as cubic pieces: their beginnings, shape (pieces,), and coefficients from the constant up, shape (4, pieces)."""

    starts: Floats
    parts: Floats


class Compiled(NamedTuple):
    """A take made ready for sampling."""

    first: float
    period: float  # of a loop in frames; 0 for what is none
    curves: Mapping[str, Curve]


class _Known(NamedTuple):
    track: Track
    how: tuple[float, float, bool]
    curve: Curve


# The latest curve of each channel: a drag changes few tracks, and what is not changed is the same object.
_latest: LRUCache[str, _Known] = bounded(20_000, size=lambda _: 1)
_lock = Lock()
MANY = 16  # frames


@remembered
def compile_take(take: Take, puppet: Puppet) -> Compiled:
    """Make a take ready for a puppet: channels that hold each value until the next do so, whatever their keys say."""
    period = float(take.last - take.first) if take.loop else 0.0
    how = (take.first, period)
    curves = {}
    for channel, track in take.tracks.items():
        stepped = is_stepped(puppet, channel)
        with _lock:
            known: _Known | None = _latest.get(channel)
        if known is None or known.track is not track or known.how != (*how, stepped):
            keys = [_held(key) for key in track] if stepped else list(track)
            curve = _curve(_around(keys, take, period) if period else keys, wraps=bool(period))
            known = _Known(track, (*how, stepped), curve)
            with _lock:
                _latest[channel] = known
        curves[channel] = known.curve
    return Compiled(float(take.first), period, curves)


def _held(key: Key) -> Key:
    return Key(key.frame, key.value, "hold")


def _around(keys: list[Key], take: Take, period: float) -> list[Key]:
    """The keys of a loop once around: what stands at its end stands at its beginning, unless another value does."""
    inside = [key for key in keys if take.first - SAME <= key.frame <= take.last + SAME] or keys[:1]
    end = inside[-1] if abs(inside[-1].frame - take.last) < SAME else None
    start = inside[0] if abs(inside[0].frame - take.first) < SAME else None
    if end is not None and start is None:
        inside = [Key(float(take.first), end.value, end.interpolation, end.out, end.into), *inside[:-1]]
    elif end is not None and start is not None and start is not end and start.value != end.value:
        return inside  # it does not close: it jumps at its end
    elif end is not None and start is not end:
        inside = inside[:-1]
    again = inside[0]
    return [*inside, Key(again.frame + period, again.value, again.interpolation, again.out, again.into)]


def _curve(keys: list[Key] | Track, *, wraps: bool) -> Curve:
    slopes = _slopes(keys, wraps=wraps and keys[0].value == keys[-1].value)
    pieces: list[Piece] = []
    for i in range(len(keys) - 1):
        pieces += _pieces(keys[i], keys[i + 1], slopes[i], slopes[i + 1])
    pieces.append((keys[-1].frame, keys[-1].value, 0.0, 0.0, 0.0))
    table = np.array(pieces, dtype=np.float64)
    return Curve(np.ascontiguousarray(table[:, 0]), np.ascontiguousarray(table[:, 1:].T))


def _slopes(keys: list[Key] | Track, *, wraps: bool) -> list[float]:
    """The slope of the monotone cubic at each key: 0 at summits and at ends, those of a closed loop meet."""
    steps = [b.frame - a.frame for a, b in itertools.pairwise(keys)]
    rises = [(b.value - a.value) / h for a, b, h in zip(keys, keys[1:], steps, strict=False)]
    slopes = [0.0] * len(keys)
    for i in range(1, len(keys) - 1):
        slopes[i] = _butland(steps[i - 1], steps[i], rises[i - 1], rises[i])
    if wraps and len(steps) > 1:
        slopes[0] = slopes[-1] = _butland(steps[-1], steps[0], rises[-1], rises[0])
    return slopes


def _butland(before: float, after: float, one: float, other: float) -> float:
    if one * other <= 0:
        return 0.0
    w1, w2 = 2 * after + before, after + 2 * before
    return (w1 + w2) / (w1 / one + w2 / other)


def _pieces(key: Key, after: Key, slope: float, next_slope: float) -> list[Piece]:
    """The way from a key to the next as cubics."""
    at, length, rise = key.frame, after.frame - key.frame, after.value - key.value
    if key.interpolation == "hold":
        return [(at, key.value, 0.0, 0.0, 0.0)]
    if key.interpolation == "eased" and key.out + key.into > 0:
        return _eased(key, length, rise)
    if key.interpolation in {"straight", "eased"}:
        return [(at, key.value, rise / length, 0.0, 0.0)]
    if key.interpolation == "free":
        slope, next_slope = key.out, key.into
    mean = rise / length
    return [
        (at, key.value, slope, (3 * mean - 2 * slope - next_slope) / length, (slope + next_slope - 2 * mean) / length**2)
    ]  # fmt: skip


def _eased(key: Key, length: float, rise: float) -> list[Piece]:
    total = max(key.out + key.into, 1.0)
    out, into = (share / total if share > TINY else 0.0 for share in (key.out, key.into))
    speed = rise / (1 - out / 2 - into / 2) / length  # per frame, where it is fastest
    pieces: list[Piece] = []
    if out > 0:
        pieces.append((key.frame, key.value, 0.0, speed / (2 * out * length), 0.0))
    if out + into < 1 - 1e-12:
        pieces.append((key.frame + out * length, key.value + speed * out * length / 2, speed, 0.0, 0.0))
    if into > 0:
        begun = key.value + rise - speed * into * length / 2
        pieces.append((key.frame + (1 - into) * length, begun, speed, -speed / (2 * into * length), 0.0))
    return pieces


def sample(take: Take, puppet: Puppet, frames: ArrayLike, only: Collection[str] | None = None) -> dict[str, Floats]:
    """The channels of a take at frames (any real numbers, shape (n,)): arrays of shape (n,), in the channels' own units.

    A key's frame gives exactly its value. Before its first key and after its last a channel stands still; a loop goes on around.
    With `only`, nothing but those of these channels that have keys.
    """
    compiled = compile_take(take, puppet)
    at = np.atleast_1d(np.asarray(frames, dtype=np.float64))
    if compiled.period:
        at = compiled.first + np.mod(at - compiled.first, compiled.period)
    curves = compiled.curves
    if only is not None:
        curves = {name: curves[name] for name in only if name in curves}
    if len(at) == 1:
        x = float(at[0])
        return {channel: np.array([_value(curve, x, compiled.period)]) for channel, curve in curves.items()}
    rising = len(at) > MANY and bool((np.diff(at) >= 0).all())
    return {channel: _values(curve, at, rising, compiled.period) for channel, curve in curves.items()}


def slopes_at(take: Take, puppet: Puppet, channel: str, frame: float) -> tuple[float, float]:
    """How fast a channel comes to a frame and goes on from it, per frame. Raises KeyError for a channel without keys."""
    compiled = compile_take(take, puppet)
    starts, parts = compiled.curves[channel]
    period = compiled.period
    at = compiled.first + (frame - compiled.first) % period if period else frame
    if period and at < starts[0] + SAME:
        at += period
    place = int(np.searchsorted(starts, at - SAME, side="left")) - 1
    before = _speed(starts, parts, place, at)
    if period and at > starts[-1] - SAME:
        at -= period
    after = _speed(starts, parts, int(np.searchsorted(starts, at + SAME, side="right")) - 1, at)
    return before, after


def _speed(starts: Floats, parts: Floats, place: int, at: float) -> float:
    if place < 0:
        return 0.0
    along = at - float(starts[place])
    return float(parts[1, place] + along * (2 * parts[2, place] + 3 * along * parts[3, place]))


def _value(curve: Curve, x: float, period: float) -> float:
    """One frame alone, in plain numbers."""
    starts, parts = curve
    if period and x < starts[0]:
        x += period
    place = max(int(starts.searchsorted(x, side="right")) - 1, 0)
    along = max(x - float(starts[place]), 0.0)
    c0, c1, c2, c3 = parts[:, place].tolist()
    return float(((c3 * along + c2) * along + c1) * along + c0)


def _values(curve: Curve, at: Floats, rising: bool, period: float) -> Floats:  # noqa: FBT001 a hot path
    starts, parts = curve
    if period and at.min() < starts[0]:
        at, rising = np.where(at < starts[0], at + period, at), False
    if rising:  # few pieces among many frames: far fewer searches than the other way round
        bounds = at.searchsorted(starts)
        counts = np.empty(len(bounds), dtype=np.intp)
        counts[:-1], counts[-1] = bounds[1:] - bounds[:-1], len(at) - bounds[-1]
        counts[0] += bounds[0]  # before the first key
        place = np.arange(len(starts)).repeat(counts)
    else:
        place = np.maximum(starts.searchsorted(at, side="right") - 1, 0)
    along = at - starts.take(place)
    if along[0] < 0 or not rising:
        np.maximum(along, 0.0, out=along)
    c0, c1, c2, c3 = (part.take(place) for part in parts)
    return np.asarray(((c3 * along + c2) * along + c1) * along + c0)


def pose_at(take: Take, puppet: Puppet, frame: float) -> Pose:
    """The pose of a take at one frame."""
    return with_values(EMPTY_POSE, {name: float(values[0]) for name, values in sample(take, puppet, [frame]).items()})

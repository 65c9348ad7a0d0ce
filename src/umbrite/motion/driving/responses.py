"""Responses made ready: how much each of their stops counts at a value of what drives them, and what that adds to each channel.

Along one value a channel goes straight from stop to stop, or by a monotone cubic (see `curves`) that is level at both ends; beyond the outermost
it stays. On a pad stops count by natural neighbour weights (see `plane_weights`). What has steps takes the stop that counts most,
half way from one to the next. At the neutral value all is exactly nothing.
"""

from bisect import bisect_right
from collections.abc import Sequence
from typing import Any, NamedTuple

import numpy as np
from numpy.typing import NDArray

from umbrite.motion.driving.curves import slopes_of
from umbrite.motion.driving.plane_weights import Plane, plane_of, weights_at
from umbrite.rig.channels import channel
from umbrite.rig.driving.rules import driven_by, has_two_values
from umbrite.rig.model import Puppet, Response

Floats = NDArray[np.float64]
HALF = 0.5  # of the way from one stop to the next, where what has steps steps
STILL = 1e-9  # so near its neutral value a driver is there: solving a limb may miss it by a rounding


class Ready(NamedTuple):
    """A response of k stops, the neutral one among them, and d channels: what it gives at values."""

    drives: tuple[str, ...]
    gains: Floats  # (k, d): what each stop adds to each channel
    slopes: Floats | None  # (k, d): of a smooth one along one value, else None
    stepped: NDArray[np.bool_]  # (d,)
    steps: bool  # whether any does
    xs: tuple[float, ...]  # (k,): along one value; empty on a pad
    plane: Plane | None
    exact: bool  # whether what drives it has no values between stops, as variants have none


def ready(puppet: Puppet, response: Response) -> Ready:
    """A response made ready to be asked at many values."""
    drives = driven_by(response)
    two = has_two_values(puppet, response.driver)
    stops = [(stop.at.z if two else complex(stop.at.x), stop.channels) for stop in response.stops]
    stops = sorted([*stops, (0j, {})], key=lambda each: (each[0].real, each[0].imag))
    gains = np.array([[channels.get(name, 0.0) for name in drives] for _, channels in stops]).reshape(len(stops), -1)
    stepped = np.array([found is not None and found.kind.stepped for found in map(channel, drives)], dtype=bool)
    at = np.array([z for z, _ in stops], dtype=np.complex128)
    driver = channel(response.driver)
    exact = driver is not None and driver.kind.stepped
    slopes = None
    if response.smooth and len(stops) > 1 and not two:
        slopes = slopes_of(at.real, np.diff(gains, axis=0) / np.diff(at.real)[:, None])
        slopes[[0, -1]] = 0.0
    xs = () if two else tuple(at.real.tolist())
    return Ready(drives, gains, slopes, stepped, bool(stepped.any()), xs, plane_of(at) if two else None, exact)


def given(found: Ready, values: Sequence[Floats]) -> Floats:
    """What a response adds to its channels, (values, d), at values of its driver, each of shape (values,)."""
    if found.plane is not None:
        weights = weights_at(found.plane, values[0] + 1j * values[1])
        return _stepped(found, weights @ found.gains, weights.argmax(axis=1))
    xs, x = np.array(found.xs), np.where(np.abs(values[0]) < STILL, 0.0, values[0])
    if len(xs) == 1:
        return np.zeros((len(x), len(found.drives)))
    i = np.clip(np.searchsorted(xs, x, side="right") - 1, 0, len(xs) - 2)
    share = np.clip((x - xs[i]) / (xs[i + 1] - xs[i]), 0.0, 1.0)
    if found.exact:
        place = i + (share >= HALF)
        return np.asarray(np.where((xs[place] == x)[:, None], found.gains[place], 0.0))
    return _stepped(found, _between(found, i, (xs[i + 1] - xs[i])[:, None], share[:, None]), i + (share >= HALF))


def given_once(found: Ready, values: tuple[float, ...]) -> Floats:
    """The same at one value, (d,)."""
    if found.plane is not None or found.exact:
        return np.asarray(given(found, [np.array([value]) for value in values])[0])
    xs, x = found.xs, values[0] if abs(values[0]) >= STILL else 0.0
    if len(xs) == 1:
        return np.zeros(len(found.drives))
    i = min(max(bisect_right(xs, x) - 1, 0), len(xs) - 2)
    width = xs[i + 1] - xs[i]
    share = min(max((x - xs[i]) / width, 0.0), 1.0)
    smooth = _between(found, i, width, share)
    return np.where(found.stepped, found.gains[i + (share >= HALF)], smooth) if found.steps else smooth


def _between(found: Ready, i: Any, width: Any, share: Any) -> Floats:
    """From the stop at a place to the next; of one value, or of many with a place, a width and a share each."""
    low, high = found.gains[i], found.gains[i + 1]
    if found.slopes is None:
        return np.asarray((1 - share) * low + share * high)
    a, b = found.slopes[i] * width, found.slopes[i + 1] * width
    smooth = low + share * (a + share * (3 * (high - low) - 2 * a - b + share * (a + b - 2 * (high - low))))
    return np.asarray(np.where(share == 1, high, smooth))


def _stepped(found: Ready, smooth: Floats, nearest: NDArray[np.intp]) -> Floats:
    return np.where(found.stepped, found.gains[nearest], smooth) if found.steps else smooth

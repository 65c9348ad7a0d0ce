"""What a hand did while time ran: samples of channels with times of their own, and their values at the frames of a take.

Times are clocks: frames of the take that go on past the end of a loop, so that each lap can be told. Between samples values go straight; where
none came for a while the hand lay still. Each frame has the value of the last lap that went over it.
"""

from collections.abc import Mapping
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from umbrite.rig.channels import is_stepped
from umbrite.rig.model import Puppet
from umbrite.rig.takes.take import Take

Floats = NDArray[np.float64]
Ints = NDArray[np.intp]
FINE = 4  # looks a frame, for smoothing
SMOOTHEST = 4.0  # frames: the width of the smoothing at an amount of 1
STILL = 1.0  # frames without a sample after which the hand has lain still
FADE = 6  # frames in which a lap goes over into the one before


class Recorded(NamedTuple):
    """Samples by channel: clocks, not falling, and values, of shape (samples,) each; the clock at which the pass ended."""

    samples: Mapping[str, tuple[Floats, Floats]]
    until: float


class Performed(NamedTuple):
    """The values of a channel at whole frames, rising, of shape (frames,) each; with a gap where a pass went over the end of a loop."""

    frames: Ints
    values: Floats


def over_frames(
    recorded: Recorded, take: Take, puppet: Puppet, smooth: float = 0.0, span: tuple[float, float] | None = None
) -> dict[str, Performed]:
    """The recorded channels at the frames of a take, smoothed by an amount from 0 to 1; only those of a span where one is given.

    Channels that came by no whole frame are left out. What steps is not smoothed.
    """
    low, high = (float(take.first), float(take.last)) if span is None else span
    found = {}
    for name, (clocks, values) in recorded.samples.items():
        stepped = is_stepped(puppet, name)
        at, performed = _at_whole_clocks(clocks, values, recorded.until, 0.0 if stepped else smooth, stepped=stepped)
        if not len(at):
            continue
        made = _laps(at, performed, take, stepped=stepped) if take.loop else Performed(at, performed)
        inside = (made.frames >= low) & (made.frames <= high)
        if inside.any():
            found[name] = Performed(made.frames[inside], made.values[inside])
    return found


def _at_whole_clocks(
    clocks: Floats, values: Floats, until: float, smooth: float, *, stepped: bool
) -> tuple[Ints, Floats]:
    first, last = int(np.ceil(clocks[0] - 1e-6)), int(np.floor(until + 1e-6))
    whole = np.arange(first, last + 1)
    if not len(whole):
        return whole, np.zeros(0)
    if stepped:
        return whole, values[np.maximum(np.searchsorted(clocks, whole + 1e-6, side="right") - 1, 0)]
    clocks, values = _lying_still(clocks, values)
    if smooth <= 0 or len(whole) < 2:
        return whole, np.interp(whole, clocks, values)
    fine = np.linspace(first, last, (last - first) * FINE + 1)
    return whole, smoothed(np.interp(fine, clocks, values), smooth * SMOOTHEST * FINE)[::FINE]


def _lying_still(clocks: Floats, values: Floats) -> tuple[Floats, Floats]:
    """The samples, with one more where the hand went on after it had lain still."""
    late = np.flatnonzero(np.diff(clocks) > 2 * STILL)
    return np.insert(clocks, late + 1, clocks[late + 1] - STILL), np.insert(values, late + 1, values[late])


def smoothed(values: Floats, width: float) -> Floats:
    """Values with the bell of a width (samples) laid over them; both ends stay what they are, and a straight way stays straight."""
    reach = min(int(np.ceil(3 * width)), len(values) - 1)
    if width <= 0 or reach < 1:
        return values
    bell = np.exp(-0.5 * (np.arange(-reach, reach + 1) / width) ** 2)
    before = 2 * values[0] - values[reach:0:-1]
    after = 2 * values[-1] - values[-2 : -reach - 2 : -1]
    return np.convolve(np.concatenate([before, values, after]), bell / bell.sum(), mode="valid")


def _laps(at: Ints, values: Floats, take: Take, *, stepped: bool) -> Performed:
    """The last lap of each frame of a loop; where the pass ended, the lap before comes in again over a few frames."""
    period = take.last - take.first
    frames = take.first + np.mod(at - take.first, period)
    last = {int(frame): i for i, frame in enumerate(frames)}  # the newest of each
    kept = np.array(sorted(last), dtype=np.intp)
    picked = np.array([last[int(frame)] for frame in kept], dtype=np.intp)
    made = values[picked].copy()
    if len(at) > period and not stepped:
        step = values[-1] - values[-1 - period]  # from where the hand was a lap before to where it was at the end
        for i in range(1, min(FADE, len(at) - period) + 1):
            frame = take.first + (int(at[-1]) + i - take.first) % period
            share = i / (FADE + 1)
            made[frame - take.first] += step * (1 - share * share * (3 - 2 * share))
    return Performed(kept, made)

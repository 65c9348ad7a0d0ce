"""A recorded pass as keys of a take: thinned to the fewest within a pixel, put between the keys that were there."""

from collections.abc import Mapping
from itertools import groupby, pairwise
from typing import NamedTuple

import numpy as np
from msgspec.structs import replace
from numpy.typing import NDArray

from umbrite.motion.animating.changing_over import split_at
from umbrite.motion.animating.stepping import channels_over, without_layers
from umbrite.motion.baking.few_keys import DIGITS, reaches_of
from umbrite.motion.layering import under_layers
from umbrite.motion.performing.few_knots import few_knots
from umbrite.motion.performing.recorded import Performed, Recorded, over_frames
from umbrite.rig.channels import channel, is_stepped, neutral
from umbrite.rig.ids import owner_of
from umbrite.rig.model import Puppet
from umbrite.rig.takes.keys import SAME
from umbrite.rig.takes.take import Key, Take, Track

Floats = NDArray[np.float64]
BOTH = 0.7  # of what a point may be off is left to each of two channels
SHARE = 0.005  # of a slider's span
ALIKE = 24  # frames by which channels of one thing may have begun apart, and still get keys on the same frames


class Shaping(NamedTuple):
    """How a pass becomes keys: how `smooth`, from 0 to 1; in which `span` of frames; of which layer; `within` how many board pixels."""

    smooth: float = 0.0
    span: tuple[float, float] | None = None
    layer: str = ""
    within: float = 1.0


AS_IT_WAS = Shaping()


def performed(whole: Take, puppet: Puppet, recorded: Recorded, how: Shaping = AS_IT_WAS) -> Take:
    """The take with a pass as keys of it, or of a layer over it, so that the picture is what the hand made it.

    Before the pass all stays as it was; after it, the way goes on to the next key that was there. With a span keys are made in it alone, and
    outside of it nothing is different.
    """
    found = over_frames(recorded, whole, puppet, how.smooth, how.span)
    if not found:
        return whole
    before = _sampled(whole, puppet, found)
    found = {name: _without_gap(whole, before, name, pass_) for name, pass_ in found.items()}
    found = _together(puppet, before, _changed(before, found))
    if not found:
        return whole
    level = next((each.take for each in whole.layers if each.take.name == how.layer), whole)
    if whole.layers:
        found = _under(whole, puppet, found, how.layer)
    made = level
    for _, names in groupby(sorted(found), key=owner_of):
        for name, track in _thinned(puppet, {name: found[name] for name in names}, how.within).items():
            made = _spliced(made, puppet, name, track, found[name], punched=how.span is not None)
    if not how.layer:
        return made
    over = tuple(replace(each, take=made) if each.take is level else each for each in whole.layers)
    return replace(whole, layers=over)


class Before(NamedTuple):
    """What all channels of a take were on each frame from `first` on, before the pass."""

    first: int
    channels: Mapping[str, Floats]

    def at(self, name: str, frames: NDArray[np.intp]) -> Floats:
        """The values of one of them at some of those frames."""
        values = self.channels.get(name)
        return np.full(len(frames), neutral(name)) if values is None else values[frames - self.first]


def _sampled(whole: Take, puppet: Puppet, found: Mapping[str, Performed]) -> Before:
    first = min(whole.first, *(int(pass_.frames[0]) for pass_ in found.values()))
    last = max(whole.last, *(int(pass_.frames[-1]) for pass_ in found.values()))
    return Before(first, channels_over(whole, puppet, np.arange(first, last + 1)))


def _changed(before: Before, found: Mapping[str, Performed]) -> dict[str, Performed]:
    """What a pass has made other than it was."""
    return {
        name: pass_
        for name, pass_ in found.items()
        if np.abs(before.at(name, pass_.frames) - pass_.values).max() > SAME
    }


def _without_gap(whole: Take, before: Before, name: str, pass_: Performed) -> Performed:
    """A pass over the end of a loop, with what was there before on the frames between: all of the loop."""
    first, last = int(pass_.frames[0]), int(pass_.frames[-1])
    if last - first + 1 == len(pass_.frames):
        return pass_
    frames = np.arange(whole.first, whole.last)
    values = before.at(name, frames).copy()
    values[pass_.frames - whole.first] = pass_.values
    return Performed(frames, values)


def _together(puppet: Puppet, before: Before, found: Mapping[str, Performed]) -> dict[str, Performed]:
    """The passes with what was there before and after them, so that all channels of a thing begin and end on the same frames."""
    made = dict(found)
    gradual = sorted((name for name in found if not is_stepped(puppet, name)), key=owner_of)
    for _, each in groupby(gradual, key=owner_of):
        names = list(each)
        first = min(int(found[name].frames[0]) for name in names)
        last = max(int(found[name].frames[-1]) for name in names)
        for name in names:
            frames, values = found[name]
            earlier, later = np.arange(first, int(frames[0])), np.arange(int(frames[-1]) + 1, last + 1)
            if len(earlier) + len(later) <= ALIKE:
                parts = (before.at(name, earlier), values, before.at(name, later))
                made[name] = Performed(np.arange(first, last + 1), np.concatenate(parts))
    return made


def _under(whole: Take, puppet: Puppet, found: Mapping[str, Performed], layer: str) -> dict[str, Performed]:
    """The values to be keyed in a level, so that with all layers together what was performed is seen, where that can be."""
    kept = {}
    for name, pass_ in found.items():
        frames = pass_.frames.astype(np.float64)
        below = without_layers(whole, puppet, frames)
        values, can = under_layers(whole, puppet, frames, below, {name: pass_.values}, layer)
        inside = np.flatnonzero(can)
        if len(inside):
            first, last = int(inside[0]), int(inside[-1]) + 1
            kept[name] = Performed(pass_.frames[first:last], values[name][first:last])
    return kept


def _thinned(puppet: Puppet, group: Mapping[str, Performed], within: float) -> dict[str, Track]:
    """Few keys for the channels of one thing, on the same frames where they were recorded over the same ones."""
    made: dict[str, Track] = {}
    gradual = [name for name in group if not is_stepped(puppet, name)]
    for name in group.keys() - set(gradual):
        made[name] = _held(group[name])
    by_span: dict[tuple[int, int], list[str]] = {}
    for name in gradual:
        by_span.setdefault((int(group[name].frames[0]), int(group[name].frames[-1])), []).append(name)
    for (first, _), names in by_span.items():
        near = np.array([tolerance(puppet, name, within) for name in names])
        knots = few_knots(np.stack([group[name].values for name in names], axis=1), near)
        for i, name in enumerate(names):
            made[name] = _free_keys(first + knots.at, knots.values[:, i], knots.slopes[:, i])
    return made


def tolerance(puppet: Puppet, name: str, within: float = 1.0) -> float:
    """By how much a channel may differ from what the hand did, so that the picture differs by less than so many board pixels."""
    found = channel(name)
    unit = "number" if found is None else found.kind.unit
    if unit == "pixels":
        return BOTH * within
    return BOTH * within / reaches_of(puppet).get(owner_of(name), 1.0) if unit in {"radians", "factor"} else SHARE


def _free_keys(frames: NDArray[np.intp], values: Floats, slopes: Floats) -> Track:
    values, slopes = np.round(values, DIGITS) + 0.0, np.round(slopes, DIGITS) + 0.0
    keys = [
        Key(float(frames[i]), float(values[i]), "free", float(slopes[i]), float(slopes[j]))
        for i, j in pairwise(range(len(frames)))
    ]
    return (*keys, Key(float(frames[-1]), float(values[-1])))


def _held(pass_: Performed) -> Track:
    changes = np.concatenate([[True], np.diff(pass_.values) != 0])
    return tuple(
        Key(float(frame), float(value), "hold")
        for frame, value in zip(pass_.frames[changes], pass_.values[changes], strict=True)
    )


def _spliced(take: Take, puppet: Puppet, name: str, track: Track, pass_: Performed, *, punched: bool) -> Take:
    """The take with these keys in the place of those of the frames that were performed."""
    first, last = float(pass_.frames[0]), float(pass_.frames[-1])
    if take.loop and last - first >= take.last - take.first - 1:
        return replace(take, tracks={**take.tracks, name: _closed(take, track)})
    before = _kept_until(take, puppet, name, first - 1)
    after = _kept_from(take, puppet, name, last + 1) if punched else _later(take, name, last)
    if punched and after and track[-1].interpolation != "hold":
        track = (*track[:-1], replace(track[-1], interpolation="straight"))
    return replace(take, tracks={**take.tracks, name: (*before, *track, *after)})


def _closed(take: Take, track: Track) -> Track:
    """All of a loop was performed: its end is its beginning."""
    inside = [key for key in track if key.frame < take.last]
    return (*inside, replace(inside[0], frame=float(take.last)))


def _later(take: Take, name: str, frame: float) -> Track:
    return tuple(key for key in take.tracks.get(name, ()) if key.frame > frame + SAME)


def _kept_until(take: Take, puppet: Puppet, name: str, frame: float) -> Track:
    """The keys of a channel up to a frame, with one there that leads straight on; none where it has none and the take begins later."""
    hold = is_stepped(puppet, name)
    if frame < take.first:
        return tuple(key for key in take.tracks.get(name, ()) if key.frame < frame)
    if name not in take.tracks:
        still = Key(float(take.first), neutral(name), "hold" if hold else "straight")
        return (still,) if hold or frame <= take.first else (still, Key(frame, neutral(name), "straight"))
    split = take if hold else split_at(take, puppet, name, frame)
    kept = tuple(key for key in split.tracks[name] if key.frame <= frame + SAME)
    if hold:
        return kept or (Key(float(take.first), take.tracks[name][0].value, "hold"),)
    return (*kept[:-1], replace(kept[-1], interpolation="straight", out=0.0, into=0.0)) if kept else kept


def _kept_from(take: Take, puppet: Puppet, name: str, frame: float) -> Track:
    """The keys of a channel from a frame on, with one there, so that it goes on as it did."""
    if frame > take.last:
        return _later(take, name, frame)
    if name not in take.tracks:
        return (Key(frame, neutral(name), "hold"),)
    if is_stepped(puppet, name):
        shown = [key for key in take.tracks[name] if key.frame <= frame]
        first = (replace(shown[-1], frame=frame),) if shown else ()
        return (*first, *_later(take, name, frame))
    return tuple(key for key in split_at(take, puppet, name, frame).tracks[name] if key.frame >= frame - SAME)

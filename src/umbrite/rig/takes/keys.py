"""Keys of a take put, moved, stretched, eased and delayed: pure functions that give another take.

Where a key comes to stand on another one of its channel, it takes its place.
"""

import math
import random
from collections.abc import Callable, Collection, Iterable, Mapping

from msgspec.structs import replace

from umbrite.rig.errors import RigError
from umbrite.rig.ids import owner_of
from umbrite.rig.takes.take import Interpolation, Key, Spot, Take, Track

SAME = 1e-6  # frames nearer than this are one


def spots_of(take: Take) -> set[Spot]:
    """Where all keys of a take stand."""
    return {(channel, key.frame) for channel, track in take.tracks.items() for key in track}


def key_at(take: Take, channel: str, frame: float) -> Key | None:
    """The key of a channel at a frame; None where none stands."""
    return next((key for key in take.tracks.get(channel, ()) if abs(key.frame - frame) < SAME), None)


def put_keys(
    take: Take,
    frame: float,
    values: Mapping[str, float],
    holding: Collection[str] = (),
    interpolation: Interpolation = "smooth",
) -> Take:
    """The take with keys of these values at a frame. How a key that was there goes on stays; channels that are `holding` hold."""
    tracks = dict(take.tracks)
    for channel, value in values.items():
        here = key_at(take, channel, frame)
        key = (
            replace(here, value=float(value))
            if here is not None
            else Key(float(frame), float(value), "hold" if channel in holding else interpolation)
        )
        tracks[channel] = _with(tracks.get(channel, ()), [key])
    return replace(take, tracks=tracks)


def remove_keys(take: Take, spots: Collection[Spot]) -> Take:
    """The take without these keys; channels without any are left out. Raises RigError where none of them is there."""
    there = _there(take, spots)
    tracks = {
        channel: kept
        for channel, track in take.tracks.items()
        if (kept := tuple(key for key in track if (channel, key.frame) not in there))
    }
    return replace(take, tracks=tracks)


def move_keys(take: Take, spots: Collection[Spot], by: float) -> Take:
    """The take with these keys so many frames later. Raises RigError where none of them is there."""
    return _placed_anew(take, spots, lambda frame: frame + by)


def stretch_keys(take: Take, spots: Collection[Spot], about: float, factor: float) -> Take:
    """The take with these keys' distances from a frame multiplied. Raises RigError for a factor that is not above 0, and where none of
    the keys is there.
    """
    if factor <= 0:
        raise RigError(
            "Keys can be stretched or pressed together, but not onto one frame. Mirror them to turn them round."
        )
    made = _placed_anew(take, spots, lambda frame: about + (frame - about) * factor)
    return replace(
        made, tracks={name: _as_steep(take, take.tracks[name], track) for name, track in made.tracks.items()}
    )


def _as_steep(take: Take, before: Track, after: Track) -> Track:
    """A track whose ways have become longer or shorter, with slopes that fit: a way of slopes keeps its shape."""
    if len(before) != len(after) or before == after:
        return after
    period = float(take.last - take.first) if take.loop else math.inf

    def lengths(track: Track) -> list[float]:
        ends = [key.frame for key in track[1:]] + [track[0].frame + period]
        return [end - key.frame for key, end in zip(track, ends, strict=True)]

    made = []
    for key, was, is_ in zip(after, lengths(before), lengths(after), strict=True):
        by = was / is_ if key.interpolation == "free" and 0 < is_ < math.inf and was > 0 else 1.0
        made.append(replace(key, out=key.out * by, into=key.into * by) if by != 1 else key)
    return tuple(made)


def paced(take: Take, factor: float) -> Take:
    """The take with all its keys and its end so many times as far from its first frame, which stays. Raises RigError for a factor that is
    not above 0.
    """
    spots = spots_of(take)
    longer = stretch_keys(take, spots, float(take.first), factor) if spots else take
    sound = take.sound and replace(take.sound, at=take.first + (take.sound.at - take.first) * factor)
    return replace(longer, last=take.first + max(1, round((take.last - take.first) * factor)), sound=sound)


def between_frames(take: Take) -> set[Spot]:
    """Where keys stand that are on no whole frame."""
    return {spot for spot in spots_of(take) if abs(spot[1] - round(spot[1])) > SAME}


def on_frames(take: Take, spots: Collection[Spot]) -> Take:
    """The take with these keys on the nearest whole frames. Raises RigError where none of them is there."""
    made = _placed_anew(take, spots, lambda frame: float(round(frame)))
    return replace(
        made, tracks={name: _as_steep(take, take.tracks[name], track) for name, track in made.tracks.items()}
    )


def mirror_keys(take: Take, spots: Collection[Spot]) -> Take:
    """The take with these keys in the opposite order of time, between the same ends; the ways between them run backwards. Raises
    RigError where none of them is there.
    """
    there = _there(take, spots)
    ends = min(frame for _, frame in there), max(frame for _, frame in there)
    tracks = dict(take.tracks)
    for channel in {channel for channel, _ in there}:
        track = take.tracks[channel]
        chosen = [key for key in track if (channel, key.frame) in there]
        backwards: list[Key] = []
        for i, key in enumerate(chosen):
            if i == 0:  # it is the last now, and how it goes on from there is no way between them
                end = chosen[-1]
                backwards.append(replace(end, frame=sum(ends) - key.frame, value=key.value))
                continue
            before = chosen[i - 1]
            sign = -1.0 if before.interpolation == "free" else 1.0
            backwards.append(
                Key(sum(ends) - key.frame, key.value, before.interpolation, sign * before.into, sign * before.out)
            )
        tracks[channel] = _with([key for key in track if key not in chosen], backwards)
    return replace(take, tracks=tracks)


def set_interpolation(
    take: Take, spots: Collection[Spot], interpolation: Interpolation, out: float = 0.0, into: float = 0.0
) -> Take:
    """The take with another way from each of these keys to the next. Raises RigError where none of them is there, and for shares of
    easing that are below 0 or more than the whole way together.
    """
    if interpolation == "eased" and not (out >= 0 and into >= 0 and out + into <= 1 + 1e-9):
        raise RigError("The shares of easing out and in are 0 or more, and together at most the whole way.")
    there = _there(take, spots)
    return _changed(
        take, there, lambda key: replace(key, interpolation=interpolation, out=float(out), into=float(into))
    )


def ease_all(take: Take, share: float, keeping: Collection[str] = ()) -> Take:
    """The take with each way between two keys eased out and in by a share, but those that hold. `keeping` channels stay. Refuses a
    share that is not between 0 and a half.
    """
    if not 0 <= share <= 0.5:
        raise RigError("An ease length is between 0 and a half, because it counts at both ends.")
    there = {
        (channel, key.frame)
        for channel, track in take.tracks.items()
        if channel not in keeping
        for key in track
        if key.interpolation != "hold"
    }
    return (
        _changed(take, there, lambda key: replace(key, interpolation="eased", out=share, into=share)) if there else take
    )


def set_values(take: Take, values: Mapping[Spot, float]) -> Take:
    """The take with other values at these keys. Raises RigError where none of them is there."""
    there = _there(take, values)
    tracks = dict(take.tracks)
    for channel in {channel for channel, _ in there}:
        tracks[channel] = tuple(
            replace(key, value=float(values[channel, key.frame])) if (channel, key.frame) in there else key
            for key in tracks[channel]
        )
    return replace(take, tracks=tracks)


def clip_of(take: Take, spots: Collection[Spot]) -> dict[str, Track]:
    """Copies of these keys, with frames counted from the earliest of them. Raises RigError where none of them is there."""
    there = _there(take, spots)
    start = min(frame for _, frame in there)
    return {
        channel: tuple(replace(key, frame=key.frame - start) for key in track if (channel, key.frame) in there)
        for channel, track in take.tracks.items()
        if any((channel, key.frame) in there for key in track)
    }


def paste_keys(take: Take, clip: Mapping[str, Track], frame: float) -> Take:
    """The take with copied keys, the earliest at a frame."""
    tracks = dict(take.tracks)
    for channel, keys in clip.items():
        tracks[channel] = _with(tracks.get(channel, ()), [replace(key, frame=key.frame + frame) for key in keys])
    return replace(take, tracks=tracks)


def delay(take: Take, channels: Iterable[Collection[str]], by: float) -> Take:
    """The take with channels delayed down a chain: those of the second group by so many frames, of the third by twice as many.

    In a loop, keys that pass its end come in at its beginning, and what was a loop stays one.
    """
    tracks = dict(take.tracks)
    for step, group in enumerate(channels):
        for channel in group:
            if channel in tracks and step:
                tracks[channel] = _later(take, tracks[channel], step * by)
    return replace(take, tracks=tracks)


def _later(take: Take, track: Track, by: float) -> Track:
    if not take.loop:
        return tuple(replace(key, frame=key.frame + by) for key in track)
    first, period = float(take.first), float(take.last - take.first)
    outside = [key for key in track if not first - SAME <= key.frame <= take.last + SAME]
    inside = [key for key in track if first - SAME <= key.frame < take.last - SAME]
    end = next((key for key in track if abs(key.frame - take.last) < SAME), None)
    start = next((key for key in inside if abs(key.frame - first) < SAME), None)
    rise = end.value - start.value if end is not None and start is not None else 0.0
    if end is not None and start is None:
        inside = [replace(end, frame=first), *inside]
    shifted = []
    for key in inside:
        round_ = math.floor((key.frame - first + by) / period + SAME)
        # What goes on and on, such as a wheel, is by so much lower where it comes in at the beginning.
        shifted.append(replace(key, frame=key.frame + by - round_ * period, value=key.value - round_ * rise))
    if rise:
        begins = min(shifted, key=lambda key: key.frame)
        shifted.append(replace(begins, frame=float(take.last), value=begins.value + rise))
    return _with(outside, shifted) if shifted else track


def scatter(take: Take, spots: Collection[Spot], most: float, seed: int) -> Take:
    """The take with these keys of each thing earlier or later together, by up to so many whole frames, the same for the same seed.

    Raises RigError where none of them is there.
    """
    there = _there(take, spots)
    by = random.Random(seed)
    for owner in sorted({owner_of(channel) for channel, _ in there}):
        own = {spot for spot in there if owner_of(spot[0]) == owner}
        take = move_keys(take, own, float(by.randint(-int(most), int(most))))
    return take


def close_loop(take: Take) -> Take:
    """The take as a loop whose last frame is its first again: each channel's key at the last frame gets the value of the one at the first.

    Channels without a key at the first frame need none at the last, since a loop goes on through its end.
    """
    tracks = dict(take.tracks)
    for channel, track in take.tracks.items():
        first = key_at(take, channel, take.first)
        if first is not None:
            last = key_at(take, channel, take.last)
            key = Key(
                float(take.last), first.value, (last or first).interpolation, (last or first).out, (last or first).into
            )
            tracks[channel] = _with(track, [key])
    return replace(take, loop=True, tracks=tracks)


def _there(take: Take, spots: Collection[Spot]) -> set[Spot]:
    frames = {name: {key.frame for key in take.tracks.get(name, ())} for name in {name for name, _ in spots}}
    there = {(name, frame) for name, frame in spots if frame in frames[name]}
    if not there:
        raise RigError("None of these keys is there any more. Pick keys in the tape first.")
    return there


def _changed(take: Take, there: Collection[Spot], how: Callable[[Key], Key]) -> Take:
    return replace(
        take,
        tracks={
            channel: tuple(how(key) if (channel, key.frame) in there else key for key in track)
            for channel, track in take.tracks.items()
        },
    )


def _placed_anew(take: Take, spots: Collection[Spot], where: Callable[[float], float]) -> Take:
    there = _there(take, spots)
    tracks = dict(take.tracks)
    for channel in {channel for channel, _ in there}:
        track = take.tracks[channel]
        moved = [replace(key, frame=where(key.frame)) for key in track if (channel, key.frame) in there]
        tracks[channel] = _with([key for key in track if (channel, key.frame) not in there], moved)
    return replace(take, tracks=tracks)


def _with(track: Iterable[Key], keys: Collection[Key]) -> Track:
    """A track with these keys, which take the places of those that stand there; of several on one frame the last stays."""
    found: dict[int, Key] = {}
    for key in (*track, *keys):
        found[round(key.frame / SAME)] = key
    return tuple(sorted(found.values(), key=lambda key: key.frame))

"""A guest's own takes beside the host's: laid into a take of the host as keys, in its time and proportions."""

import itertools
import math
from collections.abc import Sequence

from msgspec.structs import replace

from umbrite.motion.animating.changing_over import ring_of, split_at, way_as_free_keys
from umbrite.rig.errors import RigError
from umbrite.rig.merging.guests import get_guest, unpacked
from umbrite.rig.merging.rewiring import copied_take
from umbrite.rig.model import Puppet
from umbrite.rig.takes.keys import SAME, paste_keys
from umbrite.rig.takes.take import Key, Take, Track
from umbrite.rig.takes.take_list import get_take, take_faults


def lay_in(take: Take, puppet: Puppet, guest: str, name: str, frame: float) -> Take:
    """The take with the keys of a guest's own take from a frame on, as fast as it runs alone. A loop goes round until the take's end, and
    looks as it does alone from the first frame to the last.

    Raises MissingError for a guest, RigError for a take that is not there, and for more keys than a take holds.
    """
    one = get_guest(puppet, guest)
    alone = unpacked(one)
    inner = get_take(alone.takes, name)
    pace = take.rate / inner.rate
    length = (inner.last - inner.first) * pace
    rounds = max(1, math.ceil((take.last - frame) / length - SAME)) if inner.loop else 1
    made = copied_take(_once_around(inner, alone.puppet) if inner.loop else inner, one.ids, one.scale)
    for turn in range(rounds):
        clip = {}
        for channel, track in made.tracks.items():
            # What goes on and on, such as a wheel, goes on from where it has come to.
            rise = track[-1].value - track[0].value if inner.loop else 0.0
            clip[channel] = _paced(track, inner.first, pace, turn * rise)
        take = paste_keys(take, clip, frame + turn * length)
    if fault := next(take_faults((take,)), None):
        raise RigError(f"{name} can't be inserted: {fault}.")
    return replace(take, last=max(take.last, round(frame + length)))


def _once_around(take: Take, puppet: Puppet) -> Take:
    """A loop with keys at its first and its last frame, whose ways do not hang on what comes before and behind."""
    tracks: dict[str, Track] = {}
    for channel in take.tracks:
        opened = split_at(take, puppet, channel, float(take.first))
        ring, _ = ring_of(opened, opened.tracks[channel])
        keys: list[Key] = []
        for one, other in itertools.pairwise(ring):
            smooth = one.interpolation == "smooth"
            keys += way_as_free_keys(opened, puppet, channel, one, other, one.frame) if smooth else [one]
        tracks[channel] = (*keys, replace(ring[-1], frame=float(take.last)) if len(ring) > 1 else ring[-1])
    return replace(take, tracks=tracks)


def _paced(track: Sequence[Key], first: int, pace: float, more: float) -> tuple[Key, ...]:
    """Keys counted from the take's first frame, so many times as far apart, with so much more; free slopes are per frame."""
    return tuple(
        replace(
            key,
            frame=(key.frame - first) * pace,
            value=key.value + more,
            **({"out": key.out / pace, "into": key.into / pace} if key.interpolation == "free" else {}),
        )
        for key in track
    )

"""What the checks notice about takes: loops that do not close, keys that never play, controls that begin without a key, sliding feet."""

from collections.abc import Iterator

import numpy as np

from umbrite.checking.finding_codes import Finding, finding
from umbrite.motion.animating.playing import placed_over
from umbrite.motion.animating.walking import legs_of
from umbrite.rig.change import exists, thing
from umbrite.rig.ids import owner_of
from umbrite.rig.model import Puppet
from umbrite.rig.remembered import remembered
from umbrite.rig.takes.keys import SAME, key_at
from umbrite.rig.takes.take import Take

SLIDE = 0.25  # board pixels that a planted foot may be away from where it is held
FRAMES = 240


@remembered
def take_findings(puppet: Puppet, takes: tuple[Take, ...]) -> list[Finding]:
    """All findings about all takes; each is about the thing whose keys it means."""
    return [
        each
        for take in takes
        for check in (_open, _outside, _unbegun, _slides)
        for each in check(puppet, take)
    ]


def _open(puppet: Puppet, take: Take) -> Iterator[Finding]:
    """Channels of a loop that jump at its end."""
    if not take.loop:
        return
    for channel in take.tracks:
        first, last = key_at(take, channel, take.first), key_at(take, channel, take.last)
        if (
            first is not None
            and last is not None
            and first.value != last.value
            and exists(puppet, owner_of(channel))
        ):
            yield finding("take-open", owner_of(channel), take=take.name, name=_name(puppet, channel))


def _outside(puppet: Puppet, take: Take) -> Iterator[Finding]:
    """Keys before the first frame or after the last."""
    for owner in dict.fromkeys(map(owner_of, take.tracks)):
        frames = [
            key.frame
            for channel, track in take.tracks.items()
            if owner_of(channel) == owner
            for key in track
            if key.frame < take.first - SAME or key.frame > take.last + SAME
        ]
        if frames and exists(puppet, owner):
            yield finding(
                "key-outside", owner, take=take.name, name=thing(puppet, owner).name, frame=frames[0]
            )


def _unbegun(puppet: Puppet, take: Take) -> Iterator[Finding]:
    """Things that move in a take that plays once, without a key at its beginning."""
    if take.loop:
        return
    for owner in dict.fromkeys(map(owner_of, take.tracks)):
        tracks = [track for channel, track in take.tracks.items() if owner_of(channel) == owner]
        moving = [track for track in tracks if len({key.value for key in track}) > 1]
        if moving and all(track[0].frame > take.first + SAME for track in moving) and exists(puppet, owner):
            yield finding("key-missing", owner, take=take.name, name=thing(puppet, owner).name)


def _slides(puppet: Puppet, take: Take) -> Iterator[Finding]:
    """Planted feet that can't reach where they are held."""
    planted = set(legs_of(puppet))
    if not planted or not take.tracks:
        return
    frames = np.linspace(take.first, take.last, min(take.last - take.first, FRAMES) + 1)
    placed = placed_over(take, puppet, frames)
    for i, (key, limb) in enumerate(puppet.limbs.items()):
        if key in planted:
            away = placed.limbs.distance[:, i]
            worst = int(np.argmax(away))
            if away[worst] > SLIDE:
                yield finding(
                    "feet-slide", key, take=take.name, name=limb.name, away=away[worst], frame=frames[worst]
                )


def _name(puppet: Puppet, channel: str) -> str:
    return str(thing(puppet, owner_of(channel)).name)

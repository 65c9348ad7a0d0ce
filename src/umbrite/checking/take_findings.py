"""What the checks notice about takes: loops that do not close, keys that never play, controls that begin without a key, sliding feet."""

import math
from collections.abc import Iterator

import numpy as np
from numpy.typing import NDArray

from umbrite.checking.finding_codes import Finding, finding
from umbrite.motion.animating.playing import placed_over
from umbrite.motion.animating.walking import legs_of
from umbrite.motion.placed import Placed
from umbrite.rig.change import exists, thing
from umbrite.rig.ids import owner_of
from umbrite.rig.model import Puppet
from umbrite.rig.quantities.angles import angle_text, wrapped
from umbrite.rig.remembered import remembered
from umbrite.rig.takes.keys import SAME, key_at
from umbrite.rig.takes.take import Take

SLIDE = 0.25  # board pixels that a planted foot may be away from where it is held
FRAMES = 240
JUMP, BEYOND = math.radians(28), math.radians(0.5)
FINER = 24
Floats = NDArray[np.float64]


def take_findings(puppet: Puppet, takes: tuple[Take, ...]) -> list[Finding]:
    """All findings about all takes; each is about the thing whose keys it means."""
    return [each for take in takes for each in findings_of_take(puppet, take)]


def findings_of_take(puppet: Puppet, take: Take) -> list[Finding]:
    """All findings about one take."""
    checks = (_open, _outside, _unbegun, _limits, _jumps, _slides)
    return [each for check in checks for each in check(puppet, take)]


def _open(puppet: Puppet, take: Take) -> Iterator[Finding]:
    """Channels of a loop that jump at its end."""
    if not take.loop:
        return
    for channel in take.tracks:
        first, last = key_at(take, channel, take.first), key_at(take, channel, take.last)
        if first is not None and last is not None and first.value != last.value and exists(puppet, owner_of(channel)):
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
            yield finding("key-outside", owner, take=take.name, name=thing(puppet, owner).name, frame=frames[0])


def _unbegun(puppet: Puppet, take: Take) -> Iterator[Finding]:
    """Things that move in a take that plays once, without a key at its beginning."""
    if take.loop:
        return
    for owner in dict.fromkeys(map(owner_of, take.tracks)):
        tracks = [track for channel, track in take.tracks.items() if owner_of(channel) == owner]
        moving = [track for track in tracks if len({key.value for key in track}) > 1]
        if moving and all(track[0].frame > take.first + SAME for track in moving) and exists(puppet, owner):
            yield finding("key-missing", owner, take=take.name, name=thing(puppet, owner).name)


@remembered
def _frames(take: Take) -> Floats:
    """The frames that are looked at: all, or so many of a long take."""
    return np.linspace(take.first, take.last, min(take.last - take.first, FRAMES) + 1)


@remembered
def _placed(puppet: Puppet, take: Take) -> Placed:
    return placed_over(take, puppet, _frames(take))


def _limits(puppet: Puppet, take: Take) -> Iterator[Finding]:
    """Joints that are keyed beyond their limits."""
    for name in take.tracks:
        joint = puppet.joints.get(owner_of(name))
        if joint is None or joint.limit is None or not name.endswith(".turn"):
            continue
        asked = _placed(puppet, take).channels["turn"][:, _placed(puppet, take).plan.place[owner_of(name)]]
        beyond = np.maximum(joint.limit.smallest - asked, asked - joint.limit.largest)
        worst = int(np.argmax(beyond))
        if beyond[worst] > BEYOND:
            words = angle_text(float(beyond[worst]), 0).replace("\N{MINUS SIGN}", "")
            yield finding(
                "take-limit", owner_of(name), take=take.name, name=joint.name, beyond=words, frame=_frames(take)[worst]
            )


def _jumps(puppet: Puppet, take: Take) -> Iterator[Finding]:
    """Joints that turn too far within one frame, and not evenly between two."""
    if not take.tracks or take.last - take.first > FRAMES:
        return
    placed = _placed(puppet, take)
    steps = np.abs(wrapped(np.diff(placed.turns, axis=0)))
    for i, key in enumerate(placed.plan.joints):
        frame = int(np.argmax(steps[:, i]))
        if steps[frame, i] <= JUMP:
            continue
        at = _frames(take)[frame]
        fine = placed_over(take, puppet, np.linspace(at, at + 1, FINER + 1)).turns[:, i]
        if np.abs(wrapped(np.diff(fine))).max() > 0.5 * steps[frame, i]:
            turn = angle_text(float(steps[frame, i]), 0).replace("\N{MINUS SIGN}", "")
            yield finding("take-jumps", key, take=take.name, name=puppet.joints[key].name, turn=turn, frame=at + 1)


def _slides(puppet: Puppet, take: Take) -> Iterator[Finding]:
    """Planted feet that can't reach where they are held."""
    planted = set(legs_of(puppet))
    if not planted or not take.tracks:
        return
    frames, placed = _frames(take), _placed(puppet, take)
    for i, (key, limb) in enumerate(puppet.limbs.items()):
        if key in planted:
            away = placed.limbs.distance[:, i]
            worst = int(np.argmax(away))
            if away[worst] > SLIDE:
                yield finding("feet-slide", key, take=take.name, name=limb.name, away=away[worst], frame=frames[worst])


def _name(puppet: Puppet, channel: str) -> str:
    return str(thing(puppet, owner_of(channel)).name)

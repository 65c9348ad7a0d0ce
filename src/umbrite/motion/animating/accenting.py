"""What a head and a body do along with what is said: nods on accents, breath before it is spoken on; as ordinary keys laid on a take."""

from collections.abc import Sequence
from typing import NamedTuple

import numpy as np
from msgspec.structs import replace

from umbrite.motion.sampling import sample
from umbrite.rig.errors import RigError
from umbrite.rig.family import body_carrier
from umbrite.rig.model import Puppet
from umbrite.rig.takes.take import Key, Take
from umbrite.rig.words.body_words import kind_of

PAUSE = 0.5  # seconds between two accents in which one breathes in


class Nods(NamedTuple):
    """How it nods: by `turn` in radians, down in `down` frames and up again in `up`; it breathes by `breath` as a share of its height."""

    turn: float = 0.09
    down: int = 3
    up: int = 6
    breath: float = 0.006


def head_of(puppet: Puppet) -> str | None:
    """The joint that nods: the head, or else the neck."""
    kinds = {kind_of(joint.name): key for key, joint in reversed(list(puppet.joints.items()))}
    return kinds.get("head") or kinds.get("neck")


def nodding_at(take: Take, puppet: Puppet, frames: Sequence[float], how: Nods) -> Take:
    """The take with a nod at each frame, on top of what is keyed, smaller where they come quickly. Raises RigError where there is no head."""
    head = head_of(puppet)
    if head is None:
        raise RigError("No head was found that could nod. Name the joint of the head so.")
    bumps: list[tuple[float, float]] = []
    for at, after in zip(sorted(frames), [*sorted(frames)[1:], np.inf], strict=True):
        room = min((after - at) / (how.down + how.up), 1.0)
        bumps += [(at - how.down, 0.0), (at, how.turn * room), (at + how.up * room, 0.0)]
    return _on_top(take, puppet, f"{head}.turn", bumps)


def breathing_before(take: Take, puppet: Puppet, frames: Sequence[float], how: Nods) -> Take:
    """The take in which the body rises with a breath before each accent that comes after a pause, and sinks while it is spoken.

    It never rises above where it stands, so that straight legs reach the ground. Raises RigError where there is no body.
    """
    body = body_carrier(puppet)
    if body is None:
        raise RigError(
            "There is no body that could breathe. Use 'The body must move' first, so that something carries it."
        )
    sunk, bumps = how.breath * puppet.height, list[tuple[float, float]]()
    before = -np.inf
    for at in sorted(frames):
        if at - before > PAUSE * take.rate:
            bumps += [(at - PAUSE * take.rate, sunk), (at - 2, 0.0), (at + PAUSE * take.rate, sunk)]
        before = at
    bumps.append((take.last, 0.0))
    return _on_top(take, puppet, f"{body}.y", bumps)


def _on_top(take: Take, puppet: Puppet, name: str, bumps: Sequence[tuple[float, float]]) -> Take:
    """A take with bumps added to a channel: keys where either has some, on whole frames."""
    inside = {round(at): more for at, more in bumps if take.first <= round(at) <= take.last}
    if not inside:
        return take
    inside.setdefault(take.first, 0.0)  # what moves has a key where the take begins
    added = replace(take, tracks={name: tuple(Key(float(at), more, "smooth") for at, more in sorted(inside.items()))})
    keyed = {key.frame: key for key in take.tracks.get(name, ())}
    frames = sorted({*keyed, *map(float, inside)})
    own = sample(take, puppet, frames)[name] if keyed else np.zeros(len(frames))
    both = own + sample(added, puppet, frames)[name]
    track = tuple(
        replace(keyed[frame], value=float(value)) if frame in keyed else Key(frame, float(value), "smooth")
        for frame, value in zip(frames, both, strict=True)
    )
    return replace(take, tracks={**take.tracks, name: track})

"""A stop made by posing: what a response has to add at a value so that the puppet looks there as it was posed."""

import numpy as np

from umbrite.motion.driving.responses import given, ready
from umbrite.rig.channels import CHANNEL_KINDS, channel, neutral
from umbrite.rig.driving.rules import has_two_values
from umbrite.rig.edits.responses.stops import drives_itself
from umbrite.rig.model import Point, Pose, Puppet, Response

TINY = 1e-9  # a channel that differs by less was not posed


def added_at(puppet: Puppet, response: Response, at: Point) -> dict[str, float]:
    """What a response adds at a value of its driver, by channel."""
    found = ready(puppet, response)
    values = [at.x, at.y] if has_two_values(puppet, response.driver) else [at.x]
    gains = given(found, [np.array([value]) for value in values])[0].tolist()
    return dict(zip(found.drives, gains, strict=True))


def stop_channels(puppet: Puppet, response: Response, at: Point, before: Pose, posed: Pose) -> dict[str, float]:
    """What a stop has to add so that `before` shows what `posed` shows: what is added there now, and what was posed on top of it.

    The driver's own value says where the stop is, and is no part of it.
    """
    found = added_at(puppet, response, at)
    for name in {*before, *posed}:
        by = _way(puppet, name, before, posed)
        if abs(by) > TINY and not drives_itself(response, name):
            found[name] = found.get(name, 0.0) + by
    return {name: value for name, value in found.items() if abs(value) > TINY}


def _way(puppet: Puppet, name: str, before: Pose, posed: Pose) -> float:
    """By how much a channel was posed; of sets in places of their order."""
    one, other = (pose.get(name, neutral(name)) for pose in (before, posed))
    found = channel(name)
    if found is None or found.kind is not CHANNEL_KINDS["shows"] or found.owner not in puppet.sets:
        return other - one
    chosen = puppet.sets[found.owner]
    numbers = [variant.number for variant in chosen.variants]
    places = [numbers.index(round(n)) if round(n) in numbers else numbers.index(chosen.rest) for n in (one, other)]
    return float(places[1] - places[0])

"""Layers of a take: what is laid over its channels, and from what a channel should come to back to the value to key under them.

A layer that adds gives `below + amount * layer`, one that takes over `below + amount * (layer - below)`. What holds its value until the
next key can't be added to: from half the amount on it is the layer's, where it says anything. A layer counts from its first frame to its last; a
loop goes on.
"""

from collections.abc import Iterator, Mapping, Sequence
from typing import NamedTuple

import numpy as np
from msgspec.structs import replace
from numpy.typing import NDArray

from umbrite.motion.sampling import sample
from umbrite.rig.channels import is_stepped, neutral
from umbrite.rig.errors import RigError
from umbrite.rig.model import Puppet
from umbrite.rig.takes.keys import SAME
from umbrite.rig.takes.take import AMOUNT, Layer, Take

Floats = NDArray[np.float64]
LEAST = 0.05  # of an amount through which something can be keyed


class _Laid(NamedTuple):
    """A layer at frames: its amount and its channels."""

    layer: Layer
    amount: Floats
    channels: Mapping[str, Floats]


def with_layers(take: Take, puppet: Puppet, frames: Floats, below: Mapping[str, Floats]) -> dict[str, Floats]:
    """The channels of a take at frames with its layers laid over `below`, all of shape (frames,)."""
    found = dict(below)
    for laid in _laid(take.layers, take, puppet, frames):
        found |= _over(laid, puppet, found)
    return found


def amount_of(take: Take, layer: Layer, puppet: Puppet, frames: Floats) -> Floats:
    """How much of a layer counts at frames of the take that it lies over, (frames,): nothing before it begins, and after its end."""
    at = np.mod(frames - take.first, take.last - take.first) + take.first if take.loop else frames
    own = layer.take
    there = (at >= own.first - SAME) & (own.loop | (at <= own.last + SAME))
    track = own.tracks.get(AMOUNT, ())
    # Its amount is told over the frames of the whole take, also where it goes round.
    told = sample(replace(own, loop=False, tracks={AMOUNT: track}), puppet, at)[AMOUNT] if track else np.ones(len(at))
    amount = np.where(there & (not layer.off), np.maximum(told, 0.0), 0.0)
    return np.minimum(amount, 1.0) if layer.way == "replaces" else amount


def _laid(layers: Sequence[Layer], take: Take, puppet: Puppet, frames: Floats) -> Iterator[_Laid]:
    at = np.mod(frames - take.first, take.last - take.first) + take.first if take.loop else frames
    for layer in layers:
        amount = amount_of(take, layer, puppet, frames)
        if amount.any():
            names = [name for name in layer.take.tracks if name != AMOUNT]
            yield _Laid(layer, amount, sample(layer.take, puppet, at, names))


def _over(laid: _Laid, puppet: Puppet, below: Mapping[str, Floats]) -> dict[str, Floats]:
    found = {}
    whole, adds = bool((laid.amount == 1).all()), laid.layer.way == "adds"
    for name, values in laid.channels.items():
        under = below.get(name)
        if whole and under is not None and adds and not is_stepped(puppet, name):
            found[name] = under + values
            continue
        under = np.full(len(values), neutral(name)) if under is None else under
        if is_stepped(puppet, name):
            says = (laid.amount >= 0.5) & ((laid.layer.way == "replaces") | (values != neutral(name)))
            found[name] = np.where(says, values, under)
        elif laid.layer.way == "adds":
            found[name] = under + laid.amount * values
        else:
            found[name] = under + laid.amount * (values - under)
    return found


def under_layers(
    take: Take,
    puppet: Puppet,
    frames: Floats,
    below: Mapping[str, Floats],
    wanted: Mapping[str, Floats],
    level: str = "",
) -> tuple[dict[str, Floats], NDArray[np.bool_]]:
    """The values with which a level of a take (the layer of that name, or the take itself) makes channels come to what is wanted, and in which
    frames it can: (frames,). `below` are the channels of the take without layers.
    """
    names = [layer.take.name for layer in take.layers]
    at = names.index(level) if level else -1
    under = dict(below)
    for laid in _laid(take.layers[: max(at, 0)], take, puppet, frames):
        under |= _over(laid, puppet, under)
    values, can = dict(wanted), np.ones(len(frames), dtype=bool)
    for laid in reversed(list(_laid(take.layers[at + 1 :], take, puppet, frames))):
        for name in values.keys() & laid.channels.keys():
            own, amount = laid.channels[name], laid.amount
            if is_stepped(puppet, name):
                can &= ~((amount >= 0.5) & ((laid.layer.way == "replaces") | (own != neutral(name))))
            elif laid.layer.way == "adds":
                values[name] = values[name] - amount * own
            else:
                left = 1 - amount
                can &= left >= LEAST
                values[name] = (values[name] - amount * own) / np.where(left >= LEAST, left, 1.0)
    if not level:
        return values, can
    layer = take.layers[at]
    amount = amount_of(take, layer, puppet, frames)
    can &= amount >= LEAST
    safe = np.where(amount >= LEAST, amount, 1.0)
    for name in [name for name in values if not is_stepped(puppet, name)]:
        base = under.get(name)
        base = np.full(len(frames), neutral(name)) if base is None else base
        more = (values[name] - base) / safe
        values[name] = more if layer.way == "adds" else base + more
    return values, can


def keyed_under(
    take: Take, puppet: Puppet, frame: float, below: Mapping[str, float], wanted: Mapping[str, float], level: str = ""
) -> dict[str, float]:
    """The same for one frame in plain numbers. Raises RigError where what lies over it leaves nothing of it, or where the layer does not count."""
    frames = np.array([frame])
    values, can = under_layers(take, puppet, frames, _rows(below), _rows(wanted), level)
    if not can.all():
        if level:
            raise RigError(f"The layer {level} does not count at this frame. Raise its amount, or go to where it does.")
        raise RigError("A layer takes over here. Open that layer to key it, or lower its amount.")
    return {name: float(value[0]) for name, value in values.items()}


def _rows(values: Mapping[str, float]) -> dict[str, Floats]:
    return {name: np.array([value]) for name, value in values.items()}

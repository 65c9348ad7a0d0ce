"""A take and the layers over it made one take, which looks the same: with keys where they are needed."""

import numpy as np
from msgspec.structs import replace

from umbrite.motion.animating.playing import placed_over
from umbrite.motion.animating.stepping import channels_over, without_layers
from umbrite.motion.baking.few_keys import looks_at, nearest
from umbrite.motion.scene import corners_of
from umbrite.rig.errors import RigError
from umbrite.rig.model import Puppet
from umbrite.rig.takes.take import Take


def made_one(take: Take, puppet: Puppet) -> Take:
    """The take with its layers in its own keys. Raises RigError where it has none, and where it walks after its master."""
    if not take.layers:
        raise RigError(f"{take.name} has no layers.")
    if take.walking is not None:
        raise RigError(f"{take.name} walks after its master. Bake the walk to keys first.")
    frames = looks_at(take)
    whole, plain = channels_over(take, puppet, frames), without_layers(take, puppet, frames)
    changed = {name: values for name, values in whole.items() if name not in plain or (values != plain[name]).any()}
    corners = corners_of(placed_over(take, puppet, frames))

    def off(made: Take) -> float:
        return float(np.abs(corners_of(placed_over(made, puppet, frames)) - corners).max(initial=0.0))

    return nearest(replace(take, layers=()), puppet, frames, changed, off)

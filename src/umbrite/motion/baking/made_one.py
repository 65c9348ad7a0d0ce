"""A take and the layers over it made one take, which looks the same: with keys where they are needed."""

from msgspec.structs import replace

from umbrite.motion.animating.stepping import channels_over, without_layers
from umbrite.motion.baking.few_keys import looks_at, with_values_at
from umbrite.rig.errors import RigError
from umbrite.rig.model import Puppet
from umbrite.rig.takes.take import Take

ROOM = 0.02  # board pixels


def made_one(take: Take, puppet: Puppet) -> Take:
    """The take with its layers in its own keys. Raises RigError where it has none, and where it walks after its master."""
    if not take.layers:
        raise RigError(f"{take.name} has no layers.")
    if take.walking is not None:
        raise RigError(f"{take.name} walks after its master. Bake the walk to keys first.")
    frames = looks_at(take)
    whole, plain = channels_over(take, puppet, frames), without_layers(take, puppet, frames)
    changed = {name: values for name, values in whole.items() if name not in plain or (values != plain[name]).any()}
    return replace(with_values_at(replace(take, layers=()), puppet, frames, changed, ROOM), layers=())

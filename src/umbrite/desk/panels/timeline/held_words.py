"""What a held value means, in words for the tape."""

import math

from umbrite.desk.theme.language import tr
from umbrite.rig.channels import CLIPS, channel, end_hold_of
from umbrite.rig.model import Puppet

HOLD_WORDS = {"limb": "Turns with limb", "target": "Kept by target", "toe": "Points at toe"}


def held_words(puppet: Puppet, name: str, value: float) -> str:
    """The words for a value of a channel that holds until the next key."""
    found, number = channel(name), round(value)
    what = found.kind.what if found is not None else ""
    if found is not None and what == "follows" and found.owner in puppet.joints:
        joint = puppet.joints[found.owner]
        carriers = (joint.parent, *joint.also)
        carrier = carriers[min(max(number, 0), len(carriers) - 1)]
        return puppet.joints[carrier].name if carrier else tr("The board")
    if value == 0:
        return tr("As at rest")
    if what == "depth":
        far = math.ceil(abs(value))
        return tr("{count} forward", count=far) if value > 0 else tr("{count} back", count=far)
    if found is not None and what == "hold" and found.owner in puppet.limbs:
        return tr(HOLD_WORDS[end_hold_of(puppet.limbs[found.owner], value)])
    words = CLIPS[min(max(number, 1), len(CLIPS)) - 1] if what == "clip" else "shown" if number > 0 else "hidden"
    return tr(words.capitalize())

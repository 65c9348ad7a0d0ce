"""Wick calls out his lamps: a sound, a mouth made from it, body and hand performed by the simulated device, nods and blinks along."""

import math
from pathlib import Path

import numpy as np
from msgspec.structs import replace

from umbrite.demo.stand_ins.device_script import Sent, read_script
from umbrite.files.package import Package
from umbrite.files.takes.sounded import sound_file
from umbrite.motion.animating.accenting import Nods, breathing_before, nodding_at
from umbrite.motion.animating.idling import Blinks, blinking_at, eyes_of
from umbrite.motion.performing.axes import set_by_axis
from umbrite.motion.performing.kept_takes import Shaping, performed
from umbrite.motion.performing.recorded import Recorded
from umbrite.rig.model import Puppet
from umbrite.rig.takes.sounds import frame_of_second, lay_sound, sound_of, with_marks
from umbrite.rig.takes.take import Take
from umbrite.sound.loudness import accents
from umbrite.sounds_by_name import with_mouths

SOUNDS = Path(__file__).parent / "sounds"
NAME, RATE, SECONDS = "Call", 24.0, 6.0
WORDS = "Lanterns! Lanterns! Red ones, gold ones, a small blue moon. Who will carry a light home?"
# The passes, one over the other: what each axis of the device does to which control.
PASSES: tuple[dict[str, tuple[str, str]], ...] = (
    {"/stick/1/x": ("Body", "x"), "/stick/1/y": ("Body", "y")},
    {"/stick/2/x": ("Far hand", "x"), "/stick/2/y": ("Far hand", "y")},
    {"/face/turn": ("Head turn", "value")},
)
SMOOTH = 0.35


def with_call(package: Package) -> Package:
    """The package with the take."""
    puppet = package.puppet
    sound, data, samples = sound_file(SOUNDS / "calling.opus")
    take = lay_sound(Take(NAME, RATE, 0, round(SECONDS * RATE)), replace(sound, at=2.0))
    take = with_marks(take, accents(samples))
    sent = read_script(SOUNDS / "calling.txt")
    for axes in PASSES:
        take = performed(take, puppet, recorded(puppet, sent, axes), Shaping(SMOOTH))
    marked = [frame_of_second(take, each) for each in sound_of(take).marks]
    take = nodding_at(take, puppet, marked, Nods(turn=math.radians(4)))
    take = blinking_at(take, puppet, eyes_of(puppet), marked[2::3], Blinks(late=0))
    take = breathing_before(take, puppet, marked, Nods())
    takes = (*package.document.takes, take)
    whole = Package(replace(package.document, takes=takes), {**package.art, sound.sha256: data})
    return with_mouths(whole, NAME, WORDS)


def recorded(puppet: Puppet, sent: list[Sent], axes: dict[str, tuple[str, str]]) -> Recorded:
    """What a pass records of a device whose axes are on these controls."""
    keys = {control.name: key for key, control in puppet.controls.items()}
    found: dict[str, tuple[list[float], list[float]]] = {}
    for each in sent:
        if each.address in axes:
            control, what = axes[each.address]
            for name, value in set_by_axis(puppet, keys[control], what, each.values[0]).items():
                clocks, values = found.setdefault(name, ([], []))
                clocks.append(each.at * RATE)
                values.append(value)
    samples = {name: (np.array(clocks), np.array(values)) for name, (clocks, values) in found.items()}
    return Recorded(samples, SECONDS * RATE)

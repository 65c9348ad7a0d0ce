"""Sounds and mouths by the names of takes and sets: laid under a take, and what is said in it as keys."""

from pathlib import Path

from msgspec.structs import replace

from umbrite.files.package import Package
from umbrite.files.sandbox.sound_reading import phones_of, samples_of
from umbrite.files.takes.sounded import sound_file
from umbrite.motion.animating.mouths import matched, mouths_of, said_by_control, said_by_drawings
from umbrite.rig.control_kinds import traits
from umbrite.rig.errors import RigError, Watch, unwatched
from umbrite.rig.model import Puppet
from umbrite.rig.takes.sounds import lay_sound, sound_of
from umbrite.rig.takes.take_list import add_take, get_take, put_take
from umbrite.sound.mouth_shapes import shapes_by_loudness, shapes_of


def with_sound(package: Package, take: str, path: Path, at: float | None = None, watch: Watch = unwatched) -> Package:
    """The package with a sound file under a take, from a frame on or the take's first; a take that is not there is made, as long as the sound.

    Raises FileError for what is no sound.
    """
    sound, data, _ = sound_file(path, watch)
    document = package.document
    takes = document.takes
    if all(each.name != take for each in takes):
        takes = add_take(takes, take)
        made = get_take(takes, take)
        takes = put_take(takes, take, replace(made, last=max(1, round(sound.seconds * made.rate))))
    one = get_take(takes, take)
    laid = lay_sound(one, replace(sound, at=float(one.first) if at is None else float(at)))
    document = replace(document, takes=put_take(takes, take, laid))
    return Package(document, {**package.art, sound.sha256: data})


def with_mouths(
    package: Package,
    take: str,
    words: str = "",
    mouth: str = "",
    *,
    by_loudness: bool = False,
    watch: Watch = unwatched,
) -> Package:
    """The package with a mouth that speaks the sound of a take, along the words where they are given: a set, slider or pad by its name, or what
    is named a mouth. Raises RigError with the names there are, and FileError where the words don't fit.
    """
    one, puppet = get_take(package.document.takes, take), package.puppet
    sound = sound_of(one)
    key, data = _mouth(puppet, mouth), package.art[sound.sha256]
    samples = samples_of(data, sound.name, watch)
    shapes = (
        shapes_by_loudness(samples) if by_loudness else shapes_of(phones_of(data, sound.name, words, watch), samples)
    )
    if key in puppet.sets:
        made = said_by_drawings(one, puppet, key, shapes, matched(puppet.sets[key]))
    else:
        made = said_by_control(one, puppet, key, shapes)
    return package.having(takes=put_take(package.document.takes, take, made))


def _mouth(puppet: Puppet, name: str) -> str:
    speaking = {key: one.name for key, one in puppet.sets.items()}
    speaking |= {key: each.name for key, each in puppet.controls.items() if traits(each).values}
    found = (
        next((key for key, each in speaking.items() if each == name), None)
        if name
        else next(iter(mouths_of(puppet)), None)
    )
    if found is None:
        known = ", ".join(speaking.values()) or "none"
        raise RigError(
            f"There is no mouth {f'named {name!r} ' if name else ''}in {puppet.name}. Sets, sliders and pads are: {known}."
        )
    return found

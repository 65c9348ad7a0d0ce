"""A mouth that speaks: the shapes of a sound as keys of a take, for drawings that take turns and for sliders and pads that open a mouth.

A shape stands for two frames at least, comes a frame before its sound (what is seen early looks right, what is late does not), and where it is
quiet nothing is keyed but the mouth at rest.
"""

from collections.abc import Mapping, Sequence
from typing import NamedTuple

from msgspec.structs import replace

from umbrite.rig.channels import shows_value
from umbrite.rig.control_kinds import span_of, traits
from umbrite.rig.errors import RigError
from umbrite.rig.model import Puppet, VariantSet
from umbrite.rig.takes.keys import put_keys
from umbrite.rig.takes.sounds import frame_of_second, sound_of
from umbrite.rig.takes.take import Key, Take
from umbrite.sound.mouth_shapes import CLOSED, OPEN, OPENNESS, REST, ROUND, SHAPES, TEETH, TONGUE, WIDE, WIDTH, Shape

# Words in the names of drawings by which a shape knows its own, best first.
NAMED: Mapping[str, tuple[str, ...]] = {
    CLOSED: ("closed", "mm", "m", "mbp", "shut", "flat", "zu", "geschlossen", "ferme", "cerrada", "neutral", "rest"),
    OPEN: ("open", "ah", "a", "aa", "aah", "big", "offen", "ouverte", "abierta"),
    WIDE: ("wide", "ee", "e", "i", "eh", "smile", "breit", "weit", "ajar", "half"),
    ROUND: ("round", "oh", "o", "oo", "u", "uh", "w", "pointed", "rund"),
    TEETH: ("teeth", "ff", "f", "fv", "v", "lip", "zähne", "wide", "ee"),
    TONGUE: ("tongue", "l", "ll", "th", "zunge", "wide", "ee"),
}
MOUTHS = ("mouth", "lips", "beak", "snout", "jaw", "mund", "bouche", "boca", "bocca", "schnabel")


class Talk(NamedTuple):
    """How a mouth follows what is said: `early` and `least` in frames."""

    early: int = 1
    least: int = 2


AS_USUAL = Talk()


def mouths_of(puppet: Puppet) -> list[str]:
    """What can speak, by its name: sets of drawings first, then sliders and pads; all sets where none is named so."""
    named = [key for key, one in puppet.sets.items() if _is_mouth(one.name)]
    valued = [key for key, each in puppet.controls.items() if traits(each).values and _is_mouth(each.name)]
    return [*named, *valued] or list(puppet.sets)


def _is_mouth(name: str) -> bool:
    return any(word in name.casefold() for word in MOUTHS)


def matched(one: VariantSet) -> dict[str, int]:
    """For each shape the number of the variant that its name fits best; that at rest where none does."""
    by_words = [(set(variant.name.casefold().replace("-", " ").split()), variant.number) for variant in one.variants]
    found = {}
    for shape in SHAPES:
        fits = (number for word in NAMED[shape] for words, number in by_words if word in words)
        found[shape] = next(fits, one.rest)
    return found


def in_frames(take: Take, shapes: Sequence[Shape], how: Talk = AS_USUAL) -> list[tuple[int, str]]:
    """The shapes as (frame, name) within the take and what is heard of its sound; those too short for a picture of their own are left out.

    A closed mouth is what is seen of m, b and p: it wins over what stands beside it.
    """
    sound = sound_of(take)
    found: list[tuple[int, str]] = []
    for shape in shapes:
        if shape.end <= sound.starts or shape.start >= sound.heard_to:
            continue
        frame = max(round(frame_of_second(take, max(shape.start, sound.starts))) - how.early, take.first)
        if frame > take.last:
            break
        while found and frame - found[-1][0] < how.least and found[-1][1] != CLOSED and shape.name != REST:
            frame = found.pop()[0]  # what was too short gives its time to what comes
        if found and frame - found[-1][0] < how.least:
            frame = found[-1][0] + how.least
        if not found or found[-1][1] != shape.name:
            found.append((frame, shape.name))
    last = round(frame_of_second(take, sound.heard_to))
    if found and found[-1][1] != REST and last <= take.last:
        found.append((max(last, found[-1][0] + how.least), REST))
    return [(frame, name) for frame, name in found if frame <= take.last]


def _said(take: Take, shapes: Sequence[Shape], how: Talk) -> list[tuple[int, str]]:
    if framed := in_frames(take, shapes, how):
        return framed
    raise RigError("Nothing is said where this take plays. Move the sound, or make the take longer.")


def said_by_drawings(
    take: Take, puppet: Puppet, key: str, shapes: Sequence[Shape], table: Mapping[str, int], how: Talk = AS_USUAL
) -> Take:
    """The take in which a set shows the drawings of the shapes; what was keyed there before goes. Raises RigError for a take without sound."""
    one, name = puppet.sets[key], f"{key}.shows"
    known = {variant.number for variant in one.variants}
    quiet = one.rest if one.rest in known else one.variants[0].number
    numbers = {REST: quiet, **{shape: number for shape, number in table.items() if number in known}}
    framed = _said(take, shapes, how)
    values = {float(frame): shows_value(one, numbers.get(shape, quiet)) for frame, shape in framed}
    bare = replace(take, tracks={each: track for each, track in take.tracks.items() if each != name})
    values = {float(take.first): 0.0, **values} if min(values) > take.first else values
    track: list[Key] = []
    for frame, value in sorted(values.items()):
        if not track or track[-1].value != value:
            track.append(Key(frame, value, "hold"))
    return replace(bare, tracks={**bare.tracks, name: tuple(track)})


def said_by_control(take: Take, puppet: Puppet, key: str, shapes: Sequence[Shape], how: Talk = AS_USUAL) -> Take:
    """The take in which a slider opens the mouth, or a pad opens it upwards and widens it across; what was keyed there before goes. Raises RigError
    for a take without sound.
    """
    control = puppet.controls[key]
    least, most = span_of(control)
    framed = _said(take, shapes, how)
    names = [f"{key}.value", f"{key}.value_y"] if traits(control).two_values else [f"{key}.value"]
    bare = replace(take, tracks={each: track for each, track in take.tracks.items() if each not in names})
    made = put_keys(bare, take.first, dict.fromkeys(names, 0.0)) if framed[0][0] > take.first else bare
    for frame, shape in framed:
        wide, far = WIDTH[shape], OPENNESS[shape]
        if len(names) > 1:
            values = {names[0]: wide * (most.x if wide > 0 else -least.x), names[1]: far * most.y}
        else:
            values = {names[0]: far * (most.x or least.x)}
        made = put_keys(made, frame, values)
    return made

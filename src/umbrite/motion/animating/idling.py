"""What goes on while nothing happens: breath and blinks, as ordinary keys laid on a take."""

import random
from collections.abc import Sequence
from typing import NamedTuple

from msgspec.structs import replace

from umbrite.motion.sampling import sample
from umbrite.rig.channels import shows_value
from umbrite.rig.errors import RigError
from umbrite.rig.family import body_carrier, children
from umbrite.rig.model import Puppet, Variant
from umbrite.rig.takes.keys import delay, put_keys
from umbrite.rig.takes.take import Key, Take, Track
from umbrite.rig.words.body_words import kind_of

CLOSED = -0.92  # of an eye's height, where there is no drawing of it closed
LATE = 0.08  # of a breath, by which the head comes after the chest


class Breath(NamedTuple):
    """How it breathes: `depth` as the share of its height by which the body sinks, `length` in frames, how far chest and head turn, in
    radians.
    """

    depth: float = 0.008
    length: int = 48
    turn: float = 0.03


class Blinks(NamedTuple):
    """How it blinks: from `least` to `most` frames from one to the next, `shut` frames closed, each further eye so many frames `late`."""

    least: int = 30
    most: int = 90
    shut: int = 2
    late: int = 1
    seed: int = 1


def breathing(take: Take, puppet: Puppet, how: Breath) -> Take:
    """The take with a breath in the channels of body, chest and head, added to what is keyed there; as many as its length has room for.

    Raises RigError where nothing is there that could breathe.
    """
    if how.length < 8:
        raise RigError("A breath takes at least 8 frames. Choose a longer one.")
    moves = _breathing_channels(puppet, how)
    if not moves:
        raise RigError(
            "There is no body that could breathe. Use 'The body must move' first, so that something carries it."
        )
    count = max(1, round((take.last - take.first) / how.length))
    half = (take.last - take.first) / count / 2
    tracks = {
        name: tuple(Key(take.first + half * i, way * (i % 2), "eased", 0.4, 0.4) for i in range(2 * count + 1))
        for name, way in moves.items()
    }
    breath = replace(take, tracks=tracks)
    if take.loop:
        breath = delay(breath, [[name] for name in moves], LATE * 2 * half)
    added = {name: _on_top(take, breath, puppet, name) for name in moves if name in take.tracks}
    return replace(take, tracks={**take.tracks, **breath.tracks, **added})


def _on_top(take: Take, breath: Take, puppet: Puppet, name: str) -> Track:
    """What is keyed and a breath together: keys where either has some."""
    keyed = {key.frame: key for key in take.tracks[name]}
    frames = sorted({*keyed, *(key.frame for key in breath.tracks[name])})
    both = sample(take, puppet, frames)[name] + sample(breath, puppet, frames)[name]
    return tuple(
        replace(keyed[frame], value=float(number)) if frame in keyed else Key(frame, float(number))
        for frame, number in zip(frames, both, strict=True)
    )


def _breathing_channels(puppet: Puppet, how: Breath) -> dict[str, float]:
    """What moves with a breath and how far, from the body up."""
    body = body_carrier(puppet)
    found: dict[str, float] = {}
    if body is not None:
        found[f"{body}.y"] = how.depth * puppet.height
    chest = next((key for key, joint in puppet.joints.items() if kind_of(joint.name) == "trunk"), None)
    if chest is not None:
        found[f"{chest}.turn"] = how.turn
        head = next(
            (key for key in children(puppet, chest) if kind_of(puppet.joints[key].name) in {"neck", "head"}), None
        )
        if head is not None:
            found[f"{head}.turn"] = -1.3 * how.turn
    return found


def eyes_of(puppet: Puppet) -> list[str]:
    """What can blink, by its name: variant sets of eyes, or joints of eyes where there is none."""
    named = [key for key, one in puppet.sets.items() if _is_eye(one.name)]
    return named or [key for key, joint in puppet.joints.items() if _is_eye(joint.name)]


def _is_eye(name: str) -> bool:
    return kind_of(name) in {"eye", "eyes"} or any(word in name.casefold().split() for word in ("eye", "eyes"))


def blinking(take: Take, puppet: Puppet, eyes: Sequence[str], how: Blinks) -> Take:
    """The take with blinks of these sets or joints, at random distances, the same for the same seed; each eye after the one before.

    A set shows its variant named closed, or its last one, half closed on the way where there is one; a joint is pressed flat.
    Raises RigError without eyes.
    """
    if not eyes:
        raise RigError("No eye was found. Select what should blink: a set of eyes, or the joints of eyes.")
    if not 1 <= how.least <= how.most:
        raise RigError("From one blink to the next are at least 1 frame, and the most are not less than the least.")
    chance = random.Random(how.seed)
    frame = take.first + chance.randint(how.least // 2, how.most // 2)
    while frame + how.shut + how.late * len(eyes) + 2 <= take.last:
        for i, eye in enumerate(eyes):
            take = _blink(take, puppet, eye, frame + i * how.late, how.shut)
        frame += chance.randint(how.least, how.most)
    return take


def blinking_at(take: Take, puppet: Puppet, eyes: Sequence[str], frames: Sequence[float], how: Blinks) -> Take:
    """The take with a blink at each of these frames that has room for one. Raises RigError without eyes."""
    if not eyes:
        raise RigError("No eye was found. Select what should blink: a set of eyes, or the joints of eyes.")
    free = float(take.first)
    for frame in sorted(round(each) for each in frames):
        if free < frame and frame + how.shut + how.late * len(eyes) + 2 <= take.last:
            for i, eye in enumerate(eyes):
                take = _blink(take, puppet, eye, frame + i * how.late, how.shut)
            free = frame + how.shut + how.late * len(eyes) + 3
    return take


def _blink(take: Take, puppet: Puppet, eye: str, frame: int, shut: int) -> Take:
    if eye in puppet.sets:
        return _blink_by_drawings(take, puppet, eye, frame, shut)
    name = f"{eye}.scale_y"
    if not take.tracks.get(name):
        take = put_keys(take, take.first, {name: 0.0})
    for at, value in ((frame - 1, 0.0), (frame, CLOSED), (frame + shut - 1, CLOSED), (frame + shut + 1, 0.0)):
        take = put_keys(take, max(at, take.first), {name: value}, interpolation="straight")
    return take


def _blink_by_drawings(take: Take, puppet: Puppet, key: str, frame: int, shut: int) -> Take:
    name, variants = f"{key}.shows", puppet.sets[key].variants
    closed = _named(variants, ("closed", "shut", "zu", "geschlossen")) or variants[-1]
    half = _named(variants, ("half", "halb"))
    if not take.tracks.get(name):
        take = put_keys(take, take.first, {name: 0.0}, holding=[name])
    shown = [key.value for key in take.tracks[name] if key.frame <= frame][-1]
    steps = [(frame, float(closed.number)), (frame + shut, shown)]
    if half is not None and half is not closed and frame > take.first:
        steps = [
            (frame - 1, float(half.number)),
            (frame, float(closed.number)),
            (frame + shut, float(half.number)),
            (frame + shut + 1, shown),
        ]
    for at, value in steps:
        take = put_keys(take, at, {name: value}, holding=[name])
    return take


def _named(variants: Sequence[Variant], words: tuple[str, ...]) -> Variant | None:
    return next((variant for variant in variants if set(variant.name.casefold().split()) & set(words)), None)


def played_through(take: Take, puppet: Puppet, key: str, frame: float, each: int, *, back: bool) -> Take:
    """The take in which the variants of a set come one after the other from a frame on, `each` for so many frames, and back again.

    Afterwards shows what showed before. Refuses less than a frame each.
    """
    if each < 1:
        raise RigError("Each variant shows for at least one frame. Choose more.")
    one = puppet.sets[key]
    numbers = [variant.number for variant in one.variants]
    numbers += numbers[-2::-1] if back else []
    name = f"{key}.shows"
    track = take.tracks.get(name, ())
    before = [each.value for each in track if each.frame <= frame] or [0.0]
    if not any(each.frame <= take.first for each in track):
        take = put_keys(take, take.first, {name: before[0]}, holding=[name])
    for i, number in enumerate(numbers):
        take = put_keys(take, frame + i * each, {name: shows_value(one, number)}, holding=[name])
    return put_keys(take, frame + len(numbers) * each, {name: before[-1]}, holding=[name])


def spoken(take: Take, puppet: Puppet, key: str, shapes: Sequence[tuple[float, str]]) -> Take:
    """The take in which the variants of a set show at frames, by their names: a list from whoever has the dialogue track.

    Raises RigError for names that the set does not have, naming them.
    """
    one = puppet.sets[key]
    numbers = {variant.name.casefold(): variant.number for variant in one.variants}
    unknown = sorted({name for _, name in shapes if name.casefold() not in numbers})
    if unknown:
        known = ", ".join(variant.name for variant in one.variants)
        raise RigError(
            f"{one.name} has no {', '.join(unknown[:4])}. Its variants are {known}: name them so, or change the list."
        )
    name = f"{key}.shows"
    if not any(frame <= take.first for frame, _ in shapes) and not take.tracks.get(name):
        take = put_keys(take, take.first, {name: 0.0}, holding=[name])
    for frame, shape in shapes:
        take = put_keys(take, frame, {name: shows_value(one, numbers[shape.casefold()])}, holding=[name])
    return take

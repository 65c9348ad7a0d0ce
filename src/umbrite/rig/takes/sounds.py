"""The sound under a take: laid there, moved by frames, trimmed at its ends, marked. Its samples are kept beside the document."""

import itertools
import math
import re
from collections.abc import Iterable, Iterator

from msgspec.structs import replace

from umbrite.rig.errors import RigError
from umbrite.rig.quantities.bounds import LARGEST
from umbrite.rig.takes.take import Sound, Take

LONGEST_SOUND = 600.0  # seconds
MOST_SOUND_BYTES = 100_000_000
MOST_MARKS = 10_000
LEAST_HEARD = 0.01  # seconds of a sound that stay when it is trimmed
SAME_MARK = 0.02  # seconds between two marks
FINGERPRINT = re.compile("[0-9a-f]{64}")


def lay_sound(take: Take, sound: Sound) -> Take:
    """The take with a sound under it, in the place of the one that it has. Refuses one that is too long or empty."""
    if fault := sound_fault(sound):
        raise RigError(f"{sound.name} can't be used: {fault}.")
    return replace(take, sound=sound)


def remove_sound(take: Take) -> Take:
    """The take without its sound. Raises RigError where it has none."""
    sound_of(take)
    return replace(take, sound=None)


def sound_of(take: Take) -> Sound:
    """The sound under a take. Raises RigError where there is none."""
    if take.sound is None:
        raise RigError(f"{take.name} has no sound yet. Add one first.")
    return take.sound


def move_sound(take: Take, frame: float) -> Take:
    """The take whose sound begins at another frame; its marks go along. Raises RigError where there is none, or for no plain number."""
    return lay_sound(take, replace(sound_of(take), at=float(frame)))


def trim_sound(take: Take, *, starts: float | None = None, ends: float | None = None) -> Take:
    """The take whose sound is heard from and to other seconds of it, as far as there is some; what is left stays where it is."""
    sound = sound_of(take)
    first = sound.starts if starts is None else min(max(starts, 0.0), sound.heard_to - LEAST_HEARD)
    last = sound.heard_to if ends is None else max(min(ends, sound.seconds), first + LEAST_HEARD)
    return lay_sound(take, replace(sound, starts=first, ends=None if last >= sound.seconds else last))


def frame_of_second(take: Take, second: float) -> float:
    """The frame of a take at which a second of its sound is heard."""
    return sound_of(take).at + second * take.rate


def second_at(take: Take, frame: float) -> float:
    """The second of its sound that belongs to a frame of a take; it may lie outside of the sound."""
    return (frame - sound_of(take).at) / take.rate


def heard_frames(take: Take) -> tuple[float, float]:
    """The frames between which the sound of a take is heard."""
    sound = sound_of(take)
    return frame_of_second(take, sound.starts), frame_of_second(take, sound.heard_to)


def mark(take: Take, frame: float, *, also_away: bool = True) -> Take:
    """The take with a mark of its sound at a frame; where one is there already, it is taken away, or kept. Refuses places beside the sound."""
    sound, second = sound_of(take), second_at(take, frame)
    if not 0 <= second <= sound.seconds:
        raise RigError(f"{sound.name} is not heard at frame {frame:g}. Mark a place of the sound.")
    left = [each for each in sound.marks if abs(each - second) >= max(SAME_MARK, 0.5 / take.rate)]
    if len(left) < len(sound.marks) and not also_away:
        return take
    if len(left) == len(sound.marks):
        left.append(second)
    return with_marks(take, left)


def with_marks(take: Take, seconds: Iterable[float]) -> Take:
    """The take whose sound has these marks and no others; those that lie beside it are left out."""
    sound = sound_of(take)
    marks = tuple(sorted({float(each) for each in seconds if 0 <= each <= sound.seconds}))
    return lay_sound(take, replace(sound, marks=marks))


def marked_frames(take: Take) -> list[float]:
    """The frames at which the sound of a take has marks; none where there is no sound."""
    return [] if take.sound is None else [frame_of_second(take, second) for second in take.sound.marks]


def sound_fault(sound: Sound | None) -> str | None:
    """What is wrong with a sound, in words; None where nothing is."""
    return None if sound is None else next(_faults(sound), None)


def _faults(sound: Sound) -> Iterator[str]:
    numbers = (sound.seconds, sound.at, sound.starts, sound.heard_to, *sound.marks)
    if not all(math.isfinite(each) and abs(each) < LARGEST for each in numbers):
        yield "a sound has absurd numbers"
    if not FINGERPRINT.fullmatch(sound.sha256):
        yield "a sound has no fingerprint"
    if not 0 < sound.seconds <= LONGEST_SOUND:
        yield f"a sound is empty or longer than {LONGEST_SOUND / 60:.0f} minutes"
    if not 0 <= sound.starts < sound.heard_to <= sound.seconds:
        yield "a sound is trimmed to nothing"
    if len(sound.marks) > MOST_MARKS or any(other <= one for one, other in itertools.pairwise(sound.marks)):
        yield "the marks of a sound are too many, or not in order"

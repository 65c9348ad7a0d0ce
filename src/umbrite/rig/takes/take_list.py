"""The takes of a document: made, copied, named, ordered, timed, removed; and what a document may hold of them."""

import itertools
import math
from collections.abc import Iterator, Mapping

from msgspec.structs import replace

from umbrite.rig.channels import is_channel
from umbrite.rig.errors import RigError, readable
from umbrite.rig.model import Puppet
from umbrite.rig.quantities.bounds import LARGEST
from umbrite.rig.takes.sounds import sound_fault
from umbrite.rig.takes.take import AMOUNT, NEAREST, Take, Track, keyed_channels
from umbrite.rig.takes.take_layers import MOST_LAYERS, each_level
from umbrite.rig.words.names import unique

Takes = tuple[Take, ...]
MOST_FRAMES, MOST_KEYS, MOST_RATE = 1_000_000, 1_000_000, 240.0


def add_take(takes: Takes, name: str, still: Mapping[str, float] | None = None) -> Takes:
    """One more take at the end, under a name that is not taken; with a `still`, all its values are keyed at the first frame."""
    take = Take(unique(readable(name) or "Take", [each.name for each in takes]))
    if still:
        from umbrite.rig.takes.keys import put_keys

        take = put_keys(take, take.first, still)
    return (*takes, take)


def get_take(takes: Takes, name: str) -> Take:
    """A take by its name. Raises RigError with the names there are."""
    for take in takes:
        if take.name == name:
            return take
    known = ", ".join(take.name for take in takes)
    raise RigError(f"There is no take named {name!r}. " + (f"There are: {known}." if known else "There is none yet."))


def put_take(takes: Takes, name: str, take: Take) -> Takes:
    """The takes with another one in the place of one. Raises RigError where there is none of that name."""
    get_take(takes, name)
    return tuple(take if each.name == name else each for each in takes)


def copy_take(takes: Takes, name: str) -> Takes:
    """A copy of a take behind it. Raises RigError where there is none of that name."""
    take = get_take(takes, name)
    at = takes.index(take) + 1
    copied = replace(take, name=unique(f"{name} copy", [each.name for each in takes]))
    return (*takes[:at], copied, *takes[at:])


def rename_take(takes: Takes, name: str, to: str) -> Takes:
    """Give a take another name. Refuses an empty name and one that is taken."""
    to = readable(to)
    if not to:
        raise RigError("A take needs a name; it keeps the one it has.")
    if to != name and any(take.name == to for take in takes):
        raise RigError(f"{to} is the name of another take. Choose a different one.")
    return put_take(takes, name, replace(get_take(takes, name), name=to))


def remove_take(takes: Takes, name: str) -> Takes:
    """The takes without one. Raises RigError where there is none of that name."""
    get_take(takes, name)
    return tuple(take for take in takes if take.name != name)


def set_time(take: Take, *, rate: float | None = None, first: int | None = None, last: int | None = None) -> Take:
    """A take with another rate or other ends. Refuses a rate that nobody can play, and a last frame that is not after the first."""
    made = replace(
        take,
        rate=take.rate if rate is None else float(rate),
        first=take.first if first is None else int(first),
        last=take.last if last is None else int(last),
    )
    if not 1 <= made.rate <= MOST_RATE:
        raise RigError(f"A take runs at 1 to {MOST_RATE:.0f} frames per second. Choose a rate between.")
    if not 1 <= made.last - made.first <= MOST_FRAMES:
        raise RigError("The last frame of a take comes after its first. Move the other end first.")
    return made


def known_takes(takes: Takes, puppet: Puppet) -> Takes:
    """The takes without tracks of things that the puppet does not have; the same objects where it has all."""
    known = {name for take in takes for name in keyed_channels(take) if is_channel(puppet, name)} | {AMOUNT}
    if all(keyed_channels(take) <= known for take in takes):
        return takes

    def only_known(take: Take) -> Take:
        return replace(take, tracks={name: track for name, track in take.tracks.items() if name in known})

    return tuple(take if keyed_channels(take) <= known else each_level(take, only_known) for take in takes)


def take_faults(takes: Takes) -> Iterator[str]:
    """What is wrong with takes, in words: nothing of it can come from edits."""
    layers = [layer.take for take in takes for layer in take.layers]
    yield from (fault for take in takes if (fault := sound_fault(take.sound)))
    if any(layer.sound for layer in layers):
        yield "a layer of a take has a sound of its own"
    if any(layer.layers or layer.walking is not None for layer in layers):
        yield "a layer of a take has layers or a walk of its own"
    for take in takes:
        own = [layer.take.name for layer in take.layers]
        if len(own) > MOST_LAYERS or len(set(own)) < len(own) or "" in own:
            yield f"the layers of the take {take.name} are too many, or two have the same name"
    names = [take.name for take in takes]
    if len(set(names)) < len(names) or "" in names:
        yield "two takes have the same name, or one has none"
    if sum(len(track) for take in (*takes, *layers) for track in take.tracks.values()) > MOST_KEYS:
        yield f"its takes have more than {MOST_KEYS:,} keys"
    for take in (*takes, *layers):
        if not (1 <= take.rate <= MOST_RATE and 1 <= take.last - take.first <= MOST_FRAMES):
            yield f"the take {take.name} has a time that can't be played"
        if abs(take.first) > MOST_FRAMES or not all(map(_is_sound, take.tracks.values())):
            yield f"the take {take.name} has keys that are not in order, or absurd numbers"


def _is_sound(track: Track) -> bool:
    numbers = [number for key in track for number in (key.frame, key.value, key.out, key.into)]
    rising = all(other.frame - one.frame > NEAREST for one, other in itertools.pairwise(track))
    return rising and bool(track) and all(math.isfinite(n) and abs(n) < LARGEST for n in numbers)

"""A guest's own takes beside the host's: laid into a take of the host as keys, in its time and proportions."""

from msgspec.structs import replace

from umbrite.rig.errors import RigError
from umbrite.rig.merging.guests import get_guest, unpacked
from umbrite.rig.merging.rewiring import copied_take
from umbrite.rig.model import Puppet
from umbrite.rig.takes.keys import paste_keys
from umbrite.rig.takes.take import Key, Take, Track
from umbrite.rig.takes.take_list import get_take, take_faults


def lay_in(take: Take, puppet: Puppet, guest: str, name: str, frame: float) -> Take:
    """The take with the keys of a guest's own take from a frame on, as fast as it runs alone. A loop goes round until the take's end.

    Raises MissingError for a guest, RigError for a take that is not there, and for more keys than a take holds.
    """
    one = get_guest(puppet, guest)
    inner = get_take(unpacked(one).takes, name)
    made = copied_take(inner, one.ids, one.scale)
    pace = take.rate / inner.rate
    length = (inner.last - inner.first) * pace
    rounds = max(1, round((take.last - frame) / length)) if inner.loop else 1
    for turn in range(rounds):
        at = frame + turn * length
        clip = {name: _paced(track, inner.first, pace) for name, track in made.tracks.items()}
        take = paste_keys(take, clip, at)
    if fault := next(take_faults((take,)), None):
        raise RigError(f"{name} can't be laid in: {fault}.")
    return replace(take, last=max(take.last, round(frame + length)))


def _paced(track: Track, first: int, pace: float) -> tuple[Key, ...]:
    """Keys counted from the take's first frame, so many times as far apart; free slopes are per frame."""
    return tuple(
        replace(
            key,
            frame=(key.frame - first) * pace,
            **({"out": key.out / pace, "into": key.into / pace} if key.interpolation == "free" else {}),
        )
        for key in track
    )

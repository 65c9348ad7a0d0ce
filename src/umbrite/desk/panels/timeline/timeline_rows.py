"""The rows of the timeline: all keys together, then one for each control and limb, grouped as the body is, those of a guest by themselves, unfolding to channels."""

from collections.abc import Collection, Iterator
from typing import Literal, NamedTuple

import numpy as np
from cachetools import LRUCache
from numpy.typing import NDArray

from umbrite.desk.theme.language import tr
from umbrite.rig.change import exists, thing
from umbrite.rig.channels import channel
from umbrite.rig.control_kinds import traits
from umbrite.rig.ids import owner_of
from umbrite.rig.merging.guests import guest_of
from umbrite.rig.model import Puppet
from umbrite.rig.remembered import bounded
from umbrite.rig.takes.reach import BODY, body_place
from umbrite.rig.takes.take import AMOUNT, Key, Take, Track


class Row(NamedTuple):
    """A row of the timeline: what it is for, and the channels whose keys stand in it. A head has none of its own; a curve shows the
    channels of its thing that are unfolded further, to scale. A layer is folded: one row for all of it, the take itself without a key.
    """

    kind: Literal["sound", "layer", "all", "head", "thing", "channel", "curve"]
    key: str
    label: str
    channels: tuple[str, ...]


def row_words(row: Row) -> str:
    """What stands before a row, in the person's language where it is a word of ours."""
    return tr(row.label) if row.kind in {"head", "all"} or row.key == AMOUNT else row.label


def sound_rows(take: Take | None) -> list[Row]:
    """The sound under a take; none where there is none."""
    return [] if take is None or take.sound is None else [Row("sound", take.sound.sha256, take.sound.name, ())]


def layer_rows(take: Take | None) -> list[Row]:
    """The layers of a take, the topmost first, and the take itself below them; none where nothing is laid over it."""
    if take is None or not take.layers:
        return []
    names = [layer.take.name for layer in reversed(take.layers)]
    return [*(Row("layer", name, name, ()) for name in names), Row("layer", "", take.name, ())]


def _things(puppet: Puppet, take: Take | None) -> Iterator[tuple[str, set[str]]]:
    """What has a row, and the ids whose channels stand in it: controls with what they move, then whatever else is keyed."""
    left = {owner_of(name) for name in take.tracks if name != AMOUNT} if take is not None else set()
    for key, control in puppet.controls.items():
        owners = {key, control.chooses} if traits(control).beside else {key, control.moves}
        owners |= {k for k, limb in puppet.limbs.items() if limb.target == control.moves}
        left -= owners
        yield key, owners
    for key in [*puppet.joints, *puppet.limbs, *puppet.sets, *puppet.parts]:
        if key in left:
            yield key, {key}


def rows_of(puppet: Puppet, take: Take | None, unfolded: Collection[str], drawn: Collection[str] = ()) -> list[Row]:
    """All rows from top to bottom; those of `unfolded` things with their channels below them, and the curves of `drawn` channels."""
    tracks = take.tracks if take is not None else {}
    rows = [Row("all", "", "All keys", tuple(tracks))]
    if AMOUNT in tracks:
        rows.append(Row("channel", AMOUNT, "Amount", (AMOUNT,)))
        rows += [Row("curve", AMOUNT, "", (AMOUNT,))] if AMOUNT in drawn else []
    heads = {place: place for place in BODY} | {key: guest.name for key, guest in puppet.guests.items()}
    by_place: dict[str, list[Row]] = {place: [] for place in heads}
    for key, owners in _things(puppet, take):
        if not exists(puppet, key):
            continue
        channels = tuple(name for name in tracks if owner_of(name) in owners)
        found = by_place[guest_of(puppet, key) or body_place(puppet, key)]
        found.append(Row("thing", key, thing(puppet, key).name, channels))
        if key in unfolded:
            for name in channels:
                kind = channel(name)
                own = owner_of(name) in {key, getattr(thing(puppet, key), "moves", key)}
                word = kind.kind.word if kind is not None else name
                label = word if own else f"{thing(puppet, owner_of(name)).name}: {word}"
                found.append(Row("channel", name, label, (name,)))
            if curves := tuple(name for name in channels if name in drawn):
                found.append(Row("curve", key, "", curves))
    for place, found in by_place.items():
        if found:
            rows += [Row("head", place, heads[place], ()), *found]
    return rows


_keys: LRUCache[tuple[str, tuple[str, ...]], tuple[tuple[Track, ...], list[tuple[float, Key]]]] = bounded(
    2_000, size=lambda _: 1
)


def keys_in(take: Take, row: Row) -> list[tuple[float, Key]]:
    """The frames of a row at which keys stand, with one key of each, by rising frames. Looked up again while its tracks are the same."""
    place = (row.key, row.channels)
    tracks = tuple(take.tracks.get(name, ()) for name in row.channels)
    known = _keys.get(place)
    if (
        known is not None
        and len(known[0]) == len(tracks)
        and all(a is b for a, b in zip(known[0], tracks, strict=True))
    ):
        return known[1]
    found = _merged(row, tracks) if row.kind == "all" else _one_by_one(tracks)
    _keys[place] = (tracks, found)
    return found


def _one_by_one(tracks: tuple[Track, ...]) -> list[tuple[float, Key]]:
    found: dict[float, Key] = {}
    for track in tracks:
        for key in track:
            found.setdefault(key.frame, key)
    return sorted(found.items(), key=lambda item: item[0])


_frames: LRUCache[str, tuple[Track, NDArray[np.float64]]] = bounded(20_000, size=lambda _: 1)


def _merged(row: Row, tracks: tuple[Track, ...]) -> list[tuple[float, Key]]:
    """The same for very many tracks, of which a drag changes one: what is known of the others is used again."""
    arrays = []
    for name, track in zip(row.channels, tracks, strict=True):
        known = _frames.get(name)
        if known is None or known[0] is not track:
            known = _frames[name] = (track, np.array([key.frame for key in track]))
        arrays.append(known[1])
    if not arrays:
        return []
    some = tracks[0][0]
    every = np.sort(np.concatenate(arrays))
    once = every[
        np.diff(every, prepend=every[0] - 1) > 0
    ]  # np.unique would load masked arrays in the middle of a gesture
    return [(frame, some) for frame in once.tolist()]

"""The tape for those who hear it: its rows, and below each the keys that stand in it."""

from collections.abc import Hashable, Iterator

from PySide6.QtCore import QRect, QRectF

from umbrite.desk.panels.timeline.held_words import held_words
from umbrite.desk.panels.timeline.interpolation_menu import WAYS
from umbrite.desk.panels.timeline.key_fields import UNITS
from umbrite.desk.panels.timeline.timeline_layout import TALL, TimelineLayout
from umbrite.desk.panels.timeline.timeline_rows import Row, keys_in, row_words
from umbrite.desk.theme.language import tr
from umbrite.desk.theme.readable import Readable
from umbrite.rig.channels import channel, is_stepped, shown_unit
from umbrite.rig.takes.take import Key, Spot, Take

HALF = 7  # pixels about a key
KINDS = {"sound": "Sound", "layer": "Layer", "all": "Row", "head": "Group", "thing": "Row", "channel": "Value"}


def readable_rows(ground: TimelineLayout) -> list[Readable]:
    """Each row with the number of its keys, then its keys; the keys of all rows together are not told again."""
    take = ground.take
    if take is None:
        return []
    return [told for number, row in enumerate(ground.rows) for told in _row(ground, take, number, row)]


def place_of(ground: TimelineLayout, key: Hashable) -> QRect:
    """The box of a row or a key in pixels of the tape."""
    if not isinstance(key, tuple) or key[0] >= len(ground.rows):
        return QRect()
    box = ground.box_of(key[0])
    if len(key) > 1:
        x = ground.x_of(key[1])
        box = QRectF(x - HALF, box.top(), 2 * HALF, TALL[ground.rows[key[0]].kind])
    return box.toAlignedRect()


def spots_of(ground: TimelineLayout, keys: list[Hashable]) -> frozenset[Spot]:
    """The keys for which such things stand; rows stand for none."""
    found: set[Spot] = set()
    for key in keys:
        if isinstance(key, tuple) and len(key) > 1 and key[0] < len(ground.rows):
            found |= ground.spots(ground.rows[key[0]], key[1])
    return frozenset(found)


def _words_of_way(key: Key) -> str:
    ways = [(words, share) for words, way, share in WAYS if way == key.interpolation]
    return tr(min(ways, key=lambda way: abs(way[1] - key.out))[0] if ways else "Free")


def keys_counted(count: int) -> str:
    """So many keys, in words."""
    return tr("1 key") if count == 1 else tr("{count} keys", count=count)


def _row(ground: TimelineLayout, take: Take, number: int, row: Row) -> Iterator[Readable]:
    if row.kind == "curve":
        return
    name, session = row_words(row), ground.session
    keys = [] if row.kind in {"sound", "layer", "head"} else keys_in(take, row)
    count = keys_counted(len(keys)) if row.kind in {"all", "thing", "channel"} else ""
    yield Readable((number,), name, ", ".join(word for word in (tr(KINDS[row.kind]), count) if word))
    for frame, key in keys if row.kind != "all" else ():
        chosen = not session.timeline.selected.isdisjoint(ground.spots(row, frame))
        words = [_words_of_way(key).lower()]
        if row.kind == "channel":
            words.insert(0, value_words(ground, row.channels[0], key.value))
        yield Readable(
            (number, frame), tr("{name}, frame {frame}", name=name, frame=f"{frame:g}"), ", ".join(words), chosen
        )


def value_words(ground: TimelineLayout, name: str, value: float) -> str:
    """A value of a channel as people read it."""
    puppet, found = ground.session.puppet, channel(name)
    if found is not None and found.kind.what == "shows" and (one := puppet.sets.get(found.owner)) is not None:
        return next((v.name for v in one.variants if v.number == (round(value) or one.rest)), one.variants[0].name)
    if found is None or is_stepped(puppet, name):
        return held_words(puppet, name, value)
    return f"{value * shown_unit(name):.2f}{UNITS.get(found.kind.unit, '')}"

"""Caches for results that are computed again and again from the same values: bounded, least recently used out first, safe across threads.

`remembered` recognises frozen values by identity (tuples of ids by content) and keeps the latest few; `kept_by_content` by what is
equal, within so many bytes. `bounded` is a mapping of that kind for callers that look things up themselves.
"""

from collections.abc import Callable
from functools import wraps
from threading import Lock, RLock
from typing import Any, TypeVar, cast

import numpy as np
from cachetools import LRUCache, cached

Made = Callable[..., Any]
Maker = TypeVar("Maker", bound=Made)
Key = TypeVar("Key")
Item = TypeVar("Item")
# Before and after of an edit, and what a gesture shows in between.
LATEST = 4
SMALL = 200  # bytes counted for a thing besides its arrays


def remembered(make: Maker) -> Maker:
    """A function of frozen values that is asked again and again for the same ones. Whoever gets the result must not change it."""
    return remembered_by(lambda *values: values)(make)


def remembered_by(of: Callable[..., tuple[object, ...]], latest: int = LATEST) -> Callable[[Maker], Maker]:
    """The same for a function that depends only on some of what its arguments hold: that is what `of` gives. So many results are kept."""

    def wrapped(make: Maker) -> Maker:
        # The last used first; exchanged whole, so that readers need no lock.
        known: tuple[tuple[tuple[object, ...], object], ...] = ()
        lock = Lock()

        def put_first(entry: tuple[tuple[object, ...], object]) -> None:
            nonlocal known
            with lock:
                known = (entry, *(each for each in known if each is not entry))[:latest]

        @wraps(make)
        def found(*values: object) -> object:
            asked = of(*values)
            entries = known
            for entry in entries:  # they are held there, so that no other one takes their place in memory
                if all(map(_same, entry[0], asked)):
                    if entry is not entries[0]:
                        put_first(entry)
                    return entry[1]
            result = make(*values)
            put_first((asked, result))
            return result

        return cast("Maker", found)

    return wrapped


def kept_by_content(most: int) -> Callable[[Maker], Maker]:
    """A function of hashable values; its results are kept while they take no more than `most` bytes together."""

    def wrapped(make: Maker) -> Maker:
        return cast("Maker", cached(bounded(most), lock=RLock())(make))

    return wrapped


def bounded(most: int, size: Callable[[Any], int] | None = None) -> LRUCache[Any, Any]:
    """A mapping of limited size in bytes (by default of the arrays it holds). An entry larger than the limit is not kept."""
    return LRUCache(most, getsizeof=size or weight_of)


def weight_of(thing: object) -> int:
    """About how many bytes a thing holds: its arrays, and a little for the rest."""
    if isinstance(thing, np.ndarray):
        return int(thing.nbytes) + SMALL
    if isinstance(thing, bytes):
        return len(thing) + SMALL
    if isinstance(thing, tuple | list):
        return SMALL + sum(map(weight_of, thing))
    return SMALL


def _same(one: object, other: object) -> bool:
    # What stands in a row is quickly compared, for most of it is the very same.
    return one is other or (type(one) is tuple and one == other)

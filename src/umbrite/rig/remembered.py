"""What was made of the last few values, told apart by identity (tuples of ids by content): frozen values need not be looked through
again and again.
"""

from collections.abc import Callable
from functools import wraps
from typing import Any, TypeVar, cast

Made = Callable[..., Any]
Maker = TypeVar("Maker", bound=Made)
# Before and after of an edit, and what a gesture shows in between.
LATEST = 4


def remembered(make: Maker) -> Maker:
    """A function of frozen values that is asked again and again for the same ones. Whoever gets the result must not change it."""
    return remembered_by(lambda *values: values)(make)


def remembered_by(of: Callable[..., tuple[object, ...]]) -> Callable[[Maker], Maker]:
    """The same for a function that depends only on some of what its arguments hold: that is what `of` gives."""

    def wrapped(make: Maker) -> Maker:
        known: list[tuple[tuple[object, ...], object]] = []

        @wraps(make)
        def found(*values: object) -> object:
            asked = of(*values)
            for given, result in known:  # they are held there, so that no other one takes their place in memory
                if all(map(_same, given, asked)):
                    return result
            result = make(*values)
            known.insert(0, (asked, result))
            del known[LATEST:]
            return result

        return cast("Maker", found)

    return wrapped


def _same(one: object, other: object) -> bool:
    # What stands in a row is quickly compared, for most of it is the very same.
    return one is other or (type(one) is tuple and one == other)

"""Older versions of puppet.json, brought up to the present one a version at a time, as plain values and on a copy.

| version | what came with it |
|---|---|
| 1 | puppet and pose side by side |
| 2 | both in the document, where takes can stand beside them; fields that are not known are refused instead of dropped |
"""

from collections.abc import Callable
from typing import Any

Raw = dict[str, Any]
VERSION = 2


def _to_2(raw: Raw) -> Raw:
    document = {field: raw[field] for field in ("puppet", "pose") if field in raw}
    rest = {name: value for name, value in raw.items() if name not in document}
    return {**rest, "version": 2, "document": document}


# From a version to the step that leads to the next.
STEPS: dict[int, Callable[[Raw], Raw]] = {1: _to_2}
OLDEST = min(STEPS)


def migrated(raw: Raw) -> Raw:
    """The same content in the present version. `raw` has a version between OLDEST and VERSION, and is not changed."""
    while raw["version"] < VERSION:
        raw = STEPS[raw["version"]](raw)
    return raw

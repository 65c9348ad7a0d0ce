"""Older versions of puppet.json, brought up to the present one a version at a time, as plain values and on a copy.

| version | what came with it |
|---|---|
| 1 | puppet and pose side by side |
| 2 | both in the document, where takes can stand beside them; fields that are not known are refused instead of dropped |
| 3 | variant sets; choosers name one, where they listed parts of their own |
| 4 | parts that bend: their meshes lie in `mesh/` beside the puppet |
| 5 | guests, whose copies lie in `guests/`, and versions of the work, whose documents lie in `stages/` |
| 6 | joints that are fixed or have a range of sizes; how a shade was made |
| 7 | takes laid over takes; draw order, opacity, visibility, clips, stretch, soften and end holds in poses and takes |
| 8 | responses and shapes |
| 9 | sounds under takes, whose bytes lie in `sounds/` |
"""

from collections.abc import Callable
from copy import deepcopy
from typing import Annotated, Any

import msgspec

Raw = dict[str, Any]
VERSION = 9


class _Named(msgspec.Struct):
    name: str = "Set"


class _OldControl(_Named):
    choices: list[dict[str, Any]] = []


class _OldLink(msgspec.Struct):
    drives: str = ""


class _OldSavedPose(msgspec.Struct):
    channels: dict[str, float] = {}


class _OldKey(msgspec.Struct):
    value: float


class _OldTake(msgspec.Struct):
    tracks: dict[str, list[_OldKey]] = {}


class _OldPuppet(msgspec.Struct):
    next_id: Annotated[int, msgspec.Meta(ge=0, lt=2**53)] = 1
    controls: dict[str, _OldControl] = {}
    sets: dict[str, _Named] = {}
    links: dict[str, _OldLink] = {}
    poses: list[_OldSavedPose] = []


class _OldDocument(msgspec.Struct):
    """What of documents before version 3 is touched here, and of which kind it has to be."""

    puppet: _OldPuppet = msgspec.field(default_factory=_OldPuppet)
    pose: dict[str, float] = {}
    takes: list[_OldTake] = []


def _to_2(raw: Raw) -> Raw:
    document = {field: raw[field] for field in ("puppet", "pose") if field in raw}
    rest = {name: value for name, value in raw.items() if name not in document}
    return {**rest, "version": 2, "document": document}


def _to_3(raw: Raw) -> Raw:
    """Each chooser's choices become a set; what was the number of a choice becomes that of a variant, from 1 on, the first being at rest."""
    document = deepcopy(raw.get("document", {}))
    msgspec.convert(document, _OldDocument)
    puppet = document.get("puppet", {})
    renamed: dict[str, str] = {}
    for key, control in puppet.get("controls", {}).items():
        if not (choices := control.pop("choices", [])):
            continue
        number = puppet.get("next_id", 1)
        made, puppet["next_id"] = f"s{number}", number + 1
        variants = [{**choice, "number": i + 1} for i, choice in enumerate(choices)]
        taken = {one.get("name") for one in puppet.get("sets", {}).values()}
        name = control.get("name", "Set") if control.get("name", "Set") not in taken else made
        puppet.setdefault("sets", {})[made] = {"name": name, "variants": variants, "rest": 1}
        control["chooses"] = made
        renamed[f"{key}.value"] = f"{made}.shows"
    for link in puppet.get("links", {}).values():
        if link.get("drives") in renamed:
            link["drives"] = renamed[link["drives"]]
    for pose in (document.get("pose", {}), *(saved.get("channels", {}) for saved in puppet.get("poses", ()))):
        for name in set(pose) & set(renamed):
            pose[renamed[name]] = _number(pose.pop(name))
    for take in document.get("takes", ()):
        tracks = take.get("tracks", {})
        for name in set(tracks) & set(renamed):
            tracks[renamed[name]] = [{**key, "value": _number(key["value"])} for key in tracks.pop(name)]
    return {**raw, "version": 3, "document": document}


def _number(value: float) -> float:
    """The number of a variant for that of a choice; the one at rest is 0."""
    return float(round(value) + 1) if round(value) > 0 else 0.0


def _only_more(version: int) -> Callable[[Raw], Raw]:
    """The step to a version that knows more kinds of things; nothing is different for what has none of them."""
    return lambda raw: {**raw, "version": version}


# From a version to the step that leads to the next.
STEPS: dict[int, Callable[[Raw], Raw]] = {
    1: _to_2,
    2: _to_3,
    **{version - 1: _only_more(version) for version in range(4, VERSION + 1)},
}
OLDEST = min(STEPS)


def migrated(raw: Raw) -> Raw:
    """The same content in the present version. `raw` has a version between OLDEST and VERSION, and is not changed.

    Raises msgspec.ValidationError where something is of another kind than its version has it.
    """
    while raw["version"] < VERSION:
        raw = STEPS[raw["version"]](raw)
    return raw

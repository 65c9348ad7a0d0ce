"""Pictures on sheets with a list of where they lie: what engines that read neither glTF nor Umbrite build puppets and sprites from.

The list is described in docs/engines.md. Each sheet is a PNG; the list is written last, so that it never names a sheet that is not there.
"""

import json
from collections.abc import Iterable, Sequence
from pathlib import Path
from typing import Any, NamedTuple

from umbrite.art.pictures import Picture, trimmed
from umbrite.art.sheets.packing import LARGEST_SIDE
from umbrite.files.atomic import write
from umbrite.files.engines.sheets import Laid, laid, part_pictures
from umbrite.files.file_errors import FileError, shown_name
from umbrite.files.json_reports import headed, pose_report
from umbrite.files.package import Package
from umbrite.files.png import encode
from umbrite.motion.evaluate import placed_of
from umbrite.rig.takes.take import Take

GAP = 2
Json = dict[str, Any]


class Sheets(NamedTuple):
    """Where an atlas goes: its first sheet (others are numbered after it), its list, the longest side of a sheet, pixels, and whether the
    list is a hash of frames with `meta`, as many engines read it, one for each sheet.
    """

    pictures: Path
    places: Path
    largest: int = LARGEST_SIDE
    hashed: bool = False


class Sprite(NamedTuple):
    """An entry of a hash: its name, its picture's key, where that lies in the whole (left, top), the whole's size, and for how long it shows."""

    name: str
    key: str
    at: tuple[int, int]
    whole: tuple[int, int]
    milliseconds: int | None = None


def write_parts(to: Sheets, package: Package) -> int:
    """The drawings of all parts on sheets, trims cut away; the list tells where each lies and how it is put on the canvas in this pose.

    The number of sheets. Raises FileError and RigError.
    """
    _refuse_endings(to)
    puppet, placed = package.puppet, placed_of(package.document)
    shown = dict(zip(placed.plan.parts, placed.shown[0].tolist(), strict=True))
    report = pose_report(placed)["parts"]
    seen = [key for key in placed.plan.parts if not puppet.parts[key].reference]
    pictures, alike = part_pictures(package, seen)
    found = laid(pictures, GAP, to.largest)
    if to.hashed:
        sizes = {key: (picture.shape[1], picture.shape[0]) for key, picture in pictures.items()}
        _write_hashes(
            to, found, [Sprite(puppet.parts[key].name, alike[key], (0, 0), sizes[alike[key]]) for key in seen]
        )
        return len(found.sheets)
    parts = [
        {
            "name": puppet.parts[key].name,
            "id": key,
            **_box(found, alike[key]),
            "matrix": report[puppet.parts[key].name]["matrix"],
            "opacity": puppet.parts[key].opacity,
            "blend": puppet.parts[key].blend,
            "shown": shown[key],
        }
        for key in seen
    ]
    _write(to, found.sheets, {"canvas": [puppet.width, puppet.height], "parts": parts})
    return len(found.sheets)


def write_frames(to: Sheets, canvas: tuple[int, int], take: Take, frames: Iterable[tuple[float, Picture]]) -> int:
    """Pictures of a take, cut to what is seen and laid on sheets; frames that look alike share one. The number of sheets.

    Raises FileError and RigError.
    """
    _refuse_endings(to)
    alike: dict[bytes, str] = {}
    drawn: dict[str, Picture] = {}
    listed: list[tuple[float, str, int, int]] = []
    for frame, picture in frames:
        cut, left, top = trimmed(picture)
        kind = cut.tobytes() + repr(cut.shape).encode()
        name = alike.setdefault(kind, f"{frame:g}")
        drawn.setdefault(name, cut)
        listed.append((frame, name, left, top))
    found = laid(drawn, GAP, to.largest)
    if to.hashed:
        ends = [round(1000 * i / take.rate) for i in range(len(listed) + 1)]  # so that rounding adds nothing up
        _write_hashes(
            to, found,
            [Sprite(f"{take.name} {i:04d}", name, (left, top), canvas, ends[i + 1] - ends[i]) for i, (_, name, left, top) in enumerate(listed)],
            take.name,
        )  # fmt: skip
        return len(found.sheets)
    places: Json = {
        "canvas": list(canvas),
        "take": take.name,
        "rate": take.rate,
        "loop": take.loop,
        "frames": [
            {"frame": frame, **_box(found, name), "at": [left, top], "seconds": 1 / take.rate}
            for frame, name, left, top in listed
        ],
    }
    _write(to, found.sheets, places)
    return len(found.sheets)


def _box(found: Laid, key: str) -> Json:
    """Where a picture lies, as the list tells it."""
    (rows, columns), spot = found.pictures[key].shape[:2], found.spots[key]
    return {"sheet": spot.sheet, "box": [spot.x, spot.y, columns, rows]}


def _refuse_endings(to: Sheets) -> None:
    if to.pictures.suffix.lower() != ".png":
        raise FileError(f"Sheets are written as .png, not as {shown_name(to.pictures)}.")
    if to.places.suffix.lower() != ".json":
        raise FileError(f"The list of an atlas is written as .json, not as {shown_name(to.places)}.")


def _write(to: Sheets, sheets: Sequence[Picture], places: Json) -> None:
    names = _write_sheets(to, sheets)
    listed = [{"file": path.name, "size": _size(sheet)} for path, sheet in zip(names, sheets, strict=True)]
    _write_list(to.places, headed("atlas", {"sheets": listed, **places}))


def _write_hashes(to: Sheets, found: Laid, sprites: Sequence[Sprite], animation: str = "") -> None:
    """A list for each sheet, named after it; animations stand in the first, with all their frames in order."""
    names = _write_sheets(to, found.sheets)
    lists = [to.places if i == 0 else _numbered(to.places, i) for i in range(len(names))]
    for i, (path, sheet) in enumerate(zip(names, found.sheets, strict=True)):
        wide, tall = _size(sheet)
        meta: Json = {
            "app": "Umbrite", "version": "1.0", "image": path.name, "format": "RGBA8888", "size": {"w": wide, "h": tall}, "scale": "1",
        }  # fmt: skip
        if i == 0 and len(lists) > 1:
            meta["related_multi_packs"] = [each.name for each in lists[1:]]
        whole: Json = {
            "frames": {each.name: _entry(found, each) for each in sprites if found.spots[each.key].sheet == i},
            "meta": meta,
        }
        if i == 0 and animation:
            whole["animations"] = {animation: [each.name for each in sprites]}
        _write_list(lists[i], whole)


def _entry(found: Laid, sprite: Sprite) -> Json:
    x, y, wide, tall = _box(found, sprite.key)["box"]
    entry: Json = {
        "frame": {"x": x, "y": y, "w": wide, "h": tall},
        "rotated": False,
        "trimmed": (wide, tall) != sprite.whole,
        "spriteSourceSize": {"x": sprite.at[0], "y": sprite.at[1], "w": wide, "h": tall},
        "sourceSize": {"w": sprite.whole[0], "h": sprite.whole[1]},
    }
    return entry if sprite.milliseconds is None else {**entry, "duration": sprite.milliseconds}


def _size(sheet: Picture) -> list[int]:
    return [sheet.shape[1], sheet.shape[0]]


def _numbered(path: Path, i: int) -> Path:
    return path.with_stem(f"{path.stem}-{i + 1}")


def _write_sheets(to: Sheets, sheets: Sequence[Picture]) -> list[Path]:
    names = [to.pictures if i == 0 else _numbered(to.pictures, i) for i in range(len(sheets))]
    for path, sheet in zip(names, sheets, strict=True):
        write(path, encode(sheet))
    return names


def _write_list(path: Path, whole: Json) -> None:
    write(path, (json.dumps(whole, indent=1, ensure_ascii=False, allow_nan=False) + "\n").encode())

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
from umbrite.files.json_reports import pose_report
from umbrite.files.package import Package
from umbrite.files.png import encode
from umbrite.motion.evaluate import placed_of
from umbrite.rig.takes.take import Take

GAP = 2
Json = dict[str, Any]


class Sheets(NamedTuple):
    """Where an atlas goes: its first sheet (others are numbered after it), its list, and the longest side of a sheet, pixels."""

    pictures: Path
    places: Path
    largest: int = LARGEST_SIDE


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
    names = [
        to.pictures if i == 0 else to.pictures.with_stem(f"{to.pictures.stem}-{i + 1}") for i in range(len(sheets))
    ]
    for path, sheet in zip(names, sheets, strict=True):
        write(path, encode(sheet))
    whole: Json = {
        "format": "umbrite atlas",
        "version": 1,
        "sheets": [
            {"file": path.name, "size": [sheet.shape[1], sheet.shape[0]]}
            for path, sheet in zip(names, sheets, strict=True)
        ],
        **places,
    }
    write(to.places, (json.dumps(whole, indent=1, ensure_ascii=False, allow_nan=False) + "\n").encode())

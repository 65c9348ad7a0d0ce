"""A take as places of everything per frame, for other programs: JSON and CSV; and read back onto joints by name."""

import csv
import io
import json
import math
import re
from pathlib import Path

import msgspec
import numpy as np
from msgspec.structs import replace

from umbrite.files.atomic import write
from umbrite.files.file_errors import FileError, shown_name
from umbrite.files.files_in import read_file
from umbrite.files.json_reports import VERSION, FrameTold, TransformsTold, headed, pose_report
from umbrite.files.pose_files import COLUMNS
from umbrite.motion.animating.playing import placed_over, swing_at
from umbrite.motion.animating.stepping import channels_over
from umbrite.motion.animating.swinging import swings_of
from umbrite.motion.scene import places_of
from umbrite.rig.affine import svg_matrix
from umbrite.rig.channels import is_stepped
from umbrite.rig.edits.shelf import by_names, from_names
from umbrite.rig.errors import readable
from umbrite.rig.model import Puppet
from umbrite.rig.takes.take import Interpolation, Key, Take
from umbrite.rig.takes.take_list import MOST_FRAMES

LARGEST = 400_000_000  # bytes of a file that is read
LARGEST_LIST = 4_000_000


def export_transforms(path: Path, puppet: Puppet, take: Take, frames: list[float]) -> None:
    """Every joint, part and control in each of these frames. The ending tells the format: .json or .csv. Raises FileError.

    What hangs loose has its swing among the channels of JSON, and is listed as stiff, so that it does not swing twice when it is read.
    """
    ending = path.suffix.lower()
    if ending not in {".json", ".csv"}:
        raise FileError(f"Places per frame are written as .json or .csv, not as {shown_name(path)}.")
    channels = channels_over(take, puppet, frames)
    placed = placed_over(take, puppet, frames)
    if ending == ".csv":
        out = io.StringIO()
        lines = csv.writer(out, lineterminator="\n")
        lines.writerow(["frame", *COLUMNS])
        for i, frame in enumerate(frames):
            for key, joint in puppet.joints.items():
                pivot, turn = placed.pivot(key, i), -math.degrees(placed.turn(key, i)) + 0.0
                matrix = svg_matrix(placed.joint_map(key, i))
                lines.writerow([f"{frame:g}", "joint", joint.name, *matrix, pivot.real, pivot.imag, turn])
            for key, matrix in places_of(placed, i).items():
                lines.writerow([f"{frame:g}", "part", puppet.parts[key].name, *matrix, "", "", ""])
            for control in puppet.controls.values():
                spot = placed.control_at(control, i)
                lines.writerow([f"{frame:g}", "control", control.name, *[""] * 6, spot.real, spot.imag, ""])
        write(path, out.getvalue().encode())
        return
    swings = swings_of(take, puppet)
    for name, by in swing_at(swings, take, frames).items():
        channels = {**channels, name: channels.get(name, np.zeros(len(frames))) + by}
    told: list[FrameTold] = [
        {
            "frame": frame,
            **pose_report(placed, i),
            "channels": by_names(puppet, {name: float(values[i]) for name, values in channels.items()}),
        }
        for i, frame in enumerate(frames)
    ]
    whole: TransformsTold = {
        "take": take.name,
        "rate": take.rate,
        "loop": take.loop,
        "stiff": [puppet.joints[key].name for key in dict.fromkeys((*take.stiff, *swings.offsets))],
        "frames": told,
    }
    write(path, (json.dumps(headed("transforms", whole), ensure_ascii=False, allow_nan=False) + "\n").encode())


class _Frame(msgspec.Struct):
    frame: float
    channels: dict[str, float | str] = {}


class _Transforms(msgspec.Struct):
    format: str
    frames: list[_Frame]
    version: int = VERSION
    rate: float = 24.0
    loop: bool = False
    stiff: list[str] = []


def read_transforms(path: Path, puppet: Puppet, name: str) -> tuple[Take, list[str]]:
    """A take from places per frame, a key at each frame, and the names that the puppet does not have. Raises FileError and RigError."""
    data = read_file(path, LARGEST)
    try:
        found = msgspec.json.decode(data, type=_Transforms)
    except (msgspec.DecodeError, UnicodeDecodeError):
        raise FileError(f"{shown_name(path)} holds no places per frame as Umbrite writes them.") from None
    if found.format != "umbrite-transforms" or not found.frames:
        raise FileError(f"{shown_name(path)} holds no places per frame as Umbrite writes them.")
    if found.version > VERSION:
        raise FileError(f"{shown_name(path)} is of a newer Umbrite than this one. Open it with that.")
    missing: dict[str, None] = {}
    take = Take(
        name,
        min(max(found.rate, 1.0), 240.0),
        math.floor(min(frame.frame for frame in found.frames)),
        math.ceil(max(frame.frame for frame in found.frames)) + int(found.loop),
        found.loop,
    )
    read = []
    for frame in found.frames:
        here, lacking = from_names(puppet, frame.channels)
        missing.update(dict.fromkeys(lacking))
        read.append((frame.frame, here))
    names = dict.fromkeys(name for _, here in read for name in here)
    values = {name: {at: here.get(name, 0.0) for at, here in read} for name in names}
    interpolation: dict[str, Interpolation] = {
        name: "hold" if is_stepped(puppet, name) else "straight" for name in values
    }
    tracks = {
        name: tuple(Key(at, value, interpolation[name]) for at, value in sorted(track.items()))
        for name, track in values.items()
    }
    stiff = tuple(key for key, joint in puppet.joints.items() if joint.name in set(found.stiff))
    return replace(take, tracks=tracks, stiff=stiff), list(missing)


def read_shapes(path: Path) -> list[tuple[float, str]]:
    """Frames and names from a plain list of two columns, by comma, semicolon or tab. Raises FileError, naming the line."""
    data = read_file(path, LARGEST_LIST)
    try:
        lines = data.decode("utf-8-sig").splitlines()
    except ValueError:
        raise FileError(f"{shown_name(path)} can't be read as a list of frames and names.") from None
    found = []
    for number, line in enumerate(lines, start=1):
        words = [word.strip().strip('"') for word in re.split("[,;\t]", line) if word.strip()]
        if not words or (number == 1 and not _is_number(words[0])):
            continue  # an empty line, or the heading
        if len(words) != 2 or not _is_number(words[0]) or abs(float(words[0])) > MOST_FRAMES:
            raise FileError(f"Line {number} of {shown_name(path)} is no frame and name: write them as 12,Open.")
        found.append((float(words[0]), readable(words[1], 60)))
    if not found:
        raise FileError(f"{shown_name(path)} holds no frame and name. Write one a line, as 12,Open.")
    return found


def _is_number(word: str) -> bool:
    try:
        return math.isfinite(float(word))
    except ValueError:
        return False

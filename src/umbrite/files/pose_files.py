"""Where everything is in a pose, as files for other programs: CSV and JSON."""

import csv
import io
import json
import math
from pathlib import Path

from umbrite.files.atomic import write
from umbrite.files.json_reports import headed, pose_report
from umbrite.files.package import Package
from umbrite.motion.evaluate import placed_of
from umbrite.motion.scene import places_of
from umbrite.rig.affine import svg_matrix

COLUMNS = ["kind", "name", "a", "b", "c", "d", "e", "f", "pivot_x", "pivot_y", "turn_degrees", "shown"]


def export_csv(path: Path, package: Package) -> None:
    """A line per joint and part: its map from the board at rest, or from the drawing's pixels, as in SVG, and whether it shows.

    Raises FileError.
    """
    placed, puppet = placed_of(package.document), package.puppet
    out = io.StringIO()
    lines = csv.writer(out, lineterminator="\n")
    lines.writerow(COLUMNS)
    joints = dict(zip(placed.plan.joints, placed.there[0], strict=True))
    parts = dict(zip(placed.plan.parts, placed.shown[0], strict=True))
    for key, joint in puppet.joints.items():
        at = placed.pivot(key)
        turn = -math.degrees(placed.turn(key)) + 0.0  # never -0
        lines.writerow(
            ["joint", joint.name, *svg_matrix(placed.joint_map(key)), at.real, at.imag, turn, int(joints[key])]
        )
    for key, matrix in places_of(placed).items():
        lines.writerow(["part", puppet.parts[key].name, *matrix, "", "", "", int(parts[key])])
    write(path, out.getvalue().encode())


def export_json(path: Path, package: Package) -> None:
    """The pose as `umbrite pose --json` gives it. Raises FileError."""
    text = json.dumps(
        headed("pose", pose_report(placed_of(package.document))), indent=1, ensure_ascii=False, allow_nan=False
    )
    write(path, f"{text}\n".encode())

"""What a workout found, as plain values for scripts, as shots, and as contact sheets of one or many pages."""

import io
import math
from pathlib import Path
from typing import TypedDict

from PIL import Image
from PySide6.QtGui import QGuiApplication, QImage

from umbrite.checking.contact_sheet import Shot, contact_sheet, pose_at
from umbrite.checking.findings_report import FindingTold
from umbrite.checking.sweeps import extremes
from umbrite.checking.workout import Noticed, Report
from umbrite.files.atomic import writing
from umbrite.files.file_errors import FileError
from umbrite.files.package import Package
from umbrite.motion.plan import compile_plan
from umbrite.paint.levels import Pictures
from umbrite.paint.render import png_of
from umbrite.rig.change import thing
from umbrite.rig.model import Puppet

PER_PAGE = 12


FORMATS = {".png": "PNG", ".pdf": "PDF", ".tif": "TIFF", ".tiff": "TIFF"}


class NoticedTold(FindingTold):
    """A finding of the workout: while what was moved, and how far it was."""

    moving: str | None
    frame: float


class RunTold(TypedDict):
    """What one run measured: degrees and board pixels a step."""

    moving: str
    frames: int
    largest_turn: float
    largest_way: float
    frames_at_limits: int
    frames_out_of_reach: int


class WorkoutTold(TypedDict):
    """Everything through its range."""

    findings: list[NoticedTold]
    runs: list[RunTold]


def workout_report(puppet: Puppet, report: Report) -> WorkoutTold:
    """Findings as `check` gives them, with what was moved and how far it was, and what each run measured."""
    return {
        "findings": [
            {
                "code": item.finding.code,
                "severity": item.finding.severity,
                "where": thing(puppet, item.finding.where).name,
                "text": item.finding.text,
                "fix": item.finding.fix,
                "moving": None if item.sweep is None else item.sweep.name(puppet),
                "frame": item.frame,
            }
            for item in report.noticed
        ],
        "runs": [
            {
                "moving": line.name,
                "frames": line.frames,
                "largest_turn": math.degrees(line.largest_turn),
                "largest_way": line.largest_way,
                "frames_at_limits": line.at_limit,
                "frames_out_of_reach": line.unreached,
            }
            for line in report.measured
        ],
    }


def shots_of(puppet: Puppet, report: Report) -> list[Shot]:
    """The worst frames first, marked; then poses far from rest."""
    marked = [shot_of(item) for item in report.noticed if item.sweep is not None]
    return [*marked, *(Shot(pose, words) for words, pose in extremes(puppet))]


def shot_of(item: Noticed) -> Shot:
    pose = {} if item.sweep is None else pose_at(item.sweep.channels, item.frame)
    return Shot(pose, item.finding.text, marked=True, at=item.at)


def sheets_of(package: Package, shots: list[Shot], family: str = "") -> list[QImage]:
    """The pages of a contact sheet."""
    plan, pictures = compile_plan(package.puppet), Pictures(lambda: package.art)
    pages = [shots[i : i + PER_PAGE] for i in range(0, len(shots), PER_PAGE)] or [[]]
    return [contact_sheet(plan, pictures, page, family=family) for page in pages]


def write_sheets(path: Path, package: Package, report: Report) -> None:
    """Write the contact sheet: PDF and TIFF with a page for each twelve pictures, PNG with all below each other."""
    kind = FORMATS.get(path.suffix.lower())
    if kind is None:
        raise FileError(f"A contact sheet can't be written as {path.name}: end it with .png, .pdf or .tiff.")
    app = QGuiApplication.instance() or QGuiApplication(["umbrite", "-platform", "offscreen"])  # fonts need one
    pages = [_pillow(image) for image in sheets_of(package, shots_of(package.puppet, report))]
    del app
    made = io.BytesIO()  # TIFF goes back and forth in what it writes
    if kind == "PNG":
        _below_each_other(pages).save(made, kind)
    else:
        pages[0].save(made, kind, save_all=True, append_images=pages[1:])
    with writing(path) as file:
        file.write(made.getvalue())


def _below_each_other(pages: list[Image.Image]) -> Image.Image:
    whole = Image.new("RGB", (pages[0].width, sum(page.height for page in pages)))
    top = 0
    for page in pages:
        whole.paste(page, (0, top))
        top += page.height
    return whole


def _pillow(image: QImage) -> Image.Image:
    return Image.open(io.BytesIO(png_of(image))).convert("RGB")

"""The command line: the desk, and what can be done without it. Bad input gives one sentence and exit code 2."""

import argparse
import json
import sys
from collections.abc import Sequence
from pathlib import Path
from typing import Any, TextIO

from msgspec.structs import replace

from umbrite import __version__
from umbrite.files.errors import FileError, unwritable
from umbrite.files.opening import NATIVE, open_any
from umbrite.files.package import Package, save, schema
from umbrite.files.png import decode
from umbrite.files.report import findings_report, joints_report, limits_report, pose_report
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.motion.posing import move_control_to
from umbrite.rig.angles import from_shown
from umbrite.rig.errors import RigError, UmbriteError
from umbrite.rig.findings import findings
from umbrite.rig.model import Control, Pose
from umbrite.rig.poses import with_values

COMMANDS = ("pose", "check", "joints", "limits", "convert", "schema")


def main(argv: Sequence[str] | None = None) -> int:
    """Run a command; the exit code."""
    words = list(sys.argv[1:] if argv is None else argv)
    if not words or (words[0] not in COMMANDS and not words[0].startswith("-")):
        from umbrite.desk.app import start

        return start(Path(words[0]) if words else None)
    arguments = _parser().parse_args(words)
    try:
        code: int = arguments.does(arguments)
    except UmbriteError as error:
        print(error, file=sys.stderr)
        return 2
    return code


def _parser() -> argparse.ArgumentParser:
    parser = argparse.ArgumentParser(
        prog="umbrite",
        description="Rig cut-out characters. Without a command: umbrite [FILE] opens the window.",
    )
    parser.add_argument("--version", action="version", version=f"Umbrite {__version__}")
    commands = parser.add_subparsers(metavar="COMMAND")
    pose = commands.add_parser("pose", help="where everything is in a pose, as JSON, and the picture")
    pose.add_argument("file", type=Path, metavar="FILE")
    pose.add_argument("--set", action="append", nargs="+", default=[], metavar="CONTROL=VALUES")
    pose.add_argument("--json", metavar="OUT", help="a file, or - for standard output")
    pose.add_argument("--png", type=Path, metavar="OUT")
    pose.set_defaults(does=_pose)
    check = commands.add_parser("check", help="what the checks notice about a puppet")
    check.add_argument("file", type=Path, metavar="FILE")
    check.add_argument("--json", action="store_true")
    check.set_defaults(does=_check)
    joints = commands.add_parser("joints", help="the pivots and parents that the art suggests")
    joints.add_argument("file", type=Path, metavar="ART_OR_FILE")
    joints.add_argument("--json", action="store_true")
    joints.set_defaults(does=_joints)
    limits = commands.add_parser(
        "limits", help="how far joints turn before a gap, an edge or a wrong bend shows"
    )
    limits.add_argument("file", type=Path, metavar="FILE")
    limits.add_argument("--json", action="store_true")
    limits.set_defaults(does=_limits)
    convert = commands.add_parser("convert", help="layered art or pictures to a puppet, a puppet to PNG")
    convert.add_argument("input", type=Path, metavar="IN")
    convert.add_argument("output", type=Path, metavar="OUT")
    convert.set_defaults(does=_convert)
    commands.add_parser("schema", help="the JSON Schema of the native file").set_defaults(does=_schema)
    return parser


def _pose(arguments: argparse.Namespace) -> int:
    package = open_any(arguments.file)
    plan = compile_plan(package.puppet)
    pose = package.pose
    for setting in [word for words in arguments.set for word in words]:
        pose = _set(package, pose, setting)
    placed = evaluate(plan, pose)
    if arguments.json or not arguments.png:
        _write_json(arguments.json or "-", pose_report(placed))
    if arguments.png:
        from umbrite.paint.render import render_package, write_png

        write_png(arguments.png, render_package(replace(package, pose=pose)))
    return 0


def _set(package: Package, pose: Pose, setting: str) -> Pose:
    """One CONTROL=VALUES: a grip to X,Y on the board, a knob to degrees from rest."""
    name, _, text = setting.partition("=")
    control = next((c for c in package.puppet.controls.values() if c.name == name), None)
    if control is None:
        known = ", ".join(c.name for c in package.puppet.controls.values()) or "none"
        raise RigError(f"There is no control named {name!r} in {package.puppet.name}. It has: {known}.")
    numbers = _numbers(control, text)
    if control.kind == "knob":
        return with_values(pose, {f"{control.moves}.turn": from_shown(numbers[0])})
    placed = evaluate(compile_plan(package.puppet), pose)
    return move_control_to(placed, pose, control, complex(numbers[0], numbers[1]))


def _numbers(control: Control, text: str) -> list[float]:
    wanted = 1 if control.kind == "knob" else 2
    form = "DEGREES" if control.kind == "knob" else "X,Y"
    try:
        numbers = [float(word) for word in text.split(",")]
    except ValueError:
        numbers = []
    if len(numbers) != wanted or not all(abs(number) < 1e7 for number in numbers):
        raise RigError(f"{control.name} is set by {control.name}={form} with plain numbers, not by {text!r}.")
    return numbers


def _check(arguments: argparse.Namespace) -> int:
    puppet = open_any(arguments.file).puppet
    found = findings(puppet)
    if arguments.json:
        _write_json("-", findings_report(puppet, found))
    else:
        for finding in found:
            print(f"{finding.severity}: {finding.text}")
        print(f"{len(found)} findings." if len(found) != 1 else "1 finding.")
    return int(any(finding.severity == "error" for finding in found))


def _joints(arguments: argparse.Namespace) -> int:
    from umbrite.art.joint_finding import find_joints

    package = open_any(arguments.file)
    pictures = {key: decode(data, key) for key, data in package.art.items()}
    found = find_joints(package.puppet, pictures)
    if arguments.json:
        _write_json("-", joints_report(package.puppet, found))
        return 0
    for line in joints_report(package.puppet, found):
        x, y = line["pivot"]
        print(f"{line['part']} on {line['parent']} at {x:.0f}, {y:.0f} ({line['confidence']:.0%} sure)")
    print(f"{len(found)} joints proposed for {len(package.puppet.parts)} parts.")
    return 0


def _limits(arguments: argparse.Namespace) -> int:
    from umbrite.art.joint_limits import find_limits

    package = open_any(arguments.file)
    found = find_limits(package.puppet, {key: decode(data, key) for key, data in package.art.items()})
    lines = limits_report(package.puppet, found)
    if arguments.json:
        _write_json("-", lines)
        return 0
    for line in lines:
        ends = f"{line['smallest']:.1f} ({line['reason_smallest']}) to {line['largest']:.1f} ({line['reason_largest']})"
        print(f"{line['joint']}: {ends}")
    print(f"{len(lines)} joints looked at." if len(lines) != 1 else "1 joint looked at.")
    return 0


def _convert(arguments: argparse.Namespace) -> int:
    package = open_any(arguments.input)
    ending = arguments.output.suffix.lower()
    if ending == ".png":
        from umbrite.paint.render import render_package, write_png

        write_png(arguments.output, render_package(package))
    elif ending == NATIVE:
        from umbrite.paint.render import preview_png

        save(arguments.output, package, preview_png(package))
    else:
        raise FileError(f"Umbrite can't write {arguments.output.name}: end it with {NATIVE} or .png.")
    return 0


def _schema(_arguments: argparse.Namespace) -> int:
    _write_json("-", schema())
    return 0


def _write_json(out: str, value: Any) -> None:
    if out == "-":
        _dump(value, sys.stdout)
        return
    path = Path(out)
    try:
        with path.open("w", encoding="utf-8") as file:
            _dump(value, file)
    except OSError as error:
        raise unwritable(path, error) from None


def _dump(value: Any, file: TextIO) -> None:
    json.dump(value, file, indent=1, ensure_ascii=False)
    file.write("\n")

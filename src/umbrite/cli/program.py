"""The command line: the desk, and what can be done without it. Bad input gives one sentence and exit code 2."""

import argparse
import contextlib
import gc
import os
import signal
import sys
import threading
import warnings
from collections.abc import Iterator, Sequence
from pathlib import Path
from typing import Any

from umbrite import __version__
from umbrite.cli import building, checking, conversion, outputs, sounding, speech, takes
from umbrite.cli.inputs import standard_input
from umbrite.cli.outputs import standard_output
from umbrite.cli.reports import KINDS, PLAN, PUPPET, schema_of, tell_report
from umbrite.cli.speech import say
from umbrite.farm.jobs import StoppedError
from umbrite.files.atomic import write
from umbrite.files.file_errors import FileError, shown_name
from umbrite.files.json_reports import headed, joints_report, limits_report, pose_report, shelf_report
from umbrite.files.opening import open_any
from umbrite.files.package import Package
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.posing_by_name import with_control
from umbrite.rig.channels import known_only
from umbrite.rig.edits.shelf import get_pose
from umbrite.rig.errors import UmbriteError
from umbrite.rig.model import Pose

# What is said where a part of the program is not installed, by the packages that come with it.
MISSING = {
    ("PySide6", "shiboken6", "av"): "What paints is not installed here. Install umbrite[render], or umbrite[desk] for the window.",
    ("pocketsphinx",): "What finds mouths in sounds is not installed here. Install umbrite[sound], or umbrite[desk] for the window.",
    ("pythonosc",): "What talks to devices is not installed here. Install umbrite[desk].",
    ("wasmtime",): "Something bends here, and what paints that is not installed. Install umbrite[bends].",
    ("cv2", "networkx", "psd_tools", "resvg_py", "scipy"): "What reads art, builds, checks and converts is not installed here. Install umbrite[art].",
}  # fmt: skip
STOPPED, ENDED = 130, 143  # what shells say of a program that Ctrl+C, or SIGTERM, has ended
COMMANDS = (
    "pose",
    "poses",
    "joints",
    "limits",
    "thumbnail",
    "schema",
    *checking.COMMANDS,
    *building.COMMANDS,
    *takes.COMMANDS,
    *conversion.COMMANDS,
    *sounding.COMMANDS,
)


def main(argv: Sequence[str] | None = None) -> int:
    """Run a command; the exit code."""
    words = list(sys.argv[1:] if argv is None else argv)
    if (said := _unknown(words)) is not None:
        print(said, file=sys.stderr)
        return 2
    if not words or (
        words[0] not in (*COMMANDS, "help") and (not words[0].startswith("-") or Path(words[0]).is_file())
    ):
        return _window(Path(words[0]) if words else None)
    # A file may be called like an option.
    words = [f"./{word}" if word[:1] == "-" != word and Path(word).is_file() else word for word in words]
    if words[0] == "help":
        words = [*words[1:2], "--help"]
    arguments = parser().parse_args(words)
    speech.Speech.quiet = getattr(arguments, "quiet", False)
    if not sys.warnoptions:
        warnings.simplefilter("ignore")  # what libraries think of a file is for nobody here
    with _told_to_end() as told:
        code = _run(arguments)
    return ENDED if told and code == STOPPED else code


def _run(arguments: argparse.Namespace) -> int:
    try:
        outputs.look_at(arguments)
        with standard_output(arguments), standard_input(arguments):
            code: int = arguments.does(arguments)
        if sys.stdout is not None:
            sys.stdout.flush()
    except UmbriteError as error:
        print(error, file=sys.stderr)
        return STOPPED if isinstance(error, StoppedError) else 2
    except KeyboardInterrupt:
        print("Stopped. What is written is whole; nothing else was changed.", file=sys.stderr)
        return STOPPED
    except ModuleNotFoundError as error:
        return _missing(error)
    except OSError as error:  # all files are written elsewhere, so this is standard output
        return _unheard(error)
    return code


@contextlib.contextmanager
def _told_to_end() -> Iterator[list[int]]:
    """Let SIGTERM end a command in order, as Ctrl+C does: its workers and temporary folders go. What is given is filled when it has come."""
    told: list[int] = []

    def end(number: int, _frame: object) -> None:
        told.append(number)
        raise KeyboardInterrupt

    if threading.current_thread() is not threading.main_thread():
        yield told
        return
    before = signal.signal(signal.SIGTERM, end)
    try:
        yield told
    finally:
        signal.signal(signal.SIGTERM, before)


def _unknown(words: Sequence[str]) -> str | None:
    """What is said of a first word that is neither a command nor a file, or of help for what is no command."""
    first, second = [*words[:2], "", ""][:2]
    if first == "help":
        return speech.unknown(second, COMMANDS) if second and second not in COMMANDS else None
    known = not first or first in COMMANDS or first.startswith("-") or Path(first).exists()
    return None if known else speech.unknown(first, (*COMMANDS, "help"))


def _window(path: Path | None) -> int:
    gc.disable()  # until the window is there
    try:
        from umbrite.desk.app import start
    except ModuleNotFoundError as error:
        return _missing(error)
    return start(path)


def _missing(error: ModuleNotFoundError) -> int:
    """Umbrite was installed without a part of it. Raises the error where it is about something else."""
    package = (error.name or "").partition(".")[0]
    said = next((sentence for packages, sentence in MISSING.items() if package in packages), None)
    if said is None:
        raise error
    print(said, file=sys.stderr)
    return 2


def _unheard(error: OSError) -> int:
    """Standard output is closed or full: nobody listens any more, which is no fault, or not everything was written."""
    with contextlib.suppress(OSError):
        os.dup2(os.open(os.devnull, os.O_WRONLY), 1)  # so that nothing is tried once more at the end
    if isinstance(error, BrokenPipeError):
        return 0
    print(f"The output could not be written to its end: {(error.strerror or str(error)).lower()}.", file=sys.stderr)
    return 2


def parser() -> argparse.ArgumentParser:
    """All commands with all their options; the manual page is made from it."""
    whole = argparse.ArgumentParser(
        prog="umbrite", description="Rig cut-out characters. Without a command: umbrite [FILE] opens the window."
    )
    whole.add_argument("--version", action="version", version=f"Umbrite {__version__}")
    commands = whole.add_subparsers(metavar="COMMAND")
    pose = commands.add_parser("pose", help="where everything is in a pose, as JSON, and the picture")
    pose.add_argument("file", type=Path, metavar="FILE", help="a puppet, or art")
    pose.add_argument(
        "--set",
        action="append",
        nargs="+",
        default=[],
        metavar="CONTROL=VALUES",
        help="a grip to a place X,Y; a knob to degrees; a slider to a value; a set to the name of a variant",
    )
    pose.add_argument("--json", metavar="OUT", help="a file, or - for standard output")
    pose.add_argument("--pose", metavar="NAME", help="a pose of the shelf; Clean is always there")
    pose.add_argument("--take", metavar="NAME", help="the pose of a take, at a frame")
    pose.add_argument(
        "--frame", type=speech.finite, default=0.0, metavar="N", help="of the take; between whole ones too"
    )
    for ending, words in (
        ("png", "the picture"),
        ("svg", "the picture, a part each as a picture in it"),
        ("ora", "the picture in layers, OpenRaster"),
        ("csv", "where every joint and part is"),
    ):
        pose.add_argument(f"--{ending}", type=Path, metavar="OUT", help=f"{words}; - is standard output")
    pose.set_defaults(does=_pose, piped={name: f".{name}" for name in ("png", "svg", "ora", "csv")})
    shelf = commands.add_parser("poses", help="the poses of the shelf")
    shelf.add_argument("file", type=Path, metavar="FILE", help="a puppet")
    shelf.add_argument("--json", action="store_true", help=speech.AS_JSON)
    shelf.set_defaults(does=_poses)
    joints = commands.add_parser("joints", help="the pivots and parents that the art suggests")
    joints.add_argument(
        "file", type=Path, metavar="ART_OR_FILE", help="a layered picture, a folder of pictures, or a puppet"
    )
    joints.add_argument("--json", action="store_true", help=speech.AS_JSON)
    joints.set_defaults(does=_joints)
    limits = commands.add_parser("limits", help="how far joints turn before a gap, an edge or a wrong bend shows")
    limits.add_argument("file", type=Path, metavar="FILE", help="a puppet")
    limits.add_argument("--json", action="store_true", help=speech.AS_JSON)
    limits.set_defaults(does=_limits)
    small = commands.add_parser("thumbnail", help="a small PNG of the puppet alone, as file managers show it")
    small.add_argument("file", type=Path, metavar="FILE", help="a puppet, or art")
    small.add_argument("output", type=Path, metavar="OUT", help="the picture, .png; - is standard output")
    small.add_argument("--size", type=_side, default=256, metavar="N", help="pixels of the longer side, 16 to 2048")
    small.set_defaults(does=_thumbnail, piped={"output": ".png"})
    checking.add_commands(commands)
    building.add_commands(commands)
    takes.add_commands(commands)
    conversion.add_commands(commands)
    sounding.add_commands(commands)
    told = commands.add_parser("schema", help="the JSON Schema of the native file, or of another kind of JSON")
    told.add_argument("kind", nargs="?", default=PUPPET, choices=(PUPPET, PLAN, *KINDS), help="puppet without it")
    told.set_defaults(does=_schema)
    commands.add_parser("help", help="what a command does, with all its options").add_argument(
        "command", nargs="?", metavar="COMMAND", help="the command that is told of"
    )
    for command in (whole, *set(commands.choices.values())):  # before the command or behind it; unset unless it is said
        command.add_argument(
            "--quiet", action="store_true", default=argparse.SUPPRESS,
            help="no sentences and no progress: what was asked for, and errors, alone",
        )  # fmt: skip
    return whole


def _pose(arguments: argparse.Namespace) -> int:
    package = open_any(arguments.file)
    plan = compile_plan(package.puppet)
    pose = package.pose if arguments.pose is None else _saved(package, arguments.pose)
    if arguments.take is not None:
        pose = takes.posed(package, arguments.take, arguments.frame)
    for setting in [word for words in arguments.set for word in words]:
        name, _, text = setting.partition("=")
        pose = with_control(package.puppet, pose, name, text)
    placed = evaluate(plan, pose)
    outs = {ending: out for ending in ("png", "svg", "ora", "csv") if (out := getattr(arguments, ending)) is not None}
    if arguments.json or not outs:
        _write_json(arguments.json or "-", headed("pose", pose_report(placed)))
    if outs:
        from umbrite.paint.export import export_pose

        for ending, out in outs.items():
            outputs.make_way(out)
            export_pose(out, package.having(pose=pose), f".{ending}")
    return 0


def _poses(arguments: argparse.Namespace) -> int:
    found = shelf_report(open_any(arguments.file).puppet)
    if arguments.json:
        tell_report("poses", {"poses": found})
        return 0
    for pose in found:
        say(f"{pose['name']}: {pose['channels']} channels{', in ' + pose['folder'] if pose['folder'] else ''}")
    return 0


def _saved(package: Package, name: str) -> Pose:
    return known_only(get_pose(package.puppet, name).channels, package.puppet)


def _joints(arguments: argparse.Namespace) -> int:
    from umbrite.art.joint_finding import find_joints

    package = open_any(arguments.file)
    pictures = package.pixels()
    found = find_joints(package.puppet, pictures)
    if arguments.json:
        tell_report("joints", {"joints": joints_report(package.puppet, found)})
        return 0
    for line in joints_report(package.puppet, found):
        x, y = line["pivot"]
        say(f"{line['part']} on {line['parent']} at {x:.0f}, {y:.0f} ({line['confidence']:.0%} sure)")
    say(f"{len(found)} joints proposed for {len(package.puppet.parts)} parts.")
    return 0


def _limits(arguments: argparse.Namespace) -> int:
    from umbrite.art.joint_limits import find_limits
    from umbrite.motion.bends.folding import fold_turns

    package = open_any(arguments.file)
    found = find_limits(package.puppet, package.pixels(), folds=fold_turns(package.puppet))
    lines = limits_report(package.puppet, found)
    if arguments.json:
        tell_report("limits", {"limits": lines})
        return 0
    for line in lines:
        ends = f"{line['smallest']:.1f} ({line['reason_smallest']}) to {line['largest']:.1f} ({line['reason_largest']})"
        say(f"{line['joint']}: {ends}")
    say(f"{len(lines)} joints looked at." if len(lines) != 1 else "1 joint looked at.")
    return 0


def _side(text: str) -> int:
    """The longer side of a small picture. A sentence of the parser's where it is none."""
    if not text.isdecimal() or not 16 <= int(text) <= 2048:
        raise argparse.ArgumentTypeError(f"{text} is no size: give a whole number of pixels from 16 to 2048.")
    return int(text)


def _thumbnail(arguments: argparse.Namespace) -> int:
    from umbrite.paint.render import close_png

    if arguments.output.suffix.lower() != ".png":
        raise FileError(f"A small picture is a PNG: end {shown_name(arguments.output)} with .png.")
    write(arguments.output, close_png(open_any(arguments.file), arguments.size))
    return 0


def _schema(arguments: argparse.Namespace) -> int:
    speech.tell_json(schema_of(arguments.kind))
    return 0


def _write_json(out: str, value: Any) -> None:
    if out == "-":
        speech.tell_json(value)
    else:
        outputs.make_way(Path(out))
        write(Path(out), speech.as_json(value).encode())

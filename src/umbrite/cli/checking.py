"""The commands that look at puppets: checks, and the workout."""

import argparse
from pathlib import Path
from typing import Any

import msgspec

from umbrite.cli.many_files import Task, add_hands, each_file, into_folder, puppets_in
from umbrite.cli.reports import tell_reports
from umbrite.cli.speech import AS_JSON, PUPPETS, say
from umbrite.files.atomic import write
from umbrite.files.file_errors import FileError

COMMANDS = ("check", "workout")
SHEETS = (".png", ".pdf", ".tif", ".tiff")


def add_commands(commands: "argparse._SubParsersAction[argparse.ArgumentParser]") -> None:
    """Put these commands beside the others."""
    check = commands.add_parser("check", help="what the checks notice about puppets, or all of a folder")
    check.add_argument("files", type=Path, nargs="+", metavar="FILE", help=PUPPETS)
    check.add_argument("--json", action="store_true", help=AS_JSON)
    add_hands(check)
    check.set_defaults(does=_check)
    tried = commands.add_parser(
        "workout", help="everything through its range, with jumps, gaps and what sits at its limits"
    )
    tried.add_argument("files", type=Path, nargs="+", metavar="FILE", help=PUPPETS)
    tried.add_argument("--json", action="store_true", help=AS_JSON)
    tried.add_argument(
        "--sheet",
        type=Path,
        metavar="OUT",
        help="a contact sheet: .png, .pdf or .tiff; of several files a folder of PDFs",
    )
    add_hands(tried)
    tried.set_defaults(does=_workout)


def _check(arguments: argparse.Namespace) -> int:
    files = puppets_in(arguments.files)
    names, many = files.names, files.many
    report: dict[str, Any] = dict.fromkeys(names)

    def use(number: int, data: bytes) -> int:
        found = msgspec.json.decode(data)
        report[names[number]] = {"findings": found}
        if not arguments.json:
            if many:
                say(f"{names[number]}:")
            _tell(found)
        return _code(found)

    code = each_file(arguments, files, Task("check", "Checking", lambda _: {}), use)
    if arguments.json:
        tell_reports("check", report, many=many)
    return code


def _workout(arguments: argparse.Namespace) -> int:
    """Everything through its range: what was noticed, as text or JSON, and contact sheets."""
    files = puppets_in(arguments.files)
    names, many = files.names, files.many
    sheets = [arguments.sheet]
    ending = "" if arguments.sheet is None else arguments.sheet.suffix.lower()
    if arguments.sheet is not None and many:
        sheets, ending = into_folder(files.paths, arguments.sheet, ".pdf"), ".pdf"
    elif ending and ending not in SHEETS:
        raise FileError(f"A contact sheet can't be written as {arguments.sheet.name}: end it with .png, .pdf or .tiff.")
    report: dict[str, Any] = dict.fromkeys(names)

    def use(number: int, data: bytes) -> int:
        found, sheet = msgspec.msgpack.decode(data)
        report[names[number]] = found
        if sheet:
            write(sheets[number], sheet)
        if not arguments.json:
            if many:
                say(f"{names[number]}:")
            for run in found["runs"]:
                say(
                    f"{run['moving']}: at most {run['largest_turn']:.1f} degrees and {run['largest_way']:.0f} px a step"
                )
            _tell(found["findings"])
        return _code(found["findings"])

    code = each_file(arguments, files, Task("workout", "Workout", lambda _: {"sheet": ending}), use)
    if arguments.json:
        tell_reports("workout", report, many=many)
    return code


def _tell(found: list[dict[str, Any]]) -> None:
    for finding in found:
        say(f"{finding['severity']}: {finding['text']}")
    say(f"{len(found)} findings." if len(found) != 1 else "1 finding.")


def _code(found: list[dict[str, Any]]) -> int:
    return int(any(finding["severity"] == "error" for finding in found))

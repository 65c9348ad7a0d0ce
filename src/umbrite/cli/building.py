"""The command that turns loose art into a rigged puppet by a body plan."""

import argparse
from collections.abc import Mapping
from pathlib import Path
from typing import Any

import msgspec
from msgspec.structs import replace

from umbrite.cli.many_files import Chosen, Task, add_hands, each_file, expanded, into_folder
from umbrite.cli.outputs import make_way
from umbrite.cli.reports import tell_report, tell_reports
from umbrite.cli.speech import AS_JSON, say
from umbrite.files.atomic import write
from umbrite.files.file_errors import FileError, shown_name
from umbrite.files.files_in import read_file
from umbrite.files.formats.format_table import read_as
from umbrite.files.opening import NATIVE, open_any
from umbrite.files.package import save

COMMANDS = ("build", "transfer")
MOST_BYTES = 1_000_000  # of a plan


def add_commands(commands: "argparse._SubParsersAction[argparse.ArgumentParser]") -> None:
    """Put this command beside the others."""
    build = commands.add_parser("build", help="a rigged puppet from loose art, by a body plan")
    build.add_argument(
        "art",
        type=Path,
        nargs="+",
        metavar="ART",
        help="a layered picture, a folder of pictures or of layered pictures, or a puppet",
    )
    build.add_argument("out", type=Path, metavar="OUT", help="the puppet, .umbrite; of several a folder")
    build.add_argument("--plan", metavar="NAME", help="a body plan or the file of one; else the one that fits best")
    build.add_argument("--json", action="store_true", help=AS_JSON)
    add_hands(build)
    build.set_defaults(does=_build, piped={"out": NATIVE})
    transfer = commands.add_parser("transfer", help="the rig of a puppet laid on other art")
    transfer.add_argument("rig", type=Path, metavar="RIG", help="the puppet whose rig it is")
    transfer.add_argument("art", type=Path, metavar="ART", help="a layered picture, a folder of pictures, or a puppet")
    transfer.add_argument("out", type=Path, metavar="OUT", help="the puppet, .umbrite")
    transfer.add_argument("--json", action="store_true", help=AS_JSON)
    transfer.set_defaults(does=_transfer, piped={"out": NATIVE})


def _build(arguments: argparse.Namespace) -> int:
    paths = expanded(arguments.art, _layered_of)
    many = len(arguments.art) > 1 or paths != arguments.art
    files = Chosen(paths, many)
    outs = into_folder(paths, arguments.out, NATIVE) if many else [arguments.out]
    if not many:
        _require_native(arguments.out)
    plan, text = arguments.plan, None
    if plan is not None and plan.lower().endswith(".json"):
        text, plan = read_file(Path(plan), MOST_BYTES).decode("utf-8", "replace"), None
    names = files.names
    reports: dict[str, Any] = dict.fromkeys(names)

    def use(number: int, data: bytes) -> int:
        made, report = msgspec.msgpack.decode(data)
        make_way(outs[number])
        write(outs[number], made)
        reports[names[number]] = report
        if not arguments.json:
            if many:
                say(f"{names[number]}:")
            _tell(report)
        return int(any(finding["severity"] == "error" for finding in report["findings"]))

    options = {"plan": plan, "plan_text": text}
    code = each_file(arguments, files, Task("build", "Building", lambda _: options), use)
    if arguments.json:
        tell_reports("build", reports, many=many)
    return code


def _layered_of(folder: Path) -> list[Path]:
    """The layered pictures of a folder; one of single pictures is art in pieces itself."""
    return [each for each in folder.iterdir() if each.suffix.lower() in read_as("layers")]


def _transfer(arguments: argparse.Namespace) -> int:
    from umbrite.art.building.transfer import lay_rig, pairs_report

    _require_native(arguments.out)
    rig, art = open_any(arguments.rig), open_any(arguments.art)
    laid = lay_rig(rig.document, rig.pixels(), art.puppet, art.pixels())
    save(arguments.out, replace(art, document=laid.document, art={**rig.art, **art.art}))  # guests bring theirs
    report = pairs_report(rig.puppet, art.puppet, laid)
    if arguments.json:
        from umbrite.checking.building_report import findings_told

        tell_report("transfer", {**report, "findings": findings_told(laid.document.puppet)})
        return 0
    for pair in report["pairs"]:
        say(f"  {pair['rig']}: {pair['art']} ({pair['confidence']:.0%} sure)")
    for name in report["riding"]:
        say(f"  {name} rides along.")
    for words in report["notes"]:
        say(f"  {words}")
    say(f"{len(report['pairs'])} pieces have taken the places of the rig's.")
    return 0


def _tell(report: Mapping[str, Any]) -> None:
    say(f"{report['plan']}, looking {report['looks']}.")
    for place in report["places"]:
        say(f"  {place['place']}: {place['part']} ({place['confidence']:.0%} sure)")
    for one in report["riding"]:
        say(f"  {one['part']} rides on {one['on']}.")
    for words in report["notes"]:
        say(f"  {words}")
    for found in report["findings"]:
        say(f"  {found['severity']}: {found['text']}")
    say(f"{len(report['limbs'])} limbs and {len(report['controls'])} controls made.")


def _require_native(path: Path) -> None:
    if path.suffix.lower() != NATIVE:
        raise FileError(f"{shown_name(path)} should end in {NATIVE}. Give it that ending.")

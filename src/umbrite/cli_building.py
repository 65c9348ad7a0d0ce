"""The command that turns loose art into a rigged puppet by a body plan."""

import argparse
import json
from collections.abc import Mapping
from pathlib import Path
from typing import Any

from msgspec.structs import replace

from umbrite.checking.puppet_findings import findings
from umbrite.cli_words import say
from umbrite.files.file_errors import FileError, shown_name
from umbrite.files.opening import NATIVE, open_any
from umbrite.files.package import save
from umbrite.rig.model import Puppet

COMMANDS = ("build", "transfer")
MOST_BYTES = 1_000_000  # of a plan


def add_commands(commands: "argparse._SubParsersAction[argparse.ArgumentParser]") -> None:
    """Put this command beside the others."""
    build = commands.add_parser("build", help="a rigged puppet from loose art, by a body plan")
    build.add_argument(
        "art", type=Path, metavar="ART", help="a layered picture, a folder of pictures, or a puppet"
    )
    build.add_argument("out", type=Path, metavar="OUT", help="the puppet, .umbrite")
    build.add_argument(
        "--plan", metavar="NAME", help="a body plan or the file of one; else the one that fits best"
    )
    build.add_argument("--json", action="store_true")
    build.set_defaults(does=_build)
    transfer = commands.add_parser("transfer", help="the rig of a puppet laid on other art")
    transfer.add_argument("rig", type=Path, metavar="RIG", help="the puppet whose rig it is")
    transfer.add_argument(
        "art", type=Path, metavar="ART", help="a layered picture, a folder of pictures, or a puppet"
    )
    transfer.add_argument("out", type=Path, metavar="OUT", help="the puppet, .umbrite")
    transfer.add_argument("--json", action="store_true")
    transfer.set_defaults(does=_transfer)


def _build(arguments: argparse.Namespace) -> int:
    from umbrite.art.building.body_plan import plan_named, read_plan, shipped_plans
    from umbrite.art.building.placing import fill, pieces_to_place
    from umbrite.art.building.plan_rig import build_rig

    _require_native(arguments.out)
    if arguments.plan is None:
        plans = shipped_plans()
    elif arguments.plan.lower().endswith(".json"):
        plans = (read_plan(_bytes(Path(arguments.plan))),)
    else:
        plans = (plan_named(arguments.plan),)
    package = open_any(arguments.art)
    pictures = package.pixels()
    pieces = pieces_to_place(package.puppet, pictures)
    filled = fill(package.puppet, pieces, plans)[0]
    built = build_rig(package.puppet, pieces, filled, pictures)
    save(arguments.out, replace(package, document=replace(package.document, puppet=built.puppet)))
    report = building_report(package.puppet, filled, built)
    if arguments.json:
        _write_json(report)
    else:
        _tell(report)
    return int(any(finding["severity"] == "error" for finding in report["findings"]))


def _transfer(arguments: argparse.Namespace) -> int:
    from umbrite.art.building.transfer import lay_rig, pairs_report

    _require_native(arguments.out)
    rig, art = open_any(arguments.rig), open_any(arguments.art)
    laid = lay_rig(rig.document, rig.pixels(), art.puppet, art.pixels())
    save(arguments.out, replace(art, document=laid.document))
    report = pairs_report(rig.puppet, art.puppet, laid)
    report["findings"] = _findings(laid.document.puppet)
    if arguments.json:
        _write_json(report)
        return 0
    for pair in report["pairs"]:
        say(f"  {pair['rig']}: {pair['art']} ({pair['confidence']:.0%} sure)")
    for name in report["riding"]:
        say(f"  {name} rides along.")
    for words in report["notes"]:
        say(f"  {words}")
    say(f"{len(report['pairs'])} pieces have taken the places of the rig's.")
    return 0


def building_report(puppet: Puppet, filled: Any, built: Any) -> dict[str, Any]:
    """What was built, by the names that the art came with: places with confidence, what is left over, limbs, controls, findings."""
    from umbrite.art.building.body_plan import places_of

    names = {key: part.name for key, part in puppet.parts.items()}
    made = built.puppet
    return {
        "plan": filled.plan.name,
        "looks": "right" if filled.facing > 0 else "left",
        "places": [
            {"place": place.name, "part": names[filled.pieces[place.name]], "confidence": filled.sure[place.name]}
            for place in places_of(filled.plan) if place.name in filled.pieces
        ],
        "empty": [p.name for p in places_of(filled.plan) if p.name not in filled.pieces],
        "riding": [{"part": names[part], "on": names[on]} for part, on in built.riding],
        "limbs": [made.limbs[key].name for key in built.limbs],
        "controls": [made.controls[key].name for key in built.controls],
        "notes": list(built.told),
        "findings": _findings(made),
    }  # fmt: skip


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


def _write_json(report: Mapping[str, Any]) -> None:
    print(json.dumps(report, indent=2, ensure_ascii=False, allow_nan=False))


def _findings(puppet: Puppet) -> list[dict[str, str]]:
    return [{"severity": found.severity, "text": found.text} for found in findings(puppet)]


def _bytes(path: Path) -> bytes:
    try:
        data = path.read_bytes() if path.stat().st_size <= MOST_BYTES else None
    except OSError as error:
        raise FileError(
            f"{shown_name(path)} can't be read: {error.strerror}. Check the name and the folder."
        ) from None
    if data is None:
        raise FileError(f"{shown_name(path)} is too large for a body plan. Choose another file.")
    return data

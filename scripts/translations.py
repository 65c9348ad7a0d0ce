"""Texts of the window for translators. See each command.

translations.py --collect FILE.ts     put all texts of the program into it; what is translated stays, what is gone goes
translations.py --check FILE.ts       whether it has all texts, and each translation the same names in braces
translations.py --build FILE.ts OUT   the file that Qt loads
"""

import ast
import re
import subprocess
import sys
import sysconfig
import xml.etree.ElementTree as ET
from collections.abc import Iterator
from pathlib import Path

from umbrite.art.building.body_plan import shipped_plans
from umbrite.art.joint_limits import REASONS
from umbrite.checking.finding_codes import CODES, TOGETHER
from umbrite.checking.puppet_findings import STACKED_BOTH_WAYS
from umbrite.checking.workout import NOTHING_SEEN, OPENS_ON_THE_WAY
from umbrite.desk.actions.action_table import ACTIONS, MENUS
from umbrite.desk.board.overlay.control_overlay import GRASPED
from umbrite.desk.board.widgets.found_strip import SHORT
from umbrite.desk.board.widgets.hints import HANDLE_HINTS, PIVOT_HINTS
from umbrite.desk.board.widgets.weight_card import WAYS as WEIGHT_WAYS
from umbrite.desk.commands.naming_commands import KINDS as NAMED
from umbrite.desk.files.import_table import COLUMNS
from umbrite.desk.panels.details.control_section import SHAPES
from umbrite.desk.panels.details.part_section import BLENDS
from umbrite.desk.panels.details.posed.looks_numbers import CLIP_WORDS, SHOWN_WORDS
from umbrite.desk.panels.menu_bar import FAMILIES
from umbrite.desk.panels.shelf.pose_shelf import ACTS
from umbrite.desk.panels.timeline.interpolation_menu import WAYS
from umbrite.desk.panels.timeline.keying_menu import KIND_WORDS, REACHES
from umbrite.desk.panels.timeline.readable_rows import KINDS as ROW_KINDS
from umbrite.desk.panels.timeline.timeline_rows import BODY
from umbrite.desk.session.stations import STATIONS
from umbrite.desk.theme.language import CONTEXT, LANGUAGES, UNREVIEWED
from umbrite.desk.theme.themes import BOARDS, LEFT_AND_RIGHT, SIDE_WORD, THEMES
from umbrite.desk.theme.themes import LABELS as LABELS_OF_PARTS
from umbrite.rig.control_kinds import CONTROL_KINDS

DESK = Path(__file__).parent.parent / "src" / "umbrite" / "desk"
# Functions that translate their first text themselves.
LABELS = {"row", "number", "text", "choice", "button", "NumberField", "TextField", "ChoiceField"}
PLACE = re.compile(r"\{(\w+)")


def texts() -> list[str]:
    """All texts of the window, in the order of their places."""
    found = [
        *(act.text for act in ACTIONS),
        *MENUS,
        *(title for _, _, title in FAMILIES),
        *STATIONS,
        *(tool.hint for station in STATIONS.values() for tool in station.tools),
        *(hint for station in STATIONS.values() for _, hint in station.hints),
        *PIVOT_HINTS.values(),
        *HANDLE_HINTS.values(),
        *(words for words, _, _ in ACTS),
        *REASONS.values(),
        *SHORT.values(),
        *(theme.title for theme in THEMES.values()),
        *BOARDS.values(),
        *LANGUAGES.values(),
        *SIDE_WORD.values(),
        *LEFT_AND_RIGHT.values(),
        *(words for code in CODES.values() for words in (code.text, code.explanation, code.fix or "")),
        *(words for words, _ in TOGETHER.values()),
        *(STACKED_BOTH_WAYS, NOTHING_SEEN, OPENS_ON_THE_WAY, "behind", "in front of", "middle"),
        *(
            "no link follows it",
            "nothing looks at it",
            "it has nothing to choose from",
            "what it turns is locked",
            "its range is empty",
        ),
        *("Error", "Warning", "Hint", "Find joints", "Cover the seam"),
        *COLUMNS,
        *BODY,
        "All keys",
        *(words for words, _, _ in WAYS),
        *(word for word, _ in BLENDS),
        *(word.capitalize() for word in (*LABELS_OF_PARTS, *(shape for _, shape in SHAPES))),
        *(word for traits in CONTROL_KINDS.values() for word in (traits.word, traits.does)),
        *("master", "bone", "carrier", "joint", "near", "far", "right", "left", "Tick all", "Tick none", "None"),
        *(
            "Tape",
            "Family",
            "Diagram",
            "Controls",
            "Library",
            "Versions",
            "Depth",
            "Details",
            "Poses",
            "several",
            "no limit",
        ),
        *(words for words, _ in WEIGHT_WAYS),
        *NAMED.values(),
        *(words for _, words in REACHES),
        *KIND_WORDS.values(),
        *(words for words, _ in (*SHOWN_WORDS, *CLIP_WORDS)),
        *ROW_KINDS.values(),
        *GRASPED.values(),
        *(f"{what} {axis}" for what in ("Place", "Pivot", "Scale") for axis in "xy"),
        *(
            "Amount",
            "Bone",
            "Brush",
            "Size",
            "Strength",
            "Hardness",
            "Find",
            "Replace with, or number as",
            "Number",
            "Swap side",
        ),
        *(
            "Shade across",
            "Shade up",
            "Shade edge",
            "Carrier",
            "Posing",
            "Least",
            "Most",
            "Opacity now",
            "Shown now",
            "Clip now",
        ),
        *("Soften now", "Stretch now", "Slant", "Width", "Height"),
        *(f"{{name}} {where}" for where in ("to the front", "to the back", "forward", "back")),
        *("<b>{name} was moved or removed.</b>", "<b>{name} was changed by another program.</b>"),
        *("{name}: {kind}, click to include", "{name}: {kind}, click to exclude"),
        *("Near", "Far", "Variants", "Move pivots", "Swinging pieces", "Names", "Limbs", "Limits", "Master"),
        *(word for plan in shipped_plans() for word in (plan.name, plan.about, *(row.name for row in plan.rows))),
    ]
    for path in sorted(DESK.rglob("*.py")):
        tree = ast.parse(path.read_text("utf-8"))
        found += _in_code(tree)
        if path.parent.name == "details":
            found += _choices_in(tree)
    return list(dict.fromkeys(text for text in found if re.search("[A-Za-z]{2}", text)))


def _in_code(tree: ast.AST) -> Iterator[str]:
    for node in ast.walk(tree):
        if not isinstance(node, ast.Call) or not node.args:
            continue
        name = getattr(node.func, "attr", getattr(node.func, "id", ""))
        first = node.args[0]
        firsts = [first.body, first.orelse] if isinstance(first, ast.IfExp) else [first]
        for text in firsts if name == "tr" or name in LABELS else ():
            if isinstance(text, ast.Constant) and isinstance(text.value, str):
                yield text.value


def _choices_in(tree: ast.AST) -> Iterator[str]:
    """The words of choices: pairs of a word and a value."""
    for node in ast.walk(tree):
        if isinstance(node, ast.Tuple) and len(node.elts) == 2 and isinstance(node.elts[0], ast.Constant):
            word = node.elts[0].value
            if isinstance(word, str) and word[:1].isupper():
                yield word


def translated(path: Path) -> dict[str, str]:
    """What a file of translations has, by the English text; empty where that is not translated yet."""
    if not path.exists():
        return {}
    tree = ET.parse(path)  # noqa: S314  our own file
    return {message.findtext("source", ""): message.findtext("translation", "") for message in tree.iter("message")}


def collect(path: Path) -> None:
    """Put all texts into the file."""
    known = translated(path)
    root = ET.Element("TS", version="2.1", language=path.stem.rpartition("_")[2], sourcelanguage="en")
    context = ET.SubElement(root, "context")
    ET.SubElement(context, "name").text = CONTEXT
    for text in texts():
        message = ET.SubElement(context, "message")
        ET.SubElement(message, "source").text = text
        translation = ET.SubElement(message, "translation")
        if known.get(text):
            translation.text = known[text]
        else:
            translation.set("type", "unfinished")
    ET.indent(root)
    head = '<?xml version="1.0" encoding="utf-8"?>\n<!DOCTYPE TS>\n'
    if root.get("language") in UNREVIEWED:
        head += "<!-- Not reviewed by a native speaker yet. -->\n"
    path.write_text(head + ET.tostring(root, encoding="unicode") + "\n", "utf-8")


def faults(path: Path) -> Iterator[str]:
    """What is wrong with a file of translations."""
    known = translated(path)
    for text in texts():
        if text not in known:
            yield f"It lacks: {text!r}. Run --collect."
    for text, words in known.items():
        if words and not set(PLACE.findall(words)) <= set(PLACE.findall(text)):
            yield f"{words!r} has names in braces that {text!r} has not."


def build(path: Path, out: Path) -> None:
    """Make of it what Qt loads."""
    tool = Path(sysconfig.get_path("scripts")) / "pyside6-lrelease"
    subprocess.run([str(tool), "-silent", str(path), "-qm", str(out)], check=True)


def main() -> None:
    command, path = sys.argv[1], Path(sys.argv[2])
    if command == "--collect":
        collect(path)
    elif command == "--build":
        build(path, Path(sys.argv[3]))
    else:
        found = list(faults(path))
        sys.exit("\n".join(found) if found else 0)


if __name__ == "__main__":
    main()

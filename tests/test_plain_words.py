"""Words that may not come back where people read: in the window, the guide and the README, each with what is said instead."""

import ast
import html
import re
from functools import cache
from pathlib import Path

import pytest

from umbrite.desk.session.stations import STATIONS

ROOT = Path(__file__).parent.parent
SRC = ROOT / "src" / "umbrite"
# A pattern, and what a colleague would say.
INSTEAD = {
    r"\brub(s|bed)? (it |them )?out\b": "discard", r"\bpencil(s|led)?\b": "propose, proposed", r"\blaid in\b|\blay in\b": "insert",
    r"\bhollow\b": "pending, not set", r"\bloose rows\b": "swinging pieces", r"\bstiff again\b": "stop swinging", r"\bhang loose\b": "swing",
    r"\bhangs? from\b": "is a child of, the parent of", r"\bmake it ours\b": "detach", r"\bwhat was said\b": "messages", r"\bbring all back\b": "remove all",
    r"\bround in time\b": "reverse", r"\bpicked keys\b": "selected keys", r"\bwalk up to\b": "select", r"\bsway meanwhile\b": "sway while painting",
    r"\blooked at through\b": "steers the gaze", r"\bshare of each way\b": "ease length", r"\bthat is looked at\b": "current",
    r"\bkeep this stage\b": "save a version", r"\bgo back to it\b": "restore", r"\bnothing was said\b": "no messages", r"\bat its rate\b": "normal speed",
    r"\bwhomever\b": "anyone", r"\bcan be said to it\b": "all its options", r"\bout with it\b": "export it", r"\bclick to take\b": "click to accept",
    r"\bbring it back\b|\bbrought in\b": "recover, restore, insert", r"\blet it go\b": "discard", r"\bwrite over it\b": "overwrite", r"\bdone again\b": "redone",
    r"\bafter him who\b": "with its wearer", r"\bwith shift alone\b": "with Shift, without children", r"\bso many processes\b": "processes",
    r"\bout into the world\b": "export and scripting", r"\bwords and walls\b": "glossary and architecture", r"\bhas no like\b": "unmatched",
    r"\b(is|are) left out\b": "excluded", r"\binside out\b": "invert", r"\blaid on sheets\b": "fit on sheets", r"\bhang a joint\b|\bhang it\b": "parent",
}  # fmt: skip
LONGEST_HINT = 90  # letters


def told():
    """All that the window says, by the file of its words."""
    text = (SRC / "desk/assets/translations/umbrite_de.ts").read_text("utf-8")
    return [html.unescape(source) for source in re.findall(r"<source>(.*?)</source>", text, re.DOTALL)]


@cache
def refused():
    """What is refused anywhere, as it stands in the code: all texts of errors."""
    found = []
    for path in SRC.rglob("*.py"):
        for node in ast.walk(ast.parse(path.read_text("utf-8"))):
            if isinstance(node, ast.Call) and getattr(node.func, "id", "").endswith("Error"):
                parts = [part for text in node.args for part in ast.walk(text) if isinstance(part, ast.Constant)]
                found.append("".join(part.value for part in parts if isinstance(part.value, str)))
    return found


def pages():
    return [*(SRC / "desk/assets/guide").rglob("*.md"), *(ROOT / "docs").glob("*.md"), ROOT / "README.md"]


@pytest.mark.parametrize("pattern", INSTEAD)
def test_quaint_words_do_not_come_back(pattern):
    words = re.compile(pattern, re.IGNORECASE)
    assert [text for text in (*told(), *refused()) if words.search(text)] == [], INSTEAD[pattern]
    found = [
        f"{page.name}: {line[:90]}"
        for page in pages()
        for line in page.read_text("utf-8").splitlines()
        if words.search(line)
    ]
    assert found == [], INSTEAD[pattern]


def test_a_planted_word_is_found():
    assert re.search(next(iter(INSTEAD)), "Esc rubs them out", re.IGNORECASE)


def test_a_hint_of_a_tool_is_read_at_a_glance():
    hints = [tool.hint for station in STATIONS.values() for tool in station.tools]
    assert [hint for hint in hints if len(hint) > LONGEST_HINT] == []

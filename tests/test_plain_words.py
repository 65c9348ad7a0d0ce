"""Words that may not come back where people read: in the window, the guide and the README, each with what is said instead."""

import html
import re
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
}  # fmt: skip
LONGEST_HINT = 90  # letters


def told():
    """All that the window says, by the file of its words."""
    text = (SRC / "desk/assets/translations/umbrite_de.ts").read_text("utf-8")
    return [html.unescape(source) for source in re.findall(r"<source>(.*?)</source>", text, re.DOTALL)]


def pages():
    return [*(SRC / "desk/assets/guide").rglob("*.md"), ROOT / "README.md"]


@pytest.mark.parametrize("pattern", INSTEAD)
def test_quaint_words_do_not_come_back(pattern):
    words = re.compile(pattern, re.IGNORECASE)
    assert [text for text in told() if words.search(text)] == [], INSTEAD[pattern]
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

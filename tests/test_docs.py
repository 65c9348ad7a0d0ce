"""What the docs say of the command line is so: every command and every option that they name is there; and the walk-throughs can be walked."""

import argparse
import re
import subprocess
import sys
from pathlib import Path

import pytest

from umbrite.cli import COMMANDS, parser
from umbrite.desk.dialogs.guide_pages import PAGES

ROOT = Path(__file__).parent.parent
TOLD = [ROOT / "README.md", *sorted((ROOT / "docs").glob("*.md"))]


def options():
    commands = next(each for each in parser()._actions if isinstance(each, argparse._SubParsersAction))
    return {
        name: {option for action in command._actions for option in action.option_strings}
        for name, command in commands.choices.items()
    }


def lines():
    """Every line of a block of the docs that calls the program."""
    found = []
    for path in TOLD:
        for block in re.findall(r"```\n(.*?)```", path.read_text("utf-8"), re.DOTALL):
            found += [(path.name, line) for line in block.splitlines() if line.startswith("umbrite ")]
    return found


def test_commands_and_options_of_the_docs_are_there():
    known = options()
    assert len(lines()) > 25
    for name, line in lines():
        word = line.split()[1]
        if word.startswith("["):
            continue
        assert word in known, f"{name}: {line}"
        for option in re.findall(r"--[a-z-]+[a-z]", line):
            assert option in known[word], f"{name}: {line}"


def test_every_command_is_told_of():
    told = (ROOT / "docs" / "command-line.md").read_text("utf-8")
    for command in COMMANDS:
        assert f"umbrite {command} " in told, command


@pytest.mark.parametrize("page", ["keys", "findings"])
def test_pages_made_of_tables_are_as_the_tables_are(page, qapp, monkeypatch):
    assert qapp
    monkeypatch.syspath_prepend(str(ROOT / "scripts"))
    import table_pages

    assert getattr(table_pages, f"{page}_page")() == (ROOT / "docs" / f"{page}.md").read_text("utf-8"), "make man"


def test_the_readme_is_read_in_a_minute():
    text = (ROOT / "README.md").read_text("utf-8")
    assert text.count("\n") <= 120
    for place in re.findall(r"\]\(([^)#:]+)[^):]*\)", text):
        assert (ROOT / place).exists(), place


@pytest.mark.long
def test_the_walks_can_be_walked_as_they_are_told(tmp_path):
    words = [sys.executable, str(ROOT / "scripts" / "walks.py"), str(tmp_path)]
    done = subprocess.run(words, capture_output=True, text=True, check=False)
    assert done.returncode == 0, done.stderr
    assert {path.name for path in tmp_path.glob("*.png")} == {path.name for path in (PAGES / "walks").glob("*.png")}

"""The page of the command line, made from its parser. Run as `commands_page.py OUT`."""

import argparse
import sys
from pathlib import Path

from umbrite.cli import parser


def shown(action: argparse.Action) -> str:
    """How one option or value is given."""
    value = action.metavar or (action.dest.upper() if action.nargs != 0 else "")
    value = " ".join(value) if isinstance(value, tuple) else str(value)
    if action.nargs == "+":
        value += " ..."
    if not action.option_strings:
        return f"`{value}`"
    return f"`{action.option_strings[0]}{f' {value}' if value and action.nargs != 0 else ''}`"


def commands_page() -> str:
    """Every command with all that can be said to it, as Markdown."""
    commands = next(each for each in parser()._actions if isinstance(each, argparse._SubParsersAction))
    helps = {each.dest: each.help or "" for each in commands._choices_actions}
    lines = [
        "# The command line",
        "",
        "`umbrite [FILE]` opens the window. Bad input gives one sentence and exit code 2. Places are board pixels, y down; angles degrees, counterclockwise positive. - for one file is standard input where it is read, and standard output where it is written. What is told as JSON says what it is (`format`) and the `version` of that; `umbrite schema KIND` has the JSON Schema.",
    ]
    for name, command in commands.choices.items():
        told = helps.get(name, "").replace("|", "\\|")
        lines += ["", f"## {name}", "", f"{told[:1].upper()}{told[1:]}.", "", "| | |", "|---|---|"]
        for action in command._actions:
            if action.dest != "help":
                words = (action.help or "").replace("%%", "%").replace("|", "\\|")
                lines.append(f"| {shown(action)} | {words} |")
    return "\n".join(lines) + "\n"


if __name__ == "__main__":
    Path(sys.argv[1]).write_text(commands_page(), "utf-8")

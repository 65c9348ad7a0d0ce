"""The manual page of `umbrite`, made from its parser. Run as `man_page.py OUT`."""

import argparse
import sys
from pathlib import Path

from umbrite import __version__
from umbrite.cli import parser


def escaped(text: str) -> str:
    """Text that the formatter takes as it is."""
    plain = text.replace("\\", "\\e").replace("-", "\\-").replace("%%", "%")
    return f"\\&{plain}" if plain.startswith((".", "'")) else plain


def shown(action: argparse.Action) -> str:
    """How one option or value is given."""
    value = action.metavar or (action.dest.upper() if action.nargs != 0 else "")
    value = " ".join(value) if isinstance(value, tuple) else value
    if not action.option_strings:
        return f"\\fI{escaped(str(value))}\\fR"
    names = ", ".join(f"\\fB{escaped(name)}\\fR" for name in action.option_strings)
    return f"{names} \\fI{escaped(str(value))}\\fR" if value and action.nargs != 0 else names


def man_page() -> str:
    """The page as roff: what the program is, and each command with all that can be said to it."""
    whole = parser()
    commands = next(each for each in whole._actions if isinstance(each, argparse._SubParsersAction))
    helps = {each.dest: each.help or "" for each in commands._choices_actions}
    lines = [
        f'.TH UMBRITE 1 "" "Umbrite {__version__}" "User Commands"',
        ".SH NAME",
        "umbrite \\- rig cut\\-out characters",
        ".SH SYNOPSIS",
        ".B umbrite",
        "[\\fIFILE\\fR]",
        ".br",
        ".B umbrite",
        "\\fICOMMAND\\fR [\\fIOPTIONS\\fR]",
        ".SH DESCRIPTION",
        "Without a command the window opens, with a puppet, a layered picture or a folder of pictures where one is named.",
        "Board pixels, y down; degrees, counterclockwise positive. Bad input gives one sentence and exit code 2.",
        ".SH COMMANDS",
    ]
    for name, command in commands.choices.items():
        told = escaped(helps.get(name, ""))
        lines += [".SS " + name, f"{told[:1].upper()}{told[1:]}."]
        for action in command._actions:
            if action.dest != "help":
                lines += [".TP", shown(action), escaped(action.help or "")]
    return "\n".join(line for line in lines if line) + "\n"


if __name__ == "__main__":
    Path(sys.argv[1]).write_text(man_page(), "utf-8")

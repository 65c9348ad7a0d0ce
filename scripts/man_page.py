"""The manual page of `umbrite`, made from its parser. Run as `man_page.py OUT`."""

import argparse
import sys
from pathlib import Path

from umbrite import __version__
from umbrite.cli import parser

REST = {
    "EXIT STATUS": (
        ("0", "All is done."),
        ("1", "The checks found an error, or the program has a fault of its own."),
        ("2", "Bad input: one sentence on standard error says what, why, and what to do."),
        ("130, 143", "Stopped by Ctrl+C, or by SIGTERM; nothing is left half written."),
    ),
    "EXAMPLES": (
        ("umbrite build wick.ora wick.umbrite", "A puppet of layered art, by the body plan that fits."),
        ("umbrite pose wick.umbrite --set 'Near hand=300,420' --png - > wick.png", "A pose as a picture."),
        ("curl ... | umbrite build - - | umbrite convert - - --as glb > wick.glb", "From one command to the next, without a file between."),
        ("umbrite render cast/ films --as webm --workers 2", "All takes of all puppets of a folder."),
        ("umbrite check cast/ --json --quiet", "What the checks notice, for other programs."),
    ),
    "FILES": (
        ("-", "For one file that is read: standard input, whatever it holds. For one that is written: standard output, and no sentences beside it."),
        ("NAME.umbrite~", "What was saved before, or replaced by a command."),
        ("$XDG_CONFIG_HOME/Umbrite", "Preferences, unsaved work after a crash, the library of branches, body plans and scripts of your own."),
        ("$XDG_CACHE_HOME/umbrite/farm", "Pieces of work that was interrupted, for --resume."),
    ),
    "ENVIRONMENT": (
        ("XDG_CONFIG_HOME, XDG_CACHE_HOME", "Where those folders lie; ~/.config and ~/.cache without them."),
        ("QT_QPA_PLATFORM", "How the window is shown; commands that paint need no screen."),
    ),
}  # fmt: skip


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
    for title, entries in REST.items():
        lines.append(f".SH {title}")
        for head, text in entries:
            lines += [".TP", f"\\fB{escaped(head)}\\fR", escaped(text)]
    return "\n".join(line for line in lines if line) + "\n"


if __name__ == "__main__":
    Path(sys.argv[1]).write_text(man_page(), "utf-8")

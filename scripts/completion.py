"""Completion of `umbrite` in bash, made from its parser. Run as `completion.py OUT`."""

import argparse
import sys
from pathlib import Path

from umbrite.cli import parser

HEAD = """\
# Completion of umbrite in bash; made by `make man` from the command line's own parser.
_umbrite() {
    local here=${COMP_WORDS[COMP_CWORD]} command=${COMP_WORDS[1]} options=""
    COMPREPLY=()
    if [ "$COMP_CWORD" -eq 1 ]; then
        COMPREPLY=($(compgen -W "%s --help --version" -- "$here") $(compgen -f -- "$here"))
        return
    fi
    case $command in
"""
TAIL = """\
    esac
    if [[ $here == -* ]]; then
        COMPREPLY=($(compgen -W "$options" -- "$here"))
    elif [ "$command" = help ]; then
        COMPREPLY=($(compgen -W "%s" -- "$here"))
    else
        COMPREPLY=($(compgen -f -- "$here"))
    fi
}
complete -o filenames -F _umbrite umbrite
"""


def completion() -> str:
    """The file that bash reads: commands first, then the options of each, else names of files."""
    whole = parser()
    commands = next(each for each in whole._actions if isinstance(each, argparse._SubParsersAction))
    names = " ".join(commands.choices)
    lines = []
    for name, command in commands.choices.items():
        options = [option for action in command._actions for option in action.option_strings if option.startswith("--")]
        lines.append(f'        {name}) options="{" ".join(options)}" ;;\n')
    return HEAD % names + "".join(lines) + TAIL % names


if __name__ == "__main__":
    Path(sys.argv[1]).write_text(completion(), "utf-8")

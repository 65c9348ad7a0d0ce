"""Completion of `umbrite` in bash, made from its parser. Run as `completion.py OUT`."""

import argparse
import sys
from pathlib import Path

from umbrite.art.building.body_plan import shipped_plans
from umbrite.cli import parser
from umbrite.files.formats.format_table import written_as

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
    case $command:${COMP_WORDS[COMP_CWORD-1]} in
        *:--take) _umbrite_of takes 's/: frames -\\{0,1\\}[0-9].*//p' "$here"; return ;;
        *:--pose) _umbrite_of poses 's/: [0-9]* channels.*//p' "$here"; return ;;
        schema:*) COMPREPLY=($(compgen -W "%s" -- "$here")); return ;;
        *:--plan) _umbrite_lines "%s" "$here"; COMPREPLY+=($(compgen -f -- "$here")); return ;;
        convert:--as) COMPREPLY=($(compgen -W "%s" -- "$here")); return ;;
        render:--as) COMPREPLY=($(compgen -W "%s" -- "$here")); return ;;
    esac
    if [[ $here == -* ]]; then
        COMPREPLY=($(compgen -W "$options" -- "$here"))
    elif [ "$command" = help ]; then
        COMPREPLY=($(compgen -W "%s" -- "$here"))
    else
        COMPREPLY=($(compgen -f -- "$here"))
    fi
}
_umbrite_lines() {  # names, a line each, which may have blanks; never through compgen -W, which would carry out what they say
    local line
    COMPREPLY=()
    while read -r line; do
        [[ -n $line && $line == "$2"* ]] && COMPREPLY+=("$line")
    done <<< "$1"
}
_umbrite_of() {  # what a command tells of the first puppet that is named
    local word
    for word in "${COMP_WORDS[@]:2}"; do
        if [[ $word == *.umbrite && -f $word ]]; then
            _umbrite_lines "$(${COMP_WORDS[0]} "$1" "$word" 2>/dev/null | sed -n "$2")" "$3"
            return
        fi
    done
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
    (told,) = (each for each in commands.choices["schema"]._actions if each.choices)
    kinds = " ".join(told.choices)
    plans = "\n".join(plan.name for plan in shipped_plans())
    poses, films = (
        " ".join(ending[1:] for ending in written_as(*kinds) if ending) for kinds in (("pose", "rig"), ("take",))
    )
    return HEAD % names + "".join(lines) + TAIL % (kinds, plans, poses, films, names)


if __name__ == "__main__":
    Path(sys.argv[1]).write_text(completion(), "utf-8")

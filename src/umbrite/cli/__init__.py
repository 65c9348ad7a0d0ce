"""The command line, a module a subject; `program` is where the program begins. Nothing is loaded before it is used."""

import sys
from collections.abc import Sequence
from typing import TYPE_CHECKING, Any

if TYPE_CHECKING:
    from umbrite.cli.program import COMMANDS, parser

__all__ = ["COMMANDS", "main", "parser"]


def main(argv: Sequence[str] | None = None) -> int:
    """Run a command; the exit code."""
    words = sys.argv[1:] if argv is None else argv
    if list(words) == ["--version"]:
        from umbrite import __version__

        print(f"Umbrite {__version__}")
        return 0
    from umbrite.cli import program

    return program.main(argv)


def __getattr__(name: str) -> Any:
    if name not in __all__:
        raise AttributeError(f"module 'umbrite.cli' has no attribute {name!r}")
    from umbrite.cli import program

    return getattr(program, name)

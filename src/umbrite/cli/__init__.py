"""The command line, a module a subject; `program` is where the program begins."""

from umbrite.cli.program import COMMANDS, main, parser

__all__ = ["COMMANDS", "main", "parser"]

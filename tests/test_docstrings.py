"""The core tells what it does: every public name of it has words, and what raises says so."""

import ast
from pathlib import Path

import umbrite

CORE = ("rig", "motion", "art", "files")


def public(tree):
    """Functions, classes and methods without an underscore; of overloads the one that does the work."""
    homes = [
        tree, *(node for node in tree.body if isinstance(node, ast.ClassDef) and not node.name.startswith("_"))
    ]  # fmt: skip
    for home in homes:
        for node in home.body:
            if isinstance(node, ast.FunctionDef | ast.ClassDef) and not node.name.startswith("_"):
                if isinstance(node, ast.FunctionDef) and any(
                    isinstance(mark, ast.Name) and mark.id == "overload" for mark in node.decorator_list
                ):
                    continue
                yield f"{getattr(home, 'name', '')}.{node.name}", node


def rooms():
    return [path for name in CORE for path in (Path(umbrite.__path__[0]) / name).rglob("*.py")]


def test_every_public_name_of_the_core_has_words():
    bare = [
        f"{path.stem}{name}"
        for path in rooms()
        for name, node in public(ast.parse(path.read_text("utf-8")))
        if not ast.get_docstring(node)
    ]
    assert bare == []


def test_what_raises_says_what_is_refused():
    silent = []
    for path in rooms():
        for name, node in public(ast.parse(path.read_text("utf-8"))):
            raises = any(isinstance(inner, ast.Raise) and inner.exc is not None for inner in ast.walk(node))
            words = ast.get_docstring(node) or ""
            if (
                isinstance(node, ast.FunctionDef)
                and raises
                and not any(w in words for w in ("aise", "efuse", "sentence"))
            ):
                silent.append(f"{path.stem}{name}")
    assert silent == []

"""The session and the board stay small: few public members, and nobody else writes what they own."""

import ast
from pathlib import Path

from umbrite import desk
from umbrite.rig.edits.renaming import rename

OWNED = {
    "history",
    "selection",
    "workspace",
    "timeline",
    "brushing",
    "dangling",
    "drafts",
    "file",
    "checks",
    "station",
    "tool",
    "views",
    "solo",
    "theme",
    "path",
    "keys",
    "now",
}


def test_nobody_else_writes_the_state_of_the_session_or_sends_its_signals():
    """Assignments to `….session.<part>.<owned>`, and `emit` on what belongs to the session, outside of its street."""
    wrong = []
    for path in Path(desk.__path__[0]).rglob("*.py"):
        if path.parent.name == "session":
            continue
        for node in ast.walk(ast.parse(path.read_text("utf-8"))):
            targets = node.targets if isinstance(node, ast.Assign) else []
            written = [ast.unparse(t) for t in targets if isinstance(t, ast.Attribute) and t.attr in OWNED]
            wrong += [f"{path.name}: {text}" for text in written if "session." in text]
            if isinstance(node, ast.Call) and isinstance(node.func, ast.Attribute) and node.func.attr == "emit":
                sent = ast.unparse(node.func.value)
                wrong += [f"{path.name}: {sent}"] if "session." in sent else []
    assert wrong == []


def test_an_edit_is_told_once(wick_window):
    session, told = wick_window.session, []
    session.changed.connect(lambda old, new: told.append((old, new)))
    before, head = session.history.now, next(iter(session.puppet.joints))
    session.edit("Name", puppet=rename(session.puppet, head, "Crown"), pose={f"{head}.turn": 0.1})
    assert told == [(before, session.history.now)]
    session.edit("Nothing", puppet=session.puppet)
    assert [new for _, new in told[1:]] == [session.history.now] * len(told[1:])
    assert session.history.undo_name == "Name"

"""Pages of the site that are made from the program's own tables: all keys and gestures, all findings. Run as `table_pages.py FOLDER`."""

import re
import sys
from pathlib import Path

from PySide6.QtWidgets import QApplication

from umbrite.checking.finding_codes import CODES, RANK, Code
from umbrite.desk.actions.action_table import ACTIONS
from umbrite.desk.panels.findings.finding_pictures import has_picture, picture_of
from umbrite.desk.session.stations import STATIONS
from umbrite.desk.theme.look import dress
from umbrite.desk.theme.themes import THEMES

GRAVE = {"error": "error", "warning": "look at this", "hint": "hint"}
POINTER = """
| gesture | what it does |
|---|---|
| wheel | zooms at the pointer; over a limit's end or a chooser it changes that |
| middle button, or Space and drag | moves the view |
| click | selects what is on top by its real shape; again at the same spot, what lies behind |
| Shift+click | adds to the selection, or removes from it |
| right click | lists what lies there, and what can be done with it |
| Esc | cancels the drag, discards what is proposed, clears the selection |
| Enter | accepts what is proposed |
| Tab | goes through what can be selected; F6 goes to the next panel |
| arrow keys | move by a pixel, with Shift by ten, with Ctrl turn by a degree |
| Space | plays or stops, in Takes |
| number keys | choose a drawing of what is under the pointer |
"""


def cell(text: str) -> str:
    """Words as they stand in a table: braces for what is put in are named."""
    return re.sub(r"\{(\w+)[^}]*\}", lambda found: f"*{found.group(1)}*", text).replace("|", "\\|").replace("\n", " ")


def keys_page() -> str:
    """Every key of the action table, menu by menu, and what drags do at each station."""
    lines = [
        "# Keys and gestures",
        "",
        "Made from the table that menus and tools are made of. Every command is also found by typing: Ctrl+K.",
        "",
        "## Everywhere",
        POINTER,
    ]
    menus = dict.fromkeys(act.menu for act in ACTIONS)
    for menu in menus:
        found = [act for act in ACTIONS if act.menu == menu and act.key]
        if found:
            lines += [
                f"## {menu}",
                "",
                "| key | command |",
                "|---|---|",
                *(f"| {act.key} | {cell(act.text)} |" for act in found),
                "",
            ]
    lines += ["## What a drag does", "", "| station | tool | drag |", "|---|---|---|"]
    for name, station in STATIONS.items():
        lines += [
            f"| {name} | {cell(tool.text)}{f' ({tool.key})' if tool.key else ''} | {cell(tool.hint)} |"
            for tool in station.tools
        ]
    return "\n".join(lines).rstrip() + "\n"


def _row(named: tuple[str, Code]) -> str:
    name, code = named
    picture = f"![how it is, and how it should be](findings/{name}.png)" if has_picture(name) else ""
    told = (GRAVE[code.severity], cell(code.text), cell(code.explanation), picture, cell(code.fix or ""))
    return f"| {' | '.join(told)} |"


def findings_page() -> str:
    """Every finding, the gravest first: what it says, why, and how it is mended."""
    lines = [
        "# Findings", "", "What the checks notice, while you work and with `umbrite check`. Each can be shown, explained, mended where there is a way, or ignored.", "",
        "| | what it says | why, and what to do | how it is, and how it should be | mended by a click |", "|---|---|---|---|---|",
    ]  # fmt: skip
    lines += map(_row, sorted(CODES.items(), key=lambda named: RANK[named[1].severity]))
    return "\n".join(lines) + "\n"


def draw_findings(folder: Path) -> None:
    """The pictures of the page of findings, by day."""
    folder.mkdir(exist_ok=True)
    for code in filter(has_picture, CODES):
        picture_of(code, next(iter(THEMES.values())), 1.5).save(str(folder / f"{code}.png"))


if __name__ == "__main__":
    app = QApplication(sys.argv[:1])
    dress(app)
    folder = Path(sys.argv[1])
    draw_findings(folder / "findings")
    (folder / "keys.md").write_text(keys_page(), "utf-8")
    (folder / "findings.md").write_text(findings_page(), "utf-8")

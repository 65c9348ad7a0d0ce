"""The pages of the guide: stations with their tools and keys, walk-throughs, and what docs/ tells of words, files and the command line.

The site (`make docs`) has the same pages.
"""

import re
from pathlib import Path
from typing import NamedTuple

from umbrite.desk.actions.action import Act
from umbrite.desk.session.stations import STATIONS
from umbrite.desk.theme import look

PAGES = look.ASSETS / "guide"
# Where the program is installed these lie beside its other pages; else where they are written.
DOCS = PAGES / "more" if (PAGES / "more").is_dir() else Path(__file__).parents[4] / "docs"
WALKS = (
    ("A biped by hand", "biped-by-hand"),
    ("Unnamed art", "unnamed-art"),
    ("A take", "a-take"),
    ("A scarf that bends", "a-bendy-scarf"),
)
MORE = (
    ("Command line", "commands"),
    ("From Python", "python"),
    ("For engines", "engines"),
    ("Many machines", "farm"),
    ("File format", "file-format"),
    ("Words", "words"),
)


class Page(NamedTuple):
    """A page by the name that a person sees, under its heading; the name of its file, by which links find it."""

    title: str
    heading: str
    path: Path


def pages() -> list[Page]:
    """All of them, in order."""
    return [
        *(Page(name, "Stations", PAGES / f"{name.lower()}.md") for name in STATIONS),
        *(Page(title, "Walk-throughs", PAGES / "walks" / f"{stem}.md") for title, stem in WALKS),
        *(Page(title, "More", DOCS / f"{stem}.md") for title, stem in MORE),
    ]


def page_of(station: str, actions: tuple[Act, ...]) -> str:
    """A station's page as Markdown, with its tools and their keys."""
    text = (PAGES / f"{station.lower()}.md").read_text("utf-8")
    rows = [f"| {act.text} | {act.key or 'in the menu'} |" for act in actions if act.row == station]
    return text + "\n\n## Tools and keys\n\n| tool | key |\n|---|---|\n" + "\n".join(rows) + "\n"


def text_of(page: Page, actions: tuple[Act, ...]) -> str:
    """A page as Markdown."""
    return page_of(page.title, actions) if page.title in STATIONS else page.path.read_text("utf-8")


def anchor_of(heading: str) -> str:
    """The place in a page to which links go that name a heading, as Markdown's renderers write it."""
    return re.sub(r"[^\w\- ]", "", heading.lower()).strip().replace(" ", "-")

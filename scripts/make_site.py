"""Gathers the pages of the site and has Sphinx build it: `make_site.py FOLDER`. What the program shows as its guide, what docs/ has, and what the parser and the
docstrings tell.
"""

import shutil
import subprocess
import sys
from pathlib import Path

from umbrite.desk.actions.action_table import ACTIONS
from umbrite.desk.dialogs.guide_pages import PAGES, page_of
from umbrite.desk.session.stations import STATIONS
from umbrite.desk.theme.look import ASSETS

ROOT = Path(__file__).parent.parent
REFERENCE = """# Python, name by name

What `import umbrite` gives; [ten examples](python.md) show it at work.

```{eval-rst}
.. automodule:: umbrite.scripting
   :members: open, new, demo_file, Document
```
"""


def gather(source: Path) -> None:
    """All pages with their pictures, as Sphinx wants them."""
    shutil.rmtree(source, ignore_errors=True)
    shutil.copytree(ROOT / "docs" / "site", source)
    for page in (ROOT / "docs").glob("*.md"):
        shutil.copy(page, source)
    shutil.copy(ROOT / "docs" / "architecture.svg", source)
    shutil.copytree(ROOT / "docs" / "findings", source / "findings")
    shutil.copytree(PAGES / "walks", source / "walks")
    stations = source / "stations"
    stations.mkdir()
    for station in STATIONS:
        (stations / f"{station.lower()}.md").write_text(page_of(station, ACTIONS), "utf-8")
        shutil.copy(PAGES / f"{station.lower()}.png", stations)
    (source / "python-reference.md").write_text(REFERENCE, "utf-8")
    for font in ("AlegreyaSans-400.ttf", "AlegreyaSans-700.ttf", "OFL.txt"):
        shutil.copy(ASSETS / "fonts" / font, source / "static")
    shutil.copy(ROOT / "packaging" / "umbrite.svg", source / "static")


def main() -> int:
    """Build the site; any page or place that a link does not find is an error."""
    folder = Path(sys.argv[1])
    gather(folder / "source")
    words = [sys.executable, "-m", "sphinx", "-q", "-W", "--keep-going", "-b", "html", "-d", str(folder / "cache")]
    code = subprocess.run([*words, str(folder / "source"), str(folder / "html")], check=False).returncode
    if code == 0:
        print(folder / "html" / "index.html")
    return code


if __name__ == "__main__":
    sys.exit(main())

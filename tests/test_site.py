"""The site: Sphinx finds nothing to say against its pages, and no link of it leads nowhere."""

import subprocess
import sys
from html.parser import HTMLParser
from pathlib import Path
from urllib.parse import unquote, urlsplit

import pytest

from umbrite.desk.dialogs.guide_pages import MORE, WALKS
from umbrite.desk.session.stations import STATIONS

ROOT = Path(__file__).parent.parent


class Links(HTMLParser):
    """What a page links to, and the places in it to which others can link."""

    def __init__(self):
        super().__init__()
        self.to: list[str] = []
        self.places: set[str] = set()

    def handle_starttag(self, tag, attrs):
        told = dict(attrs)
        if (where := told.get("href" if tag in {"a", "link"} else "src")) is not None:
            self.to.append(where)
        if told.get("id"):
            self.places.add(str(told["id"]))


@pytest.fixture(scope="module")
def site(tmp_path_factory):
    folder = tmp_path_factory.mktemp("site")
    words = [sys.executable, ROOT / "scripts" / "make_site.py", folder]
    done = subprocess.run(words, capture_output=True, text=True, check=False)
    assert done.returncode == 0, done.stdout + done.stderr
    return folder / "html"


def test_no_link_leads_nowhere(site):
    pages = {path: Links() for path in site.rglob("*.html")}
    for path, links in pages.items():
        links.feed(path.read_text("utf-8"))
    counted = 0
    for path, links in pages.items():
        for link in links.to:
            parts = urlsplit(link)
            if parts.scheme or parts.netloc or link.startswith("data:"):
                continue
            target = (path.parent / unquote(parts.path)).resolve() if parts.path else path
            assert target.exists(), f"{path.name}: {link}"
            if parts.fragment and target.suffix == ".html":
                assert unquote(parts.fragment) in pages[target].places, f"{path.name}: {link}"
                counted += 1
    assert counted > 100


def test_the_site_has_every_page_of_the_guide(site):
    for station in STATIONS:
        assert "Tools and keys" in (site / "stations" / f"{station.lower()}.html").read_text("utf-8")
    for _, stem in WALKS:
        assert (site / "walks" / f"{stem}.html").read_text("utf-8").count("<img") >= 2
    for _, stem in MORE:
        assert (site / f"{stem}.html").exists()
    assert "with_art" in (site / "python-reference.html").read_text("utf-8")

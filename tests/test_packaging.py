"""What file managers, menus and software centres read: checked by their own tools, and run as they run it."""

import configparser
import shutil
import subprocess
import sys
from pathlib import Path

import pytest
from defusedxml.ElementTree import parse
from PIL import Image

from demo_puppet import ASSETS
from umbrite import __version__
from umbrite.cli import main
from umbrite.files.package import Package, save
from umbrite.rig.document import Document
from umbrite.rig.model import Puppet

PACKAGING = Path(__file__).parent.parent / "packaging"


@pytest.mark.parametrize(
    "words",
    [
        ["appstreamcli", "validate", "--no-net", "--pedantic", "umbrite.metainfo.xml"],
        ["desktop-file-validate", "umbrite.desktop"],
    ],
)
def test_the_entries_for_menus_and_software_centres_are_valid(words):
    if shutil.which(words[0]) is None:
        pytest.skip(f"{words[0]} is not installed; scripts/system_packages.sh tests installs it")
    done = subprocess.run(words, cwd=PACKAGING, capture_output=True, text=True, check=False)
    assert done.returncode == 0, done.stdout + done.stderr


def test_the_entries_agree_with_each_other_and_with_the_program():
    whole = parse(PACKAGING / "umbrite.metainfo.xml").getroot()
    assert whole.findtext("launchable") == "umbrite.desktop"
    release = whole.find("releases/release")
    assert release is not None
    assert release.get("version") == __version__
    assert f"## {__version__}" in (PACKAGING.parent / "CHANGELOG.md").read_text("utf-8")
    kind = whole.findtext("provides/mediatype")
    assert kind is not None
    for name in ("umbrite.desktop", "umbrite.thumbnailer", "umbrite-mime.xml"):
        assert kind in (PACKAGING / name).read_text("utf-8")
    pictures = whole.findall("screenshots/screenshot/image")
    assert pictures
    for each in pictures:
        shown = PACKAGING.parent / "docs/screenshots" / str(each.text).rpartition("/")[2]
        with Image.open(shown) as picture:
            assert picture.size == (int(each.get("width")), int(each.get("height")))
    menu = configparser.ConfigParser(interpolation=None)
    menu.read(PACKAGING / "umbrite.desktop", "utf-8")
    assert {"genericname[de]", "comment[de]", "keywords[de]"} <= set(menu["Desktop Entry"])


def test_a_file_manager_gets_its_picture(tmp_path):
    entry = configparser.ConfigParser(interpolation=None)
    entry.read(PACKAGING / "umbrite.thumbnailer", "utf-8")
    asked = entry["Thumbnailer Entry"]["Exec"].split()
    out = tmp_path / "out.png"
    values = {"%s": "128", "%i": str(ASSETS / "wick.umbrite"), "%o": str(out)}
    assert set(values) <= set(asked)
    words = [values.get(word, word) for word in asked]
    done = subprocess.run([sys.executable, "-m", *words], cwd=tmp_path, capture_output=True, text=True, check=False)
    assert (done.returncode, done.stdout, done.stderr) == (0, "", "")
    picture = Image.open(out)
    assert max(picture.size) == 128
    colours = picture.convert("RGBA").getcolors(maxcolors=128 * 128)
    assert colours is not None
    assert len(colours) > 500  # a puppet, no flat card
    assert picture.getbbox() == (0, 0, *picture.size)  # and nothing empty around it


@pytest.mark.parametrize("size", ["12", "3000", "many", "-64", "64.5"])
def test_a_wrong_size_is_told(size, tmp_path, capsys):
    with pytest.raises(SystemExit) as gone:
        main(["thumbnail", str(ASSETS / "wick.umbrite"), str(tmp_path / "out.png"), f"--size={size}"])
    assert gone.value.code == 2
    assert f"{size} is no size" in capsys.readouterr().err
    assert not (tmp_path / "out.png").exists()


def test_nothing_to_be_seen_is_a_sentence(tmp_path, capsys):
    empty = tmp_path / "empty.umbrite"
    save(empty, Package(Document(Puppet()), {}))
    assert main(["thumbnail", str(empty), str(tmp_path / "out.png")]) == 2
    assert "nothing here to be seen" in capsys.readouterr().err

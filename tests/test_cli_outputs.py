"""Where commands write: never onto what they read, never two results in one place, and what is replaced stays where it is somebody's work."""

import argparse
import os
import shutil
from pathlib import Path

import pytest

from demo_puppet import ASSETS
from umbrite.cli import main, outputs
from umbrite.cli.program import parser

PICTURES = ASSETS / "wick-pictures"


@pytest.fixture
def here(tmp_path, monkeypatch):
    """A folder with a puppet, art in layers, two pictures and a folder of pictures, which are all that commands are told of."""
    monkeypatch.chdir(tmp_path)
    shutil.copy(ASSETS / "bramble.umbrite", "a.umbrite")
    shutil.copy(ASSETS / "clover.ora", "art.ora")
    picture = min(PICTURES.glob("*.png"))
    Path("dir").mkdir()
    for name in ("a.png", "b.png", "dir/a.png", "dir/b.png"):
        shutil.copy(picture, name)
    os.link("a.umbrite", "same.umbrite")
    Path("link.umbrite").symlink_to("a.umbrite")
    return tmp_path


def everything(folder):
    return {path: path.read_bytes() for path in sorted(folder.rglob("*")) if path.is_file()}


@pytest.mark.parametrize(
    "words",
    [
        "thumbnail a.umbrite a.umbrite", "pose a.umbrite --json a.umbrite", "pose art.ora --ora art.ora",
        "pose a.umbrite --json same.umbrite", "pose a.umbrite --png link.umbrite", "convert a.png a.png",
        "convert dir/a.png dir/b.png dir --as png", "convert dir dir/a.png",
        "convert a.umbrite ./a.umbrite", "convert . . --as umbrite", "build art.ora art.ora", "build a.umbrite a.umbrite",
        "transfer a.umbrite art.ora a.umbrite", "transfer a.umbrite art.ora art.ora", "atlas a.umbrite a.png a.png",
        "atlas a.umbrite a.umbrite a.json", "render a.umbrite --take Shake a.umbrite",
        "transforms a.umbrite --take Shake a.umbrite", "workout a.umbrite --sheet a.umbrite",
        "transforms a.umbrite --from places.json --as Other a.umbrite", "pose a.umbrite --png x.out --svg x.out",
    ],
)  # fmt: skip
def test_nothing_that_is_read_is_written_over(here, capsys, words):
    shutil.copy("a.png", "places.json")
    before = everything(here)
    assert main(words.split()) == 2
    _, err = capsys.readouterr()
    assert err.count("\n") == 1
    assert everything(here) == before, "and no backup was made either"


def test_what_somebody_has_made_stays_beside_what_replaces_it(here, capsys):
    there = {name: Path(name).read_bytes() for name in ("a.umbrite", "art.ora")}
    assert main(["pose", str(ASSETS / "inkpot.umbrite"), "--ora", "art.ora", "--png", "b.png"]) == 0
    assert main(["convert", "a.png", "b.png", "dir", "--as", "png"]) == 0
    assert Path("dir/a.png~").read_bytes() == Path("a.png").read_bytes()
    assert main(["convert", str(ASSETS / "inkpot.umbrite"), "a.umbrite"]) == 0
    capsys.readouterr()
    for name, data in there.items():
        assert Path(f"{name}~").read_bytes() == data
        assert Path(name).read_bytes() != data
    assert not Path("b.png~").exists(), "a picture that is made again and again leaves no copies"
    assert not [path for path in here.iterdir() if path.name.endswith(".saving")]


def test_every_argument_that_names_a_file_is_looked_at():
    commands = next(action for action in parser()._actions if isinstance(action, argparse._SubParsersAction))
    known = {*outputs.READ, *outputs.WRITTEN}
    for name, command in commands.choices.items():
        for action in command._actions:
            names_files = action.type is Path or (action.metavar or "") in {"OUT", "IN"}
            assert not names_files or action.dest in known, f"{name} {action.dest}"


def test_a_dash_is_standard_output(here, capfdbinary):
    for words in ("pose a.umbrite --png -", "thumbnail a.umbrite - --size 32", "thumbnail art.ora -"):
        assert main(words.split()) == 0
        assert capfdbinary.readouterr().out.startswith(b"\x89PNG")
    for words in (
        "convert a.umbrite -",
        "build art.ora -",
        "pose a.umbrite --png - --svg -",
        "render a.umbrite --take Shake -",
    ):
        assert main(words.split()) == 2
        assert capfdbinary.readouterr().err.count(b"\n") == 1
    assert not (here / "-").exists()


@pytest.mark.parametrize(
    "words", [("pose", "--png", "a.svg"), ("pose", "--json", "a.umbrite"), ("thumbnail", "", "a.GIF")]
)
def test_a_name_that_says_another_format_is_refused(tmp_path, capsys, words):
    command, option, name = words
    assert main([command, str(ASSETS / "wick.umbrite"), *([option] if option else []), str(tmp_path / name)]) == 2
    assert "its name says otherwise" in capsys.readouterr().err
    assert not (tmp_path / name).exists()

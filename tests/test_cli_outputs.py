"""Where commands write: never onto what they read, never two results in one place, and what is replaced stays where it is somebody's work."""

import argparse
import io
import json
import os
import shutil
import sys
from importlib.resources import files
from pathlib import Path

import pytest
from jsonschema import Draft202012Validator
from msgspec.structs import replace

from demo_puppet import ASSETS
from umbrite.art import building
from umbrite.cli import main, outputs
from umbrite.cli.program import parser
from umbrite.cli.reports import KINDS
from umbrite.files.package import load, save

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


@pytest.fixture
def piped(capfdbinary, monkeypatch):
    """Runs commands, each sent what the one before wrote; what the last one wrote."""

    def run(*commands, sent=b"", code=0):
        for words in commands:
            monkeypatch.setattr(sys, "stdin", io.TextIOWrapper(io.BytesIO(sent)))
            assert main(words.split()) == code
            sent, err = capfdbinary.readouterr()
            assert err.count(b"\n") == (code and 1)
        return sent if code == 0 else err

    return run


@pytest.mark.usefixtures("here")
def test_a_dash_is_standard_output_and_input(piped):
    layers, puppet = Path("art.ora").read_bytes(), Path("a.umbrite").read_bytes()
    for words in ("pose a.umbrite --png -", "thumbnail - - --size 32", "convert - - --as png"):
        assert piped(words, sent=puppet).startswith(b"\x89PNG")
    assert piped("build - - --plan Biped", "check -", sent=layers) == b"0 findings.\n"
    assert piped("convert - - --as umbrite", "transfer a.umbrite - -", sent=layers).startswith(b"PK")
    again = piped("transforms - --take Shake -", "transforms a.umbrite --from - --as Again -", "takes -", sent=puppet)
    assert b"\nAgain: frames 0 to 40 " in again
    assert piped("render - - --take Shake --frames 0..1 --scale 0.1 --as gif", sent=puppet).startswith(b"GIF")
    assert b"looked at" in piped("limits -", sent=puppet)
    assert not Path("-").exists()


@pytest.mark.usefixtures("here")
@pytest.mark.parametrize(
    ("words", "sent", "said"),
    [
        ("convert a.umbrite -", b"", b"Say with --as"), ("pose a.umbrite --png - --svg -", b"", b"Only one result"),
        ("render a.umbrite --take Shake -", b"", b"Say with --as"), ("build art.ora - --json", b"", b"Only one result"),
        ("convert a.umbrite art.ora - --as png", b"", b"Several results"),
        ("atlas a.umbrite - a.json", b"", b"can't be written to standard output"),
        ("check -", b"", b"Nothing came in"), ("check -", b"Wick", b"no puppet, art or JSON"), ("check - -", b"{}", b"only once"),
        ("joints -", b"\x89PNG and no more", b"standard-input.png"), ("pose -", b"PK and no more", b"no puppet"),
    ],
)  # fmt: skip
def test_what_can_not_be_piped_is_told(piped, words, sent, said):
    assert said in piped(words, sent=sent, code=2)


TOLD = {
    "pose": "pose a.umbrite", "poses": "poses a.umbrite --json", "joints": "joints art.ora --json", "limits": "limits a.umbrite --json",
    "takes": "takes a.umbrite --json", "transforms": "transforms a.umbrite --take Shake -", "check": "check art.ora a.umbrite --json",
    "workout": "workout bare.umbrite --json", "build": "build art.ora out.umbrite --json", "transfer": "transfer a.umbrite art.ora out.umbrite --json",
    "atlas": "atlas a.umbrite out.png out.json",
}  # fmt: skip


def test_all_json_says_what_it_is_and_is_as_its_schema_says(here, piped):
    assert set(TOLD) == set(KINDS)
    few = load(here / "a.umbrite")
    save(here / "bare.umbrite", few.having(puppet=replace(few.puppet, controls={}, sets={}, responses={}), takes=()))
    for kind, words in TOLD.items():
        told = json.loads(piped(words) if kind != "atlas" else (piped(words), Path("out.json").read_bytes())[1])
        schema = Draft202012Validator(json.loads(piped(f"schema {kind}")))
        schema.validate(told)
        assert told["format"] == f"umbrite-{kind}"
        for left_out in told:
            if left_out not in {"take", "rate", "loop", "parts"} or kind != "atlas":
                assert not schema.is_valid({name: value for name, value in told.items() if name != left_out}), left_out
    plan = Draft202012Validator(json.loads(piped("schema plan")))
    for path in files(building).joinpath("plans").iterdir():
        plan.validate(json.loads(path.read_bytes()))


@pytest.mark.parametrize(
    "words", [("pose", "--png", "a.svg"), ("pose", "--json", "a.umbrite"), ("thumbnail", "", "a.GIF")]
)
def test_a_name_that_says_another_format_is_refused(tmp_path, capsys, words):
    command, option, name = words
    assert main([command, str(ASSETS / "wick.umbrite"), *([option] if option else []), str(tmp_path / name)]) == 2
    assert "its name says otherwise" in capsys.readouterr().err
    assert not (tmp_path / name).exists()

"""Commands that take many files and folders: each file is done for itself, and the others go on where one fails."""

import json

import pytest

from demo_puppet import ASSETS
from umbrite.cli import main
from umbrite.files.package import load

WICK, CLOVER = ASSETS / "wick.umbrite", ASSETS / "clover.umbrite"


@pytest.fixture(autouse=True)
def _own_cache(tmp_path, monkeypatch):
    monkeypatch.setenv("XDG_CACHE_HOME", str(tmp_path / "cache"))


def run(capsys, *words):
    code = main([str(word) for word in words])
    out, err = capsys.readouterr()
    return code, out, err


def test_many_files_become_others_in_a_folder(tmp_path, capsys):
    code, out, _ = run(capsys, "convert", WICK, CLOVER, tmp_path / "out", "--as", "csv")
    assert code == 0
    assert "2 files were converted into out." in out
    for path in (WICK, CLOVER):
        assert run(capsys, "convert", path, tmp_path / "one.csv")[0] == 0
        assert (tmp_path / "out" / f"{path.stem}.csv").read_bytes() == (tmp_path / "one.csv").read_bytes()
    assert run(capsys, "convert", ASSETS / "library", tmp_path / "library", "--as", ".svg", "--workers", 2)[0] == 0
    assert len(list((tmp_path / "library").iterdir())) == len(list((ASSETS / "library").glob("*.umbrite")))


def test_a_puppet_that_is_written_over_stays_as_a_backup(tmp_path, capsys):
    out = tmp_path / "it.umbrite"
    for command in ("convert", "build"):
        out.write_bytes(b"what was there")
        assert run(capsys, command, ASSETS / "wick.ora", out)[0] == 0
        assert (tmp_path / "it.umbrite~").read_bytes() == b"what was there"
        assert load(out).puppet.parts


def test_puppets_are_built_from_many_arts(tmp_path, capsys):
    code, out, _ = run(capsys, "build", ASSETS / "wick.ora", ASSETS / "wick-pictures", tmp_path / "built")
    assert code == 0
    assert "wick.ora:" in out
    for name in ("wick", "wick-pictures"):
        assert len(load(tmp_path / "built" / f"{name}.umbrite").puppet.limbs) == 4
    code, out, _ = run(capsys, "build", ASSETS / "wick.ora", tmp_path / "one.umbrite", "--json")
    assert json.loads(out)["plan"] == "Biped"
    assert load(tmp_path / "one.umbrite").puppet == load(tmp_path / "built" / "wick.umbrite").puppet


def test_takes_of_many_puppets_are_painted(tmp_path, capsys):
    words = ("--scale", 0.1, "--frames", "0..2")
    code, out, _ = run(capsys, "render", WICK, CLOVER, tmp_path / "films", "--as", "gif", *words)
    assert code == 0
    assert sorted(path.name for path in (tmp_path / "films").iterdir()) == [
        f"{name}-{take}.gif"
        for name in ("clover", "wick")
        for take in ("Call", "Idle", "Lamp up", "Look round", "Walk")
    ]
    assert out.count("3 frames of") == 10
    assert run(capsys, "render", WICK, "--take", "Walk", tmp_path / "walk.gif", *words)[0] == 0
    assert (tmp_path / "walk.gif").read_bytes() == (tmp_path / "films" / "wick-Walk.gif").read_bytes()


def test_what_many_files_cannot_become_is_said(tmp_path, capsys):
    copy = tmp_path / "copy"
    copy.mkdir()
    (copy / "wick.umbrite").write_bytes(WICK.read_bytes())
    taken = tmp_path / "taken"
    taken.write_text("a file")
    for words, said in (
        (["convert", WICK, CLOVER, tmp_path / "x"], "say what with --as"),
        (["convert", WICK, CLOVER, tmp_path / "x", "--as", "doc"], "Umbrite can't write it.doc"),
        (["convert", WICK, copy / "wick.umbrite", tmp_path / "x", "--as", "csv"], "would both become wick.csv"),
        (["convert", WICK, CLOVER, taken, "--as", "csv"], "taken is a file"),
        (["render", WICK, tmp_path / "x.gif"], "Name the take"),
        (["render", WICK, copy / "wick.umbrite", tmp_path / "x"], "Two takes would both become"),
        (["render", WICK, CLOVER, tmp_path / "x", "--as", "avi"], "can't write"),
        (["render", WICK, "--take", "Fly", tmp_path / "x.gif"], "no take"),
        (["check", tmp_path / "cache"], "isn't there"),
        (["check", copy.parent / "taken"], "taken"),
    ):
        code, _, err = run(capsys, *words)
        assert code == 2, words
        assert said in err, (words, err)
        assert err.count("\n") == 1
    for wrong in ("0", "many", "1000"):
        with pytest.raises(SystemExit) as left:
            main(["check", str(WICK), "--workers", wrong])
        assert left.value.code == 2
        assert "is no number of workers" in capsys.readouterr().err
